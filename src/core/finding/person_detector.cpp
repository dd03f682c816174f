// Names of people. Evidence is added up: name lists, titles, greetings and closings, labels and headings, what the
// rest of the column looks like, and mail addresses elsewhere on the screen. The sum is the confidence.
#include "base/sentence.h"
#include "finding/detector.h"
#include "finding/labels.h"
#include "finding/person_words.h"
#include "finding/phrase_search.h"
#include "language/spelling.h"

#include <algorithm>
#include <map>
#include <QSet>

namespace eyelid {
namespace {

struct Sequence {
    size_t first = 0, last = 0; // tokens, inclusive
    bool reversed = false;      // "Surname, Given"
};

// What one word adds to the belief that it is part of a name.
double wordEvidence(const Names& names, const QString& language, const Token& t, bool first) {
    if (t.text.size() == 1) return first && t.initial ? 0.25 : 0.1;
    if (isCalendarWord(t)) return -0.3;
    QString word = t.text;
    double best = -1;
    // Of a double name either half may be the known one.
    for (const QString& part : word.split(QLatin1Char('-'), Qt::SkipEmptyParts)) {
        QString w = nameRestored(part);
        const qsizetype quote = w.indexOf(QLatin1Char('\''));
        const bool clipped = quote == 1 || quote == 2; // O'Brien, D'Amato
        if (clipped && !names.isFamily(w)) w = w.mid(quote + 1);
        const bool given = names.isGiven(w), family = names.isFamily(w), common = names.isCommonWord(w, language);
        double e = 0.12;
        if (given)
            e = first ? 0.42 : 0.36;
        else if (family)
            e = first ? 0.18 : 0.38;
        else if (common)
            e = -0.4;
        else if (names.isPlace(w))
            e = 0.0;
        if ((given || family) && common) e -= 0.16;
        if (clipped) e = std::max(e, 0.3);
        best = std::max(best, e);
    }
    return best;
}

class PersonDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        const auto& runs = in.screen.runs();
        std::vector<Proposal> proposals;
        for (size_t i = 0; i < runs.size(); ++i) proposeIn(in, runs[i], proposals);
        for (const TextRun& run : in.screen.flowing())
            if (run.joint > leastProse) proposeIn(in, run, proposals);
        agreeInColumns(in, proposals);
        agreeWithMail(in, proposals);
        const size_t before = out.size();
        std::vector<const Proposal*> sure;
        for (Proposal& p : proposals) {
            if (p.sum < 0.45) continue;
            wholeCell(in, p);
            out.push_back({Kind::Person, p.on, p.span, std::clamp(p.sum, 0.0, 0.98), sentence(p), skeleton(p.name),
                           !p.spokenFor});
            if (p.sum >= 0.55 && !isOfAddress(p, out, before)) sure.push_back(&p);
        }
        carryParts(in, sure, out);
    }

private:
    static constexpr int leastProse = 40; ///< characters; a shorter line does not go on below

    struct Proposal {
        const TextRun* on = nullptr;
        int run = 0; ///< the line it begins on
        Span span;
        QString name; ///< given name first
        double sum = 0;
        QStringList evidence;
        bool wholeLine = false;
        bool inCell = false;    ///< a label, a heading or its column speaks for it
        bool single = false;    ///< one word that no list knows as an ordinary one
        bool shaped = false;    ///< looks like a name even where no list knows it
        bool spokenFor = false; ///< by what stands right by it, not by lists of names and their likes alone
        void speakFor(const QString& because) {
            evidence << because;
            spokenFor = true;
        }
    };

    // A name alone in its cell that a misread letter broke: what is left of it belongs to it.
    static void wholeCell(const Surroundings& in, Proposal& p) {
        if (p.on->second >= 0 || !p.inCell) return;
        const std::vector<Token> tokens = tokensOf(*p.on);
        if (tokens.size() > 5) return;
        int outside = 0;
        for (const Token& t : tokens) {
            if (t.span.start >= p.span.start && t.span.end() <= p.span.end()) continue;
            ++outside;
            if (t.digits || isTitle(t) || isThing(t) || t.text.size() < 2 ||
                in.names.isCommonWord(t.text, in.screen.language()))
                return;
        }
        for (const QChar c : p.on->text())
            if (!c.isLetter() && !QStringLiteral(" -'’.").contains(c)) return;
        if (outside == 1) p.span = {0, int(p.on->text().size())};
    }

