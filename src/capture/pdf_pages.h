// Pages of a PDF as pictures (ISO 32000, by Qt PDF). What is on them as text, layers or attachments does not come
// along: only what can be seen.
#pragma once

#include "base/result.h"

#include <memory>
#include <QImage>
#include <QSizeF>
#include <QString>
#include <vector>

class QBuffer;
class QPdfDocument;

namespace eyelid {

class PdfFile {
public:
    /// Errors: not there, not a PDF, damaged, or locked with another password (kind NotReadable; needsPassword tells).
    static Result<std::unique_ptr<PdfFile>> open(const QString& path, const QString& password = {});
    static bool isPdf(const QString& path);
    /// True when the error of open() says that a password is wanted.
    static bool needsPassword(const Error& error);
    ~PdfFile();

    int pages() const;
    /// In points of 1/72 inch; `page` from 0.
    QSizeF pageSize(int page) const;
    /// On white, in `dpi` pixels an inch. Errors: a page that would be too large, or that cannot be drawn.
    Result<QImage> render(int page, double dpi) const;

private:
    PdfFile();
    std::unique_ptr<QBuffer> m_bytes; // outlives the document
    std::unique_ptr<QPdfDocument> m_document;
};

/// "1-3, 7, 9-" as page numbers from 0, in order, each once; "9-" goes to the end, empty means all. Errors: no such
/// pages.
Result<std::vector<int>> parsePages(const QString& text, int count);

} // namespace eyelid
