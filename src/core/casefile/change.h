// One step of work on a case, as data. Applying it gives back the change that takes it back, so undo, redo and the
// history are lists of changes; none of them holds a pixel.
#pragma once

#include "casefile/case_state.h"

#include <set>
#include <variant>

namespace eyelid {

struct SetName {
    QString name;
};
/// Until when the captures are kept; nothing: as the policy says.
struct SetDestroyDay {
    std::optional<DestroyDay> day;
};
struct SetLooks {
    QList<SecondLook> looks;
};
struct SetCaptureName {
    int capture = 0;
    QString name;
};
/// Puts a capture at another place of the case's list.
struct MoveCapture {
    int capture = 0;
    qsizetype to = 0;
};
struct SetPolicy {
    std::shared_ptr<const Policy> policy;
};
struct SetWatchWords {
    QStringList words;
};
struct SetLanguages {
    QString languages;
};
/// Puts a capture, as it is given, at a place of the case's list.
struct PutCapture {
    qsizetype at = 0;
    Capture capture;
};
struct TakeCapture {
    int capture = 0;
};
/// Another picture in place of a capture's, as when a scrolled page is joined anew. Its findings are those given: what
/// was found stood elsewhere.
struct SetPicture {
    int capture = 0;
    PictureId picture;
    QSize size;
    std::shared_ptr<const Joined> joined;
    std::vector<KnownFinding> known;
};
/// Joins that were looked at and stay where they are.
struct SetJoins {
    int capture = 0;
    std::shared_ptr<const Joined> joined;
};
/// Words put right, and areas read anew.
struct SetWords {
    int capture = 0;
    std::vector<AreaReading> areasRead;
    std::vector<Correction> corrections;
};
/// What was decided about one finding; an empty ruling takes it away.
struct SetRuling {
    int capture = 0;
    int finding = 0;
    Ruling ruling;
};
/// A finding of an officer's own.
struct PutFinding {
    int capture = 0;
    size_t at = 0;
    KnownFinding finding;
};
struct TakeFinding {
    int capture = 0;
    int finding = 0;
};
/// Who is who: see Identities.
struct SetSameIdentity {
    int number = 0, lead = 0;
};
struct SetOwnIdentity {
    int finding = 0, number = 0;
};
struct PutHand {
    int capture = 0;
    size_t at = 0;
    HandCover hand;
};
struct TakeHand {
    int capture = 0;
    int hand = 0;
};
/// The covers drawn by hand that are there stay, one is another: its style, its note.
struct SetHand {
    int capture = 0;
    HandCover hand;
};
/// A mark at a place of the capture's list, from back to front.
struct PutMark {
    int capture = 0;
    size_t at = 0;
    Mark mark;
};
struct TakeMark {
    int capture = 0;
    int mark = 0;
};
/// The mark with this one's id is another: its place, its style, its text.
struct SetMark {
    int capture = 0;
    Mark mark;
};
struct SetFraming {
    int capture = 0;
    Framing framing;
};
struct SetPasses {
    QList<CapturePass> passes;
};

using Edit = std::variant<SetName, SetDestroyDay, SetLooks, SetPolicy, SetWatchWords, SetLanguages, PutCapture,
                          TakeCapture, SetCaptureName, MoveCapture, SetPicture, SetJoins, SetWords, SetRuling,
                          PutFinding, TakeFinding, SetSameIdentity, SetOwnIdentity, PutHand, TakeHand, SetHand, PutMark,
                          TakeMark, SetMark, SetFraming, SetPasses>;

struct Change {
    QString name; ///< follows "Undo": "covering a finding"
    std::vector<Edit> edits;
    quint64 serial = 0; ///< of an entry of a history: no two that differ have the same; not written
};

/// What a change touched, for those who show the case.
struct Touched {
    bool name = false, terms = false, captures = false, passes = false;
    std::set<int> words;     ///< captures whose page is another
    std::set<int> decisions; ///< captures whose findings or covers are others
};

/// Applies a change and returns the one that takes it back. What a change speaks of and is not there is passed over,
/// and is not in what takes it back.
Change apply(CaseState& state, const Change& change, Touched& touched);

/// The pictures a change speaks of.
std::set<PictureId> picturesOf(const Change& change);
std::set<PictureId> picturesOf(const CaseState& state);

} // namespace eyelid