    static QString sentence(const Proposal& p) {
        if (p.evidence.isEmpty()) return Tr::tr("looks like a name");
        return p.evidence.join(QStringLiteral("; "));
    }

    const LabelledValue* personLabel(const Surroundings& in, const TextRun& run, const Span& span) const {
        if (run.second >= 0) return nullptr;
        const LabelledValue* label = labelFor(in.screen, run, span, Kind::Person);
        // What stands farther on in a sentence is not the label's value.
        if (label && label->span.length > 40 && span.start > label->span.start + 14 &&
            run.text().mid(label->span.start, span.start - label->span.start).count(QLatin1Char(',')) == 0)
            return nullptr;
        return label;
    }

    void proposeIn(const Surroundings& in, const TextRun& run, std::vector<Proposal>& proposals) const {
        const std::vector<Token> tokens = tokensOf(run);
        const auto joined = [&](size_t i) {
            // Only a space, or the dot of an initial or a title, stands between the words of one name.
            const QString between =
                run.text().mid(tokens[i].span.end(), tokens[i + 1].span.start - tokens[i].span.end());
            return between == QLatin1String(" ") ||
                   (between == QLatin1String(". ") && (tokens[i].text.size() == 1 || isTitle(tokens[i])));
        };
        const auto nameLike = [&](const Token& t) { return t.capital && !t.digits && !isTitle(t); };
        size_t i = 0;
        while (i < tokens.size()) {
            if (!nameLike(tokens[i]) &&
                !(isParticle(tokens[i]) && i + 1 < tokens.size() && joined(i) && nameLike(tokens[i + 1]) && i == 0)) {
                ++i;
                continue;
            }
            size_t last = i;
            while (last + 1 < tokens.size() && joined(last)) {
                if (nameLike(tokens[last + 1])) {
                    ++last;
                    continue;
                }
                size_t p = last + 1;
                while (p < tokens.size() && isParticle(tokens[p]) && p + 1 < tokens.size() && joined(p)) ++p;
                if (p > last + 1 && p < tokens.size() && nameLike(tokens[p]))
                    last = p;
                else
                    break;
            }
            // Over the end of a line: only what reaches over it, and not into a cell below a cell.
            const bool over = tokens[i].span.start < run.joint - 1 && tokens[last].span.end() > run.joint;
            if (run.second < 0 || (over && i > 0)) judge(in, run, tokens, i, last, proposals);
            i = last + 1;
        }
    }

