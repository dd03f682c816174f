#include "finding/rest_elsewhere.h"

#include "base/sentence.h"
#include "language/countries.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

// "+ 872" in the cell before the rest of the number: what the reader took for a gap was within it.
std::optional<Candidate> countryCodeBefore(const Surroundings& in, const Candidate& number) {
    static const QRegularExpression code(QStringLiteral("(\\+ ?\\d{1,4}) ?[-–]?$"));
    const int left = number.span.start == 0 ? in.screen.lineBeside(number.run->line) : -1;
    if (left < 0) return std::nullopt;
    const TextRun& before = in.screen.runs()[size_t(left)];
    const auto m = code.match(before.text());
    if (!m.hasMatch()) return std::nullopt;
    Candidate whole = number;
    whole.run = &before;
    whole.span = {int(m.capturedStart(1)), int(m.capturedLength(1))};
    whole.key.clear();
    return whole;
}

// "Germany" right under the town: an address of another country ends so. "54172": a post code that its line had no room
// for.
std::optional<Candidate> restUnder(const Surroundings& in, const Candidate& address) {
    constexpr double close = 1.8; // heights of a small x between two lines of one block
    static const QRegularExpression code(QStringLiteral(
        "^(?:\\d{4,6}(?:-\\d{3,4})?|\\d{3} \\d{2}|[A-Z]{1,2}\\d[A-Z\\d]? \\d[A-Z]{2}|[A-Z]\\d[A-Z] \\d[A-Z]\\d)$"));
    const int under = in.screen.lineBelow(address.run->line);
    if (under < 0) return std::nullopt;
    const QString& rest = in.screen.runs()[size_t(under)].text();
    static const QRegularExpression end(QStringLiteral("^,? ?$")),
        next(QStringLiteral("^[\\p{Lu}\\d][\\p{L}\\d.'’-]*(?:,? [\\p{L}\\d.'’-]+){0,3}$"));
    const QString behind = address.run->text().mid(address.span.end());
    // "San Tin, 85537," over "KLN, NL": behind a comma an address goes on.
    const bool goesOn = behind.startsWith(u',') && next.match(rest).hasMatch() && !in.screen.labelOf(under);
    const bool broken = end.match(behind).hasMatch() && (goesOn || code.match(rest).hasMatch());
    if (!broken && !isCountry(rest)) return std::nullopt;
    const TextLine& above = in.screen.page().lines[size_t(address.run->line)];
    const TextLine& below = in.screen.page().lines[size_t(under)];
    if (below.box.top() - above.box.bottom() > close * std::max(above.xHeight, below.xHeight)) return std::nullopt;
    Candidate whole = address;
    whole.run = &in.screen.runs()[size_t(under)];
    whole.span = {0, int(rest.size())};
    whole.reason = Tr::tr("goes on under a street address");
    whole.key.clear();
    return whole;
}

} // namespace

std::optional<Candidate> restElsewhere(const Surroundings& in, const Candidate& value) {
    if (value.kind == Kind::Phone) return countryCodeBefore(in, value);
    return value.kind == Kind::Address ? restUnder(in, value) : std::nullopt;
}

} // namespace eyelid
