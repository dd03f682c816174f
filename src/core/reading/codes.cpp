#include "reading/codes.h"

#include <algorithm>
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
    for (int top = 0; top < gray.height(); top += part - overlap) {
        for (int left = 0; left < gray.width(); left += part - overlap) {
            const QRect area = QRect(left, top, part, part).intersected(gray.rect());
            if ((left > 0 && area.width() <= overlap) || (top > 0 && area.height() <= overlap)) continue;
            const ZXing::ImageView view(gray.constScanLine(area.top()) + area.left(), area.width(), area.height(),
                                        ZXing::ImageFormat::Lum, int(gray.bytesPerLine()));
            for (const ZXing::Result& found : ZXing::ReadBarcodes(view, hints)) {
                if (!found.isValid()) continue;
                // Any few stripes make a number of two digits.
                const bool linear = ZXing::BarcodeFormats(ZXing::BarcodeFormat::LinearCodes).testFlag(found.format());
                Code code;
                code.kind = nameOf(found.format());
                code.content = QString::fromStdWString(found.text());
                if (linear && code.content.size() < 5) continue;
                for (const auto& point : found.position())
                    code.corners << QPointF(point.x + area.left(), point.y + area.top());
                code.box = code.corners.boundingRect();
                const bool again = std::any_of(codes.begin(), codes.end(), [&](const Code& c) {
                    return c.content == code.content && c.box.intersects(code.box.adjusted(-1, -1, 1, 1));
                });
                if (!again) codes.push_back(std::move(code));
            }
        }
    }
    std::sort(codes.begin(), codes.end(), [](const Code& a, const Code& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return codes;
}

} // namespace eyelid
