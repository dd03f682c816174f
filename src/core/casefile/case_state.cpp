#include "casefile/case_state.h"

#include "base/said_dates.h"
#include "editing/edits_json.h"
#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <QCryptographicHash>

namespace eyelid {
namespace {

// Whether an officer's own finding stands in its place. One of those is itself never replaced but taken away, so that
// no file, however it was altered, has findings that hide one another.
bool isReplaced(const Capture& capture, const KnownFinding& known, const Ruling& ruling) {
    return !known.byHand && ruling.replacedBy &&
           std::any_of(capture.known.begin(), capture.known.end(),
                       [&](const KnownFinding& other) { return other.byHand && other.id == ruling.replacedBy; });
}

// What lies wholly under covers drawn by hand needs no decision of its own.
class UnderHands {
public:
    UnderHands(const Capture& capture, int evenWidth) : m_size(capture.size), m_evenWidth(evenWidth) {
        for (const HandCover& hand : capture.hands) m_hidden += handRegion(hand, capture.size, evenWidth);
    }
    bool hide(const Finding& finding) const {
        if (m_hidden.isEmpty()) return false;
        const std::vector<QRect> rects = coverRects(finding, m_size, m_evenWidth);
        return !rects.empty() && std::all_of(rects.begin(), rects.end(), [&](const QRect& rect) {
            return QRegion(rect).subtracted(m_hidden).isEmpty();
        });
    }

private:
    QSize m_size;
    int m_evenWidth;
    QRegion m_hidden;
};

QByteArray framingAndMarks(const Capture& capture) {
    const nlohmann::json all{{"framing", capture.framing}, {"marks", capture.marks}};
    return QByteArray::fromStdString(all.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace));
}

} // namespace

int Joined::unsure() const {
    return int(std::count_if(joins.begin(), joins.end(), [](const Join& join) { return !join.sure; }));
}

const Capture* CaseState::capture(int id) const {
    const auto at = std::find_if(captures.cbegin(), captures.cend(), [&](const Capture& c) { return c.id == id; });
    return at == captures.cend() ? nullptr : &*at;
}

Capture* CaseState::capture(int id) {
    const auto at = std::find_if(captures.begin(), captures.end(), [&](const Capture& c) { return c.id == id; });
    return at == captures.end() ? nullptr : &*at;
}

QDate dueDay(const CaseState& state) {
    if (state.destroyDay) return state.destroyDay->day;
    const int days = state.terms.policy->retention.days;
    return state.begun.isNull() || days == 0 ? QDate() : state.begun.addDays(days);
}

QByteArray decisionsDigest(const CaseState& state) {
    QStringList all;
    const QSet<QString> kept = keptValues(state);
    for (const Capture& capture : state.captures) {
        const QString where = QString::number(capture.id) + u' ' + QString::fromLatin1(capture.picture.toHex());
        for (const Item& item : itemsOf(capture, *state.terms.policy, kept)) {
            QString line = where + QStringLiteral(" finding ") + decisionName(item.decision);
            for (const QRectF& box : item.finding.boxes)
                line += QStringLiteral(" %1 %2 %3 %4").arg(box.x()).arg(box.y()).arg(box.width()).arg(box.height());
            all << line;
        }
        for (const HandCover& hand : capture.hands) {
            QString line = where + QStringLiteral(" hand");
            for (const QRect& r : hand.shape.region(capture.size))
                line += QStringLiteral(" %1 %2 %3 %4").arg(r.x()).arg(r.y()).arg(r.width()).arg(r.height());
            all << line;
        }
        if (!capture.framing.isPlain() || !capture.marks.empty())
            all << where + QString::fromUtf8(framingAndMarks(capture));
    }
    all.sort(); // the order of captures decides nothing
    return QCryptographicHash::hash(all.join(u'\n').toUtf8(), QCryptographicHash::Sha256);
}

bool twoOfficersAgree(const CaseState& state) {
    const QByteArray now = decisionsDigest(state);
    QSet<QString> officers;
    for (const SecondLook& look : state.looks)
        if (look.decisions == now) officers.insert(look.officer);
    if (officers.isEmpty()) return false;
    for (const Capture& capture : state.captures) {
        for (const auto& [finding, ruling] : capture.rulings)
            if (ruling.decision && !ruling.by.isEmpty()) officers.insert(ruling.by);
        for (const HandCover& hand : capture.hands)
            if (!hand.by.isEmpty()) officers.insert(hand.by);
    }
    return officers.size() >= 2;
}

