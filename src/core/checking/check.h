// Takes the bytes of a finished picture apart, reads and searches them: what can still be seen there that must not
// leave.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "editing/item.h"
#include "finding/finder.h"
#include "finding/finding.h"
#include "picture/encoders.h"
#include "reading/reader.h"

#include <memory>
#include <optional>
#include <QByteArray>
#include <QImage>
#include <vector>

namespace eyelid {

/// One thing wrong with a file.
struct Leak {
    enum class Sort {
        Structure,    ///< not a whole picture file, or not the picture it should be
        Extra,        ///< metadata, or bytes that belong to no pixel
        Transparency, ///< the picture is not opaque and should be, or has colour under what is transparent
        Cover,        ///< a cover that lets something through, or is smaller than what it should hide
        Found,        ///< something sensitive that was neither covered nor kept
        CoveredValue, ///< a value covered somewhere in the case that can be read here
        Name,         ///< the file's name holds something sensitive
    };
    Sort sort = Sort::Structure;
    QRectF place; ///< on the capture, or of a file of unknown origin in it, device pixels; null where it concerns the
                  ///< whole file
    QString sentence; ///< says what is wrong without repeating the value, or the file's name
    Finding finding;  ///< what was found, where something was; its value is for the officer's screen, never for a log
};

/// The stable code of a sort, in logs and in a case's record, whatever language sentences are in: "covered-value".
QString leakCode(Leak::Sort sort);
std::optional<Leak::Sort> leakSortFromCode(const QString& code);

struct CheckReport {
    std::vector<Leak> leaks;
    QSize size; ///< of the first frame
    /// What can still be read on a picture that was compared with its capture, in its own pixels: nothing of what lies
    /// under covers. Null for others.
    std::shared_ptr<const Page> words;
    bool clean() const { return leaks.empty(); }
};

/// What the file should be. All but `policy` may be left empty for a file of unknown origin.
struct CheckRequest {
    const Policy* policy = nullptr;
    const WatchList* watch = nullptr;
    QString languages = QStringLiteral("eng");
    QString name;                       ///< what the file is named after, as it is to leave; empty: not looked at
    const QImage* capture = nullptr;    ///< the unsanitised picture, to compare covers with
    Encoding encoding;                  ///< the file was to be written in; of no meaning without a capture
    bool transparent = false;           ///< likewise: with the ground left transparent
    std::vector<Cover> covers;          ///< as drawn; framing and marks are those of `decided`
    Decided decided;                    ///< about this capture
    std::vector<Finding> coveredValues; ///< of the whole case, those covered by hand included
};

/// Takes apart, reads and searches `bytes`, every page and frame of them. A value counts as gone only where all of its
/// letters lie under covers: covers as their union, letter by letter. Errors: a language that is missing, cancelled. A
/// file that is no picture is not an error but a leak of sort Structure.
Result<CheckReport> checkBytes(const QByteArray& bytes, const CheckRequest& request, Reader& reader,
                               const Finder& finder, Progress& progress);

/// What a text that leaves beside the pictures must not say: empty, or one leak of sort Name. `what` begins its
/// sentence: "The file's name".
std::vector<Leak> checkText(const QString& text, const QString& what, const CheckRequest& request,
                            const Finder& finder);

} // namespace eyelid
