// Text of a PDF that is searched, copied and read aloud and draws nothing: each letter is a glyph of a font of our own
// (Type 3, ISO 32000-1, 9.6.5) that is empty, half as wide as it is high and stretched to where the word stands; a
// table says which letter it stands for. Such a font needs no font file.
#pragma once

#include "reading/page.h"

#include <QByteArray>
#include <QRectF>
#include <QString>
#include <QTransform>
#include <vector>

class QPDF;
class QPDFObjectHandle;

namespace eyelid {

class PdfLetters {
public:
    /// Instructions that write a page's words where they stand; `toSheet` takes its pixels to the sheet's points.
    QByteArray of(const Page& words, const QTransform& toSheet);
    /// A line of text in a box, in points from the sheet's bottom left corner.
    QByteArray of(const QString& line, const QRectF& box);
    /// Puts the fonts of all that was written under "/F0", "/F1", … into `fonts`.
    void finish(QPDF& pdf, QPDFObjectHandle fonts) const;

private:
    struct Run {
        size_t font;
        QByteArray codes;
    };
    std::vector<Run> runsOf(const QString& text);
    /// `along`: from where the text begins to where it ends.
    QByteArray written(const QString& text, const QLineF& along, double height);

    std::vector<QString> m_letters; ///< 255 a font
};

/// As PDFs write numbers: at most four digits behind the point, no exponent.
QByteArray pdfNumber(double value);

} // namespace eyelid
