#include "app/findings/decide_many.h"

#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QComboBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPushButton>
#include <QSet>
#include <QSlider>
#include <QVBoxLayout>

namespace eyelid {

DecideMany::DecideMany(Case& owner, Selection& selection, QWidget* parent)
    : QWidget(parent), m_case(owner), m_selection(selection) {
    setObjectName(QStringLiteral("decideMany"));
    setAttribute(Qt::WA_StyledBackground);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 12);
    column->setSpacing(8);
    m_title = new QLabel;
    m_title->setProperty("role", QStringLiteral("title"));
    m_reach = new QComboBox;
    m_reach->setAccessibleName(Tr::tr("Which findings"));
    m_reach->addItems({Tr::tr("In the whole case"), Tr::tr("On this capture"), Tr::tr("Of the selected one's kind"),
                       Tr::tr("Of the selected one's value")});
    m_what = new QLabel;
    m_what->setObjectName(QStringLiteral("whatIsDecided"));
    m_what->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    auto* leave = new QPushButton(Tr::tr("Cancel"));
    m_decide = new QPushButton(Tr::tr("Cover %n", nullptr, 0));
    m_decide->setObjectName(QStringLiteral("decideNow"));
    m_decide->setProperty("primary", true);
    buttons->addStretch();
    buttons->addWidget(leave);
    buttons->addWidget(m_decide);
    column->addWidget(m_title);
    column->addWidget(m_reach);
    column->addWidget(makeSureness());
    column->addWidget(m_what);
    column->addLayout(buttons);
    connect(m_reach, &QComboBox::currentIndexChanged, this, &DecideMany::refresh);
    connect(m_from, &QSlider::valueChanged, this, &DecideMany::refresh);
    connect(m_decide, &QPushButton::clicked, this, &DecideMany::decide);
    connect(leave, &QPushButton::clicked, this, &DecideMany::end);
    connect(&m_case, &Case::changed, this, &DecideMany::refresh);
    connect(&m_selection, &Selection::captureChanged, this, &DecideMany::refresh);
    connect(&m_selection, &Selection::itemChanged, this, &DecideMany::refresh);
    hide();
}

QWidget* DecideMany::makeSureness() {
    auto* line = new QWidget;
    auto* row = new QHBoxLayout(line);
    row->setContentsMargins(0, 0, 0, 0);
    m_from = new QSlider(Qt::Horizontal);
    m_from->setRange(0, 100);
    m_from->setPageStep(10);
    m_from->setAccessibleName(Tr::tr("How sure a finding must be"));
    m_sureness = new QLabel;
    row->addWidget(m_from, 1);
    row->addWidget(m_sureness);
    return line;
}

void DecideMany::begin(Decision decision, Reach reach) {
    m_decision = decision;
    m_title->setText(decision == Decision::Cover ? Tr::tr("Cover what is open") : Tr::tr("Keep what is open"));
    m_from->setValue(0);
    m_reach->setCurrentIndex(int(m_selection.item() && m_case.item(m_selection.item()) ? reach : Reach::Case));
    show();
    refresh();
    m_from->setFocus(Qt::ShortcutFocusReason);
}

void DecideMany::end() {
    if (!isVisible()) return;
    hide();
    m_chosen.clear();
    emit chosenChanged();
    emit closed();
}

bool DecideMany::reaches(const Capture& capture, const Item& item) const {
    const Item* like = m_case.item(m_selection.item());
    switch (Reach(m_reach->currentIndex())) {
    case Reach::Case:
        return true;
    case Reach::Capture:
        return capture.id == m_selection.capture();
    case Reach::Kind:
        return like && item.finding.kind == like->finding.kind;
    case Reach::Value:
        return like && (item.id == like->id || sameValue(item.finding, like->finding) ||
                        (m_decision == Decision::Cover && like->identity && item.identity == like->identity));
    }
    return false;
}

void DecideMany::refresh() {
    if (!isVisible()) return;
    std::vector<int> chosen;
    QSet<int> captures;
    int open = 0;
    for (const Capture& capture : m_case.captures())
        for (const Item& item : m_case.items(capture.id)) {
            // Whoever was asked something answers it first.
            if (item.decision != Decision::Open || !item.question.isEmpty() || !reaches(capture, item)) continue;
            ++open;
            if (std::lround(100 * item.finding.confidence) < m_from->value()) continue;
            chosen.push_back(item.id);
            captures.insert(capture.id);
        }
    m_sureness->setText(sentence(Tr::tr("from %1 % sure"), m_from->value()));
    m_what->setText(open == 0 ? Tr::tr("Nothing is open there.")
                              : sentence(Tr::tr("%1 of %2 that are open, on %3. They are marked on the sheet."),
                                         chosen.size(), open, Tr::tr("%n capture(s)", nullptr, int(captures.size()))));
    m_decide->setText(m_decision == Decision::Cover ? Tr::tr("Cover %n", nullptr, int(chosen.size()))
                                                    : Tr::tr("Keep %n", nullptr, int(chosen.size())));
    m_decide->setEnabled(!chosen.empty());
    if (chosen == m_chosen) return;
    m_chosen = std::move(chosen);
    emit chosenChanged();
}

void DecideMany::decide() {
    const std::vector<int> ids = m_chosen;
    end();
    m_case.decideAll(ids, m_decision);
    emit decided();
}

void DecideMany::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return end();
    if ((event->key() == Qt::Key_Return || event->key() == Qt::Key_Enter) && m_decide->isEnabled()) return decide();
    QWidget::keyPressEvent(event);
}

} // namespace eyelid
