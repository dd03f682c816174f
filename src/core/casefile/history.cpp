#include "casefile/history.h"

namespace eyelid {

History::History(std::vector<Change> done, std::vector<Change> undone)
    : m_done(std::move(done)), m_undone(std::move(undone)) {
    for (auto* list : {&m_done, &m_undone})
        for (Change& change : *list) numbered(change);
}

Touched History::perform(CaseState& state, const Change& change) {
    Touched touched;
    Change back = apply(state, change, touched);
    if (back.edits.empty()) return touched;
    m_done.push_back(std::move(numbered(back)));
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
    Change back = apply(state, change, touched);
    to.push_back(std::move(numbered(back)));
    return touched;
}

} // namespace eyelid
