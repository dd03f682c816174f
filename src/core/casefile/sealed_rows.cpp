#include "casefile/sealed_rows.h"

#include "base/files.h"
#include "base/sentence.h"

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <QFile>
#include <sodium.h>
#include <sqlite3.h>
#include <sys/statvfs.h>
#include <unistd.h>

namespace eyelid {
namespace {

constexpr int applicationId = 0x4579656c; // "Eyel"
constexpr int rootTable = 0;
constexpr int locksTable = -1; // in the root's sum alone
constexpr size_t nonceLength = crypto_aead_xchacha20poly1305_ietf_NPUBBYTES;
constexpr size_t tagLength = crypto_aead_xchacha20poly1305_ietf_ABYTES;
constexpr qsizetype caseIdLength = 16;

unsigned char* bytes(QByteArray& array) {
    return reinterpret_cast<unsigned char*>(array.data());
}
const unsigned char* bytes(const QByteArray& array) {
    return reinterpret_cast<const unsigned char*>(array.constData());
}

void append(QByteArray& to, quint64 number) {
    for (int shift = 56; shift >= 0; shift -= 8) to += char((number >> shift) & 0xff);
}
quint64 numberAt(const QByteArray& from, qsizetype at) {
    quint64 number = 0;
    for (qsizetype i = at; i < at + 8; ++i) number = (number << 8) | quint8(from[i]);
    return number;
}

// A number of 256 bits that hashes are added to and taken from.
struct Sum {
    std::array<unsigned char, 32> value{};
    void add(const QByteArray& hash) {
        unsigned carry = 0;
        for (size_t i = value.size(); i-- > 0;) {
            carry += unsigned(value[i]) + quint8(hash[qsizetype(i)]);
            value[i] = static_cast<unsigned char>(carry & 0xff);
            carry >>= 8;
        }
    }
    void take(const QByteArray& hash) {
        int carry = 0;
        for (size_t i = value.size(); i-- > 0;) {
            carry += int(value[i]) - quint8(hash[qsizetype(i)]);
            value[i] = static_cast<unsigned char>(carry & 0xff);
            carry >>= 8;
        }
    }
    bool operator==(const Sum&) const = default;
};

// One statement; finalised with it.
class Statement {
public:
    Statement(sqlite3* db, const char* sql) { sqlite3_prepare_v2(db, sql, -1, &m_statement, nullptr); }
    ~Statement() { sqlite3_finalize(m_statement); }
    Statement(const Statement&) = delete;
    Statement& operator=(const Statement&) = delete;
    Statement& number(int place, qint64 value) {
        sqlite3_bind_int64(m_statement, place, value);
        return *this;
    }
    Statement& blob(int place, const QByteArray& value) {
        sqlite3_bind_blob64(m_statement, place, value.constData() ? value.constData() : "",
                            sqlite3_uint64(value.size()), SQLITE_STATIC);
        return *this;
    }
    Statement& text(int place, const QByteArray& value) {
        sqlite3_bind_text64(m_statement, place, value.constData(), sqlite3_uint64(value.size()), SQLITE_STATIC,
                            SQLITE_UTF8);
        return *this;
    }
    int step() { return m_statement ? sqlite3_step(m_statement) : SQLITE_ERROR; }
    /// To be run once more, with other values.
    void again() { sqlite3_reset(m_statement); }
    qint64 numberAt(int column) const { return sqlite3_column_int64(m_statement, column); }
    QByteArray blobAt(int column) const {
        const void* data = sqlite3_column_blob(m_statement, column);
        return QByteArray(static_cast<const char*>(data), sqlite3_column_bytes(m_statement, column));
    }

private:
    sqlite3_stmt* m_statement = nullptr;
};

bool run(sqlite3* db, const char* sql) {
    return sqlite3_exec(db, sql, nullptr, nullptr, nullptr) == SQLITE_OK;
}

// What SQLite shares between programs is made larger by steps of this; where it cannot be, SQLite says no more than
// that something went wrong (sqlite.org/walformat.html).
constexpr quint64 leastRoom = 32768;

bool isFull(const QString& path) {
    struct statvfs about {};
    return statvfs(bytesOfPath(path).constData(), &about) == 0 && quint64(about.f_bavail) * about.f_frsize < leastRoom;
}

Error notWritten(sqlite3* db, const QString& path) {
    const int code = sqlite3_errcode(db) & 0xff;
    const bool full = code == SQLITE_FULL || ((code == SQLITE_IOERR || code == SQLITE_OK) && isFull(path));
    switch (full ? SQLITE_FULL : code) {
    case SQLITE_FULL:
        return {Error::Kind::NotWritable,
                sentence(Tr::tr("There is no room left for %1; make room, or keep the case in another folder."), path)};
    case SQLITE_READONLY:
    case SQLITE_PERM:
        return {Error::Kind::NotWritable,
                sentence(Tr::tr("%1 cannot be written to; keep the case in another folder."), path)};
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
        return {Error::Kind::NotWritable, sentence(Tr::tr("%1 is being written by another program."), path)};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
        return damagedCase();
    default:
        return {Error::Kind::NotWritable,
                sentence(Tr::tr("%1 could not be written (%2); keep the case in another folder."), path,
                         QString::fromUtf8(sqlite3_errmsg(db)))};
    }
}

struct Database {
    sqlite3* handle = nullptr;
    Database() = default;
    Database(Database&& other) noexcept : handle(std::exchange(other.handle, nullptr)) {}
    Database& operator=(Database&& other) noexcept {
        std::swap(handle, other.handle);
        return *this;
    }
    ~Database() { sqlite3_close_v2(handle); }
};

constexpr int patience = 2000; // milliseconds for another program to finish a step

// To read, too, the file is opened for writing where that is allowed: whoever closes it last then puts away what the
// write-ahead log was kept in, and no empty files stay beside the case. Nothing can be written through it all the same.
Result<Database> databaseAt(const QString& path, SealedRows::Access access) {
    const QByteArray place = bytesOfPath(path), target = bytesOfPath(resolvedPath(path));
    const QByteArray folder = target.left(target.lastIndexOf('/') + 1);
    const bool writing = access == SealedRows::Access::ReadWrite;
    const bool mayWrite =
        writing || (::access(place.constData(), W_OK) == 0 && ::access(folder.constData(), W_OK) == 0);
    const int flags = mayWrite ? SQLITE_OPEN_READWRITE : SQLITE_OPEN_READONLY;
    Database db;
    const int code = sqlite3_open_v2(place.constData(), &db.handle, flags | SQLITE_OPEN_FULLMUTEX, nullptr);
    if (code != SQLITE_OK)
        return Error{Error::Kind::NotReadable,
                     sentence(Tr::tr("%1 cannot be opened (%2)."), path, QString::fromUtf8(sqlite3_errstr(code)))};
    sqlite3_busy_timeout(db.handle, patience);
    if (!writing) run(db.handle, "PRAGMA query_only=ON");
    return db;
}

std::optional<qint64> pragma(sqlite3* db, const char* sql) {
    Statement statement(db, sql);
    if (statement.step() != SQLITE_ROW) return std::nullopt;
    return statement.numberAt(0);
}

const char* const schema =
    "CREATE TABLE head(case_id BLOB NOT NULL);"
    "CREATE TABLE locks(place INTEGER PRIMARY KEY, how INTEGER NOT NULL, salt BLOB NOT NULL, rounds INTEGER NOT NULL,"
    " memory INTEGER NOT NULL, nonce BLOB NOT NULL, box BLOB NOT NULL);"
    "CREATE TABLE sealed(kind INTEGER NOT NULL, id INTEGER NOT NULL, written INTEGER NOT NULL, nonce BLOB NOT NULL,"
    " tag BLOB NOT NULL, box BLOB NOT NULL, PRIMARY KEY(kind, id));";

// What a lock is, as bytes to be hashed.
QByteArray asBytes(const KeyLock& lock) {
    QByteArray all;
    append(all, quint64(lock.how));
    append(all, lock.rounds);
    append(all, lock.memory);
    return all + lock.salt + lock.nonce + lock.box;
}

} // namespace

Error damagedCase() {
    return {Error::Kind::Damaged,
            Tr::tr("This case file is damaged or was altered; what is intact can be taken out of it.")};
}

struct SealedRows::Parts {
    QString path;
    Database db;
    QByteArray caseId;
    CaseKey key, sealing, hashing;
    int version = SealedRows::formatVersion;
    bool rootKnown = false;
    Sum sum;
    quint64 written = 0, count = 0;

