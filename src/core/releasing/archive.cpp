#include "releasing/archive.h"

#include "base/files.h"
#include "base/sentence.h"

#include <archive.h>
#include <archive_entry.h>
#include <memory>

namespace eyelid {
namespace {

struct FreeWriter {
    void operator()(archive* a) const { archive_write_free(a); }
};
struct FreeReader {
    void operator()(archive* a) const { archive_read_free(a); }
};
struct FreeEntry {
    void operator()(archive_entry* e) const { archive_entry_free(e); }
};

la_ssize_t append(archive*, void* to, const void* bytes, size_t size) {
    static_cast<QByteArray*>(to)->append(static_cast<const char*>(bytes), qsizetype(size));
    return la_ssize_t(size);
}

bool put(archive* zip, const Artifact& file) {
    const std::unique_ptr<archive_entry, FreeEntry> entry(archive_entry_new());
    archive_entry_set_pathname(entry.get(), bytesOfPath(file.fileName).constData());
    archive_entry_set_filetype(entry.get(), AE_IFREG);
    archive_entry_set_perm(entry.get(), 0644);
    archive_entry_set_size(entry.get(), file.bytes.size());
    return archive_write_header(zip, entry.get()) == ARCHIVE_OK &&
           archive_write_data(zip, file.bytes.constData(), size_t(file.bytes.size())) == file.bytes.size();
}

Error badArchive(const QString& sentence) {
    return {Error::Kind::BadInput, sentence};
}

} // namespace

Result<QByteArray> zipOf(const std::vector<Artifact>& files) {
    const Error tooLittle{Error::Kind::NotWritable,
                          Tr::tr("The archive could not be made: there is too little memory.")};
    QByteArray bytes;
    const std::unique_ptr<archive, FreeWriter> zip(archive_write_new());
    archive_write_set_format_zip(zip.get());
    // Times of before 1980, where a ZIP's begin, would be written apart; none are given.
    if (archive_write_open(zip.get(), &bytes, nullptr, append, nullptr) != ARCHIVE_OK) return tooLittle;
    qint64 size = 0;
    for (const Artifact& file : files) {
        if (!put(zip.get(), file)) return tooLittle;
        size += file.bytes.size();
    }
    if (archive_write_close(zip.get()) != ARCHIVE_OK) return tooLittle;
    const auto again = filesOfZip(bytes, size);
    if (!again) return again.error();
    for (size_t i = 0; i < files.size(); ++i)
        if (again->size() != files.size() || (*again)[i].fileName != files[i].fileName ||
            (*again)[i].bytes != files[i].bytes)
            return tooLittle;
    return bytes;
}

Result<std::vector<Artifact>> filesOfZip(const QByteArray& bytes, qint64 mostBytes) {
    const std::unique_ptr<archive, FreeReader> zip(archive_read_new());
    archive_read_support_format_zip(zip.get());
    if (archive_read_open_memory(zip.get(), bytes.constData(), size_t(bytes.size())) != ARCHIVE_OK)
        return badArchive(Tr::tr("This is no ZIP archive, or a damaged one."));
    std::vector<Artifact> files;
    archive_entry* entry = nullptr;
    for (;;) {
        const int read = archive_read_next_header(zip.get(), &entry);
        if (read == ARCHIVE_EOF) return files;
        if (read != ARCHIVE_OK) return badArchive(Tr::tr("This is no ZIP archive, or a damaged one."));
        if (archive_entry_filetype(entry) == AE_IFDIR) continue;
        Artifact file{pathFromBytes(archive_entry_pathname(entry)), {}};
        if (file.fileName.isEmpty()) return badArchive(Tr::tr("The archive is damaged."));
        if (file.fileName.startsWith(u'/') || file.fileName.split(u'/').contains(QStringLiteral("..")))
            return badArchive(Tr::tr("The archive names a file outside of itself."));
        char block[1 << 16];
        for (;;) {
            const la_ssize_t got = archive_read_data(zip.get(), block, sizeof block);
            if (got < 0) return badArchive(Tr::tr("The archive is damaged."));
            if (got == 0) break;
            mostBytes -= got;
            if (mostBytes < 0) return badArchive(Tr::tr("The archive holds more than can be looked at."));
            file.bytes.append(block, got);
        }
        files.push_back(std::move(file));
    }
}

} // namespace eyelid
