// A case file of whatever bytes: it is refused, or it holds what was written and nothing else. The seed is
// tests/data/case-version-1.eyelid.
#include "casefile/case_file.h"

#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <QFile>
#include <unistd.h>

using namespace eyelid;

namespace {

const Opener key{.keys = {CaseKey::of(QByteArray(31, 0) + char(7))}};

QString place() {
    static const QString path = QStringLiteral("/dev/shm/fuzz-%1.eyelid").arg(getpid());
    return path;
}

void removeAll() {
    for (const char* part : {"", "-wal", "-shm", "-journal"}) QFile::remove(place() + QLatin1String(part));
}

// All that an intact row can say.
void expectTrue(const KeptCase& kept, const CaseFile& file) {
    if (kept.state.captures.size() > 1) std::abort();
    for (const Capture& capture : kept.state.captures) {
        if (capture.name != QStringLiteral("Capture 1") || capture.known.size() != 1) std::abort();
        if (capture.known[0].finding.text != QStringLiteral("Rafaela Wilkinson")) std::abort();
        const QImage picture = file.picture(capture.picture);
        if (!picture.isNull() && PictureId::of(picture) != capture.picture) std::abort();
    }
}

} // namespace

extern "C" int LLVMFuzzerInitialize(int*, char***) {
    removeAll(); // the path is made first, so that it is there when all is taken away
    std::atexit(removeAll);
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    removeAll();
    std::FILE* out = std::fopen(place().toUtf8().constData(), "wb");
    if (!out) std::abort();
    const bool written = std::fwrite(data, 1, size, out) == size;
    std::fclose(out);
    if (!written) return -1;
    const auto file = CaseFile::open(place(), key, SealedRows::Access::ReadOnly);
    if (!file) return 0;
    if (const auto kept = (*file)->load()) {
        if (kept->state.captures.size() != 1) std::abort(); // whole, or not at all
        expectTrue(*kept, **file);
    }
    if (const auto kept = (*file)->salvage()) expectTrue(*kept, **file);
    (void)(*file)->summary();
    (void)(*file)->capturesWith(QStringLiteral("larkmoor"));
    return 0;
}
