#include "casefile/history.h"

namespace eyelid {

Touched History::perform(CaseState& state, const Change& change) {
    Touched touched;
    Change back = apply(state, change, touched);
    if (back.edits.empty()) return touched;
    m_done.push_back(std::move(back));
    m_undone.clear();
    return touched;
}

Touched History::undo(CaseState& state) {
    return move(state, m_done, m_undone);
}

Touched History::redo(CaseState& state) {
    return move(state, m_undone, m_done);
}

Touched History::move(CaseState& state, std::vector<Change>& from, std::vector<Change>& to) {
    Touched touched;
    if (from.empty()) return touched;
    const Change change = std::move(from.back());
    from.pop_back();
    to.push_back(apply(state, change, touched));
    return touched;
}

} // namespace eyelid
