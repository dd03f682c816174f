// The cases there are, as the view Cases lists them: looked for, searched, thrown away and destroyed aside.
#pragma once

#include "base/workers.h"
#include "casefile/case_list.h"
#include "casefile/own_keys.h"

#include <atomic>
#include <memory>
#include <QHash>
#include <QObject>

class QTimer;

namespace eyelid {

class CaseShelf final : public QObject {
    Q_OBJECT
public:
    explicit CaseShelf(QObject* parent = nullptr);
    ~CaseShelf() override;

    /// Where cases are kept, and what opens them. Without a folder there are none.
    void setPlace(const QString& folder, const OwnKeys& keys);
    bool hasPlace() const { return !m_folder.isEmpty(); }

    /// Looks again, and destroys what has its day behind it and needs no question; answers with changed().
    void refresh();
    /// Whether it has been looked at all, and whether it is being looked now.
    bool isKnown() const { return m_known; }
    bool busy() const { return m_jobs > 0; }
    const std::vector<ListedCase>& cases() const { return m_cases; }
    const ListedCase* at(const QString& path) const;

    /// Looks for cases with these words on their captures; an empty text ends it. Answers with changed().
    void search(const QString& text);
    const QString& searched() const { return m_searched; }
    /// Whether the search has ended, and where the words were found: names of captures by path.
    bool searchEnded() const { return m_searchEnded; }
    const QHash<QString, QStringList>& found() const { return m_found; }

    /// Done in turn; what fails is told by trouble(), and the list is looked at again.
    void throwAway(const QString& path);
    void bringBack(const QString& path);
    /// As they were listed: what was changed since then stays.
    void destroy(const std::vector<ListedCase>& cases);
    void rename(const QString& path, const QString& name);
    void putOff(const QString& path, const DestroyDay& day);

    /// Cases whose day has come and that wait to be confirmed.
    std::vector<ListedCase> due() const;
    /// How many went by themselves since the program began.
    int destroyedByItself() const { return m_destroyed; }

signals:
    void changed();
    void trouble(const QString& sentence);

private:
    struct Looked;
    void start(std::function<void()> job, std::function<void()> done);
    using FileWork = std::function<Result<Done>(const Opener&)>;
    void inTurn(std::vector<FileWork> works);
    void markThrownAway(const QString& path, const QDate& day); ///< null: it is not
    void change(const QString& path, const Change& change);

    QString m_folder;
    OwnKeys m_keys;
    std::vector<ListedCase> m_cases;
    bool m_known = false, m_searchEnded = true;
    QString m_searched;
    QHash<QString, QStringList> m_found;
    int m_destroyed = 0, m_jobs = 0;
    std::shared_ptr<Progress> m_looking, m_searching;
    QTimer* m_daily;
    Lane m_lane; ///< the last, so that it ends before the rest goes
};

} // namespace eyelid
