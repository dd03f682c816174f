#include "finding/over_hyphens.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {

void growOverHyphens(const Surroundings& in, std::vector<Candidate>& found) {
    static const QRegularExpression group(QStringLiteral("^(?=[A-Z]*\\d)[A-Z\\d]{2,10}(?=$|[ ,.;)])"));
    for (Candidate& c : found) {
        if (c.kind == Kind::Watch || c.run->second >= 0) continue;
        if (c.run->text().mid(c.span.end()) != QLatin1String("-")) continue;
        const auto& wrapped = in.screen.wrapped();
        const auto on = std::ranges::find(wrapped, c.run->line, &TextRun::line);
        if (on == wrapped.end()) continue;
        const auto m = group.match(on->text().mid(on->joint));
        if (!m.hasMatch()) continue;
        c.run = &*on;
        c.span.length = on->joint + int(m.capturedLength()) - c.span.start;
    }
}

} // namespace eyelid
