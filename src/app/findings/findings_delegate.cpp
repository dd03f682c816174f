#include "app/findings/findings_delegate.h"

#include "app/window/theme.h"
#include "base/sentence.h"
#include "casefile/counted.h"

#include <algorithm>
#include <cmath>
#include <QAbstractItemView>
#include <QPainter>

namespace eyelid {
namespace {

// View units.
constexpr int rowHeight = 44, headingHeight = 26, side = 12, faceSize = 32, indent = 16, stateSize = 12;

// Open is a dashed ring, asked a ring with a point, covered a filled block, kept a thin line.
void paintState(QPainter& p, const QRectF& r, const FindingsRow& row, const Theme& t) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    if (row.open) {
        QPen pen(t.clay, 1.8);
        if (row.questions)
            p.fillRect(QRectF(r.center() - QPointF(1.5, 1.5), QSizeF(3, 3)), t.clay);
        else
            pen.setDashPattern({2, 1.4});
        p.setPen(pen);
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(r.adjusted(1, 1, -1, -1));
    } else if (row.cover) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.pine);
        p.drawRoundedRect(r.adjusted(0, 2, 0, -2), 2, 2);
    } else {
        p.setPen(QPen(t.pine, 2));
        p.drawLine(QPointF(r.left(), r.bottom() - 3), QPointF(r.right(), r.bottom() - 3));
    }
    p.restore();
}

QString secondLine(const FindingsRow& row) {
    if (row.byHand) return Tr::tr("Covered by hand");
    const QString kind =
        sentence(Tr::tr("%1 · %2 % sure"), kindTitle(row.kind), int(std::lround(100 * row.confidence)));
    if (row.questions) return sentence(Tr::tr("%1 · asked"), kind);
    QStringList states; // where its places are not all of one
    if (row.open) states << saidOpen(row.open);
    if (row.cover) states << saidCovered(row.cover);
    if (row.keep) states << saidKept(row.keep);
    return states.size() < 2 ? kind : sentence(Tr::tr("%1 · %2"), kind, states.join(QStringLiteral(", ")));
}

} // namespace

FacePictures::FacePictures(Case& owner, QObject* parent) : QObject(parent), m_case(owner) {
    connect(&m_case, &Case::capturesChanged, this, [this] { m_pictures.clear(); });
}

FacePictures::~FacePictures() {
    m_lane.finish();
}

QImage FacePictures::of(int finding) {
    const auto [at, fresh] = m_pictures.try_emplace(finding);
    const Item* item = m_case.item(finding);
    if (!fresh || !item) return at->second;
    const Capture& capture = *m_case.captureOf(finding);
    m_lane.start([this, finding, store = m_case.pictures(), id = capture.picture,
                  box = item->finding.boxes.front().toAlignedRect()] {
        const QImage face = store->picture(id).copy(box).scaled(
            2 * faceSize, 2 * faceSize, Qt::KeepAspectRatioByExpanding, Qt::SmoothTransformation);
        QMetaObject::invokeMethod(this, [=, this] {
            m_pictures[finding] = face;
            emit ready();
        });
    });
    return at->second;
}

QSize FindingsDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
    return {200, atTypeSize(m_model.row(index.row()).heading.isEmpty() ? rowHeight : rowHeight + headingHeight)};
}

void FindingsDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    // No half row at the end of what is in sight; scrolling brings it whole.
    if (const auto* view = qobject_cast<const QAbstractItemView*>(option.widget);
        view && option.rect.bottom() > view->viewport()->height() && option.rect.top() > 0)
        return;
    const FindingsRow& row = m_model.row(index.row());
    p->save();
    QRectF r = option.rect;
    if (!row.heading.isEmpty()) {
        paintHeading(*p, {r.left(), r.top(), r.width(), double(atTypeSize(headingHeight))}, row.heading, option.font);
        r.setTop(r.top() + atTypeSize(headingHeight));
    }
    if (option.state & QStyle::State_Selected) {
        p->fillRect(r, m_theme.selection);
        p->fillRect(QRectF(r.left(), r.top(), 3, r.height()), m_theme.aubergine);
    }
    p->setPen(QPen(m_theme.hairline, 1));
    p->drawLine(QPointF(r.left() + side, r.bottom() + 0.5), QPointF(r.right() - 8, r.bottom() + 0.5));
    double left = r.left() + side + (row.variant ? indent : 0);
    paintState(*p, QRectF(left, r.top() + atTypeSize(14) - stateSize / 2, stateSize, stateSize), row, m_theme);
    left += stateSize + 10;
    if (row.kind == Kind::Face && !row.byHand) left = paintFace(*p, r, left, row);
    paintTexts(*p, QRectF(left, r.top(), r.right() - side - left, r.height()), row, option.font);
    p->restore();
}

void FindingsDelegate::paintHeading(QPainter& p, const QRectF& place, const QString& text, const QFont& font) const {
    p.fillRect(place, m_theme.oat);
    QFont f = font;
    f.setPixelSize(atTypeSize(11));
    f.setWeight(QFont::DemiBold);
    p.setFont(f);
    p.setPen(m_theme.faint);
    const QRectF inner = place.adjusted(side, 0, -side, 0);
    p.drawText(inner, Qt::AlignVCenter | Qt::AlignLeft,
               QFontMetricsF(f).elidedText(text, Qt::ElideRight, inner.width()));
}

double FindingsDelegate::paintFace(QPainter& p, const QRectF& row, double left, const FindingsRow& finding) const {
    const QRectF place(left, row.top() + (row.height() - faceSize) / 2, faceSize, faceSize);
    const QImage face = m_faces.of(finding.ids.front());
    p.fillRect(place, m_theme.hairline);
    if (!face.isNull()) {
        const double size = std::min(face.width(), face.height());
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(place, face, QRectF((face.width() - size) / 2, (face.height() - size) / 2, size, size));
    }
    return place.right() + 8;
}

void FindingsDelegate::paintTexts(QPainter& p, const QRectF& place, const FindingsRow& row, const QFont& font) const {
    QFont small = font;
    small.setPixelSize(atTypeSize(11));
    double right = place.right();
    if (row.ids.size() > 1) {
        const QString count = Tr::tr("%n place(s)", nullptr, int(row.ids.size()));
        const double w = QFontMetricsF(small).horizontalAdvance(count);
        p.setFont(small);
        p.setPen(m_theme.faint);
        p.drawText(QRectF(right - w, place.top() + atTypeSize(5), w, atTypeSize(18)), Qt::AlignVCenter | Qt::AlignRight,
                   count);
        right -= w + 8;
    }
    const QFont values = row.byHand ? font : valueFont(12);
    const double width = right - place.left();
    p.setFont(values);
    p.setPen(m_theme.ink);
    p.drawText(QRectF(place.left(), place.top() + atTypeSize(5), width, atTypeSize(18)),
               Qt::AlignVCenter | Qt::AlignLeft, QFontMetricsF(values).elidedText(row.text, Qt::ElideMiddle, width));
    p.setFont(small);
    p.setPen(m_theme.faint);
    p.drawText(QRectF(place.left(), place.top() + atTypeSize(23), place.width(), atTypeSize(16)),
               Qt::AlignVCenter | Qt::AlignLeft,
               QFontMetricsF(small).elidedText(secondLine(row), Qt::ElideRight, place.width()));
}

} // namespace eyelid
