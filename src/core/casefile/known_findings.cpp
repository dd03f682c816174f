#include "casefile/known_findings.h"

#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
namespace {

bool alike(const Finding& a, const Finding& b) {
    return a.key == b.key && !a.boxes.empty() && !b.boxes.empty() &&
           (shareWithin(a.boxes.front(), b.boxes.front()) > samePlaceShare ||
            shareWithin(b.boxes.front(), a.boxes.front()) > samePlaceShare);
}

// Decided about, asked about, or replaced by an officer's own.
bool isHeld(const Capture& capture, int finding) {
    const auto ruling = capture.rulings.find(finding);
    return ruling != capture.rulings.end() && (isSaidOf(ruling->second) || ruling->second.replacedBy);
}

} // namespace

KnownFinding& know(Capture& capture, const Finding& finding, int& nextId) {
    auto& known = capture.known;
    const auto shown = std::find_if(known.begin(), known.end(), [&](const KnownFinding& k) {
        return (k.found || isHeld(capture, k.id)) && alike(k.finding, finding);
    });
    if (shown != known.end()) {
        shown->found = true;
        return *shown;
    }
    const auto before = std::find_if(known.begin(), known.end(), [&](const KnownFinding& k) {
        return k.finding.kind == finding.kind && alike(k.finding, finding);
    });
    if (before != known.end() && !before->byHand) {
        before->finding = finding;
        before->found = true;
        return *before;
    }
    known.push_back({nextId++, finding, 0, true, false});
    return known.back();
}

void knowAll(Capture& capture, const std::vector<Finding>& findings, int& nextId) {
    for (KnownFinding& known : capture.known) known.found = known.byHand;
    for (const Finding& finding : findings)
        if (!finding.boxes.empty()) know(capture, finding, nextId);
}

int nextIdOf(const Capture& capture) {
    int next = 1;
    for (const KnownFinding& known : capture.known) next = std::max(next, known.id + 1);
    return next;
}

void numberIdentities(CaseState& state) {
    for (Capture& capture : state.captures)
        for (KnownFinding& known : capture.known) known.identity = state.identities.numberOf(known.finding, known.id);
}

} // namespace eyelid
