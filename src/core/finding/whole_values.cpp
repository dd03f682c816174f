#include "finding/whole_values.h"

#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/rest_elsewhere.h"
#include "finding/tagged_values.h"
#include "language/countries.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

// The words of one line, and which of their characters are somebody's already.
class Growing {
public:
    Growing(const Surroundings& in, const TaggedPage* tagged, const TextRun& run,
            const std::vector<const Candidate*>& others)
        : m_in(in), m_tagged(tagged), m_run(run), m_tokens(tokensOf(run)), m_taken(size_t(run.text().size()) + 1, 0) {
        for (const Candidate* c : others)
            std::fill(m_taken.begin() + c->span.start,
                      m_taken.begin() + std::min(c->span.end(), int(run.text().size())), 1);
    }

    // A cover that ends inside a word shows the rest of it.
    void growToWords(Span& span) const {
        const QString& text = m_run.text();
        const auto inWord = [&](int at) {
            return (text[at].isLetterOrNumber() || text[at] == QLatin1Char('_')) && !m_taken[size_t(at)];
        };
        if (!inWord(span.start) || !inWord(span.end() - 1)) return;
        while (span.start > 0 && inWord(span.start - 1)) {
            --span.start;
            ++span.length;
        }
        while (span.end() < text.size() && inWord(span.end())) ++span.length;
    }

    // "@mhaldane": the sign is part of how it is written.
    void growHandle(Span& span) const {
        const QString& text = m_run.text();
        const int at = span.start - 1;
        if (at < 0 || text[at] != u'@' || m_taken[size_t(at)]) return;
        if (at > 0 && text[at - 1].isLetterOrNumber()) return; // an address of mail
        --span.start;
        ++span.length;
    }

    void growName(Span& span) const {
        const auto before = [&](const Token& t) { return t.span.end() <= span.start; };
        while (const Token* t = last(before)) {
            if (!joins(*t, t, t->span.end(), span.start) ||
                !(t->initial || isDegree(*t) || isOfName(*t) || isOfParticles(*t, span)))
                break;
            span = {t->span.start, span.end() - t->span.start};
        }
        const auto behind = [&](const Token& t) { return t.span.start >= span.end(); };
        while (const Token* t = first(behind)) {
            if (!joins(*t, nullptr, span.end(), t->span.start) || !(t->initial || isInitialAtEnd(*t) || isOfName(*t)))
                break;
            span.length = t->span.end() - span.start;
        }
        growOverSlash(span);
        growToGivenName(span);
        growToFamilyName(span);
        growOverParticles(span);
        growOverSmallFamily(span);
        growToLabelled(span);
    }

    // "Tomke" where "Tomke Liebe" stands elsewhere on the page: all of it, though half is a word of every day.
    void growToKnown(const QStringList& names, Span& span) const {
        const QString& text = m_run.text();
        const QString own = text.mid(span.start, span.length);
        const auto goesOn = [&](qsizetype at) { return at >= 0 && at < text.size() && text[at].isLetterOrNumber(); };
        for (const QString& name : names) {
            const qsizetype start = span.start - name.indexOf(own), end = start + name.size();
            if (!name.contains(own) || start < 0 || text.mid(start, name.size()) != name) continue;
            if (goesOn(start - 1) || goesOn(end) || !isFree({int(start), int(span.start - start)}) ||
                !isFree({span.end(), int(end) - span.end()}))
                continue;
            span = {int(start), int(name.size())};
            return;
        }
    }

    // "KNORR/KURT": as tickets and what is read of travel documents have it.
    void growOverSlash(Span& span) const {
        static const QRegularExpression rest(QStringLiteral("\\G/\\p{Lu}{2,}(?:[ -]\\p{Lu}{2,})*(?![\\p{L}\\d])"));
        const QString& text = m_run.text();
        const QString name = text.mid(span.start, span.length).section(u' ', -1);
        if (name.size() < 2 || name != name.toUpper()) return;
        const auto m = rest.match(text, span.end());
        if (m.hasMatch() && isFree({span.end(), int(m.capturedLength())})) span.length += int(m.capturedLength());
    }

