#include "reading/reader.h"

#include "base/sentence.h"
#include "base/workers.h"
#include "language/word_lists.h"
#include "picture/geometry.h"
#include "reading/bare_picture.h"
#include "reading/bars.h"
#include "reading/codes.h"
#include "reading/combs.h"
#include "reading/faces.h"
#include "reading/grounds.h"
#include "reading/hue_contrast.h"
#include "reading/illegible.h"
#include "reading/ink_strength.h"
#include "reading/lightness.h"
#include "reading/line_reader.h"
#include "reading/line_text.h"
#include "reading/near_columns.h"
#include "reading/page_text.h"
#include "reading/second_look.h"
#include "reading/shapes.h"
#include "reading/sideways.h"
#include "reading/uniform_line.h"

#include <algorithm>
#include <functional>
#include <optional>
#include <QHash>
#include <QSet>

namespace eyelid {
namespace {

constexpr qsizetype mostRemembered = 60'000; // line pictures; a glyph list is well under a kilobyte
constexpr double barSure = 0.9;              // a bar read so surely is one, as in "yes|no"
constexpr qint64 largestKept = 40'000'000;   // pixels, more than any screen has; of larger pictures nothing is kept

// Two hashes of 64 bits from different seeds: no two lines that are ever met have both in common.
QByteArray fingerprint(const QImage& line, const QString& languages) {
    const size_t size[2] = {size_t(line.width()), size_t(line.height())};
    size_t hashes[2] = {qHash(languages, 0x517cc1b7), qHash(languages, 0x27220a95)};
    for (size_t& hash : hashes) {
        hash = qHashBits(size, sizeof size, hash);
        for (int y = 0; y < line.height(); ++y) hash = qHashBits(line.constScanLine(y), size_t(line.width()), hash);
    }
    return QByteArray(reinterpret_cast<const char*>(hashes), sizeof hashes);
}

void sortFromTop(std::vector<TextLine>& lines) {
    std::stable_sort(lines.begin(), lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
}

// What makeUniform looks at.
QRect placeOf(const QImage& picture, const LinePatch& line) {
    return line.box.adjusted(-linePad, -linePad, linePad, linePad).intersected(picture.rect());
}

// Of all a line's reading depends on but where on the picture it stands.
QByteArray fingerprint(const QImage& picture, const LinePatch& line, const QString& languages) {
    const QRect looked = placeOf(picture, line);
    const QPoint origin = line.box.topLeft();
    const double measures[] = {line.baseline - origin.y(),
                               line.xHeight,
                               (line.lightOnDark ? 1.0 : 0.0) + (line.byHue ? 2.0 : 0.0),
                               double(looked.left() - origin.x()),
                               double(looked.top() - origin.y()),
                               double(looked.width()),
                               double(looked.height()),
                               double(line.box.width()),
                               double(line.box.height())};
    std::vector<int> inks;
    for (const QRect& ink : line.inks)
        inks.insert(inks.end(), {ink.left() - origin.x(), ink.top() - origin.y(), ink.width(), ink.height()});
    for (const QRect& rule : line.rules)
        inks.insert(inks.end(), {rule.left() - origin.x(), rule.top() - origin.y(), rule.width(), rule.height()});
    size_t hashes[2] = {qHash(languages, 0x517cc1b7), qHash(languages, 0x27220a95)};
    for (size_t& hash : hashes) {
        hash = qHashBits(measures, sizeof measures, hash);
        hash = qHashBits(inks.data(), inks.size() * sizeof(int), hash);
        for (int y = looked.top(); y <= looked.bottom(); ++y)
            hash = qHashBits(picture.constScanLine(y) + 4 * looked.left(), 4 * size_t(looked.width()), hash);
    }
    return QByteArray(reinterpret_cast<const char*>(hashes), sizeof hashes);
}

// Of any language that ships.
bool isWord(const QString& word) {
    return WordList::shipped().holds(word);
}

} // namespace

// The word's other readings: each letter that is not vouched for put for another, one at a time.
void keepRunnersUp(Word& word) {
    constexpr qsizetype most = 8;
    qsizetype at = 0;
    for (const Glyph& glyph : word.glyphs) {
        const qsizetype after = at + glyph.text.size();
        if (!glyph.others.isEmpty() && word.alternatives.size() < most)
            word.alternatives << word.text.left(at) + glyph.others.first() + word.text.mid(after);
        at = after;
    }
}

class Reader::Engines {
public:
    explicit Engines(int threads) : m_count(threads > 0 ? size_t(threads) : coreCount()), m_lines(m_count, isWord) {}

