// The files that ship within the program: word lists and policies.
#pragma once

#include <QByteArray>
#include <QString>

namespace eyelid {

/// The contents of a shipped file, by its path under data/ ("names/given.txt"); empty for one that does not exist.
QByteArray shippedFile(const QString& path);

} // namespace eyelid
