#include "app/window/session.h"

#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QTimer>

namespace eyelid {

Session::Session(QApplication& application, Theme& theme, Parts parts)
    : m_application(application), m_theme(theme), m_parts(std::move(parts)), m_waiting(new QTimer(this)) {
    constexpr int askEvery = 100; // milliseconds
    m_waiting->setInterval(askEvery);
    connect(m_waiting, &QTimer::timeout, this, &Session::renewAtRest);
    open();
    m_parts.begin(*m_window);
}

Session::~Session() = default;

void Session::open() {
    m_window = std::make_unique<MainWindow>(m_theme, m_parts.policy, m_parts.source(), m_parts.shortcuts());
    connect(m_window.get(), &MainWindow::closed, this, &Session::closed);
    connect(m_window.get(), &MainWindow::renewAsked, m_waiting, qOverload<>(&QTimer::start));
    m_window->show();
    m_parts.everyTime(*m_window);
}

// What is under way, and whatever is open over the window, ends first.
void Session::renewAtRest() {
    if (!m_window->isAtRest()) return;
    m_waiting->stop();
    // The first steps begin again in the other language; nothing of them is kept.
    const bool stepsAreOn = m_window->firstStepsAreOn();
    OpenCase taken = m_window->handOver();
    const int capture = m_window->selection().capture();
    m_window.reset(); // what it holds of the desk, and its keys, are free for the next
    speakAs(m_application, settings::spokenLocale());
    m_theme = Theme::named(m_theme.name, settings::typePercent());
    applyTheme(m_application, m_theme);
    open();
    if (stepsAreOn) return m_parts.begin(*m_window);
    m_window->takeOver(std::move(taken));
    m_window->selection().showCapture(capture);
    m_window->showSettings();
}

} // namespace eyelid
