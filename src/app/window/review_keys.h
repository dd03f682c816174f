// The keys of reviewing that no action can have: Space, held, shows the capture bare; Tab and Shift+Tab go from capture
// to capture, and after the last one, or before the first, on to the next field.
#pragma once

#include <QObject>
#include <QWidget>

namespace eyelid {

class Selection;
class Sheet;

class ReviewKeys final : public QObject {
public:
    ReviewKeys(Sheet& sheet, Selection& selection) : m_sheet(sheet), m_selection(selection) {}
    /// Where they hold.
    void watch(QWidget& widget) { widget.installEventFilter(this); }

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    Sheet& m_sheet;
    Selection& m_selection;
};

} // namespace eyelid
