// Framings and marks of every sort, anywhere on and beside a picture.
#pragma once

#include "editing/edits.h"

#include <QImage>
#include <random>

namespace made {

/// How many rounds of random work a test does of `all`: a fifth under the sanitizers, which take five times as long and
/// see the same code in each.
constexpr int rounds(int all) {
#ifdef UNDER_SANITIZERS
    return all / 5;
#else
    return all;
#endif
}

inline QPointF pointNear(const QSize& picture, std::mt19937& random) {
    return {double(random() % size_t(picture.width() + 80)) - 40 + 0.25 * double(random() % 4),
            double(random() % size_t(picture.height() + 80)) - 40};
}

inline eyelid::Mark randomMark(int id, const QSize& picture, std::mt19937& random) {
    using namespace eyelid;
    Mark mark;
    mark.id = id;
    mark.kind = allMarkKinds[random() % std::size(allMarkKinds)];
    const auto forms = formsOf(mark.kind);
    if (!forms.empty()) mark.form = forms[random() % forms.size()];
    for (int n = 0; n < 4; ++n) mark.points << pointNear(picture, random);
    if (mark.kind == MarkKind::Note && random() % 2) mark.points.resize(2);
    if (mark.kind == MarkKind::Draw && random() % 2) mark.pressures = {0.2, 0.9, 0.5, 0.1};
    mark.turn = double(random() % 360);
    mark.text = random() % 2 ? QStringLiteral("See here") : QStringLiteral("two\nlines \u05e9\u05dc");
    mark.rank = int(random() % 9);
    MarkStyle& style = mark.style;
    style.colour = 0xff000000 | QRgb(random() % 0xffffff);
    if (random() % 2) style.ground = QRgb(random());
    style.width = 1 + double(random() % 30);
    style.pattern = LinePattern(random() % 3);
    style.heads = int(random() % 3);
    style.textHeight = 8 + double(random() % 40);
    style.weight = TypeWeight(random() % 3);
    style.letters = random() % 2;
    return mark;
}

inline eyelid::Framing randomFraming(const QSize& picture, std::mt19937& random) {
    using namespace eyelid;
    Framing f;
    if (random() % 2)
        f.crop = QRect(int(random() % size_t(picture.width())) - 20, int(random() % size_t(picture.height())) - 20,
                       1 + int(random() % size_t(picture.width())), 1 + int(random() % size_t(picture.height())));
    if (random() % 3 == 0) f.angle = double(random() % 60) - 30;
    f.quarters = int(random() % 4);
    f.mirrored = random() % 2;
    f.edge = Framing::Edge(random() % 4);
    f.edgeSides = Qt::Edges(int(random() % 16));
    if (random() % 2) f.canvas = {int(random() % 40), int(random() % 40), int(random() % 40), int(random() % 40)};
    if (random() % 2) f.resize = {Resize::By(random() % 5), 20 + double(random() % 300)};
    if (random() % 2) f.border = int(random() % 12);
    if (random() % 2) f.corner = int(random() % 30);
    if (random() % 3 == 0) f.shadow = int(random() % 30);
    f.ground = 0xff000000 | QRgb(random() % 0xffffff);
    f.transparent = f.ground % 4 == 0;
    return f;
}

} // namespace made
