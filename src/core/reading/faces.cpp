#include "reading/faces.h"

#include "base/shipped.h"
#include "reading/face_net.h"
#include "reading/lightness.h"
#include "reading/photographs.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <opencv2/objdetect.hpp>

namespace eyelid {
namespace {

constexpr double mostPixels = 1.5e6;     // a larger photograph is looked at smaller
constexpr int portrait = 200;            // pixels: a photograph up to this is taken for one of a single head
constexpr double mostOblongPicture = 2;  // and one up to so much longer one way than the other
constexpr int smallestWindow = 48;       // pixels, within a large photograph
constexpr int mostWindows = 120;         // looked into within larger photographs of one picture
constexpr double cascadeSureness = 0.85; // it seldom errs
constexpr double samePixels = 0.97;      // correlation of the same pixels, drawn at another size
constexpr double sizesOfTheSame[] = {1, 0.5, 0.625, 0.75, 0.8, 1.25, 1.5, 2};

// A cascade is not safe to share between threads, so each call has its own; parsing takes a few milliseconds and
// happens only where there is a photograph.
cv::CascadeClassifier cascade() {
    static const std::string text = shippedFile(QStringLiteral("faces/frontal.xml")).toStdString();
    cv::CascadeClassifier faces;
    const cv::FileStorage storage(text, cv::FileStorage::READ | cv::FileStorage::MEMORY);
    faces.read(storage.getFirstTopLevelNode());
    return faces;
}

// What is found reaches from brow to chin; hair and ears tell as much.
cv::Rect2d wholeHead(const cv::Rect2d& face) {
    const double more = 0.2 * face.width;
    return {face.x - more, face.y - 1.5 * more, face.width + 2 * more, face.height + 2.5 * more};
}

struct Head {
    cv::Rect2d box;
    double sureness;
};

// The heads of a picture, as they are found.
class Heads {
public:
    Heads(const QImage& bare, const QImage& picture)
        : m_light(pixelsOf(bare)), m_colour(picture.height(), picture.width(), CV_8UC4,
                                            const_cast<uchar*>(picture.constBits()), size_t(picture.bytesPerLine())) {}

    std::vector<Head> find() {
        const std::vector<cv::Rect> regions = findPhotographs(m_light);
        if (!regions.empty()) lookInto(regions);
        addLikenesses(regions);
        return m_heads;
    }

private:
    void lookInto(const std::vector<cv::Rect>& regions) {
        cv::CascadeClassifier boosted = cascade();
        FaceNet net;
        for (const cv::Rect& region : regions) {
            byCascade(boosted, region);
            const std::vector<cv::Rect> windows = windowsOf(region);
            for (const cv::Rect& window : windows) {
                // Portraits are looked at however many there are.
                if (windows.size() > 1 && m_looked++ >= mostWindows) break;
                if (const auto seen = net.look(m_colour, window)) add(seen->box, seen->sureness);
            }
        }
        alikeIn(regions);
    }

    void add(const cv::Rect2d& face, double sureness) {
        const cv::Rect2d head = wholeHead(face) & cv::Rect2d(0, 0, m_light.cols, m_light.rows);
        const cv::Point2d middle = (head.tl() + head.br()) / 2;
        for (Head& known : m_heads)
            if (known.box.contains(middle)) {
                known = {known.box | head, std::max(known.sureness, sureness)};
                return;
            }
        m_heads.push_back({head, sureness});
    }

    void byCascade(cv::CascadeClassifier& boosted, const cv::Rect& region) {
        cv::Mat part = m_light(region).clone();
        double scale = 1;
        if (double(part.total()) > mostPixels) {
            scale = std::sqrt(mostPixels / double(part.total()));
            cv::resize(part, part, {}, scale, scale, cv::INTER_AREA);
        }
        std::vector<cv::Rect> found;
        boosted.detectMultiScale(part, found, 1.1, 4, 0, {20, 20});
        for (const cv::Rect& f : found)
            add({region.x + f.x / scale, region.y + f.y / scale, f.width / scale, f.height / scale}, cascadeSureness);
    }

    // A portrait is looked at whole; a larger photograph in squares that overlap, each size half of the last.
    static std::vector<cv::Rect> windowsOf(const cv::Rect& region) {
        const int shorter = std::min(region.width, region.height), longer = std::max(region.width, region.height);
        std::vector<cv::Rect> windows;
        if (longer <= portrait && longer <= mostOblongPicture * shorter) {
            windows.emplace_back(region.x + (region.width - longer) / 2, region.y + (region.height - longer) / 2,
                                 longer, longer);
            return windows;
        }
        // Portraits in a row or a column, close together, are one narrow photograph.
        const int least = std::max(std::min(smallestWindow, shorter), shorter / 4);
        const int parts = shorter <= portrait ? 4 : 2; // of a window, from one to the next
        for (int size = shorter; size >= least; size /= 2)
            for (int y = region.y; y + size <= region.br().y; y += std::max(1, size / parts))
                for (int x = region.x; x + size <= region.br().x; x += std::max(1, size / parts))
                    windows.emplace_back(x, y, size, size);
        return windows;
    }