    Parts(QString where, Database database, QByteArray id, const CaseKey& caseKey)
        : path(std::move(where)), db(std::move(database)), caseId(std::move(id)), key(caseKey),
          sealing(caseKey.derived("eyelid rows")), hashing(caseKey.derived("eyelid root")) {}

    QByteArray boundTo(int table, qint64 id, quint64 when) const {
        QByteArray all = "eyelid-row-1" + caseId;
        append(all, quint64(table));
        append(all, quint64(id));
        append(all, when);
        return all;
    }
    QByteArray hashOf(int table, qint64 id, quint64 when, const QByteArray& tag) const {
        const QByteArray all = boundTo(table, id, when) + tag;
        QByteArray hash(32, 0);
        crypto_generichash(bytes(hash), 32, bytes(all), size_t(all.size()), hashing.data(), CaseKey::length);
        return hash;
    }
    // The statements of one step, made ready once for all its rows.
    struct Step {
        Statement stored, put, drop;
        explicit Step(sqlite3* db)
            : stored(db, "SELECT written, tag FROM sealed WHERE kind = ?1 AND id = ?2"),
              put(db, "INSERT OR REPLACE INTO sealed(kind, id, written, nonce, tag, box) VALUES(?1,?2,?3,?4,?5,?6)"),
              drop(db, "DELETE FROM sealed WHERE kind = ?1 AND id = ?2") {}
    };

