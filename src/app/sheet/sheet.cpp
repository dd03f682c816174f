#include "app/sheet/sheet.h"

#include "app/explain/frame_tool.h"
#include "app/explain/mark_tool.h"
#include "app/sheet/overview.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"
#include "editing/mark_paths.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>
#include <QTabletEvent>

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
    const bool frames = m_tool == Tool::Frame || tool == Tool::Frame;
    m_tool = tool;
    m_keyPoint.reset();
    m_keyDown = false;
    if (frames) {
        refresh();
        if (m_fitted) fit();
    }
    viewport()->setCursor(tool == Tool::Select ? Qt::ArrowCursor : Qt::CrossCursor);
    viewport()->update();
    emit toolChanged();
}

void Sheet::makeTools() {
    const auto covers = [this](const CoverShape& shape) { emit shapeDrawn(shape); };
    m_select = std::make_unique<SelectTool>(*this);
    m_marking = std::make_unique<MarkTool>(*this);
    m_framing = std::make_unique<FrameTool>(*this);
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
    switch (m_tool) {
    case Tool::Select:
        return *m_select;
    case Tool::Cover:
        return *m_covering[size_t(m_form)];
    case Tool::ReadAgain:
        return *m_readAgain;
    case Tool::Mark:
        return *m_marking;
    case Tool::Frame:
        return *m_framing;
    }
    return *m_select;
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

QImage Sheet::covered() const {
    const Capture* c = capture();
    return c && m_rendered.of == c->picture && m_rendered.covers == m_edits.covers ? m_rendered.covered : QImage();
}

EdgeSnap Sheet::edgesOf(const QImage& picture) const {
    constexpr double reach = 6; // view units
    constexpr int most = 12;    // device pixels
    return {picture, std::clamp(int(std::lround(reach / pixel())), 1, most)};
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
    m_backdrop = {};
    const FramedGeometry before = m_geometry;
    if (const Capture* c = capture()) {
        m_edits = m_case.edits(*c);
        m_geometry = geometryOf(shownFraming(), c->size);
        renderAside(*c);
    } else {
        m_edits = {};
        m_geometry = {};
        m_rendered = {};
    }
    m_coverRegion = hiddenBy(m_edits.covers);
    m_hidden = m_rendered.covers == m_edits.covers ? QRegion() : m_coverRegion;
    if (m_fitted && before.size != m_geometry.size && before.size.isValid()) fit();
    updateBars();
    viewport()->update();
    m_overview->place();
}

// What is transparent shows chequers, as a picture's ground does wherever there is none.
static QImage framedToBeSeen(const QImage& covered, const Framing& framing) {
    if (!framing.transparent) return framed(covered, framing);
    constexpr int cell = 8; // device pixels
    const QImage thing = framedTransparent(covered, framing);
    QImage seen(thing.size(), QImage::Format_RGB32);
    for (int y = 0; y < seen.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(seen.scanLine(y));
        for (int x = 0; x < seen.width(); ++x)
            line[x] = (x / cell + y / cell) % 2 ? qRgb(255, 255, 255) : qRgb(222, 222, 222);
    }
    QPainter painter(&seen);
    painter.drawImage(0, 0, thing);
    return seen;
}

// Only a change of covers needs a new picture; what is asked for while one is made is made after it.
void Sheet::renderAside(const Capture& capture) {
    const Framing framing = shownFraming();
    if (m_rendering || (m_rendered.of == capture.picture && isRendered())) return;
    m_rendering = true;
    const bool same = m_rendered.of == capture.picture && m_rendered.framing == framing;
    const TiledPicture known = same ? m_rendered.bare : TiledPicture();
    m_lane.start([this, known, framing, pictures = m_case.pictures(), id = capture.picture, covers = m_edits.covers] {
        const QImage whole = pictures->picture(id);
        Rendered rendered{{}, known,  whole,  covers.empty() ? whole : eyelid::render(whole, covers),
                          id, covers, framing};
        if (known.isNull()) rendered.bare = TiledPicture(framedToBeSeen(whole, framing));
        rendered.picture = covers.empty() ? rendered.bare : TiledPicture(framedToBeSeen(rendered.covered, framing));
        QMetaObject::invokeMethod(this, [this, rendered] {
            m_rendering = false;
            m_rendered = rendered;
            refresh();
        });
    });
}

// What is cut, and what stands around, is not shown while it is chosen what to cut.
Framing Sheet::shownFraming() const {
    const Capture* c = capture();
    if (!c) return {};
    if (m_tool != Tool::Frame) return m_tried.value_or(c->framing);
    Framing whole;
    whole.quarters = c->framing.quarters;
    whole.mirrored = c->framing.mirrored;
    return whole;
}

void Sheet::setCropRatio(double ratio) {
    m_cropRatio = ratio;
    const Capture* c = capture();
    if (!c || ratio <= 0) return;
    Framing framing = c->framing;
    framing.crop = ofRatio(framing.crop.isNull() ? QRect(QPoint(0, 0), c->size) : framing.crop, ratio);
    frame(framing);
}

void Sheet::tryFraming(const std::optional<Framing>& framing) {
    m_tried = framing;
    refresh();
}

int Sheet::markAt(const QPointF& point) const {
    const double reach = 4 / pixel(); // view units
    for (auto mark = m_edits.marks.rbegin(); mark != m_edits.marks.rend(); ++mark)
        if (isHit(*mark, point, reach)) return mark->id;
    return 0;
}

void Sheet::showInstead(std::vector<Mark> marks) {
    if (m_instead.empty() || marks.empty()) m_backdrop = {};
    m_instead = std::move(marks);
    viewport()->update();
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
    m_keyPoint.reset();
    if (event->button() == Qt::RightButton && capture() && m_tool == Tool::Select)
        if (const int mark = markAt(toPicture(event->position())); mark && m_selection.item() != mark)
            m_selection.select(mark);
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
    if (capture() && m_tool != Tool::Select && moveKeyPoint(*event)) return;
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

// What a tablet's pen does comes as the pointer's doing after this.
void Sheet::followPen(const QEvent& event) {
    if (event.type() != QEvent::TabletPress && event.type() != QEvent::TabletMove &&
        event.type() != QEvent::TabletRelease)
        return;
    const auto& pen = static_cast<const QTabletEvent&>(event);
    const bool ends = event.type() == QEvent::TabletRelease;
    m_penPressure = ends ? 1 : pen.pressure();
    m_penErases = !ends && pen.pointerType() == QPointingDevice::PointerType::Eraser;
}

bool Sheet::viewportEvent(QEvent* event) {
    followPen(*event);
    if (event->type() == QEvent::ContextMenu && !m_selection.marks().empty()) {
        emit menuAsked(static_cast<QContextMenuEvent*>(event)->globalPos());
        return true;
    }
    return zoomByGesture(*event) || QAbstractScrollArea::viewportEvent(event);
}

bool Sheet::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && capture() &&
        (current().wantsKey(*static_cast<QKeyEvent*>(event)) || isForKeyPoint(*static_cast<QKeyEvent*>(event)))) {
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
    m_backdrop = {};
    if (m_fitted) fit();
    updateBars();
    m_overview->place();
}

void Sheet::scrollContentsBy(int, int) {
    m_backdrop = {};
    viewport()->update();
    m_overview->update();
}

} // namespace eyelid
