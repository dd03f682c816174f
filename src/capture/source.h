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
    QRect inner;    ///< without its frame
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
    enum class What { Desk, Monitor, Window, ActiveWindow, Region };
    What what = What::Desk;
    QString id;   ///< the monitor's name or the window's id
    QRect region; ///< device pixels on the whole desk
};

struct TakeOptions {
    bool pointer = false; ///< the pointer is in the picture
    bool frame = true;    ///< a window's title bar and border are in the picture
};

class Source {
public:
    virtual ~Source() = default;
    /// Errors: the desk cannot be seen.
    virtual Result<DeskLayout> layout() const = 0;
    /// An opaque picture in device pixels. Errors: the monitor or window is no longer there, or shows nothing.
    virtual Result<QImage> take(const Target& target, const TakeOptions& options = {}) const = 0;
    /// What desk this is, a sentence for the user.
    virtual QString description() const = 0;
    /// True when the program's own windows stand on this desk and must not be in its pictures.
    virtual bool showsOurselves() const = 0;
};

} // namespace eyelid
