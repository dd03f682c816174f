#include "app/sheet.h"

#include "app/lid_gauge.h"
#include "app/theme.h"
#include "base/sentence.h"
#include "reading/page_text.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QWheelEvent>

namespace eyelid {
namespace {
constexpr int room = 24;             // around the capture, view units
constexpr double unsureBelow = 0.75; // a word's confidence
} // namespace

Sheet::Sheet(Case& owner, QWidget* parent) : QAbstractScrollArea(parent), m_case(owner) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(QStringLiteral("Sheet: the capture as it will be released"));
    viewport()->setMouseTracking(true);
    viewport()->setAutoFillBackground(false);
    connect(&m_case, &Case::captureChanged, this, [this](int id) {
        if (id == m_capture) refresh();
    });
    connect(&m_case, &Case::capturesChanged, this, [this] { refresh(); });
}

void Sheet::setCapture(int id) {
    if (id == m_capture) return;
    m_capture = id;
    m_selected = 0;
    m_marks.clear();
    m_chosen.clear();
    m_sweepFrom.reset();
    m_sweeping = false;
    m_fitted = true;
    emit wordsChosen();
    refresh();
    fit();
}

void Sheet::setSelected(int itemId) {
    m_selected = itemId;
    viewport()->update();
}

void Sheet::setBare(bool bare) {
    if (m_bare == bare) return;
    m_bare = bare;
    viewport()->update();
}

void Sheet::setTool(Tool tool) {
    if (m_tool == tool) return;
    m_tool = tool;
    m_dragging = false;
    viewport()->setCursor(tool == Tool::Select ? Qt::ArrowCursor : Qt::CrossCursor);
    viewport()->update();
    emit toolChanged();
}

void Sheet::setMarks(const std::vector<QRectF>& marks) {
    m_marks = marks;
    viewport()->update();
}

void Sheet::refresh() {
    const Capture* c = capture();
    if (!c) {
        m_rendered = QImage();
        m_renderedKey = 0;
    } else {
        // Only a change of covers needs a new picture.
        auto covers = m_case.covers(*c);
        if (m_renderedKey != c->picture.cacheKey() || covers != m_renderedCovers) {
            m_rendered = eyelid::render(c->picture, covers);
            m_renderedCovers = std::move(covers);
            m_renderedKey = c->picture.cacheKey();
        }
    }
    updateBars();
    viewport()->update();
}

double Sheet::pixel() const {
    return m_zoom / devicePixelRatioF();
}

void Sheet::updateBars() {
    const QSizeF size =
        m_rendered.isNull() ? QSizeF() : QSizeF(m_rendered.size()) * pixel() + QSizeF(2 * room, 2 * room);
    const QSize view = viewport()->size();
    horizontalScrollBar()->setRange(0, std::max(0, int(std::ceil(size.width())) - view.width()));
    verticalScrollBar()->setRange(0, std::max(0, int(std::ceil(size.height())) - view.height()));
    horizontalScrollBar()->setPageStep(view.width());
    verticalScrollBar()->setPageStep(view.height());
    horizontalScrollBar()->setSingleStep(40);
    verticalScrollBar()->setSingleStep(40);
}

QPointF Sheet::toView(const QPointF& point) const {
    const QSizeF size = QSizeF(m_rendered.size()) * pixel();
    // A capture smaller than the view stands in its middle.
    const double x0 = std::max(double(room), (viewport()->width() - size.width()) / 2) - horizontalScrollBar()->value();
    const double y0 = std::max(double(room), (viewport()->height() - size.height()) / 2) - verticalScrollBar()->value();
    return QPointF(x0, y0) + point * pixel();
}

QPointF Sheet::toPicture(const QPointF& point) const {
    return (point - toView({0, 0})) / pixel();
}

void Sheet::setZoom(double zoom, const QPointF& fixed) {
    zoom = std::clamp(zoom, 0.05, 16.0);
    const QPointF under = toPicture(fixed);
    m_zoom = zoom;
    updateBars();
    const QPointF now = toView(under);
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + int(std::lround(now.x() - fixed.x())));
    verticalScrollBar()->setValue(verticalScrollBar()->value() + int(std::lround(now.y() - fixed.y())));
    viewport()->update();
    emit zoomChanged();
}

