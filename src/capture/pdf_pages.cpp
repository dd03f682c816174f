#include "capture/pdf_pages.h"

#include "base/sentence.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <cstdio>
#include <QBuffer>
#include <QPainter>
#include <QPdfDocument>
#include <QRegularExpression>

namespace eyelid {
namespace {

const QString passwordSentence = Tr::tr("%1 is locked with a password; give the right one.");

} // namespace

PdfFile::PdfFile() : m_document(std::make_unique<QPdfDocument>(nullptr)) {}
PdfFile::~PdfFile() = default;

bool PdfFile::isPdf(const QString& path) {
    const QByteArray name = bytesOfPath(path);
    std::FILE* file = std::fopen(name.constData(), "rbe");
    if (!file) return false;
    QByteArray start(1024, 0);
    start.resize(qsizetype(std::fread(start.data(), 1, size_t(start.size()), file)));
    std::fclose(file);
    // The mark may stand anywhere in the first kilobyte (ISO 32000-1, annex H).
    return start.contains("%PDF-");
}

bool PdfFile::needsPassword(const Error& error) {
    return error.sentence.endsWith(passwordSentence.section(QStringLiteral("%1"), 1));
}

Result<std::unique_ptr<PdfFile>> PdfFile::open(const QString& path, const QString& password) {
    auto bytes = readFile(path);
    if (!bytes) return bytes.error();
    std::unique_ptr<PdfFile> file(new PdfFile);
    file->m_document->setPassword(password);
    file->m_bytes = std::make_unique<QBuffer>();
    file->m_bytes->setData(*bytes);
    file->m_bytes->open(QIODevice::ReadOnly);
    file->m_document->load(file->m_bytes.get());
    switch (file->m_document->error()) {
    case QPdfDocument::Error::None:
        break;
    case QPdfDocument::Error::IncorrectPassword:
    case QPdfDocument::Error::UnsupportedSecurityScheme:
        return Error{Error::Kind::NotReadable, QString(passwordSentence).replace(QStringLiteral("%1"), path)};
    default:
        return Error{Error::Kind::BadInput, Tr::tr("%1 is not a PDF that can be read; it may be damaged.").arg(path)};
    }
    if (file->pages() < 1) return Error{Error::Kind::BadInput, Tr::tr("%1 has no pages.").arg(path)};
    return file;
}

int PdfFile::pages() const {
    return m_document->pageCount();
}

QSizeF PdfFile::pageSize(int page) const {
    return m_document->pagePointSize(page);
}

Result<QImage> PdfFile::render(int page, double dpi) const {
    const QSizeF points = pageSize(page);
    const QSize size = (points * dpi / 72).toSize();
    const PictureLimits limits;
    if (size.isEmpty() || std::max(size.width(), size.height()) > limits.side ||
        qint64(size.width()) * size.height() > limits.pixels)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("Page %1 would be %2 × %3 pixels; choose a lower resolution."), page + 1,
                              size.width(), size.height())};
    const QImage drawn = m_document->render(page, size);
    if (drawn.isNull()) return Error{Error::Kind::BadInput, Tr::tr("Page %1 cannot be drawn.").arg(page + 1)};
    return flattened(drawn);
}

Result<std::vector<int>> parsePages(const QString& text, int count) {
    std::vector<int> pages;
    const Error wrong{Error::Kind::BadInput,
                      sentence(Tr::tr("\"%1\" names no pages of these %2; write them like 1-3, 7."), text, count)};
    if (text.trimmed().isEmpty()) {
        for (int i = 0; i < count; ++i) pages.push_back(i);
        return pages;
    }
    static const QRegularExpression part(QStringLiteral("^\\s*(\\d{1,6})\\s*(?:[-–]\\s*(\\d{1,6})?)?\\s*$"));
    for (const QString& piece : text.split(QLatin1Char(','))) {
        const auto match = part.match(piece);
        if (!match.hasMatch()) return wrong;
        const int from = match.captured(1).toInt();
        const bool range = piece.contains(QLatin1Char('-')) || piece.contains(QChar(0x2013));
        const int to = !range ? from : match.captured(2).isEmpty() ? count : match.captured(2).toInt();
        if (from < 1 || to > count || to < from) return wrong;
        for (int i = from; i <= to; ++i) pages.push_back(i - 1);
    }
    std::sort(pages.begin(), pages.end());
    pages.erase(std::unique(pages.begin(), pages.end()), pages.end());
    return pages;
}

} // namespace eyelid
