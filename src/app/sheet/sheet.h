// The capture as it will be released, with what is open, covered and kept marked on it.
#pragma once

#include "app/findings/selection.h"
#include "app/sheet/shape_tools.h"
#include "app/sheet/tiled_picture.h"
#include "base/workers.h"
#include "casefile/case.h"
#include "reading/word_picking.h"

#include <array>
#include <cmath>
#include <memory>
#include <QAbstractScrollArea>
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
        ReadAgain
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

    /// Screen pixels for one pixel of the capture: 1 is actual size.
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

    // For the tools.
    double pixel() const; ///< view units for one pixel of the capture
    std::optional<Gripped> gripped() const { return Gripped::of(m_case, m_selection.item()); }
    void moveEnds(const LetterSpan& ends) { emit endsMoved(ends); }
    void reshape(int hand, const CoverShape& shape) { m_case.setHandShape(hand, shape); }
    const Page* page() const;
    QSize pictureSize() const; ///< of the capture that is shown; empty where there is none
    /// The capture as it was taken, RGB32; null until it is here.
    QImage bare() const { return m_rendered.bare.isNull() ? QImage() : m_rendered.bare.whole(); }
    /// What draws the sides of something to edges of the capture near them.
    EdgeSnap edges() const;
    /// As it will be released, at least so many pixels wide where the capture is; null until it is ready.
    QImage smaller(int width) const {
        return m_rendered.picture.isNull() ? QImage() : m_rendered.picture.atLeast(width);
    }
    /// Whether what is shown is drawn with all its covers as they are now.
    bool isReady() const { return !m_rendering && !m_rendered.picture.isNull() && m_rendered.covers == m_covers; }
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
    QRectF viewOf(const QRectF& place) const { return {toView(place.topLeft()), toView(place.bottomRight())}; }
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
    std::unique_ptr<SheetTool> m_select, m_readAgain;
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
        TiledPicture picture, bare;
        PictureId of;
        std::vector<Cover> covers;
    };
    Rendered m_rendered;
    std::vector<Cover> m_covers; ///< of the capture as it is now
    QRegion m_hidden;            ///< by them, where they are not rendered yet
    Overview* m_overview;
    bool m_rendering = false;
    Lane m_lane; // renders; ends before the rest goes
};

} // namespace eyelid
