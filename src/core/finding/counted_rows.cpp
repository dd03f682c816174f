#include "finding/counted_rows.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr qsizetype longestCount = 7; // signs of what counts; years and long numbers follow one another by chance

struct RowCount {
    QString before;
    int number = 0;
};

std::optional<RowCount> countIn(const QString& text) {
    static const QRegularExpression ending(QStringLiteral("^(\\p{L}{1,3}[-./ ]?)(\\d{1,4})$"));
    const auto m = ending.match(text);
    if (text.size() > longestCount || !m.hasMatch()) return std::nullopt;
    return RowCount{m.captured(1), m.captured(2).toInt()};
}

bool mayBeCount(Kind kind) {
    constexpr Kind kinds[] = {Kind::Secret, Kind::Plate, Kind::Record, Kind::Account, Kind::Passport, Kind::NationalId};
    return std::find(std::begin(kinds), std::end(kinds), kind) != std::end(kinds);
}

// Plates under "Plate" are plates, one after the other or not; but "Key" heads what keys are called as well.
bool isAnnounced(const ScreenText& screen, const Candidate& c) {
    const LabelledValue* label = labelFor(screen, *c.run, c.span, c.kind);
    const auto inRow = [&] {
        return label->how == LabelledValue::How::Inside || label->how == LabelledValue::How::Beside;
    };
    return label && (c.kind != Kind::Secret || inRow());
}

} // namespace

void dropCounted(const ScreenText& screen, std::vector<Candidate>& candidates) {
    constexpr double aligned = 0.7; // heights of a small x
    const auto& lines = screen.page().lines;
    std::erase_if(candidates, [&](const Candidate& c) {
        const auto own = mayBeCount(c.kind) && c.run->second < 0 ? countIn(c.run->text()) : std::nullopt;
        if (!own || isAnnounced(screen, c)) return false;
        const TextLine& line = lines[size_t(c.run->line)];
        return std::any_of(screen.runs().begin(), screen.runs().end(), [&](const TextRun& run) {
            const QRectF& box = lines[size_t(run.line)].box;
            if (std::abs(box.left() - line.box.left()) > aligned * line.xHeight) return false;
            const auto next = countIn(run.text());
            return next && next->before == own->before && std::abs(next->number - own->number) == 1;
        });
    });
}

} // namespace eyelid
