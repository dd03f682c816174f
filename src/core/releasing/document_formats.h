// One writer a kind of document, for document.cpp alone.
#pragma once

#include "releasing/document.h"

namespace eyelid {

QByteArray pdfOf(const Document& document);
QByteArray htmlOf(const Document& document);

/// What a PNG of Eyelid's holds, for those who put it into another file.
struct PngContents {
    QByteArray data;    ///< of its IDAT chunks
    QByteArray palette; ///< three bytes a colour; empty where it has none
};
PngContents contentsOfPng(const QByteArray& png);

/// "Picture 2 of 5"
QString captionOf(size_t index, size_t count);

} // namespace eyelid