    // "2 Neil Wentzel" between "1 K. Swart" and "3 H. Kirsten", or their numbers: a list is counted.
    bool isInCountedList() const {
        const auto& lines = m_in.screen.page().lines;
        const Word& own = lines[size_t(m_run.line)].words.front();
        const int counted = own.text.toInt();
        return counted > 0 && std::any_of(lines.begin(), lines.end(), [&](const TextLine& other) {
                   if (other.words.empty()) return false;
                   const Word& word = other.words.front();
                   const int next = word.text.toInt();
                   const bool inLine = std::abs(word.box.left() - own.box.left()) < own.box.height() / 2 ||
                                       std::abs(word.box.right() - own.box.right()) < own.box.height() / 2;
                   return inLine && next > 0 && std::abs(next - counted) == 1;
               });
    }

    // "69 Emard Meadow, Alderport": a street that reads as a name, between its number and its town.
    bool becomesAddress(Span& span) const {
        static const QRegularExpression address(
            QStringLiteral("^\\d{1,5}[A-Za-z]? (\\p{Lu}[\\p{L}'’.-]+(?: \\p{Lu}[\\p{L}'’.-]+){0,3}), "
                           "\\p{Lu}[\\p{L}'’.-]+(?: [\\p{L}'’.-]+){0,2}$"));
        const auto m = address.match(m_run.text());
        if (!m.hasMatch() || span.start != m.capturedStart(1) || span.end() != m.capturedEnd(1)) return false;
        const Span whole{0, int(m_run.text().size())};
        if (!isFree({0, span.start}) || !isFree({span.end(), whole.end() - span.end()})) return false;
        span = whole;
        return true;
    }

    // "Borgo Mignogna 312" between "Strada Mimma 5" and "Piazza Guarnieri 39": a name with a number at the end of its
    // line where the lines that begin at the same place are addresses that end so.
    bool isStreetAmong(const std::vector<Candidate>& found, Span& span) const {
        static const QRegularExpression number(QStringLiteral("^,? \\d{1,5}[A-Za-z]?$"));
        constexpr int fewest = 2;
        const QString& text = m_run.text();
        if (span.start != 0 || !number.match(text.mid(span.end())).hasMatch()) return false;
        const auto& lines = m_in.screen.page().lines;
        const TextLine& own = lines[size_t(m_run.line)];
        const auto others = std::ranges::count_if(found, [&](const Candidate& c) {
            const TextLine& line = lines[size_t(c.run->line)];
            return c.kind == Kind::Address && c.run->second < 0 && c.span.start == 0 &&
                   c.span.end() == c.run->text().size() && c.run->text()[c.span.end() - 1].isDigit() &&
                   std::abs(line.box.left() - own.box.left()) <= own.xHeight / 2;
        });
        if (others < fewest) return false;
        span = {0, int(text.size())};
        return true;
    }

    // "73529 Franz Burgs": a street called after somebody, over or under another line of its address.
    void growHouseNumber(Span& span) const {
        const std::optional<Span> number = houseNumberBefore(span);
        if (number && isFree(*number)) span = {number->start, span.end() - number->start};
    }

    // "the meter at 97450 Cathryn Landing": a number after a word for where is a house's, unless it is a year or an
    // hour.
    void growNumberOfPlace(Span& span) const {
        static const QRegularExpression yearOrHour(QStringLiteral("^(?:(?:19|20)\\d\\d|\\d\\d?) $"));
        const std::optional<Span> number = houseNumberBefore(span);
        if (!number || yearOrHour.match(m_run.text().mid(number->start, number->length)).hasMatch()) return;
        const Token* before = last([&](const Token& t) { return t.span.end() <= number->start; });
        if (before && saysWhere(*before)) growHouseNumber(span);
    }

    // "Jovan Kos, Jovana Gojkovića 160": behind somebody's name and a comma what a number follows is a street.
    void growNumberOfStreet(Span& span) const {
        static const QRegularExpression number(QStringLiteral("^( \\d{1,4}[A-Za-z]?)(?=$|,)"));
        constexpr int comma = 2; // with its space
        const QString& text = m_run.text();
        if (span.start <= comma || !m_taken[size_t(span.start - comma - 1)]) return;
        if (text.mid(span.start - comma, comma) != QLatin1String(", ")) return;
        if (const auto m = number.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedEnd(1), span);
    }

