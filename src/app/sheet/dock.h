// The tools under the sheet, with the chosen tool's settings beside them.
#pragma once

#include "finding/policy.h"

#include <QWidget>
#include <vector>

class QAction;
class QComboBox;
class QHBoxLayout;
class QLabel;
class QSpinBox;
class QToolButton;

namespace eyelid {

class Commands;
class CoverLookFields;
class Sheet;

class Dock final : public QWidget {
    Q_OBJECT
public:
    Dock(Sheet& sheet, const Commands& commands);
    /// Of covers drawn by hand from now on.
    CoverLook look() const;
    void setLook(const CoverLook& look);
    /// What it needs with icons alone; its words come and go with the room there is.
    QSize minimumSizeHint() const override { return {480, 46}; }

protected:
    void resizeEvent(QResizeEvent*) override;

private:
    void fitWords();
    QToolButton* addTool(const QAction& action, bool text);
    void addSettings();
    void refresh();

    Sheet& m_sheet;
    QHBoxLayout* m_row;
    std::vector<QToolButton*> m_worded; ///< tools with their names beside their icons, where there is room
    QComboBox* m_form;
    CoverLookFields* m_look;
    QSpinBox* m_brush;
    QLabel* m_zoom;
};

} // namespace eyelid
