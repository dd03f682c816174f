// The bar at the bottom: how far the case is, what still stands in the way of a release, and the two buttons.
#pragma once

#include <QWidget>

class QLabel;
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

signals:
    void cancelAsked();
    void readAsked();
    void coverAsked();

private:
    const Theme& m_theme;
    LidGauge* m_lid;
    QLabel *m_message, *m_detail;
    QProgressBar* m_progress;
    QToolButton* m_cancel;
    QPushButton *m_cover, *m_read, *m_check, *m_release;
};

} // namespace eyelid