    Result<Page> read(const QImage& whole, const ReadOptions& options, Progress& progress) {
        const QRect all(QPoint(0, 0), whole.size());
        const QRect area = options.area.isEmpty() ? all : options.area.intersected(all);
        if (area.isEmpty()) return Error{Error::Kind::BadInput, Tr::tr("The area to read lies outside the picture.")};
        const QImage picture = (area == all ? whole : whole.copy(area)).convertToFormat(QImage::Format_RGB32);

        if (options.languages == QLatin1String("auto")) return readTold(whole, options, progress);
        auto languages = options.languages == m_asked ? Result<QString>(m_checked) : checkLanguages(options.languages);
        if (!languages) return languages.error();
        m_asked = options.languages;
        m_checked = *languages;

        // Before anything is looked up in it: what this page needs stays.
        if (m_remembered.size() > mostRemembered) m_remembered.clear();
        const bool numbers = options.content == ReadOptions::Content::Numbers;
        // Loading an engine takes as long as finding the lines: both at once.
        m_lines.prepare(*languages, numbers);

        Page page;
        page.size = whole.size();
        page.languages = *languages;
        progress.setDoing(Tr::tr("Finding lines"));
        const QImage lightness = lightnessOf(picture);
        const HueContrast contrast = m_hue.at(picture, lightness);
        std::vector<LinePatch> patches =
            findLines(contrast.levels, m_strength, options.faint ? faintInk : plainInk, m_count > 1);
        for (LinePatch& patch : patches) patch.byHue = contrast.holds(patch.box);
        if (options.content == ReadOptions::Content::OneLine) patches = asOneLine(std::move(patches));
        if (progress.cancelled()) return cancelledError();
        if (options.sideways && options.content == ReadOptions::Content::Any) {
            auto sideways = readSideways(picture, patches, *languages, progress);
            if (!sideways) return sideways.error();
            page.lines = std::move(*sideways);
            for (TextLine& line : page.lines) shift(line, area.topLeft());
        }
        const QString reader = numbers ? *languages + QLatin1Char('#') : *languages;
        std::vector<Job> jobs = jobsFor(picture, patches, reader);
        if (progress.cancelled()) return cancelledError();
        if (auto read = readUnread(jobs, *languages, numbers, progress); !read) return read.error();
        std::vector<ReadLine> read;
        for (size_t i = 0; i < patches.size(); ++i)
            read.push_back({&patches[i], &jobs[i].uniform, &m_remembered.constFind(jobs[i].key)->glyphs});
        // Codes and faces are looked for beside what is left to do.
        std::optional<Search> search;
        if (options.content == ReadOptions::Content::Any && (options.codes || options.faces))
            search.emplace(*this, picture, lightness, read, options.codes, options.faces);
        std::vector<TextLine> lines = linesFrom(jobs, read, numbers);
        // Faint ink and figures are read for what may be there; what is no text then is nobody's loss.
        if (!options.faint && options.content == ReadOptions::Content::Any)
            for (size_t i = 0; i < lines.size(); ++i)
                if (isIllegible(patches[i], lines[i]))
                    page.illegible.push_back(QRectF(patches[i].box.translated(area.topLeft())));
        dropFrames(lines);
        for (TextLine& line : lines) {
            addEdgesAround(picture, line);
            if (area.topLeft() != QPoint(0, 0)) shift(line, area.topLeft());
            page.lines.push_back(std::move(line));
        }
        joinSelected(page.lines);
        joinCombs(page.lines);
        sortFromTop(page.lines);
        if (partNearColumns(page.lines)) sortFromTop(page.lines);
        if (search) search->finish(page, area.topLeft());
        if (qint64(picture.width()) * picture.height() > largestKept) {
            m_strength = {};
            m_hue = {};
            m_searched = {};
            m_known.clear();
        }
        progress.setFraction(1);
        return page;
    }

private:
    // A line of the last reading, by what is drawn there: what follows from that alone, wherever it stands.
    struct KnownLine {
        UniformLine uniform;
        QByteArray key; // into m_remembered
        LineShapes shapes;
    };

    // One line of the page that is read.
    struct Job {
        UniformLine uniform;
        QByteArray drawn, key;
        std::shared_ptr<const KnownLine> known; // null until it is read
    };

    void inParallel(size_t count, const std::function<void(size_t)>& work) const { m_lines.inParallel(count, work); }

