#include "app/sheet/beside_view.h"

#include "app/sheet/sheet.h"
#include "app/window/themed_button.h"
#include "base/sentence.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QScrollBar>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {

BesideView::BesideView(Case& owner, const Selection& shown, Sheet& main)
    : m_case(owner), m_shown(shown), m_main(main), m_selection(owner),
      m_sheet(new Sheet(owner, m_selection, main.theme())), m_captures(new QComboBox) {
    setObjectName(QStringLiteral("beside"));
    m_sheet->setAccessibleName(Tr::tr("Another capture, to compare"));
    m_captures->setObjectName(QStringLiteral("besideCapture"));
    m_captures->setAccessibleName(Tr::tr("Capture to compare with"));
    auto* close = new ThemedButton(QStringLiteral("x"), Tr::tr("Compare no more"), main.theme());
    close->setObjectName(QStringLiteral("besideClose"));
    auto* row = new QHBoxLayout;
    row->setContentsMargins(8, 6, 8, 6);
    row->addWidget(m_captures, 1);
    row->addWidget(close);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addLayout(row);
    column->addWidget(m_sheet, 1);
    connect(close, &QToolButton::clicked, this, &BesideView::closed);
    connect(m_captures, &QComboBox::activated, this,
            [this] { m_selection.showCapture(m_captures->currentData().toInt()); });
    connect(&m_case, &Case::capturesChanged, this, &BesideView::refresh);
    connect(&m_selection, &Selection::captureChanged, this, &BesideView::refresh);
    goWith(m_main, *m_sheet);
    goWith(*m_sheet, m_main);
}

void BesideView::begin() {
    const auto& captures = m_case.captures();
    for (qsizetype i = 0; i < captures.size(); ++i)
        if (captures[i].id == m_shown.capture() && captures.size() > 1)
            m_selection.showCapture(captures[i + 1 < captures.size() ? i + 1 : i - 1].id);
    refresh();
    m_sheet->setZoom(m_main.zoom(), {});
}

void BesideView::refresh() {
    m_captures->clear();
    for (const Capture& capture : m_case.captures()) m_captures->addItem(capture.name, capture.id);
    m_captures->setCurrentIndex(m_captures->findData(m_selection.capture()));
}

void BesideView::goWith(Sheet& leads, Sheet& follows) {
    const auto follow = [this, &leads, &follows] {
        if (m_moving || isHidden()) return;
        m_moving = true;
        if (leads.zoom() != follows.zoom()) follows.setZoom(leads.zoom(), {});
        follows.horizontalScrollBar()->setValue(leads.horizontalScrollBar()->value());
        follows.verticalScrollBar()->setValue(leads.verticalScrollBar()->value());
        m_moving = false;
    };
    connect(&leads, &Sheet::zoomChanged, this, follow);
    connect(leads.horizontalScrollBar(), &QScrollBar::valueChanged, this, follow);
    connect(leads.verticalScrollBar(), &QScrollBar::valueChanged, this, follow);
}

} // namespace eyelid
