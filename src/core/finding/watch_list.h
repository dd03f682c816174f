// Words and patterns of a case or an office that are always findings.
#pragma once

#include "base/result.h"
#include "finding/pattern.h"

#include <optional>
#include <QStringList>
#include <vector>

namespace eyelid {

class WatchList {
public:
    /// Words are found in any case, with or without accents and as they may be misread; patterns are RE2 expressions.
    /// Errors: a pattern that cannot be used,
    /// a word without a letter or digit.
    static Result<WatchList> make(const QStringList& words, const QStringList& patterns);

    /// A text file, one entry a line: a word or phrase, or a pattern between slashes. `#` starts a remark. UTF-8, or
    /// UTF-16 with its byte order mark; lines end in LF, CR LF or CR. Errors name the line.
    static Result<WatchList> load(const QString& path);
    /// The same from a file's bytes; `name` is used in error sentences.
    static Result<WatchList> parse(const QByteArray& bytes, const QString& name);

    /// Adds all of `other`.
    void add(WatchList other);

    bool isEmpty() const { return m_words.isEmpty() && m_patterns.empty(); }
    const QStringList& words() const { return m_words; }
    const std::vector<Pattern>& patterns() const { return m_patterns; }

private:
    std::optional<Error> addWord(const QString& word);

    QStringList m_words;
    std::vector<Pattern> m_patterns;
};

} // namespace eyelid
