#include "finding/tagged_values.h"

#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/dates.h"
#include "finding/labels.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/tagger.h"

#include <algorithm>
#include <iterator>
#include <QRegularExpression>
#include <QSet>

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

// What no value of a kind can be without, however it is written, and how sure the tagger must be of it. The confidences
// are from what it said of screens it was not taught with (docs/finding.md): dates and plates are told from other dates
// and numbers by little, names and streets are like much that is nobody's.
constexpr double probable = 0.75, sure = 0.9, verySure = 0.97;
// It is taught to say no more than 0.98 of anything (train.py, label smoothing).
constexpr double sureNobodys = 0.975;
constexpr int lengthOfYear = 4;
constexpr double leastOfLetters = sure; // a user name without figures and signs
struct Least {
    int letters = 0, digits = 0, characters = 0;
    double confidence = 0;
};
Least leastOf(Kind kind) {
    switch (kind) {
    case Kind::Person:
        return {2, 0, 2, probable};
    case Kind::Address:
        return {2, 0, 2, probable};
    case Kind::Secret:
        return {0, 0, 4, sure};
    case Kind::Username:
        return {1, 0, 3, probable}; // of letters alone: see canBe
    case Kind::Account:
        return {0, 4, 5, probable};
    case Kind::Passport:
        return {0, 4, 6, probable};
    case Kind::Record:
        return {0, 2, 5, sure};
    case Kind::Dob:
        return {0, 3, 4, sure};
    case Kind::Phone:
        return {0, 7, 7, verySure};
    default:
        return {0, 2, 4, sure};
    }
}

// Most dates on a screen are of the last years; of births among them only what is beside them can tell, and that is the
// label's matter (birth_date_detector).
bool isEarly(const QString& text) {
    constexpr int lastTold = 2012;
    static const QRegularExpression year(QStringLiteral("(?<!\\d)(1[89]\\d\\d|20\\d\\d)(?!\\d)"));
    const auto found = year.match(text);
    return found.hasMatch() && found.captured(1).toInt() <= lastTold;
}

// "Tel/Fax", "Home/Mobile": what a form calls its fields.
bool isOfLabels(const QString& text) {
    const QStringList parts = text.split(u'/', Qt::SkipEmptyParts);
    return parts.size() > 1 && std::ranges::all_of(parts, [](const QString& part) {
               const auto label = labelHit(part);
               return label && label->whole;
           });
}

// `besideSettled`: it stands beside a value of its kind that a detector has settled, and is the rest of it.
bool canBe(const Tagger::Tag& tag, const QString& text, bool besideSettled) {
    if ((tag.kind != Kind::Dob && (isDate(text) || isPeriod(text))) || isOfNoughts(text)) return false;
    if (tag.kind == Kind::Dob && !isEarly(text)) return false;
    if (tag.kind == Kind::Person && isOfLabels(text)) return false;
    static const QRegularExpression handle(QStringLiteral("^@?[\\p{L}\\d][\\p{L}\\d._\\\\-]*$"));
    if (tag.kind == Kind::Username && !handle.match(text).hasMatch()) return false;
    // "org.example.reader" is a program's name, "area(point(0" what programs are written in.
    constexpr auto mostDots = 1;
    if (tag.kind == Kind::Username && text.count(QLatin1Char('.')) > mostDots) return false;
    static const QRegularExpression call(QStringLiteral("^[\\p{L}_][\\p{L}\\d_]*\\("));
    if (tag.kind == Kind::Secret && call.match(text).hasMatch()) return false;
    // Of letters alone, it may be a word of a language there is no list of.
    const bool lettersAlone = std::all_of(text.begin(), text.end(), [](QChar c) { return c.isLetter(); });
    if (tag.kind == Kind::Username && lettersAlone && tag.confidence < leastOfLetters) return false;
    // Travel documents bear letters and figures alone (ICAO Doc 9303).
    if (tag.kind == Kind::Passport &&
        std::any_of(text.begin(), text.end(), [](QChar c) { return !c.isLetterOrNumber() && !c.isSpace(); }))
        return false;
    Least has;
    for (const QChar c : text) {
        has.letters += c.isLetter();
        has.digits += c.isDigit();
        has.characters += !c.isSpace();
    }
    const Least least = leastOf(*tag.kind);
    const bool rest = besideSettled && (tag.kind == Kind::Person || tag.kind == Kind::Address);
    return (rest || tag.confidence >= least.confidence) && has.letters >= least.letters && has.digits >= least.digits &&
           has.characters >= least.characters;
}

