// Whatever bytes as a PDF: it is taken apart, and where nothing is told of besides pictures and texts, there is nothing
// else in it: written again it is the same to the byte.
#include "checking/pdf_contents.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(size));
    const PdfContents contents = takeApartPdf(bytes);
    if (contents.besides.isEmpty() && rewrittenPdf(bytes) != bytes) std::abort();
    return 0;
}
