// Sanitised pictures as bytes, their log, and writing both: all of it or nothing.
#pragma once

#include "base/result.h"
#include "checking/check.h"
#include "editing/edits.h"

#include <QByteArray>
#include <QImage>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

/// A file as it is to leave.
struct Artifact {
    QString fileName; ///< without its folder
    QByteArray bytes; ///< the very ones that were checked
};

/// A leak an officer has let through, with the reason given.
struct Pass {
    Leak leak;
    QString reason;
};

/// One released picture, for the log.
struct LogEntry {
    QString fileName; ///< without its folder
    QSize size;
    QSize capture; ///< of the capture, which `decided` is about
    QString sha256;
    Decided decided;
    std::vector<Leak> leaks; ///< what the check found and nobody let through
    std::vector<Pass> passes;
    int page = 0;             ///< of the document it stands in, from 1; 0: a file of its own
    bool transparent = false; ///< its ground is
};

struct LogInput {
    const Policy* policy = nullptr;
    QString languages;
    QByteArray secret; ///< of the case
    std::vector<LogEntry> entries;
    bool twoOfficers = false; ///< two have agreed to what is decided
};

/// The redaction log as JSON (docs/redaction-log.md). Holds kinds, places, reasons, decisions and digests; never a
/// value, a time, a person or a path. It tells of covers as they are drawn, not of what was found beneath them: logs of
/// captures that differ only under equal covers are equal. The same input gives the same bytes.
QByteArray redactionLog(const LogInput& input);

/// The log's name beside the pictures.
QString redactionLogName();

/// The first of `outputs` that is one of `inputs`, by whatever links; empty where there is none.
QString overwritten(const QStringList& outputs, const QStringList& inputs);

/// What is done with files that are there already.
enum class Clash { Refuse, Replace, KeepBoth };

/// Writes the files of a release to a folder, which is made where it is not there. Returns their full names. All stand
/// or none does; the last one, the log, stands first: no picture without it. Errors: Exists, NotWritable.
Result<QStringList> writeRelease(const QString& folder, const std::vector<Artifact>& files, bool replace);

} // namespace eyelid
