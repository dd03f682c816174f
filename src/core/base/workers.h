// Work done side by side. Where the system gives no further thread, the calling one does it all: slower, never stuck.
#pragma once

#include <cstddef>
#include <functional>
#include <future>
#include <system_error>

namespace eyelid {

/// How many threads work is worth being dealt out to here.
size_t coreCount();

/// Runs work(0) to work(count - 1) side by side, the first on this thread; those for which no thread can be had follow
/// it there. None may wait for another. What one of them throws is thrown here, after all have ended.
void onWorkers(size_t count, const std::function<void(size_t)>& work);

/// std::async on a thread of its own, or where none can be had, when it is asked for.
template <typename Work> auto beside(Work work) {
    try {
        return std::async(std::launch::async, work);
    } catch (const std::system_error&) {
        return std::async(std::launch::deferred, std::move(work));
    }
}

} // namespace eyelid
