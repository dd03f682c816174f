#include "app/sheet/joins_bar.h"

#include "app/sheet/joins_view.h"
#include "base/sentence.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace eyelid {

JoinsBar::JoinsBar(Case& owner, Selection& selection, const Theme& theme)
    : m_case(owner), m_selection(selection), m_theme(theme) {
    setObjectName(QStringLiteral("joinsBar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 10, 6);
    m_text = new QLabel;
    m_text->setWordWrap(true);
    row->addWidget(m_text, 1);
    auto* button = new QPushButton(Tr::tr("Look at the joins"));
    button->setObjectName(QStringLiteral("lookAtJoins"));
    connect(button, &QPushButton::clicked, this, &JoinsBar::look);
    row->addWidget(button);
    connect(&m_case, &Case::capturesChanged, this, &JoinsBar::refresh);
    connect(&m_selection, &Selection::captureChanged, this, &JoinsBar::refresh);
    hide();
}

const Joined* JoinsBar::joined() const {
    const Capture* capture = m_case.capture(m_selection.capture());
    return capture ? capture->joined.get() : nullptr;
}

bool JoinsBar::hasJoins() const {
    return joined() && !joined()->joins.empty();
}

void JoinsBar::refresh() {
    const int unsure = joined() ? joined()->unsure() : 0;
    setVisible(unsure > 0);
    m_text->setText(
        unsure == 1
            ? Tr::tr("One join of this page is not sure: something may be lost or doubled there.")
            : sentence(Tr::tr("%1 joins of this page are not sure: something may be lost or doubled there."), unsure));
}

void JoinsBar::look() {
    const int id = m_selection.capture();
    const auto page = m_case.joinedPage(id);
    if (!page || page->joins().empty()) return;
    JoinsView view(*page, m_theme, window());
    view.exec();
    const auto put = std::make_shared<const ScrolledPage>(view.page());
    if (view.moved())
        m_case.setPicture(id, put->compose(), put);
    else
        m_case.setJoined(id, put);
}

} // namespace eyelid
