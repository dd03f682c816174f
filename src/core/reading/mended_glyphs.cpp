#include "reading/mended_glyphs.h"

#include "reading/letter_limits.h"

#include "language/look_alikes.h"

#include <algorithm>

namespace eyelid {
namespace {

constexpr double mostlySo = 0.8; // share of a shape's votes

// Where a run lies on the uniform line.
struct Place {
    double left, width;
};

Place placeOf(const InkRun& run, const UniformLine& uniform) {
    return {(run.left + uniform.inkOrigin.x() - uniform.offset.x()) * uniform.scale, run.width() * uniform.scale};
}

double shareOf(const Shape& shape) {
    return shape.total > 0 ? shape.bestWeight / shape.total : 0;
}

// What was read stands: its glyphs, side by side over the run.
void appendOwn(const InkRun& run, const Shape& shape, const ReadLine& line, std::vector<ReadGlyph>& mended) {
    const LookAlikes& alike = LookAlikes::shipped();
    const auto [left, width] = placeOf(run, *line.uniform);
    double whole = 0, at = left;
    if (run.count > 1)
        for (const QChar c : run.label) whole += buildOf(c).width;
    for (size_t g = run.first; g < run.first + run.count; ++g) {
        ReadGlyph glyph = (*line.glyphs)[g];
        // Vouched for by many of its like.
        if (run.label == shape.best && shape.bestWeight >= leastWeight && shareOf(shape) > mostlySo)
            glyph.confidence = std::max(glyph.confidence, letters::confirmed);
        else if (!glyph.sure)
            for (const QString& other : alike.all(glyph.text))
                if (!glyph.others.contains(other)) glyph.others << other;
        // Drawn alike, these are never told apart for sure.
        if (glyph.others.isEmpty() && alike.isBar(glyph.text)) glyph.others = alike.all(glyph.text);
        double part = run.count > 1 ? 0 : width;
        if (run.count > 1)
            for (const QChar c : glyph.text) part += buildOf(c).width / whole * width;
        glyph.box = QRectF(at, glyph.box.y(), part, glyph.box.height());
        glyph.exact = run.count == 1;
        at += part;
        mended.push_back(glyph);
    }
}

} // namespace

void appendRun(const InkRun& run, const Shape& shape, const QString& reads, const ReadLine& line,
               std::vector<ReadGlyph>& mended) {
    if (reads == run.label) return appendOwn(run, shape, line, mended);
    if (run.count == 0 && mended.empty()) return;
    ReadGlyph like = run.count > 0 ? (*line.glyphs)[run.first] : mended.back();
    if (run.count == 0) like.startsWord = false;
    const auto [left, width] = placeOf(run, *line.uniform);
    const double each = width / double(reads.size());
    for (qsizetype k = 0; k < reads.size(); ++k) {
        ReadGlyph glyph = like;
        glyph.text = reads.mid(k, 1);
        glyph.startsWord = like.startsWord && k == 0;
        glyph.confidence = std::max(letters::mendedAtLeast, letters::mendedShare * shareOf(shape));
        glyph.box = QRectF(left + width * double(k) / double(reads.size()), like.box.y(), each, like.box.height());
        glyph.exact = reads.size() == 1;
        glyph.others.clear();
        if (run.count == 1 && reads.size() == 1) glyph.others << run.label;
        mended.push_back(glyph);
    }
}

} // namespace eyelid
