#include "app/explain/parts_view.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>

namespace eyelid {
namespace {

constexpr double onLine = 5; // view units from a line, in which a click is on it
constexpr int leastPart = 8; // device pixels of a side

// Ends and lines, without parts too small to be any.
std::vector<int> bounds(std::vector<int> lines, int length) {
    std::sort(lines.begin(), lines.end());
    std::vector<int> all{0};
    for (const int line : lines)
        if (line >= all.back() + leastPart && line <= length - leastPart) all.push_back(line);
    all.push_back(length);
    return all;
}

} // namespace

PartsPicture::PartsPicture(const QImage& picture, const QSize& capture, const Theme& theme)
    : m_picture(picture), m_capture(capture), m_theme(theme) {
    setObjectName(QStringLiteral("partsPicture"));
    setAccessibleName(Tr::tr("The capture and the lines it is cut along"));
    setMinimumSize(520, 320);
    setCursor(Qt::CrossCursor);
}

QRectF PartsPicture::target() const {
    const QSizeF size = QSizeF(m_capture).scaled(QSizeF(this->size()) - QSizeF(4, 4), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size};
}

void PartsPicture::setTiles(int columns, int rows) {
    m_across.clear();
    m_down.clear();
    for (int i = 1; i < columns; ++i) m_across.push_back(m_capture.width() * i / columns);
    for (int i = 1; i < rows; ++i) m_down.push_back(m_capture.height() * i / rows);
    update();
    emit changed();
}

std::vector<QRect> PartsPicture::parts() const {
    const auto x = bounds(m_across, m_capture.width()), y = bounds(m_down, m_capture.height());
    std::vector<QRect> all;
    for (size_t row = 0; row + 1 < y.size(); ++row)
        for (size_t column = 0; column + 1 < x.size(); ++column)
            all.emplace_back(QPoint(x[column], y[row]), QPoint(x[column + 1] - 1, y[row + 1] - 1));
    return all;
}

void PartsPicture::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF place = target();
    if (m_picture.isNull())
        painter.fillRect(place, m_theme.paper);
    else
        painter.drawImage(place, m_picture);
    const double scale = place.width() / m_capture.width();
    for (const auto& [colour, width] : {std::pair(m_theme.onBrand, 4.0), std::pair(m_theme.aubergine, 2.0)}) {
        painter.setPen(QPen(colour, width));
        for (const int x : m_across)
            painter.drawLine(QPointF(place.left() + x * scale, place.top()),
                             QPointF(place.left() + x * scale, place.bottom()));
        for (const int y : m_down)
            painter.drawLine(QPointF(place.left(), place.top() + y * scale),
                             QPointF(place.right(), place.top() + y * scale));
    }
}

void PartsPicture::mousePressEvent(QMouseEvent* event) {
    const QRectF place = target();
    const double scale = place.width() / m_capture.width();
    const bool level = m_direction == Qt::Horizontal;
    std::vector<int>& lines = level ? m_down : m_across;
    const int at = int((level ? event->position().y() - place.top() : event->position().x() - place.left()) / scale);
    const auto there =
        std::find_if(lines.begin(), lines.end(), [&](int line) { return std::abs(line - at) * scale <= onLine; });
    if (there != lines.end())
        lines.erase(there);
    else
        lines.push_back(at);
    update();
    emit changed();
}

PartsView::PartsView(const QImage& picture, const QSize& capture, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_picture(new PartsPicture(picture, capture, theme)) {
    setObjectName(QStringLiteral("partsView"));
    setWindowTitle(Tr::tr("Cut into parts"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 16, 18, 14);
    column->setSpacing(10);
    auto* row = new QHBoxLayout;
    m_columns = new QSpinBox;
    m_rows = new QSpinBox;
    for (QSpinBox* box : {m_columns, m_rows}) {
        box->setRange(1, 20);
        connect(box, &QSpinBox::valueChanged, this, &PartsView::tile);
    }
    m_rows->setObjectName(QStringLiteral("partRows"));
    m_columns->setObjectName(QStringLiteral("partColumns"));
    auto* direction = new QComboBox;
    direction->addItems({Tr::tr("Level lines"), Tr::tr("Upright lines")});
    direction->setAccessibleName(Tr::tr("What a click on the picture puts"));
    connect(direction, &QComboBox::currentIndexChanged, this,
            [this](int at) { m_picture->setDirection(at == 0 ? Qt::Horizontal : Qt::Vertical); });
    for (const auto& [text, field] : {std::pair(Tr::tr("Columns"), static_cast<QWidget*>(m_columns)),
                                      std::pair(Tr::tr("Rows"), static_cast<QWidget*>(m_rows)),
                                      std::pair(Tr::tr("A click puts"), static_cast<QWidget*>(direction))}) {
        auto* label = new QLabel(text);
        label->setBuddy(field);
        row->addWidget(label);
        row->addWidget(field);
        row->addSpacing(10);
    }
    row->addStretch(1);
    column->addLayout(row);
    column->addWidget(m_picture, 1);
    m_count = new QLabel;
    m_count->setProperty("role", QStringLiteral("faint"));
    column->addWidget(m_count);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(Tr::tr("Cut"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    const auto tell = [=, this] {
        const int n = int(parts().size());
        m_count->setText(Tr::tr("%n part(s), each a capture of its own; this one stays.", nullptr, n));
        buttons->button(QDialogButtonBox::Ok)->setEnabled(n > 1);
    };
    connect(m_picture, &PartsPicture::changed, this, tell);
    m_rows->setValue(2);
    tell();
}

void PartsView::tile() {
    m_picture->setTiles(m_columns->value(), m_rows->value());
}

} // namespace eyelid
