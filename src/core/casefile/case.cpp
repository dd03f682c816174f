#include "casefile/case.h"

#include "base/sentence.h"
#include "casefile/known_findings.h"
#include "casefile/taking_in.h"
#include "finding/watch_list.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

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

Case::Case(const Policy& policy, QObject* parent) : QObject(parent), m_secret(newSecret()) {
    m_state.name = nameOfUnnamed();
    m_state.terms.policy = std::make_shared<const Policy>(policy);
    m_state.terms.languages = QStringLiteral("eng");
}

Case::~Case() = default;

void Case::restore(KeptCase kept) {
    m_state = std::move(kept.state);
    m_history = std::move(kept.history);
    m_secret = std::move(kept.secret);
    Touched all{.name = true, .terms = true, .captures = true, .passes = true, .words = {}, .decisions = {}};
    for (const Capture& capture : m_state.captures) {
        all.words.insert(capture.id);
        all.decisions.insert(capture.id);
    }
    tell(all);
}

void Case::startAnew() {
    CaseState fresh;
    fresh.name = nameOfUnnamed();
    fresh.terms.policy = m_state.terms.policy;
    fresh.terms.languages = m_state.terms.languages;
    m_readOnly = false;
    m_pictures->keepOnly({});
    restore({std::move(fresh), History(), newSecret()});
}

std::shared_ptr<const ScrolledPage> Case::joinedPage(int captureId) const {
    const Capture* capture = this->capture(captureId);
    if (!capture || !capture->joined) return nullptr;
    std::vector<QImage> pictures;
    for (const PictureId& id : capture->joined->pictures) pictures.push_back(m_pictures->picture(id));
    return std::make_shared<const ScrolledPage>(
        ScrolledPage::restored(capture->joined->direction, pictures, capture->joined->joins));
}

void Case::lookUp() const {
    if (!m_items.empty()) return;
    const QSet<QString> kept = keptValues(m_state);
    for (const Capture& capture : m_state.captures) {
        const std::vector<Item>& all = m_items[capture.id] = itemsOf(capture, policy(), kept);
        for (size_t i = 0; i < all.size(); ++i) m_where[all[i].id] = {capture.id, i, false};
        for (size_t i = 0; i < capture.hands.size(); ++i) m_where[capture.hands[i].id] = {capture.id, i, true};
    }
}

const Case::Where* Case::whereIs(int id) const {
    lookUp();
    const auto at = m_where.find(id);
    return at == m_where.end() ? nullptr : &at->second;
}

const std::vector<Item>& Case::items(int captureId) const {
    static const std::vector<Item> none;
    lookUp();
    const auto found = m_items.find(captureId);
    return found == m_items.end() ? none : found->second;
}

const Item* Case::item(int id) const {
    const Where* where = whereIs(id);
    return where && !where->byHand ? &m_items.at(where->capture)[where->at] : nullptr;
}

const HandCover* Case::hand(int id) const {
    const Where* where = whereIs(id);
    return where && where->byHand ? &capture(where->capture)->hands[where->at] : nullptr;
}

const Capture* Case::captureOf(int id) const {
    const Where* where = whereIs(id);
    return where ? capture(where->capture) : nullptr;
}

QRectF Case::placeOf(int id) const {
    if (const Item* found = item(id)) return found->finding.boxes.front();
    const HandCover* drawn = hand(id);
    return drawn ? QRectF(drawn->shape.region(captureOf(id)->size).boundingRect()) : QRectF();
}

std::vector<int> Case::itemsInScope(int itemId, Scope scope) const {
    std::vector<int> ids;
    const Item* origin = item(itemId);
    if (!origin) return ids;
    for (const Capture& capture : m_state.captures)
        for (const Item& other : items(capture.id)) {
            const bool same =
                other.id == itemId || (scope == Scope::SameValue && sameValue(origin->finding, other.finding)) ||
                (scope == Scope::LooksAlike && origin->identity > 0 && other.identity == origin->identity) ||
                (scope == Scope::SameKind && other.finding.kind == origin->finding.kind);
            if (same) ids.push_back(other.id);
        }
    return ids;
}

Decided Case::decided(const Capture& capture) const {
    return {items(capture.id), capture.hands, policy().evenWidth};
}

std::vector<Cover> Case::covers(const Capture& capture) const {
    return coversOf(decided(capture), capture.size);
}

