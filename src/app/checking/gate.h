// The bar at the bottom: how far the case is, what still stands in the way of a release, and the two buttons.
#pragma once

#include <functional>
#include <QPoint>
#include <QWidget>

class QLabel;
class QMimeData;
class QProgressBar;
class QPushButton;
class QToolButton;

namespace eyelid {

struct Theme;

class LidGauge;

class Gate final : public QWidget {
    Q_OBJECT
public:
    explicit Gate(const Theme& theme, QWidget* parent = nullptr);

    void setSettled(double share);
    /// What stands in the way, or that nothing does.
    enum class Tone { Waiting, Ready, Failed };
    void setMessage(const QString& text, const QString& detail, Tone tone);
    void setBusy(const QString& doing, double fraction);
    void setIdle();
    /// Whether there are captures whose reading was stopped, and may be begun again.
    void setReadable(bool readable);
    /// Whether marks lie over findings that are open, and may be covered.
    void setCoverable(bool coverable);
    QPushButton* checkButton() const { return m_check; }
    QPushButton* releaseButton() const { return m_release; }
    QString message() const;
    /// What is dragged out of the gauge: all captures, sanitised. Null where there are none.
    void giveAway(std::function<QMimeData*()> give) { m_give = std::move(give); }

signals:
    void cancelAsked();
    void readAsked();
    void coverAsked();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void startDrag();

    const Theme& m_theme;
    LidGauge* m_lid;
    QLabel *m_message, *m_detail;
    QProgressBar* m_progress;
    QToolButton* m_cancel;
    QPushButton *m_cover, *m_read, *m_check, *m_release;
    std::function<QMimeData*()> m_give;
    QPoint m_pressedAt; ///< on the gauge
};

} // namespace eyelid
