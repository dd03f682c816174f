// The main job, step by step, on captures of the demo desk: each step is ticked off when it has been done, in whatever
// way.
#pragma once

#include <QWidget>
#include <vector>

class QLabel;
class QPushButton;

namespace eyelid {

class Case;
class CaseWorker;
class ReleaseFlow;
class Selection;

class FirstSteps final : public QWidget {
    Q_OBJECT
public:
    FirstSteps(const Case& open, const Selection& selection, const CaseWorker& worker, const ReleaseFlow& release);
    void begin();
    void end();
    bool isOn() const { return m_on; }
    /// Of how many steps, how many have been done.
    int done() const;
    int count() const { return int(m_steps.size()); }

signals:
    void endAsked();

private:
    struct Step {
        QString title, how;
        QLabel* label;
        bool done = false;
    };
    bool isDone(size_t step) const;
    void refresh();

    const Case& m_case;
    const Selection& m_selection;
    const CaseWorker& m_worker;
    const ReleaseFlow& m_release;
    std::vector<Step> m_steps;
    QLabel* m_how;
    QPushButton* m_end;
    bool m_on = false;
};

} // namespace eyelid
