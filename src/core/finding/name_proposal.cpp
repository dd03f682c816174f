#include "finding/name_proposal.h"

#include "base/sentence.h"
#include "finding/labels.h"
#include "finding/ordinary_word.h"
#include "language/countries.h"
#include "language/lexicon.h"
#include "language/spelling.h"
#include "language/word_groups.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

// Of every day in the page's language, and not for being a frequent name.
bool isWordOfEveryDay(const Names& names, const QString& language, const Token& t, const QString& word) {
    return names.isCommonWord(word, language) && (isAlsoThing(t) || !names.isFrequentName(word, language));
}

// What one word adds to the belief that it is part of a name.
double wordEvidence(const Names& names, const QString& language, const Token& t, bool first) {
    if (t.text.size() == 1) return first && t.initial ? 0.25 : 0.1;
    if (isCalendarWord(t)) return -0.3;
    QString word = t.text;
    double best = -1;
    // Of a double name either half may be the known one.
    for (const QString& part : word.split(QLatin1Char('-'), Qt::SkipEmptyParts)) {
        QString w = nameRestored(part);
        const qsizetype quote = w.indexOf(QLatin1Char('\''));
        const bool clipped = quote == 1 || quote == 2; // O'Brien, D'Amato
        if (clipped && !names.isFamily(w)) w = w.mid(quote + 1);
        const bool given = names.isGiven(w), family = names.isFamily(w);
        const bool common = isWordOfEveryDay(names, language, t, w);
        double e = 0.12;
        if (given)
            e = first ? 0.42 : 0.36;
        else if (family)
            e = first ? 0.18 : 0.38;
        else if (common)
            e = -0.4;
        else if (names.isPlace(w))
            e = 0.0;
        if ((given || family) && common) e -= 0.16;
        if (clipped) e = std::max(e, 0.3);
        best = std::max(best, e);
    }
    return best;
}

bool isGreeting(const std::vector<Token>& tokens, size_t at) {
    if (isTitle(tokens[at])) return at > 0 && isGreeting(tokens, at - 1);
    return isGreetingWord(tokens[at]);
}

// What heads a field can also stand before a name in a sentence: "la secretaria", "der Zeuge".
bool isRole(const Token& t) {
    if (isRoleWord(t)) return true;
    if (t.text.size() < 5 || isTitle(t)) return false;
    const auto hit = labelHit(t.text);
    return hit && hit->whole && hit->kind == Kind::Person;
}

size_t beforeParticles(const std::vector<Token>& tokens, size_t first) {
    size_t at = first;
    while (at > 0 && isParticle(tokens[at - 1])) --at;
    while (at > 0 && isArticle(tokens[at - 1])) --at;
    return at > 0 ? at - 1 : first;
}

const Pattern& letterClosing() {
    static const Pattern closing{
        R"((?i)^\W*(?:(?:kind|best|warm|many)?\s?(?:regards|wishes|thanks)|yours (?:sincerely|faithfully|truly)|sincerely|many thanks|thank you|thanks|cheers|best|mit freundlichen gr[üu][ßsB]+e?n?|(?:viele|beste|liebe) gr[üu][ßsB]+e|freundliche gr[üu][ßsB]+e|cordialement|bien à vous|salutations distinguées|un saludo|saludos(?: cordiales)?|atentamente|signed)\W*$)"};
    return closing;
}

// The words of one line that are judged, and what stands around them. Each step adds to the proposal.
class Judging {
    static constexpr double surelySomebody = 0.9;

public:
    Judging(const Surroundings& in, const TextRun& run, const std::vector<Token>& tokens, size_t first, size_t last)
        : m_in(in), m_names(in.names), m_language(in.screen.language()), m_run(run), m_tokens(tokens), m_start(first),
          m_first(first), m_last(last), m_end(last) {
        m_proposal.on = &run;
        m_proposal.run = run.line;
    }

