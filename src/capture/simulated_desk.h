// A made-up desk of Larkmoor Water that ships with the program: two monitors of different size and scale, and windows
// drawn from data files (demo/desk). The place and kind of every sensitive value on it are known, so that finding can
// be measured against it. Needs a QGuiApplication and the shipped fonts.
#pragma once

#include "capture/source.h"

#include <memory>
#include <QRectF>

namespace eyelid {

/// A value that is sensitive, by construction.
struct TrueValue {
    QString kind; ///< as kinds are spelt in policies
    QString text;
    std::vector<QRectF> boxes; ///< one a line, in the pixels of the capture asked for
};

class SimulatedDesk final : public Source {
public:
    SimulatedDesk();
    ~SimulatedDesk() override;
    Result<DeskLayout> layout() const override;
    Result<QImage> take(const Target& target, const TakeOptions& options = {}) const override;
    QString description() const override;
    bool showsOurselves() const override { return false; }
    /// One of its windows, the meter book, is longer than it shows.
    Result<std::unique_ptr<Scrolling>> scrolling(const Target& target, ScrollDirection direction) const override;
    std::vector<TrueValue> truth(const Target& target) const;

private:
    struct Drawn;
    std::unique_ptr<Drawn> m_drawn;
};

} // namespace eyelid
