// Ink is told from ground, and put together to pieces, as OpenCV's own slower ways do it.
#include "reading/ink_pieces.h"
#include "reading/ink_strength.h"
#include "reading/lightness.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <opencv2/imgproc.hpp>
#include <random>
#include <tuple>

using namespace eyelid;

namespace {

// Strengths with spots, strokes and frames in them, so that pieces meet in all ways.
cv::Mat scribbled(std::mt19937& random, int width, int height, int density) {
    cv::Mat picture(height, width, CV_8U, cv::Scalar(0));
    const auto upTo = [&](int most) { return int(random() % unsigned(std::max(1, most))); };
    for (int i = 0; i < width * height * density / 1000; ++i)
        picture.at<uchar>(upTo(height), upTo(width)) = uchar(upTo(256));
    for (int i = 0; i < 12; ++i)
        cv::line(picture, {upTo(width), upTo(height)}, {upTo(width), upTo(height)}, upTo(256), 1 + upTo(3));
    for (int i = 0; i < 4; ++i)
        cv::rectangle(picture, {upTo(width), upTo(height)}, {upTo(width), upTo(height)}, upTo(256), 1);
    return picture;
}

using Box = std::tuple<int, int, int, int, int>; // top, left, width, height, area

std::vector<Box> byLibrary(const cv::Mat& strength, int least) {
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(strength > least, labels, stats, centres, 8, CV_32S);
    std::vector<Box> boxes;
    for (int i = 1; i < n; ++i) {
        const int* s = stats.ptr<int>(i);
        boxes.emplace_back(s[cv::CC_STAT_TOP], s[cv::CC_STAT_LEFT], s[cv::CC_STAT_WIDTH], s[cv::CC_STAT_HEIGHT],
                           s[cv::CC_STAT_AREA]);
    }
    std::sort(boxes.begin(), boxes.end());
    return boxes;
}

std::vector<Box> ours(const cv::Mat& strength, int least) {
    std::vector<Box> boxes;
    for (const auto& [box, area, first] : inkPieces(strength, least))
        boxes.emplace_back(box.top(), box.left(), box.width(), box.height(), area);
    std::sort(boxes.begin(), boxes.end());
    return boxes;
}

} // namespace

TEST_CASE("the pieces of ink are those that touch, also cornerwise, with their boxes and areas") {
    std::mt19937 random(71);
    for (int round = 0; round < 300; ++round) {
        const int width = 1 + int(random() % 200), height = 1 + int(random() % 60);
        const cv::Mat picture = scribbled(random, width, height, int(random() % 700));
        for (const int least : {0, 26, 128, 254, 255}) {
            INFO(round << ": " << width << "x" << height << " over " << least);
            REQUIRE(ours(picture, least) == byLibrary(picture, least));
        }
    }
}

TEST_CASE("pieces reach from edge to edge, whatever the width, and come in the order they are met") {
    for (const int width : {1, 7, 8, 63, 64, 65, 127, 128, 129}) {
        const cv::Mat full(3, width, CV_8U, cv::Scalar(200));
        REQUIRE(ours(full, 26) == std::vector<Box>{{0, 0, width, 3, 3 * width}});
        cv::Mat ends(1, width, CV_8U, cv::Scalar(0));
        ends.at<uchar>(0, 0) = ends.at<uchar>(0, width - 1) = 200;
        CHECK(ours(ends, 26).size() == (width <= 2 ? 1 : 2));
    }
    CHECK(inkPieces(cv::Mat(), 26).empty());
    cv::Mat picture(20, 40, CV_8U, cv::Scalar(0));
    picture.at<uchar>(12, 2) = picture.at<uchar>(3, 30) = picture.at<uchar>(3, 20) = 200;
    const auto pieces = inkPieces(picture, 26);
    REQUIRE(pieces.size() == 3);
    CHECK(pieces[0].box.topLeft() == QPoint(20, 3));
    CHECK(pieces[1].box.topLeft() == QPoint(30, 3));
    CHECK(pieces[2].box.topLeft() == QPoint(2, 12));
}

