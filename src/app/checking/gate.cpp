#include "app/checking/gate.h"

#include "app/cases/lid_gauge.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QDrag>
#include <QHBoxLayout>
#include <QLabel>
#include <QMimeData>
#include <QMouseEvent>
#include <QProgressBar>
#include <QPushButton>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {

Gate::Gate(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    setObjectName(QStringLiteral("gate"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(atTypeSize(64));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(16, 8, 16, 8);
    layout->setSpacing(12);
    m_lid = new LidGauge(theme);
    m_lid->setToolTip(Tr::tr("Drag from here into another program: all captures, sanitised and checked"));
    m_lid->setCursor(Qt::OpenHandCursor);
    m_lid->installEventFilter(this);
    layout->addWidget(m_lid);
    auto* words = new QVBoxLayout;
    words->setSpacing(1);
    m_message = new QLabel;
    m_message->setObjectName(QStringLiteral("gateMessage"));
    m_message->setAccessibleDescription(Tr::tr("What stands in the way of a release")); // its name is what it says
    m_detail = new QLabel;
    m_detail->setProperty("role", QStringLiteral("faint"));
    words->addStretch();
    words->addWidget(m_message);
    words->addWidget(m_detail);
    words->addStretch();
    layout->addLayout(words, 1);
    m_progress = new QProgressBar;
    m_progress->setRange(0, 1000);
    m_progress->setTextVisible(false);
    m_progress->setFixedSize(140, 10);
    m_progress->setAccessibleName(Tr::tr("Progress"));
    layout->addWidget(m_progress);
    m_cancel = new QToolButton;
    m_cancel->setText(Tr::tr("Stop"));
    m_cancel->setToolTip(Tr::tr("Stop reading or checking (Ctrl+.)"));
    m_cancel->setAccessibleName(Tr::tr("Stop reading or checking"));
    connect(m_cancel, &QToolButton::clicked, this, &Gate::cancelAsked);
    layout->addWidget(m_cancel);
    m_read = new QPushButton(Tr::tr("Read now"));
    m_read->setObjectName(QStringLiteral("readButton"));
    m_read->setToolTip(Tr::tr("Read the captures whose reading was stopped or failed (Ctrl+R)"));
    connect(m_read, &QPushButton::clicked, this, &Gate::readAsked);
    m_read->hide();
    m_cover = new QPushButton(Tr::tr("Cover them"));
    m_cover->setObjectName(QStringLiteral("coverUnderMarks"));
    m_cover->setToolTip(Tr::tr("Cover the open findings that marks lie over"));
    connect(m_cover, &QPushButton::clicked, this, &Gate::coverAsked);
    m_cover->hide();
    m_check = new QPushButton(Tr::tr("Check"));
    m_check->setObjectName(QStringLiteral("checkButton"));
    m_check->setToolTip(Tr::tr("Make the pictures as they will leave, read them again and search them (Ctrl+Return)"));
    m_release = new QPushButton(Tr::tr("Release…"));
    m_release->setObjectName(QStringLiteral("releaseButton"));
    m_release->setToolTip(Tr::tr("Hand the checked pictures and their log on (Ctrl+Shift+Return)"));
    m_release->setProperty("primary", true);
    for (QPushButton* b : {m_cover, m_read, m_check, m_release}) {
        b->setMinimumWidth(96);
        layout->addWidget(b);
    }
    setIdle();
}

void Gate::setSettled(double share) {
    m_lid->setClosed(share);
}

void Gate::setMessage(const QString& text, const QString& detail, Tone tone) {
    const Theme& t = m_theme;
    const QColor colour = tone == Tone::Ready ? t.pine : tone == Tone::Failed ? t.brick : t.ink;
    m_message->setStyleSheet(QStringLiteral("color: %1; font-weight: 600;").arg(colour.name()));
    m_message->setText(text);
    m_detail->setText(detail);
    m_detail->setVisible(!detail.isEmpty());
}

void Gate::setBusy(const QString& doing, double fraction) {
    m_progress->show();
    m_cancel->show();
    m_progress->setValue(int(fraction * 1000));
    m_detail->setText(doing.isEmpty() ? Tr::tr("Waiting") : sentence(Tr::tr("%1 …"), doing));
    m_detail->show();
}

void Gate::setIdle() {
    m_progress->hide();
    m_cancel->hide();
}

void Gate::setReadable(bool readable) {
    m_read->setVisible(readable);
}

void Gate::setCoverable(bool coverable) {
    m_cover->setVisible(coverable);
}

bool Gate::eventFilter(QObject* watched, QEvent* event) {
    const auto* mouse = dynamic_cast<QMouseEvent*>(event);
    if (!mouse || watched != m_lid) return QWidget::eventFilter(watched, event);
    if (event->type() == QEvent::MouseButtonPress && mouse->button() == Qt::LeftButton) m_pressedAt = mouse->pos();
    const bool far = (mouse->pos() - m_pressedAt).manhattanLength() >= QApplication::startDragDistance();
    if (event->type() == QEvent::MouseMove && mouse->buttons() == Qt::LeftButton && far) startDrag();
    return true;
}

void Gate::startDrag() {
    QMimeData* held = m_give ? m_give() : nullptr;
    if (!held) return;
    auto* drag = new QDrag(this);
    drag->setMimeData(held);
    drag->setPixmap(m_lid->grab());
    drag->exec(Qt::CopyAction);
}

QString Gate::message() const {
    return m_message->text();
}

} // namespace eyelid
