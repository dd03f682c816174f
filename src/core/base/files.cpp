#include "base/files.h"

#include "base/sentence.h"

#include <algorithm>
#include <cerrno>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <dirent.h>
#include <fcntl.h>
#include <QRandomGenerator>
#include <QStringDecoder>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace eyelid {
namespace {

constexpr char partPrefix[] = ".eyelid-", partSuffix[] = ".part";

class Descriptor {
public:
    explicit Descriptor(int fd = -1) : m_fd(fd) {}
    Descriptor(Descriptor&& other) noexcept : m_fd(std::exchange(other.m_fd, -1)) {}
    Descriptor& operator=(Descriptor&& other) noexcept {
        std::swap(m_fd, other.m_fd);
        return *this;
    }
    ~Descriptor() {
        if (m_fd >= 0) ::close(m_fd);
    }
    int get() const { return m_fd; }
    explicit operator bool() const { return m_fd >= 0; }

private:
    int m_fd;
};

QString reasonOf(int number) {
    if (number == ENOSPC || number == EDQUOT) return Tr::tr("the disk is full");
    if (number == EMFILE || number == ENFILE) return Tr::tr("too many files are open already");
    return QString::fromLocal8Bit(std::strerror(number)).toLower();
}

// The folder a path lies in, "." for a bare name.
QByteArray folderOf(const QByteArray& path) {
    const qsizetype slash = path.lastIndexOf('/');
    return slash < 0 ? QByteArray(".") : slash == 0 ? QByteArray("/") : path.left(slash);
}

QByteArray partName(const QByteArray& folder) {
    return folder + '/' + partPrefix + QByteArray::number(QRandomGenerator::system()->generate64(), 36) + partSuffix;
}

// What a writer that was killed has left: nobody holds it.
void clearAbandoned(const QByteArray& folder) {
    DIR* list = ::opendir(folder.constData());
    if (!list) return;
    while (const dirent* entry = ::readdir(list)) {
        const QByteArray name(entry->d_name);
        if (!name.startsWith(partPrefix) || !name.endsWith(partSuffix)) continue;
        const QByteArray path = folder + '/' + name;
        const Descriptor file(::open(path.constData(), O_RDONLY | O_CLOEXEC | O_NOFOLLOW | O_NONBLOCK));
        if (file && ::flock(file.get(), LOCK_EX | LOCK_NB) == 0) ::unlink(path.constData());
    }
    ::closedir(list);
}

bool writeAll(int fd, const QByteArray& bytes) {
    for (qsizetype at = 0; at < bytes.size();) {
        const ssize_t n = ::write(fd, bytes.constData() + at, size_t(bytes.size() - at));
        if (n < 0 && errno == EINTR) continue;
        if (n <= 0) return false;
        at += n;
    }
    return ::fsync(fd) == 0;
}

bool holds(int fd, const QByteArray& bytes) {
    QByteArray back(std::min<qsizetype>(bytes.size() + 1, 1 << 20), 0);
    for (qsizetype at = 0;;) {
        const ssize_t n = ::pread(fd, back.data(), size_t(back.size()), at);
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return false;
        if (n == 0) return at == bytes.size();
        if (at + n > bytes.size() || std::memcmp(back.constData(), bytes.constData() + at, size_t(n)) != 0)
            return false;
        at += n;
    }
}

} // namespace

