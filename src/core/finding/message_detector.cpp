// Records of messages that machines exchange, by their standards: which field of which segment holds what is data
// (data/words/messages.txt). HL7 version 2 ("PID|1||…|Surname^Given|"), UN/EDIFACT ("NAD+BY+++Name+Street+Town'").
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"

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
constexpr Signs hl7{u'|', u'^', u'\0'}, edifact{u'+', u':', u'\''};

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
            segment.signs = words[0] == u"hl7" ? hl7 : edifact;
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
        static const QRegularExpression head(QStringLiteral("^([A-Z][A-Z\\d]{2})(?=[|+])"));
        for (const TextRun& run : in.screen.runs()) {
            const auto m = head.match(run.text());
            const auto segment = m.hasMatch() ? segments().constFind(m.captured(1)) : segments().cend();
            if (segment == segments().cend() || run.text()[m.capturedEnd()] != segment->signs.field) continue;
            findFields(run, *segment, out);
        }
    }

private:
    static void findFields(const TextRun& run, const Segment& segment, std::vector<Candidate>& out) {
        const QString& text = run.text();
        constexpr int nameLength = 3;
        Span body{nameLength + 1, int(text.size()) - nameLength - 1};
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
};

} // namespace

std::unique_ptr<Detector> makeMessageDetector() {
    return std::make_unique<MessageDetector>();
}

} // namespace eyelid
