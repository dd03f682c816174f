// How the next mark looks, or the one that is selected: the settings its kind has a use for, and the rest in a menu.
#pragma once

#include "editing/mark.h"

#include <functional>
#include <optional>
#include <QWidget>

class QComboBox;
class QMenu;
class QSpinBox;
class QToolButton;

namespace eyelid {

class Explaining;
class Sheet;

class MarkFields final : public QWidget {
    Q_OBJECT
public:
    MarkFields(Sheet& sheet, Explaining& explaining);

signals:
    void signAsked();

private:
    /// The mark the fields are about: one that is selected, or one as the pen would begin it.
    std::optional<Mark> subject() const;
    bool isSelected() const;
    void refresh();
    void change(const std::function<void(Mark&)>& how);
    using SetColour = std::function<void(MarkStyle&, std::optional<QRgb>)>;
    QToolButton* addColour(const char* name, const QString& title, bool orNone, const SetColour& set);
    void fillMenu();
    void fillTypeMenu(const Mark& mark);
    void fillKindMenu(const Mark& mark);
    void fillLooks(const Mark& mark);
    void setKnownLength(const Mark& measure);

    Sheet& m_sheet;
    Explaining& m_explaining;
    QComboBox *m_form, *m_pattern;
    QToolButton *m_colour, *m_ground;
    QSpinBox *m_width, *m_size;
    QToolButton* m_more;
    QMenu* m_menu;
    bool m_filling = false;
};

} // namespace eyelid
