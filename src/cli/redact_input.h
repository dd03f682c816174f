// The pictures redact works on, and the covers named on its command line.
#pragma once

#include "pipeline/case_work.h"

#include <optional>
#include <QImage>
#include <QStringList>
#include <vector>

namespace eyelid {

// One picture of an input: a file's only one, or one of its pages.
struct InputPicture {
    qsizetype input = 0;
    int page = 0, pages = 1;
    QString digest; ///< of the input's bytes, as they were when they were first read
    QString name;   ///< of the file to be written, without its ending
    QString trouble;
    std::optional<Error> wrong;  ///< with what was asked for: nothing is written then
    Capture capture;             ///< all that is known of it is covered
    std::vector<Finding> hidden; ///< what was found under the covers named, where nothing was to be looked for
    CheckedPicture checked, small;
};

/// A picture for each file, or for each of its pages; one that cannot be opened has its trouble.
std::vector<InputPicture> inputPicturesOf(const QStringList& files);

/// Files are opened again for each pass, so that memory does not grow with their number. Errors: NotReadable, also
/// where the file is no longer what it was.
Result<QImage> openedAgain(const InputPicture& input, const QString& file);

/// `areas`, in device pixels, cut to the picture of `file`. An error where one lies beside it.
std::optional<Error> placeCovers(const std::vector<QRect>& areas, const CoverLook& look, const QString& file,
                                 Capture& capture);

} // namespace eyelid
