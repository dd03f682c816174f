#include "app/sheet/joins_view.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QListWidget>
#include <QMouseEvent>
#include <QPainter>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr int mostCards = 3;

} // namespace

JoinCard::JoinCard(const Theme& theme) : m_theme(theme) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumSize(180, 200);
    setCursor(Qt::PointingHandCursor);
}

void JoinCard::show(const QImage& picture, bool down, int offset, const QString& caption, bool chosen) {
    m_picture = picture;
    m_down = down;
    m_offset = offset;
    m_caption = caption;
    m_chosen = chosen;
    setAccessibleName(caption);
    QWidget::show();
    update();
}

void JoinCard::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const Theme& t = m_theme;
    const QRectF frame = QRectF(rect()).adjusted(1.5, 1.5, -1.5, -26);
    p.setBrush(t.paper);
    p.setPen(Qt::NoPen);
    p.drawRoundedRect(frame, 6, 6);
    // Pixel for pixel, the seam in the middle.
    const double ratio = devicePixelRatioF();
    const QSizeF size = QSizeF(m_picture.size()) / ratio;
    const QPointF corner = m_down ? QPointF(frame.left() + 6, frame.center().y() - size.height() / 2)
                                  : QPointF(frame.center().x() - size.width() / 2, frame.top() + 6);
    const QRectF inside = frame.adjusted(5, 5, -5, -5);
    p.save();
    p.setClipRect(inside);
    p.drawImage(QRectF(corner, size), m_picture);
    p.restore();
    // Where the seam is, told at the edges only: what lies on it is what one has to see.
    p.setPen(QPen(t.clay, 3, Qt::SolidLine, Qt::RoundCap));
    if (m_down) {
        const double y = frame.center().y();
        p.drawLine(QPointF(frame.left() - 1, y), QPointF(frame.left() + 12, y));
        p.drawLine(QPointF(frame.right() - 12, y), QPointF(frame.right() + 1, y));
    } else {
        const double x = frame.center().x();
        p.drawLine(QPointF(x, frame.top() - 1), QPointF(x, frame.top() + 12));
        p.drawLine(QPointF(x, frame.bottom() - 12), QPointF(x, frame.bottom() + 1));
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(m_chosen ? t.aubergine : t.hairline, m_chosen ? 2.5 : 1));
    p.drawRoundedRect(frame, 6, 6);
    QFont f = font();
    f.setWeight(m_chosen ? QFont::DemiBold : QFont::Normal);
    p.setFont(f);
    p.setPen(m_chosen ? t.ink : t.faint);
    p.drawText(QRectF(0, height() - 22, width(), 20), Qt::AlignCenter, m_caption);
}

void JoinCard::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() == Qt::LeftButton && rect().contains(event->position().toPoint())) emit chosen(m_offset);
}

JoinsView::JoinsView(const ScrolledPage& page, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_page(page), m_theme(theme) {
    setWindowTitle(Tr::tr("Joins"));
    setObjectName(QStringLiteral("joinsView"));
    resize(1040, 620);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    m_title = new QLabel;
    m_title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(m_title);
    m_doubt = new QLabel;
    m_doubt->setProperty("role", QStringLiteral("faint"));
    m_doubt->setWordWrap(true);
    layout->addWidget(m_doubt);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("joins"));
    m_list->setAccessibleName(Tr::tr("Joins of the page"));
    m_list->setFixedWidth(220);
    row->addWidget(m_list);
    m_cards = new QHBoxLayout;
    m_cards->setSpacing(10);
    for (int i = 0; i < mostCards; ++i) {
        auto* card = new JoinCard(theme);
        m_cards->addWidget(card, 1);
        connect(card, &JoinCard::chosen, this, &JoinsView::put);
        m_shown.push_back(card);
    }
    row->addLayout(m_cards, 1);
    layout->addLayout(row, 1);
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(new QLabel(Tr::tr("Second picture starts")));
    m_offset = new QSpinBox;
    m_offset->setObjectName(QStringLiteral("joinOffset"));
    m_offset->setSuffix(QStringLiteral(" px"));
    m_offset->setAccessibleName(Tr::tr("Distance between the two pictures in pixels"));
    m_offset->setToolTip(Tr::tr("Up and Down move it by one pixel, with Shift by ten"));
    m_offset->setKeyboardTracking(false);
    buttons->addWidget(m_offset);
    buttons->addWidget(new QLabel(Tr::tr("after the first. Up and Down move it, with Shift by ten.")));
    buttons->addStretch();
    m_right = new QPushButton(Tr::tr("This is right"));
    m_right->setObjectName(QStringLiteral("joinRight"));
    m_right->setToolTip(Tr::tr("This join is as it should be; on to the next unsure one (Enter)"));
    m_right->setProperty("primary", true);
    m_right->setDefault(true);
    auto* close = new QPushButton(Tr::tr("Close"));
    close->setAutoDefault(false);
    buttons->addWidget(close);
    buttons->addWidget(m_right);
    layout->addLayout(buttons);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    connect(m_right, &QPushButton::clicked, this, &JoinsView::approve);
    connect(m_offset, &QSpinBox::valueChanged, this, &JoinsView::put);
    connect(m_list, &QListWidget::currentRowChanged, this, &JoinsView::showJoin);
    for (size_t i = 0; i < m_page.joins().size(); ++i) m_list->addItem(QString());
    refreshList();
    int first = 0;
    while (first < m_list->count() && m_page.joins()[size_t(first)].sure) ++first;
    m_list->setCurrentRow(first < m_list->count() ? first : 0);
    m_list->setFocus();
}