    std::optional<NameProposal> judged() {
        constexpr size_t mostWords = 6;
        m_afterTitle = m_first > 0 && isTitle(m_tokens[m_first - 1]);
        if (!dropArticle()) return std::nullopt;
        trim();
        if (!dropArticle()) return std::nullopt;
        m_end = m_last;
        if (count() > mostWords) return std::nullopt;
        m_label = personLabel();
        if ((!m_label && (isOfScraps() || isShip())) || isFirm()) return std::nullopt;
        findGivenBehind();
        if (!isOneWord())
            weighSeveral();
        else if (!weighOne())
            return std::nullopt;
        tellShape();
        weighBefore();
        weighLabel();
        weighParts();
        weighThings();
        place();
        weighStrange();
        return std::move(m_proposal);
    }

private:
    size_t count() const { return m_last - m_first + 1; }
    bool isOneWord() const { return count() == 1 && !m_reversed; }
    Span words() const {
        return {m_tokens[m_first].span.start, m_tokens[m_end].span.end() - m_tokens[m_first].span.start};
    }

    bool isNoName(const Token& t) const {
        if (t.initial) return false;
        if (isOnlyCountry(t)) return true;
        return (m_names.isCommonWord(t.text, m_language) && !m_names.isGiven(t.text) && !m_names.isFamily(t.text)) ||
               (m_names.isVeryCommonWord(t.text, m_language) && !m_names.isGiven(t.text)) || isCalendarWord(t);
    }

    // "The" before what else there is; false where there is nothing else. Where a label announces somebody, "The Anh
    // Nguyen" is who.
    bool dropArticle() {
        if (!isNoPartOfName(m_tokens[m_first])) return true;
        const LabelledValue* label = personLabel();
        if (label && label->whole) return true;
        while (m_first < m_last && isNoPartOfName(m_tokens[m_first])) ++m_first;
        return !isNoPartOfName(m_tokens[m_first]);
    }

    // Ordinary words at either end are not part of the name: "Call Devika", "Goran Tenant", "Fee May Georgia Brown".
    void trim() {
        if (!m_afterTitle) {
            for (size_t i = m_first; i < m_last && !m_names.isGiven(m_tokens[i].text); ++i)
                if (i > m_first && isCalendarWord(m_tokens[i])) m_first = i + 1;
            // Whatever language the page is of: "Bonjour Jacques", "Merci Arian. Et …"; alone in a cell, Merci Arian is
            // somebody.
            const bool goesOn = m_last + 1 < m_tokens.size();
            const auto leads = [&](const Token& t) {
                return isNoName(t) || isGreetingWord(t) || (goesOn && isThanks(t)) || t.text == QStringLiteral("À");
            };
            while (m_first < m_last && (leads(m_tokens[m_first]) || isBeforeName(m_first))) ++m_first;
        }
        // "Sage Rodriguez Netherlands Baileux": where somebody is from stands in cells of its own.
        constexpr size_t fewestOfName = 2;
        for (size_t i = m_first + fewestOfName; i <= m_last; ++i)
            if (isOnlyCountry(m_tokens[i])) m_last = i - 1;
        while (m_last > m_first && (isNoName(m_tokens[m_last]) ||
                                    (m_last > m_first + 1 && isRemarkUnder(m_in, m_run, m_tokens[m_last].span))))
            --m_last;
    }

    // "Inbox Heather Roberts": a bar's last word before who is signed in.
    bool isBeforeName(size_t at) const {
        return at + 2 <= m_last && isNobodysWord(m_names, m_tokens[at].text) && m_names.isGiven(m_tokens[at + 1].text);
    }

    // "MV Leela", "MS Ranjeet"; "MS JANE WEIR" is somebody.
    bool isShip() const {
        const auto leads = [&](size_t at) {
            return at + 1 < m_tokens.size() && leadsAShip(m_tokens[at]) && !m_tokens[at + 1].shouting;
        };
        return leads(m_first) || (m_first > 0 && leads(m_first - 1));
    }

    // "Stehr Ltd", whatever label stands beside it; "Walter Stehr GmbH" names somebody where a label says so.
    bool isFirm() const {
        const auto first = m_tokens.begin() + long(m_first), end = m_tokens.begin() + long(m_last) + 1;
        const auto endsFirm = [](const Token& t) { return t.capital && isLegalForm(t); };
        if (!m_label && joinsFamilies()) return true;
        return std::any_of(first + 1, end, endsFirm) && !m_names.isGiven(first->text);
    }

    // "Tello Parra y Domínguez Frías": families joined make a firm; "Ana López y Juan Díaz" are two, "José Ortega y
    // Gasset" is one.
    bool joinsFamilies() const {
        const Token& first = m_tokens[m_first];
        const bool family = m_names.isFamily(first.text) && !m_names.isGiven(first.text);
        const auto begin = m_tokens.begin() + long(m_first), end = m_tokens.begin() + long(m_last);
        return family && std::any_of(begin, end, [](const Token& t) { return !t.capital && joinsTwo(t.plain); });
    }

