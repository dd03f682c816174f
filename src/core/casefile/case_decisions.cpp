// What an officer decides and says about findings and covers.
#include "base/sentence.h"
#include "casefile/case.h"
#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
namespace {

// Whether an item is the same finding: the same value at nearly the same place.
bool standsAs(const Item& item, const Finding& finding) {
    return sameValue(item.finding, finding) &&
           shareWithin(item.finding.boxes.front(), finding.boxes.front()) > samePlaceShare &&
           shareWithin(finding.boxes.front(), item.finding.boxes.front()) > samePlaceShare;
}

const Ruling& rulingOf(const Capture& capture, int finding) {
    static const Ruling none;
    const auto ruling = capture.rulings.find(finding);
    return ruling == capture.rulings.end() ? none : ruling->second;
}

} // namespace

// Those a decision would change.
std::vector<int> Case::stillUndecided(const std::vector<int>& ids, Decision decision) const {
    std::vector<int> left;
    for (const int id : ids)
        if (const Item* known = item(id); known && (known->decision != decision || !known->question.isEmpty()))
            left.push_back(id);
    return left;
}

void Case::decide(int itemId, Scope scope, Decision decision) {
    if (!item(itemId)) return; // a cover drawn by hand is there or it is not
    if (scope == Scope::SameValue && decision == Decision::Cover) scope = Scope::LooksAlike;
    std::vector<int> ids = itemsInScope(itemId, scope);
    // Keeping a value once keeps it everywhere it is the same; what somebody has decided to cover stays covered.
    if (scope == Scope::One && decision == Decision::Keep)
        for (int id : itemsInScope(itemId, Scope::SameValue))
            if (id != itemId && item(id)->decision == Decision::Open) ids.push_back(id);
    decideAll(ids, decision);
}

void Case::decideAll(const std::vector<int>& all, Decision decision) {
    const std::vector<int> ids = stillUndecided(all, decision);
    const int n = int(ids.size());
    Change change{decision == Decision::Cover  ? Tr::tr("covering %n finding(s)", nullptr, n)
                  : decision == Decision::Keep ? Tr::tr("keeping %n finding(s)", nullptr, n)
                                               : Tr::tr("opening %n finding(s)", nullptr, n),
                  {}};
    for (const int id : ids) {
        const Capture* capture = captureOf(id);
        Ruling ruling = rulingOf(*capture, id);
        ruling.decision = decision;
        ruling.by = m_officer;
        ruling.question.clear(); // answered
        change.edits.push_back(SetRuling{capture->id, id, ruling});
    }
    perform(change);
}

void Case::setLook(int id, Scope scope, const CoverLook& look) {
    Change change{Tr::tr("changing a cover's style"), {}};
    if (const HandCover* drawn = hand(id); drawn && drawn->look != look) {
        HandCover other = *drawn;
        other.look = look;
        change.edits.push_back(SetHand{captureOf(id)->id, other});
    }
    for (const int other : itemsInScope(id, scope)) {
        const Item* before = item(other);
        if (before->look == look) continue;
        const Capture* capture = captureOf(other);
        Ruling ruling = rulingOf(*capture, other);
        ruling.look = look;
        change.edits.push_back(SetRuling{capture->id, other, ruling});
    }
    perform(change);
}

void Case::setNote(int id, const QString& note) {
    const Capture* capture = captureOf(id);
    if (!capture) return;
    Change change{Tr::tr("changing a note"), {}};
    if (const HandCover* drawn = hand(id); drawn && drawn->note != note) {
        HandCover other = *drawn;
        other.note = note;
        change.edits.push_back(SetHand{capture->id, other});
    } else if (const Item* found = item(id); found && found->note != note) {
        Ruling ruling = rulingOf(*capture, id);
        ruling.note = note;
        change.edits.push_back(SetRuling{capture->id, id, ruling});
    }
    perform(change);
}

int Case::cover(int captureId, const std::vector<CoverShape>& shapes, const CoverLook& look) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly) return 0;
    Change change{{}, {}};
    int last = 0;
    for (const CoverShape& shape : shapes) {
        const CoverShape inside = shape.within(capture->size);
        if (inside.region(capture->size).isEmpty()) continue;
        last = m_state.nextId++;
        change.edits.push_back(PutHand{captureId, size_t(-1), {last, inside, look, {}, m_officer}});
    }
    change.name = Tr::tr("covering %n area(s)", nullptr, int(change.edits.size()));
    perform(change);
    return last;
}

int Case::coverFinding(int captureId, const Finding& finding, const std::optional<CoverLook>& look) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly || finding.boxes.empty()) return 0;
    const auto& all = items(captureId);
    const auto there = std::find_if(all.begin(), all.end(), [&](const Item& item) { return standsAs(item, finding); });
    if (there != all.end()) {
        const int id = there->id; // what follows makes another list
        Ruling ruling = rulingOf(*capture, id);
        ruling.decision = Decision::Cover;
        ruling.by = m_officer;
        ruling.question.clear();
        if (look) ruling.look = look;
        if (ruling != rulingOf(*capture, id))
            perform({Tr::tr("covering %n finding(s)", nullptr, 1), {SetRuling{captureId, id, ruling}}});
        return id;
    }
    const int id = m_state.nextId++;
    Ruling ruling;
    ruling.decision = Decision::Cover;
    ruling.by = m_officer;
    ruling.look = look;
    perform({Tr::tr("covering %n finding(s)", nullptr, 1),
             {PutFinding{captureId, size_t(-1), {id, finding, m_state.identities.numberOf(finding, id), true, true}},
              SetRuling{captureId, id, ruling}}});
    return id;
}

