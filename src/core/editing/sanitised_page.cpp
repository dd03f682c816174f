#include "editing/sanitised_page.h"

#include <algorithm>
#include <set>

namespace eyelid {

QString standInName(Kind kind, int number) {
    if (kind == Kind::Area || number <= 0) return QStringLiteral("[covered]");
    // The first letter is small in running text, abbreviations stay as they are.
    QString title = kindTitle(kind);
    if (title.size() > 1 && title[1].isLower()) title[0] = title[0].toLower();
    if (kind == Kind::Email) title = QStringLiteral("e-mail");
    return QStringLiteral("[%1 %2]").arg(title).arg(number);
}

Page sanitisedPage(const Page& page, const std::vector<HiddenValue>& hidden) {
    Page result = page;
    const auto hiddenAt = [&](const QPointF& at) -> const HiddenValue* {
        for (const HiddenValue& value : hidden)
            for (const QRectF& box : value.boxes)
                if (box.contains(at)) return &value;
        return nullptr;
    };
    std::set<const HiddenValue*> told;
    for (TextLine& line : result.lines) {
        std::vector<Word> kept;
        for (Word& word : line.words) {
            QString text;
            bool touched = false;
            const auto put = [&](const HiddenValue* value) {
                touched = true;
                if (value->kind == Kind::Area || told.insert(value).second)
                    text += standInName(value->kind, value->number);
            };
            if (word.glyphs.empty()) {
                if (const HiddenValue* value = hiddenAt(word.box.center()))
                    put(value);
                else
                    text = word.text;
            }
            const HiddenValue* last = nullptr;
            for (const Glyph& glyph : word.glyphs) {
                const HiddenValue* value = hiddenAt(glyph.box.center());
                if (!value)
                    text += glyph.text;
                else if (value != last)
                    put(value);
                last = value;
            }
            if (text.isEmpty()) continue;
            if (touched) {
                word.text = text;
                word.glyphs.clear();
                word.alternatives.clear();
                word.confidence = 1;
            }
            kept.push_back(std::move(word));
        }
        line.words = std::move(kept);
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
