// Measures how characters are built as screens draw them: how high their ink reaches, how low and how wide, in heights of
// a small x, as the median over the types that screens are set in (those that ship, and those packages.txt installs), over
// the usual sizes and over where between two pixels a letter may begin.
#include "base/shipped.h"
#include "capture/fonts.h"

#include <algorithm>
#include <cstdio>
#include <numeric>
#include <QFont>
#include <QFontInfo>
#include <QFontMetrics>
#include <QGuiApplication>
#include <QImage>
#include <QPainter>
#include <QStringList>
#include <vector>

namespace {

const QStringList families{QStringLiteral("Inter"),        QStringLiteral("JetBrains Mono"),  QStringLiteral("DejaVu Sans"),
                           QStringLiteral("DejaVu Serif"), QStringLiteral("DejaVu Sans Mono"), QStringLiteral("Liberation Sans"),
                           QStringLiteral("Liberation Serif"), QStringLiteral("Liberation Mono"), QStringLiteral("Roboto"),
                           QStringLiteral("Open Sans"),    QStringLiteral("Lato"),             QStringLiteral("Cantarell")};

QString characters() {
    QString all;
    for (char16_t c = 0x21; c <= 0x17f; ++c)
        if (QChar(c).isPrint() && !QChar(c).isSpace() && (c < 0x7f || c > 0xa0) && c != 0xad) all += QChar(c);
    all += QStringLiteral("ẞ–—‘’‚“”„…•€™→←×−≤≥");
    return all;
}

double middle(const std::vector<double>& values) {
    return std::accumulate(values.begin(), values.end(), 0.0) / double(values.size());
}

// Too narrow is odder than too wide (letters::tooNarrow): what the narrowest fifth of the types has.
double narrow(std::vector<double> values) {
    std::sort(values.begin(), values.end());
    return values[values.size() / 5];
}

// Of the pixels that are inked enough to count as a letter's own (reading/letter_limits.h).
QRect inkOf(const QFont& font, QChar c, double shift) {
    constexpr int room = 40, baseline = 40, inked = 72;
    QImage picture(2 * room, 2 * room, QImage::Format_Grayscale8);
    picture.fill(0);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::TextAntialiasing);
    painter.setPen(Qt::white);
    painter.setFont(font);
    painter.drawText(QPointF(room / 2 + shift, baseline), QString(c));
    painter.end();
    QRect ink;
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x)
            if (picture.constScanLine(y)[x] >= inked) ink |= QRect(x, y - baseline, 1, 1);
    return ink;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    eyelid::loadShippedFonts();
    std::vector<QFont> fonts;
    for (const QString& family : families) {
        QFont font(family);
        font.setStyleStrategy(QFont::NoFontMerging);
        if (QFontInfo(font).family() != family) {
            std::fprintf(stderr, "the font %s is not installed\n", qPrintable(family));
            return 1;
        }
        for (int size = 11; size <= 18; ++size) {
            font.setPixelSize(size);
            fonts.push_back(font);
        }
    }
    for (const QChar c : characters()) {
        std::vector<double> top, bottom, width;
        for (const QFont& font : fonts) {
            if (!QFontMetrics(font).inFont(c)) continue;
            for (const double shift : {0.0, 0.25, 0.5, 0.75}) {
                const double x = inkOf(font, u'x', shift).height();
                const QRect ink = inkOf(font, c, shift);
                if (ink.isEmpty()) continue;
                top.push_back(-ink.top() / x);
                bottom.push_back(-(ink.top() + ink.height()) / x);
                width.push_back(ink.width() / x);
            }
        }
        if (top.empty()) continue;
        std::printf("%s %.2f %.2f %.2f\n", QString(c).toUtf8().constData(), middle(top), middle(bottom), narrow(width));
    }
    return 0;
}
