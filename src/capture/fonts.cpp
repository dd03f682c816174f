#include "capture/fonts.h"

#include <QFontDatabase>

static void drawInFonts() {
    Q_INIT_RESOURCE(fonts);
}

namespace eyelid {

void loadShippedFonts() {
    drawInFonts();
    for (const char* file : {"Inter-Regular.otf", "Inter-Medium.otf", "Inter-SemiBold.otf", "Inter-Bold.otf",
                             "JetBrainsMono-Regular.ttf", "JetBrainsMono-Bold.ttf"})
        if (QFontDatabase::addApplicationFont(QStringLiteral(":/eyelid/fonts/") + QLatin1String(file)) < 0)
            qWarning("the font %s cannot be used", file);
}

QString textFontFamily() {
    return QStringLiteral("Inter");
}
QString valueFontFamily() {
    return QStringLiteral("JetBrains Mono");
}

} // namespace eyelid
