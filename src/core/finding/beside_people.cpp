#include "finding/beside_people.h"

#include "base/sentence.h"
#include "finding/dates.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/towns.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr double besideConfidence = 0.65; // open under every policy that looks for it

class BesidePeople {
public:
    BesidePeople(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept)
        : m_in(in), m_tagged(tagged), m_on(in.screen.runs().size()) {
        for (const Candidate& c : kept) {
            m_on[size_t(c.run->line)].push_back(&c);
            if (c.run->second >= 0) m_on[size_t(c.run->second)].push_back(&c);
        }
    }

    void find(std::vector<Candidate>& out) const {
        for (const TextRun& run : m_in.screen.runs()) {
            if (const auto date = birthDateIn(run))
                out.push_back(
                    {Kind::Dob, &run, *date, besideConfidence, Tr::tr("is a date of long ago beside a name"), {}});
            for (const Candidate* c : m_on[size_t(run.line)]) {
                if (c->run != &run) continue;
                if (c->kind == Kind::Person) {
                    addTownBehind(*c, out);
                    addTownBehindAge(*c, out);
                    addRestUnder(*c, out);
                    addUserNameBehind(*c, out);
                    addOtherHalf(*c, out);
                }
                if (c->kind == Kind::Address) {
                    addTownUnder(*c, out);
                    addTownBesideCode(*c, out);
                }
                if (c->kind == Kind::Username) addTownBehindHandle(*c, out);
                if (c->kind == Kind::Dob) addTownUnderBirth(*c, out);
            }
        }
    }

private:
    const Candidate* nameAtStart(int line) const {
        if (line < 0) return nullptr;
        for (const Candidate* c : m_on[size_t(line)])
            if (c->kind == Kind::Person && c->run->second < 0 && c->span.start <= 1) return c;
        return nullptr;
    }

    bool isFree(const TextRun& run, const Span& span) const {
        const auto& there = m_on[size_t(run.line)];
        return std::none_of(there.begin(), there.end(), [&](const Candidate* c) {
            return c->run != &run || (c->span.start < span.end() && span.start < c->span.end());
        });
    }

    std::optional<Span> birthDateIn(const TextRun& run) const {
        const auto date = earlyDateIn(run.text());
        if (!date || !isFree(run, *date)) return std::nullopt;
        const int left = m_in.screen.lineBeside(run.line);
        if (date->length == int(run.text().size()) && isRestOfName(left, run.line)) return date;
        if (date->start == 0) {
            const int above = m_in.screen.lineAbove(run.line);
            const std::vector<int> heads = m_tagged.headsOf(run.line);
            const bool announced =
                std::any_of(heads.begin(), heads.end(), [&](int head) { return head != above && !nameAtStart(head); });
            return !announced && nameAtStart(above) ? date : std::nullopt;
        }
        // Right behind the name, with nothing but signs or a letter for the sex between.
        static const QRegularExpression between(QStringLiteral("^[^\\p{L}\\d]*(?:[MFWHXmf][^\\p{L}\\d]+)?$"));
        const Candidate* name = nameAtStart(run.line);
        if (!name || name->span.end() > date->start) return std::nullopt;
        const QString gap = run.text().mid(name->span.end(), date->start - name->span.end());
        return between.match(gap).hasMatch() ? date : std::nullopt;
    }

    // "Obren Babalj" and a date in the next cell, which nothing else heads.
    bool isRestOfName(int name, int date) const {
        const Candidate* whole = nameAtStart(name);
        if (!whole || whole->span.end() + 1 < int(m_in.screen.runs()[size_t(name)].text().size())) return false;
        const std::vector<int> heads = m_tagged.headsOf(date);
        return std::all_of(heads.begin(), heads.end(), [&](int head) { return head == name || nameAtStart(head); });
    }

    // With nothing before it, or the family's name: "Ontiveros Carrión, Emilio".
    bool beginsItsLine(const Candidate& name) const {
        constexpr int mostBefore = 2; // a dash before who signs
        if (name.span.start <= mostBefore) return true;
        const Candidate* family = nameAtStart(name.run->line);
        if (!family || family->run != name.run || family->span.end() + 2 != name.span.start) return false;
        const QString& text = name.run->text();
        return text[family->span.end()] == u',' && !m_in.names.isGiven(text.section(u' ', 0, 0)) &&
               m_in.names.isGiven(text.mid(name.span.start, name.span.length).section(u' ', 0, 0));
    }

