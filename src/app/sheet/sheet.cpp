#include "app/sheet/sheet.h"

#include "app/sheet/overview.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QScrollBar>

namespace eyelid {
Sheet::Sheet(Case& owner, Selection& selection, const Theme& theme, QWidget* parent)
    : QAbstractScrollArea(parent), m_case(owner), m_selection(selection), m_theme(theme) {
    setFrameShape(QFrame::NoFrame);
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(Tr::tr("Sheet: the capture as it will be released"));
    viewport()->setMouseTracking(true);
    viewport()->setAutoFillBackground(false);
    viewport()->grabGesture(Qt::PinchGesture);
    m_overview = new Overview(*this);
    makeTools();
    connect(&m_case, &Case::captureChanged, this, [this](int id) {
        if (id == m_selection.capture()) refresh();
    });
    connect(&m_case, &Case::capturesChanged, this, &Sheet::refresh);
    connect(&m_case, &Case::termsChanged, this, &Sheet::refresh);
    // Words are chosen by their number; on another page they would be others.
    connect(&m_case, &Case::pageChanged, this, [this](int id) {
        if (id == m_selection.capture()) chooseWords({});
    });
    connect(&m_selection, &Selection::captureChanged, this, &Sheet::showOther);
    connect(&m_selection, &Selection::itemChanged, viewport(), qOverload<>(&QWidget::update));
}

Sheet::~Sheet() {
    m_lane.finish();
}

void Sheet::showOther() {
    m_hits.clear();
    m_chosen.clear();
    current().drop();
    m_fitted = true;
    emit wordsChosen();
    refresh();
    fit();
}

void Sheet::setBare(bool bare) {
    if (m_bare == bare) return;
    m_bare = bare;
    viewport()->update();
}

void Sheet::setDivided(bool divided) {
    m_divider = divided ? 0.5 : -1;
    m_dividing = false;
    viewport()->update();
    emit toolChanged();
}

void Sheet::setTool(Tool tool) {
    if (m_tool == tool) return;
    current().drop();
    m_tool = tool;
    viewport()->setCursor(tool == Tool::Select ? Qt::ArrowCursor : Qt::CrossCursor);
    viewport()->update();
    emit toolChanged();
}

void Sheet::makeTools() {
    const auto covers = [this](const CoverShape& shape) { emit shapeDrawn(shape); };
    m_select = std::make_unique<SelectTool>(*this);
    m_readAgain = std::make_unique<AreaTool>(*this, [this](const QRect& place) { emit areaToRead(place); });
    auto brush = std::make_unique<BrushTool>(*this, covers);
    m_brush = brush.get();
    m_covering = {std::make_unique<AreaTool>(*this, covers),
                  std::make_unique<BoxTool>(*this, covers),
                  std::make_unique<PolygonTool>(*this, covers),
                  std::make_unique<OutlineTool>(*this, covers),
                  std::move(brush),
                  std::make_unique<AreaTool>(*this,
                                             [this](const QRect& place) {
                                                 const QRect all(QPoint(0, 0), pictureSize());
                                                 emit shapeDrawn(CoverShape(all).without(place, all.size()));
                                             }),
                  std::make_unique<AreaTool>(*this, [this](const QRect& place) { emit pieceCut(place); })};
}

SheetTool& Sheet::current() {
    return m_tool == Tool::Select ? *m_select : m_tool == Tool::Cover ? *m_covering[size_t(m_form)] : *m_readAgain;
}

void Sheet::setCoverForm(CoverForm form) {
    if (m_form == form) return;
    current().drop();
    m_form = form;
    viewport()->update();
    emit toolChanged();
}

void Sheet::setBrush(int width) {
    m_brush->setWidth(width);
    viewport()->update();
}

void Sheet::setMarked(const std::vector<int>& ids) {
    m_marked = {ids.begin(), ids.end()};
    viewport()->update();
}

void Sheet::setHits(const std::vector<QRectF>& places) {
    m_hits = places;
    viewport()->update();
}

const Page* Sheet::page() const {
    const Capture* c = capture();
    return c ? c->page.get() : nullptr;
}

EdgeSnap Sheet::edges() const {
    constexpr double reach = 6; // view units
    constexpr int most = 12;    // device pixels
    return {bare(), std::clamp(int(std::lround(reach / pixel())), 1, most)};
}

bool Sheet::overviewShown() const {
    return m_overview->isWanted();
}

void Sheet::setOverviewShown(bool shown) {
    m_overview->setWanted(shown);
}

QSize Sheet::pictureSize() const {
    const Capture* c = capture();
    return c ? c->size : QSize();
}

void Sheet::refresh() {
    if (const Capture* c = capture()) {
        m_covers = m_case.covers(*c);
        renderAside(*c);
    } else {
        m_covers.clear();
        m_rendered = {};
    }
    m_hidden = m_rendered.covers == m_covers ? QRegion() : hiddenBy(m_covers);
    updateBars();
    viewport()->update();
    m_overview->place();
}

// Only a change of covers needs a new picture; what is asked for while one is made is made after it.
void Sheet::renderAside(const Capture& capture) {
    if (m_rendering || (m_rendered.of == capture.picture && m_rendered.covers == m_covers)) return;
    m_rendering = true;
    const TiledPicture known = m_rendered.of == capture.picture ? m_rendered.bare : TiledPicture();
    m_lane.start([this, known, pictures = m_case.pictures(), id = capture.picture, covers = m_covers] {
        const QImage bare = pictures->picture(id);
        Rendered rendered{{}, known.isNull() ? TiledPicture(bare) : known, id, covers};
        rendered.picture = covers.empty() ? rendered.bare : TiledPicture(eyelid::render(bare, covers));
        QMetaObject::invokeMethod(this, [this, rendered] {
            m_rendering = false;
            m_rendered = rendered;
            refresh();
        });
    });
}

int Sheet::itemAt(const QPointF& point) const {
    const Capture* c = capture();
    if (!c) return 0;
    const double reach = 3 / pixel();
    int best = 0;
    double smallest = 1e18;
    const auto consider = [&](const QRectF& box, int id) {
        if (!box.adjusted(-reach, -reach, reach, reach).contains(point) || box.width() * box.height() >= smallest)
            return;
        smallest = box.width() * box.height();
        best = id;
    };
    for (const Item& item : m_case.items(c->id))
        for (const QRectF& box : item.finding.boxes) consider(box, item.id);
    for (const HandCover& hand : c->hands)
        for (const QRect& rect : rectsOf(hand.shape.region(c->size))) consider(QRectF(rect), hand.id);
    return best;
}

void Sheet::click(int item) {
    if (!m_chosen.empty()) chooseWords({});
    m_selection.select(item);
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
    m_dividing = isOnDivider(event->position().x());
    if (m_dividing) return;
    current().press(toPicture(event->position()), *event);
    viewport()->update();
}

void Sheet::mouseDoubleClickEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton || !capture() || !current().doubleClick(toPicture(event->position()), *event))
        QAbstractScrollArea::mouseDoubleClickEvent(event);
}

