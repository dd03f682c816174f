// Sentences with something put into them, in one go: what is put in may itself hold "%1".
#pragma once

#include <QString>
#include <type_traits>

namespace eyelid {

namespace detail {
inline QString asText(const QString& text) {
    return text;
}
inline QString asText(const char16_t* text) {
    return QString::fromUtf16(text);
}
template <typename Number>
requires std::is_arithmetic_v<Number> QString asText(Number number) {
    return QString::number(number);
}
} // namespace detail

/// sentence(u"%1 is %2 pixels wide.", name, width): %1 to %9 stand for what follows. QString::arg(), called again and
/// again, would go on replacing within a file's name.
template <typename... Parts> QString sentence(const char16_t* pattern, const Parts&... parts) {
    return QString::fromUtf16(pattern).arg(detail::asText(parts)...);
}

/// Text that may come from anywhere, for one line of a terminal: control characters, marks that turn the direction of
/// writing, and bytes that are no text are spelt out ("\x1b").
QString onOneLine(const QString& text);

} // namespace eyelid
