#include "language/countries.h"

#include "language/spelling.h"

#include <array>
#include <QSet>
#include <unicode/uloc.h>

namespace eyelid {
namespace {

QSet<QString> namesOfCountries() {
    constexpr int longestName = 128;
    QSet<QString> names;
    for (const char* const* code = uloc_getISOCountries(); *code; ++code)
        for (const char* language : {"en", "de", "fr", "es"}) {
            std::array<UChar, longestName> name;
            UErrorCode status = U_ZERO_ERROR;
            const std::string locale = std::string("und_") + *code;
            const int length = uloc_getDisplayCountry(locale.c_str(), language, name.data(), longestName, &status);
            if (U_SUCCESS(status) && length > 0)
                names.insert(withoutAccents(QString::fromUtf16(name.data(), length)).toLower());
        }
    return names;
}

} // namespace

bool isCountry(const QString& text) {
    static const QSet<QString> names = namesOfCountries();
    return names.contains(withoutAccents(text.trimmed()).toLower());
}

} // namespace eyelid
