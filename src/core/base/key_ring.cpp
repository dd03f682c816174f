#undef signals // a word of Qt's, and a name of GLib's
#include <libsecret/secret.h>

#include "base/key_ring.h"
#include "base/process.h"
#include "base/sentence.h"

#include <sodium.h>

namespace eyelid {
namespace {

SecretSchema schemaOf(const RingEntry& entry) {
    SecretSchema schema{};
    schema.name = entry.schema.constData();
    schema.flags = SECRET_SCHEMA_NONE;
    schema.attributes[0] = {"use", SECRET_SCHEMA_ATTRIBUTE_STRING};
    return schema;
}

Error noBus() {
    return {Error::Kind::Missing, Tr::tr("There is no key ring of a desktop here.")};
}

Error noRing(GError* error) {
    const QString why = error ? QString::fromUtf8(error->message) : QString();
    g_clear_error(&error);
    return {Error::Kind::NotReadable, sentence(Tr::tr("The key ring cannot be used (%1)."), why)};
}

Error ringIsLocked() {
    return {Error::Kind::Locked, Tr::tr("The desktop's key ring is locked. Unlock it, and try again.")};
}

// Whether the ring holds something under that entry that nobody unlocked when asked to.
bool staysLocked(const SecretSchema& schema, const RingEntry& entry) {
    const QByteArray use = entry.use.toUtf8();
    g_autoptr(GHashTable) attributes = secret_attributes_build(&schema, "use", use.constData(), nullptr);
    GList* items = secret_service_search_sync(nullptr, &schema, attributes, SECRET_SEARCH_NONE, nullptr, nullptr);
    const bool locked = items && secret_item_get_locked(SECRET_ITEM(items->data));
    g_list_free_full(items, g_object_unref);
    return locked;
}

} // namespace

Result<QByteArray> secretInRing(const RingEntry& entry) {
    if (!hasSessionBus()) return noBus();
    const SecretSchema schema = schemaOf(entry);
    GError* error = nullptr;
    gchar* held = secret_password_lookup_sync(&schema, nullptr, &error, "use", entry.use.toUtf8().constData(), nullptr);
    if (error) return noRing(error);
    if (!held && staysLocked(schema, entry)) return ringIsLocked();
    if (!held) return Error{Error::Kind::Missing, Tr::tr("There is no such key in the desktop's key ring.")};
    QByteArray secret(held);
    secret_password_free(held);
    return secret;
}

Result<Done> keepInRing(const RingEntry& entry, const QString& label, QByteArray secret) {
    if (!hasSessionBus()) return noBus();
    const SecretSchema schema = schemaOf(entry);
    GError* error = nullptr;
    const bool stored =
        secret_password_store_sync(&schema, SECRET_COLLECTION_DEFAULT, label.toUtf8().constData(), secret.constData(),
                                   nullptr, &error, "use", entry.use.toUtf8().constData(), nullptr);
    sodium_memzero(secret.data(), size_t(secret.size()));
    return stored ? Result<Done>(Done{}) : Result<Done>(noRing(error));
}

Result<Done> forgetInRing(const RingEntry& entry) {
    if (!hasSessionBus()) return noBus();
    const SecretSchema schema = schemaOf(entry);
    GError* error = nullptr;
    secret_password_clear_sync(&schema, nullptr, &error, "use", entry.use.toUtf8().constData(), nullptr);
    return error ? Result<Done>(noRing(error)) : Result<Done>(Done{});
}

} // namespace eyelid
