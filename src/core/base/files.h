// Files read whole, and files written whole or not at all: one, or several at once.
//
// Nothing here goes by a file's name twice: what is written has no name until it is complete, so a program that is
// killed leaves nothing behind (O_TMPFILE, linkat; open(2), link(2)). Where a file system has no nameless files, and
// for the moment in which a file is replaced, names of the form `.eyelid-*.part` are used; such a file is locked by its
// writer (flock(2)), and one that nobody holds is cleared by the next who writes to the folder.
#pragma once

#include "base/result.h"

#include <memory>
#include <QByteArray>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

/// A path as text. Names of files are bytes; a byte that is no UTF-8 becomes a lone surrogate U+DC80 to U+DCFF (as in
/// PEP 383), so that every file that is there can be named.
QString pathFromBytes(const QByteArray& bytes);
/// The bytes again, as the system wants them.
QByteArray bytesOfPath(const QString& path);

/// A name in a folder, and a path from the root: texts alone, so that names of any bytes stay what they are.
QString joinedPath(const QString& folder, const QString& name);
QString fullPath(const QString& path);

/// The size of the largest file that is read.
inline constexpr qint64 largestFile = 512'000'000;

/// Reads a whole file, at most `maximum` bytes. Errors: missing, not a file, not readable, too large, empty.
Result<QByteArray> readFile(const QString& path, qint64 maximum = largestFile);

bool fileExists(const QString& path);
/// Neither a folder nor a pipe or a device, which would be waited for; at the end of whatever links.
bool isOrdinaryFile(const QString& path);
/// Where a path leads to through whatever links; the path itself where it leads nowhere.
QString resolvedPath(const QString& path);

/// Makes a folder and those above it. Errors: NotWritable.
Result<Done> makeFolder(const QString& path);

/// True when the two lead to the same file, by whatever links, or would once the second is written.
bool sameFile(const QString& a, const QString& b);

enum class FileMode {
    Ordinary, ///< for a release: 0666 less the user's mask
    Private,  ///< for captures as they are, and keys: 0600
};

/// Several files that come to stand together or not at all.
///
///   FileSet files;
///   if (auto staged = files.stage(picturePath, png); !staged) return staged.error();
///   if (auto staged = files.stage(logPath, log); !staged) return staged.error();
///   if (auto done = files.commit(mayReplace); !done) return done.error();
///
/// stage() puts the bytes on the disk without a name and reads them back; commit() gives all of them their names,
/// the last one first, and undoes all of it where one cannot have its own: a file that was there stands again
/// as it was. A set that is not committed leaves nothing.
class FileSet {
public:
    FileSet();
    ~FileSet();
    FileSet(const FileSet&) = delete;
    FileSet& operator=(const FileSet&) = delete;

    /// Errors: NotWritable (no folder, no rights, a full disk, a disk that gives back other bytes).
    Result<Done> stage(const QString& path, const QByteArray& bytes, FileMode mode = FileMode::Ordinary);
    /// Errors: Exists where one is there and `replace` is false; NotWritable.
    Result<Done> commit(bool replace);

private:
    struct Staged;
    std::vector<std::unique_ptr<Staged>> m_files;
};

/// A FileSet of one.
Result<Done> writeFileWhole(const QString& path, const QByteArray& bytes, bool replace,
                            FileMode mode = FileMode::Ordinary);

} // namespace eyelid
