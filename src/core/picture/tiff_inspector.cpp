// May be there: the header, directories, the tags below, and the strips or tiles they point to. Every other byte of
// the file belongs to nothing.
#include "base/sentence.h"
#include "picture/inspectors.h"

#include <algorithm>
#include <map>
#include <set>
#include <vector>

namespace eyelid {
namespace {

// TIFF 6.0, sections 8, 14, 15, 18, 21, 22: what is needed to draw the pixels.
bool mayBeThere(quint16 tag) {
    static const std::set<quint16> needed{254, 255, 256, 257, 258, 259, 262, 263, 266, 273, 274, 277, 278, 279,
                                          280, 281, 282, 283, 284, 292, 293, 296, 297, 317, 318, 319, 320, 322,
                                          323, 324, 325, 338, 339, 347, 512, 513, 514, 529, 530, 531, 532};
    return needed.contains(tag);
}

QString tagName(quint16 tag) {
    static const std::map<quint16, const char*> known{
        {269, QT_TRANSLATE_NOOP("eyelid", "document name")}, {270, QT_TRANSLATE_NOOP("eyelid", "description")},
        {271, QT_TRANSLATE_NOOP("eyelid", "maker")},         {272, QT_TRANSLATE_NOOP("eyelid", "model")},
        {285, QT_TRANSLATE_NOOP("eyelid", "page name")},     {305, QT_TRANSLATE_NOOP("eyelid", "software")},
        {306, QT_TRANSLATE_NOOP("eyelid", "date")},          {315, QT_TRANSLATE_NOOP("eyelid", "artist")},
        {316, QT_TRANSLATE_NOOP("eyelid", "host")},          {330, QT_TRANSLATE_NOOP("eyelid", "further pictures")},
        {700, QT_TRANSLATE_NOOP("eyelid", "XMP")},           {33432, QT_TRANSLATE_NOOP("eyelid", "copyright")},
        {33723, QT_TRANSLATE_NOOP("eyelid", "IPTC")},        {34377, QT_TRANSLATE_NOOP("eyelid", "photo metadata")},
        {34665, QT_TRANSLATE_NOOP("eyelid", "EXIF")},        {34675, QT_TRANSLATE_NOOP("eyelid", "colour profile")},
        {34853, QT_TRANSLATE_NOOP("eyelid", "place")},       {37724, QT_TRANSLATE_NOOP("eyelid", "layers")}};
    const auto found = known.find(tag);
    return found == known.end() ? Tr::tr("tag %1").arg(tag)
                                : sentence(Tr::tr("%1 (tag %2)"), Tr::tr(found->second), tag);
}

struct Reach {
    qsizetype from, to;
};

class Tiff {
public:
    Tiff(const QByteArray& bytes, bool strict) : m_bytes(bytes), m_big(bytes.startsWith("MM")), m_strict(strict) {}

    Container inspect() {
        m_container = {PictureFormat::Tiff, true, m_bytes.size()};
        m_container.frames = 0;
        take(0, 8);
        std::set<qsizetype> seen;
        for (qsizetype at = at32(m_bytes, 4, m_big); at != 0;) {
            if (!seen.insert(at).second || seen.size() > 10'000) {
                m_container.complete = false;
                return m_container;
            }
            const auto next = directory(at);
            if (!next) {
                m_container.complete = false;
                return m_container;
            }
            ++m_container.frames;
            at = *next;
        }
        m_container.complete = m_container.frames > 0;
        lookForGaps();
        return m_container;
    }

private:
    bool take(qsizetype at, qsizetype length) {
        if (at < 0 || length < 0 || at + length > m_bytes.size()) return false;
        m_reached.push_back({at, at + length});
        return true;
    }

    // The values of an entry; those of several bytes each lie elsewhere.
    std::vector<quint32> values(qsizetype entry) {
        const quint16 type = at16(m_bytes, entry + 2, m_big);
        const quint32 count = at32(m_bytes, entry + 4, m_big);
        static const int sizes[] = {0, 1, 1, 2, 4, 8, 1, 1, 2, 4, 8, 4, 8};
        const int size = type < 13 ? sizes[type] : 0;
        if (size == 0 || count > quint32(m_bytes.size())) return {};
        const qint64 length = qint64(size) * count;
        qsizetype at = entry + 8;
        if (length > 4) {
            at = at32(m_bytes, entry + 8, m_big);
            if (!take(at, length)) return {};
        }
        std::vector<quint32> list;
        for (quint32 i = 0; i < count; ++i)
            list.push_back(size == 1   ? quint8(m_bytes[at + qsizetype(i)])
                           : size == 2 ? at16(m_bytes, at + 2 * qsizetype(i), m_big)
                                       : at32(m_bytes, at + size * qsizetype(i), m_big));
        return list;
    }