    // "MI N AG O": what is left of words set wide, and no name. "LI WU" is one.
    bool isOfScraps() const {
        constexpr size_t fewest = 3;
        constexpr qsizetype scrap = 2;
        const auto first = m_tokens.begin() + long(m_first), end = m_tokens.begin() + long(m_last) + 1;
        return count() >= fewest &&
               std::all_of(first, end,
                           [](const Token& t) { return t.text.size() <= scrap && t.text == t.text.toUpper(); }) &&
               std::any_of(first, end, [](const Token& t) { return t.text.size() == 1 && !t.initial; });
    }

    bool isOnlyCountry(const Token& t) const { return !m_names.isGivenOrFamily(t.text) && isCountry(t.text); }

    const LabelledValue* personLabel() const {
        if (m_run.second >= 0) return nullptr;
        const Span span = words();
        const LabelledValue* label = labelFor(m_in.screen, m_run, span, Kind::Person);
        // What stands farther on in a sentence is not the label's value.
        if (label && label->span.length > 40 && span.start > label->span.start + 14 &&
            m_run.text().mid(label->span.start, span.start - label->span.start).count(QLatin1Char(',')) == 0)
            return nullptr;
        return label;
    }

    // "Surname, Given": the words behind the comma belong to it.
    void findGivenBehind() {
        if (m_tokens[m_last].after != QLatin1Char(',') || m_last + 1 >= m_tokens.size() || count() > 3) return;
        const Token& given = m_tokens[m_last + 1];
        if (!given.capital || given.digits || isTitle(given)) return;
        const bool known = m_names.isGiven(given.text) &&
                           (!m_names.isCommonWord(given.text) || m_names.isFrequentName(given.text, m_language));
        const bool places = m_names.isPlace(given.text) && m_names.isPlace(m_tokens[m_last].text);
        const bool valueOfTwo = m_label && m_label->span.end() == given.span.end(); // customer="Mattsson, Hugo"
        const bool lineOfTwo =
            valueOfTwo || (m_start == 0 && m_last + 2 >= m_tokens.size() && (m_first == 0 || !places));
        // "Maelo Bascaran, Ardith Hathering" are two.
        const bool goesOn = m_last + 2 < m_tokens.size() && m_tokens[m_last + 2].capital &&
                            !m_tokens[m_last + 2].initial && m_run.text()[given.span.end()] == QLatin1Char(' ');
        if (!((known && (lineOfTwo || m_label)) || (m_label && lineOfTwo)) || (goesOn && count() >= 2)) return;
        m_reversed = true;
        m_end = m_last + 1;
        if (m_end + 1 < m_tokens.size() && m_tokens[m_end + 1].text.size() == 1 && m_tokens[m_end + 1].capital) ++m_end;
    }

    // A word by itself; false where it cannot be a name.
    bool weighOne() {
        const Token& t = m_tokens[m_first];
        if (t.text.size() < 3 || isCalendarWord(t) || (t.shouting && !m_label)) return false;
        const bool common = isWordOfEveryDay(m_names, m_language, t, t.text);
        if (m_names.isGiven(t.text)) {
            m_proposal.sum += common ? 0.2 : 0.36;
            m_proposal.evidence << Tr::tr("is on the list of given names");
        } else if (m_names.isFamily(t.text)) {
            m_proposal.sum += common ? 0.05 : 0.2;
            m_proposal.evidence << Tr::tr("is on the list of family names");
        } else if (common) {
            m_proposal.sum -= 0.4;
        }
        // Inside a sentence a capital is a choice, not the grammar's.
        const bool opening = m_first > 0 && isNoName(m_tokens[m_first - 1]); // "Call Oskar first"
        if (m_first > 0 && (!m_tokens[m_first - 1].capital || opening) &&
            m_run.text()[t.span.start - 1] == QLatin1Char(' ') &&
            !QStringLiteral(".:!?").contains(m_run.text()[std::max(0, t.span.start - 2)]) && !m_names.isPlace(t.text) &&
            !common) {
            m_proposal.sum += 0.15;
            if (isSpokenTo()) m_proposal.speakFor(Tr::tr("is spoken to by name"));
        }
        if (isAnswered() || isCalled() || isThanked()) {
            m_proposal.sum = surelySomebody;
            m_proposal.speakFor(Tr::tr("is spoken to by name"));
        }
        if (isDealtWithByName()) {
            m_proposal.sum = std::max(m_proposal.sum, surelySomebody);
            m_proposal.speakFor(Tr::tr("stands where a person is spoken of"));
        }
        if (opensSentence()) {
            constexpr double subject = 0.3, townAsWell = 0.15;
            m_proposal.sum += m_names.isPlace(t.text) ? townAsWell : subject;
            m_proposal.speakFor(Tr::tr("opens a sentence that says what somebody does"));
        }
        if (t.owns && !common && m_names.isGiven(t.text) && !m_names.isPlace(t.text)) {
            m_proposal.sum += 0.15;
            m_proposal.speakFor(Tr::tr("is written as whom something belongs to"));
        }
        // "Your operator Ines", also where the line breaks between the two.
        if (!common && isInRole()) {
            m_proposal.sum += 0.35;
            m_proposal.speakFor(Tr::tr("follows a word for somebody's part"));
        }
        return true;
    }

