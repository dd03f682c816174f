// Another capture beside the one that is worked on, moved and zoomed with it: to compare.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QComboBox;

namespace eyelid {

class Sheet;

class BesideView final : public QWidget {
    Q_OBJECT
public:
    /// `main`: the sheet it goes with; `shown`: what that one shows.
    BesideView(Case& owner, const Selection& shown, Sheet& main);
    /// The capture after the one that is worked on, or before it where that is the last.
    void begin();
    int capture() const { return m_selection.capture(); }

signals:
    void closed();

private:
    void refresh();
    void goWith(Sheet& leads, Sheet& follows);

    Case& m_case;
    const Selection& m_shown;
    Sheet& m_main;
    Selection m_selection;
    Sheet* m_sheet;
    QComboBox* m_captures;
    bool m_moving = false;
};

} // namespace eyelid
