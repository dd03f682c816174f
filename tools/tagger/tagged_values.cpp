#include "tagged_values.h"

#include "base/sentence.h"
#include "tagger.h"

#include <algorithm>

namespace eyelid {
namespace {

QString reasonFor(Kind kind, Tagger::Ground ground) {
    const QString what = kindTitle(kind);
    switch (ground) {
    case Tagger::Ground::Itself:
        return sentence(Tr::tr("reads like this kind of value (%1)"), what);
    case Tagger::Ground::Line:
        return sentence(Tr::tr("stands where its line has such a value (%1)"), what);
    case Tagger::Ground::Label:
        return sentence(Tr::tr("stands beside or under words that speak for it (%1)"), what);
    case Tagger::Ground::Column:
        return sentence(Tr::tr("stands in a column of such values (%1)"), what);
    case Tagger::Ground::Neighbours:
        return sentence(Tr::tr("stands where such a value stands on this page (%1)"), what);
    }
    return {};
}

// What no value of a kind can be without, however it is written, and how sure the tagger must be of it: sure enough
// that on pages of other layouts than it was taught with hardly one is wrong (docs/finding.md). What it is less sure of
// the other detectors are left to tell.
struct Least {
    int letters = 0, digits = 0, characters = 0;
    double confidence = 0.98;
};
Least leastOf(Kind kind) {
    constexpr double numberSure = 0.9, phoneSure = 0.95;
    switch (kind) {
    case Kind::Person:
    case Kind::Address:
        return {2, 0, 2};
    case Kind::Secret:
        return {0, 0, 4};
    case Kind::Username:
        return {1, 0, 3, numberSure};
    case Kind::Account:
        return {0, 4, 5, numberSure};
    case Kind::Passport:
        return {0, 4, 6, numberSure};
    case Kind::Record:
        return {0, 2, 5, numberSure};
    case Kind::Dob:
        return {0, 3, 4, numberSure};
    case Kind::Phone:
        return {0, 7, 7, phoneSure};
    default:
        return {0, 2, 4, numberSure};
    }
}

bool canBe(const Tagger::Tag& tag, const QString& text) {
    Least has;
    for (const QChar c : text) {
        has.letters += c.isLetter();
        has.digits += c.isDigit();
        has.characters += !c.isSpace();
    }
    const Least least = leastOf(*tag.kind);
    return tag.confidence >= least.confidence && has.letters >= least.letters && has.digits >= least.digits &&
           has.characters >= least.characters;
}

// "token=…" is one word to a reader: so many characters of it are the key and its sign.
int keyBefore(const QString& text) {
    for (qsizetype i = 0; i + 1 < text.size(); ++i) {
        const QChar c = text[i];
        if (c == u'=' && i > 0) return int(i) + 1;
        if (c == u':' && i > 1 && text[i + 1] != u'/' && !text[i - 1].isDigit()) return int(i) + 1;
        if (!c.isLetterOrNumber() && !QStringLiteral("_-.\"'").contains(c)) return 0;
    }
    return 0;
}
// Signs belong to a secret, but not what quotes it or ends a sentence.
bool opens(QChar c, bool secret) {
    return c.isLetterOrNumber() || c == u'+' || (secret ? !QStringLiteral("\"'([{<:=“„").contains(c) : c == u'(');
}
bool ends(QChar c, bool secret) {
    return c.isLetterOrNumber() || (secret && !QStringLiteral("\"')]}>,;.”").contains(c));
}

void add(const Surroundings& in, const std::vector<ViewedWord>& words, const std::vector<Tagger::Tag>& tags,
         size_t begin, size_t end, std::vector<Candidate>& out) {
    const TextRun& run = in.screen.runs()[size_t(words[begin].line)];
    int from = words[begin].span.start, to = words[end - 1].span.end();
    const QString& text = run.text();
    from += keyBefore(text.mid(from, to - from));
    const bool secret = tags[begin].kind == Kind::Secret;
    while (from < to && !opens(text[from], secret)) ++from;
    while (to > from && !ends(text[to - 1], secret)) --to;
    if (from == to) return;
    // The surest word speaks for the value: the others belong to it.
    size_t surest = begin;
    for (size_t w = begin; w < end; ++w)
        if (tags[w].confidence > tags[surest].confidence) surest = w;
    const Tagger::Tag& tag = tags[surest];
    if (!canBe(tag, text.mid(from, to - from))) return;
    out.push_back({*tag.kind, &run, {from, to - from}, tag.confidence, reasonFor(*tag.kind, tag.ground), {}});
}

// By word: whether a candidate touches it.
std::vector<char> touched(const std::vector<ViewedWord>& words, const std::vector<Candidate>& settled) {
    std::vector<char> is(words.size(), 0);
    const auto mark = [&](int line, int from, int to) {
        for (size_t w = 0; w < words.size(); ++w)
            if (words[w].line == line && words[w].span.start < to && words[w].span.end() > from) is[w] = 1;
    };
    for (const Candidate& c : settled) {
        mark(c.run->line, c.span.start, std::min(c.span.end(), c.run->joint));
        if (c.run->second >= 0)
            mark(c.run->second, std::max(0, c.span.start - c.run->joint), c.span.end() - c.run->joint);
    }
    return is;
}

} // namespace

void findTagged(const Tagger& tagger, const Surroundings& in, const std::vector<Candidate>& settled,
                std::vector<Candidate>& out) {
    const std::vector<ViewedWord> words = viewOf(in.screen, in.names);
    const std::vector<Tagger::Tag> tags = tagger.tag(words);
    const std::vector<char> taken = touched(words, settled);
    const auto tagged = [&](size_t w) { return tags[w].kind && !taken[w]; };
    for (size_t w = 0; w < words.size();) {
        if (!tagged(w)) {
            ++w;
            continue;
        }
        // Words of one kind that follow each other on a line are one value.
        size_t end = w + 1;
        while (end < words.size() && words[end].line == words[w].line && tagged(end) && tags[end].kind == tags[w].kind)
            ++end;
        add(in, words, tags, w, end, out);
        w = end;
    }
}

} // namespace eyelid
