#include "app/findings/findings_panel.h"

#include "app/findings/decide_many.h"
#include "app/findings/finding_details.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "casefile/counted.h"

#include <algorithm>
#include <cmath>
#include <QActionGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QScrollArea>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {

namespace {

// Beside the kinds themselves, and the decisions, in the lists of what is shown.
constexpr int allShown = -1, handsOnly = -2, questionsOnly = -3;

// Scrolled only where there is no room for all of it, as with large type in a low window.
class AsHighAsItsContent final : public QScrollArea {
public:
    explicit AsHighAsItsContent(QWidget* content) {
        setWidget(content);
        setWidgetResizable(true);
        content->setAutoFillBackground(false);
        setFrameShape(QFrame::NoFrame);
        setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
        setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
        setFocusPolicy(Qt::NoFocus);
    }
    QSize sizeHint() const override {
        const int high =
            widget()->hasHeightForWidth() ? widget()->heightForWidth(width()) : widget()->sizeHint().height();
        return {widget()->sizeHint().width(), high};
    }
    QSize minimumSizeHint() const override {
        const int bar = style()->pixelMetric(QStyle::PM_ScrollBarExtent);
        return {widget()->minimumSizeHint().width() + bar, std::min(sizeHint().height(), atTypeSize(120))};
    }

protected:
    bool eventFilter(QObject* object, QEvent* event) override {
        if (object == widget() && event->type() == QEvent::LayoutRequest) updateGeometry();
        return QScrollArea::eventFilter(object, event);
    }
    void resizeEvent(QResizeEvent* event) override {
        QScrollArea::resizeEvent(event);
        updateGeometry(); // text wraps elsewhere
    }
};

QLabel* label(const QString& text, const char* role) {
    auto* l = new QLabel(text);
    l->setProperty("role", QString::fromLatin1(role));
    return l;
}

} // namespace

