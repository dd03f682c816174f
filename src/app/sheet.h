// The capture as it will be released, with what is open, covered and kept marked on it.
#pragma once

#include "casefile/case.h"

#include <optional>
#include <QAbstractScrollArea>
#include <QElapsedTimer>

namespace eyelid {

class Sheet final : public QAbstractScrollArea {
    Q_OBJECT
public:
    enum class Tool {
        Select, ///< click a finding, sweep words
        Cover,
        ReadAgain
    };

    explicit Sheet(Case& owner, QWidget* parent = nullptr);

    void setCapture(int id);
    int captureId() const { return m_capture; }
    void setSelected(int itemId);
    /// Draws the capture without covers and marks.
    void setBare(bool bare);
    bool isBare() const { return m_bare; }
    void setTool(Tool tool);
    Tool tool() const { return m_tool; }
    /// Words swept with the pointer, in reading order.
    struct WordAt {
        int line = 0, word = 0; ///< indexes into the page
        auto operator<=>(const WordAt&) const = default;
    };
    const std::vector<WordAt>& chosenWords() const { return m_chosen; }
    void chooseWords(std::vector<WordAt> words);
    /// Underlines words whose reading is not sure with dots.
    void setUnsureShown(bool shown);
    bool unsureShown() const { return m_unsureShown; }
    /// Places to mark as search hits, in the capture's pixels.
    void setMarks(const std::vector<QRectF>& marks);

    /// Screen pixels for one pixel of the capture: 1 is actual size.
    double zoom() const { return m_zoom; }
    void setZoom(double zoom, const QPointF& fixed);
    void zoomBy(double factor);
    void fit();
    void actualSize();
    /// Scrolls so that the place is in view.
    void reveal(const QRectF& place);
    /// Where a point of the capture is in the viewport, and back.
    QPointF toView(const QPointF& point) const;
    QPointF toPicture(const QPointF& point) const;

signals:
    void itemClicked(int itemId);
    void areaDrawn(QRect place);
    void areaToRead(QRect place);
    void wordsChosen();
    void toolChanged();
    void zoomChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void scrollContentsBy(int, int) override;

private:
    const Capture* capture() const { return m_case.capture(m_capture); }
    void refresh();
    void updateBars();
    double pixel() const; // view units for one pixel of the capture
    int itemAt(const QPointF& point) const;
    void drawWords(QPainter& painter, const Capture& capture);
    /// The word at a point, or nearest to it within a line's height; null far from any.
    std::optional<WordAt> wordAt(const QPointF& point) const;
    std::vector<WordAt> wordsBetween(const WordAt& from, const WordAt& to) const;
    void drawItems(QPainter& painter, const Capture& capture);
    void drawEmpty(QPainter& painter);

    Case& m_case;
    int m_capture = 0, m_selected = 0;
    bool m_bare = false, m_fitted = true;
    Tool m_tool = Tool::Select;
    double m_zoom = 1;
    QImage m_rendered;
    std::vector<Cover> m_renderedCovers;
    qint64 m_renderedKey = 0;
    std::vector<QRectF> m_marks;
    std::vector<WordAt> m_chosen;
    std::optional<WordAt> m_sweepFrom;
    QPointF m_pressed;
    int m_pressedItem = 0;
    QElapsedTimer m_sinceDouble;
    bool m_unsureShown = false, m_sweeping = false;
    bool m_panning = false, m_dragging = false;
    QPointF m_from, m_to;
    QPoint m_panStart, m_panBars;
};

} // namespace eyelid
