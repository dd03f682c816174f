// What a PDF (ISO 32000-1) is made of, taken apart to the last byte: for documents of pictures.
//
// As for pictures there is a list of what may be in it, and all else is told of: scripts, actions, attachments, forms,
// links, further fonts, earlier revisions, bytes before and behind it. Every stream is opened.
#pragma once

#include <QByteArray>
#include <QSize>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

struct PdfPicture {
    QSize size;
    QByteArray data; ///< as it lies in the file: a whole JPEG, or the data of a PNG (its IDAT chunks)
    bool isJpeg = false;
};

struct PdfContents {
    std::vector<PdfPicture> pictures; ///< in the order of the pages that show them
    int pages = 0;
    QStringList texts;   ///< all that can be read in it, as letters: page by page, alternative texts, titles, metadata
    QStringList besides; ///< what is in the file that is not on the list
};

/// Never fails: what is no PDF is told of in `besides`.
PdfContents takeApartPdf(const QByteArray& bytes);

/// The bytes of a PDF of the same objects as written by Eyelid: without what nothing refers to, in a fixed order. What
/// is in `besides` of other files is still in it. Empty where it cannot be read.
QByteArray rewrittenPdf(const QByteArray& bytes);

} // namespace eyelid