    void judge(const Surroundings& in, const TextRun& run, const std::vector<Token>& tokens, size_t first, size_t last,
               std::vector<Proposal>& proposals) const {
        const Names& names = in.names;
        const int index = run.line;
        const QString& language = in.screen.language();
        const auto ordinary = [&](const Token& t) {
            if (t.initial) return false;
            return (names.isCommonWord(t.text, language) && !names.isGiven(t.text) && !names.isFamily(t.text)) ||
                   (names.isVeryCommonWord(t.text, language) && !names.isGiven(t.text)) || isCalendarWord(t);
        };
        // Ordinary words at either end are not part of the name: "Call Devika", "Goran Tenant".
        const bool afterTitle = first > 0 && isTitle(tokens[first - 1]);
        const size_t start = first;
        if (!afterTitle)
            while (first < last && ordinary(tokens[first])) ++first;
        while (last > first && ordinary(tokens[last])) --last;
        const size_t count = last - first + 1;
        if (count > 6) return;
        Proposal p;
        p.on = &run;
        p.run = index;
        Span span{tokens[first].span.start, tokens[last].span.end() - tokens[first].span.start};
        const LabelledValue* label = personLabel(in, run, span);
        const bool greeted = first > 0 && isGreeting(tokens, first - 1);
        const bool closed = followsClosing(in, index);

        // "Surname, Given": the words behind the comma belong to it.
        bool reversed = false;
        size_t end = last;
        if (tokens[last].after == QLatin1Char(',') && last + 1 < tokens.size() && tokens[last + 1].capital &&
            !tokens[last + 1].digits && count <= 3 && !isTitle(tokens[last + 1])) {
            const Token& given = tokens[last + 1];
            const bool known = names.isGiven(given.text) && !names.isCommonWord(given.text);
            const bool lineOfTwo = first == 0 && last + 2 >= tokens.size();
            // "Maelo Bascaran, Ardith Hathering" are two.
            const bool goesOn = last + 2 < tokens.size() && tokens[last + 2].capital && !tokens[last + 2].initial &&
                                run.text()[given.span.end()] == QLatin1Char(' ');
            if (((known && (lineOfTwo || label)) || (label && lineOfTwo)) && !(goesOn && count >= 2)) {
                reversed = true;
                end = last + 1;
                if (end + 1 < tokens.size() && tokens[end + 1].text.size() == 1 && tokens[end + 1].capital) ++end;
            }
        }
        double sum = 0;
        if (count == 1 && !reversed) {
            const Token& t = tokens[first];
            if (t.text.size() < 3 || isCalendarWord(t)) return;
            const bool given = names.isGiven(t.text), family = names.isFamily(t.text),
                       common = names.isCommonWord(t.text, language);
            if (t.shouting && !label) return;
            if (given) {
                sum += common ? 0.2 : 0.36;
                p.evidence << Tr::tr("is on the list of given names");
            } else if (family) {
                sum += common ? 0.05 : 0.2;
                p.evidence << Tr::tr("is on the list of family names");
            } else if (common) {
                sum -= 0.4;
            }
            // Inside a sentence a capital is a choice, not the grammar's.
            const bool opening = first > 0 && ordinary(tokens[first - 1]); // "Call Oskar first"
            if (first > 0 && (!tokens[first - 1].capital || opening) &&
                run.text()[t.span.start - 1] == QLatin1Char(' ') &&
                !QStringLiteral(".:!?").contains(run.text()[std::max(0, t.span.start - 2)]) && !names.isPlace(t.text) &&
                !common)
                sum += 0.15;
            // "Your operator Ines", also where the line breaks between the two.
            if (!common && inRole(in, run, tokens, first)) {
                sum += 0.35;
                p.speakFor(Tr::tr("follows a word for somebody's part"));
            }
        } else {
            int known = 0;
            for (size_t i = first; i <= end; ++i) {
                if (isParticle(tokens[i]) && i != first) continue;
                const bool isFirst = reversed ? i == last + 1 : i == first;
                const double e = wordEvidence(names, language, tokens[i], isFirst);
                known += e >= 0.18;
                sum += count > 2 && !isFirst && i != last ? e / 2 : e;
            }
            // Two words that each may be ordinary are a name when both are names.
            if (known >= 2) sum += 0.1;
            if (known >= 2)
                p.evidence << Tr::tr("has a given and a family name of the lists of names");
            else if (known == 1)
                p.evidence << Tr::tr("has a word that is on the lists of names");
            if (reversed) {
                sum += 0.1;
                p.evidence << Tr::tr("is written surname first");
            }
            bool particle = false;
            for (size_t i = first + 1; i < last; ++i)
                particle = particle || (isParticle(tokens[i]) && !tokens[i].capital);
            if (particle && known >= 1) sum += 0.1;
            bool shouting = true;
            for (size_t i = first; i <= end; ++i) shouting = shouting && (tokens[i].shouting || isParticle(tokens[i]));
            if (shouting && !label) sum -= 0.25; // headings
        }
        p.single = count == 1 && !reversed && tokens[first].text.size() >= 4 && !tokens[first].shouting &&
                   !names.isCommonWord(tokens[first].text, language) && !names.isPlace(tokens[first].text) &&
                   !isThing(tokens[first]) && !isCalendarWord(tokens[first]);
        p.shaped = (count >= 2 || reversed) && count <= 4;
        for (size_t i = first; i <= end && p.shaped; ++i)
            if (!isParticle(tokens[i]) && ordinary(tokens[i])) p.shaped = false;
        if (afterTitle) {
            sum += 0.6;
            p.speakFor(Tr::tr("follows a title"));
        }
        p.inCell = label && label->how != LabelledValue::How::Inside;
        if (greeted) {
            sum += 0.5;
            p.speakFor(Tr::tr("follows a greeting"));
        }
        if (closed && first == 0) {
            sum += 0.5;
            p.speakFor(Tr::tr("stands under a letter's closing"));
        }
        if (label) {
            // A label speaks for the first name-like words of its value.
            // "Operations manager" under a name is what somebody is, not a label of what comes next.
            const bool weak = !label->whole && label->how == LabelledValue::How::Above;
            sum += weak ? 0.2 : label->how == LabelledValue::How::Heading ? 0.45 : 0.5;
            p.evidence << label->because();
            // A heading speaks for what stands far below it as well, which need not be of its column; and any label for
            // a word of every day.
            p.spokenFor = p.spokenFor || (label->how != LabelledValue::How::Heading &&
                                          !(count == 1 && names.isCommonWord(tokens[first].text)));
        }
        if (count >= 2 && inRole(in, run, tokens, first)) {
            sum += 0.35;
            p.speakFor(Tr::tr("follows a word for somebody's part"));
        } else if (first > 0 && count >= 2 && speaksOfPeople(tokens[first - 1])) {
            sum += 0.18;
            p.evidence << Tr::tr("stands where a person is spoken of");
        }
        // Followed by a word for a street, a firm or a thing: not a person.
        if (!label && last + 1 < tokens.size() && isThing(tokens[last + 1])) sum -= 0.4;
        // Church, Castle and West are names as well: less where the lists know both.
        if ((isThing(tokens[last]) || leadsAThing(tokens[first])) && !label)
            sum -= count >= 2 && names.isGiven(tokens[first].text) && names.isFamily(tokens[last].text) ? 0.2 : 0.4;
        // "rue de la Halle", "Avenida de la Alameda": what a street is called after.
        if (const size_t at = beforeParticles(tokens, first); at < first && isThing(tokens[at])) sum -= 0.4;
        if (end > last) span.length = tokens[end].span.end() - span.start;
        p.sum = sum;
        // A time or a number behind it does not make it less of a list's entry.
        bool lettersAfter = false;
        for (int i = span.end(); i < run.text().size(); ++i) lettersAfter = lettersAfter || run.text()[i].isLetter();
        // No half a name: what a label announces is one whole, though a letter of it was read as a figure.
        if (lettersAfter && label && isNameOf(*label, tokens)) {
            span.length = tokens.back().span.end() - span.start;
            lettersAfter = false;
        }
        const int begin = afterTitle ? tokens[start - 1].span.start : span.start;
        p.wholeLine = begin <= 1 && !lettersAfter;
        // A cell's or a line's value is the title and the name; in a sentence or a greeting the name alone is
        // somebody's.
        p.span = p.wholeLine ? Span{begin, span.end() - begin} : span;
        for (size_t i = first; i <= end; ++i) p.name += tokens[i].text + QLatin1Char(' ');
        if (reversed) {
            p.name.clear();
            for (size_t i = last + 1; i <= end; ++i) p.name += tokens[i].text + QLatin1Char(' ');
            for (size_t i = first; i <= last; ++i) p.name += tokens[i].text + QLatin1Char(' ');
        }
        proposals.push_back(std::move(p));
    }

