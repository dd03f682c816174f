// Words and patterns of a case or an office that are always findings.
#pragma once

#include "base/result.h"
#include "finding/pattern.h"

#include <QStringList>
#include <vector>

namespace eyelid {

class WatchList {
public:
    /// Words are found in any case, with or without accents and as they may be misread; patterns are RE2 expressions.
    /// Errors: a pattern that cannot be used.
    static Result<WatchList> make(const QStringList& words, const QStringList& patterns);

    /// A text file, one entry a line: a word or phrase, or a pattern between slashes. `#` starts a remark.
    static Result<WatchList> load(const QString& path);

    /// Adds all of `other`.
    void add(WatchList other);

    bool isEmpty() const { return m_words.isEmpty() && m_patterns.empty(); }
    const QStringList& words() const { return m_words; }
    const std::vector<Pattern>& patterns() const { return m_patterns; }

private:
    QStringList m_words;
    std::vector<Pattern> m_patterns;
};

} // namespace eyelid
