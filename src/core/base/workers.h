// Work done side by side, on the one pool of threads of the program. Where the system gives no further thread, the
// calling one does it all: slower, never stuck.
#pragma once

#include <cstddef>
#include <exception>
#include <functional>
#include <memory>
#include <optional>

namespace eyelid {

/// How many threads work is worth being dealt out to here.
size_t coreCount();

/// Runs work(0) to work(count - 1) side by side, as far as cores are free, the first on this thread; those that nobody
/// has begun follow it there. None may wait for another. What one of them throws is thrown here, after all have ended.
void onWorkers(size_t count, const std::function<void(size_t)>& work);

/// A job that whoever comes first does: a free thread of the pool, or the one that needs it done.
class SharedJob {
public:
    enum class When { Beside, WhenNeeded };
    SharedJob() = default;
    SharedJob(std::function<void()> work, When when);
    SharedJob(SharedJob&& other) noexcept = default;
    SharedJob& operator=(SharedJob&& other) noexcept;
    /// Waits for it where it has begun; else it is never done.
    ~SharedJob();
    /// Done when this returns; what it threw is thrown here.
    void finish();

private:
    void leave();
    struct State;
    std::shared_ptr<State> m_state;
};

/// What a job gives: get() waits for it, or works it out where nobody has begun to. Taken once.
template <typename T> class Beside {
public:
    Beside() = default;
    Beside(std::function<T()> work, SharedJob::When when = SharedJob::When::Beside)
        : m_result(std::make_shared<Outcome>()), m_job(
                                                     [result = m_result, work = std::move(work)] {
                                                         try {
                                                             result->value = work();
                                                         } catch (...) {
                                                             result->thrown = std::current_exception();
                                                         }
                                                     },
                                                     when) {}
    bool valid() const { return bool(m_result); }
    T get() {
        m_job.finish();
        const auto result = std::move(m_result);
        if (result->thrown) std::rethrow_exception(result->thrown);
        return std::move(*result->value);
    }

private:
    struct Outcome {
        std::optional<T> value;
        std::exception_ptr thrown;
    };
    std::shared_ptr<Outcome> m_result;
    SharedJob m_job;
};

/// Jobs done one after the other, in their order, beside the thread that starts them.
class Lane {
public:
    Lane();
    Lane(const Lane&) = delete;
    Lane& operator=(const Lane&) = delete;
    /// Waits for its jobs.
    ~Lane();

    void start(std::function<void()> job);
    /// All that was started is done when this returns.
    void finish();

private:
    struct State;
    std::shared_ptr<State> m_state;
};

} // namespace eyelid