    // What a street is called after is nobody here: "Avenida de la Alameda".
    static bool isOfAddress(const Proposal& p, const std::vector<Candidate>& found, size_t count) {
        return std::any_of(found.begin(), found.begin() + long(count), [&](const Candidate& c) {
            return c.kind == Kind::Address && c.run->line == p.on->line && c.confidence >= p.sum &&
                   c.span.start <= p.span.start && p.span.end() <= c.span.end();
        });
    }

    // Whether all a label announces is a few words written large.
    static bool isNameOf(const LabelledValue& label, const std::vector<Token>& tokens) {
        constexpr size_t mostWords = 4;
        return label.whole && label.how != LabelledValue::How::Heading && label.span.start == 0 &&
               tokens.size() <= mostWords && label.span.end() >= tokens.back().span.end() &&
               std::all_of(tokens.begin(), tokens.end(), [](const Token& t) { return t.text[0].isUpper(); });
    }

    static bool isGreeting(const std::vector<Token>& tokens, size_t at) {
        if (isTitle(tokens[at])) return at > 0 && isGreeting(tokens, at - 1);
        return isGreetingWord(tokens[at]);
    }

    bool followsClosing(const Surroundings& in, int index) const {
        for (size_t i = 0; i < in.screen.runs().size(); ++i)
            if (in.screen.lineBelow(int(i)) == index && m_closing.found(in.screen.runs()[i].search)) return true;
        return false;
    }

