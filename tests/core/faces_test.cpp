// Faces are found on photographs and nowhere else. No real person stands in a test: the face is drawn, soft and with a
// little grain, as a photograph is.
#include "finding/finder.h"
#include "reading/reader.h"
#include "support/made.h"

#include <QPainterPath>

using namespace eyelid;

namespace {

QImage portrait(int side) {
    QImage image(160, 160, QImage::Format_RGB32);
    image.fill(QColor(180, 190, 200));
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    const auto oval = [&](double x, double y, double w, double h, QColor c) {
        p.setBrush(c);
        p.drawEllipse(QPointF(x, y), w, h);
    };
    oval(80, 85, 46, 60, QColor(225, 180, 150));
    p.setBrush(QColor(70, 50, 40));
    p.drawPie(QRectF(32, 16, 96, 52), 0, 180 * 16);
    p.drawRect(QRectF(34, 36, 92, 14));
    for (const double x : {60.0, 100.0}) {
        oval(x, 68, 14, 4, QColor(100, 70, 60));
        oval(x, 78, 11, 6, QColor(180, 140, 110));
        oval(x, 79, 8, 4, QColor(240, 240, 240));
        oval(x, 79, 4, 4, QColor(40, 40, 40));
    }
    oval(80, 100, 9, 6, QColor(200, 150, 120));
    oval(80, 92, 5, 14, QColor(235, 195, 165));
    oval(80, 122, 18, 6, QColor(170, 90, 90));
    p.end();
    image = image.scaled(40, 40, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                .scaled(side, side, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
    std::mt19937 random(5);
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const QColor c = image.pixelColor(x, y);
            const int grain = int(random() % 7) - 3;
            const auto with = [&](int v) { return std::clamp(v + grain, 0, 255); };
            image.setPixelColor(x, y, QColor(with(c.red()), with(c.green()), with(c.blue())));
        }
    return image;
}

Page read(const QImage& picture) {
    Reader reader(1);
    Progress progress;
    return *reader.read(picture, {}, progress);
}

} // namespace

TEST_CASE("a face on a photograph is found whole, at any size, and is a finding") {
    for (const int side : {48, 64, 96, 160}) {
        INFO(side);
        QImage screen = made::picture({QStringLiteral("Ticket 4471"), QStringLiteral("Opened by the front desk")});
        screen = screen.copy(0, 0, 900, 400);
        QPainter p(&screen);
        p.fillRect(0, 90, 900, 310, Qt::white);
        p.drawImage(300, 150, portrait(side));
        p.end();
        const Page page = read(screen);
        REQUIRE(page.faces.size() == 1);
        const QRectF face = page.faces.front().box;
        const double unit = side / 160.0;
        // Eyes and mouth lie within it, and it lies within the photograph's surroundings.
        CHECK(face.contains(QPointF(300 + 60 * unit, 150 + 79 * unit)));
        CHECK(face.contains(QPointF(300 + 100 * unit, 150 + 79 * unit)));
        CHECK(face.contains(QPointF(300 + 80 * unit, 150 + 122 * unit)));
        CHECK(face.width() < 1.5 * side);

        static const Finder finder;
        const auto findings = finder.find(page, *loadPolicy(QStringLiteral("everything")), {});
        const auto found =
            std::find_if(findings.begin(), findings.end(), [](const Finding& f) { return f.kind == Kind::Face; });
        REQUIRE(found != findings.end());
        CHECK(found->boxes.front() == face);
        for (const Finding& f : finder.find(page, *loadPolicy(QStringLiteral("payment")), {}))
            CHECK(f.kind != Kind::Face);
    }
}

TEST_CASE("what was found once on a picture is found wherever the same pixels stand, smaller too") {
    QImage screen(900, 400, QImage::Format_RGB32);
    screen.fill(Qt::white);
    const QImage large = portrait(160);
    QPainter p(&screen);
    p.drawImage(60, 60, large);
    p.drawImage(500, 90, large.scaled(80, 80, Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
    p.end();
    const Page page = read(screen);
    const auto at = [&](double x, double y) {
        return std::any_of(page.faces.begin(), page.faces.end(),
                           [&](const Face& f) { return f.sureness >= Face::sure && f.box.contains(QPointF(x, y)); });
    };
    CHECK(at(140, 150));
    CHECK(at(540, 135));
    CHECK_FALSE(at(750, 300));
}

TEST_CASE("a small photograph that may show a face is a finding beside a name, and not elsewhere") {
    static const Finder finder;
    const auto facesFound = [](double x) {
        made::PageMaker maker;
        maker.line(QStringLiteral("Ardella Gibson"), 80, 40).line(QStringLiteral("Copper kettle"), 600, 240);
        Page page = maker.page();
        page.faces.push_back({QRectF(x, x < 100 ? 30 : 230, 32, 32), 0.5});
        const auto findings = finder.find(page, *loadPolicy(QStringLiteral("everything")), {});
        return std::count_if(findings.begin(), findings.end(), [](const Finding& f) { return f.kind == Kind::Face; });
    };
    CHECK(facesFound(40) == 1);
    CHECK(facesFound(560) == 0);
    // Where text stands on it, it is a button or a tile.
    CHECK(facesFound(78) == 0);
}

TEST_CASE(
    "a small picture of many shades beside a name is somebody's likeness, whatever is seen on it; an icon is not") {
    static const Finder finder;
    QImage sheet = made::picture({QStringLiteral("      Ardella Gibson"), QStringLiteral("      Copper kettle")}, 16);
    const QImage portrait = made::noise({24, 24}, 9); // nothing any network sees a head on
    QPainter painter(&sheet);
    painter.drawImage(QPoint(6, 6), portrait);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(QColor(90, 47, 82), 2));
    painter.drawEllipse(QRectF(8, 50, 20, 20));
    painter.end();
    const Page page = read(sheet);
    const auto near = [&](const QPointF& at) {
        return std::any_of(page.faces.begin(), page.faces.end(), [&](const Face& f) { return f.box.contains(at); });
    };
    CHECK(near({18, 18}));
    CHECK_FALSE(near({18, 60}));
    const auto findings = finder.find(page, *loadPolicy(QStringLiteral("everything")), {});
    const bool found =
        std::any_of(findings.begin(), findings.end(), [](const Finding& f) { return f.kind == Kind::Face; });
    const bool named =
        std::any_of(findings.begin(), findings.end(), [](const Finding& f) { return f.kind == Kind::Person; });
    REQUIRE(named);
    CHECK(found);
}

TEST_CASE("among small pictures below each other, one of few shades is a picture as well; alone it is an icon") {
    const auto withPictures = [](int pictures) {
        QImage sheet = made::picture({QStringLiteral("      Ardella Gibson"), QStringLiteral("      Florencio Mertz"),
                                      QStringLiteral("      Devika Hosseini"), QStringLiteral("      Kenneth Murphy")},
                                     16);
        const int step = (sheet.height() - 12) / 4;
        QPainter painter(&sheet);
        for (int i = 0; i < pictures; ++i) painter.drawImage(QPoint(6, 6 + i * step), made::noise({24, 24}, 9 + i));
        // Mostly of one shade, as a portrait before a white wall.
        painter.fillRect(QRect(6, 6 + 3 * step, 20, 24), QColor(40, 30, 25));
        for (int y = 0; y < 24; y += 4) painter.fillRect(QRect(8, 6 + 3 * step + y, 6, 2), QColor(200, 160, 140));
        painter.end();
        const Page page = read(sheet);
        const QPointF middle(16, 18 + 3 * step);
        return std::any_of(page.faces.begin(), page.faces.end(), [&](const Face& f) { return f.box.contains(middle); });
    };
    CHECK(withPictures(3));
    CHECK_FALSE(withPictures(1));
}

TEST_CASE("text, blocks, gradients and noise are no faces") {
    CHECK(read(made::picture({QStringLiteral("Account overview"), QStringLiteral("Balance 154.56")})).faces.empty());
    QImage image(400, 300, QImage::Format_RGB32);
    QPainter p(&image);
    QLinearGradient gradient(0, 0, 400, 300);
    gradient.setColorAt(0, QColor(240, 230, 200));
    gradient.setColorAt(1, QColor(60, 40, 90));
    p.fillRect(image.rect(), gradient);
    p.end();
    CHECK(read(image).faces.empty());
    CHECK(read(QImage(1, 1, QImage::Format_RGB32)).faces.empty());
    std::mt19937 random(3);
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) image.setPixel(x, y, 0xff000000u | (random() & 0xffffffu));
    CHECK(read(image).faces.empty());
}
