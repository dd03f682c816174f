// Regular expressions over text as read. RE2 matches in linear time, so no pattern of a policy or a watch list can
// keep the program busy for ever.
#pragma once

#include "base/result.h"

#include <memory>
#include <optional>
#include <QByteArray>
#include <QString>
#include <vector>

namespace re2 {
class RE2;
}

namespace eyelid {

/// Text with its UTF-8 form, and where each byte belongs.
class SearchText {
public:
    SearchText() = default;
    explicit SearchText(const QString& text);
    const QString& text() const { return m_text; }
    const QByteArray& bytes() const { return m_bytes; }
    /// Index into text() of the character that byte `at` belongs to; at the end: text().size().
    int charAt(qsizetype at) const { return m_chars[size_t(at)]; }

private:
    QString m_text;
    QByteArray m_bytes;
    std::vector<int> m_chars{0};
};

struct Span {
    int start = 0;
    int length = 0;
    int end() const { return start + length; }
};

struct PatternMatch {
    std::vector<Span> groups; ///< [0] the whole match; a group that took no part has length 0 and start -1
    QString text(const SearchText& in, size_t group = 0) const {
        const Span& s = groups[group];
        return s.start < 0 ? QString() : in.text().mid(s.start, s.length);
    }
};

/// Compiled once; copies share it.
class Pattern {
public:
    /// Matches nothing.
    Pattern();
    /// For the program's own patterns: a wrong one is a programming error.
    explicit Pattern(const char* expression, bool caseMatters = true);
    /// The same with words of a shipped list (base/shipped.h): "<<section>>" stands for any of those below "[section]".
    static Pattern ofWords(const char* expression, const QString& list);
    /// For patterns users write. The error says what RE2 dislikes about it.
    static Result<Pattern> compile(const QString& expression, bool caseMatters = false);

    QString expression() const;

    /// All matches from left to right that do not overlap, but for one character behind a match's groups, which may
    /// stand before the next as well. Empty matches are left out.
    std::vector<PatternMatch> all(const SearchText& in) const;
    bool found(const SearchText& in) const;
    bool matchesWhole(const QString& text) const;

    /// Whether ^ and $ stand for the ends of each line: so in the program's own patterns.
    bool takesLines() const { return m_takesLines; }
    /// For one that takes lines: false only where it matches on none of several lines, each ended by a line feed.
    bool mayMatchOnLines(const QByteArray& lines) const;
    /// The same for copies alone.
    const void* id() const { return m_expression.get(); }

private:
    std::shared_ptr<const re2::RE2> m_expression;
    bool m_takesLines = false;
};

/// What stands between the slashes of an entry written as a pattern: "/FN-\\d+/".
std::optional<QString> betweenSlashes(const QString& entry);

} // namespace eyelid
