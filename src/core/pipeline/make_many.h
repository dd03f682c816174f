// Many pictures made to leave and checked, on all cores.
#pragma once

#include "pipeline/case_work.h"

#include <functional>

namespace eyelid {

/// What one of them is made from, with its picture.
struct LoadedMaking {
    QImage picture;
    Making making; ///< its own `picture` is put where that lies
};

/// Makes so many pictures and puts them into `done`, in their order, behind those that are there already. `load` is
/// asked for each by its index, from any thread, when its turn comes: no more pictures are in memory than there are
/// cores. With few pictures `reader` reads them one after the other with all cores and what it knows of them; with many
/// each core has a reader of its own. `progress` tells how many are done. Errors: of the first in their order that
/// could not be made, and cancelled; then `done` holds those before it.
Result<Done> makeMany(const CaseWork& work, const Search& search, size_t count,
                      const std::function<Result<LoadedMaking>(size_t)>& load, Reader& reader,
                      std::vector<CheckedPicture>& done, Progress& progress);

} // namespace eyelid