    std::optional<qsizetype> directory(qsizetype at) {
        const int entries = at16(m_bytes, at, m_big);
        if (entries == 0 || !take(at, 2 + 12 * qsizetype(entries) + 4)) return std::nullopt;
        std::map<quint16, std::vector<quint32>> tags;
        for (int i = 0; i < entries; ++i) {
            const qsizetype entry = at + 2 + 12 * qsizetype(i);
            const quint16 tag = at16(m_bytes, entry, m_big);
            auto list = values(entry);
            if (!mayBeThere(tag)) m_container.tell(tagName(tag));
            tags[tag] = std::move(list);
        }
        if (tags.contains(338)) m_container.transparency = true;
        if (const auto depth = tags.find(258); depth != tags.end() && !depth->second.empty() && depth->second[0] > 8)
            m_container.tell(Tr::tr("more than 8 bits a colour, of which a screen shows 8"));
        if (!data(tags)) return std::nullopt;
        return at32(m_bytes, at + 2 + 12 * qsizetype(entries), m_big);
    }

    bool data(std::map<quint16, std::vector<quint32>>& tags) {
        const bool tiled = tags.contains(324);
        const auto &offsets = tags[tiled ? 324 : 273], &lengths = tags[tiled ? 325 : 279];
        if (offsets.empty() || offsets.size() != lengths.size()) return false;
        for (size_t i = 0; i < offsets.size(); ++i) {
            if (!take(offsets[i], lengths[i])) return false;
            if (m_strict) inspectPart(tags, tiled, i, m_bytes.mid(offsets[i], lengths[i]));
        }
        return true;
    }

    void inspectPart(std::map<quint16, std::vector<quint32>>& tags, bool tiled, size_t part, const QByteArray& bytes) {
        const auto number = [&](quint16 tag, qint64 otherwise) {
            const auto& list = tags[tag];
            return list.empty() ? otherwise : qint64(list[0]);
        };
        const qint64 samples = number(284, 1) == 2 ? 1 : number(277, 1), width = number(tiled ? 322 : 256, 0);
        const qint64 height = number(257, 0), rowsEach = tiled ? number(323, 0) : std::min(number(278, height), height);
        if (width <= 0 || height <= 0 || rowsEach <= 0) return;
        const qint64 strips = (height + rowsEach - 1) / rowsEach;
        const qint64 rows = tiled ? rowsEach : std::min(rowsEach, height - qint64(part) % strips * rowsEach);
        const qint64 expected = rows * ((width * samples * number(258, 1) + 7) / 8);
        const qint64 compression = number(259, 1);
        std::optional<Unfolded> unfolded;
        if (compression == 1)
            unfolded = Unfolded{std::min<qsizetype>(bytes.size(), expected), std::min<qint64>(bytes.size(), expected)};
        else if (compression == 8 || compression == 32946)
            unfolded = unfold(bytes, expected);
        else if (compression == 5)
            unfolded = unfoldLzw(bytes, {8, true}, expected);
        else
            return m_container.tell(Tr::tr("picture data packed in a way that is not looked into"));
        if (!unfolded)
            m_container.tell(Tr::tr("damaged picture data"));
        else if (unfolded->size > expected)
            m_container.tell(Tr::tr("rows beyond the picture's height"));
        else if (unfolded->taken < bytes.size())
            m_container.tell(pixelless);
    }

    void lookForGaps() {
        std::sort(m_reached.begin(), m_reached.end(), [](const Reach& a, const Reach& b) { return a.from < b.from; });
        qsizetype end = 0;
        for (const Reach& reach : m_reached) {
            // Tables begin at even places.
            const bool padding = reach.from == end + 1 && end % 2 == 1 && m_bytes[end] == 0;
            if (reach.from > end && !padding) m_container.tell(Tr::tr("bytes that nothing points to"));
            end = std::max(end, reach.to);
        }
        if (m_bytes.size() == end + 1 && end % 2 == 1 && m_bytes[end] == 0) ++end;
        m_container.end = end;
    }

    const QByteArray& m_bytes;
    bool m_big, m_strict;
    Container m_container;
    std::vector<Reach> m_reached;
};

} // namespace

Container inspectTiff(const QByteArray& bytes, bool strict) {
    return Tiff(bytes, strict).inspect();
}

} // namespace eyelid
