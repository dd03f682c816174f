// What a user reads: marked for translation with Qt's own tools, whole sentences with places to fill.
#pragma once

#include <QCoreApplication>
#include <QLocale>
#include <QString>
#include <type_traits>

namespace eyelid {

/// Tr::tr("Release…"): the text in the user's language. Whatever a user may read goes through this, in the core too;
/// with a number, Tr::tr("%n place(s)", nullptr, n), the language's own plural forms. `./dev translations` collects
/// them.
struct Tr {
    Q_DECLARE_TR_FUNCTIONS(eyelid)
};

namespace detail {
inline QString asText(const QString& text) {
    return text;
}
template <typename Number>
requires std::is_arithmetic_v<Number> QString asText(Number number) {
    return QString::number(number);
}
} // namespace detail

/// sentence(Tr::tr("%1 is %2 pixels wide."), name, width): %1 to %9 stand for what follows, put in in one go, since
/// what is put in may itself hold "%1".
template <typename... Parts> QString sentence(const QString& pattern, const Parts&... parts) {
    return pattern.arg(detail::asText(parts)...);
}

/// Has the application speak this language from now on, or English where there is none.
void speakAs(QCoreApplication& application, const QLocale& locale);

/// Text that may come from anywhere, for one line of a terminal: control characters, marks that turn the direction of
/// writing, and bytes that are no text are spelt out ("\x1b").
QString onOneLine(const QString& text);

} // namespace eyelid
