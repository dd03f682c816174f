// The lines of a page, searched for one pattern after another.
#pragma once

#include "finding/pattern.h"
#include "finding/screen_text.h"

#include <QByteArray>
#include <QHash>
#include <vector>

namespace eyelid {

/// Most patterns match nowhere on most pages. So several lines are asked at once whether a pattern may match on any of
/// them, and one by one only where it may. What is answered is remembered: for one thread alone.
class PageSearch {
public:
    /// The text must outlive the search.
    explicit PageSearch(const ScreenText& screen) : m_screen(screen) {}

    /// As pattern.all(run.search), for one of the text's runs.
    std::vector<PatternMatch> all(const Pattern& pattern, const TextRun& run);
    bool found(const Pattern& pattern, const TextRun& run);

private:
    struct Bundles {
        const std::vector<TextRun>* runs;
        size_t first; ///< index into m_texts of the bundle that the first of the runs is in
    };
    void bundle(const std::vector<TextRun>& runs);
    bool mayMatch(const Pattern& pattern, const TextRun& run);

    const ScreenText& m_screen;
    std::vector<Bundles> m_bundles; // made when something is first looked for
    std::vector<QByteArray> m_texts;
    QHash<const void*, size_t> m_place; // of a pattern's answers
    std::vector<char> m_answers;        // by pattern, then by bundle
};

} // namespace eyelid
