#include "reading/face_net.h"

#include "base/shipped.h"
#include "reading/page.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/dnn.hpp>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

constexpr int netSide = 128; // pixels the network sees
// Of 72 portraits the surest look at 20 pixels was never below it (tools: bench/heads.py).
constexpr double leastAtAll = 0.3;
constexpr int smallWindow = 160;                              // pixels: of a larger one only what is sure counts
constexpr double nearer = 1.2, far = 1.5, farthestWindow = 2; // of the window
constexpr double sameMiddle = 0.15, sameSize = 0.5; // of the window, of the face: what the two looks may differ by

// Where the network looks for faces: two in each cell of 16 by 16, six in each of 8 by 8.
const std::vector<cv::Point2d>& anchors() {
    static const std::vector<cv::Point2d> all = [] {
        std::vector<cv::Point2d> made;
        for (const auto& [cells, count] : {std::pair{16, 2}, std::pair{8, 6}})
            for (int y = 0; y < cells; ++y)
                for (int x = 0; x < cells; ++x)
                    for (int k = 0; k < count; ++k) made.emplace_back((x + 0.5) / cells, (y + 0.5) / cells);
        return made;
    }();
    return all;
}

cv::Rect grown(const cv::Rect& window, double factor) {
    const int size = int(std::lround(window.width * factor));
    return {window.x - (size - window.width) / 2, window.y - (size - window.height) / 2, size, size};
}

// The square as the network wants it: over the edge the last pixels go on.
cv::Mat shown(const cv::Mat& picture, const cv::Rect& window, bool mirrored) {
    const cv::Rect inside = window & cv::Rect(0, 0, picture.cols, picture.rows);
    cv::Mat part;
    cv::copyMakeBorder(picture(inside), part, inside.y - window.y, window.br().y - inside.br().y, inside.x - window.x,
                       window.br().x - inside.br().x, cv::BORDER_REPLICATE);
    cv::cvtColor(part, part, cv::COLOR_BGRA2RGB);
    cv::resize(part, part, {netSide, netSide}, 0, 0, window.width > netSide ? cv::INTER_AREA : cv::INTER_CUBIC);
    if (mirrored) cv::flip(part, part, 1);
    const int shape[] = {1, netSide, netSide, 3};
    cv::Mat blob(4, shape, CV_32F);
    cv::Mat into(netSide, netSide, CV_32FC3, blob.ptr<float>());
    part.convertTo(into, CV_32FC3, 1 / 127.5, -1);
    return blob;
}

} // namespace

struct FaceNet::Network {
    cv::dnn::Net net;
    std::vector<std::string> outputs;
};

FaceNet::FaceNet() : m_network(std::make_unique<Network>()) {
    const QByteArray file = shippedFile(QStringLiteral("faces/blazeface.onnx"));
    m_network->net = cv::dnn::readNetFromONNX(file.constData(), size_t(file.size()));
    m_network->net.setPreferableBackend(cv::dnn::DNN_BACKEND_OPENCV);
    // How sure, then where, for the anchors of each grid.
    m_network->outputs = m_network->net.getUnconnectedOutLayersNames();
}
FaceNet::~FaceNet() = default;

SeenFace FaceNet::lookOnce(const cv::Mat& picture, const cv::Rect& window, bool mirrored) {
    m_network->net.setInput(shown(picture, window, mirrored));
    std::vector<cv::Mat> out;
    m_network->net.forward(out, m_network->outputs);
    constexpr int coordinates = 16;
    double most = -1e9;
    cv::Rect2d box;
    size_t anchor = 0;
    for (size_t grid = 0; grid < 2; ++grid) {
        const int count = out[grid].size[1];
        for (int i = 0; i < count; ++i, ++anchor) {
            const double score = out[grid].ptr<float>()[i];
            if (score <= most) continue;
            most = score;
            const float* where = out[grid + 2].ptr<float>() + size_t(i) * coordinates;
            const double width = where[2] / double(netSide), height = where[3] / double(netSide);
            const cv::Point2d middle =
                anchors()[anchor] + cv::Point2d(where[0] / double(netSide), where[1] / double(netSide));
            box = {middle.x - width / 2, middle.y - height / 2, width, height};
        }
    }
    if (mirrored) box.x = 1 - box.x - box.width;
    const double unit = window.width;
    return {1 / (1 + std::exp(-most)),
            {window.x + box.x * unit, window.y + box.y * unit, box.width * unit, box.height * unit}};
}

std::optional<SeenFace> FaceNet::look(const cv::Mat& picture, const cv::Rect& window) {
    const SeenFace first = lookOnce(picture, grown(window, far), false);
    if (first.sureness < leastAtAll) return std::nullopt;
    // A head is seen in the same place from near and far, and in the mirror; what only looks like one is not.
    const SeenFace looks[] = {first, lookOnce(picture, grown(window, far), true),
                              lookOnce(picture, grown(window, farthestWindow), false),
                              lookOnce(picture, grown(window, nearer), true)};
    SeenFace seen{0, first.box};
    for (const SeenFace& look : looks) {
        const cv::Point2d offset = (look.box.tl() + look.box.br() - first.box.tl() - first.box.br()) / 2;
        const bool same =
            std::max(std::abs(offset.x), std::abs(offset.y)) <= sameMiddle * window.width &&
            std::abs(look.box.width - first.box.width) <= sameSize * std::max(look.box.width, first.box.width);
        if (!same) continue;
        seen.sureness += look.sureness / double(std::size(looks));
        seen.box |= look.box;
    }
    if (seen.sureness < (window.width <= smallWindow ? leastAtAll : Face::sure)) return std::nullopt;
    return seen;
}

} // namespace eyelid
