#include "releasing/document.h"

#include "base/sentence.h"
#include "checking/pdf_contents.h"
#include "releasing/document_formats.h"

#include <QtEndian>

namespace eyelid {
namespace {

// The pictures of an HTML page, in their order.
QList<QByteArray> picturesOfHtml(const QByteArray& html) {
    QList<QByteArray> pictures;
    const QByteArray mark = ";base64,";
    for (qsizetype at = html.indexOf(mark); at >= 0; at = html.indexOf(mark, at)) {
        at += mark.size();
        pictures << QByteArray::fromBase64(html.mid(at, html.indexOf('"', at) - at));
    }
    return pictures;
}

bool holds(const QByteArray& html, const Document& document) {
    const QList<QByteArray> pictures = picturesOfHtml(html);
    if (size_t(pictures.size()) != document.pages.size()) return false;
    for (qsizetype i = 0; i < pictures.size(); ++i)
        if (pictures[i] != document.pages[size_t(i)].picture) return false;
    return true;
}

bool holds(const PdfContents& pdf, const Document& document) {
    if (!pdf.besides.isEmpty() || pdf.pictures.size() != document.pages.size()) return false;
    for (size_t i = 0; i < pdf.pictures.size(); ++i) {
        const DocumentPage& page = document.pages[i];
        const bool jpeg = page.format == ReleaseFormat::Jpeg;
        if (pdf.pictures[i].size != page.size || pdf.pictures[i].isJpeg != jpeg ||
            pdf.pictures[i].data != (jpeg ? page.picture : contentsOfPng(page.picture).data))
            return false;
    }
    return true;
}

} // namespace

QStringList linesOf(const Page& words) {
    QStringList lines;
    for (const TextLine& line : words.lines) {
        QString text = line.text();
        text.remove(coverBlock);
        if (!text.trimmed().isEmpty()) lines << text.simplified();
    }
    return lines;
}

QString captionOf(size_t index, size_t count) {
    return sentence(Tr::tr("Picture %1 of %2"), index + 1, count);
}

PngContents contentsOfPng(const QByteArray& png) {
    PngContents contents;
    for (qsizetype at = 8; at + 12 <= png.size();) {
        const auto length = qsizetype(qFromBigEndian<quint32>(png.constData() + at));
        const QByteArray type = png.mid(at + 4, 4), data = png.mid(at + 8, length);
        if (type == "IDAT") contents.data += data;
        if (type == "PLTE") contents.palette = data;
        at += 12 + length;
    }
    return contents;
}

Result<QByteArray> documentAs(DocumentKind kind, const Document& document) {
    const QByteArray bytes = kind == DocumentKind::Pdf ? pdfOf(document) : htmlOf(document);
    const bool right = kind == DocumentKind::Pdf ? holds(takeApartPdf(bytes), document) : holds(bytes, document);
    if (!right)
        return Error{Error::Kind::Damaged,
                     Tr::tr("The document does not hold what it should when it is taken apart again; release the "
                            "pictures as files of their own.")};
    return bytes;
}

} // namespace eyelid
