// What the check saw: the released picture beside the capture, and whatever is still readable, listed and outlined.
#pragma once

#include "app/releasing/release_flow.h"
#include "casefile/case.h"

#include <optional>
#include <QTransform>
#include <QWidget>

class QLabel;
class QListWidget;
class QPushButton;

namespace eyelid {

struct Theme;

/// Two pictures side by side with a place outlined in both.
class PictureBeside final : public QWidget {
    Q_OBJECT
public:
    explicit PictureBeside(const Theme& theme, QWidget* parent = nullptr);
    /// `toReleased`: from the capture's pixels to those of the released picture.
    void setPictures(const QImage& capture, const QImage& released, const QTransform& toReleased);
    void setLeaks(const std::vector<Leak>& leaks);
    void setFocusPlace(const QRectF& place);
    QSize sizeHint() const override { return {800, 420}; }

protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

private:
    void fitHeight();

    const Theme& m_theme;
    QImage m_capture, m_released;
    std::vector<Leak> m_leaks;
    QRectF m_place;
    QTransform m_toReleased;
};

class CheckView final : public QWidget {
    Q_OBJECT
public:
    CheckView(Case& owner, ReleaseFlow& flow, const Theme& theme, QWidget* parent = nullptr);
    /// Shows what the last check saw.
    void showResult();

signals:
    void closed();
    void coverAsked(int capture, Leak leak);

protected:
    void changeEvent(QEvent* event) override; ///< another theme has other colours

private:
    struct Row {
        size_t picture = 0;
        Leak leak;
        QString reason; ///< not empty: let through
    };
    void fill();
    void applyColours();
    void askToPass();
    std::optional<size_t> chosenRow() const;
    void showRow(int row);

    Case& m_case;
    ReleaseFlow& m_flow;
    const Theme& m_theme;
    std::vector<Row> m_rows;
    QLabel *m_title, *m_hint, *m_captureTitle;
    QListWidget* m_list = nullptr;
    PictureBeside* m_pictures;
    QPushButton *m_cover, *m_pass;
    PictureId m_shownCapture; ///< what the pictures beside each other were made from,
    QByteArray m_shownBytes;  ///< and the bytes
};

} // namespace eyelid
