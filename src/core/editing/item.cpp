#include "editing/item.h"

#include "base/sentence.h"
#include "editing/sanitised_page.h"
#include "editing/written_text.h"
#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
QString decisionName(Decision decision) {
    switch (decision) {
    case Decision::Open:
        return QStringLiteral("open");
    case Decision::Cover:
        return QStringLiteral("cover");
    case Decision::Keep:
        return QStringLiteral("keep");
    }
    return {};
}

QRegion handRegion(const Decided& decided, const QSize& picture) {
    QRegion region;
    for (const HandCover& hand : decided.hands) region += handRegion(hand, picture, decided.evenWidth);
    return region;
}

std::vector<Finding> valuesUnder(const Page& page, const QRegion& hands) {
    const std::vector<QRect> covers = rectsOf(hands);
    constexpr double hidden = 0.5;  // of a letter's box, from which on it is what the cover was drawn over
    constexpr double legible = 0.5; // confidence of the reader; noise reads as a letter here and there
    std::vector<Finding> values;
    const auto add = [&](const QString& text, const QRectF& box, double xHeight) {
        if (text.trimmed().isEmpty()) return;
        Finding f;
        f.kind = Kind::Watch;
        f.text = text.trimmed();
        f.boxes = {box};
        f.textHeight = xHeight;
        f.confidence = 1;
        f.reason = Tr::tr("was covered by hand");
        values.push_back(std::move(f));
    };
    for (const TextLine& line : page.lines) {
        QString whole;
        QRectF place;
        int words = 0;
        std::vector<std::pair<QString, QRectF>> parts;
        for (const Word& word : line.words) {
            QString text;
            QRectF box;
            if (word.confidence < legible) continue;
            if (word.glyphs.empty() && shareUnder(word.box, covers) >= hidden) {
                text = word.text;
                box = word.box;
            }
            for (const Glyph& glyph : word.glyphs)
                if (shareUnder(glyph.box, covers) >= hidden) {
                    text += glyph.text;
                    box = box.united(glyph.box);
                }
            if (text.isEmpty()) continue;
            ++words;
            whole += (whole.isEmpty() ? QString() : QStringLiteral(" ")) + text;
            place = place.united(box);
            parts.emplace_back(text, box);
        }
        add(whole, place, line.xHeight);
        // Of several words also each that could be nothing else: it may stand elsewhere without the others.
        if (words > 1)
            for (const auto& [text, box] : parts)
                if (std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit() || c == u'@'; }) &&
                    text.size() >= 4)
                    add(text, box, line.xHeight);
    }
    return values;
}

