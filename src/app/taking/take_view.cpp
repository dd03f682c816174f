#include "app/taking/take_view.h"

#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QScreen>
#include <QSpinBox>
#include <QTimer>
#include <QVBoxLayout>

namespace eyelid {

HoverOutline::HoverOutline() {
    for (int i = 0; i < 4; ++i) {
        auto strip =
            std::make_unique<QWidget>(nullptr, Qt::ToolTip | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint |
                                                   Qt::BypassWindowManagerHint | Qt::WindowTransparentForInput);
        strip->setAttribute(Qt::WA_ShowWithoutActivating);
        strip->setAttribute(Qt::WA_StyledBackground);
        strip->setStyleSheet(QStringLiteral("background: #5A2F52; border: 1px solid #FFFDF9;"));
        m_strips.push_back(std::move(strip));
    }
}

HoverOutline::~HoverOutline() = default;

void HoverOutline::show(const QRect& place) {
    for (auto& strip : m_strips) strip->hide();
    if (place.isEmpty()) return;
    for (const QScreen* screen : QGuiApplication::screens()) {
        const double ratio = screen->devicePixelRatio();
        const QRect native(screen->geometry().topLeft(), (QSizeF(screen->geometry().size()) * ratio).toSize());
        if (!native.contains(place.center())) continue;
        const QPointF corner = QPointF(place.topLeft() - native.topLeft()) / ratio + QPointF(native.topLeft());
        const QRect r = QRectF(corner, QSizeF(place.size()) / ratio).toAlignedRect();
        constexpr int thick = 4;
        m_strips[0]->setGeometry(r.left(), r.top(), r.width(), thick);
        m_strips[1]->setGeometry(r.left(), r.bottom() - thick + 1, r.width(), thick);
        m_strips[2]->setGeometry(r.left(), r.top(), thick, r.height());
        m_strips[3]->setGeometry(r.right() - thick + 1, r.top(), thick, r.height());
        for (auto& strip : m_strips) strip->show();
        return;
    }
}

TakeView::~TakeView() = default;

void TakeView::hideEvent(QHideEvent* event) {
    if (m_outline) m_outline->show({});
    QDialog::hideEvent(event);
}

TakeView::TakeView(const Source& source, const Theme& theme, const QRect& last, QWidget* parent)
    : QDialog(parent), m_source(source), m_theme(theme) {
    setWindowTitle(Tr::tr("Take"));
    setObjectName(QStringLiteral("takeView"));
    resize(1060, 560);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    auto* title = new QLabel(Tr::tr("What should be taken?"));
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
    auto* hint =
        new QLabel(sentence(Tr::tr("%1 Click a window or a monitor, or drag a region; what will be taken is outlined."),
                            source.description()));
    hint->setProperty("role", QStringLiteral("faint"));
    hint->setWordWrap(true);
    layout->addWidget(hint);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    row->addLayout(makeMap(last), 1);
    makeTargets();
    row->addWidget(m_list);
    layout->addLayout(row, 1);
    layout->addLayout(makeOptions());
    layout->addLayout(makeButtons());
    bind();
    if (source.showsOurselves()) m_outline = std::make_unique<HoverOutline>();
    // A window is what is meant most often; nothing is remembered from the last time.
    m_list->setCurrentRow(int(m_layout.monitors.size()) + 1);
    m_list->setFocus();
    QTimer::singleShot(m_source.settleTime(), this, [this] { takeMiniature(0); });
}

QLayout* TakeView::makeMap(const QRect& last) {
    m_map = new DeskMap(m_layout, m_theme);
    m_map->setToolTip(Tr::tr("Click takes, dragging takes a region; with Shift, a part of a window"));
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    left->addWidget(m_map, 1);
    left->addLayout(makeOnScreen(last));
    return left;
}

// Each window by itself: so it is seen whole on the map, and Eyelid is not. One after the other, so that the dialog is
// there at once; made small aside.
void TakeView::takeMiniature(size_t index) {
    if (index >= m_layout.windows.size() || !isVisible()) return;
    if (auto picture = m_source.take({Target::What::Window, m_layout.windows[index].id, {}}))
        m_lane.start([this, index, whole = *picture] {
            constexpr int widest = 480;
            const QImage small = whole.scaledToWidth(std::min(whole.width(), widest), Qt::SmoothTransformation);
            QMetaObject::invokeMethod(this, [this, index, small] { m_map->setMiniature(index, small); });
        });
    QTimer::singleShot(0, this, [this, index] { takeMiniature(index + 1); });
}

// What is chosen on the screen itself, at full size.
QLayout* TakeView::makeOnScreen(const QRect& last) {
    auto* onScreen = new QHBoxLayout;
    onScreen->setSpacing(8);
    auto* label = new QLabel(Tr::tr("On the screen itself:"));
    label->setProperty("role", QStringLiteral("faint"));
    onScreen->addWidget(label);
    const auto add = [&](const QString& text, const QString& icon, const QString& name, const QString& tip,
                         TakeKind kind) {
        auto* b = new QPushButton(themedIcon(icon, m_theme.ink), text);
        b->setObjectName(name);
        b->setToolTip(tip);
        b->setAutoDefault(false);
        connect(b, &QPushButton::clicked, this, [this, kind] {
            TakeRequest request;
            request.kind = kind;
            ask(request);
        });
        onScreen->addWidget(b);
        return b;
    };
    add(Tr::tr("&Region"), QStringLiteral("square-dashed"), QStringLiteral("takeRegion"),
        Tr::tr("Draw a rectangle on the desk as it stands now"), TakeKind::Region);
    add(Tr::tr("Draw &around"), QStringLiteral("lasso"), QStringLiteral("takeOutline"),
        Tr::tr("Draw a line around a place; nothing outside it is kept"), TakeKind::Outline);
    add(Tr::tr("&Point at it"), QStringLiteral("mouse-pointer-2"), QStringLiteral("takePoint"),
        Tr::tr("Point at a window or a part of one"), TakeKind::Point);
    auto* again = add(last.isEmpty() ? Tr::tr("&Last region")
                                     : sentence(Tr::tr("&Last region, %1 × %2"), last.width(), last.height()),
                      QStringLiteral("repeat"), QStringLiteral("takeLast"),
                      Tr::tr("The same place of the desk once more"), TakeKind::LastRegion);
    again->setEnabled(!last.isEmpty());
    onScreen->addStretch();
    return onScreen;
}

void TakeView::makeTargets() {
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("targets"));
    m_list->setAccessibleName(Tr::tr("What can be taken"));
    m_list->setFixedWidth(270);
    m_list->setWordWrap(false);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setTextElideMode(Qt::ElideRight);
    m_targets.push_back({Target::What::Desk, {}, {}});
    for (const Monitor& m : m_layout.monitors) m_targets.push_back({Target::What::Monitor, m.name, {}});
    for (const DeskWindow& w : m_layout.windows) {
        m_targets.push_back({Target::What::Window, w.id});
        for (const Pane& pane : w.panes) m_targets.push_back({Target::What::Pane, pane.id});
    }
    for (const Target& target : m_targets) {
        const bool pane = target.what == Target::What::Pane;
        const QString icon = target.what == Target::What::Window ? QStringLiteral("app-window")
                             : pane                              ? QStringLiteral("square")
                                                                 : QStringLiteral("monitor");
        auto* item = new QListWidgetItem(themedIcon(icon, m_theme.ink),
                                         (pane ? QStringLiteral("    ") : QString()) + describe(target));
        item->setToolTip(describe(target));
        m_list->addItem(item);
    }
}

