// SHA256SUMS: lists of checksums as coreutils' sha256sum writes and reads them.
#pragma once

#include <map>
#include <optional>
#include <QByteArray>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

QString checksumsName();

struct Checksum {
    QString fileName;
    QString sha256;
};

/// One line a file, in their order. Names that hold a line break or a backslash are escaped as coreutils does.
QByteArray checksumsOf(const std::vector<Checksum>& files);

/// The line that is signed with a log: what it is, and the checksum of the report beside it, which the log cannot hold.
QByteArray signedComment(const std::optional<Checksum>& report);
/// The checksum in such a line; empty where it has none.
QString reportChecksumIn(const QByteArray& comment);

/// File names and their SHA-256 in small hexadecimal digits, of such a list or of any text of lines that begin with a
/// checksum; what is no such line is passed over.
std::map<QString, QString> checksumsFrom(const QByteArray& text);
/// Those of lines that hold a checksum and no name, as they are pasted.
QStringList namelessChecksumsFrom(const QByteArray& text);

} // namespace eyelid
