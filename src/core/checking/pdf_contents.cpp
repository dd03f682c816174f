#include "checking/pdf_contents.h"

#include "base/sentence.h"
#include "checking/pdf_writing.h"

#include <map>
#include <QColorSpace>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <QRegularExpression>
#include <QSet>
#include <set>

namespace eyelid {
namespace {

// Keys of dictionaries, besides names of a page's own pictures and fonts.
const std::set<std::string>& allowedKeys() {
    static const std::set<std::string> keys{"/A",
                                            "/Alt",
                                            "/Alternate",
                                            "/BBox",
                                            "/BitsPerComponent",
                                            "/CharProcs",
                                            "/Colors",
                                            "/ColorSpace",
                                            "/Columns",
                                            "/Contents",
                                            "/Count",
                                            "/DecodeParms",
                                            "/Dest",
                                            "/DestOutputProfile",
                                            "/Differences",
                                            "/DisplayDocTitle",
                                            "/Encoding",
                                            "/Filter",
                                            "/First",
                                            "/FirstChar",
                                            "/Font",
                                            "/FontBBox",
                                            "/FontMatrix",
                                            "/Height",
                                            "/ID",
                                            "/Info",
                                            "/K",
                                            "/Kids",
                                            "/Lang",
                                            "/Last",
                                            "/LastChar",
                                            "/Length",
                                            "/MarkInfo",
                                            "/Marked",
                                            "/MediaBox",
                                            "/Metadata",
                                            "/N",
                                            "/Next",
                                            "/Nums",
                                            "/O",
                                            "/Outlines",
                                            "/OutputConditionIdentifier",
                                            "/OutputIntents",
                                            "/P",
                                            "/PageMode",
                                            "/Pages",
                                            "/Parent",
                                            "/ParentTree",
                                            "/ParentTreeNextKey",
                                            "/Pg",
                                            "/Placement",
                                            "/Predictor",
                                            "/Prev",
                                            "/Producer",
                                            "/Resources",
                                            "/Root",
                                            "/S",
                                            "/Size",
                                            "/StructParents",
                                            "/StructTreeRoot",
                                            "/Subtype",
                                            "/Tabs",
                                            "/Title",
                                            "/ToUnicode",
                                            "/Type",
                                            "/ViewerPreferences",
                                            "/Widths",
                                            "/Width",
                                            "/XObject"};
    return keys;
}

// What names that decide what a thing is may be.
const std::map<std::string, std::set<std::string>>& allowedValues() {
    static const std::map<std::string, std::set<std::string>> values{
        {"/Type",
         {"/Catalog", "/Pages", "/Page", "/XObject", "/Font", "/Metadata", "/OutputIntent", "/StructTreeRoot",
          "/StructElem", "/Outlines", "/Encoding"}},
        {"/Subtype", {"/Image", "/Type3", "/XML"}},
        {"/S", {"/GTS_PDFA1", "/Document", "/Figure", "/P"}},
        {"/Filter", {"/FlateDecode", "/DCTDecode"}}};
    return values;
}

const std::set<std::string>& allowedOperators() {
    static const std::set<std::string> operators{"q",  "Q",  "cm", "Do", "BDC", "EMC", "BT", "ET", "Tf",
                                                 "Tz", "Tm", "Tj", "g",  "m",   "l",   "c",  "h",  "f"};
    return operators;
}

const QRegularExpression& ownName() {
    static const QRegularExpression name(QStringLiteral("^/(Im|F|g)[0-9]+$"));
    return name;
}

QByteArray bytesOf(const std::shared_ptr<Buffer>& buffer) {
    return {reinterpret_cast<const char*>(buffer->getBuffer()), qsizetype(buffer->getSize())};
}

// Which letter each code of a font stands for, as its ToUnicode map says (ISO 32000-1, 9.10.3).
std::map<int, QString> lettersOf(QPDFObjectHandle font) {
    std::map<int, QString> letters;
    QPDFObjectHandle map = font.getKey("/ToUnicode");
    if (!map.isStream()) return letters;
    const QString text = QString::fromLatin1(bytesOf(map.getStreamData()));
    static const QRegularExpression pair(QStringLiteral("<([0-9A-F]{2})> <([0-9A-F]+)>\n"));
    for (auto it = pair.globalMatch(text); it.hasNext();) {
        const auto match = it.next();
        const QByteArray units = QByteArray::fromHex(match.captured(2).toLatin1());
        QString letter;
        for (qsizetype i = 0; i + 1 < units.size(); i += 2)
            letter += QChar(ushort(uchar(units[i]) << 8 | uchar(units[i + 1])));
        letters[match.captured(1).toInt(nullptr, 16)] = letter;
    }
    return letters;
}

// The text a page's instructions write, and whether they do anything they may not.
class PageText : public QPDFObjectHandle::ParserCallbacks {
public:
    explicit PageText(QPDFObjectHandle page) : m_fonts(page.getKey("/Resources").getKey("/Font")) {}
    void handleObject(QPDFObjectHandle object) override {
        if (!object.isOperator()) {
            m_operands.push_back(object);
            return;
        }
        const std::string name = object.getOperatorValue();
        if (!allowedOperators().contains(name)) m_strange = true;
        if (name == "Tf" && !m_operands.empty() && m_operands.front().isName()) choose(m_operands.front().getName());
        if (name == "Tj" && !m_operands.empty() && m_operands.front().isString())
            write(m_operands.front().getStringValue());
        if (name == "Do" && !m_operands.empty() && m_operands.front().isName())
            m_shown.push_back(m_operands.front().getName());
        m_operands.clear();
    }
    void handleEOF() override {}