QLayout* TakeView::makeOptions() {
    m_pointer = new QCheckBox(Tr::tr("with the pointer"));
    m_frame = new QCheckBox(Tr::tr("with window frames"));
    m_frame->setChecked(true);
    m_scroll = new QCheckBox(Tr::tr("scroll to the end"));
    m_scroll->setObjectName(QStringLiteral("scroll"));
    m_scroll->setToolTip(Tr::tr("Eyelid scrolls the window and joins what it sees into one picture"));
    m_back = new QCheckBox(Tr::tr("come back afterwards"));
    m_back->setChecked(settings::comesBack());
    m_back->setToolTip(Tr::tr("Eyelid comes to the front again; else a small notice says what was taken"));
    auto* options = new QHBoxLayout;
    options->setSpacing(16);
    for (QCheckBox* box : {m_pointer, m_frame, m_scroll, m_back}) options->addWidget(box);
    options->addStretch();
    return options;
}

void TakeView::makeTimes() {
    m_delay = new QDoubleSpinBox;
    m_delay->setObjectName(QStringLiteral("delay"));
    m_delay->setRange(0, 86400);
    m_delay->setDecimals(1);
    m_delay->setSuffix(QStringLiteral(" s"));
    m_delay->setSpecialValueText(Tr::tr("at once"));
    m_delay->setAccessibleName(Tr::tr("Delay in seconds"));
    m_delay->setToolTip(
        Tr::tr("Time to open a menu or to bring something into view; Eyelid is out of the way meanwhile"));
    m_series = new QComboBox;
    m_series->setObjectName(QStringLiteral("series"));
    m_series->setAccessibleName(Tr::tr("Once or in a series"));
    m_series->addItems({Tr::tr("once"), Tr::tr("again every"), Tr::tr("again when it changes by")});
    m_series->setToolTip(Tr::tr("A series goes on until you stop it; pictures the same as the last are left out"));
    m_every = new QDoubleSpinBox;
    m_every->setObjectName(QStringLiteral("every"));
    m_every->setRange(0.2, 86400);
    m_every->setDecimals(1);
    m_every->setValue(5);
    m_every->setSuffix(QStringLiteral(" s"));
    m_every->setAccessibleName(Tr::tr("Seconds between two pictures"));
    m_threshold = new QSpinBox;
    m_threshold->setObjectName(QStringLiteral("threshold"));
    m_threshold->setRange(0, 100);
    m_threshold->setValue(1);
    m_threshold->setSuffix(QStringLiteral(" %"));
    m_threshold->setAccessibleName(Tr::tr("Percent of the picture that must change"));
}