    // "yvonne k@example.org": a name before one or two letters of a mailbox stood before a sign that was lost.
    void growMailbox(Span& span) const {
        constexpr qsizetype fewLetters = 2;
        const QString& text = m_run.text();
        if (text.mid(span.start, span.length).section(u'@', 0, 0).size() > fewLetters || span.start < 2) return;
        if (text[span.start - 1] != u' ') return;
        const qsizetype from = text.lastIndexOf(u' ', span.start - 2) + 1;
        const QString word = text.mid(from, span.start - 1 - from);
        const bool name = word.size() > fewLetters && word == word.toLower() && (m_in.names.isGivenOrFamily(word));
        if (name && isFree({int(from), int(span.start - from)})) span = {int(from), int(span.end() - from)};
    }

    void growAddress(Span& span) const {
        static const QRegularExpression numberBehind(QStringLiteral("^(,? \\d{1,5}[A-Za-z]?)(?![\\w.:/-])"));
        // A town, or a post code with it, up to the next sign that parts or the end; in exported rows without a space.
        static const QRegularExpression town(
            QStringLiteral("^((?:, |[,;|])(?:(?:\\d{4,5}|\\d{3} \\d{2})(?:-\\d{3,4})? )?\\p{Lu}[\\p{L}'‘’.-]*?(?: "
                           "[\\p{L}'‘’.-]+){0,3})(?=$|[,;|]|\\.(?: |$)| [–—|·(-])"));
        static const QRegularExpression restOfCode(QStringLiteral("^-\\d{3,4}(?!\\d)")); // of a ZIP code
        // A town right behind its post code.
        static const QRegularExpression codeAtEnd(
            QStringLiteral("(?:^|[ ,])(?:\\d{4,5}|[A-Z]{1,2}\\d[A-Z\\d]? ?\\d[A-Z]{2}|[A-Z]\\d[A-Z] ?\\d[A-Z]\\d)$"));
        static const QRegularExpression townBehind(
            QStringLiteral("^( \\p{Lu}[\\p{L}'’-]*(?:[. ] ?[\\p{L}'’-]+){0,3}?)(?=$|,|\\.(?: |$)| [–—|·(-])"));
        const QString& text = m_run.text();
        growHouseNumber(span);
        if (text[span.end() - 1].isDigit())
            if (const auto m = restOfCode.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedLength(), span);
        if (codeAtEnd.match(text.mid(span.start, span.length)).hasMatch())
            if (const auto m = townBehind.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedEnd(1), span);
        const int ownFrom = std::max(span.start, m_run.second >= 0 ? m_run.joint : 0); // of two lines the last
        const bool numbered =
            std::any_of(text.begin() + ownFrom, text.begin() + span.end(), [](QChar c) { return c.isDigit(); });
        if (!numbered)
            if (const auto m = numberBehind.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedEnd(1), span);
        // "Pza. del Molino, 4, 2.º B": floor and door.
        static const QRegularExpression floor(QStringLiteral(
            "^(,? \\d{1,2}\\.?[ºª°](?:,? ?(?:[A-Z]\\b|izq\\.?|izda\\.?|dcha\\.?|drcha\\.?|pta\\.? ?\\d{1,2}))?)"));
        if (const auto m = floor.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedEnd(1), span);
        growOverTown(span);
        growOverJoinedTown(span);
        if (const auto m = town.match(text.mid(span.end())); m.hasMatch() && !isState(m.captured(1)))
            growTo(m.capturedEnd(1), span);
        growOverFlats(span);
        growOverStrangeWords(span);
    }

    // ", Shipped", ", On hold": how something stands, and no town.
    static bool isState(const QString& part) {
        static const QSet<QString> states =
            shippedWords(QStringLiteral("words/around-labels.txt"), QLatin1String("state"));
        return states.contains(part.mid(1).trimmed().toLower());
    }

