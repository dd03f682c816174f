// Tells whether a small part of a picture shows a head: BlazeFace (Bazarevsky, Kartynnik, Vakunov, Raveendran and
// Grundmann, CVPR Workshop on Computer Vision for AR/VR, 2019), the network that ships in data/faces.
#pragma once

#include <memory>
#include <opencv2/core/mat.hpp>
#include <optional>

namespace eyelid {

struct SeenFace {
    double sureness = 0; ///< 0 to 1
    cv::Rect2d box;      ///< brow to chin, in pixels of the picture
};

class FaceNet {
public:
    FaceNet();
    ~FaceNet();
    /// The surest face in the square `window` of `picture` (8 bits, BGRA), which may reach over its edges; looked at
    /// from nearer and farther off and in the mirror, which must agree. Not for several threads.
    std::optional<SeenFace> look(const cv::Mat& picture, const cv::Rect& window);

private:
    SeenFace lookOnce(const cv::Mat& picture, const cv::Rect& window, bool mirrored);
    struct Network;
    std::unique_ptr<Network> m_network;
};

} // namespace eyelid
