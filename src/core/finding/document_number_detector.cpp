// Bank account, passport and licence numbers: no form tells them, so a label or heading must.
#include "finding/confusables.h"
#include "finding/detector.h"

namespace eyelid {
namespace {

class DocumentNumberDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Account && value.kind != Kind::Passport) continue;
            const Run& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            for (const PatternMatch& m : m_number.all(text)) {
                int digits = 0, characters = 0;
                for (const QChar c : digitsRestored(m.text(text))) {
                    digits += c.isDigit();
                    characters += c.isLetterOrNumber();
                }
                const bool fits = value.kind == Kind::Account ? digits >= 5 && characters <= 20
                                                              : digits >= 4 && characters >= 6 && characters <= 20;
                if (!fits) continue;
                out.push_back({value.kind,
                               &run,
                               {value.span.start + m.groups[0].start, m.groups[0].length},
                               0.85,
                               value.because(),
                               {}});
                if (value.kind == Kind::Passport) break;
            }
        }
        // "Sort code 00-00-00, account 00000000" within a sentence.
        for (const Run& run : in.screen.runs()) {
            for (const PatternMatch& m : m_spokenAccount.all(run.search))
                out.push_back(
                    {Kind::Account, &run, m.groups[1], 0.85, QStringLiteral("follows words for a bank account"), {}});
            for (const PatternMatch& m : m_spokenPassport.all(run.search))
                out.push_back({Kind::Passport,
                               &run,
                               m.groups[1],
                               0.85,
                               QStringLiteral("follows a word for passport or licence"),
                               {}});
        }
    }

private:
    Pattern m_number{R"([$§A-Z0-9][A-Za-z0-9]*(?:[ \-/.]?[A-Z0-9]*\d[A-Za-z0-9]*){0,6})"};
    Pattern m_spokenAccount{
        R"((?i)\b(?:sort code|account (?:no\.?|number)|acct\.?(?: no\.?)?|routing (?:no\.?|number)|kontonummer|konto-nr\.?|BLZ|Bankleitzahl)[\s:#]{1,3}(\d[\d \-]{4,14}\d))"};
    Pattern m_spokenPassport{
        R"((?i)\b(?:passport|reisepass|passeport|pasaporte|driving licen[cs]e|driver'?s licen[cs]e|führerschein)(?: (?:no\.?|number|nr\.?|n°))?[\s:#]{1,3}([A-Z0-9]*\d[A-Z0-9]{5,17}))"};
};

} // namespace

std::unique_ptr<Detector> makeDocumentNumberDetector() {
    return std::make_unique<DocumentNumberDetector>();
}

} // namespace eyelid