    // "Lundberg Lisa, Villavägen" before "105": a street was taken for a name, and its number stands bare.
    void growStreetNumber(Span& span) const {
        static const QRegularExpression number(QStringLiteral("^( \\d{1,5}[A-Za-z]?)(?=$|,| ?[.–—|·;/])"));
        // "Filip Nordin Bergmans Gata 422, 14407 Västköping": a name and a street, before a post code and a town.
        static const QRegularExpression beforeTown(
            QStringLiteral("^( \\d{1,5}[A-Za-z]?(?:[-/]\\d{1,4})?)(, (?:\\d{4,5}|\\d{3} \\d{2})(?:-\\d{3,4})? "
                           "\\p{Lu}[\\p{L}'’.-]*(?: \\p{Lu}[\\p{L}'’.-]*){0,2})"));
        const QString& text = m_run.text();
        if (const auto m = beforeTown.match(text.mid(span.end())); m.hasMatch()) {
            growTo(m.capturedEnd(1), span);
            growTo(m.capturedLength(2), span);
        }
        const qsizetype comma = text.mid(span.start, span.length).lastIndexOf(u',');
        if (comma < 0) return;
        const auto isGivenName = [&](const Token& t) {
            return t.span.start >= span.start + comma && t.span.end() <= span.end() && m_in.names.isGiven(t.text);
        };
        if (first(isGivenName)) return;
        if (const auto m = number.match(text.mid(span.end())); m.hasMatch()) growTo(m.capturedEnd(1), span);
    }

private:
    std::optional<Span> houseNumberBefore(const Span& span) const {
        static const QRegularExpression number(QStringLiteral("(?:^|[ (>\"])(\\d{3} \\d{2} |\\d{1,5}[A-Za-z]?,? )$"));
        const auto m = number.match(m_run.text().left(span.start));
        if (!m.hasMatch()) return std::nullopt;
        return Span{int(m.capturedStart(1)), int(m.capturedLength(1))};
    }

    // Right behind a sign that parts, or a space after it, or where the line begins.
    bool beginsAt(int at) const {
        const QString before = m_run.text().left(at).trimmed();
        return before.isEmpty() || QStringLiteral(",;|·–—:/(").contains(before.back());
    }

    // "de Vries, Tom": what leads the name of a cell, or stands behind its number; in a sentence it may mean "from".
    void growOverParticles(Span& span) const {
        static const QRegularExpression ends(QStringLiteral("^ ?(?:$|[|;·])"));
        static const QRegularExpression counted(QStringLiteral("^\\d{1,4}[A-Za-z.)]? $"));
        if (!ends.match(m_run.text().mid(span.end())).hasMatch()) return;
        // "Note · von Lola Bader": before a given name and a family's it says who it is by.
        const QString name = m_run.text().mid(span.start, span.length);
        if (m_in.names.isGiven(name.section(u' ', 0, 0)) && name.contains(u' ') && !name.contains(u',')) return;
        Span grown = span;
        const auto before = [&](const Token& t) { return t.span.end() <= grown.start; };
        while (const Token* t = last(before)) {
            if (t->capital || !isParticle(*t) || !joins(*t, nullptr, t->span.end(), grown.start)) break;
            grown = {t->span.start, grown.end() - t->span.start};
        }
        if (beginsAt(grown.start) || counted.match(m_run.text().left(grown.start)).hasMatch()) span = grown;
    }

    // "Valeria Avilés de Quintero" before "de la cruz": a family's name written small, at the end of its cell.
    void growOverSmallFamily(Span& span) const {
        static const QRegularExpression small(QStringLiteral("^ (?:de la|de los|de las|del|de) (\\p{Ll}{3,})$"));
        const auto m = small.match(m_run.text().mid(span.end()));
        const bool several = m_run.text().mid(span.start, span.length).contains(u' ');
        if (several && m.hasMatch() && m_in.names.isFamily(m.captured(1))) growTo(m.capturedLength(), span);
    }

