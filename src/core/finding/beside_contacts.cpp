#include "finding/beside_contacts.h"

#include "base/sentence.h"
#include "finding/towns.h"

#include <algorithm>
#include <cmath>
#include <QRegularExpression>

namespace eyelid {
namespace {

class BesideContacts {
public:
    BesideContacts(const Surroundings& in, const std::vector<Candidate>& kept)
        : m_in(in), m_lines(in.screen.page().lines), m_on(m_lines.size()) {
        for (const Candidate& c : kept) {
            m_on[size_t(c.run->line)].push_back(&c);
            if (c.run->second >= 0) m_on[size_t(c.run->second)].push_back(&c);
        }
    }

    void find(std::vector<Candidate>& out) const {
        for (const TextRun& run : m_in.screen.runs()) {
            const bool details = isOfDetails(run);
            for (const Span& part : partsOf(run)) {
                const bool alone = part.length == int(run.text().size()) || isBehindSign(run, part);
                if (details != alone && isFree(run, part) && isPlace(run, part, alone))
                    out.push_back({Kind::Address,
                                   &run,
                                   part,
                                   confidence,
                                   Tr::tr("is a town beside the ways to reach somebody"),
                                   {}});
            }
        }
    }

private:
    static constexpr double confidence = 0.65; // open under every policy that looks for it

    bool isFree(const TextRun& run, const Span& span) const {
        return std::ranges::none_of(m_on[size_t(run.line)], [&](const Candidate* c) {
            return c->run != &run || (c->span.start < span.end() && span.start < c->span.end());
        });
    }

    bool holds(int line, std::initializer_list<Kind> kinds) const {
        return std::ranges::any_of(m_on[size_t(line)], [&](const Candidate* c) {
            return c->run->second < 0 && std::ranges::find(kinds, c->kind) != kinds.end();
        });
    }

    // A mail address or a number to call, or a page on the web, by itself or among its like.
    bool isOfDetails(const TextRun& run) const {
        static const QRegularExpression link(QStringLiteral("^\\S{0,3} ?(?:https?://|www\\.)\\S+$"));
        return holds(run.line, {Kind::Email, Kind::Phone}) || link.match(run.text()).hasMatch();
    }

    // What bars, which may be read as letters, dots and dashes part; of a line by itself what stands behind the sign
    // before it, which a reader takes for a letter or two.
    static std::vector<Span> partsOf(const TextRun& run) {
        static const QRegularExpression parting(QStringLiteral(" ?[|·•∙⋅] ?| [–—I-] "));
        static const QRegularExpression sign(QStringLiteral("^(?!\\p{Lu}\\p{Ll})\\S{1,2} "));
        std::vector<Span> parts;
        int from = 0;
        const auto end = [&](int at) {
            if (at > from) parts.push_back({from, at - from});
        };
        for (auto all = parting.globalMatch(run.text()); all.hasNext();) {
            const auto m = all.next();
            end(int(m.capturedStart()));
            from = int(m.capturedEnd());
        }
        end(int(run.text().size()));
        if (parts.size() == 1)
            if (const auto m = sign.match(run.text()); m.hasMatch())
                parts.push_back({int(m.capturedLength()), int(run.text().size() - m.capturedLength())});
        return parts;
    }

    static bool isBehindSign(const TextRun& run, const Span& part) {
        constexpr int longestSign = 3;
        return part.start <= longestSign && part.end() == int(run.text().size());
    }

    bool isPlace(const TextRun& run, const Span& part, bool alone) const {
        const QString text = run.text().mid(part.start, part.length).trimmed();
        const bool withRegion = isTownWithRegion(m_in.names, text);
        if (!alone) return withRegion || m_in.names.isPlace(text);
        return withRegion ? standsByDetails(run) || isUnderHeadline(run)
                          : mayBeTown(m_in.names, text, true) && isUnderHeadline(run);
    }

    // Two lines of one block, one right over the other. `close`: at most so many heights of a small x apart.
    static bool areClose(const TextLine& upper, const TextLine& lower, double close = 2.2) {
        constexpr double inLine = 0.7; // heights of a small x
        const double size = std::max({4.0, upper.xHeight, lower.xHeight});
        const double gap = lower.box.top() - upper.box.bottom();
        return gap > -0.5 * size && gap <= close * size &&
               (std::abs(lower.box.left() - upper.box.left()) <= inLine * size ||
                std::abs(lower.box.center().x() - upper.box.center().x()) <= inLine * size);
    }

    bool standsByDetails(const TextRun& run) const {
        const TextLine& own = m_lines[size_t(run.line)];
        return std::ranges::any_of(m_in.screen.runs(), [&](const TextRun& other) {
            const TextLine& line = m_lines[size_t(other.line)];
            return other.line != run.line && (areClose(own, line) || areClose(line, own)) && isOfDetails(other);
        });
    }

    // "Amélia I. Rocha" as a headline, and a town right under it.
    bool isUnderHeadline(const TextRun& run) const {
        constexpr double larger = 1.2; // of the type below it
        constexpr double apart = 4;    // heights of a small x below a headline, at most
        const TextLine& own = m_lines[size_t(run.line)];
        return std::ranges::any_of(m_in.screen.runs(), [&](const TextRun& other) {
            const TextLine& line = m_lines[size_t(other.line)];
            return areClose(line, own, apart) && line.xHeight >= larger * own.xHeight &&
                   holds(other.line, {Kind::Person});
        });
    }

    const Surroundings& m_in;
    const std::vector<TextLine>& m_lines;
    std::vector<std::vector<const Candidate*>> m_on; // by line
};

} // namespace

void findBesideContacts(const Surroundings& in, const std::vector<Candidate>& kept, std::vector<Candidate>& out) {
    BesideContacts(in, kept).find(out);
}

} // namespace eyelid
