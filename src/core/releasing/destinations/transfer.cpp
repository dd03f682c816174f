#include "releasing/destinations/transfer.h"

#include "base/sentence.h"

#include <cstring>
#include <mutex>
#include <QCryptographicHash>
#include <QUrl>

namespace eyelid {
namespace {

constexpr long leastBytesASecond = 1; // less is silence

void startOnce() {
    static std::once_flag once;
    std::call_once(once, [] { curl_global_init(CURL_GLOBAL_DEFAULT); });
}

QByteArray scheme(const DropPlace& place) {
    return QUrl(place.address).scheme().toLatin1();
}

} // namespace

Transfer::Transfer(const DropPlace& place, const QString& password, Progress& progress)
    : m_place(place), m_password(password.toUtf8()), m_progress(progress) {
    startOnce();
    m_curl = curl_easy_init();
}

Transfer::~Transfer() {
    curl_easy_cleanup(m_curl);
}

CURL* Transfer::begin(const QString& name) {
    curl_easy_reset(m_curl); // the connection stays
    m_received.clear();
    m_sending = nullptr;
    m_trouble[0] = 0;
    const auto set = [this](CURLoption option, auto value) { curl_easy_setopt(m_curl, option, value); };
    set(CURLOPT_URL, addressOf(name).toUtf8().constData());
    set(CURLOPT_PROTOCOLS_STR, scheme(m_place).constData());
    set(CURLOPT_FOLLOWLOCATION, 0L);
    set(CURLOPT_NOSIGNAL, 1L);
    set(CURLOPT_CONNECTTIMEOUT, long(m_place.secondsToConnect));
    set(CURLOPT_LOW_SPEED_LIMIT, leastBytesASecond);
    set(CURLOPT_LOW_SPEED_TIME, long(m_place.secondsOfSilence));
    set(CURLOPT_ERRORBUFFER, m_trouble);
    set(CURLOPT_WRITEFUNCTION, &Transfer::onReceived);
    set(CURLOPT_WRITEDATA, this);
    set(CURLOPT_READFUNCTION, &Transfer::onSending);
    set(CURLOPT_READDATA, this);
    set(CURLOPT_SEEKFUNCTION, &Transfer::onSeek);
    set(CURLOPT_SEEKDATA, this);
    set(CURLOPT_NOPROGRESS, 0L);
    set(CURLOPT_XFERINFOFUNCTION, &Transfer::onProgress);
    set(CURLOPT_XFERINFODATA, this);
    if (!m_place.user.isEmpty()) set(CURLOPT_USERNAME, m_place.user.toUtf8().constData());
    if (m_place.isSftp()) {
        set(CURLOPT_SSH_HOSTKEYFUNCTION, &Transfer::onHostKey);
        set(CURLOPT_SSH_HOSTKEYDATA, this);
        const bool byKey = !m_place.keyFile.isEmpty();
        set(CURLOPT_SSH_AUTH_TYPES, long(byKey ? CURLSSH_AUTH_PUBLICKEY : CURLSSH_AUTH_PASSWORD));
        if (byKey) {
            set(CURLOPT_SSH_PRIVATE_KEYFILE, m_place.keyFile.toUtf8().constData());
            set(CURLOPT_KEYPASSWD, m_password.constData());
        } else {
            set(CURLOPT_PASSWORD, m_password.constData());
        }
        return m_curl;
    }
    if (!m_place.user.isEmpty()) {
        set(CURLOPT_PASSWORD, m_password.constData());
        set(CURLOPT_HTTPAUTH, long(CURLAUTH_BASIC | CURLAUTH_DIGEST));
    }
    if (!m_place.authority.isEmpty()) set(CURLOPT_CAINFO, m_place.authority.toUtf8().constData());
    set(CURLOPT_USERAGENT, "Eyelid");
    return m_curl;
}

void Transfer::send(const QByteArray& bytes) {
    m_sending = &bytes;
    m_sent = 0;
    curl_easy_setopt(m_curl, CURLOPT_UPLOAD, 1L);
    curl_easy_setopt(m_curl, CURLOPT_INFILESIZE_LARGE, curl_off_t(bytes.size()));
}

CURLcode Transfer::perform(qint64 most) {
    m_most = most;
    return curl_easy_perform(m_curl);
}

long Transfer::status() const {
    long status = 0;
    curl_easy_getinfo(m_curl, CURLINFO_RESPONSE_CODE, &status);
    return status;
}

Answer Transfer::answerTo(CURLcode code) const {
    using Outcome = Answer::Kind;
    const QString server = QUrl(m_place.address).host();
    const QString why = m_trouble[0] ? QString::fromUtf8(m_trouble) : QString::fromUtf8(curl_easy_strerror(code));
    switch (code) {
    case CURLE_OK:
        return {};
    case CURLE_ABORTED_BY_CALLBACK:
        return {Outcome::Cancelled, Tr::tr("Sending was stopped; nothing is to be seen there.")};
    case CURLE_PEER_FAILED_VERIFICATION:
        if (!m_place.isSftp())
            return {Outcome::Refused,
                    sentence(Tr::tr("The certificate of %1 is not one this machine trusts, or not its own; nothing was "
                                    "sent. Ask whoever keeps the server (%2)."),
                             server, why)};
        return {Outcome::Refused,
                sentence(Tr::tr("%1 shows another key than the one that was pinned; somebody may stand in between. "
                                "Nothing was sent. Ask whoever keeps the server."),
                         server)};
    case CURLE_SSL_CACERT_BADFILE:
        return {Outcome::Refused, sentence(Tr::tr("The certificate authority of “%1” cannot be read: %2"), m_place.name,
                                           m_place.authority)};
    case CURLE_LOGIN_DENIED:
        return {Outcome::Refused, sentence(Tr::tr("%1 does not accept the user name, the password or the key of “%2”."),
                                           server, m_place.name)};
    case CURLE_REMOTE_FILE_NOT_FOUND:
        return {Outcome::Missing, sentence(Tr::tr("%1 has no such folder."), server)};
    case CURLE_REMOTE_FILE_EXISTS:
        return {Outcome::Exists, sentence(Tr::tr("%1 has one of that name."), server)};
    case CURLE_REMOTE_DISK_FULL:
        return {Outcome::Refused, sentence(Tr::tr("%1 has no room left."), server)};
    case CURLE_REMOTE_ACCESS_DENIED:
        return {Outcome::Refused,
                sentence(Tr::tr("%1 does not let you write to the folder of “%2”."), server, m_place.name)};
    default:
        return {Outcome::Broken, sentence(Tr::tr("%1 cannot be reached, or broke off (%2)."), server, why)};
    }
}

QString Transfer::pathOf(const QString& name) const {
    QString path = QUrl(m_place.address).path();
    while (path.endsWith(u'/')) path.chop(1);
    // As libcurl understands addresses: "/~/" is the account's own folder, where relative paths begin.
    if (path == QStringLiteral("/~")) return name;
    if (path.startsWith(QStringLiteral("/~/"))) path.remove(0, 3);
    return path + u'/' + name;
}

QString Transfer::addressOf(const QString& name) const {
    QString base = m_place.address;
    while (base.endsWith(u'/')) base.chop(1);
    return base + u'/' + QString::fromLatin1(QUrl::toPercentEncoding(name, "/"));
}

size_t Transfer::onReceived(char* bytes, size_t size, size_t count, void* self) {
    auto& transfer = *static_cast<Transfer*>(self);
    const size_t length = size * count;
    if (transfer.m_received.size() + qint64(length) > transfer.m_most) return 0;
    transfer.m_received.append(bytes, qsizetype(length));
    return length;
}

size_t Transfer::onSending(char* bytes, size_t size, size_t count, void* self) {
    auto& transfer = *static_cast<Transfer*>(self);
    if (!transfer.m_sending) return 0;
    const qsizetype left = transfer.m_sending->size() - transfer.m_sent;
    const qsizetype length = std::min(left, qsizetype(size * count));
    std::memcpy(bytes, transfer.m_sending->constData() + transfer.m_sent, size_t(length));
    transfer.m_sent += length;
    return size_t(length);
}

int Transfer::onSeek(void* self, curl_off_t offset, int origin) {
    auto& transfer = *static_cast<Transfer*>(self);
    if (origin != SEEK_SET || !transfer.m_sending || offset > transfer.m_sending->size()) return CURL_SEEKFUNC_FAIL;
    transfer.m_sent = qsizetype(offset);
    return CURL_SEEKFUNC_OK;
}

int Transfer::onProgress(void* self, curl_off_t, curl_off_t, curl_off_t, curl_off_t) {
    return static_cast<Transfer*>(self)->m_progress.cancelled() ? 1 : 0;
}

int Transfer::onHostKey(void* self, int, const char* key, size_t length) {
    auto& transfer = *static_cast<Transfer*>(self);
    const QByteArray digest = QCryptographicHash::hash(QByteArray(key, qsizetype(length)), QCryptographicHash::Sha256);
    transfer.m_shownKey = QString::fromLatin1(digest.toBase64(QByteArray::OmitTrailingEquals));
    QString pinned = transfer.m_place.hostKey;
    while (pinned.endsWith(u'=')) pinned.chop(1);
    return !pinned.isEmpty() && pinned == transfer.m_shownKey ? CURLKHMATCH_OK : CURLKHMATCH_MISMATCH;
}

} // namespace eyelid