// "Hi, Irma": how much of it greets; all of it, where what stood behind is covered.
int greetingBefore(const QString& name) {
    const TextRun run{SearchText(name)};
    const std::vector<Token> tokens = tokensOf(run);
    if (tokens.empty() || !isGreetingWord(tokens.front())) return 0;
    return tokens.size() > 1 ? tokens[1].span.start : int(name.size());
}

const QLatin1String bullet("o "); // as a circle before what is listed is read

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
    return c.isLetterOrNumber() || c == u'+' || c == u'@' ||
           (secret ? !QStringLiteral("\"'([{<:=“„").contains(c) : c == u'(');
}
bool ends(QChar c, bool secret) {
    return c.isLetterOrNumber() || (secret && !QStringLiteral("\"')]}>,;.”").contains(c));
}

QStringList wordsOf(const Candidate& candidate) {
    static const QRegularExpression others(QStringLiteral("[^\\p{L}\\d]+"));
    return candidate.run->text()
        .mid(candidate.span.start, candidate.span.length)
        .toLower()
        .split(others, Qt::SkipEmptyParts);
}

// "Keeper", "Tenant": what names somebody's part, and may be on a list of names as well.
bool isPartOfSomebody(const QString& word) {
    const auto label = labelHit(word);
    return label && label->whole && label->kind == Kind::Person;
}

// Where a word stands in a run, which may be of two lines.
std::optional<Span> placeIn(const TextRun& run, const ViewedWord& word) {
    if (word.line == run.line) return word.span;
    if (word.line == run.second) return Span{word.span.start + run.joint, word.span.length};
    return std::nullopt;
}

// By word: the kind of a candidate that touches it.
std::vector<std::optional<Kind>> touched(const std::vector<ViewedWord>& words, const std::vector<Candidate>& settled) {
    std::vector<std::optional<Kind>> by(words.size());
    const auto mark = [&](Kind kind, int line, int from, int to) {
        for (size_t w = 0; w < words.size(); ++w)
            if (words[w].line == line && words[w].span.start < to && words[w].span.end() > from) by[w] = kind;
    };
    for (const Candidate& c : settled) {
        mark(c.kind, c.run->line, c.span.start, std::min(c.span.end(), c.run->joint));
        if (c.run->second >= 0)
            mark(c.kind, c.run->second, std::max(0, c.span.start - c.run->joint), c.span.end() - c.run->joint);
    }
    return by;
}

// "█@gw1:~$ whoami", once the user is covered: the host, and what is called there, is nobody.
bool isOfPrompt(const QString& line, int at) {
    static const QRegularExpression prompt(QStringLiteral("^\\[?[^\\s@]* ?(@[\\w.-]+[: ][~/]\\S*[$#%>] ?)"));
    const auto m = prompt.match(line);
    return m.hasMatch() && at >= m.capturedStart(1) && at <= m.capturedEnd(1);
}

} // namespace

TaggedPage::TaggedPage(const Surroundings& in)
    : m_in(in), m_words(viewOf(in.screen, in.names)), m_judgement(Tagger::shipped().judge(m_words)) {}

// "<street>" right before a value or "</street>" behind it names it; "<marta_s> hello" is somebody who speaks.
bool TaggedPage::isTag(const ViewedWord& word) const {
    const QString& line = m_in.screen.runs()[size_t(word.line)].text();
    const QString text = line.mid(word.span.start, word.span.length);
    const QString behind = line.mid(word.span.end());
    const bool glued = !behind.isEmpty() && (behind[0] != u' ' || behind.startsWith(QString(u' ') + coverBlock));
    return text.startsWith(QLatin1String("</")) || (glued && text.startsWith(u'<') && text.contains(u'>'));
}

