// The fields that say how a cover looks: its style, and what that style lets one choose.
#pragma once

#include "finding/policy.h"

#include <QWidget>

class QComboBox;
class QSlider;

namespace eyelid {

class CoverLookFields final : public QWidget {
    Q_OBJECT
public:
    /// `standIns`: whether made-up values are among the styles; nobody knows whose an area is.
    explicit CoverLookFields(bool standIns);
    CoverLook look() const;
    /// Without word of it.
    void setLook(const CoverLook& look);

signals:
    void changed(); ///< by hand

private:
    void refresh();
    void tell();

    QComboBox *m_style, *m_colour;
    QSlider* m_strength;
    bool m_filling = false;
};

} // namespace eyelid
