// All of a capture's framing by numbers: crop, size, canvas, border, corners, shadow, torn edges, ground. What is set
// is seen at once; Cancel leaves it as it was.
#pragma once

#include "casefile/case.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QFormLayout;
class QSpinBox;

namespace eyelid {

class FrameView final : public QDialog {
    Q_OBJECT
public:
    FrameView(Case& owner, int capture, QWidget* parent);
    /// As it was chosen.
    Framing framing() const { return m_whole ? Framing() : entered(); }

private:
    QSpinBox* number(const QString& name, int most, int value);
    QComboBox* colour(const char* name, QRgb value);
    void addCrop(QFormLayout& form, const Framing& now, const QSize& size);
    void addSize(QFormLayout& form, const Framing& now);
    void addAround(QFormLayout& form, const Framing& now);
    Framing entered() const;
    void tell();

    Framing m_before;
    QSize m_capture;
    QSpinBox *m_left, *m_top, *m_width, *m_height, *m_to, *m_border, *m_corner, *m_shadow, *m_canvas[4];
    QComboBox *m_resize, *m_edge, *m_borderColour, *m_ground;
    QCheckBox *m_sides[4], *m_transparent;
    bool m_filling = true;
    bool m_whole = false; ///< all of it was asked for, as it was taken

signals:
    void changed(eyelid::Framing framing);
};

} // namespace eyelid