// What stands beside a word of a kind and is likelier of it than of nobody belongs to it: no half a name.
bool TaggedPage::joins(size_t word, Kind kind) const {
    constexpr double likelyBeside = 0.4;
    const Tagger::Tag& tag = m_judgement.tags()[word];
    const ViewedWord& at = m_words[word];
    const QString text = m_in.screen.runs()[size_t(at.line)].text().mid(at.span.start, at.span.length);
    return tag.kind == kind && tag.confidence >= likelyBeside && !isTag(at) && !isAgainst(text);
}

// "'Devin', 'Zhang'": each within its own quotes. "… Tung Chung. Gate code": behind the end of a sentence.
bool TaggedPage::isPartedFromLast(size_t word) const {
    static const QRegularExpression sentenceEnd(QStringLiteral("\\p{Ll}{4,}\\. $"));
    static const QRegularExpression parting(QStringLiteral("[\"'”’][,;] ?[\"'“‘]"));
    const ViewedWord &last = m_words[word - 1], &here = m_words[word];
    const QString& line = m_in.screen.runs()[size_t(here.line)].text();
    if (last.line != here.line) return false;
    if (isRemarkUnder(m_in, m_in.screen.runs()[size_t(here.line)], here.span)) return true;
    static const QRegularExpression bracketsEnd(QStringLiteral("\\),? $")); // "(works council), Otto Auer"
    return line.mid(last.span.start, here.span.end() - last.span.start).contains(parting) ||
           (m_judgement.tags()[word].kind == Kind::Person &&
            line.mid(last.span.start, here.span.start - last.span.start).contains(bracketsEnd)) ||
           line.mid(last.span.start, here.span.start - last.span.start).contains(sentenceEnd);
}

void TaggedPage::add(size_t begin, size_t end, size_t surest, bool besideSettled, std::vector<Candidate>& out) const {
    const TextRun& run = m_in.screen.runs()[size_t(m_words[begin].line)];
    const Tagger::Tag& tag = m_judgement.tags()[surest];
    int from = m_words[begin].span.start, to = m_words[end - 1].span.end();
    const QString& text = run.text();
    if (tag.kind != Kind::Secret && text[to - 1] == u'=') return; // a key before a cover; a secret may end so
    from += keyBefore(text.mid(from, to - from));
    if (tag.kind == Kind::Person) from += greetingBefore(text.mid(from, to - from));
    if (tag.kind == Kind::Person && text.mid(from, to - from).startsWith(bullet)) from += int(bullet.size());
    const bool secret = tag.kind == Kind::Secret;
    // "name@host" in a console: the name alone is somebody's.
    if (const auto at = text.indexOf(u'@', from + 1); tag.kind == Kind::Username && at >= 0 && at < to) to = int(at);
    if (tag.kind == Kind::Username && isOfPrompt(text, from)) return;
    while (from < to && !opens(text[from], secret)) ++from;
    while (to > from && !ends(text[to - 1], secret)) --to;
    if (from == to || !canBe(tag, text.mid(from, to - from), besideSettled)) return;
    const bool called = to < text.size() && text[to] == u'('; // a function of a program
    if (tag.kind == Kind::Username && (called || (tag.confidence < sure && isNumberedWord(text.mid(from, to - from)))))
        return;
    // "user unknown" tells of nobody.
    if (const QString word = text.mid(from, to - from); tag.kind == Kind::Username && isOrdinary(m_in.names, word) &&
                                                        !m_in.names.isGiven(word) && !m_in.names.isFamily(word) &&
                                                        !isLabelled(run, from, Kind::Username))
        return;
    if (tag.kind == Kind::Person && !isNameLike(text.mid(from, to - from), tag.confidence)) return;
    if (tag.kind == Kind::Person && tag.confidence < verySure && !isWellRead(begin, end)) return;
    if (tag.kind == Kind::Address && !isPlaceable(begin, end)) return;
    if (secret && saysOrdinaryWords(m_in.names, text.mid(from, to - from))) return;
    // "Code 0417" is a fault's as often as a door's, and "2027" a year's.
    const auto isFigure = [](QChar c) { return c.isDigit(); };
    if (secret && (tag.confidence < verySure || to - from <= lengthOfYear) &&
        std::all_of(text.begin() + from, text.begin() + to, isFigure) && !isLabelled(run, from, Kind::Secret))
        return;
    const bool labelAlone = tag.kind == Kind::Account || tag.kind == Kind::Passport;
    if (labelAlone && !isAnnounced(run, from)) return;
    // Which number of somebody's it is, a label alone can say.
    const Kind kind = labelAlone && !isLabelled(run, from, *tag.kind) ? Kind::Record : *tag.kind;
    // Of a number of a record only its place among others like it makes sure (repeated_records.h).
    constexpr double mostOfRecords = 0.85;
    const double confidence = kind == Kind::Record ? std::min(tag.confidence, mostOfRecords) : tag.confidence;
    out.push_back({kind, &run, {from, to - from}, confidence, reasonFor(kind, m_judgement.ground(surest)), {}});
}