int Case::replaceFinding(int id, const Finding& by) {
    const Item* before = item(id);
    if (m_readOnly) emit refused();
    if (!before || m_readOnly || by.boxes.empty()) return 0;
    const Capture* capture = captureOf(id);
    Change change{Tr::tr("changing a finding"), {}};
    const int next = m_state.nextId++;
    change.edits.push_back(
        PutFinding{capture->id, size_t(-1), {next, by, m_state.identities.numberOf(by, next), true, true}});
    // Who somebody said it is of, it stays of.
    if (const auto own = m_state.identities.own().find(id); own != m_state.identities.own().end())
        change.edits.push_back(SetOwnIdentity{next, own->second});
    Ruling ruling = rulingOf(*capture, id);
    if (!ruling.isEmpty()) change.edits.push_back(SetRuling{capture->id, next, ruling});
    if (before->byHand) {
        change.edits.push_back(SetRuling{capture->id, id, {}});
        change.edits.push_back(TakeFinding{capture->id, id});
        // What this one stood for, the next one stands for.
        for (const auto& [finding, other] : capture->rulings)
            if (other.replacedBy == id) {
                Ruling led = other;
                led.replacedBy = next;
                change.edits.push_back(SetRuling{capture->id, finding, led});
            }
    } else {
        Ruling replaced;
        replaced.replacedBy = next;
        change.edits.push_back(SetRuling{capture->id, id, replaced});
    }
    perform(change);
    return next;
}

void Case::removeHand(int id) {
    const Capture* capture = captureOf(id);
    if (hand(id)) return perform({Tr::tr("removing a cover"), {TakeHand{capture->id, id}}});
    const Item* own = item(id);
    if (!own || !own->byHand) return;
    Change change{Tr::tr("removing a finding"), {}};
    for (const auto& [finding, ruling] : capture->rulings)
        if (ruling.replacedBy == id) {
            Ruling alone = ruling;
            alone.replacedBy = 0;
            change.edits.push_back(SetRuling{capture->id, finding, alone});
        }
    change.edits.push_back(SetRuling{capture->id, id, {}});
    change.edits.push_back(TakeFinding{capture->id, id});
    perform(change);
}

void Case::setHandShape(int id, const CoverShape& shape) {
    const HandCover* drawn = hand(id);
    if (!drawn) return;
    const Capture* capture = captureOf(id);
    HandCover other = *drawn;
    other.shape = shape.within(capture->size);
    if (other.shape == drawn->shape || other.shape.region(capture->size).isEmpty()) return;
    perform({Tr::tr("changing a cover's shape"), {SetHand{capture->id, other}}});
}

void Case::coverOnAll(int id) {
    const HandCover* drawn = hand(id);
    if (m_readOnly) emit refused();
    if (!drawn || m_readOnly) return;
    const QSize size = captureOf(id)->size;
    Change change{{}, {}};
    for (const Capture& capture : m_state.captures) {
        const bool there = std::any_of(capture.hands.begin(), capture.hands.end(),
                                       [&](const HandCover& other) { return other.shape == drawn->shape; });
        if (there || capture.size != size) continue;
        HandCover same = *drawn;
        same.id = m_state.nextId++;
        same.note.clear();
        same.by = m_officer;
        change.edits.push_back(PutHand{capture.id, size_t(-1), same});
    }
    change.name = Tr::tr("covering %n area(s)", nullptr, int(change.edits.size()));
    perform(change);
}

void Case::cutOut(int captureId, const QRect& piece) {
    const Capture* capture = this->capture(captureId);
    if (!capture) return;
    Change change{Tr::tr("cutting a piece out of covers"), {}};
    for (const HandCover& hand : capture->hands) {
        const QRegion before = hand.shape.region(capture->size);
        if (!before.intersects(piece)) continue;
        HandCover cut = hand;
        cut.shape = hand.shape.without(piece, capture->size);
        if (cut.shape.region(capture->size).isEmpty())
            change.edits.push_back(TakeHand{captureId, hand.id});
        else
            change.edits.push_back(SetHand{captureId, cut});
    }
    perform(change);
}

void Case::ask(int id, const QString& question) {
    const Item* about = item(id);
    if (!about || about->question == question) return;
    const Capture* capture = captureOf(id);
    Ruling ruling = rulingOf(*capture, id);
    ruling.question = question;
    if (!question.isEmpty()) ruling.decision = Decision::Open;
    ruling.by = m_officer;
    perform({Tr::tr("asking a colleague"), {SetRuling{capture->id, id, ruling}}});
}

void Case::setSameIdentity(int id, int as) {
    const Item *one = item(id), *other = item(as);
    if (!one || !other || id == as || (one->identity && one->identity == other->identity)) return;
    Change change{Tr::tr("saying who is the same"), {}};
    int lead = other->identity;
    if (!lead) { // of what has no value, like a face
        lead = m_state.identities.newNumber();
        change.edits.push_back(SetOwnIdentity{as, lead});
    }
    if (one->identity)
        change.edits.push_back(SetSameIdentity{one->identity, lead});
    else
        change.edits.push_back(SetOwnIdentity{id, lead});
    perform(change);
}

void Case::setOtherIdentity(int id) {
    const Item* one = item(id);
    if (m_readOnly) emit refused();
    if (!one || m_readOnly) return;
    Change change{Tr::tr("saying who is another"), {}};
    const int number = m_state.identities.newNumber();
    for (const int other : itemsInScope(id, Scope::SameValue)) change.edits.push_back(SetOwnIdentity{other, number});
    perform(change);
}

} // namespace eyelid
