#include "checking/pdf_writing.h"

#include <qpdf/Buffer.hh>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFWriter.hh>

namespace eyelid {

QByteArray writtenPdf(QPDF& pdf) {
    QPDFWriter writer(pdf);
    writer.setOutputMemory();
    writer.setMinimumPDFVersion("1.7");
    writer.setDeterministicID(true);
    writer.setObjectStreamMode(qpdf_o_disable);
    writer.setCompressStreams(true);
    writer.setDecodeLevel(qpdf_dl_none);    // pictures stay the bytes that were checked
    writer.setNewlineBeforeEndstream(true); // ISO 19005-2, 6.1.7.1
    writer.write();
    const std::shared_ptr<Buffer> buffer = writer.getBufferSharedPointer();
    return {reinterpret_cast<const char*>(buffer->getBuffer()), qsizetype(buffer->getSize())};
}

} // namespace eyelid