    void addTownBehind(const Candidate& name, std::vector<Candidate>& out) const {
        static const QRegularExpression town(
            QStringLiteral("^(?:, | (of|aus|von|de|from|d['’])\\s?|(, \\d{1,3}(?: \\p{L}+)?, ))"
                           "(\\p{Ll}?\\p{Lu}[\\p{L}'’-]+(?: (?:\\p{Ll}{2,5} ){0,2}\\p{Lu}[\\p{L}'’-]+){0,2})"
                           "(?=$|[.;)]|, \\d| ?$)"));
        const QString& text = name.run->text();
        const auto m = town.match(text.mid(name.span.end()));
        if (!m.hasMatch()) return;
        const Span span{name.span.end() + int(m.capturedStart(3)), int(m.capturedLength(3))};
        // Without a word for it, the age before it, or a dash before who signs, only a town that is known, behind a
        // name that begins its line: a list of names is one too.
        static const QRegularExpression signs(QStringLiteral("^[—–-] ?$")); // "— Femke Bakker, Keerbergen"
        const bool told =
            m.capturedLength(1) + m.capturedLength(2) > 0 || signs.match(text.left(name.span.start)).hasMatch();
        const bool ends = span.end() == int(text.size()) || text[span.end()] == u',';
        if (!told && (!ends || !beginsItsLine(name))) return;
        const bool free = std::all_of(m_on[size_t(name.run->line)].begin(), m_on[size_t(name.run->line)].end(),
                                      [&](const Candidate* c) {
                                          return c->run != name.run || c->kind == Kind::Person ||
                                                 c->span.end() <= span.start || c->span.start >= span.end();
                                      });
        if (free && mayBeTown(m_in.names, m.captured(3), !told))
            out.push_back(
                {Kind::Address, name.run, span, besideConfidence, Tr::tr("is a town behind somebody's name"), {}});
    }

    // "Thea Bajek, 34, Forward Data Producer, of Herne and …": behind the age and what one does, on the next line as
    // well.
    void addTownBehindAge(const Candidate& name, std::vector<Candidate>& out) const {
        static const QRegularExpression town(QStringLiteral(
            "^, \\d{1,3}(?: \\p{L}+)?,? [^.;:]{2,60}, (?:of|aus|von|de|from|à) "
            "(\\p{Ll}?\\p{Lu}[\\p{L}'’-]+(?: (?!and |und |et |y )(?:\\p{Ll}{2,5} ){0,2}\\p{Lu}[\\p{L}'’-]+){0,2})"
            "(?=$|[.,;)]| \\p{Ll}+ )"));
        if (name.run->second >= 0) return;
        const auto& flowing = m_in.screen.flowing();
        const auto on = std::ranges::find(flowing, name.run->line, &TextRun::line);
        const TextRun& run = on == flowing.end() ? *name.run : *on;
        const auto m = town.match(run.text().mid(name.span.end()));
        if (!m.hasMatch() || !mayBeTown(m_in.names, m.captured(1), false)) return;
        const Span span{name.span.end() + int(m.capturedStart(1)), int(m.capturedLength(1))};
        out.push_back({Kind::Address, &run, span, besideConfidence, Tr::tr("is a town behind somebody's name"), {}});
    }

    // "@vibeke91 · Hwidiem": under the name of a profile, up to the end of its line.
    void addTownBehindHandle(const Candidate& handle, std::vector<Candidate>& out) const {
        static const QRegularExpression town(
            QStringLiteral("^ [·•|–—-] (\\p{Lu}[\\p{L}'’-]+(?: \\p{Lu}[\\p{L}'’-]+){0,2})$"));
        const QString& text = handle.run->text();
        if (handle.run->second >= 0 || handle.span.start > 0 || !text.startsWith(u'@')) return;
        const auto m = town.match(text.mid(handle.span.end()));
        if (!m.hasMatch() || !mayBeTown(m_in.names, m.captured(1), false)) return;
        const Span span{handle.span.end() + int(m.capturedStart(1)), int(m.capturedLength(1))};
        const auto& there = m_on[size_t(handle.run->line)];
        if (std::all_of(there.begin(), there.end(),
                        [&](const Candidate* c) { return c == &handle || c->run != handle.run; }))
            out.push_back({Kind::Address,
                           handle.run,
                           span,
                           besideConfidence,
                           Tr::tr("is a town behind somebody's user name"),
                           {}});
    }

    // Both of one size, larger than most of the page.
    bool isHeadline(const TextLine& upper, const TextLine& lower) const {
        constexpr double larger = 1.4, sameSize = 1.15;
        std::vector<double> sizes;
        for (const TextLine& line : m_in.screen.page().lines) sizes.push_back(line.xHeight);
        const auto middle = sizes.begin() + long(sizes.size() / 2);
        std::nth_element(sizes.begin(), middle, sizes.end());
        return std::min(upper.xHeight, lower.xHeight) >= larger * *middle &&
               std::max(upper.xHeight, lower.xHeight) <= sameSize * std::min(upper.xHeight, lower.xHeight);
    }

