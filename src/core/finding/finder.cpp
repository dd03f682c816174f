#include "finding/finder.h"

#include "finding/confusables.h"
#include "finding/detector.h"
#include "finding/phrase_search.h"
#include "picture/geometry.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

bool overlap(const Candidate& a, const Candidate& b) {
    // Spans are compared on single lines; joined runs are told apart by their parts.
    const auto parts = [](const Candidate& c) {
        std::vector<std::pair<int, Span>> p;
        const int first = std::min(c.span.end(), c.run->joint) - c.span.start;
        if (first > 0) p.push_back({c.run->line, {c.span.start, first}});
        if (c.run->second >= 0 && c.span.end() > c.run->joint) {
            const int start = std::max(0, c.span.start - c.run->joint);
            p.push_back({c.run->second, {start, c.span.end() - c.run->joint - start}});
        }
        return p;
    };
    for (const auto& [lineA, spanA] : parts(a))
        for (const auto& [lineB, spanB] : parts(b))
            if (lineA == lineB && spanA.start < spanB.end() && spanB.start < spanA.end()) return true;
    return false;
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

class Exceptions {
public:
    explicit Exceptions(const QStringList& entries) {
        for (const QString& e : entries) {
            if (e.size() > 2 && e.startsWith(QLatin1Char('/')) && e.endsWith(QLatin1Char('/'))) {
                if (auto p = Pattern::compile(e.mid(1, e.size() - 2))) m_patterns.push_back(std::move(*p));
            } else {
                m_values << skeleton(e);
            }
        }
    }
    bool holds(const QString& text) const {
        if (m_values.contains(skeleton(text))) return true;
        const SearchText search(text);
        return std::any_of(m_patterns.begin(), m_patterns.end(), [&](const Pattern& p) { return p.found(search); });
    }

private:
    QStringList m_values;
    std::vector<Pattern> m_patterns;
};

void sortByPlace(std::vector<Finding>& findings) {
    std::stable_sort(findings.begin(), findings.end(), [](const Finding& a, const Finding& b) {
        const QRectF x = a.boxes.front(), y = b.boxes.front();
        return x.top() != y.top() ? x.top() < y.top() : x.left() < y.left();
    });
}

} // namespace

const LabelledValue* labelFor(const ScreenText& screen, const Run& run, const Span& span, Kind kind) {
    const LabelledValue* best = nullptr;
    for (const LabelledValue& value : screen.labelled()) {
        if (value.kind != kind) continue;
        const bool first = value.run == run.line && span.start >= value.span.start && span.start < value.span.end();
        if (!first) continue;
        if (!best || value.how < best->how) best = &value;
    }
    return best;
}

struct Finder::Parts {
    Names names;
    std::vector<std::unique_ptr<Detector>> detectors;
};

Finder::Finder() : m_parts(std::make_unique<Parts>()) {
    auto& d = m_parts->detectors;
    d.push_back(makeWatchDetector());
    d.push_back(makeEmailDetector());
    d.push_back(makeSecretDetector());
    d.push_back(makeIbanDetector());
    d.push_back(makeCardDetector());
    d.push_back(makeNetworkDetector());
    d.push_back(makeNationalIdDetector());
    d.push_back(makeBirthDateDetector());
    d.push_back(makeDocumentNumberDetector());
    d.push_back(makePhoneDetector());
    d.push_back(makePlateDetector());
    d.push_back(makeUsernameDetector());
    d.push_back(makeAddressDetector());
    d.push_back(makePersonDetector());
}

Finder::~Finder() = default;

