#include "reading/languages.h"

#include "base/sentence.h"
#include "reading/recogniser.h"

#include <cerrno>
#include <cstring>
#include <dirent.h>
#include <QDir>
#include <QFileInfo>

namespace eyelid {
namespace {

QString packageFor(const QString& language) {
    return QStringLiteral("tesseract-ocr-%1").arg(QString(language).replace(QLatin1Char('_'), QLatin1Char('-')));
}

bool canBeListed(const QString& folder) {
    DIR* list = ::opendir(folder.toLocal8Bit().constData());
    if (list) ::closedir(list);
    return list != nullptr;
}

} // namespace

QStringList installedLanguages() {
    QStringList names;
    for (const QString& file :
         QDir(languageFolder()).entryList({QStringLiteral("*.traineddata")}, QDir::Files, QDir::Name)) {
        const QString name = file.section(QLatin1Char('.'), 0, 0);
        if (name != QLatin1String("osd")) names << name;
    }
    return names;
}

Result<QString> checkLanguages(const QString& asked) {
    QStringList codes;
    for (const QString& part : asked.split(QLatin1Char('+'), Qt::SkipEmptyParts))
        if (const QString code = part.trimmed(); !code.isEmpty() && !codes.contains(code)) codes << code;
    if (codes.isEmpty())
        return Error{Error::Kind::BadInput,
                     Tr::tr("No language is named; name one such as eng, or several joined by +.")};
    // A folder that cannot be listed says nothing about what is in it.
    if (const QString folder = languageFolder(); QFileInfo(folder).isDir() && !canBeListed(folder))
        return Error{Error::Kind::NotReadable,
                     sentence(Tr::tr("The folder of languages, %1, cannot be read: %2."), folder,
                              QString::fromLocal8Bit(std::strerror(errno)).toLower())};
    const QStringList installed = installedLanguages();
    for (const QString& code : codes)
        if (!installed.contains(code))
            return Error{
                Error::Kind::Missing,
                sentence(Tr::tr("The language \"%1\" is not installed; the package %2 brings it. Installed: %3."), code,
                         packageFor(code), installed.join(QStringLiteral(", ")))};
    return codes.join(QLatin1Char('+'));
}

} // namespace eyelid