void Sheet::zoomBy(double factor) {
    m_fitted = false;
    setZoom(m_zoom * factor, viewport()->rect().center());
}

void Sheet::fit() {
    m_fitted = true;
    if (m_rendered.isNull()) return;
    const QSizeF view = QSizeF(viewport()->size()) - QSizeF(2 * room, 2 * room);
    const double scale = std::min(view.width() / m_rendered.width(), view.height() / m_rendered.height());
    // Never larger than life, a pixel of the capture for one of the interface: type is easiest to judge at its own
    // size.
    setZoom(std::min(devicePixelRatioF(), scale * devicePixelRatioF()), viewport()->rect().center());
}

void Sheet::actualSize() {
    m_fitted = false;
    setZoom(1, viewport()->rect().center());
}

void Sheet::reveal(const QRectF& place) {
    const QRectF there(toView(place.topLeft()), toView(place.bottomRight()));
    const QRectF view = QRectF(viewport()->rect()).adjusted(room, room, -room, -room);
    double dx = 0, dy = 0;
    if (there.right() > view.right()) dx = there.right() - view.right();
    if (there.left() < view.left()) dx = there.left() - view.left();
    if (there.bottom() > view.bottom()) dy = there.bottom() - view.bottom();
    if (there.top() < view.top()) dy = there.top() - view.top();
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + int(dx));
    verticalScrollBar()->setValue(verticalScrollBar()->value() + int(dy));
}

void Sheet::drawEmpty(QPainter& painter) {
    const Theme& t = theme(*qApp);
    const QRectF view = viewport()->rect();
    const QPointF c = view.center();
    paintLid(painter, QRectF(c.x() - 60, c.y() - 110, 120, 80), 1, t.aubergine, t.clay);
    QFont font = this->font();
    font.setPixelSize(17);
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.setPen(t.ink);
    painter.drawText(QRectF(view.left(), c.y() - 16, view.width(), 26), Qt::AlignCenter,
                     QStringLiteral("No captures yet"));
    font.setPixelSize(13);
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(t.faint);
    painter.drawText(
        QRectF(view.left() + 20, c.y() + 14, view.width() - 40, 48), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
        QStringLiteral("Take one from the desk (Ctrl+T), bring in pictures (Ctrl+O),\nor drop picture files here."));
}

void Sheet::drawItems(QPainter& painter, const Capture& capture) {
    const Theme& t = theme(*qApp);
    painter.setRenderHint(QPainter::Antialiasing);
    // On a capture drawn small the marks are drawn finer, so that they do not lie on its text.
    const double f = std::clamp(pixel(), 0.4, 1.0);
    for (const Item& item : capture.items) {
        const bool selected = item.id == m_selected;
        for (const QRectF& box : item.finding.boxes) {
            const QRectF r =
                QRectF(toView(box.topLeft()), toView(box.bottomRight())).adjusted(-2.5 * f, -2.5 * f, 2.5 * f, 2.5 * f);
            if (selected) {
                painter.setBrush(Qt::NoBrush);
                painter.setPen(QPen(t.onBrand, 4 * f));
                painter.drawRoundedRect(r.adjusted(-2 * f, -2 * f, 2 * f, 2 * f), 4 * f, 4 * f);
                painter.setPen(QPen(t.aubergine, 2 * f));
                painter.drawRoundedRect(r.adjusted(-2 * f, -2 * f, 2 * f, 2 * f), 4 * f, 4 * f);
            }
            if (item.decision == Decision::Open) {
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
                for (const auto& [corner, dx, dy] :
                     {std::tuple(r.topLeft(), 1.0, 1.0), std::tuple(r.topRight(), -1.0, 1.0)}) {
                    painter.drawLine(corner, corner + QPointF(dx * tick, 0));
                    painter.drawLine(corner, corner + QPointF(0, dy * tick));
                }
            } else if (item.decision == Decision::Keep) {
                painter.setPen(QPen(t.pine, 1.4 * f));
                painter.drawLine(r.bottomLeft(), r.bottomRight());
            }
        }
    }
}

