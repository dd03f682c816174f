// Payment card numbers (ISO/IEC 7812-1): 13 to 19 digits, alone or in groups, with the Luhn check digit.
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/detector.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

class CardDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            std::vector<Span> spans;
            for (const PatternMatch& m : in.search.all(m_number, run)) spans.push_back(m.groups[1]);
            // Of two beside each other, which are as one too long, each by its groups.
            for (const PatternMatch& m : in.search.all(m_besideAnother, run)) spans.push_back(m.groups[1]);
            for (const Span& span : spans) {
                if (!counts(run, span)) continue;
                QString digits;
                int misread = 0;
                const QString raw = run.text().mid(span.start, span.length);
                for (const QChar c : digitsRestored(raw))
                    if (c.isDigit()) digits += c;
                for (const QChar c : raw) misread += c.isLetter();
                if (digits.size() < 13 || digits.size() > 19 || misread > 3) continue;
                // Issuer ranges in use begin with 2 to 6; anything else is some other long number.
                const bool issued = digits[0] >= QLatin1Char('2') && digits[0] <= QLatin1Char('6');
                const LabelledValue* label = labelFor(in.screen, run, span, Kind::Card);
                const bool grouped = m_groups.matchesWhole(digitsRestored(raw));
                const auto add = [&](double confidence, const QString& reason) {
                    out.push_back({Kind::Card, &run, span, confidence, reason, digits});
                };
                if (luhnHolds(digits) && issued)
                    add(misread ? 0.9 : 0.97, Tr::tr("is a card number: its check digit (Luhn) holds"));
                else if (label)
                    add(0.8,
                        Tr::tr("%1 and is as long as a card number; its check digit does not hold, perhaps misread")
                            .arg(label->because()));
                else if (grouped && issued && digits.size() >= 15)
                    add(0.65, Tr::tr("is grouped like a card number; its check digit does not hold, perhaps misread"));
            }
        });
    }

private:
    Pattern m_number{R"((?:^|[^\w\-.])([\dOlISB](?:[ \-]?[\dOlISB]){12,22})(?:$|[^\w\-]))"};
    Pattern m_besideAnother{
        R"((?:^|[^\w\-.])(\d{4}[ \-]\d{4}[ \-]\d{4}[ \-]\d{4}|\d{4}[ \-]\d{6}[ \-]\d{5})(?:$|[^\w\-]))"};
    Pattern m_groups{R"(\d{4}[ \-]\d{4}[ \-]\d{4}[ \-]\d{4}|\d{4}[ \-]\d{6}[ \-]\d{5})"};
};

} // namespace

std::unique_ptr<Detector> makeCardDetector() {
    return std::make_unique<CardDetector>();
}

} // namespace eyelid
