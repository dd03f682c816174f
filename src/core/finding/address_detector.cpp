// Postal addresses in a first form: street lines, British postcodes, and what a label says is an address.
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>
#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

// "12 Fenwick Ave SW, Alderport, WA 98116": what stands before the town is its street. Without the comma "OK 12345"
// would be.
Pattern american() {
    QStringList states = shippedLines(QStringLiteral("words/us-states.txt"));
    states.removeIf([](const QString& line) { return line.startsWith(u'#'); });
    const QByteArray street = R"((?:[\p{Lu}\d][\p{L}\d'’.\-]*(?: [\p{Lu}\d#][\p{L}\d'’.\-]*){0,4}, )?)",
                     town = R"(\p{Lu}[\p{L}'’.\-]+(?: \p{Lu}[\p{L}'’.\-]+){0,2})", code = R"(\d{5}(?:-\d{4})?)";
    const QByteArray whole = R"((?:^|[^\p{L}\d])()" + street + town + ", (?:" + states.join(u'|').toUtf8() + "),? " +
                             code + R"((?:, [A-Z]{2,3}\b)?)(?:$|[^\d\-]))"; // and the country
    return Pattern(whole.constData());
}

class AddressDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        const auto& runs = in.screen.runs();
        std::vector<char> isAddress(runs.size(), 0);
        for (size_t i = 0; i < runs.size(); ++i) {
            const TextRun& run = runs[i];
            for (const Pattern* street :
                 {&m_english, &m_capitals, &m_german, &m_french, &m_spanish, &m_unnumbered, &m_postBox})
                for (const PatternMatch& m : in.search.all(*street, run)) {
                    if (isTimeOrRoom(in, m.text(run.search, 1))) continue;
                    if (street == &m_capitals && saysMore(run.text(), m.groups[1])) continue;
                    const Span span = withTown(run, m.groups[1]);
                    out.push_back({Kind::Address, &run, span, 0.85, Tr::tr("has the form of a street address"), {}});
                    isAddress[i] = 1;
                }
            for (const PatternMatch& m : in.search.all(m_calledAfter, run)) {
                if (!isCalledAfter(in.names, run, m)) continue;
                out.push_back({Kind::Address, &run, m.groups[2], 0.75, Tr::tr("has the form of a street address"), {}});
                isAddress[i] = 1;
            }
            for (const PatternMatch& m : in.search.all(m_canadian, run)) {
                const Span span = withTownBefore(run, m.groups[1]);
                out.push_back({Kind::Address, &run, span, 0.75, Tr::tr("has the form of a Canadian postcode"), {}});
                isAddress[i] = 1;
            }
            for (const PatternMatch& m : in.search.all(m_american, run)) {
                // Nine figures behind a state are no phone number.
                const bool nineFigures =
                    m.text(run.search, 1).contains(QRegularExpression(QStringLiteral("\\d{5}-\\d{4}$")));
                out.push_back({Kind::Address,
                               &run,
                               m.groups[1],
                               nineFigures ? 0.95 : 0.8,
                               Tr::tr("has the form of a town with its state and ZIP code"),
                               {}});
                isAddress[i] = 1;
            }
            for (const PatternMatch& m : in.search.all(m_postcode, run)) {
                // Letters may be misread figures, but not all of them: "PROFILE" is no postcode.
                const QString code = m.text(run.search, 1);
                if (std::none_of(code.begin(), code.end(), [](QChar c) { return c.isDigit(); })) continue;
                out.push_back({Kind::Address,
                               &run,
                               withTownBefore(run, m.groups[1]),
                               0.75,
                               Tr::tr("has the form of a British postcode"),
                               {}});
                isAddress[i] = 1;
            }
        }
        findFlowing(in, out);
        findLabelled(in, isAddress, out);
        findOverPostcodes(in, isAddress, out);
        findOverTowns(in, isAddress, out);
        findWhereTheyLive(in, out);
        findBlocks(in, isAddress, out);
    }

