// A signature or stamp of one's own: drawn here, or a picture with transparency; kept encrypted in the user's data
// folder (casefile/own_sign.h).
#pragma once

#include <QDialog>
#include <QImage>
#include <QPainterPath>

class QCheckBox;
class QLabel;

namespace eyelid {

struct Theme;

/// Where it is drawn.
class SignPad final : public QWidget {
    Q_OBJECT
public:
    explicit SignPad(const Theme& theme);
    void setPicture(const QImage& picture); ///< in place of what was drawn
    void clear();
    bool isEmpty() const { return m_strokes.isEmpty() && m_picture.isNull(); }
    /// Cut to what was drawn, the rest transparent.
    QImage picture() const;

signals:
    void changed();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;

private:
    const Theme& m_theme;
    QPainterPath m_strokes;
    QImage m_picture;
};

class SignView final : public QDialog {
    Q_OBJECT
public:
    SignView(const Theme& theme, const QByteArray& png, QWidget* parent);
    QByteArray png() const;
    bool withDate() const;

signals:
    void forgetAsked(); ///< the kept one is to go

private:
    void choose();

    SignPad* m_pad;
    QLabel* m_trouble;
    QCheckBox* m_date;
};

} // namespace eyelid
