// User names: in file paths, after user= and its like, and by a label.
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "finding/labels.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/system_users.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

class UsernameDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_path, run))
                if (!isSystemUser(m.text(run.search, 1)))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.92, Tr::tr("is the owner's name in a file path"), {}});
            for (const PatternMatch& m : in.search.all(m_inAddress, run))
                if (!isSystemUser(m.text(run.search, 1)))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.99, Tr::tr("is a user name within a web address"), {}});
            for (const PatternMatch& m : in.search.all(m_assigned, run))
                if (!isSystemUser(m.text(run.search, 1)) && !opensDate(run.text(), m.groups[1]))
                    out.push_back({Kind::Username,
                                   &run,
                                   m.groups[1],
                                   0.9,
                                   Tr::tr("follows a word for user and a sign of assignment"),
                                   {}});
            for (const PatternMatch& m : in.search.all(m_spoken, run)) {
                const QString word = m.text(run.search, 1);
                const bool address = run.text().mid(m.groups[1].end()).startsWith(QLatin1String("://"));
                if (address || isSystemUser(word) || in.names.isCommonWord(word)) continue;
                out.push_back({Kind::Username, &run, m.groups[1], 0.75, Tr::tr("follows the word \"user\""), {}});
            }
            for (const PatternMatch& m : in.search.all(m_told, run)) {
                const QString word = m.text(run.search, 1);
                // "Sign in with Larkmoor" is a button, and says by whose leave.
                const bool byLeave = run.text().left(m.groups[1].start).trimmed().endsWith(QLatin1String("with")) &&
                                     word[0].isUpper() &&
                                     std::all_of(word.begin(), word.end(), [](QChar c) { return c.isLetter(); });
                if (byLeave || isSystemUser(word) || in.names.isCommonWord(word)) continue;
                out.push_back({Kind::Username, &run, m.groups[1], 0.8, Tr::tr("is told to be a user name"), {}});
            }
        }
        findHandles(in, out);
        findMadeOfNames(in, out);
        findAtTerminals(in, out);
        findIds(in, out);
        findInTalks(in, out);
        findInServerLogs(in, out);
        findWhoDid(in, out);
        findCommenters(in, out);
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind == Kind::Person) addInPlaceOfName(in, value, out);
            if (value.kind != Kind::Username) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const QString text = run.text().mid(value.span.start, value.span.length);
            if (isSystemUser(text) || in.names.isCommonWord(text) || !text.contains(m_letter)) continue;
            // A sign that no such name has may be a letter misread.
            const bool announced = value.whole && value.how != LabelledValue::How::Heading;
            if (m_form.matchesWhole(text))
                out.push_back({Kind::Username, &run, value.span, 0.85, value.because(), {}});
            else if (announced && m_oneWord.matchesWhole(text))
                out.push_back({Kind::Username, &run, value.span, 0.6, value.because(), {}});
        }
    }