TEST_CASE("pieces renewed where rows changed are those of the whole picture") {
    std::mt19937 random(73);
    for (int round = 0; round < 300; ++round) {
        const int width = 1 + int(random() % 150), height = 1 + int(random() % 90);
        cv::Mat picture = scribbled(random, width, height, int(random() % 400));
        std::vector<InkPiece> pieces = inkPieces(picture, 26);
        for (int change = 0; change < 3; ++change) {
            std::vector<cv::Range> rows;
            for (int n = int(random() % 3); n > 0; --n) {
                const int begin = int(random() % unsigned(height)),
                          end = std::min(height, begin + 1 + int(random() % 12));
                rows.emplace_back(begin, end);
                scribbled(random, width, end - begin, int(random() % 400)).copyTo(picture.rowRange(begin, end));
            }
            renewPieces(pieces, picture, 26, rows);
            const std::vector<InkPiece> anew = inkPieces(picture, 26);
            REQUIRE(pieces.size() == anew.size());
            for (size_t i = 0; i < anew.size(); ++i) {
                REQUIRE(pieces[i].box == anew[i].box);
                REQUIRE(pieces[i].area == anew[i].area);
            }
        }
    }
}

TEST_CASE("ink after a change is what it is on a picture seen for the first time") {
    std::mt19937 random(72);
    InkStrength kept;
    QImage picture;
    for (int step = 0; step < 400; ++step) {
        const auto upTo = [&](int most) { return int(random() % unsigned(std::max(1, most))); };
        if (picture.isNull() || step % 15 == 14) { // another size
            picture = QImage(3 + upTo(90), 5 + upTo(120), QImage::Format_Grayscale8);
            picture.fill(upTo(256));
        }
        for (int n = upTo(4); n > 0; --n) { // none, or a few places
            QPainter painter(&picture);
            const int level = upTo(256);
            painter.fillRect(upTo(picture.width()), upTo(picture.height()), 1 + upTo(30), 1 + upTo(12),
                             QColor(level, level, level));
        }
        kept.setPicture(picture);
        if (step % 7 == 3) continue; // a change nobody asked about is not forgotten
        InkStrength fresh;
        fresh.setPicture(picture.copy());
        INFO(step << ": " << picture.width() << "x" << picture.height());
        const int least = step % 11 == 5 ? 7 : 26;
        for (const bool light : {false, true}) {
            REQUIRE(cv::norm(kept.levels(light), fresh.levels(light), cv::NORM_INF) == 0);
            const auto pieces = kept.pieces(light, least), first = fresh.pieces(light, least);
            REQUIRE(pieces.size() == first.size());
            for (size_t i = 0; i < first.size(); ++i) { // in the same order as well
                REQUIRE(pieces[i].box == first[i].box);
                REQUIRE(pieces[i].area == first[i].area);
                REQUIRE(pieces[i].first == first[i].first);
            }
        }
    }
}

TEST_CASE("thin strokes stand out, of either polarity; what is thick, and what is even, does not") {
    QImage picture(200, 100, QImage::Format_Grayscale8);
    picture.fill(180);
    QPainter painter(&picture);
    painter.fillRect(20, 20, 3, 12, QColor(60, 60, 60));    // a dark stroke
    painter.fillRect(60, 20, 3, 12, QColor(250, 250, 250)); // a light one
    painter.fillRect(100, 20, 60, 60, QColor(60, 60, 60));  // a block
    painter.end();
    InkStrength ink;
    ink.setPicture(picture);
    CHECK(ink.levels(false).at<uchar>(25, 21) == 120);
    CHECK(ink.levels(true).at<uchar>(25, 21) == 0);
    CHECK(ink.levels(true).at<uchar>(25, 61) == 70);
    CHECK(ink.levels(false).at<uchar>(50, 130) == 0);
    CHECK(ink.levels(false).at<uchar>(90, 30) == 0);
}

TEST_CASE("a picture's lightness is its own when it is one already") {
    QImage red(4, 4, QImage::Format_RGB32);
    red.fill(Qt::red);
    const QImage gray = lightnessOf(red);
    REQUIRE(gray.format() == QImage::Format_Grayscale8);
    CHECK(int(gray.constScanLine(0)[0]) == 76);
    CHECK(lightnessOf(gray).constBits() == gray.constBits());
    CHECK(lightnessOf(QImage()).isNull());
}