    // "Employee: de Vries, ucja (no. 4)": all of what a label says is somebody's name and reads as one, a letter of it
    // misread or not.
    void growToLabelled(Span& span) const {
        static const QRegularExpression name(QStringLiteral(
            "^(?:[$\\p{L}][\\p{L}'’.-]*,?)(?: [$\\p{L}][\\p{L}'’.-]*,?){0,4}(?=$| ?[(\\[|·;/<]| [–—] )"));
        const QString& text = m_run.text();
        const auto goesOn = [&](int at) {
            return at >= 0 && at < text.size() && (text[at].isLetterOrNumber() || text[at] == u'-');
        };
        if (goesOn(span.start - 1) || goesOn(span.end())) return; // "agathons-laptop"
        for (const LabelledValue& value : m_in.screen.labelled()) {
            if (value.kind != Kind::Person || value.run != m_run.line || !value.whole) continue;
            if (value.span.start > span.start || value.span.end() < span.end()) continue;
            const auto m = name.match(text.mid(value.span.start, value.span.length));
            const Span all{value.span.start, int(m.capturedLength())};
            if (!m.hasMatch() || all.end() < span.end() || !mayBeName(all, span)) continue;
            span = all;
            return;
        }
    }
    // Around a name nothing but what is another's, a particle, or a word no list has.
    bool mayBeName(const Span& all, const Span& name) const {
        return std::all_of(m_tokens.begin(), m_tokens.end(), [&](const Token& t) {
            const bool within = t.span.start >= all.start && t.span.end() <= all.end();
            if (!within || (t.span.start >= name.start && t.span.end() <= name.end())) return true;
            if (t.initial || isParticle(t) || m_taken[size_t(t.span.start)]) return true;
            return !isTitle(t) && !isRoleWord(t) && !isThing(t) && !speaksOfPeople(t) &&
                   !isRemarkUnder(m_in, m_run, t.span) &&
                   (m_in.names.isGivenOrFamily(t.text) || !isOrdinary(m_in.names, t.text));
        });
    }

    // "Johansson Björk, Nina": the given name behind a family's, up to the end of its cell or a number; "Björk, N."
    // wherever it stands.
    void growToGivenName(Span& span) const {
        static const QRegularExpression given(QStringLiteral("^, (\\p{Lu}[\\p{L}'’-]+)(?=$| [+(]?\\d)"));
        static const QRegularExpression initials(QStringLiteral("^, \\p{Lu}\\.(?: ?\\p{Lu}\\.)?"));
        const QString& text = m_run.text();
        if (text.mid(span.start, span.length).contains(u',')) return;
        if (const auto m = initials.match(text.mid(span.end())); m.hasMatch()) return growTo(m.capturedLength(), span);
        const auto m = given.match(text.mid(span.end()));
        if (m.hasMatch() && m_in.names.isGiven(m.captured(1))) growTo(m.capturedLength(), span);
    }

    // "2 Little, Juana" as a cell: any word of every day that is a family's name too, before a given name.
    void growToFamilyName(Span& span) const {
        static const QRegularExpression family(QStringLiteral("^(?:\\d{1,4}[.)]? )?(\\p{Lu}[\\p{L}'’-]+), $"));
        const QString& text = m_run.text();
        static const QRegularExpression ends(QStringLiteral("^(?:$| [+(]?\\d)")), led(QStringLiteral("^ ?[.·_]{3,}"));
        const bool listed = led.match(text.mid(span.end())).hasMatch(); // "Quarry, Ines ....... 4417"
        if (!listed && !ends.match(text.mid(span.end())).hasMatch()) return;
        if (!m_in.names.isGiven(text.mid(span.start, span.length).section(u' ', 0, 0))) return;
        const auto m = family.match(text.left(span.start));
        if (!m.hasMatch() || (!listed && !m_in.names.isFamily(m.captured(1)))) return;
        const int start = int(m.capturedStart(1));
        if (isFree({start, span.start - start})) span = {start, span.end() - start};
    }