FindingsPanel::FindingsPanel(Case& owner, Selection& selection, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_case(owner), m_selection(selection), m_model(new FindingsModel(owner, this)), m_faces(owner) {
    setObjectName(QStringLiteral("findings"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(1, 0, 0, 0); // the border's own pixel
    layout->setSpacing(0);
    layout->addLayout(makeTop());
    layout->addLayout(makeSearch());
    layout->addLayout(makeFilters());
    makeList(theme);
    layout->addWidget(m_list, 1);
    m_many = new DecideMany(m_case, m_selection);
    layout->addWidget(m_many);
    m_details = new FindingDetails(m_case, m_selection);
    m_detailsArea = new AsHighAsItsContent(m_details);
    layout->addWidget(m_detailsArea);
    bind();
    applyFilter();
}

QSize FindingsPanel::minimumSizeHint() const {
    return QWidget::minimumSizeHint().expandedTo({atTypeSize(240), 0});
}

QLayout* FindingsPanel::makeTop() {
    auto* top = new QHBoxLayout;
    top->setContentsMargins(12, 10, 12, 6);
    top->addWidget(label(Tr::tr("Findings"), "title"));
    m_count = label({}, "faint");
    m_count->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    m_count->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    top->addWidget(m_count, 1);
    return top;
}

QLayout* FindingsPanel::makeSearch() {
    auto* row = new QHBoxLayout;
    row->setContentsMargins(12, 0, 12, 8);
    row->setSpacing(8);
    m_words = new QLineEdit;
    m_words->setObjectName(QStringLiteral("findingsWords"));
    m_words->setPlaceholderText(Tr::tr("Only values with …"));
    m_words->setAccessibleName(Tr::tr("Show findings with these letters"));
    m_words->setClearButtonEnabled(true);
    m_orders = new QToolButton;
    m_orders->setObjectName(QStringLiteral("findingsOrder"));
    m_orders->setText(Tr::tr("Order"));
    m_orders->setToolTip(Tr::tr("In which order findings are listed, and of which capture"));
    m_orders->setAccessibleName(Tr::tr("Order of the findings"));
    m_orders->setPopupMode(QToolButton::InstantPopup);
    m_orders->setMenu(makeOrders());
    row->addWidget(m_words, 1);
    row->addWidget(m_orders);
    return row;
}

QMenu* FindingsPanel::makeOrders() {
    auto* menu = new QMenu(this);
    auto* group = new QActionGroup(menu);
    const std::pair<FindingsOrder, QString> orders[] = {
        {FindingsOrder::Place, Tr::tr("As they stand on the captures")},
        {FindingsOrder::Kind, Tr::tr("By kind")},
        {FindingsOrder::UnsureFirst, Tr::tr("What is unsure first")},
        {FindingsOrder::SurestFirst, Tr::tr("What is surest first")},
        {FindingsOrder::MostPlacesFirst, Tr::tr("What stands in most places first")}};
    for (const auto& [order, text] : orders) {
        QAction* action = group->addAction(text);
        action->setCheckable(true);
        action->setChecked(order == FindingsOrder::Place);
        menu->addAction(action);
        connect(action, &QAction::triggered, this, [this, order = order] {
            m_showing = true;
            m_model->setOrder(order);
            m_showing = false;
            refresh();
        });
    }
    menu->addSeparator();
    addSureness(*menu);
    menu->addSeparator();
    QAction* here = menu->addAction(Tr::tr("Only of the capture that is shown"));
    here->setCheckable(true);
    connect(here, &QAction::toggled, this, [this](bool on) {
        m_thisCapture = on;
        applyFilter();
    });
    return menu;
}

// Which are shown, by how sure they are.
void FindingsPanel::addSureness(QMenu& menu) {
    constexpr double sure = 0.9; // from here on hardly one in fifty is none (docs/finding.md)
    auto* group = new QActionGroup(&menu);
    const std::tuple<QString, double, double> ranges[] = {
        {Tr::tr("Sure or not"), 0, 1},
        {Tr::tr("Only from 90 % sure"), sure, 1},
        {Tr::tr("Only below 90 % sure"), 0, std::nextafter(sure, 0.0)}};
    for (const auto& [text, least, most] : ranges) {
        QAction* action = group->addAction(text);
        action->setCheckable(true);
        action->setChecked(least == 0 && most == 1);
        menu.addAction(action);
        connect(action, &QAction::triggered, this, [this, least = least, most = most] {
            m_leastSure = least;
            m_mostSure = most;
            applyFilter();
        });
    }
}

QLayout* FindingsPanel::makeFilters() {
    auto* filters = new QHBoxLayout;
    filters->setContentsMargins(12, 0, 12, 8);
    filters->setSpacing(8);
    m_state = new QComboBox;
    m_state->setAccessibleName(Tr::tr("Show findings of this state"));
    m_state->addItem(Tr::tr("All states"), allShown);
    m_state->addItem(Tr::tr("Open", "state of a finding"), int(Decision::Open));
    m_state->addItem(Tr::tr("Covered"), int(Decision::Cover));
    m_state->addItem(Tr::tr("Kept"), int(Decision::Keep));
    m_state->addItem(Tr::tr("Asked"), questionsOnly);
    m_kind = new QComboBox;
    m_kind->setAccessibleName(Tr::tr("Show findings of this kind"));
    m_kind->addItem(Tr::tr("All kinds"), allShown);
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
    m_list->setItemDelegate(new FindingsDelegate(*m_model, m_faces, theme, m_list));
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerItem);
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setMinimumHeight(atTypeSize(2 * 44 + 26)); // two rows and a heading
    m_list->setContextMenuPolicy(Qt::CustomContextMenu);
    m_list->viewport()->installEventFilter(this);
}

void FindingsPanel::bind() {
    connect(&m_case, &Case::changed, this, &FindingsPanel::refresh);
    connect(&m_selection, &Selection::itemChanged, this, &FindingsPanel::refresh);
    connect(&m_selection, &Selection::captureChanged, this, [this] {
        if (m_thisCapture) applyFilter();
    });
    connect(m_kind, &QComboBox::currentIndexChanged, this, &FindingsPanel::applyFilter);
    connect(m_state, &QComboBox::currentIndexChanged, this, &FindingsPanel::applyFilter);
    connect(m_words, &QLineEdit::textChanged, this, &FindingsPanel::applyFilter);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (!m_showing && now.isValid()) chooseRow(now.row());
    });
    // A screen reader selects a row without going to it.
    connect(m_list->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] {
        const QModelIndexList rows = m_list->selectionModel()->selectedIndexes();
        if (!m_showing && rows.size() == 1) chooseRow(rows.first().row());
    });
    connect(m_list, &QListView::clicked, this, [this](const QModelIndex& index) { chooseRow(index.row()); });
    connect(m_list, &QListView::customContextMenuRequested, this,
            [this](const QPoint& at) { emit menuAsked(m_list->viewport()->mapToGlobal(at)); });
    connect(&m_faces, &FacePictures::ready, m_list->viewport(), qOverload<>(&QWidget::update));
    connect(m_details, &FindingDetails::decisionAsked, this, &FindingsPanel::decisionAsked);
    // Of what is decided together the reason of a single one does not tell.
    connect(m_many, &DecideMany::chosenChanged, this, [this] { m_detailsArea->setVisible(!m_many->isVisible()); });
    connect(m_many, &DecideMany::closed, m_detailsArea, &QWidget::show);
}

