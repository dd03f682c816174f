#include "editing/written_text.h"

#include "base/shipped.h"

#include <algorithm>
#include <cmath>
#include <ft2build.h>
#include FT_FREETYPE_H
#include <memory>

namespace eyelid {
namespace {

constexpr double unit = 64;        // FreeType's fixed point: 26.6
constexpr double largestShare = 1; // of the place's width a text takes at most
constexpr double leastPixels = 3;  // an em below which nothing is drawn

QString fileOf(TypeWeight weight) {
    switch (weight) {
    case TypeWeight::Regular:
        return QStringLiteral("fonts/Inter-Regular.otf");
    case TypeWeight::SemiBold:
        return QStringLiteral("fonts/Inter-SemiBold.otf");
    case TypeWeight::Bold:
        return QStringLiteral("fonts/Inter-Bold.otf");
    }
    return {};
}

// A face of its own for each call: a library is not safe to share between threads, and opening it takes little.
class OutlineFace {
public:
    OutlineFace(double pixels, TypeWeight weight) : m_bytes(shippedFile(fileOf(weight))) {
        if (FT_Init_FreeType(&m_library) != 0) return;
        if (FT_New_Memory_Face(m_library, reinterpret_cast<const FT_Byte*>(m_bytes.constData()), m_bytes.size(), 0,
                               &m_face) != 0)
            m_face = nullptr;
        else
            FT_Set_Char_Size(m_face, 0, FT_F26Dot6(std::lround(pixels * unit)), 72, 72);
    }
    ~OutlineFace() {
        if (m_face) FT_Done_Face(m_face);
        if (m_library) FT_Done_FreeType(m_library);
    }
    OutlineFace(const OutlineFace&) = delete;
    OutlineFace& operator=(const OutlineFace&) = delete;

    /// Null for a letter the face has not.
    FT_GlyphSlot glyph(char32_t letter, bool drawn) const {
        if (!m_face) return nullptr;
        const FT_Int32 flags = FT_LOAD_NO_HINTING | FT_LOAD_NO_BITMAP | (drawn ? FT_LOAD_RENDER : 0);
        return FT_Load_Char(m_face, letter, flags) == 0 ? m_face->glyph : nullptr;
    }
    double ascender() const { return m_face ? double(m_face->size->metrics.ascender) / unit : 0; }
    double descender() const { return m_face ? -double(m_face->size->metrics.descender) / unit : 0; }

private:
    QByteArray m_bytes;
    FT_Library m_library = nullptr;
    FT_Face m_face = nullptr;
};

double advanceOf(FT_GlyphSlot glyph) {
    return double(glyph->linearHoriAdvance) / 65536;
}

} // namespace

double widthOfText(const QString& text, double pixels, TypeWeight weight) {
    const OutlineFace face(pixels, weight);
    double width = 0;
    for (const char32_t letter : text.toStdU32String())
        if (const FT_GlyphSlot glyph = face.glyph(letter, false)) width += advanceOf(glyph);
    return width;
}

cv::Mat writtenText(const QString& text, const cv::Size& place, double pixels, TypeWeight weight) {
    cv::Mat ink = cv::Mat::zeros(place, CV_32F);
    const double width = widthOfText(text, pixels, weight);
    if (text.isEmpty() || width <= 0) return ink;
    pixels = std::min(pixels, pixels * largestShare * place.width / width);
    if (pixels < leastPixels) return ink;
    const OutlineFace face(pixels, weight);
    const int baseline = int(std::lround((place.height + face.ascender() - face.descender()) / 2));
    double x = 0;
    for (const char32_t letter : text.toStdU32String()) {
        const FT_GlyphSlot glyph = face.glyph(letter, true);
        if (!glyph) continue;
        const FT_Bitmap& bitmap = glyph->bitmap;
        for (int v = 0; v < int(bitmap.rows); ++v)
            for (int u = 0; u < int(bitmap.width); ++u) {
                const int at = int(std::lround(x)) + glyph->bitmap_left + u, row = baseline - glyph->bitmap_top + v;
                if (at < 0 || row < 0 || at >= place.width || row >= place.height) continue;
                float& there = ink.at<float>(row, at);
                there = std::max(there, float(bitmap.buffer[v * bitmap.pitch + u]) / 255);
            }
        x += advanceOf(glyph);
    }
    return ink;
}

} // namespace eyelid
