// Writes sanitised pictures and their log.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "checking/check.h"
#include "editing/item.h"

#include <QByteArray>
#include <QImage>
#include <QString>
#include <vector>

namespace eyelid {

/// A file as it stands on the disk.
struct WrittenFile {
    QString path;     ///< full
    QByteArray bytes; ///< read back from the disk after writing
    QString sha256;
};

/// Renders the capture with its covers, writes it as PNG and reads it back. Never overwrites unless told; on failure
/// nothing is left behind.
Result<WrittenFile> writeSanitised(const QString& path, const QImage& capture, const std::vector<Cover>& covers,
                                   bool overwrite);

/// A leak an officer has let pass, with the reason given.
struct Override {
    Leak leak;
    QString reason;
};

/// One released picture, for the log.
struct LogEntry {
    QString fileName; ///< without its folder
    QSize size;
    QString sha256;
    std::vector<Item> items;
    std::vector<Leak> leaks; ///< what the check found and nobody let pass
    std::vector<Override> overrides;
};

struct LogInput {
    const Policy* policy = nullptr;
    QString languages;
    QByteArray secret; ///< of the case
    std::vector<LogEntry> entries;
};

/// The redaction log as JSON (docs/redaction-log.md). Holds kinds, places, reasons, decisions and digests; never a
/// value, a time, a person or a path. The same input gives the same bytes.
QByteArray redactionLog(const LogInput& input);

/// The log's name beside the pictures.
QString redactionLogName();

} // namespace eyelid