    // Lines drawn as on the last page are not made uniform again.
    std::vector<Job> jobsFor(const QImage& picture, const std::vector<LinePatch>& patches, const QString& reader) {
        std::vector<Job> jobs(patches.size());
        inParallel(patches.size(), [&](size_t i) {
            Job& job = jobs[i];
            job.drawn = fingerprint(picture, patches[i], reader);
            job.known = m_known.value(job.drawn);
            if (job.known) {
                job.uniform = job.known->uniform;
                job.uniform.moveTo(placeOf(picture, patches[i]).topLeft());
                job.key = job.known->key;
            } else {
                job.uniform = makeUniform(picture, patches[i]);
                job.key = fingerprint(job.uniform.image, reader);
            }
        });
        return jobs;
    }

    // Afterwards every line's reading is remembered.
    Result<Done> readUnread(const std::vector<Job>& jobs, const QString& languages, bool numbers, Progress& progress) {
        std::vector<const Job*> todo; // one line of each picture not read before
        QSet<QByteArray> queued;
        for (const Job& job : jobs)
            if (!m_remembered.contains(job.key) && !queued.contains(job.key)) {
                queued.insert(job.key);
                todo.push_back(&job);
            }
        std::vector<const UniformLine*> unread;
        for (const Job* job : todo) unread.push_back(&job->uniform);
        auto readings = m_lines.read(unread, languages, numbers, progress);
        if (!readings) return readings.error();
        for (size_t i = 0; i < todo.size(); ++i) {
            if (progress.cancelled()) return cancelledError();
            m_remembered.insert(todo[i]->key, std::move((*readings)[i]));
        }
        return Done{};
    }

    // What was read, mended by the shapes of the letters; a line without words where nothing was read.
    std::vector<TextLine> linesFrom(std::vector<Job>& jobs, const std::vector<ReadLine>& read, bool numbers) {
        const Workers workers = [this](size_t count, const std::function<void(size_t)>& work) {
            inParallel(count, work);
        };
        std::vector<size_t> fresh;
        for (size_t i = 0; i < jobs.size(); ++i)
            if (!jobs[i].known) fresh.push_back(i);
        inParallel(fresh.size(), [&](size_t n) {
            Job& job = jobs[fresh[n]];
            job.known = std::make_shared<KnownLine>(KnownLine{job.uniform, job.key, shapesOf(read[fresh[n]], isWord)});
        });
        std::vector<ShapedLine> shaped;
        m_known.clear();
        for (size_t i = 0; i < jobs.size(); ++i) {
            shaped.push_back({read[i], &jobs[i].known->shapes});
            m_known.insert(jobs[i].drawn, jobs[i].known);
        }
        const std::vector<std::vector<ReadGlyph>> glyphs = mendByShape(shaped, isWord, workers);
        std::vector<TextLine> lines(jobs.size());
        inParallel(jobs.size(), [&](size_t i) {
            if (!glyphs[i].empty()) lines[i] = finished(jobs[i], *read[i].patch, glyphs[i], numbers);
        });
        return lines;
    }

    // Bars that stand for letters are told, and what else each word could be.
    TextLine finished(const Job& job, const LinePatch& patch, const std::vector<ReadGlyph>& glyphs,
                      bool numbers) const {
        TextLine line = lineOfText(patch, glyphs, job.uniform, numbers);
        for (size_t w = 0; w < line.words.size(); ++w) {
            Word& word = line.words[w];
            const bool leads = w == 0 || (w + 1 < line.words.size() && line.words[w + 1].text[0].isUpper());
            QChar bar = firstBar(word.text, leads);
            // A lone bar as high as a capital, among words.
            if (word.text == QLatin1String("|") && line.words.size() > 2 &&
                word.box.bottom() < line.baseline + 0.1 * line.xHeight)
                bar = u'I';
            if (!bar.isNull()) {
                word.glyphs.front().others.prepend(word.text.left(1));
                word.text[0] = bar;
                word.glyphs.front().text = bar;
            }
            for (size_t g = 0; g < word.glyphs.size() && word.glyphs.size() == size_t(word.text.size()); ++g) {
                const QChar letter = innerBar(word.text, qsizetype(g));
                if (letter.isNull() || word.glyphs[g].confidence > barSure) continue;
                word.glyphs[g].others.prepend(word.glyphs[g].text);
                word.text[qsizetype(g)] = letter;
                word.glyphs[g].text = letter;
            }
            keepRunnersUp(word);
        }
        const UniformLine& uniform = job.uniform;
        for (const std::vector<ReadGlyph>& other : m_remembered.constFind(job.key)->others)
            keepReading(line, other, [&](double x) { return x / uniform.scale + uniform.offset.x(); });
        return line;
    }