    // What the root knows of what stands there now; nothing where nothing does.
    std::optional<QByteArray> hashOfStored(Step& step, int table, qint64 id) const {
        std::optional<QByteArray> hash;
        if (step.stored.number(1, table).number(2, id).step() == SQLITE_ROW)
            hash = hashOf(table, id, quint64(step.stored.numberAt(0)), step.stored.blobAt(1));
        step.stored.again();
        return hash;
    }

    // Puts a row in its place; returns its hash.
    std::optional<QByteArray> put(Step& step, int table, qint64 id, quint64 when, const QByteArray& content) const {
        QByteArray nonce(nonceLength, 0), tag(tagLength, 0), box(content.size(), 0);
        randombytes_buf(nonce.data(), nonceLength);
        const QByteArray bound = boundTo(table, id, when);
        crypto_aead_xchacha20poly1305_ietf_encrypt_detached(bytes(box), bytes(tag), nullptr, bytes(content),
                                                            size_t(content.size()), bytes(bound), size_t(bound.size()),
                                                            nullptr, bytes(nonce), sealing.data());
        step.put.number(1, table).number(2, id).number(3, qint64(when)).blob(4, nonce).blob(5, tag).blob(6, box);
        const bool done = step.put.step() == SQLITE_DONE;
        step.put.again();
        return done ? std::optional(hashOf(table, id, when, tag)) : std::nullopt;
    }

    bool putRoot(Step& step, const Sum& ofAll, quint64 when, quint64 rows) const {
        QByteArray content;
        append(content, when);
        append(content, rows);
        content += QByteArray(reinterpret_cast<const char*>(ofAll.value.data()), qsizetype(ofAll.value.size()));
        return put(step, rootTable, 0, when, content).has_value();
    }

