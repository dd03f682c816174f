#include "reading/codes.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <QPainter>
#include <ZXing/ReadBarcode.h>

namespace eyelid {
namespace {

constexpr int part = 2400, overlap = 600; // pixels; no code on a screen is larger than the overlap

QString nameOf(ZXing::BarcodeFormat format) {
    using F = ZXing::BarcodeFormat;
    switch (format) {
    case F::QRCode:
        return QStringLiteral("QR code");
    case F::MicroQRCode:
        return QStringLiteral("Micro QR code");
    case F::DataMatrix:
        return QStringLiteral("Data Matrix");
    case F::Aztec:
        return QStringLiteral("Aztec code");
    case F::PDF417:
        return QStringLiteral("PDF417");
    default:
        return QString::fromLatin1(ZXing::ToString(format));
    }
}

// Squares of dense black and white, where a code may be that the library looks for in the middle of a picture only.
std::vector<QRect> squares(const QImage& gray) {
    const cv::Mat all(gray.height(), gray.width(), CV_8U, const_cast<uchar*>(gray.constBits()),
                      size_t(gray.bytesPerLine()));
    cv::Mat half, dark, labels, stats, centres;
    cv::resize(all, half, {}, 0.5, 0.5, cv::INTER_AREA);
    std::vector<QRect> found;
    // Small and large modules: as far as the white between two of them reaches.
    for (const int reach : {7, 21}) {
        cv::morphologyEx(half < 120, dark, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_RECT, {reach, reach}));
        const int n = cv::connectedComponentsWithStats(dark, labels, stats, centres, 8, CV_32S);
        for (int i = 1; i < n; ++i) {
            const int* s = stats.ptr<int>(i);
            const int w = s[cv::CC_STAT_WIDTH], h = s[cv::CC_STAT_HEIGHT];
            if (std::min(w, h) < 12 || std::max(w, h) > 1.35 * std::min(w, h)) continue;
            if (s[cv::CC_STAT_AREA] < 0.6 * w * h) continue;
            found.emplace_back(2 * s[cv::CC_STAT_LEFT], 2 * s[cv::CC_STAT_TOP], 2 * w, 2 * h);
        }
    }
    std::sort(found.begin(), found.end(),
              [](const QRect& a, const QRect& b) { return a.width() * a.height() > b.width() * b.height(); });
    if (found.size() > 32) found.resize(32);
    return found;
}

} // namespace

std::vector<Code> findCodes(const QImage& picture) {
    std::vector<Code> codes;
    if (picture.width() < 16 || picture.height() < 16) return codes;
    const QImage gray = picture.convertToFormat(QImage::Format_Grayscale8);
    ZXing::DecodeHints hints;
    hints.setTryHarder(true);
    hints.setTryRotate(true);
    // Without their check digits the weakest kinds are found in any row of stripes.
    using F = ZXing::BarcodeFormat;
    hints.setFormats(F::QRCode | F::MicroQRCode | F::DataMatrix | F::Aztec | F::PDF417 | F::Code39 | F::Code93 |
                     F::Code128 | F::EAN8 | F::EAN13 | F::UPCA | F::UPCE | F::ITF | F::Codabar);
    // The library tells of one code of a kind at a time: what was found is painted over, and the rest looked at again.
    QImage left = gray;
    constexpr int most = 64;
    std::vector<QRect> areas;
    for (int top = 0; top < gray.height(); top += part - overlap)
        for (int x0 = 0; x0 < gray.width(); x0 += part - overlap) {
            const QRect area = QRect(x0, top, part, part).intersected(gray.rect());
            if ((x0 > 0 && area.width() <= overlap) || (top > 0 && area.height() <= overlap)) continue;
            areas.push_back(area);
        }
    for (const QRect& square : squares(gray)) {
        const int margin = std::max(8, square.width() / 8);
        areas.push_back(square.adjusted(-margin, -margin, margin, margin).intersected(gray.rect()));
    }
    for (const QRect& area : areas) {
        for (bool again = true; again && int(codes.size()) < most;) {
            again = false;
            const ZXing::ImageView view(left.constScanLine(area.top()) + area.left(), area.width(), area.height(),
                                        ZXing::ImageFormat::Lum, int(left.bytesPerLine()));
            for (const ZXing::Result& found : ZXing::ReadBarcodes(view, hints)) {
                if (!found.isValid()) continue;
                // Any few stripes make a number of two digits.
                const bool linear = ZXing::BarcodeFormats(ZXing::BarcodeFormat::LinearCodes).testFlag(found.format());
                Code code;
                code.kind = nameOf(found.format());
                code.content = QString::fromStdWString(found.text());
                for (const auto& point : found.position())
                    code.corners << QPointF(point.x + area.left(), point.y + area.top());
                code.box = code.corners.boundingRect();
                const QRect place = code.box.toAlignedRect().adjusted(-2, -2, 2, 2).intersected(left.rect());
                if (place.isEmpty()) continue;
                QPainter(&left).fillRect(place, Qt::white);
                if (linear && code.content.size() < 5) continue;
                codes.push_back(std::move(code));
                again = true;
            }
        }
    }
    std::sort(codes.begin(), codes.end(), [](const Code& a, const Code& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return codes;
}

} // namespace eyelid
