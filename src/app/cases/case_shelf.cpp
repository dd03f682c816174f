#include "app/cases/case_shelf.h"

#include "base/sentence.h"

#include <QDateTime>
#include <QPointer>
#include <QTimer>

namespace eyelid {
namespace {

constexpr int hour = 3'600'000; // milliseconds: days pass while a window is open

bool goesByItself(const ListedCase& listed, const QDate& today) {
    return listed.summary &&
           (isThrownOut(*listed.summary, today) || (isDue(*listed.summary, today) && listed.summary->byItself));
}

} // namespace

struct CaseShelf::Looked {
    std::vector<ListedCase> cases;
    QStringList troubles;
    int destroyed = 0;
    bool cancelled = false;
};

CaseShelf::CaseShelf(QObject* parent) : QObject(parent), m_daily(new QTimer(this)) {
    connect(m_daily, &QTimer::timeout, this, &CaseShelf::refresh);
}

CaseShelf::~CaseShelf() {
    if (m_looking) m_looking->cancel();
    if (m_searching) m_searching->cancel();
    m_lane.finish();
}

void CaseShelf::setPlace(const QString& folder, const OwnKeys& keys) {
    m_folder = folder;
    m_keys = keys;
    m_daily->start(hour);
    refresh();
}

const ListedCase* CaseShelf::at(const QString& path) const {
    for (const ListedCase& listed : m_cases)
        if (listed.path == path) return &listed;
    return nullptr;
}

void CaseShelf::start(std::function<void()> job, std::function<void()> done) {
    ++m_jobs;
    m_lane.start([job = std::move(job), done = std::move(done), shelf = QPointer(this)] {
        job();
        QMetaObject::invokeMethod(
            shelf,
            [shelf, done] {
                --shelf->m_jobs;
                done();
                emit shelf->changed();
            },
            Qt::QueuedConnection);
    });
}

void CaseShelf::refresh() {
    if (m_folder.isEmpty()) return;
    if (m_looking) m_looking->cancel(); // what is asked for now is newer
    const auto progress = m_looking = std::make_shared<Progress>();
    const auto looked = std::make_shared<Looked>();
    start(
        [looked, progress, folder = m_folder, keys = m_keys, today = QDate::currentDate()] {
            const auto opener = keys.opener();
            if (!opener) looked->troubles << opener.error().sentence;
            auto all = listCases(folder, opener ? *opener : Opener(), *progress);
            looked->cancelled = !all && all.error().kind == Error::Kind::Cancelled;
            if (!all) return; // no folder yet: no cases
            for (ListedCase& listed : *all) {
                if (goesByItself(listed, today) && opener && destroyAsListed(listed, *opener))
                    ++looked->destroyed;
                else
                    looked->cases.push_back(std::move(listed));
            }
        },
        [this, looked] {
            if (looked->cancelled) return;
            m_known = true;
            m_cases = std::move(looked->cases);
            m_destroyed += looked->destroyed;
            for (const QString& sentence : looked->troubles) emit trouble(sentence);
        });
}

void CaseShelf::search(const QString& text) {
    if (text == m_searched) return;
    if (m_searching) m_searching->cancel();
    m_searched = text;
    m_found.clear();
    m_searchEnded = text.isEmpty();
    if (text.isEmpty() || m_folder.isEmpty()) return emit changed();
    const auto progress = m_searching = std::make_shared<Progress>();
    const auto found = std::make_shared<QHash<QString, QStringList>>();
    start(
        [found, progress, text, folder = m_folder, keys = m_keys] {
            const auto opener = keys.opener();
            if (!opener) return;
            if (const auto all = searchCases(folder, *opener, text, *progress))
                for (const FoundInCase& one : *all) found->insert(one.path, one.captures);
        },
        [this, found, text] {
            if (text != m_searched) return;
            m_found = *found;
            m_searchEnded = true;
        });
    emit changed();
}

void CaseShelf::inTurn(std::vector<FileWork> works) {
    const auto troubles = std::make_shared<QStringList>();
    start(
        [troubles, works = std::move(works), keys = m_keys] {
            const auto opener = keys.opener();
            for (const FileWork& work : works)
                if (const auto done = work(opener ? *opener : Opener()); !done) *troubles << done.error().sentence;
        },
        [this, troubles] {
            if (!troubles->isEmpty()) emit trouble(troubles->join(u'\n'));
        });
    refresh();
}

void CaseShelf::markThrownAway(const QString& path, const QDate& day) {
    inTurn({[path, day](const Opener& opener) -> Result<Done> {
        auto file = CaseFile::open(path, opener);
        return file ? (*file)->throwAway(day) : Result<Done>(file.error());
    }});
}

void CaseShelf::throwAway(const QString& path) {
    markThrownAway(path, QDate::currentDate());
}

void CaseShelf::bringBack(const QString& path) {
    markThrownAway(path, {});
}

void CaseShelf::destroy(const std::vector<ListedCase>& cases) {
    std::vector<FileWork> works;
    for (const ListedCase& listed : cases)
        works.push_back([listed](const Opener& opener) { return destroyAsListed(listed, opener); });
    inTurn(std::move(works));
}

void CaseShelf::change(const QString& path, const Change& change) {
    inTurn({[path, change, now = QDateTime::currentDateTimeUtc()](const Opener& opener) {
        return changeCase(path, opener, change, now);
    }});
}

void CaseShelf::rename(const QString& path, const QString& name) {
    if (!name.trimmed().isEmpty()) change(path, {Tr::tr("renaming the case"), {SetName{name.trimmed()}}});
}

void CaseShelf::putOff(const QString& path, const DestroyDay& day) {
    change(path, {Tr::tr("changing the day of destruction"), {SetDestroyDay{day}}});
}

std::vector<ListedCase> CaseShelf::due() const {
    std::vector<ListedCase> all;
    for (const ListedCase& listed : m_cases)
        if (listed.summary && isDue(*listed.summary, QDate::currentDate())) all.push_back(listed);
    return all;
}

} // namespace eyelid
