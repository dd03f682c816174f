// One connection by libcurl, and one request after the other on it. Only what is asked for: no redirection is followed,
// no other protocol than the place's is spoken, certificates and host keys are verified.
#pragma once

#include "releasing/destinations/drop_server.h"

#include <curl/curl.h>

namespace eyelid {

class Transfer {
public:
    Transfer(const DropPlace& place, const QString& password, Progress& progress);
    ~Transfer();
    Transfer(const Transfer&) = delete;
    Transfer& operator=(const Transfer&) = delete;

    /// Makes ready for a request on something below the place's folder.
    CURL* begin(const QString& name);
    /// What is to be sent; must outlive the request.
    void send(const QByteArray& bytes);
    /// Performs it; what comes back is kept up to `most` bytes.
    CURLcode perform(qint64 most = 1 << 20);
    QByteArray received() const { return m_received; }
    long status() const; ///< of HTTP
    /// A sentence on what went wrong, and whether it may go well another time.
    Answer answerTo(CURLcode code) const;
    /// The path of something below the place's folder, on the server.
    QString pathOf(const QString& name) const;
    QString addressOf(const QString& name) const;
    /// What an SFTP server showed as its key.
    QString shownHostKey() const { return m_shownKey; }

private:
    static size_t onReceived(char* bytes, size_t size, size_t count, void* self);
    static size_t onSending(char* bytes, size_t size, size_t count, void* self);
    static int onSeek(void* self, curl_off_t offset, int origin);
    static int onProgress(void* self, curl_off_t, curl_off_t, curl_off_t, curl_off_t);
    static int onHostKey(void* self, int type, const char* key, size_t length);

    const DropPlace m_place;
    const QByteArray m_password;
    Progress& m_progress;
    CURL* m_curl;
    QByteArray m_received;
    const QByteArray* m_sending = nullptr;
    qsizetype m_sent = 0;
    qint64 m_most = 0;
    QString m_shownKey;
    char m_trouble[CURL_ERROR_SIZE] = {};
};

} // namespace eyelid