    // "On my way, Emily": behind the comma at a sentence's end.
    bool isSpokenTo() const {
        const Token& t = m_tokens[m_first];
        const bool ends = m_first + 1 == m_tokens.size() || QStringLiteral(".!?").contains(t.after);
        return ends && m_first > 1 && m_tokens[m_first - 1].after == QLatin1Char(',') &&
               !m_tokens[m_first - 1].capital && !m_tokens[m_first - 1].digits && m_names.isGiven(t.text) &&
               !isAlsoThing(t);
    }
    // "Denis mentioned you in #4711", "Walter weist Ihnen zu": a word written small behind it, and more.
    bool opensSentence() const {
        constexpr size_t fewestWords = 3;
        const Token& t = m_tokens[m_first];
        if (m_first != 0 || t.span.start > 0 || m_tokens.size() < fewestWords || t.shouting || t.owns) return false;
        if (!m_names.isGiven(t.text) || isAlsoThing(t) || isThing(t)) return false;
        const bool ordinary = m_names.isCommonWord(t.text, m_language) || WordGroups::shipped().of(t.plain);
        if (ordinary && !m_names.isFrequentName(t.text, m_language)) return false;
        const Token& next = m_tokens[1];
        return t.after == u' ' && next.span.start == t.span.end() + 1 && !next.digits && next.text.size() > 1 &&
               next.text == next.text.toLower() && !isParticle(next) && !joinsTwo(next.plain) &&
               !saysOfSeveral(m_tokens[2]);
    }
    // "Yes, Bob. Please do."
    bool isAnswered() const {
        const Token& t = m_tokens[m_first];
        return m_first > 0 && isAnswerWord(m_tokens[m_first - 1]) && m_tokens[m_first - 1].after == QLatin1Char(',') &&
               QStringLiteral(".!?").contains(t.after) && !t.after.isNull() && m_names.isGiven(t.text) &&
               !isAlsoThing(t);
    }

    // "Ein großes Lob an Pascal", "please thank Emily": somebody, though the word be one of every day.
    bool isThanked() const {
        const Token& t = m_tokens[m_first];
        if (m_first == 0 || !m_names.isGiven(t.text) || isAlsoThing(t) || isThing(t) || isCalendarWord(t)) return false;
        const bool led = m_first > 1 && leadsToThanked(m_tokens[m_first - 1]);
        const Token& thanks = m_tokens[m_first - (led ? 2 : 1)];
        return isThanks(thanks) && (led ? m_tokens[m_first - 1] : thanks).span.end() + 1 == t.span.start;
    }

    // "# ask Sophie before changing", "mit Karin besprochen": also of a name that is a frequent word of another
    // language.
    bool isDealtWithByName() const {
        const Token& t = m_tokens[m_first];
        if (m_first == 0 || t.shouting || !isDealtWith(m_tokens[m_first - 1]) || !followsDirectly()) return false;
        if (!m_names.isGiven(t.text) || m_names.isPlace(t.text) || isAlsoThing(t) || isThing(t)) return false;
        const QString language = m_language.isEmpty() ? QStringLiteral("eng") : m_language;
        return m_names.isFrequentName(t.text, language) ||
               !(m_names.isCommonWord(t.text, language) || WordGroups::shipped().of(t.plain));
    }

