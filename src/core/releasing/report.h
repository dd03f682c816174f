// The report for people that lies beside a redaction log: what was hidden, of which kind, where, why and on what
// ground, with small pictures of what was released. It is made from the log, and so tells no more than it.
#pragma once

#include <map>
#include <QByteArray>
#include <QString>
#include <QStringList>

namespace eyelid {

QString reportName();

/// An HTML page that needs nothing from anywhere. `thumbnails`: PNGs, by the place of their file in the log.
QByteArray reportOf(const QByteArray& log, const std::map<size_t, QByteArray>& thumbnails);

/// The same in lines of text, without pictures: the summary of a document.
QStringList summaryOf(const QByteArray& log);

} // namespace eyelid
