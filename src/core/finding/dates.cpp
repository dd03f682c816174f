#include "finding/dates.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {

bool isDate(const QString& text) {
    static const QRegularExpression yearLast(QStringLiteral("^(\\d{1,2})[./-](\\d{1,2})[./-](?:\\d{2}|\\d{4})$"));
    static const QRegularExpression yearFirst(QStringLiteral("^\\d{4}[./-](\\d{1,2})[./-](\\d{1,2})$"));
    constexpr int days = 31, months = 12;
    for (const QRegularExpression* form : {&yearLast, &yearFirst})
        if (const auto m = form->match(text); m.hasMatch()) {
            const int one = m.captured(1).toInt(), other = m.captured(2).toInt();
            return std::min(one, other) >= 1 && std::min(one, other) <= months && std::max(one, other) <= days;
        }
    return false;
}

bool isPeriod(const QString& text) {
    static const QRegularExpression form(
        QStringLiteral("^(%1) ?(?:[-–—/]|to|bis|à|a) ?(?:%1|\\d{2})$")
            .arg(QStringLiteral("(?:\\d{1,2}[./] ?){0,2}(?:19|20)\\d{2}|(?:19|20)\\d{2}(?:[./-]\\d{1,2}){1,2}")));
    return form.match(text).hasMatch();
}

std::optional<Span> earlyDateIn(const QString& text) {
    constexpr int lastBirth = 2008;
    static const QRegularExpression form(QStringLiteral(
        "(?<![\\w./-])(?:\\d{1,2}[./-]\\d{1,2}[./-](\\d{4})|(\\d{4})[./-]\\d{1,2}[./-]\\d{1,2}|"
        "\\d{1,2}\\.? (?:de )?\\p{L}{3,10}\\.? (?:de )?(\\d{4})|\\p{L}{3,10}\\.? \\d{1,2},? (\\d{4}))(?![\\w/-])"));
    constexpr int firstBirth = 1900;
    for (auto dates = form.globalMatch(text); dates.hasNext();) {
        const auto date = dates.next();
        const int year = date.captured(date.lastCapturedIndex()).toInt();
        if (year >= firstBirth && year <= lastBirth) return Span{int(date.capturedStart()), int(date.capturedLength())};
    }
    return std::nullopt;
}

} // namespace eyelid
