// Numbers for values: the same number for the same value throughout a case, in the order they were first met.
#pragma once

#include "finding/finding.h"

#include <QHash>
#include <QStringList>

namespace eyelid {

class Identities {
public:
    /// From 1; 0 for what has no value: a face.
    int numberOf(const Finding& finding) {
        if (finding.key.isEmpty()) return 0;
        const auto found = m_numbers.constFind(finding.key);
        if (found != m_numbers.constEnd()) return *found;
        m_keys << finding.key;
        m_numbers.insert(finding.key, int(m_keys.size()));
        return int(m_keys.size());
    }

    /// In the order of their numbers.
    const QStringList& keys() const { return m_keys; }
    static Identities fromKeys(const QStringList& keys) {
        Identities identities;
        for (const QString& key : keys)
            if (!identities.m_numbers.contains(key)) {
                identities.m_keys << key;
                identities.m_numbers.insert(key, int(identities.m_keys.size()));
            }
        return identities;
    }

private:
    QHash<QString, int> m_numbers;
    QStringList m_keys;
};

} // namespace eyelid
