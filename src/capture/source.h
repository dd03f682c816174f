// Where captures come from: one interface, one file a source.
#pragma once

#include "base/result.h"

#include <QImage>
#include <QRect>
#include <QString>
#include <vector>

namespace eyelid {

/// A monitor in the desk's own pixels.
struct Monitor {
    QString name;
    QRect geometry;   ///< device pixels on the whole desk
    double scale = 1; ///< device pixels for one pixel of the interface
};

struct DeskWindow {
    QString id;
    QString title;
    QString application;
    QRect geometry; ///< with its frame, device pixels on the whole desk
};

/// Monitors from left to right, windows from front to back.
struct DeskLayout {
    std::vector<Monitor> monitors;
    std::vector<DeskWindow> windows;
    QRect bounds() const {
        QRect all;
        for (const Monitor& m : monitors) all = all.united(m.geometry);
        return all;
    }
};

/// What to take.
struct Target {
    enum class What { Desk, Monitor, Window };
    What what = What::Desk;
    QString id; ///< the monitor's name or the window's id
};

class Source {
public:
    virtual ~Source() = default;
    /// Errors: the desk cannot be seen.
    virtual Result<DeskLayout> layout() const = 0;
    /// An opaque picture in device pixels. Errors: the monitor or window is no longer there.
    virtual Result<QImage> take(const Target& target) const = 0;
};

} // namespace eyelid
