#include "finding/watch_list.h"

#include "base/files.h"
#include "base/sentence.h"

#include <algorithm>
#include <QRegularExpression>
#include <QStringDecoder>

namespace eyelid {

namespace {

// Text of a file: UTF-8, or UTF-16 with its mark. The error says which line is neither.
Result<QString> textOf(const QByteArray& bytes, const QString& path) {
    auto encoding = QStringConverter::encodingForData(bytes);
    if (encoding && *encoding != QStringConverter::Utf8) {
        QStringDecoder decoder(*encoding);
        const QString text = decoder(bytes);
        if (!decoder.hasError()) return text;
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is damaged: it is no proper UTF-16 text."), path)};
    }
    int number = 1;
    for (const QByteArray& line : bytes.split('\n')) {
        QStringDecoder decoder(QStringDecoder::Utf8, QStringDecoder::Flag::Stateless);
        const QString text = decoder(line);
        if (decoder.hasError() || text.contains(QChar(0)))
            return Error{
                Error::Kind::BadInput,
                sentence(Tr::tr("%1, line %2: this is not UTF-8 text; save the watch list as UTF-8."), path, number)};
        ++number;
    }
    return QString::fromUtf8(bytes.startsWith("\xef\xbb\xbf") ? bytes.mid(3) : bytes);
}

} // namespace

std::optional<Error> WatchList::addWord(const QString& word) {
    // What has no letter and no digit would never be found: a reader knows no symbols by themselves.
    if (std::none_of(word.begin(), word.end(), [](QChar c) { return c.isLetterOrNumber(); }))
        return Error{
            Error::Kind::BadInput,
            sentence(Tr::tr("\"%1\" has no letter and no digit to look for; write a pattern between slashes"), word)};
    m_words << word;
    return std::nullopt;
}

Result<WatchList> WatchList::make(const QStringList& words, const QStringList& patterns) {
    WatchList list;
    for (const QString& word : words)
        if (const QString phrase = word.trimmed(); !phrase.isEmpty())
            if (const auto error = list.addWord(phrase))
                return Error{error->kind, sentence(Tr::tr("In the watch list, %1."), error->sentence)};
    for (const QString& expression : patterns) {
        auto pattern = Pattern::compile(expression);
        if (!pattern)
            return Error{Error::Kind::BadInput, sentence(Tr::tr("In the watch list, %1."), pattern.error().sentence)};
        list.m_patterns.push_back(std::move(*pattern));
    }
    return list;
}

Result<WatchList> WatchList::load(const QString& path) {
    auto bytes = readFile(path, 4'000'000);
    if (!bytes) return bytes.error();
    return parse(*bytes, path);
}

Result<WatchList> WatchList::parse(const QByteArray& bytes, const QString& path) {
    auto text = textOf(bytes, path);
    if (!text) return text.error();
    static const QRegularExpression lineEnd(QStringLiteral("\\r\\n|\\r|\\n"));
    WatchList list;
    int number = 0;
    for (const QString& raw : text->split(lineEnd)) {
        ++number;
        const QString line = raw.trimmed();
        const auto wrong = [&](const QString& what) {
            return Error{Error::Kind::BadInput, sentence(Tr::tr("%1, line %2: %3."), path, number, what)};
        };
        if (line.isEmpty() || line.startsWith(QLatin1Char('#'))) continue;
        if (const auto expression = betweenSlashes(line)) {
            auto pattern = Pattern::compile(*expression);
            if (!pattern) return wrong(pattern.error().sentence);
            list.m_patterns.push_back(std::move(*pattern));
        } else if (const auto error = list.addWord(line)) {
            return wrong(error->sentence);
        }
    }
    return list;
}

void WatchList::add(WatchList other) {
    m_words += other.m_words;
    for (Pattern& p : other.m_patterns) m_patterns.push_back(std::move(p));
}

} // namespace eyelid
