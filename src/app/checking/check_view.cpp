#include "app/checking/check_view.h"

#include "app/window/theme.h"
#include "base/sentence.h"
#include "picture/picture_file.h"

#include <cmath>
#include <QApplication>
#include <QEvent>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLabel>
#include <QListWidget>
#include <QPainter>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr QMargins margins(12, 26, 12, 10); // around each picture; above it stands which one it is

} // namespace

PictureBeside::PictureBeside(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(160);
    setAccessibleName(Tr::tr("Capture and released picture side by side"));
}

void PictureBeside::setPictures(const QImage& capture, const QImage& released, const QTransform& toReleased) {
    m_capture = capture;
    m_toReleased = toReleased;
    m_released = released;
    fitHeight();
    update();
}

void PictureBeside::resizeEvent(QResizeEvent*) {
    fitHeight();
}

// No higher than the pictures at this width: what is below them begins where they end.
void PictureBeside::fitHeight() {
    const double room = width() / 2.0 - margins.left() - margins.right(); // of each
    double most = 0;
    for (const QImage& image : {m_capture, m_released})
        if (!image.isNull()) most = std::max(most, image.height() * std::min(room / image.width(), 1.0));
    setMaximumHeight(m_released.isNull()
                         ? QWIDGETSIZE_MAX
                         : std::max(minimumHeight(), int(std::ceil(most)) + margins.top() + margins.bottom()));
}

void PictureBeside::setLeaks(const std::vector<Leak>& leaks) {
    m_leaks = leaks;
    update();
}

void PictureBeside::setFocusPlace(const QRectF& place) {
    m_place = place;
    update();
}

