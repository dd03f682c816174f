#include "base/sentence.h"
#include "checking/pdf_contents.h"
#include "checking/pdf_writing.h"
#include "editing/text_outline.h"
#include "releasing/document_formats.h"
#include "releasing/pdf_letters.h"

#include <QColorSpace>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>

namespace eyelid {
namespace {

using Object = QPDFObjectHandle;

// In points, 1/72 inch.
constexpr double pointsPerPixel = 0.75; // CSS's pixel, 1/96 inch
constexpr double longestSide = 14400;   // ISO 32000-1, annex C
constexpr double captionHeight = 24;    // under a picture
constexpr double captionSize = 9, captionMargin = 8;
constexpr double narrowest = 160;                 // so that a caption has room
constexpr QSizeF paper(595.28, 841.89);           // A4, for the summary and for several pictures a sheet
constexpr double sheetMargin = 36, sheetGap = 18; // of a sheet with several pictures
constexpr double paperMargin = 56, summarySize = 10, summaryLine = 15;

std::string text(const QString& s) {
    return s.toStdString();
}

Object name(const char* value) {
    return Object::newName(value);
}

Object stream(QPDF& pdf, const QByteArray& data) {
    return pdf.newStream(data.toStdString());
}

QByteArray outlined(const TextOutline& outline, const QPointF& topLeft) {
    QByteArray out = "q\n0.27 g\n1 0 0 -1 " + pdfNumber(topLeft.x()) + ' ' + pdfNumber(topLeft.y()) + " cm\n";
    const auto point = [](const QPainterPath::Element& e) { return pdfNumber(e.x) + ' ' + pdfNumber(e.y) + ' '; };
    const QPainterPath& path = outline.path;
    for (int i = 0; i < path.elementCount(); ++i) {
        const auto element = path.elementAt(i);
        if (element.isMoveTo()) out += point(element) + "m\n";
        if (element.isLineTo()) out += point(element) + "l\n";
        if (!element.isCurveTo()) continue;
        out += point(element) + point(path.elementAt(i + 1)) + point(path.elementAt(i + 2)) + "c\n";
        i += 2;
    }
    return out + "f\nQ\n";
}

class PdfDocument {
public:
    explicit PdfDocument(const Document& document) : m_document(document) {
        m_pdf.emptyPDF();
        m_root = m_pdf.makeIndirectObject(Object::newDictionary());
        m_whole = m_pdf.makeIndirectObject(Object::newDictionary());
    }

    QByteArray write() {
        for (size_t i = 0; i < m_document.pages.size(); i += size_t(m_document.perSheet))
            m_document.perSheet > 1 ? addPaper(i) : addPicture(i);
        const qsizetype perPage = qsizetype((paper.height() - 2 * paperMargin) / summaryLine);
        for (qsizetype at = 0; at < m_document.summary.size(); at += perPage)
            addSummary(m_document.summary.mid(at, perPage));
        m_letters.finish(m_pdf, m_fonts);
        putStructure();
        putBookmarks();
        putDescription();
        // What is read in and written again is written the same from then on; the first time the order of entries is
        // another.
        return rewrittenPdf(writtenPdf(m_pdf));
    }

private:
    // A part of the page that stands in the structure as one element.
    struct Part {
        QByteArray content;
        const char* role;
        QString alternative;
        QRectF box; ///< points
    };

    // A picture on its sheet, which has its origin at the bottom.
    struct Placed {
        size_t index;
        QPointF bottomLeft;
        double scale; ///< points for a pixel
    };

    // As large as it is, on a sheet of its own size.
    void addPicture(size_t index) {
        const QSizeF size = m_document.pages[index].size;
        const double longest = std::max(size.width(), size.height());
        const double scale = std::min(pointsPerPixel, (longestSide - captionHeight) / longest);
        addPictures({std::max(size.width() * scale, narrowest), size.height() * scale + captionHeight},
                    {{index, QPointF(0, captionHeight), scale}});
    }

