#include "app/findings_panel.h"

#include "app/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <QAbstractListModel>
#include <QApplication>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QSlider>
#include <QStyledItemDelegate>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {

/// One row a value: all places it stands in.
struct Group {
    Kind kind = Kind::Area;
    QString text;
    double confidence = 0;
    std::vector<int> items;
    int open = 0, cover = 0, keep = 0;
};

class FindingsModel final : public QAbstractListModel {
public:
    FindingsModel(Case& owner, QObject* parent) : QAbstractListModel(parent), m_case(owner) { rebuild(); }

    void setFilter(std::optional<Kind> kind, std::optional<Decision> state) {
        m_kind = kind;
        m_state = state;
        rebuild();
    }
    void rebuild() {
        beginResetModel();
        m_groups.clear();
        std::map<std::pair<Kind, QString>, size_t> byValue; // to the letter: what looks alike is another row
        for (const Capture& capture : m_case.captures()) {
            std::vector<const Item*> items;
            for (const Item& item : capture.items) items.push_back(&item);
            std::stable_sort(items.begin(), items.end(), [](const Item* a, const Item* b) {
                const QRectF x = a->finding.boxes.front(), y = b->finding.boxes.front();
                return x.top() != y.top() ? x.top() < y.top() : x.left() < y.left();
            });
            for (const Item* item : items) {
                if (m_kind && item->finding.kind != *m_kind) continue;
                if (m_state && item->decision != *m_state) continue;
                size_t at = m_groups.size();
                if (item->identity > 0) {
                    const auto [found, fresh] =
                        byValue.try_emplace({item->finding.kind, exactly(item->finding.text)}, at);
                    if (!fresh) at = found->second;
                }
                if (at == m_groups.size()) {
                    const QRectF box = item->finding.boxes.front();
                    m_groups.push_back({item->finding.kind,
                                        item->finding.kind == Kind::Area
                                            ? sentence(u"Area %1 × %2", int(box.width()), int(box.height()))
                                        : item->finding.text.isEmpty()
                                            ? sentence(u"%1 %2 × %3", kindTitle(item->finding.kind), int(box.width()),
                                                       int(box.height()))
                                            : item->finding.text,
                                        item->finding.confidence,
                                        {},
                                        0,
                                        0,
                                        0});
                }
                Group& g = m_groups[at];
                g.items.push_back(item->id);
                g.confidence = std::max(g.confidence, item->finding.confidence);
                g.open += item->decision == Decision::Open;
                g.cover += item->decision == Decision::Cover;
                g.keep += item->decision == Decision::Keep;
            }
        }
        endResetModel();
    }
    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : int(m_groups.size()); }
    const Group& group(int row) const { return m_groups[size_t(row)]; }
    const std::vector<Group>& groups() const { return m_groups; }
    int rowOf(int itemId) const {
        for (size_t i = 0; i < m_groups.size(); ++i)
            if (std::find(m_groups[i].items.begin(), m_groups[i].items.end(), itemId) != m_groups[i].items.end())
                return int(i);
        return -1;
    }
    QVariant data(const QModelIndex& index, int role) const override {
        if (!index.isValid() || index.row() >= rowCount()) return {};
        const Group& g = group(index.row());
        if (role == Qt::DisplayRole) return g.text;
        if (role == Qt::ToolTipRole) return g.text;
        if (role == Qt::AccessibleTextRole)
            return sentence(u"%1, %2, %3 places, %4", g.text, kindTitle(g.kind), g.items.size(),
                            g.open    ? QStringLiteral("open")
                            : g.cover ? QStringLiteral("covered")
                                      : QStringLiteral("kept"));
        return {};
    }

private:
    Case& m_case;
    std::optional<Kind> m_kind;
    std::optional<Decision> m_state;
    std::vector<Group> m_groups;
};

namespace {

// State by shape as well as by colour: open is a dashed ring, covered a filled block, kept a thin line.
void paintState(QPainter& p, const QRectF& r, Decision decision, const Theme& t) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    if (decision == Decision::Open) {
        QPen pen(t.clay, 1.8);
        pen.setDashPattern({2, 1.4});
        p.setPen(pen);
        p.drawEllipse(r.adjusted(1, 1, -1, -1));
    } else if (decision == Decision::Cover) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.pine);
        p.drawRoundedRect(r.adjusted(0, 2, 0, -2), 2, 2);
    } else {
        p.setPen(QPen(t.pine, 2));
        p.drawLine(QPointF(r.left(), r.bottom() - 3), QPointF(r.right(), r.bottom() - 3));
    }
    p.restore();
}

