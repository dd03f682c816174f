#include "finding/candidates.h"

#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

// A candidate's spans on single lines; joined runs are told apart by their parts.
struct OnLine {
    int line = 0;
    Span span;
};
std::vector<OnLine> onLines(const Candidate& c) {
    std::vector<OnLine> parts;
    const int first = c.run->second < 0 ? c.span.length : std::min(c.span.end(), c.run->joint) - c.span.start;
    if (first > 0) parts.push_back({c.run->line, {c.span.start, first}});
    if (c.run->second >= 0 && c.span.end() > c.run->joint) {
        const int start = std::max(0, c.span.start - c.run->joint);
        parts.push_back({c.run->second, {start, c.span.end() - c.run->joint - start}});
    }
    return parts;
}

bool overlap(const Candidate& a, const Candidate& b) {
    for (const OnLine& x : onLines(a))
        for (const OnLine& y : onLines(b))
            if (x.line == y.line && x.span.start < y.span.end() && y.span.start < x.span.end()) return true;
    return false;
}

// What of a candidate no surer one has taken: the rest of a case's title around the address within it.
std::vector<Candidate> leftOver(const ScreenText& screen, const Candidate& c,
                                const std::vector<const Candidate*>& taken) {
    std::vector<Candidate> rest;
    for (const OnLine& part : onLines(c)) {
        const TextRun& run = screen.runs()[size_t(part.line)];
        const QString& text = run.text();
        const int end = std::min(part.span.end(), int(text.size()));
        std::vector<char> free(size_t(text.size()) + 1, 0); // and a border at the end
        std::fill(free.begin() + part.span.start, free.begin() + std::max(part.span.start, end), 1);
        for (const Candidate* other : taken)
            for (const OnLine& gone : onLines(*other))
                if (gone.line == part.line)
                    std::fill(free.begin() + std::min(gone.span.start, int(text.size())),
                              free.begin() + std::min(gone.span.end(), int(text.size())), 0);
        for (int i = part.span.start; i < end; ++i) {
            if (!free[size_t(i)]) continue;
            int stop = i;
            while (free[size_t(stop)]) ++stop;
            int first = i, last = stop;
            while (first < last && !text[first].isLetterOrNumber()) ++first;
            while (last > first && !text[last - 1].isLetterOrNumber()) --last;
            if (last > first) rest.push_back({c.kind, &run, {first, last - first}, c.confidence, c.reason, {}});
            i = stop;
        }
    }
    return rest;
}

// "26 Sébastien de la Victoire, Y5N 7M0 West Jeannot": between the number of a house and a post code.
bool isStreetOf(const Candidate& name, const Candidate& address) {
    static const QRegularExpression number(QStringLiteral("^\\d{1,5}[A-Za-z]?,? $")),
        code(QStringLiteral("^, ?(?=[^,]{0,12}\\d)"));
    if (name.run != address.run || name.span.start <= address.span.start || name.span.end() >= address.span.end())
        return false;
    const QString& text = name.run->text();
    return number.match(text.mid(address.span.start, name.span.start - address.span.start)).hasMatch() &&
           code.match(text.mid(name.span.end(), address.span.end() - name.span.end())).hasMatch();
}

// "Polígono Mateo, 8" in a column headed "Calle": nothing but a street and the number of a house.
bool isStreetInCell(const ScreenText& screen, const Candidate& name, const Candidate& address) {
    static const QRegularExpression numberBehind(QStringLiteral("^,? ?(?:\\d{1,5}\\p{L}?|s/?n\\.?)$")),
        numberBefore(QStringLiteral("^\\d{1,5}\\p{L}?,? (?:[\\p{L}.'’-]+ ){0,3}$"));
    const QString& text = name.run->text();
    const bool within = name.run == address.run && name.span.start >= address.span.start &&
                        name.span.end() <= address.span.end() && name.span.length < address.span.length;
    if (!within || address.span.start > 0 || address.span.end() < int(text.size())) return false;
    const LabelledValue* label = labelFor(screen, *address.run, address.span, Kind::Address);
    return label && label->how == LabelledValue::How::Heading &&
           (numberBehind.match(text.mid(name.span.end())).hasMatch() ||
            numberBefore.match(text.left(name.span.start)).hasMatch());
}

} // namespace

void dropNamesOfStreets(const ScreenText& screen, std::vector<Candidate>& candidates) {
    std::vector<Candidate> addresses;
    std::ranges::copy_if(candidates, std::back_inserter(addresses),
                         [](const Candidate& c) { return c.kind == Kind::Address; });
    std::erase_if(candidates, [&](const Candidate& c) {
        return c.kind == Kind::Person && std::ranges::any_of(addresses, [&](const Candidate& address) {
                   return isStreetOf(c, address) || isStreetInCell(screen, c, address);
               });
    });
}

// The surest first; where one reaches over what is taken already, what is left of it stays.
std::vector<Candidate> withoutOverlaps(const ScreenText& screen, const std::vector<Candidate>& surestFirst) {
    std::vector<Candidate> kept;
    std::vector<std::vector<size_t>> on(screen.runs().size()); // by line
    const auto keep = [&](const Candidate& c) {
        for (const OnLine& part : onLines(c)) on[size_t(part.line)].push_back(kept.size());
        kept.push_back(c);
    };
    for (const Candidate& c : surestFirst) {
        std::vector<size_t> met;
        for (const OnLine& part : onLines(c))
            for (const size_t k : on[size_t(part.line)])
                if (overlap(kept[k], c) && std::find(met.begin(), met.end(), k) == met.end()) met.push_back(k);
        if (met.empty()) {
            keep(c);
            continue;
        }
        // A value that merely reaches further than the surer one it holds is covered whole.
        Candidate& first = kept[met.front()];
        if (met.size() == 1 && first.run == c.run && first.kind == c.kind && c.span.start <= first.span.start &&
            c.span.end() >= first.span.end()) {
            first.span = c.span;
            continue;
        }
        std::vector<const Candidate*> taken;
        for (const size_t k : met) taken.push_back(&kept[k]);
        for (const Candidate& rest : leftOver(screen, c, taken)) keep(rest);
    }
    return kept;
}

Finding toFinding(const ScreenText& screen, const Candidate& c) {
    Finding f;
    f.kind = c.kind;
    f.text = c.run->text().mid(c.span.start, c.span.length);
    f.key = kindName(c.kind) + QLatin1Char(':') + (c.key.isEmpty() ? skeleton(f.text) : c.key);
    f.boxes = screen.boxes(*c.run, c.span);
    f.textHeight = screen.page().lines[size_t(c.run->line)].xHeight;
    f.confidence = c.confidence;
    f.reason = c.reason;
    return f;
}

bool coveredBy(const std::vector<Finding>& findings, const QRectF& box) {
    for (const Finding& f : findings)
        for (const QRectF& b : f.boxes)
            if (shareWithin(box, b) > 0.5) return true;
    return false;
}

void sortByPlace(std::vector<Finding>& findings) {
    std::stable_sort(findings.begin(), findings.end(), [](const Finding& a, const Finding& b) {
        const QRectF x = a.boxes.front(), y = b.boxes.front();
        return x.top() != y.top() ? x.top() < y.top() : x.left() < y.left();
    });
}

} // namespace eyelid
