#include "casefile/case.h"

#include "base/sentence.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

#include <algorithm>
#include <QUndoCommand>
#include <set>

namespace eyelid {

// Changes of items by their id, so that what reading adds meanwhile is left alone.
class PolicyCommand final : public QUndoCommand {
public:
    PolicyCommand(Case& owner, Policy policy)
        : QUndoCommand(QStringLiteral("use the policy \"%1\"").arg(policy.name)), m_case(owner),
          m_policy(std::move(policy)) {}
    void undo() override { swap(); }
    void redo() override { swap(); }

private:
    void swap() {
        std::swap(m_case.m_policy, m_policy);
        ++m_case.m_revision;
        emit m_case.policyChanged();
    }
    Case& m_case;
    Policy m_policy;
};

class ItemsCommand final : public QUndoCommand {
public:
    ItemsCommand(Case& owner, const QString& text, std::vector<std::pair<Item, Item>> changes)
        : QUndoCommand(text), m_case(owner), m_changes(std::move(changes)) {}
    void undo() override { apply(false); }
    void redo() override { apply(true); }

private:
    void apply(bool forward) {
        std::set<int> captures;
        for (const auto& [before, after] : m_changes) {
            Capture* capture = nullptr;
            Item* item = m_case.findItem(before.id, &capture);
            // What was not found again meanwhile comes back with what was decided about it.
            if (!item && !(item = m_case.findDormant(before.id, &capture))) continue;
            const Item& to = forward ? after : before;
            item->decision = to.decision;
            item->ownStyle = to.ownStyle;
            item->style = to.style;
            item->strength = to.strength;
            item->note = to.note;
            captures.insert(capture->id);
        }
        for (int id : captures) m_case.touched(id);
    }
    Case& m_case;
    std::vector<std::pair<Item, Item>> m_changes;
};

class AreaCommand final : public QUndoCommand {
public:
    AreaCommand(Case& owner, const QString& text, int capture, Item item, bool adds)
        : QUndoCommand(text), m_case(owner), m_capture(capture), m_item(std::move(item)), m_adds(adds) {}
    void undo() override { m_adds ? take() : put(); }
    void redo() override { m_adds ? put() : take(); }

private:
    void put() {
        if (Capture* capture = m_case.find(m_capture))
            capture->items.insert(capture->items.begin() + long(std::min(m_at, capture->items.size())), m_item);
        m_case.touched(m_capture);
    }
    void take() {
        if (Capture* capture = m_case.find(m_capture)) {
            const auto at = std::find_if(capture->items.begin(), capture->items.end(),
                                         [&](const Item& i) { return i.id == m_item.id; });
            if (at != capture->items.end()) {
                m_at = size_t(at - capture->items.begin());
                m_item = *at;
                capture->items.erase(at);
            }
        }
        m_case.touched(m_capture);
    }
    Case& m_case;
    int m_capture;
    Item m_item;
    size_t m_at = size_t(-1); // at the end, until it was taken from somewhere else
    bool m_adds;
};

class CaptureCommand final : public QUndoCommand {
public:
    CaptureCommand(Case& owner, const QString& text, Capture capture, size_t at, bool adds)
        : QUndoCommand(text), m_case(owner), m_capture(std::move(capture)), m_at(at), m_adds(adds) {}
    void undo() override { m_adds ? take() : put(); }
    void redo() override { m_adds ? put() : take(); }

private:
    void put() {
        m_case.m_captures.insert(m_case.m_captures.begin() + long(std::min(m_at, m_case.m_captures.size())), m_capture);
        ++m_case.m_revision;
        emit m_case.capturesChanged();
    }
    void take() {
        auto& list = m_case.m_captures;
        const auto at = std::find_if(list.begin(), list.end(), [&](const Capture& c) { return c.id == m_capture.id; });
        if (at == list.end()) return;
        m_at = size_t(at - list.begin());
        m_capture = std::move(*at);
        // What was being read is read anew should it come back.
        if (m_capture.reading == Capture::Reading::Running) m_capture.reading = Capture::Reading::Waiting;
        list.erase(at);
        ++m_case.m_revision;
        emit m_case.capturesChanged();
    }
    Case& m_case;
    Capture m_capture;
    size_t m_at;
    bool m_adds;
};

// Keeps the other state of a capture; undoing and doing again exchange the two.
class SwapCommand : public QUndoCommand {
public:
    SwapCommand(Case& owner, int capture, const QString& text)
        : QUndoCommand(text), m_case(owner), m_capture(capture) {}
    void undo() final { swap(); }
    void redo() final { swap(); }

protected:
    virtual void swap() = 0;
    Case& m_case;
    int m_capture;
};

// The picture with everything that was read and found on it.
class PictureCommand final : public SwapCommand {
public:
    PictureCommand(Case& owner, int capture, const QImage& picture, std::shared_ptr<const ScrolledPage> joined)
        : SwapCommand(owner, capture, QStringLiteral("join anew")), m_picture(picture), m_joined(std::move(joined)) {
        if (const Capture* c = owner.find(capture))
            for (const Item& item : c->items)
                if (item.finding.kind == Kind::Area) m_items.push_back(item);
    }

private:
    void swap() override {
        Capture* c = m_case.find(m_capture);
        if (!c) return;
        std::swap(c->picture, m_picture);
        std::swap(c->items, m_items);
        std::swap(c->dormant, m_dormant);
        std::swap(c->page, m_page);
        std::swap(c->joined, m_joined);
        c->reading = c->page ? Capture::Reading::Done : Capture::Reading::Waiting;
        ++m_case.m_revision;
        emit m_case.capturesChanged();
    }
    QImage m_picture;
    std::vector<Item> m_items, m_dormant;
    std::shared_ptr<const Page> m_page;
    std::shared_ptr<const ScrolledPage> m_joined;
};

// The page as it is read, with what was put right on it.
class PageCommand final : public SwapCommand {
public:
    PageCommand(Case& owner, int capture, const QString& text, Page page, std::vector<Correction> corrections)
        : SwapCommand(owner, capture, text), m_page(std::make_shared<const Page>(std::move(page))),
          m_corrections(std::move(corrections)) {}

private:
    void swap() override {
        Capture* c = m_case.find(m_capture);
        if (!c) return;
        std::swap(c->page, m_page);
        std::swap(c->corrections, m_corrections);
        emit m_case.pageChanged(m_capture);
        m_case.touched(m_capture);
    }
    std::shared_ptr<const Page> m_page;
    std::vector<Correction> m_corrections;
};

Case::Case(Policy policy, QObject* parent)
    : QObject(parent), m_name(QStringLiteral("Untitled case")), m_policy(std::move(policy)), m_secret(newSecret()) {}

Case::~Case() = default;

void Case::setName(const QString& name) {
    if (name == m_name) return;
    m_name = name;
    ++m_revision; // released files bear it
}

void Case::setPolicy(const Policy& policy) {
    m_undo.push(new PolicyCommand(*this, policy));
}

const Capture* Case::capture(int id) const {
    return const_cast<Case*>(this)->find(id);
}

Capture* Case::find(int id) {
    const auto at = std::find_if(m_captures.begin(), m_captures.end(), [&](const Capture& c) { return c.id == id; });
    return at == m_captures.end() ? nullptr : &*at;
}

Item* Case::findItem(int id, Capture** owner) {
    for (Capture& capture : m_captures)
        for (Item& item : capture.items)
            if (item.id == id) {
                if (owner) *owner = &capture;
                return &item;
            }
    return nullptr;
}

// Gives a dormant finding its place back; null where there is none.
Item* Case::findDormant(int id, Capture** owner) {
    for (Capture& capture : m_captures) {
        const auto at =
            std::find_if(capture.dormant.begin(), capture.dormant.end(), [&](const Item& i) { return i.id == id; });
        if (at == capture.dormant.end()) continue;
        capture.items.push_back(std::move(*at));
        capture.dormant.erase(at);
        *owner = &capture;
        return &capture.items.back();
    }
    return nullptr;
}

const Capture* Case::captureOf(int itemId) const {
    Capture* owner = nullptr;
    const_cast<Case*>(this)->findItem(itemId, &owner);
    return owner;
}

const Item* Case::item(int id) const {
    return const_cast<Case*>(this)->findItem(id);
}

std::vector<int> Case::itemsInScope(int itemId, Scope scope) const {
    std::vector<int> ids;
    const Item* origin = item(itemId);
    if (!origin) return ids;
    for (const Capture& capture : m_captures)
        for (const Item& other : capture.items) {
            const bool same =
                other.id == itemId || (scope == Scope::SameValue && sameValue(origin->finding, other.finding)) ||
                (scope == Scope::LooksAlike && origin->identity > 0 && other.identity == origin->identity) ||
                (scope == Scope::SameKind && other.finding.kind == origin->finding.kind);
            if (same) ids.push_back(other.id);
        }
    return ids;
}

int Case::add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined) {
    Capture capture;
    capture.id = m_nextCapture++;
    capture.name = QStringLiteral("Capture %1").arg(capture.id);
    capture.origin = origin;
    capture.picture = flattened(picture);
    capture.joined = std::move(joined);
    const int id = capture.id;
    const QString text = QStringLiteral("adding %1").arg(capture.name);
    m_undo.push(new CaptureCommand(*this, text, std::move(capture), m_captures.size(), true));
    return id;
}

