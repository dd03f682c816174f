// The changes of a case, in order: what undo takes back and redo does again.
#pragma once

#include "casefile/change.h"

#include <vector>

namespace eyelid {

class History {
public:
    History() = default;
    /// As it was: done() and undone() of before.
    History(std::vector<Change> done, std::vector<Change> undone);

    /// Applies a change and remembers it; what was undone before cannot be done again. A change that changes nothing is
    /// not remembered.
    Touched perform(CaseState& state, const Change& change);
    /// Nothing happens where there is nothing to undo, or to do again.
    Touched undo(CaseState& state);
    Touched redo(CaseState& state);

    bool canUndo() const { return !m_done.empty(); }
    bool canRedo() const { return !m_undone.empty(); }
    /// What undo or redo would do, as its change is named; empty where there is nothing.
    QString undoName() const { return canUndo() ? m_done.back().name : QString(); }
    QString redoName() const { return canRedo() ? m_undone.back().name : QString(); }
    /// How many changes stand.
    size_t length() const { return m_done.size(); }

    /// The changes that take back what was done, the latest last, and those that do again what was undone.
    const std::vector<Change>& done() const { return m_done; }
    const std::vector<Change>& undone() const { return m_undone; }

private:
    Touched move(CaseState& state, std::vector<Change>& from, std::vector<Change>& to);
    Change& numbered(Change& change) {
        change.serial = ++m_serial;
        return change;
    }

    std::vector<Change> m_done, m_undone;
    quint64 m_serial = 0;
};

} // namespace eyelid
