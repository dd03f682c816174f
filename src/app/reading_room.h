// Long work off the interface thread: reading captures and checking finished files, one job after the other.
#pragma once

#include "casefile/case.h"
#include "checking/check.h"
#include "finding/watch_list.h"
#include "reading/reader.h"
#include "releasing/release.h"

#include <atomic>
#include <deque>
#include <memory>
#include <mutex>
#include <QObject>
#include <QThreadPool>

namespace eyelid {

/// A picture made for checking, and what the check saw on it.
struct CheckedFile {
    int capture = 0;
    Artifact artifact; ///< in memory: it may still show what is open
    QString sha256;
    std::vector<Item> items;
    QSize size;
    CheckReport report;
};

struct CheckJob {
    struct One {
        int capture = 0;
        QString fileName;
        QImage picture;
        std::vector<Item> items;
        std::vector<Cover> covers;
    };
    std::vector<One> files;
    std::vector<Finding> coveredValues;
    QString name; ///< of the case: all files are named after it
};

class ReadingRoom final : public QObject {
    Q_OBJECT
public:
    ReadingRoom(const Policy& policy, const QString& languages, QObject* parent = nullptr);
    ~ReadingRoom() override;

    /// Reads one capture; answers with read() or readingFailed().
    void read(int capture, const QImage& picture);
    /// Looks again for what is sensitive on a page that was read before; answers with read().
    void find(int capture, std::shared_ptr<const Page> page);
    /// Reads one area once more; answers with areaRead(), or areaFailed().
    void readArea(int capture, const QImage& picture, const QRect& area, const QString& languages,
                  ReadOptions::Content content);
    /// For what is looked for from now on; jobs that were asked for before keep the policy they were asked with.
    void setPolicy(const Policy& policy) { m_policy = std::make_shared<const Policy>(policy); }
    /// What a policy would find; answers with tried() unless another is asked for meanwhile.
    void tryPolicy(int capture, std::shared_ptr<const Page> page, const Policy& policy);
    /// Words that are always findings, in this case. Errors: a word nothing could be found by.
    Result<Done> setWatch(const QStringList& words);
    QStringList watchWords() const { return m_watch->words(); }
    /// Looks on a page that was read before for values found elsewhere; answers with carried().
    void carry(int capture, std::shared_ptr<const Page> page, std::vector<Finding> already, std::vector<Finding> known);
    /// Makes the files and checks them, in memory; answers with checked() or checkFailed().
    void check(CheckJob job);
    /// Stops the job that is running and drops those that wait.
    void cancel();
    bool busy() const { return m_jobs > 0; }
    /// What the running job is doing, and how far it is.
    QString doing() const;
    double fraction() const;
    QString languages() const { return m_languages; }
    /// What a text that is to leave with the pictures must not say, as checkText() tells it; safe at any time.
    std::vector<Leak> checkText(const QString& text, const QString& what, const std::vector<Finding>& coveredValues);

signals:
    void busyChanged();
    void readingStarted(int capture);
    void read(int capture, std::shared_ptr<const Page> page, std::vector<Finding> findings);
    void readingFailed(int capture, QString sentence, bool cancelled);
    void areaRead(int capture, QRect area, Page reading);
    void areaFailed(QString sentence);
    void tried(int capture, std::vector<Finding> findings);
    void carried(int capture, std::vector<Finding> findings);
    void checked(std::vector<CheckedFile> files);
    void checkFailed(QString sentence, bool cancelled);

private:
    void start(std::function<void(Progress&)> work);
    const Finder& finder();

    std::shared_ptr<const Policy> m_policy;
    std::atomic<int> m_trial = 0; // the latest; earlier ones that still wait are passed over
    QString m_languages;
    std::shared_ptr<const WatchList> m_watch = std::make_shared<WatchList>();
    QThreadPool m_pool;
    std::unique_ptr<Reader> m_reader;
    std::once_flag m_finderMade;
    std::unique_ptr<Finder> m_finder;
    std::vector<std::shared_ptr<Progress>> m_progresses; // running and waiting, in order
    int m_jobs = 0;
};

} // namespace eyelid
