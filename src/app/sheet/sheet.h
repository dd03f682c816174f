// The capture as it will be released, with what is open, covered and kept marked on it.
#pragma once

#include "app/explain/mark_pen.h"
#include "app/findings/selection.h"
#include "app/sheet/shape_tools.h"
#include "app/sheet/tiled_picture.h"
#include "base/workers.h"
#include "casefile/case.h"
#include "editing/mark_painting.h"
#include "reading/word_picking.h"

#include <array>
#include <cmath>
#include <memory>
#include <QAbstractScrollArea>
#include <QEvent>
#include <QPixmap>
#include <set>

namespace eyelid {

struct Theme;

class Overview;

class Sheet final : public QAbstractScrollArea {
    Q_OBJECT
public:
    enum class Tool {
        Select, ///< click a finding, sweep words, drag what is selected
        Cover,  ///< in the form that is set
        ReadAgain,
        Mark, ///< of the kind the pen has
        Frame ///< what is shown of the capture, all of which is in view meanwhile
    };
    /// What the tool Cover draws.
    enum class CoverForm { Rectangle, Box, Polygon, Outline, Brush, AllBut, CutOut };

    Sheet(Case& owner, Selection& selection, const Theme& theme, QWidget* parent = nullptr);
    const Theme& theme() const { return m_theme; }
    ~Sheet() override;

    /// Draws the capture without covers and marks.
    void setBare(bool bare);
    bool isBare() const { return m_bare; }
    /// Left of an upright line the capture is shown as it was taken, right of it as it will be released; the line is
    /// dragged.
    void setDivided(bool divided);
    bool isDivided() const { return m_divider >= 0; }
    /// Where the line is, in the viewport; only while it is divided.
    double dividerAt() const { return m_divider * viewport()->width(); }
    void setTool(Tool tool);
    Tool tool() const { return m_tool; }
    void setCoverForm(CoverForm form);
    CoverForm coverForm() const { return m_form; }
    void setBrush(int width); ///< device pixels
    MarkPen& pen() { return m_pen; }
    const MarkPen& pen() const { return m_pen; }
    /// Words swept with the pointer, in reading order.
    const std::vector<WordAt>& chosenWords() const { return m_chosen; }
    void chooseWords(std::vector<WordAt> words);
    /// Shows which words' reading is not sure, what could not be read, and what nothing was looked for on.
    void setUnsureShown(bool shown);
    bool unsureShown() const { return m_unsureShown; }
    /// Findings that a step which is being prepared would decide.
    void setMarked(const std::vector<int>& ids);
    /// Places found by a search, in the capture's pixels.
    void setHits(const std::vector<QRectF>& places);

    /// Screen pixels for one pixel of what is shown: 1 is actual size.
    double zoom() const { return m_zoom; }
    void setZoom(double zoom, const QPointF& fixed);
    void zoomBy(double factor);
    void fit();
    void fitWidth();
    void actualSize();
    /// As large as it fits, a place of the capture with some room around it; never smaller than life.
    void zoomTo(const QRectF& place);
    /// Scrolls so that a point of the capture is in the middle, as far as that can be.
    void centreOn(const QPointF& point);
    /// Scrolls so that the place is in view.
    void reveal(const QRectF& place);
    /// Where a point of the capture is in the viewport, and back.
    QPointF toView(const QPointF& point) const;
    QPointF toPicture(const QPointF& point) const;
    /// How the capture lies in what is shown of it.
    const FramedGeometry& geometry() const { return m_geometry; }
    QSize shownSize() const { return m_geometry.size; }
    /// A point of what is shown, from one of the viewport, and the other way round.
    QPointF toShown(const QPointF& point) const;
    QPointF shownToView(const QPointF& point) const;
    void centreOnShown(const QPointF& point);

