#include "reading/shapes.h"

#include "language/look_alikes.h"
#include "reading/letter_limits.h"
#include "reading/letter_shape.h"
#include "reading/mended_glyphs.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <map>
#include <QHash>

namespace eyelid {

using namespace letters;

namespace {

const QString quoteSigns = QStringLiteral("\"“”„");

class Mender {
public:
    Mender(const std::vector<ShapedLine>& lines, const std::function<bool(const QString&)>& isWord,
           const Workers& workers)
        : m_lines(lines), m_isWord(isWord), m_workers(workers) {}

    std::vector<std::vector<ReadGlyph>> run() {
        std::vector<LineShapes> own(m_lines.size());
        std::vector<const LineShapes*> shapes(m_lines.size());
        std::vector<size_t> unknown;
        for (size_t i = 0; i < m_lines.size(); ++i) {
            shapes[i] = m_lines[i].shapes ? m_lines[i].shapes : &own[i];
            if (!m_lines[i].shapes) unknown.push_back(i);
        }
        m_workers(unknown.size(), [&](size_t n) { own[unknown[n]] = shapesOf(m_lines[unknown[n]], m_isWord); });
        gather(shapes);
        findFonts();
        if (std::any_of(m_pitch.begin(), m_pitch.end(), [](double p) { return p > 0; })) {
            // Once more, with touching letters of one pitch parted at their cells.
            const std::vector<LineCells> cells = findCells();
            m_workers(m_lines.size(), [&](size_t i) {
                const ShapedLine& line = m_lines[i];
                if (cells[i].pitch <= 0) return;
                own[i] = shapesOf(line, m_isWord, cells[i]);
                shapes[i] = &own[i];
            });
            gather(shapes);
        }
        cluster();
        vote();
        // Once more, knowing the shapes: a glyph is put right that was given to its neighbour.
        m_workers(m_lines.size(), [this](size_t i) { label(i); });
        vote();
        findFonts();
        compare();
        listSpreads();
        std::vector<std::vector<ReadGlyph>> glyphs(m_lines.size());
        m_workers(m_lines.size(), [&](size_t i) { glyphs[i] = mended(i); });
        return glyphs;
    }

private:
    void gather(const std::vector<const LineShapes*>& shapes) {
        m_runs.clear();
        m_begin.clear();
        m_tokens.clear();
        m_fits.clear();
        for (size_t i = 0; i < shapes.size(); ++i) {
            m_begin.push_back(m_runs.size());
            m_runs.insert(m_runs.end(), shapes[i]->runs.begin(), shapes[i]->runs.end());
            for (size_t r = m_begin.back(); r < m_runs.size(); ++r) m_runs[r].line = i;
            m_tokens.push_back(&shapes[i]->tokens);
            m_fits.push_back(shapes[i]->fits);
        }
    }
    size_t endOf(size_t index) const { return index + 1 < m_begin.size() ? m_begin[index + 1] : m_runs.size(); }

    // Labels a line again, by what the shapes of its runs are known to read.
    void label(size_t index) {
        const ShapedLine& line = m_lines[index];
        const std::span<InkRun> runs(m_runs.data() + m_begin[index], endOf(index) - m_begin[index]);
        if (runs.empty()) return;
        std::vector<const QString*> known(runs.size(), nullptr);
        for (size_t r = 0; r < runs.size(); ++r) {
            const Shape& shape = m_shapes[runs[r].shape];
            if (shape.bestWeight >= leastWeight && shape.bestWeight >= knownShare * shape.total) known[r] = &shape.best;
        }
        m_fits[index] = labelRuns(runs, line, *m_tokens[index], known, bool(m_fits[index]));
    }

    bool alike(const InkRun& a, const InkRun& b) const {
        const QImage &inkA = m_lines[a.line].uniform->ink, &inkB = m_lines[b.line].uniform->ink;
        const double most = sameShape * double(std::max(a.ink, b.ink));
        if (double(std::abs(a.ink - b.ink)) > most) return false;
        long differ = 0;
        for (int y = 0; y < a.height(); ++y) {
            const uchar *p = inkA.constScanLine(a.top + y) + a.left, *q = inkB.constScanLine(b.top + y) + b.left;
            for (int x = 0; x < a.width(); ++x) differ += std::abs(int(p[x]) - int(q[x]));
            if (double(differ) > most) return false;
        }
        return true;
    }

