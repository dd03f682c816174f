// The desk as a map: monitors to scale with their windows. What would be taken is outlined before it is taken, on the
// map and on the real screen.
#pragma once

#include "app/take_kind.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace eyelid {

class DeskMap final : public QWidget {
    Q_OBJECT
public:
    /// `windows`: a picture of each of the layout's windows; a null one is drawn as a blank sheet.
    DeskMap(const DeskLayout& layout, std::vector<QImage> windows, QWidget* parent = nullptr);
    void setTarget(const Target& target);
    QSize sizeHint() const override { return {620, 300}; }

    /// Where a place of the desk is drawn, in this widget's coordinates.
    QRectF placed(const QRect& r) const;

signals:
    void hovered(eyelid::Target target);
    /// Clicked, or a region drawn.
    void chosen(eyelid::Target target);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QPoint toDesk(const QPointF& point) const;
    QRect drawn(const QPointF& to) const;

    DeskLayout m_layout;
    std::vector<QImage> m_windows;
    Target m_target;
    QPointF m_from;
    bool m_pressed = false, m_drawing = false;
};

/// Four strips around a place on the real screen; they do not get in the way of pictures or of the pointer.
class HoverOutline final : public QObject {
public:
    HoverOutline();
    ~HoverOutline() override;
    /// In device pixels of the desk this program runs on; an empty place hides it.
    void show(const QRect& place);

private:
    std::vector<std::unique_ptr<QWidget>> m_strips;
};

class TakeView final : public QDialog {
    Q_OBJECT
public:
    /// `last`: the region taken last; empty if there is none.
    TakeView(const Source& source, const QRect& last = {}, QWidget* parent = nullptr);

    ~TakeView() override;
    DeskMap* map() { return m_map; }

signals:
    /// What to take and how. Taking is left to who opened this view, since this window may not be in the picture.
    void asked(eyelid::TakeRequest request);

protected:
    void hideEvent(QHideEvent*) override;

private:
    void choose(const Target& target);
    void take();
    void ask(TakeRequest request);
    void refresh();
    QString describe(const Target& target) const;

    const Source& m_source;
    DeskLayout m_layout;
    DeskMap* m_map = nullptr;
    QListWidget* m_list = nullptr;
    QPushButton* m_take = nullptr;
    QDoubleSpinBox *m_delay = nullptr, *m_every = nullptr;
    QSpinBox* m_threshold = nullptr;
    QComboBox* m_series = nullptr;
    QCheckBox *m_pointer = nullptr, *m_frame = nullptr, *m_scroll = nullptr, *m_back = nullptr;
    std::vector<Target> m_targets;
    Target m_chosen;
    std::unique_ptr<HoverOutline> m_outline;
};

} // namespace eyelid