void Sheet::mouseMoveEvent(QMouseEvent* event) {
    if (m_panning) {
        const QPoint by = event->position().toPoint() - m_panStart;
        horizontalScrollBar()->setValue(m_panBars.x() - by.x());
        verticalScrollBar()->setValue(m_panBars.y() - by.y());
        return;
    }
    if (m_dividing) {
        constexpr double edge = 0.02; // of the viewport's width, that each side keeps
        m_divider = std::clamp(event->position().x() / viewport()->width(), edge, 1 - edge);
        return viewport()->update();
    }
    const QPointF point = toPicture(event->position());
    current().move(point, *event);
    if (event->buttons() == Qt::NoButton)
        viewport()->setCursor(isOnDivider(event->position().x()) ? Qt::SplitHCursor : current().cursorAt(point));
    if (event->buttons() != Qt::NoButton || current().wantsMoves()) viewport()->update();
}

void Sheet::mouseReleaseEvent(QMouseEvent* event) {
    if (m_panning) {
        m_panning = false;
        viewport()->setCursor(current().cursorAt(toPicture(event->position())));
        return;
    }
    if (std::exchange(m_dividing, false)) return;
    current().release();
    viewport()->update();
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

void Sheet::keyPressEvent(QKeyEvent* event) {
    const int step = 60;
    if (capture() && current().key(*event)) return viewport()->update();
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

bool Sheet::viewportEvent(QEvent* event) {
    return zoomByGesture(*event) || QAbstractScrollArea::viewportEvent(event);
}

bool Sheet::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && capture() && current().wantsKey(*static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    return QAbstractScrollArea::event(event);
}

// A line around it says that keys are for it.
void Sheet::focusInEvent(QFocusEvent* event) {
    QAbstractScrollArea::focusInEvent(event);
    viewport()->update();
}

void Sheet::focusOutEvent(QFocusEvent* event) {
    QAbstractScrollArea::focusOutEvent(event);
    viewport()->update();
}

void Sheet::resizeEvent(QResizeEvent*) {
    if (m_fitted) fit();
    updateBars();
    m_overview->place();
}

void Sheet::scrollContentsBy(int, int) {
    viewport()->update();
    m_overview->update();
}

} // namespace eyelid
