#include "app/explain/sign_view.h"

#include "app/window/file_dialogs.h"
#include "app/window/theme.h"
#include "base/files.h"
#include "base/sentence.h"

#include <QBuffer>
#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr double penWidth = 3;    // view units
constexpr int finer = 3;          // pixels of the kept picture for one of the pad
constexpr int largestSide = 1200; // pixels of a kept picture

} // namespace

SignPad::SignPad(const Theme& theme) : m_theme(theme) {
    setObjectName(QStringLiteral("signPad"));
    setAccessibleName(Tr::tr("Draw your signature here"));
    setFixedSize(420, 150);
    setCursor(Qt::CrossCursor);
}

void SignPad::setPicture(const QImage& picture) {
    m_strokes = {};
    m_picture = picture;
    update();
    emit changed();
}

void SignPad::clear() {
    setPicture({});
}

QImage SignPad::picture() const {
    if (!m_picture.isNull()) return m_picture;
    if (m_strokes.isEmpty()) return {};
    const QRectF bounds = m_strokes.boundingRect().adjusted(-penWidth, -penWidth, penWidth, penWidth);
    QImage picture((bounds.size() * finer).toSize(), QImage::Format_ARGB32_Premultiplied);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.scale(finer, finer);
    painter.translate(-bounds.topLeft());
    painter.strokePath(m_strokes, QPen(QColor(0x2c, 0x25, 0x30), penWidth, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    return picture;
}

void SignPad::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    // Signatures are dark: the pad is white in every theme.
    painter.setPen(m_theme.hairline);
    painter.setBrush(Qt::white);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6, 6);
    painter.setPen(QPen(QColor(0xdd, 0xd4, 0xc6), 1));
    painter.drawLine(24, height() - 38, width() - 24, height() - 38);
    if (!m_picture.isNull()) {
        const QSize fitted = m_picture.size().scaled(size() - QSize(24, 24), Qt::KeepAspectRatio);
        painter.drawImage(QRect(QPoint((width() - fitted.width()) / 2, (height() - fitted.height()) / 2), fitted),
                          m_picture);
    }
    painter.strokePath(m_strokes, QPen(QColor(0x2c, 0x25, 0x30), penWidth, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
}

void SignPad::mousePressEvent(QMouseEvent* event) {
    m_picture = {};
    m_strokes.moveTo(event->position());
    m_strokes.lineTo(event->position() + QPointF(0.1, 0));
    update();
    emit changed();
}

void SignPad::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton)) return;
    m_strokes.lineTo(event->position());
    update();
}

SignView::SignView(const Theme& theme, const QByteArray& png, QWidget* parent)
    : QDialog(parent), m_pad(new SignPad(theme)) {
    setObjectName(QStringLiteral("signView"));
    setWindowTitle(Tr::tr("Your signature"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 16, 18, 14);
    column->setSpacing(10);
    auto* hint = new QLabel(Tr::tr("Draw it once, or choose a picture. It is kept encrypted in your own data folder."));
    hint->setWordWrap(true);
    column->addWidget(hint);
    column->addWidget(m_pad);
    m_trouble = new QLabel;
    m_trouble->setWordWrap(true);
    m_trouble->setStyleSheet(QStringLiteral("color: %1;").arg(theme.brick.name()));
    m_trouble->hide();
    column->addWidget(m_trouble);
    m_date = new QCheckBox(Tr::tr("Today's date below it"));
    m_date->setObjectName(QStringLiteral("signDate"));
    column->addWidget(m_date);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(Tr::tr("Use it"));
    QPushButton* file = buttons->addButton(Tr::tr("A picture…"), QDialogButtonBox::ActionRole);
    QPushButton* clear = buttons->addButton(Tr::tr("Anew"), QDialogButtonBox::ActionRole);
    QPushButton* forget = buttons->addButton(Tr::tr("Forget it"), QDialogButtonBox::DestructiveRole);
    forget->setObjectName(QStringLiteral("forgetSign"));
    forget->setToolTip(Tr::tr("Takes it away from your data folder; what is signed already stays so"));
    forget->setEnabled(!png.isEmpty());
    connect(forget, &QPushButton::clicked, this, [this] {
        emit forgetAsked();
        reject();
    });
    connect(file, &QPushButton::clicked, this, &SignView::choose);
    connect(clear, &QPushButton::clicked, m_pad, &SignPad::clear);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    const auto mayUse = [=, this] { buttons->button(QDialogButtonBox::Ok)->setEnabled(!m_pad->isEmpty()); };
    connect(m_pad, &SignPad::changed, this, mayUse);
    if (!png.isEmpty()) m_pad->setPicture(QImage::fromData(png, "PNG"));
    mayUse();
}

void SignView::choose() {
    const FileDialogTraces traces;
    const QString path = QFileDialog::getOpenFileName(this, Tr::tr("A picture of your signature"), {},
                                                      Tr::tr("Pictures (*.png *.webp *.gif)"));
    if (path.isEmpty()) return;
    auto bytes = readFile(path);
    QImage picture = bytes ? QImage::fromData(*bytes) : QImage();
    m_trouble->setVisible(picture.isNull());
    m_trouble->setText(bytes ? Tr::tr("This is no picture that can be read.") : bytes.error().sentence);
    if (picture.isNull()) return;
    if (std::max(picture.width(), picture.height()) > largestSide)
        picture = picture.scaled(largestSide, largestSide, Qt::KeepAspectRatio, Qt::SmoothTransformation);
    m_pad->setPicture(picture);
}

QByteArray SignView::png() const {
    // Drawn anew, so that nothing but its pixels is kept.
    const QImage picture = m_pad->picture();
    QImage plain(picture.size(), QImage::Format_ARGB32);
    plain.fill(Qt::transparent);
    QPainter(&plain).drawImage(0, 0, picture);
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    plain.save(&buffer, "PNG");
    return bytes;
}

bool SignView::withDate() const {
    return m_date->isChecked();
}

} // namespace eyelid
