// The file a capture becomes in the form a release asks for: before it is checked, and to tell how large it will be.
#pragma once

#include "base/result.h"
#include "editing/edits.h"
#include "picture/encoders.h"
#include "releasing/release_form.h"

#include <QImage>

namespace eyelid {

struct MadeFile {
    QByteArray bytes;
    Encoding encoding;
    bool transparent = false; ///< leaves its ground so
};

/// `rendered` is the capture as its edits show it where nothing stays transparent. Errors: no encoding of the form
/// holds it within the form's limit; too little memory.
Result<MadeFile> makeFile(const QImage& capture, const Edits& edits, const QImage& rendered, const ReleaseForm& form);

} // namespace eyelid
