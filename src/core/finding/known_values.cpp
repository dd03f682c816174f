// The finder's other half: values that are known are looked for, on pages and in text that leaves beside the pictures.
#include "base/sentence.h"
#include "finding/candidates.h"
#include "finding/finder_parts.h"
#include "finding/phrase_search.h"
#include "finding/user_names_of.h"
#include "finding/whole_cells.h"
#include "language/spelling.h"
#include "reading/page_text.h"

#include <algorithm>
#include <QRegularExpression>
#include <set>

namespace eyelid {
namespace {

// The same number as it is dialled from within its country and from abroad (ITU-T E.123).
QStringList otherDialling(const QString& text) {
    QString digits;
    for (const QChar c : digitsRestored(text))
        if (c.isDigit()) digits += c;
    const bool international = text.trimmed().startsWith(u'+') || digits.startsWith(QLatin1String("00"));
    if (digits.startsWith(QLatin1String("00"))) digits.remove(0, 2);
    QStringList others;
    for (const char* code : {"44", "49", "33", "31", "34", "1"}) {
        const QString country = QLatin1String(code);
        if (international && digits.startsWith(country)) {
            const QString national = digits.mid(country.size());
            others << u'0' + national << national << QStringLiteral("00") + digits << digits
                   << country + u'0' + national; // "+44 (0)1632 …"
        } else if (!international && digits.startsWith(u'0')) {
            others << country + digits.mid(1) << QStringLiteral("00") + country + digits.mid(1) << country + digits;
        }
    }
    others.erase(std::remove_if(others.begin(), others.end(), [](const QString& o) { return o.size() < 8; }),
                 others.end());
    return others;
}

// A text that is no picture, as a name of a file is written and as it would be read out: "ines-hartwell_02".
QStringList spellings(const QString& text) {
    static const QRegularExpression marks(QStringLiteral("[-_.+~,;:()\\[\\]]+"));
    const QString spaced = QString(text).replace(marks, QStringLiteral(" ")).simplified();
    QString capitals = spaced;
    for (qsizetype i = 0; i < capitals.size(); ++i)
        if (i == 0 || capitals[i - 1] == u' ') capitals[i] = capitals[i].toUpper();
    QStringList all{text};
    for (const QString& other : {spaced, capitals})
        if (!all.contains(other)) all << other;
    return all;
}

// What is looked for: a phrase, the value it stands for, and whether it is the whole of it in another spelling.
struct Sought {
    QString phrase;
    const Finding* value = nullptr;
    bool whole = true;
    bool exactly = false; ///< as it is written, to the letter
};

// The ways a person's name is written, and the names of users and mail that are made from it.
void addNames(const Finding& f, const Names& names, std::vector<Sought>& sought) {
    QString name = f.text;
    // "Surname, Given" is the other way round.
    if (const qsizetype comma = name.indexOf(u','); comma > 0)
        name = name.mid(comma + 1).trimmed() + u' ' + name.left(comma);
    const QStringList words = name.split(QRegularExpression(QStringLiteral("[\\s,.]+")), Qt::SkipEmptyParts);
    if (words.size() < 2) return;
    const QString given = words.first(), family = words.last();
    // "O Na O": what was taken for a name and is hardly a letter would be found everywhere.
    constexpr qsizetype fewest = 4; // letters of all its words
    const auto add = [&](const QString& phrase) {
        if (skeleton(phrase).size() >= fewest) sought.push_back({phrase, &f});
    };
    add(words.join(u' '));
    add(family + u' ' + words.mid(0, words.size() - 1).join(u' '));
    if (family.size() >= 4 && skeleton(given.left(1) + family).size() >= 6) {
        sought.push_back({given.left(1) + family, &f});
        sought.push_back({family + given.left(1), &f});
    }
    if (given.size() >= 5) sought.push_back({given + family.left(1), &f});
    if (words.size() > 2) add(given + family);
    for (const QString& word : words)
        if (word.size() >= 4 && word[0].isUpper() && !names.isCommonWord(word)) sought.push_back({word, &f, false});
}

// Short values and ordinary words look like much that they are not.
bool tellsItself(const Finding& f, const Names& names) {
    const QString key = skeleton(f.text);
    const auto letters = std::count_if(f.text.begin(), f.text.end(), [](QChar c) { return c.isLetter(); });
    return key.size() >= (f.kind == Kind::Person ? 4 : 6) && !(letters == key.size() && names.isCommonWord(f.text));
}

struct Sighting {
    const Sought* sought = nullptr;
    const TextRun* run = nullptr;
    Span span;
    bool userName = false; ///< made of the name that is sought
    QString text() const { return run->text().mid(span.start, span.length); }
};

// Where what is sought stands on a page, in any spelling a reader may have given it. Of phrases that look alike the
// first is told.
std::vector<Sighting> sightings(const ScreenText& screen, const Names& names, const std::vector<Sought>& sought) {
    PhraseSearch search;
    UserNamesOf userNames;
    for (size_t i = 0; i < sought.size(); ++i) {
        search.add(sought[i].phrase, int(i));
        if (sought[i].whole && sought[i].value->kind == Kind::Person) userNames.add(sought[i].value->text, int(i));
    }
    std::vector<Sighting> all;
    if (search.isEmpty()) return all;
    eachRun(screen, [&](const TextRun& run) {
        const auto take = [&](const std::vector<PhraseHit>& hits, bool userName) {
            for (const PhraseHit& hit : hits)
                if (counts(run, hit.span)) all.push_back({&sought[size_t(hit.id)], &run, hit.span, userName});
        };
        take(userNames.in(run, names), true);
        take(search.in(run), false);
    });
    return all;
}

// Whether what was sighted is no name as people write it: a part of one has a capital; a user name made of all of it
// need not have one. "is on", "Sir or" are no other spelling of Ison and Siror.
bool isNoName(const Sighting& s, const Names& names) {
    if (s.sought->value->kind != Kind::Person || s.userName) return false;
    const QStringList words = s.text().split(u' ', Qt::SkipEmptyParts);
    const bool common = std::ranges::all_of(words, [&](const QString& word) { return names.isCommonWord(word); });
    if (common && words.size() > s.sought->phrase.split(u' ', Qt::SkipEmptyParts).size()) return true;
    return !nameRestored(s.text())[0].isUpper() && (!s.sought->whole || (common && words.size() == 1));
}

// "t.varga" within "t.varga-ext": a user name is somebody's as a whole.
Span wholeHandle(const TextRun& run, Span span) {
    const QString& text = run.text();
    const auto goesOn = [&](int at) {
        return at >= 0 && at < text.size() && (text[at].isLetterOrNumber() || QStringLiteral("._-").contains(text[at]));
    };
    if (run.second >= 0 || nameRestored(text.mid(span.start, span.length))[0].isUpper()) return span;
    while (goesOn(span.start - 1)) span = {span.start - 1, span.length + 1};
    while (goesOn(span.end())) ++span.length;
    while (span.length > 1 && !text[span.end() - 1].isLetterOrNumber()) --span.length; // a sentence's end
    return span;
}

bool allCovered(const Finding& f, std::initializer_list<const std::vector<Finding>*> by) {
    return std::all_of(f.boxes.begin(), f.boxes.end(), [&](const QRectF& box) {
        return std::any_of(by.begin(), by.end(), [&](const auto* list) { return coveredBy(*list, box); });
    });
}

} // namespace

std::vector<Finding> Finder::carry(const Page& page, const std::vector<Finding>& already,
                                   const std::vector<Finding>& known, const Policy& policy) const {
    std::vector<Sought> sought;
    for (const Finding& f : known) {
        if (f.text.isEmpty()) continue;
        if (f.kind != Kind::Watch && !policy.looksFor(f.kind)) continue;
        // Short values would be found everywhere.
        if (tellsItself(f, m_parts->names)) sought.push_back({f.text, &f});
        if (f.kind == Kind::Phone)
            for (const QString& other : otherDialling(f.text)) sought.push_back({other, &f});
        if (f.kind == Kind::Person) addNames(f, m_parts->names, sought);
    }
    std::vector<Finding> found;
    if (sought.empty()) return found;
    const std::optional<Page> inCells = withWholeCells(page); // a value may go on in a narrow cell
    const ScreenText screen(inCells ? *inCells : page);
    for (const Sighting& s : sightings(screen, m_parts->names, sought)) {
        const Finding& value = *s.sought->value;
        if (isNoName(s, m_parts->names)) continue;
        const Span span = value.kind == Kind::Person && !s.userName ? wholeHandle(*s.run, s.span) : s.span;
        Finding f = toFinding(screen, {value.kind, s.run, span, 0.75, Tr::tr("was found elsewhere in the case"), {}});
        if (s.sought->whole && !value.key.isEmpty()) f.key = value.key;
        if (f.boxes.empty() || allCovered(f, {&already, &found})) continue;
        f.ground = policy.rule(f.kind).ground;
        found.push_back(std::move(f));
    }
    sortByPlace(found);
    return found;
}

std::vector<Finding> Finder::readable(const Page& page, const std::vector<Finding>& values) const {
    std::vector<Sought> sought;
    std::set<QString> exact;
    for (const Finding& f : values) {
        if (f.text.isEmpty()) continue;
        if (f.kind == Kind::Phone)
            for (const QString& other : otherDialling(f.text)) sought.push_back({other, &f});
        if (f.kind == Kind::Person) addNames(f, m_parts->names, sought);
        if (tellsItself(f, m_parts->names))
            sought.push_back({f.text, &f});
        else
            exact.insert(exactly(f.text));
    }
    // What is sought in any spelling comes first: it must not be hidden by what is sought to the letter.
    for (const Finding& f : values)
        if (!f.text.isEmpty() && exact.contains(exactly(f.text))) sought.push_back({f.text, &f, true, true});
    std::vector<Finding> found;
    if (sought.empty()) return found;
    const std::optional<Page> inCells = withWholeCells(page); // a value may go on in a narrow cell
    const ScreenText screen(inCells ? *inCells : page);
    for (const Sighting& s : sightings(screen, m_parts->names, sought)) {
        const Finding& value = *s.sought->value;
        const QString text = s.text();
        if (s.sought->exactly && !exact.contains(exactly(text))) continue;
        if (!s.sought->exactly && !exact.contains(exactly(text)) && isNoName(s, m_parts->names)) continue;
        Finding f = toFinding(screen, {value.kind, s.run, s.span, 1, Tr::tr("is covered elsewhere"), {}});
        if (s.sought->whole && !value.key.isEmpty()) f.key = value.key;
        if (!f.boxes.empty() && !allCovered(f, {&found})) found.push_back(std::move(f));
    }
    sortByPlace(found);
    return found;
}

std::vector<Finding> Finder::findInText(const QString& text, const Policy& policy, const WatchList& watch) const {
    // Words with no page around them: "serif" is on the list of given names as well.
    constexpr double sureByItself = 0.7;
    // Each spelling by itself: they must not vouch for one another.
    std::vector<Finding> found;
    for (const QString& spelling : spellings(text))
        for (Finding& f : findRead(pageOfText({spelling}), policy, watch, false)) found.push_back(std::move(f));
    // Nor are words joined by hyphens, as files are named, a passphrase.
    static const QRegularExpression joined(QStringLiteral("^\\w+([-_]\\w+)+$"));
    std::erase_if(found, [](const Finding& f) {
        return f.confidence < sureByItself || (f.kind == Kind::Secret && joined.match(f.text).hasMatch());
    });
    return found;
}

std::vector<Finding> Finder::readableInText(const QString& text, const std::vector<Finding>& values) const {
    // Each spelling by itself: the end of one does not go on with the next.
    std::vector<Finding> found;
    for (const QString& spelling : spellings(text))
        for (Finding& f : readable(pageOfText({spelling}), values)) found.push_back(std::move(f));
    return found;
}

} // namespace eyelid
