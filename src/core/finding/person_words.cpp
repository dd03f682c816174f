#include "finding/person_words.h"

#include "base/shipped.h"
#include "language/spelling.h"

#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

const QSet<QString>& shippedWords(const QString& name) {
    static const QHash<QString, QSet<QString>> all = [] {
        QHash<QString, QSet<QString>> sections;
        QString section;
        for (const QString& line : shippedLines(QStringLiteral("words/around-names.txt"))) {
            if (line.startsWith(u'#')) continue;
            if (line.startsWith(u'['))
                section = line.mid(1, line.size() - 2);
            else
                for (const QString& word : line.split(u'|')) sections[section].insert(word);
        }
        return sections;
    }();
    const auto found = all.constFind(name);
    if (found == all.constEnd()) qFatal("a list of words around names is missing");
    return *found;
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
        static const QRegularExpression owner(QStringLiteral("^(\\p{L}{2,})['’]s$"));
        const auto owning = owner.match(text.mid(start, i - start));
        t.owns = owning.hasMatch();
        t.span = {start, t.owns ? int(owning.capturedLength(1)) : i - start};
        t.text = text.mid(t.span.start, t.span.length);
        t.after = t.span.end() < text.size() ? text[t.span.end()] : QChar();
        const QString restored = nameRestored(t.text);
        t.capital = restored[0].isUpper();
        t.shouting = t.text.size() > 1 && t.text == t.text.toUpper();
        t.initial = t.text.size() == 1 && t.capital && t.after == QLatin1Char('.');
        for (const QChar c : restored) t.digits = t.digits || c.isDigit();
        tokens.push_back(std::move(t));
    }
    return tokens;
}

QString plain(const Token& t) {
    return withoutAccents(t.text).toLower();
}

bool isParticle(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("particle"));
    return words.contains(plain(t)) && !t.shouting;
}

bool isTitle(const Token& t) {
    static const QSet<QString>& titles = shippedWords(QStringLiteral("title"));
    // Those that are written small in running text.
    static const QSet<QString>& small = shippedWords(QStringLiteral("title written small"));
    return (t.capital && titles.contains(plain(t))) || small.contains(plain(t));
}

bool isCalendarWord(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("calendar"));
    return words.contains(plain(t));
}

bool isGreetingWord(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("greeting"));
    return words.contains(plain(t));
}

bool speaksOfPeople(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("speaks of people"));
    return words.contains(plain(t));
}

bool isRoleWord(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("role"));
    return words.contains(plain(t));
}

bool joinsTwo(const QString& word) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("joins two"));
    return words.contains(word);
}

bool isAgainst(const QString& word) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("against"));
    return words.contains(word);
}

bool isArticle(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("article"));
    return words.contains(plain(t));
}

bool isThing(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("thing"));
    return words.contains(plain(t));
}

bool isAlsoThing(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("also a thing"));
    return words.contains(plain(t));
}

bool leadsAThing(const Token& t) {
    static const QSet<QString>& words = shippedWords(QStringLiteral("leads a thing"));
    return words.contains(plain(t));
}

} // namespace eyelid
