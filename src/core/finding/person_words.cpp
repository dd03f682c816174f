#include "finding/person_words.h"

#include "base/shipped.h"
#include "language/spelling.h"

#include <algorithm>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

QSet<QString> aroundNames(const char* section) {
    return shippedWords(QStringLiteral("words/around-names.txt"), QLatin1String(section));
}

// "Maria's": the letters before the apostrophe, none where there is none.
int beforeOwnersS(QStringView word) {
    constexpr qsizetype fewestLetters = 2;
    const qsizetype letters = word.size() - 2;
    if (letters < fewestLetters || word.back() != u's') return 0;
    if (word[letters] != u'\'' && word[letters] != QChar(0x2019)) return 0;
    const bool all = std::all_of(word.begin(), word.begin() + letters, [](QChar c) { return c.isLetter(); });
    return all ? int(letters) : 0;
}

// "Ines' Liste": behind an s an apostrophe alone, unless it closes a quotation.
bool ownsByApostrophe(const QString& text, int start, int end) {
    const auto isApostrophe = [&](int at) { return at >= 0 && (text[at] == u'\'' || text[at] == QChar(0x2019)); };
    if (end + 2 >= text.size() || !isApostrophe(end) || text[end + 1] != u' ' || !text[end + 2].isLetter())
        return false;
    return QStringLiteral("sxzß").contains(text[end - 1]) && !text.left(start).contains(text[end]) &&
           !text.left(start).contains(QChar(0x2018));
}

} // namespace

std::vector<Token> tokensOf(const TextRun& run) {
    std::vector<Token> tokens;
    const QString& text = run.text();
    const auto inner = [&](int i) {
        const QChar c = text[i];
        if (c.isLetterOrNumber()) return true;
        const bool joins = c == QLatin1Char('-') || c == QLatin1Char('\'') || c == QChar(0x2019) ||
                           c == QLatin1Char('!') || c == QLatin1Char('|');
        return joins && i > 0 && text[i - 1].isLetter() && i + 1 < text.size() && text[i + 1].isLetterOrNumber();
    };
    for (int i = 0; i < text.size();) {
        if (!inner(i)) {
            ++i;
            continue;
        }
        const int start = i;
        while (i < text.size() && inner(i)) ++i;
        Token t;
        const int owned = beforeOwnersS(QStringView(text).mid(start, i - start));
        t.owns = owned > 0 || ownsByApostrophe(text, start, i);
        t.span = {start, owned > 0 ? owned : i - start};
        t.text = text.mid(t.span.start, t.span.length);
        t.plain = withoutAccents(t.text).toLower();
        t.after = t.span.end() < text.size() ? text[t.span.end()] : QChar();
        const QString restored = nameRestored(t.text);
        t.capital = restored[0].isUpper();
        const auto isSmall = [](QChar c) { return c.isLower(); };
        t.shouting = t.text.size() > 1 && std::ranges::none_of(t.text, isSmall) && t.text == t.text.toUpper();
        t.initial = t.text.size() == 1 && t.capital && t.after == QLatin1Char('.');
        for (const QChar c : restored) t.digits = t.digits || c.isDigit();
        tokens.push_back(std::move(t));
    }
    return tokens;
}

bool isParticle(const Token& t) {
    static const QSet<QString> words = aroundNames("particle");
    return words.contains(t.plain) && !t.shouting;
}

bool isTitle(const Token& t) {
    static const QSet<QString> titles = aroundNames("title");
    // Those that are written small in running text.
    static const QSet<QString> small = aroundNames("title written small");
    return (t.capital && titles.contains(t.plain)) || small.contains(t.plain);
}

bool leadsAShip(const Token& t) {
    static const QSet<QString> words = aroundNames("before a ship's name");
    return t.shouting && words.contains(t.plain);
}

bool isFormOfAddress(const Token& t) {
    static const QSet<QString> words = aroundNames("form of address");
    return words.contains(t.plain);
}

bool isCalendarWord(const Token& t) {
    static const QSet<QString> words = aroundNames("calendar");
    return words.contains(t.plain);
}

bool isGreetingWord(const Token& t) {
    static const QSet<QString> words = aroundNames("greeting");
    return words.contains(t.plain);
}

bool isThanks(const Token& t) {
    static const QSet<QString> words = aroundNames("thanks");
    return words.contains(t.plain);
}

bool leadsToThanked(const Token& t) {
    static const QSet<QString> words = aroundNames("to");
    return words.contains(t.plain);
}

bool isAnswerWord(const Token& t) {
    static const QSet<QString> words = aroundNames("answer");
    return words.contains(t.plain);
}

bool speaksOfPeople(const Token& t) {
    static const QSet<QString> words = aroundNames("speaks of people");
    return words.contains(t.plain);
}

bool isDealtWith(const Token& t) {
    static const QSet<QString> words = aroundNames("dealt with");
    return words.contains(t.plain);
}

bool isRoleWord(const Token& t) {
    static const QSet<QString> words = aroundNames("role");
    return words.contains(t.plain);
}

bool joinsTwo(const QString& word) {
    static const QSet<QString> words = aroundNames("joins two");
    return words.contains(word);
}

bool isAgainst(const QString& word) {
    static const QSet<QString> words = aroundNames("against");
    return words.contains(word);
}

bool isNoPartOfName(const Token& t) {
    static const QSet<QString> words = aroundNames("no part of a name");
    return words.contains(t.plain);
}

bool saysOfSeveral(const Token& t) {
    static const QSet<QString> words = aroundNames("of several");
    return words.contains(t.plain);
}

bool isArticle(const Token& t) {
    static const QSet<QString> words = aroundNames("article");
    return words.contains(t.plain);
}

bool joinsTown(const QString& word) {
    static const QSet<QString> words = aroundNames("joins a town");
    return words.contains(word);
}

bool isHouse(const Token& t) {
    static const QSet<QString> words = aroundNames("ends a house");
    return words.contains(t.plain);
}

bool endsStreet(const Token& t) {
    static const QSet<QString> words = aroundNames("ends a street");
    return words.contains(t.plain);
}

bool leadsStreet(const Token& t) {
    static const QSet<QString> words = aroundNames("leads a street");
    return words.contains(t.plain);
}

bool saysWhere(const Token& t) {
    static const QSet<QString> words = aroundNames("at");
    return words.contains(t.plain);
}

bool isThing(const Token& t) {
    static const QSet<QString> words = aroundNames("thing");
    return words.contains(t.plain);
}

bool isAlsoThing(const Token& t) {
    static const QSet<QString> words = aroundNames("also a thing");
    return words.contains(t.plain);
}

bool isDegree(const Token& t) {
    static const QSet<QString> words = aroundNames("degree");
    return t.capital && words.contains(t.plain);
}

bool isLegalForm(const Token& t) {
    static const QSet<QString> words = aroundNames("legal form");
    return words.contains(t.plain);
}

bool isFirmByForm(const TextRun& run) {
    static const QRegularExpression dotted(
        QStringLiteral("\\S,? (?:S\\.? ?(?:L|A|C)|S\\.A\\.S|e\\.V|B\\.V|N\\.V)\\.?$"));
    const std::vector<Token> tokens = tokensOf(run);
    return (tokens.size() > 1 && isLegalForm(tokens.back())) || run.text().contains(dotted);
}

bool leadsAThing(const Token& t) {
    static const QSet<QString> words = aroundNames("leads a thing");
    return words.contains(t.plain);
}

} // namespace eyelid
