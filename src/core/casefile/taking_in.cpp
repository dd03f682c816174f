#include "casefile/taking_in.h"

#include "base/sentence.h"

namespace eyelid {
Capture copyOf(Capture capture, CaseState& into) {
    capture.id = into.nextCapture++;
    std::map<int, Ruling> rulings;
    std::map<int, int> now; // ids, by what they were
    for (KnownFinding& known : capture.known) {
        const int before = known.id;
        known.id = into.nextId++;
        known.identity = into.identities.numberOf(known.finding, known.id);
        now[before] = known.id;
    }
    for (auto& [finding, ruling] : capture.rulings) {
        if (!now.contains(finding)) continue;
        if (ruling.replacedBy) ruling.replacedBy = now.contains(ruling.replacedBy) ? now[ruling.replacedBy] : 0;
        rulings[now[finding]] = ruling;
    }
    capture.rulings = std::move(rulings);
    const auto renumber = [&](int& id) {
        const int before = std::exchange(id, into.nextId++);
        now[before] = id;
    };
    for (HandCover& hand : capture.hands) renumber(hand.id);
    for (Mark& mark : capture.marks) renumber(mark.id);
    for (Mark& mark : capture.marks) {
        std::erase_if(mark.holds, [&](const MarkHold& hold) { return !now.contains(hold.id); });
        for (MarkHold& hold : mark.holds) hold.id = now[hold.id];
    }
    return capture;
}

Change takingIn(CaseState& into, const CaseState& from, const QList<int>& captures) {
    Change change{Tr::tr("taking in %n capture(s)", nullptr, int(captures.size())), {}};
    QList<CapturePass> passes = into.passes;
    qsizetype at = into.captures.size();
    for (const Capture& theirs : from.captures) {
        if (!captures.contains(theirs.id)) continue;
        const Capture ours = copyOf(theirs, into);
        for (CapturePass pass : from.passes) {
            if (pass.capture != theirs.id) continue;
            pass.capture = ours.id;
            passes.push_back(pass);
        }
        change.edits.push_back(PutCapture{at++, ours});
    }
    if (change.edits.empty()) return change;
    if (passes.size() != into.passes.size()) change.edits.push_back(SetPasses{passes});
    QStringList words = into.terms.watchWords;
    for (const QString& word : from.terms.watchWords)
        if (!words.contains(word)) words << word;
    if (words != into.terms.watchWords) change.edits.push_back(SetWatchWords{words});
    return change;
}

} // namespace eyelid