    // The last picture that was searched for codes and faces, and what was found on it.
    struct Searched {
        QImage bare;
        std::optional<std::vector<Code>> codes;
        std::optional<std::vector<Face>> faces;
    };

    // A search on threads of its own; nothing is searched that was the last time. What `lines` points to must stay
    // until it has ended.
    class Search {
    public:
        Search(Engines& engines, const QImage& picture, const QImage& lightness, std::vector<ReadLine> lines,
               bool codes, bool faces)
            : m_last(engines.m_searched), m_wantsCodes(codes), m_wantsFaces(faces) {
            // One thread was asked for: then it is all done when it is waited for.
            const auto when = engines.m_count <= 1 ? SharedJob::When::WhenNeeded : SharedJob::When::Beside;
            auto search = [this, when, picture, lightness, read = std::move(lines)] {
                if (QImage bare = barePicture(lightness, read); m_last.bare != bare) m_last = {std::move(bare), {}, {}};
                Beside<std::vector<Face>> found;
                if (m_wantsFaces && !m_last.faces)
                    found = Beside<std::vector<Face>>(
                        [bare = m_last.bare, picture] { return findFaces(bare, picture); }, when);
                if (m_wantsCodes && !m_last.codes) m_last.codes = findCodes(m_last.bare);
                if (found.valid()) m_last.faces = found.get();
            };
            m_search = SharedJob(std::move(search), when);
        }
        /// `origin`: where on the page's picture the one that was searched lies.
        void finish(Page& page, const QPointF& origin) {
            m_search.finish();
            if (m_wantsCodes) page.codes = *m_last.codes;
            if (m_wantsFaces) page.faces = *m_last.faces;
            for (Code& code : page.codes) {
                code.box.translate(origin);
                code.corners.translate(origin);
            }
            for (Face& face : page.faces) face.box.translate(origin);
        }

    private:
        Searched& m_last;
        const bool m_wantsCodes, m_wantsFaces;
        SharedJob m_search; // the last, so that it ends before the rest goes
    };

    // The languages that are here and known by their common words.
    static QStringList tellable() {
        QStringList all;
        for (const QString& code : listedLanguages())
            if (installedLanguages().contains(code)) all << code;
        return all;
    }

    Result<Page> readTold(const QImage& whole, ReadOptions options, Progress& progress) {
        const QStringList among = tellable();
        options.languages = among.isEmpty() ? QStringLiteral("eng") : among.first();
        // Lines alone tell it; those read already are not read again.
        ReadOptions lines = options;
        lines.codes = lines.faces = lines.sideways = false;
        auto first = read(whole, lines, progress);
        if (!first) return first;
        if (const QString language = languageOf(*first, among); !language.isEmpty()) options.languages = language;
        return read(whole, options, progress);
    }

    static std::vector<LinePatch> asOneLine(std::vector<LinePatch> patches) {
        if (patches.size() < 2) return patches;
        // The measures of its longest part.
        LinePatch line = *std::max_element(patches.begin(), patches.end(), [](const LinePatch& a, const LinePatch& b) {
            return a.inks.size() < b.inks.size();
        });
        const bool light = line.lightOnDark;
        line.inks.clear();
        line.box = {};
        for (const LinePatch& p : patches) {
            if (p.lightOnDark != light) continue;
            line.inks.insert(line.inks.end(), p.inks.begin(), p.inks.end());
            line.box = line.box.united(p.box);
        }
        std::sort(line.inks.begin(), line.inks.end(),
                  [](const QRect& a, const QRect& b) { return a.left() < b.left(); });
        return {line};
    }

    // One way of turning the picture, and what its lines read.
    struct Turn {
        int turned;
        std::vector<SidewaysLine> lines;
        std::vector<double> sure; // by line: the mean of its glyphs, 0 where it is too short
        double whole = 0;         // over all of them, by glyph
    };

