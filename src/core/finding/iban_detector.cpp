// International bank account numbers (ISO 13616), with or without spaces.
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/detector.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

class IbanDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            for (const PatternMatch& m : in.search.all(m_start, run)) read(in, run, m.groups[1].start, out);
        });
    }

private:
    // Takes as many letters and digits as the country's IBANs have, spaces and what parts them aside.
    void read(const Surroundings& in, const TextRun& run, int start, std::vector<Candidate>& out) const {
        QString country = run.text().mid(start, 2).toUpper();
        country.replace(QLatin1Char('0'), QLatin1Char('O'))
            .replace(QLatin1Char('1'), QLatin1Char('I'))
            .replace(QLatin1Char('5'), QLatin1Char('S'))
            .replace(QLatin1Char('8'), QLatin1Char('B'));
        const int length = ibanLength(country);
        if (length == 0) return;
        QString value;
        int end = start, gap = 0;
        for (int i = start; i < run.text().size() && value.size() < length; ++i) {
            const QChar c = run.text()[i];
            if (QStringLiteral(" .-").contains(c)) { // a speck may be read as a stop
                if (++gap > 1) break;
                continue;
            }
            if (!c.isLetterOrNumber() || c.unicode() > 127) break;
            gap = 0;
            value += c.toUpper();
            end = i + 1;
        }
        const int missing = length - int(value.size());
        const LabelledValue* label = labelFor(in.screen, run, {start, end - start}, Kind::Iban);
        if (missing > (label ? 3 : 0) || value.size() < 12) return;
        // What follows directly belongs to it, or this is no IBAN.
        while (end < run.text().size() && end != run.joint && run.text()[end].isLetterOrNumber()) {
            if (!label) return;
            ++end;
        }
        const Span span{start, end - start};
        if (!counts(run, span)) return;
        value = country + digitsRestored(value.mid(2, 2)) + value.mid(4);
        QString key = value;
        bool holds = ibanHolds(value);
        if (!holds) {
            // O for 0 and the like in the digits.
            const QString restored = value.left(4) + digitsRestored(value.mid(4));
            QString bank = value.left(8) + digitsRestored(value.mid(8));
            for (const QString& other : {restored, bank})
                if (!holds && ibanHolds(other)) {
                    holds = true;
                    key = other;
                }
        }
        int digits = 0;
        for (const QChar c : value) digits += c.isDigit();
        if (holds)
            out.push_back({Kind::Iban, &run, span, 0.98,
                           Tr::tr("is an IBAN: its country's length and its check digits (mod 97) hold"), key});
        else if (label)
            out.push_back({Kind::Iban, &run, span, 0.85,
                           Tr::tr("%1; its check digits do not hold, perhaps misread").arg(label->because()), key});
        else if (digits * 2 >= value.size())
            out.push_back({Kind::Iban, &run, span, 0.7,
                           Tr::tr("has the form of an IBAN; its check digits do not hold, perhaps misread"), key});
    }

    Pattern m_start{R"((?:^|[^\w])([A-Z015][A-Z015]\.?[\dOISB]{2} ?[A-Z\dl]))"};
};

} // namespace

std::unique_ptr<Detector> makeIbanDetector() {
    return std::make_unique<IbanDetector>();
}

} // namespace eyelid
