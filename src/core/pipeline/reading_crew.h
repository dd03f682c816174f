// Readers for work on many pictures at once.
#pragma once

#include "reading/reader.h"

#include <functional>
#include <memory>
#include <vector>

namespace eyelid {

/// Of several pictures each worker reads its own, one picture has all cores to itself. Work is dealt out in a fixed
/// way, so that a reader meets in a second pass the lines it knows.
class ReadingCrew {
public:
    explicit ReadingCrew(size_t pictures);
    /// Runs `work(index, reader)` for each picture.
    void each(const std::function<void(size_t, Reader&)>& work);

private:
    size_t m_pictures;
    std::vector<std::unique_ptr<Reader>> m_readers;
};

} // namespace eyelid
