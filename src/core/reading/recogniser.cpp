#include "reading/recogniser.h"

#include "base/sentence.h"

#include <omp.h>
#include <QDir>
#include <QFileInfo>
#include <tesseract/baseapi.h>
#include <tesseract/resultiterator.h>

namespace eyelid {

struct Recogniser::Engine {
    tesseract::TessBaseAPI api;
    bool numbers = false;
};

Recogniser::Recogniser() : m_engine(std::make_unique<Engine>()) {}
Recogniser::~Recogniser() {
    m_engine->api.End();
}

QString languageFolder() {
    const QByteArray prefix = qgetenv("TESSDATA_PREFIX");
    if (!prefix.isEmpty()) return QString::fromLocal8Bit(prefix);
    // The version in the path is the file format's, and differs between distributions.
    for (const char* folder : {"/usr/share/tesseract-ocr/5/tessdata", "/usr/share/tesseract-ocr/5.00/tessdata",
                               "/usr/share/tesseract-ocr/4.00/tessdata", "/usr/share/tessdata"})
        if (QFileInfo(QString::fromLatin1(folder)).isDir()) return QString::fromLatin1(folder);
    return QStringLiteral("/usr/share/tesseract-ocr/5/tessdata");
}

Result<std::unique_ptr<Recogniser>> Recogniser::create(const QString& languages) {
    std::unique_ptr<Recogniser> recogniser(new Recogniser);
    auto& api = recogniser->m_engine->api;
    if (api.Init(QDir(languageFolder()).path().toLocal8Bit().constData(), languages.toLatin1().constData(),
                 tesseract::OEM_LSTM_ONLY) != 0)
        return Error{Error::Kind::Missing, Tr::tr("The text reader could not load the language %1.").arg(languages)};
    api.SetPageSegMode(tesseract::PSM_SINGLE_LINE);
    api.SetVariable("user_defined_dpi", "300");
    api.SetVariable("debug_file", "/dev/null");
    // The lines come black on white: no second reading of the negative.
    api.SetVariable("tessedit_do_invert", "0");
    return recogniser;
}

std::vector<ReadGlyph> Recogniser::recognise(const QImage& line, bool numbers) {
    // Several engines share the cores already; within one, the library's own threads only get in each other's way.
    omp_set_max_active_levels(0);
    auto& api = m_engine->api;
    if (numbers != m_engine->numbers) {
        api.SetVariable("tessedit_char_whitelist", numbers ? "0123456789.,:;+-/()%#*" : "");
        m_engine->numbers = numbers;
    }
    api.SetImage(line.constBits(), line.width(), line.height(), 1, int(line.bytesPerLine()));
    std::vector<ReadGlyph> glyphs;
    if (api.Recognize(nullptr) != 0) return glyphs;
    std::unique_ptr<tesseract::ResultIterator> it(api.GetIterator());
    if (!it) return glyphs;
    it->Begin();
    do {
        if (it->Empty(tesseract::RIL_SYMBOL)) continue;
        std::unique_ptr<char[]> text(it->GetUTF8Text(tesseract::RIL_SYMBOL));
        int left = 0, top = 0, right = 0, bottom = 0;
        if (!text || !it->BoundingBox(tesseract::RIL_SYMBOL, &left, &top, &right, &bottom)) continue;
        ReadGlyph glyph;
        glyph.text = QString::fromUtf8(text.get());
        if (glyph.text.trimmed().isEmpty()) continue;
        glyph.box = QRectF(left, top, right - left, bottom - top);
        glyph.confidence = double(it->Confidence(tesseract::RIL_SYMBOL)) / 100.0;
        glyph.startsWord = it->IsAtBeginningOf(tesseract::RIL_WORD);
        glyphs.push_back(glyph);
    } while (it->Next(tesseract::RIL_SYMBOL));
    api.Clear();
    return glyphs;
}

} // namespace eyelid
