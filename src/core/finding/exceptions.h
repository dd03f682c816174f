// What is never a finding: values and patterns a policy names.
#pragma once

#include "finding/pattern.h"

#include <QStringList>
#include <vector>

namespace eyelid {

class Exceptions {
public:
    /// Entries between slashes are patterns (RE2); one that cannot be used excepts nothing. Others are values, to the
    /// letter.
    explicit Exceptions(const QStringList& entries = {});

    const QStringList& entries() const { return m_entries; }
    bool holds(const QString& text) const;

private:
    QStringList m_entries;
    QStringList m_values;
    std::vector<Pattern> m_patterns;
};

} // namespace eyelid