private:
    // "OPEN 24 HOURS ON THE SQUARE", "10 NEW LANE MARKINGS": a heading in capitals.
    static bool saysMore(const QString& line, const Span& street) {
        static const QRegularExpression littleWord(QStringLiteral("\\b(?:ON|IN|AT|OF|FOR|TO|AND|HOURS|DAYS|NEW)\\b"));
        static const QRegularExpression goesOn(QStringLiteral("^ \\p{Lu}[\\p{L}]+(?: \\p{Lu}[\\p{L}]+)*$"));
        return line.mid(street.start, street.length).contains(littleWord) ||
               (line.left(street.start).contains(QRegularExpression(QStringLiteral("\\p{L}"))) &&
                goesOn.match(line.mid(street.end())).hasMatch());
    }

    // "180 Leticia Light": somebody's name and a word of every day behind a house's number.
    static bool isCalledAfter(const Names& names, const TextRun& run, const PatternMatch& m) {
        static const QRegularExpression year(QStringLiteral("^(?:19|20)\\d\\d "));
        constexpr int longNumber = 3; // figures; fewer count things as well: "both 12 Peter Fox"
        const QString street = m.text(run.search, 2), name = m.text(run.search, 3), thing = m.text(run.search, 4);
        const bool behindComma = m.text(run.search, 1) == u",";
        if (!behindComma && (street.indexOf(u' ') < longNumber || street.contains(year))) return false;
        return names.isGivenOrFamily(name) && !isOrdinary(names, name) && isOrdinary(names, thing);
    }

    // Prose that breaks within an address.
    void findFlowing(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.flowing())
            for (const Pattern* street : {&m_english, &m_german, &m_french, &m_spanish})
                for (const PatternMatch& m : in.search.all(*street, run)) {
                    const Span span = withTown(run, m.groups[1]);
                    if (!counts(run, m.groups[1]) || isTimeOrRoom(in, m.text(run.search, 1))) continue;
                    out.push_back({Kind::Address,
                                   &run,
                                   span,
                                   0.88,
                                   Tr::tr("has the form of a street address over two lines"),
                                   {}});
                }
    }

    // What a label announces. `isAddress`: by line.
    void findLabelled(const Surroundings& in, std::vector<char>& isAddress, std::vector<Candidate>& out) const {
        const auto& runs = in.screen.runs();
        QHash<QString, bool> besideNames; // columns, by their headings' words
        const auto isOfSomebodys = [&](const LabelledValue& value) {
            if (!besideNames.contains(value.label)) besideNames.insert(value.label, isBesideNames(in, value));
            return besideNames.value(value.label);
        };
        for (const LabelledValue& value : in.screen.labelled()) {
            const bool whereabouts = value.kind == Kind::Location;
            if (value.kind != Kind::Address && !whereabouts) continue;
            const TextRun& run = runs[size_t(value.run)];
            const QString text = run.text().mid(value.span.start, value.span.length);
            const bool street = isNamedStreet(in.names, text);
            if (whereabouts && !street) continue;
            const bool digit = hasDigit(text);
            // A mail address; a sign by itself is what a mark or a button before the value was read as.
            static const QRegularExpression mail(QStringLiteral("\\S@\\S"));
            if ((text.size() < 4 && !value.goesOn) || text.contains(mail) || namesFieldsOfAddress(text)) continue;
            if (saysAnyPlace(value.label) && !street && !isAmongPeople(in, value)) continue;
            const bool place = isPlace(in.names, text);
            if (isPartOfCountry(value.label) && !in.names.isPlace(text) && !in.names.isTownOfSeveralWords(text))
                continue;
            // Of a country whose forms and places nobody here knows, what is written large after a whole label is one;
            // under a heading, where it stands among others that are known.
            const bool heading = value.how == LabelledValue::How::Heading;
            const bool announced = value.whole &&
                                   (heading ? isOfPlaces(in, value) || isOfSomebodys(value) : text.size() >= 6) &&
                                   text[0].isUpper() && !saysOrdinaryWords(in.names, text);
            if ((!place && !announced) || (!digit && isProse(in.names, text))) continue;
            out.push_back({Kind::Address, &run, value.span, place ? 0.86 : 0.6, value.because(), {}});
            isAddress[size_t(value.run)] = 1;
        }
    }

    // "Taussigova 97": names and a number of a house. "Room 12", "Halle 7" are words of every day.
    static bool isNamedStreet(const Names& names, const QString& text) {
        static const QRegularExpression form(
            QStringLiteral("^(?:\\d{1,5} )?(\\p{Lu}[\\p{L}'’.\\-]{2,}(?: (?:d[aeiou]s?|de la|del|van|von|der|"
                           "\\p{Lu}[\\p{L}'’.\\-]+)){0,4})(?:,? \\d{1,4}[a-z]?)?$"));
        const auto m = form.match(text);
        if (!m.hasMatch() || !hasDigit(text)) return false;
        const QStringList words = m.captured(1).split(u' ');
        // "Halle 7": given names are what halls are called, streets are called after families.
        if (words.size() == 1 && (names.isPlace(words.front()) || names.isGiven(words.front()))) return false;
        return std::none_of(words.begin(), words.end(), [&](const QString& word) {
            return word[0].isUpper() && (isOrdinary(names, word) || names.isCommonWord(word));
        });
    }

    // "Ort": of a meeting as well as of somebody's home.
    static bool saysAnyPlace(const QString& label) {
        static const QSet<QString> words =
            shippedWords(QStringLiteral("words/around-labels.txt"), QStringLiteral("anywhere"));
        return words.contains(label) || isPartOfCountry(label);
    }
    static bool isPartOfCountry(const QString& label) {
        static const QSet<QString> words =
            shippedWords(QStringLiteral("words/around-labels.txt"), QStringLiteral("region"));
        return words.contains(label);
    }
    // In one form with who it is: their values stand in one column, or in one row; or right behind a post code's.
    static bool isAmongPeople(const Surroundings& in, const LabelledValue& place) {
        constexpr double aligned = 0.5; // heights of a small x
        const auto& lines = in.screen.page().lines;
        const TextLine& own = lines[size_t(place.run)];
        return std::any_of(in.screen.labelled().begin(), in.screen.labelled().end(), [&](const LabelledValue& other) {
            if (other.run == place.run && other.kind == Kind::Address && !saysAnyPlace(other.label)) return true;
            const QRectF& box = lines[size_t(other.run)].box;
            const bool person = other.kind == Kind::Person || other.kind == Kind::Dob || other.kind == Kind::Phone;
            return person && other.run != place.run && other.how == place.how &&
                   (std::abs(box.left() - own.box.left()) <= aligned * own.xHeight ||
                    verticalShare(box, own.box) > aligned);
        });
    }

    // What no firm and no thing has.
    static bool isOfOnePerson(Kind kind) {
        return kind == Kind::Username || kind == Kind::Dob || kind == Kind::Email || kind == Kind::Passport ||
               kind == Kind::NationalId;
    }

    // Whether cells of the rows of a value's column are names, or stand under a heading of what one person has, in two
    // rows at least: "Town" of whom they are.
    static bool isBesideNames(const Surroundings& in, const LabelledValue& place) {
        constexpr int fewest = 2;
        constexpr double sameRow = 0.5; // of the lower box
        const auto& lines = in.screen.page().lines;
        int rows = 0;
        for (const LabelledValue& other : in.screen.labelled()) {
            if (other.kind != place.kind || other.how != place.how || other.label != place.label) continue;
            const auto inRow = [&](const TextLine& cell) {
                return verticalShare(cell.box, lines[size_t(other.run)].box) > sameRow;
            };
            rows += std::any_of(lines.begin(), lines.end(),
                                [&](const TextLine& cell) { return inRow(cell) && isName(in.names, cell); }) ||
                    std::any_of(in.screen.labelled().begin(), in.screen.labelled().end(), [&](const LabelledValue& v) {
                        const TextLine& cell = lines[size_t(v.run)];
                        if (isOfOnePerson(v.kind) && v.how == place.how && inRow(cell)) return true;
                        return v.kind == Kind::Person && v.how == place.how && cell.words.size() == 1 && inRow(cell) &&
                               in.names.isGivenOrFamily(cell.words.front().text);
                    });
        }
        return rows >= fewest;
    }
    // "Kwaal Visser", "Visser, Anna": two words or three, both of the lists of names.
    static bool isName(const Names& names, const TextLine& cell) {
        if (cell.words.size() < 2 || cell.words.size() > 3) return false;
        bool given = false, all = true;
        for (const Word& word : cell.words) {
            const QString bare = word.text.endsWith(u',') ? word.text.chopped(1) : word.text;
            given = given || names.isGiven(bare);
            all = all && names.isGivenOrFamily(bare);
        }
        return given && all;
    }

    static bool hasDigit(const QString& text) {
        return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); });
    }
    static bool isPlace(const Names& names, const QString& text) {
        return hasDigit(text) || names.isPlace(text) || text.contains(QLatin1Char(','));
    }

    // Whether the column under a value's heading is one of places: two of them known, and a quarter of all.
    static bool isOfPlaces(const Surroundings& in, const LabelledValue& value) {
        constexpr int fewest = 2, share = 4;
        int known = 0, all = 0;
        for (const LabelledValue& other : in.screen.labelled()) {
            if (other.kind != value.kind || other.how != value.how || other.label != value.label) continue;
            ++all;
            known += isPlace(in.names, in.screen.runs()[size_t(other.run)].text());
        }
        return known >= fewest && share * known >= all;
    }

    // "Oh so, your weak rhyme" under a town: small words of every day, which places have one or two of at most.
    static bool isProse(const Names& names, const QString& text) {
        constexpr int fewest = 2;
        constexpr qsizetype longParticle = 4;
        int small = 0;
        for (const QString& word : text.split(u' ', Qt::SkipEmptyParts))
            small += word.size() >= longParticle && word == word.toLower() && names.isCommonWord(word);
        return small >= fewest;
    }

    // A block: lines that go on under an address line, down to one with a postcode.
    void findBlocks(const Surroundings& in, const std::vector<char>& isAddress, std::vector<Candidate>& out) const {
        const auto& runs = in.screen.runs();
        for (size_t i = 0; i < runs.size(); ++i) {
            if (!isAddress[i]) continue;
            int at = in.screen.lineBelow(int(i));
            std::vector<int> block;
            for (int step = 0; step < 4 && at >= 0; ++step, at = in.screen.lineBelow(at)) {
                if (isAddress[size_t(at)] && !m_postcode.found(runs[size_t(at)].search)) break;
                if (in.screen.labelOf(at)) break; // the next field of a form
                block.push_back(at);
                const SearchText& text = runs[size_t(at)].search;
                if (m_postcode.found(text) || m_townLine.matchesWhole(text.text())) {
                    for (int line : block)
                        if (!isAddress[size_t(line)] && runs[size_t(line)].text().size() <= 40)
                            out.push_back({Kind::Address,
                                           &runs[size_t(line)],
                                           {0, int(runs[size_t(line)].text().size())},
                                           0.7,
                                           Tr::tr("goes on under a street address"),
                                           {}});
                    break;
                }
                if (text.text().size() > 32 || text.text().contains(QLatin1Char(':'))) break;
            }
        }
    }

    // "Im Raum 12", "Am Dienstag 14 Uhr" are built like "Am Anger 12".
    bool isTimeOrRoom(const Surroundings& in, const QString& text) const {
        for (const PatternMatch& m : m_preposition.all(SearchText(text)))
            if (in.names.isCommonWord(m.text(SearchText(text), 1))) return true;
        return false;
    }
    // "…, Whitby YO21 3PL": the rest of the address after its street.
    Span withTown(const TextRun& run, Span street) const {
        const SearchText rest(run.text().mid(street.end()));
        for (const PatternMatch& m : m_rest.all(rest)) {
            if (m.groups[0].start != 0) break;
            street.length += m.groups[0].length;
            break;
        }
        return street;
    }
    Span withTownBefore(const TextRun& run, Span postcode) const {
        const SearchText before(run.text().left(postcode.start));
        for (const PatternMatch& m : m_townBefore.all(before)) {
            if (m.groups[0].end() != before.text().size()) continue;
            return withPartsBefore(run, {m.groups[1].start, postcode.end() - m.groups[1].start});
        }
        return postcode;
    }

    // "Rose Cottage, Weir End, " before "Alderport LM4 7QP": a house with a name and no number.
    Span withPartsBefore(const TextRun& run, const Span& town) const {
        const SearchText before(run.text().left(town.start));
        for (const PatternMatch& m : m_partsBefore.all(before))
            if (m.groups[0].end() == before.text().size()) return {m.groups[1].start, town.end() - m.groups[1].start};
        return town;
    }

    // The same line by line, over a post code that stands alone or behind its town: up to who lives there.
    void findOverPostcodes(const Surroundings& in, std::vector<char>& isAddress, std::vector<Candidate>& out) const {
        constexpr int mostLines = 4;
        constexpr double close = 1.8; // heights of a small x between two lines of one block
        const auto& runs = in.screen.runs();
        const auto& lines = in.screen.page().lines;
        for (size_t i = 0; i < runs.size(); ++i) {
            if (!m_endsAddress.matchesWhole(runs[i].text())) continue;
            int under = int(i);
            for (int n = 0; n < mostLines; ++n) {
                const int over = in.screen.lineAbove(under);
                if (over < 0 || isAddress[size_t(over)] || in.screen.labelOf(over)) break;
                const TextLine &upper = lines[size_t(over)], &lower = lines[size_t(under)];
                if (lower.box.top() - upper.box.bottom() > close * std::max(upper.xHeight, lower.xHeight)) break;
                if (!m_partOfAddress.matchesWhole(runs[size_t(over)].text()) || isSomebody(in, runs[size_t(over)]))
                    break;
                out.push_back({Kind::Address,
                               &runs[size_t(over)],
                               {0, int(runs[size_t(over)].text().size())},
                               0.7,
                               Tr::tr("stands over a post code"),
                               {}});
                isAddress[size_t(over)] = 1;
                under = over;
            }
        }
    }
    // "Järnvägsgärdet 155" over "12701 Borland": a street of no form known here, over a post code and its town.
    void findOverTowns(const Surroundings& in, std::vector<char>& isAddress, std::vector<Candidate>& out) const {
        constexpr double close = 1.8; // heights of a small x between two lines of one block
        static const QRegularExpression lostSpace(QStringLiteral("(?<=\\p{Ll}{3})(?=\\d{1,4}[a-z]?$)"));
        const auto& runs = in.screen.runs();
        const auto& lines = in.screen.page().lines;
        for (size_t town = 0; town < runs.size(); ++town) {
            const int over = in.screen.lineAbove(int(town));
            if (over < 0 || isAddress[size_t(over)] || !m_townLine.matchesWhole(runs[town].text())) continue;
            const TextLine &upper = lines[size_t(over)], &lower = lines[town];
            if (lower.box.top() - upper.box.bottom() > close * std::max(upper.xHeight, lower.xHeight)) continue;
            QString street = runs[size_t(over)].text();
            if (!isNamedStreet(in.names, street.replace(lostSpace, QStringLiteral(" ")))) continue;
            for (const size_t line : {size_t(over), town}) {
                out.push_back({Kind::Address,
                               &runs[line],
                               {0, int(runs[line].text().size())},
                               0.7,
                               Tr::tr("is a street over its town"),
                               {}});
                isAddress[line] = 1;
            }
        }
    }

    // Of two lines only what the second ends before its own end: else it may be another line of a form.
    static bool endsWithin(const TextRun& run, const Span& home) {
        return run.second < 0 || home.end() + 1 < run.text().size();
    }

    // Not "living at 20 degrees", "wohnhaft in der Wohnung 3".
    static bool mayBeHome(const QString& text) {
        const auto isCapital = [](QChar c) { return c.isUpper(); };
        if (!hasDigit(text) || !std::ranges::any_of(text, isCapital)) return false;
        const std::vector<Token> tokens = tokensOf(TextRun{SearchText(text)});
        return text[0].isUpper() || text[0].isDigit() || (!tokens.empty() && leadsStreet(tokens.front()));
    }

    // "residing at Ülkü Sokak 97c, Antalya 62785, Turkey (the tenant)": whatever its form.
    void findWhereTheyLive(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const auto* runs : {&in.screen.runs(), &in.screen.flowing()})
            for (const TextRun& run : *runs)
                for (const PatternMatch& m : in.search.all(m_livesAt, run))
                    if (counts(run, m.groups[1]) && endsWithin(run, m.groups[1]) && mayBeHome(m.text(run.search, 1)))
                        out.push_back(
                            {Kind::Address, &run, m.groups[1], 0.9, Tr::tr("is where somebody is said to live"), {}});
    }

    // Who lives there, or a firm: an address stands under both.
    static bool isSomebody(const Surroundings& in, const TextRun& run) {
        const std::vector<Token> tokens = tokensOf(run);
        if (tokens.empty() || isTitle(tokens.front()) || std::ranges::any_of(tokens, isLegalForm)) return true;
        const Token& last = tokens.back();
        if (isThing(last)) return !endsStreet(last) && !isHouse(last);
        return tokens.size() > 1 && in.names.isGiven(tokens.front().text) && in.names.isFamily(last.text);
    }

    Pattern m_english{
        R"(((?:(?:Flat|Apartment|Apt\.?|Unit|Suite|Room|Floor|Studio)\s[\dOIl]{1,5}[A-Za-z]?(?:,\s?|\s))?(?:\b[\dOIl]{1,5}[A-Za-z]?(?:-\d{1,4})?,?\s)(?:[A-Z][\p{L}'’.\-]*\s){1,4}(?:Street|St\.?|Road|Rd\.?|Lane|Ln\.?|Avenue|Ave\.?|Drive|Dr\.?|Close|Court|Ct\.?|Place|Pl\.?|Gardens|Terrace|House|Way|Crescent|Square|Sq\.?|Row|Walk|Hill|Park|Mews|Grove|Rise|View|Green|Boulevard|Blvd\.?|Parade|Quay|Wharf|Villas?|Cottages?|Highway|Hwy\.?|Parkway|Circle|Court|Lodge|Mill|Yard|Bank|Fold)\b))"};
    // "72 GARDEN COURT": as forms ask for it. In capitals "12 NEW VIEW" is a heading's as often.
    Pattern m_capitals{
        R"((\b\d{1,5}[A-Z]?(?:-\d{1,4})?,?\s(?:\p{Lu}[\p{Lu}'’.\-]*\s){1,4}(?:STREET|ROAD|RD|LANE|AVENUE|AVE|DRIVE|CLOSE|COURT|CRESCENT|TERRACE|GARDENS|MEWS|GROVE|BOULEVARD|BLVD|SQUARE|PARKWAY)\b))"};
    Pattern m_preposition{R"(^(?:Am|An|Auf|Im|In|Zum|Zur|Beim|Hinter|Unter|Vor)(?: de[rmn])? (\p{L}+) \d)"};
    Pattern m_german{
        R"((\b[A-ZÄÖÜ][\p{L}\-]*(?:[ \-][A-ZÄÖÜ][\p{L}\-]*){0,3}(?:straße|strasse|str\.|stra(?:B|8|f|g|fs|ss|ß)e|weg|platz|allee|gasse|ufer|damm|ring|chaussee|steig|stieg|pfad|graben|hof|markt|winkel|stra[sß]sse|[ \-](?:Straße|Strasse|Str\.|Weg|Platz|Allee|Gasse|Ufer|Damm|Ring|Chaussee|Steig|Pfad|Graben|Hof|Markt))\s[\dOIl]{1,4}(?:\s?[a-z]\b|-\d{1,4})?\b|\b(?:Am|An der|An den|Auf dem|Auf der|Im|In der|In den|Zum|Zur|Beim|Hinter der|Hinter dem|Unter den|Vor dem)\s[A-ZÄÖÜ][\p{L}\-]+(?:\s[A-ZÄÖÜ][\p{L}\-]+)?\s[\dOIl]{1,3}(?:\s?[a-h]\b)?(?:$|[^\d.:%]))|\b[A-ZÄÖÜ][\p{L}\-]{3,}(?:straat|laan|gracht|plein|dijk|kade|weg|singel|steeg|dreef)\s\d{1,4}(?:\s?[a-z]\b)?)"};
    Pattern m_french{
        R"((\b[\dOIl]{1,4}(?:\s?(?i:bis|ter))?,?\s(?i:rue|avenue|av\.|boulevard|bd|place|chemin|allée|impasse|quai|route|cours|passage)\s(?i:(?:de|du|des|la|le|les|d'|l')\s?)*\p{L}[\p{L}'’\-]*(?:(?:\s(?:de|du|des|la|le|les|sur|sous|et))*\s\p{Lu}[\p{L}'’\-]*){0,3}))"};
    Pattern m_spanish{
        R"((\b(?:Calle|C/|Avenida|Avda\.?|Plaza|Pza\.?|Paseo|Camino|Carrer|Ronda|Travesía)\s?(?:(?:de|del|la|las|los|el)\s)*\p{Lu}[\p{L}'’\-]*(?:\s(?:de|del|la|las|los|\p{Lu}[\p{L}'’\-]*)){0,4},?\s(?:n[º°.]\s?)?\d{1,4}))"};
    // "Partida Manzanares s/n": sin número.
    Pattern m_unnumbered{
        R"((\p{Lu}[\p{L}'’.\-]+(?: (?:(?:de|del|la|las|los|el) )*\p{Lu}[\p{L}'’.\-]+){0,4},? [sS]/[nN]\b))"};
    Pattern m_postBox{
        R"((\b(?:P\.?O\.? ?Box|Post Office Box|Postfach|Apartado(?: de [Cc]orreos)?|Bo[iî]te [Pp]ostale|BFPO|Postbus)(?: (?:no\.?|nr\.?|n[°º.]))?:? \d{1,3}(?: ?\d{2,3}){0,2}\b))"};
    Pattern m_calledAfter{R"((,|[\p{Ll}]{2,}) (\d{1,5} (\p{Lu}[\p{L}'’\-]{2,}) (\p{Lu}\p{Ll}{2,}))(?:$|[,;:.?!)]))"};
    Pattern m_american = american();
    Pattern m_canadian{R"((?:^|[^\w\-])([ABCEGHJ-NPRSTVXY]\d[ABCEGHJ-NPRSTV-Z] \d[ABCEGHJ-NPRSTV-Z]\d)(?:$|[^\w\-]))"};
    Pattern m_postcode{R"((?:^|[^\w\-])([A-Z]{1,2}[\dOISl][A-Z\dOISl]? ?[\dOISl][ABD-HJLNP-UW-Z]{2})(?:$|[^\w\-]))"};
    Pattern m_rest{
        R"((?:,? (?:\p{Lu}[\p{L}'’.\-]+|\d{5}(?:-\d{4})?|[A-Z]{2})(?: (?:upon|on|sur|am|an|der|de|la|le|in|under|le|the)(?: the)?)?){0,5},? ?(?:[A-Z]{1,2}[\dOISl][A-Z\dOISl]? ?[\dOISl][A-Z]{2}\b|\d{4,5}(?: [A-Z]{2}\b)?(?:(?: (?:upon|on|under|the|sur|sous|en|de|du|des|la|le|lès|les|aux?|del|di|da|do|dos|am|an|im|in|der|ob|vor|bei)){0,2} (?:[dl]['’])?\p{Lu}[\p{L}\-]+){0,3}|[A-Z]{2} \d{5}))"};
    Pattern m_partsBefore{
        R"((?:^|[:;(] |\p{Ll} )((?:\p{Lu}[\p{L}'’\-]*(?: (?:of|on|the|upon|\p{Lu}[\p{L}'’\-]*)){0,3}, ){1,3})$)"};
    Pattern m_endsAddress{R"((?:\p{Lu}[\p{L}'’\-]+(?: \p{L}[\p{L}'’\-]+){0,3},? )?[A-Z]{1,2}\d[A-Z\d]? \d[A-Z]{2})"};
    Pattern m_partOfAddress{R"(\p{Lu}[\p{L}'’\-]*(?: (?:of|on|the|upon|\p{Lu}[\p{L}'’\-]*)){0,3},?)"};
    Pattern m_townBefore{R"((?:^|, )(\p{Lu}[\p{L}'‘’\-]+(?:[ \-](?:upon|on|under|the|\p{Lu}[\p{L}'’\-]+)){0,3},? )$)"};
    Pattern m_livesAt = Pattern::ofWords(
        R"((?:^|[\s(,])(?i:<<lives at>>) ([^()]{6,110}?)(?:\.?$| ?\(|[,;.] (?:\p{Ll}{2,}[ ,]|\p{Lu}['’]?\p{Ll}+ \p{Ll})|,? (?:and|und|et|y|e|hereinafter) ))",
        QStringLiteral("words/around-names.txt"));
    Pattern m_townLine{
        R"((?:D-|F-|E-)?\d{4,5} ?[A-Z]{0,2} \p{Lu}[\p{L} \-]+|\p{Lu}[\p{L} \-.]+,? [A-Z\[|l1]{2} \d{5}(?:-\d{4})?)"};
};

} // namespace

std::unique_ptr<Detector> makeAddressDetector() {
    return std::make_unique<AddressDetector>();
}

} // namespace eyelid
