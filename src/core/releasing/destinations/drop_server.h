// What a drop needs of a server, whichever way it is spoken to. Names are relative to the place's folder; a slash
// parts a folder from a file in it.
#pragma once

#include "base/progress.h"
#include "releasing/destinations/drop_place.h"

#include <memory>
#include <QByteArray>
#include <QString>

namespace eyelid {

/// How one request ended.
struct Answer {
    enum class Kind {
        Done,
        Missing,   ///< there is no such thing there
        Exists,    ///< there is one already
        Broken,    ///< broken off, or not to be reached now: may go well another time
        Refused,   ///< will not go well another time
        Cancelled, ///< by the user
    };
    Kind kind = Kind::Done;
    QString sentence = {};
    QByteArray bytes = {};
    explicit operator bool() const { return kind == Kind::Done; }
};

class DropServer {
public:
    virtual ~DropServer() = default;
    virtual Answer makeFolder(const QString& name) = 0; ///< Done where it is there already
    virtual Answer get(const QString& name, qint64 most) = 0;
    /// Writes a file; its first `from` bytes are there already, where the server can go on with a file.
    virtual Answer put(const QString& name, const QByteArray& bytes, qint64 from) = 0;
    virtual bool goesOn() const = 0;
    virtual Answer rename(const QString& from, const QString& to) = 0;
    virtual Answer removeFolder(const QString& name, const QStringList& files) = 0;
};

std::unique_ptr<DropServer> webdavServer(const DropPlace& place, const QString& password, Progress& progress);
std::unique_ptr<DropServer> sftpServer(const DropPlace& place, const QString& password, Progress& progress);

} // namespace eyelid
