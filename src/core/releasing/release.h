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

/// The capture as it is released, as a PNG. Errors: too little memory.
Result<QByteArray> sanitisedPng(const QImage& capture, const Edits& edits);

/// A picture as it is to leave.
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

/// The name of the picture with this number (from 1) of so many, made from a stem that says nothing about anybody:
/// "picture-07.png".
QString releaseName(const QString& stem, qsizetype number, qsizetype count);

/// The name of a small version of a picture: "picture-07-small.png".
QString smallName(const QString& name);

/// The stem of releases that have no name of their own.
inline const QString neutralStem = QStringLiteral("picture");

/// The first of `outputs` that is one of `inputs`, by whatever links; empty where there is none.
QString overwritten(const QStringList& outputs, const QStringList& inputs);

/// Writes a log and its pictures to a folder, which is made where it is not there. Returns their full names, the log's
/// last. All stand or none does, and no picture without its log. Errors: Exists, NotWritable.
Result<QStringList> writeRelease(const QString& folder, const std::vector<Artifact>& artifacts, const QByteArray& log,
                                 bool replace);

} // namespace eyelid