    static bool inRole(const Surroundings& in, const TextRun& run, const std::vector<Token>& tokens, size_t at) {
        // What heads a field can also stand before a name in a sentence: "la secretaria", "der Zeuge".
        const auto isRole = [&](const Token& t) {
            if (isRoleWord(t)) return true;
            if (t.text.size() < 5 || isTitle(t)) return false;
            const auto hit = labelHit(t.text);
            return hit && hit->whole && hit->kind == Kind::Person;
        };
        if (at > 0) return isRole(tokens[at - 1]) && run.text()[tokens[at].span.start - 1] == QLatin1Char(' ');
        for (size_t i = 0; i < in.screen.runs().size(); ++i)
            if (in.screen.lineBelow(int(i)) == run.line) {
                const std::vector<Token> above = tokensOf(in.screen.runs()[i]);
                if (!above.empty() && above.size() >= 4 && isRole(above.back())) return true;
            }
        return false;
    }

    static size_t beforeParticles(const std::vector<Token>& tokens, size_t first) {
        size_t at = first;
        while (at > 0 && isParticle(tokens[at - 1])) --at;
        while (at > 0 && isArticle(tokens[at - 1])) --at;
        return at > 0 ? at - 1 : first;
    }

    // If most of what looks like a name in a column or a row of tiles is one, so is the rest.
    void agreeInColumns(const Surroundings& in, std::vector<Proposal>& proposals) const {
        const auto& lines = in.screen.page().lines;
        std::vector<size_t> whole;
        for (size_t i = 0; i < proposals.size(); ++i)
            if (proposals[i].wholeLine && (proposals[i].shaped || proposals[i].single)) whole.push_back(i);
        const auto agree = [&](auto sameGroup) {
            std::vector<double> bonus(proposals.size(), 0.0);
            for (size_t i : whole) {
                if (proposals[i].sum >= 0.5) continue;
                int yes = 0, all = 0;
                double nearest = 1e9;
                const QRectF& own = lines[size_t(in.screen.runs()[size_t(proposals[i].run)].line)].box;
                std::vector<double> tops;
                for (size_t j : whole) {
                    if (j == i || proposals[j].single != proposals[i].single ||
                        !sameGroup(lines[size_t(in.screen.runs()[size_t(proposals[i].run)].line)],
                                   lines[size_t(in.screen.runs()[size_t(proposals[j].run)].line)]))
                        continue;
                    ++all;
                    if (proposals[j].sum < 0.5) continue;
                    ++yes;
                    const QRectF& other = lines[size_t(in.screen.runs()[size_t(proposals[j].run)].line)].box;
                    tops.push_back(other.top());
                    nearest = std::min(nearest, std::abs(other.top() - own.top()));
                }
                if (yes < 2 || yes * 2 < all) continue;
                // A page's title stands over a list without being of it: no farther than the others from each other.
                std::sort(tops.begin(), tops.end());
                double pitch = 0;
                for (size_t k = 1; k < tops.size(); ++k) pitch = std::max(pitch, tops[k] - tops[k - 1]);
                if (nearest <= 1.3 * pitch + own.height()) bonus[i] = 0.45;
            }
            for (size_t i : whole)
                if (bonus[i] > 0) {
                    proposals[i].sum += bonus[i];
                    proposals[i].inCell = true;
                    proposals[i].evidence << Tr::tr("stands in a column of names");
                }
        };
        const auto sameSize = [](const TextLine& a, const TextLine& b) {
            return a.xHeight / b.xHeight < 1.3 && b.xHeight / a.xHeight < 1.3;
        };
        agree([&](const TextLine& a, const TextLine& b) {
            return sameSize(a, b) && std::abs(a.box.left() - b.box.left()) <= 0.7 * a.xHeight;
        });
        agree([&](const TextLine& a, const TextLine& b) {
            return sameSize(a, b) && std::abs(a.baseline - b.baseline) <= 0.5 * a.xHeight;
        });
    }

