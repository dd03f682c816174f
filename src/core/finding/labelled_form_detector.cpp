// Values that have a form, by their label alone: a misread figure breaks the form of an IBAN or a MAC address, but what
// "IBAN" announces is one all the same. So are the initials in a column headed "Handler" somebody's.
#include "finding/detector.h"
#include "language/spelling.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr double formHolds = 0.9; // of the detectors by form: with check digits, or four numbers up to 255
constexpr double misread = 0.6;   // sure enough to be open, less than anything whose form holds

// Least lengths, so that one sign in five may be lost: IBAN 15 characters (ISO 13616), cards 12 figures (ISO/IEC 7812),
// six pairs (IEEE 802), four numbers (RFC 791).
struct Form {
    Kind kind;
    int digits;     // letters that look like figures among them
    int characters; // letters and figures
};
constexpr Form forms[] = {{Kind::Iban, 8, 12}, {Kind::Card, 8, 8}, {Kind::Mac, 2, 9}, {Kind::Ip, 4, 4}};

bool isFigure(QChar c) {
    return c.isDigit();
}

// A group of an IBAN, a card or an address of the network.
bool isGroup(const QString& word) {
    if (std::any_of(word.begin(), word.end(), isFigure)) return true;
    return word.size() <= 2 || (word.size() <= 5 && word == word.toUpper());
}

// The groups a value begins with.
Span groupsOf(const QString& text, const Span& value) {
    Span span{value.start, 0};
    while (span.start < value.end() && !text[span.start].isLetterOrNumber()) ++span.start;
    for (int at = span.start; at < value.end();) {
        const qsizetype space = text.indexOf(u' ', at);
        const int end = space < 0 || space > value.end() ? value.end() : int(space);
        if (!isGroup(text.mid(at, end - at))) break;
        span.length = end - span.start;
        at = end + 1;
    }
    while (span.length > 0 && !text[span.end() - 1].isLetterOrNumber()) --span.length;
    return span;
}

// Whether what stands by itself beside or under the label is mostly figures: then it is the value, however misread.
bool isAll(const LabelledValue& value, const QString& text) {
    constexpr int longest = 42; // IBAN: 34 characters (ISO 13616) in groups of four
    if (!value.whole || value.how == LabelledValue::How::Inside || value.how == LabelledValue::How::Heading)
        return false;
    const QString all = text.mid(value.span.start, value.span.length);
    const auto figures = std::count_if(all.begin(), all.end(), isFigure);
    return all.size() <= longest && 2 * figures >= all.size() - all.count(u' ');
}

bool fits(const Form& form, const QString& text) {
    const QString restored = digitsRestored(text);
    const auto digits = std::count_if(restored.begin(), restored.end(), isFigure);
    const auto asRead = std::count_if(text.begin(), text.end(), isFigure);
    const auto characters =
        std::count_if(text.begin(), text.end(), [](QChar c) { return c.isLetterOrNumber() || c == u'?'; });
    return digits >= form.digits && 2 * asRead >= form.digits && characters >= form.characters;
}

// "registry.example/meters:18.25.7" beside "gateway": what a machine is called, though figures stand in it.
bool isHostName(const Form& form, const QString& text) {
    static const QRegularExpression notOfAddress(QStringLiteral("[G-Zg-z]"));
    constexpr int mostMisread = 3;
    return (form.kind == Kind::Ip || form.kind == Kind::Mac) && digitsRestored(text).count(notOfAddress) > mostMisread;
}

class LabelledFormDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        const size_t before = out.size();
        // What its form tells knows where it ends; what only part of it was taken for leaves the rest to be found.
        const auto isFound = [&](Kind kind, const TextRun& run, const Span& span) {
            return std::any_of(out.begin(), out.begin() + long(before), [&](const Candidate& c) {
                if (c.run->line != run.line && c.run->second != run.line) return false;
                if (c.span.start >= span.end() || span.start >= c.span.end()) return false;
                const bool all = c.span.start <= span.start && span.end() <= c.span.end();
                return (all && c.run->second < 0) || (c.kind == kind && c.confidence >= formHolds);
            });
        };
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind == Kind::Person && value.whole) addInitials(in, value, out);
            const auto* form =
                std::find_if(std::begin(forms), std::end(forms), [&](const Form& f) { return f.kind == value.kind; });
            if (form == std::end(forms)) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const Span span = isAll(value, run.text()) ? value.span : groupsOf(run.text(), value.span);
            const QString text = run.text().mid(span.start, span.length);
            if (!fits(*form, text) || isHostName(*form, text) || isFound(value.kind, run, span)) continue;
            out.push_back({value.kind, &run, span, misread, value.because(), {}});
        }
    }

private:
    // "A.M.", "J. T.": nothing else in its cell or behind its label.
    static void addInitials(const Surroundings& in, const LabelledValue& value, std::vector<Candidate>& out) {
        static const QRegularExpression initials(QStringLiteral("^\\p{Lu}\\. ?\\p{Lu}\\.?(?: ?\\p{Lu}\\.)?$"));
        const TextRun& run = in.screen.runs()[size_t(value.run)];
        if (initials.match(run.text().mid(value.span.start, value.span.length)).hasMatch())
            out.push_back({Kind::Person, &run, value.span, misread, value.because(), {}});
    }
};

} // namespace

std::unique_ptr<Detector> makeLabelledFormDetector() {
    return std::make_unique<LabelledFormDetector>();
}

} // namespace eyelid
