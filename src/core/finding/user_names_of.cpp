#include "finding/user_names_of.h"

#include "finding/ordinary_word.h"
#include "language/spelling.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr qsizetype fewestTelling = 4; // letters of a user name
constexpr qsizetype fewestOfOne = 3;   // of a name with figures behind

QString lettersOf(const QString& text) {
    QString letters;
    for (const QChar c : text)
        if (c.isLetter()) letters += c;
    return skeleton(letters);
}

} // namespace

void UserNamesOf::add(const QString& name, int id) {
    static const QRegularExpression parting(QStringLiteral("[\\s,.]+"));
    QStringList words;
    for (const QString& word : name.split(parting, Qt::SkipEmptyParts))
        if (const QString letters = lettersOf(word); letters.size() > 1) words << letters;
    if (words.size() < 2) return;
    const auto keep = [&](std::map<QString, int>& to, const QString& letters, qsizetype fewest = fewestTelling) {
        if (letters.size() >= fewest) to.emplace(letters, id);
    };
    // Of a name of several words, whichever go with the first, or with the last.
    const QString all = words.join(QString()), first = words.first(), last = words.last();
    const QString behindFirst = all.mid(first.size()), beforeLast = all.chopped(last.size());
    for (const auto& [one, other] :
         {std::pair{first, last}, {first, behindFirst}, {first, words[1]}, {beforeLast, last}})
        for (const QString& letters : {one + other, other + one, one.left(1) + other, other + one.left(1),
                                       one + other.left(1), other.left(1) + one})
            keep(m_ofBoth, letters);
    for (const QString& letters : {first, last, behindFirst, beforeLast}) keep(m_ofOne, letters, fewestOfOne);
}

int UserNamesOf::idOf(const QString& word, const Names& names) const {
    static const QRegularExpression form(
        QStringLiteral("^(\\p{L}+(?:[._-]\\p{L}+){0,2}?)(?:[._-](?:ext|adm))?([._-]?\\d{1,4})?$"),
        QRegularExpression::CaseInsensitiveOption);
    const auto m = form.match(word);
    if (!m.hasMatch()) return -1;
    const QString name = m.captured(1);
    const bool figures = m.capturedLength(2) > 0;
    const bool joined = std::any_of(name.begin(), name.end(), [](QChar c) { return !c.isLetter(); });
    const QString letters = lettersOf(name);
    const auto found = [&](const std::map<QString, int>& in) {
        const auto at = in.find(letters);
        return at == in.end() ? -1 : at->second;
    };
    // "Stensholt1" is a name, and a figure of the next cell.
    const bool oneCase = name == name.toLower() || name == name.toUpper();
    if (figures && oneCase && !joined && !names.isVeryCommonWord(name, QStringLiteral("eng")))
        if (const int id = found(m_ofOne); id >= 0) return id;
    return figures || joined || !isOrdinary(names, name) ? found(m_ofBoth) : -1;
}

std::vector<PhraseHit> UserNamesOf::in(const TextRun& run, const Names& names) const {
    // What stands before an @ is a mail address's, before a bracket a function's.
    static const QRegularExpression words(QStringLiteral(
        "(?<![\\p{L}\\d._@-])@?([\\p{L}\\d][\\p{L}\\d._-]{2,38}[\\p{L}\\d])(?![\\p{L}\\d@(]|[._-][\\p{L}\\d])"));
    // "hermine k": what joins the two was lost on the line that links are underlined with.
    static const QRegularExpression parted(QStringLiteral("^@?(\\p{Ll}{3,20}) (\\p{Ll})$"));
    std::vector<PhraseHit> hits;
    if (isEmpty()) return hits;
    if (const auto m = parted.match(run.text()); m.hasMatch())
        if (const int id = idOf(m.captured(1) + u'_' + m.captured(2), names); id >= 0)
            return {{{0, int(run.text().size())}, id}};
    for (auto all = words.globalMatch(run.text()); all.hasNext();) {
        const auto m = all.next();
        const int id = idOf(m.captured(1), names);
        if (id >= 0) hits.push_back({{int(m.capturedStart()), int(m.capturedLength())}, id});
    }
    return hits;
}

} // namespace eyelid
