#include "pipeline/reading_crew.h"

#include "base/workers.h"

#include <algorithm>

namespace eyelid {

ReadingCrew::ReadingCrew(size_t pictures) : m_pictures(pictures) {
    const size_t workers = std::min(coreCount(), pictures);
    for (size_t w = 0; w < workers; ++w) m_readers.push_back(std::make_unique<Reader>(workers > 1 ? 1 : 0));
}

void ReadingCrew::each(const std::function<void(size_t, Reader&)>& work) {
    onWorkers(m_readers.size(), [&](size_t worker) {
        for (size_t i = worker; i < m_pictures; i += m_readers.size()) work(i, *m_readers[worker]);
    });
}

} // namespace eyelid