class FindingsDelegate final : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {200, 44}; }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const Group& g = static_cast<const FindingsModel&>(*index.model()).group(index.row());
        const Theme& t = theme(*qApp);
        p->save();
        const QRectF r = option.rect;
        if (option.state & QStyle::State_Selected) {
            p->fillRect(r, t.selection);
            p->fillRect(QRectF(r.left(), r.top(), 3, r.height()), t.aubergine);
        }
        p->setPen(QPen(t.hairline, 1));
        p->drawLine(QPointF(r.left() + 12, r.bottom() + 0.5), QPointF(r.right() - 8, r.bottom() + 0.5));
        const Decision state = g.open ? Decision::Open : g.cover ? Decision::Cover : Decision::Keep;
        paintState(*p, QRectF(r.left() + 12, r.top() + 8, 12, 12), state, t);
        const double left = r.left() + 34;
        double right = r.right() - 12;
        if (g.items.size() > 1) {
            const QString count = QStringLiteral("%1 places").arg(g.items.size());
            QFont f = option.font;
            f.setPixelSize(11);
            p->setFont(f);
            p->setPen(t.faint);
            const double w = QFontMetricsF(f).horizontalAdvance(count);
            p->drawText(QRectF(right - w, r.top() + 5, w, 18), Qt::AlignVCenter | Qt::AlignRight, count);
            right -= w + 8;
        }
        const QFont values = g.kind == Kind::Area ? option.font : valueFont(12);
        p->setFont(values);
        p->setPen(t.ink);
        p->drawText(QRectF(left, r.top() + 5, right - left, 18), Qt::AlignVCenter | Qt::AlignLeft,
                    QFontMetricsF(values).elidedText(g.text, Qt::ElideMiddle, right - left));
        QFont f = option.font;
        f.setPixelSize(11);
        p->setFont(f);
        p->setPen(t.faint);
        QString second = g.kind == Kind::Area
                             ? QStringLiteral("Covered by hand")
                             : sentence(u"%1 · %2 % sure", kindTitle(g.kind), int(std::lround(100 * g.confidence)));
        const int kinds = (g.open > 0) + (g.cover > 0) + (g.keep > 0);
        if (kinds > 1) second += sentence(u" · %1 open, %2 covered, %3 kept", g.open, g.cover, g.keep);
        p->drawText(QRectF(left, r.top() + 23, r.right() - 12 - left, 16), Qt::AlignVCenter | Qt::AlignLeft,
                    QFontMetricsF(f).elidedText(second, Qt::ElideRight, r.right() - 12 - left));
        p->restore();
    }
};

QLabel* label(const QString& text, const char* role) {
    auto* l = new QLabel(text);
    l->setProperty("role", QString::fromLatin1(role));
    return l;
}

} // namespace