    // Runs of one size may be of one shape; which are is found for each size by itself. A shape is that of the run it
    // was first seen in.
    void cluster() {
        QHash<quint64, size_t> sizes;
        std::vector<std::vector<size_t>> ofSize;
        for (size_t r = 0; r < m_runs.size(); ++r) {
            const quint64 size = quint64(m_runs[r].width()) << 32 | quint64(m_runs[r].height());
            const size_t at = sizes.value(size, ofSize.size());
            if (at == ofSize.size()) {
                sizes.insert(size, at);
                ofSize.emplace_back();
            }
            ofSize[at].push_back(r);
        }
        std::vector<size_t> leaders(m_runs.size());
        m_workers(ofSize.size(), [&](size_t at) {
            QHash<int, std::vector<size_t>> seen; // by place over the baseline
            QHash<size_t, size_t> drawings;
            for (const size_t r : ofSize[at]) {
                const InkRun& run = m_runs[r];
                // Drawn like an earlier one to the pixel, as most are: of the same shape.
                size_t leader = drawings.value(run.drawing, r);
                for (const int off : {0, -1, 1}) {
                    if (leader != r) break;
                    const auto it = seen.constFind(run.overBase + off);
                    if (it == seen.constEnd()) continue;
                    const auto like =
                        std::find_if(it->begin(), it->end(), [&](size_t other) { return alike(m_runs[other], run); });
                    if (like != it->end()) leader = *like;
                }
                if (leader == r) seen[run.overBase].push_back(r);
                drawings.insert(run.drawing, leader);
                leaders[r] = leader;
            }
        });
        for (size_t r = 0; r < m_runs.size(); ++r) {
            if (leaders[r] == r) {
                m_runs[r].shape = m_shapes.size();
                m_shapes.push_back({.leader = r});
            }
            m_runs[r].shape = m_runs[leaders[r]].shape;
            ++m_shapes[m_runs[r].shape].members;
        }
    }

    std::vector<LineCells> findCells() const {
        std::vector<LineCells> cells(m_lines.size());
        for (size_t i = 0; i < m_lines.size(); ++i) {
            if (m_pitch[i] <= 0) continue;
            // The pitch to a fraction of a pixel and the grid's place, by least squares over the letters' middles.
            std::vector<double> middles;
            for (size_t r = m_begin[i]; r < endOf(i); ++r)
                if (m_runs[r].count == 1 && m_runs[r].width() < ofOneCell * m_pitch[i])
                    middles.push_back((m_runs[r].left + m_runs[r].right) / 2.0);
            if (middles.size() < 8) continue;
            double n = 0, sx = 0, sy = 0, sxx = 0, sxy = 0, cell = 0;
            for (size_t k = 0; k < middles.size(); ++k) {
                if (k > 0) cell += std::round((middles[k] - middles[k - 1]) / m_pitch[i]);
                n += 1;
                sx += cell;
                sy += middles[k];
                sxx += cell * cell;
                sxy += cell * middles[k];
            }
            const double spreadOf = n * sxx - sx * sx;
            if (spreadOf <= 0) continue;
            cells[i].pitch = (n * sxy - sx * sy) / spreadOf;
            cells[i].middle = (sy - cells[i].pitch * sx) / n;
            if (std::abs(cells[i].pitch - m_pitch[i]) > offFittedPitch * m_pitch[i]) cells[i] = {};
        }
        return cells;
    }