void Sheet::paintEvent(QPaintEvent*) {
    QPainter painter(viewport());
    const Theme& t = theme(*qApp);
    painter.fillRect(viewport()->rect(), t.oat);
    const Capture* c = capture();
    if (!c) {
        drawEmpty(painter);
        return;
    }
    const QRectF target(toView({0, 0}), QSizeF(m_rendered.size()) * pixel());
    painter.setRenderHint(QPainter::SmoothPixmapTransform, m_zoom < 1.99);
    painter.drawImage(target, m_bare ? c->picture : m_rendered);
    painter.setPen(QPen(t.hairline, 1));
    painter.setBrush(Qt::NoBrush);
    painter.drawRect(target.adjusted(-0.5, -0.5, 0.5, 0.5));
    if (m_bare) {
        // It must be plain that this is not what will be released.
        const QString text = QStringLiteral("Bare capture: nothing is covered here");
        const QFontMetrics metrics(font());
        const QRectF label(viewport()->width() / 2.0 - metrics.horizontalAdvance(text) / 2.0 - 12, 8,
                           metrics.horizontalAdvance(text) + 24, 26);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(t.brick);
        painter.drawRoundedRect(label, 6, 6);
        painter.setPen(t.dark ? t.oat : t.paper);
        painter.drawText(label, Qt::AlignCenter, text);
        return;
    }
    for (const QRectF& mark : m_marks) {
        QColor wash = t.aubergine;
        wash.setAlpha(70);
        painter.fillRect(QRectF(toView(mark.topLeft()), toView(mark.bottomRight())).adjusted(-1, -1, 1, 1), wash);
    }
    drawWords(painter, *c);
    drawItems(painter, *c);
    if (m_dragging) {
        const QRectF r = QRectF(toView(m_from), toView(m_to)).normalized();
        QColor wash = t.aubergine;
        wash.setAlpha(90);
        painter.fillRect(r, wash);
        painter.setPen(QPen(t.aubergine, 1.5));
        painter.drawRect(r);
        const QRectF p = QRectF(m_from, m_to).normalized();
        painter.setPen(t.ink);
        painter.drawText(r.bottomRight() + QPointF(6, 14), sentence(u"%1 × %2", int(p.width()), int(p.height())));
    }
}

int Sheet::itemAt(const QPointF& point) const {
    const Capture* c = capture();
    if (!c) return 0;
    const double reach = 3 / pixel();
    int best = 0;
    double smallest = 1e18;
    for (const Item& item : c->items)
        for (const QRectF& box : item.finding.boxes)
            if (box.adjusted(-reach, -reach, reach, reach).contains(point) && box.width() * box.height() < smallest) {
                smallest = box.width() * box.height();
                best = item.id;
            }
    return best;
}

void Sheet::mousePressEvent(QMouseEvent* event) {
    const bool pan = event->button() == Qt::MiddleButton ||
                     (event->button() == Qt::LeftButton && event->modifiers() & Qt::ShiftModifier);
    if (pan) {
        m_panning = true;
        m_panStart = event->position().toPoint();
        m_panBars = {horizontalScrollBar()->value(), verticalScrollBar()->value()};
        viewport()->setCursor(Qt::ClosedHandCursor);
        return;
    }
    if (event->button() != Qt::LeftButton || !capture()) return;
    if (m_tool != Tool::Select) {
        m_from = m_to = toPicture(event->position());
        m_dragging = true;
        viewport()->update();
        return;
    }
    const QPointF at = toPicture(event->position());
    // The third of three quick clicks takes the line.
    if (m_sinceDouble.isValid() && m_sinceDouble.elapsed() < QApplication::doubleClickInterval() &&
        (event->position() - m_pressed).manhattanLength() < 6) {
        m_sinceDouble.invalidate();
        if (const auto word = wordAt(at)) {
            std::vector<WordAt> line;
            const int count = int(capture()->page->lines[size_t(word->line)].words.size());
            for (int w = 0; w < count; ++w) line.push_back({word->line, w});
            chooseWords(std::move(line));
            return;
        }
    }
    m_sinceDouble.invalidate();
    m_pressed = event->position();
    m_pressedItem = itemAt(at);
    m_sweepFrom = wordAt(at);
    m_sweeping = false;
    if (!m_sweepFrom) {
        if (!m_chosen.empty()) chooseWords({});
        emit itemClicked(m_pressedItem);
    }
}

void Sheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton || m_tool != Tool::Select || !capture()) {
        QAbstractScrollArea::mouseDoubleClickEvent(event);
        return;
    }
    if (const auto word = wordAt(toPicture(event->position()))) {
        m_pressed = event->position();
        m_sinceDouble.start();
        chooseWords({*word});
    }
}

std::optional<Sheet::WordAt> Sheet::wordAt(const QPointF& point) const {
    const Capture* c = capture();
    if (!c || !c->page) return std::nullopt;
    std::optional<WordAt> best;
    double nearest = 1e9;
    for (int l = 0; l < int(c->page->lines.size()); ++l) {
        const TextLine& line = c->page->lines[size_t(l)];
        const double reach = 1.2 * std::max(6.0, line.xHeight);
        if (!line.box.adjusted(-reach, -reach, reach, reach).contains(point)) continue;
        for (int w = 0; w < int(line.words.size()); ++w) {
            const QRectF& b = line.words[size_t(w)].box;
            const double dx = std::max({0.0, b.left() - point.x(), point.x() - b.right()}),
                         dy = std::max({0.0, b.top() - point.y(), point.y() - b.bottom()});
            if (dx > reach || dy > reach) continue;
            if (dx + 2 * dy < nearest) {
                nearest = dx + 2 * dy;
                best = WordAt{l, w};
            }
        }
    }
    return best;
}

std::vector<Sheet::WordAt> Sheet::wordsBetween(const WordAt& from, const WordAt& to) const {
    std::vector<WordAt> words;
    const Capture* c = capture();
    if (!c || !c->page || from.line >= int(c->page->lines.size()) || to.line >= int(c->page->lines.size()))
        return words;
    const auto& lines = c->page->lines;
    const QRectF &a = lines[size_t(from.line)].box, &b = lines[size_t(to.line)].box;
    // Lines over one another are of one column; what stands beside it is left out.
    const bool column = from.line != to.line && std::min(a.right(), b.right()) > std::max(a.left(), b.left());
    const double left = std::min(a.left(), b.left()), right = std::max(a.right(), b.right());
    std::vector<WordAt> all;
    for (const int l : readingOrder(*c->page)) {
        const QRectF& box = lines[size_t(l)].box;
        if (column && (box.center().x() < left || box.center().x() > right)) continue;
        for (int w = 0; w < int(lines[size_t(l)].words.size()); ++w) all.push_back({l, w});
    }
    auto first = std::find(all.begin(), all.end(), from), last = std::find(all.begin(), all.end(), to);
    if (first == all.end() || last == all.end()) return words;
    if (first > last) std::swap(first, last);
    words.assign(first, last + 1);
    return words;
}

void Sheet::chooseWords(std::vector<WordAt> words) {
    m_chosen = std::move(words);
    viewport()->update();
    emit wordsChosen();
}

void Sheet::setUnsureShown(bool shown) {
    m_unsureShown = shown;
    viewport()->update();
}

void Sheet::drawWords(QPainter& painter, const Capture& capture) {
    if (!capture.page) return;
    const Theme& t = theme(*qApp);
    const auto& lines = capture.page->lines;
    QColor wash = t.aubergine;
    wash.setAlpha(64);
    for (size_t i = 0; i < m_chosen.size(); ++i) {
        const auto [l, w] = m_chosen[i];
        if (l >= int(lines.size()) || w >= int(lines[size_t(l)].words.size())) continue;
        const TextLine& line = lines[size_t(l)];
        QRectF box = line.words[size_t(w)].box;
        // The space between two chosen words is chosen as well.
        if (i + 1 < m_chosen.size() && m_chosen[i + 1].line == l && m_chosen[i + 1].word == w + 1)
            box.setRight(line.words[size_t(w) + 1].box.left());
        box.setTop(line.box.top());
        box.setBottom(line.box.bottom());
        painter.fillRect(QRectF(toView(box.topLeft()), toView(box.bottomRight())).adjusted(0, -2, 0, 2), wash);
    }
    if (!m_unsureShown) return;
    painter.setPen(QPen(t.clay, 2, Qt::DotLine, Qt::RoundCap));
    for (const TextLine& line : lines)
        for (const Word& word : line.words) {
            if (word.confidence >= unsureBelow) continue;
            const double y = toView({0, line.box.bottom()}).y() + 2;
            painter.drawLine(QPointF(toView(word.box.topLeft()).x(), y), QPointF(toView(word.box.topRight()).x(), y));
        }
}

