#include "app/reading_room.h"

#include "releasing/digest.h"

#include <functional>

namespace eyelid {

ReadingRoom::ReadingRoom(const Policy& policy, const QString& languages, QObject* parent)
    : QObject(parent), m_policy(std::make_shared<const Policy>(policy)), m_languages(languages) {
    // One job at a time: a reader uses all cores by itself.
    m_pool.setMaxThreadCount(1);
    m_pool.setExpiryTimeout(-1);
}

ReadingRoom::~ReadingRoom() {
    cancel();
    m_pool.waitForDone();
}

void ReadingRoom::start(std::function<void(Progress&)> work) {
    auto progress = std::make_shared<Progress>();
    m_progresses.push_back(progress);
    ++m_jobs;
    emit busyChanged();
    m_pool.start([this, work = std::move(work), progress] {
        if (!m_reader) m_reader = std::make_unique<Reader>();
        work(*progress);
        QMetaObject::invokeMethod(this, [this, progress] {
            std::erase(m_progresses, progress);
            --m_jobs;
            emit busyChanged();
        });
    });
}

void ReadingRoom::read(int capture, const QImage& picture) {
    start([this, capture, picture, watch = m_watch, policy = m_policy](Progress& progress) {
        QMetaObject::invokeMethod(this, [this, capture] { emit readingStarted(capture); });
        progress.setDoing(QStringLiteral("Reading"));
        Result<Page> page = progress.cancelled()
                                ? Result<Page>(Error{Error::Kind::Cancelled, QStringLiteral("Reading was stopped.")})
                                : m_reader->read(picture, {.languages = m_languages}, progress);
        if (!page) {
            QMetaObject::invokeMethod(this, [this, capture, error = page.error()] {
                emit readingFailed(capture, error.sentence, error.kind == Error::Kind::Cancelled);
            });
            return;
        }
        progress.setDoing(QStringLiteral("Finding"));
        auto shared = std::make_shared<const Page>(std::move(*page));
        auto findings = finder().find(*shared, *policy, *watch);
        QMetaObject::invokeMethod(
            this, [this, capture, shared, findings = std::move(findings)] { emit read(capture, shared, findings); });
    });
}

void ReadingRoom::find(int capture, std::shared_ptr<const Page> page) {
    start([this, capture, page = std::move(page), watch = m_watch, policy = m_policy](Progress& progress) {
        progress.setDoing(QStringLiteral("Finding"));
        auto findings = finder().find(*page, *policy, *watch);
        QMetaObject::invokeMethod(
            this, [this, capture, page, findings = std::move(findings)] { emit read(capture, page, findings); });
    });
}

void ReadingRoom::readArea(int capture, const QImage& picture, const QRect& area, const QString& languages,
                           ReadOptions::Content content) {
    start([=, this](Progress& progress) {
        progress.setDoing(QStringLiteral("Reading the area"));
        auto page = m_reader->read(picture, {.languages = languages, .area = area, .content = content}, progress);
        if (!page) {
            QMetaObject::invokeMethod(this, [this, sentence = page.error().sentence] { emit areaFailed(sentence); });
            return;
        }
        QMetaObject::invokeMethod(this,
                                  [=, this, reading = std::move(*page)] { emit areaRead(capture, area, reading); });
    });
}

void ReadingRoom::tryPolicy(int capture, std::shared_ptr<const Page> page, const Policy& asked) {
    const int trial = ++m_trial;
    start([this, capture, page = std::move(page), watch = m_watch, asked, trial](Progress& progress) {
        if (trial != m_trial) return;
        progress.setDoing(QStringLiteral("Trying the policy"));
        auto findings = finder().find(*page, asked, *watch);
        QMetaObject::invokeMethod(this, [this, capture, trial, findings = std::move(findings)] {
            if (trial == m_trial) emit tried(capture, findings);
        });
    });
}

Result<Done> ReadingRoom::setWatch(const QStringList& words) {
    auto list = WatchList::make(words, {});
    if (!list) return list.error();
    m_watch = std::make_shared<const WatchList>(std::move(*list));
    return Done{};
}

void ReadingRoom::carry(int capture, std::shared_ptr<const Page> page, std::vector<Finding> already,
                        std::vector<Finding> known) {
    start([this, capture, page = std::move(page), already = std::move(already), known = std::move(known),
           policy = m_policy](Progress& progress) {
        progress.setDoing(QStringLiteral("Looking for known values"));
        auto found = finder().carry(*page, already, known, *policy);
        if (!found.empty())
            QMetaObject::invokeMethod(this,
                                      [this, capture, found = std::move(found)] { emit carried(capture, found); });
    });
}

void ReadingRoom::check(CheckJob job) {
    start([this, job = std::move(job), watch = m_watch, policy = m_policy](Progress& progress) {
        std::vector<CheckedFile> files;
        const auto failed = [&](const Error& error) {
            QMetaObject::invokeMethod(
                this, [this, error] { emit checkFailed(error.sentence, error.kind == Error::Kind::Cancelled); });
        };
        for (const CheckJob::One& one : job.files) {
            if (progress.cancelled()) return failed({Error::Kind::Cancelled, QStringLiteral("The check was stopped.")});
            progress.setDoing(QStringLiteral("Making ") + one.fileName);
            auto png = sanitisedPng(one.picture, one.covers);
            if (!png) return failed(png.error());
            CheckRequest request;
            request.policy = policy.get();
            request.watch = watch.get();
            request.languages = m_languages;
            if (files.empty()) request.name = job.name; // told once, though it is the name of all
            request.capture = &one.picture;
            request.covers = one.covers;
            request.items = one.items;
            request.coveredValues = job.coveredValues;
            auto report = checkBytes(*png, request, *m_reader, finder(), progress);
            if (!report) return failed(report.error());
            files.push_back(
                {one.capture, {one.fileName, *png}, sha256(*png), one.items, one.picture.size(), std::move(*report)});
        }
        QMetaObject::invokeMethod(this, [this, files = std::move(files)] { emit checked(files); });
    });
}

const Finder& ReadingRoom::finder() {
    std::call_once(m_finderMade, [this] { m_finder = std::make_unique<Finder>(); });
    return *m_finder;
}

std::vector<Leak> ReadingRoom::checkText(const QString& text, const QString& what,
                                         const std::vector<Finding>& coveredValues) {
    CheckRequest request;
    request.policy = m_policy.get();
    request.watch = m_watch.get();
    request.coveredValues = coveredValues;
    return eyelid::checkText(text, what, request, finder());
}

void ReadingRoom::cancel() {
    for (const auto& progress : m_progresses) progress->cancel();
}

QString ReadingRoom::doing() const {
    return m_progresses.empty() ? QString() : m_progresses.front()->doing();
}
double ReadingRoom::fraction() const {
    return m_progresses.empty() ? 0 : m_progresses.front()->fraction();
}

} // namespace eyelid