private:
    // "Last login: Tue Nov 24": when, and not who.
    static bool opensDate(const QString& text, const Span& word) {
        static const QRegularExpression date(QStringLiteral("^\\p{L}+,? (?:\\p{L}{3,9} ?)?\\d"));
        const std::vector<Token> tokens = tokensOf(TextRun{SearchText(text.mid(word.start, word.length))});
        return !tokens.empty() && isCalendarWord(tokens.front()) && date.match(text.mid(word.start)).hasMatch();
    }

    // "Given to: mnienow": where somebody is to be named, one word no language has and no machine bears ("From:
    // example.org").
    void addInPlaceOfName(const Surroundings& in, const LabelledValue& value, std::vector<Candidate>& out) const {
        const TextRun& run = in.screen.runs()[size_t(value.run)];
        const QString text = run.text().mid(value.span.start, value.span.length);
        if (!value.whole || !m_small.matchesWhole(text)) return;
        // "name: billing" is a service's; who owns or did something is a user.
        if (value.how == LabelledValue::How::Inside && !saysWhoDid(value.label)) return;
        // "family_name" under "given_name", "ansible_user" behind "ansible_host"; "a.guest" is somebody.
        if (text.contains(u'_') ? labelHit(text) : wholeLabelHit(text)) return;
        const bool host = (m_host.matchesWhole(text) && !in.names.isGivenOrFamily(text.section(u'.', 0, 0))) ||
                          isCalledAfterPlace(in.names, text);
        if (!isSystemUser(text) && !isOrdinary(in.names, text) && !host)
            out.push_back({Kind::Username, &run, value.span, 0.6, value.because(), {}});
    }

    static bool saysWhoDid(const QString& label) {
        static const QSet<QString> labels =
            shippedWords(QStringLiteral("words/around-names.txt"), QStringLiteral("doers"));
        return labels.contains(label);
    }

    // "@example.com" behind a field: where mailboxes are. Somebody may be called "@marta.it".
    bool isOrdinaryHost(const Names& names, const QString& word) const {
        return m_host.matchesWhole(word) && isOrdinary(names, word.section(u'.', 0, 0));
    }

    // "ap-north", "meter-gw": words of every day and short ones, and nobody's name; "k-park" is somebody's.
    static bool isCalledAfterPlace(const Names& names, const QString& text) {
        constexpr qsizetype shortest = 3; // letters of a word that says something
        const QStringList parts = text.split(u'-');
        return parts.size() > 1 &&
               std::any_of(parts.begin(), parts.end(), [&](const QString& part) { return isOrdinary(names, part); }) &&
               std::all_of(parts.begin(), parts.end(), [&](const QString& part) {
                   return part.size() > 1 && (part.size() < shortest || isOrdinary(names, part));
               });
    }

    // "@name": how people are called in forums and chats. Programs write words of every day so (@media, @Override).
    // How long one may be is counted here: each letter of a pattern that counts is a copy of all letters there are.
    void findHandles(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr qsizetype longestHandle = 32;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_handle, run)) {
                const QString word = m.text(run.search, 2);
                if (word.size() > longestHandle || isOrdinary(in.names, word) || isOrdinaryHost(in.names, word))
                    continue;
                if (followsCover(in.screen.page().lines[size_t(run.line)], m.groups[1].start)) continue;
                out.push_back(
                    {Kind::Username, &run, m.groups[1], 0.6, Tr::tr("is written as people are called in forums"), {}});
            }
    }

    // "jan.torp", "germaine91": names of people that are no word of every day.
    void findMadeOfNames(const Surroundings& in, std::vector<Candidate>& out) const {
        const auto isName = [&](const QString& word, bool given) {
            constexpr qsizetype fewestLetters = 3;
            return word.size() >= fewestLetters && !in.names.isVeryCommonWord(word) &&
                   (given ? in.names.isGiven(word) : in.names.isFamily(word));
        };
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_twoNames, run)) {
                const QString one = m.text(run.search, 2), other = m.text(run.search, 3);
                if ((isName(one, true) && isName(other, false)) || (isName(one, false) && isName(other, true)))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.8, Tr::tr("is made of a given and a family name"), {}});
            }
            for (const PatternMatch& m : in.search.all(m_nameAndYear, run))
                if (const QString word = m.text(run.search, 2); isName(word, true) && !isOrdinary(in.names, word))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.65, Tr::tr("is made of a name and figures"), {}});
        }
    }

    // "<jtorp> restart it", "* jtorp has joined #ops": who says it, as talks of lines have it (RFC 1459); two lines at
    // least, for one may be an element of markup.
    void findInTalks(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr size_t fewestLines = 2;
        std::vector<Candidate> speakers;
        for (const TextRun& run : in.screen.runs()) {
            if (run.text().contains(QLatin1String("</"))) return;
            for (const Pattern* line : {&m_speaks, &m_comesOrGoes})
                for (const PatternMatch& m : in.search.all(*line, run))
                    if (!isSystemUser(m.text(run.search, 1)) && !isOrdinary(in.names, m.text(run.search, 1)))
                        speakers.push_back(
                            {Kind::Username, &run, m.groups[1], 0.75, Tr::tr("speaks in a talk line for line"), {}});
        }
        if (speakers.size() >= fewestLines) out.insert(out.end(), speakers.begin(), speakers.end());
    }

    // "uid=1004(jtorp) gid=1004(jtorp)": as `id` tells it.
    void findIds(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_id, run))
                if (!isSystemUser(m.text(run.search, 1)))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.92, Tr::tr("stands behind a user's number"), {}});
    }

    // "192.0.2.7 - jtorp [12/Nov/2026:10:22:31 …": whom a web server let in (NCSA Common Log Format, third field).
    void findInServerLogs(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_serverLog, run))
                if (!isSystemUser(m.text(run.search, 1)))
                    out.push_back(
                        {Kind::Username, &run, m.groups[1], 0.9, Tr::tr("stands where a web server's log has it"), {}});
    }

    // "12/03/2025 10:05 · by jtorp": who did it, beside when.
    void findWhoDid(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs()) {
            if (!in.search.found(m_when, run)) continue;
            for (const PatternMatch& m : in.search.all(m_doneBy, run)) {
                const QString word = m.text(run.search, 1);
                if (!isSystemUser(word) && !isOrdinary(in.names, word) && !m_host.matchesWhole(word))
                    out.push_back({Kind::Username, &run, m.groups[1], 0.6, Tr::tr("did something at a time"), {}});
            }
        }
    }

    // "jtorp", "karin_o": an initial and a family name, or a name and more.
    static bool isMadeOfName(const Names& names, const QString& user) {
        static const QRegularExpression joint(QStringLiteral("[._\\-]"));
        const QString first = user.section(joint, 0, 0);
        return names.isFamily(user.mid(1)) || (!isOrdinary(names, first) && names.isGivenOrFamily(first));
    }

    // "jtorp  5 h", "mhale  12 min": who commented and how long ago, on two lines at least.
    void findCommenters(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr size_t fewest = 2;
        constexpr qsizetype longestAgo = 12; // "120 days ago"
        std::vector<Candidate> found;
        size_t users = 0;   // two of them speak for a word of every day on a third line
        bool named = false; // one at least after a name: "redis 5 h" is how long a program runs
        const auto add = [&](const TextRun& run, const Span& span) {
            const QString word = run.text().mid(span.start, span.length);
            if (isSystemUser(word) || m_host.matchesWhole(word)) return;
            users += !isOrdinary(in.names, word);
            named = named || isMadeOfName(in.names, word);
            found.push_back({Kind::Username, &run, span, 0.6, Tr::tr("did something at a time"), {}});
        };
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_commented, run)) add(run, m.groups[1]);
            // Or in a cell of its own, to the left.
            const bool mayBeAgo = run.text().size() <= longestAgo && !run.text().isEmpty() && run.text()[0].isDigit();
            const int left = mayBeAgo ? in.screen.lineBeside(run.line) : -1;
            if (left < 0) continue;
            const TextRun& beside = in.screen.runs()[size_t(left)];
            for (const PatternMatch& m : m_commented.all(SearchText(beside.text() + u' ' + run.text())))
                if (m.groups[1].length == beside.text().size()) add(beside, m.groups[1]);
        }
        if (named && users >= fewest) out.insert(out.end(), found.begin(), found.end());
    }

    // "jtorp pts/3 192.0.2.7 …": who is or was logged in, as `who` and `last` tell it, in one line or in columns.
    void findAtTerminals(const Surroundings& in, std::vector<Candidate>& out) const {
        const auto add = [&](const TextRun& run, const Span& span) {
            if (!isSystemUser(run.text().mid(span.start, span.length)))
                out.push_back(
                    {Kind::Username, &run, span, 0.9, Tr::tr("stands before the terminal it is used at"), {}});
        };
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_beforeTerminal, run)) add(run, m.groups[1]);
            const int left = in.search.all(m_terminal, run).empty() ? -1 : in.screen.lineBeside(run.line);
            if (left < 0) continue;
            const TextRun& beside = in.screen.runs()[size_t(left)];
            if (m_form.matchesWhole(beside.text())) add(beside, {0, int(beside.text().size())});
        }
    }

    // What goes on directly behind a cover is the rest of what it hides: "█@host".
    static bool followsCover(const TextLine& line, int start) {
        constexpr double directly = 0.6; // heights of a small x
        int at = 0;
        const Word* before = nullptr;
        for (const Word& word : line.words) {
            if (at == start)
                return before && before->text.endsWith(coverBlock) &&
                       word.box.left() - before->box.right() < directly * line.xHeight;
            at += int(word.text.size()) + 1;
            before = &word;
        }
        return false;
    }

    Pattern m_twoNames{R"((?:^|[\s(,;|·])(([a-z]{3,20})[._\-]([a-z]{3,20})(?:-ext)?\d{0,4})(?:$|[\s),;|·]))"};
    Pattern m_nameAndYear{R"((?:^|[\s(,;|·])(([a-z]{3,20})(?:[1-9]\d|19\d\d|20[01]\d))(?:$|[\s),;|·]))"};
    Pattern m_terminal{R"(^(?:pts/\d|tty(?:S|v)?\d))"};
    Pattern m_serverLog{R"(^\S+ \S{1,32} ([\w.@\-]{2,64}) \[\d{1,2}/[A-Za-z]{3}/\d{4}[:.]\d)"};
    Pattern m_beforeTerminal{R"(^([A-Za-z][A-Za-z0-9._\-]{1,31})\s+(?:pts/\d|tty(?:S|v)?\d))"};
    Pattern m_speaks{R"(^(?:\[?\d{1,2}:\d{2}(?::\d{2})?\]? )?<[@+%~&]?([A-Za-z][\w.\-]{1,30})> \S)"};
    Pattern m_comesOrGoes{
        R"(^(?:\[?\d{1,2}:\d{2}(?::\d{2})?\]? )?(?:\*{1,3}|-->|<--|-!-) ([A-Za-z][\w.\-]{1,30}) (?:\[\S+\] )?(?:has )?(?:joined|left|quit|parted)\b)"};
    Pattern m_id{R"(\b[ug]id=\d{1,9}\(([A-Za-z][\w.\-]{1,31})\))"};
    Pattern m_when{
        R"((?i)\d{1,2}:\d{2}|\d{1,4}[./\-]\d{1,2}[./\-]\d{1,4}|\b\d{1,2}\.? (?:de )?(?:jan|feb|fév|mar|mär|apr|avr|may|mai|jun|juin|jul|aug|aoû|sep|oct|okt|nov|dec|dez|déc|dic|ene|abr|ago)|\b(?:ago|today|yesterday|heute|gestern|hier|ayer|hoy)\b)"};
    Pattern m_doneBy{
        R"((?:^|[\s(])(?:by|von|par|por) ([a-z][a-z\d]*[._\-]?[a-z\d]{3,30}|[A-Z]{4,12}\d{0,3})(?:$|[,;)·|]| (?:on|at|since|am|um|seit|le|à|depuis|el|a|desde) ))"};
    Pattern m_commented{
        R"(^([a-z][a-z\d]{2,20}(?:[._\-][a-z\d]{1,20})?) (?:[·•] ?)?(?i:\d{1,3} ?(?:s|sec|m|min|h|hrs?|d|days?|w|Std\.?|Tage?n?|j|jours?|días?)(?: ago)?)$)"};
    Pattern m_handle{
        R"RX((?:^|[\s("'“”„«‘>])(@([\p{L}\d][\p{L}\d._\-][\p{L}\d._\-]+[\p{L}\d]))(?:$|[\s,:;.!?)"'“”»’<]))RX"};
    Pattern m_path{
        R"((?i)(?:/home/|/Users/|\b[A-Z]:[\\/]+Users[\\/]+|\\(?:users|homes?|profiles?|benutzer)\$?\\|/var/mail/)([A-Za-z0-9][A-Za-z0-9._\-]{1,31}))"};
    Pattern m_inAddress{R"((?i)[a-z][a-z0-9+.\-]+://([^\s/:@]{2,40}):[^\s/@]{2,}@)"};
    Pattern m_assigned{
        R"((?i)(?:\b|_)(?:user(?:name|id)?|login|logname|uid|account_name|actor|acct|principal|[rsd]user|benutzer|utilisateur|usuario)["']?\s?[=:]\s?["']?([A-Za-z][A-Za-z0-9._\-]{1,31})(?:$|[^@\w]))"};
    Pattern m_spoken{
        R"((?i)\b(?:user|login|benutzer|utilisateur|usuario|as user|su -|sudo -u|ssh -l)\s([a-z][a-z0-9._\-]{2,31}(?:\\[a-z0-9._\-]{2,31})?)\b)"};
    // "The login for the portal is …", "sign in as …", "Benutzername lautet …".
    Pattern m_told{
        R"((?i)\b(?:(?:login|user ?name|user ?id|user|benutzer(?:name)?|anmeldename|identifiant|usuario)(?: (?:for|of|to|für|zum|pour|de|para)(?: [^\s\d:=]+){1,5})?(?:\s?[:=]\s?| (?:is|was|ist|war|lautet|est|es|era):? )|(?:log(?:ged)?|sign(?:ed)?)[ \-]?(?:in|on) (?:as|with) |anmelden (?:als|mit) )["'“„«]?([\p{L}][\p{L}\d._\-]{1,30}[\p{L}\d])(?:$|[^@\p{L}\d]))"};
    Pattern m_host =
        Pattern::ofWords(R"(\S+[.](?:<<no word>>|<<a word as well>>))", QStringLiteral("words/domain-endings.txt"));
    Pattern m_small{R"([a-z][a-z\d]*[._\-]?[a-z\d]{3,30})"};
    Pattern m_form{R"([A-Za-z][A-Za-z0-9._\-\\]{2,40})"};
    QRegularExpression m_letter{QStringLiteral("\\p{L}")};
    Pattern m_oneWord{R"([\p{L}\d]+[^\s@/()\[\]]+[\p{L}\d]+)"};
};

} // namespace

std::unique_ptr<Detector> makeUsernameDetector() {
    return std::make_unique<UsernameDetector>();
}

} // namespace eyelid
