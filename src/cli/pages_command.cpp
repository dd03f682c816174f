#include "capture/pdf_pages.h"
#include "cli/commands.h"
#include "picture/picture_file.h"

#include <cstdio>
#include <QDir>
#include <QFileInfo>

namespace eyelid {

int runPages(const QString& file, const PagesSettings& settings) {
    auto pdf = PdfFile::open(file, settings.password);
    if (!pdf) {
        complain(pdf.error().sentence);
        return unusableInput;
    }
    auto pages = parsePages(settings.pages, (*pdf)->pages());
    if (!pages) {
        complain(pages.error().sentence);
        return wrongUsage;
    }
    if (!QDir().mkpath(settings.folder)) {
        complain(QStringLiteral("The folder %1 cannot be made; choose one you may write to.").arg(settings.folder));
        return unusableInput;
    }
    int status = done;
    for (const int page : *pages) {
        auto picture = (*pdf)->render(page, settings.dpi);
        const QString path =
            QDir(settings.folder).filePath(QStringLiteral("page-%1.png").arg(page + 1, 3, 10, QLatin1Char('0')));
        auto written =
            picture ? writeFileWhole(path, encodePng(*picture), settings.force) : Result<Done>(picture.error());
        if (!written) {
            complain(written.error().sentence);
            status = unusableInput;
            continue;
        }
        std::fprintf(stdout, "%s\n", QFileInfo(path).absoluteFilePath().toUtf8().constData());
    }
    return status;
}

} // namespace eyelid