void Case::perform(const Change& change) {
    if (m_readOnly) return emit refused();
    if (!change.edits.empty()) tell(m_history.perform(m_state, change));
    forgetUnusedPictures();
}

void Case::undo() {
    if (m_readOnly) return emit refused();
    tell(m_history.undo(m_state));
}

void Case::redo() {
    if (m_readOnly) return emit refused();
    tell(m_history.redo(m_state));
}

void Case::forgetItems() {
    m_items.clear();
    m_where.clear();
}

void Case::forgetHistory() {
    if (m_readOnly) return emit refused();
    m_history = History();
    for (Capture& capture : m_state.captures)
        std::erase_if(capture.readings, [&](const PictureReading& r) { return r.picture != capture.picture; });
    forgetUnusedPictures();
    emit changed();
}

void Case::tell(const Touched& touched) {
    forgetItems();
    const bool shows =
        touched.name || touched.terms || touched.captures || !touched.words.empty() || !touched.decisions.empty();
    if (shows) ++m_revision;
    if (touched.terms) emit termsChanged();
    if (touched.captures) emit capturesChanged();
    for (const int id : touched.words) {
        emit pageChanged(id);
        emit captureChanged(id);
    }
    for (const int id : touched.decisions) emit captureChanged(id);
    if (touched.passes) emit passesChanged();
    emit changed();
}

void Case::touched(int captureId) {
    forgetItems();
    ++m_revision;
    emit captureChanged(captureId);
    emit changed();
}

// What neither the case nor its history speaks of any more.
void Case::forgetUnusedPictures() {
    m_pictures->keepOnly(picturesOf(m_state, m_history));
}

void Case::setName(const QString& name) {
    if (name != m_state.name) perform({Tr::tr("renaming the case"), {SetName{name}}});
}

void Case::setPolicy(const Policy& policy) {
    perform(
        {sentence(Tr::tr("use the policy \"%1\""), policy.name), {SetPolicy{std::make_shared<const Policy>(policy)}}});
}

void Case::setDestroyDay(const std::optional<DestroyDay>& day) {
    if (day != m_state.destroyDay) perform({Tr::tr("changing the day of destruction"), {SetDestroyDay{day}}});
}

void Case::lookOver() {
    QList<SecondLook> looks = m_state.looks;
    looks.removeIf([&](const SecondLook& look) { return look.officer == m_officer; });
    looks.push_back({m_officer, decisionsDigest(m_state)});
    if (looks != m_state.looks) perform({Tr::tr("looking the case over"), {SetLooks{looks}}});
}

void Case::begin(const QDate& today) {
    if (!m_state.begun.isNull()) return;
    m_state.begun = today;
    emit changed();
}

Result<Done> Case::setWatchWords(const QStringList& words) {
    if (auto list = WatchList::make(words, {}); !list) return list.error();
    if (words != m_state.terms.watchWords) perform({Tr::tr("changing the watched words"), {SetWatchWords{words}}});
    return Done{};
}

Case::ReadyPicture Case::ready(const QImage& picture, const std::shared_ptr<const ScrolledPage>& page) {
    ReadyPicture ready{{}, flattened(picture), nullptr, {}, {}};
    ready.small = PictureStore::smallOf(ready.picture);
    ready.id = PictureId::of(ready.picture);
    if (!page) return ready;
    Joined joined{page->direction(), {}, page->joins()};
    for (const QImage& part : page->pictures()) {
        ready.parts.push_back(flattened(part));
        joined.pictures.push_back(PictureId::of(ready.parts.back()));
    }
    ready.joined = std::make_shared<const Joined>(std::move(joined));
    return ready;
}

void Case::store(const ReadyPicture& ready) {
    m_pictures->keep(ready.id, ready.picture);
    m_pictures->keepSmall(ready.id, ready.small);
    for (size_t i = 0; i < ready.parts.size(); ++i) m_pictures->keep(ready.joined->pictures[i], ready.parts[i]);
}

int Case::add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined) {
    return add(ready(picture, joined), origin);
}

int Case::add(const ReadyPicture& ready, const QString& origin) {
    if (m_readOnly) {
        emit refused();
        return 0;
    }
    store(ready);
    Capture capture;
    capture.id = m_state.nextCapture++;
    capture.name = sentence(Tr::tr("Capture %1"), capture.id);
    capture.origin = origin;
    capture.picture = ready.id;
    capture.size = ready.picture.size();
    capture.joined = ready.joined;
    perform({sentence(Tr::tr("adding %1"), capture.name), {PutCapture{m_state.captures.size(), capture}}});
    return capture.id;
}

