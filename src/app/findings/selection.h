// What is being looked at: the capture that is shown, and the finding or cover that is selected on it. The one owner of
// both; views show it and ask it for another.
#pragma once

#include "casefile/case.h"

#include <QObject>
#include <vector>

namespace eyelid {

class Selection final : public QObject {
    Q_OBJECT
public:
    explicit Selection(Case& owner);

    /// 0: none.
    int capture() const { return m_capture; }
    /// A finding, a cover drawn by hand or a mark; 0: none.
    int item() const { return m_item; }
    /// Marks that are selected together, item() the last of them; empty where it is none.
    const std::vector<int>& marks() const { return m_marks; }
    void selectMarks(const std::vector<int>& marks);
    /// What was selected on another capture is selected no longer.
    void showCapture(int id);
    /// Shows the capture it is on.
    void select(int item);
    enum class End { GoesRound, Stops };
    /// The capture after this one, or before it. False where that is the last, and nothing is shown anew.
    bool stepCapture(int by, End end = End::GoesRound);

signals:
    void captureChanged(int capture);
    void itemChanged(int item);

private:
    void follow();

    Case& m_case;
    int m_capture = 0, m_item = 0;
    std::vector<int> m_marks;
};

} // namespace eyelid
