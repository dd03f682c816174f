// All that a case is, as a value: what its captures show, what was read and found on them, and what was decided.
//
// Copying is cheap: lists are shared until one of two copies is changed, pages are shared for good, and pictures are
// held by id (PictureStore). What officers decide stands apart from what work makes of it, so that finding again loses
// nothing: decisions, notes and styles are kept by the id of the finding they are about.
#pragma once

#include "casefile/identities.h"
#include "casefile/release_register.h"
#include "checking/check.h"
#include "editing/item.h"
#include "finding/policy.h"
#include "joining/scrolled_page.h"
#include "picture/picture_store.h"
#include "reading/corrections.h"
#include "reading/page.h"

#include <map>
#include <memory>
#include <optional>
#include <QByteArray>
#include <QDate>
#include <QList>
#include <QSet>
#include <QString>
#include <vector>

namespace eyelid {

/// What the reader gave for a picture.
struct PictureReading {
    PictureId picture;
    QString languages; ///< as asked for
    std::shared_ptr<const Page> page;
    bool operator==(const PictureReading&) const = default;
};

/// An area that was read once more, and what was read there.
struct AreaReading {
    QRect area; ///< device pixels
    Page reading;
    bool operator==(const AreaReading&) const = default;
};

/// A finding as the case knows it. Its id is its own for good: found again at the same place, it is the same.
struct KnownFinding {
    int id = 0; ///< unique within the case, among covers drawn by hand as well
    Finding finding;
    int identity = 0;    ///< see Item
    bool found = true;   ///< by the last finding or carrying; if not, it shows only where somebody decided about it
    bool byHand = false; ///< an officer's own: it shows until it is taken away
    bool operator==(const KnownFinding&) const = default;
};

/// What an officer said about a finding; all of it may be missing.
struct Ruling {
    std::optional<Decision> decision;
    std::optional<CoverLook> look; ///< of its cover, where somebody chose it
    QString note;                  ///< kept in the case, never in a log
    QString by;                    ///< the officer who decided or asks; kept in the case, never in a log
    QString question;              ///< for a colleague: it is not settled before somebody decides; as the note
    int replacedBy = 0;            ///< the officer's finding that stands in this one's place; 0: none
    bool isEmpty() const {         // whoever it was by
        return !decision && !look && note.isEmpty() && question.isEmpty() && !replacedBy;
    }
    bool operator==(const Ruling&) const = default;
};

/// How a scrolled page was put together.
struct Joined {
    ScrollDirection direction = ScrollDirection::Down;
    std::vector<PictureId> pictures;
    std::vector<Join> joins;
    int unsure() const;
    bool operator==(const Joined&) const = default;
};

/// What decides what is found on a page. Cheap to copy and to compare.
struct SearchTerms {
    std::shared_ptr<const Policy> policy;
    QStringList watchWords; ///< of the case, besides the policy's own
    QString languages;
    bool operator==(const SearchTerms&) const = default;
};

struct Capture {
    enum class Reading { Waiting, Running, Done, Failed };

    int id = 0;
    QString name;   ///< "Capture 3", or what an officer calls it; for the officers' screens only
    QString origin; ///< what it was taken from, for the officer's screen only
    PictureId picture;
    QSize size;                           ///< of the picture, device pixels
    std::shared_ptr<const Joined> joined; ///< null where it was taken in one

    // What officers decided.
    std::vector<AreaReading> areasRead; ///< in order; later ones over earlier ones
    std::vector<Correction> corrections;
    std::vector<HandCover> hands;
    Framing framing;
    std::vector<Mark> marks;       ///< from back to front
    std::map<int, Ruling> rulings; ///< by the id of the finding

    // What work made of it; to be had again from the rest.
    Reading reading = Reading::Waiting;
    QString trouble;                      ///< why reading failed
    std::vector<PictureReading> readings; ///< of this picture and of those it was before
    std::shared_ptr<const Page> page;     ///< the reading with areas read anew and words put right; null without one
    std::vector<KnownFinding> known;
    SearchTerms foundWith;                 ///< the terms `known` was found by,
    std::shared_ptr<const Page> foundOn;   ///< and the page
    QSet<QString> carried;                 ///< the values of the case that were looked for on it,
    std::shared_ptr<const Page> carriedOn; ///< and the page

    bool operator==(const Capture&) const = default; // pages that are shared are the same where they are one
};

/// A leak an officer has let through, on one capture.
struct CapturePass {
    int capture = 0;
    Leak leak;
    QString reason; ///< goes into the log
};

/// An officer has looked the case over and agrees to what is decided, as it stood then.
struct SecondLook {
    QString officer;
    QByteArray decisions; ///< decisionsDigest() of then
    bool operator==(const SecondLook&) const = default;
};

/// Until when a case keeps its captures, where that is not the day its policy makes of it.
struct DestroyDay {
    QDate day;
    QString reason; ///< why it was put off; kept in the case
    bool operator==(const DestroyDay&) const = default;
};

struct CaseState {
    QString name;
    QDate begun;                          ///< the day it got its first capture; null before
    std::optional<DestroyDay> destroyDay; ///< null: as the policy says
    QList<SecondLook> looks;
    SearchTerms terms;
    QList<Capture> captures;
    QList<CapturePass> passes;
    QList<ReleaseRecord> releases; ///< in the order they were made; no step that is undone
    Identities identities;
    int nextCapture = 1, nextId = 1;

    const Capture* capture(int id) const;
    Capture* capture(int id);
};

/// What a case is called that nobody gave a name.
QString nameOfUnnamed();
/// What lists call a case: its name, or "Untitled, 26 November", for one that nobody named, by the day it was begun.
QString titleOf(const CaseState& state);

/// The page of a capture: as it was read, with areas read anew and words put right. Null where it was not read, or in
/// other languages.
std::shared_ptr<const Page> pageOf(const Capture& capture, const QString& languages);

/// Two readings of one value stand at nearly the same place: that share of one's box lies within the other's.
inline constexpr double samePlaceShare = 0.5;

/// A value as one text, to the letter: equal where sameValue() holds. Empty for what has none.
QString nameOfValue(const Finding& value);

/// Whether somebody has said something about a finding that keeps it in the case when it is found no longer.
bool isSaidOf(const Ruling& ruling);

/// The names of the values kept somewhere in the case: what turns up later with one of them is kept as well.
QSet<QString> keptValues(const CaseState& state);

/// A capture's findings with what was decided about each: those found last, and those somebody decided about. What lies
/// wholly under covers drawn by hand is covered, and so is what was cut away.
std::vector<Item> itemsOf(const Capture& capture, const Policy& policy, const QSet<QString>& kept);

/// What stand-ins of a case are made from.
StandInSource standInsOf(const CaseState& state, const QByteArray& secret);

/// The day on which the captures are due to be destroyed; null where none is set.
QDate dueDay(const CaseState& state);

/// All that is decided in a case, as a digest: another decision or cover anywhere gives another one.
QByteArray decisionsDigest(const CaseState& state);

/// Whether two officers have had a hand in what is decided, one of them by looking over all of it as it stands.
bool twoOfficersAgree(const CaseState& state);
/// Whether the policy asks for that, and it has not been done.
bool lacksSecondLook(const CaseState& state);

/// Whether two leaks are of the same thing at the same place, as two checks tell of it.
bool sameLeak(const Leak& a, const Leak& b);

} // namespace eyelid
