#include "app/cases/strip.h"

#include "app/cases/lid_gauge.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "casefile/counted.h"

#include <QAbstractListModel>
#include <QApplication>
#include <QContextMenuEvent>
#include <QDrag>
#include <QDropEvent>
#include <QHash>
#include <QMenu>
#include <QMimeData>
#include <QPainter>
#include <QStyledItemDelegate>

namespace eyelid {
namespace {
constexpr int captureRole = Qt::UserRole + 1;
constexpr QSize thumbnailSize(132, 84);
} // namespace

class StripModel final : public QAbstractListModel {
public:
    StripModel(Case& owner, const CaseKeeper& keeper, QObject* parent)
        : QAbstractListModel(parent), m_case(owner), m_keeper(keeper) {
        connect(&m_case, &Case::capturesChanged, this, &StripModel::refresh);
        connect(&m_keeper, &CaseKeeper::changed, this, [this] {
            if (settled() != m_shown) refresh();
        });
        connect(&m_case, &Case::captureChanged, this, [this](int id) {
            const int row = rowOf(id);
            if (row >= 0) emit dataChanged(index(row), index(row));
        });
    }
    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : int(m_shown.size()); }
    int rowOf(int id) const { return int(m_shown.indexOf(id)); }
    const Capture* at(const QModelIndex& index) const { return m_case.capture(m_shown.value(index.row())); }
    const Case& owner() const { return m_case; }
    QVariant data(const QModelIndex& index, int role) const override {
        if (!index.isValid() || index.row() >= rowCount()) return {};
        const Capture* shown = at(index);
        if (!shown) return {};
        const Capture& c = *shown;
        if (role == captureRole) return c.id;
        if (role == Qt::DisplayRole) return c.name;
        if (role == Qt::ToolTipRole) return c.origin;
        if (role == Qt::AccessibleTextRole) {
            const Case::Counts n = m_case.counts(c);
            return n.unread ? sentence(Tr::tr("%1, not read"), c.name)
                            : sentence(Tr::tr("%1, %2, %3"), c.name, saidOpen(n.open), saidSettled(n.settled()));
        }
        return {};
    }
    QPixmap thumbnail(const Capture& c, double ratio) const {
        QPixmap& held = m_thumbnails[c.picture];
        if (held.isNull()) {
            held = QPixmap::fromImage(m_case.pictures()->small(c.picture).scaled(
                thumbnailSize * ratio, Qt::KeepAspectRatio, Qt::SmoothTransformation));
            held.setDevicePixelRatio(ratio);
        }
        return held;
    }

    Qt::ItemFlags flags(const QModelIndex& index) const override {
        return QAbstractListModel::flags(index) | (index.isValid() ? Qt::ItemIsDragEnabled : Qt::ItemIsDropEnabled);
    }
    Qt::DropActions supportedDropActions() const override { return Qt::MoveAction; }

private:
    QList<int> settled() const {
        QList<int> ids;
        for (const Capture& capture : m_case.captures())
            if (m_keeper.isSettled(capture.id)) ids << capture.id;
        return ids;
    }
    void refresh() {
        beginResetModel();
        m_shown = settled();
        endResetModel();
    }
    Case& m_case;
    const CaseKeeper& m_keeper;
    QList<int> m_shown;
    mutable QHash<PictureId, QPixmap> m_thumbnails;
};

namespace {

class StripDelegate final : public QStyledItemDelegate {
public:
    explicit StripDelegate(const Theme& theme, QObject* parent) : QStyledItemDelegate(parent), m_theme(theme) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override {
        return {thumbnailSize.width() + 24, thumbnailSize.height() + 18 + atTypeSize(26)};
    }
    void paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        const auto& model = static_cast<const StripModel&>(*index.model());
        const Capture* shown = model.at(index);
        if (!shown) return;
        const Capture& c = *shown;
        const Theme& t = m_theme;
        p->save();
        p->setRenderHint(QPainter::Antialiasing);
        const QRectF cell = QRectF(option.rect).adjusted(6, 4, -6, -4);
        const bool current = option.state & QStyle::State_Selected;
        if (current) {
            p->setPen(Qt::NoPen);
            p->setBrush(t.selection);
            p->drawRoundedRect(cell, 6, 6);
            p->setBrush(t.aubergine);
            p->drawRoundedRect(QRectF(cell.left(), cell.top() + 8, 3, cell.height() - 16), 1.5, 1.5);
        }
        const QPixmap pixmap = model.thumbnail(c, option.widget ? option.widget->devicePixelRatioF() : 1);
        const QSizeF size = pixmap.deviceIndependentSize();
        const QRectF picture(cell.center().x() - size.width() / 2,
                             cell.top() + 6 + (thumbnailSize.height() - size.height()) / 2, size.width(),
                             size.height());
        p->drawPixmap(picture.topLeft(), pixmap);
        p->setPen(QPen(current ? t.aubergine : t.hairline, 1));
        p->setBrush(Qt::NoBrush);
        p->drawRect(picture.adjusted(-0.5, -0.5, 0.5, 0.5));
        const Case::Counts n = model.owner().counts(c);
        const QRectF bottom(cell.left() + 8, cell.bottom() - atTypeSize(26), cell.width() - 14, atTypeSize(22));
        p->setPen(t.ink);
        QFont f = option.font;
        f.setPixelSize(atTypeSize(12));
        p->setFont(f);
        p->drawText(bottom.adjusted(0, 0, -52, 0), Qt::AlignVCenter | Qt::AlignLeft,
                    QFontMetrics(f).elidedText(c.name, Qt::ElideRight, int(bottom.width()) - 52));
        if (c.reading == Capture::Reading::Done) {
            const double share = n.all() == 0 ? 1.0 : double(n.settled()) / n.all();
            const double closed = n.open ? std::min(share, 0.85) : share;
            paintLid(*p, QRectF(bottom.right() - 26, bottom.top() + 3, 24, 16), closed, closed >= 1 ? t.pine : t.ink,
                     t.clay);
            if (n.open > 0) {
                p->setPen(t.dark ? t.clay : t.clay.darker(120));
                p->drawText(bottom.adjusted(0, 0, -32, 0), Qt::AlignVCenter | Qt::AlignRight, QString::number(n.open));
            }
        } else {
            p->setPen(c.reading == Capture::Reading::Failed ? t.brick : t.faint);
            const QString state = c.reading == Capture::Reading::Failed    ? Tr::tr("not read")
                                  : c.reading == Capture::Reading::Running ? Tr::tr("reading")
                                                                           : Tr::tr("waiting");
            p->drawText(bottom, Qt::AlignVCenter | Qt::AlignRight, state);
        }
        p->restore();
    }

private:
    const Theme& m_theme;
};

} // namespace

