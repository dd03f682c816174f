#include "finding/names.h"

#include "base/shipped.h"
#include "finding/confusables.h"

namespace eyelid {
namespace {

void load(QSet<QString>& set, const char* file) {
    const QByteArray bytes = shippedFile(QLatin1String(file));
    if (bytes.isEmpty()) qFatal("the shipped file %s is missing", file);
    for (const QByteArray& line : bytes.split('\n'))
        if (!line.isEmpty()) set.insert(withoutAccents(QString::fromUtf8(line)));
}

QString folded(const QString& word) { return withoutAccents(word).toLower(); }

bool within(const QSet<QString>& set, const QString& word) {
    if (set.contains(folded(word))) return true;
    const QString restored = nameRestored(word);
    return restored != word && set.contains(folded(restored));
}

} // namespace

Names::Names() {
    load(m_given, "names/given.txt");
    load(m_family, "names/family.txt");
    load(m_places, "names/places.txt");
    for (const char* language : {"words/eng.txt", "words/deu.txt", "words/fra.txt", "words/spa.txt"}) load(m_words, language);
}

bool Names::isGiven(const QString& word) const { return within(m_given, word); }
bool Names::isFamily(const QString& word) const { return within(m_family, word); }
bool Names::isPlace(const QString& word) const { return m_places.contains(folded(word)); }
bool Names::isCommonWord(const QString& word) const { return m_words.contains(folded(word)); }

} // namespace eyelid