void JoinsView::refreshList() {
    const Theme& t = m_theme;
    for (int i = 0; i < m_list->count(); ++i) {
        const Join& join = m_page.joins()[size_t(i)];
        auto* item = m_list->item(i);
        item->setText(sentence(!join.sure    ? Tr::tr("%1 at pixel %2, not sure")
                               : join.byHand ? Tr::tr("%1 at pixel %2, by hand")
                                             : Tr::tr("%1 at pixel %2"),
                               i + 1, m_page.seamAt(size_t(i))));
        item->setIcon(join.sure ? themedIcon(QStringLiteral("check"), t.pine)
                                : themedIcon(QStringLiteral("triangle-alert"), t.clay));
    }
    const int unsure = m_page.unsure();
    const int all = m_list->count();
    m_title->setText(unsure == 0 ? Tr::tr("All %n join(s) are settled", nullptr, all)
                                 : Tr::tr("%n of %1 joins is/are not sure", nullptr, unsure).arg(all));
}

void JoinsView::showJoin(int index) {
    if (index < 0) return;
    const Join& join = m_page.joins()[size_t(index)];
    m_doubt->setText(join.sure ? Tr::tr("This join fits. It can still be moved.") : join.doubt);
    m_right->setEnabled(!join.sure);
    const bool down = m_page.direction() == ScrollDirection::Down;
    const QSize size = m_page.pictures()[size_t(index)].size();
    {
        const QSignalBlocker quiet(m_offset);
        m_offset->setRange(1, down ? size.height() : size.width());
        m_offset->setValue(join.offset);
    }
    // What is chosen stands first, also where it was moved by hand; then the others it could be.
    m_candidates = join.candidates;
    if (std::find(m_candidates.begin(), m_candidates.end(), join.offset) == m_candidates.end())
        m_candidates.insert(m_candidates.begin(), join.offset);
    if (m_candidates.size() > mostCards) {
        const auto at = std::find(m_candidates.begin(), m_candidates.end(), join.offset);
        if (at - m_candidates.begin() >= mostCards) std::iter_swap(m_candidates.begin() + mostCards - 1, at);
        m_candidates.resize(mostCards);
    }
    if (join.sure && !join.byHand) m_candidates = {join.offset};
    for (int i = 0; i < mostCards; ++i) {
        if (i >= int(m_candidates.size())) {
            m_shown[size_t(i)]->hide();
            continue;
        }
        const int offset = m_candidates[size_t(i)];
        m_shown[size_t(i)]->show(m_page.seamView(size_t(index), offset, 400), down, offset, Tr::tr("%1 px").arg(offset),
                                 offset == join.offset);
    }
}

void JoinsView::put(int offset) {
    const int index = m_list->currentRow();
    if (index < 0) return;
    const Join before = m_page.joins()[size_t(index)];
    if (before.offset == offset && before.sure) return;
    m_moved = m_moved || before.offset != offset;
    m_page.setOffset(size_t(index), offset);
    refreshList();
    showJoin(index);
}

void JoinsView::approve() {
    const int index = m_list->currentRow();
    if (index < 0) return;
    m_page.setOffset(size_t(index), m_page.joins()[size_t(index)].offset);
    refreshList();
    showJoin(index);
    for (int i = 1; i <= m_list->count(); ++i) {
        const int next = (index + i) % m_list->count();
        if (!m_page.joins()[size_t(next)].sure) return m_list->setCurrentRow(next);
    }
}

void JoinsView::keyPressEvent(QKeyEvent* event) {
    const int by = event->modifiers() & Qt::ShiftModifier ? 10 : 1;
    // In the list the plain arrows go from join to join; with Ctrl, and elsewhere, they move the join.
    const bool free = !m_list->hasFocus() || event->modifiers() & Qt::ControlModifier;
    if (free && (event->key() == Qt::Key_Up || event->key() == Qt::Key_Down))
        return m_offset->setValue(m_offset->value() + (event->key() == Qt::Key_Up ? -by : by));
    QDialog::keyPressEvent(event);
}

} // namespace eyelid
