// A drawn eyelid that closes as findings are settled.
#pragma once

#include <QWidget>

namespace eyelid {

struct Theme;

/// Paints the gauge into `rect`: open at 0, closed with its lashes at 1. `alarm` draws it in the colour of a failed
/// check.
void paintLid(QPainter& painter, const QRectF& rect, double closed, const QColor& line, const QColor& iris);

class LidGauge final : public QWidget {
    Q_OBJECT
public:
    explicit LidGauge(const Theme& theme, QWidget* parent = nullptr);
    /// 0 open to 1 closed.
    void setClosed(double share);
    double closed() const { return m_closed; }
    QSize sizeHint() const override { return {54, 36}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    const Theme& m_theme;
    double m_closed = 0;
};

} // namespace eyelid