    // Type of one pitch is of one font over all lines of that pitch and height; other type only on its own line.
    void findFonts() {
        m_fonts.resize(m_lines.size());
        m_pitch.assign(m_lines.size(), 0);
        for (size_t i = 0; i < m_lines.size(); ++i) {
            m_fonts[i] = -1 - int(i);
            std::vector<double> steps, middles;
            for (size_t r = m_begin[i]; r < endOf(i); ++r) {
                if (m_runs[r].count != 1) continue;
                middles.push_back((m_runs[r].left + m_runs[r].right) / 2.0);
                if (middles.size() > 1) steps.push_back(middles.back() - middles[middles.size() - 2]);
            }
            if (steps.size() < 8) continue;
            std::vector<double> sorted = steps;
            std::nth_element(sorted.begin(), sorted.begin() + long(sorted.size() / 2), sorted.end());
            const double pitch = sorted[sorted.size() / 2];
            double even = 0;
            for (const double s : steps)
                even += pitch > 0 && s > leastStep * pitch && std::abs(s / pitch - std::round(s / pitch)) < offGrid;
            if (even < (steps.size() >= 14 ? mostEven : 1) * double(steps.size())) continue;
            m_pitch[i] = pitch;
            m_fonts[i] = int(std::lround(pitch * 2)) * 1000 + int(std::lround(m_lines[i].patch->xHeight)) * 2 +
                         (m_lines[i].patch->lightOnDark ? 1 : 0);
        }
    }

    void vote() {
        m_attested.clear();
        for (Shape& shape : m_shapes) {
            shape.votes.clear();
            shape.best.clear();
            shape.bestWeight = shape.total = 0;
        }
        for (const InkRun& run : m_runs) {
            Votes& v = m_shapes[run.shape].votes[run.label];
            v.weight += run.weight;
            v.sure += run.weight > vouchedRun;
        }
        for (Shape& shape : m_shapes) {
            // One shape cannot open and close a quotation: then it is the upright mark.
            int marks = 0;
            double weight = 0;
            for (const auto& [label, v] : shape.votes)
                if (label.size() == 1 && quoteSigns.contains(label)) {
                    ++marks;
                    weight += v.weight;
                }
            if (marks > 1) shape.votes[QStringLiteral("\"")].weight = weight;
            for (const auto& [label, v] : shape.votes) {
                shape.total += v.weight;
                if (v.weight > shape.bestWeight) {
                    shape.bestWeight = v.weight;
                    shape.best = label;
                }
                if (v.sure > 0) m_attested[label].push_back(&shape);
            }
        }
    }

    // Letters are also drawn at fractions of a pixel: such drawings differ, and blurred they are alike again.
    const QImage& inkOf(const Shape& shape) const { return m_lines[m_runs[shape.leader].line].uniform->ink; }
    double distance(const Shape& a, const Shape& b, double enough) const {
        return eyelid::distance({&m_runs[a.leader], &a}, {&m_runs[b.leader], &b}, enough);
    }

    void compare() {
        QHash<int, std::vector<size_t>> known; // by width
        for (size_t s = 0; s < m_shapes.size(); ++s) {
            Shape& shape = m_shapes[s];
            soften(shape, m_runs[shape.leader], inkOf(shape));
            const auto best = shape.votes.find(shape.best);
            shape.sure = !shape.best.isEmpty() && best->second.sure > 0 && shape.bestWeight >= sureShare * shape.total;
            if (shape.sure) m_sure[shape.best].push_back(s);
            if (shape.sure) known[m_runs[shape.leader].width()].push_back(s);
        }
        std::vector<char> asked(m_shapes.size(), 0); // what was read beyond doubt asks no shape
        for (const InkRun& run : m_runs) asked[run.shape] |= char(!settledBefore(run));
        for (const InkRun& run : m_runs) {
            Shape& shape = m_shapes[run.shape];
            if (!shape.sure || run.weight <= vouchedRun || run.label != shape.best) continue;
            const int font = m_fonts[run.line];
            if (std::find(shape.fonts.begin(), shape.fonts.end(), font) == shape.fonts.end())
                shape.fonts.push_back(font);
        }
        m_workers(m_shapes.size(), [&](size_t at) {
            Shape& shape = m_shapes[at];
            const InkRun& run = m_runs[shape.leader];
            if (!asked[at] || (shape.sure && shape.bestWeight >= leastWeight)) return;
            double nearest = never, other = never, own = never;
            QString label;
            for (int width = run.width() - 1; width <= run.width() + 1; ++width) {
                const auto it = known.constFind(width);
                if (it == known.constEnd()) continue;
                for (const size_t k : *it) {
                    const Shape& candidate = m_shapes[k];
                    if (&candidate == &shape) continue;
                    const InkRun& r = m_runs[candidate.leader];
                    if (std::abs(r.height() - run.height()) > 1 || std::abs(r.overBase - run.overBase) > 1) continue;
                    if (double(std::abs(r.ink - run.ink)) > unlikeInk * double(std::max(r.ink, run.ink))) continue;
                    const double d = distance(shape, candidate, nearShape / clearlyNearer + beyond);
                    if (candidate.best == shape.best) own = std::min(own, d);
                    if (candidate.best == label) {
                        nearest = std::min(nearest, d);
                    } else if (d < nearest) {
                        other = nearest;
                        nearest = d;
                        label = candidate.best;
                    } else {
                        other = std::min(other, d);
                    }
                }
            }
            // Its own reading must be known here as well, and not be like it, or be no letter at all.
            const bool refuted = own < never ? nearest < clearlyNearer * own
                                             : shape.best.size() != 1 || !shape.best[0].isLetterOrNumber();
            if (nearest < nearShape && nearest < clearlyNearer * other && refuted) shape.like = label;
        });
    }