// What is selected stays in sight when the details below take more room.
bool FindingsPanel::eventFilter(QObject* object, QEvent* event) {
    if (object == m_list->viewport() && event->type() == QEvent::Resize)
        QMetaObject::invokeMethod(
            this, [this] { m_list->scrollTo(m_list->currentIndex()); }, Qt::QueuedConnection);
    return QWidget::eventFilter(object, event);
}

void FindingsPanel::applyFilter() {
    const int kind = m_kind->currentData().toInt(), state = m_state->currentData().toInt();
    m_showing = true;
    FindingsFilter filter;
    if (kind >= 0) filter.kind = Kind(kind);
    filter.handsOnly = kind == handsOnly;
    if (state >= 0) filter.state = Decision(state);
    filter.questionsOnly = state == questionsOnly;
    filter.leastConfidence = m_leastSure;
    filter.mostConfidence = m_mostSure;
    filter.capture = m_thisCapture ? m_selection.capture() : 0;
    filter.words = m_words->text().trimmed();
    m_model->setFilter(filter);
    m_showing = false;
    refresh();
}

// In short where the whole has no room.
void FindingsPanel::showCount(const QString& whole, const QString& inShort) {
    const bool fits = m_count->fontMetrics().horizontalAdvance(whole) <= m_count->width() || !isVisible();
    m_count->setText(fits ? whole : inShort);
    m_count->setToolTip(whole);
}

std::vector<int> FindingsPanel::order() const {
    return m_model->byPlace();
}

std::vector<int> FindingsPanel::selectedTogether() const {
    const QModelIndexList rows = m_list->selectionModel()->selectedIndexes();
    std::vector<int> ids;
    if (rows.size() < 2) return ids;
    for (const QModelIndex& index : rows) {
        const FindingsRow& row = m_model->row(index.row());
        if (!row.byHand) ids.insert(ids.end(), row.ids.begin(), row.ids.end());
    }
    return ids;
}

std::vector<int> FindingsPanel::firstOfSelected() const {
    std::vector<int> ids;
    for (const QModelIndex& index : m_list->selectionModel()->selectedIndexes())
        if (!m_model->row(index.row()).byHand) ids.push_back(m_model->row(index.row()).ids.front());
    return ids;
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
    QItemSelectionModel* rows = m_list->selectionModel();
    if (row < 0) {
        rows->clear();
    } else if (!rows->isRowSelected(row) && !(rows->hasSelection() && m_list->currentIndex().row() == row)) {
        // Several that are selected stay so; one that is being clicked the list selects itself.
        m_list->setCurrentIndex(m_model->index(row));
        m_list->scrollTo(m_model->index(row));
    }
    m_showing = false;
    const Case::Counts n = m_case.counts();
    if (n.all() == 0)
        m_count->clear();
    else
        showCount(saidCounts(n.open, n.cover, n.keep), saidOpen(n.open));
    m_details->refresh();
}

} // namespace eyelid