std::vector<Finding> Finder::find(const Page& page, const Policy& policy, const WatchList& watch) const {
    const ScreenText screen(page);
    auto own = WatchList::make(policy.watchWords, policy.watchPatterns);
    WatchList ofPolicy;
    if (own) ofPolicy = std::move(*own); // its patterns were checked when the policy was read
    const Surroundings in{screen, m_parts->names, watch};
    const Surroundings inPolicy{screen, m_parts->names, ofPolicy};
    std::vector<Candidate> candidates;
    for (const auto& detector : m_parts->detectors) detector->find(in, candidates);
    if (!ofPolicy.isEmpty()) m_parts->detectors.front()->find(inPolicy, candidates);

    const Exceptions exceptions(policy.exceptions);
    // A given watch list is looked for under any policy: whoever names words means them.
    const auto wanted = [&](const Candidate& c) {
        if (c.span.length <= 0) return false;
        if (c.kind == Kind::Watch) return true;
        const KindRule& rule = policy.rule(c.kind);
        return rule.on && c.confidence >= rule.threshold &&
               !exceptions.holds(c.run->text().mid(c.span.start, c.span.length));
    };
    std::erase_if(candidates, [&](const Candidate& c) { return !wanted(c); });
    // The surest first; of equals the longer, then the one higher up, so that the order is always the same.
    std::stable_sort(candidates.begin(), candidates.end(), [](const Candidate& a, const Candidate& b) {
        if (a.confidence != b.confidence) return a.confidence > b.confidence;
        return a.span.length > b.span.length;
    });
    std::vector<Candidate> kept;
    std::vector<Finding> findings;
    std::vector<std::vector<size_t>> onLine(page.lines.size());
    for (const Candidate& c : candidates) {
        bool free = true;
        std::vector<int> lines{c.run->line};
        if (c.run->second >= 0) lines.push_back(c.run->second);
        size_t swallowed = size_t(-1);
        for (int line : lines)
            for (size_t k : onLine[size_t(line)]) {
                if (!overlap(kept[k], c)) continue;
                free = false;
                // A value that merely reaches further than the surer one it holds is covered whole.
                if (kept[k].run == c.run && c.span.start <= kept[k].span.start && c.span.end() >= kept[k].span.end() &&
                    c.span.length > kept[k].span.length && c.kind == kept[k].kind)
                    swallowed = k;
            }
        if (!free && swallowed == size_t(-1)) continue;
        if (swallowed != size_t(-1)) {
            bool others = false;
            for (size_t k : onLine[size_t(c.run->line)]) others = others || (k != swallowed && overlap(kept[k], c));
            if (!others) kept[swallowed].span = c.span;
            continue;
        }
        for (int line : lines) onLine[size_t(line)].push_back(kept.size());
        kept.push_back(c);
    }
    // In the page's order: line by line, and from left to right within one.
    std::sort(kept.begin(), kept.end(), [](const Candidate& a, const Candidate& b) {
        return a.run->line != b.run->line ? a.run->line < b.run->line : a.span.start < b.span.start;
    });
    for (const Candidate& c : kept) {
        Finding f = toFinding(screen, c);
        if (!f.boxes.empty()) findings.push_back(std::move(f));
    }
    return findings;
}

std::vector<Finding> Finder::carry(const Page& page, const std::vector<Finding>& already,
                                   const std::vector<Finding>& known, const Policy& policy) const {
    PhraseSearch search;
    std::vector<const Finding*> sources;
    const auto add = [&](const QString& phrase, const Finding& f) {
        search.add(phrase, int(sources.size()));
        sources.push_back(&f);
    };
    for (const Finding& f : known) {
        if (f.text.isEmpty()) continue;
        const QString key = skeleton(f.text);
        int letters = 0;
        for (const QChar c : f.text) letters += c.isLetter();
        // Short values would be found everywhere.
        if (key.size() >= (f.kind == Kind::Person ? 4 : 6) &&
            !(letters == key.size() && m_parts->names.isCommonWord(f.text)))
            add(f.text, f);
        if (f.kind != Kind::Person) continue;
        const QStringList words = f.text.split(QRegularExpression(QStringLiteral("[\\s,.]+")), Qt::SkipEmptyParts);
        if (words.size() < 2) continue;
        for (const QString& word : words)
            if (word.size() >= 4 && word[0].isUpper() && !m_parts->names.isCommonWord(word)) add(word, f);
        // "Given Surname" and "Surname, Given" are one.
        add(words.last() + QLatin1Char(' ') + words.mid(0, words.size() - 1).join(QLatin1Char(' ')), f);
    }
    std::vector<Finding> found;
    if (search.isEmpty()) return found;
    const ScreenText screen(page);
    eachRun(screen, [&](const Run& run) {
        for (const PhraseHit& hit : search.in(run)) {
            if (!counts(run, hit.span)) continue;
            const Finding& source = *sources[size_t(hit.id)];
            const QString text = run.text().mid(hit.span.start, hit.span.length);
            if (source.kind == Kind::Person && !nameRestored(text)[0].isUpper()) continue;
            if (source.kind != Kind::Watch && source.kind != Kind::Area && !policy.rule(source.kind).on) continue;
            Finding f = toFinding(
                screen, {source.kind, &run, hit.span, 0.75, QStringLiteral("was found elsewhere in the case"), {}});
            if (skeleton(text) == skeleton(source.text)) f.key = source.key;
            if (f.boxes.empty()) continue;
            const auto covered = [&](const QRectF& box) {
                for (const std::vector<Finding>* list :
                     std::initializer_list<const std::vector<Finding>*>{&already, &found})
                    for (const Finding& other : *list)
                        for (const QRectF& b : other.boxes)
                            if (shareWithin(box, b) > 0.5) return true;
                return false;
            };
            if (std::all_of(f.boxes.begin(), f.boxes.end(), covered)) continue;
            found.push_back(std::move(f));
        }
    });
    sortByPlace(found);
    return found;
}

} // namespace eyelid
