// The files that ship within the program: word lists and policies.
#pragma once

#include <QByteArray>
#include <QSet>
#include <QString>
#include <QStringList>

namespace eyelid {

/// The contents of a shipped file, by its path under data/ ("names/given.txt"); empty for one that does not exist.
QByteArray shippedFile(const QString& path);
/// Its lines, without empty ones. A list that is missing is a mistake in how the program was built and ends it.
QStringList shippedLines(const QString& path);
/// The words of a list, parted by bars and line ends; lines that begin with '#' are remarks. With a section: those
/// below the line "[section]" alone. A section that is missing ends the program as a missing list does.
QSet<QString> shippedWords(const QString& path, const QString& section = {});
/// The same in the order of the list.
QStringList shippedWordList(const QString& path, const QString& section = {});

} // namespace eyelid
