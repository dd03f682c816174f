// Numbers under which somebody is kept (customer, patient, member, case), and dates that are no dates of birth. Most
// screens are full of both, so only policies that ask for them look: the health policy does (45 CFR 164.514(b)(2)).
#include "base/sentence.h"
#include "finding/detector.h"

#include <QRegularExpression>

namespace eyelid {
namespace {

class RecordDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        // A file's number, and one that somebody bears: that names them wherever it stands.
        constexpr double ofSomething = 0.85, ofSomebody = 0.92;
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Record) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            for (const PatternMatch& m : m_number.all(text)) {
                const QString number = m.text(text);
                int digits = 0;
                for (const QChar c : number) digits += c.isDigit();
                if (digits < 3 || number.size() > 24) continue;
                out.push_back({Kind::Record,
                               &run,
                               withLetters(run.text(), value.span, m.groups[0]),
                               namesSomebodysNumber(value.label) ? ofSomebody : ofSomething,
                               value.because(),
                               {}});
                break;
            }
        }
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_date, run))
                out.push_back({Kind::Date, &run, m.groups[1], 0.8, Tr::tr("is a date"), {}});
            for (const PatternMatch& m : in.search.all(m_age, run))
                out.push_back({Kind::Date,
                               &run,
                               m.groups[m.groups[1].start >= 0 ? 1 : 2],
                               0.75,
                               Tr::tr("tells somebody's age"),
                               {}});
        }
    }

private:
    // "LMW-DD-0044": the letters that signs join to it are part of it.
    static Span withLetters(const QString& text, const Span& value, const Span& number) {
        static const QRegularExpression letters(QStringLiteral("(?:[A-Za-z]{1,6}[-/.])+$"));
        const auto m = letters.match(text.mid(value.start, number.start));
        const int more = m.hasMatch() ? int(m.capturedLength()) : 0;
        return {value.start + number.start - more, number.length + more};
    }

    Pattern m_number{R"([A-Z0-9][A-Za-z0-9]*(?:[\-/. ]?[A-Z0-9]*\d[A-Za-z0-9]*){0,5})"};
    Pattern m_date{
        R"RX((?i)(?:^|[^\w./\-])(\d{1,2}[./\-]\d{1,2}[./\-](?:19|20)?\d{2}|(?:19|20)\d{2}-\d{2}-\d{2}|\d{1,2}(?:st|nd|rd|th|\.)? (?:de )?(?:jan|feb|mar|mär|apr|may|mai|jun|jul|aug|sep|oct|okt|nov|dec|dez|ene|abr|ago|dic|janv|fév|fev|avr|juin|juil|août|aout|déc|enero|febrero|marzo|mayo)[a-zéû]{0,7}\.?(?: (?:de )?(?:19|20)\d{2})?|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]{0,6}\.? \d{1,2}(?:st|nd|rd|th)?(?:,? (?:19|20)\d{2})?)(?:$|[^\w/\-]))RX"};
    Pattern m_age{
        R"((?i)\b(?:aged?:?|alter:?|âgée? de|edad:?) (\d{1,3})(?: (?:years|yrs|jahre|ans|años))?\b|\b(\d{1,3})[ \-](?:years?[ \-]old|jahre alt|ans\b|años\b))"};
};

} // namespace

std::unique_ptr<Detector> makeRecordDetector() {
    return std::make_unique<RecordDetector>();
}

} // namespace eyelid
