#include "finding/exceptions.h"

#include "finding/finding.h"

#include <algorithm>

namespace eyelid {

Exceptions::Exceptions(const QStringList& entries) : m_entries(entries) {
    for (const QString& entry : entries) {
        if (const auto expression = betweenSlashes(entry)) {
            if (auto pattern = Pattern::compile(*expression)) m_patterns.push_back(*pattern);
        } else {
            m_values << exactly(entry);
        }
    }
}

bool Exceptions::holds(const QString& text) const {
    if (m_values.contains(exactly(text))) return true;
    const SearchText search(text);
    return std::any_of(m_patterns.begin(), m_patterns.end(), [&](const Pattern& p) { return p.found(search); });
}

} // namespace eyelid
