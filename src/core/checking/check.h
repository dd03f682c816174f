// Reads a written file again and searches it: what can still be seen there that must not leave.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "editing/item.h"
#include "finding/finder.h"
#include "finding/finding.h"
#include "reading/reader.h"

#include <QByteArray>
#include <QImage>
#include <vector>

namespace eyelid {

/// One thing wrong with a file.
struct Leak {
    enum class Sort {
        Structure,    ///< not a whole picture file, or not the size it should have
        Extra,        ///< metadata, or bytes after the end
        Transparency, ///< the picture is not opaque
        Cover,        ///< a cover that lets something through, or is smaller than what it should hide
        Found,        ///< something sensitive that was neither covered nor kept
        CoveredValue, ///< a value covered elsewhere in the case that can be read here
    };
    Sort sort = Sort::Structure;
    QRectF place;     ///< device pixels; null where it concerns the whole file
    QString sentence; ///< says what is wrong without repeating the value
    Finding finding;  ///< what was found, where something was; its value is for the officer's screen, never for a log
};

struct CheckReport {
    std::vector<Leak> leaks;
    QSize size;
    Page page; ///< what can be read on the file
    bool clean() const { return leaks.empty(); }
};

/// What the file should be. All but `policy` may be left empty for a file of unknown origin.
struct CheckRequest {
    const Policy* policy = nullptr;
    const WatchList* watch = nullptr;
    QString languages = QStringLiteral("eng");
    const QImage* capture = nullptr;    ///< the unsanitised picture, to compare covers with
    std::vector<Cover> covers;          ///< as drawn
    std::vector<Item> items;            ///< of this capture
    std::vector<Finding> coveredValues; ///< of the whole case
};

/// Parses, reads and searches `bytes`. Errors: a language that is missing, cancelled. A file that is no picture is not
/// an error but a leak of sort Structure.
Result<CheckReport> checkBytes(const QByteArray& bytes, const QString& name, const CheckRequest& request,
                               Reader& reader, const Finder& finder, Progress& progress);

} // namespace eyelid
