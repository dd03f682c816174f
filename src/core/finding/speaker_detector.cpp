// Names that the form of a line tells, whatever name it is: who speaks in a talk that is written down, whose words are
// quoted, who is named with a number of others, and whose device it is.
#include "base/sentence.h"
#include "finding/detector.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
namespace {

// One word at least that means nothing else in the languages that are known.
bool mayBeName(const Names& names, const QString& text) {
    const QStringList words = text.split(u' ', Qt::SkipEmptyParts);
    return std::any_of(words.begin(), words.end(), [&](const QString& word) {
        return !names.isCommonWord(word) || names.isFrequentName(word, {});
    });
}

bool isKnown(const Names& names, const QString& text) {
    const QString first = text.section(u' ', 0, 0);
    return names.isGivenOrFamily(first);
}

class SpeakerDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        findSpeakers(in, out);
        findQuoted(in, out);
        findSaying(in, out);
        findWithOthers(in, out);
        findMeeting(in, out);
        findOwners(in, out);
        findAddressed(in, out);
        findWhoIsWho(in, out);
        findAppointments(in, out);
        findInBrackets(in, out);
        findBerths(in, out);
    }

private:
    // "Karin, Tom and 3 others": each by itself.
    void findWithOthers(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_withOthers, run))
                for (int at = m.groups[1].start; at < m.groups[1].end();) {
                    const qsizetype comma = run.text().indexOf(u',', at);
                    const int end = comma < 0 || comma > m.groups[1].end() ? m.groups[1].end() : int(comma);
                    const QString name = run.text().mid(at, end - at);
                    if (mayBeName(in.names, name) || isKnown(in.names, name))
                        out.push_back(
                            {Kind::Person, &run, {at, end - at}, 0.8, Tr::tr("is named with a number of others"), {}});
                    at = end + 2; // behind the comma and its space
                }
    }

    // "c/o Holm", "FAO Karin Holm", "Karin Oakley née Thistlewood", "(Fr. Holm)".
    void findAddressed(const Surroundings& in, std::vector<Candidate>& out) const {
        const auto isThingOfName = [](const Token& t) { return isThing(t) || isCalendarWord(t) || isTitle(t); };
        for (const TextRun& run : in.screen.runs())
            for (const Pattern* before : {&m_addressed, &m_called, &m_bornAs, &m_shortTitle, &m_notSignedIn,
                                          &m_familyOf, &m_theFamily, &m_theNames})
                for (const PatternMatch& m : in.search.all(*before, run)) {
                    const QString name = m.text(run.search, 1);
                    const std::vector<Token> tokens = tokensOf(TextRun{SearchText(name)});
                    const bool known = in.names.isFamily(name.section(u' ', -1));
                    // "c/o Hill" is somebody, "c/o Weir Hill" is not.
                    if (std::ranges::any_of(tokens, isThingOfName) && !(known && tokens.size() == 1)) continue;
                    if (before == &m_shortTitle ? !known : !known && !mayBeName(in.names, name)) continue;
                    out.push_back({Kind::Person,
                                   &run,
                                   m.groups[1],
                                   0.75,
                                   before == &m_bornAs ? Tr::tr("is the name somebody had before")
                                                       : Tr::tr("follows words for who it is or whom it is meant for"),
                                   {}});
                }
    }

    // "… between Jonas Weit, residing at …"; "the tenant, residing at" is a role, and "Between" no
    // part of a name.
    void findWhoIsWho(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const auto* runs : {&in.screen.runs(), &in.screen.flowing()})
            for (const TextRun& run : *runs)
                for (const PatternMatch& m : in.search.all(m_whoIsWho, run)) {
                    Span span = m.groups[1];
                    std::vector<Token> tokens = tokensOf(TextRun{SearchText(m.text(run.search, 1))});
                    const auto isNoName = [&](const Token& t) {
                        const bool opens = span.start == 0 && isOrdinary(in.names, t.text);
                        return (opens && !in.names.isGivenOrFamily(t.text)) || wholeLabelHit(t.text);
                    };
                    while (!tokens.empty() && isNoName(tokens.front())) {
                        const int skipped =
                            tokens.size() > 1 ? tokens[1].span.start - tokens[0].span.start : span.length;
                        span = {span.start + skipped, span.length - skipped};
                        tokens.erase(tokens.begin());
                    }
                    const auto isOther = [](const Token& t) {
                        return isThing(t) || isCalendarWord(t) || isLegalForm(t);
                    };
                    if (tokens.size() < 2 || !counts(run, span) || std::ranges::any_of(tokens, isOther)) continue;
                    if (wholeLabelHit(tokens.back().text)) continue;
                    out.push_back(
                        {Kind::Person, &run, span, 0.75, Tr::tr("is said to live or to be born somewhere"), {}});
                }
    }

    // "Visit Thistlewood", each in a cell of its own; no "Visit Alderport", "Meeting Park". One of them at least is on
    // the lists of names.
    void findAppointments(const Surroundings& in, std::vector<Candidate>& out) const {
        std::vector<Candidate> all;
        bool known = false;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_appointment, run)) {
                const QString name = m.text(run.search, 1);
                const std::vector<Token> tokens = tokensOf(TextRun{SearchText(name)});
                // "Visit Baker": a word as well, but none of the most frequent ones.
                const auto isOther = [&](const Token& t) {
                    const bool word = isOrdinary(in.names, t.text);
                    return (word && (!in.names.isFamily(t.text) || in.names.isVeryCommonWord(t.text))) || isThing(t) ||
                           isCalendarWord(t);
                };
                const QString last = name.section(u' ', -1);
                const bool place = in.names.isPlace(name) && !(in.names.isGiven(last) && in.names.isFamily(last));
                if (place || std::ranges::any_of(tokens, isOther)) continue;
                known = known || (isKnown(in.names, last) && !isOrdinary(in.names, last));
                all.push_back({Kind::Person, &run, m.groups[1], 0.75, Tr::tr("is whom an appointment is with"), {}});
            }
        if (known) out.insert(out.end(), all.begin(), all.end());
    }

    // "10:35  Dentist (Tomke)": whom an entry beside an hour is of, though they be called like a town.
    void findInBrackets(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_inBrackets, run)) {
                const QString name = m.text(run.search, 2);
                const std::vector<Token> words = tokensOf(TextRun{SearchText(name)});
                const bool other = std::ranges::any_of(words, isThing) || std::ranges::any_of(words, isCalendarWord) ||
                                   in.names.isVeryCommonWord(name, in.screen.language());
                if (in.names.isGiven(name) && !other && (m.groups[1].length > 0 || isBesideHour(in, run)))
                    out.push_back({Kind::Person, &run, m.groups[2], 0.7, Tr::tr("is whom an appointment is with"), {}});
            }
    }

    // The hour may stand somewhat higher than what fills its field.
    bool isBesideHour(const Surroundings& in, const TextRun& entry) const {
        constexpr double sameRow = 0.3; // of the lower of two lines
        const auto& lines = in.screen.page().lines;
        const QRectF& box = lines[size_t(entry.line)].box;
        return std::ranges::any_of(in.screen.runs(), [&](const TextRun& run) {
            const QRectF& hour = lines[size_t(run.line)].box;
            return hour.right() <= box.left() && verticalShare(hour, box) >= sameRow && m_hour.matchesWhole(run.text());
        });
    }

    // "Room 12: Thistlewood / Boon": who lies, lives or sits where.
    void findBerths(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_berth, run))
                for (const Span& span : {m.groups[1], m.groups[2]}) {
                    const QString name = run.text().mid(std::max(0, span.start), std::max(0, span.length));
                    if (in.names.isFamily(name) && !isOrdinary(in.names, name) && !in.names.isPlace(name))
                        out.push_back({Kind::Person, &run, span, 0.7, Tr::tr("is who lives, lies or sits there"), {}});
                }
    }

    // "1:1 Georges / Bon": who meets whom, whatever their names.
    void findMeeting(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_oneToOne, run)) {
                const QString name = m.text(run.search, 1);
                if (!mayBeName(in.names, name) && !isKnown(in.names, name)) continue;
                for (const Span& span : {m.groups[1], m.groups[2]})
                    if (span.length > 0)
                        out.push_back({Kind::Person, &run, span, 0.75, Tr::tr("meets somebody alone"), {}});
            }
    }

    // "agathons-laptop", "Handy-von-Jana": what a device is called by its owner.
    void findOwners(const Surroundings& in, std::vector<Candidate>& out) const {
        const auto isOwner = [&](const QString& word) {
            constexpr qsizetype fewestLetters = 3;
            return word.size() >= fewestLetters && in.names.isGiven(word) && !isOrdinary(in.names, word) &&
                   !in.names.isPlace(word);
        };
        for (const TextRun& run : in.screen.runs())
            for (const Pattern* called : {&m_ownDevice, &m_deviceOf})
                for (const PatternMatch& m : in.search.all(*called, run)) {
                    Span name = m.groups[1];
                    const QString word = m.text(run.search, 1);
                    const bool owns = !isOwner(word) && word.endsWith(u's') && isOwner(word.chopped(1));
                    if (owns) --name.length;
                    if (owns || isOwner(word))
                        out.push_back({Kind::Person, &run, name, 0.7, Tr::tr("is whom a device is called after"), {}});
                }
    }

    // "[10:02:11] Maelo: …", line for line: one of them at least bears a name of the lists.
    void findSpeakers(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr size_t fewestLines = 2;
        std::vector<Candidate> speakers;
        bool known = false;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_speaks, run)) {
                const QString name = m.text(run.search, 1);
                if (!mayBeName(in.names, name)) continue;
                known = known || isKnown(in.names, name);
                speakers.push_back(
                    {Kind::Person, &run, m.groups[1], 0.8, Tr::tr("speaks in a talk line for line"), {}});
            }
        if (known && speakers.size() >= fewestLines) out.insert(out.end(), speakers.begin(), speakers.end());
    }

    // "Vito: Der Verbrauch stieg …": the last of a talk, as lists of talks and notices show it.
    void findSaying(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr qsizetype fewestWords = 3;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_says, run)) {
                const QString name = m.text(run.search, 1);
                const bool sentence = m.text(run.search, 2).split(u' ', Qt::SkipEmptyParts).size() >= fewestWords;
                if (sentence && in.names.isGiven(name) && !isOrdinary(in.names, name) && !in.names.isPlace(name))
                    out.push_back({Kind::Person, &run, m.groups[1], 0.7, Tr::tr("speaks, by given name"), {}});
            }
    }

    // "– Réka, 60, Alderport" under what she said.
    void findQuoted(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs()) {
            const int above = in.screen.lineAbove(run.line);
            const bool quoted = above >= 0 && endsQuote(in.screen.runs()[size_t(above)].text());
            for (const PatternMatch& m : in.search.all(m_attributed, run)) {
                const QString name = m.text(run.search, 1);
                if (mayBeName(in.names, name) && (quoted || isAttributed(in.names, run.text(), name)))
                    out.push_back(
                        {Kind::Person, &run, m.groups[1], 0.8, Tr::tr("stands under words that are quoted"), {}});
            }
        }
    }

    // "— Imogen Hale, Head of Supply": a long dash before a name says whose words those above are, without marks too.
    static bool isAttributed(const Names& names, const QString& line, const QString& name) {
        const QString first = name.section(u' ', 0, 0);
        return line.startsWith(QChar(u'—')) && name.contains(u' ') && names.isGiven(first) && !names.isPlace(first);
    }

    static bool endsQuote(const QString& text) {
        const QString line = text.trimmed();
        return !line.isEmpty() && QStringLiteral("\"”“»«’").contains(line.back());
    }

    Pattern m_speaks{
        R"(^\[?\d{1,2}[:.]\d{2}(?:[:.]\d{2})?\]?(?: ?[AaPp]\.?[Mm]\.?)? (?:[\-–] )?(\p{Lu}[\p{L}'’.\-]+(?: \p{Lu}[\p{L}'’.\-]*){0,2}): )"};
    Pattern m_says{R"(^(\p{Lu}[\p{L}'’\-]+): (\p{L}.*)$)"};
    Pattern m_attributed{
        R"(^[\-–—] ?(\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]*\.?){0,2})(?:, \d{1,3}(?:,|$)|, \p{Lu}|$))"};
    Pattern m_oneToOne{
        R"((?:^|[\s(])1[:\-]1:? (?:(?:with|mit|avec|con|–|—|-) )?(\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+)?)(?: ?(?:/|&|\+|<>|,|und|and|et|y) ?(\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+)?))?)"};
    Pattern m_ownDevice = Pattern::ofWords(R"((?i)(?:^|[^\p{L}\d@])(\p{L}{3,20})[\-_](?:<<device>>)(?:$|[^\p{L}]))",
                                           QStringLiteral("words/around-names.txt"));
    Pattern m_deviceOf = Pattern::ofWords(
        R"((?i)(?:^|[^\p{L}])(?:<<device>>)[\-_ ](?:of|von|de|d[’'])[\-_ ]?(\p{L}{3,20})(?:$|[^\p{L}]))",
        QStringLiteral("words/around-names.txt"));
    Pattern m_addressed = Pattern::ofWords(
        R"((?:^|[\s(,])(?i:<<addressed to>>)[:.]? (\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2})(?:$|[^\p{L}]))",
        QStringLiteral("words/around-names.txt"));
    Pattern m_bornAs = Pattern::ofWords(R"((?:^|[\s(,])(?:<<born as>>) (\p{Lu}[\p{L}'’\-]{2,})(?:$|[^\p{L}\d]))",
                                        QStringLiteral("words/around-names.txt"));
    // "My name is Thistlewood", "Ich heiße …".
    Pattern m_called = Pattern::ofWords(
        R"((?:^|[\s(,“"„«])(?i:<<says a name>>):? (\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2})(?:$|[^\p{L}]))",
        QStringLiteral("words/around-names.txt"));
    Pattern m_whoIsWho = Pattern::ofWords(
        R"((?:^|[\s(,])(\p{Lu}[\p{L}'’\-]+\.?(?: (?:\p{Lu}[\p{L}'’\-]*\.?|de|del|de la|di|van|von|der|den)){1,4}), (?i:<<who is who>>) )",
        QStringLiteral("words/around-names.txt"));
    // "Not Ines? Sign out".
    Pattern m_notSignedIn =
        Pattern::ofWords(R"((?:^|[\s(])(?:<<asks whether>>) (\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2}) ?\?)",
                         QStringLiteral("words/around-names.txt"));
    // "Visit Thistlewood", alone in its cell of a week.
    Pattern m_appointment = Pattern::ofWords(
        R"(^(?i:<<appointment>>)(?::| ?[–—\-])?(?: (?i:with|mit|bei|avec|chez|con))? (\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+)?)(?:$| ?[–—|(/,]| - ))",
        QStringLiteral("words/around-names.txt"));
    Pattern m_inBrackets{
        R"(^(\d{1,2}[:.]\d{2}(?: ?[–\-] ?\d{1,2}[:.]\d{2})?:? )?\p{L}[\p{L} .,:'’\-]{2,40} \((\p{Lu}[\p{L}'’\-]+)\)$)"};
    Pattern m_hour{R"(\d{1,2}[:.]\d{2}(?: ?(?:[AaPp]\.?[Mm]\.?|[–\-] ?\d{1,2}[:.]\d{2}))?)"};
    Pattern m_berth = Pattern::ofWords(
        R"(^(?i:<<berth>>) ?(?:[Nn][or]\.? ?)?\d{1,4}[a-z]?(?::| ?[–—\-]) (\p{Lu}[\p{L}'’\-]+)(?: ?[/&+,] ?(\p{Lu}[\p{L}'’\-]+))?$)",
        QStringLiteral("words/around-names.txt"));
    // "Familie Thistlewood", "the Thistlewood family", "The Thistlewoods are away".
    Pattern m_familyOf = Pattern::ofWords(R"((?:^|[\s(,])(?i:<<family>>) (\p{Lu}[\p{L}'’\-]{2,})(?:$|[^\p{L}\d]))",
                                          QStringLiteral("words/around-names.txt"));
    Pattern m_theFamily{
        R"((?:^|[\s(,])[Tt]he (\p{Lu}[\p{L}'’\-]{2,}) (?:family|household|couple|children|twins|brothers|sisters)(?:$|[^\p{L}]))"};
    Pattern m_theNames{
        R"((?:^|[\s(,])The (\p{Lu}[\p{L}'’\-]{2,})s (?:are|have|were|had|live|lived|moved)(?:$|[^\p{L}]))"};
    // Short for days of the week as well: "Fr. Frühdienst".
    Pattern m_shortTitle{R"((?:^|[\s(,])(?:Fr|Hr|Hrn)\. (\p{Lu}[\p{L}'’\-]{2,})(?:$|[^\p{L}\d]))"};
    Pattern m_withOthers{
        R"((?:^|[\s(])(\p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2}(?:, \p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2}){0,3}) (?:and|und|et|y|e) \d{1,4} (?:other|more|weitere|andere|autre|más|otr))"};
};

} // namespace

std::unique_ptr<Detector> makeSpeakerDetector() {
    return std::make_unique<SpeakerDetector>();
}

} // namespace eyelid
