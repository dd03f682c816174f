// Numbers for values: the same number for the same value throughout a case, in the order they were first met.
#pragma once

#include "finding/finding.h"

#include <QHash>

namespace eyelid {

class Identities {
public:
    /// From 1; 0 for an area, which stands for no value.
    int numberOf(const Finding& finding) {
        if (finding.kind == Kind::Area || finding.key.isEmpty()) return 0;
        const auto found = m_numbers.constFind(finding.key);
        if (found != m_numbers.constEnd()) return *found;
        const int number = int(m_numbers.size()) + 1;
        m_numbers.insert(finding.key, number);
        return number;
    }

private:
    QHash<QString, int> m_numbers;
};

} // namespace eyelid
