// The desk as a map: monitors to scale with their windows. What would be taken is outlined before it is taken.
#pragma once

#include "capture/source.h"

#include <QDialog>

class QCheckBox;
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

signals:
    void hovered(eyelid::Target target);
    void chosen(eyelid::Target target);

protected:
    void paintEvent(QPaintEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    QRectF placed(const QRect& r) const;
    Target targetAt(const QPointF& point) const;

    DeskLayout m_layout;
    std::vector<QImage> m_windows;
    Target m_target;
};

class TakeView final : public QDialog {
    Q_OBJECT
public:
    TakeView(const Source& source, QWidget* parent = nullptr);

signals:
    /// What to take; `origin` says what it is, for the officer. Taking is left to who opened this view, since this
    /// window may not be in the picture.
    void chosen(eyelid::Target target, eyelid::TakeOptions options, double delaySeconds, QString origin);

private:
    void choose(const Target& target);
    void take();
    QString describe(const Target& target) const;

    const Source& m_source;
    DeskLayout m_layout;
    DeskMap* m_map = nullptr;
    QListWidget* m_list = nullptr;
    QPushButton* m_take = nullptr;
    QSpinBox* m_delay = nullptr;
    QCheckBox *m_pointer = nullptr, *m_frame = nullptr;
    std::vector<Target> m_targets;
};

} // namespace eyelid
