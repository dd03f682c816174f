// What a reader made for screens is held to beside the practice screens: a grid of fonts, sizes, contrasts and ways of
// drawing; a second reading after a small change; memory on a large screen; odd pictures in linear time. Prints a table
// and lines; exit status 1 when a figure is off its limit.
#include "capture/fonts.h"
#include "finding/finder.h"
#include "reading/reader.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <functional>
#include <QFile>
#include <QFontDatabase>
#include <QGuiApplication>
#include <QPainter>
#include <random>

using namespace eyelid;

namespace {

const std::vector<const char*> texts = {"Account holder",       "Next visit on 14 March", "Meter reading 0447",
                                        "Balance due",          "Supply address",         "Tannery Row 12",
                                        "Call the depot first", "Payment received",       "Water quality report",
                                        "Open complaint",       "Change password",        "Export as file"};

// Each alone in its place, as cells and fields show words: nothing beside it tells how high its letters are.
const std::vector<const char*> loneWords = {"Town",  "Reason", "Ärger", "Ösen", "Socios", "Énorme", "Corazones",
                                            "Zoo",   "Wow",    "Cow",   "Pozo", "Équipe", "Süss",   "Vous",
                                            "Macro", "STOCK",  "Wayne", "Asco", "Caos",   "Ours"};

struct Way {
    const char* name;
    QColor ink, ground;
    bool subpixel;
};

const Way ways[] = {{"black on white", QColor(0x11, 0x11, 0x11), Qt::white, false},
                    {"grey on white", QColor(0x76, 0x76, 0x76), Qt::white, false},
                    {"light on dark", QColor(0xd8, 0xd8, 0xd2), QColor(0x1c, 0x1e, 0x22), false},
                    {"subpixel", QColor(0x22, 0x22, 0x22), QColor(0xfa, 0xfa, 0xf7), true},
                    {"selected row", Qt::white, QColor(0x2a, 0x62, 0x8f), false},
                    {"disabled", QColor(0x9a, 0x9a, 0x9a), QColor(0xf4, 0xf4, 0xf4), false}};

// Coloured antialiasing: three columns drawn for each, one a channel, each spread over its neighbours.
QImage asSubpixel(const QImage& wide) {
    QImage out(wide.width() / 3, wide.height(), QImage::Format_RGB32);
    const auto at = [&](int x, int y, int channel) {
        int sum = 0;
        for (int k = -1; k <= 1; ++k) {
            const QRgb p = wide.pixel(std::clamp(3 * x + channel + k, 0, wide.width() - 1), y);
            sum += qGray(p);
        }
        return sum / 3;
    };
    for (int y = 0; y < out.height(); ++y)
        for (int x = 0; x < out.width(); ++x) out.setPixel(x, y, qRgb(at(x, y, 0), at(x, y, 1), at(x, y, 2)));
    return out;
}

QImage page(const QString& family, int pixels, const Way& way, const std::vector<const char*>& shown = texts) {
    QFont font(family);
    font.setPixelSize(pixels);
    const int column = std::max(280, 17 * pixels), width = 2 * column, row = pixels * 2 + 4,
              height = 20 + row * int(shown.size() / 2 + 1);
    QImage image(way.subpixel ? 3 * width : width, height, QImage::Format_RGB32);
    image.fill(way.ground);
    QPainter painter(&image);
    if (way.subpixel) painter.scale(3, 1);
    painter.setFont(font);
    painter.setPen(way.ink);
    for (size_t i = 0; i < shown.size(); ++i)
        painter.drawText(QPointF(16 + double(i % 2) * column, 10 + row * double(i / 2 + 1)),
                         QString::fromUtf8(shown[i]));
    painter.end();
    return way.subpixel ? asSubpixel(image) : image;
}

// The share of words read letter for letter.
std::pair<int, int> rightWords(Reader& reader, const QImage& image, const std::vector<const char*>& shown = texts) {
    Progress progress;
    auto read = reader.read(image, {}, progress);
    QStringList got;
    if (read)
        for (const TextLine& line : read->lines)
            for (const Word& w : line.words) got << w.text;
    int right = 0, all = 0;
    for (const char* text : shown)
        for (const QString& word : QString::fromUtf8(text).split(QLatin1Char(' '))) {
            ++all;
            right += got.removeOne(word);
        }
    return {right, all};
}

double seconds(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

long peakKilobytes() {
    QFile status(QStringLiteral("/proc/self/status"));
    if (!status.open(QIODevice::ReadOnly)) return 0;
    for (const QByteArray& line : status.readAll().split('\n'))
        if (line.startsWith("VmHWM:")) return line.mid(6).trimmed().split(' ').first().toLong();
    return 0;
}

QImage screenful(QSize size, int seed) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(14);
    painter.setFont(font);
    std::mt19937 random{unsigned(seed)};
    for (int y = 24; y < size.height(); y += 26)
        for (int x = 16; x + 260 < size.width(); x += 300)
            painter.drawText(
                x, y,
                QStringLiteral("%1 %2").arg(QString::fromLatin1(texts[random() % texts.size()])).arg(random() % 10000));
    return image;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    loadShippedFonts();
    bool fine = true;

    // First of all, while nothing else has used memory: the screen itself, what is kept of it, the engines.
    {
        Reader reader;
        Progress progress;
        (void)reader.read(screenful({3840, 2160}, 3), {}, progress);
        const double megabytes = double(peakKilobytes()) / 1024;
        std::printf("memory at its highest, reading 3840x2160: %.0f MB (at most 400)\n", megabytes);
        fine = fine && megabytes <= 400;
    }
    {
        Reader reader;
        Progress progress;
        (void)reader.read(screenful({300, 60}, 9), {}, progress); // the engines are there
        std::vector<double> firsts, again;
        for (int turn = 0; turn < 5; ++turn) {
            const QImage first = screenful({1280, 800}, 100 + turn);
            QImage second = first;
            // One twentieth of the picture says something else.
            QPainter painter(&second);
            painter.drawImage(QPoint(0, 0), screenful({1280, 800}, 200 + turn), QRect(0, 0, 1280, 40));
            painter.end();
            firsts.push_back(seconds([&] { (void)reader.read(first, {}, progress); }));
            again.push_back(seconds([&] { (void)reader.read(second, {}, progress); }));
        }
        std::nth_element(firsts.begin(), firsts.begin() + 2, firsts.end());
        std::nth_element(again.begin(), again.begin() + 2, again.end());
        const double a = firsts[2], b = again[2];
        std::printf("second reading after a twentieth changed: %.0f ms / %.0f ms = %.2f (at most 0.1)\n", b * 1000,
                    a * 1000, b / a);
        fine = fine && b / a <= 0.1;
    }
    {
        const Finder finder;
        const Policy policy = *loadPolicy(QStringLiteral("everything"));
        Reader reader;
        Progress progress;
        std::vector<double> shares;
        for (unsigned turn = 0; turn < 5; ++turn) {
            const QImage picture = screenful({1280, 800}, 400 + turn);
            Result<Page> page = Error{};
            const double reading = seconds([&] { page = reader.read(picture, {}, progress); });
            const double finding = seconds([&] { (void)finder.find(*page, policy, {}); });
            shares.push_back(finding / reading);
        }
        std::nth_element(shares.begin(), shares.begin() + 2, shares.end());
        std::printf("finding, as a share of reading: %.1f %% (at most 5)\n", 100 * shares[2]);
        fine = fine && shares[2] <= 0.05;
    }
    {
        Reader reader;
        Progress progress;
        std::mt19937 random(3);
        const auto noise = [&](int side) {
            QImage image(side, side, QImage::Format_RGB32);
            for (int y = 0; y < side; ++y) {
                auto* row = reinterpret_cast<QRgb*>(image.scanLine(y));
                for (int x = 0; x < side; ++x) row[x] = 0xff000000u | (random() & 0xffffffu);
            }
            return image;
        };
        const QImage small = noise(1500), large = noise(3000);
        (void)reader.read(noise(300), {}, progress);
        const double a = seconds([&] { (void)reader.read(small, {}, progress); });
        const double b = seconds([&] { (void)reader.read(large, {}, progress); });
        std::printf("noise, four times the pixels: %.1f times the time (linear: 4, at most 6)\n", b / a);
        fine = fine && b / a <= 6;
    }

    const char* const families[] = {"Inter",     "DejaVu Sans", "Liberation Sans", "Roboto",
                                    "Open Sans", "Lato",        "Cantarell",       "JetBrains Mono"};
    const int sizes[] = {9, 10, 11, 12, 13, 14, 16, 20, 24};
    std::printf("\nwords read letter for letter, in percent, over %zu ways of drawing\n%-18s", std::size(ways), "");
    for (const int size : sizes) std::printf("%6d", size);
    std::printf("\n");
    double lowest = 100;
    std::vector<std::pair<int, int>> byWay(std::size(ways));
    Reader reader;
    for (const char* family : families) {
        const QString name = QString::fromLatin1(family);
        if (!QFontDatabase::families().contains(name)) {
            std::printf("%-18s not installed\n", family);
            continue;
        }
        std::printf("%-18s", family);
        for (const int size : sizes) {
            int right = 0, all = 0;
            for (size_t w = 0; w < std::size(ways); ++w) {
                const auto [r, n] = rightWords(reader, page(name, size, ways[w]));
                right += r;
                all += n;
                if (size >= 11) {
                    byWay[w].first += r;
                    byWay[w].second += n;
                }
            }
            const double rate = 100.0 * right / all;
            if (size >= 11) lowest = std::min(lowest, rate);
            std::printf("%6.1f", rate);
            std::fflush(stdout);
        }
        std::printf("\n");
    }
    for (size_t w = 0; w < std::size(ways); ++w)
        std::printf("%-18s %.1f\n", ways[w].name, 100.0 * byWay[w].first / std::max(1, byWay[w].second));
    int right = 0, all = 0;
    for (const char* family : families)
        for (const int size : {13, 14, 16}) {
            const auto [r, n] =
                rightWords(reader, page(QString::fromLatin1(family), size, ways[0], loneWords), loneWords);
            right += r;
            all += n;
        }
    const double alone = 100.0 * right / all;
    std::printf("words that stand alone, at 13 to 16 pixels: %.1f (at least 98)\n", alone);
    fine = fine && alone >= 98;
    std::printf("lowest cell from 11 pixels up: %.1f (at least 95)\n", lowest);
    return fine && lowest >= 95 ? 0 : 1;
}