    void readRoot(const SealedRows& rows) {
        rootKnown = false;
        const auto root = rows.get(rootTable, 0);
        if (!root || !*root || (*root)->size() != 48) return;
        written = numberAt(**root, 0);
        count = numberAt(**root, 8);
        std::copy((*root)->cbegin() + 16, (*root)->cend(), sum.value.begin());
        rootKnown = true;
    }
};

SealedRows::SealedRows(std::unique_ptr<Parts> parts) : m_parts(std::move(parts)) {}
SealedRows::~SealedRows() = default;

const CaseKey& SealedRows::key() const {
    return m_parts->key;
}
const QByteArray& SealedRows::caseId() const {
    return m_parts->caseId;
}

Result<std::unique_ptr<SealedRows>> SealedRows::create(const QString& path, const CaseKey& key,
                                                       const QByteArray& caseId, const std::vector<KeyLock>& locks) {
    const int made = ::open(bytesOfPath(path).constData(), O_CREAT | O_EXCL | O_RDWR | O_CLOEXEC, 0600);
    if (made < 0)
        return errno == EEXIST
                   ? Error{Error::Kind::Exists, sentence(Tr::tr("%1 is there already."), path)}
                   : Error{Error::Kind::NotWritable, sentence(Tr::tr("%1 cannot be made (%2)."), path,
                                                              QString::fromLocal8Bit(std::strerror(errno)))};
    ::close(made);
    auto db = databaseAt(path, Access::ReadWrite);
    if (!db) return db.error();
    sqlite3* handle = db->handle;
    const bool ready =
        run(handle, "PRAGMA journal_mode=WAL; PRAGMA synchronous=FULL; PRAGMA secure_delete=ON;") &&
        run(handle, "BEGIN IMMEDIATE") && run(handle, schema) &&
        run(handle, ("PRAGMA application_id=" + std::to_string(applicationId)).c_str()) &&
        run(handle, ("PRAGMA user_version=" + std::to_string(formatVersion)).c_str()) &&
        Statement(handle, "INSERT INTO head(case_id) VALUES(?1)").blob(1, caseId).step() == SQLITE_DONE &&
        run(handle, "COMMIT");
    // What nothing opens is no case; what SQLite keeps beside it stays where the disk is full.
    const auto takenBack = [&](const Error& error) {
        const QByteArray name = bytesOfPath(path);
        for (const QByteArray& part : {name, name + "-wal", name + "-shm"}) ::unlink(part.constData());
        return error;
    };
    if (!ready) {
        const Error error = notWritten(handle, path);
        *db = Database();
        return takenBack(error);
    }
    auto parts = std::make_unique<Parts>(path, std::move(*db), caseId, key);
    parts->rootKnown = true;
    std::unique_ptr<SealedRows> rows(new SealedRows(std::move(parts)));
    if (auto locked = rows->setLocks(locks); !locked) {
        rows.reset();
        return takenBack(locked.error());
    }
    return rows;
}

Result<std::unique_ptr<SealedRows>> SealedRows::open(const QString& path, const Opener& opener, Access access) {
    if (!fileExists(path)) return Error{Error::Kind::Missing, sentence(Tr::tr("%1 is not there."), path)};
    if (!isOrdinaryFile(path)) return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is not a file."), path)};
    auto db = databaseAt(path, access);
    if (!db) return db.error();
    run(db->handle,
        "PRAGMA trusted_schema=OFF; PRAGMA cell_size_check=ON; PRAGMA synchronous=FULL; PRAGMA secure_delete=ON;");
    if (pragma(db->handle, "PRAGMA application_id") != applicationId)
        return beginsLikeCase(path)
                   ? damagedCase()
                   : Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no case of Eyelid's."), path)};
    const qint64 version = pragma(db->handle, "PRAGMA user_version").value_or(0);
    if (version > formatVersion)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 was written by a newer Eyelid; open it with that one."), path)};
    QByteArray caseId;
    if (Statement head(db->handle, "SELECT case_id FROM head"); head.step() == SQLITE_ROW) caseId = head.blobAt(0);
    if (version < 1 || caseId.size() != caseIdLength) return damagedCase();
    auto parts = std::make_unique<Parts>(path, std::move(*db), caseId, CaseKey::random());
    std::unique_ptr<SealedRows> rows(new SealedRows(std::move(parts)));
    auto locks = rows->locks();
    if (!locks) return locks.error();
    auto key = opened(*locks, caseId, opener);
    if (!key && key.error().kind == Error::Kind::NotReadable) return key.error();
    if (!key)
        return Error{Error::Kind::Locked, opener.ringTrouble.isEmpty()
                                              ? sentence(Tr::tr("Nothing that was given opens %1."), path)
                                              : sentence(Tr::tr("%1 stays shut: %2"), path, opener.ringTrouble)};
    Parts& opening = *rows->m_parts;
    opening.key = *key;
    opening.sealing = key->derived("eyelid rows");
    opening.hashing = key->derived("eyelid root");
    opening.version = int(version);
    opening.readRoot(*rows);
    return rows;
}

bool SealedRows::beginsLikeCase(const QString& path) {
    constexpr qsizetype idAt = 68, idLength = 4; // sqlite.org/fileformat2.html, 1.3
    if (!isOrdinaryFile(path)) return false;
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return false;
    const QByteArray start = file.read(idAt + idLength);
    return start.startsWith("SQLite format 3") && start.mid(idAt) == QByteArray("Eyel");
}

Result<Done> SealedRows::closeAlone() {
    sqlite3* db = m_parts->db.handle;
    // Leaving the write-ahead log asks for the file to be nobody else's (sqlite.org/wal.html, 9).
    if (!run(db, "PRAGMA journal_mode=DELETE")) return notWritten(db, m_parts->path);
    m_parts->db = Database();
    return Done{};
}

int SealedRows::version() const {
    return m_parts->version;
}

Result<Done> SealedRows::copyTo(const QString& path) const {
    sqlite3* db = m_parts->db.handle;
    // Made empty first, so that nobody else can read it at any moment.
    const int made = ::open(bytesOfPath(path).constData(), O_CREAT | O_TRUNC | O_RDWR | O_CLOEXEC, 0600);
    if (made < 0)
        return Error{Error::Kind::NotWritable,
                     sentence(Tr::tr("%1 cannot be made (%2)."), path, QString::fromLocal8Bit(std::strerror(errno)))};
    ::close(made);
    if (Statement(db, "VACUUM INTO ?1").text(1, bytesOfPath(path)).step() != SQLITE_DONE) return notWritten(db, path);
    auto copy = databaseAt(path, Access::ReadWrite);
    if (!copy) return copy.error();
    if (!run(copy->handle, ("PRAGMA journal_mode=WAL; PRAGMA user_version=" + std::to_string(formatVersion)).c_str()))
        return notWritten(copy->handle, path);
    return Done{};
}

Result<std::optional<QByteArray>> SealedRows::get(int table, qint64 id) const {
    const Parts& p = *m_parts;
    Statement row(p.db.handle, "SELECT written, nonce, tag, box FROM sealed WHERE kind = ?1 AND id = ?2");
    const int found = row.number(1, table).number(2, id).step();
    if (found == SQLITE_DONE) return std::optional<QByteArray>();
    if (found != SQLITE_ROW) return damagedCase();
    const QByteArray nonce = row.blobAt(1), tag = row.blobAt(2), box = row.blobAt(3),
                     bound = p.boundTo(table, id, quint64(row.numberAt(0)));
    if (nonce.size() != qsizetype(nonceLength) || tag.size() != qsizetype(tagLength)) return damagedCase();
    QByteArray content(box.size(), 0);
    if (crypto_aead_xchacha20poly1305_ietf_decrypt_detached(bytes(content), nullptr, bytes(box), size_t(box.size()),
                                                            bytes(tag), bytes(bound), size_t(bound.size()),
                                                            bytes(nonce), p.sealing.data()) != 0)
        return damagedCase();
    return std::optional<QByteArray>(std::move(content));
}

std::vector<qint64> SealedRows::ids(int table) const {
    Statement rows(m_parts->db.handle, "SELECT id FROM sealed WHERE kind = ?1 ORDER BY id");
    rows.number(1, table);
    std::vector<qint64> all;
    while (rows.step() == SQLITE_ROW) all.push_back(rows.numberAt(0));
    return all;
}

std::set<SealedRows::Place> SealedRows::places() const {
    Statement rows(m_parts->db.handle, "SELECT kind, id FROM sealed WHERE kind <> 0 ORDER BY kind, id");
    std::set<Place> all;
    while (rows.step() == SQLITE_ROW) all.emplace_hint(all.end(), int(rows.numberAt(0)), rows.numberAt(1));
    return all;
}

// SQLite keeps what the first statement of a transaction saw for all of it (sqlite.org/isolation.html).
SealedRows::Snapshot::Snapshot(const SealedRows& of) : m_rows(of) {
    run(of.m_parts->db.handle, "BEGIN");
    of.m_parts->readRoot(of);
}

SealedRows::Snapshot::~Snapshot() {
    run(m_rows.m_parts->db.handle, "COMMIT");
}

Result<Done> SealedRows::whole() const {
    const Parts& p = *m_parts;
    if (!p.rootKnown) return damagedCase();
    Sum sum;
    quint64 count = 0;
    Statement rows(p.db.handle, "SELECT kind, id, written, tag FROM sealed WHERE kind <> 0");
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW) {
        sum.add(p.hashOf(int(rows.numberAt(0)), rows.numberAt(1), quint64(rows.numberAt(2)), rows.blobAt(3)));
        ++count;
    }
    const auto all = locks();
    if (code != SQLITE_DONE || !all) return damagedCase();
    for (size_t i = 0; i < all->size(); ++i) sum.add(p.hashOf(locksTable, qint64(i), 0, asBytes((*all)[i])));
    if (!(sum == p.sum) || count != p.count) return damagedCase();
    return Done{};
}

