#include "app/findings/finding_details.h"

#include "app/findings/cover_look_fields.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

QLabel* faint() {
    auto* label = new QLabel;
    label->setProperty("role", QStringLiteral("faint"));
    return label;
}

} // namespace

FindingDetails::FindingDetails(Case& owner, Selection& selection, QWidget* parent)
    : QWidget(parent), m_case(owner), m_selection(selection) {
    setObjectName(QStringLiteral("details"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 12);
    column->setSpacing(8);
    m_value = new QLabel;
    m_value->setObjectName(QStringLiteral("detailValue"));
    m_value->setWordWrap(true);
    m_value->setTextFormat(Qt::PlainText);
    m_value->setFont(valueFont(13));
    m_value->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_reason = new QLabel;
    m_reason->setWordWrap(true);
    m_reason->setTextFormat(Qt::PlainText);
    m_place = faint();
    m_place->setWordWrap(true);
    column->addWidget(m_value);
    column->addLayout(makeKind());
    column->addWidget(m_reason);
    column->addWidget(m_place);
    column->addLayout(makeDecisions());
    m_look = new CoverLookFields(true);
    column->addWidget(m_look);
    m_note = makeLine(Tr::tr("Note for yourself; never in the log"), Tr::tr("Note"));
    m_question = makeLine(Tr::tr("Question for a colleague; keeps it open"), Tr::tr("Question"));
    column->addWidget(m_note);
    column->addWidget(m_question);
    bind();
}

QLayout* FindingDetails::makeKind() {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    m_kind = faint();
    m_kind->setWordWrap(true);
    m_change = new QToolButton;
    m_change->setObjectName(QStringLiteral("changeFinding"));
    m_change->setText(Tr::tr("Change…"));
    m_change->setToolTip(Tr::tr("Another kind, ground or reason (F4)"));
    m_change->setAccessibleName(Tr::tr("Change this finding"));
    connect(m_change, &QToolButton::clicked, this, &FindingDetails::changeAsked);
    row->addWidget(m_kind, 1);
    row->addWidget(m_change);
    return row;
}

QLineEdit* FindingDetails::makeLine(const QString& placeholder, const QString& name) {
    auto* line = new QLineEdit;
    line->setPlaceholderText(placeholder);
    line->setAccessibleName(name);
    return line;
}

QLayout* FindingDetails::makeDecisions() {
    auto* decisions = new QHBoxLayout;
    decisions->setSpacing(6);
    const auto button = [&](const QString& text, const QString& key, Decision decision) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setCheckable(true);
        b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        b->setToolTip(Tr::tr("%1 (%2). With Shift all of the same value, with Alt all of the kind.").arg(text, key));
        b->setAccessibleName(Tr::tr("%1 this finding").arg(text));
        // Not clicked(): screen readers toggle it.
        connect(b, &QToolButton::toggled, this, [this, decision] {
            if (m_showing) return;
            const auto modifiers = QApplication::keyboardModifiers();
            emit decisionAsked(modifiers & Qt::AltModifier     ? Scope::SameKind
                               : modifiers & Qt::ShiftModifier ? Scope::SameValue
                                                               : Scope::One,
                               decision);
            refresh();
        });
        decisions->addWidget(b);
        return b;
    };
    m_cover = button(Tr::tr("Cover"), QStringLiteral("C"), Decision::Cover);
    m_keep = button(Tr::tr("Keep"), QStringLiteral("E"), Decision::Keep);
    m_open = button(Tr::tr("Open", "state of a finding"), QStringLiteral("O"), Decision::Open);
    return decisions;
}

void FindingDetails::bind() {
    connect(m_look, &CoverLookFields::changed, this, [this] {
        if (m_selection.item()) m_case.setLook(m_selection.item(), Scope::SameValue, m_look->look());
    });
    connect(m_note, &QLineEdit::editingFinished, this, [this] {
        if (m_selection.item()) m_case.setNote(m_selection.item(), m_note->text());
    });
    connect(m_question, &QLineEdit::editingFinished, this, [this] {
        if (m_selection.item()) m_case.ask(m_selection.item(), m_question->text().trimmed());
    });
}

