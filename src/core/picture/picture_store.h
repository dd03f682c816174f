// Immutable pictures, known by what they show. States, changes and joins hold ids; the pixels stand here, once.
#pragma once

#include <compare>
#include <functional>
#include <mutex>
#include <QByteArray>
#include <QCache>
#include <QHash>
#include <QImage>
#include <set>

namespace eyelid {

/// A picture's name: the BLAKE2b-256 (RFC 7693) of its size and its pixels. Equal pictures have equal ids.
class PictureId {
public:
    PictureId() = default; ///< of no picture
    /// Takes `picture` as flattened() gives it. Time: that of hashing 4 bytes a pixel.
    static PictureId of(const QImage& picture);
    /// From toHex(); of no picture where `hex` is no id.
    static PictureId fromHex(const QByteArray& hex);

    bool isNull() const { return m_hash.isEmpty(); }
    QByteArray toHex() const { return m_hash.toHex(); }
    bool operator==(const PictureId&) const = default;
    bool operator<(const PictureId& other) const { return m_hash < other.m_hash; }

private:
    friend size_t qHash(const PictureId& id, size_t seed) { return ::qHash(id.m_hash, seed); }
    QByteArray m_hash; // 32 bytes
};

/// Safe to use from several threads at once.
class PictureStore {
public:
    /// Where pictures are read from that are not here; called without the store's lock, and on any thread. Null where a
    /// picture cannot be read.
    using Load = std::function<QImage(const PictureId&)>;
    /// `small`: where small pictures are read from.
    void backBy(Load load, Load small = {});
    /// They stand where they are loaded from: here they are kept only while there is room (`loadedBytes`).
    void canBeLoaded(const std::set<PictureId>& ids);
    static constexpr qsizetype loadedBytes = 160'000'000;

    /// Keeps a picture under the id PictureId::of() gives for it; one that is here already is not kept twice.
    void keep(const PictureId& id, const QImage& flat);
    /// RGB32, shared with the store; null for an id that is not here.
    QImage picture(const PictureId& id) const;
    /// For lists: scaled to fit smallSize, shared with the store; null for an id that is not here. Takes as long as
    /// loading and scaling the picture where its small one was not kept and cannot be read.
    QImage small(const PictureId& id) const;
    void keepSmall(const PictureId& id, const QImage& small);
    static QImage smallOf(const QImage& picture);
    static constexpr QSize smallSize{264, 168};
    /// Forgets all others.
    void keepOnly(const std::set<PictureId>& ids);
    size_t count() const;

private:
    mutable std::mutex m_guard; ///< of all below
    QHash<PictureId, QImage> m_pictures;
    mutable QCache<PictureId, QImage> m_loaded{loadedBytes};
    mutable QHash<PictureId, QImage> m_small;
    Load m_load, m_loadSmall;
};

} // namespace eyelid
