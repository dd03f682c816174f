// Bank account, passport and licence numbers: no form tells them, so a label or heading must.
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/dates.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

class DocumentNumberDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Account && value.kind != Kind::Passport) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            // "Account" stands in menus and over much; after it on its line comes its number, and in a column all are
            // numbers.
            if (value.label == QLatin1String("account") && value.how != LabelledValue::How::Inside &&
                !(value.how == LabelledValue::How::Heading && headsNumbers(in.screen, value)))
                continue;
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            // So does "Document", of papers of all sorts: what it announces must be written as those of travellers are.
            const bool anyPaper = m_anyPaper.matchesWhole(value.label);
            for (const PatternMatch& m : m_number.all(text)) {
                int digits = 0, characters = 0;
                for (const QChar c : digitsRestored(m.text(text))) {
                    digits += c.isDigit();
                    characters += c.isLetterOrNumber();
                }
                // Letters may be misread figures, but not all of them: "NOTIFICATIONS" is no number.
                const QString number = m.text(text);
                const auto read = std::count_if(number.begin(), number.end(), [](QChar c) { return c.isDigit(); });
                if (2 * read < digits || m_month.found(SearchText(number))) continue;
                if (anyPaper && !m_ofTraveller.matchesWhole(number)) continue;
                if (isDate(number) && !mayBeSortCode(value.kind, number)) continue;
                const bool fits = value.kind == Kind::Account ? digits >= 5 && characters <= 20
                                                              : digits >= 4 && characters >= 6 && characters <= 20;
                if (!fits) continue;
                const bool routing = value.kind == Kind::Account && abaRoutingHolds(digitsRestored(m.text(text)));
                out.push_back({value.kind,
                               &run,
                               wholeWord(run.text(), value.span, m.groups[0]),
                               routing ? 0.92 : 0.85,
                               routing
                                   ? Tr::tr("%1 and is a US routing number: its check digit holds").arg(value.because())
                                   : value.because(),
                               {}});
                if (value.kind == Kind::Passport) break;
            }
        }
        for (const TextRun& run : in.screen.runs()) findZone(in, run, out);
    }

private:
    // Whether all cells under a value's heading are numbers, three of them at least.
    bool headsNumbers(const ScreenText& screen, const LabelledValue& value) const {
        constexpr int fewest = 3;
        int cells = 0;
        for (const LabelledValue& other : screen.labelled()) {
            if (other.kind != value.kind || other.how != value.how || other.label != value.label) continue;
            if (!m_number.matchesWhole(screen.runs()[size_t(other.run)].text())) return false;
            ++cells;
        }
        return cells >= fewest;
    }

    // "10-08-12" is written as a date is.
    static bool mayBeSortCode(Kind kind, const QString& number) {
        static const QRegularExpression sortCode(QStringLiteral("^\\d{2}-\\d{2}-\\d{2}$"));
        return kind == Kind::Account && sortCode.match(number).hasMatch();
    }

    // `number` within `value`, with the letters it goes on from: "x72464669".
    static Span wholeWord(const QString& text, const Span& value, const Span& number) {
        Span span{value.start + number.start, number.length};
        while (span.start > value.start && text[span.start - 1].isLetterOrNumber()) {
            --span.start;
            ++span.length;
        }
        return span;
    }

    // Machine-readable zones of passports, visas and identity cards (ICAO Doc 9303): 44, 36 or 30 characters a line.
    void findZone(const Surroundings& in, const TextRun& run, std::vector<Candidate>& out) const {
        for (const PatternMatch& m : in.search.all(m_zone, run)) {
            QString zone = m.text(run.search, 1).toUpper();
            zone.remove(u' ');
            zone.replace(QChar(0xab), QStringLiteral("<<"));
            if (zone.size() < 28 || zone.size() > 46) continue;
            const auto digits = [](const QString& text) { return digitsRestored(text); };
            const bool second = zone.size() >= 28 &&
                                (mrzFieldHolds(zone.left(9), digits(zone.mid(9, 1))[0]) ||
                                 mrzFieldHolds(digits(zone.left(6)), digits(zone.mid(6, 1))[0])) &&
                                mrzFieldHolds(digits(zone.mid(13, 6)), digits(zone.mid(19, 1))[0]);
            const bool names = zone.contains(QLatin1String("<<")) && zone.count(u'<') >= 4;
            const bool opens = names && QStringLiteral("PIACV").contains(zone[0]);
            if (second)
                out.push_back({Kind::Passport,
                               &run,
                               m.groups[1],
                               0.97,
                               Tr::tr("is a line of a machine-readable zone: its check digits hold"),
                               {}});
            else if (names || opens)
                out.push_back({Kind::Passport,
                               &run,
                               m.groups[1],
                               0.9,
                               Tr::tr("has the form of a line of a machine-readable zone"),
                               {}});
        }
    }

    Pattern m_zone{R"((?:^|\s)([A-Z0-9<«][A-Za-z0-9<« ]*<[A-Za-z0-9<« ]*)(?:$|\s))"};
    Pattern m_anyPaper{"document|dokument|documento"};
    Pattern m_ofTraveller{R"([A-Z]{1,3}\d{6,8}|\d{2}[A-Z]{2}\d{5}|\d{8}[A-Z]|[CFGHJKLMNPRTVWXYZ0-9]{9})"};
    Pattern m_month{R"(^\p{Lu}\p{Ll}{2,9} (?:19|20)\d\d$)"}; // "December 2024"
    Pattern m_number{R"([$§A-Z0-9][A-Za-z0-9]*(?:[ \-/.]?[A-Z0-9]*\d[A-Za-z0-9]*){0,6})"};
};

} // namespace

std::unique_ptr<Detector> makeDocumentNumberDetector() {
    return std::make_unique<DocumentNumberDetector>();
}

} // namespace eyelid