    // Some of them on a sheet of paper, none larger than it is, from the top and from left to right.
    void addPaper(size_t first) {
        const size_t end = std::min(m_document.pages.size(), first + size_t(m_document.perSheet));
        const QSizeF sheet = liesWide() ? paper.transposed() : paper;
        // Two wide pictures stand one over the other on an upright sheet, two high ones beside each other on a wide
        // one.
        const int columns = m_document.perSheet == 2 && !liesWide() ? 1 : 2, rows = m_document.perSheet / columns;
        const QSizeF cell((sheet.width() - 2 * sheetMargin - (columns - 1) * sheetGap) / columns,
                          (sheet.height() - 2 * sheetMargin - (rows - 1) * sheetGap) / rows);
        std::vector<Placed> placed;
        for (size_t i = first; i < end; ++i) {
            const QSizeF size = m_document.pages[i].size;
            const double scale = std::min(
                {pointsPerPixel, cell.width() / size.width(), (cell.height() - captionHeight) / size.height()});
            const int at = int(i - first);
            const QPointF topLeft(sheetMargin + (at % columns) * (cell.width() + sheetGap),
                                  sheet.height() - sheetMargin - (at / columns) * (cell.height() + sheetGap));
            placed.push_back({i, topLeft - QPointF(0, size.height() * scale), scale});
        }
        addPictures(sheet, placed);
    }

    // Whether sheets are turned, so that most pictures are as large as they can be.
    bool liesWide() const {
        const auto wide = std::count_if(m_document.pages.begin(), m_document.pages.end(), [](const DocumentPage& page) {
            return page.size.width() > page.size.height();
        });
        const bool most = size_t(wide) * 2 > m_document.pages.size();
        return m_document.perSheet == 2 ? !most : most;
    }

    void addPictures(const QSizeF& sheet, const std::vector<Placed>& all) {
        std::vector<Part> parts;
        Object pictures = Object::newDictionary();
        for (const Placed& placed : all) {
            const QByteArray name = "/Im" + QByteArray::number(qsizetype(&placed - all.data()));
            pictures.replaceKey(name.toStdString(), picture(m_document.pages[placed.index]));
            addParts(placed, name, parts);
        }
        Object resources = Object::newDictionary();
        resources.replaceKey("/XObject", pictures);
        const Object page = addPage(sheet, parts, resources);
        for (const Placed& placed : all)
            m_bookmarks.emplace_back(captionOf(placed.index, m_document.pages.size()), page);
    }

    // What reads a picture's words aloud comes after the picture, what stands under it last.
    void addParts(const Placed& placed, const QByteArray& name, std::vector<Part>& parts) {
        const DocumentPage& page = m_document.pages[placed.index];
        const QSizeF shown = QSizeF(page.size) * placed.scale;
        const auto number = [](double value) { return pdfNumber(value) + ' '; };
        parts.push_back({"q\n" + number(shown.width()) + "0 0 " + number(shown.height()) +
                             number(placed.bottomLeft.x()) + number(placed.bottomLeft.y()) + "cm\n" + name + " Do\nQ\n",
                         "/Figure", page.alternative, QRectF(placed.bottomLeft, shown)});
        if (page.words) {
            const QTransform toSheet(placed.scale, 0, 0, -placed.scale, placed.bottomLeft.x(),
                                     placed.bottomLeft.y() + shown.height());
            parts.push_back({m_letters.of(*page.words, toSheet), "/P", {}, {}});
        }
        const QString said = captionOf(placed.index, m_document.pages.size());
        const TextOutline caption = outlineOf(said, {.pixels = captionSize});
        const QPointF at = placed.bottomLeft + QPointF(captionMargin, -captionMargin / 2);
        parts.push_back(
            {outlined(caption, at) + m_letters.of(said, QRectF(at - QPointF(0, caption.size.height()), caption.size)),
             "/P",
             {},
             {}});
    }

    void addSummary(const QStringList& lines) {
        std::vector<Part> parts;
        double top = paper.height() - paperMargin;
        for (const QString& line : lines) {
            const TextOutline outline = outlineOf(line, {.pixels = summarySize});
            if (!line.trimmed().isEmpty())
                parts.push_back(
                    {outlined(outline, {paperMargin, top}) +
                         m_letters.of(line, QRectF(QPointF(paperMargin, top - outline.size.height()), outline.size)),
                     "/P",
                     {},
                     {}});
            top -= summaryLine;
        }
        const Object page = addPage(paper, parts, Object::newDictionary());
        if (m_bookmarks.size() == m_document.pages.size()) // of its first page alone
            m_bookmarks.emplace_back(Tr::tr("What was hidden"), page);
    }