// What is too small to be read looks like names no list knows.
bool TaggedPage::isWellRead(size_t begin, size_t end) const {
    constexpr double well = 0.5;
    for (size_t w = begin; w < end; ++w) {
        const ViewedWord& word = m_words[w];
        const QString text = m_in.screen.runs()[size_t(word.line)].text().mid(word.span.start, word.span.length);
        if (m_in.names.isGivenOrFamily(text)) return true;
        if (m_in.screen.page().lines[size_t(word.line)].words[size_t(word.word)].confidence < well) return false;
    }
    return true;
}

// "python39": as many a user name is made, and many a thing's.
bool TaggedPage::isNumberedWord(const QString& text) const {
    static const QRegularExpression numbered(QStringLiteral("^(\\p{L}+)\\d+$"));
    const auto match = numbered.match(text);
    return match.hasMatch() && isOrdinary(m_in.names, match.captured(1));
}

// Names are written large, but for those everybody knows; of a word of
// every day alone a list must have it, and the tagger be very sure.
bool TaggedPage::isNameLike(const QString& text, double confidence) const {
    const Names& names = m_in.names;
    const auto known = [&](const QString& word) { return names.isGivenOrFamily(word); };
    const QStringList words = text.split(u' ', Qt::SkipEmptyParts);
    // "O O O" are buttons.
    const auto letterAlone = [](const QString& word) {
        return word.size() < 2 || (word.size() == 2 && word[1] == u'.');
    };
    if (std::all_of(words.begin(), words.end(), letterAlone)) return false;
    // "Ô. tš", read off a picture: as little as that is a name where a list has it.
    constexpr qsizetype fewestLetters = 3;
    if (std::none_of(words.begin(), words.end(),
                     [&](const QString& word) { return word.size() >= fewestLetters || known(word); }))
        return false;
    // "N/Réf", "V/Zeichen": whose reference it is.
    static const QRegularExpression shortened(QStringLiteral("^\\p{L}/\\p{L}+$"));
    if (words.size() == 1 && shortened.match(text).hasMatch()) return false;
    // "Larkmoor Water": a firm or a place, where no list has a name in it.
    const std::vector<Token> tokens = tokensOf(TextRun{SearchText(text)});
    if (words.size() > 1 && !tokens.empty() && isThing(tokens.back()) && std::ranges::none_of(words, known))
        return false;
    // "my", though somebody is called My.
    if (words.size() == 1 && text == text.toLower() && m_in.names.isVeryCommonWord(text, m_in.screen.language()))
        return false;
    if (words.size() == 1 && isOrdinary(names, text) && !(known(text) && confidence >= verySure)) return false;
    if (words.size() == 1 && !known(text) && confidence < sure) return false;
    // "Banque du Verger": a word of every day is part of a name where a list has it as one.
    constexpr qsizetype longParticle = 4;
    const bool strange = std::any_of(words.begin(), words.end(), [&](const QString& word) {
        return word.size() > longParticle && isOrdinary(names, word) && !known(word);
    });
    if (strange && confidence < verySure) return false;
    return std::any_of(words.begin(), words.end(),
                       [&](const QString& word) { return word[0].isUpper() || known(word); });
}