    // Whether another shape of this size is known to be that character.
    bool attestedElsewhere(const QString& label, const Shape& besides) const {
        const auto it = m_attested.constFind(label);
        if (it == m_attested.constEnd()) return false;
        const double xHeight = xHeightOf(besides);
        return std::any_of(it->begin(), it->end(), [&](const Shape* s) {
            return s != &besides && std::abs(xHeightOf(*s) - xHeight) <= 1 && s->best == label;
        });
    }
    double xHeightOf(const Shape& shape) const { return m_lines[m_runs[shape.leader].line].patch->xHeight; }

    // What the run should read, by what its like elsewhere are read as; nothing to say: its own label.
    QString verdict(const InkRun& run) const {
        if (!run.mixed && run.label.size() == 1 && run.label[0].isDigit() && m_shapes[run.shape].members < 4)
            return settledDigit(run);
        const QString reads = byShape(run);
        return run.mixed ? cased(run, reads) : reads;
    }

    // Capitals that are small letters grown large are told by their height alone.
    QString cased(const InkRun& run, const QString& reads) const {
        static const QString twins = QStringLiteral("cosuvwxz");
        if (reads.size() != 1 || !twins.contains(reads[0].toLower())) return reads;
        const double high = run.overBase / m_lines[run.line].patch->xHeight;
        return high > capitalFrom ? reads.toUpper() : high < smallUpTo ? reads.toLower() : reads;
    }

    QString byShape(const InkRun& run) const {
        const Shape& shape = m_shapes[run.shape];
        const double xHeight = m_lines[run.line].patch->xHeight;
        QString best = shape.best;
        if (shape.members < 2 || shape.bestWeight < leastWeight || best.isEmpty()) {
            best = shape.like;
            // Near is not the same: it decides only where nothing vouches for the run's own reading.
            if (run.weight > mostForNear ||
                (run.label.size() == 1 && !LookAlikes::shipped().all(run.label).contains(best)))
                best = run.label;
            // Words no list knows keep their letters; keys, numbers and addresses are looked at letter by letter.
            if (run.mixed && !run.label.isEmpty() && (best == run.label || best.isEmpty())) best = settled(run);
            if (best != run.label && best != shape.like && best != shape.best) return best;
        }
        // What the recogniser left out is put in where the very same shape is known, or where it is a mark by its
        // build.
        if (run.label.isEmpty() && (best.isEmpty() || best != shape.best || shape.sureOf(best) < 2)) {
            const QString mark = markOf(run);
            // Not where the recogniser saw it and it was put to the neighbour.
            const size_t at = size_t(&run - m_runs.data());
            for (const size_t beside : {at - 1, at + 1})
                if (beside < m_runs.size() && m_runs[beside].line == run.line && m_runs[beside].label.contains(mark))
                    return {};
            return mark;
        }
        if (best == run.label || best.isEmpty()) return run.label;
        // A word no list knows, or one that is known: only letter for letter, and only by the very same shape.
        if (!run.mixed && run.weight > nothingKnown && !run.label.isEmpty() &&
            (run.label.size() != 1 || best.size() != 1 || best != shape.best))
            return run.label;
        if (quoteSigns.contains(run.label) && best == QLatin1String("\"") && !run.label.isEmpty()) return best;
        const auto own = shape.votes.find(run.label);
        const double against = own == shape.votes.end() ? 0 : own->second.weight;
        const bool proven = own == shape.votes.end() || own->second.sure == 0 ? shape.sureOf(shape.best) >= 3 : false;
        if (best == shape.best && shape.bestWeight < (proven ? 1 : leastLead) * against) return run.label;
        if (best != shape.best && own != shape.votes.end() && own->second.sure > 1) return run.label;
        if (LookAlikes::shipped().drawnAlike(best, run.label) && !attestedElsewhere(run.label, shape)) return run.label;
        if (misfit(run, best, xHeight) >
            (run.label.isEmpty() ? lostMisfit : misfit(run, run.label, xHeight) + changedMisfit))
            return run.label;
        return best;
    }