void Case::remove(int captureId) {
    const Capture* capture = this->capture(captureId);
    if (!capture) return;
    m_undo.push(new CaptureCommand(*this, QStringLiteral("removing %1").arg(capture->name), *capture, 0, false));
}

void Case::touched(int captureId) {
    ++m_revision;
    emit captureChanged(captureId);
}

void Case::setPicture(int captureId, const QImage& picture, std::shared_ptr<const ScrolledPage> joined) {
    if (const Capture* c = find(captureId); c && !picture.isNull() && c->picture != picture)
        m_undo.push(new PictureCommand(*this, captureId, flattened(picture), std::move(joined)));
}

void Case::setJoined(int captureId, std::shared_ptr<const ScrolledPage> joined) {
    Capture* c = find(captureId);
    if (c && c->joined) c->joined = std::move(joined);
}

void Case::setReading(int captureId, Capture::Reading state, const QString& trouble) {
    Capture* capture = find(captureId);
    if (!capture) return;
    capture->reading = state;
    capture->trouble = trouble;
    touched(captureId);
}

Item Case::makeItem(const Finding& finding) {
    Item item;
    item.id = m_nextItem++;
    item.finding = finding;
    item.style = m_policy.rule(finding.kind == Kind::Area ? Kind::Watch : finding.kind).style;
    item.strength = m_policy.strength;
    item.identity = m_identities.numberOf(finding);
    return item;
}

