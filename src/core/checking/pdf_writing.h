// How Eyelid's PDFs are written, for those who write one and for the check that takes it apart.
#pragma once

#include <QByteArray>

class QPDF;

namespace eyelid {

/// Without what nothing refers to, in a fixed order, its ID made from what is in it: the same objects give the same
/// bytes.
QByteArray writtenPdf(QPDF& pdf);

/// What a page's instructions begin with, the whole of a letter that draws nothing, and the beginning of the table of
/// what letters stand for.
inline QByteArray pageContentStart() {
    return "q\n";
}
inline QByteArray emptyGlyph() {
    return "500 0 d0\n";
}
inline QByteArray toUnicodeStart() {
    return "/CIDInit /ProcSet findresource begin\n";
}

} // namespace eyelid