// Figures are all one to the tagger: what they are of, words beside or over them must say. A name says nothing of them.
bool TaggedPage::isAnnounced(const TextRun& run, int from) const {
    const auto speaks = [&](const ViewedWord& word) {
        const QString text = m_in.screen.runs()[size_t(word.line)].text().mid(word.span.start, word.span.length);
        return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isLetter(); }) &&
               m_judgement.tags()[size_t(&word - m_words.data())].kind != Kind::Person;
    };
    const std::vector<int> heads = headsOf(run.line);
    return std::any_of(m_words.begin(), m_words.end(), [&](const ViewedWord& word) {
        const bool before = word.line == run.line && word.span.end() <= from;
        return (before || std::find(heads.begin(), heads.end(), word.line) != heads.end()) && speaks(word);
    });
}

// Whether words beside or over a value name its kind.
bool TaggedPage::isLabelled(const TextRun& run, int from, Kind kind) const {
    const auto names = [&](const QString& text) {
        const auto label = labelHit(text.trimmed());
        return label && label->kind == kind;
    };
    const std::vector<int> heads = headsOf(run.line);
    return names(run.text().left(from)) || std::any_of(heads.begin(), heads.end(), [&](int head) {
               return names(m_in.screen.runs()[size_t(head)].text());
           });
}

// A line of an address bears a number or a place, or stands over or under one that does.
bool TaggedPage::isPlaceable(size_t begin, size_t end) const {
    for (size_t w = begin; w < end; ++w) {
        const ViewedWord& word = m_words[w];
        const QString text = m_in.screen.runs()[size_t(word.line)].text().mid(word.span.start, word.span.length);
        if (m_in.names.isPlace(text) || std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); }))
            return true;
        for (const Near where : {Near::AboveFirst, Near::BelowFirst})
            if (const int other = word.near[size_t(where)]; other >= 0 && joins(size_t(other), Kind::Address))
                return true;
    }
    return false;
}

// A name by lists that is a street's, as its line and its surroundings tell: "Ladeira Ana Raposo 791".
bool TaggedPage::isOfAnother(const Candidate& c) const {
    if (c.kind != Kind::Person || c.run->second >= 0) return false;
    const auto of = touched(m_words, {c});
    bool any = false;
    for (size_t w = 0; w < m_words.size(); ++w) {
        if (!of[w]) continue;
        const Tagger::Tag& tag = m_judgement.tags()[w];
        if (!tag.kind || *tag.kind == Kind::Person || tag.confidence < std::max(sure, c.confidence)) return false;
        any = true;
    }
    return any;
}

void TaggedPage::find(std::vector<Candidate> settled, std::vector<Candidate>& out) const {
    std::erase_if(settled, [&](const Candidate& c) { return isOfAnother(c); });
    const auto taken = touched(m_words, settled);
    const std::vector<Tagger::Tag>& tags = m_judgement.tags();
    for (size_t w = 0; w < m_words.size();) {
        // Words of one kind that follow each other on a line are one value; the surest speaks for it.
        size_t end = w, surest = w;
        while (end < m_words.size() && m_words[end].line == m_words[w].line && !taken[end] && tags[w].kind &&
               joins(end, *tags[w].kind) && !(end > w && isPartedFromLast(end))) {
            if (tags[end].confidence > tags[surest].confidence) surest = end;
            ++end;
        }
        const auto isSettled = [&](size_t word) {
            return word < m_words.size() && m_words[word].line == m_words[w].line && taken[word] == tags[w].kind;
        };
        if (end > w) add(w, end, surest, isSettled(w - 1) || isSettled(end), out);
        w = std::max(end, w + 1);
    }
}