void Sheet::mouseMoveEvent(QMouseEvent* event) {
    if (m_panning) {
        const QPoint by = event->position().toPoint() - m_panStart;
        horizontalScrollBar()->setValue(m_panBars.x() - by.x());
        verticalScrollBar()->setValue(m_panBars.y() - by.y());
        return;
    }
    if (m_dragging) {
        m_to = toPicture(event->position());
        viewport()->update();
        return;
    }
    if (m_sweepFrom) {
        if ((event->position() - m_pressed).manhattanLength() >= QApplication::startDragDistance()) m_sweeping = true;
        if (m_sweeping)
            if (const auto to = wordAt(toPicture(event->position()))) chooseWords(wordsBetween(*m_sweepFrom, *to));
        return;
    }
    if (m_tool == Tool::Select)
        viewport()->setCursor(itemAt(toPicture(event->position()))   ? Qt::PointingHandCursor
                              : wordAt(toPicture(event->position())) ? Qt::IBeamCursor
                                                                     : Qt::ArrowCursor);
}

void Sheet::mouseReleaseEvent(QMouseEvent*) {
    if (m_panning) {
        m_panning = false;
        viewport()->setCursor(m_tool == Tool::Select ? Qt::ArrowCursor : Qt::CrossCursor);
        return;
    }
    if (m_sweepFrom) {
        // A press that swept nothing is a click on what lies there.
        if (!m_sweeping && !m_sinceDouble.isValid()) {
            if (!m_chosen.empty()) chooseWords({});
            emit itemClicked(m_pressedItem);
        }
        m_sweepFrom.reset();
        m_sweeping = false;
        return;
    }
    if (!m_dragging) return;
    m_dragging = false;
    viewport()->update();
    const QRectF p = QRectF(m_from, m_to).normalized();
    const QRect place(QPoint(int(std::floor(p.left())), int(std::floor(p.top()))),
                      QPoint(int(std::ceil(p.right())) - 1, int(std::ceil(p.bottom())) - 1));
    // A click is not a cover.
    if (place.width() < 3 || place.height() < 3) return;
    if (m_tool == Tool::ReadAgain)
        emit areaToRead(place);
    else
        emit areaDrawn(place);
}

void Sheet::wheelEvent(QWheelEvent* event) {
    if (event->modifiers() & Qt::ControlModifier || event->modifiers() == Qt::NoModifier) {
        const double steps = event->angleDelta().y() / 120.0;
        if (steps != 0 && !m_rendered.isNull()) {
            m_fitted = false;
            setZoom(m_zoom * std::pow(1.2, steps), event->position());
        }
        event->accept();
        return;
    }
    QAbstractScrollArea::wheelEvent(event);
}

void Sheet::keyPressEvent(QKeyEvent* event) {
    const int step = 60;
    switch (event->key()) {
    case Qt::Key_Left:
        horizontalScrollBar()->setValue(horizontalScrollBar()->value() - step);
        return;
    case Qt::Key_Right:
        horizontalScrollBar()->setValue(horizontalScrollBar()->value() + step);
        return;
    case Qt::Key_Up:
        verticalScrollBar()->setValue(verticalScrollBar()->value() - step);
        return;
    case Qt::Key_Down:
        verticalScrollBar()->setValue(verticalScrollBar()->value() + step);
        return;
    default:
        event->ignore();
    }
}

void Sheet::resizeEvent(QResizeEvent*) {
    if (m_fitted) fit();
    updateBars();
}

void Sheet::scrollContentsBy(int, int) {
    viewport()->update();
}

} // namespace eyelid
