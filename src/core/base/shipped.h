// The files that ship within the program: word lists and policies.
#pragma once

#include <QByteArray>
#include <QString>
#include <QStringList>

namespace eyelid {

/// The contents of a shipped file, by its path under data/ ("names/given.txt"); empty for one that does not exist.
QByteArray shippedFile(const QString& path);
/// Its lines, without empty ones. A list that is missing is a mistake in how the program was built and ends it.
QStringList shippedLines(const QString& path);

} // namespace eyelid
