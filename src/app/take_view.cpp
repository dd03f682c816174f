#include "app/take_view.h"

#include "app/theme.h"

#include <QApplication>
#include <QCheckBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace eyelid {

DeskMap::DeskMap(const DeskLayout& layout, std::vector<QImage> windows, QWidget* parent)
    : QWidget(parent), m_layout(layout), m_windows(std::move(windows)) {
    setMouseTracking(true);
    setMinimumSize(420, 220);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(QStringLiteral("Map of the desk"));
}

void DeskMap::setTarget(const Target& target) {
    m_target = target;
    update();
}

QRectF DeskMap::placed(const QRect& r) const {
    const QRect bounds = m_layout.bounds();
    const QRectF view = QRectF(rect()).adjusted(12, 12, -12, -30);
    const double scale = std::min(view.width() / bounds.width(), view.height() / bounds.height());
    const QSizeF size = QSizeF(bounds.size()) * scale;
    const QPointF corner(view.center().x() - size.width() / 2, view.center().y() - size.height() / 2);
    return QRectF(corner + QPointF(r.topLeft() - bounds.topLeft()) * scale, QSizeF(r.size()) * scale);
}

Target DeskMap::targetAt(const QPointF& point) const {
    for (const DeskWindow& w : m_layout.windows)
        if (placed(w.geometry).contains(point)) return {Target::What::Window, w.id, {}};
    for (const Monitor& m : m_layout.monitors)
        if (placed(m.geometry).contains(point)) return {Target::What::Monitor, m.name, {}};
    return {Target::What::Desk, {}, {}};
}

void DeskMap::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const Theme& t = theme(*qApp);
    const QRect bounds = m_layout.bounds();
    QRectF chosen = placed(bounds);
    for (const Monitor& m : m_layout.monitors) {
        const QRectF r = placed(m.geometry);
        p.fillRect(r, t.dark ? QColor(0x3a, 0x44, 0x48) : QColor(0xb9, 0xc6, 0xc6));
        p.setPen(QPen(t.ink, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(r, 3, 3);
        p.setPen(t.faint);
        p.drawText(QRectF(r.left(), r.bottom() + 4, r.width(), 18), Qt::AlignHCenter | Qt::AlignTop,
                   QStringLiteral("%1 · %2 × %3 at %4×")
                       .arg(m.name)
                       .arg(m.geometry.width())
                       .arg(m.geometry.height())
                       .arg(m.scale));
        if (m_target.what == Target::What::Monitor && m_target.id == m.name) chosen = r;
    }
    for (size_t i = m_layout.windows.size(); i-- > 0;) {
        const QRectF r = placed(m_layout.windows[i].geometry);
        if (m_windows[i].isNull())
            p.fillRect(r, t.paper);
        else
            p.drawImage(r, m_windows[i]);
        p.setPen(QPen(t.hairline, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(r);
    }
    for (const DeskWindow& w : m_layout.windows)
        if (m_target.what == Target::What::Window && m_target.id == w.id) chosen = placed(w.geometry);
    QColor wash = t.aubergine;
    wash.setAlpha(46);
    p.setBrush(wash);
    p.setPen(QPen(t.dark ? t.oat : t.paper, 5));
    p.drawRoundedRect(chosen.adjusted(-1, -1, 1, 1), 4, 4);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.aubergine, 2.5));
    p.drawRoundedRect(chosen.adjusted(-1, -1, 1, 1), 4, 4);
}

void DeskMap::mouseMoveEvent(QMouseEvent* event) {
    emit hovered(targetAt(event->position()));
}
void DeskMap::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton) emit chosen(targetAt(event->position()));
}