namespace {

bool atTheSamePlace(const Finding& a, const Finding& b) {
    return !a.boxes.empty() && !b.boxes.empty() &&
           (shareWithin(a.boxes.front(), b.boxes.front()) > 0.5 || shareWithin(b.boxes.front(), a.boxes.front()) > 0.5);
}

// The item a finding is of, found again.
std::vector<Item>::iterator foundAgain(std::vector<Item>& items, const Finding& finding) {
    return std::find_if(items.begin(), items.end(), [&](const Item& item) {
        return item.finding.kind == finding.kind && item.finding.key == finding.key &&
               atTheSamePlace(item.finding, finding);
    });
}

} // namespace

void Case::setFindings(int captureId, std::shared_ptr<const Page> page, const std::vector<Finding>& findings) {
    Capture* capture = find(captureId);
    if (!capture) return;
    capture->page = capture->corrections.empty()
                        ? std::move(page)
                        : std::make_shared<const Page>(correctedPage(*page, capture->corrections));
    capture->reading = Capture::Reading::Done;
    capture->trouble.clear();
    // What is open and not found again sleeps; what is found again is what it was, with its note and its style.
    std::vector<Item> open;
    std::erase_if(capture->items, [&](Item& item) {
        if (item.decision != Decision::Open) return false;
        open.push_back(std::move(item));
        return true;
    });
    capture->dormant.insert(capture->dormant.end(), std::make_move_iterator(open.begin()),
                            std::make_move_iterator(open.end()));
    addFindings(captureId, findings);
}

