// A case taken out of its file, unprotected: a folder of ordinary files that any program reads, and the way back.
//
//   case.json            the state, the history and the secret of the digests
//   picture-ID.png       every picture the case speaks of, by the first 16 digits of its name (picture_store.h)
//   capture-N.page.json  what was read on capture N, for other programs; not read back
#pragma once

#include "casefile/kept_case.h"

namespace eyelid {

/// Errors: Exists (the folder holds a case already), NotWritable, BadInput (a picture of the case cannot be had); then
/// nothing is written.
Result<Done> takeOut(const KeptCase& kept, const PictureStore& pictures, const QString& folder);

/// The same case, to the byte of its state; its pictures go into `pictures`. Errors: Missing, BadInput.
Result<KeptCase> bringIn(const QString& folder, PictureStore& pictures);

} // namespace eyelid