    // For the tools.
    double pixel() const;             ///< view units for one pixel of the capture
    double shownPixel() const;        ///< view units for one pixel of what is shown
    QTransform viewTransform() const; ///< from the capture to the viewport
    QRectF viewOf(const QRectF& place) const;
    Case& openCase() { return m_case; }
    const Case& openCase() const { return m_case; }
    Selection& selection() { return m_selection; }
    const Selection& selection() const { return m_selection; }
    /// How hard a pen presses now, 0 to 1, and whether it is its other end; 1 and false without a tablet.
    double penPressure() const { return m_penPressure; }
    bool penErases() const { return m_penErases; }
    void setCropRatio(double ratio); ///< width for height; 0: as it is drawn
    double cropRatio() const { return m_cropRatio; }
    const Capture* shownCapture() const { return capture(); }
    /// The topmost mark at a point of the capture; 0 where there is none.
    int markAt(const QPointF& point) const;
    /// Marks as they are drawn, with held points where they belong.
    const std::vector<Mark>& drawnMarks() const { return m_edits.marks; }
    /// Draws others in place of the marks with their ids, as while they are dragged; none ends that.
    void showInstead(std::vector<Mark> marks);
    void give(const Mark& mark) { emit markDrawn(mark); }
    void askText(int mark) { emit textAsked(mark); }
    /// Shows another framing than the capture has, as while one is chosen by numbers; nothing: its own again.
    void tryFraming(const std::optional<Framing>& framing);
    void frame(const Framing& framing) { m_case.setFraming(m_selection.capture(), framing); }
    std::optional<Gripped> gripped() const { return Gripped::of(m_case, m_selection.item()); }
    void moveEnds(const LetterSpan& ends) { emit endsMoved(ends); }
    void reshape(int hand, const CoverShape& shape) { m_case.setHandShape(hand, shape); }
    const Page* page() const;
    QSize pictureSize() const; ///< of the capture that is shown; empty where there is none
    /// The capture as it was taken, RGB32; null until it is here.
    QImage bare() const { return m_rendered.whole; }
    /// The capture with its covers as they are now, not framed, RGB32: what marks and framing are made from. Null until
    /// it is here.
    QImage covered() const;
    /// What draws the sides of something to edges of the capture near them.
    EdgeSnap edges() const { return edgesOf(bare()); }
    EdgeSnap coveredEdges() const { return edgesOf(covered()); }
    /// As it will be released, at least so many pixels wide where the capture is; null until it is ready.
    QImage smaller(int width) const {
        return m_rendered.picture.isNull() ? QImage() : m_rendered.picture.atLeast(width);
    }
    /// Whether what is shown is drawn with all its covers as they are now.
    bool isReady() const { return !m_rendering && !m_rendered.picture.isNull() && isRendered(); }
    bool overviewShown() const;
    void setOverviewShown(bool shown);
    /// The finding or cover at a point of the capture; 0 where there is none.
    int itemAt(const QPointF& point) const;
    /// Selects it, and chooses no words any more.
    void click(int item);

signals:
    void shapeDrawn(const eyelid::CoverShape& shape);
    void pieceCut(QRect place);
    void endsMoved(const eyelid::LetterSpan& ends); ///< of the selected finding
    void areaToRead(QRect place);
    void markDrawn(const eyelid::Mark& mark);
    void textAsked(int mark);      ///< of a mark that has one
    void menuAsked(QPoint global); ///< at the selected mark
    void wordsChosen();
    void toolChanged();
    void zoomChanged();

protected:
    bool event(QEvent*) override;
    bool viewportEvent(QEvent*) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void scrollContentsBy(int, int) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

private:
    const Capture* capture() const { return m_case.capture(m_selection.capture()); }
    void showOther();
    void refresh();
    void renderAside(const Capture& capture);
    bool zoomByGesture(QEvent& event);
    void updateBars();
    QPointF origin() const;
    EdgeSnap edgesOf(const QImage& picture) const;
    Framing shownFraming() const;
    bool isRendered() const { return m_rendered.covers == m_edits.covers && m_rendered.framing == shownFraming(); }
    void drawMarks(QPainter& painter);
    void drawDragged(QPainter& painter);
    void paintMarks(QPainter& painter, const std::vector<const Mark*>& marks);
    const Mark* insteadOf(int mark) const;
    void paintScene(QPainter& painter, const Capture& capture);
    void drawMarkSelection(QPainter& painter);
    void drawKeyPoint(QPainter& painter);
    bool moveKeyPoint(const QKeyEvent& event);
    bool isForKeyPoint(const QKeyEvent& event) const;
    void clickAtKeyPoint(const QKeyEvent& event);
    void sendPointer(QEvent::Type type, const QPointF& at, Qt::KeyboardModifiers modifiers);
    void drawPicture(QPainter& painter, const Capture& capture);
    void drawHits(QPainter& painter);
    void drawWords(QPainter& painter, const Page& page);
    void drawUnsure(QPainter& painter, const Page& page);
    QString doubts(const Capture& capture) const; ///< what was not read for certain, and not looked for
    void drawItems(QPainter& painter, const Capture& capture);
    void drawGrips(QPainter& painter);
    void drawDivider(QPainter& painter, const Capture& capture);
    bool isOnDivider(double x) const { return isDivided() && std::abs(x - dividerAt()) < 6; } // view units
    void makeTools();
    SheetTool& current();

    Case& m_case;
    Selection& m_selection;
    const Theme& m_theme;
    MarkPen m_pen;
    std::unique_ptr<SheetTool> m_select, m_readAgain, m_marking, m_framing;
    std::array<std::unique_ptr<SheetTool>, 7> m_covering; // by CoverForm
    BrushTool* m_brush = nullptr;                         // one of these
    Tool m_tool = Tool::Select;
    CoverForm m_form = CoverForm::Rectangle;
    std::set<int> m_marked;
    bool m_bare = false, m_fitted = true, m_unsureShown = false;
    double m_zoom = 1;
    std::vector<QRectF> m_hits;
    std::vector<WordAt> m_chosen;
    double m_divider = -1; ///< of the viewport's width; below 0: there is none
    bool m_panning = false, m_dividing = false;
    QPoint m_panStart, m_panBars;

    // The picture with its covers is made aside; until it is here, what is not on it yet is painted over.
    struct Rendered {
        TiledPicture picture, bare; ///< framed
        QImage whole, covered;      ///< the capture as it was taken, and with its covers
        PictureId of;
        std::vector<Cover> covers;
        Framing framing;
    };
    Rendered m_rendered;
    Edits m_edits;             ///< of the capture as it is now
    FramedGeometry m_geometry; ///< of what is shown
    QRegion m_coverRegion;     ///< all that covers hide
    QRegion m_hidden;          ///< by covers that are not rendered yet, on the capture
    std::vector<Mark> m_instead;
    OutlineCache m_outlines;
    QPixmap m_backdrop;                ///< the view without the marks that are dragged, while they are
    std::optional<QPointF> m_keyPoint; ///< where keys draw, on the capture
    bool m_keyDown = false;
    double m_cropRatio = 0;
    std::optional<Framing> m_tried;
    double m_penPressure = 1;
    bool m_penErases = false;
    void followPen(const QEvent& event);
    Overview* m_overview;
    bool m_rendering = false;
    Lane m_lane; // renders; ends before the rest goes
};

} // namespace eyelid
