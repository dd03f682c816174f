#include "casefile/kept_case.h"

namespace eyelid {

std::set<PictureId> picturesOf(const CaseState& state, const History& history) {
    std::set<PictureId> all = picturesOf(state);
    for (const auto* list : {&history.done(), &history.undone()})
        for (const Change& change : *list) all.merge(picturesOf(change));
    return all;
}

} // namespace eyelid
