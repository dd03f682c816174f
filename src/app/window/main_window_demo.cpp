// The main window and what it shows of itself: the demo's captures, and the first steps on them.
#include "app/explain/demo_marks.h"
#include "app/window/first_steps.h"
#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "capture/simulated_desk.h"

#include <algorithm>

namespace eyelid {
namespace {

QString demoOrigin() {
    return Tr::tr("Demo desk");
}

} // namespace

void MainWindow::addExplainedDemo() {
    connect(
        &m_intake, &Intake::added, this,
        [this](int id) {
            for (const Mark& mark : demoMarks()) m_case.addMark(id, mark);
        },
        Qt::SingleShotConnection);
    addDemoCaptures();
}

void MainWindow::addDemoCaptures() {
    const SimulatedDesk desk;
    for (const char* id : {"account", "mail", "console"})
        if (auto picture = desk.take({Target::What::Window, QString::fromLatin1(id)}))
            m_intake.add(*picture, demoOrigin());
}

bool MainWindow::holdsDemoAlone() const {
    const auto& captures = m_case.captures();
    return std::all_of(captures.begin(), captures.end(),
                       [](const Capture& capture) { return capture.origin == demoOrigin(); });
}

void MainWindow::beginFirstSteps() {
    settings::setKnowsFirstSteps(true);
    m_firstSteps->begin();
    addDemoCaptures();
}

} // namespace eyelid
