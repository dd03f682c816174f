#include "app/window/review_keys.h"

#include "app/findings/selection.h"
#include "app/sheet/sheet.h"

#include <QKeyEvent>

namespace eyelid {

bool ReviewKeys::eventFilter(QObject* object, QEvent* event) {
    // Space let go while another window had the keys must not leave the capture bare.
    if (event->type() == QEvent::WindowDeactivate || event->type() == QEvent::FocusOut) m_sheet.setBare(false);
    const bool pressed = event->type() == QEvent::KeyPress;
    if (!pressed && event->type() != QEvent::KeyRelease) return QObject::eventFilter(object, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    if (key->key() == Qt::Key_Space) {
        // Held, not toggled: the bare capture must not be left standing.
        if (!key->isAutoRepeat()) m_sheet.setBare(pressed);
        return true;
    }
    if (pressed && (key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab)) {
        if (m_selection.stepCapture(key->key() == Qt::Key_Tab ? 1 : -1, Selection::End::Stops)) return true;
    }
    return QObject::eventFilter(object, event);
}

} // namespace eyelid
