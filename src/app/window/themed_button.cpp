#include "app/window/themed_button.h"

#include "app/window/theme.h"

#include <QEvent>

namespace eyelid {

ThemedButton::ThemedButton(const QString& icon, const QString& name, const Theme& theme, QWidget* parent)
    : QToolButton(parent), m_icon(icon), m_theme(theme) {
    setProperty("flat", true);
    setIcon(themedIcon(m_icon, m_theme.ink));
    setToolTip(name);
    setAccessibleName(name);
}

void ThemedButton::changeEvent(QEvent* event) {
    QToolButton::changeEvent(event);
    if (event->type() == QEvent::StyleChange) setIcon(themedIcon(m_icon, m_theme.ink));
}

} // namespace eyelid
