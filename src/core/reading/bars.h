// Bars that stand for letters.
#pragma once

#include "base/shipped.h"

#include <QSet>
#include <QString>

namespace eyelid {

// A bar that stands for a letter is told by its neighbours where the type draws I and l alike.
class Bars {
public:
    explicit Bars(const QSet<QString>& words) : m_words(words) {
        for (const QString& name : shippedLines(QStringLiteral("names/given.txt")))
            if (name.startsWith(QLatin1Char('i'), Qt::CaseInsensitive)) m_names.insert(name.toLower());
    }
    /// What a word's first letter should be, or null where there is nothing to put right.
    /// `leads`: it stands where a capital is written, at the start of a line or before a word that begins with one.
    QChar first(const QString& word, bool leads) const {
        qsizetype from = 0, to = word.size();
        while (from < to && !word[from].isLetterOrNumber()) ++from;
        if (from > 0) return {};
        while (to > 0 && !word[to - 1].isLetterOrNumber()) --to;
        const QString core = word.left(to);
        if (core.size() < 3) return {};
        const QString rest = core.mid(1);
        const bool small = rest == rest.toLower();
        if (core[0] == u'I' && small && word.contains(u'@')) return u'l'; // mail addresses are written small
        if (core[0] != u'l' || !small || m_words.contains(core)) return {};
        for (const QChar c : rest)
            if (!c.isLetter()) return {};
        static const QString afterI = QStringLiteral("bcdfgmnrstvz");
        if (leads || m_names.contains(u'i' + rest) || m_words.contains(u'i' + rest) || afterI.contains(rest[0]))
            return u'I';
        return {};
    }

private:
    const QSet<QString>& m_words;
    QSet<QString> m_names;
};

} // namespace eyelid
