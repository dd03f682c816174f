// Makes data/words/lexicon.trie of words, one a line, in the order of their bytes: see README.md.
#include <cstdio>
#include <iostream>
#include <string>
#include <unicode/bytestriebuilder.h>

int main() {
    UErrorCode error = U_ZERO_ERROR;
    icu::BytesTrieBuilder builder(error);
    std::string word;
    while (std::getline(std::cin, word)) builder.add(word, 0, error);
    const icu::StringPiece trie = builder.buildStringPiece(USTRINGTRIE_BUILD_SMALL, error);
    if (U_FAILURE(error)) {
        std::fprintf(stderr, "%s\n", u_errorName(error));
        return 1;
    }
    std::cout.write(trie.data(), trie.length());
    return std::cout.flush() ? 0 : 1;
}