void Case::remove(int captureId) {
    if (const Capture* capture = this->capture(captureId))
        perform({sentence(Tr::tr("removing %1"), capture->name), {TakeCapture{captureId}}});
}

void Case::setCaptureName(int captureId, const QString& name) {
    const Capture* capture = this->capture(captureId);
    if (!capture || name.trimmed().isEmpty() || name.trimmed() == capture->name) return;
    perform({sentence(Tr::tr("renaming %1"), capture->name), {SetCaptureName{captureId, name.trimmed()}}});
}

void Case::moveCapture(int captureId, qsizetype to) {
    const Capture* capture = this->capture(captureId);
    if (!capture || to < 0 || to >= m_state.captures.size() || m_state.captures[to].id == captureId) return;
    perform({sentence(Tr::tr("moving %1"), capture->name), {MoveCapture{captureId, to}}});
}

void Case::takeIn(const CaseState& other, const QList<int>& captures) {
    perform(takingIn(m_state, other, captures));
}

void Case::setPicture(int captureId, const QImage& picture, std::shared_ptr<const ScrolledPage> joined) {
    const Capture* capture = this->capture(captureId);
    if (!capture || picture.isNull()) return;
    const ReadyPicture other = ready(picture, joined);
    if (other.id == capture->picture) return;
    store(other);
    perform({Tr::tr("join anew"), {SetPicture{captureId, other.id, picture.size(), other.joined, {}}}});
}

void Case::setJoined(int captureId, std::shared_ptr<const ScrolledPage> joined) {
    const Capture* capture = this->capture(captureId);
    if (!capture || !capture->joined || !joined) return;
    Joined other = *capture->joined;
    other.joins = joined->joins();
    if (other != *capture->joined)
        perform({Tr::tr("approving joins"), {SetJoins{captureId, std::make_shared<const Joined>(other)}}});
}

void Case::correctWord(int captureId, const QRectF& box, const QString& text) {
    const Capture* capture = this->capture(captureId);
    if (!capture || !capture->page || text.trimmed().isEmpty()) return;
    std::vector<Correction> corrections = capture->corrections;
    std::erase_if(corrections, [&](const Correction& c) { return c.box == box; });
    corrections.push_back({box, text.trimmed()});
    perform({Tr::tr("correct a word"), {SetWords{captureId, capture->areasRead, corrections}}});
}

void Case::replaceReading(int captureId, const QRect& area, const Page& reading) {
    const Capture* capture = this->capture(captureId);
    if (!capture || !capture->page) return;
    std::vector<Correction> corrections = capture->corrections;
    std::erase_if(corrections, [&](const Correction& c) { return QRectF(area).contains(c.box.center()); });
    std::vector<AreaReading> areas = capture->areasRead;
    areas.push_back({area, reading});
    perform({Tr::tr("read an area again"), {SetWords{captureId, areas, corrections}}});
}

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

void Case::setStyle(int id, Scope scope, CoverStyle style, double strength) {
    Change change{Tr::tr("changing a cover's style"), {}};
    if (const HandCover* drawn = hand(id); drawn && (drawn->style != style || drawn->strength != strength)) {
        HandCover other = *drawn;
        other.style = style;
        other.strength = strength;
        change.edits.push_back(SetHand{captureOf(id)->id, other});
    }
    for (const int other : itemsInScope(id, scope)) {
        const Item* before = item(other);
        if (before->style == style && before->strength == strength) continue;
        const Capture* capture = captureOf(other);
        Ruling ruling = rulingOf(*capture, other);
        ruling.look = CoverLook{style, strength};
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

int Case::cover(int captureId, const std::vector<CoverShape>& shapes, CoverStyle style, double strength) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly) return 0;
    Change change{{}, {}};
    int last = 0;
    for (const CoverShape& shape : shapes) {
        const CoverShape inside = shape.within(capture->size);
        if (inside.region(capture->size).isEmpty()) continue;
        last = m_state.nextId++;
        change.edits.push_back(PutHand{captureId, size_t(-1), {last, inside, style, strength, {}, m_officer}});
    }
    change.name = Tr::tr("covering %n area(s)", nullptr, int(change.edits.size()));
    perform(change);
    return last;
}

