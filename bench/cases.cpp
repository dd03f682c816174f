// Speed and size of cases on disk: adding captures against writing the same bytes with fsync, opening a case of 200
// captures, keeping a decision in it, listing and searching 200 cases of 20. Prints a line each; exit status 1 when a
// figure is over its limit. Times without something to hold them against are of this machine and this run.
#include "casefile/case.h"
#include "casefile/case_list.h"
#include "casefile/packed_picture.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <fcntl.h>
#include <QBuffer>
#include <QGuiApplication>
#include <QPainter>
#include <QTemporaryDir>
#include <random>
#include <unistd.h>

using namespace eyelid;

namespace {

const QDateTime someDay(QDate(2026, 11, 26), QTime(9, 0), Qt::UTC);
const CaseKey key = CaseKey::random();
const Opener opener{.keys = {key}};

double seconds(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

[[noreturn]] void fail(const QString& sentence) {
    std::fprintf(stderr, "%s\n", qPrintable(sentence));
    std::exit(2);
}

QString word(std::mt19937& random) {
    QString text;
    for (int i = 0, n = 3 + int(random() % 8); i < n; ++i) text += QChar(u'a' + ushort(random() % 26));
    return text;
}

// A screen of made-up words, 1280x800, and what reading it gives: some 400 words with their letters.
struct Screen {
    QImage picture{1280, 800, QImage::Format_RGB32};
    Page page;
};

Screen screen(unsigned seed, bool withMarker) {
    std::mt19937 random(seed);
    Screen made;
    made.picture.fill(QColor::fromHsv(int(random() % 360), 12, 250));
    QPainter painter(&made.picture);
    QFont font(QStringLiteral("DejaVu Sans"));
    font.setPixelSize(14);
    painter.setFont(font);
    painter.setPen(Qt::black);
    made.page.size = made.picture.size();
    for (int y = 30; y < 790; y += 22) {
        TextLine line;
        for (int n = 0, x = 20; n < 11; ++n) {
            Word w;
            w.text = withMarker && y == 30 && n == 0 ? QStringLiteral("quillfeather") : word(random);
            w.box = QRectF(x, y - 12, 8.0 * double(w.text.size()), 16);
            w.confidence = 0.99;
            for (int i = 0; i < w.text.size(); ++i)
                w.glyphs.push_back({QString(w.text[i]), QRectF(x + 8 * i, y - 12, 8, 16), 0.99, true, {}});
            painter.drawText(x, y, w.text);
            x += 8 * int(w.text.size()) + 12;
            line.words.push_back(std::move(w));
        }
        line.box = QRectF(20, y - 12, 1200, 16);
        made.page.lines.push_back(std::move(line));
    }
    made.page.languages = QStringLiteral("eng");
    return made;
}

int addTo(Case& open, const Screen& made) {
    const int id = open.add(made.picture, QStringLiteral("bench"));
    open.setRead(id, {open.capture(id)->picture, open.terms().languages, std::make_shared<const Page>(made.page)});
    return id;
}

std::unique_ptr<CaseFile> newCase(const QString& path) {
    auto file = CaseFile::create(path, {.keyFile = key});
    if (!file) fail(file.error().sentence);
    return std::move(*file);
}

void keep(CaseFile& file, const Case& open) {
    if (auto kept = file.keep(open.kept(), *open.pictures(), someDay); !kept) fail(kept.error().sentence);
}

void writeWithSync(const QString& path, const QByteArray& bytes) {
    const int file = ::open(path.toUtf8().constData(), O_CREAT | O_WRONLY | O_APPEND | O_CLOEXEC, 0600);
    if (file < 0 || ::write(file, bytes.constData(), size_t(bytes.size())) != bytes.size() || fsync(file) != 0)
        fail(QStringLiteral("writing failed"));
    ::close(file);
}

// Twenty captures, each kept as it comes, against its picture packed and written with fsync: what keeping it safely
// takes at the least.
double adding(const QString& folder) {
    const Policy policy = *loadPolicy(QStringLiteral("everything"));
    std::vector<double> ratios;
    Case open(policy);
    const auto file = newCase(folder + QStringLiteral("/adding.eyelid"));
    qint64 packedBytes = 0, pngBytes = 0;
    double ours = 0, theirs = 0;
    for (unsigned i = 0; i < 20; ++i) {
        const Screen made = screen(i, false);
        const Case::ReadyPicture ready = Case::ready(made.picture, nullptr);
        (void)packedPicture(ready.picture); // so that neither is the first to touch it
        const double a = seconds([&] {
            open.add(ready, QStringLiteral("bench"));
            keep(*file, open);
        });
        const double b = seconds([&] {
            const QByteArray bytes = packedPicture(ready.picture);
            packedBytes += bytes.size();
            writeWithSync(folder + QStringLiteral("/plain"), bytes);
        });
        ours += a;
        theirs += b;
        ratios.push_back(a / b);
        QByteArray png;
        QBuffer buffer(&png);
        buffer.open(QIODevice::WriteOnly);
        made.picture.save(&buffer, "PNG");
        pngBytes += png.size();
    }
    std::nth_element(ratios.begin(), ratios.begin() + 10, ratios.end());
    std::printf("%-52s %8.2f ms / %8.2f ms = %.2f (at most 1.3)\n",
                "adding a capture, against packing, writing and fsync", ours * 50, theirs * 50, ratios[10]);
    std::printf("%-52s %8.2f MB / %8.2f MB = %.2f\n", "twenty captures, against the same as PNG",
                double(packedBytes) / 1e6, double(pngBytes) / 1e6, double(packedBytes) / double(pngBytes));
    return ratios[10];
}

// Thirty decisions, each kept as it is taken, in a case of so many captures with thirty findings each; the median.
double deciding(const QString& path, unsigned captures) {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const auto file = newCase(path);
    std::vector<int> ids;
    for (unsigned i = 0; i < captures; ++i) {
        const Screen made = screen(3000 + i, false);
        const int id = addTo(open, made);
        std::vector<Finding> findings;
        for (size_t n = 0; n < 30; ++n) {
            const Word& word = made.page.lines[n].words[2];
            findings.push_back({Kind::Person, word.text, word.text, {word.box}, 7, 0.9, {}, QStringLiteral("a name")});
        }
        open.setFindings(id, findings, open.terms(), open.capture(id)->page);
        for (const KnownFinding& known : open.capture(id)->known) ids.push_back(known.id);
    }
    keep(*file, open);
    std::vector<double> times;
    for (size_t i = 0; i < 30; ++i) {
        open.decide(ids[i * ids.size() / 30], Scope::One, Decision::Cover);
        times.push_back(seconds([&] { keep(*file, open); }));
    }
    std::nth_element(times.begin(), times.begin() + 15, times.end());
    return times[15];
}

void decidingInMany(const QString& folder) {
    const double few = deciding(folder + QStringLiteral("/few.eyelid"), 2),
                 many = deciding(folder + QStringLiteral("/many.eyelid"), 200);
    std::printf("%-52s %8.2f ms / %8.2f ms = %.2f\n", "keeping a decision, of 200 captures against of 2", many * 1e3,
                few * 1e3, many / few);
}

double opening(const QString& folder) {
    const Policy policy = *loadPolicy(QStringLiteral("everything"));
    const QString path = folder + QStringLiteral("/large.eyelid");
    {
        Case open(policy);
        const auto file = newCase(path);
        for (unsigned i = 0; i < 200; ++i) addTo(open, screen(1000 + i, i == 77));
        keep(*file, open);
    }
    const double time = seconds([&] {
        auto file = CaseFile::open(path, opener);
        if (!file) fail(file.error().sentence);
        Case open(policy);
        open.pictures()->backBy([&](const PictureId& id) { return (*file)->picture(id); },
                                [&](const PictureId& id) { return (*file)->smallPicture(id); });
        auto kept = (*file)->load();
        if (!kept) fail(kept.error().sentence);
        open.restore(std::move(*kept));
        if (open.picture(open.captures().front()).isNull()) fail(QStringLiteral("no picture"));
    });
    std::printf("%-52s %8.2f s (at most 1)\n", "opening 200 captures, to the first picture", time);
    return time;
}

double searching(const QString& folder) {
    const Policy policy = *loadPolicy(QStringLiteral("everything"));
    const QString cases = folder + QStringLiteral("/cases");
    QDir().mkpath(cases);
    // Ten cases of their own, each copied twenty times: what is searched is the files.
    for (unsigned i = 0; i < 10; ++i) {
        const QString first = cases + QStringLiteral("/%1-0.eyelid").arg(i);
        {
            Case open(policy);
            const auto file = newCase(first);
            for (unsigned j = 0; j < 20; ++j) addTo(open, screen(5000 + 20 * i + j, i == 3 && j == 9));
            keep(*file, open);
        }
        for (int copy = 1; copy < 20; ++copy)
            QFile::copy(first, cases + QStringLiteral("/%1-%2.eyelid").arg(i).arg(copy));
    }
    Progress progress;
    size_t listed = 0, found = 0;
    const double list = seconds([&] { listed = listCases(cases, opener, progress)->size(); });
    const double search =
        seconds([&] { found = searchCases(cases, opener, QStringLiteral("Quillfeather"), progress)->size(); });
    if (listed != 200 || found != 20) fail(QStringLiteral("%1 listed, %2 found").arg(listed).arg(found));
    std::printf("%-52s %8.2f s\n", "listing 200 cases", list);
    std::printf("%-52s %8.2f s (at most 2)\n", "searching the words of 200 cases of 20 captures", search);
    return search;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication application(argc, argv);
    const QTemporaryDir folder;
    const double open = opening(folder.path());
    const double add = adding(folder.path());
    decidingInMany(folder.path());
    const double search = searching(folder.path());
    return add > 1.3 || open > 1 || search > 2;
}
