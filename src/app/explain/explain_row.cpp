#include "app/explain/explain_row.h"

#include "app/explain/mark_fields.h"
#include "app/sheet/sheet.h"
#include "app/window/commands.h"
#include "app/window/theme.h"
#include "app/window/themed_button.h"
#include "base/sentence.h"

#include <QAction>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QToolButton>

namespace eyelid {

ExplainRow::ExplainRow(Sheet& sheet, Explaining& explaining, const Commands& commands)
    : m_sheet(sheet), m_row(new QHBoxLayout(this)) {
    setObjectName(QStringLiteral("explainRow"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(atTypeSize(44));
    m_row->setContentsMargins(10, 0, 10, 0);
    m_row->setSpacing(1);
    for (const char* id : {"markPoint", "markLine", "markRing", "markDraw", "markTint", "markNote", "markStep",
                           "markEnlarge", "markMeasure", "markSign", "markCode", "frame"})
        addTool(commands, id);
    m_stay = new ThemedButton(QStringLiteral("lock"), Tr::tr("The tool stays on after a mark"), m_sheet.theme());
    m_stay->setObjectName(QStringLiteral("toolStays"));
    m_stay->setCheckable(true);
    m_stay->setIconSize({atTypeSize(15), atTypeSize(15)});
    connect(m_stay, &QToolButton::toggled, &m_sheet.pen(), &MarkPen::setStaysOn);
    m_row->addWidget(m_stay);
    m_row->addSpacing(8);
    m_fields = new MarkFields(sheet, explaining);
    m_row->addWidget(m_fields);
    m_framing = makeFraming(commands);
    m_row->addWidget(m_framing);
    m_row->addStretch(1);
    connect(&m_sheet, &Sheet::toolChanged, this, &ExplainRow::refresh);
    connect(&m_sheet.pen(), &MarkPen::changed, this, &ExplainRow::refresh);
    connect(&m_sheet.openCase(), &Case::captureChanged, this, &ExplainRow::refresh);
    connect(&m_sheet.selection(), &Selection::captureChanged, this, &ExplainRow::refresh);
    refresh();
}

void ExplainRow::addTool(const Commands& commands, const char* id) {
    QAction& action = commands[QLatin1String(id)];
    auto* button = new QToolButton;
    button->setDefaultAction(&action);
    button->setProperty("flat", true);
    button->setIconSize({atTypeSize(17), atTypeSize(17)});
    button->setToolButtonStyle(Qt::ToolButtonIconOnly);
    button->setAccessibleName(action.text());
    // Screen readers toggle the button, not its command.
    connect(button, &QToolButton::toggled, this, [&action](bool on) {
        if (on != action.isChecked()) action.trigger();
    });
    m_row->addWidget(button);
}

QWidget* ExplainRow::makeFraming(const Commands& commands) {
    auto* fields = new QWidget;
    auto* row = new QHBoxLayout(fields);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    m_ratio = new QComboBox;
    m_ratio->setObjectName(QStringLiteral("cropRatio"));
    m_ratio->setAccessibleName(Tr::tr("Ratio of the crop"));
    m_ratio->setToolTip(m_ratio->accessibleName());
    m_ratio->addItem(Tr::tr("Any ratio"), 0.0);
    for (const auto& [text, ratio] :
         {std::pair("1 : 1", 1.0), std::pair("4 : 3", 4.0 / 3), std::pair("3 : 2", 1.5), std::pair("16 : 10", 1.6),
          std::pair("16 : 9", 16.0 / 9), std::pair("3 : 4", 0.75)})
        m_ratio->addItem(QLatin1String(text), ratio);
    connect(m_ratio, &QComboBox::activated, this, [this] { m_sheet.setCropRatio(m_ratio->currentData().toDouble()); });
    m_angle = new QDoubleSpinBox;
    m_angle->setObjectName(QStringLiteral("cropAngle"));
    m_angle->setRange(-45, 45);
    m_angle->setSingleStep(0.5);
    m_angle->setDecimals(1);
    m_angle->setSuffix(Tr::tr("°"));
    m_angle->setAccessibleName(Tr::tr("Straightened by, clockwise"));
    m_angle->setToolTip(m_angle->accessibleName());
    connect(m_angle, &QDoubleSpinBox::editingFinished, this, [this] {
        const Capture* capture = m_sheet.shownCapture();
        if (!capture || capture->framing.angle == m_angle->value()) return;
        Framing framing = capture->framing;
        framing.angle = m_angle->value();
        m_sheet.frame(framing);
    });
    row->addWidget(m_ratio);
    row->addWidget(m_angle);
    for (const auto& [id, icon] : {std::pair("turnCapture", true), std::pair("mirrorCapture", true),
                                   std::pair("cropToContent", false), std::pair("frameMore", false)}) {
        QAction& action = commands[QLatin1String(id)];
        auto* button = new QToolButton;
        button->setDefaultAction(&action);
        button->setProperty("flat", icon);
        button->setIconSize({atTypeSize(17), atTypeSize(17)});
        button->setToolButtonStyle(icon ? Qt::ToolButtonIconOnly : Qt::ToolButtonTextOnly);
        button->setAccessibleName(action.text());
        row->addWidget(button);
    }
    return fields;
}

void ExplainRow::refresh() {
    const Capture* capture = m_sheet.shownCapture();
    m_framing->setVisible(m_sheet.tool() == Sheet::Tool::Frame);
    m_stay->setVisible(m_sheet.tool() != Sheet::Tool::Frame);
    m_stay->setChecked(m_sheet.pen().staysOn());
    const QSignalBlocker quiet(m_angle);
    m_angle->setValue(capture ? capture->framing.angle : 0);
}

} // namespace eyelid
