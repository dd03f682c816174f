#include "pipeline/make_many.h"

#include "base/sentence.h"
#include "base/workers.h"
#include "pipeline/reading_crew.h"

#include <algorithm>
#include <atomic>
#include <optional>

namespace eyelid {
namespace {

// From so many pictures a core on a reader for each core is worth its making.
constexpr size_t worthACrew = 2;

class MakingMany {
public:
    MakingMany(const CaseWork& work, const Search& search, size_t count, size_t from,
               const std::function<Result<LoadedMaking>(size_t)>& load, Progress& progress)
        : m_work(work), m_search(search), m_load(load), m_made(count), m_finished(from), m_progress(progress) {}

    void make(size_t index, Reader& reader) {
        if (!m_failed) m_made[index] = made(index, reader);
        if (!m_made[index] || !*m_made[index]) m_failed = true;
        m_progress.setFraction(double(++m_finished) / double(m_made.size()));
    }

    Result<Done> moveTo(std::vector<CheckedPicture>& done, size_t from) {
        const auto wrong = [](const auto& one) { return one && !*one && one->error().kind != Error::Kind::Cancelled; };
        const auto trouble = std::find_if(m_made.begin(), m_made.end(), wrong);
        std::optional<Error> error;
        if (trouble != m_made.end()) error = (*trouble)->error();
        for (size_t i = from; i < m_made.size() && m_made[i] && *m_made[i]; ++i) done.push_back(std::move(**m_made[i]));
        if (error) return *error;
        if (done.size() < m_made.size()) return Error{Error::Kind::Cancelled, Tr::tr("The check was stopped.")};
        return Done{};
    }

private:
    Result<CheckedPicture> made(size_t index, Reader& reader) {
        if (m_progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("The check was stopped.")};
        auto loaded = m_load(index);
        if (!loaded) return loaded.error();
        loaded->making.picture = &loaded->picture;
        m_progress.setDoing(sentence(Tr::tr("Making %1"), loaded->making.name));
        Progress own(m_progress);
        return m_work.make(loaded->making, m_search, reader, own);
    }

    const CaseWork& m_work;
    const Search& m_search;
    const std::function<Result<LoadedMaking>(size_t)>& m_load;
    std::vector<std::optional<Result<CheckedPicture>>> m_made;
    std::atomic<size_t> m_finished;
    std::atomic<bool> m_failed = false;
    Progress& m_progress;
};

} // namespace

Result<Done> makeMany(const CaseWork& work, const Search& search, size_t count,
                      const std::function<Result<LoadedMaking>(size_t)>& load, Reader& reader,
                      std::vector<CheckedPicture>& done, Progress& progress) {
    const size_t from = done.size(), left = count - std::min(count, from);
    MakingMany many(work, search, count, from, load, progress);
    if (left < worthACrew * coreCount())
        for (size_t i = from; i < count; ++i) many.make(i, reader);
    else
        ReadingCrew(left).each([&](size_t i, Reader& own) { many.make(from + i, own); });
    return many.moveTo(done, from);
}

} // namespace eyelid
