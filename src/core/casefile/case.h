// A case that is open: its state, the history of its changes, and word of every change to whoever shows it. Knows
// nothing of its views. What an officer does is undoable; what work finds out is not.
#pragma once

#include "casefile/kept_case.h"
#include "casefile/together.h"
#include "editing/edits.h"
#include "picture/picture_store.h"

#include <memory>
#include <QImage>
#include <QObject>
#include <vector>

namespace eyelid {

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
    explicit Case(const Policy& policy, QObject* parent = nullptr);
    ~Case() override;

    /// All that is to be kept of it, and the same again in place of what is open; its pictures come from pictures().
    KeptCase kept() const { return {m_state, m_history, m_secret}; }
    void restore(KeptCase kept);
    void restore(KeptCase kept, std::shared_ptr<PictureStore> pictures);
    /// An empty case by the same policy in place of what is open, with a secret of its own.
    void startAnew();
    /// Nothing an officer does is done, but told of by refused().
    void setReadOnly(bool readOnly) { m_readOnly = readOnly; }
    bool isReadOnly() const { return m_readOnly; }

    const CaseState& state() const { return m_state; }
    const std::shared_ptr<PictureStore>& pictures() const { return m_pictures; }
    QString name() const { return m_state.name; }
    /// Who works on it now: stands with every decision, in the case alone.
    void setOfficer(const QString& name) { m_officer = name; }
    const QString& officer() const { return m_officer; }
    const Policy& policy() const { return *m_state.terms.policy; }
    const SearchTerms& terms() const { return m_state.terms; }
    const QByteArray& secret() const { return m_secret; }

    const QList<Capture>& captures() const { return m_state.captures; }
    const Capture* capture(int id) const { return m_state.capture(id); }
    QImage picture(const Capture& capture) const { return m_pictures->picture(capture.picture); }
    /// How a scrolled page was put together, with its pictures; null for others.
    std::shared_ptr<const ScrolledPage> joinedPage(int captureId) const;

    /// A capture's findings with what was decided about each.
    const std::vector<Item>& items(int captureId) const;
    const Item* item(int id) const;
    const HandCover* hand(int id) const;
    const Mark* mark(int id) const; ///< as it was put: what it holds on to may have moved
    /// Of a finding, a cover drawn by hand, or a mark.
    const Capture* captureOf(int id) const;
    /// Where one of these stands; null for none of them.
    QRectF placeOf(int id) const;
    /// All items of the same value, or of the same kind, throughout the case; always holds `itemId` itself.
    std::vector<int> itemsInScope(int itemId, Scope scope) const;
    /// Findings and covers of one capture, as they are drawn.
    Decided decided(const Capture& capture) const;
    std::vector<Cover> covers(const Capture& capture) const;
    Edits edits(const Capture& capture) const;