    // "Do you have a moment to talk Joe?": a capital there is a choice, but in German.
    bool isCalled() const {
        const Token& t = m_tokens[m_first];
        if (m_first < 2 || !QStringLiteral("!?").contains(t.after) || t.after.isNull() || m_language == u"deu")
            return false;
        const Token& before = m_tokens[m_first - 1];
        return before.span.end() + 1 == t.span.start && before.text == before.text.toLower() && !before.digits &&
               !isArticle(before) && !saysWhere(before) && m_names.isGiven(t.text) && !m_names.isPlace(t.text) &&
               !isAlsoThing(t) && !isThing(t) && !WordGroups::shipped().of(t.plain);
    }

    void weighSeveral() {
        int known = 0;
        double sum = 0;
        for (size_t i = m_first; i <= m_end; ++i) {
            if (isParticle(m_tokens[i]) && i != m_first) continue;
            const bool isFirst = m_reversed ? i == m_last + 1 : i == m_first;
            const double e = wordEvidence(m_names, m_language, m_tokens[i], isFirst);
            known += e >= 0.18;
            sum += count() > 2 && !isFirst && i != m_last ? e / 2 : e;
        }
        constexpr double aTown = 0.5;
        if (isKnownTown()) sum -= aTown;
        // Two words that each may be ordinary are a name when both are names.
        if (known >= 2) sum += 0.1;
        if (known >= 2)
            m_proposal.evidence << Tr::tr("has a given and a family name of the lists of names");
        else if (known == 1)
            m_proposal.evidence << Tr::tr("has a word that is on the lists of names");
        if (m_reversed) {
            sum += 0.1;
            m_proposal.evidence << Tr::tr("is written surname first");
        }
        bool particle = false;
        for (size_t i = m_first + 1; i < m_last; ++i)
            particle = particle || (isParticle(m_tokens[i]) && !m_tokens[i].capital);
        if (particle && known >= 1) sum += 0.1;
        bool shouting = true;
        for (size_t i = m_first; i <= m_end; ++i)
            shouting = shouting && (m_tokens[i].shouting || isParticle(m_tokens[i]));
        if (shouting && !m_label) sum -= 0.25; // headings
        m_proposal.sum += sum;
    }

    // "San Francisco": each word a name, and together a town. "Benito Juárez" is a town as well, and so are others
    // called.
    bool isKnownTown() const {
        constexpr qsizetype shortest = 4; // of a given name that is no "San" and no "Los"
        const Token& first = m_tokens[m_first];
        if (first.text.size() >= shortest && m_names.isGiven(first.text)) return false;
        QStringList words;
        for (size_t i = m_first; i <= m_last; ++i) words << m_tokens[i].text;
        return m_names.isTownOfSeveralWords(words.join(u' '));
    }

    void tellShape() {
        const Token& t = m_tokens[m_first];
        m_proposal.single = isOneWord() && t.text.size() >= 4 && !t.shouting &&
                            !m_names.isCommonWord(t.text, m_language) && !m_names.isPlace(t.text) && !isThing(t) &&
                            !isCalendarWord(t);
        m_proposal.shaped = !isOneWord() && count() <= 4;
        for (size_t i = m_first; i <= m_end && m_proposal.shaped; ++i)
            if (!isParticle(m_tokens[i]) && isNoName(m_tokens[i])) m_proposal.shaped = false;
    }

    void weighBefore() {
        if (m_afterTitle) {
            m_proposal.sum += 0.6;
            m_proposal.speakFor(Tr::tr("follows a title"));
            // Nobody says "Herrn" but before a name, though it be a word of every day: "Herrn Lang", "Mrs Long".
            const Token& last = m_tokens[m_last];
            if (isFormOfAddress(m_tokens[m_start - 1]) && m_names.isGivenOrFamily(last.text) && !isThing(last))
                m_proposal.sum = std::max(m_proposal.sum, surelySomebody);
        }
        if (m_first > 0 && isGreeting(m_tokens, m_first - 1)) {
            m_proposal.sum += 0.5;
            m_proposal.speakFor(Tr::tr("follows a greeting"));
            // However common a word, and a town's name as well: "Congratulations John!"
            const Token& greeted = m_tokens[m_first];
            if (m_names.isGiven(greeted.text) && !isAlsoThing(greeted) && !isThing(greeted))
                m_proposal.sum = std::max(m_proposal.sum, surelySomebody);
        }
        if (m_first == 0 && followsClosing()) {
            m_proposal.sum += 0.5;
            m_proposal.speakFor(Tr::tr("stands under a letter's closing"));
        }
    }