int Case::coverFinding(int captureId, const Finding& finding) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly || finding.boxes.empty()) return 0;
    const auto& all = items(captureId);
    const auto there = std::find_if(all.begin(), all.end(), [&](const Item& item) { return standsAs(item, finding); });
    if (there != all.end()) {
        const int id = there->id;
        decide(id, Scope::One, Decision::Cover);
        return id;
    }
    const int id = m_state.nextId++;
    Ruling ruling;
    ruling.decision = Decision::Cover;
    ruling.by = m_officer;
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
    if (!one || m_readOnly) return;
    Change change{Tr::tr("saying who is another"), {}};
    const int number = m_state.identities.newNumber();
    for (const int other : itemsInScope(id, Scope::SameValue)) change.edits.push_back(SetOwnIdentity{other, number});
    perform(change);
}

void Case::letPass(int captureId, const Leak& leak, const QString& reason) {
    QList<CapturePass> passes = m_state.passes;
    passes.removeIf([&](const CapturePass& p) { return p.capture == captureId && sameLeak(p.leak, leak); });
    passes.push_back({captureId, leak, reason});
    perform({Tr::tr("letting a leak pass"), {SetPasses{passes}}});
}

QString Case::passedBecause(int captureId, const Leak& leak) const {
    for (const CapturePass& pass : m_state.passes)
        if (pass.capture == captureId && sameLeak(pass.leak, leak)) return pass.reason;
    return {};
}

void Case::setReading(int captureId, Capture::Reading state, const QString& trouble) {
    Capture* capture = m_state.capture(captureId);
    if (!capture || (capture->reading == state && capture->trouble == trouble)) return;
    capture->reading = state;
    capture->trouble = trouble;
    touched(captureId);
}

void Case::setRead(int captureId, PictureReading reading) {
    Capture* capture = m_state.capture(captureId);
    if (!capture) return;
    std::erase_if(capture->readings, [&](const PictureReading& r) {
        return r.picture == reading.picture && r.languages == reading.languages;
    });
    capture->readings.push_back(std::move(reading));
    // Joined anew, or asked for in other languages meanwhile: then this reading is kept for the day that is undone.
    if (auto page = pageOf(*capture, m_state.terms.languages)) {
        capture->page = std::move(page);
        capture->reading = Capture::Reading::Done;
        capture->trouble.clear();
        emit pageChanged(captureId);
    }
    touched(captureId);
}

void Case::setFindings(int captureId, const std::vector<Finding>& findings, const SearchTerms& terms,
                       std::shared_ptr<const Page> on) {
    Capture* capture = m_state.capture(captureId);
    if (!capture) return;
    knowAll(*capture, findings, m_state.nextId);
    numberIdentities(m_state);
    capture->foundWith = terms;
    capture->foundOn = std::move(on);
    capture->carried.clear();
    capture->carriedOn = nullptr;
    touched(captureId);
}

void Case::addFindings(int captureId, const std::vector<Finding>& findings, const QSet<QString>& values,
                       std::shared_ptr<const Page> on) {
    Capture* capture = m_state.capture(captureId);
    if (!capture) return;
    for (const Finding& finding : findings)
        if (!finding.boxes.empty()) know(*capture, finding, m_state.nextId);
    numberIdentities(m_state);
    capture->carried = values;
    capture->carriedOn = std::move(on);
    if (findings.empty())
        emit changed(); // nothing that a release would show
    else
        touched(captureId);
}

Case::Counts Case::counts(const Capture& capture) const {
    Counts n;
    for (const Item& item : items(capture.id)) {
        n.open += item.decision == Decision::Open;
        n.questions += !item.question.isEmpty();
        n.illegible += item.decision == Decision::Open && item.finding.kind == Kind::Illegible;
        n.cover += item.decision == Decision::Cover;
        n.keep += item.decision == Decision::Keep;
    }
    n.cover += int(capture.hands.size());
    n.unread = capture.reading != Capture::Reading::Done;
    return n;
}

Case::Counts Case::counts() const {
    Counts sum;
    for (const Capture& capture : m_state.captures) {
        const Counts n = counts(capture);
        sum.open += n.open;
        sum.cover += n.cover;
        sum.keep += n.keep;
        sum.unread += n.unread;
        sum.illegible += n.illegible;
        sum.questions += n.questions;
    }
    return sum;
}

} // namespace eyelid