FindingsPanel::FindingsPanel(Case& owner, QWidget* parent)
    : QWidget(parent), m_case(owner), m_model(new FindingsModel(owner, this)) {
    setObjectName(QStringLiteral("findings"));
    setAttribute(Qt::WA_StyledBackground);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(1, 0, 0, 0); // the border's own pixel
    layout->setSpacing(0);

    auto* top = new QHBoxLayout;
    top->setContentsMargins(12, 10, 12, 6);
    top->addWidget(label(QStringLiteral("Findings"), "title"));
    top->addStretch();
    m_count = label({}, "faint");
    top->addWidget(m_count);
    layout->addLayout(top);

    auto* filters = new QHBoxLayout;
    filters->setContentsMargins(12, 0, 12, 8);
    filters->setSpacing(8);
    m_state = new QComboBox;
    m_state->setAccessibleName(QStringLiteral("Show findings of this state"));
    m_state->addItem(QStringLiteral("All states"), -1);
    m_state->addItem(QStringLiteral("Open"), int(Decision::Open));
    m_state->addItem(QStringLiteral("Covered"), int(Decision::Cover));
    m_state->addItem(QStringLiteral("Kept"), int(Decision::Keep));
    m_kind = new QComboBox;
    m_kind->setAccessibleName(QStringLiteral("Show findings of this kind"));
    m_kind->addItem(QStringLiteral("All kinds"), -1);
    for (Kind kind : findableKinds()) m_kind->addItem(kindTitle(kind), int(kind));
    m_kind->addItem(kindTitle(Kind::Area), int(Kind::Area));
    m_kind->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    filters->addWidget(m_state, 2);
    filters->addWidget(m_kind, 3);
    layout->addLayout(filters);

    m_list = new QListView;
    m_list->setObjectName(QStringLiteral("findingsList"));
    m_list->setAccessibleName(QStringLiteral("Findings by value"));
    m_list->setModel(m_model);
    m_list->setItemDelegate(new FindingsDelegate(m_list));
    m_list->setUniformItemSizes(true);
    m_list->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    m_list->setFrameShape(QFrame::NoFrame);
    layout->addWidget(m_list, 1);

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
    auto* decisions = new QHBoxLayout;
    decisions->setSpacing(6);
    const auto button = [&](const QString& text, const QString& key, Decision decision) {
        auto* b = new QToolButton;
        b->setText(text);
        b->setCheckable(true);
        b->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
        b->setToolTip(
            QStringLiteral("%1 (%2). With Shift all of the same value, with Alt all of the kind.").arg(text, key));
        b->setAccessibleName(QStringLiteral("%1 this finding").arg(text));
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
    m_cover = button(QStringLiteral("Cover"), QStringLiteral("C"), Decision::Cover);
    m_keep = button(QStringLiteral("Keep"), QStringLiteral("E"), Decision::Keep);
    m_open = button(QStringLiteral("Open"), QStringLiteral("O"), Decision::Open);
    details->addLayout(decisions);
    auto* style = new QHBoxLayout;
    style->setSpacing(8);
    m_style = new QComboBox;
    m_style->setAccessibleName(QStringLiteral("Style of the cover"));
    for (const QString& name : {QStringLiteral("Solid"), QStringLiteral("Mosaic"), QStringLiteral("Blur")})
        m_style->addItem(name);
    m_strength = new QSlider(Qt::Horizontal);
    m_strength->setRange(0, 100);
    m_strength->setAccessibleName(QStringLiteral("Strength of mosaic or blur"));
    m_strength->setToolTip(QStringLiteral(
        "How coarse the mosaic or blur is. It hides the same at any strength: nothing of the text is in it."));
    style->addWidget(m_style, 1);
    style->addWidget(m_strength, 1);
    details->addLayout(style);
    m_note = new QLineEdit;
    m_note->setPlaceholderText(QStringLiteral("Note for yourself; never in the log"));
    m_note->setAccessibleName(QStringLiteral("Note"));
    details->addWidget(m_note);
    layout->addWidget(m_details);

    connect(&m_case, &Case::capturesChanged, this, [this] { select(m_selected); });
    connect(&m_case, &Case::captureChanged, this, [this] { select(m_selected); });
    const auto filter = [this] {
        const int kind = m_kind->currentData().toInt(), state = m_state->currentData().toInt();
        m_showing = true;
        m_model->setFilter(kind < 0 ? std::nullopt : std::optional(Kind(kind)),
                           state < 0 ? std::nullopt : std::optional(Decision(state)));
        m_showing = false;
        select(m_selected);
    };
    connect(m_kind, &QComboBox::currentIndexChanged, this, filter);
    connect(m_state, &QComboBox::currentIndexChanged, this, filter);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, [this](const QModelIndex& now) {
        if (!m_showing && now.isValid()) chooseRow(now.row());
    });
    connect(m_list, &QListView::clicked, this, [this](const QModelIndex& index) { chooseRow(index.row()); });
    const auto restyle = [this] {
        if (!m_showing && m_selected)
            m_case.setStyle(m_selected, Scope::SameValue, CoverStyle(m_style->currentIndex()),
                            m_strength->value() / 100.0);
    };
    connect(m_style, &QComboBox::currentIndexChanged, this, restyle);
    connect(m_strength, &QSlider::sliderReleased, this, restyle);
    connect(m_strength, &QSlider::valueChanged, this, [this, restyle] {
        if (!m_strength->isSliderDown()) restyle();
    });
    connect(m_note, &QLineEdit::editingFinished, this, [this] {
        if (m_selected) m_case.setNote(m_selected, m_note->text());
    });
    select(0);
}

