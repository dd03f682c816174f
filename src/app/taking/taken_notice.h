// A small notice near the place that was taken: it is in the case already, and can be opened or thrown away. It goes by
// itself; the capture stays.
#pragma once

#include <QImage>
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace eyelid {

class TakenNotice final : public QWidget {
    Q_OBJECT
public:
    TakenNotice();
    /// `near`: in the screen's own coordinates.
    void show(int capture, const QImage& picture, const QRect& near);
    int capture() const { return m_capture; }

signals:
    void openAsked(int capture);
    void throwAwayAsked(int capture);

protected:
    void enterEvent(QEnterEvent*) override;
    void leaveEvent(QEvent*) override;

private:
    int m_capture = 0;
    QTimer m_clock;
    QLabel *m_thumbnail, *m_text;
};

} // namespace eyelid
