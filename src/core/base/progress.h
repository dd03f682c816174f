// What long work tells whoever waits for it, and how it is told to stop. Shared between threads.
#pragma once

#include <atomic>
#include <mutex>
#include <QString>

namespace eyelid {

class Progress {
public:
    Progress() = default;
    /// Of a part of some work, which stops with the whole. `whole` must outlive it.
    explicit Progress(const Progress& whole) : m_whole(&whole) {}

    /// 0 to 1.
    void setFraction(double fraction) { m_fraction.store(fraction, std::memory_order_relaxed); }
    double fraction() const { return m_fraction.load(std::memory_order_relaxed); }

    /// What is being done, as a short phrase for the user ("Reading 12 of 40 lines").
    void setDoing(const QString& phrase) {
        std::lock_guard lock(m_mutex);
        m_doing = phrase;
    }
    QString doing() const {
        std::lock_guard lock(m_mutex);
        return m_doing;
    }

    /// Asks the work to stop at its next good moment; it then returns an Error of kind Cancelled.
    void cancel() { m_cancelled.store(true, std::memory_order_relaxed); }
    bool cancelled() const { return m_cancelled.load(std::memory_order_relaxed) || (m_whole && m_whole->cancelled()); }

private:
    const Progress* m_whole = nullptr;
    std::atomic<double> m_fraction{0.0};
    std::atomic<bool> m_cancelled{false};
    mutable std::mutex m_mutex;
    QString m_doing;
};

} // namespace eyelid