std::vector<int> FindingsPanel::order() const {
    // By place: capture after capture, from top to bottom, so that the eye need not jump.
    std::vector<int> ids;
    for (const Capture& capture : m_case.captures()) {
        std::vector<const Item*> items;
        for (const Item& item : capture.items)
            if (m_model->rowOf(item.id) >= 0) items.push_back(&item);
        std::stable_sort(items.begin(), items.end(), [](const Item* a, const Item* b) {
            const QRectF x = a->finding.boxes.front(), y = b->finding.boxes.front();
            return std::abs(x.top() - y.top()) > 4 ? x.top() < y.top() : x.left() < y.left();
        });
        for (const Item* item : items) ids.push_back(item->id);
    }
    return ids;
}

void FindingsPanel::chooseRow(int row) {
    const Group& g = m_model->group(row);
    if (std::find(g.items.begin(), g.items.end(), m_selected) != g.items.end()) return;
    int choice = g.items.front();
    for (int id : g.items)
        if (const Capture* c = m_case.captureOf(id); c && c->id == m_capture) {
            choice = id;
            break;
        }
    emit itemChosen(choice);
}

void FindingsPanel::select(int itemId) {
    m_showing = true;
    m_model->rebuild();
    m_selected = m_case.item(itemId) ? itemId : 0;
    const int row = m_selected ? m_model->rowOf(m_selected) : -1;
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
        m_count->setText(sentence(u"%1 open, %2 covered, %3 kept", n.open, n.cover, n.keep));
    showDetails();
}

void FindingsPanel::showDetails() {
    const Item* item = m_selected ? m_case.item(m_selected) : nullptr;
    m_showing = true;
    const bool area = item && item->finding.kind == Kind::Area;
    for (QWidget* w : std::initializer_list<QWidget*>{m_cover, m_keep, m_open}) w->setVisible(item && !area);
    for (QWidget* w : std::initializer_list<QWidget*>{m_style, m_strength, m_note, m_kindLabel, m_place})
        w->setVisible(item != nullptr);
    if (!item) {
        m_value->setText({});
        m_value->hide();
        m_reason->setText(
            m_case.captures().empty()
                ? QStringLiteral("What is sensitive on your captures is listed here, with the reason for each.")
            : m_case.counts().all() > 0 ? QStringLiteral("Press J to go to the first finding.")
            : m_case.counts().unread > 0
                ? QStringLiteral("Nothing is found before the captures are read.")
                : QStringLiteral("Nothing sensitive was found. Look yourself before it leaves."));
        m_showing = false;
        return;
    }
    m_value->show();
    const Capture* capture = m_case.captureOf(m_selected);
    m_value->setText(area                           ? QStringLiteral("Area")
                     : item->finding.text.isEmpty() ? kindTitle(item->finding.kind)
                                                    : item->finding.text);
    m_kindLabel->setText(area ? QStringLiteral("Covered by hand; Delete removes it")
                              : sentence(u"%1 · %2 % sure", kindTitle(item->finding.kind),
                                         int(std::lround(100 * item->finding.confidence))));
    m_reason->setText(area ? QString()
                           : QStringLiteral("Why: it %1.").arg(item->finding.reason) +
                                 (item->finding.ground.isEmpty()
                                      ? QString()
                                      : QStringLiteral("\nGround: %1").arg(item->finding.ground)));
    m_reason->setVisible(!area);
    const auto same = m_case.itemsInScope(m_selected, Scope::SameValue);
    const auto at = std::find(same.begin(), same.end(), m_selected) - same.begin();
    m_place->setText(same.size() > 1 ? sentence(u"Place %1 of %2, on %3", at + 1, same.size(), capture->name)
                                     : QStringLiteral("On %1").arg(capture->name));
    m_cover->setChecked(item->decision == Decision::Cover);
    m_keep->setChecked(item->decision == Decision::Keep);
    m_open->setChecked(item->decision == Decision::Open);
    m_style->setCurrentIndex(int(item->style));
    m_strength->setVisible(item->style != CoverStyle::Solid); // a solid cover has none
    m_strength->setValue(int(std::lround(100 * item->strength)));
    if (!m_note->hasFocus()) m_note->setText(item->note);
    m_showing = false;
}

} // namespace eyelid
