// Health facts: what a label of a medical record speaks for, and codes of the International Classification of Diseases
// (WHO, ICD-10) beside such a label or a word for a diagnosis.
#include "base/sentence.h"
#include "finding/detector.h"

#include <QSet>

namespace eyelid {
namespace {

class HealthDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        // A guide for repairs has "symptoms" too: what tells a medical record is that it has more than one such field.
        QSet<QString> fields;
        for (const LabelledValue& value : in.screen.labelled())
            if (value.kind == Kind::Health || value.kind == Kind::Dob || value.kind == Kind::NationalId)
                fields.insert(value.label);
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Health || !value.whole || fields.size() < 2) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const QString text = run.text().mid(value.span.start, value.span.length);
            int letters = 0;
            for (const QChar c : text) letters += c.isLetter();
            if ((letters < 3 && !m_blood.matchesWhole(text)) || m_nothing.matchesWhole(text)) continue;
            out.push_back({Kind::Health, &run, value.span, 0.8, value.because(), {}});
        }
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_coded, run))
                out.push_back({Kind::Health,
                               &run,
                               m.groups[1],
                               0.85,
                               Tr::tr("is a code of the classification of diseases (ICD-10) after a word for it"),
                               {}});
    }

private:
    Pattern m_blood{R"((?:A|B|AB|0|O) ?(?:Rh)? ?[+\-−](?:ve)?)"};
    Pattern m_nothing{
        R"((?i)(?:-|—|none|none known|no known.*|n/?a|unknown|not recorded|nil|keine|keine bekannt|unbekannt|aucune?|inconnue?|ninguna?|sin .*|desconocid[oa]|yes|no|ja|nein|oui|non|sí))"};
    Pattern m_coded{R"((?i)\b(?:icd(?:-?10)?|diagnos[a-zé]{1,6}|dx)[\s:.#]{1,3}([A-TV-Z]\d\d(?:\.\d{1,2})?)\b)"};
};

} // namespace

std::unique_ptr<Detector> makeHealthDetector() {
    return std::make_unique<HealthDetector>();
}

} // namespace eyelid