QString pathFromBytes(const QByteArray& bytes) {
    QStringDecoder whole(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
    QString text = whole(bytes);
    if (!whole.hasError()) return text;
    text.clear();
    for (qsizetype at = 0; at < bytes.size();) {
        // The longest piece of up to four bytes that is one character, or else the byte by itself.
        qsizetype length = 0;
        for (qsizetype n = 1; n <= 4 && at + n <= bytes.size() && length == 0; ++n) {
            QStringDecoder one(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
            const QString character = one(bytes.mid(at, n));
            if (one.hasError() || character.isEmpty()) continue;
            text += character;
            length = n;
        }
        if (length == 0) text += QChar(char16_t(0xdc00 + quint8(bytes[at])));
        at += std::max<qsizetype>(1, length);
    }
    return text;
}

QByteArray bytesOfPath(const QString& path) {
    QByteArray bytes;
    QString piece;
    for (qsizetype i = 0; i < path.size(); ++i) {
        const char16_t c = path[i].unicode();
        const bool paired = i > 0 && path[i - 1].isHighSurrogate();
        if (c >= 0xdc80 && c <= 0xdcff && !paired) {
            bytes += piece.toUtf8();
            piece.clear();
            bytes += char(c - 0xdc00);
        } else {
            piece += path[i];
        }
    }
    return bytes + piece.toUtf8();
}

QString joinedPath(const QString& folder, const QString& name) {
    return folder.isEmpty() || folder.endsWith(u'/') ? folder + name : folder + u'/' + name;
}

QString fullPath(const QString& path) {
    if (path.startsWith(u'/')) return path;
    QByteArray here(4096, 0);
    if (!::getcwd(here.data(), size_t(here.size()))) return path;
    QString rest = path;
    while (rest.startsWith(QLatin1String("./"))) rest.remove(0, 2);
    return joinedPath(pathFromBytes(here.constData()), rest);
}

Result<QByteArray> readFile(const QString& path, qint64 maximum) {
    const auto unreadable = [&](int number) {
        return Error{Error::Kind::NotReadable, sentence(Tr::tr("%1 cannot be read: %2."), path, reasonOf(number))};
    };
    // A pipe would be waited for: it is opened without waiting, and refused as no file.
    const Descriptor file(::open(bytesOfPath(path).constData(), O_RDONLY | O_CLOEXEC | O_NONBLOCK | O_NOCTTY));
    if (!file && (errno == ENOENT || errno == ENOTDIR))
        return Error{Error::Kind::Missing, sentence(Tr::tr("%1: there is no such file."), path)};
    if (!file) return unreadable(errno);
    struct stat about {};
    if (::fstat(file.get(), &about) != 0) return unreadable(errno);
    if (!S_ISREG(about.st_mode)) return Error{Error::Kind::NotReadable, sentence(Tr::tr("%1 is not a file."), path)};
    constexpr qint64 mega = 1'000'000, kilo = 1000;
    const Error large{Error::Kind::BadInput,
                      maximum < mega
                          ? sentence(Tr::tr("%1 is larger than %2 kB, more than Eyelid opens."), path, maximum / kilo)
                          : sentence(Tr::tr("%1 is larger than %2 MB, more than Eyelid opens."), path, maximum / mega)};
    if (about.st_size > maximum) return large;
    QByteArray bytes;
    bytes.reserve(qsizetype(about.st_size));
    QByteArray piece(1 << 16, Qt::Uninitialized);
    while (true) {
        const ssize_t n = ::read(file.get(), piece.data(), size_t(piece.size()));
        if (n < 0 && errno == EINTR) continue;
        if (n < 0) return unreadable(errno);
        if (n == 0) break;
        bytes.append(piece.constData(), n);
        if (bytes.size() > maximum) return large;
    }
    if (bytes.isEmpty()) return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is empty."), path)};
    return bytes;
}

bool fileExists(const QString& path) {
    struct stat about {};
    return ::lstat(bytesOfPath(path).constData(), &about) == 0;
}

bool isOrdinaryFile(const QString& path) {
    struct stat about {};
    return ::stat(bytesOfPath(path).constData(), &about) == 0 && S_ISREG(about.st_mode);
}

QString resolvedPath(const QString& path) {
    const std::unique_ptr<char, decltype(&std::free)> whole(::realpath(bytesOfPath(path).constData(), nullptr),
                                                            std::free);
    return whole ? pathFromBytes(whole.get()) : path;
}

Result<Done> makeFolder(const QString& path) {
    const QByteArray whole = bytesOfPath(path);
    const auto isFolder = [](const QByteArray& p) {
        struct stat about {};
        return ::stat(p.constData(), &about) == 0 && S_ISDIR(about.st_mode);
    };
    for (qsizetype end = whole.indexOf('/', 1);; end = whole.indexOf('/', end + 1)) {
        const QByteArray part = end < 0 ? whole : whole.left(end);
        if (!isFolder(part) && ::mkdir(part.constData(), 0777) != 0 && !isFolder(part))
            return Error{Error::Kind::NotWritable,
                         sentence(Tr::tr("The folder %1 cannot be made: %2; choose one you may write to."), path,
                                  reasonOf(errno))};
        if (end < 0) return Done{};
    }
}

bool sameFile(const QString& a, const QString& b) {
    const QByteArray one = bytesOfPath(a), other = bytesOfPath(b);
    struct stat x {
    }, y{};
    if (::stat(one.constData(), &x) == 0 && ::stat(other.constData(), &y) == 0 && x.st_dev == y.st_dev &&
        x.st_ino == y.st_ino)
        return true;
    // By the place itself: a link that would be replaced, or a name that is not there yet.
    const auto name = [](const QByteArray& path) { return path.mid(path.lastIndexOf('/') + 1); };
    return name(one) == name(other) && ::stat(folderOf(one).constData(), &x) == 0 &&
           ::stat(folderOf(other).constData(), &y) == 0 && x.st_dev == y.st_dev && x.st_ino == y.st_ino;
}

struct FileSet::Staged {
    QString path;
    QByteArray to, part; // `part` empty while the file has no name
    Descriptor file;
    enum class Stands { No, New, Exchanged } stands = Stands::No;

    ~Staged() {
        if (!part.isEmpty()) ::unlink(part.constData());
    }
    // A name beside the place, for a file that cannot go there straight from having none.
    bool nameIt() {
        if (!part.isEmpty()) return true;
        const QByteArray name = partName(folderOf(to));
        const QByteArray self = "/proc/self/fd/" + QByteArray::number(file.get());
        if (::linkat(AT_FDCWD, self.constData(), AT_FDCWD, name.constData(), AT_SYMLINK_FOLLOW) != 0) return false;
        part = name;
        return true;
    }
    // 0, or the error's number.
    int place(bool replace) {
        if (part.isEmpty()) {
            const QByteArray self = "/proc/self/fd/" + QByteArray::number(file.get());
            if (::linkat(AT_FDCWD, self.constData(), AT_FDCWD, to.constData(), AT_SYMLINK_FOLLOW) == 0) {
                stands = Stands::New;
                return 0;
            }
            if (errno != EEXIST || !replace) return errno;
            if (!nameIt()) return errno;
        }
        if (::renameat2(AT_FDCWD, part.constData(), AT_FDCWD, to.constData(), RENAME_NOREPLACE) == 0) {
            part.clear();
            stands = Stands::New;
            return 0;
        }
        if (errno == EEXIST && !replace) return EEXIST;
        if (errno == EEXIST) {
            struct stat about {};
            if (::lstat(to.constData(), &about) == 0 && S_ISDIR(about.st_mode)) return EISDIR;
            // The old one takes the part's name, and comes back from it should the rest fail.
            if (::renameat2(AT_FDCWD, part.constData(), AT_FDCWD, to.constData(), RENAME_EXCHANGE) == 0) {
                stands = Stands::Exchanged;
                return 0;
            }
        }
        if (errno != EINVAL && errno != ENOSYS) return errno;
        return placeWithoutFlags(replace);
    }
    // Some network file systems know no flags of renaming.
    int placeWithoutFlags(bool replace) {
        struct stat about {};
        const bool there = ::lstat(to.constData(), &about) == 0;
        if (there && !replace) return EEXIST;
        const QByteArray old = partName(folderOf(to));
        if (there && ::rename(to.constData(), old.constData()) != 0) return errno;
        if (::rename(part.constData(), to.constData()) != 0) {
            const int number = errno;
            if (there) ::rename(old.constData(), to.constData());
            return number;
        }
        part = there ? old : QByteArray();
        stands = there ? Stands::Exchanged : Stands::New;
        return 0;
    }
    void takeBack() {
        if (stands == Stands::New) ::unlink(to.constData());
        if (stands == Stands::Exchanged) {
            // What was there goes back over the new one.
            ::rename(part.constData(), to.constData());
            part.clear();
        }
        stands = Stands::No;
    }
};

FileSet::FileSet() = default;
FileSet::~FileSet() = default;

Result<Done> FileSet::stage(const QString& path, const QByteArray& bytes, FileMode mode) {
    const auto failed = [&](const QString& why) {
        return Error{Error::Kind::NotWritable, sentence(Tr::tr("%1 cannot be written: %2."), path, why)};
    };
    auto staged = std::make_unique<Staged>();
    staged->path = path;
    staged->to = bytesOfPath(path);
    const QByteArray folder = folderOf(staged->to);
    struct stat about {};
    if (::stat(folder.constData(), &about) != 0 || !S_ISDIR(about.st_mode))
        return failed(sentence(Tr::tr("the folder %1 does not exist"), pathFromBytes(folder)));
    clearAbandoned(folder);
    const mode_t bits = mode == FileMode::Private ? 0600 : 0666;
    // A file without a name gets one by way of /proc; where that is not to be had, it has a part's name from the start.
    if (::access("/proc/self/fd", X_OK) == 0)
        staged->file = Descriptor(::open(folder.constData(), O_TMPFILE | O_RDWR | O_CLOEXEC, bits));
    if (!staged->file) {
        const QByteArray name = partName(folder);
        staged->file = Descriptor(::open(name.constData(), O_CREAT | O_EXCL | O_RDWR | O_CLOEXEC | O_NOFOLLOW, bits));
        if (!staged->file) return failed(reasonOf(errno));
        staged->part = name;
    }
    ::flock(staged->file.get(), LOCK_EX | LOCK_NB);
    if (!writeAll(staged->file.get(), bytes)) return failed(reasonOf(errno));
    if (!holds(staged->file.get(), bytes))
        return failed(Tr::tr("the disk gives back something else than was written to it"));
    m_files.push_back(std::move(staged));
    return Done{};
}

Result<Done> FileSet::commit(bool replace) {
    // The last that was staged comes first: what speaks of the others is written last, and stands before them.
    std::reverse(m_files.begin(), m_files.end());
    for (size_t i = 0; i < m_files.size(); ++i) {
        const int number = m_files[i]->place(replace);
        if (number == 0) continue;
        const Error error =
            number == EEXIST
                ? Error{Error::Kind::Exists,
                        sentence(Tr::tr("%1 is there already; choose another folder, or say that it may be replaced."),
                                 m_files[i]->path)}
                : Error{Error::Kind::NotWritable,
                        sentence(Tr::tr("%1 cannot be written: %2."), m_files[i]->path,
                                 number == EISDIR ? Tr::tr("a folder has that name") : reasonOf(number))};
        for (size_t k = i; k-- > 0;) m_files[k]->takeBack();
        m_files.clear();
        return error;
    }
    // The names themselves reach the disk before anybody is told that they stand.
    QByteArray last;
    for (const auto& staged : m_files)
        if (const QByteArray folder = folderOf(staged->to); folder != last) {
            const Descriptor opened(::open(folder.constData(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
            if (opened) ::fsync(opened.get());
            last = folder;
        }
    m_files.clear(); // with what was replaced
    return Done{};
}

Result<Done> writeFileWhole(const QString& path, const QByteArray& bytes, bool replace, FileMode mode) {
    FileSet files;
    if (auto staged = files.stage(path, bytes, mode); !staged) return staged.error();
    return files.commit(replace);
}

} // namespace eyelid
