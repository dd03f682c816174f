#include "language/word_groups.h"

#include "base/shipped.h"

namespace eyelid {

const WordGroups& WordGroups::shipped() {
    static const WordGroups groups;
    return groups;
}

// A line for each fine group: the wide one it lies in, then its words. Lines that begin with # are for people.
WordGroups::WordGroups() {
    int fine = 0;
    for (const QString& line : shippedLines(QStringLiteral("words/word-groups.txt"))) {
        if (line.startsWith(u'#')) continue;
        const QStringList words = line.split(u' ', Qt::SkipEmptyParts);
        const int wide = words[0].toInt();
        if (fine == fineGroups || wide < 0 || wide >= wideGroups) qFatal("the word groups that ship are damaged");
        for (qsizetype i = 1; i < words.size(); ++i) m_groups.insert(words[i], {fine, wide});
        ++fine;
    }
}

std::optional<WordGroups::Group> WordGroups::of(const QString& spelt) const {
    const auto found = m_groups.constFind(spelt);
    return found == m_groups.constEnd() ? std::nullopt : std::optional(*found);
}

} // namespace eyelid
