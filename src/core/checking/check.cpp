#include "checking/check.h"

#include "picture/container.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

constexpr double mostCorrelation = 0.3;   // between what a cover shows and what it hides, both without their grounds
constexpr double mostUnchangedInk = 0.1;

cv::Mat grayOf(const QImage& picture, const QRect& r) {
    const cv::Mat whole(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()), size_t(picture.bytesPerLine()));
    cv::Mat gray;
    cv::cvtColor(whole(cv::Rect(r.x(), r.y(), r.width(), r.height())), gray, cv::COLOR_BGRA2GRAY);
    gray.convertTo(gray, CV_32F);
    return gray;
}

// Correlation of the two without what is smooth in them: a continued ground may well be like the hidden one.
double detailCorrelation(cv::Mat a, cv::Mat b) {
    cv::Mat smoothA, smoothB;
    cv::blur(a, smoothA, {15, 15});
    cv::blur(b, smoothB, {15, 15});
    a = a - smoothA;
    b = b - smoothB;
    const double n = double(a.total());
    const double ma = cv::mean(a)[0], mb = cv::mean(b)[0];
    const double va = a.dot(a) / n - ma * ma, vb = b.dot(b) / n - mb * mb;
    if (va < 4 || vb < 4 || n < 64) return 0;
    return (a.dot(b) / n - ma * mb) / std::sqrt(va * vb);
}

// What a reader makes of a cover's own look is not text; that nothing shows through is checked by the pixels. In place
// of what is covered a block stands on the page, so that a label still has its value and a column its cells: otherwise
// the neighbours of a cover would be taken for what it hides.
void withoutCovers(Page& page, const CheckRequest& request) {
    for (TextLine& line : page.lines)
        std::erase_if(line.words, [&](const Word& word) {
            double share = 0;
            for (const Cover& cover : request.covers) share += shareWithin(word.box, QRectF(cover.rect));
            return share > 0.6;
        });
    std::erase_if(page.lines, [](const TextLine& line) { return line.words.empty(); });
    for (const Item& item : request.items) {
        if (item.decision != Decision::Cover || item.finding.kind == Kind::Area) continue;
        for (const QRectF& box : item.finding.boxes) {
            TextLine line;
            line.words.push_back(Word{QString(QChar(0x2588)), box, 1, {}, {}});
            line.box = box;
            line.baseline = box.bottom();
            line.xHeight = item.finding.textHeight;
            page.lines.push_back(std::move(line));
        }
    }
    std::stable_sort(page.lines.begin(), page.lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
}

void checkCovers(const QImage& file, const CheckRequest& request, std::vector<Leak>& leaks) {
    const QImage& capture = *request.capture;
    const auto add = [&](const QRectF& place, const QString& sentence) {
        leaks.push_back({Leak::Sort::Cover, place, sentence});
    };
    for (const Cover& cover : request.covers) {
        const QRect r = cover.rect.intersected(capture.rect());
        if (r.isEmpty()) continue;
        if (cover.style == CoverStyle::Solid) {
            bool even = true;
            for (int y = r.top(); y <= r.bottom() && even; ++y) {
                const auto* line = reinterpret_cast<const QRgb*>(file.constScanLine(y));
                for (int x = r.left(); x <= r.right() && even; ++x) even = (line[x] & 0xffffff) == (solidColour() & 0xffffff);
            }
            if (!even) add(r, QStringLiteral("A solid cover is not of one colour: something shows through it or lies on it."));
            continue;
        }
        const cv::Mat hidden = grayOf(capture, r), shown = grayOf(file, r);
        if (std::abs(detailCorrelation(hidden.clone(), shown.clone())) > mostCorrelation) {
            add(r, QStringLiteral("What a cover shows is like what it hides."));
            continue;
        }
        // Ink: what differs from the hidden ground.
        std::vector<float> levels(hidden.begin<float>(), hidden.end<float>());
        std::nth_element(levels.begin(), levels.begin() + long(levels.size() / 2), levels.end());
        const float ground = levels[levels.size() / 2];
        int ink = 0, unchanged = 0;
        for (int y = 0; y < hidden.rows; ++y)
            for (int x = 0; x < hidden.cols; ++x) {
                if (std::abs(hidden.at<float>(y, x) - ground) <= 40) continue;
                ++ink;
                unchanged += std::abs(hidden.at<float>(y, x) - shown.at<float>(y, x)) <= 3;
            }
        if (ink >= 12 && unchanged > mostUnchangedInk * ink * 3) add(r, QStringLiteral("Much of what a cover should hide is unchanged."));
    }
    // A cover must take in all of its glyphs.
    for (const Item& item : request.items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRectF& box : item.finding.boxes) {
            const QRect glyphs = grownOutwards(box, 0).intersected(capture.rect());
            int hidden = 0;
            cv::Mat mask = cv::Mat::zeros(std::max(1, glyphs.height()), std::max(1, glyphs.width()), CV_8U);
            for (const Cover& cover : request.covers) {
                const QRect part = cover.rect.intersected(glyphs).translated(-glyphs.topLeft());
                if (!part.isEmpty()) mask(cv::Rect(part.x(), part.y(), part.width(), part.height())) = 1;
            }
            hidden = cv::countNonZero(mask);
            if (hidden < glyphs.width() * glyphs.height()) {
                leaks.push_back({Leak::Sort::Cover, box, QStringLiteral("A cover is smaller than what it should hide.")});
            }
        }
    }
}

} // namespace

