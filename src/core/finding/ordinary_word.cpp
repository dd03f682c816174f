#include "finding/ordinary_word.h"

#include "language/spelling.h"
#include "language/word_groups.h"

namespace eyelid {

bool isOrdinary(const Names& names, const QString& word) {
    constexpr qsizetype fewestLetters = 3;
    return word.size() >= fewestLetters &&
           (names.isCommonWord(word) || WordGroups::shipped().of(withoutAccents(word).toLower()));
}

} // namespace eyelid
