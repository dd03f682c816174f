// Reads uniform lines on as many cores as there are: with the line model first, and with Tesseract what the model is
// not sure of or has no letters for. Where both have read, they are weighed letter by letter.
//
// Keeps its engines warm. Used by one caller at a time; the same line gives the same reading, whatever else is read.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "base/workers.h"
#include "reading/line_model.h"
#include "reading/recogniser.h"
#include "reading/second_look.h"

#include <atomic>
#include <functional>
#include <memory>
#include <QString>
#include <vector>

namespace eyelid {

struct LineReading {
    std::vector<ReadGlyph> glyphs;
    std::vector<std::vector<ReadGlyph>> others; ///< what else was read on the way; in the same pixels
    bool byModel = false;                       ///< the line model has read it: accents and all
};

class LineReader {
public:
    /// `isWord` is asked with lower-case words, from any worker.
    LineReader(size_t workers, std::function<bool(const QString&)> isWord);
    ~LineReader();

    /// Begins to load what reading these languages takes in any case, beside what else goes on.
    void prepare(const QString& languages, bool numbers);

    /// One reading for each line. Errors: a language that cannot be loaded, cancelled.
    Result<std::vector<LineReading>> read(const std::vector<const UniformLine*>& lines, const QString& languages,
                                          bool numbers, Progress& progress);

    /// Runs work(0) to work(count - 1) on the workers.
    void inParallel(size_t count, const std::function<void(size_t)>& work) const;

private:
    struct Engine {
        Beside<Result<std::unique_ptr<Recogniser>>> loading;
        std::unique_ptr<Recogniser> recogniser;
        std::shared_ptr<std::atomic<bool>> there; // it need not be waited for
    };
    void load(size_t count);
    Result<Recogniser*> engineOf(size_t worker);
    LineModel* modelOf(size_t worker);
    struct Call;
    void readOnce(Call& call, const std::vector<size_t>& order);
    bool readTwice(Call& call, size_t worker, size_t line);
    size_t enginesFor(const Call& call) const;
    void readAgain(Recogniser& tesseract, const UniformLine& line, const std::vector<Stretch>& asked, bool numbers,
                   LineReading& reading) const;

    size_t m_workers;
    std::function<bool(const QString&)> m_isWord;
    QString m_languages;
    std::vector<Engine> m_engines;
    std::vector<std::unique_ptr<LineModel>> m_models;
};

} // namespace eyelid
