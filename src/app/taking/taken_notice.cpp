#include "app/taking/taken_notice.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QScreen>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr int stays = 6000; // ms, from when the pointer leaves it

} // namespace

TakenNotice::TakenNotice()
    // Never takes the keyboard from the program one is at.
    : QWidget(nullptr, Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint | Qt::WindowDoesNotAcceptFocus) {
    setAttribute(Qt::WA_ShowWithoutActivating);
    setObjectName(QStringLiteral("takenNotice"));
    setWindowTitle(Tr::tr("Taken"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(10, 10, 10, 10);
    row->setSpacing(12);
    m_thumbnail = new QLabel;
    m_thumbnail->setFixedSize(96, 64);
    m_thumbnail->setAlignment(Qt::AlignCenter);
    row->addWidget(m_thumbnail);
    auto* column = new QVBoxLayout;
    column->setSpacing(6);
    m_text = new QLabel;
    column->addWidget(m_text);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(6);
    auto* open = new QPushButton(Tr::tr("Open"));
    open->setObjectName(QStringLiteral("noticeOpen"));
    auto* away = new QPushButton(Tr::tr("Throw away"));
    away->setObjectName(QStringLiteral("noticeAway"));
    buttons->addWidget(open);
    buttons->addWidget(away);
    buttons->addStretch();
    column->addLayout(buttons);
    row->addLayout(column);
    m_clock.setSingleShot(true);
    m_clock.setInterval(stays);
    connect(&m_clock, &QTimer::timeout, this, &QWidget::hide);
    connect(open, &QPushButton::clicked, this, [this] {
        hide();
        emit openAsked(m_capture);
    });
    connect(away, &QPushButton::clicked, this, [this] {
        hide();
        emit throwAwayAsked(m_capture);
    });
}

void TakenNotice::show(int capture, const QImage& picture, const QRect& near) {
    m_capture = capture;
    const double ratio = devicePixelRatioF();
    QPixmap small = QPixmap::fromImage(picture.scaled(QSizeF(QSizeF(m_thumbnail->size()) * ratio).toSize(),
                                                      Qt::KeepAspectRatio, Qt::SmoothTransformation));
    small.setDevicePixelRatio(ratio);
    m_thumbnail->setPixmap(small);
    m_text->setText(sentence(Tr::tr("Taken: %1 × %2. It is in the case."), picture.width(), picture.height()));
    adjustSize();
    const QScreen* screen = QGuiApplication::screenAt(near.center());
    if (!screen) screen = QGuiApplication::primaryScreen();
    const QRect room = screen->availableGeometry().adjusted(8, 8, -8, -8);
    // Below the place, or above it, or in its lower corner.
    QPoint at(near.right() - width(), near.bottom() + 10);
    if (at.y() + height() > room.bottom()) at.setY(near.top() - 10 - height());
    if (at.y() < room.top()) at.setY(std::min(near.bottom(), room.bottom()) - height() - 10);
    at.setX(std::clamp(at.x(), room.left(), std::max(room.left(), room.right() - width())));
    at.setY(std::clamp(at.y(), room.top(), std::max(room.top(), room.bottom() - height())));
    move(at);
    QWidget::show();
    raise();
    m_clock.start();
}

void TakenNotice::enterEvent(QEnterEvent*) {
    m_clock.stop();
}
void TakenNotice::leaveEvent(QEvent*) {
    m_clock.start();
}

} // namespace eyelid