Result<Done> SealedRows::write(const std::vector<Row>& rows) {
    Parts& p = *m_parts;
    sqlite3* db = p.db.handle;
    if (!p.rootKnown) return damagedCase();
    if (!run(db, "BEGIN IMMEDIATE")) return notWritten(db, p.path);
    Sum sum = p.sum;
    quint64 count = p.count;
    const quint64 when = p.written + 1;
    const auto writeAll = [&] {
        Parts::Step step(db);
        for (const Row& row : rows) {
            if (const auto old = p.hashOfStored(step, row.table, row.id)) {
                sum.take(*old);
                --count;
            }
            if (row.content) {
                const auto hash = p.put(step, row.table, row.id, when, *row.content);
                if (!hash) return false;
                sum.add(*hash);
                ++count;
                continue;
            }
            if (step.drop.number(1, row.table).number(2, row.id).step() != SQLITE_DONE) return false;
            step.drop.again();
        }
        return p.putRoot(step, sum, when, count) && run(db, "COMMIT");
    };
    if (!writeAll()) {
        const Error error = notWritten(db, p.path);
        run(db, "ROLLBACK");
        return error;
    }
    p.sum = sum;
    p.count = count;
    p.written = when;
    // Of what went nothing stays in the log of writes either.
    if (std::any_of(rows.begin(), rows.end(), [](const Row& row) { return !row.content; }))
        run(db, "PRAGMA wal_checkpoint(TRUNCATE)");
    return Done{};
}

