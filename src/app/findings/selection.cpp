#include "app/findings/selection.h"

namespace eyelid {

Selection::Selection(Case& owner) : m_case(owner) {
    connect(&m_case, &Case::capturesChanged, this, &Selection::follow);
    connect(&m_case, &Case::captureChanged, this, &Selection::follow);
}

void Selection::showCapture(int id) {
    if (!m_case.capture(id)) id = 0;
    const bool leaves = m_item != 0 && (!m_case.captureOf(m_item) || m_case.captureOf(m_item)->id != id);
    if (leaves) {
        m_item = 0;
        m_marks.clear();
    }
    const bool other = id != m_capture;
    m_capture = id;
    if (other) emit captureChanged(id);
    if (leaves) emit itemChanged(0);
}

void Selection::select(int item) {
    const Capture* capture = m_case.captureOf(item);
    if (!capture) item = 0;
    m_marks.clear();
    if (m_case.mark(item)) m_marks = {item};
    if (capture && capture->id != m_capture) {
        m_item = item;
        m_capture = capture->id;
        emit captureChanged(m_capture);
    }
    m_item = item;
    emit itemChanged(item);
}

void Selection::selectMarks(const std::vector<int>& marks) {
    select(marks.empty() ? 0 : marks.back());
    for (const int mark : marks)
        if (m_case.mark(mark) && mark != m_item && m_case.captureOf(mark)->id == m_capture)
            m_marks.insert(m_marks.end() - 1, mark);
    if (m_marks.size() > 1) emit itemChanged(m_item);
}

bool Selection::stepCapture(int by, End end) {
    const auto& captures = m_case.captures();
    if (captures.isEmpty()) return false;
    qsizetype at = 0;
    for (qsizetype i = 0; i < captures.size(); ++i)
        if (captures[i].id == m_capture) at = i;
    const qsizetype next = at + by;
    if (end == End::Stops && (next < 0 || next >= captures.size())) return false;
    showCapture(captures[(next + captures.size()) % captures.size()].id);
    return true;
}

// Something else is shown where what was shown has gone.
void Selection::follow() {
    const auto& captures = m_case.captures();
    if (!m_case.capture(m_capture)) showCapture(captures.isEmpty() ? 0 : captures.back().id);
    std::erase_if(m_marks, [&](int mark) { return !m_case.mark(mark); });
    if (m_item && !m_case.captureOf(m_item)) {
        m_item = m_marks.empty() ? 0 : m_marks.back();
        emit itemChanged(m_item);
    }
}

} // namespace eyelid
