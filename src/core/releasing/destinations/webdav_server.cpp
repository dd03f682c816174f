// WebDAV (RFC 4918): MKCOL, PUT, GET, MOVE, DELETE.
#include "base/sentence.h"
#include "releasing/destinations/transfer.h"

namespace eyelid {
namespace {

class WebDavServer final : public DropServer {
public:
    WebDavServer(const DropPlace& place, const QString& password, Progress& progress)
        : m_place(place), m_transfer(place, password, progress) {}

    Answer makeFolder(const QString& name) override {
        request(name + u'/', "MKCOL");
        Answer answer = perform();
        return answer.kind == Answer::Kind::Exists ? Answer{} : answer;
    }
    Answer get(const QString& name, qint64 most) override {
        m_transfer.begin(name);
        Answer answer = perform(most);
        if (answer) answer.bytes = m_transfer.received();
        return answer;
    }
    Answer put(const QString& name, const QByteArray& bytes, qint64) override {
        m_transfer.begin(name);
        m_transfer.send(bytes);
        return perform();
    }
    bool goesOn() const override { return false; }
    Answer rename(const QString& from, const QString& to) override {
        CURL* curl = request(from + u'/', "MOVE");
        curl_slist* headers = curl_slist_append(
            nullptr, (QStringLiteral("Destination: ") + m_transfer.addressOf(to + u'/')).toUtf8().constData());
        headers = curl_slist_append(headers, "Overwrite: F");
        curl_easy_setopt(curl, CURLOPT_HTTPHEADER, headers);
        Answer answer = perform();
        curl_slist_free_all(headers);
        return answer;
    }
    Answer removeFolder(const QString& name, const QStringList&) override {
        request(name + u'/', "DELETE");
        return perform();
    }

private:
    CURL* request(const QString& name, const char* method) {
        CURL* curl = m_transfer.begin(name);
        curl_easy_setopt(curl, CURLOPT_CUSTOMREQUEST, method);
        return curl;
    }

    // What the status says (RFC 9110, RFC 4918).
    Answer perform(qint64 most = 1 << 20) {
        using Outcome = Answer::Kind;
        const CURLcode code = m_transfer.perform(most);
        if (code != CURLE_OK) return m_transfer.answerTo(code);
        const QString server = m_place.name;
        switch (const long status = m_transfer.status(); status) {
        case 401:
            return m_transfer.answerTo(CURLE_LOGIN_DENIED);
        case 403:
            return m_transfer.answerTo(CURLE_REMOTE_ACCESS_DENIED);
        case 404:
        case 409:
            return m_transfer.answerTo(CURLE_REMOTE_FILE_NOT_FOUND);
        case 405: // of MKCOL alone: it is there
        case 412:
            return m_transfer.answerTo(CURLE_REMOTE_FILE_EXISTS);
        case 413:
            return {Outcome::Refused, sentence(Tr::tr("“%1” does not take files so large."), server)};
        case 507:
            return m_transfer.answerTo(CURLE_REMOTE_DISK_FULL);
        case 408:
        case 423:
        case 429:
            return {Outcome::Broken, sentence(Tr::tr("“%1” is busy (%2)."), server, int(status))};
        default:
            if (status >= 500)
                return {Outcome::Broken, sentence(Tr::tr("“%1” has a fault (%2)."), server, int(status))};
            if (status >= 300)
                return {Outcome::Refused,
                        sentence(Tr::tr("“%1” does not take what was sent (%2); is its address that of a WebDAV "
                                        "folder?"),
                                 server, int(status))};
            return {};
        }
    }

    const DropPlace m_place;
    Transfer m_transfer;
};

} // namespace

std::unique_ptr<DropServer> webdavServer(const DropPlace& place, const QString& password, Progress& progress) {
    return std::make_unique<WebDavServer>(place, password, progress);
}

} // namespace eyelid