Result<std::vector<KeyLock>> SealedRows::locks() const {
    Statement rows(m_parts->db.handle, "SELECT how, salt, rounds, memory, nonce, box FROM locks ORDER BY place");
    std::vector<KeyLock> all;
    int code = SQLITE_DONE;
    while ((code = rows.step()) == SQLITE_ROW)
        all.push_back({KeyLock::How(rows.numberAt(0)), rows.blobAt(1), quint64(rows.numberAt(2)),
                       quint64(rows.numberAt(3)), rows.blobAt(4), rows.blobAt(5)});
    if (code != SQLITE_DONE) return damagedCase();
    return all;
}

Result<Done> SealedRows::setLocks(const std::vector<KeyLock>& locks) {
    Parts& p = *m_parts;
    sqlite3* db = p.db.handle;
    const auto before = this->locks();
    if (!p.rootKnown || !before) return damagedCase();
    Sum sum = p.sum;
    for (size_t i = 0; i < before->size(); ++i) sum.take(p.hashOf(locksTable, qint64(i), 0, asBytes((*before)[i])));
    const quint64 when = p.written + 1;
    const auto writeAll = [&] {
        if (!run(db, "BEGIN IMMEDIATE") || !run(db, "DELETE FROM locks")) return false;
        for (size_t i = 0; i < locks.size(); ++i) {
            const KeyLock& lock = locks[i];
            Statement row(
                db, "INSERT INTO locks(place, how, salt, rounds, memory, nonce, box) VALUES(?1,?2,?3,?4,?5,?6,?7)");
            row.number(1, qint64(i)).number(2, int(lock.how)).blob(3, lock.salt).number(4, qint64(lock.rounds));
            row.number(5, qint64(lock.memory)).blob(6, lock.nonce).blob(7, lock.box);
            if (row.step() != SQLITE_DONE) return false;
            sum.add(p.hashOf(locksTable, qint64(i), 0, asBytes(lock)));
        }
        Parts::Step step(db);
        return p.putRoot(step, sum, when, p.count) && run(db, "COMMIT");
    };
    if (!writeAll()) {
        const Error error = notWritten(db, p.path);
        run(db, "ROLLBACK");
        return error;
    }
    p.sum = sum;
    p.written = when;
    // A lock that was taken away opens nothing any more, not even out of the log of writes.
    run(db, "PRAGMA wal_checkpoint(TRUNCATE)");
    return Done{};
}

} // namespace eyelid
