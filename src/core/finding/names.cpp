#include "finding/names.h"

#include "language/spelling.h"
#include "language/word_groups.h"

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
    const int best = m_words.bestRank(folded(word), language);
    return best < 0 ? unlisted : best;
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
bool Names::isTownOfSeveralWords(const QString& words) const {
    return m_lists.isTownOfSeveralWords(folded(words));
}
bool Names::isCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < unlisted;
}
bool Names::isFrequentName(const QString& word, const QString& language) const {
    constexpr qsizetype fewestLetters = 4; // shorter ones are abbreviations as well
    constexpr int muchMore = 10;           // times as frequent; lists of films' words have names of all languages
    const QString spelt = folded(word), english = QStringLiteral("eng");
    if (spelt.size() < fewestLetters || !isGiven(word) || isPlace(word) || WordGroups::shipped().of(spelt))
        return false;
    const int rankInEnglish = m_words.rank(spelt, english);
    if (rankInEnglish < 0) return false;
    // What its own language has much more of than English is a word of it: "lang".
    const int own = language.isEmpty() || language == english ? -1 : m_words.rank(spelt, language);
    return own < 0 || rankInEnglish <= muchMore * own;
}
bool Names::isVeryCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < 1000;
}

} // namespace eyelid