void FindingDetails::ask() {
    if (m_question->isVisible()) m_question->setFocus(Qt::ShortcutFocusReason);
}

void FindingDetails::refresh() {
    const Item* item = m_case.item(m_selection.item());
    const HandCover* hand = m_case.hand(m_selection.item());
    m_showing = true;
    for (QWidget* w : std::initializer_list<QWidget*>{m_cover, m_keep, m_open, m_question, m_change})
        w->setVisible(item);
    for (QWidget* w : std::initializer_list<QWidget*>{m_look, m_note, m_kind, m_place, m_value})
        w->setVisible(item || hand);
    m_reason->setVisible(!hand);
    if (item)
        showItem(*item);
    else if (hand)
        showHand(*hand);
    else
        m_reason->setText(m_case.captures().empty()
                              ? Tr::tr("What is sensitive on your captures is listed here, with the reason for each.")
                          : m_case.counts().all() > 0 ? Tr::tr("Press J to go to the first finding.")
                          : m_case.counts().unread > 0
                              ? Tr::tr("Nothing is found before the captures are read.")
                              : Tr::tr("Nothing sensitive was found. Look yourself before it leaves."));
    m_showing = false;
}

QString FindingDetails::placeOf(const Item& item) const {
    const QString capture = m_case.captureOf(item.id)->name;
    const auto same = m_case.itemsInScope(item.id, Scope::SameValue);
    const auto at = std::find(same.begin(), same.end(), item.id) - same.begin();
    const QString place = same.size() > 1 ? sentence(Tr::tr("Place %1 of %2, on %3"), at + 1, same.size(), capture)
                                          : sentence(Tr::tr("On %1"), capture);
    if (item.cutAway) return sentence(Tr::tr("%1 · cut away by the crop"), place);
    if (item.underHand) return sentence(Tr::tr("%1 · under a cover drawn by hand"), place);
    if (item.by.isEmpty()) return place;
    const QString by = QString(item.by).replace(u' ', QChar::Nbsp); // "R. Abernal" stays on one line
    return item.question.isEmpty()
               ? item.decision == Decision::Open ? place : sentence(Tr::tr("%1 · decided by %2"), place, by)
               : sentence(Tr::tr("%1 · asked by %2"), place, by);
}

void FindingDetails::showItem(const Item& item) {
    const Finding& finding = item.finding;
    m_value->setText(finding.text.isEmpty() ? kindTitle(finding.kind) : finding.text);
    m_kind->setText(item.byHand ? kindTitle(finding.kind)
                                : sentence(Tr::tr("%1 · %2 % sure"), kindTitle(finding.kind),
                                           int(std::lround(100 * finding.confidence))));
    m_reason->setText(finding.ground.isEmpty()
                          ? sentence(Tr::tr("Why: it %1."), finding.reason)
                          : sentence(Tr::tr("Why: it %1.\nGround: %2"), finding.reason, finding.ground));
    m_place->setText(placeOf(item));
    m_cover->setChecked(item.decision == Decision::Cover);
    m_keep->setChecked(item.decision == Decision::Keep);
    m_open->setChecked(item.decision == Decision::Open);
    if (!m_question->hasFocus()) m_question->setText(item.question);
    showLook(item.look, item.note);
}

void FindingDetails::showHand(const HandCover& hand) {
    m_value->setText(Tr::tr("Area"));
    m_kind->setText(Tr::tr("Covered by hand; Delete removes it"));
    m_place->setText(sentence(Tr::tr("On %1"), m_case.captureOf(hand.id)->name));
    showLook(hand.look, hand.note);
}

void FindingDetails::showLook(const CoverLook& look, const QString& note) {
    m_look->setLook(look);
    if (!m_note->hasFocus()) m_note->setText(note);
}

} // namespace eyelid
