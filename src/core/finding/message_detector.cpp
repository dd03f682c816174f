// Records of messages that machines exchange, by their standards: which field of which segment holds what is data
// (data/words/messages.txt). HL7 version 2 ("PID|1||…|Surname^Given|"), UN/EDIFACT ("NAD+BY+++Name+Street+Town'"), LDIF
// ("sn: Surname"); and lines of files of accounts (passwd(5), shadow(5), htpasswd, .pgpass), names in certificates
// (RFC 4514) and bookings of flights.
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "finding/system_users.h"

#include <algorithm>
#include <QHash>
#include <QRegularExpression>

namespace eyelid {
namespace {

struct Field {
    int field = 0, part = 0; ///< counted from one; part 0: the whole field
    Kind kind = Kind::Record;
};

struct Signs {
    QChar field, part, end; ///< between fields, between a field's parts, at the end of a segment
};
constexpr Signs hl7{u'|', u'^', u'\0'}, edifact{u'+', u':', u'\''}, ldif{u':', u'\0', u'\0'};

struct Segment {
    Signs signs;
    std::vector<Field> fields;
};

const QHash<QString, Segment>& segments() {
    static const QHash<QString, Segment> all = [] {
        QHash<QString, Segment> read;
        for (const QString& line : shippedLines(QStringLiteral("words/messages.txt"))) {
            const QStringList words = line.split(u'\t');
            if (line.startsWith(u'#') || words.size() != 4) continue;
            const auto kind = kindFromName(words[3]);
            if (!kind) qFatal("a list of messages names an unknown kind");
            Segment& segment = read[words[1]];
            segment.signs = words[0] == u"hl7" ? hl7 : words[0] == u"ldif" ? ldif : edifact;
            segment.fields.push_back({words[2].section(u'.', 0, 0).toInt(), words[2].section(u'.', 1).toInt(), *kind});
        }
        return read;
    }();
    return all;
}

// The `number`th of what `sign` parts within a span; empty where there are fewer.
Span partOf(const QString& text, Span span, QChar sign, int number) {
    for (int i = 1;; ++i) {
        const qsizetype end = text.indexOf(sign, span.start);
        const int length = end < 0 || end > span.end() ? span.length : int(end) - span.start;
        if (i == number) return {span.start, length};
        if (length == span.length) return {span.end(), 0};
        span = {span.start + length + 1, span.length - length - 1};
    }
}

class MessageDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        const auto& runs = in.screen.runs();
        const auto any = [&](const Pattern& begins) {
            return std::any_of(runs.begin(), runs.end(),
                               [&](const TextRun& run) { return in.search.found(begins, run); });
        };
        const bool entries = any(m_entry), messages = any(m_message);
        for (const TextRun& run : runs) {
            findSegment(run, entries, messages, out);
            for (const PatternMatch& m : in.search.all(m_account, run)) {
                if (!isSystemUser(m.text(run.search, 1))) add(run, m.groups[1], Kind::Username, out);
                if (m.text(run.search, 2) != m.text(run.search, 1)) add(run, m.groups[2], Kind::Person, out);
            }
            for (const Pattern* kept : {&m_connection, &m_hashed})
                for (const PatternMatch& m : in.search.all(*kept, run)) {
                    if (!isSystemUser(m.text(run.search, 1))) add(run, m.groups[1], Kind::Username, out);
                    out.push_back(
                        {Kind::Secret, &run, m.groups[2], 0.95, Tr::tr("is a password of a file of accounts"), {}});
                }
            for (const PatternMatch& m : in.search.all(m_passenger, run)) add(run, m.groups[1], Kind::Person, out);
            for (const PatternMatch& m : in.search.all(m_certified, run)) add(run, m.groups[1], Kind::Person, out);
        }
    }

private:
    // Attributes of an entry are such only where an entry's name begins one, and segments where a message begins.
    void findSegment(const TextRun& run, bool entries, bool messages, std::vector<Candidate>& out) const {
        static const QRegularExpression head(QStringLiteral("^([A-Za-z][A-Za-z\\d]{0,30})(?=[|+:])"));
        const auto m = head.match(run.text());
        const auto segment = m.hasMatch() ? segments().constFind(m.captured(1)) : segments().cend();
        if (segment == segments().cend() || run.text()[m.capturedEnd()] != segment->signs.field) return;
        // PID is also what systems number processes by.
        const bool believed = segment->signs.field == ldif.field  ? entries
                              : segment->signs.field == hl7.field ? messages || run.text().contains(hl7.part)
                                                                  : true;
        if (believed) findFields(run, *segment, int(m.capturedEnd()) + 1, out);
    }

    // From `start`, behind the segment's name and the sign after it.
    static void findFields(const TextRun& run, const Segment& segment, int start, std::vector<Candidate>& out) {
        const QString& text = run.text();
        Span body{start, int(text.size()) - start};
        if (!segment.signs.end.isNull())
            if (const qsizetype end = text.indexOf(segment.signs.end); end >= body.start)
                body.length = int(end) - body.start;
        for (const Field& field : segment.fields) {
            Span value = partOf(text, body, segment.signs.field, field.field);
            if (field.part > 0) value = partOf(text, value, segment.signs.part, field.part);
            add(run, value, field.kind, out);
        }
    }

    static void add(const TextRun& run, Span value, Kind kind, std::vector<Candidate>& out) {
        constexpr double confidence = 0.93;
        const QString& text = run.text();
        while (value.length > 0 && !text[value.start].isLetterOrNumber() && text[value.start] != u'+')
            value = {value.start + 1, value.length - 1};
        while (value.length > 0 && !text[value.end() - 1].isLetterOrNumber()) --value.length;
        if (value.length > 1)
            out.push_back({kind, &run, value, confidence, Tr::tr("stands where a standard of messages has it"), {}});
    }

    Pattern m_message{R"(^MSH\|)"};
    Pattern m_entry{R"((?i)^dn: ?(?:uid|cn|ou)=)"};
    Pattern m_account{R"(^([A-Za-z_][A-Za-z0-9_.\-]{0,31}):[x*!]?:\d{1,6}:\d{1,6}:([^:,]*)[^:]*:/)"};
    // host:port:database:user:password (PostgreSQL, "The Password File"); user:$id$salt$hash (crypt(5)).
    Pattern m_connection{R"(^[\w.*\-]+:(?:\d{3,5}|\*):[^:\s]+:([\w.\-]{1,63}):(\S+)$)"};
    Pattern m_hashed{R"(^([A-Za-z_][\w.\-]{0,63}):(\$(?:apr1|2[abxy]|1|5|6|7|y|gy)\$[^:\s]{8,}))"};
    // "1.1HETTINGER/OBIE MRS", as reservations are shown (IATA Passenger and Airport Data Interchange Standards).
    Pattern m_passenger{
        R"((?:^|[\s.]\d{1,2}|\s)([A-Z0][A-Z0\-]+/[A-Z0][A-Z0 \-]+?) ?(?:MR|MRS|MS|MISS|MSTR|CHD|INF|DR)(?:$|[\s(*/]))"};
    Pattern m_certified{
        R"((?:^|[,/\s])CN ?= ?(\p{Lu}[\p{L}'’.\-]+(?: [\p{L}'’.\-]+){0,2} \p{Lu}[\p{L}'’.\-]+)/(?:emailAddress|E|Email|UID)\b)"};
};

} // namespace

std::unique_ptr<Detector> makeMessageDetector() {
    return std::make_unique<MessageDetector>();
}

} // namespace eyelid
