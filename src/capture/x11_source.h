// The desk of an X server: monitors (RandR 1.5), windows (EWMH), pictures through shared memory (MIT-SHM), the pointer
// (XFixes). A window that others hide in part is taken whole (Composite).
#pragma once

#include "capture/source.h"

#include <memory>

namespace eyelid {

class X11Source final : public Source {
public:
    /// Errors: no server can be reached, or its colours are of a kind that cannot be taken.
    static Result<std::unique_ptr<X11Source>> open(const QString& display = {});
    ~X11Source() override;

    /// Windows of this program are left out.
    Result<DeskLayout> layout() const override;
    Result<QImage> take(const Target& target, const TakeOptions& options = {}) const override;
    std::chrono::milliseconds settleTime() const override;
    QString description() const override;
    bool showsOurselves() const override { return true; }
    bool stillShows(quint64 window) const override;
    std::optional<QPoint> pointer() const override;
    /// By the wheel and Page Down of XTest, with the pointer in the target's lower part.
    Result<std::unique_ptr<Scrolling>> scrolling(const Target& target, ScrollDirection direction) const override;

private:
    X11Source();
    friend class X11Scrolling;
    struct Server;
    Result<QImage> takeWindow(uint32_t window, bool pane, const TakeOptions& options) const;
    std::unique_ptr<Server> m_server;
};

} // namespace eyelid
