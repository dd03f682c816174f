// Names of people: words written large, judged one sequence at a time (name_proposal.h), then together: by what the
// rest of the column looks like and by mail addresses elsewhere on the screen.
#include "base/sentence.h"
#include "finding/detector.h"
#include "finding/name_proposal.h"
#include "finding/person_words.h"
#include "finding/phrase_search.h"
#include "language/spelling.h"

#include <algorithm>
#include <map>
#include <QSet>

namespace eyelid {
namespace {

class PersonDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        const auto& runs = in.screen.runs();
        std::vector<NameProposal> proposals;
        for (size_t i = 0; i < runs.size(); ++i) proposeIn(in, runs[i], proposals);
        for (const TextRun& run : in.screen.flowing())
            if (isProse(run.text().left(run.joint))) proposeIn(in, run, proposals);
        agreeInColumns(in, proposals);
        agreeWithMail(in, proposals);
        const size_t before = out.size();
        std::vector<const NameProposal*> sure;
        for (NameProposal& p : proposals) {
            if (p.sum < 0.45) continue;
            wholeCell(in, p);
            out.push_back({Kind::Person, p.on, p.span, std::clamp(p.sum, 0.0, 0.98), sentence(p), skeleton(p.name),
                           !p.spokenFor});
            if (p.sum >= 0.55 && !isOfAddress(p, out, before)) sure.push_back(&p);
        }
        carryParts(in, sure, out);
    }

private:
    // Whether a line may go on below: a long one, or one in which words of running text stand.
    static bool isProse(const QString& line) {
        constexpr qsizetype longLine = 40; // characters
        constexpr int fewestSmall = 2;
        int small = 0;
        for (const QString& word : line.split(u' ', Qt::SkipEmptyParts))
            small += word.size() > 1 && word[0].isLower() && word == word.toLower();
        return line.size() > longLine || small >= fewestSmall;
    }

    // A name alone in its cell that a misread letter broke: what is left of it belongs to it.
    static void wholeCell(const Surroundings& in, NameProposal& p) {
        if (p.on->second >= 0 || !p.inCell) return;
        const std::vector<Token> tokens = tokensOf(*p.on);
        if (tokens.size() > 5) return;
        int outside = 0;
        for (const Token& t : tokens) {
            if (t.span.start >= p.span.start && t.span.end() <= p.span.end()) continue;
            ++outside;
            if (t.digits || isTitle(t) || isThing(t) || t.text.size() < 2 ||
                in.names.isCommonWord(t.text, in.screen.language()) || isRemarkUnder(in, *p.on, t.span))
                return;
        }
        for (const QChar c : p.on->text())
            if (!c.isLetter() && !QStringLiteral(" -'’.").contains(c)) return;
        if (outside == 1) p.span = {0, int(p.on->text().size())};
    }

    static QString sentence(const NameProposal& p) {
        if (p.evidence.isEmpty()) return Tr::tr("looks like a name");
        return p.evidence.join(QStringLiteral("; "));
    }

    void proposeIn(const Surroundings& in, const TextRun& run, std::vector<NameProposal>& proposals) const {
        const std::vector<Token> tokens = tokensOf(run);
        const auto joined = [&](size_t i) {
            // Only a space, or the dot of an initial or a title, stands between the words of one name.
            const QStringView between =
                QStringView(run.text()).mid(tokens[i].span.end(), tokens[i + 1].span.start - tokens[i].span.end());
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
            // Over the end of a line: only what reaches over it, and not into a cell below a cell. What a number goes
            // on behind is a street under a name.
            const bool over = tokens[i].span.start < run.joint - 1 && tokens[last].span.end() > run.joint &&
                              !(last + 1 < tokens.size() && joined(last) && tokens[last + 1].digits);
            if (run.second < 0 || (over && i > 0))
                if (auto proposal = judgedAsName(in, run, tokens, i, last)) proposals.push_back(std::move(*proposal));
            i = last + 1;
        }
    }

    // What a street is called after is nobody here: "Avenida de la Alameda".
    static bool isOfAddress(const NameProposal& p, const std::vector<Candidate>& found, size_t count) {
        return std::any_of(found.begin(), found.begin() + long(count), [&](const Candidate& c) {
            return c.kind == Kind::Address && c.run->line == p.on->line && c.confidence >= p.sum &&
                   c.span.start <= p.span.start && p.span.end() <= c.span.end();
        });
    }

    // If most of what looks like a name in a column or a row of tiles is one, so is the rest.
    void agreeInColumns(const Surroundings& in, std::vector<NameProposal>& proposals) const {
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
    void agreeWithMail(const Surroundings& in, std::vector<NameProposal>& proposals) const {
        QStringList locals;
        for (const TextRun& run : in.screen.runs())
            for (const PatternMatch& m : in.search.all(m_local, run)) locals << skeleton(m.text(run.search, 1));
        if (locals.isEmpty()) return;
        for (NameProposal& p : proposals) {
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

    // Whether a part of a name tells of whom it is by itself.
    static bool isCarried(const Surroundings& in, const QString& word) {
        constexpr qsizetype shortest = 3, telling = 4; // letters; "Nya", but not any three
        if (word.size() < telling)
            return word.size() >= shortest && in.names.isGivenOrFamily(word) && !in.names.isCommonWord(word);
        // "Helena", "Florence": a town's name is said of people as often where somebody is called so.
        const bool alsoTown = in.names.isGiven(word) && in.names.isPlace(word) && !in.names.isVeryCommonWord(word);
        return !in.names.isCommonWord(word) || alsoTown || in.names.isFrequentName(word, in.screen.language());
    }

    // The parts of a name that was found stand for the same person.
    void carryParts(const Surroundings& in, const std::vector<const NameProposal*>& sure,
                    std::vector<Candidate>& out) const {
        PhraseSearch parts;
        for (const NameProposal* p : sure) {
            const QStringList words = p->name.split(QLatin1Char(' '), Qt::SkipEmptyParts);
            if (words.size() < 2) continue;
            for (const QString& word : words)
                if (word[0].isUpper() && isCarried(in, word)) parts.add(word, 1);
        }
        if (parts.isEmpty()) return;
        // "Oakley, Wren" where Wren Oakley is known, though a wren is a bird.
        const auto withGiven = [&](const TextRun& run, Span span) {
            const QString behind = run.text().mid(span.end());
            const QString part = run.text().mid(span.start, span.length);
            for (const NameProposal* p : sure) {
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
                const bool withinName = std::any_of(sure.begin(), sure.end(), [&](const NameProposal* p) {
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
};

} // namespace

std::unique_ptr<Detector> makePersonDetector() {
    return std::make_unique<PersonDetector>();
}

} // namespace eyelid