namespace {

// A text over the boxes a value runs over, word by word, to each as much as its width is of all.
std::vector<QString> spread(const QString& text, const std::vector<QRect>& rects) {
    std::vector<QString> parts(rects.size());
    double all = 0, passed = 0;
    for (const QRect& rect : rects) all += rect.width();
    const QStringList words = text.split(u' ');
    qsizetype next = 0, letters = 0;
    for (size_t i = 0; i < rects.size(); ++i) {
        passed += rects[i].width();
        const bool last = i + 1 == rects.size();
        while (next < words.size() &&
               (last || parts[i].isEmpty() || double(letters) < passed / all * double(text.size()))) {
            if (!last && words.size() - next < qsizetype(rects.size() - i)) break;
            parts[i] += (parts[i].isEmpty() ? QString() : QStringLiteral(" ")) + words[next];
            letters += words[next++].size() + 1;
        }
    }
    return parts;
}

struct Drawn {
    QRect rect;
    CoverLook look;
    QString text;
    double textHeight = 0;
    bool marked = false;
};

// One rectangle for two only where it hides no more than they do together with the gap between them.
bool mayMerge(const Drawn& a, const Drawn& b) {
    if (a.look != b.look || a.text != b.text || !touches(a.rect, b.rect)) return false;
    const bool contained = a.rect.contains(b.rect) || b.rect.contains(a.rect);
    const bool sameLine =
        std::abs(a.rect.top() - b.rect.top()) <= 3 && std::abs(a.rect.bottom() - b.rect.bottom()) <= 3;
    return contained || sameLine;
}

// From top to bottom each looks at those that begin above its end: of thousands only a few.
void mergeTouching(std::vector<Drawn>& drawn) {
    for (bool merged = true; merged;) {
        merged = false;
        std::stable_sort(drawn.begin(), drawn.end(), [](const Drawn& a, const Drawn& b) {
            return std::pair(a.rect.top(), a.rect.left()) < std::pair(b.rect.top(), b.rect.left());
        });
        std::vector<bool> gone(drawn.size());
        for (size_t i = 0; i < drawn.size(); ++i)
            for (size_t j = i + 1; !gone[i] && j < drawn.size() && drawn[j].rect.top() <= drawn[i].rect.bottom() + 1;
                 ++j) {
                if (gone[j] || !mayMerge(drawn[i], drawn[j])) continue;
                drawn[i].rect = drawn[i].rect.united(drawn[j].rect);
                gone[j] = merged = true;
            }
        size_t kept = 0;
        for (size_t i = 0; i < drawn.size(); ++i)
            if (!gone[i]) drawn[kept++] = drawn[i];
        drawn.erase(drawn.begin() + long(kept), drawn.end());
    }
}

bool isWritten(CoverStyle style) {
    return style == CoverStyle::StandIn || style == CoverStyle::Label;
}

// The made-up value that stands for an item; empty where it has none.
QString standInOf(const Item& item, const StandInSource* source) {
    const bool any = item.look.style == CoverStyle::StandIn && source && item.identity > 0;
    return any ? standIn(item.finding.kind, item.identity, *source) : QString();
}

// "[person 1]", or "[GDPR Art. 4(1)]".
QString labelOf(const Item& item, bool byGround) {
    const bool ground = byGround && item.look.style == CoverStyle::Label && !item.finding.ground.isEmpty();
    return ground ? u'[' + item.finding.ground + u']' : standInName(item.finding.kind, item.identity);
}

// A made-up name in a form that fits its place without being written much smaller than the type around: "Zuzana
// Marchbank", "Z. Marchbank", "Zuzana". Told by the place alone, so that nothing of the real name shows.
QString fittingName(const QString& name, const QRect& place, double textHeight) {
    constexpr double leastScale = 0.8; // of the type around
    const QString given = name.section(u' ', 0, 0), family = name.section(u' ', -1);
    if (textHeight <= 0 || given == family) return name;
    const auto width = [&](const QString& form) { return widthOfText(form, textHeight / smallLetterOfEm); };
    const QString initial = given.left(1) + QStringLiteral(". ") + family;
    for (const QString& form : {name, initial})
        if (leastScale * width(form) <= place.width()) return form;
    return width(given) < width(initial) ? given : initial;
}

void drawItem(const Item& item, const Decided& decided, const QRegion& byHand, const QSize& picture,
              std::vector<Drawn>& drawn) {
    const std::vector<QRect> rects = coverRects(item.finding, picture, decided.evenWidth);
    QString madeUp = standInOf(item, decided.standIns.get());
    if (item.finding.kind == Kind::Person && rects.size() == 1)
        madeUp = fittingName(madeUp, rects.front(), item.finding.textHeight);
    std::vector<QString> texts(rects.size());
    if (isWritten(item.look.style))
        texts = spread(madeUp.isEmpty() ? labelOf(item, decided.labelsTellGround) : madeUp, rects);
    for (size_t i = 0; i < rects.size(); ++i) {
        if (QRegion(rects[i]).subtracted(byHand).isEmpty()) continue;
        const bool last = i + 1 == rects.size(); // a value is marked once
        drawn.push_back({rects[i], item.look, texts[i], texts[i].isEmpty() ? 0 : item.finding.textHeight,
                         decided.marksReplaced && last && !madeUp.isEmpty()});
    }
}

} // namespace

std::vector<Cover> coversOf(const Decided& decided, const QSize& picture) {
    std::vector<Drawn> drawn;
    const QRegion byHand = handRegion(decided, picture);
    for (const Item& item : decided.items)
        if (item.decision == Decision::Cover) drawItem(item, decided, byHand, picture, drawn);
    std::vector<Cover> covers;
    for (const HandCover& hand : decided.hands) {
        const QRegion region = handRegion(hand, picture, decided.evenWidth);
        const QString text = isWritten(hand.look.style) ? standInName(Kind::Watch, 0) : QString();
        if (region.rectCount() == 1)
            drawn.push_back({region.boundingRect(), hand.look, text});
        else if (!region.isEmpty())
            covers.push_back({region, hand.look, text});
    }
    mergeTouching(drawn);
    for (const Drawn& d : drawn) covers.push_back({d.rect, d.look, d.text, d.textHeight, d.marked});
    std::sort(covers.begin(), covers.end(), [](const Cover& one, const Cover& other) {
        const QRect a = one.bounds(), b = other.bounds();
        return std::tuple(a.top(), a.left(), a.bottom(), a.right(), one.look, one.text) <
               std::tuple(b.top(), b.left(), b.bottom(), b.right(), other.look, other.text);
    });
    return covers;
}

} // namespace eyelid
