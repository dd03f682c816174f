#include "app/case_keeper.h"

#include "base/files.h"
#include "base/sentence.h"

#include <QDir>
#include <QFileInfo>
#include <QPointer>
#include <sodium.h>

namespace eyelid {
namespace {

// A name that says nothing: what the case is called stands within it.
QString newPath(const QString& folder) {
    return joinedPath(folder, QStringLiteral("case-%1.eyelid").arg(randombytes_random(), 8, 16, QLatin1Char('0')));
}

Result<std::shared_ptr<CaseFile>> newFile(const QString& folder, const QString& keyFile) {
    if (auto made = makeFolder(folder); !made) return made.error();
    auto key = keyFromFile(keyFile, true);
    if (!key) return key.error();
    auto file = CaseFile::create(newPath(folder), {.keyFile = *key});
    if (!file) return file.error();
    return std::shared_ptr<CaseFile>(std::move(*file));
}

} // namespace

struct CaseKeeper::Outcome {
    std::shared_ptr<CaseFile> file;
    QString trouble;
    std::set<PictureId> pictures; ///< that stand in the file now
};

CaseKeeper::CaseKeeper(Case& owner) : m_case(owner) {
    connect(&m_case, &Case::changed, this, &CaseKeeper::onCaseChanged);
}

CaseKeeper::~CaseKeeper() {
    m_case.disconnect(this);
    finish();
}

void CaseKeeper::keepIn(const QString& folder, const QString& keyFile) {
    m_folder = folder;
    m_keyFile = keyFile;
    stand(Standing::NothingYet);
    onCaseChanged();
}

QString CaseKeeper::path() const {
    return m_file ? m_file->path() : QString();
}

void CaseKeeper::stand(Standing standing, const QString& trouble) {
    m_standing = standing;
    m_trouble = trouble;
    emit changed();
}

void CaseKeeper::onCaseChanged() {
    if (m_standing == Standing::InMemory || (m_standing == Standing::NothingYet && m_case.captures().isEmpty())) return;
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
    m_lane.start([outcome, kept = m_case.kept(), pictures = m_case.pictures(), folder = m_folder, keyFile = m_keyFile,
                  keeper = QPointer(this)] {
        const auto keep = [&]() -> Result<Done> {
            if (!outcome->file) {
                auto file = newFile(folder, keyFile);
                if (!file) return file.error();
                outcome->file = *file;
            }
            return outcome->file->keep(kept, *pictures, QDateTime::currentDateTimeUtc());
        };
        if (const auto done = keep(); !done)
            outcome->trouble = done.error().sentence;
        else
            outcome->pictures = picturesOf(kept.state, kept.history);
        QMetaObject::invokeMethod(
            keeper, [keeper, outcome] { keeper->take(outcome); }, Qt::QueuedConnection);
    });
    stand(Standing::Keeping);
}

void CaseKeeper::use(std::shared_ptr<CaseFile> file) {
    if (m_file == file) return;
    m_file = std::move(file);
    m_case.pictures()->backBy([held = m_file](const PictureId& id) { return held->picture(id); },
                              [held = m_file](const PictureId& id) { return held->smallPicture(id); });
}

void CaseKeeper::take(const std::shared_ptr<Outcome>& outcome) {
    m_keeping = false;
    if (outcome->file) use(outcome->file);
    if (!outcome->trouble.isEmpty()) return stand(Standing::Failed, outcome->trouble);
    m_case.pictures()->canBeLoaded(outcome->pictures);
    if (m_changedSince) return keepNow();
    stand(Standing::Kept);
}

void CaseKeeper::tryAgain(const QString& folder) {
    if (m_keeping || m_standing == Standing::InMemory) return;
    if (!folder.isEmpty()) {
        // Its pictures may stand in the old file alone: they are had from there until the new one holds them.
        if (m_file)
            for (const PictureId& id : picturesOf(m_case.state(), m_case.history()))
                m_case.pictures()->keep(id, m_case.pictures()->picture(id));
        m_file = nullptr;
        m_folder = folder;
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
    // Nothing was worked on: nothing stays.
    if (m_file && m_case.captures().isEmpty() && !m_case.history().canUndo()) {
        const QString empty = path();
        m_case.pictures()->backBy({});
        m_file = nullptr;
        (void)CaseFile::destroy(empty);
    }
    return m_standing != Standing::Failed;
}

std::optional<CaseKeeper::Left> CaseKeeper::lastLeft(const QString& folder, const QString& keyFile) {
    const auto key = keyFromFile(keyFile, false);
    if (!key) return std::nullopt;
    const QDir dir(folder);
    for (const QFileInfo& info : dir.entryInfoList({QStringLiteral("*.eyelid")}, QDir::Files, QDir::Time)) {
        auto file = CaseFile::open(info.filePath(), {.keyFiles = {*key}});
        const auto kept = file ? (*file)->load() : Result<KeptCase>(file.error());
        if (!kept || kept->state.captures.isEmpty()) continue;
        Left left{info.filePath(), kept->state.name, info.lastModified(), kept->state.captures.size(), 0};
        const QSet<QString> keptNames = keptValues(kept->state);
        for (const Capture& capture : kept->state.captures)
            for (const Item& item : itemsOf(capture, *kept->state.terms.policy, keptNames))
                left.open += item.decision == Decision::Open;
        return left;
    }
    return std::nullopt;
}

Result<Done> CaseKeeper::open(const QString& path, const QByteArray& passphrase) {
    Opener opener;
    opener.passphrase = passphrase;
    if (const auto key = keyFromFile(m_keyFile, false)) opener.keyFiles.push_back(*key);
    auto file = CaseFile::open(path, opener);
    if (!file) return file.error();
    auto kept = (*file)->load();
    if (!kept) return kept.error();
    use(std::shared_ptr<CaseFile>(std::move(*file)));
    m_standing = Standing::Kept;
    m_case.restore(std::move(*kept));
    stand(m_keeping ? Standing::Keeping : Standing::Kept);
    return Done{};
}

} // namespace eyelid
