#include "language/lexicon.h"

#include "base/shipped.h"
#include "language/spelling.h"

#include <unicode/bytestrie.h>

namespace eyelid {

bool isInLexicon(const QString& word) {
    static const QByteArray bytes = shippedFile(QStringLiteral("words/lexicon.trie"));
    const QByteArray letters = withoutAccents(word).toLower().toUtf8();
    icu::BytesTrie trie(bytes.constData());
    return USTRINGTRIE_HAS_VALUE(trie.next(letters.constData(), int32_t(letters.size())));
}

} // namespace eyelid