    // A label speaks for the first name-like words of its value.
    void weighLabel() {
        if (!m_label) return;
        // "Invoice ORD-54478" beside "Bill to": a paper, not who it is for.
        if (m_last + 1 < m_tokens.size() && isThing(m_tokens[m_last]) && m_tokens[m_last + 1].digits) return;
        const bool heading = m_label->how == LabelledValue::How::Heading;
        m_proposal.inCell = m_label->how != LabelledValue::How::Inside;
        // "Operations manager" under a name is what somebody is, not a label of what comes next.
        // "Mechanical engineer" beside "Actuary": two jobs.
        const bool ofAJob = isOneWord() && m_label->how == LabelledValue::How::Beside &&
                            !m_names.isGivenOrFamily(m_tokens[m_first].text);
        const bool weak = !m_label->whole && (m_label->how == LabelledValue::How::Above || ofAJob);
        m_proposal.sum += weak ? 0.2 : heading ? 0.45 : 0.5;
        m_proposal.evidence << m_label->because();
        // A heading speaks for what stands far below it as well, which need not be of its column; and any label for
        // a word of every day.
        m_proposal.spokenFor =
            m_proposal.spokenFor || (!heading && !(count() == 1 && m_names.isCommonWord(m_tokens[m_first].text)));
    }

    void weighParts() {
        if (count() < 2) return;
        if (isInRole()) {
            m_proposal.sum += 0.35;
            m_proposal.speakFor(Tr::tr("follows a word for somebody's part"));
        } else if (m_first > 0 && speaksOfPeople(m_tokens[m_first - 1]) &&
                   (followsDirectly() || !isRole(m_tokens[m_first - 1]))) {
            m_proposal.sum += 0.18;
            m_proposal.evidence << Tr::tr("stands where a person is spoken of");
        }
    }

    void weighThings() {
        const Token &first = m_tokens[m_first], &last = m_tokens[m_last];
        // Followed by a word for a street, a firm or a thing: not a person.
        // "Creditor: Larkmoor Water" as well, but not "Patient: Larkmoor Ward 7".
        const bool isFirmAtEnd = isOneWord() && m_last + 2 == m_tokens.size() && !m_names.isGivenOrFamily(first.text);
        if ((!m_label || isFirmAtEnd) && m_last + 1 < m_tokens.size() && isThing(m_tokens[m_last + 1]))
            m_proposal.sum -= 0.4;
        // Church, Castle and West are names as well: less where the lists know both.
        if ((isThing(last) || leadsAThing(first)) && !m_label)
            m_proposal.sum -= count() >= 2 && m_names.isGiven(first.text) && m_names.isFamily(last.text) ? 0.2 : 0.4;
        // "The Nagasaki Lander": what a product is called.
        if (m_first > 0 && isNoPartOfName(m_tokens[m_first - 1])) m_proposal.sum -= 0.4;
        // "rue de la Halle", "Avenida de la Alameda": what a street is called after.
        const size_t at = beforeParticles(m_tokens, m_first);
        if (at < m_first && isThing(m_tokens[at]) && m_tokens[m_first - 1].after != QLatin1Char(','))
            m_proposal.sum -= 0.4;
    }

    void place() {
        Span span = words();
        // A time or a number behind it does not make it less of a list's entry.
        const QString rest = m_run.text().mid(span.end());
        bool lettersAfter = std::any_of(rest.begin(), rest.end(), [](QChar c) { return c.isLetter(); });
        // No half a name: what a label announces is one whole, though a letter of it was read as a figure.
        if (lettersAfter && m_label && isNameOf(*m_label)) {
            span.length = m_tokens.back().span.end() - span.start;
            lettersAfter = false;
        }
        const int begin = m_afterTitle ? m_tokens[m_start - 1].span.start : span.start;
        m_proposal.wholeLine = begin <= 1 && !lettersAfter;
        // A cell's or a line's value is the title and the name; in a sentence or a greeting the name alone is
        // somebody's.
        m_proposal.span = m_proposal.wholeLine ? Span{begin, span.end() - begin} : span;
        const auto add = [&](size_t from, size_t to) {
            for (size_t i = from; i <= to; ++i) m_proposal.name += m_tokens[i].text + QLatin1Char(' ');
        };
        if (m_reversed) add(m_last + 1, m_end);
        add(m_first, m_reversed ? m_last : m_end);
    }