    // "…, 37381 San Juan Bautista" before "Tuxtepec.": what is left of a town's name behind its post code.
    void growOverTown(Span& span) const {
        static const QRegularExpression coded(QStringLiteral("(?:^|[ ,])\\d{4,5}(?: \\p{Lu}[\\p{L}'’-]+){1,3}$"));
        static const QRegularExpression ends(QStringLiteral("^(?:$|,|\\.(?: |$))"));
        if (!coded.match(m_run.text().mid(span.start, span.length)).hasMatch()) return;
        Span grown = span;
        const auto behind = [&](const Token& t) { return t.span.start >= grown.end(); };
        for (const Token* t = first(behind); t && isOfName(*t); t = first(behind)) {
            if (!joins(*t, nullptr, grown.end(), t->span.start)) break;
            grown.length = t->span.end() - grown.start;
        }
        if (ends.match(m_run.text().mid(grown.end())).hasMatch()) span = grown;
    }

    // "Chiclana" before "de la Frontera": up to a sign that parts, or the end.
    void growOverJoinedTown(Span& span) const {
        static const QRegularExpression ends(QStringLiteral("^(?:$|[,;.|]| [–—|·(-])"));
        if (!m_run.text()[span.end() - 1].isLetter()) return;
        Span grown = span;
        const auto behind = [&](const Token& t) { return t.span.start >= grown.end(); };
        for (const Token* t = first(behind); t && joins(*t, nullptr, grown.end(), t->span.start); t = first(behind)) {
            const bool joined = grown.length > span.length, last = joined && t->capital && !isCalendarWord(*t);
            if (!last && !joinsTown(t->plain)) return;
            grown.length = t->span.end() - grown.start;
            if (!last) continue;
            if (ends.match(m_run.text().mid(grown.end())).hasMatch()) span = grown;
            return;
        }
    }

    // "…, nr. 8 Bl 1, Sc 1, Ap 09": what parts a house, short words with a number each.
    void growOverFlats(Span& span) const {
        static const QRegularExpression before(QStringLiteral("(?:^|[, ])(\\p{L}{1,4}\\.? ?)$"));
        static const QRegularExpression behind(
            QStringLiteral("^(,? (\\p{L}{1,4}\\.?) ?\\d{1,4}[A-Za-z]?)(?=$|[,;.)]| )"));
        // Written short or large; "at 12" is not.
        const auto isFlat = [&](const QString& word) {
            const auto isDay = [&](const Token& t) { return word.startsWith(t.text) && isCalendarWord(t); };
            return !first(isDay) && (word.endsWith(u'.') || word[0].isUpper() || !m_in.names.isCommonWord(word));
        };
        const QString& text = m_run.text();
        if (text[span.start].isDigit())
            if (const auto m = before.match(text.left(span.start)); m.hasMatch()) {
                const int start = int(m.capturedStart(1));
                if (isFlat(m.captured(1).trimmed()) && isFree({start, span.start - start}))
                    span = {start, span.end() - start};
            }
        for (;;) {
            const auto m = behind.match(text.mid(span.end()));
            if (!m.hasMatch() || !isFlat(m.captured(2)) || !isFree({span.end(), int(m.capturedEnd(1))})) return;
            growTo(m.capturedEnd(1), span);
        }
    }

    // "Linas" before "Gata 74": one or two words no language has, between the sign that parts them from what stands
    // before, or a word written small, and the street.
    void growOverStrangeWords(Span& span) const {
        constexpr int most = 2;
        Span grown = span;
        const auto before = [&](const Token& t) { return t.span.end() <= grown.start; };
        for (int words = 0; words < most && !beginsAt(grown.start); ++words) {
            const Token* t = last(before);
            if (!t || !joins(*t, nullptr, t->span.end(), grown.start) || !isOfName(*t)) break;
            grown = {t->span.start, grown.end() - t->span.start};
        }
        const Token* leads = last(before);
        if (beginsAt(grown.start) || (leads && leads->text.size() > 1 && leads->text == leads->text.toLower()))
            span = grown;
    }