    // "Irma" over "Smitham": a narrow cell broke the name between the two.
    void addRestUnder(const Candidate& name, std::vector<Candidate>& out) const {
        constexpr double tight = 1.7; // heights of a small x between two lines of one paragraph, at most
        static const QRegularExpression oneWord(QStringLiteral("^\\p{Lu}[\\p{L}'’-]+$"));
        const QString& text = name.run->text();
        const int below = lineUnder(name.run->line);
        if (name.run->second >= 0 || below < 0 || name.span.start > 0 || name.span.end() < int(text.size())) return;
        const TextRun& run = m_in.screen.runs()[size_t(below)];
        if (!oneWord.match(text).hasMatch() || !oneWord.match(run.text()).hasMatch() || !isFree(run, {0, 1})) return;
        const auto& lines = m_in.screen.page().lines;
        const TextLine &upper = lines[size_t(name.run->line)], &lower = lines[size_t(below)];
        if (lower.box.top() - upper.box.bottom() > tight * std::max(4.0, upper.xHeight)) return;
        const QString& word = run.text();
        const bool family = m_in.names.isFamily(word) && !m_in.names.isVeryCommonWord(word, m_in.screen.language());
        // As a headline whoever it is of may be called like a town, and by no name of the lists.
        const bool known = m_in.names.isGiven(text) && !m_in.names.isPlace(word);
        if (!family || !(known || isHeadline(upper, lower)) || m_in.screen.labelOf(below)) return;
        const std::vector<Token> tokens = tokensOf(run);
        if (tokens.size() != 1 || isThing(tokens[0]) || isRoleWord(tokens[0]) || isCalendarWord(tokens[0])) return;
        out.push_back({Kind::Person,
                       &run,
                       {0, int(word.size())},
                       besideConfidence,
                       Tr::tr("goes on with the name above it"),
                       {}});
    }

    // A word of the lists of names that is no other word as well.
    bool isOnlyName(const QString& text) const {
        static const QRegularExpression oneWord(QStringLiteral("^\\p{Lu}[\\p{L}'’-]+$"));
        if (!oneWord.match(text).hasMatch()) return false;
        const Token word = tokensOf(TextRun{SearchText(text)}).front();
        return m_in.names.isGivenOrFamily(text) && !m_in.names.isPlace(text) && !m_in.names.isVeryCommonWord(text) &&
               !isThing(word) && !isAlsoThing(word) && !isRoleWord(word) && !isCalendarWord(word);
    }

    // "Sheldon" in the cell before "Hermiston", or before a bar: a list that keeps given names and families' apart.
    void addOtherHalf(const Candidate& name, std::vector<Candidate>& out) const {
        static const QRegularExpression before(QStringLiteral("(?:^|[|;] ?)([^|;]+?) ?[|;] ?$"));
        const QString& text = name.run->text();
        const auto add = [&](const TextRun& run, const Span& span) {
            if (isOnlyName(run.text().mid(span.start, span.length)) && isFree(run, span))
                out.push_back({Kind::Person,
                               &run,
                               span,
                               besideConfidence,
                               Tr::tr("stands beside the other half of somebody's name"),
                               {}});
        };
        if (name.run->second >= 0 || text.mid(name.span.start, name.span.length).contains(u' ')) return;
        if (const auto m = before.match(text.left(name.span.start)); m.hasMatch())
            add(*name.run, {int(m.capturedStart(1)), int(m.capturedLength(1))});
        if (name.span.length < int(text.size())) return;
        for (const TextRun& run : m_in.screen.runs()) {
            const bool beside = m_in.screen.lineBeside(run.line) == name.run->line ||
                                m_in.screen.lineBeside(name.run->line) == run.line;
            if (beside && !m_in.screen.labelOf(run.line)) add(run, {0, int(run.text().size())});
        }
    }

    // "5870 Skyla Brooks" over "Generalchester".
    void addTownUnder(const Candidate& street, std::vector<Candidate>& out) const {
        static const QRegularExpression words(
            QStringLiteral("^(?=.*\\p{Ll})\\p{Lu}[\\p{L}'’.-]+(?: [\\p{L}'’.-]+){0,2}$"));
        const QString& text = street.run->text();
        const bool whole = street.run->second < 0 && street.span.start == 0 && street.span.end() == int(text.size());
        const auto isDigit = [](QChar c) { return c.isDigit(); };
        if (!whole || text.contains(u',') || std::none_of(text.begin(), text.end(), isDigit)) return;
        const int below = m_in.screen.lineBelow(street.run->line);
        if (below < 0 || m_in.screen.labelOf(below)) return;
        const TextRun& run = m_in.screen.runs()[size_t(below)];
        const Span span{0, int(run.text().size())};
        if (words.match(run.text()).hasMatch() && isFree(run, span) && mayBeTown(m_in.names, run.text(), false))
            out.push_back({Kind::Address, &run, span, besideConfidence, Tr::tr("goes on under a street address"), {}});
    }