    Object addPage(const QSizeF& size, const std::vector<Part>& parts, Object resources) {
        resources.replaceKey("/Font", m_fonts);
        Object page = m_pdf.makeIndirectObject(Object::newDictionary());
        QByteArray content = pageContentStart() + "Q\n";
        Object elements = Object::newArray();
        for (const Part& part : parts) {
            const int number = elements.getArrayNItems();
            content +=
                QByteArray(part.role) + " <</MCID " + QByteArray::number(number) + ">> BDC\n" + part.content + "EMC\n";
            elements.appendItem(element(part, number, page));
        }
        page.replaceKey("/Type", name("/Page"));
        page.replaceKey("/MediaBox", rectangle(QRectF(QPointF(0, 0), size)));
        page.replaceKey("/Resources", resources);
        page.replaceKey("/Contents", stream(m_pdf, content));
        page.replaceKey("/Tabs", name("/S"));
        page.replaceKey("/StructParents", Object::newInteger(m_parents.getArrayNItems() / 2));
        m_parents.appendItem(Object::newInteger(m_parents.getArrayNItems() / 2));
        m_parents.appendItem(elements);
        QPDFPageDocumentHelper(m_pdf).addPage(QPDFPageObjectHelper(page), false);
        return page;
    }

    Object element(const Part& part, int number, Object page) {
        Object element = m_pdf.makeIndirectObject(Object::newDictionary());
        element.replaceKey("/Type", name("/StructElem"));
        element.replaceKey("/S", name(part.role));
        element.replaceKey("/P", m_whole);
        element.replaceKey("/Pg", page);
        element.replaceKey("/K", Object::newInteger(number));
        if (!part.alternative.isEmpty()) element.replaceKey("/Alt", Object::newUnicodeString(text(part.alternative)));
        if (!part.box.isEmpty()) {
            Object layout = Object::newDictionary();
            layout.replaceKey("/O", name("/Layout"));
            layout.replaceKey("/Placement", name("/Block"));
            layout.replaceKey("/BBox", rectangle(part.box));
            element.replaceKey("/A", layout);
        }
        m_elements.appendItem(element);
        return element;
    }

    static Object rectangle(const QRectF& r) {
        Object box = Object::newArray();
        for (const double side : {r.left(), r.top(), r.right(), r.bottom()})
            box.appendItem(Object::newReal(pdfNumber(side).toStdString()));
        return box;
    }

    // The data of the checked file itself, not decoded and encoded again.
    Object picture(const DocumentPage& page) {
        const bool jpeg = page.format == ReleaseFormat::Jpeg;
        const PngContents png = jpeg ? PngContents() : contentsOfPng(page.picture);
        Object picture = m_pdf.newStream();
        Object entries = picture.getDict();
        entries.replaceKey("/Type", name("/XObject"));
        entries.replaceKey("/Subtype", name("/Image"));
        entries.replaceKey("/Width", Object::newInteger(page.size.width()));
        entries.replaceKey("/Height", Object::newInteger(page.size.height()));
        entries.replaceKey("/BitsPerComponent", Object::newInteger(8));
        entries.replaceKey("/ColorSpace", name("/DeviceRGB"));
        if (!png.palette.isEmpty()) {
            Object palette = Object::newArray();
            palette.appendItem(name("/Indexed"));
            palette.appendItem(name("/DeviceRGB"));
            palette.appendItem(Object::newInteger(png.palette.size() / 3 - 1));
            palette.appendItem(Object::newString(png.palette.toStdString()));
            entries.replaceKey("/ColorSpace", palette);
        }
        Object how = Object::newNull();
        if (!jpeg) { // ISO 32000-1, 7.4.4.4: a PNG's own way of foretelling a row
            how = Object::newDictionary();
            how.replaceKey("/Predictor", Object::newInteger(15));
            how.replaceKey("/Colors", Object::newInteger(png.palette.isEmpty() ? 3 : 1));
            how.replaceKey("/Columns", Object::newInteger(page.size.width()));
        }
        picture.replaceStreamData((jpeg ? page.picture : png.data).toStdString(),
                                  name(jpeg ? "/DCTDecode" : "/FlateDecode"), how);
        return picture;
    }

    void putStructure() {
        m_whole.replaceKey("/Type", name("/StructElem"));
        m_whole.replaceKey("/S", name("/Document"));
        m_whole.replaceKey("/P", m_root);
        m_whole.replaceKey("/K", m_elements);
        Object parents = Object::newDictionary();
        parents.replaceKey("/Nums", m_parents);
        m_root.replaceKey("/Type", name("/StructTreeRoot"));
        m_root.replaceKey("/K", m_whole);
        m_root.replaceKey("/ParentTree", m_pdf.makeIndirectObject(parents));
        m_root.replaceKey("/ParentTreeNextKey", Object::newInteger(m_parents.getArrayNItems() / 2));
        Object marks = Object::newDictionary();
        marks.replaceKey("/Marked", Object::newBool(true));
        m_pdf.getRoot().replaceKey("/MarkInfo", marks);
        m_pdf.getRoot().replaceKey("/StructTreeRoot", m_root);
        m_pdf.getRoot().replaceKey("/Lang", Object::newString(text(m_document.language)));
    }