    // What an officer does: all of it undoable.
    void setName(const QString& name);
    void setPolicy(const Policy& policy);
    void setDestroyDay(const std::optional<DestroyDay>& day);
    /// This officer has looked at all of it and agrees as it stands.
    void lookOver();
    /// Words that are always findings, in this case. Errors: a word nothing could be found by.
    Result<Done> setWatchWords(const QStringList& words);
    /// Returns the capture's id. `joined`: how a scrolled page was put together.
    int add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined = {});
    /// A picture made ready aside, where hashing it keeps nobody waiting.
    struct ReadyPicture {
        PictureId id;
        QImage picture;
        std::shared_ptr<const Joined> joined;
        std::vector<QImage> parts; ///< those `joined` speaks of, in its order
        QImage small;              ///< for lists
    };
    static ReadyPicture ready(const QImage& picture, const std::shared_ptr<const ScrolledPage>& joined);
    int add(const ReadyPicture& ready, const QString& origin);
    void remove(int captureId);
    void setCaptureName(int captureId, const QString& name);
    /// To another place of the list, counted from 0.
    void moveCapture(int captureId, qsizetype to);
    /// Captures of another case, with all that was decided about them; their pictures must be in pictures().
    void takeIn(const CaseState& other, const QList<int>& captures);
    /// For a scrolled page that was joined anew: another picture of the same pictures. What was found on the old one
    /// goes, the places covered by hand stay; it has to be read again.
    void setPicture(int captureId, const QImage& picture, std::shared_ptr<const ScrolledPage> joined = {});
    /// Joins that were looked at and left where they are; nothing of the picture changes.
    void setJoined(int captureId, std::shared_ptr<const ScrolledPage> joined);
    /// A word put right by hand.
    void correctWord(int captureId, const QRectF& box, const QString& text);
    /// An area read anew.
    void replaceReading(int captureId, const QRect& area, const Page& reading);
    /// Covering the same value covers what looks alike as well; keeping it, or opening it, asks for the very same
    /// letters.
    void decide(int itemId, Scope scope, Decision decision);
    /// Just these findings, in one step.
    void decideAll(const std::vector<int>& itemIds, Decision decision);
    /// Of findings, or of one cover drawn by hand.
    void setLook(int id, Scope scope, const CoverLook& look);
    void setNote(int id, const QString& note);
    /// Covers places by hand, each by a cover of its own, in one step; returns the last cover's id, or 0 where all lie
    /// outside the capture.
    int cover(int captureId, const std::vector<CoverShape>& shapes, const CoverLook& look);
    /// A finding of an officer's own, covered: what a check could still read, or what finding has missed. Returns its
    /// id; where the same stands there already, that one's.
    int coverFinding(int captureId, const Finding& finding, const std::optional<CoverLook>& look = {});
    /// Another finding in a finding's place: wider or narrower, or of another kind. What was decided holds for it.
    /// Returns its id, 0 where there is nothing to replace.
    int replaceFinding(int id, const Finding& by);
    /// Takes a cover drawn by hand, or an officer's own finding, away again; one it replaced shows again. Other
    /// findings cannot be taken away, only kept.
    void removeHand(int id);
    void setHandShape(int id, const CoverShape& shape);
    /// The same cover at the same place of all other captures that are as large.
    void coverOnAll(int id);
    /// Takes a piece out of the covers drawn by hand on a capture. What findings cover stays covered.
    void cutOut(int captureId, const QRect& piece);
    /// Returns the mark's id; 0 where it is not whole. It lies in front of all others; a Step is the next one.
    int addMark(int captureId, Mark mark);
    /// Copies, in front, a little aside; returns their ids.
    std::vector<int> duplicateMarks(const std::vector<int>& ids);
    /// Marks as they are to be, by their ids, in one step.
    void setMarks(const std::vector<Mark>& marks, const QString& step);
    void removeMarks(const std::vector<int>& ids);
    /// In front of all others of their capture, or behind them; their own order stays.
    void arrangeMarks(const std::vector<int>& ids, bool inFront);
    /// A Step is counted earlier or later.
    void moveStep(int id, int by);
    void setFraming(int captureId, const Framing& framing);
    /// As many captures as there are parts, behind this one: the same picture, each framed to its part, with all that
    /// was decided about it. Returns the first one's id.
    /// A capture put together of others, behind them all; returns its id. `ready`: of its picture.
    int putTogether(const Together& whole, const ReadyPicture& ready);
    int cutIntoParts(int captureId, const std::vector<QRect>& parts);
    /// A question for a colleague; it keeps the finding open until somebody decides. Empty: none any more.
    void ask(int id, const QString& question);
    /// Two findings, and all of their values, are of one person, account or thing.
    void setSameIdentity(int id, int as);
    /// A finding, and all in the case that read as it does, are of somebody or something else than was thought.
    void setOtherIdentity(int id);
    /// Lets a leak of a check through, with the reason for it. It holds for later checks as well.
    void letPass(int captureId, const Leak& leak, const QString& reason);
    /// The reason a leak was let through with; empty where it was not.
    QString passedBecause(int captureId, const Leak& leak) const;

    void undo();
    void redo();
    const History& history() const { return m_history; }
    /// Ends what undo can bring back: captures that were removed, and all else that is not of the case any more, go.
    void forgetHistory();

    /// The first day of the case, if none is known yet; not undoable.
    void begin(const QDate& today);

    /// What has left; not undoable, as it cannot be called back.
    void noteRelease(const ReleaseRecord& release);
    /// A release, by its place in the register, is not to be used any more, for this reason.
    void withdrawRelease(qsizetype index, const QString& reason);

    // What work finds out: not undoable, and ignored where the capture is gone.
    void setReading(int captureId, Capture::Reading state, const QString& trouble = {});
    void setRead(int captureId, PictureReading reading);
    /// What was found on a page, by which terms; what was found before and is not among it is found no longer.
    void setFindings(int captureId, const std::vector<Finding>& findings, const SearchTerms& terms,
                     std::shared_ptr<const Page> on);
    /// Further findings, as when a value was met elsewhere; `values` are those that were looked for.
    void addFindings(int captureId, const std::vector<Finding>& findings, const QSet<QString>& values,
                     std::shared_ptr<const Page> on);

    /// Where this case's files come from and go to. A path may hold a name: it is kept with the case alone.
    struct Folders {
        QString bringIn, release, words;
    };
    Folders folders;

    struct Counts {
        int open = 0, cover = 0, keep = 0, unread = 0;
        int illegible = 0; ///< of those open
        int questions = 0; ///< of those open
        int settled() const { return cover + keep; }
        int all() const { return open + cover + keep; }
    };
    Counts counts() const;
    Counts counts(const Capture& capture) const;
    /// Grows with every change that a release would show; a check holds for one revision.
    int revision() const { return m_revision; }

signals:
    void changed();                   ///< anything, after the more exact word of it
    void termsChanged();              ///< the policy, the watched words or the languages
    void capturesChanged();           ///< added, removed, of another picture
    void captureChanged(int capture); ///< its reading, its findings or its covers
    void pageChanged(int capture);    ///< its words were put right, read anew, or that was undone
    void passesChanged();
    void refused(); ///< a change, of a case that can only be looked at

private:
    struct Where {
        enum class What { Item, Hand, Mark };
        int capture = 0;
        size_t at = 0; ///< among those of the capture
        What what = What::Item;
    };
    void lookUp() const;
    void forgetItems();
    const Where* whereIs(int id) const;
    void perform(const Change& change);
    void tell(const Touched& touched);
    void touched(int captureId);
    void forgetUnusedPictures();
    void store(const ReadyPicture& ready);
    std::vector<int> stillUndecided(const std::vector<int>& ids, Decision decision) const;

    CaseState m_state;
    History m_history;
    std::shared_ptr<PictureStore> m_pictures = std::make_shared<PictureStore>();
    QByteArray m_secret;
    QString m_officer;
    bool m_readOnly = false;
    // By capture, and where each finding and cover stands; made when asked for, dropped with every change.
    mutable std::map<int, std::vector<Item>> m_items;
    mutable std::map<int, Where> m_where;
    mutable std::shared_ptr<const StandInSource> m_standIns;
    int m_revision = 0;
};

} // namespace eyelid
