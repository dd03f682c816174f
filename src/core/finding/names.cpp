#include "finding/names.h"

#include "language/spelling.h"

#include <algorithm>

namespace eyelid {
namespace {

QString folded(const QString& word) {
    return withoutAccents(word).toLower();
}

// As it is written, or as it was probably written before it was read.
template <typename Listed> bool either(const QString& word, Listed listed) {
    if (listed(folded(word))) return true;
    const QString restored = nameRestored(word);
    return restored != word && listed(folded(restored));
}

constexpr int unlisted = 1 << 20; // a rank beyond all

} // namespace

int Names::rank(const QString& word, const QString& language) const {
    const QString spelt = folded(word);
    int best = unlisted;
    for (const QString& listed : listedLanguages()) {
        if (!language.isEmpty() && listed != language && listed != QLatin1String("eng")) continue;
        if (const int rank = m_words.rank(spelt, listed); rank >= 0) best = std::min(best, rank);
    }
    return best;
}

bool Names::isGiven(const QString& word) const {
    return either(word, [this](const QString& spelt) { return m_lists.isGiven(spelt); });
}
bool Names::isFamily(const QString& word) const {
    return either(word, [this](const QString& spelt) { return m_lists.isFamily(spelt); });
}
bool Names::isPlace(const QString& word) const {
    return m_lists.isPlace(folded(word));
}
bool Names::isCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < unlisted;
}
bool Names::isVeryCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < 1000;
}

} // namespace eyelid
