// Vehicle plates: the current British form on its own, the French one, and the German one where the page tells of
// vehicles; German and Spanish forms, and anything of a plate's shape, by a label or heading.
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <optional>
#include <QRegularExpression>

namespace eyelid {
namespace {

class PlateDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_british, run))
                out.push_back({Kind::Plate, &run, m.groups[1], 0.85, Tr::tr("has the form of a British number plate"),
                               key(m.text(run.search, 1))});
            for (const PatternMatch& m : in.search.all(m_britishClose, run))
                out.push_back({Kind::Plate, &run, m.groups[1], 0.7,
                               Tr::tr("has the form of a British number plate, its space lost"),
                               key(m.text(run.search, 1))});
            for (const PatternMatch& m : in.search.all(m_french, run))
                out.push_back({Kind::Plate, &run, m.groups[1], 0.75, Tr::tr("has the form of a French number plate"),
                               key(m.text(run.search, 1))});
        }
        findGerman(in, out);
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Plate) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            const std::vector<PatternMatch> whole = m_whole.all(text);
            for (const PatternMatch& m : whole.empty() ? m_any.all(text) : whole) {
                const QString plate = m.text(text);
                int letters = 0, digits = 0;
                for (const QChar c : plate) {
                    letters += c.isLetter();
                    digits += c.isDigit();
                }
                if (letters < 1 || digits < 1 || letters + digits < 5 || letters + digits > 8) continue;
                out.push_back({Kind::Plate,
                               &run,
                               {value.span.start + m.groups[0].start, m.groups[0].length},
                               0.85,
                               Tr::tr("%1 and looks like a number plate").arg(value.because()),
                               key(plate)});
                break;
            }
        }
    }

private:
    // Letters, letters and figures are much else as well: only where a word on the page speaks of vehicles.
    static bool tellsOfTraffic(const ScreenText& screen) {
        static const QSet<QString> words = shippedWords(QStringLiteral("words/traffic.txt"));
        for (const TextRun& run : screen.runs()) {
            const QString text =
                u' ' + withoutAccents(run.text()).toLower().replace(s_between, QStringLiteral(" ")) + u' ';
            for (const QString& word : words)
                if (text.contains(u' ' + word + u' ')) return true;
        }
        return false;
    }

    void findGerman(const Surroundings& in, std::vector<Candidate>& out) const {
        std::optional<bool> traffic; // looked for only where something has the form
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_german, run)) {
                if (!traffic) traffic = tellsOfTraffic(in.screen);
                if (!*traffic) return;
                out.push_back({Kind::Plate, &run, m.groups[1], 0.94,
                               Tr::tr("has the form of a German number plate, on a page that tells of vehicles"),
                               key(m.text(run.search, 1))});
            }
    }

    static inline const QRegularExpression s_between{QStringLiteral("[^\\p{L}\\d/]+")};
    Pattern m_german{R"((?:^|[^\w\-])([A-ZÄÖÜ]{1,3}[ \-][A-Z]{1,2} ?\d{1,4}[EH]?)(?:$|[^\w\-]))"};
    static QString key(const QString& plate) { return skeleton(plate); }
    Pattern m_british{R"((?:^|[^\w\-])([A-Z]{2}[\dOISZ]{2} [A-Z015]{3})(?:$|[^\w\-]))"};
    Pattern m_britishClose{
        R"((?:^|[^\w\-])([A-HJ-PR-Y][A-HJ-PR-Y](?:0[1-9]|[1267][0-9]|5[1-9])[A-HJ-PR-Z]{3})(?:$|[^\w\-]))"};
    Pattern m_french{R"((?:^|[^\w\-])([A-HJ-NP-TV-Z]{2}-\d{3}-[A-HJ-NP-TV-Z]{2})(?:$|[^\w\-]))"};
    // All of a value; letters that are written small and large alike may be read as small.
    Pattern m_whole{R"(^[A-ZÄÖÜ0-9cosuvwxz]{1,8}(?:[ \-·]{1,2}[A-Z0-9cosuvwxz]{1,5}){0,3}$)"};
    Pattern m_any{R"([A-ZÄÖÜ0-9]{1,8}(?:[ \-·]{1,2}[A-Z0-9]{1,5}){0,3})"};
};

} // namespace

std::unique_ptr<Detector> makePlateDetector() {
    return std::make_unique<PlateDetector>();
}

} // namespace eyelid
