// A capture cut into parts: equal tiles, or along lines that are put by clicks. The parts are captures of their own.
#pragma once

#include <QDialog>
#include <QImage>
#include <vector>

class QComboBox;
class QLabel;
class QSpinBox;

namespace eyelid {

struct Theme;

/// The capture, small, with the lines it is cut along.
class PartsPicture final : public QWidget {
    Q_OBJECT
public:
    PartsPicture(const QImage& picture, const QSize& capture, const Theme& theme);
    void setTiles(int columns, int rows);
    /// A click puts a line of this direction, or takes away the one it is on.
    void setDirection(Qt::Orientation direction) { m_direction = direction; }
    std::vector<QRect> parts() const; ///< on the capture, in reading order

signals:
    void changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    QRectF target() const;

    QImage m_picture;
    QSize m_capture;
    const Theme& m_theme;
    Qt::Orientation m_direction = Qt::Horizontal;
    std::vector<int> m_across, m_down; ///< where upright and level lines are, device pixels
};

class PartsView final : public QDialog {
    Q_OBJECT
public:
    PartsView(const QImage& picture, const QSize& capture, const Theme& theme, QWidget* parent);
    std::vector<QRect> parts() const { return m_picture->parts(); }

private:
    void tile();

    PartsPicture* m_picture;
    QSpinBox *m_columns, *m_rows;
    QLabel* m_count;
};

} // namespace eyelid
