#include "pipeline/made_file.h"

namespace eyelid {
namespace {

Result<MadeFile> opaque(const QImage& picture, const ReleaseForm& form) {
    const Encoding encoding = pictureEncoding(form);
    if (form.mostBytes == 0) {
        auto bytes = encodePicture(picture, encoding);
        if (!bytes) return bytes.error();
        return MadeFile{std::move(*bytes), encoding};
    }
    auto fitted = encodeWithin(picture, encoding, form.mostBytes);
    if (!fitted) return fitted.error();
    return MadeFile{std::move(fitted->bytes), fitted->encoding};
}

} // namespace

Result<MadeFile> makeFile(const QImage& capture, const Edits& edits, const QImage& rendered, const ReleaseForm& form) {
    const Encoding encoding = pictureEncoding(form);
    if (edits.framing.transparent && form.document == DocumentKind::None && canBeTransparent(encoding)) {
        auto bytes = encodeTransparent(renderTransparent(capture, edits), encoding);
        if (!bytes) return bytes.error();
        if (form.mostBytes == 0 || bytes->size() <= form.mostBytes) return MadeFile{std::move(*bytes), encoding, true};
    }
    return opaque(rendered, form);
}

} // namespace eyelid