QLayout* TakeView::makeButtons() {
    makeTimes();
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(new QLabel(Tr::tr("Take")));
    for (QWidget* field : std::initializer_list<QWidget*>{m_delay, m_series, m_every, m_threshold})
        buttons->addWidget(field);
    buttons->addStretch();
    auto* close = new QPushButton(Tr::tr("Close"));
    m_take = new QPushButton;
    m_take->setObjectName(QStringLiteral("takeButton"));
    m_take->setProperty("primary", true);
    m_take->setDefault(true);
    buttons->addWidget(close);
    buttons->addWidget(m_take);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    return buttons;
}

void TakeView::bind() {
    connect(m_series, &QComboBox::currentIndexChanged, this, &TakeView::refresh);
    connect(m_scroll, &QCheckBox::toggled, this, &TakeView::refresh);
    connect(m_frame, &QCheckBox::toggled, this, [this] { choose(m_chosen); });
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
}

QString TakeView::describe(const Target& target) const {
    if (target.what == Target::What::Desk) {
        const QRect b = m_layout.bounds();
        return sentence(Tr::tr("Whole desk, %1 × %2"), b.width(), b.height());
    }
    for (const Monitor& m : m_layout.monitors)
        if (target.what == Target::What::Monitor && m.name == target.id)
            return sentence(Tr::tr("Monitor %1, %2 × %3"), m.name, m.geometry.width(), m.geometry.height());
    for (const DeskWindow& w : m_layout.windows) {
        if (w.id == target.id) return w.title;
        for (const Pane& pane : w.panes)
            if (pane.id == target.id)
                return sentence(Tr::tr("Part, %1 × %2"), pane.geometry.width(), pane.geometry.height());
    }
    if (target.what == Target::What::Region)
        return sentence(Tr::tr("Region, %1 × %2"), target.region.width(), target.region.height());
    return {};
}

void TakeView::choose(const Target& target) {
    m_chosen = target;
    m_map->setTarget(target);
    {
        const QSignalBlocker quiet(m_list);
        int row = -1;
        for (size_t i = 0; i < m_targets.size(); ++i)
            if (m_targets[i] == target) row = int(i);
        m_list->setCurrentRow(row);
    }
    if (m_outline) m_outline->show(placeOf(m_layout, target, {false, m_frame->isChecked()}));
    refresh();
}

void TakeView::refresh() {
    const bool window = m_chosen.what == Target::What::Window || m_chosen.what == Target::What::Pane;
    m_scroll->setEnabled(window);
    const bool scroll = m_scroll->isChecked() && window;
    m_series->setEnabled(!scroll);
    m_every->setVisible(m_series->currentIndex() == 1 && !scroll);
    m_threshold->setVisible(m_series->currentIndex() == 2 && !scroll);
    m_frame->setEnabled(m_chosen.what != Target::What::Pane);
    QString text = Tr::tr("Take this window");
    if (m_chosen.what == Target::What::Desk) text = Tr::tr("Take the whole desk");
    if (m_chosen.what == Target::What::Monitor) text = Tr::tr("Take this monitor");
    if (m_chosen.what == Target::What::Pane) text = Tr::tr("Take this part");
    if (m_chosen.what == Target::What::Region) text = Tr::tr("Take this region");
    if (scroll) text = Tr::tr("Scroll and take");
    m_take->setText(text);
}

void TakeView::take() {
    TakeRequest request;
    request.target = m_chosen;
    request.chosen = true;
    const bool window = m_chosen.what == Target::What::Window || m_chosen.what == Target::What::Pane;
    request.scroll = m_scroll->isChecked() && window;
    request.origin = describe(m_chosen);
    ask(request);
}

void TakeView::ask(TakeRequest request) {
    request.options = {m_pointer->isChecked(), m_frame->isChecked()};
    request.timing.delay = m_delay->value();
    request.timing.series = TakeTiming::Series(m_series->currentIndex());
    if (request.scroll) request.timing.series = TakeTiming::Series::Once;
    request.timing.every = m_every->value();
    request.timing.threshold = m_threshold->value();
    request.comeBack = m_back->isChecked();
    accept();
    emit asked(request);
}

} // namespace eyelid
