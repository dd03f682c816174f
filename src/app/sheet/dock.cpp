#include "app/sheet/dock.h"

#include "app/findings/cover_look_fields.h"
#include "app/sheet/sheet.h"
#include "app/window/commands.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QAction>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QSpinBox>
#include <QToolButton>

namespace eyelid {

Dock::Dock(Sheet& sheet, const Commands& commands) : m_sheet(sheet), m_row(new QHBoxLayout(this)) {
    setObjectName(QStringLiteral("dock"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(atTypeSize(46));
    m_row->setContentsMargins(10, 0, 10, 0);
    m_row->setSpacing(4);
    for (const char* id : {"select", "coverArea", "readAgain", "explain"})
        m_worded.push_back(addTool(commands[QString::fromLatin1(id)], true));
    addSettings();
    addTool(commands[QStringLiteral("zoomOut")], false);
    m_zoom = new QLabel(QStringLiteral("100 %"));
    m_zoom->setMinimumWidth(46);
    m_zoom->setAlignment(Qt::AlignCenter);
    m_row->addWidget(m_zoom);
    addTool(commands[QStringLiteral("zoomIn")], false);
    addTool(commands[QStringLiteral("fit")], false);
    addTool(commands[QStringLiteral("actualSize")], false);
    m_row->addSpacing(6);
    addTool(commands[QStringLiteral("undo")], false);
    addTool(commands[QStringLiteral("redo")], false);
    connect(&m_sheet, &Sheet::toolChanged, this, &Dock::refresh);
    connect(&m_sheet, &Sheet::zoomChanged, this,
            [this] { m_zoom->setText(sentence(Tr::tr("%1 %"), int(std::lround(100 * m_sheet.zoom())))); });
    refresh();
}

QToolButton* Dock::addTool(const QAction& action, bool text) {
    auto* button = new QToolButton;
    button->setDefaultAction(const_cast<QAction*>(&action));
    button->setProperty("flat", true);
    button->setIconSize({atTypeSize(18), atTypeSize(18)});
    button->setToolButtonStyle(text ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly);
    button->setAccessibleName(action.text());
    m_row->addWidget(button);
    // Screen readers toggle the button, not its command.
    if (action.isCheckable())
        connect(button, &QToolButton::toggled, this, [&action](bool on) {
            if (on != action.isChecked()) const_cast<QAction&>(action).trigger();
        });
    return button;
}

void Dock::addSettings() {
    m_form = new QComboBox;
    m_form->setObjectName(QStringLiteral("coverForm"));
    m_form->setAccessibleName(Tr::tr("Form of covers drawn by hand"));
    m_form->addItems({Tr::tr("Rectangle"), Tr::tr("Box"), Tr::tr("Corners"), Tr::tr("Outline"), Tr::tr("Brush"),
                      Tr::tr("All but an area"), Tr::tr("Cut a piece out")}); // as Sheet::CoverForm
    m_brush = new QSpinBox;
    m_brush->setRange(2, 400);
    m_brush->setValue(24);
    m_brush->setSuffix(Tr::tr(" px"));
    m_brush->setAccessibleName(Tr::tr("Width of the brush"));
    m_look = new CoverLookFields(false);
    m_look->setLook(settings::handLook());
    m_row->addSpacing(6);
    m_row->addWidget(m_form);
    m_row->addWidget(m_brush);
    m_row->addWidget(m_look);
    m_row->addStretch(1);
    connect(m_form, &QComboBox::currentIndexChanged, this,
            [this](int form) { m_sheet.setCoverForm(Sheet::CoverForm(form)); });
    connect(m_brush, &QSpinBox::valueChanged, this, [this](int width) { m_sheet.setBrush(width); });
    connect(m_look, &CoverLookFields::changed, this, [this] { settings::setHandLook(look()); });
}

CoverLook Dock::look() const {
    return m_look->look();
}

void Dock::setLook(const CoverLook& look) {
    m_look->setLook(look);
}

void Dock::refresh() {
    const Sheet::Tool tool = m_sheet.tool();
    const bool draws = tool == Sheet::Tool::Cover && m_sheet.coverForm() != Sheet::CoverForm::CutOut;
    m_look->setVisible(draws);
    m_form->setVisible(tool == Sheet::Tool::Cover);
    m_form->setCurrentIndex(int(m_sheet.coverForm()));
    m_brush->setVisible(tool == Sheet::Tool::Cover && m_sheet.coverForm() == Sheet::CoverForm::Brush);
    fitWords();
}

void Dock::resizeEvent(QResizeEvent*) {
    fitWords();
}

void Dock::fitWords() {
    for (QToolButton* tool : m_worded) tool->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    if (m_row->minimumSize().width() > width())
        for (QToolButton* tool : m_worded) tool->setToolButtonStyle(Qt::ToolButtonIconOnly);
}

} // namespace eyelid
