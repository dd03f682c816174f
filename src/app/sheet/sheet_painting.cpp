// What the sheet draws.
#include "app/sheet/sheet.h"
#include "app/sheet/sheet_notices.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"

#include <algorithm>
#include <QPainter>

namespace eyelid {
namespace {

constexpr double unsureBelow = 0.75; // a word's confidence
constexpr double gripSize = 7;       // view units

// Two rings, so that it is seen on any ground.
void drawSelected(QPainter& painter, const QRectF& place, double f, const Theme& t) {
    const QRectF ring = place.adjusted(-2 * f, -2 * f, 2 * f, 2 * f);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.onBrand, 4 * f));
    painter.drawRoundedRect(ring, 4 * f, 4 * f);
    painter.setPen(QPen(t.aubergine, 2 * f));
    painter.drawRoundedRect(ring, 4 * f, 4 * f);
}

// What a step that is being prepared would decide.
void drawMarked(QPainter& painter, const QRectF& r, const Theme& t) {
    QColor wash = t.aubergine;
    wash.setAlpha(120);
    painter.fillRect(r, wash);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(t.onBrand, 1));
    painter.drawRect(r);
}

// A dashed underline and corner ticks in the signal colour.
void drawOpen(QPainter& painter, const QRectF& r, double f, const Theme& t) {
    // On the capture's own ground the light theme's clay is readable on light and dark alike.
    QColor wash = t.clay;
    wash.setAlpha(30);
    painter.fillRect(r, wash);
    QPen dashed(t.clay, 2 * f);
    dashed.setDashPattern({3, 2});
    painter.setPen(dashed);
    painter.drawLine(r.bottomLeft(), r.bottomRight());
    painter.setPen(QPen(t.clay, 1.6 * f));
    const double tick = std::min(6.0, r.height() / 3);
    for (const auto& [corner, dx, dy] : {std::tuple(r.topLeft(), 1.0, 1.0), std::tuple(r.topRight(), -1.0, 1.0)}) {
        painter.drawLine(corner, corner + QPointF(dx * tick, 0));
        painter.drawLine(corner, corner + QPointF(0, dy * tick));
    }
}

QString toolNotice(Sheet::Tool tool, Sheet::CoverForm form) {
    if (tool == Sheet::Tool::Select) return {};
    if (tool == Sheet::Tool::Mark || tool == Sheet::Tool::Frame) return {}; // they say it themselves
    if (tool == Sheet::Tool::ReadAgain) return Tr::tr("Drag over what to read again; Escape ends");
    switch (form) {
    case Sheet::CoverForm::Rectangle:
        return Tr::tr("Drag over what to cover; Escape ends");
    case Sheet::CoverForm::Box:
        return Tr::tr("Click a title bar, a field or a panel to cover it; Escape ends");
    case Sheet::CoverForm::Polygon:
        return Tr::tr("Click the corners of what to cover, Enter closes it; Escape ends");
    case Sheet::CoverForm::Outline:
        return Tr::tr("Draw around what to cover; Escape ends");
    case Sheet::CoverForm::Brush:
        return Tr::tr("Brush over what to cover; Escape ends");
    case Sheet::CoverForm::AllBut:
        return Tr::tr("Drag over what stays to be seen, all else is covered; Escape ends");
    case Sheet::CoverForm::CutOut:
        return Tr::tr("Drag over what of covers by hand to take away; Escape ends");
    }
    return {};
}

} // namespace

void Sheet::drawItems(QPainter& painter, const Capture& capture) {
    painter.setRenderHint(QPainter::Antialiasing);
    // On a capture drawn small the marks are drawn finer, so that they do not lie on its text.
    const double f = std::clamp(pixel(), 0.4, 1.0);
    const auto around = [&](const QRectF& box) { return viewOf(box).adjusted(-2.5 * f, -2.5 * f, 2.5 * f, 2.5 * f); };
    for (const Item& item : m_case.items(capture.id))
        for (const QRectF& box : item.finding.boxes) {
            const QRectF r = around(box);
            if (m_marked.contains(item.id)) drawMarked(painter, r, m_theme);
            if (item.id == m_selection.item()) drawSelected(painter, r, f, m_theme);
            if (item.decision == Decision::Open) {
                drawOpen(painter, r, f, m_theme);
            } else if (item.decision == Decision::Keep) {
                painter.setPen(QPen(m_theme.pine, 1.4 * f));
                painter.drawLine(r.bottomLeft(), r.bottomRight());
            }
        }
    for (const HandCover& hand : capture.hands)
        if (hand.id == m_selection.item())
            drawSelected(painter, around(QRectF(hand.shape.region(capture.size).boundingRect())), f, m_theme);
}

