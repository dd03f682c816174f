#include "editing/sanitised_page.h"

#include "base/sentence.h"
#include "editing/cover.h"

#include <algorithm>
#include <set>

namespace eyelid {

QString standInName(Kind kind, int number) {
    if (number <= 0) return QStringLiteral("[covered]");
    // The first letter is small in running text, abbreviations stay as they are.
    QString title = kindTitle(kind);
    if (title.size() > 1 && title[1].isLower()) title[0] = title[0].toLower();
    if (kind == Kind::Email) title = QStringLiteral("e-mail");
    return sentence(Tr::tr("[%1 %2]"), title, number);
}

HiddenValue hiddenValue(const Finding& finding, int number, const QSize& picture, int evenWidth) {
    HiddenValue value{finding.kind, number, finding.boxes, {}};
    for (const QRectF& box : finding.boxes) {
        Finding one = finding;
        one.boxes = {box};
        const auto rects = coverRects(one, picture, evenWidth);
        value.covers.push_back(rects.empty() ? box.toAlignedRect() : rects.front());
    }
    return value;
}

HiddenValue hiddenValue(const HandCover& cover, const QSize& picture, int evenWidth) {
    HiddenValue value;
    value.covers = rectsOf(handRegion(cover, picture, evenWidth));
    for (const QRect& rect : value.covers) value.boxes.emplace_back(rect);
    return value;
}

std::vector<HiddenValue> hiddenValues(const Decided& decided, const QSize& picture) {
    std::vector<HiddenValue> hidden;
    for (const Item& item : decided.items)
        if (item.decision != Decision::Keep)
            hidden.push_back(hiddenValue(item.finding, item.identity, picture, decided.evenWidth));
    for (const HandCover& hand : decided.hands) hidden.push_back(hiddenValue(hand, picture, decided.evenWidth));
    return hidden;
}

namespace {

// Where a point is hidden, and by which of a value's boxes.
struct Hiding {
    const HiddenValue* value = nullptr;
    size_t box = 0;
    QRectF cover() const { return box < value->covers.size() ? QRectF(value->covers[box]) : value->boxes[box]; }
};

Hiding hidingAt(const std::vector<HiddenValue>& hidden, const QPointF& at) {
    for (const HiddenValue& value : hidden)
        for (size_t i = 0; i < value.boxes.size(); ++i)
            if (value.boxes[i].contains(at)) return {&value, i};
    return {};
}

// Writes names in place of a word's hidden letters. False where none of them is hidden.
bool sanitise(Word& word, const std::vector<HiddenValue>& hidden, std::set<const HiddenValue*>& named) {
    std::vector<Glyph> letters = word.glyphs;
    if (letters.empty()) letters.push_back({word.text, word.box, 1});
    QString text;
    QRectF box;
    const HiddenValue* last = nullptr;
    bool any = false;
    for (const Glyph& letter : letters) {
        const Hiding hiding = hidingAt(hidden, letter.box.center());
        if (!hiding.value) {
            text += letter.text;
            box = box.united(letter.box);
        } else {
            any = true;
            box = box.united(hiding.cover());
            if (hiding.value != last && (hiding.value->number <= 0 || named.insert(hiding.value).second))
                text += standInName(hiding.value->kind, hiding.value->number);
        }
        last = hiding.value;
    }
    if (any) word = Word{text, box, 1, {}, {}};
    return any;
}

} // namespace

Page sanitisedPage(const Page& page, const std::vector<HiddenValue>& hidden) {
    Page result = page;
    std::set<const HiddenValue*> named;
    for (TextLine& line : result.lines) {
        bool touched = false;
        for (Word& word : line.words) touched = sanitise(word, hidden, named) || touched;
        if (!touched) continue;
        std::erase_if(line.words, [](const Word& word) { return word.text.isEmpty(); });
        line.box = {};
        for (const Word& word : line.words) line.box = line.box.united(word.box);
    }
    std::erase_if(result.lines, [](const TextLine& line) { return line.words.empty(); });
    std::erase_if(result.codes, [&](const Code& code) {
        return std::any_of(hidden.begin(), hidden.end(), [&](const HiddenValue& value) {
            return std::any_of(value.boxes.begin(), value.boxes.end(),
                               [&](const QRectF& box) { return box.intersects(code.box); });
        });
    });
    return result;
}

} // namespace eyelid
