#include "app/window/session.h"

#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>

namespace eyelid {

Session::Session(QApplication& application, Theme& theme, Parts parts)
    : m_application(application), m_theme(theme), m_parts(std::move(parts)) {
    open();
    m_parts.begin(*m_window);
}

Session::~Session() = default;

void Session::open() {
    m_window = std::make_unique<MainWindow>(m_theme, m_parts.policy, m_parts.source(), m_parts.shortcuts());
    connect(m_window.get(), &MainWindow::closed, this, &Session::closed);
    // The window that asks for it is at work until it has asked.
    connect(m_window.get(), &MainWindow::renewAsked, this, &Session::renew, Qt::QueuedConnection);
    m_window->show();
    m_parts.everyTime(*m_window);
}

void Session::renew() {
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
