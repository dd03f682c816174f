#include "finding/street_over_houses.h"

#include "base/sentence.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr size_t fewestHouses = 3;
constexpr double aligned = 0.8;          // heights of a small x
constexpr double headReach = 10;         // heights of a small x from a street to the first of its houses
constexpr double streetConfidence = 0.7; // open under every policy that looks for addresses

struct House {
    int number = 0;
    QRectF box;
    double xHeight = 0;
};

class StreetsOverHouses {
public:
    StreetsOverHouses(const Surroundings& in, const std::vector<Candidate>& kept) : m_in(in), m_kept(kept) {}

    void find(std::vector<Candidate>& out) const {
        std::vector<House> houses;
        for (const Candidate& name : m_kept)
            if (const auto house = houseBefore(name)) houses.push_back(*house);
        std::sort(houses.begin(), houses.end(),
                  [](const House& a, const House& b) { return a.box.top() < b.box.top(); });
        while (!houses.empty()) {
            const House first = houses.front();
            const auto rest = std::stable_partition(houses.begin(), houses.end(),
                                                    [&](const House& h) { return standInColumn(first, h); });
            const std::vector<House> column(houses.begin(), rest);
            houses.erase(houses.begin(), rest);
            if (column.size() < fewestHouses || !areHouses(column)) continue;
            if (const TextRun* street = streetOver(column.front()))
                out.push_back({Kind::Address,
                               street,
                               {0, int(street->text().size())},
                               streetConfidence,
                               Tr::tr("is a street over a list of its houses"),
                               {}});
        }
    }

private:
    bool isFree(const TextRun& run, const Span& span) const {
        return std::none_of(m_kept.begin(), m_kept.end(), [&](const Candidate& c) {
            return c.run == &run && c.span.start < span.end() && span.start < c.span.end();
        });
    }

    // The number before a name, in its line or in the cell beside it.
    std::optional<House> houseBefore(const Candidate& name) const {
        static const QRegularExpression number(QStringLiteral("^(\\d{1,4})[A-Za-z]?$"));
        if (name.kind != Kind::Person || name.run->second >= 0) return std::nullopt;
        const TextRun* run = name.run;
        Span span{0, name.span.start};
        if (const int left = m_in.screen.lineBeside(run->line); span.length == 0 && left >= 0) {
            run = &m_in.screen.runs()[size_t(left)];
            span.length = int(run->text().size());
        }
        const auto m = number.match(run->text().left(span.length).trimmed());
        if (!m.hasMatch() || run->text().startsWith(u' ')) return std::nullopt;
        span.length = int(m.capturedLength());
        const std::vector<QRectF> boxes = m_in.screen.boxes(*run, span);
        if (boxes.empty() || !isFree(*run, span)) return std::nullopt;
        return House{m.captured(1).toInt(), boxes.front(), m_in.screen.page().lines[size_t(run->line)].xHeight};
    }

    static bool standInColumn(const House& a, const House& b) {
        const double most = aligned * a.xHeight;
        return std::abs(a.box.left() - b.box.left()) < most || std::abs(a.box.right() - b.box.right()) < most;
    }

    // They grow, a flat's neighbour having the same; what only counts grows by one.
    static bool areHouses(const std::vector<House>& column) {
        bool onlyCounts = true;
        for (size_t i = 1; i < column.size(); ++i) {
            const int step = column[i].number - column[i - 1].number;
            if (step < 0) return false;
            onlyCounts = onlyCounts && step == 1;
        }
        return !onlyCounts;
    }

    // The nearest line over the first house that begins where it does and names a street.
    const TextRun* streetOver(const House& first) const {
        const TextRun* nearest = nullptr;
        double least = headReach * first.xHeight;
        for (const TextRun& run : m_in.screen.runs()) {
            const TextLine& line = m_in.screen.page().lines[size_t(run.line)];
            const double over = first.box.top() - line.box.bottom();
            const double indent = std::abs(line.box.left() - first.box.left());
            if (over <= 0 || over >= least || indent > 2 * std::max(line.xHeight, first.xHeight)) continue;
            if (!isAlone(run) || !readsLikeStreet(run)) continue;
            nearest = &run;
            least = over;
        }
        return nearest;
    }

    bool isAlone(const TextRun& run) const {
        const auto& lines = m_in.screen.page().lines;
        const QRectF& own = lines[size_t(run.line)].box;
        return std::none_of(lines.begin(), lines.end(), [&](const TextLine& other) {
            return &other != &lines[size_t(run.line)] && other.box.top() < own.center().y() &&
                   other.box.bottom() > own.center().y();
        });
    }

    // "Vicarage Road", "Noalaan": a word for a street leads or ends it, or it has no word of every day.
    bool readsLikeStreet(const TextRun& run) const {
        constexpr size_t mostWords = 5;
        const std::vector<Token> words = tokensOf(run);
        if (words.empty() || words.size() > mostWords || m_in.screen.labelOf(run.line) ||
            !isFree(run, {0, int(run.text().size())}))
            return false;
        if (leadsStreet(words.front()) || (words.size() > 1 && endsStreet(words.back()))) return true;
        return std::all_of(words.begin(), words.end(), [&](const Token& t) {
            return !t.digits && (isParticle(t) || joinsTown(t.text) ||
                                 (t.capital && (!isOrdinary(m_in.names, t.text) || m_in.names.isPlace(t.text) ||
                                                m_in.names.isGivenOrFamily(t.text))));
        });
    }

    const Surroundings& m_in;
    const std::vector<Candidate>& m_kept;
};

} // namespace

void findStreetsOverHouses(const Surroundings& in, const std::vector<Candidate>& kept, std::vector<Candidate>& out) {
    StreetsOverHouses(in, kept).find(out);
}

} // namespace eyelid
