#include "app/taking/region_overlay.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QCloseEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QRegularExpression>
#include <QScreen>

namespace eyelid {
namespace {

// The overlay looks the same over light and dark desks, so it has its colours for itself: a dusk of the brand's colour
// around what is chosen, the brand's colour between paper for the lines.
const QColor dusk(0x24, 0x12, 0x20, 150), paper(0xff, 0xfd, 0xf9), ink(0x2c, 0x25, 0x30), aubergine(0x5a, 0x2f, 0x52);

void pill(QPainter& p, const QRectF& r) {
    p.setPen(QPen(QColor(0xdd, 0xd4, 0xc6), 1));
    p.setBrush(paper);
    p.drawRoundedRect(r, 6, 6);
}

} // namespace

RegionOverlay::RegionOverlay(FrozenDesk desk, RegionChooser::Mode mode, bool real, const TakeOptions& options,
                             QObject* parent)
    : QObject(parent), m_chooser(std::move(desk), mode), m_options(options), m_real(real) {
    m_chooser.setFrame(options.frame);
}

RegionOverlay::~RegionOverlay() = default;

void RegionOverlay::open() {
    const QRect whole(m_chooser.desk().corner, m_chooser.desk().picture.size());
    if (m_real) {
        for (QScreen* screen : QGuiApplication::screens()) {
            // Qt keeps a screen's corner in device pixels and its size in the interface's.
            const QRect part(screen->geometry().topLeft(),
                             (QSizeF(screen->geometry().size()) * screen->devicePixelRatio()).toSize());
            if (!part.intersects(whole)) continue;
            auto pane = std::make_unique<OverlayPane>(*this, part);
            pane->setScreen(screen);
            pane->setGeometry(screen->geometry());
            m_panes.push_back(std::move(pane));
        }
    }
    if (m_panes.empty()) {
        m_panes.push_back(std::make_unique<OverlayPane>(*this, whole));
        m_panes.back()->setGeometry(QGuiApplication::primaryScreen()->geometry());
    }
    for (auto& pane : m_panes) pane->showFullScreen();
    m_panes.front()->activateWindow();
    m_panes.front()->setFocus();
}

std::vector<QWidget*> RegionOverlay::panes() const {
    std::vector<QWidget*> all;
    for (const auto& pane : m_panes) all.push_back(pane.get());
    return all;
}

void RegionOverlay::changed() {
    for (auto& pane : m_panes) pane->update();
}

void RegionOverlay::take() {
    if (m_over) return;
    if (m_chooser.region().isEmpty()) return;
    const QImage picture = m_chooser.cut();
    if (picture.isNull() && m_chooser.mode() != RegionChooser::Mode::Point) return; // an outline of nothing
    m_over = true;
    for (auto& pane : m_panes) pane->hide();
    TakeOptions options = m_options;
    options.frame = m_chooser.frame();
    emit taken(m_chooser.target(), picture, options);
}

void RegionOverlay::leave() {
    if (m_over) return;
    m_over = true;
    for (auto& pane : m_panes) pane->hide();
    emit left();
}

void RegionOverlay::key(QKeyEvent* event) {
    const int by = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    const auto arrow = [&](int dx, int dy) {
        if (event->modifiers() & Qt::ControlModifier)
            m_chooser.stretch(dx * by, dy * by);
        else
            m_chooser.nudge(dx * by, dy * by);
        m_typed.clear();
    };
    const QString text = event->text();
    switch (event->key()) {
    case Qt::Key_Escape:
        if (!m_typed.isEmpty()) {
            m_typed.clear();
            break;
        }
        return leave();
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return take();
    case Qt::Key_Left:
        arrow(-1, 0);
        break;
    case Qt::Key_Right:
        arrow(1, 0);
        break;
    case Qt::Key_Up:
        arrow(0, -1);
        break;
    case Qt::Key_Down:
        arrow(0, 1);
        break;
    case Qt::Key_Tab:
        m_chooser.cycle(1);
        break;
    case Qt::Key_Backtab:
        m_chooser.cycle(-1);
        break;
    case Qt::Key_Backspace:
        m_typed.chop(1);
        break;
    case Qt::Key_F:
        m_chooser.setFrame(!m_chooser.frame());
        break;
    case Qt::Key_P:
        m_chooser.setPanes(!m_chooser.panes());
        break;
    case Qt::Key_R:
        m_chooser.setMode(RegionChooser::Mode::Region);
        break;
    case Qt::Key_L:
        m_chooser.setMode(RegionChooser::Mode::Outline);
        break;
    case Qt::Key_W:
        m_chooser.setMode(RegionChooser::Mode::Point);
        break;
    default:
        if (text.size() == 1 && m_chooser.mode() == RegionChooser::Mode::Region &&
            (text[0].isDigit() || QStringLiteral("x*×,").contains(text[0]))) {
            m_typed += text[0].isDigit() ? text[0] : QChar(0xd7);
            static const QRegularExpression size(QStringLiteral("^(\\d{1,5})×(\\d{1,5})$"));
            if (const auto match = size.match(m_typed); match.hasMatch())
                m_chooser.setSize({match.captured(1).toInt(), match.captured(2).toInt()});
        }
    }
    changed();
}

OverlayPane::OverlayPane(RegionOverlay& overlay, const QRect& part)
    : QWidget(nullptr, Qt::Window | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint), m_overlay(overlay),
      m_part(part) {
    setWindowTitle(Tr::tr("Choose what to take"));
    setAccessibleName(windowTitle());
    setObjectName(QStringLiteral("overlayPane"));
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::CrossCursor);
    setAttribute(Qt::WA_OpaquePaintEvent);
}

