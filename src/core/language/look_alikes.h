// Which characters are taken for one another on screens: the one table for reading and finding alike
// (data/words/look-alikes.txt).
#pragma once

#include <array>
#include <QHash>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

class LookAlikes {
public:
    /// The table that ships: constant, loaded when it is first asked for.
    static const LookAlikes& shipped();

    /// Characters it is taken for whatever stands around them; none for most.
    QStringList family(const QString& character) const { return m_family.value(character); }
    /// Those, and what is near enough to be misread in small type: "m" may have been "rn".
    QStringList all(const QString& character) const { return family(character) + m_near.value(character); }

    /// One character for all that are like it, in lower case; the character itself where none is.
    QChar likeness(QChar c) const { return m_likeness.of(c); }
    /// The letter that two are drawn like ("rn": m); null for others.
    QChar oneFor(QChar first, QChar second) const {
        for (const Pair& pair : m_pairs)
            if (pair.first == first && pair.second == second) return pair.one;
        return {};
    }
    /// What it stands for in a number; the character itself where it is no digit's like.
    QChar asDigit(QChar c) const { return m_digits.of(c); }
    /// What it stands for within a name.
    QChar inName(QChar c) const { return m_inNames.of(c); }
    /// A word that begins with a bar before this letter begins with a capital I, never with an l.
    bool followsCapitalI(QChar c) const { return m_afterCapitalI.contains(c); }

    /// Whether a character is a bar: I, l, 1 or |.
    bool isBar(const QString& character) const { return character.size() == 1 && m_bars.contains(character[0]); }
    /// Whether many types draw these two alike to the pixel.
    bool drawnAlike(const QString& a, const QString& b) const;
    /// Characters the page's own shapes tell better than any reader.
    bool toldByShapes(const QString& text) const { return m_toldByShapes.contains(text); }

private:
    // Asked for every letter of a page: a look-up in an array. All that are like others are of ASCII.
    struct Mapping {
        std::array<char16_t, 128> to{};
        QChar of(QChar c) const { return c.unicode() < to.size() && to[c.unicode()] ? QChar(to[c.unicode()]) : c; }
    };
    struct Pair {
        QChar first, second, one;
    };
    static Mapping byFirst(const QStringList& rows);

    LookAlikes();
    QHash<QString, QStringList> m_family, m_near;
    Mapping m_likeness, m_digits, m_inNames;
    std::vector<Pair> m_pairs;
    QString m_afterCapitalI, m_bars, m_toldByShapes;
    QStringList m_drawnAlike;
};

} // namespace eyelid
