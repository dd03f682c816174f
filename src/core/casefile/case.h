// A case: captures worked on together, with everything decided about them. Knows nothing of its views; every change a
// user makes is undoable.
#pragma once

#include "casefile/identities.h"
#include "editing/item.h"
#include "finding/policy.h"
#include "joining/scrolled_page.h"
#include "reading/corrections.h"
#include "reading/page.h"

#include <memory>
#include <QImage>
#include <QObject>
#include <QUndoStack>
#include <vector>

namespace eyelid {

struct Capture {
    enum class Reading { Waiting, Running, Done, Failed };
    int id = 0;
    QString name;   ///< "Capture 3": neutral, for released files
    QString origin; ///< what it was taken from, for the officer's screen only
    QImage picture; ///< as taken or brought in; never altered
    Reading reading = Reading::Waiting;
    QString trouble; ///< why reading failed
    std::shared_ptr<const Page> page;
    std::vector<Correction> corrections; ///< words put right by hand; they hold for later readings as well
    std::vector<Item> items;
    /// Findings nobody has decided about that were not found again, by another policy or reading. Found once more, or
    /// decided by an undone change that is done again, they are what they were.
    std::vector<Item> dormant;
    std::shared_ptr<const ScrolledPage> joined; ///< how a scrolled page was put together; null for others
};

/// How far a decision reaches.
enum class Scope {
    One,
    SameValue,  ///< to the letter
    LooksAlike, ///< the same value as far as a reader can tell: what covering one may cover
    SameKind
};

class Case final : public QObject {
    Q_OBJECT
public:
    explicit Case(Policy policy, QObject* parent = nullptr);
    ~Case() override;

    QString name() const { return m_name; }
    void setName(const QString& name);
    const Policy& policy() const { return m_policy; }
    /// Undoable. What the policy finds is for the caller to look for.
    void setPolicy(const Policy& policy);
    const QByteArray& secret() const { return m_secret; }

    const std::vector<Capture>& captures() const { return m_captures; }
    const Capture* capture(int id) const;
    const Capture* captureOf(int itemId) const;
    const Item* item(int id) const;
    /// All items of the same value, or of the same kind, throughout the case; always holds `itemId` itself.
    std::vector<int> itemsInScope(int itemId, Scope scope) const;

    /// Undoable. Returns the capture's id. `joined`: how a scrolled page was put together.
    int add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined = {});
    /// Undoable.
    void remove(int captureId);
    /// Undoable. For a scrolled page that was joined anew: another picture of the same pictures. What was found on the
    /// old one goes, the places covered by hand stay; it has to be read again.
    void setPicture(int captureId, const QImage& picture, std::shared_ptr<const ScrolledPage> joined = {});
    /// Joins that were looked at and left where they are; nothing of the picture changes.
    void setJoined(int captureId, std::shared_ptr<const ScrolledPage> joined);

    /// Reading's own results; not undoable. Ignored when the capture is gone.
    void setReading(int captureId, Capture::Reading state, const QString& trouble = {});
    /// Replaces findings nobody has decided about; keeps those somebody has, and areas.
    void setFindings(int captureId, std::shared_ptr<const Page> page, const std::vector<Finding>& findings);
    /// Undoable. A word put right by hand; what can be found on the page then is for the caller to look for.
    void correctWord(int captureId, const QRectF& box, const QString& text);
    /// Undoable. An area read anew.
    void replaceReading(int captureId, const QRect& area, const Page& reading);
    /// Further findings, as when a value was met elsewhere.
    void addFindings(int captureId, const std::vector<Finding>& findings);

    /// Undoable. Covering the same value covers what looks alike as well; keeping it, or opening it, asks for the very
    /// same letters.
    void decide(int itemId, Scope scope, Decision decision);
    void setStyle(int itemId, Scope scope, CoverStyle style, double strength);
    void setNote(int itemId, const QString& note);
    /// Covers a place by hand; returns the item's id, or 0 where the place lies outside the capture.
    int addArea(int captureId, const QRect& place, CoverStyle style, double strength);
    /// Covers what a check could still read, as a finding with its value. Returns the item's id.
    int coverFinding(int captureId, const Finding& finding);
    /// Takes an area away again. Findings cannot be taken away, only kept.
    void removeArea(int itemId);

    QUndoStack* undoStack() { return &m_undo; }

    /// Where this case's files come from and go to. A path may hold a name: it is kept with the case alone.
    struct Folders {
        QString bringIn, release, words;
    };
    Folders folders;

    struct Counts {
        int open = 0, cover = 0, keep = 0, unread = 0;
        int settled() const { return cover + keep; }
        int all() const { return open + cover + keep; }
    };
    Counts counts() const;
    Counts counts(const Capture& capture) const;
    std::vector<Cover> covers(const Capture& capture) const;
    /// All that is covered in the whole case: findings, and the words that covers drawn by hand hide.
    std::vector<Finding> coveredValues() const;
    /// Grows with every change that a release would show; a check holds for one revision.
    int revision() const { return m_revision; }

signals:
    void policyChanged();
    void capturesChanged();           ///< added, removed
    void captureChanged(int capture); ///< its reading or its items
    void pageChanged(int capture);    ///< its words were put right, read anew, or that was undone

private:
    friend class PolicyCommand;
    friend class ItemsCommand;
    friend class AreaCommand;
    friend class CaptureCommand;
    friend class PictureCommand;
    friend class PageCommand;
    Capture* find(int id);
    Item* findItem(int id, Capture** owner = nullptr);
    Item makeItem(const Finding& finding);
    Item* findDormant(int id, Capture** owner);
    std::vector<std::pair<Item, Item>> decided(const std::vector<int>& ids, Decision decision) const;
    void touched(int captureId);

    QString m_name;
    Policy m_policy;
    QByteArray m_secret;
    std::vector<Capture> m_captures;
    Identities m_identities;
    QUndoStack m_undo;
    int m_nextCapture = 1, m_nextItem = 1, m_revision = 0;
};

} // namespace eyelid