    // The next line of the same block, at the same left side or in the same middle. -1 where there is none.
    int lineUnder(int line) const {
        constexpr double close = 2.2, inLine = 0.6; // heights of a small x
        const int below = m_in.screen.lineBelow(line);
        if (below >= 0) return below;
        const auto& lines = m_in.screen.page().lines;
        const TextLine& upper = lines[size_t(line)];
        const double size = std::max(4.0, upper.xHeight);
        const auto isUnder = [&](const TextLine& lower) {
            const double gap = lower.box.top() - upper.box.bottom();
            return gap > -0.5 * size && gap <= close * size &&
                   std::abs(lower.box.center().x() - upper.box.center().x()) <= inLine * size;
        };
        const auto next = std::ranges::find_if(lines, isUnder);
        return next == lines.end() ? -1 : int(next - lines.begin());
    }

    // "* 17.5.1962" over "Alderport": a line of its own in what is told of somebody.
    void addTownUnderBirth(const Candidate& birth, std::vector<Candidate>& out) const {
        const int below = lineUnder(birth.run->line);
        if (below < 0 || birth.span.end() < int(birth.run->text().size()) || m_in.screen.labelOf(below)) return;
        const TextRun& run = m_in.screen.runs()[size_t(below)];
        const Span span{0, int(run.text().size())};
        if (isFree(run, span) && mayBeTown(m_in.names, run.text(), true))
            out.push_back(
                {Kind::Address, &run, span, besideConfidence, Tr::tr("is a town under somebody's date of birth"), {}});
    }

    // "Angeline Kris (akris)": in brackets behind a name, and made of it.
    void addUserNameBehind(const Candidate& name, std::vector<Candidate>& out) const {
        static const QRegularExpression bracketed(QStringLiteral("^ ?\\((@?[a-z][a-z0-9._-]{2,30})\\)"));
        static const QRegularExpression signs(QStringLiteral("[^a-z]+"));
        const auto m = bracketed.match(name.run->text().mid(name.span.end()));
        const std::vector<Token> tokens =
            tokensOf(TextRun{SearchText(name.run->text().mid(name.span.start, name.span.length))});
        if (!m.hasMatch() || tokens.size() < 2) return;
        const Span span{name.span.end() + int(m.capturedStart(1)), int(m.capturedLength(1))};
        const QString word = m.captured(1).remove(signs);
        const auto isMade = [&](const QString& one, const QString& other) {
            return word == one || word == one + other || word == one.left(1) + other || word == one + other.left(1);
        };
        const QString first = tokens.front().plain, last = tokens.back().plain;
        if (isFree(*name.run, span) && (isMade(first, last) || isMade(last, first)))
            out.push_back({Kind::Username,
                           name.run,
                           span,
                           besideConfidence,
                           Tr::tr("stands in brackets behind the name it is made of"),
                           {}});
    }

    // "7722" in a cell, "Liestal" in the next: the town of a post code.
    void addTownBesideCode(const Candidate& code, std::vector<Candidate>& out) const {
        static const QRegularExpression postCode(QStringLiteral("^(?=.*\\d)[\\p{Lu}\\d]{2,5}[ -]?[\\p{Lu}\\d]{0,5}$"));
        static const QRegularExpression words(
            QStringLiteral("^(?=.*\\p{Ll})\\p{Lu}[\\p{L}'’.-]+(?: [\\p{L}'’./()-]+){0,4}$"));
        const QString& text = code.run->text();
        if (code.run->second >= 0 || code.span.length < int(text.size()) || !postCode.match(text).hasMatch()) return;
        for (const TextRun& run : m_in.screen.runs()) {
            if (m_in.screen.lineBeside(run.line) != code.run->line || !words.match(run.text()).hasMatch()) continue;
            const Span span{0, int(run.text().size())};
            if (isFree(run, span) && !m_in.screen.labelOf(run.line))
                out.push_back({Kind::Address, &run, span, besideConfidence, Tr::tr("stands beside a post code"), {}});
        }
    }

    const Surroundings& m_in;
    const TaggedPage& m_tagged;
    std::vector<std::vector<const Candidate*>> m_on; // by line
};

} // namespace

void findBesidePeople(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                      std::vector<Candidate>& out) {
    BesidePeople(in, tagged, kept).find(out);
}

} // namespace eyelid
