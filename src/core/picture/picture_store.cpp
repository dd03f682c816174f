#include "picture/picture_store.h"

#include <algorithm>
#include <QCryptographicHash>
#include <utility>
#include <vector>

namespace eyelid {

PictureId PictureId::of(const QImage& picture) {
    if (picture.isNull()) return {};
    QCryptographicHash hash(QCryptographicHash::Blake2b_256);
    const qint32 size[2] = {picture.width(), picture.height()};
    hash.addData(QByteArrayView(reinterpret_cast<const char*>(size), sizeof size));
    // What stands in a pixel's fourth byte is nobody's business.
    std::vector<QRgb> row(size_t(picture.width()));
    for (int y = 0; y < picture.height(); ++y) {
        const auto* pixels = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        std::transform(pixels, pixels + picture.width(), row.begin(), [](QRgb p) { return p | 0xff000000; });
        hash.addData(QByteArrayView(reinterpret_cast<const char*>(row.data()), qsizetype(row.size() * sizeof(QRgb))));
    }
    PictureId id;
    id.m_hash = hash.result();
    return id;
}

PictureId PictureId::fromHex(const QByteArray& hex) {
    constexpr qsizetype length = 32;
    PictureId id;
    if (const QByteArray hash = QByteArray::fromHex(hex); hash.size() == length && hex.size() == 2 * length)
        id.m_hash = hash;
    return id;
}

void PictureStore::keep(const PictureId& id, const QImage& flat) {
    const std::lock_guard lock(m_guard);
    if (!id.isNull() && !m_pictures.contains(id)) m_pictures.insert(id, flat);
}

QImage PictureStore::smallOf(const QImage& picture) {
    const QSize size = picture.size().scaled(smallSize, Qt::KeepAspectRatio).expandedTo({1, 1});
    return size.width() < picture.width() || size.height() < picture.height()
               ? picture.scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                     .convertToFormat(QImage::Format_RGB32)
               : picture;
}

void PictureStore::keepSmall(const PictureId& id, const QImage& small) {
    const std::lock_guard lock(m_guard);
    if (!id.isNull()) m_small.insert(id, small);
}

QImage PictureStore::small(const PictureId& id) const {
    Load load;
    {
        const std::lock_guard lock(m_guard);
        if (const auto found = m_small.constFind(id); found != m_small.constEnd()) return *found;
        load = m_loadSmall;
    }
    QImage small = load && !id.isNull() ? load(id) : QImage();
    if (small.isNull()) small = smallOf(picture(id));
    const std::lock_guard lock(m_guard);
    if (!small.isNull()) m_small.insert(id, small);
    return small;
}

void PictureStore::backBy(Load load, Load small) {
    const std::lock_guard lock(m_guard);
    m_load = std::move(load);
    m_loadSmall = std::move(small);
}

void PictureStore::canBeLoaded(const std::set<PictureId>& ids) {
    const std::lock_guard lock(m_guard);
    for (const PictureId& id : ids)
        if (const QImage picture = m_pictures.take(id); !picture.isNull())
            m_loaded.insert(id, new QImage(picture), picture.sizeInBytes());
}

QImage PictureStore::picture(const PictureId& id) const {
    Load load;
    {
        const std::lock_guard lock(m_guard);
        if (const auto found = m_pictures.constFind(id); found != m_pictures.constEnd()) return *found;
        if (const QImage* loaded = m_loaded.object(id)) return *loaded;
        load = m_load;
    }
    if (!load || id.isNull()) return {};
    const QImage picture = load(id);
    if (picture.isNull()) return {};
    const std::lock_guard lock(m_guard);
    m_loaded.insert(id, new QImage(picture), picture.sizeInBytes());
    return picture;
}

void PictureStore::keepOnly(const std::set<PictureId>& ids) {
    const std::lock_guard lock(m_guard);
    m_pictures.removeIf([&](const auto& entry) { return ids.count(entry.key()) == 0; });
    for (const PictureId& id : m_loaded.keys())
        if (ids.count(id) == 0) m_loaded.remove(id);
    m_small.removeIf([&](const auto& entry) { return ids.count(entry.key()) == 0; });
}

size_t PictureStore::count() const {
    const std::lock_guard lock(m_guard);
    return size_t(m_pictures.size());
}

} // namespace eyelid