    // The same photograph stands for the same head wherever it stands, whether or not it is found there.
    void alikeIn(const std::vector<cv::Rect>& regions) {
        const std::vector<Head> found = m_heads;
        for (const Head& head : found)
            for (const cv::Rect& region : regions) {
                const bool has = std::any_of(m_heads.begin(), m_heads.end(), [&](const Head& other) {
                    return other.sureness >= head.sureness &&
                           region.contains(cv::Point((other.box.tl() + other.box.br()) / 2));
                });
                if (!has && head.sureness >= Face::sure) alikeAt(head, region);
            }
    }
    void alikeAt(const Head& head, const cv::Rect& region) {
        const cv::Mat original = m_light(cv::Rect(head.box) & cv::Rect(0, 0, m_light.cols, m_light.rows));
        for (const double size : sizesOfTheSame) {
            cv::Mat pattern, share;
            cv::resize(original, pattern, {}, size, size, size < 1 ? cv::INTER_AREA : cv::INTER_LINEAR);
            constexpr int tooSmall = 12;
            if (pattern.cols > region.width || pattern.rows > region.height ||
                std::min(pattern.cols, pattern.rows) < tooSmall)
                continue;
            cv::matchTemplate(m_light(region), pattern, share, cv::TM_CCOEFF_NORMED);
            double most = 0;
            cv::Point at;
            cv::minMaxLoc(share, nullptr, &most, nullptr, &at);
            if (most < samePixels) continue;
            m_heads.push_back(
                {cv::Rect2d(region.x + at.x, region.y + at.y, pattern.cols, pattern.rows), head.sureness});
            return;
        }
    }

    // A head of twenty pixels, or turned away, is often seen by nobody but who knows whose it is: beside a name a small
    // picture is taken for one (Finder).
    void addLikenesses(const std::vector<cv::Rect>& photographs) {
        // On the picture itself: what was read off a portrait was no text.
        cv::Mat light;
        cv::cvtColor(m_colour, light, cv::COLOR_BGRA2GRAY);
        const std::vector<cv::Rect> patches = findPatches(light);
        std::vector<cv::Rect> small, others;
        std::partition_copy(patches.begin(), patches.end(), std::back_inserter(small), std::back_inserter(others),
                            [&](const cv::Rect& r) { return isPicture(light, r); });
        std::copy_if(photographs.begin(), photographs.end(), std::back_inserter(small),
                     [&](const cv::Rect& r) { return isSmallPicture(light, r); });
        std::vector<cv::Rect> among;
        std::copy_if(others.begin(), others.end(), std::back_inserter(among),
                     [&](const cv::Rect& r) { return standsInColumn(r, small); });
        small.insert(small.end(), among.begin(), among.end());
        for (const cv::Rect& r : small) {
            const cv::Point2d middle(r.x + r.width / 2.0, r.y + r.height / 2.0);
            const bool has = std::any_of(m_heads.begin(), m_heads.end(), [&](const Head& head) {
                return head.box.contains(middle) || r.contains(cv::Point((head.box.tl() + head.box.br()) / 2));
            });
            if (!has) m_heads.push_back({cv::Rect2d(r), 0});
        }
    }

    // Where pictures of one size stand below each other, what stands among them is one, however few its shades.
    static bool standsInColumn(const cv::Rect& patch, const std::vector<cv::Rect>& pictures) {
        constexpr int fewest = 3;
        return std::count_if(pictures.begin(), pictures.end(), [&](const cv::Rect& p) {
                   constexpr double least = 0.75, most = 1.25; // of its sides
                   const int common = std::min(p.br().x, patch.br().x) - std::max(p.x, patch.x);
                   return common >= least * patch.width && patch.width <= most * p.width &&
                          patch.height >= least * p.height && patch.height <= most * p.height;
               }) >= fewest;
    }

    const cv::Mat m_light, m_colour;
    std::vector<Head> m_heads;
    int m_looked = 0;
};

} // namespace

std::vector<Face> findFaces(const QImage& bare, const QImage& picture) {
    std::vector<Face> faces;
    constexpr int tooSmall = 24;
    if (bare.width() < tooSmall || bare.height() < tooSmall) return faces;
    for (const Head& head : Heads(bare, picture).find())
        faces.push_back({QRectF(head.box.x, head.box.y, head.box.width, head.box.height), head.sureness});
    std::sort(faces.begin(), faces.end(), [](const Face& a, const Face& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return faces;
}

} // namespace eyelid