    void growTo(qsizetype further, Span& span) const {
        if (isFree({span.end(), int(further)})) span.length += int(further);
    }
    bool isFree(const Span& span) const {
        return std::none_of(m_taken.begin() + span.start, m_taken.begin() + span.end(), [](char is) { return is; });
    }
    template <typename Is> const Token* first(Is is) const {
        const auto found = std::find_if(m_tokens.begin(), m_tokens.end(), is);
        return found == m_tokens.end() ? nullptr : &*found;
    }
    template <typename Is> const Token* last(Is is) const {
        const auto found = std::find_if(m_tokens.rbegin(), m_tokens.rend(), is);
        return found == m_tokens.rend() ? nullptr : &*found;
    }

    // A space parts the words of a name, and a full stop follows an initial.
    bool joins(const Token& word, const Token* before, int from, int to) const {
        const QString gap = m_run.text().mid(from, to - from);
        return isFree(word.span) &&
               (gap == QLatin1String(" ") || (before && (before->initial || isDegree(*before)) &&
                                              (gap == QLatin1String(". ") || gap == QLatin1String("."))));
    }

    // "Amber v.": the initial of a name that is written small, at the end of its cell.
    bool isInitialAtEnd(const Token& t) const {
        return t.text.size() == 1 && t.text[0].isLetter() && t.after == u'.' && t.span.end() + 1 == m_run.text().size();
    }

    // "van" before "de Wal".
    bool isOfParticles(const Token& t, const Span& name) const {
        const auto begins = [&](const Token& other) { return other.span.start == name.start; };
        const Token* next = first(begins);
        return next && isParticle(*next) && isParticle(t);
    }

    bool isOfName(const Token& t) const {
        constexpr double nobodys = 0.9, ordinaryNobodys = 0.5;
        constexpr auto mostMisread = 1; // letters of a name read as figures
        const auto figures = std::count_if(t.text.begin(), t.text.end(), [](QChar c) { return c.isDigit(); });
        if (!t.capital || figures > mostMisread || t.text.size() < 2) return false;
        if (isTitle(t) || isCalendarWord(t) || isGreetingWord(t) || isRoleWord(t) || isThing(t) || leadsAThing(t) ||
            speaksOfPeople(t) || isRemarkUnder(m_in, m_run, t.span))
            return false;
        const bool listed = m_in.names.isGivenOrFamily(t.text);
        if (!listed && isCountry(t.text)) return false;
        const bool ordinary = isOrdinary(m_in.names, t.text);
        if (ordinary && !listed) return false;
        const bool mayBeNobodys = ordinary || isNobodysWord(m_in.names, t.text);
        return !m_tagged || m_tagged->nobodys(m_run.line, t.span) < (mayBeNobodys ? ordinaryNobodys : nobodys);
    }

    const Surroundings& m_in;
    const TaggedPage* m_tagged;
    const TextRun& m_run;
    std::vector<Token> m_tokens;
    std::vector<char> m_taken; // by character
};

// "yvonne k@example.org": the name is part of the address.
bool givesWay(const Candidate& one, const Candidate& other) {
    return one.kind == Kind::Person && other.kind == Kind::Email;
}

// "Šentilj" and "Slov. Goricah" around "v": what a little word of no language here parts on a line is one address.
void joinHalves(const Names& names, std::vector<Candidate>& found) {
    static const QRegularExpression little(QStringLiteral("^ (\\p{Ll}{1,3})\\.? $"));
    const auto goesOn = [&](const Candidate& first, const Candidate& second) {
        if (first.kind != Kind::Address || second.kind != Kind::Address || first.run != second.run) return false;
        const int gap = second.span.start - first.span.end();
        const auto m = gap > 0 ? little.match(first.run->text().mid(first.span.end(), gap)) : QRegularExpressionMatch();
        return m.hasMatch() && !names.isCommonWord(m.captured(1));
    };
    for (size_t i = 0; i < found.size();) {
        const auto second =
            std::find_if(found.begin(), found.end(), [&](const Candidate& other) { return goesOn(found[i], other); });
        if (second == found.end()) {
            ++i;
            continue;
        }
        // It may go on once more: looked at again.
        found[i].span.length = second->span.end() - found[i].span.start;
        found[i].key.clear();
        const bool before = second - found.begin() < long(i);
        found.erase(second);
        if (before) --i;
    }
}

