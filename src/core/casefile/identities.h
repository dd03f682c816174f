// Numbers for values: the same number for the same value throughout a case, in the order they were first met; and what
// officers said of who is who.
#pragma once

#include "finding/finding.h"

#include <map>
#include <QHash>
#include <QStringList>

namespace eyelid {

class Identities {
public:
    /// From 1; 0 for what has no value, a face, unless somebody said who it is. `id`: of the finding
    /// within the case; 0: of none in particular.
    int numberOf(const Finding& finding, int id = 0) {
        if (const auto own = m_own.find(id); own != m_own.end()) return leadOf(own->second);
        if (finding.key.isEmpty()) return 0;
        const auto found = m_numbers.constFind(finding.key);
        if (found != m_numbers.constEnd()) return leadOf(*found);
        m_keys << finding.key;
        m_numbers.insert(finding.key, int(m_keys.size()));
        return int(m_keys.size());
    }
    /// A number that no value has.
    int newNumber() {
        m_keys << QString();
        return int(m_keys.size());
    }

    /// Values of this number have the number `lead` from now on; 0: their own again. Returns what it was.
    int setSame(int number, int lead) { return set(m_same, number, lead); }
    /// This finding has that number, whatever its value; 0: that of its value. Returns what it was.
    int setOwn(int finding, int number) { return set(m_own, finding, number); }

    /// In the order of their numbers; empty for numbers without a value.
    const QStringList& keys() const { return m_keys; }
    const std::map<int, int>& same() const { return m_same; }
    const std::map<int, int>& own() const { return m_own; }
    static Identities restored(const QStringList& keys, std::map<int, int> same, std::map<int, int> own) {
        Identities identities;
        for (const QString& key : keys) {
            identities.m_keys << key;
            if (!key.isEmpty() && !identities.m_numbers.contains(key))
                identities.m_numbers.insert(key, int(identities.m_keys.size()));
        }
        identities.m_same = std::move(same);
        identities.m_own = std::move(own);
        return identities;
    }

private:
    static int set(std::map<int, int>& map, int from, int to) {
        const auto at = map.find(from);
        const int before = at == map.end() ? 0 : at->second;
        if (to)
            map[from] = to;
        else if (at != map.end())
            map.erase(at);
        return before;
    }
    // Numbers that lead in a circle, as a damaged file may have them, lead nowhere.
    int leadOf(int number) const {
        for (size_t steps = 0; steps <= m_same.size(); ++steps) {
            const auto lead = m_same.find(number);
            if (lead == m_same.end()) return number;
            number = lead->second;
        }
        return number;
    }

    QHash<QString, int> m_numbers;
    QStringList m_keys;
    std::map<int, int> m_same, m_own;
};

} // namespace eyelid
