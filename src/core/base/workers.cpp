#include "base/workers.h"

#include <algorithm>
#include <exception>
#include <thread>
#include <vector>

namespace eyelid {

size_t coreCount() {
    return std::max(1u, std::thread::hardware_concurrency());
}

void onWorkers(size_t count, const std::function<void(size_t)>& work) {
    std::vector<std::exception_ptr> thrown(count); // each worker's own
    const auto guarded = [&](size_t worker) {
        try {
            work(worker);
        } catch (...) {
            thrown[worker] = std::current_exception();
        }
    };
    std::vector<std::thread> threads;
    threads.reserve(count);
    size_t started = std::min<size_t>(1, count);
    try {
        for (; started < count; ++started) threads.emplace_back(guarded, started);
    } catch (const std::system_error&) {
    }
    if (count > 0) guarded(0);
    for (; started < count; ++started) guarded(started);
    for (std::thread& thread : threads) thread.join();
    for (const std::exception_ptr& exception : thrown)
        if (exception) std::rethrow_exception(exception);
}

} // namespace eyelid
