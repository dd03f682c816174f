#include "editing/text_outline.h"

#include "base/shipped.h"

#include <algorithm>
#include <hb.h>
#include <memory>
#include <QTextBoundaryFinder>
#include <unicode/ubidi.h>
#include <vector>

namespace eyelid {
namespace {

constexpr double lineHeight = 1.3; // of an em
constexpr double ascent = 0.97;    // of an em, from a line's top to its baseline: Inter's own

struct HbDeleter {
    void operator()(hb_face_t* p) const { hb_face_destroy(p); }
    void operator()(hb_font_t* p) const { hb_font_destroy(p); }
    void operator()(hb_buffer_t* p) const { hb_buffer_destroy(p); }
};

// A shipped face; shared by all threads, as HarfBuzz allows of what is not changed any more.
class ShapingFace {
public:
    explicit ShapingFace(const char* file) : m_bytes(shippedFile(QLatin1String(file))) {
        hb_blob_t* blob =
            hb_blob_create(m_bytes.constData(), unsigned(m_bytes.size()), HB_MEMORY_MODE_READONLY, nullptr, nullptr);
        m_face.reset(hb_face_create(blob, 0));
        hb_blob_destroy(blob);
        m_font.reset(hb_font_create(m_face.get()));
        hb_font_make_immutable(m_font.get());
        m_unitsPerEm = hb_face_get_upem(m_face.get());
    }
    bool has(char32_t letter) const {
        hb_codepoint_t glyph = 0;
        return hb_font_get_nominal_glyph(m_font.get(), letter, &glyph) != 0;
    }
    hb_font_t* font() const { return m_font.get(); }
    double unitsPerEm() const { return m_unitsPerEm; }

private:
    QByteArray m_bytes;
    std::unique_ptr<hb_face_t, HbDeleter> m_face;
    std::unique_ptr<hb_font_t, HbDeleter> m_font;
    double m_unitsPerEm = 1000;
};

const ShapingFace& faceFor(const TextSetting& setting) {
    static const ShapingFace regular("fonts/Inter-Regular.otf"), semiBold("fonts/Inter-SemiBold.otf"),
        bold("fonts/Inter-Bold.otf"), mono("fonts/JetBrainsMono-Regular.ttf"), monoBold("fonts/JetBrainsMono-Bold.ttf");
    if (setting.monospaced) return setting.weight == TypeWeight::Regular ? mono : monoBold;
    return setting.weight == TypeWeight::Regular ? regular : setting.weight == TypeWeight::SemiBold ? semiBold : bold;
}

// For scripts those have not.
const ShapingFace& otherScripts() {
    static const ShapingFace face("fonts/DejaVuSans.ttf");
    return face;
}

// Letters of a line that are shaped together: one direction, one face.
struct Run {
    qsizetype from = 0, to = 0;
    bool rightToLeft = false;
    const ShapingFace* face = nullptr;
};

// What combines with a letter is drawn in the letter's face.
std::vector<Run> byFace(const QString& text, Run whole, const ShapingFace& usual) {
    std::vector<Run> runs;
    QTextBoundaryFinder letters(QTextBoundaryFinder::Grapheme, text);
    for (qsizetype at = whole.from; at < whole.to;) {
        letters.setPosition(at);
        qsizetype next = letters.toNextBoundary();
        if (next <= at || next > whole.to) next = whole.to;
        const QString letter = text.mid(at, next - at);
        const auto codes = letter.toStdU32String();
        const auto knows = [&](const ShapingFace& face) {
            return std::all_of(codes.begin(), codes.end(), [&](char32_t c) { return face.has(c); });
        };
        const ShapingFace* face = knows(usual) || !knows(otherScripts()) ? &usual : &otherScripts();
        if (!runs.empty() && runs.back().face == face)
            runs.back().to = next;
        else
            runs.push_back({at, next, whole.rightToLeft, face});
        at = next;
    }
    if (whole.rightToLeft) std::reverse(runs.begin(), runs.end());
    return runs;
}

// In the order they are seen, from left to right.
std::vector<Run> runsOf(const QString& line, const ShapingFace& face) {
    std::vector<Run> runs;
    const std::unique_ptr<UBiDi, void (*)(UBiDi*)> bidi(ubidi_open(), ubidi_close);
    UErrorCode status = U_ZERO_ERROR;
    ubidi_setPara(bidi.get(), reinterpret_cast<const UChar*>(line.utf16()), int(line.size()), UBIDI_DEFAULT_LTR,
                  nullptr, &status);
    const int count = ubidi_countRuns(bidi.get(), &status);
    if (U_FAILURE(status)) return byFace(line, {0, line.size(), false, nullptr}, face);
    for (int i = 0; i < count; ++i) {
        int32_t from = 0, length = 0;
        const UBiDiDirection direction = ubidi_getVisualRun(bidi.get(), i, &from, &length);
        const auto parts = byFace(line, {from, from + length, direction == UBIDI_RTL, nullptr}, face);
        runs.insert(runs.end(), parts.begin(), parts.end());
    }
    return runs;
}

// Collects outlines, scaled and turned upside up.
struct Pen {
    QPainterPath* path = nullptr;
    double scale = 1, x = 0, y = 0;
    QPointF at(float px, float py) const { return {x + px * scale, y - py * scale}; }
};

hb_draw_funcs_t* penFuncs() {
    static hb_draw_funcs_t* const funcs = [] {
        hb_draw_funcs_t* f = hb_draw_funcs_create();
        hb_draw_funcs_set_move_to_func(
            f,
            [](hb_draw_funcs_t*, void* p, hb_draw_state_t*, float x, float y, void*) {
                static_cast<Pen*>(p)->path->moveTo(static_cast<Pen*>(p)->at(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_line_to_func(
            f,
            [](hb_draw_funcs_t*, void* p, hb_draw_state_t*, float x, float y, void*) {
                static_cast<Pen*>(p)->path->lineTo(static_cast<Pen*>(p)->at(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_quadratic_to_func(
            f,
            [](hb_draw_funcs_t*, void* p, hb_draw_state_t*, float cx, float cy, float x, float y, void*) {
                const Pen& pen = *static_cast<Pen*>(p);
                pen.path->quadTo(pen.at(cx, cy), pen.at(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_cubic_to_func(
            f,
            [](hb_draw_funcs_t*, void* p, hb_draw_state_t*, float ax, float ay, float bx, float by, float x, float y,
               void*) {
                const Pen& pen = *static_cast<Pen*>(p);
                pen.path->cubicTo(pen.at(ax, ay), pen.at(bx, by), pen.at(x, y));
            },
            nullptr, nullptr);
        hb_draw_funcs_set_close_path_func(
            f, [](hb_draw_funcs_t*, void* p, hb_draw_state_t*, void*) { static_cast<Pen*>(p)->path->closeSubpath(); },
            nullptr, nullptr);
        hb_draw_funcs_make_immutable(f);
        return f;
    }();
    return funcs;
}

// Shapes one line; returns its width. `path`: null to measure alone.
double setLine(const QString& line, const TextSetting& setting, double baseline, double left, QPainterPath* path) {
    double x = left;
    for (const Run& run : runsOf(line, faceFor(setting))) {
        const std::unique_ptr<hb_buffer_t, HbDeleter> buffer(hb_buffer_create());
        hb_buffer_add_utf16(buffer.get(), reinterpret_cast<const uint16_t*>(line.utf16()), int(line.size()),
                            unsigned(run.from), int(run.to - run.from));
        hb_buffer_set_direction(buffer.get(), run.rightToLeft ? HB_DIRECTION_RTL : HB_DIRECTION_LTR);
        hb_buffer_guess_segment_properties(buffer.get());
        hb_shape(run.face->font(), buffer.get(), nullptr, 0);
        unsigned count = 0;
        const hb_glyph_info_t* glyphs = hb_buffer_get_glyph_infos(buffer.get(), &count);
        const hb_glyph_position_t* places = hb_buffer_get_glyph_positions(buffer.get(), &count);
        const double scale = setting.pixels / run.face->unitsPerEm();
        for (unsigned i = 0; i < count; ++i) {
            if (path) {
                Pen pen{path, scale, x + places[i].x_offset * scale, baseline - places[i].y_offset * scale};
                hb_font_get_glyph_shape(run.face->font(), glyphs[i].codepoint, penFuncs(), &pen);
            }
            x += places[i].x_advance * scale;
        }
    }
    return x - left;
}

// Broken where it is too wide and may be broken; a word wider than all stays whole.
QStringList brokenLines(const QString& paragraph, const TextSetting& setting) {
    if (setting.width <= 0 || setLine(paragraph, setting, 0, 0, nullptr) <= setting.width) return {paragraph};
    QStringList lines;
    QTextBoundaryFinder breaks(QTextBoundaryFinder::Line, paragraph);
    qsizetype from = 0, last = 0;
    for (qsizetype at = breaks.toNextBoundary(); at > 0; at = breaks.toNextBoundary()) {
        const bool fits = setLine(paragraph.mid(from, at - from).trimmed(), setting, 0, 0, nullptr) <= setting.width;
        if (!fits && last > from) {
            lines << paragraph.mid(from, last - from).trimmed();
            from = last;
        }
        last = at;
    }
    lines << paragraph.mid(from).trimmed();
    return lines;
}

} // namespace

TextOutline outlineOf(const QString& text, const TextSetting& setting) {
    TextOutline outline;
    outline.path.setFillRule(Qt::WindingFill);
    QStringList lines;
    for (const QString& paragraph : text.split(u'\n')) lines << brokenLines(paragraph, setting);
    std::vector<double> widths;
    double widest = setting.width;
    for (const QString& line : lines) {
        widths.push_back(setLine(line, setting, 0, 0, nullptr));
        widest = std::max(widest, widths.back());
    }
    const double height = lineHeight * setting.pixels;
    for (qsizetype i = 0; i < lines.size(); ++i) {
        // Lines that run from right to left begin at the right.
        const double middle = lines[i].isRightToLeft() ? 1 - setting.middle : setting.middle;
        const double top = height * double(i) + (lineHeight - 1.21) / 2 * setting.pixels;
        setLine(lines[i], setting, top + ascent * setting.pixels, middle * (widest - widths[size_t(i)]), &outline.path);
    }
    outline.size = {widest, height * double(lines.size())};
    return outline;
}

const TextOutline& OutlineCache::of(const QString& text, const TextSetting& setting) {
    constexpr qsizetype most = 2000;
    if (m_outlines.size() > most) m_outlines.clear();
    const QString key = QStringLiteral("%1 %2 %3 %4 %5 ")
                            .arg(setting.pixels)
                            .arg(int(setting.weight))
                            .arg(setting.monospaced)
                            .arg(setting.width)
                            .arg(setting.middle) +
                        text;
    const auto there = m_outlines.constFind(key);
    return there != m_outlines.constEnd() ? *there : *m_outlines.insert(key, outlineOf(text, setting));
}

} // namespace eyelid
