#include "pipeline/case_work.h"

#include "base/sentence.h"
#include "casefile/known_findings.h"
#include "editing/sanitised_page.h"
#include "picture/geometry.h"
#include "pipeline/made_file.h"
#include "releasing/digest.h"

#include <algorithm>

namespace eyelid {
namespace {

// How sure a finding must be for its value to be looked for on other captures before anybody has decided about it: of
// ten findings so sure, nine are right on screens drawn for it (bench/finding.py, "how often a confidence is right").
constexpr double sureEnoughToCarry = 0.6;

constexpr QSize largestThumbnail(360, 240); // beside its rows in a report

QByteArray thumbnailOf(const QImage& picture) {
    const QSize size = picture.size().scaled(largestThumbnail, Qt::KeepAspectRatio).boundedTo(picture.size());
    auto png =
        encodePicture(picture.scaled(size.expandedTo({1, 1}), Qt::IgnoreAspectRatio, Qt::SmoothTransformation), {});
    return png ? std::move(*png) : QByteArray();
}

} // namespace

Result<Search> searchFor(const SearchTerms& terms) {
    auto watch = WatchList::make(terms.watchWords, {});
    if (!watch) return watch.error();
    return Search{terms.policy, std::make_shared<const WatchList>(std::move(*watch)), terms.languages};
}

CaseWork::CaseWork() = default;
CaseWork::~CaseWork() = default;

Result<Page> CaseWork::read(const QImage& picture, const Search& search, Reader& reader, Progress& progress) const {
    progress.setDoing(Tr::tr("Reading"));
    if (progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("Reading was stopped.")};
    return reader.read(picture, {.languages = search.languages}, progress);
}

std::vector<Finding> CaseWork::find(const Page& page, const Search& search) const {
    return m_finder.find(page, *search.policy, *search.watch);
}

std::vector<Finding> CaseWork::carry(const Page& page, const std::vector<Finding>& already,
                                     const std::vector<Finding>& known, const QRegion& hands,
                                     const Search& search) const {
    constexpr double hidden = 0.5; // of a place, from which on a cover drawn by hand was drawn over it
    std::vector<Finding> found = m_finder.carry(page, already, known, *search.policy);
    const std::vector<QRect> covers = rectsOf(hands);
    std::erase_if(found, [&](const Finding& f) {
        return std::all_of(f.boxes.begin(), f.boxes.end(),
                           [&](const QRectF& box) { return shareUnder(box, covers) > hidden; });
    });
    return found;
}

void CaseWork::carryThrough(const std::vector<Capture*>& captures, const Search& search) const {
    const auto handsOf = [&](const Capture& capture) {
        return handRegion({{}, capture.hands, search.policy->evenWidth}, capture.size);
    };
    std::vector<Finding> known;
    for (const Capture* capture : captures)
        for (Finding& value :
             valuesToCarry(capture->page.get(), itemsOf(*capture, *search.policy, {}), handsOf(*capture)))
            known.push_back(std::move(value));
    for (Capture* capture : captures) {
        std::vector<Finding> already;
        for (const KnownFinding& k : capture->known) already.push_back(k.finding);
        int nextId = nextIdOf(*capture);
        for (const Finding& found : carry(*capture->page, already, known, handsOf(*capture), search))
            know(*capture, found, nextId);
    }
}

// What officers wrote stands in the log.
void CaseWork::addLeaksOfReasons(const CheckRequest& request, std::vector<Leak>& leaks) const {
    QSet<QString> texts;
    for (const Item& item : request.decided.items)
        if (item.byHand) texts << item.finding.reason << item.finding.ground;
    texts.remove({});
    QStringList all(texts.begin(), texts.end());
    all.sort();
    for (const QString& text : all)
        for (Leak& leak : eyelid::checkText(text, Tr::tr("The reason of a finding"), request, m_finder))
            leaks.push_back(std::move(leak));
}

// What is written on marks is searched as letters, not only as far as it can be read off the picture.
void CaseWork::addLeaksOfMarks(const CheckRequest& request, const std::vector<Mark>& marks,
                               std::vector<Leak>& leaks) const {
    for (const Mark& mark : marks)
        for (const QString& text : {mark.text, mark.unit})
            for (Leak& leak :
                 eyelid::checkText(text, sentence(Tr::tr("What is written on a mark (%1)"), markTitle(mark.kind)),
                                   request, m_finder)) {
                leak.sort = Leak::Sort::Found;
                leak.place = boundsOf(mark);
                leaks.push_back(std::move(leak));
            }
}

Result<CheckedPicture> CaseWork::make(const Making& making, const Search& search, Reader& reader,
                                      Progress& progress) const {
    progress.setDoing(sentence(Tr::tr("Making %1"), making.name));
    const Edits edits = editsOf(making.decided, making.picture->size());
    const QImage rendered = render(*making.picture, edits);
    auto made = makeFile(*making.picture, edits, rendered, making.form);
    if (!made) return made.error();
    CheckRequest request;
    request.policy = search.policy.get();
    request.watch = search.watch.get();
    request.languages = search.languages;
    request.name = making.caseName;
    request.capture = making.picture;
    request.encoding = made->encoding;
    request.transparent = made->transparent;
    request.covers = edits.covers;
    request.decided = making.decided;
    request.coveredValues = making.coveredValues;
    auto report = checkBytes(made->bytes, request, reader, m_finder, progress);
    if (!report) return report.error();
    addLeaksOfReasons(request, report->leaks);
    addLeaksOfMarks(request, edits.marks, report->leaks);
    CheckedPicture checked;
    checked.capture = making.capture;
    checked.artifact = {making.name + u'.' + endingOf(made->encoding.format), made->bytes};
    checked.sha256 = sha256(made->bytes);
    checked.size = report->size;
    checked.captureSize = making.picture->size();
    checked.decided = making.decided;
    checked.leaks = std::move(report->leaks);
    checked.encoding = made->encoding;
    checked.transparent = made->transparent;
    checked.words = report->words;
    if (making.form.report) checked.thumbnail = thumbnailOf(rendered);
    return checked;
}

std::vector<Leak> CaseWork::checkText(const QString& text, const QString& what,
                                      const std::vector<Finding>& coveredValues, const std::vector<Item>& items,
                                      const Search& search) const {
    CheckRequest request;
    request.policy = search.policy.get();
    request.watch = search.watch.get();
    request.coveredValues = coveredValues;
    request.decided.items = items;
    return eyelid::checkText(text, what, request, m_finder);
}

bool CaseWork::isReadable(const QString& text, const std::vector<Finding>& values) const {
    return !m_finder.readableInText(text, values).empty();
}

Page sanitisedAsFound(const Page& page, const std::vector<Finding>& findings, const Policy& policy) {
    Identities identities;
    std::vector<HiddenValue> hidden;
    for (const Finding& f : findings)
        hidden.push_back(hiddenValue(f, identities.numberOf(f), page.size, policy.evenWidth));
    return sanitisedPage(page, hidden);
}

namespace {

template <typename Counts>
std::vector<Finding> valuesOf(const Page* page, const std::vector<Item>& items, const QRegion& hands, Counts counts) {
    std::vector<Finding> values;
    for (const Item& item : items)
        if (!item.finding.text.isEmpty() && counts(item)) values.push_back(item.finding);
    if (!page || hands.isEmpty()) return values;
    for (Finding& value : valuesUnder(*page, hands)) values.push_back(std::move(value));
    return values;
}

// Of every capture in turn, with the items it shows.
template <typename Add> std::vector<Finding> ofAll(const CaseState& state, Add valuesOfOne) {
    std::vector<Finding> values;
    const QSet<QString> kept = keptValues(state);
    for (const Capture& capture : state.captures) {
        const std::vector<Item> items = itemsOf(capture, *state.terms.policy, kept);
        const QRegion hands = handRegion({{}, capture.hands, state.terms.policy->evenWidth}, capture.size);
        for (Finding& value : valuesOfOne(capture.page.get(), items, hands)) values.push_back(std::move(value));
    }
    return values;
}

} // namespace

std::vector<Finding> valuesToCarry(const Page* page, const std::vector<Item>& items, const QRegion& hands) {
    return valuesOf(page, items, hands, [](const Item& item) {
        return item.decision == Decision::Cover || item.finding.confidence >= sureEnoughToCarry;
    });
}

std::vector<Finding> valuesCovered(const Page* page, const std::vector<Item>& items, const QRegion& hands) {
    return valuesOf(page, items, hands, [](const Item& item) { return item.decision == Decision::Cover; });
}

std::vector<Finding> valuesToCarry(const CaseState& state) {
    return ofAll(state, [](const Page* page, const auto& items, const QRegion& hands) {
        return valuesToCarry(page, items, hands);
    });
}

std::vector<Finding> valuesCovered(const CaseState& state) {
    return ofAll(state, [](const Page* page, const auto& items, const QRegion& hands) {
        return valuesCovered(page, items, hands);
    });
}

QSet<QString> namesOfValues(const std::vector<Finding>& values) {
    QSet<QString> names;
    for (const Finding& value : values) names.insert(nameOfValue(value));
    return names;
}

std::optional<Work> nextWork(const CaseState& state) {
    for (const Capture& capture : state.captures)
        if (capture.reading == Capture::Reading::Waiting) return Work{Work::What::Read, capture.id};
    for (const Capture& capture : state.captures)
        if (capture.page && (capture.foundOn != capture.page || !(capture.foundWith == state.terms)))
            return Work{Work::What::Find, capture.id};
    const QSet<QString> values = namesOfValues(valuesToCarry(state));
    for (const Capture& capture : state.captures)
        if (capture.page && (capture.carriedOn != capture.page || !capture.carried.contains(values)))
            return Work{Work::What::Carry, capture.id};
    return std::nullopt;
}

} // namespace eyelid
