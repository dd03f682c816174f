// Text as it may be read off a screen: findings lie within it, none over another, and paths come back as they were.
#include "base/files.h"
#include "base/sentence.h"
#include "finding/finder.h"
#include "reading/page_text.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    static const Finder finder;
    static const Policy everything = *loadPolicy(QStringLiteral("everything"));
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(std::min<size_t>(size, 2000)));
    if (bytesOfPath(pathFromBytes(bytes)) != bytes) std::abort();
    for (const QChar c : onOneLine(pathFromBytes(bytes)))
        if (c.category() == QChar::Other_Control) std::abort();
    const Page page = pageOfText(QString::fromUtf8(bytes).split(u'\n'));
    for (const Finding& f : finder.find(page, everything, {}))
        if (f.boxes.empty() || !(f.confidence >= 0 && f.confidence <= 1) || f.reason.isEmpty()) std::abort();
    (void)pageHocr(page, QStringLiteral("x"));
    (void)pageCsv(page);
    return 0;
}
