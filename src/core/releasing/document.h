// All pictures of a release in one file: a PDF or an HTML page, with alternative texts and, if asked for, the words
// that are still to be seen and a summary of what was hidden. The pictures in it are, byte for byte, those that were
// checked.
//
// The PDF is PDF/A-2b in form (ISO 19005-2) and tagged (ISO 32000-1, 14.8), with bookmarks, and holds no font: what is
// to be seen is drawn as outlines, and what is to be searched and read aloud is written in letters that draw nothing.
// The HTML page needs nothing from anywhere and forbids itself to fetch it. No date, no host, no person; the same input
// gives the same bytes.
#pragma once

#include "base/result.h"
#include "picture/encoders.h"
#include "reading/page.h"
#include "releasing/release_form.h"

#include <memory>
#include <QByteArray>
#include <QSize>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

struct DocumentPage {
    QByteArray picture; ///< a PNG without transparency, or a JPEG
    ReleaseFormat format = ReleaseFormat::Png;
    QSize size;
    std::shared_ptr<const Page> words; ///< in the picture's pixels; null: none are written
    QString alternative;               ///< what is said in place of the picture
};

struct Document {
    QString title;
    QString language = QStringLiteral("en");
    std::vector<DocumentPage> pages;
    QStringList summary; ///< lines of its last pages; empty: none
    int perSheet = 1;    ///< pictures on a page of a PDF: 1, each as large as it is; 2 or 4 on A4
};

/// Written, taken apart again and compared with what it should hold. Errors: too little memory; Damaged where the
/// comparison fails, which is a fault of this program.
Result<QByteArray> documentAs(DocumentKind kind, const Document& document);

/// The words of a picture, a line each, as they are written into documents.
QStringList linesOf(const Page& words);

} // namespace eyelid
