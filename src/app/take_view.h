// The desk as a map: monitors to scale with their windows. What would be taken is outlined before it is taken.
#pragma once

#include "capture/source.h"

#include <QDialog>

class QListWidget;
class QPushButton;

namespace eyelid {

class DeskMap final : public QWidget {
    Q_OBJECT
public:
    DeskMap(const DeskLayout& layout, const QImage& desk, QWidget* parent = nullptr);
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
    QImage m_desk;
    Target m_target;
};

class TakeView final : public QDialog {
    Q_OBJECT
public:
    TakeView(const Source& source, QWidget* parent = nullptr);

signals:
    /// `origin` says what it was, for the officer.
    void taken(QImage picture, QString origin);

private:
    void choose(const Target& target);
    void take();
    QString describe(const Target& target) const;

    const Source& m_source;
    DeskLayout m_layout;
    DeskMap* m_map = nullptr;
    QListWidget* m_list = nullptr;
    QPushButton* m_take = nullptr;
    std::vector<Target> m_targets;
};

} // namespace eyelid
