#include "language/dictionary.h"

#include <algorithm>
#include <hunspell/hunspell.hxx>
#include <QDir>
#include <QFileInfo>
#include <vector>

namespace eyelid {
namespace {

// Where Debian and others keep them.
constexpr const char* folders[] = {"/usr/share/hunspell", "/usr/share/myspell/dicts"};

// The beginnings of the files' names, by the language as readers call it.
constexpr std::pair<const char*, const char*> beginnings[] = {
    {"eng", "en_"}, {"deu", "de_"}, {"fra", "fr"}, {"spa", "es"}};

QString bookOf(const QString& language) {
    for (const auto& [name, beginning] : beginnings) {
        if (language != QLatin1String(name)) continue;
        for (const char* folder : folders) {
            const QDir dir(QString::fromLatin1(folder));
            const QStringList books =
                dir.entryList({QLatin1String(beginning) + QStringLiteral("*.aff")}, QDir::Files, QDir::Name);
            for (const QString& book : books)
                if (dir.exists(QFileInfo(book).completeBaseName() + QStringLiteral(".dic")))
                    return dir.filePath(QFileInfo(book).completeBaseName());
        }
    }
    return {};
}

} // namespace

Dictionary::~Dictionary() = default;

std::shared_ptr<const Dictionary> Dictionary::of(const QString& languages) {
    const std::shared_ptr<Dictionary> all(new Dictionary);
    for (const QString& language : languages.split(u'+')) {
        const QString book = bookOf(language);
        if (!book.isEmpty())
            all->m_books.push_back(std::make_unique<Hunspell>((book + QStringLiteral(".aff")).toUtf8().constData(),
                                                              (book + QStringLiteral(".dic")).toUtf8().constData()));
    }
    return all->m_books.empty() ? nullptr : all;
}

bool Dictionary::knows(const QString& word) const {
    const bool looked = word.size() > 1 && word != word.toUpper() &&
                        std::none_of(word.begin(), word.end(), [](QChar c) { return c.isDigit(); });
    if (!looked) return true;
    return std::any_of(m_books.begin(), m_books.end(), [&](const auto& book) {
        // In the book's own encoding; UTF-8 by now, nearly everywhere.
        const bool utf8 = book->get_dict_encoding() == "UTF-8";
        return book->spell(utf8 ? word.toStdString() : word.toLatin1().toStdString());
    });
}

QStringList Dictionary::suggestions(const QString& word) const {
    QStringList all;
    for (const auto& book : m_books) {
        const bool utf8 = book->get_dict_encoding() == "UTF-8";
        for (const std::string& one : book->suggest(utf8 ? word.toStdString() : word.toLatin1().toStdString()))
            all << (utf8 ? QString::fromStdString(one) : QString::fromLatin1(one.c_str()));
    }
    all.removeDuplicates();
    return all;
}

} // namespace eyelid
