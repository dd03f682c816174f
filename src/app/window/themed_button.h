// A flat button of one icon, for what is no command of the window.
#pragma once

#include <QToolButton>

namespace eyelid {

struct Theme;

/// Its icon has the ink of the theme, whichever is on.
class ThemedButton final : public QToolButton {
    Q_OBJECT
public:
    /// `name`: what it is called aloud, and its tooltip.
    ThemedButton(const QString& icon, const QString& name, const Theme& theme, QWidget* parent = nullptr);

protected:
    void changeEvent(QEvent* event) override;

private:
    QString m_icon;
    const Theme& m_theme;
};

} // namespace eyelid