void Case::correctWord(int captureId, const QRectF& box, const QString& text) {
    const Capture* capture = find(captureId);
    if (!capture || !capture->page || text.trimmed().isEmpty()) return;
    std::vector<Correction> corrections = capture->corrections;
    std::erase_if(corrections, [&](const Correction& c) { return c.box == box; });
    corrections.push_back({box, text.trimmed()});
    Page page = correctedPage(*capture->page, {corrections.back()});
    m_undo.push(new PageCommand(*this, captureId, QStringLiteral("correct a word"), std::move(page), corrections));
}

void Case::replaceReading(int captureId, const QRect& area, const Page& reading) {
    const Capture* capture = find(captureId);
    if (!capture || !capture->page) return;
    std::vector<Correction> corrections = capture->corrections;
    std::erase_if(corrections, [&](const Correction& c) { return QRectF(area).contains(c.box.center()); });
    m_undo.push(new PageCommand(*this, captureId, QStringLiteral("read an area again"),
                                withAreaReadAnew(*capture->page, area, reading), corrections));
}

void Case::addFindings(int captureId, const std::vector<Finding>& findings) {
    Capture* capture = find(captureId);
    if (!capture) return;
    for (const Finding& finding : findings) {
        if (finding.boxes.empty()) continue;
        const bool known = std::any_of(capture->items.begin(), capture->items.end(), [&](const Item& item) {
            return item.finding.key == finding.key && !item.finding.boxes.empty() &&
                   shareWithin(finding.boxes.front(), item.finding.boxes.front()) > 0.5;
        });
        if (known) continue;
        const auto slept = foundAgain(capture->dormant, finding);
        Item item = makeItem(finding);
        if (slept != capture->dormant.end()) {
            item.id = slept->id;
            item.note = slept->note;
            item.ownStyle = slept->ownStyle;
            if (slept->ownStyle) {
                item.style = slept->style;
                item.strength = slept->strength;
            }
            capture->dormant.erase(slept);
        }
        // Keeping a value once keeps it everywhere it is the same to the letter.
        for (const Capture& other : m_captures)
            for (const Item& same : other.items)
                if (same.decision == Decision::Keep && sameValue(same.finding, finding)) item.decision = Decision::Keep;
        capture->items.push_back(std::move(item));
    }
    touched(captureId);
}

std::vector<std::pair<Item, Item>> Case::decided(const std::vector<int>& ids, Decision decision) const {
    std::vector<std::pair<Item, Item>> changes;
    for (int id : ids) {
        const Item* before = item(id);
        // A cover drawn by hand is there or it is not; it cannot be kept.
        if (before->decision == decision || before->finding.kind == Kind::Area) continue;
        Item after = *before;
        after.decision = decision;
        changes.push_back({*before, after});
    }
    return changes;
}

void Case::decide(int itemId, Scope scope, Decision decision) {
    if (scope == Scope::SameValue && decision == Decision::Cover) scope = Scope::LooksAlike;
    std::vector<int> ids = itemsInScope(itemId, scope);
    // Keeping a value once keeps it everywhere it is the same; what somebody has decided to cover stays covered.
    if (scope == Scope::One && decision == Decision::Keep)
        for (int id : itemsInScope(itemId, Scope::SameValue))
            if (id != itemId && item(id)->decision == Decision::Open) ids.push_back(id);
    std::vector<std::pair<Item, Item>> changes = decided(ids, decision);
    if (changes.empty()) return;
    const QString verb = decision == Decision::Cover  ? QStringLiteral("covering")
                         : decision == Decision::Keep ? QStringLiteral("keeping")
                                                      : QStringLiteral("opening");
    const QString text = changes.size() == 1 ? QStringLiteral("%1 a finding").arg(verb)
                                             : sentence(u"%1 %2 findings", verb, changes.size());
    m_undo.push(new ItemsCommand(*this, text, std::move(changes)));
}

