// Over the sheet: that a scrolled page has joins that are not sure, and the way to look at them.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QLabel;

namespace eyelid {

struct Theme;

class JoinsBar final : public QWidget {
    Q_OBJECT
public:
    JoinsBar(Case& owner, Selection& selection, const Theme& theme);
    /// Whether the capture that is shown has joins at all.
    bool hasJoins() const;
    /// Opens the view of the joins; what was put right there goes into the case.
    void look();

private:
    void refresh();
    const Joined* joined() const;

    Case& m_case;
    Selection& m_selection;
    const Theme& m_theme;
    QLabel* m_text;
};

} // namespace eyelid