// "de Vries" and "Tom" have both grown to "de Vries, Tom": the surer one stays.
void dropGrownAlike(std::vector<Candidate>& found) {
    const auto same = [](const Candidate& a, const Candidate& b) {
        return a.kind == b.kind && a.run == b.run && a.span.start == b.span.start && a.span.length == b.span.length;
    };
    for (size_t i = 0; i < found.size(); ++i)
        for (size_t j = found.size() - 1; j > i; --j)
            if (found[i].kind == Kind::Person && same(found[i], found[j])) {
                if (found[j].confidence > found[i].confidence) found[i] = std::move(found[j]);
                found.erase(found.begin() + long(j));
            }
}

// Names of several words.
QStringList namesIn(const std::vector<Candidate>& found) {
    QStringList names;
    for (const Candidate& c : found) {
        const QString name = c.run->text().mid(c.span.start, c.span.length);
        if (c.kind == Kind::Person && name.contains(u' ')) names << name;
    }
    return names;
}

} // namespace

void growToWhole(const Surroundings& in, const TaggedPage* tagged, std::vector<Candidate>& found) {
    std::vector<char> ofAddress(in.screen.runs().size(), 0);
    for (const Candidate& c : found)
        if (c.kind == Kind::Address) ofAddress[size_t(c.run->line)] = 1;
    const auto isOfAddress = [&](int line) { return line >= 0 && ofAddress[size_t(line)]; };
    const QStringList names = namesIn(found);
    for (Candidate& c : found) {
        // Of two lines as one each has been looked at as a whole; but an address goes on where the second has none.
        if ((c.run->second >= 0 && c.kind != Kind::Address) || c.kind == Kind::Watch) continue;
        std::vector<const Candidate*> others;
        for (const Candidate& other : found)
            if (&other != &c && other.run == c.run && !givesWay(other, c)) others.push_back(&other);
        const Growing growing(in, tagged, *c.run, others);
        growing.growToWords(c.span);
        if (c.kind == Kind::Address) growing.growAddress(c.span);
        if (c.kind == Kind::Username || c.kind == Kind::Email) growing.growHandle(c.span);
        if (c.kind == Kind::Email) growing.growMailbox(c.span);
        if (c.kind != Kind::Person) continue;
        growing.growName(c.span);
        growing.growToKnown(names, c.span);
        if (growing.becomesAddress(c.span)) {
            c.kind = Kind::Address;
            c.reason = Tr::tr("stands between a house number and a town");
            continue;
        }
        if (growing.isStreetAmong(found, c.span)) {
            c.kind = Kind::Address;
            c.reason = sentence(Tr::tr("stands where such a value stands on this page (%1)"), kindTitle(Kind::Address));
            continue;
        }
        growing.growStreetNumber(c.span);
        growing.growNumberOfStreet(c.span);
        growing.growNumberOfPlace(c.span);
        if (c.span.end() == c.run->text().size() &&
            (isOfAddress(in.screen.lineAbove(c.run->line)) || isOfAddress(in.screen.lineBelow(c.run->line))) &&
            !growing.isInCountedList())
            growing.growHouseNumber(c.span);
    }
    joinHalves(in.names, found);
    const auto isTaken = [&](const Candidate& name) {
        return std::any_of(found.begin(), found.end(), [&](const Candidate& c) {
            return givesWay(name, c) && name.run == c.run && name.span.start >= c.span.start &&
                   name.span.end() <= c.span.end();
        });
    };
    std::erase_if(found, isTaken);
    dropGrownAlike(found);
    std::vector<Candidate> more;
    for (const Candidate& c : found) {
        if (c.run->second >= 0) continue;
        auto rest = restElsewhere(in, c);
        const auto isIn = [&](const Candidate& other) {
            return other.run == rest->run && other.span.start <= rest->span.start &&
                   other.span.end() >= rest->span.end();
        };
        if (rest && std::ranges::none_of(found, isIn) && std::ranges::none_of(more, isIn))
            more.push_back(std::move(*rest));
    }
    found.insert(found.end(), more.begin(), more.end());
}

} // namespace eyelid
