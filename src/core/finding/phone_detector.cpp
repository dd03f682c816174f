// Phone numbers: candidates by form, judged by libphonenumber for the regions screens most often come from.
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/dates.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <phonenumbers/phonenumberutil.h>
#include <QRegularExpression>

namespace eyelid {
namespace {

using i18n::phonenumbers::PhoneNumber;
using i18n::phonenumbers::PhoneNumberUtil;

class PhoneDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            for (const PatternMatch& m : in.search.all(m_candidate, run)) {
                const Span span = withoutAmount(run.text(), m.groups[1]);
                if (!counts(run, span)) continue;
                judge(in, run, span, out);
            }
            findBesideAnother(in, run, out);
        });
        findLabelled(in, out);
    }

private:
    // "01632 960871 01632 960233": two, which are as one too long.
    void findBesideAnother(const Surroundings& in, const TextRun& run, std::vector<Candidate>& out) const {
        for (const PatternMatch& first : in.search.all(m_besideAnother, run)) {
            if (counts(run, first.groups[1])) judge(in, run, first.groups[1], out);
            const int from = first.groups[1].end();
            for (const PatternMatch& m : m_candidate.all(SearchText(run.text().mid(from)))) {
                const Span span{from + m.groups[1].start, m.groups[1].length};
                if (counts(run, span)) judge(in, run, span, out);
            }
        }
    }

    enum class Verdict { No, Possible, Valid };

    // "+53703184502 19 min": what a word for a unit stands behind is an amount.
    static Span withoutAmount(const QString& line, Span number) {
        static const QRegularExpression amount(QStringLiteral(" \\d{1,3} ?$"));
        static const QRegularExpression unit(QStringLiteral("^ ?(?:min|sec|km|kg|l/s|bar|kWh)\\b"));
        const auto m = amount.match(line.mid(number.start, number.length));
        if (m.hasMatch() && unit.match(line.mid(number.end())).hasMatch()) number.length = int(m.capturedStart());
        return number;
    }

    static Verdict ask(const QString& text) {
        static const char* const regions[] = {"GB", "US", "DE", "FR", "ES", "NL"};
        const auto& util = *PhoneNumberUtil::GetInstance();
        Verdict best = Verdict::No;
        for (const char* region : regions) {
            PhoneNumber number;
            if (util.Parse(text.toStdString(), region, &number) != PhoneNumberUtil::NO_PARSING_ERROR) continue;
            if (util.IsValidNumber(number)) return Verdict::Valid;
            if (util.IsPossibleNumber(number)) best = Verdict::Possible;
            if (text.startsWith(QLatin1Char('+'))) break; // says its country itself
        }
        return best;
    }

    // Whether what stands right before makes it a piece of something longer: a key, a path, an amount, a version. The
    // value of a key ("to=+447700900123") is none where its form tells.
    static bool isPieceBehind(const QString& before, const QString& number) {
        if (before.isEmpty()) return false;
        const bool ofKey = number.startsWith(u'+') && QStringLiteral("=:").contains(before.back());
        return !ofKey && (before.back().isLetterOrNumber() || QStringLiteral(".-_/=#:£$€").contains(before.back()));
    }

    void judge(const Surroundings& in, const TextRun& run, const Span& span, std::vector<Candidate>& out) const {
        const QString raw = run.text().mid(span.start, span.length);
        const QString before = run.text().left(span.start), after = run.text().mid(span.end());
        const LabelledValue* label = labelFor(in.screen, run, span, Kind::Phone);
        if (!label && isPieceBehind(before, raw)) return;
        if (!after.isEmpty() &&
            (after.front().isLetterOrNumber() || QStringLiteral("-_/:@%£$€").contains(after.front())))
            return;
        // Behind a sentence's end the next line's "4. Tomorrow …" counts.
        if (run.second >= 0 && run.text()[run.joint - 1] == u'.' &&
            m_counts.found(SearchText(run.text().mid(run.joint))))
            return;
        const QString text = digitsRestored(raw);
        if (isWrittenAsDate(raw)) return;
        if (!label && isPeriod(text.trimmed())) return; // "2018 - 2023" may be dialled where a label says so
        if (!label && m_grouped.matchesWhole(text.trimmed()) && !nationalSpanish(in, run, span, text.trimmed())) return;
        int digits = 0;
        for (const QChar c : text) digits += c.isDigit();
        if (isOfNoughts(text)) return;
        if (digits < 7 || digits > 15) return;
        const bool international = text.startsWith(QLatin1Char('+')) || text.startsWith(QStringLiteral("00"));
        const bool trunk = text.startsWith(QLatin1Char('0')) || text.startsWith(QStringLiteral("(0"));
        const bool punctuated = m_northAmerican.matchesWhole(text);
        // Asking costs the most, and without one of these nothing comes of it.
        const bool asSpanish = !label && nationalSpanish(in, run, span, text.trimmed());
        if (!label && !international && !(trunk && digits >= 9) && !punctuated && !asSpanish) return;
        const Verdict verdict = ask(text.startsWith(QStringLiteral("00")) ? QStringLiteral("+") + text.mid(2) : text);
        QString key;
        for (const QChar c : text)
            if (c.isDigit()) key += c;
        const auto add = [&](double confidence, const QString& reason) {
            out.push_back({Kind::Phone, &run, span, confidence, reason, key.right(9)});
        };
        if (label && verdict != Verdict::No)
            add(0.97, Tr::tr("%1 and can be dialled").arg(label->because()));
        else if (label && digits >= 7)
            add(0.75, Tr::tr("%1 and has the form of a phone number").arg(label->because()));
        else if (verdict == Verdict::Valid && (international || (trunk && digits >= 9) || punctuated))
            add(0.93, Tr::tr("is a valid phone number"));
        else if (international && digits >= 9)
            add(0.8, Tr::tr("starts like an international phone number"));
        else if (verdict == Verdict::Possible && trunk && digits >= 9)
            add(0.7, Tr::tr("has a phone number's length and leading zero"));
        else if (verdict == Verdict::Valid && asSpanish)
            add(0.7, Tr::tr("is a valid Spanish phone number and stands where one is written"));
        else if (punctuated)
            add(0.75, Tr::tr("has the form of a North American phone number"));
    }

    // Also where letters are read in it, and where the edge of a cover beside it is read as one.
    bool isWrittenAsDate(const QString& raw) const {
        const QString text = raw.trimmed(), figures = digitsRestored(text);
        return m_date.matchesWhole(figures) || (text.front().isLetter() && m_date.matchesWhole(figures.mid(1)));
    }

    // What a label announces is one, though nobody could dial it.
    void findLabelled(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Phone || value.how == LabelledValue::How::Heading) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            for (const PatternMatch& m : m_announced.all(text)) {
                const QString number = m.text(text);
                const auto digits = std::count_if(number.begin(), number.end(), [](QChar c) { return c.isDigit(); });
                constexpr int fewest = 5, most = 18;
                if (digits < fewest || digits > most || isOfNoughts(number)) continue;
                if (m_date.matchesWhole(number.trimmed())) continue;
                const Span span{value.span.start + m.groups[0].start, m.groups[0].length};
                out.push_back({Kind::Phone, &run, span, 0.72, value.because(), {}});
                break;
            }
        }
    }

    // Written without anything before it: only beside a mail address, or alone on a line of a Spanish page.
    bool nationalSpanish(const Surroundings& in, const TextRun& run, const Span& span, const QString& text) const {
        if (!m_spanish.matchesWhole(text)) return false;
        const bool alone = span.length + 4 >= run.text().size();
        return in.screen.nearMail(run.line) || (alone && in.screen.language() == QLatin1String("spa"));
    }

    Pattern m_spanish{R"([6-9]\d{2} ?\d{3} ?\d{3}|[89]\d ?\d{3} ?\d{2} ?\d{2}|[6-9]\d{2} ?\d{2} ?\d{2} ?\d{2})"};
    Pattern m_counts{R"(^\d{1,2}[.)] ?\p{L})"};
    Pattern m_grouped{R"(\d{1,3}(?:[ .]\d{3}){2,})"};
    Pattern m_announced{R"(^[ :#]{0,3}(?:\+ ?)?\(?\d(?:[ ()./\-–]{0,3}\d){4,17})"};
    // From the start of a word: the l of "tel." is no one.
    Pattern m_candidate{
        R"((?:^|[^\p{L}\d])((?:\+ )?[+(]{0,2}[\dOlI@](?:[\dOlISB@]|[ ()./\-–]{1,3}[\dOlISB@(]){6,18}))"};
    Pattern m_besideAnother{R"((?:^|[^\p{L}\d])((?:\+\d|\(?0)[\d ()./\-–]{7,17}?\d) (?:\+\d|\(?0)\d)"};
    Pattern m_northAmerican{R"((?:\+?1[ .\-]?)?(?:\(\d{3}\) ?|\d{3}[ .\-])\d{3}[ .\-]\d{4})"};
    Pattern m_date{
        R"(\d{4}[\-./]\d{1,2}[\-./]\d{1,2}(?:\D.*)?|\d{1,2}[\-./]\d{1,2}[\-./](?:\d{2}|\d{4})(?:[^\d./\-].*)?|\d{1,3}(?:\.\d{1,3}){3})"};
};

} // namespace

std::unique_ptr<Detector> makePhoneDetector() {
    return std::make_unique<PhoneDetector>();
}

} // namespace eyelid
