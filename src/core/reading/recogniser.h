// One Tesseract engine: a uniform line goes in, its glyphs come out. Kept warm; used by one thread.
#pragma once

#include "base/result.h"

#include <memory>
#include <QImage>
#include <QRectF>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

struct ReadGlyph {
    QString text;
    QRectF box; ///< in the uniform line's pixels; x is good to about a stroke, y is the line's
    double confidence = 0;
    bool startsWord = false;
    bool exact = false;      ///< the box is that of its own ink
    QStringList others;      ///< what else it could be, likeliest first
    bool sure = false;       ///< read beyond doubt; not for what many types draw alike
    bool doubted = false;    ///< not the line model's own: it has no letters for it, or its word was read a second time
    double spaceBefore = -1; ///< how likely a space stands before it, where the reader tells; otherwise -1
};

class Recogniser {
public:
    /// `languages` as in ReadOptions; fails when the engine cannot load one.
    static Result<std::unique_ptr<Recogniser>> create(const QString& languages);
    ~Recogniser();

    /// `numbers`: only figures and what stands between them.
    std::vector<ReadGlyph> recognise(const QImage& uniformLine, bool numbers = false);

private:
    Recogniser();
    struct Engine;
    std::unique_ptr<Engine> m_engine;
};

/// The folder the installed language files stand in.
QString languageFolder();

} // namespace eyelid
