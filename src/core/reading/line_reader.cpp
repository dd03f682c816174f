#include "reading/line_reader.h"

#include "base/sentence.h"
#include "base/workers.h"
#include "reading/second_look.h"

#include <algorithm>
#include <atomic>
#include <mutex>
#include <optional>
#include <QStringList>
#include <utility>

namespace eyelid {
namespace {

constexpr double worthAnEngine = 4000; // pixels of lines; loading another engine takes as long as reading them

// The alphabet of the line model is that of these.
bool modelKnows(const QString& languages) {
    static const QStringList known{QStringLiteral("eng"), QStringLiteral("deu"), QStringLiteral("fra"),
                                   QStringLiteral("spa")};
    const QStringList asked = languages.split(QLatin1Char('+'));
    return std::all_of(asked.begin(), asked.end(), [](const QString& code) { return known.contains(code); });
}

} // namespace

LineReader::LineReader(size_t workers, std::function<bool(const QString&)> isWord)
    : m_workers(std::max<size_t>(1, workers)), m_isWord(std::move(isWord)) {}
LineReader::~LineReader() = default;

void LineReader::prepare(const QString& languages, bool numbers) {
    if (m_languages != languages) m_engines.clear();
    m_languages = languages;
    // On many pages the model is sure of all: then no engine is loaded for nothing.
    if (numbers || !modelKnows(languages)) load(1);
}

void LineReader::load(size_t count) {
    const QString languages = m_languages;
    while (m_engines.size() < count) {
        const auto there = std::make_shared<std::atomic<bool>>(false);
        Beside<Result<std::unique_ptr<Recogniser>>> loading([languages, there] {
            auto created = Recogniser::create(languages);
            *there = true;
            return created;
        });
        m_engines.push_back({std::move(loading), nullptr, there});
    }
}

Result<Recogniser*> LineReader::engineOf(size_t worker) {
    Engine& engine = m_engines[worker];
    if (engine.loading.valid()) {
        auto loaded = engine.loading.get();
        if (!loaded) return loaded.error();
        engine.recogniser = std::move(*loaded);
    }
    if (!engine.recogniser)
        return Error{Error::Kind::Missing, Tr::tr("The text reader could not load the language %1.").arg(m_languages)};
    return engine.recogniser.get();
}

LineModel* LineReader::modelOf(size_t worker) {
    auto& model = m_models[worker];
    if (!model)
        if (auto loaded = LineModel::load()) model = std::move(*loaded);
    return model.get();
}

void LineReader::inParallel(size_t count, const std::function<void(size_t)>& work) const {
    std::atomic<size_t> next{0};
    onWorkers(std::min(m_workers, count), [&](size_t) {
        for (size_t i = next++; i < count; i = next++) work(i);
    });
}

// What one call of read() works on, on all of its workers.
struct LineReader::Call {
    const std::vector<const UniformLine*>& lines;
    bool numbers;
    Progress& progress;
    std::vector<LineReading> readings;
    std::vector<std::vector<Stretch>> asked; ///< of the other engine, by line
    std::atomic<size_t> next{0}, done{0};
    std::mutex guard; ///< of these
    std::vector<size_t> unsure;
    std::optional<Error> trouble;
};

bool LineReader::readTwice(Call& call, size_t worker, size_t line) {
    auto engine = engineOf(worker);
    if (!engine) {
        const std::lock_guard lock(call.guard);
        call.trouble = engine.error();
        return false;
    }
    readAgain(**engine, *call.lines[line], call.asked[line], call.numbers, call.readings[line]);
    return true;
}

// The model's turn: all lines once, by `order`.
void LineReader::readOnce(Call& call, const std::vector<size_t>& order) {
    m_models.resize(m_workers);
    onWorkers(std::min(m_workers, order.size()), [&](size_t worker) {
        LineModel* model = modelOf(worker);
        if (!model) return;
        for (size_t i = call.next++; i < order.size() && !call.progress.cancelled(); i = call.next++) {
            const size_t at = order[i];
            LineReading& reading = call.readings[at];
            reading.glyphs = model->read(*call.lines[at]);
            reading.byModel = !reading.glyphs.empty();
            dropSpecks(reading.glyphs, m_isWord);
            call.asked[at] = unsureWords(reading.glyphs, m_isWord);
            const size_t n = ++call.done;
            call.progress.setFraction(0.5 * double(n) / double(order.size()));
            if (n % 16 == 0) call.progress.setDoing(sentence(Tr::tr("Reading line %1 of %2"), n, order.size()));
            if (reading.byModel && call.asked[at].empty()) continue;
            std::unique_lock lock(call.guard);
            call.unsure.push_back(at);
            load(1);
            // The first worker, as soon as its engine is there, need not wait until all have been read once.
            if (worker > 0 || !*m_engines[0].there) continue;
            const std::vector<size_t> now = std::exchange(call.unsure, {});
            lock.unlock();
            for (const size_t line : now)
                if (!readTwice(call, worker, line)) return;
        }
    });
}

// As many engines as there is work for.
size_t LineReader::enginesFor(const Call& call) const {
    double width = 0;
    for (const size_t i : call.unsure) {
        const LineReading& reading = call.readings[i];
        if (!reading.byModel) width += call.lines[i]->image.width();
        for (const Stretch& part : call.asked[i])
            width += reading.glyphs[part.end - 1].box.right() - reading.glyphs[part.begin].box.left();
    }
    const size_t wanted = size_t(width / worthAnEngine) + 1;
    return std::min({m_workers, call.unsure.size(), std::max(m_engines.size(), wanted)});
}

Result<std::vector<LineReading>> LineReader::read(const std::vector<const UniformLine*>& lines,
                                                  const QString& languages, bool numbers, Progress& progress) {
    prepare(languages, numbers);
    Call call{lines, numbers, progress, std::vector<LineReading>(lines.size()),
              std::vector<std::vector<Stretch>>(lines.size())};
    // The longest first, so that the workers end together.
    std::vector<size_t> order(lines.size());
    for (size_t i = 0; i < order.size(); ++i) order[i] = i;
    std::sort(order.begin(), order.end(), [&](size_t a, size_t b) {
        const int wa = lines[a]->image.width(), wb = lines[b]->image.width();
        return wa != wb ? wa > wb : a < b;
    });
    // The model's turn is the first half; what is left to be read twice is the second, however little it is.
    const bool modelled = !numbers && modelKnows(languages);
    if (modelled)
        readOnce(call, order);
    else
        call.unsure = order;
    const Error cancelled{Error::Kind::Cancelled, Tr::tr("Reading was stopped.")};
    if (progress.cancelled()) return cancelled;
    if (call.trouble) return *call.trouble;
    if (modelled && call.done == 0) call.unsure = order; // the model could not be loaded
    if (call.unsure.empty()) return std::move(call.readings);

    const size_t workers = enginesFor(call);
    load(workers);
    call.next = call.done = 0;
    onWorkers(workers, [&](size_t worker) {
        for (size_t i = call.next++; i < call.unsure.size() && !progress.cancelled(); i = call.next++) {
            if (!readTwice(call, worker, call.unsure[i])) return;
            progress.setFraction(0.5 + 0.5 * double(++call.done) / double(call.unsure.size()));
        }
    });
    if (call.trouble) return *call.trouble;
    if (progress.cancelled()) return cancelled;
    return std::move(call.readings);
}

void LineReader::readAgain(Recogniser& tesseract, const UniformLine& line, const std::vector<Stretch>& asked,
                           bool numbers, LineReading& reading) const {
    if (!reading.byModel) {
        reading.glyphs = tesseract.recognise(line.image, numbers);
        for (ReadGlyph& glyph : reading.glyphs) glyph.doubted = true;
        return;
    }
    std::vector<ReadGlyph> mended, seconds;
    size_t taken = 0;
    for (const Stretch& part : asked) {
        int left = 0;
        std::vector<ReadGlyph> other = tesseract.recognise(cutOut(line, reading.glyphs, part, left), numbers);
        for (ReadGlyph& glyph : other) glyph.box.translate(left, 0);
        const auto at = [&](size_t k) { return reading.glyphs.begin() + std::ptrdiff_t(k); };
        mended.insert(mended.end(), at(taken), at(part.begin));
        const auto both = weighed({at(part.begin), at(part.end)}, other, m_isWord);
        mended.insert(mended.end(), both.begin(), both.end());
        seconds.insert(seconds.end(), other.begin(), other.end());
        taken = part.end;
    }
    mended.insert(mended.end(), reading.glyphs.begin() + std::ptrdiff_t(taken), reading.glyphs.end());
    reading.glyphs = std::move(mended);
    reading.others.push_back(std::move(seconds));
}

} // namespace eyelid
