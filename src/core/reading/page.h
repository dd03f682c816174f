// What a reader saw on a picture: lines of words of glyphs, each with its place in device pixels.
#pragma once

#include <QChar>
#include <QPolygonF>
#include <QRectF>
#include <QSize>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

/// Stands in place of what a cover hides, on a page that was read with covers.
inline constexpr QChar coverBlock{0x2588};

struct Glyph {
    QString text; ///< one character as read (may be a surrogate pair)
    QRectF box;
    double confidence = 0; ///< 0 to 1
    bool exact = false;    ///< the box is that of its own ink; otherwise good to about a stroke
    QStringList others;    ///< what else it could be, likeliest first
    bool operator==(const Glyph&) const = default;
};

struct Word {
    QString text;
    QRectF box;            ///< the ink of the whole word
    double confidence = 0; ///< 0 to 1: that of its least certain part
    std::vector<Glyph> glyphs;
    QStringList alternatives; ///< other readings, most likely first; filled by readers that look twice
    bool operator==(const Word&) const = default;
};

/// Words that belong together on one line. A gutter between columns ends a line: each cell of a table is its own.
struct TextLine {
    std::vector<Word> words;
    QRectF box;
    double baseline = 0; ///< y of the line the letters stand on
    double xHeight = 0;  ///< height of a small x, estimated
    bool lightOnDark = false;
    std::vector<QRectF> rules; ///< that strike it through, underline or frame it; edges of what it stands on
    int turned = 0;            ///< degrees clockwise the line is turned: 0, 90 (reads downwards) or 270 (reads upwards)

    QString text() const {
        QString joined;
        for (const Word& word : words) {
            if (!joined.isEmpty()) joined += QLatin1Char(' ');
            joined += word.text;
        }
        return joined;
    }
    bool operator==(const TextLine&) const = default;
};

/// A machine-readable code.
struct Code {
    QString kind;    ///< "QR code", "Code128", ...
    QString content; ///< as text
    QPolygonF corners;
    QRectF box;
    bool operator==(const Code&) const = default;
};

/// The head of a person on a photograph.
struct Face {
    QRectF box;
    double sureness = 1; ///< 0 to 1; from Face::sure it is taken for one wherever it stands
    static constexpr double sure = 0.78;
    bool operator==(const Face&) const = default;
};

struct Page {
    QSize size;
    std::vector<TextLine> lines;   ///< from top to bottom, then from left to right
    std::vector<Code> codes;       ///< from top to bottom, then from left to right
    std::vector<Face> faces;       ///< from top to bottom; small pictures that may show one as well
    std::vector<QRectF> illegible; ///< places that look like type and could not be read, from top to bottom
    QString languages;             ///< as read, e.g. "eng+deu"
    bool operator==(const Page&) const = default;
};

} // namespace eyelid