TakeView::TakeView(const Source& source, QWidget* parent) : QDialog(parent), m_source(source) {
    setWindowTitle(QStringLiteral("Take"));
    setObjectName(QStringLiteral("takeView"));
    resize(940, 460);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    auto* title = new QLabel(QStringLiteral("What should be taken?"));
    title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(title);
    auto desk = source.layout();
    if (!desk) {
        auto* trouble = new QLabel(desk.error().sentence);
        trouble->setWordWrap(true);
        layout->addWidget(trouble);
        return;
    }
    m_layout = *desk;
    auto* hint = new QLabel(
        source.description() +
        QStringLiteral(" Click a window, a monitor or the space around them; what will be taken is outlined."));
    hint->setProperty("role", QStringLiteral("faint"));
    hint->setWordWrap(true);
    layout->addWidget(hint);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    // Each window by itself: so it is seen whole on the map, and Eyelid is not.
    std::vector<QImage> miniatures;
    for (const DeskWindow& w : m_layout.windows) {
        auto picture = source.take({Target::What::Window, w.id, {}});
        miniatures.push_back(picture ? picture->scaledToWidth(std::min(picture->width(), 480), Qt::SmoothTransformation)
                                     : QImage());
    }
    m_map = new DeskMap(m_layout, std::move(miniatures));
    row->addWidget(m_map, 1);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("targets"));
    m_list->setAccessibleName(QStringLiteral("What can be taken"));
    m_list->setFixedWidth(270);
    m_list->setWordWrap(false);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setTextElideMode(Qt::ElideRight);
    row->addWidget(m_list);
    layout->addLayout(row, 1);
    m_targets.push_back({Target::What::Desk, {}, {}});
    for (const Monitor& m : m_layout.monitors) m_targets.push_back({Target::What::Monitor, m.name, {}});
    for (const DeskWindow& w : m_layout.windows) m_targets.push_back({Target::What::Window, w.id, {}});
    const Theme& t = theme(*qApp);
    for (const Target& target : m_targets) {
        auto* item = new QListWidgetItem(
            themedIcon(target.what == Target::What::Window ? QStringLiteral("app-window") : QStringLiteral("monitor"),
                       t.ink),
            describe(target));
        item->setToolTip(describe(target));
        m_list->addItem(item);
    }
    auto* buttons = new QHBoxLayout;
    m_delay = new QSpinBox;
    m_delay->setRange(0, 3600);
    m_delay->setSuffix(QStringLiteral(" s"));
    m_delay->setSpecialValueText(QStringLiteral("at once"));
    m_delay->setAccessibleName(QStringLiteral("Delay in seconds"));
    m_delay->setToolTip(
        QStringLiteral("Time to open a menu or to bring something into view; Eyelid is out of the way meanwhile"));
    m_pointer = new QCheckBox(QStringLiteral("with the pointer"));
    m_frame = new QCheckBox(QStringLiteral("with window frames"));
    m_frame->setChecked(true);
    buttons->addWidget(new QLabel(QStringLiteral("Take")));
    buttons->addWidget(m_delay);
    buttons->addSpacing(10);
    buttons->addWidget(m_pointer);
    buttons->addWidget(m_frame);
    buttons->addStretch();
    auto* close = new QPushButton(QStringLiteral("Close"));
    m_take = new QPushButton;
    m_take->setObjectName(QStringLiteral("takeButton"));
    m_take->setProperty("primary", true);
    m_take->setDefault(true);
    buttons->addWidget(close);
    buttons->addWidget(m_take);
    layout->addLayout(buttons);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_take, &QPushButton::clicked, this, &TakeView::take);
    connect(m_map, &DeskMap::hovered, this, &TakeView::choose);
    connect(m_map, &DeskMap::chosen, this, [this](const Target& target) {
        choose(target);
        take();
    });
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int r) {
        if (r >= 0) choose(m_targets[size_t(r)]);
    });
    connect(m_list, &QListWidget::itemActivated, this, &TakeView::take);
    // A window is what is meant most often; nothing is remembered from the last time.
    m_list->setCurrentRow(int(m_layout.monitors.size()) + 1);
    m_list->setFocus();
}

QString TakeView::describe(const Target& target) const {
    if (target.what == Target::What::Desk) {
        const QRect b = m_layout.bounds();
        return QStringLiteral("Whole desk, %1 × %2").arg(b.width()).arg(b.height());
    }
    for (const Monitor& m : m_layout.monitors)
        if (target.what == Target::What::Monitor && m.name == target.id)
            return QStringLiteral("Monitor %1, %2 × %3").arg(m.name).arg(m.geometry.width()).arg(m.geometry.height());
    for (const DeskWindow& w : m_layout.windows)
        if (w.id == target.id) return w.title;
    return {};
}

void TakeView::choose(const Target& target) {
    m_map->setTarget(target);
    for (size_t i = 0; i < m_targets.size(); ++i)
        if (m_targets[i].what == target.what && m_targets[i].id == target.id) {
            const QSignalBlocker quiet(m_list);
            m_list->setCurrentRow(int(i));
        }
    m_take->setText(target.what == Target::What::Desk      ? QStringLiteral("Take the whole desk")
                    : target.what == Target::What::Monitor ? QStringLiteral("Take this monitor")
                                                           : QStringLiteral("Take this window"));
}

void TakeView::take() {
    const Target target = m_targets[size_t(std::max(0, m_list->currentRow()))];
    accept();
    emit chosen(target, {m_pointer->isChecked(), m_frame->isChecked()}, m_delay->value(), describe(target));
}

} // namespace eyelid