void Case::setStyle(int itemId, Scope scope, CoverStyle style, double strength) {
    std::vector<std::pair<Item, Item>> changes;
    for (int id : itemsInScope(itemId, scope)) {
        const Item* before = item(id);
        if (before->style == style && before->strength == strength) continue;
        Item after = *before;
        after.style = style;
        after.strength = strength;
        after.ownStyle = true;
        changes.push_back({*before, after});
    }
    if (!changes.empty())
        m_undo.push(new ItemsCommand(*this, QStringLiteral("changing a cover's style"), std::move(changes)));
}

void Case::setNote(int itemId, const QString& note) {
    const Item* before = item(itemId);
    if (!before || before->note == note) return;
    Item after = *before;
    after.note = note;
    m_undo.push(new ItemsCommand(*this, QStringLiteral("changing a note"), {{*before, after}}));
}

int Case::addArea(int captureId, const QRect& place, CoverStyle style, double strength) {
    const Capture* capture = this->capture(captureId);
    if (!capture) return 0;
    const QRect inside = place.normalized().intersected(capture->picture.rect());
    if (inside.isEmpty()) return 0;
    Finding finding;
    finding.boxes = {QRectF(inside)};
    finding.confidence = 1;
    finding.reason = QStringLiteral("was covered by hand");
    Item item = makeItem(finding);
    item.decision = Decision::Cover;
    item.style = style;
    item.strength = strength;
    const int id = item.id;
    m_undo.push(new AreaCommand(*this, QStringLiteral("covering an area"), captureId, std::move(item), true));
    return id;
}

int Case::coverFinding(int captureId, const Finding& finding) {
    Capture* capture = find(captureId);
    if (!capture || finding.boxes.empty()) return 0;
    if (const auto known = foundAgain(capture->items, finding); known != capture->items.end()) {
        const int id = known->id;
        decide(id, Scope::One, Decision::Cover);
        return id;
    }
    Item item = makeItem(finding);
    item.decision = Decision::Cover;
    const int id = item.id;
    m_undo.push(
        new AreaCommand(*this, QStringLiteral("covering what the check found"), captureId, std::move(item), true));
    return id;
}

void Case::removeArea(int itemId) {
    const Item* item = this->item(itemId);
    const Capture* capture = captureOf(itemId);
    if (!item || item->finding.kind != Kind::Area) return;
    m_undo.push(new AreaCommand(*this, QStringLiteral("removing a cover"), capture->id, *item, false));
}

Case::Counts Case::counts(const Capture& capture) const {
    Counts n;
    for (const Item& item : capture.items) {
        n.open += item.decision == Decision::Open;
        n.cover += item.decision == Decision::Cover;
        n.keep += item.decision == Decision::Keep;
    }
    n.unread = capture.reading != Capture::Reading::Done;
    return n;
}

Case::Counts Case::counts() const {
    Counts sum;
    for (const Capture& capture : m_captures) {
        const Counts n = counts(capture);
        sum.open += n.open;
        sum.cover += n.cover;
        sum.keep += n.keep;
        sum.unread += n.unread;
    }
    return sum;
}

std::vector<Cover> Case::covers(const Capture& capture) const {
    return coversOf(capture.items, capture.picture.size(), m_policy.evenWidth);
}

std::vector<Finding> Case::coveredValues() const {
    std::vector<Finding> values;
    for (const Capture& capture : m_captures) {
        for (const Item& item : capture.items)
            if (item.decision == Decision::Cover && !item.finding.text.isEmpty()) values.push_back(item.finding);
        if (!capture.page) continue;
        const auto hands = handCovers(capture.items, capture.picture.size(), m_policy.evenWidth);
        for (Finding& value : valuesUnder(*capture.page, hands)) values.push_back(std::move(value));
    }
    return values;
}

} // namespace eyelid
