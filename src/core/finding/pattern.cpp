#include "finding/pattern.h"

#include "base/sentence.h"
#include "base/shipped.h"

#include <map>
#include <QRegularExpression>
#include <re2/re2.h>

namespace eyelid {
namespace {

re2::RE2::Options optionsFor(bool caseMatters) {
    re2::RE2::Options options;
    options.set_case_sensitive(caseMatters);
    options.set_log_errors(false);
    options.set_max_mem(16 << 20);
    return options;
}

/// Characters from `first` up to `last`.
struct Block {
    char16_t first, last;
};
// Blocks of Unicode: letters here that are small or capital are told apart one by one (Latin-1, Latin Extended-A,
// Greek, Cyrillic); letters there are taken for either (Latin Extended-B and the African ones, the rest of Cyrillic,
// Vietnamese, Greek with accents), for small and capital take turns there; those of scripts without capitals are
// letters alone.
constexpr Block toldApart[] = {{0x0000, 0x017f}, {0x0370, 0x03ff}, {0x0400, 0x045f}};
constexpr Block ofEitherSize[] = {{0x0180, 0x02af}, {0x0460, 0x058f}, {0x1e00, 0x1fff}};
constexpr Block withoutSizes[] = {{0x0590, 0x1dff}, {0x2c00, 0x2dff}, {0x3040, 0xd7ff}, {0xf900, 0xfdff}};

/// What stands for \p{L}, \p{Lu} or \p{Ll} within brackets. RE2's own classes are of 650 pieces each, which made most
/// of the time a program took to start, for letters of scripts that no screen here is read in.
std::string lettersOf(const std::string& name) {
    std::string ranges;
    const auto add = [&](char16_t first, char16_t last) {
        ranges += QStringLiteral("\\x{%1}-\\x{%2}").arg(first, 0, 16).arg(last, 0, 16).toStdString();
    };
    const auto wanted = [&](char16_t c) {
        return name == "Lu" ? QChar::isUpper(c) : name == "Ll" ? QChar::isLower(c) : QChar::isLetter(c);
    };
    for (const auto& [first, last] : toldApart)
        for (int from = first; from <= last; ++from) {
            if (!wanted(char16_t(from))) continue;
            int to = from;
            while (to < last && wanted(char16_t(to + 1))) ++to;
            add(char16_t(from), char16_t(to));
            from = to;
        }
    for (const auto& [first, last] : ofEitherSize) add(first, last);
    if (name == "L")
        for (const auto& [first, last] : withoutSizes) add(first, last);
    return ranges;
}

/// The same with letters by lettersOf.
std::string withShortClasses(const std::string& expression) {
    static const std::map<std::string, std::string> classes{
        {"\\p{L}", lettersOf("L")}, {"\\p{Lu}", lettersOf("Lu")}, {"\\p{Ll}", lettersOf("Ll")}};
    std::string out;
    bool inBrackets = false;
    for (size_t i = 0; i < expression.size();) {
        size_t length = expression[i] == '\\' ? 2 : 1;
        if (expression.compare(i, 3, "\\p{") == 0) length = expression.find('}', i) + 1 - i;
        const std::string piece = expression.substr(i, length);
        const auto letters = classes.find(piece);
        if (letters == classes.end())
            out += piece;
        else
            out += inBrackets ? letters->second : '[' + letters->second + ']';
        inBrackets = piece == "[" || (inBrackets && piece != "]");
        i += length;
    }
    return out;
}

// RE2's flag for it. What is searched is one line, so it changes nothing but what may be asked of several at once.
const std::string endsOfLines = "(?m)";

re2::StringPiece piece(const QByteArray& bytes) {
    return {bytes.constData(), size_t(bytes.size())};
}

} // namespace

SearchText::SearchText(const QString& text) : m_text(text), m_bytes(text.toUtf8()) {
    m_chars.clear();
    m_chars.reserve(size_t(m_bytes.size()) + 1);
    for (int i = 0; i < int(text.size()); ++i) {
        const bool pair = text[i].isHighSurrogate() && i + 1 < int(text.size()) && text[i + 1].isLowSurrogate();
        const char16_t u = text[i].unicode();
        const int length = pair ? 4 : u < 0x80 ? 1 : u < 0x800 ? 2 : 3;
        m_chars.insert(m_chars.end(), size_t(length), i);
        if (pair) ++i;
    }
    // A lone surrogate becomes a replacement character of the same three bytes, so the two agree; make sure of it.
    m_chars.resize(size_t(m_bytes.size()), int(text.size()));
    m_chars.push_back(int(text.size()));
}

Pattern::Pattern() = default;

Pattern::Pattern(const char* expression, bool caseMatters)
    : m_expression(
          std::make_shared<const re2::RE2>(endsOfLines + withShortClasses(expression), optionsFor(caseMatters))),
      m_takesLines(true) {
    if (!m_expression->ok()) qFatal("pattern %s: %s", expression, m_expression->error().c_str());
}

Pattern Pattern::ofWords(const char* expression, const QString& list) {
    static const QRegularExpression section(QStringLiteral("<<([^<>]+)>>"));
    QString filled = QString::fromUtf8(expression);
    for (auto m = section.match(filled); m.hasMatch(); m = section.match(filled))
        filled.replace(m.capturedStart(), m.capturedLength(), shippedWordList(list, m.captured(1)).join(u'|'));
    return Pattern(filled.toUtf8().constData());
}

Result<Pattern> Pattern::compile(const QString& expression, bool caseMatters) {
    Pattern pattern;
    const QByteArray bytes = expression.toUtf8();
    pattern.m_expression = std::make_shared<const re2::RE2>(piece(bytes), optionsFor(caseMatters));
    if (!pattern.m_expression->ok())
        return Error{Error::Kind::BadInput,
                     Tr::tr("the pattern %1 cannot be used: %2")
                         .arg(expression, QString::fromStdString(pattern.m_expression->error()))};
    return pattern;
}

QString Pattern::expression() const {
    return m_expression ? QString::fromStdString(m_expression->pattern()) : QString();
}

std::vector<PatternMatch> Pattern::all(const SearchText& in) const {
    std::vector<PatternMatch> matches;
    if (!m_expression) return matches;
    const re2::StringPiece text = piece(in.bytes());
    const int n = std::min(m_expression->NumberOfCapturingGroups(), 9) + 1;
    re2::StringPiece groups[10];
    size_t at = 0;
    while (at <= text.size() && m_expression->Match(text, at, text.size(), re2::RE2::UNANCHORED, groups, n)) {
        const size_t start = size_t(groups[0].data() - text.data());
        if (groups[0].empty()) {
            at = start + 1;
            continue;
        }
        PatternMatch match;
        size_t end = start; // of what the groups hold
        for (int g = 0; g < n; ++g) {
            if (groups[g].data() == nullptr) {
                match.groups.push_back({-1, 0});
                continue;
            }
            const qsizetype from = groups[g].data() - text.data();
            if (g > 0) end = std::max(end, size_t(from) + groups[g].size());
            const int first = in.charAt(from), last = in.charAt(from + qsizetype(groups[g].size()));
            match.groups.push_back({first, last - first});
        }
        matches.push_back(std::move(match));
        // The space behind one value is the space before the next: "192.0.2.7 192.0.2.8".
        const size_t whole = start + groups[0].size();
        const bool space = end > start && in.charAt(qsizetype(whole)) - in.charAt(qsizetype(end)) == 1;
        at = space ? end : whole;
    }
    return matches;
}

bool Pattern::found(const SearchText& in) const {
    return m_expression && re2::RE2::PartialMatch(piece(in.bytes()), *m_expression);
}

bool Pattern::matchesWhole(const QString& text) const {
    const QByteArray bytes = text.toUtf8();
    return m_expression && re2::RE2::FullMatch(piece(bytes), *m_expression);
}

// A match on one of them is a match here: its ends are still ends, and a line feed is no part of a word, as an end is
// none. That one may run over lines makes it an answer of perhaps.
bool Pattern::mayMatchOnLines(const QByteArray& lines) const {
    return m_expression && re2::RE2::PartialMatch(piece(lines), *m_expression);
}

std::optional<QString> betweenSlashes(const QString& entry) {
    if (entry.size() <= 2 || !entry.startsWith(u'/') || !entry.endsWith(u'/')) return std::nullopt;
    return entry.mid(1, entry.size() - 2);
}

} // namespace eyelid