    const QString& text() const { return m_text; }
    bool isStrange() const { return m_strange; }
    const std::vector<std::string>& shown() const { return m_shown; }

private:
    void choose(const std::string& name) {
        if (!m_letters.contains(name)) m_letters[name] = lettersOf(m_fonts.getKey(name));
        m_font = name;
    }
    void write(const std::string& codes) {
        for (const char code : codes) {
            const auto& letters = m_letters[m_font];
            const auto letter = letters.find(uchar(code));
            if (letter == letters.end())
                m_strange = true; // nobody could say what it writes
            else
                m_text += letter->second;
        }
    }
    QPDFObjectHandle m_fonts;
    std::map<std::string, std::map<int, QString>> m_letters;
    std::string m_font;
    std::vector<QPDFObjectHandle> m_operands;
    std::vector<std::string> m_shown;
    QString m_text;
    bool m_strange = false;
};

class TakingApart {
public:
    PdfContents run(const QByteArray& bytes) {
        QPDF pdf;
        pdf.setSuppressWarnings(true);
        pdf.setAttemptRecovery(false);
        try {
            pdf.processMemoryFile("document", bytes.constData(), size_t(bytes.size()));
            for (QPDFObjectHandle object : pdf.getAllObjects()) look(object, 0);
            look(pdf.getTrailer(), 0);
            for (QPDFPageObjectHelper& page : QPDFPageDocumentHelper(pdf).getAllPages()) lookAtPage(page);
            if (pdf.anyWarnings()) tell(Tr::tr("a structure that is damaged"));
            if (rewrittenPdf(bytes) != bytes) tell(Tr::tr("data that belongs to no page"));
        } catch (const std::exception&) {
            tell(Tr::tr("a structure that cannot be read"));
        }
        return std::move(m_contents);
    }

private:
    void tell(const QString& what) {
        if (!m_contents.besides.contains(what)) m_contents.besides << what;
    }

