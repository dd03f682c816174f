// A released picture whose ground is transparent: what it shows, that nothing lies under it, and how it is checked.
#include "picture/container.h"
#include "picture/picture_file.h"
#include "pipeline/case_work.h"
#include "support/everything.h"
#include "support/made.h"
#include "support/random_edits.h"

using namespace eyelid;

namespace {

QImage overview() {
    return made::picture(
        {QStringLiteral("Account overview"), QStringLiteral("Larkmoor Water"), QStringLiteral("Balance 38.20")});
}

} // namespace

TEST_CASE("where the ground is transparent nothing lies under it, and laid on white it looks as on a white ground") {
    std::mt19937 random(14);
    const QImage capture = overview();
    for (int round = 0; round < 60; ++round) {
        Edits edits;
        edits.framing = made::randomFraming(capture.size(), random);
        edits.framing.transparent = true;
        edits.framing.ground = qRgb(255, 255, 255);
        for (int i = 0; i < 3; ++i) edits.marks.push_back(made::randomMark(i + 1, capture.size(), random));
        const QImage thing = renderTransparent(capture, edits), onWhite = render(capture, edits);
        const QImage laid = laidOn(qRgb(255, 255, 255), thing);
        REQUIRE(thing.format() == QImage::Format_ARGB32);
        int apart = 0;
        for (int y = 0; y < thing.height(); ++y)
            for (int x = 0; x < thing.width(); ++x) {
                const QRgb pixel = thing.pixel(x, y), a = laid.pixel(x, y), b = onWhite.pixel(x, y);
                if (qAlpha(pixel) == 0) REQUIRE(pixel == 0);
                apart = std::max({apart, std::abs(qRed(a) - qRed(b)), std::abs(qGreen(a) - qGreen(b)),
                                  std::abs(qBlue(a) - qBlue(b))});
            }
        REQUIRE(apart <= 2);
    }
    Edits torn;
    torn.framing.shadow = 12;
    torn.framing.corner = 20;
    torn.framing.transparent = true;
    const QImage thing = renderTransparent(capture, torn);
    CHECK(qAlpha(thing.pixel(0, 0)) < 40);
    CHECK(qAlpha(thing.pixel(thing.rect().center())) == 255);
}

TEST_CASE("a transparent ground is written where a file can have one, and checked to the level") {
    Decided decided;
    decided.framing.edge = Framing::Edge::Fade;
    decided.framing.shadow = 8;
    decided.framing.transparent = true;
    const QImage picture = overview();
    const auto madeIn = [&](const Encoding& encoding, DocumentKind document = DocumentKind::None) {
        ReleaseForm form;
        form.encoding = encoding;
        form.document = document;
        static const CaseWork work;
        const auto search = searchFor({std::make_shared<const Policy>(), {}, QStringLiteral("eng")});
        REQUIRE(search);
        Progress progress;
        auto checked =
            work.make({1, QStringLiteral("a"), &picture, decided, {}, {}, form}, *search, reader(), progress);
        REQUIRE(checked);
        return *checked;
    };
    for (const Encoding& encoding : {Encoding{ReleaseFormat::Png}, Encoding{ReleaseFormat::WebP, Encoding::lossless}}) {
        const CheckedPicture clear = madeIn(encoding);
        CHECK(clear.leaks.empty());
        CHECK(clear.transparent);
        CHECK(inspectStrictly(clear.artifact.bytes).transparency);
        CHECK(inspectStrictly(clear.artifact.bytes).besides.isEmpty());
        CHECK(madeIn(encoding).artifact.bytes == clear.artifact.bytes);
    }
    for (const Encoding& encoding : {Encoding{ReleaseFormat::Jpeg}, Encoding{ReleaseFormat::Tiff},
                                     Encoding{ReleaseFormat::Gif}, Encoding{ReleaseFormat::WebP, 90}}) {
        const CheckedPicture opaque = madeIn(encoding);
        CHECK(opaque.leaks.empty());
        CHECK_FALSE(opaque.transparent);
        CHECK_FALSE(inspectStrictly(opaque.artifact.bytes).transparency);
    }
    CHECK_FALSE(madeIn(Encoding{}, DocumentKind::Pdf).transparent);
}

TEST_CASE("a file whose transparency is not what it should be fails its check") {
    Decided decided;
    decided.framing.edge = Framing::Edge::Wave;
    decided.framing.transparent = true;
    const QImage picture = overview();
    const Edits edits = editsOf(decided, picture.size());
    const auto leaksOf = [&](const QImage& shown, bool transparent) {
        const Policy policy;
        CheckRequest request;
        request.policy = &policy;
        request.capture = &picture;
        request.decided = decided;
        request.transparent = transparent;
        Progress progress;
        auto report = checkBytes(*encodeTransparent(shown, {}), request, reader(), finder(), progress);
        REQUIRE(report);
        return report->leaks;
    };
    QImage shown = renderTransparent(picture, edits);
    CHECK(leaksOf(shown, true).empty());
    CHECK_FALSE(leaksOf(shown, false).empty()); // it was to be opaque
    REQUIRE(qAlpha(shown.pixel(0, 0)) == 0);
    shown.setPixel(0, 0, qRgba(1, 2, 3, 0)); // colour under what is transparent
    CHECK_FALSE(leaksOf(shown, true).empty());
    shown = renderTransparent(picture, edits);
    shown.setPixel(400, 70, shown.pixel(400, 70) & 0xfeffffff); // a hole, however faint
    CHECK_FALSE(leaksOf(shown, true).empty());
}
