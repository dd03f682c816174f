// The whole capture, small, in a corner of the sheet, while only a part of it is in view: a click goes there.
#pragma once

#include <QWidget>

namespace eyelid {

class Sheet;

class Overview final : public QWidget {
    Q_OBJECT
public:
    explicit Overview(Sheet& sheet);
    /// Shown where it is wanted and there is more than is in view.
    void setWanted(bool wanted);
    bool isWanted() const { return m_wanted; }
    /// Where and how large it is and what it shows, after the sheet has changed.
    void place();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;

private:
    QRectF inView() const; ///< what of the capture is, here

    Sheet& m_sheet;
    bool m_wanted = true;
};

} // namespace eyelid