    // NOLINTNEXTLINE(misc-no-recursion): objects hold each other; what is written apart is looked at by itself
    void look(QPDFObjectHandle object, int depth) {
        constexpr int deepest = 20;
        if (depth > deepest) return tell(Tr::tr("a structure that is too deep"));
        if (depth > 0 && object.isIndirect()) return;
        if (object.isString()) m_contents.texts << QString::fromStdString(object.getUTF8Value());
        if (object.isArray())
            for (int i = 0; i < object.getArrayNItems(); ++i) look(object.getArrayItem(i), depth + 1);
        if (object.isStream()) lookAtStream(object);
        QPDFObjectHandle entries = object.isStream() ? object.getDict() : object;
        if (!entries.isDictionary()) return;
        for (const std::string& key : entries.getKeys()) {
            QPDFObjectHandle value = entries.getKey(key);
            if (!allowedKeys().contains(key) && !ownName().match(QString::fromStdString(key)).hasMatch())
                tell(sentence(Tr::tr("an entry %1"), QString::fromStdString(key)));
            const auto allowed = allowedValues().find(key);
            if (allowed != allowedValues().end() && !(value.isName() && allowed->second.contains(value.getName())))
                tell(sentence(Tr::tr("an entry %1 that is not of a picture or its text"), QString::fromStdString(key)));
            // Of an ID and a palette, the strings are bytes and no text.
            if (key != "/ID" && key != "/ColorSpace") look(value, depth + 1);
        }
    }

    void lookAtStream(QPDFObjectHandle stream) {
        QPDFObjectHandle entries = stream.getDict();
        const auto is = [&](const char* key, const char* value) { return entries.getKey(key).isNameAndEquals(value); };
        if (is("/Subtype", "/Image")) return; // taken from the page that shows it
        const QByteArray data = bytesOf(stream.getStreamData());
        if (is("/Subtype", "/XML")) {
            m_contents.texts << QString::fromUtf8(data);
        } else if (entries.hasKey("/N")) {
            if (data != QColorSpace(QColorSpace::SRgb).iccProfile()) tell(Tr::tr("a colour profile of its own"));
        } else if (data != emptyGlyph() && !data.startsWith(pageContentStart()) && !data.startsWith(toUnicodeStart())) {
            tell(Tr::tr("a stream that belongs to nothing"));
        }
    }

    void lookAtPage(QPDFPageObjectHelper& page) {
        ++m_contents.pages;
        PageText text(page.getObjectHandle());
        page.parseContents(&text);
        if (text.isStrange()) tell(Tr::tr("instructions that are not of a picture or its text"));
        m_contents.texts << text.text();
        QPDFObjectHandle pictures = page.getObjectHandle().getKey("/Resources").getKey("/XObject");
        const std::set<std::string> there = pictures.isDictionary() ? pictures.getKeys() : std::set<std::string>();
        if (there.size() != text.shown().size()) tell(Tr::tr("a picture that no page shows"));
        for (const std::string& name : text.shown()) add(pictures.getKey(name));
    }

    void add(QPDFObjectHandle picture) {
        if (!picture.isStream()) return tell(Tr::tr("a picture that is none"));
        QPDFObjectHandle entries = picture.getDict();
        m_contents.pictures.push_back(
            {QSize(entries.getKey("/Width").getIntValueAsInt(), entries.getKey("/Height").getIntValueAsInt()),
             bytesOf(picture.getRawStreamData()), entries.getKey("/Filter").isNameAndEquals("/DCTDecode")});
    }

    PdfContents m_contents;
};

} // namespace

PdfContents takeApartPdf(const QByteArray& bytes) {
    return TakingApart().run(bytes);
}

QByteArray rewrittenPdf(const QByteArray& bytes) {
    QPDF pdf;
    pdf.setSuppressWarnings(true);
    pdf.setAttemptRecovery(false);
    try {
        pdf.processMemoryFile("document", bytes.constData(), size_t(bytes.size()));
        pdf.getTrailer().removeKey("/ID"); // made anew from what is in it: nobody's own
        return writtenPdf(pdf);
    } catch (const std::exception&) {
        return {};
    }
}

} // namespace eyelid