QRectF OverlayPane::shownRect() const {
    const double s = std::min(double(width()) / m_part.width(), double(height()) / m_part.height());
    const QSizeF size = QSizeF(m_part.size()) * s;
    return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

double OverlayPane::scale() const {
    return shownRect().width() / m_part.width();
}

QPoint OverlayPane::toDesk(const QPointF& at) const {
    const QPointF d = (at - shownRect().topLeft()) / scale();
    return m_part.topLeft() + QPoint(int(std::floor(d.x())), int(std::floor(d.y())));
}

QPointF OverlayPane::fromDesk(const QPointF& at) const {
    return shownRect().topLeft() + (at - QPointF(m_part.topLeft())) * scale();
}

int OverlayPane::reach() const {
    return std::max(2, int(std::lround(7 / scale())));
}

void OverlayPane::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), QColor(0x18, 0x0c, 0x16));
    const RegionChooser& chooser = m_overlay.chooser();
    const QRectF shown = shownRect();
    p.setRenderHint(QPainter::SmoothPixmapTransform, scale() * devicePixelRatioF() < 0.99);
    p.drawImage(shown, chooser.desk().picture, QRectF(m_part.translated(-chooser.desk().corner)));
    const QRect chosen = chooser.region();
    const QRectF region = chosen.isEmpty() ? QRectF()
                                           : QRectF(fromDesk(chosen.topLeft()),
                                                    fromDesk(QPointF(chosen.right() + 1, chosen.bottom() + 1)));
    p.setRenderHint(QPainter::Antialiasing);
    QPainterPath around;
    around.addRect(shown);
    if (chooser.mode() == RegionChooser::Mode::Outline) {
        QPolygonF line;
        for (const QPoint& point : chooser.outline()) line << fromDesk(point);
        QPainterPath inside;
        inside.setFillRule(Qt::WindingFill);
        inside.addPolygon(line);
        inside.closeSubpath();
        p.fillPath(line.size() > 2 ? around.subtracted(inside) : around, dusk);
        if (line.size() > 1) {
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(paper, 4.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p.drawPath(inside);
            p.setPen(QPen(aubergine, 1.6, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
            p.drawPath(inside);
        }
    } else {
        if (!region.isNull()) {
            QPainterPath inside;
            inside.addRect(region);
            around = around.subtracted(inside);
        }
        p.fillPath(around, dusk);
        if (!region.isNull()) paintRegion(p, region);
    }
    if (!region.isNull()) paintLabel(p, region);
    if (m_part.contains(chooser.pointer()) && chooser.mode() != RegionChooser::Mode::Point) paintMagnifier(p);
    paintHints(p);
}

void OverlayPane::paintRegion(QPainter& p, const QRectF& region) {
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(paper, 4.6));
    p.drawRect(region.adjusted(-0.5, -0.5, 0.5, 0.5));
    p.setPen(QPen(aubergine, 1.6));
    p.drawRect(region.adjusted(-0.5, -0.5, 0.5, 0.5));
    if (m_overlay.chooser().mode() != RegionChooser::Mode::Region) return;
    // Handles: short lashes that point outwards.
    const QPointF c = region.center();
    const std::pair<QPointF, QPointF> lashes[] = {{region.topLeft(), {-1, -1}},      {region.topRight(), {1, -1}},
                                                  {region.bottomLeft(), {-1, 1}},    {region.bottomRight(), {1, 1}},
                                                  {{c.x(), region.top()}, {0, -1}},  {{c.x(), region.bottom()}, {0, 1}},
                                                  {{region.left(), c.y()}, {-1, 0}}, {{region.right(), c.y()}, {1, 0}}};
    for (const auto& [at, way] : lashes) {
        const QPointF to = at + way * (way.x() != 0 && way.y() != 0 ? 7.5 : 10);
        p.setPen(QPen(paper, 6.4, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(at, to);
        p.setPen(QPen(aubergine, 3, Qt::SolidLine, Qt::RoundCap));
        p.drawLine(at, to);
    }
}

void OverlayPane::paintLabel(QPainter& p, const QRectF& region) {
    const RegionChooser& chooser = m_overlay.chooser();
    const QRect chosen = chooser.region();
    // On the screen that holds the region's lower left corner.
    if (!m_part.contains(QPoint(chosen.left(), std::min(chosen.bottom(), m_part.bottom())))) return;
    QString text = sentence(Tr::tr("%1 × %2"), chosen.width(), chosen.height());
    if (!m_overlay.typed().isEmpty()) text = m_overlay.typed() + QStringLiteral("▏");
    if (const QString title = chooser.title(); !title.isEmpty()) {
        text = QFontMetrics(font()).elidedText(title, Qt::ElideRight, 360) + QStringLiteral("   ") + text;
        if (chooser.target().what == Target::What::Window)
            text = sentence(chooser.frame() ? Tr::tr("%1   with frame") : Tr::tr("%1   without frame"), text);
    }
    QFont f = font();
    f.setWeight(QFont::DemiBold);
    p.setFont(f);
    const QSizeF size(QFontMetricsF(f).horizontalAdvance(text) + 20, 26);
    QPointF at(region.left(), region.bottom() + 12);
    if (at.y() + size.height() > height() - 4) at.setY(region.top() - 12 - size.height());
    if (at.y() < 4) at = region.topLeft() + QPointF(12, 12);
    at.setX(std::clamp(at.x(), 4.0, std::max(4.0, width() - size.width() - 4)));
    const QRectF r(at, size);
    pill(p, r);
    p.setPen(ink);
    p.drawText(r, Qt::AlignCenter, text);
}

void OverlayPane::paintMagnifier(QPainter& p) {
    constexpr int pixels = 17, zoom = 9, side = pixels * zoom;
    const RegionChooser& chooser = m_overlay.chooser();
    const QPoint at = chooser.pointer();
    const QPointF here = fromDesk(at);
    QRectF lens(here + QPointF(26, 26), QSizeF(side, side));
    constexpr double below = 30;
    if (lens.right() > width() - 6) lens.moveRight(here.x() - 26);
    if (lens.bottom() + below > height() - 6) lens.moveBottom(here.y() - 26 - below);
    pill(p, lens.adjusted(-5, -5, 5, 5 + below));
    const QImage& desk = chooser.desk().picture;
    const QPoint centre = at - chooser.desk().corner;
    p.setRenderHint(QPainter::Antialiasing, false);
    for (int v = 0; v < pixels; ++v)
        for (int u = 0; u < pixels; ++u) {
            const QPoint from = centre + QPoint(u - pixels / 2, v - pixels / 2);
            p.fillRect(QRectF(lens.left() + u * zoom, lens.top() + v * zoom, zoom, zoom),
                       desk.rect().contains(from) ? QColor(desk.pixel(from)) : QColor(0x18, 0x0c, 0x16));
        }
    p.setPen(QPen(QColor(128, 118, 122, 70), 1));
    for (int i = 1; i < pixels; ++i) {
        p.drawLine(QPointF(lens.left() + i * zoom, lens.top()), QPointF(lens.left() + i * zoom, lens.bottom()));
        p.drawLine(QPointF(lens.left(), lens.top() + i * zoom), QPointF(lens.right(), lens.top() + i * zoom));
    }
    const QRectF middle(lens.left() + pixels / 2 * zoom, lens.top() + pixels / 2 * zoom, zoom, zoom);
    p.setPen(QPen(paper, 4.6));
    p.setBrush(Qt::NoBrush);
    p.drawRect(middle);
    p.setPen(QPen(ink, 1));
    p.drawRect(middle);
    p.setRenderHint(QPainter::Antialiasing);
    const QColor colour = desk.rect().contains(centre) ? QColor(desk.pixel(centre)) : QColor();
    const QRectF swatch(lens.left(), lens.bottom() + 8, 16, 16);
    p.setPen(QPen(ink, 1));
    p.setBrush(colour);
    p.drawRoundedRect(swatch, 3, 3);
    p.setFont(valueFont(11));
    p.drawText(QRectF(swatch.right() + 6, lens.bottom() + 4, side - 22, 24), Qt::AlignLeft | Qt::AlignVCenter,
               sentence(Tr::tr("%1 %2,%3"), colour.name().toUpper(), at.x(), at.y()));
}

void OverlayPane::paintHints(QPainter& p) {
    const RegionChooser& chooser = m_overlay.chooser();
    QString text;
    switch (chooser.mode()) {
    case RegionChooser::Mode::Region:
        text = chooser.region().isEmpty()
                   ? Tr::tr("Drag over what to take, or click a window    Alt: no snapping    Tab: next window    "
                            "L: draw around    W: point    Esc: leave")
                   : Tr::tr("Enter: take    Arrows: move, Shift by 10, Ctrl: size    Type 640x480    Alt: no "
                            "snapping    Esc: leave");
        break;
    case RegionChooser::Mode::Outline:
        text = Tr::tr("Draw a line around what to take    Enter: take    R: region    W: point    Esc: leave");
        break;
    case RegionChooser::Mode::Point:
        text = Tr::tr("Click takes what is outlined    F: frame %1    P: parts of windows %2    Tab: next    R: "
                      "region    Esc: leave")
                   .arg(chooser.frame() ? Tr::tr("on") : Tr::tr("off"), chooser.panes() ? Tr::tr("on") : Tr::tr("off"));
        break;
    }
    p.setFont(font());
    const QFontMetricsF metrics(font());
    const QSizeF size(std::min(metrics.horizontalAdvance(text) + 28, width() - 16.0), 32);
    QRectF r(QPointF((width() - size.width()) / 2, height() - size.height() - 14), size);
    // Out of the way of the pointer.
    if (r.adjusted(-40, -60, 40, 60).contains(fromDesk(chooser.pointer()))) r.moveTop(14);
    pill(p, r);
    p.setPen(ink);
    p.drawText(r.adjusted(14, 0, -14, 0), Qt::AlignCenter, metrics.elidedText(text, Qt::ElideRight, r.width() - 28));
}

void OverlayPane::refreshCursor(const QPoint& at) {
    using Grip = RegionChooser::Grip;
    Qt::CursorShape shape = Qt::CrossCursor;
    if (m_overlay.chooser().mode() == RegionChooser::Mode::Point) shape = Qt::PointingHandCursor;
    switch (m_overlay.chooser().gripAt(at, reach())) {
    case Grip::Inside:
        shape = Qt::SizeAllCursor;
        break;
    case Grip::Left:
    case Grip::Right:
        shape = Qt::SizeHorCursor;
        break;
    case Grip::Top:
    case Grip::Bottom:
        shape = Qt::SizeVerCursor;
        break;
    case Grip::TopLeft:
    case Grip::BottomRight:
        shape = Qt::SizeFDiagCursor;
        break;
    case Grip::TopRight:
    case Grip::BottomLeft:
        shape = Qt::SizeBDiagCursor;
        break;
    case Grip::None:
        break;
    }
    if (cursor().shape() != shape) setCursor(shape);
}

void OverlayPane::mousePressEvent(QMouseEvent* event) {
    if (event->button() == Qt::RightButton) return m_overlay.leave();
    if (event->button() != Qt::LeftButton) return;
    m_overlay.chooser().press(toDesk(event->position()), reach(), event->modifiers() & Qt::AltModifier);
    m_overlay.changed();
}

void OverlayPane::mouseMoveEvent(QMouseEvent* event) {
    const QPoint at = toDesk(event->position());
    m_overlay.chooser().move(at, reach(), event->modifiers() & Qt::AltModifier);
    if (!m_overlay.chooser().dragging()) refreshCursor(at);
    m_overlay.changed();
}

void OverlayPane::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    m_overlay.chooser().release(toDesk(event->position()), reach(), event->modifiers() & Qt::AltModifier);
    if (m_overlay.chooser().mode() == RegionChooser::Mode::Point) return m_overlay.take();
    m_overlay.changed();
}

void OverlayPane::mouseDoubleClickEvent(QMouseEvent* event) {
    // In the region: take it.
    if (event->button() == Qt::LeftButton && m_overlay.chooser().region().contains(toDesk(event->position())))
        m_overlay.take();
}

void OverlayPane::keyPressEvent(QKeyEvent* event) {
    m_overlay.key(event);
}

void OverlayPane::closeEvent(QCloseEvent* event) {
    event->ignore();
    m_overlay.leave();
}

bool OverlayPane::event(QEvent* event) {
    // Tab is a key of the overlay, not of the focus.
    if (event->type() == QEvent::KeyPress) {
        auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab) {
            m_overlay.key(key);
            return true;
        }
    }
    return QWidget::event(event);
}

} // namespace eyelid