    Result<Turn> readTurned(const QImage& picture, const std::vector<LinePatch>& patches, int turned,
                            const QString& languages) {
        Turn turn{turned, sidewaysLines(picture, patches, turned), {}, 0};
        std::vector<Job> jobs(turn.lines.size());
        for (size_t i = 0; i < jobs.size(); ++i) {
            jobs[i].uniform = turn.lines[i].uniform;
            jobs[i].key = fingerprint(jobs[i].uniform.image, languages);
        }
        Progress own; // these lines say little of how far the page is
        if (auto read = readUnread(jobs, languages, false, own); !read) return read.error();
        for (const Job& job : jobs) {
            const std::vector<ReadGlyph>& glyphs = m_remembered.constFind(job.key)->glyphs;
            double sum = 0;
            for (const ReadGlyph& g : glyphs) sum += g.confidence;
            turn.sure.push_back(glyphs.size() < 3 ? 0 : sum / double(glyphs.size()));
            turn.whole += sum;
        }
        return turn;
    }

    // Text that runs up or down. What is read is taken out of `patches`.
    Result<std::vector<TextLine>> readSideways(const QImage& picture, std::vector<LinePatch>& patches,
                                               const QString& languages, const Progress& progress) {
        constexpr double leastSure = 0.75; // less is chance
        std::vector<TextLine> lines;
        if (columnsOfLetters(patches).empty()) return lines;
        auto down = readTurned(picture, patches, 90, languages);
        if (!down) return down.error();
        if (progress.cancelled()) return cancelledError();
        auto up = readTurned(picture, patches, 270, languages);
        if (!up) return up.error();
        // What reads well both ways runs as the rest of the page does.
        const bool mostlyUp = up->whole > down->whole;
        std::vector<QRect> places;
        for (const Turn* turn : {mostlyUp ? &*up : &*down, mostlyUp ? &*down : &*up}) {
            const Turn& other = turn == &*up ? *down : *up;
            std::vector<ReadLine> read;
            for (size_t i = 0; i < turn->lines.size(); ++i) {
                const SidewaysLine& line = turn->lines[i];
                if (turn->sure[i] < leastSure || isTaken(line.place, places)) continue;
                const auto better = [&](size_t j) {
                    return other.sure[j] > turn->sure[i] + clearlySurer &&
                           shareUnder(QRectF(line.place), {other.lines[j].place}) > samePlace;
                };
                bool beaten = false;
                for (size_t j = 0; j < other.lines.size() && !beaten; ++j) beaten = better(j);
                if (beaten) continue;
                places.push_back(line.place);
                const QByteArray key = fingerprint(line.uniform.image, languages);
                read.push_back({&line.patch, &line.uniform, &m_remembered.constFind(key)->glyphs});
            }
            addTurned(read, turn->turned, picture.size().transposed(), lines);
        }
        takeOut(patches, places);
        return lines;
    }

    static constexpr double clearlySurer = 0.05, samePlace = 0.5; // of a line's box

    static bool isTaken(const QRect& place, const std::vector<QRect>& places) {
        return std::any_of(places.begin(), places.end(),
                           [&](const QRect& p) { return shareUnder(QRectF(place), {p}) > samePlace; });
    }

    static void addTurned(const std::vector<ReadLine>& read, int turned, const QSize& upright,
                          std::vector<TextLine>& lines) {
        std::vector<ShapedLine> shaped;
        for (const ReadLine& line : read) shaped.push_back({line, nullptr});
        const auto glyphs = mendByShape(shaped, isWord);
        for (size_t i = 0; i < read.size(); ++i) {
            if (glyphs[i].empty()) continue;
            TextLine line = lineOfText(*read[i].patch, glyphs[i], *read[i].uniform);
            line.turned = turned;
            turnBack(line, turned, upright);
            lines.push_back(std::move(line));
        }
    }

    static Error cancelledError() { return {Error::Kind::Cancelled, Tr::tr("Reading was stopped.")}; }

    static void shift(TextLine& line, QPointF by) {
        line.box.translate(by);
        line.baseline += by.y();
        for (QRectF& rule : line.rules) rule.translate(by);
        for (Word& word : line.words) {
            word.box.translate(by);
            for (Glyph& glyph : word.glyphs) glyph.box.translate(by);
        }
    }

    size_t m_count;
    LineReader m_lines;
    QString m_asked, m_checked; // languages that are here
    QHash<QByteArray, LineReading> m_remembered;
    QHash<QByteArray, std::shared_ptr<const KnownLine>> m_known;
    Searched m_searched;
    InkStrength m_strength; // of the last picture
    HueLook m_hue;          // of the same
};

Reader::Reader(int threads) : m_engines(std::make_unique<Engines>(threads)) {}
Reader::~Reader() = default;

Result<Page> Reader::read(const QImage& picture, const ReadOptions& options, Progress& progress) {
    return m_engines->read(picture, options, progress);
}

} // namespace eyelid