    // The distance to what is known to be that character: anywhere in this size, and in the run's own font.
    struct Evidence {
        double near = never, inFont = never;
    };
    // Distances beyond `enough` need not be exact.
    Evidence evidence(const InkRun& run, const QString& character, double enough) const {
        Evidence e;
        const auto it = m_sure.constFind(character);
        if (it == m_sure.constEnd()) return e;
        const double xHeight = m_lines[run.line].patch->xHeight;
        const Shape& shape = m_shapes[run.shape];
        for (const size_t s : *it) {
            const Shape& known = m_shapes[s];
            const InkRun& r = m_runs[known.leader];
            const bool sameFont =
                std::find(known.fonts.begin(), known.fonts.end(), m_fonts[run.line]) != known.fonts.end();
            if (!sameFont && std::abs(m_lines[r.line].patch->xHeight - xHeight) > sameSize) continue;
            const bool alikeSize = std::abs(r.width() - run.width()) <= 1 && std::abs(r.height() - run.height()) <= 1 &&
                                   std::abs(r.overBase - run.overBase) <= 1;
            // A shape seen once bears no witness of itself.
            if (s == run.shape && known.sureOf(known.best) < 2) continue;
            const double d = !alikeSize ? 1 : s == run.shape ? 0 : distance(shape, known, enough);
            e.near = std::min(e.near, d);
            if (sameFont) e.inFont = std::min(e.inFont, d);
        }
        return e;
    }

    // A digit among digits: another one only where this very shape is known as that.
    QString settledDigit(const InkRun& run) const {
        constexpr double enough = digitApart * sameBlurred + 2 * digitAtLeast;
        const double own = evidence(run, run.label, enough).near;
        QString best = run.label;
        double nearest = never;
        for (char c = '0'; c <= '9'; ++c) {
            const QString digit(QLatin1Char{c});
            if (digit == run.label) continue;
            if (const double d = evidence(run, digit, enough).near; d < nearest) {
                nearest = d;
                best = digit;
            }
        }
        return nearest < sameBlurred && own > digitApart * nearest + digitAtLeast ? best : run.label;
    }

    // How far apart the drawings of one character lie in a font: 0 where all are the same to the pixel.
    double spread(const QString& character, int font) const {
        const auto known = m_spreads.find({character, font});
        if (known == m_spreads.end()) return spreadOf(character, font); // of no drawing
        // Two workers may work one out at once, with the same result.
        double widest = known->second.load(std::memory_order_relaxed);
        if (widest == notYet) known->second.store(widest = spreadOf(character, font), std::memory_order_relaxed);
        return widest;
    }
    // Each is worked out when it is first asked for: a place for all of them, before lines are mended side by side.
    void listSpreads() {
        m_spreads.clear();
        for (auto of = m_sure.cbegin(); of != m_sure.cend(); ++of)
            for (const size_t s : of.value())
                for (const int font : m_shapes[s].fonts) m_spreads.try_emplace({of.key(), font}, notYet);
    }

