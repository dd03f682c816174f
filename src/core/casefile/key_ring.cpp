#undef signals // a word of Qt's, and a name of GLib's
#include <libsecret/secret.h>

#include "base/sentence.h"
#include "casefile/key_ring.h"

#include <QFileInfo>
#include <sodium.h>

namespace eyelid {
namespace {

const SecretSchema schema{"eyelid.case-key",
                          SECRET_SCHEMA_NONE,
                          {{"use", SECRET_SCHEMA_ATTRIBUTE_STRING}, {nullptr, SECRET_SCHEMA_ATTRIBUTE_STRING}},
                          0,
                          nullptr,
                          nullptr,
                          nullptr,
                          nullptr,
                          nullptr,
                          nullptr,
                          nullptr};

// Without a bus of the session there is no ring, and looking for one would start a bus.
bool hasBus() {
    return !qEnvironmentVariableIsEmpty("DBUS_SESSION_BUS_ADDRESS") ||
           QFileInfo::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + QStringLiteral("/bus"));
}

Error noRing(GError* error) {
    const QString why = error ? QString::fromUtf8(error->message) : QString();
    g_clear_error(&error);
    return {Error::Kind::NotReadable, sentence(Tr::tr("The key ring cannot be used (%1)."), why)};
}

} // namespace

Result<CaseKey> keyFromKeyRing(bool mayMake) {
    const Error none{Error::Kind::Missing, Tr::tr("There is no key in the desktop's key ring.")};
    if (!hasBus()) return none;
    GError* error = nullptr;
    gchar* held = secret_password_lookup_sync(&schema, nullptr, &error, "use", "cases", nullptr);
    if (error) return noRing(error);
    if (!held) {
        if (!mayMake) return none;
        const CaseKey key = CaseKey::random();
        QByteArray hex = QByteArray(reinterpret_cast<const char*>(key.data()), CaseKey::length).toHex();
        const bool stored = secret_password_store_sync(&schema, SECRET_COLLECTION_DEFAULT,
                                                       Tr::tr("Eyelid: key of your cases").toUtf8().constData(),
                                                       hex.constData(), nullptr, &error, "use", "cases", nullptr);
        sodium_memzero(hex.data(), size_t(hex.size()));
        return stored ? Result<CaseKey>(key) : Result<CaseKey>(noRing(error));
    }
    QByteArray bytes = QByteArray::fromHex(QByteArray::fromRawData(held, qsizetype(qstrlen(held))));
    secret_password_free(held);
    if (bytes.size() != CaseKey::length) return none;
    const CaseKey key = CaseKey::of(bytes);
    sodium_memzero(bytes.data(), size_t(bytes.size()));
    return key;
}

} // namespace eyelid
