// Words and patterns of the watch list.
#include "base/sentence.h"
#include "finding/detector.h"
#include "finding/phrase_search.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

class WatchDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        if (in.watch.isEmpty()) return;
        PhraseSearch words;
        for (const QString& word : in.watch.words()) words.add(word, 0);
        eachRun(in.screen, [&](const TextRun& run) {
            for (const PhraseHit& hit : words.in(run))
                if (counts(run, hit.span))
                    out.push_back({Kind::Watch, &run, hit.span, 0.99, Tr::tr("is on the watch list"), {}});
            for (const Pattern& pattern : in.watch.patterns())
                for (const PatternMatch& m : pattern.all(run.search))
                    if (counts(run, m.groups[0]))
                        out.push_back(
                            {Kind::Watch, &run, m.groups[0], 0.99, Tr::tr("matches a pattern of the watch list"), {}});
        });
    }
};

} // namespace

std::unique_ptr<Detector> makeWatchDetector() {
    return std::make_unique<WatchDetector>();
}

} // namespace eyelid
