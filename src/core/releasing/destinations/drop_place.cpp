#include "releasing/destinations/drop_place.h"

#include "base/sentence.h"

#include <QUrl>

namespace eyelid {

Result<Done> checkPlace(const DropPlace& place) {
    const auto wrong = [](const QString& sentence) { return Error{Error::Kind::BadInput, sentence}; };
    if (place.name.trimmed().isEmpty()) return wrong(Tr::tr("Give the place a name."));
    const QUrl url(place.address, QUrl::StrictMode);
    const QString scheme = url.scheme();
    const bool here = url.host() == QStringLiteral("localhost") || url.host() == QStringLiteral("127.0.0.1") ||
                      url.host() == QStringLiteral("::1");
    if (!url.isValid() || url.host().isEmpty())
        return wrong(sentence(
            Tr::tr("“%1” is no address; write it as https://files.example/folder or sftp://files.example/folder."),
            place.address));
    if (scheme == QStringLiteral("http") && !here)
        return wrong(Tr::tr("Over http anybody on the way could read along; use an address with https or sftp."));
    if (scheme != QStringLiteral("https") && scheme != QStringLiteral("sftp") && scheme != QStringLiteral("http"))
        return wrong(sentence(Tr::tr("Nothing can be dropped by %1; use an address with https or sftp."), scheme));
    if (!url.userInfo().isEmpty() || url.hasQuery() || url.hasFragment())
        return wrong(Tr::tr("The address is to name the server and the folder alone; user and password have fields of "
                            "their own."));
    if (place.isSftp() && place.user.isEmpty()) return wrong(Tr::tr("SFTP asks for a user name."));
    if (!place.link.isEmpty() && !QUrl(place.link, QUrl::StrictMode).scheme().startsWith(QStringLiteral("http")))
        return wrong(sentence(Tr::tr("“%1” is no address that others could open."), place.link));
    return Done{};
}

QString dropName(const DropPlace& place, const QString& release, const QDate& today) {
    if (place.days <= 0) return release;
    return sentence(Tr::tr("%1 until %2"), release, today.addDays(place.days).toString(Qt::ISODate));
}

QString linkTo(const DropPlace& place, const QString& name) {
    QString base = place.link.isEmpty() ? place.address : place.link;
    while (base.endsWith(u'/')) base.chop(1);
    return base + u'/' + QString::fromLatin1(QUrl::toPercentEncoding(name, "/"));
}

} // namespace eyelid
