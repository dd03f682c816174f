#include "app/cases/case_keeper.h"

#include "base/files.h"
#include "base/sentence.h"

#include <chrono>
#include <future>
#include <QCoreApplication>
#include <QPointer>
#include <sodium.h>

namespace eyelid {
namespace {

// What an officer did is on the disk before the next frame shows it, where the disk is that quick; the interface waits
// no longer than a frame lasts.
constexpr std::chrono::milliseconds frame{12};

// `remark`: what is to be known of how it is locked.
Result<std::shared_ptr<CaseFile>> newFile(const QString& folder, const OwnKeys& keys, const QByteArray& recoveryKey,
                                          QString& remark) {
    if (auto made = makeFolder(folder); !made) return made.error();
    auto locks = keys.locksForNewCase();
    if (!locks) return locks.error();
    remark = locks->remark;
    if (!recoveryKey.isEmpty()) locks->publicKeys.push_back(recoveryKey);
    auto file = CaseFile::create(CaseKeeper::newPath(folder), *locks);
    if (!file) return file.error();
    return std::shared_ptr<CaseFile>(std::move(*file));
}

} // namespace

struct CaseKeeper::Outcome {
    std::shared_ptr<CaseFile> file;
    QString trouble, remark;
    std::set<PictureId> pictures; ///< that stand in the file now
    QSet<int> captures;           ///< likewise
    std::promise<void> ended;
};

struct CaseKeeper::Opened {
    QString path;
    std::shared_ptr<CaseFile> file;
    std::optional<KeptCase> kept;
    std::optional<Error> error;
    bool readOnly = false, intactOnly = false;
    QString holder;
    Result<Done> open(const Opener& opener, const QString& officer);
};

// What the case is called stands within it.
QString CaseKeeper::newPath(const QString& folder) {
    return joinedPath(folder, QStringLiteral("case-%1.eyelid").arg(randombytes_random(), 8, 16, QLatin1Char('0')));
}

CaseKeeper::CaseKeeper(Case& owner) : m_case(owner) {
    connect(&m_case, &Case::changed, this, &CaseKeeper::onCaseChanged);
}

CaseKeeper::~CaseKeeper() {
    m_case.disconnect(this);
    finish();
}

void CaseKeeper::keepIn(const QString& folder, const OwnKeys& keys) {
    m_folder = folder;
    m_keys = keys;
    stand(Standing::NothingYet);
    onCaseChanged();
}

QString CaseKeeper::path() const {
    return m_file ? m_file->path() : QString();
}

bool CaseKeeper::isKeeping() const {
    return m_standing == Standing::Keeping || m_standing == Standing::Kept;
}

bool CaseKeeper::isSettled(int capture) const {
    return !isKeeping() || m_kept.contains(capture);
}

void CaseKeeper::stand(Standing standing, const QString& trouble) {
    m_standing = standing;
    m_trouble = trouble;
    emit changed();
}

void CaseKeeper::onCaseChanged() {
    if (m_standing == Standing::InMemory || m_standing == Standing::Opening || m_standing == Standing::ReadOnly) return;
    if (m_standing == Standing::NothingYet && m_case.captures().isEmpty()) return;
    m_case.begin(QDate::currentDate());
    if (m_keeping)
        m_changedSince = true;
    else
        keepNow();
}

void CaseKeeper::keepNow() {
    m_keeping = true;
    m_changedSince = false;
    auto outcome = std::make_shared<Outcome>();
    outcome->file = m_file;
    std::future<void> ended = outcome->ended.get_future();
    m_lane.start([outcome, kept = m_case.kept(), pictures = m_case.pictures(), folder = m_folder, keys = m_keys,
                  officer = m_case.officer(), keeper = QPointer(this)] {
        const auto keep = [&]() -> Result<Done> {
            if (!outcome->file) {
                auto file = newFile(folder, keys, kept.state.terms.policy->recoveryKey, outcome->remark);
                if (!file) return file.error();
                outcome->file = *file;
                if (auto held = outcome->file->setHolder(officer); !held) return held;
            }
            return outcome->file->keep(kept, *pictures, QDateTime::currentDateTimeUtc());
        };
        if (const auto done = keep(); !done) {
            outcome->trouble = done.error().sentence;
        } else {
            outcome->pictures = picturesOf(kept.state, kept.history);
            for (const Capture& capture : kept.state.captures) outcome->captures.insert(capture.id);
        }
        outcome->ended.set_value();
        QMetaObject::invokeMethod(
            keeper, [keeper, outcome] { keeper->take(outcome); }, Qt::QueuedConnection);
    });
    stand(Standing::Keeping);
    ended.wait_for(frame);
}

void CaseKeeper::use(std::shared_ptr<CaseFile> file) {
    if (m_file == file) return;
    m_file = std::move(file);
    m_remark.clear();
    if (!m_file) return m_case.pictures()->backBy({});
    m_case.pictures()->backBy([held = m_file](const PictureId& id) { return held->picture(id); },
                              [held = m_file](const PictureId& id) { return held->smallPicture(id); });
}

void CaseKeeper::take(const std::shared_ptr<Outcome>& outcome) {
    m_keeping = false;
    if (outcome->file) use(outcome->file);
    if (!outcome->remark.isEmpty()) m_remark = outcome->remark;
    if (!outcome->trouble.isEmpty()) return stand(Standing::Failed, outcome->trouble);
    m_case.pictures()->canBeLoaded(outcome->pictures);
    m_kept = outcome->captures;
    if (m_changedSince) return keepNow();
    stand(Standing::Kept);
}

void CaseKeeper::tryAgain(const QString& folder) {
    if (m_keeping || m_standing == Standing::InMemory) return;
    if (!folder.isEmpty() || (m_file && !m_file->isThere())) {
        // Its pictures may stand in the old file alone: they are had from there until the new one holds them.
        if (m_file)
            for (const PictureId& id : picturesOf(m_case.state(), m_case.history()))
                m_case.pictures()->keep(id, m_case.pictures()->picture(id));
        m_file = nullptr;
        if (!folder.isEmpty()) m_folder = folder;
    }
    keepNow();
}

bool CaseKeeper::finish() {
    if (m_keeping) {
        m_lane.finish();
        QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
        if (m_keeping) m_lane.finish(); // what changed meanwhile
        QCoreApplication::sendPostedEvents(this, QEvent::MetaCall);
    }
    if (m_standing == Standing::Failed || m_standing == Standing::ReadOnly || !m_file)
        return m_standing != Standing::Failed;
    if (m_case.captures().isEmpty() && !m_case.history().canUndo()) {
        // Nothing was worked on: nothing stays.
        const QString empty = path();
        use(nullptr);
        (void)CaseFile::destroy(empty);
    } else if (m_coveredRevision != m_case.revision()) {
        // What is lost with this is a picture in a list.
        (void)m_file->keepCover(m_case.state(), *m_case.pictures());
        m_coveredRevision = m_case.revision();
    }
    return true;
}

void CaseKeeper::leave() {
    (void)finish();
    m_kept.clear();
    m_standing = Standing::NothingYet;
    m_case.startAnew();
    use(nullptr); // pictures are read from it no more; another window may have it
    stand(m_folder.isEmpty() ? Standing::InMemory : Standing::NothingYet);
}

OpenCase CaseKeeper::handOver() {
    (void)finish();
    OpenCase open{
        m_case.kept(), m_case.pictures(), m_case.isReadOnly(), m_folder, m_keys, std::exchange(m_file, nullptr),
        m_kept,        m_standing,        m_trouble,           m_remark};
    // What is under way in this window ends with it.
    for (Capture& capture : open.kept.state.captures)
        if (capture.reading == Capture::Reading::Running) capture.reading = Capture::Reading::Waiting;
    m_standing = Standing::InMemory;
    return open;
}

void CaseKeeper::takeOver(OpenCase open) {
    m_folder = open.folder;
    m_keys = open.keys;
    m_file = std::move(open.file);
    m_kept = open.onDisk;
    m_remark = open.remark;
    m_case.restore(std::move(open.kept), std::move(open.pictures));
    m_case.setReadOnly(open.readOnly);
    stand(open.standing, open.trouble);
}

Result<Done> CaseKeeper::Opened::open(const Opener& opener, const QString& officer) {
    const auto write = intactOnly ? SealedRows::Access::ReadOnly : SealedRows::Access::ReadWrite;
    auto opened = CaseFile::open(path, opener, write);
    if (!opened && opened.error().kind == Error::Kind::Exists) {
        readOnly = true;
        opened = CaseFile::open(path, opener, SealedRows::Access::ReadOnly);
    }
    if (!opened) return opened.error();
    auto loaded = intactOnly ? (*opened)->salvage() : (*opened)->load();
    if (!loaded) return loaded.error();
    holder = (*opened)->holder();
    if (!readOnly && !intactOnly && holder != officer)
        if (auto held = (*opened)->setHolder(officer); !held) return held;
    file = std::move(*opened);
    kept = std::move(*loaded);
    return Done{};
}

void CaseKeeper::open(const QString& path, const QByteArray& passphrase) {
    auto opening = std::make_shared<Opened>();
    opening->path = path;
    start(opening, passphrase);
}

void CaseKeeper::openIntact(const QString& path) {
    auto opening = std::make_shared<Opened>();
    opening->path = path;
    opening->intactOnly = true;
    start(opening, {});
}

void CaseKeeper::start(std::shared_ptr<Opened> opening, const QByteArray& passphrase) {
    stand(Standing::Opening);
    m_lane.start([opening, passphrase, keys = m_keys, officer = m_case.officer(), keeper = QPointer(this)] {
        auto opener = keys.opener();
        if (opener) opener->passphrase = passphrase;
        const auto done = opener ? opening->open(*opener, officer) : Result<Done>(opener.error());
        if (!done) opening->error = done.error();
        QMetaObject::invokeMethod(
            keeper, [keeper, opening] { keeper->takeOpened(opening); }, Qt::QueuedConnection);
    });
}

void CaseKeeper::takeOpened(const std::shared_ptr<Opened>& opening) {
    if (!opening->error && (!m_case.captures().isEmpty() || m_case.history().canUndo()))
        opening->error = {
            Error::Kind::Exists,
            Tr::tr("Captures came while the case was being opened; they are a case of their own now. Open "
                   "the other one again.")};
    if (opening->error) {
        stand(m_folder.isEmpty() ? Standing::InMemory : Standing::NothingYet);
        onCaseChanged(); // what came meanwhile is kept
        return emit openFailed(opening->path, *opening->error);
    }
    use(opening->file);
    if (opening->intactOnly) {
        // Its pictures are had from the old file until the new one holds them.
        m_file = nullptr;
        m_case.restore(std::move(*opening->kept));
        keepNow();
        return emit opened(opening->path);
    }
    for (const Capture& capture : opening->kept->state.captures) m_kept.insert(capture.id);
    m_standing = opening->readOnly ? Standing::ReadOnly : Standing::Kept;
    m_case.restore(std::move(*opening->kept));
    m_case.setReadOnly(opening->readOnly);
    if (opening->readOnly) {
        const QString who = opening->holder.isEmpty() ? Tr::tr("Another window") : opening->holder;
        stand(Standing::ReadOnly,
              sentence(Tr::tr("%1 has this case open. Here it can be looked at; what is done here is not kept."), who));
    } else {
        stand(m_keeping ? Standing::Keeping : Standing::Kept);
    }
    emit opened(opening->path);
}

void CaseKeeper::onFile(FileWork work, std::function<void(Result<Done>)> done) {
    if (!m_file) return done(Error{Error::Kind::Missing, Tr::tr("This case is in memory alone; it has no file yet.")});
    m_lane.start([file = m_file, work = std::move(work), done = std::move(done), keeper = QPointer(this)] {
        QMetaObject::invokeMethod(
            keeper, [done, result = work(*file)] { done(result); }, Qt::QueuedConnection);
    });
}

} // namespace eyelid