// As it will be released. What is covered and not on the rendered picture yet is painted over: nothing that is covered
// is ever to be seen.
void Sheet::drawPicture(QPainter& painter, const Capture& capture) {
    const QRectF target(shownToView({0, 0}), QSizeF(shownSize()) * shownPixel());
    const bool ready = m_rendered.of == capture.picture && m_rendered.framing == shownFraming();
    if (ready)
        (m_bare ? m_rendered.bare : m_rendered.picture).draw(painter, target.topLeft(), m_zoom, viewport()->rect());
    else
        painter.fillRect(target, m_theme.paper); // it is here in a moment
    if (!m_bare)
        for (const QRect& rect : m_hidden)
            painter.fillRect(viewOf(QRectF(rect)).intersected(target), QColor(solidColour()));
    painter.setPen(QPen(m_theme.hairline, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(target.adjusted(-0.5, -0.5, 0.5, 0.5));
}

void Sheet::drawHits(QPainter& painter) {
    QColor wash = m_theme.aubergine;
    wash.setAlpha(70);
    for (const QRectF& hit : m_hits) painter.fillRect(viewOf(hit).adjusted(-1, -1, 1, 1), wash);
}

// All but what is held, and what the tool that is on draws.
void Sheet::paintScene(QPainter& painter, const Capture& capture) {
    painter.fillRect(viewport()->rect(), m_theme.oat);
    drawPicture(painter, capture);
    painter.save();
    if (isDivided()) painter.setClipRect(QRectF(dividerAt(), 0, viewport()->width(), viewport()->height()));
    drawMarks(painter);
    drawHits(painter);
    if (capture.page)
        drawWords(painter, *capture.page);
    else if (m_unsureShown) // nothing was looked for here
        painter.fillRect(viewOf(QRectF(QPointF(0, 0), QSizeF(capture.size))), QBrush(m_theme.clay, Qt::BDiagPattern));
    drawItems(painter, capture);
    painter.restore();
}

void Sheet::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    const Capture* c = capture();
    if (!c) {
        painter.fillRect(viewport()->rect(), m_theme.oat);
        return drawNoCaptures(painter, viewport()->rect(), font(), m_theme);
    }
    if (m_bare) {
        painter.fillRect(viewport()->rect(), m_theme.oat);
        drawPicture(painter, *c);
        return drawBareNotice(painter, viewport()->width(), m_theme);
    }
    if (m_instead.empty()) {
        paintScene(painter, *c);
    } else {
        // While marks are dragged all else stays as it is.
        if (m_backdrop.isNull()) {
            m_backdrop = QPixmap(viewport()->size() * devicePixelRatioF());
            m_backdrop.setDevicePixelRatio(devicePixelRatioF());
            QPainter behind(&m_backdrop);
            behind.setFont(painter.font());
            paintScene(behind, *c);
        }
        painter.drawPixmap(0, 0, m_backdrop);
        drawDragged(painter);
    }
    drawGrips(painter);
    drawMarkSelection(painter);
    if (isDivided()) drawDivider(painter, *c);
    current().paint(painter);
    drawKeyPoint(painter);
    // A line around it says that keys are for it; a broad one that a tool draws.
    if (hasFocus() || m_tool != Tool::Select) {
        const double width = m_tool == Tool::Select ? 1 : 3;
        painter.setBrush(Qt::NoBrush);
        painter.setPen(QPen(m_theme.aubergine, width));
        painter.drawRect(QRectF(viewport()->rect()).adjusted(width / 2, width / 2, -width / 2, -width / 2));
    }
    const QString own = current().notice(), atWork = own.isEmpty() ? toolNotice(m_tool, m_form) : own;
    drawToolNotice(painter, atWork.isEmpty() && m_unsureShown ? doubts(*c) : atWork, viewport()->width(), m_theme);
}

QString Sheet::doubts(const Capture& capture) const {
    if (!capture.page) return Tr::tr("This capture has not been read: nothing was looked for on it");
    int unsure = 0;
    for (const TextLine& line : capture.page->lines)
        unsure += int(std::count_if(line.words.begin(), line.words.end(),
                                    [](const Word& word) { return word.confidence < unsureBelow; }));
    QString text = sentence(Tr::tr("%1, %2"), Tr::tr("%n word(s) unsure", nullptr, unsure),
                            Tr::tr("%n place(s) not readable", nullptr, int(capture.page->illegible.size())));
    QStringList off;
    for (const Kind kind : allKinds())
        if (kind != Kind::Watch && !m_case.policy().looksFor(kind)) off << kindTitle(kind);
    constexpr qsizetype named = 4;
    if (off.size() > named) return sentence(Tr::tr("%1; not looked for: %n kind(s)", nullptr, int(off.size())), text);
    return off.isEmpty() ? text : sentence(Tr::tr("%1; not looked for: %2"), text, off.join(QStringLiteral(", ")));
}

void Sheet::drawWords(QPainter& painter, const Page& page) {
    const Theme& t = m_theme;
    const auto& lines = page.lines;
    QColor wash = t.aubergine;
    wash.setAlpha(64);
    for (size_t i = 0; i < m_chosen.size(); ++i) {
        if (!isOn(page, m_chosen[i])) continue;
        const auto [l, w] = m_chosen[i];
        const TextLine& line = lines[size_t(l)];
        QRectF box = line.words[size_t(w)].box;
        // The space between two chosen words is chosen as well.
        if (i + 1 < m_chosen.size() && m_chosen[i + 1].line == l && m_chosen[i + 1].word == w + 1)
            box.setRight(line.words[size_t(w) + 1].box.left());
        box.setTop(line.box.top());
        box.setBottom(line.box.bottom());
        painter.fillRect(viewOf(box).adjusted(0, -2, 0, 2), wash);
    }
    if (m_unsureShown) drawUnsure(painter, page);
}

// Words whose reading is not sure have dots under them, what could not be read is hatched.
void Sheet::drawUnsure(QPainter& painter, const Page& page) {
    painter.setPen(QPen(m_theme.clay, 1));
    painter.setBrush(QBrush(m_theme.clay, Qt::BDiagPattern));
    for (const QRectF& place : page.illegible) painter.drawRect(viewOf(place).adjusted(-2, -2, 2, 2));
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(m_theme.clay, 2, Qt::DotLine, Qt::RoundCap));
    for (const TextLine& line : page.lines)
        for (const Word& word : line.words) {
            if (word.confidence >= unsureBelow) continue;
            const QRectF there =
                viewOf(QRectF(QPointF(word.box.left(), line.box.top()), QPointF(word.box.right(), line.box.bottom())));
            painter.drawLine(there.bottomLeft() + QPointF(0, 2), there.bottomRight() + QPointF(0, 2));
        }
}

