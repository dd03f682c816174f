#include "app/releasing/pinned_picture.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QContextMenuEvent>
#include <QGuiApplication>
#include <QMenu>
#include <QPainter>
#include <QScreen>

namespace eyelid {
namespace {

constexpr int frame = 1, nudge = 8;
constexpr double zoomStep = 1.1, leastZoom = 0.1, mostZoom = 8, opacityStep = 0.1, leastOpacity = 0.2;
constexpr int leastSide = 24;       // pixels: still to be seen and taken hold of
constexpr double screenShare = 0.8; // it begins no larger than this
constexpr int cascade = 28;

} // namespace

PinnedPicture::PinnedPicture(const QImage& picture, const Theme& theme)
    : QWidget(nullptr, Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint), m_theme(theme),
      m_picture(picture) {
    setObjectName(QStringLiteral("pinnedPicture"));
    setWindowTitle(Tr::tr("Sanitised picture"));
    setAccessibleName(windowTitle());
    setAccessibleDescription(Tr::tr("Plus and minus zoom, the brackets make it see-through, Escape closes."));
    setAttribute(Qt::WA_QuitOnClose, false);
    setAttribute(Qt::WA_OpaquePaintEvent);
    setCursor(Qt::SizeAllCursor);
    setZoom(1 / devicePixelRatioF());
}

void PinnedPicture::showOn(const QWidget& window, int nth) {
    const QScreen* screen = window.screen() ? window.screen() : QGuiApplication::primaryScreen();
    const QRect place = screen->availableGeometry();
    const double fits = std::min({1 / devicePixelRatioF(), screenShare * place.width() / m_picture.width(),
                                  screenShare * place.height() / m_picture.height()});
    setZoom(fits);
    QRect here(QPoint(0, 0), size());
    here.moveCenter(place.center() + QPoint(nth, nth) * cascade);
    move(here.topLeft());
    show();
    activateWindow();
    setFocus();
}

void PinnedPicture::setZoom(double zoom) {
    const int shorter = std::max(1, std::min(m_picture.width(), m_picture.height()));
    m_zoom = std::clamp(zoom, std::max(leastZoom, std::min(1.0, double(leastSide) / shorter)), mostZoom);
    const QPoint centre = geometry().center();
    const QSizeF shown = QSizeF(m_picture.size()) * m_zoom;
    resize(int(std::lround(shown.width())) + 2 * frame, int(std::lround(shown.height())) + 2 * frame);
    if (isVisible()) {
        QRect here = geometry();
        here.moveCenter(centre);
        move(here.topLeft());
    }
    update();
}

void PinnedPicture::setSeeThrough(double opacity) {
    setWindowOpacity(std::clamp(opacity, leastOpacity, 1.0));
}

void PinnedPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, m_zoom * devicePixelRatioF() < 2);
    painter.fillRect(rect(), m_theme.aubergine);
    painter.drawImage(rect().adjusted(frame, frame, -frame, -frame), m_picture);
}

void PinnedPicture::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
    case Qt::Key_Escape:
        close();
        break;
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        setZoom(m_zoom * zoomStep);
        break;
    case Qt::Key_Minus:
        setZoom(m_zoom / zoomStep);
        break;
    case Qt::Key_0:
        setZoom(1 / devicePixelRatioF());
        break;
    case Qt::Key_BracketLeft:
        setSeeThrough(windowOpacity() - opacityStep);
        break;
    case Qt::Key_BracketRight:
        setSeeThrough(windowOpacity() + opacityStep);
        break;
    case Qt::Key_Left:
        move(pos() - QPoint(nudge, 0));
        break;
    case Qt::Key_Right:
        move(pos() + QPoint(nudge, 0));
        break;
    case Qt::Key_Up:
        move(pos() - QPoint(0, nudge));
        break;
    case Qt::Key_Down:
        move(pos() + QPoint(0, nudge));
        break;
    default:
        QWidget::keyPressEvent(event);
    }
}

void PinnedPicture::wheelEvent(QWheelEvent* event) {
    const double steps = event->angleDelta().y() / 120.0;
    if (event->modifiers() & Qt::ControlModifier)
        setSeeThrough(windowOpacity() + steps * opacityStep);
    else
        setZoom(m_zoom * std::pow(zoomStep, steps));
    event->accept();
}

void PinnedPicture::mousePressEvent(QMouseEvent* event) {
    m_grip = event->globalPosition().toPoint() - pos();
}

void PinnedPicture::mouseMoveEvent(QMouseEvent* event) {
    if (event->buttons() & Qt::LeftButton) move(event->globalPosition().toPoint() - m_grip);
}

void PinnedPicture::mouseDoubleClickEvent(QMouseEvent*) {
    setZoom(1 / devicePixelRatioF());
}

void PinnedPicture::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu(this);
    menu.addAction(Tr::tr("Larger") + QStringLiteral("\t+"), this, [this] { setZoom(m_zoom * zoomStep); });
    menu.addAction(Tr::tr("Smaller") + QStringLiteral("\t-"), this, [this] { setZoom(m_zoom / zoomStep); });
    menu.addAction(Tr::tr("As large as it is") + QStringLiteral("\t0"), this,
                   [this] { setZoom(1 / devicePixelRatioF()); });
    menu.addSeparator();
    menu.addAction(Tr::tr("More see-through") + QStringLiteral("\t["), this,
                   [this] { setSeeThrough(windowOpacity() - opacityStep); });
    menu.addAction(Tr::tr("Less see-through") + QStringLiteral("\t]"), this,
                   [this] { setSeeThrough(windowOpacity() + opacityStep); });
    menu.addSeparator();
    menu.addAction(Tr::tr("Close") + QStringLiteral("\tEsc"), this, [this] { close(); });
    menu.exec(event->globalPos());
}

} // namespace eyelid