// "Ring Ana Raposo", "Alingby, keeper Ana Raposo": words in a name by lists that are surely nobody's are no part of it.
// What they part stays found, each by itself.
std::vector<Candidate> TaggedPage::withoutNobodys(const Candidate& name) const {
    const QString& text = name.run->text();
    // Initials and particles are of no list, and no names by themselves.
    const auto isNobodys = [&](const ViewedWord& word, const QString& said) {
        const double nobodys = m_judgement.tags()[size_t(&word - m_words.data())].nobodys;
        return isPartOfSomebody(said) ? nobodys >= sure : nobodys >= sureNobodys && isOrdinary(m_in.names, said);
    };
    std::vector<Candidate> parts;
    bool parted = true;
    for (const ViewedWord& word : m_words) {
        const auto place = placeIn(*name.run, word);
        if (!place || place->start >= name.span.end() || place->end() <= name.span.start) continue;
        if (isNobodys(word, text.mid(place->start, place->length))) {
            parted = true;
            continue;
        }
        const int from = std::max(place->start, name.span.start), to = std::min(place->end(), name.span.end());
        if (parted) {
            parts.push_back(name);
            parts.back().span = {from, 0};
        }
        parts.back().span.length = to - parts.back().span.start;
        parted = false;
    }
    if (parts.empty()) return {name};
    for (Candidate& part : parts)
        if (part.span.length != name.span.length) part.key.clear(); // it was the whole name's
    return parts;
}

void TaggedPage::dropNobodys(std::vector<Candidate>& candidates) const {
    std::vector<Candidate> whole;
    for (const Candidate& c : candidates)
        if (c.kind == Kind::Person && c.byListsAlone)
            std::ranges::copy(withoutNobodys(c), std::back_inserter(whole));
        else
            whole.push_back(c);
    candidates = std::move(whole);
    std::vector<char> doubted(candidates.size(), 0);
    QSet<QString> named; // words of names nobody doubts
    for (size_t i = 0; i < candidates.size(); ++i) {
        const Candidate& c = candidates[i];
        if (c.kind != Kind::Person) continue;
        doubted[i] = isNobodys(c);
        if (!doubted[i])
            for (const QString& word : wordsOf(c)) named.insert(word);
    }
    std::vector<Candidate> kept;
    for (size_t i = 0; i < candidates.size(); ++i) {
        const QStringList words = doubted[i] ? wordsOf(candidates[i]) : QStringList();
        const bool known =
            std::any_of(words.begin(), words.end(), [&](const QString& word) { return named.contains(word); });
        if (!doubted[i] || known) kept.push_back(std::move(candidates[i]));
    }
    candidates = std::move(kept);
}

bool TaggedPage::isNobodys(const Candidate& name) const {
    constexpr double sureName = 0.9;
    if (name.confidence >= sureName) return false;
    // A label outweighs the tagger, but not where every word is one of every day: "Chair: Luxurious Granite Towels".
    const QStringList words = wordsOf(name);
    const bool ordinary = std::all_of(words.begin(), words.end(), [&](const QString& word) {
        return (isOrdinary(m_in.names, word) && !m_in.names.isFrequentName(word, m_in.screen.language())) ||
               isPartOfSomebody(word);
    });
    if (!name.byListsAlone && !ordinary) return false;
    const double enough = ordinary ? sure : sureNobodys;
    const auto of = touched(m_words, {name});
    for (size_t w = 0; w < m_words.size(); ++w)
        if (of[w] && m_judgement.tags()[w].nobodys < enough) return false;
    return true;
}

double TaggedPage::nobodys(int line, const Span& span) const {
    double least = 1;
    for (size_t w = 0; w < m_words.size(); ++w)
        if (m_words[w].line == line && m_words[w].span.start < span.end() && m_words[w].span.end() > span.start)
            least = std::min(least, m_judgement.tags()[w].nobodys);
    return least;
}

std::vector<int> TaggedPage::headsOf(int line) const {
    const auto firstOf = [&](int of) {
        return std::find_if(m_words.begin(), m_words.end(), [&](const ViewedWord& w) { return w.line == of; });
    };
    const auto hasDigit = [&](int of) {
        const QString& text = m_in.screen.runs()[size_t(of)].text();
        return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); });
    };
    std::vector<int> heads;
    const auto own = firstOf(line);
    if (own == m_words.end()) return heads;
    if (const int left = own->near[size_t(Near::LeftFirst)]; left >= 0) heads.push_back(m_words[size_t(left)].line);
    for (auto at = own; at->near[size_t(Near::AboveFirst)] >= 0;) {
        const int above = m_words[size_t(at->near[size_t(Near::AboveFirst)])].line;
        if (!hasDigit(above)) {
            heads.push_back(above);
            break;
        }
        at = firstOf(above);
    }
    return heads;
}

} // namespace eyelid
