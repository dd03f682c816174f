#include "base/sentence.h"
#include "releasing/document_formats.h"

namespace eyelid {
namespace {

const char* const head = R"(<!DOCTYPE html>
<html lang="%1">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; style-src 'unsafe-inline'">
<meta name="viewport" content="width=device-width">
<title>%2</title>
<style>
body{font-family:sans-serif;margin:2em auto;max-width:72em;padding:0 1em;color:#222;background:#fff}
figure{margin:0 0 2.5em}
img{max-width:100%;height:auto;border:1px solid #ccc}
figcaption,details{margin-top:.5em;color:#444}
</style>
</head>
<body>
<h1>%2</h1>
)";

QString figure(const Document& document, size_t index) {
    const DocumentPage& page = document.pages[index];
    const QString type = page.format == ReleaseFormat::Jpeg ? QStringLiteral("jpeg") : QStringLiteral("png");
    QString html = QStringLiteral("<figure>\n<img width=\"%1\" height=\"%2\" alt=\"%3\" src=\"data:image/%4;base64,")
                       .arg(page.size.width())
                       .arg(page.size.height())
                       .arg(page.alternative.toHtmlEscaped(), type);
    html += QString::fromLatin1(page.picture.toBase64()) + QStringLiteral("\">\n<figcaption>") +
            captionOf(index, document.pages.size()).toHtmlEscaped() + QStringLiteral("</figcaption>\n");
    if (page.words) {
        html +=
            QStringLiteral("<details><summary>%1</summary>\n<p>").arg(Tr::tr("Words on this picture").toHtmlEscaped());
        for (const QString& line : linesOf(*page.words)) html += line.toHtmlEscaped() + QStringLiteral("<br>\n");
        html += QStringLiteral("</p></details>\n");
    }
    return html + QStringLiteral("</figure>\n");
}

} // namespace

QByteArray htmlOf(const Document& document) {
    QString html = QString::fromLatin1(head).arg(document.language.toHtmlEscaped(), document.title.toHtmlEscaped());
    for (size_t i = 0; i < document.pages.size(); ++i) html += figure(document, i);
    if (!document.summary.isEmpty()) {
        html += QStringLiteral("<section>\n");
        for (const QString& line : document.summary)
            html += QStringLiteral("<p>") + line.toHtmlEscaped() + QStringLiteral("</p>\n");
        html += QStringLiteral("</section>\n");
    }
    html += QStringLiteral("</body>\n</html>\n");
    return html.toUtf8();
}

} // namespace eyelid
