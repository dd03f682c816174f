// Takes a window or pane while scrolling it, and joins what was seen.
//
// After each turn of the wheel it waits until the picture is still (animated parts aside), takes it, and matches it
// with the last. Steps are kept under half of what is seen, so that there is something to match by; where a step gives
// no sure join, it is taken back and made smaller.
#pragma once

#include "base/progress.h"
#include "capture/source.h"

#include <functional>

namespace eyelid {

struct ScrollOptions {
    ScrollDirection direction = ScrollDirection::Down;
    int longest = 30'000; ///< device pixels; the page is taken this far
    TakeOptions take{.pointer = false, .frame = false};
    int patience = 400; ///< ms without any change after which a turn is said to have done nothing
};

struct Scrolled {
    ScrolledPage page;
    QString ended;      ///< why it stopped, a sentence
    bool whole = false; ///< the page's end was reached
};

/// Blocks; run it on a thread of its own. Cancelling `progress` stops the scrolling and keeps what was taken.
/// `step` is told of each picture that was joined. Errors: nothing could be taken or scrolled at all.
Result<Scrolled> takeScrolling(const Source& source, const Target& target, const ScrollOptions& options,
                               Progress& progress, const std::function<void(const ScrolledPage&)>& step = {});

} // namespace eyelid
