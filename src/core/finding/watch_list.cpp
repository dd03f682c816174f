#include "finding/watch_list.h"

#include "picture/picture_file.h"

namespace eyelid {

Result<WatchList> WatchList::make(const QStringList& words, const QStringList& patterns) {
    WatchList list;
    for (const QString& word : words)
        if (!word.trimmed().isEmpty()) list.m_words << word.trimmed();
    for (const QString& expression : patterns) {
        auto pattern = Pattern::compile(expression);
        if (!pattern)
            return Error{Error::Kind::BadInput, QStringLiteral("In the watch list, %1.").arg(pattern.error().sentence)};
        list.m_patterns.push_back(std::move(*pattern));
    }
    return list;
}

Result<WatchList> WatchList::load(const QString& path) {
    auto bytes = readFile(path, 4'000'000);
    if (!bytes) return bytes.error();
    WatchList list;
    int number = 0;
    for (const QString& raw : QString::fromUtf8(*bytes).split(QLatin1Char('\n'))) {
        ++number;
        const QString line = raw.trimmed();
        if (line.isEmpty() || line.startsWith(QLatin1Char('#'))) continue;
        if (line.size() > 2 && line.startsWith(QLatin1Char('/')) && line.endsWith(QLatin1Char('/'))) {
            auto pattern = Pattern::compile(line.mid(1, line.size() - 2));
            if (!pattern)
                return Error{Error::Kind::BadInput,
                             QStringLiteral("%1, line %2: %3.").arg(path).arg(number).arg(pattern.error().sentence)};
            list.m_patterns.push_back(std::move(*pattern));
        } else {
            list.m_words << line;
        }
    }
    return list;
}

void WatchList::add(WatchList other) {
    m_words += other.m_words;
    for (Pattern& p : other.m_patterns) m_patterns.push_back(std::move(p));
}

} // namespace eyelid