    void putBookmarks() {
        Object outlines = m_pdf.makeIndirectObject(Object::newDictionary());
        std::vector<Object> entries;
        for (const auto& [title, page] : m_bookmarks) {
            Object entry = m_pdf.makeIndirectObject(Object::newDictionary());
            entry.replaceKey("/Title", Object::newUnicodeString(text(title)));
            entry.replaceKey("/Parent", outlines);
            Object place = Object::newArray();
            place.appendItem(page);
            place.appendItem(name("/Fit"));
            entry.replaceKey("/Dest", place);
            if (!entries.empty()) {
                entry.replaceKey("/Prev", entries.back());
                entries.back().replaceKey("/Next", entry);
            }
            entries.push_back(entry);
        }
        outlines.replaceKey("/Type", name("/Outlines"));
        outlines.replaceKey("/Count", Object::newInteger(qint64(entries.size())));
        if (!entries.empty()) {
            outlines.replaceKey("/First", entries.front());
            outlines.replaceKey("/Last", entries.back());
        }
        m_pdf.getRoot().replaceKey("/Outlines", outlines);
        m_pdf.getRoot().replaceKey("/PageMode", name(entries.size() > 1 ? "/UseOutlines" : "/UseNone"));
    }

    // Title and program alone; colours are sRGB.
    void putDescription() {
        Object title = Object::newDictionary();
        title.replaceKey("/DisplayDocTitle", Object::newBool(true));
        m_pdf.getRoot().replaceKey("/ViewerPreferences", title);
        Object metadata = stream(m_pdf, xmp());
        metadata.getDict().replaceKey("/Type", name("/Metadata"));
        metadata.getDict().replaceKey("/Subtype", name("/XML"));
        m_pdf.getRoot().replaceKey("/Metadata", metadata);
        Object profile = stream(m_pdf, QColorSpace(QColorSpace::SRgb).iccProfile());
        profile.getDict().replaceKey("/N", Object::newInteger(3));
        Object intent = Object::newDictionary();
        intent.replaceKey("/Type", name("/OutputIntent"));
        intent.replaceKey("/S", name("/GTS_PDFA1"));
        intent.replaceKey("/OutputConditionIdentifier", Object::newString("sRGB"));
        intent.replaceKey("/Info", Object::newString("sRGB"));
        intent.replaceKey("/DestOutputProfile", profile);
        Object intents = Object::newArray();
        intents.appendItem(intent);
        m_pdf.getRoot().replaceKey("/OutputIntents", intents);
        Object info = m_pdf.makeIndirectObject(Object::newDictionary());
        info.replaceKey("/Title", Object::newUnicodeString(text(m_document.title)));
        info.replaceKey("/Producer", Object::newString("Eyelid"));
        m_pdf.getTrailer().replaceKey("/Info", info);
    }

    QByteArray xmp() const {
        return R"(<?xpacket begin=")"
               "\xEF\xBB\xBF"
               R"(" id="W5M0MpCehiHzreSzNTczkc9d"?>
<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
<rdf:Description rdf:about="" xmlns:pdfaid="http://www.aiim.org/pdfa/ns/id/"><pdfaid:part>2</pdfaid:part><pdfaid:conformance>B</pdfaid:conformance></rdf:Description>
<rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/"><dc:title><rdf:Alt><rdf:li xml:lang="x-default">)" +
               m_document.title.toHtmlEscaped().toUtf8() + R"(</rdf:li></rdf:Alt></dc:title></rdf:Description>
<rdf:Description rdf:about="" xmlns:pdf="http://ns.adobe.com/pdf/1.3/"><pdf:Producer>Eyelid</pdf:Producer></rdf:Description>
</rdf:RDF></x:xmpmeta>
<?xpacket end="w"?>)";
    }

    const Document& m_document;
    QPDF m_pdf;
    PdfLetters m_letters;
    Object m_root, m_whole;
    Object m_fonts = Object::newDictionary();
    Object m_elements = Object::newArray();
    Object m_parents = Object::newArray();               ///< page, its elements, page, …
    std::vector<std::pair<QString, Object>> m_bookmarks; ///< and the page each leads to
};

} // namespace

QByteArray pdfOf(const Document& document) {
    return PdfDocument(document).write();
}

} // namespace eyelid