void PictureBeside::paintEvent(QPaintEvent*) {
    QPainter p(this);
    const Theme& t = m_theme;
    p.fillRect(rect(), t.oat);
    if (m_released.isNull()) return;
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.setRenderHint(QPainter::Antialiasing);
    const double half = width() / 2.0;
    for (int side = 0; side < 2; ++side) {
        const QRectF view = QRectF(side * half, 0, half, height()).marginsRemoved(margins);
        p.setPen(side ? t.ink : t.faint);
        p.drawText(QRectF(view.left(), 4, view.width(), 20), Qt::AlignLeft | Qt::AlignVCenter,
                   side ? Tr::tr("As it will leave") : Tr::tr("Capture, stays here"));
        const QImage& image = side ? m_released : m_capture;
        const double scale = std::min({view.width() / image.width(), view.height() / image.height(), 1.0});
        const QRectF target(view.topLeft(), QSizeF(image.size()) * scale);
        p.drawImage(target, image);
        p.setPen(QPen(t.hairline, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(target);
        const auto placed = [&](const QRectF& place) {
            const QRectF r = side ? m_toReleased.mapRect(place) : place;
            return QRectF(target.topLeft() + r.topLeft() * scale, r.size() * scale).adjusted(-3, -3, 3, 3);
        };
        if (side)
            for (const Leak& leak : m_leaks)
                if (!leak.place.isNull()) {
                    p.setPen(QPen(t.brick, 1.5));
                    p.drawRoundedRect(placed(leak.place), 3, 3);
                }
        if (!m_place.isNull()) {
            p.setPen(QPen(t.brick, 3));
            p.drawRoundedRect(placed(m_place).adjusted(-2, -2, 2, 2), 4, 4);
        }
    }
}

CheckView::CheckView(Case& owner, ReleaseFlow& flow, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_case(owner), m_flow(flow), m_theme(theme) {
    setObjectName(QStringLiteral("checkView"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 12, 16, 12);
    layout->setSpacing(8);
    auto* top = new QHBoxLayout;
    auto* words = new QVBoxLayout;
    m_title = new QLabel;
    m_title->setObjectName(QStringLiteral("checkTitle"));
    m_hint = new QLabel;
    m_hint->setProperty("role", QStringLiteral("faint"));
    m_hint->setWordWrap(true);
    words->addWidget(m_title);
    words->addWidget(m_hint);
    top->addLayout(words, 1);
    auto* back = new QPushButton(Tr::tr("Back to the sheet"));
    back->setToolTip(Tr::tr("Back to the sheet (Escape)"));
    connect(back, &QPushButton::clicked, this, &CheckView::closed);
    top->addWidget(back, 0, Qt::AlignTop);
    layout->addLayout(top);
    m_captureTitle = new QLabel;
    m_captureTitle->setProperty("role", QStringLiteral("title"));
    layout->addWidget(m_captureTitle);
    m_pictures = new PictureBeside(m_theme);
    layout->addWidget(m_pictures, 3);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("leaks"));
    m_list->setAccessibleName(Tr::tr("What the check found, file by file"));
    m_list->setWordWrap(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setMinimumHeight(96);
    layout->addWidget(m_list, 1);
    auto* buttons = new QHBoxLayout;
    buttons->addStretch();
    m_pass = new QPushButton(Tr::tr("Let pass…"));
    m_pass->setToolTip(Tr::tr("Let this one pass, with a reason that goes into the log"));
    m_cover = new QPushButton(Tr::tr("Cover this place"));
    m_cover->setProperty("primary", true);
    buttons->addWidget(m_pass);
    buttons->addWidget(m_cover);
    layout->addLayout(buttons);
    connect(m_list, &QListWidget::currentRowChanged, this, &CheckView::showRow);
    connect(m_cover, &QPushButton::clicked, this, [this] {
        const auto row = chosenRow();
        if (row) emit coverAsked(m_flow.pictures()[m_rows[*row].picture].capture, m_rows[*row].leak);
    });
    connect(m_pass, &QPushButton::clicked, this, &CheckView::askToPass);
    connect(&m_case, &Case::passesChanged, this, &CheckView::showResult);
}

// The leak that is chosen; none where a clean picture is.
std::optional<size_t> CheckView::chosenRow() const {
    const int row = m_list->currentItem() ? m_list->currentItem()->data(Qt::UserRole).toInt() : -1;
    return row < 0 ? std::nullopt : std::optional(size_t(row));
}

void CheckView::askToPass() {
    const auto row = chosenRow();
    if (!row) return;
    const int capture = m_flow.pictures()[m_rows[*row].picture].capture;
    const Leak leak = m_rows[*row].leak;
    // Asked again while the reason itself says what must not leave.
    QString hint = Tr::tr("Why may this leave? The reason goes into the log:"), reason;
    while (!hint.isEmpty()) {
        bool ok = false;
        reason = QInputDialog::getText(this, Tr::tr("Let pass"), hint, QLineEdit::Normal, reason, &ok);
        if (!ok || reason.trimmed().isEmpty()) return;
        hint = m_flow.letPass(capture, leak, reason.trimmed());
        if (!hint.isEmpty()) hint = sentence(Tr::tr("%1 Give a reason without it:"), hint);
    }
}

void CheckView::showResult() {
    m_rows.clear();
    for (size_t p = 0; p < m_flow.pictures().size(); ++p) {
        const CheckedPicture& picture = m_flow.pictures()[p];
        for (const Leak& leak : picture.leaks) m_rows.push_back({p, leak, m_case.passedBecause(picture.capture, leak)});
    }
    fill();
}

void CheckView::changeEvent(QEvent* event) {
    QWidget::changeEvent(event);
    if (event->type() == QEvent::StyleChange && m_list && m_list->count() > 0) applyColours();
}

// By what the rows say, whatever is being checked meanwhile.
void CheckView::applyColours() {
    bool clean = true;
    for (int i = 0; i < m_list->count(); ++i) {
        QListWidgetItem* item = m_list->item(i);
        const int row = item->data(Qt::UserRole).toInt();
        const bool passed = row < 0 || !m_rows[size_t(row)].reason.isEmpty();
        clean = clean && passed;
        item->setIcon(row < 0  ? themedIcon(QStringLiteral("shield-check"), m_theme.pine)
                      : passed ? themedIcon(QStringLiteral("check"), m_theme.faint)
                               : themedIcon(QStringLiteral("triangle-alert"), m_theme.brick));
    }
    m_title->setStyleSheet(QStringLiteral("font-size: 17px; font-weight: 600; color: %1;")
                               .arg((clean ? m_theme.pine : m_theme.brick).name()));
}

void CheckView::fill() {
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    int dirty = 0;
    const auto& pictures = m_flow.pictures();
    for (size_t f = 0; f < pictures.size(); ++f) {
        bool clean = true;
        for (size_t r = 0; r < m_rows.size(); ++r) {
            if (m_rows[r].picture != f) continue;
            const Row& row = m_rows[r];
            const bool passed = !row.reason.isEmpty();
            clean = clean && passed;
            QString text = QStringLiteral("%1: %2").arg(pictures[f].artifact.fileName, row.leak.sentence);
            if (!row.leak.finding.text.isEmpty()) text = sentence(Tr::tr("%1 “%2”"), text, row.leak.finding.text);
            if (passed) text = sentence(Tr::tr("%1  Let pass: %2"), text, row.reason);
            auto* item = new QListWidgetItem(text);
            item->setData(Qt::UserRole, int(r));
            item->setToolTip(text);
            m_list->addItem(item);
        }
        dirty += !clean;
        if (clean) {
            const QString sound =
                pictures[f].transparent
                    ? Tr::tr("%1: whole, nothing under its transparent ground, nothing but the picture; nothing "
                             "sensitive can be read.")
                    : Tr::tr("%1: whole, opaque, nothing but the picture; nothing sensitive can be read.");
            auto* item = new QListWidgetItem(sound.arg(pictures[f].artifact.fileName));
            item->setData(Qt::UserRole, -1);
            item->setData(Qt::UserRole + 1, int(f));
            m_list->addItem(item);
        }
    }
    const bool clean = dirty == 0;
    m_title->setText(
        clean
            ? Tr::tr("Check passed: %n picture(s), all clean", nullptr, int(pictures.size()))
            : Tr::tr("Check failed: %n of %1 picture(s) still show(s) something", nullptr, dirty).arg(pictures.size()));
    applyColours();
    m_hint->setText(
        clean ? Tr::tr("Each file was taken apart, read, read again with its contrast stretched, and searched "
                       "for what the case covers. A release writes these very bytes.")
              : Tr::tr("Cover what is listed and check again, or let single places pass with a reason."));
    // What needs a decision first.
    int first = 0;
    for (int i = m_list->count(); i-- > 0;)
        if (const int row = m_list->item(i)->data(Qt::UserRole).toInt();
            row >= 0 && m_rows[size_t(row)].reason.isEmpty())
            first = i;
    m_list->setCurrentRow(first);
    showRow(first);
}

void CheckView::showRow(int listRow) {
    const QListWidgetItem* item = m_list->item(std::max(0, listRow));
    if (!item) return;
    const int row = item->data(Qt::UserRole).toInt();
    const size_t at = row >= 0 ? m_rows[size_t(row)].picture : size_t(item->data(Qt::UserRole + 1).toInt());
    const CheckedPicture& picture = m_flow.pictures()[at];
    const Capture* capture = m_case.capture(picture.capture);
    m_captureTitle->setText(picture.artifact.fileName);
    const PictureId id = capture ? capture->picture : PictureId();
    if (m_shownCapture != id || m_shownBytes != picture.artifact.bytes) {
        auto released = decodePicture(picture.artifact.bytes, picture.artifact.fileName);
        m_pictures->setPictures(capture ? m_case.picture(*capture) : QImage(), released ? *released : QImage(),
                                geometryOf(picture.decided.framing, picture.captureSize).toFramed);
        m_shownCapture = id;
        m_shownBytes = picture.artifact.bytes;
    }
    m_pictures->setLeaks(m_flow.blockingLeaks(picture.capture));
    m_pictures->setFocusPlace(row >= 0 ? m_rows[size_t(row)].leak.place : QRectF());
    const bool leak = row >= 0 && m_rows[size_t(row)].reason.isEmpty();
    m_cover->setVisible(leak && !m_rows[size_t(row)].leak.place.isNull());
    m_pass->setVisible(leak);
}

} // namespace eyelid
