#include "releasing/pdf_letters.h"

#include "checking/pdf_writing.h"

#include <algorithm>
#include <cmath>
#include <QLineF>
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFObjectHandle.hh>

namespace eyelid {
namespace {

constexpr size_t perFont = 255;    // codes 1 to 255
constexpr double glyphWidth = 0.5; // of the height; emptyGlyph() says the same
constexpr double leastSize = 0.01; // points: less is nothing

using Object = QPDFObjectHandle;

QByteArray hexOf(const QString& letter) {
    QByteArray hex;
    for (const QChar unit : letter) hex += QByteArray::number(unit.unicode(), 16).rightJustified(4, '0').toUpper();
    return hex;
}

QByteArray codeHex(size_t code) {
    return QByteArray::number(qulonglong(code), 16).rightJustified(2, '0').toUpper();
}

// ISO 32000-1, 9.10.3
QByteArray toUnicodeOf(const std::vector<QString>& letters, size_t first, size_t count) {
    QByteArray map = toUnicodeStart() + "12 dict begin\nbegincmap\n/CMapType 2 def\n1 begincodespacerange\n<00> <FF>\n"
                                        "endcodespacerange\n";
    constexpr size_t perBlock = 100;
    for (size_t at = 0; at < count; at += perBlock) {
        const size_t end = std::min(count, at + perBlock);
        map += QByteArray::number(qulonglong(end - at)) + " beginbfchar\n";
        for (size_t i = at; i < end; ++i) map += '<' + codeHex(i + 1) + "> <" + hexOf(letters[first + i]) + ">\n";
        map += "endbfchar\n";
    }
    return map + "endcmap\nCMapName currentdict /CMap defineresource pop\nend\nend\n";
}

} // namespace

QByteArray pdfNumber(double value) {
    QByteArray digits = QByteArray::number(value, 'f', 4);
    while (digits.endsWith('0')) digits.chop(1);
    if (digits.endsWith('.')) digits.chop(1);
    return digits == "-0" ? "0" : digits;
}

std::vector<PdfLetters::Run> PdfLetters::runsOf(const QString& text) {
    std::vector<Run> runs;
    for (const uint point : text.toUcs4()) {
        if (!QChar::isPrint(char32_t(point)) || point == coverBlock.unicode()) continue;
        const char32_t one = point;
        const QString letter = QString::fromUcs4(&one, 1);
        const auto known = std::find(m_letters.begin(), m_letters.end(), letter);
        const auto number = size_t(known - m_letters.begin());
        if (known == m_letters.end()) m_letters.push_back(letter);
        if (runs.empty() || runs.back().font != number / perFont) runs.push_back({number / perFont, {}});
        runs.back().codes += char(number % perFont + 1);
    }
    return runs;
}

QByteArray PdfLetters::written(const QString& text, const QLineF& along, double height) {
    const std::vector<Run> runs = runsOf(text + u' ');
    qsizetype letters = -1; // the space behind it stands outside
    for (const Run& run : runs) letters += run.codes.size();
    if (letters <= 0 || along.length() < leastSize || height < leastSize) return {};
    const double stretched = 100 * along.length() / (glyphWidth * height * double(letters));
    const QPointF way = (along.p2() - along.p1()) / along.length();
    QByteArray out = "BT\n" + pdfNumber(stretched) + " Tz\n" + pdfNumber(way.x()) + ' ' + pdfNumber(way.y()) + ' ' +
                     pdfNumber(-way.y()) + ' ' + pdfNumber(way.x()) + ' ' + pdfNumber(along.x1()) + ' ' +
                     pdfNumber(along.y1()) + " Tm\n";
    for (const Run& run : runs)
        out += "/F" + QByteArray::number(qulonglong(run.font)) + ' ' + pdfNumber(height) + " Tf\n<" +
               run.codes.toHex().toUpper() + "> Tj\n";
    return out + "ET\n";
}

QByteArray PdfLetters::of(const Page& words, const QTransform& toSheet) {
    QByteArray out;
    const double scale = std::abs(toSheet.m11());
    for (const TextLine& line : words.lines)
        for (const Word& word : line.words) {
            const QRectF& box = word.box;
            const QLineF along = line.turned == 90    ? QLineF(box.topLeft(), box.bottomLeft())
                                 : line.turned == 270 ? QLineF(box.bottomRight(), box.topRight())
                                                      : QLineF(box.bottomLeft(), box.bottomRight());
            out += written(word.text, toSheet.map(along), scale * (line.turned ? box.width() : box.height()));
        }
    return out;
}

QByteArray PdfLetters::of(const QString& line, const QRectF& box) {
    return written(line, QLineF(box.topLeft(), box.topRight()), box.height());
}

void PdfLetters::finish(QPDF& pdf, QPDFObjectHandle fonts) const {
    Object glyph = pdf.newStream(emptyGlyph().toStdString());
    for (size_t first = 0; first < m_letters.size(); first += perFont) {
        const size_t count = std::min(perFont, m_letters.size() - first);
        Object font = Object::parse("<</Type /Font /Subtype /Type3 /FontBBox [0 0 500 1000] "
                                    "/FontMatrix [0.001 0 0 0.001 0 0] /FirstChar 1>>");
        Object widths = Object::newArray(), names = Object::newArray(), glyphs = Object::newDictionary();
        names.appendItem(Object::newInteger(1));
        for (size_t i = 0; i < count; ++i) {
            const std::string name = "/g" + std::to_string(i + 1);
            widths.appendItem(Object::newInteger(500));
            names.appendItem(Object::newName(name));
            glyphs.replaceKey(name, glyph);
        }
        Object encoding = Object::parse("<</Type /Encoding>>");
        encoding.replaceKey("/Differences", names);
        font.replaceKey("/LastChar", Object::newInteger(qint64(count)));
        font.replaceKey("/Widths", widths);
        font.replaceKey("/Encoding", encoding);
        font.replaceKey("/CharProcs", glyphs);
        font.replaceKey("/Resources", Object::newDictionary());
        font.replaceKey("/ToUnicode", pdf.newStream(toUnicodeOf(m_letters, first, count).toStdString()));
        fonts.replaceKey("/F" + std::to_string(first / perFont), pdf.makeIndirectObject(font));
    }
}

} // namespace eyelid
