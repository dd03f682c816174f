#include "app/findings/findings_panel.h"

#include "app/findings/findings_model.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QSlider>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {

namespace {

// Beside the kinds themselves, in the list of what is shown.
constexpr int allKindsShown = -1, handsOnly = -2;

QLabel* label(const QString& text, const char* role) {
    auto* l = new QLabel(text);
    l->setProperty("role", QString::fromLatin1(role));
    return l;
}

} // namespace

FindingsPanel::FindingsPanel(Case& owner, Selection& selection, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_case(owner), m_selection(selection), m_model(new FindingsModel(owner, this)) {
    setObjectName(QStringLiteral("findings"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(1, 0, 0, 0); // the border's own pixel
    layout->setSpacing(0);
    layout->addLayout(makeTop());
    layout->addLayout(makeFilters());
    makeList(theme);
    layout->addWidget(m_list, 1);
    layout->addWidget(makeDetails());
    bind();
    refresh();
}

QLayout* FindingsPanel::makeTop() {
    auto* top = new QHBoxLayout;
    top->setContentsMargins(12, 10, 12, 6);
    top->addWidget(label(Tr::tr("Findings"), "title"));
    top->addStretch();
    m_count = label({}, "faint");
    top->addWidget(m_count);
    return top;
}

QLayout* FindingsPanel::makeFilters() {
    auto* filters = new QHBoxLayout;
    filters->setContentsMargins(12, 0, 12, 8);
    filters->setSpacing(8);
    m_state = new QComboBox;
    m_state->setAccessibleName(Tr::tr("Show findings of this state"));
    m_state->addItem(Tr::tr("All states"), -1);
    m_state->addItem(Tr::tr("Open"), int(Decision::Open));
    m_state->addItem(Tr::tr("Covered"), int(Decision::Cover));
    m_state->addItem(Tr::tr("Kept"), int(Decision::Keep));
    m_kind = new QComboBox;
    m_kind->setAccessibleName(Tr::tr("Show findings of this kind"));
    m_kind->addItem(Tr::tr("All kinds"), allKindsShown);
    for (Kind kind : allKinds()) m_kind->addItem(kindTitle(kind), int(kind));
    m_kind->addItem(Tr::tr("Area covered by hand"), handsOnly);
    m_kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    filters->addWidget(m_state, 2);
    filters->addWidget(m_kind, 3);
    return filters;
}

void FindingsPanel::makeList(const Theme& theme) {
    m_list = new QListView;
    m_list->setObjectName(QStringLiteral("findingsList"));
    m_list->setAccessibleName(Tr::tr("Findings by value"));
    m_list->setModel(m_model);
    m_list->setItemDelegate(new FindingsDelegate(theme, m_list));
    m_list->setUniformItemSizes(true);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->setFrameShape(QFrame::NoFrame);
}

QWidget* FindingsPanel::makeDetails() {
    m_details = new QWidget;
    m_details->setObjectName(QStringLiteral("details"));
    auto* details = new QVBoxLayout(m_details);
    details->setContentsMargins(12, 10, 12, 12);
    details->setSpacing(8);
    m_value = new QLabel;
    m_value->setObjectName(QStringLiteral("detailValue"));
    m_value->setWordWrap(true);
    m_value->setTextFormat(Qt::PlainText);
    m_value->setFont(valueFont(13));
    m_value->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_kindLabel = label({}, "faint");
    m_reason = new QLabel;
    m_reason->setWordWrap(true);
    m_reason->setTextFormat(Qt::PlainText);
    m_place = label({}, "faint");
    details->addWidget(m_value);
    details->addWidget(m_kindLabel);
    details->addWidget(m_reason);
    details->addWidget(m_place);
    details->addLayout(makeDecisions());
    details->addLayout(makeStyle());
    m_note = new QLineEdit;
    m_note->setPlaceholderText(Tr::tr("Note for yourself; never in the log"));
    m_note->setAccessibleName(Tr::tr("Note"));
    details->addWidget(m_note);
    return m_details;
}

QLayout* FindingsPanel::makeDecisions() {
    auto* decisions = new QHBoxLayout;
    decisions->setSpacing(6);
    const auto button = [&](const QString& text, const QString& key, Decision decision) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setCheckable(true);
        b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        b->setToolTip(Tr::tr("%1 (%2). With Shift all of the same value, with Alt all of the kind.").arg(text, key));
        b->setAccessibleName(Tr::tr("%1 this finding").arg(text));
        connect(b, &QToolButton::clicked, this, [this, decision] {
            const auto modifiers = QApplication::keyboardModifiers();
            emit decisionAsked(modifiers & Qt::AltModifier     ? Scope::SameKind
                               : modifiers & Qt::ShiftModifier ? Scope::SameValue
                                                               : Scope::One,
                               decision);
            showDetails();
        });
        decisions->addWidget(b);
        return b;
    };
    m_cover = button(Tr::tr("Cover"), QStringLiteral("C"), Decision::Cover);
    m_keep = button(Tr::tr("Keep"), QStringLiteral("E"), Decision::Keep);
    m_open = button(Tr::tr("Open"), QStringLiteral("O"), Decision::Open);
    return decisions;
}

QLayout* FindingsPanel::makeStyle() {
    auto* style = new QHBoxLayout;
    style->setSpacing(8);
    m_style = new QComboBox;
    m_style->setAccessibleName(Tr::tr("Style of the cover"));
    for (const QString& name : {Tr::tr("Solid"), Tr::tr("Mosaic"), Tr::tr("Blur")}) m_style->addItem(name);
    m_strength = new QSlider(Qt::Horizontal);
    m_strength->setRange(0, 100);
    m_strength->setAccessibleName(Tr::tr("Strength of mosaic or blur"));
    m_strength->setToolTip(
        Tr::tr("How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it."));
    style->addWidget(m_style, 1);
    style->addWidget(m_strength, 1);
    return style;
}

void FindingsPanel::bind() {
    connect(&m_case, &Case::capturesChanged, this, &FindingsPanel::refresh);
    connect(&m_case, &Case::captureChanged, this, &FindingsPanel::refresh);
    connect(&m_case, &Case::termsChanged, this, &FindingsPanel::refresh);
    connect(&m_selection, &Selection::itemChanged, this, &FindingsPanel::refresh);
    connect(m_kind, &QComboBox::currentIndexChanged, this, &FindingsPanel::applyFilter);
    connect(m_state, &QComboBox::currentIndexChanged, this, &FindingsPanel::applyFilter);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (!m_showing && now.isValid()) chooseRow(now.row());
    });
    connect(m_list, &QListView::clicked, this, [this](const QModelIndex& index) { chooseRow(index.row()); });
    const auto restyle = [this] {
        if (!m_showing && m_selection.item())
            m_case.setStyle(m_selection.item(), Scope::SameValue, CoverStyle(m_style->currentIndex()),
                            m_strength->value() / 100.0);
    };
    connect(m_style, &QComboBox::currentIndexChanged, this, restyle);
    connect(m_strength, &QSlider::sliderReleased, this, restyle);
    connect(m_strength, &QSlider::valueChanged, this, [this, restyle] {
        if (!m_strength->isSliderDown()) restyle();
    });
    connect(m_note, &QLineEdit::editingFinished, this, [this] {
        if (m_selection.item()) m_case.setNote(m_selection.item(), m_note->text());
    });
}

