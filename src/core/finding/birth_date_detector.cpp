// Dates of birth: any date a label, a heading or a word beside it says is one.
#include "base/sentence.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <QRegularExpression>

namespace eyelid {
namespace {

class BirthDateDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_date, run)) {
                const Span& span = m.groups[1];
                const QString key = skeleton(m.text(run.search, 1));
                if (const LabelledValue* label = labelFor(in.screen, run, span, Kind::Dob)) {
                    out.push_back({Kind::Dob, &run, span, 0.96, Tr::tr("is a date and %1").arg(label->because()), key});
                    continue;
                }
                const QString before = run.text().left(span.start);
                if (m_born.found(SearchText(before.right(40))))
                    out.push_back({Kind::Dob, &run, span, 0.93, Tr::tr("is a date after a word for birth"), key});
                else if (m_bornAfter.found(SearchText(run.text().mid(span.end(), 20))))
                    out.push_back({Kind::Dob, &run, span, 0.85, Tr::tr("is a date before a word for birth"), key});
                else if (isAge(m_ageAfter, m.text(run.search, 1), run.text().mid(span.end(), 16)) ||
                         isAge(m_ageBefore, m.text(run.search, 1), before.right(24)))
                    out.push_back({Kind::Dob, &run, span, 0.85, Tr::tr("is a date beside the age it makes"), key});
                else if (m_sexAfter.found(SearchText(run.text().mid(span.end(), 8))))
                    out.push_back({Kind::Dob, &run, span, 0.8, Tr::tr("is a date before a letter for the sex"), key});
            }
        }
        // "born 19 May" at the end of a line and "1989" on the next, or the words on one and the date on the other.
        for (const TextRun& run : in.screen.flowing())
            for (const PatternMatch& m : in.search.all(m_date, run)) {
                const Span& span = m.groups[1];
                const bool crosses = counts(run, span), follows = span.start >= run.joint;
                const QString before = run.text().left(span.start).right(40);
                if ((!crosses && !follows) || !m_born.found(SearchText(before))) continue;
                const TextRun& second = in.screen.runs()[size_t(run.second)];
                const QString key = skeleton(m.text(run.search, 1));
                out.push_back({Kind::Dob, crosses ? &run : &second,
                               crosses ? span : Span{span.start - run.joint, span.length}, 0.93,
                               Tr::tr("is a date after a word for birth"), key});
            }
        // Figures set apart may read as words of their own: "1 5/04/1 951".
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Dob || !value.whole) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const QString text = run.text().mid(value.span.start, value.span.length);
            if (!text.contains(u' ') || !m_figures.matchesWhole(QString(text).remove(u' '))) continue;
            out.push_back({Kind::Dob, &run, value.span, 0.8, Tr::tr("is a date and %1").arg(value.because()), {}});
        }
    }

private:
    // Year and age together are a year of today, give or take a generation of screens.
    static bool isAge(const Pattern& form, const QString& date, const QString& beside) {
        constexpr int earliest = 2010, latest = 2050, youngest = 10; // fewer are as often counted
        static const QRegularExpression year(QStringLiteral("(?<!\\d)(?:19|20)\\d\\d(?!\\d)"));
        const auto born = year.match(date);
        const SearchText rest(beside);
        const auto age = form.all(rest);
        if (!born.hasMatch() || age.empty()) return false;
        const auto& groups = age.front().groups;
        const int group = groups.size() > 2 && groups[1].length <= 0 ? 2 : 1;
        const int years = age.front().text(rest, group).toInt(), told = born.captured().toInt() + years;
        return years >= youngest && told >= earliest && told <= latest;
    }

    Pattern m_figures{
        R"([\dOIl]{1,2}[./\-][\dOIl]{1,2}[./\-][12Il][\dOIl]{3}|[12Il][\dOIl]{3}-[\dOIl]{1,2}-[\dOIl]{1,2})"};
    Pattern m_date{
        R"((?i)(?:^|[^\w./\-])([\dOIl]{1,2}(?:st|nd|rd|th)?[ .\-/]{1,2}(?:[\dOIl]{1,2}|de )?[ .\-/]?(?:jan|feb|mar|apr|may|mai|jun|jul|aug|sep|oct|okt|nov|dec|dez|ene|abr|ago|dic|janv|fev|mär|avr|juin|juil|aoû|août|déc|mayo)?[a-zäûéû]{0,7}\.?[ .\-/,]{0,2}(?:de )?[12lI][\dOIlSB]{3}|[\dOIl]{1,2}[./\-][\dOIl]{1,2}[./\-][\dOIl]{2}|[12lI][\dOIlSB]{3}[\-./][\dOIl]{1,2}[\-./][\dOIl]{1,2}|(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]{0,7}\.? [\dOIl]{1,2}(?:st|nd|rd|th)?,? [12lI][\dOIlSB]{3})(?:$|[^\w/\-]))"};
    Pattern m_born{
        R"((?i)(?:\bborn(?: on)?|(?:^|[\s(,;|·])(?:b\.|\*)|date of birth|birth ?date|birthday|\bd\.?o\.?b\.?|\bgeb(?:oren|\.)?(?: am)?|geburts(?:datum|tag)|\bn[ée](?:\(e\)|e)? le|naissance|nacid[oa](?:/a)?(?: el)?|nacimiento|(?:\bborn|\bgeboren|\bn[ée]e?|\bnacid[oa]) (?:in|at|à|en|a) \p{Lu}[\p{L}'’\-]+(?: \p{Lu}[\p{L}'’\-]+){0,2},?(?: on| am| le| el)?)(?: ?/ ?(?:in|at|à|a|en))?[\s:,(]*$)"};
    // "12.11.1971 (54)", "(54 Jahre)".
    Pattern m_ageAfter{R"((?i)^ ?\((\d{1,3})(?: ?(?:y|yrs?|years?|j\.?|jahre|ans|años))?\))"};
    // "Aged 54 (12.11.1971)", "54 ans, 12/11/1971".
    Pattern m_ageBefore{
        R"((?i)(?:\b(?:aged?|alter|âgée?(?: de)?|edad):? ?(\d{1,3})(?: ?(?:y|yrs?|years?|jahre|ans|años))?|\b(\d{1,3}) ?(?:years old|years|jahre alt|jahre|ans|años))[ ,(–\-]{1,3}$)"};
    // As on wristbands, labels of samples and lists of patients.
    Pattern m_sexAfter{R"(^[ ,/·|(]{1,3}[MFWHX♀♂](?:$|[ ,;/·|)]))"};
    Pattern m_bornAfter{R"((?i)^[\s,)]*\(?(?:birth|dob|geboren|born)\b)"};
};

} // namespace

std::unique_ptr<Detector> makeBirthDateDetector() {
    return std::make_unique<BirthDateDetector>();
}

} // namespace eyelid