    double spreadOf(const QString& character, int font) const {
        std::vector<size_t> of;
        for (const size_t s : m_sure.value(character))
            if (std::find(m_shapes[s].fonts.begin(), m_shapes[s].fonts.end(), font) != m_shapes[s].fonts.end())
                of.push_back(s);
        // Seen once: nothing is known of how it varies.
        double widest = of.size() == 1 ? (m_shapes[of[0]].members >= 3 ? 0 : unknownSpread) : 0;
        for (const size_t a : of) {
            double nearest = never;
            for (const size_t b : of)
                if (a != b) nearest = std::min(nearest, distance(m_shapes[a], m_shapes[b], mostSpread));
            if (of.size() > 1) widest = std::max(widest, std::min(nearest, mostSpread));
        }
        return widest;
    }

    // Where nothing around a run vouches for its reading: told among the characters that look like it.
    QString settled(const InkRun& run) const {
        const ShapedLine& line = m_lines[run.line];
        const double xHeight = line.patch->xHeight;
        const Shape& shape = m_shapes[run.shape];
        const bool oneCell = m_pitch[run.line] > 0 && run.width() <= ofOneCell * m_pitch[run.line];
        QStringList candidates;
        if (run.label.size() == 1)
            candidates << run.label;
        else if (oneCell && !run.label.isEmpty())
            for (const QChar c : run.label) candidates << QString(c);
        else
            return run.label;
        const qsizetype given = candidates.size();
        for (qsizetype i = 0; i < given; ++i)
            for (const QString& other : LookAlikes::shipped().family(candidates[i]))
                if (!candidates.contains(other)) candidates << other;
        if (candidates.size() == 1) return run.label;
        std::vector<Evidence> all;
        for (const QString& c : candidates)
            all.push_back(evidence(run, c, refutedFrom + refutedBy * mostSpread + beyond));
        size_t best = 0;
        for (size_t i = 1; i < all.size(); ++i)
            if (all[i].near < all[best].near) best = i;
        const double own = given == 1 ? all[0].near : never;
        if (all[best].near < sameBlurred && (best == 0 || own > familyApart * all[best].near + familyAtLeast)) {
            // Two of the family alike to the pixel are not told apart by shape.
            for (size_t i = 0; i < all.size(); ++i)
                if (i != best && all[i].near < all[best].near + familyAtLeast && candidates[qsizetype(i)] == run.label)
                    return run.label;
            return candidates[qsizetype(best)];
        }
        // What its like are mostly read as.
        const auto votes = [&](const QString& c) {
            const auto it = shape.votes.find(c);
            return it == shape.votes.end() ? 0.0 : it->second.weight;
        };
        const auto refuted = [&](size_t i) {
            return all[i].inFont < never &&
                   all[i].inFont > refutedFrom + refutedBy * spread(candidates[qsizetype(i)], m_fonts[run.line]);
        };
        const auto misfitOf = [&](size_t i) { return misfit(run, candidates[qsizetype(i)], xHeight); };
        double least = never;
        size_t chosen = 0;
        for (size_t i = 0; i < all.size(); ++i) {
            double score = misfitOf(i) + (refuted(i) ? refutedCost : 0) -
                           votesGain * votes(candidates[qsizetype(i)]) / std::max(leastVotes, shape.total);
            if (i >= size_t(given)) score += notRead + laterInFamily * double(i); // the recogniser's own word counts
            if (score < least) {
                least = score;
                chosen = i;
            }
        }
        return candidates[qsizetype(chosen)];
    }

    // A mark the recogniser left out, told by its build alone; empty for anything else.
    QString markOf(const InkRun& run) const {
        const double xHeight = m_lines[run.line].patch->xHeight;
        const double top = run.overBase / xHeight, bottom = (run.overBase - run.height()) / xHeight,
                     width = run.width() / xHeight;
        if (bottom < underscoreBottom && top < underscoreTop && width > underscoreWidth) return QStringLiteral("_");
        if (width > markWidth) return {};
        const bool onBase = bottom > commaBottom && bottom < stopBottom;
        if (top < stopTop && onBase) return QStringLiteral(".");
        if (top < stopTop && bottom <= commaBottom && bottom > commaLowest) return QStringLiteral(",");
        if (top > colonLowestTop && top < colonHighestTop && onBase) {
            // Two dots, and nothing between them.
            const uchar* middle = m_lines[run.line].uniform->ink.constScanLine(run.top + run.height() / 2);
            if (255 - *std::min_element(middle + run.left, middle + run.right + 1) < faintColumn)
                return QStringLiteral(":");
        }
        return {};
    }

