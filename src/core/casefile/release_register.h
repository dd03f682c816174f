// What of a case has been released: kept in the case, for whoever is asked afterwards.
#pragma once

#include <QByteArray>
#include <QDateTime>
#include <QList>
#include <QString>

namespace eyelid {

struct ReleasedFile {
    QString name; ///< without its folder
    QString sha256;
    bool operator==(const ReleasedFile&) const = default;
};

struct ReleaseRecord {
    QDateTime when;    ///< UTC
    QString officer;   ///< who released it
    QString way;       ///< "folder"
    QString place;     ///< where it went: a folder's full name
    QString withdrawn; ///< why it is not to be used any more; empty: it holds
    QList<ReleasedFile> files;
    bool operator==(const ReleaseRecord&) const = default;
};

/// A line a file (RFC 4180, UTF-8 with its mark), oldest release first. What a spreadsheet would take for a formula is
/// written as text.
QByteArray registerAsCsv(const QList<ReleaseRecord>& releases);

} // namespace eyelid
