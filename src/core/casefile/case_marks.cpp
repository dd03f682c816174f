// Marks, framing, and captures cut into parts.
#include "base/sentence.h"
#include "casefile/case.h"
#include "casefile/known_findings.h"
#include "casefile/taking_in.h"

#include <algorithm>

namespace eyelid {
namespace {

constexpr double aside = 16; // device pixels a copy lies off what it is a copy of

int lastRank(const Capture& capture) {
    int last = 0;
    for (const Mark& mark : capture.marks)
        if (mark.kind == MarkKind::Step) last = std::max(last, mark.rank);
    return last;
}

} // namespace

int Case::addMark(int captureId, Mark mark) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly || !isWhole(mark)) return 0;
    mark.id = m_state.nextId++;
    if (mark.kind == MarkKind::Step) mark.rank = lastRank(*capture) + 1;
    perform({sentence(Tr::tr("adding a mark: %1"), markTitle(mark.kind)), {PutMark{captureId, size_t(-1), mark}}});
    return mark.id;
}

std::vector<int> Case::duplicateMarks(const std::vector<int>& ids) {
    if (m_readOnly) emit refused();
    if (m_readOnly) return {};
    Change change{Tr::tr("copying %n mark(s)", nullptr, int(ids.size())), {}};
    std::vector<int> copies;
    std::map<int, int> ranks;
    for (const int id : ids) {
        const Mark* before = mark(id);
        if (!before) continue;
        const Capture* capture = captureOf(id);
        Mark copy = translated(*before, {aside, aside});
        copy.id = m_state.nextId++;
        copy.locked = false;
        copy.holds.clear();
        if (copy.kind == MarkKind::Step) copy.rank = lastRank(*capture) + ++ranks[capture->id];
        copies.push_back(copy.id);
        change.edits.push_back(PutMark{capture->id, size_t(-1), copy});
    }
    perform(change);
    return copies;
}

void Case::setMarks(const std::vector<Mark>& marks, const QString& step) {
    Change change{step, {}};
    for (const Mark& other : marks) {
        const Mark* before = mark(other.id);
        if (before && isWhole(other) && *before != other)
            change.edits.push_back(SetMark{captureOf(other.id)->id, other});
    }
    perform(change);
}

void Case::removeMarks(const std::vector<int>& ids) {
    Change change{{}, {}};
    for (const int id : ids)
        if (const Mark* there = mark(id); there && !there->locked)
            change.edits.push_back(TakeMark{captureOf(id)->id, id});
    change.name = Tr::tr("removing %n mark(s)", nullptr, int(change.edits.size()));
    perform(change);
}

void Case::arrangeMarks(const std::vector<int>& ids, bool inFront) {
    Change change{inFront ? Tr::tr("bringing marks to the front") : Tr::tr("putting marks to the back"), {}};
    std::vector<std::pair<int, Mark>> moved; // by capture, in the order they lie
    for (const Capture& capture : m_state.captures)
        for (const Mark& mark : capture.marks)
            if (std::find(ids.begin(), ids.end(), mark.id) != ids.end()) moved.emplace_back(capture.id, mark);
    if (!inFront) std::reverse(moved.begin(), moved.end());
    for (const auto& [capture, mark] : moved) {
        change.edits.push_back(TakeMark{capture, mark.id});
        change.edits.push_back(PutMark{capture, inFront ? size_t(-1) : 0, mark});
    }
    perform(change);
}

void Case::moveStep(int id, int by) {
    const Mark* step = mark(id);
    if (!step || step->kind != MarkKind::Step) return;
    std::vector<Mark> steps;
    for (const Mark& mark : captureOf(id)->marks)
        if (mark.kind == MarkKind::Step) steps.push_back(mark);
    std::stable_sort(steps.begin(), steps.end(), [](const Mark& a, const Mark& b) { return a.rank < b.rank; });
    const auto at = std::find_if(steps.begin(), steps.end(), [&](const Mark& m) { return m.id == id; }) - steps.begin();
    const auto to = std::clamp<long>(at + by, 0, long(steps.size()) - 1);
    if (at == to) return;
    if (at < to)
        std::rotate(steps.begin() + at, steps.begin() + at + 1, steps.begin() + to + 1);
    else
        std::rotate(steps.begin() + to, steps.begin() + at, steps.begin() + at + 1);
    for (size_t i = 0; i < steps.size(); ++i) steps[i].rank = int(i) + 1;
    setMarks(steps, Tr::tr("counting steps anew"));
}

void Case::setFraming(int captureId, const Framing& framing) {
    const Capture* capture = this->capture(captureId);
    if (!capture || capture->framing == framing) return;
    perform({Tr::tr("changing the framing"), {SetFraming{captureId, framing}}});
}

int Case::cutIntoParts(int captureId, const std::vector<QRect>& parts) {
    const Capture* capture = this->capture(captureId);
    if (m_readOnly) emit refused();
    if (!capture || m_readOnly || parts.empty()) return 0;
    Change change{sentence(Tr::tr("cutting %1 into parts"), capture->name), {}};
    qsizetype at = capture - m_state.captures.constData();
    const QString name = capture->name;
    int first = 0, number = 0;
    for (const QRect& part : parts) {
        Capture copy = copyOf(*this->capture(captureId), m_state);
        if (!first) first = copy.id;
        copy.name = sentence(Tr::tr("%1, part %2"), name, ++number);
        copy.framing.crop = part;
        change.edits.push_back(PutCapture{++at, copy});
    }
    perform(change);
    return first;
}

int Case::putTogether(const Together& whole, const ReadyPicture& ready) {
    if (m_readOnly) emit refused();
    if (m_readOnly || whole.parts.empty() || ready.picture.isNull()) return 0;
    store(ready);
    Capture capture = decidedTogether(whole, m_state);
    capture.id = m_state.nextCapture++;
    capture.name = sentence(Tr::tr("Capture %1"), capture.id);
    capture.picture = ready.id;
    numberIdentities(m_state);
    perform({Tr::tr("putting %n capture(s) together", nullptr, int(whole.parts.size())),
             {PutCapture{m_state.captures.size(), capture}}});
    return capture.id;
}

} // namespace eyelid
