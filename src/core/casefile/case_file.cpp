#include "casefile/case_file.h"

#include "base/files.h"
#include "base/sentence.h"
#include "base/workers.h"
#include "casefile/case_json.h"
#include "casefile/packed_picture.h"

#include <cerrno>
#include <cstring>
#include <fcntl.h>
#include <mutex>
#include <QFileInfo>
#include <sodium.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <unistd.h>

namespace eyelid {
namespace {

enum Table {
    Head = 1,
    Captures = 2,
    Readings = 3,
    DoneChanges = 4,
    UndoneChanges = 5,
    Pictures = 6,
    Summary = 7,
    SmallPictures = 8,
    SearchTexts = 9,
    CoverPicture = 10,
    Holder = 11
};
constexpr qint64 largestRecord = 256'000'000;

QByteArray hashOf(const QByteArray& bytes) {
    QByteArray hash(32, 0);
    crypto_generichash(reinterpret_cast<unsigned char*>(hash.data()), 32,
                       reinterpret_cast<const unsigned char*>(bytes.constData()), size_t(bytes.size()), nullptr, 0);
    return hash;
}

Error noLock() {
    return {Error::Kind::BadInput, Tr::tr("A case needs a passphrase or a key to be locked by.")};
}

// Errors: BadInput where none is wanted; those of lockByPassphrase().
Result<std::vector<KeyLock>> locksFor(const CaseKey& key, const QByteArray& caseId, const CaseLocks& wanted) {
    std::vector<KeyLock> locks;
    if (wanted.keyRing) locks.push_back(lockByKey(key, caseId, *wanted.keyRing, KeyLock::How::KeyRing));
    if (wanted.keyFile) locks.push_back(lockByKey(key, caseId, *wanted.keyFile, KeyLock::How::KeyFile));
    for (const QByteArray& publicKey : wanted.publicKeys) locks.push_back(lockForPublicKey(key, publicKey));
    if (!wanted.passphrase.isEmpty()) {
        auto lock = lockByPassphrase(key, caseId, wanted.passphrase, wanted.cost);
        if (!lock) return lock.error();
        locks.push_back(std::move(*lock));
    }
    if (locks.empty()) return noLock();
    return locks;
}

std::vector<quint64> serialsOf(const std::vector<Change>& changes) {
    std::vector<quint64> serials;
    for (const Change& change : changes) serials.push_back(change.serial);
    return serials;
}

std::vector<std::shared_ptr<const Page>> pagesOf(const Capture& capture) {
    std::vector<std::shared_ptr<const Page>> pages;
    for (const PictureReading& reading : capture.readings) pages.push_back(reading.page);
    return pages;
}

// A file, or the names in a folder, so that they outlast a loss of power. Nothing of it may be open.
bool isOnDisk(const QByteArray& path) {
    const int file = ::open(path.constData(), O_RDONLY | O_CLOEXEC);
    const bool done = file >= 0 && ::fsync(file) == 0;
    if (file >= 0) ::close(file);
    return done;
}

CaseHead headOf(const KeptCase& kept) {
    CaseHead head{kept.state, {}, kept.history.done().size(), kept.history.undone().size(), kept.secret};
    for (const Capture& capture : kept.state.captures) head.captures.push_back(capture.id);
    head.state.captures.clear();
    return head;
}

} // namespace

// Held by whoever writes a case; gone with its process.
class CaseFile::WriteLock {
public:
    static Result<std::unique_ptr<WriteLock>> on(const QString& path) {
        const std::lock_guard guard(heldMutex());
        // Opening and closing the file once more in this program would drop the locks by which SQLite tells other
        // programs that it is in use (fcntl(2), record locks): they would tidy away what is written next.
        const auto there = fileAt(path);
        if (there && held().count(*there)) return inUse(path);
        const int file =
            ::open(bytesOfPath(path).constData(), O_RDONLY | O_CLOEXEC | O_NONBLOCK); // no waiting for pipes
        if (file < 0)
            return Error{errno == ENOENT ? Error::Kind::Missing : Error::Kind::NotReadable,
                         errno == ENOENT ? sentence(Tr::tr("%1 is not there."), path)
                                         : sentence(Tr::tr("%1 cannot be opened (%2)."), path,
                                                    QString::fromLocal8Bit(std::strerror(errno)))};
        if (flock(file, LOCK_EX | LOCK_NB) != 0 && errno == EWOULDBLOCK) {
            ::close(file);
            return inUse(path);
        }
        struct stat state {};
        fstat(file, &state);
        std::unique_ptr<WriteLock> lock(new WriteLock(file, {state.st_dev, state.st_ino}));
        held().insert(lock->m_which);
        return lock;
    }
    ~WriteLock() {
        const std::lock_guard guard(heldMutex());
        held().erase(m_which);
        ::close(m_file);
    }
    /// Whether the file that is locked is still the one at that path.
    bool isAt(const QString& path) const { return fileAt(path) == m_which; }

private:
    using FileId = std::pair<dev_t, ino_t>;
    WriteLock(int file, FileId which) : m_file(file), m_which(which) {}
    static std::optional<FileId> fileAt(const QString& path) {
        struct stat state {};
        if (stat(bytesOfPath(path).constData(), &state) != 0) return std::nullopt;
        return FileId(state.st_dev, state.st_ino);
    }
    static Error inUse(const QString& path) {
        return {Error::Kind::Exists, sentence(Tr::tr("%1 is open in another window; close it there first."), path)};
    }
    static std::mutex& heldMutex() {
        static std::mutex mutex;
        return mutex;
    }
    static std::set<FileId>& held() {
        static std::set<FileId> files;
        return files;
    }
    int m_file;
    FileId m_which;
};

CaseFile::CaseFile(QString path, std::unique_ptr<WriteLock> lock, std::unique_ptr<SealedRows> rows)
    : m_path(std::move(path)), m_lock(std::move(lock)), m_rows(std::move(rows)),
      m_naming(m_rows->key().derived("eyelid pictures")) {}

CaseFile::~CaseFile() = default;

Result<std::unique_ptr<CaseFile>> CaseFile::create(const QString& path, const CaseLocks& locks) {
    const CaseKey key = CaseKey::random();
    QByteArray caseId(16, 0);
    randombytes_buf(caseId.data(), size_t(caseId.size()));
    const auto wrapped = locksFor(key, caseId, locks);
    if (!wrapped) return wrapped.error();
    auto rows = SealedRows::create(path, key, caseId, *wrapped);
    if (!rows) return rows.error();
    auto lock = WriteLock::on(path);
    if (!lock) return lock.error();
    return std::unique_ptr<CaseFile>(new CaseFile(path, std::move(*lock), std::move(*rows)));
}

Result<std::unique_ptr<CaseFile>> CaseFile::open(const QString& path, const Opener& opener, SealedRows::Access access) {
    std::unique_ptr<WriteLock> lock;
    if (access == SealedRows::Access::ReadWrite) {
        auto held = WriteLock::on(path);
        if (!held) return held.error();
        lock = std::move(*held);
    }
    auto rows = SealedRows::open(path, opener, access);
    if (!rows) return rows.error();
    std::unique_ptr<CaseFile> file(new CaseFile(path, std::move(lock), std::move(*rows)));
    if (access == SealedRows::Access::ReadWrite && file->m_rows->version() < SealedRows::formatVersion)
        return migrated(std::move(file), opener);
    return file;
}

// What newer versions hold besides is put there by the next keep().
Result<std::unique_ptr<CaseFile>> CaseFile::migrated(std::unique_ptr<CaseFile> old, const Opener& opener) {
    if (auto whole = old->verify(); !whole) return whole.error();
    const QString path = old->path(), copyPath = path + QStringLiteral(".new");
    const auto failed = [&](const Error& error) {
        ::unlink(bytesOfPath(copyPath).constData());
        return error;
    };
    if (auto copied = old->m_rows->copyTo(copyPath); !copied) return failed(copied.error());
    {
        auto copy = CaseFile::open(copyPath, opener);
        if (!copy) return failed(copy.error());
        if (auto whole = (*copy)->verify(); !whole) return failed(whole.error());
    } // closing it leaves one file
    // Who still reads the old one would leave its log of writes beside the new one.
    if (auto closed = old->m_rows->closeAlone(); !closed) return failed(closed.error());
    old->m_rows.reset();
    // While the old one is still locked nobody else can take the place of either.
    const QByteArray folder = bytesOfPath(fullPath(path));
    if (!isOnDisk(bytesOfPath(copyPath)) ||
        ::rename(bytesOfPath(copyPath).constData(), bytesOfPath(path).constData()) != 0)
        return failed({Error::Kind::NotWritable, sentence(Tr::tr("%1 could not be replaced (%2)."), path,
                                                          QString::fromLocal8Bit(std::strerror(errno)))});
    (void)isOnDisk(folder.left(folder.lastIndexOf('/') + 1));
    old.reset();
    return CaseFile::open(path, opener);
}

qint64 CaseFile::rowOf(const PictureId& id) const {
    const QByteArray name = id.toHex();
    unsigned char hash[16];
    crypto_generichash(hash, sizeof hash, reinterpret_cast<const unsigned char*>(name.constData()), size_t(name.size()),
                       m_naming.data(), CaseKey::length);
    quint64 row = 0;
    for (int i = 0; i < 8; ++i) row = (row << 8) | hash[i];
    return qint64(row >> 1);
}

QImage CaseFile::picture(const PictureId& id) const {
    const auto content = m_rows->get(Pictures, rowOf(id));
    return content && *content ? unpackedPicture(**content) : QImage();
}

QImage CaseFile::smallPicture(const PictureId& id) const {
    const auto content = m_rows->get(SmallPictures, rowOf(id));
    return content && *content ? unpackedPicture(**content) : QImage();
}

bool CaseFile::hasPictures(const Capture& capture) const {
    if (picture(capture.picture).isNull()) return false;
    if (!capture.joined) return true;
    const auto& parts = capture.joined->pictures;
    return std::none_of(parts.begin(), parts.end(), [&](const PictureId& id) { return picture(id).isNull(); });
}

Result<KeptCase> CaseFile::load() {
    const SealedRows::Snapshot moment(*m_rows);
    if (auto whole = m_rows->whole(); !whole) return whole.error();
    m_stored.clear(); // what stands there is not written again
    m_captures.clear();
    auto kept = read(false, &m_stored);
    if (!kept) return kept;
    rememberRest(*kept);
    return kept;
}

Result<KeptCase> CaseFile::salvage() const {
    const SealedRows::Snapshot moment(*m_rows);
    return read(true);
}

std::optional<QByteArray> CaseFile::record(int table, qint64 id) const {
    const auto content = m_rows->get(table, id);
    return content && *content ? unpacked(**content, largestRecord) : std::nullopt;
}

// Nothing where it is not as it was written; of a damaged case, with its pictures alone.
std::optional<Capture> CaseFile::readCapture(int id, const QString& languages, bool intactOnly,
                                             QByteArray& hash) const {
    const auto bytes = record(Captures, id), readings = record(Readings, id);
    if (bytes) hash = hashOf(*bytes);
    auto capture = bytes ? captureFromJson(*bytes) : Result<Capture>(damagedCase());
    auto read = readings ? readingsFromJson(*readings) : Result<std::vector<PictureReading>>(damagedCase());
    if (!capture || (!intactOnly && !read) || (intactOnly && !hasPictures(*capture))) return std::nullopt;
    if (read) capture->readings = std::move(*read);
    capture->page = pageOf(*capture, languages);
    capture->reading = capture->page ? Capture::Reading::Done : Capture::Reading::Waiting;
    return *capture;
}

Result<KeptCase> CaseFile::read(bool intactOnly, Hashes* stored) const {
    KeptCase kept;
    const auto headBytes = record(Head, 0);
    if (!headBytes) return damagedCase();
    auto head = headFromJson(*headBytes);
    if (!head) return damagedCase();
    kept.state = head->state;
    kept.secret = head->secret;
    // Most of the time goes into what was read, so it is taken apart side by side.
    std::vector<std::optional<Capture>> captures(head->captures.size());
    std::vector<QByteArray> hashes(captures.size());
    onWorkers(captures.size(), [&](size_t i) {
        captures[i] = readCapture(head->captures[i], kept.state.terms.languages, intactOnly, hashes[i]);
    });
    if (stored) {
        (*stored)[{Head, 0}] = hashOf(*headBytes);
        for (size_t i = 0; i < hashes.size(); ++i) (*stored)[{Captures, head->captures[i]}] = hashes[i];
    }
    for (std::optional<Capture>& capture : captures) {
        if (!capture && !intactOnly) return damagedCase();
        if (capture) kept.state.captures.push_back(std::move(*capture));
    }
    std::vector<Change> done, undone; // steps of which one is lost take nothing back: none of them, then
    const auto changes = [&](int table, size_t count, std::vector<Change>& to) {
        for (size_t i = 0; i < count; ++i) {
            const auto bytes = record(table, qint64(i));
            auto change = bytes ? changeFromJson(*bytes) : Result<Change>(damagedCase());
            if (!change) return false;
            to.push_back(std::move(*change));
        }
        return true;
    };
    if (!intactOnly && (!changes(DoneChanges, head->done, done) || !changes(UndoneChanges, head->undone, undone)))
        return damagedCase();
    kept.history = History(std::move(done), std::move(undone));
    return kept;
}

CaseFile::Changed CaseFile::changedRows(const KeptCase& kept, const PictureStore& pictures) const {
    Changed changed;
    std::vector<SealedRows::Row>& rows = changed.rows;
    Places there;
    const std::vector<NewPicture> wanted = newPictures(kept, there);
    const auto put = [&](int table, qint64 id, const QByteArray& json) {
        const auto stored = m_stored.find({table, id});
        const QByteArray hash = hashOf(json);
        if (stored != m_stored.end() && stored->second == hash) return;
        rows.push_back({table, id, packed(json)});
        changed.stored[{table, id}] = hash;
    };
    there.insert({Head, 0});
    put(Head, 0, headToJson(headOf(kept)));
    for (const Capture& capture : kept.state.captures) {
        there.insert({Captures, capture.id});
        // A step changes one or two of hundreds.
        const auto last = m_captures.constFind(capture.id);
        if (last == m_captures.constEnd() || *last != capture) {
            put(Captures, capture.id, captureToJson(capture));
            changed.captures.push_back(&capture);
        }
        const auto read = m_readings.find(capture.id);
        there.insert({Readings, capture.id});
        if (read == m_readings.end() || read->second != pagesOf(capture))
            rows.push_back({Readings, capture.id, packed(readingsToJson(capture.readings))});
    }
    const auto changes = [&](int table, const std::vector<Change>& list, const std::vector<quint64>& stored) {
        for (size_t i = 0; i < list.size(); ++i) {
            there.insert({table, qint64(i)});
            if (i >= stored.size() || stored[i] != list[i].serial)
                rows.push_back({table, qint64(i), packed(changeToJson(list[i]))});
        }
    };
    changes(DoneChanges, kept.history.done(), m_done);
    changes(UndoneChanges, kept.history.undone(), m_undone);
    addSearchRows(kept.state, there, rows);
    // Most of keeping a capture; on this thread, whose memory is warm (beside the rest it took a tenth longer).
    for (SealedRows::Row& row : pictureRows(wanted, pictures)) rows.push_back(std::move(row));
    const std::set<int> ofTheState{Captures, Readings,      DoneChanges, UndoneChanges,
                                   Pictures, SmallPictures, SearchTexts};
    for (const auto& [table, id] : *m_places)
        if (ofTheState.count(table) && !there.count({table, id})) rows.push_back({table, id, std::nullopt});
    return changed;
}

std::vector<CaseFile::NewPicture> CaseFile::newPictures(const KeptCase& kept, Places& there) const {
    const Places& before = *m_places;
    std::vector<NewPicture> wanted;
    for (const PictureId& id : picturesOf(kept.state, kept.history)) {
        const qint64 row = rowOf(id);
        there.insert({Pictures, row});
        if (!id.isNull() && !before.count({Pictures, row})) wanted.push_back({Pictures, row, id});
    }
    for (const Capture& capture : kept.state.captures) {
        const qint64 row = rowOf(capture.picture);
        if (there.insert({SmallPictures, row}).second && !before.count({SmallPictures, row}))
            wanted.push_back({SmallPictures, row, capture.picture});
    }
    return wanted;
}

std::vector<SealedRows::Row> CaseFile::pictureRows(const std::vector<NewPicture>& wanted,
                                                   const PictureStore& pictures) {
    std::vector<QByteArray> ready(wanted.size());
    onWorkers(wanted.size(), [&](size_t i) {
        const PictureId& id = wanted[i].id;
        const QImage picture = wanted[i].table == Pictures ? pictures.picture(id) : pictures.small(id);
        if (!picture.isNull()) ready[i] = packedPicture(picture);
    });
    std::vector<SealedRows::Row> rows;
    for (size_t i = 0; i < wanted.size(); ++i)
        if (!ready[i].isEmpty()) rows.push_back({wanted[i].table, wanted[i].row, ready[i]});
    return rows;
}

void CaseFile::addSearchRows(const CaseState& state, Places& there, std::vector<SealedRows::Row>& rows) const {
    for (const Capture& capture : state.captures) {
        if (!capture.page) continue;
        there.insert({SearchTexts, capture.id});
        const auto searched = m_searched.find(capture.id);
        if (searched == m_searched.end() || searched->second != capture.page)
            rows.push_back({SearchTexts, capture.id, packed(searchText(*capture.page).toUtf8())});
    }
}

Result<CaseSummary> CaseFile::summary() const {
    if (const auto bytes = record(Summary, 0)) return summaryFromJson(*bytes);
    const auto kept = read(false);
    return kept ? summaryOf(kept->state, QFileInfo(m_path).lastModified()) : Result<CaseSummary>(kept.error());
}

QImage CaseFile::cover() const {
    const auto content = m_rows->get(CoverPicture, 0);
    return content && *content ? unpackedPicture(**content) : QImage();
}

Result<Done> CaseFile::keepCover(const CaseState& state, const PictureStore& pictures) {
    const QImage picture = coverPicture(state, pictures);
    if (picture.isNull() ? cover().isNull() : picture == cover()) return Done{};
    std::optional<QByteArray> content;
    if (!picture.isNull()) content = packedPicture(picture);
    return m_rows->write({{CoverPicture, 0, content}});
}

// What was read on a capture; from the readings themselves where an older version kept no text of them.
std::optional<QString> CaseFile::textOf(qint64 capture) const {
    if (const auto text = record(SearchTexts, capture)) return QString::fromUtf8(*text);
    const auto bytes = record(Readings, capture);
    auto readings = bytes ? readingsFromJson(*bytes) : Result<std::vector<PictureReading>>(damagedCase());
    if (!readings || readings->empty()) return std::nullopt;
    return searchText(*readings->back().page);
}

QStringList CaseFile::capturesWith(const QString& wanted) const {
    QStringList names;
    for (const qint64 id : m_rows->ids(Captures)) {
        const auto text = textOf(id);
        if (!text || !text->contains(wanted, Qt::CaseInsensitive)) continue;
        const auto bytes = record(Captures, id);
        const auto capture = bytes ? captureFromJson(*bytes) : Result<Capture>(damagedCase());
        if (capture) names << capture->name;
    }
    return names;
}

Result<Done> CaseFile::throwAway(const QDate& day) {
    auto told = summary();
    if (!told) return told.error();
    told->thrownAway = day;
    return m_rows->write({{Summary, 0, packed(summaryToJson(*told))}});
}

Result<Done> CaseFile::setHolder(const QString& officer) {
    return m_rows->write({{Holder, 0, packed(officer.toUtf8())}});
}

QString CaseFile::holder() const {
    const auto bytes = record(Holder, 0);
    return bytes ? QString::fromUtf8(*bytes) : QString();
}

bool CaseFile::isThere() const {
    return !m_lock || m_lock->isAt(m_path);
}

Result<Done> CaseFile::keep(const KeptCase& kept, const PictureStore& pictures, const QDateTime& now) {
    // What is written to a file that was taken away is gone with this program.
    if (!isThere())
        return Error{Error::Kind::NotWritable,
                     sentence(Tr::tr("%1 is not there any more; keep the case in another file or folder."), m_path)};
    if (!m_places) m_places = m_rows->places();
    Changed changed = changedRows(kept, pictures);
    if (changed.rows.empty()) return Done{};
    changed.rows.push_back({Summary, 0, packed(summaryToJson(summaryOf(kept.state, now)))});
    if (auto written = m_rows->write(changed.rows); !written) return written.error();
    remember(kept, changed);
    return Done{};
}

void CaseFile::remember(const KeptCase& kept, const Changed& written) {
    for (const SealedRows::Row& row : written.rows) {
        if (row.content) {
            m_places->insert({row.table, row.id});
        } else {
            m_places->erase({row.table, row.id});
            m_stored.erase({row.table, row.id});
            if (row.table == Captures) m_captures.remove(int(row.id));
        }
    }
    for (const auto& [place, hash] : written.stored) m_stored[place] = hash;
    for (const Capture* capture : written.captures) m_captures.insert(capture->id, *capture);
    rememberRest(kept);
}

void CaseFile::rememberRest(const KeptCase& kept) {
    m_readings.clear();
    m_searched.clear();
    for (const Capture& capture : kept.state.captures) {
        m_readings[capture.id] = pagesOf(capture);
        m_searched[capture.id] = capture.page;
    }
    m_done = serialsOf(kept.history.done());
    m_undone = serialsOf(kept.history.undone());
}

Result<Done> CaseFile::verify() const {
    const SealedRows::Snapshot moment(*m_rows);
    if (auto whole = m_rows->whole(); !whole) return whole.error();
    const auto kept = read(false);
    if (!kept) return kept.error();
    for (const PictureId& id : picturesOf(kept->state, kept->history))
        if (!id.isNull() && PictureId::of(picture(id)) != id) return damagedCase();
    return Done{};
}

Result<Done> CaseFile::setLocks(const CaseLocks& locks) {
    const auto wrapped = locksFor(m_rows->key(), m_rows->caseId(), locks);
    return wrapped ? m_rows->setLocks(*wrapped) : Result<Done>(wrapped.error());
}

Result<std::vector<KeyLock::How>> CaseFile::lockedBy() const {
    const auto locks = m_rows->locks();
    if (!locks) return locks.error();
    std::vector<KeyLock::How> hows;
    for (const KeyLock& lock : *locks) hows.push_back(lock.how);
    return hows;
}

Result<Done> CaseFile::addLocks(const CaseLocks& wanted) {
    auto locks = m_rows->locks();
    if (!locks) return locks.error();
    const auto further = locksFor(m_rows->key(), m_rows->caseId(), wanted);
    if (!further) return further.error();
    if (!wanted.passphrase.isEmpty())
        std::erase_if(*locks, [](const KeyLock& lock) { return lock.how == KeyLock::How::Passphrase; });
    locks->insert(locks->end(), further->begin(), further->end());
    return m_rows->setLocks(*locks);
}

Result<Done> CaseFile::dropLocks(KeyLock::How how) {
    auto locks = m_rows->locks();
    if (!locks) return locks.error();
    std::erase_if(*locks, [&](const KeyLock& lock) { return lock.how == how; });
    if (locks->empty()) return noLock();
    return m_rows->setLocks(*locks);
}

Result<Done> CaseFile::destroy(const QString& path) {
    auto lock = WriteLock::on(path);
    if (!lock) return lock.error();
    const QString whole = resolvedPath(path); // beside which SQLite keeps what it wrote last
    // A case whose beginning is damaged is told by its name.
    if (!isOrdinaryFile(whole) || !(SealedRows::beginsLikeCase(whole) || whole.endsWith(caseEnding)))
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no case of Eyelid's."), path)};
    const QByteArray name = bytesOfPath(whole);
    const auto failed = [&] {
        return Error{Error::Kind::NotWritable, sentence(Tr::tr("%1 could not be destroyed (%2)."), path,
                                                        QString::fromLocal8Bit(std::strerror(errno)))};
    };
    for (const QByteArray& part : {name, name + "-wal", name + "-shm"}) {
        const int file = ::open(part.constData(), O_WRONLY | O_CLOEXEC);
        if (file < 0 && errno == ENOENT && part != name) continue;
        if (file < 0) return failed();
        struct stat state {};
        bool overwritten = fstat(file, &state) == 0;
        const QByteArray random = [] {
            QByteArray block(1 << 16, 0);
            randombytes_buf(block.data(), size_t(block.size()));
            return block;
        }();
        for (off_t at = 0; overwritten && at < state.st_size;) {
            const ssize_t wrote =
                pwrite(file, random.constData(), size_t(std::min<off_t>(state.st_size - at, random.size())), at);
            overwritten = wrote > 0;
            at += std::max<ssize_t>(wrote, 0);
        }
        overwritten = overwritten && fsync(file) == 0;
        ::close(file);
        if (!overwritten || ::unlink(part.constData()) != 0) return failed();
    }
    if (name != bytesOfPath(path)) ::unlink(bytesOfPath(path).constData()); // a link that leads nowhere now
    return Done{};
}

} // namespace eyelid
