// SFTP (draft-ietf-secsh-filexfer-02, as OpenSSH serves it), by libcurl's transfers and its QUOTE commands.
#include "base/sentence.h"
#include "releasing/destinations/drop.h"
#include "releasing/destinations/transfer.h"

namespace eyelid {
namespace {

// As libcurl's commands take names.
QByteArray quoted(QString path) {
    path.replace(u'\\', QStringLiteral("\\\\")).replace(u'"', QStringLiteral("\\\""));
    return '"' + path.toUtf8() + '"';
}

class SftpServer final : public DropServer {
public:
    SftpServer(const DropPlace& place, const QString& password, Progress& progress)
        : m_place(place), m_transfer(place, password, progress) {}

    Answer makeFolder(const QString& name) override {
        Answer made = order({"mkdir " + quoted(m_transfer.pathOf(name))});
        // Why a folder cannot be made is not said: perhaps it is there.
        return made.kind == Answer::Kind::Refused && isThere(name) ? Answer{} : made;
    }
    Answer get(const QString& name, qint64 most) override {
        m_transfer.begin(name);
        Answer answer = m_transfer.answerTo(m_transfer.perform(most));
        if (answer) answer.bytes = m_transfer.received();
        return answer;
    }
    Answer put(const QString& name, const QByteArray& bytes, qint64 from) override {
        CURL* curl = m_transfer.begin(name);
        m_transfer.send(bytes);
        if (from > 0) curl_easy_setopt(curl, CURLOPT_RESUME_FROM_LARGE, curl_off_t(from));
        return m_transfer.answerTo(m_transfer.perform());
    }
    bool goesOn() const override { return true; }
    Answer rename(const QString& from, const QString& to) override {
        if (isThere(to)) return m_transfer.answerTo(CURLE_REMOTE_FILE_EXISTS);
        return order({"rename " + quoted(m_transfer.pathOf(from)) + ' ' + quoted(m_transfer.pathOf(to))});
    }
    Answer removeFolder(const QString& name, const QStringList& files) override {
        QList<QByteArray> orders;
        for (const QString& file : files) orders << "*rm " + quoted(m_transfer.pathOf(name + u'/' + file));
        return order(orders << "rmdir " + quoted(m_transfer.pathOf(name)));
    }

private:
    bool isThere(const QString& folder) {
        m_transfer.begin(folder + u'/');
        return m_transfer.perform() == CURLE_OK;
    }

    // Orders are carried out before the listing of the place itself, which is not asked for.
    Answer order(const QList<QByteArray>& orders) {
        CURL* curl = m_transfer.begin({});
        curl_slist* list = nullptr;
        for (const QByteArray& each : orders) list = curl_slist_append(list, each.constData());
        curl_easy_setopt(curl, CURLOPT_QUOTE, list);
        curl_easy_setopt(curl, CURLOPT_NOBODY, 1L);
        const CURLcode code = m_transfer.perform();
        curl_slist_free_all(list);
        if (code != CURLE_QUOTE_ERROR) return m_transfer.answerTo(code);
        return {Answer::Kind::Refused,
                sentence(Tr::tr("“%1” does not let you write to its folder, or has no room left."), m_place.name)};
    }

    const DropPlace m_place;
    Transfer m_transfer;
};

} // namespace

std::unique_ptr<DropServer> sftpServer(const DropPlace& place, const QString& password, Progress& progress) {
    return std::make_unique<SftpServer>(place, password, progress);
}

Result<QString> hostKeyOf(const DropPlace& place, Progress& progress) {
    DropPlace unpinned = place;
    unpinned.hostKey.clear();
    Transfer transfer(unpinned, {}, progress);
    transfer.begin({});
    const CURLcode code = transfer.perform(); // ends where the key is shown: none is pinned
    if (!transfer.shownHostKey().isEmpty()) return transfer.shownHostKey();
    return Error{progress.cancelled() ? Error::Kind::Cancelled : Error::Kind::NotWritable,
                 transfer.answerTo(code).sentence};
}

} // namespace eyelid