Strip::Strip(Case& owner, CaseKeeper& keeper, Selection& selection, const Theme& theme, QWidget* parent)
    : QListView(parent), m_case(owner), m_model(new StripModel(owner, keeper, this)), m_selection(selection) {
    setObjectName(QStringLiteral("strip"));
    setAccessibleName(Tr::tr("Captures of the case"));
    setModel(m_model);
    setItemDelegate(new StripDelegate(theme, this));
    setFixedWidth(thumbnailSize.width() + 34 + atTypeSize(60) - 60); // names are wider where type is
    setUniformItemSizes(true);
    setVerticalScrollMode(ScrollPerPixel);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFrameShape(QFrame::NoFrame);
    connect(&m_selection, &Selection::captureChanged, this, &Strip::showCurrent);
    connect(m_model, &QAbstractItemModel::modelReset, this, &Strip::showCurrent);
    setDragDropMode(QAbstractItemView::InternalMove);
    setDropIndicatorShown(true);
    connect(this, &QListView::clicked, this, &Strip::captureChosen);
}

void Strip::showCurrent() {
    const int row = m_model->rowOf(m_selection.capture());
    if (row >= 0)
        setCurrentIndex(m_model->index(row));
    else
        clearSelection();
}

void Strip::currentChanged(const QModelIndex& current, const QModelIndex& previous) {
    QListView::currentChanged(current, previous);
    if (!current.isValid()) return;
    const int id = current.data(captureRole).toInt();
    if (id == m_selection.capture()) return;
    m_selection.showCapture(id);
    emit captureChosen();
}

// A screen reader selects a capture without going to it.
void Strip::selectionChanged(const QItemSelection& now, const QItemSelection& before) {
    QListView::selectionChanged(now, before);
    if (const QModelIndexList rows = selectedIndexes(); rows.size() == 1 && rows.first() != currentIndex())
        setCurrentIndex(rows.first());
}

void Strip::contextMenuEvent(QContextMenuEvent* event) {
    const QModelIndex index = indexAt(event->pos());
    if (!index.isValid()) return;
    const int id = index.data(captureRole).toInt();
    QMenu menu;
    QAction* rename = menu.addAction(Tr::tr("Rename…"));
    QAction* copy = menu.addAction(Tr::tr("Copy into another case…"));
    menu.addSeparator();
    QAction* remove = menu.addAction(Tr::tr("Remove from the case"));
    const QAction* chosen = menu.exec(event->globalPos());
    if (chosen == rename) emit renameAsked(id);
    if (chosen == copy) emit copyAsked(id);
    if (chosen == remove) emit removeAsked(id);
}

// Within the strip it changes places; outside of it it is a sanitised file, made and checked while it is dragged.
void Strip::startDrag(Qt::DropActions) {
    const QModelIndex index = currentIndex();
    if (!index.isValid()) return;
    QMimeData* held = m_give ? m_give(index.data(captureRole).toInt()) : new QMimeData;
    const std::unique_ptr<QMimeData> moved(m_model->mimeData({index}));
    for (const QString& format : moved->formats()) held->setData(format, moved->data(format));
    auto* drag = new QDrag(this);
    drag->setMimeData(held);
    drag->setPixmap(m_model->thumbnail(*m_model->at(index), devicePixelRatioF()));
    drag->exec(Qt::MoveAction | Qt::CopyAction, Qt::CopyAction);
}

// The case moves the capture; the view has nothing to take out itself.
void Strip::dropEvent(QDropEvent* event) {
    const int id = currentIndex().data(captureRole).toInt();
    event->setDropAction(Qt::CopyAction);
    event->accept();
    letGo(id, event->position());
}

void Strip::letGo(int id, const QPointF& at) {
    const QModelIndex under = indexAt(at.toPoint());
    const int from = m_model->rowOf(id);
    int to = under.isValid() ? under.row() : m_model->rowCount() - 1;
    const bool below = under.isValid() && at.y() > visualRect(under).center().y();
    if (under.isValid() && to > from && !below) --to;
    if (under.isValid() && to < from && below) ++to;
    m_case.moveCapture(id, to);
}

} // namespace eyelid
