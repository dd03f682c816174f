#include "app/findings/cover_look_fields.h"

#include "base/sentence.h"

#include <cmath>
#include <QComboBox>
#include <QHBoxLayout>
#include <QSlider>

namespace eyelid {

CoverLookFields::CoverLookFields(bool standIns) : m_style(new QComboBox), m_colour(new QComboBox) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    m_style->setObjectName(QStringLiteral("coverStyle"));
    m_style->setAccessibleName(Tr::tr("Style of the cover"));
    for (const CoverStyle one : allStyles)
        if (standIns || one != CoverStyle::StandIn) m_style->addItem(styleTitle(one), int(one));
    m_colour->setObjectName(QStringLiteral("coverColour"));
    m_colour->setAccessibleName(Tr::tr("Colour of the cover"));
    m_colour->setToolTip(
        Tr::tr("A cover in the colour of the ground does not show that something was covered; the log does."));
    for (const CoverColour one : allCoverColours) m_colour->addItem(colourTitle(one), int(one));
    m_strength = new QSlider(Qt::Horizontal);
    m_strength->setObjectName(QStringLiteral("coverStrength"));
    m_strength->setRange(0, 100);
    m_strength->setMinimumWidth(90);
    m_strength->setAccessibleName(Tr::tr("Strength of mosaic or blur"));
    m_strength->setToolTip(
        Tr::tr("How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it."));
    for (QWidget* field :
         {static_cast<QWidget*>(m_style), static_cast<QWidget*>(m_colour), static_cast<QWidget*>(m_strength)})
        row->addWidget(field, 1);
    connect(m_style, &QComboBox::currentIndexChanged, this, &CoverLookFields::tell);
    connect(m_colour, &QComboBox::currentIndexChanged, this, &CoverLookFields::tell);
    connect(m_strength, &QSlider::sliderReleased, this, &CoverLookFields::tell);
    connect(m_strength, &QSlider::valueChanged, this, [this] {
        if (!m_strength->isSliderDown()) tell();
    });
    refresh();
}

CoverLook CoverLookFields::look() const {
    return {CoverStyle(m_style->currentData().toInt()), m_strength->value() / 100.0,
            CoverColour(m_colour->currentData().toInt())};
}

void CoverLookFields::setLook(const CoverLook& look) {
    m_filling = true;
    m_style->setCurrentIndex(std::max(0, m_style->findData(int(look.style))));
    m_strength->setValue(int(std::lround(100 * look.strength)));
    m_colour->setCurrentIndex(m_colour->findData(int(look.colour)));
    m_filling = false;
    refresh();
}

void CoverLookFields::refresh() {
    const CoverStyle style = look().style;
    m_strength->setVisible(hasStrength(style));
    m_colour->setVisible(style == CoverStyle::Solid);
}

void CoverLookFields::tell() {
    refresh();
    if (!m_filling) emit changed();
}

} // namespace eyelid
