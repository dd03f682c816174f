#include "finding/page_search.h"

#include <algorithm>
#include <functional>

namespace eyelid {
namespace {

constexpr size_t linesOfBundle = 64;
constexpr qsizetype patternsOfAFinder = 512; // about
enum Answer : char { NotAsked, No, Perhaps };

} // namespace

void PageSearch::bundle(const std::vector<TextRun>& runs) {
    m_bundles.push_back({&runs, m_texts.size()});
    for (size_t i = 0; i < runs.size(); ++i) {
        if (i % linesOfBundle == 0) m_texts.emplace_back();
        m_texts.back() += runs[i].search.bytes();
        m_texts.back() += '\n';
    }
}

bool PageSearch::mayMatch(const Pattern& pattern, const TextRun& run) {
    if (!pattern.takesLines()) return true;
    if (m_bundles.empty()) {
        for (const auto* runs : {&m_screen.runs(), &m_screen.wrapped(), &m_screen.flowing()}) bundle(*runs);
        m_place.reserve(patternsOfAFinder);
    }
    const auto holdsRun = [&](const Bundles& bundles) {
        const std::less<> before; // of pointers into different vectors too
        const TextRun* first = bundles.runs->data();
        return !before(&run, first) && before(&run, first + bundles.runs->size());
    };
    const auto of = std::find_if(m_bundles.begin(), m_bundles.end(), holdsRun);
    if (of == m_bundles.end()) return true;
    const size_t bundle = of->first + size_t(&run - of->runs->data()) / linesOfBundle;
    const auto known = m_place.constFind(pattern.id());
    const size_t place = known != m_place.constEnd() ? *known : *m_place.insert(pattern.id(), m_answers.size());
    if (place == m_answers.size()) m_answers.resize(place + m_texts.size(), NotAsked);
    char& answer = m_answers[place + bundle];
    if (answer == NotAsked) answer = pattern.mayMatchOnLines(m_texts[bundle]) ? Perhaps : No;
    return answer == Perhaps;
}

std::vector<PatternMatch> PageSearch::all(const Pattern& pattern, const TextRun& run) {
    return mayMatch(pattern, run) ? pattern.all(run.search) : std::vector<PatternMatch>();
}

bool PageSearch::found(const Pattern& pattern, const TextRun& run) {
    return mayMatch(pattern, run) && pattern.found(run.search);
}

} // namespace eyelid
