// National identity, social security and tax numbers: US SSN, UK National Insurance and NHS numbers, German tax
// identification number, French NIR, Spanish DNI and NIE, Dutch BSN. Rules: check_digits.h.
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/detector.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

QString compact(const QString& text) {
    QString out;
    for (const QChar c : text)
        if (c.isLetterOrNumber()) out += c.toUpper();
    return out;
}

class NationalIdDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) { findByForm(in, run, out); });
        findBySchemes(in, out);
        findByLabel(in, out);
    }

private:
    void findByForm(const Surroundings& in, const TextRun& run, std::vector<Candidate>& out) const {
        const auto each = [&](const Pattern& pattern, auto judge) {
            for (const PatternMatch& m : in.search.all(pattern, run)) {
                const Span& span = m.groups[1];
                if (!counts(run, span)) continue;
                const LabelledValue* label = labelFor(in.screen, run, span, Kind::NationalId);
                judge(compact(m.text(run.search, 1)), label != nullptr,
                      [&](double confidence, const char* reason, const QString& key) {
                          out.push_back({Kind::NationalId, &run, span, confidence, QString::fromLatin1(reason), key});
                      });
            }
        };
        each(m_nino, [](const QString& value, bool label, auto add) {
            const QString prefix = value.left(2);
            const QString nino = prefix + digitsRestored(value.mid(2, 6)) +
                                 value.mid(8)
                                     .replace(QLatin1Char('8'), QLatin1Char('B'))
                                     .replace(QLatin1Char('0'), QLatin1Char('D'))
                                     .replace(QLatin1Char('4'), QLatin1Char('A'));
            if (ukNinoForm(nino))
                add(0.95, "has the form of a UK National Insurance number", nino);
            else if (label)
                add(0.85, "stands by a label for it and looks like a UK National Insurance number", nino);
            else if (value.mid(2, 6).toInt() > 0 && value[8].isLetter())
                add(0.6, "looks like a UK National Insurance number", nino);
        });
        each(m_ssn, [](const QString& value, bool label, auto add) {
            const QString ssn = digitsRestored(value);
            if (usSsnHolds(ssn))
                add(0.92, "has the form of a US social security number", ssn);
            else
                add(label ? 0.85 : 0.6, "is written like a US social security number", ssn);
        });
        each(m_eleven, [](const QString& value, bool label, auto add) {
            const QString id = digitsRestored(value);
            if (germanTaxIdHolds(id)) add(label ? 0.97 : 0.75, "is a German tax number: its check digit holds", id);
        });
        each(m_nir, [](const QString& value, bool label, auto add) {
            QString nir = digitsRestored(value.left(6)) + value.mid(6, 1) + digitsRestored(value.mid(7));
            if (frenchNirHolds(nir) || frenchNirHolds(digitsRestored(value)))
                add(0.985, "is a French social security number: its key (mod 97) holds",
                    nir); // surer than a Luhn digit
            else if (label)
                add(0.85, "stands by a label for it and is as long as a French social security number", nir);
        });
        each(m_dni, [](const QString& value, bool label, auto add) {
            QString dni = value;
            if (!QStringLiteral("XYZ").contains(dni[0]))
                dni = digitsRestored(dni.left(8)) + dni.mid(8);
            else
                dni = dni.left(1) + digitsRestored(dni.mid(1, 7)) + dni.mid(8);
            if (spanishDniHolds(dni))
                add(label ? 0.98 : 0.9, "is a Spanish identity number: its letter (mod 23) holds", dni);
            else if (label)
                add(0.8, "stands by a label for it and has a Spanish identity number's form", dni);
        });
    }

    // Of the countries whose numbers have a form or a rule of their own.
    void findBySchemes(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs())
            for (const Scheme& scheme : m_schemes)
                for (const PatternMatch& m : in.search.all(scheme.pattern, run)) {
                    const Span& span = m.groups[1];
                    const QString text = m.text(run.search, 1);
                    const QString value = scheme.keepsSigns ? text.toUpper() : compact(text);
                    const QString digits = scheme.digits ? digitsRestored(value) : value;
                    if (!scheme.holds(digits)) continue;
                    const LabelledValue* label = labelFor(in.screen, run, span, Kind::NationalId);
                    const double confidence = label ? 0.97 : scheme.alone;
                    if (confidence < 0.3) continue;
                    out.push_back({Kind::NationalId, &run, span, confidence,
                                   Tr::tr("is %1: %2").arg(Tr::tr(scheme.title), Tr::tr(scheme.rule)), digits});
                }
    }

    // Numbers whose form says little: only under a label.
    void findByLabel(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::NationalId) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            for (const PatternMatch& m : m_any.all(text)) {
                const QString id = compact(m.text(text));
                int digits = 0;
                for (const QChar c : digitsRestored(id)) digits += c.isDigit();
                if (digits < 5 || m_date.matchesWhole(m.text(text))) continue;
                const QString number = digitsRestored(id);
                const bool holds = nhsNumberHolds(number) || dutchBsnHolds(number);
                const Span span{value.span.start + m.groups[0].start, m.groups[0].length};
                out.push_back({Kind::NationalId, &run, span, holds ? 0.93 : 0.8,
                               holds ? Tr::tr("%1 and its check digit holds").arg(value.because()) : value.because(),
                               id});
                break;
            }
        }
    }

    struct Scheme {
        const char* title;
        const char* rule;
        Pattern pattern;
        bool (*holds)(const QString&);
        double alone;            ///< confidence without a label: what the rule lets through by chance decides it
        bool digits = true;      ///< look-alikes of digits are put back
        bool keepsSigns = false; ///< signs within are part of it
    };
    static std::vector<Scheme> schemes() {
        std::vector<Scheme> all;
        const auto add = [&](const char* title, const char* rule, const char* pattern, bool (*holds)(const QString&),
                             double alone, bool digits = true, bool keepsSigns = false) {
            all.push_back({title, rule, Pattern(pattern), holds, alone, digits, keepsSigns});
        };
        add(QT_TRANSLATE_NOOP("eyelid", "an Italian tax code"), QT_TRANSLATE_NOOP("eyelid", "its control letter holds"),
            R"((?:^|[^\w])([A-Z]{6}[A-Z\d]{2}[A-Z][A-Z\d]{2}[A-Z][A-Z\d]{3}[A-Z])(?:$|[^\w]))", italianCodeHolds, 0.97,
            false);
        add(QT_TRANSLATE_NOOP("eyelid", "a Polish PESEL number"),
            QT_TRANSLATE_NOOP("eyelid", "its date and control digit hold"), R"((?:^|[^\w.\-])(\d{11})(?:$|[^\w.\-]))",
            peselHolds, 0.6);
        add(QT_TRANSLATE_NOOP("eyelid", "a Portuguese tax number"),
            QT_TRANSLATE_NOOP("eyelid", "its control digit holds"),
            R"((?:^|[^\w.\-])(\d{3} ?\d{3} ?\d{3})(?:$|[^\w.\-]))", portugueseNifHolds, 0);
        add(QT_TRANSLATE_NOOP("eyelid", "a Belgian national number"),
            QT_TRANSLATE_NOOP("eyelid", "its control number (mod 97) holds"),
            R"((?:^|[^\w.\-])(\d{2}\.\d{2}\.\d{2}-\d{3}\.\d{2})(?:$|[^\w.\-]))", belgianNumberHolds, 0.96);
        add(QT_TRANSLATE_NOOP("eyelid", "a Swedish personal number"),
            QT_TRANSLATE_NOOP("eyelid", "its date and control digit (Luhn) hold"),
            R"((?:^|[^\w.\-])(?:19|20)?(\d{6}[\-+]\d{4})(?:$|[^\w.\-]))", swedishNumberHolds, 0.85);
        add(QT_TRANSLATE_NOOP("eyelid", "a Norwegian national number"),
            QT_TRANSLATE_NOOP("eyelid", "its date and both control digits hold"),
            R"((?:^|[^\w.\-])(\d{6} ?\d{5})(?:$|[^\w.\-]))", norwegianNumberHolds, 0.8);
        add(QT_TRANSLATE_NOOP("eyelid", "a Danish personal number"),
            QT_TRANSLATE_NOOP("eyelid", "it begins with a date"), R"((?:^|[^\w.\-])(\d{6}-\d{4})(?:$|[^\w.\-]))",
            danishNumberForm, 0.55);
        add(QT_TRANSLATE_NOOP("eyelid", "a Finnish personal code"),
            QT_TRANSLATE_NOOP("eyelid", "its control character (mod 31) holds"),
            R"((?:^|[^\w])(\d{6}[\-+A-F]\d{3}[0-9A-Y])(?:$|[^\w]))", finnishCodeHolds, 0.93, false, true);
        add(QT_TRANSLATE_NOOP("eyelid", "a Swiss insurance number"),
            QT_TRANSLATE_NOOP("eyelid", "its check digit holds"),
            R"((?:^|[^\w])(756[. ]?\d{4}[. ]?\d{4}[. ]?\d{2})(?:$|[^\w]))", swissNumberHolds, 0.93);
        add(QT_TRANSLATE_NOOP("eyelid", "an Austrian insurance number"),
            QT_TRANSLATE_NOOP("eyelid", "its control digit holds"),
            R"((?:^|[^\w.\-])(\d{4} \d{6}|\d{10})(?:$|[^\w.\-]))", austrianNumberHolds, 0.3);
        add(QT_TRANSLATE_NOOP("eyelid", "a Brazilian tax number"),
            QT_TRANSLATE_NOOP("eyelid", "its control digits hold"),
            R"((?:^|[^\w.\-])(\d{3}\.\d{3}\.\d{3}-\d{2}|\d{11})(?:$|[^\w.\-]))", cpfHolds, 0.6);
        add(QT_TRANSLATE_NOOP("eyelid", "a Canadian insurance number"),
            QT_TRANSLATE_NOOP("eyelid", "its check digit (Luhn) holds"),
            R"((?:^|[^\w.\-])(\d{3}[ \-]\d{3}[ \-]\d{3}|\d{9})(?:$|[^\w.\-]))", canadianNumberHolds, 0);
        add(QT_TRANSLATE_NOOP("eyelid", "an Australian tax file number"),
            QT_TRANSLATE_NOOP("eyelid", "its check digit holds"),
            R"((?:^|[^\w.\-])(\d{3} \d{3} \d{3}|\d{9})(?:$|[^\w.\-]))", australianTaxNumberHolds, 0);
        add(QT_TRANSLATE_NOOP("eyelid", "an Irish PPS number"),
            QT_TRANSLATE_NOOP("eyelid", "its control letter (mod 23) holds"),
            R"((?:^|[^\w])(\d{7}[A-W][A-IW]?)(?:$|[^\w]))", irishNumberHolds, 0.6, false);
        add(QT_TRANSLATE_NOOP("eyelid", "an Aadhaar number"),
            QT_TRANSLATE_NOOP("eyelid", "its check digit (Verhoeff) holds"),
            R"((?:^|[^\w.\-])([2-9]\d{3} \d{4} \d{4})(?:$|[^ \w.\-]))", aadhaarHolds, 0.6);
        add(QT_TRANSLATE_NOOP("eyelid", "an NHS number"), QT_TRANSLATE_NOOP("eyelid", "its check digit (mod 11) holds"),
            R"((?:^|[^\w.\-])(\d{3} \d{3} \d{4})(?:$|[^\w.\-]))", nhsNumberHolds, 0.55);
        return all;
    }

    std::vector<Scheme> m_schemes = schemes();
    Pattern m_nino{R"((?:^|[^\w])([A-Z]{2} ?[\dOISBl]{2} ?[\dOISBl]{2} ?[\dOISBl]{2} ?[A-D480])(?:$|[^\w]))"};
    Pattern m_ssn{R"((?:^|[^\w\-])([\dOISBl]{3}-[\dOISBl]{2}-[\dOISBl]{4})(?:$|[^\w\-]))"};
    Pattern m_eleven{R"((?:^|[^\w\-.+])([1-9][\dOISBl](?: ?[\dOISBl]){9})(?:$|[^\w\-]))"};
    Pattern m_nir{
        R"((?:^|[^\w])([1-478l] ?[\dOISBl]{2} ?[\dOISBl]{2} ?[\dOISBl][\dOISBlAB] ?[\dOISBl]{3} ?[\dOISBl]{3} ?[\dOISBl]{2})(?:$|[^\w]))"};
    Pattern m_dni{
        R"((?:^|[^\w])((?:[XYZ][ \-]?[\dOISBl]{7}|[\dOISBl]{8}|[\dOISBl]{2}\.[\dOISBl]{3}\.[\dOISBl]{3})[ \-]?[A-HJ-NP-TV-Z])(?:$|[^\w]))"};
    Pattern m_date{R"(\d{1,4}[./\-]\d{1,2}[./\-]\d{1,4})"};
    Pattern m_any{R"([A-Z0-9][A-Za-z0-9]*(?:[ .\-/]?[A-Z0-9][A-Za-z0-9]*){0,6})"};
};

} // namespace

std::unique_ptr<Detector> makeNationalIdDetector() {
    return std::make_unique<NationalIdDetector>();
}

} // namespace eyelid