void FindingsPanel::applyFilter() {
    const int kind = m_kind->currentData().toInt(), state = m_state->currentData().toInt();
    m_showing = true;
    m_model->setFilter({kind < 0 ? std::nullopt : std::optional(Kind(kind)), kind == handsOnly,
                        state < 0 ? std::nullopt : std::optional(Decision(state))});
    m_showing = false;
    refresh();
}

std::vector<int> FindingsPanel::order() const {
    return m_model->byPlace();
}

void FindingsPanel::chooseRow(int row) {
    const std::vector<int>& ids = m_model->row(row).ids;
    if (std::find(ids.begin(), ids.end(), m_selection.item()) != ids.end()) return;
    int choice = ids.front();
    for (int id : ids)
        if (const Capture* c = m_case.captureOf(id); c && c->id == m_selection.capture()) {
            choice = id;
            break;
        }
    emit itemChosen(choice);
}

void FindingsPanel::refresh() {
    m_showing = true;
    m_model->rebuild();
    const int row = m_selection.item() ? m_model->rowOf(m_selection.item()) : -1;
    if (row >= 0) {
        m_list->setCurrentIndex(m_model->index(row));
        m_list->scrollTo(m_model->index(row));
    } else {
        m_list->clearSelection();
    }
    m_showing = false;
    const Case::Counts n = m_case.counts();
    if (n.all() == 0)
        m_count->clear();
    else
        m_count->setText(sentence(Tr::tr("%1 open, %2 covered, %3 kept"), n.open, n.cover, n.keep));
    showDetails();
}

void FindingsPanel::showDetails() {
    const Item* item = m_case.item(m_selection.item());
    const HandCover* hand = m_case.hand(m_selection.item());
    m_showing = true;
    for (QWidget* w : std::initializer_list<QWidget*>{m_cover, m_keep, m_open}) w->setVisible(item);
    for (QWidget* w : std::initializer_list<QWidget*>{m_style, m_strength, m_note, m_kindLabel, m_place, m_value})
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

void FindingsPanel::showItem(const Item& item) {
    const Finding& finding = item.finding;
    m_value->setText(finding.text.isEmpty() ? kindTitle(finding.kind) : finding.text);
    m_kindLabel->setText(
        sentence(Tr::tr("%1 · %2 % sure"), kindTitle(finding.kind), int(std::lround(100 * finding.confidence))));
    m_reason->setText(finding.ground.isEmpty()
                          ? sentence(Tr::tr("Why: it %1."), finding.reason)
                          : sentence(Tr::tr("Why: it %1.\nGround: %2"), finding.reason, finding.ground));
    const QString capture = m_case.captureOf(item.id)->name;
    const auto same = m_case.itemsInScope(item.id, Scope::SameValue);
    const auto at = std::find(same.begin(), same.end(), item.id) - same.begin();
    m_place->setText(same.size() > 1 ? sentence(Tr::tr("Place %1 of %2, on %3"), at + 1, same.size(), capture)
                                     : sentence(Tr::tr("On %1"), capture));
    m_cover->setChecked(item.decision == Decision::Cover);
    m_keep->setChecked(item.decision == Decision::Keep);
    m_open->setChecked(item.decision == Decision::Open);
    showLook(item.style, item.strength, item.note);
}

void FindingsPanel::showHand(const HandCover& hand) {
    m_value->setText(Tr::tr("Area"));
    m_kindLabel->setText(Tr::tr("Covered by hand; Delete removes it"));
    m_place->setText(sentence(Tr::tr("On %1"), m_case.captureOf(hand.id)->name));
    showLook(hand.style, hand.strength, hand.note);
}

void FindingsPanel::showLook(CoverStyle style, double strength, const QString& note) {
    m_style->setCurrentIndex(int(style));
    m_strength->setVisible(style != CoverStyle::Solid); // a solid cover has none
    m_strength->setValue(int(std::lround(100 * strength)));
    if (!m_note->hasFocus()) m_note->setText(note);
}

} // namespace eyelid
