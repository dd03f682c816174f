// The second row of the dock: what explains a picture, opened when wanted. Its tools are named after what they do for
// the reader.
#pragma once

#include <QWidget>
#include <vector>

class QComboBox;
class QDoubleSpinBox;
class QHBoxLayout;
class QToolButton;

namespace eyelid {

class Commands;
class Explaining;
class MarkFields;
class Sheet;

class ExplainRow final : public QWidget {
    Q_OBJECT
public:
    ExplainRow(Sheet& sheet, Explaining& explaining, const Commands& commands);
    QSize minimumSizeHint() const override { return {480, 44}; }
    MarkFields& fields() { return *m_fields; }

private:
    void addTool(const Commands& commands, const char* id);
    QWidget* makeFraming(const Commands& commands);
    void refresh();

    Sheet& m_sheet;
    QHBoxLayout* m_row;
    QToolButton* m_stay;
    MarkFields* m_fields;
    QWidget* m_framing;
    QComboBox* m_ratio;
    QDoubleSpinBox* m_angle;
};

} // namespace eyelid