bool lacksSecondLook(const CaseState& state) {
    return state.terms.policy->secondLook && !twoOfficersAgree(state);
}

QString nameOfUnnamed() {
    return Tr::tr("Untitled case");
}

QString titleOf(const CaseState& state) {
    if (state.name != nameOfUnnamed() || state.begun.isNull()) return state.name;
    return sentence(Tr::tr("Untitled, %1"), saidDay(state.begun));
}

std::shared_ptr<const Page> pageOf(const Capture& capture, const QString& languages) {
    const auto read = std::find_if(capture.readings.begin(), capture.readings.end(), [&](const PictureReading& r) {
        return r.picture == capture.picture && r.languages == languages;
    });
    if (read == capture.readings.end()) return nullptr;
    if (capture.areasRead.empty() && capture.corrections.empty()) return read->page;
    Page page = *read->page;
    for (const AreaReading& again : capture.areasRead) page = withAreaReadAnew(page, again.area, again.reading);
    return std::make_shared<const Page>(correctedPage(page, capture.corrections));
}

bool isSaidOf(const Ruling& ruling) {
    return ruling.decision.value_or(Decision::Open) != Decision::Open || !ruling.question.isEmpty();
}

QString nameOfValue(const Finding& value) {
    return value.text.isEmpty() ? QString() : kindName(value.kind) + u'\n' + exactly(value.text);
}

QSet<QString> keptValues(const CaseState& state) {
    QSet<QString> kept;
    for (const Capture& capture : state.captures)
        for (const KnownFinding& known : capture.known) {
            const auto ruling = capture.rulings.find(known.id);
            if (ruling == capture.rulings.end() || ruling->second.decision != Decision::Keep) continue;
            if (const QString key = nameOfValue(known.finding); !key.isEmpty()) kept.insert(key);
        }
    return kept;
}

StandInSource standInsOf(const CaseState& state, const QByteArray& secret) {
    StandInSource source{secret, {}};
    for (const Capture& capture : state.captures)
        for (const KnownFinding& known : capture.known)
            if (!known.finding.text.isEmpty()) source.taken.insert(skeleton(known.finding.text));
    return source;
}

std::vector<Item> itemsOf(const Capture& capture, const Policy& policy, const QSet<QString>& kept) {
    std::vector<Item> items;
    const UnderHands hands(capture, policy.evenWidth);
    const FramedGeometry geometry = geometryOf(capture.framing, capture.size);
    for (const KnownFinding& known : capture.known) {
        const auto at = capture.rulings.find(known.id);
        const Ruling ruling = at == capture.rulings.end() ? Ruling() : at->second;
        if (isReplaced(capture, known, ruling)) continue;
        if (!known.found && !known.byHand && !isSaidOf(ruling)) continue;
        Item item;
        item.id = known.id;
        item.finding = known.finding;
        item.identity = known.identity;
        item.decision =
            ruling.decision.value_or(kept.contains(nameOfValue(known.finding)) ? Decision::Keep : Decision::Open);
        item.question = ruling.question;
        item.by = ruling.by;
        item.byHand = known.byHand;
        item.underHand = item.decision == Decision::Open && item.question.isEmpty() && hands.hide(known.finding);
        item.cutAway = item.decision == Decision::Open && item.question.isEmpty() && !item.underHand &&
                       std::none_of(known.finding.boxes.begin(), known.finding.boxes.end(),
                                    [&](const QRectF& box) { return geometry.shows(box); });
        if (item.underHand || item.cutAway) item.decision = Decision::Cover;
        item.look = ruling.look.value_or(policy.look(known.finding.kind));
        item.note = ruling.note;
        items.push_back(std::move(item));
    }
    return items;
}

bool sameLeak(const Leak& a, const Leak& b) {
    if (a.sort != b.sort || a.place.isNull() != b.place.isNull()) return false;
    if (!a.finding.text.isEmpty() || !b.finding.text.isEmpty()) {
        if (!sameValue(a.finding, b.finding)) return false;
    } else if (a.sentence != b.sentence) {
        return false;
    }
    return a.place.isNull() ||
           (shareWithin(a.place, b.place) > samePlaceShare && shareWithin(b.place, a.place) > samePlaceShare);
}

} // namespace eyelid
