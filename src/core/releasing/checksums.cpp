#include "releasing/checksums.h"

#include "base/files.h"

namespace eyelid {
namespace {

const QByteArray signedAlone = "eyelid redaction log", reportMark = ", report sha256 ";

QByteArray escaped(const QByteArray& name) {
    QByteArray out = name;
    out.replace('\\', "\\\\").replace('\n', "\\n").replace('\r', "\\r");
    return out;
}

constexpr qsizetype digits = 64;

bool isChecksum(const QByteArray& sum) {
    return sum.size() == digits && QByteArray::fromHex(sum).toHex() == sum;
}

QByteArray unescaped(const QByteArray& name) {
    QByteArray out;
    for (qsizetype i = 0; i < name.size(); ++i) {
        const char next = name[i] == '\\' && i + 1 < name.size() ? name[++i] : '\0';
        out += next == 'n' ? '\n' : next == 'r' ? '\r' : next ? next : name[i];
    }
    return out;
}

} // namespace

QString checksumsName() {
    return QStringLiteral("SHA256SUMS");
}

QByteArray checksumsOf(const std::vector<Checksum>& files) {
    QByteArray list;
    for (const Checksum& file : files) {
        const QByteArray name = bytesOfPath(file.fileName), safe = escaped(name);
        if (safe != name) list += '\\';
        list += file.sha256.toLatin1() + "  " + safe + '\n';
    }
    return list;
}

QByteArray signedComment(const std::optional<Checksum>& report) {
    return report ? signedAlone + reportMark + report->sha256.toLatin1() : signedAlone;
}

QString reportChecksumIn(const QByteArray& comment) {
    const QByteArray start = signedAlone + reportMark;
    return comment.startsWith(start) ? QString::fromLatin1(comment.mid(start.size())) : QString();
}

QStringList namelessChecksumsFrom(const QByteArray& text) {
    QStringList sums;
    for (const QByteArray& line : text.split('\n'))
        if (const QByteArray sum = line.trimmed().toLower(); isChecksum(sum)) sums << QString::fromLatin1(sum);
    return sums;
}

std::map<QString, QString> checksumsFrom(const QByteArray& text) {
    std::map<QString, QString> sums;
    for (QByteArray line : text.split('\n')) {
        const bool isEscaped = line.startsWith('\\');
        if (isEscaped) line.remove(0, 1);
        if (line.endsWith('\r')) line.chop(1);
        const QByteArray sum = line.left(digits).toLower();
        QByteArray name = line.mid(digits);
        if (!isChecksum(sum) || name.trimmed().isEmpty()) continue;
        if (name.startsWith("  ") || name.startsWith(" *")) name.remove(0, 2);
        sums[pathFromBytes(isEscaped ? unescaped(name) : name.trimmed())] = QString::fromLatin1(sum);
    }
    return sums;
}

} // namespace eyelid