// Left of it the capture as it was taken, and nothing drawn on it.
void Sheet::drawDivider(QPainter& painter, const Capture& capture) {
    const double at = dividerAt(), height = viewport()->height();
    painter.save();
    painter.setClipRect(QRectF(0, 0, at, height));
    if (m_rendered.of == capture.picture) m_rendered.bare.draw(painter, origin(), m_zoom, QRectF(0, 0, at, height));
    painter.restore();
    painter.setPen(QPen(m_theme.onBrand, 4));
    painter.drawLine(QPointF(at, 0), QPointF(at, height));
    painter.setPen(QPen(m_theme.aubergine, 2));
    painter.drawLine(QPointF(at, 0), QPointF(at, height));
    drawDividerNotices(painter, at, m_theme);
}

const Mark* Sheet::insteadOf(int mark) const {
    const auto other = std::find_if(m_instead.begin(), m_instead.end(), [&](const Mark& m) { return m.id == mark; });
    return other == m_instead.end() ? nullptr : &*other;
}

// As they are released. Nothing that is newly covered is to be seen in what is enlarged.
void Sheet::paintMarks(QPainter& painter, const std::vector<const Mark*>& marks) {
    const QImage picture = isRendered() && !m_rendered.picture.isNull() ? m_rendered.picture.whole() : QImage();
    const MarkScene scene{viewTransform(),     pixel(),          picture.isNull() ? nullptr : &picture,
                          m_geometry.toFramed, m_geometry.shown, &m_edits.marks,
                          m_coverRegion,       &m_outlines};
    const QRectF inner(m_geometry.inner);
    painter.save();
    painter.setClipRect(QRectF(shownToView(inner.topLeft()), shownToView(inner.bottomRight())), Qt::IntersectClip);
    for (const Mark* mark : marks) paintMark(painter, *mark, scene);
    painter.restore();
}

// Those in view, but for those that are dragged.
void Sheet::drawMarks(QPainter& painter) {
    const QRectF view = viewport()->rect();
    std::vector<const Mark*> seen;
    for (const Mark& mark : m_edits.marks) {
        const double around = 4 * mark.style.width + 30 * mark.style.textHeight; // heads, labels, text beside a step
        if (!insteadOf(mark.id) && viewOf(boundsOf(mark).adjusted(-around, -around, around, around)).intersects(view))
            seen.push_back(&mark);
    }
    paintMarks(painter, seen);
}

void Sheet::drawDragged(QPainter& painter) {
    std::vector<const Mark*> dragged;
    for (const Mark& mark : m_instead) dragged.push_back(&mark);
    paintMarks(painter, dragged);
}

void Sheet::drawMarkSelection(QPainter& painter) {
    if (m_tool != Tool::Select && m_tool != Tool::Mark) return;
    const auto& chosen = m_selection.marks();
    for (const Mark& mark : m_edits.marks) {
        if (std::find(chosen.begin(), chosen.end(), mark.id) == chosen.end()) continue;
        const Mark* other = insteadOf(mark.id);
        paintMarkGrips(painter, *this, other ? *other : mark, chosen.size() == 1);
    }
}

// Of what is selected, where it can be dragged.
void Sheet::drawGrips(QPainter& painter) {
    const auto held = gripped();
    if (m_tool != Tool::Select || !held) return;
    painter.setRenderHint(QPainter::Antialiasing, false);
    for (const auto& [grip, place] : held->grips()) {
        // Beside a value, not on its letters.
        const double aside = grip.what == Grip::What::Start ? -gripSize : grip.what == Grip::What::End ? gripSize : 0;
        const QRectF square(toView(place) + QPointF(aside - gripSize / 2, -gripSize / 2), QSizeF(gripSize, gripSize));
        painter.fillRect(square, m_theme.onBrand);
        painter.setPen(QPen(m_theme.aubergine, 1));
        painter.drawRect(square);
    }
}

} // namespace eyelid