    std::vector<ReadGlyph> mended(size_t index) const {
        const size_t begin = m_begin[index], end = endOf(index);
        const ShapedLine& line = m_lines[index];
        const auto& old = *line.glyphs;
        if (begin == end || !m_fits[index]) return old;
        std::vector<ReadGlyph> glyphs;
        glyphs.reserve(old.size());
        // Token by token: one that vouches for itself is not made into one that does not.
        for (size_t r = begin; r < end;) {
            size_t to = r + 1;
            while (to < end && !(m_runs[to].count > 0 && old[m_runs[to].first].startsWord)) ++to;
            // What was read beyond doubt stands.
            if (std::all_of(m_runs.begin() + long(r), m_runs.begin() + long(to),
                            [&](const InkRun& run) { return settledBefore(run); })) {
                for (; r < to; ++r) appendRun(m_runs[r], m_shapes[m_runs[r].shape], m_runs[r].label, line, glyphs);
                continue;
            }
            QString before, after;
            std::vector<QString> verdicts;
            for (size_t k = r; k < to; ++k) {
                before += m_runs[k].label;
                verdicts.push_back(settledBefore(m_runs[k]) ? m_runs[k].label
                                                            : barsKept(m_runs[k], verdict(m_runs[k])));
                after += verdicts.back();
            }
            const bool change = before != after && tokenScore(after) >= tokenScore(before);
            for (size_t k = 0; r < to; ++r, ++k)
                appendRun(m_runs[r], m_shapes[m_runs[r].shape], change ? verdicts[k] : m_runs[r].label, line, glyphs);
        }
        return glyphs;
    }

    // What was read beyond doubt stands, and so do the gaps of a line that was.
    bool settledBefore(const InkRun& run) const {
        const auto& glyphs = *m_lines[run.line].glyphs;
        const auto sure = [](const ReadGlyph& g) { return g.sure; };
        if (run.count > 0)
            return std::all_of(glyphs.begin() + long(run.first), glyphs.begin() + long(run.first + run.count), sure);
        return std::count_if(glyphs.begin(), glyphs.end(), sure) * 10 >= long(glyphs.size()) * 9;
    }

    // A bar without a dot may be any of its like, and nothing else.
    static QString barsKept(const InkRun& run, const QString& reads) {
        return LookAlikes::shipped().isBar(run.label) && reads == QLatin1String("i") ? run.label : reads;
    }

    double tokenScore(const QString& token) const {
        const auto [end, letters, digits] = weighToken(token, m_isWord);
        return std::max(letters, digits) > vouchedToken ? std::max(letters, digits) : 0;
    }

    const std::vector<ShapedLine>& m_lines;
    const std::function<bool(const QString&)>& m_isWord;
    const Workers& m_workers;
    std::vector<InkRun> m_runs;
    std::vector<size_t> m_begin;
    std::vector<const std::vector<TokenWeight>*> m_tokens; // by line
    std::vector<int> m_fonts;                              // by line
    std::vector<double> m_pitch;                           // by line; 0 where letters are as wide as they are
    static constexpr double notYet = -1;
    mutable std::map<std::pair<QString, int>, std::atomic<double>> m_spreads; // by character and font
    QHash<QString, std::vector<size_t>> m_sure;                               // shapes that are known, by character
    std::vector<char> m_fits; // by line: whether its glyphs could be put to its ink
    std::vector<Shape> m_shapes;
    QHash<QString, std::vector<const Shape*>> m_attested;
};

} // namespace

std::vector<std::vector<ReadGlyph>> mendByShape(const std::vector<ShapedLine>& lines,
                                                const std::function<bool(const QString&)>& isWord,
                                                const Workers& workers) {
    const Workers oneByOne = [](size_t count, const std::function<void(size_t)>& work) {
        for (size_t i = 0; i < count; ++i) work(i);
    };
    return Mender(lines, isWord, workers ? workers : oneByOne).run();
}

} // namespace eyelid
