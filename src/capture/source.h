// Where captures come from: one interface, one file a source.
#pragma once

#include "base/result.h"
#include "joining/scrolled_page.h"

#include <chrono>
#include <memory>
#include <optional>
#include <QImage>
#include <QPolygon>
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

/// A part of a window that its program made a window of its own.
struct Pane {
    QString id;
    QRect geometry; ///< device pixels on the whole desk
};

struct DeskWindow {
    QString id;
    QString title;
    QString application;
    QRect geometry;            ///< with its frame, device pixels on the whole desk
    QRect inner;               ///< without its frame
    std::vector<Pane> panes{}; ///< from front to back, the innermost first
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
    enum class What { Desk, Monitor, Window, Pane, ActiveWindow, Region };
    What what = What::Desk;
    QString id{};       ///< the monitor's name, the window's or the pane's id
    QRect region{};     ///< for Region: device pixels on the whole desk
    QPolygon outline{}; ///< for Region: a freehand outline in the same pixels; what lies outside it is not kept
    bool operator==(const Target&) const = default;
};

struct TakeOptions {
    bool pointer = false; ///< the pointer is in the picture
    bool frame = true;    ///< a window's title bar and border are in the picture
};

/// A window or pane while Eyelid scrolls it. When it ends, the pointer is back where it was.
class Scrolling {
public:
    virtual ~Scrolling() = default;
    /// So many turns of the wheel, back if negative. Errors: the window is no longer there.
    virtual Result<Done> turn(int clicks) = 0;
    /// By the keys that scroll a page or a line, for what does not listen to the wheel; back if negative.
    enum class Key { Page, Line };
    virtual Result<Done> press(Key key, int times) = 0;
    /// Takes the pointer out of the window, so that nothing under it is lit up.
    virtual void pointerAway() = 0;
};

class Source {
public:
    virtual ~Source() = default;
    /// Errors: the desk cannot be seen.
    virtual Result<DeskLayout> layout() const = 0;
    /// An opaque picture in device pixels. Errors: the monitor or window is no longer there, or shows nothing.
    virtual Result<QImage> take(const Target& target, const TakeOptions& options = {}) const = 0;
    /// How long it is still until a window that was hidden when the source was opened can be taken whole.
    virtual std::chrono::milliseconds settleTime() const { return {}; }
    /// What desk this is, a sentence for the user.
    virtual QString description() const = 0;
    /// True when the program's own windows stand on this desk and must not be in its pictures.
    virtual bool showsOurselves() const = 0;
    /// Whether a window of the program's own, by the desk's number for it, is still to be seen: it was hidden, and
    /// whoever manages the windows takes it away when he comes to it.
    virtual bool stillShows(quint64 window) const {
        (void)window;
        return false;
    }
    /// Where the pointer is, device pixels on the whole desk; null when that cannot be told.
    virtual std::optional<QPoint> pointer() const { return std::nullopt; }
    /// Brings the target to the front and makes ready to scroll it. Errors: it is gone, or this desk cannot be
    /// scrolled.
    virtual Result<std::unique_ptr<Scrolling>> scrolling(const Target& target, ScrollDirection direction) const;
};

/// Source::take, then the outline, if the target has one: the picture is as large as the outline's bounds and white
/// outside it.
Result<QImage> takeTarget(const Source& source, const Target& target, const TakeOptions& options = {});

/// What of the picture lies within the outline, in its own pixels; white outside it.
QImage keptWithin(const QImage& picture, const QPolygon& outline);

/// The place of a target on the desk as laid out now; null when it is not there.
QRect placeOf(const DeskLayout& layout, const Target& target, const TakeOptions& options = {});

/// The innermost pane, the frontmost window or the monitor at a point; the whole desk outside all of them.
Target targetAt(const DeskLayout& layout, const QPoint& point, bool panes);

} // namespace eyelid
