#include "reading/bars.h"

#include "language/look_alikes.h"
#include "language/word_lists.h"

#include <algorithm>

namespace eyelid {

QChar firstBar(const QString& word, bool leads) {
    const WordList& words = WordList::shipped();
    if (word.isEmpty() || !word[0].isLetterOrNumber()) return {};
    qsizetype to = word.size();
    while (to > 0 && !word[to - 1].isLetterOrNumber()) --to;
    const QString core = word.left(to);
    if (core.size() < 3) return {};
    const QString rest = core.mid(1);
    const bool small = rest == rest.toLower();
    if (core[0] == u'I' && small && word.contains(u'@')) return u'l'; // mail addresses are written small
    if (core[0] != u'l' || !small || words.holds(core)) return {};
    if (!std::all_of(rest.begin(), rest.end(), [](QChar c) { return c.isLetter(); })) return {};
    const QString withI = u'i' + rest;
    if (leads || isNameInI(withI) || words.holds(withI) || LookAlikes::shipped().followsCapitalI(rest[0])) return u'I';
    return {};
}

QChar innerBar(const QString& word, qsizetype at) {
    if (word[at] != u'|' || at == 0 || at + 1 == word.size()) return {};
    const QChar before = word[at - 1], after = word[at + 1];
    if (!before.isLetter() || !after.isLetter()) return {};
    return before.isUpper() && after.isUpper() ? u'I' : u'l';
}

} // namespace eyelid
