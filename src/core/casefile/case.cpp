#include "casefile/case.h"

#include "base/sentence.h"
#include "casefile/known_findings.h"
#include "casefile/taking_in.h"
#include "finding/watch_list.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

#include <algorithm>

namespace eyelid {

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

void Case::restore(KeptCase kept, std::shared_ptr<PictureStore> pictures) {
    m_pictures = std::move(pictures);
    restore(std::move(kept));
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
        for (size_t i = 0; i < all.size(); ++i) m_where[all[i].id] = {capture.id, i, Where::What::Item};
        for (size_t i = 0; i < capture.hands.size(); ++i)
            m_where[capture.hands[i].id] = {capture.id, i, Where::What::Hand};
        for (size_t i = 0; i < capture.marks.size(); ++i)
            m_where[capture.marks[i].id] = {capture.id, i, Where::What::Mark};
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
    return where && where->what == Where::What::Item ? &m_items.at(where->capture)[where->at] : nullptr;
}

const HandCover* Case::hand(int id) const {
    const Where* where = whereIs(id);
    return where && where->what == Where::What::Hand ? &capture(where->capture)->hands[where->at] : nullptr;
}

const Mark* Case::mark(int id) const {
    const Where* where = whereIs(id);
    return where && where->what == Where::What::Mark ? &capture(where->capture)->marks[where->at] : nullptr;
}

const Capture* Case::captureOf(int id) const {
    const Where* where = whereIs(id);
    return where ? capture(where->capture) : nullptr;
}

QRectF Case::placeOf(int id) const {
    if (const Item* found = item(id)) return found->finding.boxes.front();
    if (const Mark* put = mark(id)) return boundsOf(*put);
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
    const std::vector<Item>& all = items(capture.id);
    // All values of the case are gone through for them: only where there are any.
    const bool any =
        std::any_of(all.begin(), all.end(), [](const Item& i) { return i.look.style == CoverStyle::StandIn; });
    if (any && !m_standIns) m_standIns = std::make_shared<const StandInSource>(standInsOf(m_state, m_secret));
    return {all,
            capture.hands,
            policy().evenWidth,
            policy().marksReplaced,
            policy().labelsTellGround,
            any ? m_standIns : nullptr,
            capture.framing,
            capture.marks};
}

std::vector<Cover> Case::covers(const Capture& capture) const {
    return coversOf(decided(capture), capture.size);
}

Edits Case::edits(const Capture& capture) const {
    return editsOf(decided(capture), capture.size);
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
    m_standIns.reset();
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

void Case::noteRelease(const ReleaseRecord& release) {
    m_state.releases.push_back(release);
    emit changed();
}

void Case::withdrawRelease(qsizetype index, const QString& reason) {
    if (index < 0 || index >= m_state.releases.size() || reason.trimmed().isEmpty()) return;
    m_state.releases[index].withdrawn = reason.trimmed();
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