Result<CheckReport> checkBytes(const QByteArray& bytes, const QString& name, const CheckRequest& request, Reader& reader,
                               const Finder& finder, Progress& progress) {
    CheckReport report;
    auto& leaks = report.leaks;
    const Container container = inspectContainer(bytes);
    if (container.complete && container.format != PictureFormat::Unknown && container.end < bytes.size())
        leaks.push_back({Leak::Sort::Extra, {}, QStringLiteral("%1 bytes follow the end of the picture.").arg(bytes.size() - container.end)});
    for (const QString& what : container.besides)
        leaks.push_back({Leak::Sort::Extra, {}, QStringLiteral("The file carries more than the picture: %1.").arg(what)});
    if (container.transparency)
        leaks.push_back({Leak::Sort::Transparency, {}, QStringLiteral("The picture is not opaque; colour may lie under what is transparent.")});
    auto picture = decodePicture(bytes, name);
    if (!picture) {
        leaks.push_back({Leak::Sort::Structure, {}, picture.error().sentence});
        return report;
    }
    report.size = picture->size();
    if (request.capture) {
        if (picture->size() != request.capture->size())
            leaks.push_back({Leak::Sort::Structure, {}, QStringLiteral("The picture is not of the size it was written in.")});
        else checkCovers(*picture, request, leaks);
    }
    // Reading is done twice over: as it is, and once more for what is too faint for a first look.
    auto page = reader.read(*picture, {.languages = request.languages}, progress);
    if (!page) return page.error();
    auto faint = reader.read(*picture, {.languages = request.languages, .faint = true}, progress);
    if (!faint) return faint.error();
    withoutCovers(*page, request);
    withoutCovers(*faint, request);
    progress.setDoing(QStringLiteral("Searching what was read"));
    const WatchList none;
    const WatchList& watch = request.watch ? *request.watch : none;
    const auto settled = [&](const Finding& f) {
        return std::any_of(request.items.begin(), request.items.end(), [&](const Item& item) {
            if (item.decision != Decision::Keep) return false;
            if (!item.finding.key.isEmpty() && item.finding.key == f.key) return true;
            return std::all_of(f.boxes.begin(), f.boxes.end(), [&](const QRectF& box) {
                return std::any_of(item.finding.boxes.begin(), item.finding.boxes.end(), [&](const QRectF& kept) { return shareWithin(box, kept) > 0.5; });
            });
        });
    };
    const auto told = [&](const Finding& f) {
        return std::any_of(leaks.begin(), leaks.end(), [&](const Leak& leak) { return !leak.place.isNull() && shareWithin(f.boxes.front(), leak.place) > 0.5; });
    };
    const auto search = [&](const Page& read, const char* how) {
        const auto found = finder.find(read, *request.policy, watch);
        for (const Finding& f : found) {
            if (settled(f) || told(f)) continue;
            leaks.push_back({Leak::Sort::Found, f.boxes.front(), QStringLiteral("%1 can be read%2: it %3.").arg(kindTitle(f.kind), QLatin1String(how), f.reason), f});
        }
        for (const Finding& f : finder.carry(read, {}, request.coveredValues, *request.policy)) {
            if (settled(f) || told(f)) continue;
            leaks.push_back({Leak::Sort::CoveredValue, f.boxes.front(),
                             QStringLiteral("%1 that is covered elsewhere in the case can be read here%2.").arg(kindTitle(f.kind), QLatin1String(how)), f});
        }
    };
    search(*page, "");
    search(*faint, " when the contrast is stretched");
    report.page = std::move(*page);
    return report;
}

} // namespace eyelid