    // "jane.doe@…" elsewhere on the screen speaks for "Jane Doe".
    void agreeWithMail(const Surroundings& in, std::vector<Proposal>& proposals) const {
        QStringList locals;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : m_local.all(run.search)) locals << skeleton(m.text(run.search, 1));
        if (locals.isEmpty()) return;
        for (Proposal& p : proposals) {
            if (!p.shaped || p.sum >= 0.9) continue;
            const QStringList words = p.name.split(QLatin1Char(' '), Qt::SkipEmptyParts);
            const QString first = skeleton(words.first()), last = skeleton(words.last());
            if (last.size() < 4) continue;
            for (const QString& local : locals)
                if (local.contains(last) &&
                    (local.contains(first) || (local.startsWith(first.left(1)) && last.size() >= 5))) {
                    p.sum += 0.4;
                    p.speakFor(Tr::tr("is what a mail address on the screen is made from"));
                    break;
                }
        }
    }

    // The parts of a name that was found stand for the same person.
    void carryParts(const Surroundings& in, const std::vector<const Proposal*>& sure,
                    std::vector<Candidate>& out) const {
        PhraseSearch parts;
        for (const Proposal* p : sure) {
            const QStringList words = p->name.split(QLatin1Char(' '), Qt::SkipEmptyParts);
            if (words.size() < 2) continue;
            for (const QString& word : words)
                if (word.size() >= 4 && word[0].isUpper() && !in.names.isCommonWord(word)) parts.add(word, 1);
        }
        if (parts.isEmpty()) return;
        // "Oakley, Wren" where Wren Oakley is known, though a wren is a bird.
        const auto withGiven = [&](const TextRun& run, Span span) {
            const QString behind = run.text().mid(span.end());
            const QString part = run.text().mid(span.start, span.length);
            for (const Proposal* p : sure) {
                const QStringList words = p->name.split(QLatin1Char(' '), Qt::SkipEmptyParts);
                if (!words.contains(part, Qt::CaseInsensitive)) continue; // of somebody else
                for (const QString& word : words) {
                    const QString given = QStringLiteral(", ") + word;
                    if (!behind.startsWith(given)) continue;
                    if (behind.size() == given.size() || !behind[given.size()].isLetter())
                        return Span{span.start, span.length + int(given.size())};
                }
            }
            return span;
        };
        for (const TextRun& run : in.screen.runs())
            for (PhraseHit hit : parts.in(run)) {
                hit.span = withGiven(run, hit.span);
                const QString text = run.text().mid(hit.span.start, hit.span.length);
                if (!nameRestored(text)[0].isUpper()) continue;
                const bool withinName = std::any_of(sure.begin(), sure.end(), [&](const Proposal* p) {
                    return p->run == run.line && hit.span.start >= p->span.start && hit.span.end() <= p->span.end();
                });
                if (withinName) continue;
                const QChar before = hit.span.start > 0 ? run.text()[hit.span.start - 1] : QChar();
                const QChar after = hit.span.end() < run.text().size() ? run.text()[hit.span.end()] : QChar();
                if (QStringLiteral("@/._\\").contains(before) || after == QLatin1Char('@') || after == QLatin1Char('_'))
                    continue;
                out.push_back({Kind::Person,
                               &run,
                               hit.span,
                               0.7,
                               Tr::tr("is part of a name found elsewhere on the screen"),
                               {},
                               true});
            }
    }

    Pattern m_local{R"(([A-Za-z0-9._\-]{3,})@)"};
    Pattern m_closing{
        R"((?i)^\W*(?:(?:kind|best|warm|many)?\s?(?:regards|wishes|thanks)|yours (?:sincerely|faithfully|truly)|sincerely|many thanks|thank you|thanks|cheers|best|mit freundlichen gr[üu][ßsB]+e?n?|(?:viele|beste|liebe) gr[üu][ßsB]+e|freundliche gr[üu][ßsB]+e|cordialement|bien à vous|salutations distinguées|un saludo|saludos(?: cordiales)?|atentamente|signed)\W*$)"};
};

} // namespace

std::unique_ptr<Detector> makePersonDetector() {
    return std::make_unique<PersonDetector>();
}

} // namespace eyelid
