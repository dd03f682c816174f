// What the check saw: the released picture beside the capture, and whatever is still readable, listed and outlined.
#pragma once

#include "app/reading_room.h"
#include "casefile/case.h"

#include <functional>
#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;

namespace eyelid {

/// Two pictures side by side with a place outlined in both.
class PictureBeside final : public QWidget {
    Q_OBJECT
public:
    explicit PictureBeside(QWidget* parent = nullptr);
    void setPictures(const QImage& capture, const QImage& released, const std::vector<Leak>& leaks);
    void setFocusPlace(const QRectF& place);
    QSize sizeHint() const override { return {800, 420}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QImage m_capture, m_released;
    std::vector<Leak> m_leaks;
    QRectF m_place;
};

class CheckView final : public QWidget {
    Q_OBJECT
public:
    explicit CheckView(Case& owner, QWidget* parent = nullptr);
    void show(const std::vector<CheckedFile>& files);
    const std::vector<CheckedFile>& files() const { return m_files; }
    /// Leaks nobody has let pass.
    int blocking() const;
    std::vector<Override> overrides(int capture) const;
    std::vector<Leak> blockingLeaks(int capture) const;
    /// Lets one leak pass, with a reason for the log. A reason that says itself what must not leave is refused: the
    /// sentence why, or empty.
    QString letPass(size_t row, const QString& reason);
    /// Asked of every reason: the sentence why it must not leave, or empty.
    void setReasonCheck(std::function<QString(const QString&)> check) { m_reasonCheck = std::move(check); }

signals:
    void closed();
    void coverAsked(int capture, Leak leak);
    void changed();

private:
    struct Row {
        size_t file = 0;
        Leak leak;
        QString reason; ///< not empty: let pass
    };
    void fill();
    void showRow(int row);

    Case& m_case;
    std::vector<CheckedFile> m_files;
    std::vector<Row> m_rows;
    QLabel *m_title, *m_hint, *m_captureTitle;
    QListWidget* m_list;
    PictureBeside* m_pictures;
    QPushButton *m_cover, *m_pass;
    size_t m_file = 0;
    std::function<QString(const QString&)> m_reasonCheck;
};

} // namespace eyelid
