#include "base/workers.h"

#include <algorithm>
#include <atomic>
#include <condition_variable>
#include <deque>
#include <mutex>
#include <system_error>
#include <thread>
#include <utility>
#include <vector>

namespace eyelid {
namespace {

using Job = std::function<void()>;

// Threads are made when there is work for them, and stay. Helpers are worth no more threads than there are cores beside
// the one that asks for them; a lane's jobs are somebody's to wait for, and always get one.
class Pool {
public:
    // Never taken down: its threads, which wait by then, end with the program. Ended earlier they would look for what
    // libraries keep for each thread after those have been taken down themselves.
    static Pool& shared() {
        static Pool& pool = *new Pool;
        return pool;
    }

    /// Done when a core is free for it. It must bear being done too late.
    void help(Job job) {
        const std::lock_guard lock(m_mutex);
        if (m_mostHelping == 0) return;
        m_help.push_back(std::move(job));
        if (!wake()) m_help.clear();
    }

    /// False where the system gives no thread at all.
    bool run(Job job) {
        const std::lock_guard lock(m_mutex);
        m_jobs.push_back(std::move(job));
        if (wake()) return true;
        m_jobs.pop_back();
        return false;
    }

private:
    size_t beginnable() const { return m_jobs.size() + std::min(m_help.size(), m_mostHelping - m_helping); }

    // False where no thread is there that could ever come to it.
    bool wake() {
        try {
            if (m_idle < beginnable()) {
                std::thread([this] { work(); }).detach();
                ++m_threads;
                ++m_idle; // as soon as it runs
            }
        } catch (const std::system_error&) {
        }
        m_wake.notify_one();
        return m_threads > 0;
    }

    void work() {
        std::unique_lock lock(m_mutex);
        while (true) {
            m_wake.wait(lock, [this] { return beginnable() > 0; });
            const bool helps = m_jobs.empty();
            std::deque<Job>& from = helps ? m_help : m_jobs;
            Job job = std::move(from.front());
            from.pop_front();
            --m_idle;
            m_helping += helps;
            lock.unlock();
            job();
            job = {}; // what it holds goes before anybody waits for more
            lock.lock();
            m_helping -= helps;
            ++m_idle;
        }
    }

    const size_t m_mostHelping = coreCount() - 1;
    std::mutex m_mutex;
    std::condition_variable m_wake;
    std::deque<Job> m_jobs, m_help;
    size_t m_threads = 0, m_idle = 0, m_helping = 0;
};

// One call of onWorkers: which of its parts nobody has begun, and how many are still at work.
struct Call {
    const std::function<void(size_t)>* work = nullptr;
    size_t count = 0;
    std::atomic<size_t> next = 1; ///< the first is the caller's
    std::atomic<size_t> left = 0;
    std::vector<std::exception_ptr> thrown; ///< each part's own

    void part(size_t index) {
        try {
            (*work)(index);
        } catch (...) {
            thrown[index] = std::current_exception();
        }
        if (left.fetch_sub(1) == 1) left.notify_all();
    }
    void takePart() {
        if (const size_t index = next.fetch_add(1); index < count) part(index);
    }
};

} // namespace

size_t coreCount() {
    return std::max(1u, std::thread::hardware_concurrency());
}

void onWorkers(size_t count, const std::function<void(size_t)>& work) {
    if (count == 0) return;
    // A helper may come too late, when the call is over: it finds nothing left to begin.
    const auto call = std::make_shared<Call>();
    call->work = &work;
    call->count = count;
    call->left = count;
    call->thrown.resize(count);
    for (size_t i = 1; i < count; ++i) Pool::shared().help([call] { call->takePart(); });
    call->part(0);
    while (call->next < count) call->takePart();
    for (size_t left = call->left; left > 0; left = call->left) call->left.wait(left);
    for (const std::exception_ptr& exception : call->thrown)
        if (exception) std::rethrow_exception(exception);
}

struct SharedJob::State {
    Job work;
    std::atomic<bool> begun = false, done = false;
    std::exception_ptr thrown; // before it is done
    void doOnce() {
        if (begun.exchange(true)) return;
        try {
            work();
        } catch (...) {
            thrown = std::current_exception();
        }
        work = {};
        done = true;
        done.notify_all();
    }
};

SharedJob::SharedJob(std::function<void()> work, When when) : m_state(std::make_shared<State>()) {
    m_state->work = std::move(work);
    if (when == When::Beside) Pool::shared().help([state = m_state] { state->doOnce(); });
}

void SharedJob::finish() {
    m_state->doOnce();
    m_state->done.wait(false);
    if (m_state->thrown) std::rethrow_exception(m_state->thrown);
}

void SharedJob::leave() {
    if (m_state && m_state->begun.exchange(true)) m_state->done.wait(false);
}

SharedJob& SharedJob::operator=(SharedJob&& other) noexcept {
    leave();
    m_state = std::move(other.m_state);
    return *this;
}

SharedJob::~SharedJob() {
    leave();
}

struct Lane::State {
    std::mutex mutex;
    std::condition_variable ended;
    std::deque<Job> jobs;
    bool running = false;

    void work() {
        std::unique_lock lock(mutex);
        while (!jobs.empty()) {
            Job job = std::move(jobs.front());
            jobs.pop_front();
            lock.unlock();
            job();
            job = {};
            lock.lock();
        }
        running = false;
        ended.notify_all();
    }
};

Lane::Lane() : m_state(std::make_shared<State>()) {}

Lane::~Lane() {
    finish();
}

void Lane::start(std::function<void()> job) {
    {
        const std::lock_guard lock(m_state->mutex);
        m_state->jobs.push_back(std::move(job));
        if (std::exchange(m_state->running, true)) return;
    }
    if (!Pool::shared().run([state = m_state] { state->work(); })) m_state->work();
}

void Lane::finish() {
    std::unique_lock lock(m_state->mutex);
    m_state->ended.wait(lock, [this] { return !m_state->running; });
}

} // namespace eyelid
