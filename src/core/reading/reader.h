// Reads all text on a picture.
//
//   Reader reader;
//   Progress progress;
//   Result<Page> page = reader.read(picture, {.languages = "eng+deu"}, progress);
//
// A Reader keeps its engines warm and remembers the pictures of lines it has read; make one and keep it. It may be
// used from any thread, by one caller at a time. The same picture gives the same page, on one thread or many.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "reading/languages.h"
#include "reading/page.h"

#include <memory>
#include <QImage>
#include <QRect>

namespace eyelid {

struct ReadOptions {
    /// Codes of ISO 639-2 joined by '+', or "auto": what the text itself tells, of the languages that are installed.
    QString languages = QStringLiteral("eng");
    QRect area;         ///< empty: the whole picture
    bool faint = false; ///< look also for what hardly differs from its ground
    enum class Content {
        Any,
        Numbers, ///< figures and what stands between them, nothing else
        OneLine  ///< all of the area is one line
    };
    Content content = Content::Any;
    bool codes = true;    ///< look for machine-readable codes
    bool faces = true;    ///< look for faces on photographs
    bool sideways = true; ///< look for text turned by 90 or 270 degrees
};

class Reader {
public:
    /// `threads` 0: one engine for each core.
    explicit Reader(int threads = 0);
    ~Reader();
    Reader(const Reader&) = delete;
    Reader& operator=(const Reader&) = delete;

    /// Errors: a language that is not installed (with the package that brings it), an area outside the picture,
    /// cancelled. Boxes are in the whole picture's pixels, also when an area was asked for.
    Result<Page> read(const QImage& picture, const ReadOptions& options, Progress& progress);

private:
    class Engines;
    std::unique_ptr<Engines> m_engines;
};

} // namespace eyelid