    // "Dedik Sugiharto" as a line or a cell of its own: two or three words written as names are, none of which any list
    // has for something else.
    void weighStrange() {
        constexpr size_t fewest = 2, most = 3;
        constexpr double allStrange = 0.3, besideListed = 0.2;
        if (!m_proposal.wholeLine || m_label || count() < fewest || count() > most || m_run.second >= 0) return;
        const auto first = m_tokens.begin() + long(m_first), end = m_tokens.begin() + long(m_last) + 1;
        const auto strange = std::count_if(first, end, [&](const Token& t) { return isStrange(t); });
        const auto listed = std::count_if(first, end, [&](const Token& t) { return m_names.isGivenOrFamily(t.text); });
        if (strange == 0 || strange + listed < end - first) return;
        m_proposal.sum += listed > 0 ? besideListed : allStrange;
        m_proposal.evidence << Tr::tr("is written as names are, in words no language here has");
    }
    bool isStrange(const Token& t) const {
        constexpr qsizetype fewestLetters = 4;
        return t.text.size() >= fewestLetters && t.capital && !t.shouting && !t.digits && !isThing(t) && !isRole(t) &&
               !hasInnerCapital(t.text) && !isOrdinary(m_names, t.text) && !isInLexicon(t.text) &&
               !m_names.isPlace(t.text) && !m_names.isGivenOrFamily(t.text);
    }
    // "ViewAll", as no name is written but "McAllister".
    static bool hasInnerCapital(const QString& word) {
        static const QRegularExpression inner(QStringLiteral("(?<!^Mc)(?<!^Mac)(?<=\\p{Ll})\\p{Lu}"));
        return word.contains(inner);
    }

    // Whether all a label announces is a few words written large.
    bool isNameOf(const LabelledValue& label) const {
        constexpr size_t mostWords = 4;
        return label.whole && label.how != LabelledValue::How::Heading && label.span.start == 0 &&
               m_tokens.size() <= mostWords && label.span.end() >= m_tokens.back().span.end() &&
               std::all_of(m_tokens.begin(), m_tokens.end(), [](const Token& t) { return t.text[0].isUpper(); });
    }

    bool followsClosing() const {
        for (size_t i = 0; i < m_in.screen.runs().size(); ++i)
            if (m_in.screen.lineBelow(int(i)) == m_run.line && letterClosing().found(m_in.screen.runs()[i].search))
                return true;
        return false;
    }

    // Behind another word, with a space alone between: a colon would make that a label.
    bool followsDirectly() const {
        const Span& before = m_tokens[m_first - 1].span;
        return m_tokens[m_first].span.start == before.end() + 1 && m_run.text()[before.end()] == QLatin1Char(' ');
    }

    bool isInRole() const {
        if (m_first > 0) return isRole(m_tokens[m_first - 1]) && followsDirectly();
        constexpr size_t fewestOfProse = 4;
        for (size_t i = 0; i < m_in.screen.runs().size(); ++i)
            if (m_in.screen.lineBelow(int(i)) == m_run.line) {
                const std::vector<Token> above = tokensOf(m_in.screen.runs()[i]);
                if (above.size() >= fewestOfProse && isRole(above.back())) return true;
            }
        return false;
    }

    const Surroundings& m_in;
    const Names& m_names;
    const QString& m_language;
    const TextRun& m_run;
    const std::vector<Token>& m_tokens;
    size_t m_start;                // the first of what stood there
    size_t m_first, m_last, m_end; // of the name, both inclusive; m_end: with a given name behind
    bool m_reversed = false, m_afterTitle = false;
    const LabelledValue* m_label = nullptr;
    NameProposal m_proposal;
};

} // namespace

std::optional<NameProposal> judgedAsName(const Surroundings& in, const TextRun& run, const std::vector<Token>& tokens,
                                         size_t first, size_t last) {
    return Judging(in, run, tokens, first, last).judged();
}

} // namespace eyelid
