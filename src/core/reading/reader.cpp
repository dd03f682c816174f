#include "reading/reader.h"

#include "base/sentence.h"
#include "base/shipped.h"
#include "base/workers.h"
#include "reading/bare_picture.h"
#include "reading/codes.h"
#include "reading/faces.h"
#include "reading/ink_strength.h"
#include "reading/lightness.h"
#include "reading/uniform_line.h"
#include "reading/line_reader.h"
#include "reading/page_text.h"
#include "reading/second_look.h"
#include "reading/shapes.h"

#include <algorithm>
#include <cerrno>
#include <cstring>
#include <dirent.h>
#include <future>
#include <optional>
#include <QDir>
#include <QFileInfo>
#include <QHash>
#include <QSet>

namespace eyelid {
namespace {

constexpr qsizetype mostRemembered = 60'000; // line pictures; a glyph list is well under a kilobyte
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

// What makeUniform looks at.
QRect placeOf(const QImage& picture, const LinePatch& line) {
    return line.box.adjusted(-linePad, -linePad, linePad, linePad).intersected(picture.rect());
}

// Of all a line's reading depends on but where on the picture it stands.
QByteArray fingerprint(const QImage& picture, const LinePatch& line, const QString& languages) {
    const QRect looked = placeOf(picture, line);
    const QPoint origin = line.box.topLeft();
    const double measures[] = {line.baseline - origin.y(),        line.xHeight,
                               line.lightOnDark ? 1.0 : 0.0,      double(looked.left() - origin.x()),
                               double(looked.top() - origin.y()), double(looked.width()),
                               double(looked.height()),           double(line.box.width()),
                               double(line.box.height())};
    std::vector<int> inks;
    for (const QRect& ink : line.inks)
        inks.insert(inks.end(), {ink.left() - origin.x(), ink.top() - origin.y(), ink.width(), ink.height()});
    size_t hashes[2] = {qHash(languages, 0x517cc1b7), qHash(languages, 0x27220a95)};
    for (size_t& hash : hashes) {
        hash = qHashBits(measures, sizeof measures, hash);
        hash = qHashBits(inks.data(), inks.size() * sizeof(int), hash);
        for (int y = looked.top(); y <= looked.bottom(); ++y)
            hash = qHashBits(picture.constScanLine(y) + 4 * looked.left(), 4 * size_t(looked.width()), hash);
    }
    return QByteArray(reinterpret_cast<const char*>(hashes), sizeof hashes);
}

// The columns of a line that carry ink, and the gaps between them.
class Columns {
public:
    explicit Columns(const LinePatch& line) : m_left(line.box.left()), m_ink(size_t(line.box.width() + 1), 0) {
        for (const QRect& ink : line.inks)
            for (int x = ink.left(); x <= ink.right(); ++x) m_ink[size_t(x - m_left)] = 1;
    }
    /// The middle of the widest gap that touches [from, to]; the middle of the range where there is none.
    double split(double from, double to) const {
        int best = 0;
        double at = (from + to) / 2;
        int start = -1;
        const int last = int(m_ink.size()) - 1;
        for (int i = std::max(0, int(from) - m_left); i <= std::min(last, int(to) - m_left + 1); ++i) {
            const bool gap = !m_ink[size_t(i)];
            if (gap && start < 0) start = i;
            if (start >= 0 && (!gap || i == std::min(last, int(to) - m_left + 1))) {
                const int length = (gap ? i + 1 : i) - start;
                if (length > best) {
                    best = length;
                    at = m_left + start + length / 2.0;
                }
                start = -1;
            }
        }
        return at;
    }

    /// Pixels of the widest gap that touches [from, to].
    int widestGap(double from, double to) const {
        int best = 0, run = 0;
        for (int x = int(from); x <= int(to); ++x) {
            run = inkAt(x) ? 0 : run + 1;
            best = std::max(best, run);
        }
        return best;
    }
    /// Moves both borders inwards to the ink between them; not at all where there is none.
    void tighten(double& from, double& to) const {
        int first = int(std::ceil(from - 0.5)), last = int(std::floor(to + 0.5)) - 1;
        while (first <= last && !inkAt(first)) ++first;
        while (last >= first && !inkAt(last)) --last;
        if (first > last) return;
        from = std::max(from, double(first));
        to = std::min(to, double(last + 1));
    }
    /// True when the columns directly left and right of [left, right] carry no ink.
    bool gapBeside(int left, int right) const { return !inkAt(left - 1) && !inkAt(right + 1); }

private:
    bool inkAt(int x) const { return x >= m_left && size_t(x - m_left) < m_ink.size() && m_ink[size_t(x - m_left)]; }

    int m_left;
    std::vector<char> m_ink;
};

QRectF inkBetween(const LinePatch& line, double from, double to) {
    QRectF box;
    for (const QRect& ink : line.inks) {
        const double left = std::max<double>(ink.left(), from), right = std::min<double>(ink.right() + 1, to);
        if (right - left < 0.5) continue;
        // A piece that merely looks in over the edge belongs to the neighbour.
        if (right - left < 0.2 * ink.width() && right - left < 1.5) continue;
        const QRectF part(left, ink.top(), right - left, ink.height());
        box = box.isNull() ? part : box.united(part);
    }
    return box;
}

double median(std::vector<double> values) {
    std::nth_element(values.begin(), values.begin() + long(values.size() / 2), values.end());
    return values[values.size() / 2];
}

// Puts right what the library's own splitting into words gets wrong on screens: spaces where narrow letters stand in
// type of one pitch, and full stops taken for spaces.
std::vector<ReadGlyph> mendSpaces(const LinePatch& patch, std::vector<ReadGlyph> glyphs, const UniformLine& uniform,
                                  bool numbers) {
    if (glyphs.size() < 2) return glyphs;
    const auto centre = [&](const ReadGlyph& g) { return g.box.center().x() / uniform.scale + uniform.offset.x(); };
    std::vector<double> steps;
    for (size_t i = 1; i < glyphs.size(); ++i)
        if (!glyphs[i].startsWord) steps.push_back(centre(glyphs[i]) - centre(glyphs[i - 1]));
    if (steps.empty()) return glyphs;
    const double pitch = median(steps);
    // In type of one pitch all letters stand on one grid, also across spaces. A few may do so by chance.
    double even = 0;
    for (size_t i = 1; i < glyphs.size(); ++i) {
        const double cells = (centre(glyphs[i]) - centre(glyphs[i - 1])) / pitch;
        even += cells > 0.6 && std::abs(cells - std::round(cells)) < 0.17;
    }
    const bool enough = glyphs.size() >= 15;
    const double most = double(glyphs.size() - 1);
    const bool onePitch = glyphs.size() >= 9 && (enough ? even > 0.9 * most : even >= most);
    const Columns columns(patch);
    std::vector<ReadGlyph> mended{glyphs[0]};
    for (size_t i = 1; i < glyphs.size(); ++i) {
        ReadGlyph glyph = glyphs[i];
        if (glyph.startsWord) {
            const double from = centre(mended.back()), to = centre(glyph);
            const bool marked = [&] {
                // A dot on the baseline between the two that no glyph stands for.
                const QChar last = glyphs[i - 1].text.back();
                if (!last.isLetterOrNumber() || !glyph.text[0].isLetterOrNumber()) return false;
                for (const QRect& ink : patch.inks) {
                    const double x = ink.left() + ink.width() / 2.0;
                    if (x < from + 0.25 * pitch || x > to - 0.25 * pitch) continue;
                    if (ink.height() > 0.45 * patch.xHeight + 1 || ink.width() > 0.45 * patch.xHeight + 1) continue;
                    if (std::abs(ink.bottom() + 1 - patch.baseline) > 0.25 * patch.xHeight + 1) continue;
                    // Space on both sides of it: otherwise it is the foot of a letter.
                    return columns.gapBeside(ink.left(), ink.right());
                }
                return false;
            }();
            if (marked) {
                ReadGlyph dot = glyph;
                dot.text = QStringLiteral(".");
                dot.startsWord = false;
                dot.confidence = 0.5;
                const double x = (from + to) / 2;
                dot.box = QRectF((x - uniform.offset.x()) * uniform.scale - 1, glyph.box.y(), 2, glyph.box.height());
                mended.push_back(dot);
                // "postfach.example", but "end. Next".
                const double after = columns.widestGap(x, to);
                glyph.startsWord = onePitch ? to - x > 1.7 * pitch : after > 0.6 * patch.xHeight;
            } else if (onePitch) {
                glyph.startsWord = to - from > 1.6 * pitch; // a space leaves a whole cell empty
            } else {
                glyph.startsWord = columns.widestGap(from, to) > (glyph.spaceBefore > 0.9 ? 0.2 : 0.24) * patch.xHeight;
            }
        } else {
            // And the other way round: digits in groups are often read as one number.
            const double from = centre(mended.back()), to = centre(glyph);
            const QChar left = mended.back().text.back(), right = glyph.text[0];
            const double least = glyph.spaceBefore > 0.05              ? 0.3
                                 : numbers                             ? 0.45
                                 : left == u':'                        ? 0.42
                                 : left.isLower() && right.isUpper()   ? 0.36
                                 : !enough                             ? 0.85
                                 : left.isLetter() && right.isLetter() ? 0.5
                                                                       : 0.64;
            glyph.startsWord = onePitch ? to - from > 1.6 * pitch : columns.widestGap(from, to) > least * patch.xHeight;
        }
        mended.push_back(std::move(glyph));
    }
    return mended;
}

TextLine assemble(const LinePatch& patch, const std::vector<ReadGlyph>& read, const UniformLine& uniform,
                  bool numbers = false) {
    const std::vector<ReadGlyph> glyphs = mendSpaces(patch, read, uniform, numbers);
    TextLine line;
    line.box = QRectF(patch.box);
    line.baseline = patch.baseline;
    line.xHeight = patch.xHeight;
    line.lightOnDark = patch.lightOnDark;
    const auto toX = [&](double x) { return x / uniform.scale + uniform.offset.x(); };
    for (const ReadGlyph& g : glyphs) {
        if (g.startsWord || line.words.empty()) line.words.emplace_back();
        Glyph glyph{g.text,
                    QRectF(toX(g.box.left()), patch.box.top(), g.box.width() / uniform.scale, patch.box.height()),
                    g.confidence, g.exact, g.others};
        line.words.back().glyphs.push_back(glyph);
    }
    // The library says only roughly where a glyph stands; the ink says exactly where words part.
    const Columns columns(patch);
    std::vector<double> edges;
    edges.push_back(patch.box.left());
    for (size_t i = 1; i < line.words.size(); ++i) {
        const double end = line.words[i - 1].glyphs.back().box.center().x();
        const double start = line.words[i].glyphs.front().box.center().x();
        edges.push_back(columns.split(std::min(end, start), std::max(end, start)));
    }
    edges.push_back(patch.box.right() + 1);
    for (size_t i = 0; i < line.words.size(); ++i) {
        Word& word = line.words[i];
        word.box = inkBetween(patch, edges[i], edges[i + 1]);
        if (word.box.isNull())
            word.box = QRectF(edges[i], patch.box.top(), std::max(1.0, edges[i + 1] - edges[i]), patch.box.height());
        word.confidence = 1;
        // Glyph borders: midway between the centres the library gives, moved to a gap in the ink where there is one.
        double left = word.box.left();
        for (size_t g = 0; g < word.glyphs.size(); ++g) {
            Glyph& glyph = word.glyphs[g];
            double right = word.box.right();
            if (g + 1 < word.glyphs.size()) {
                const double a = glyph.box.center().x(), b = word.glyphs[g + 1].box.center().x();
                right = std::clamp(columns.split(std::min(a, b), std::max(a, b)), left, word.box.right());
            }
            double from = left, to = std::max(left, right);
            columns.tighten(from, to);
            glyph.box = QRectF(from, word.box.top(), to - from, word.box.height());
            left = right;
            word.text += glyph.text;
            word.confidence = std::min(word.confidence, glyph.confidence);
        }
    }
    return line;
}

// A bar that stands for a letter is told by its neighbours where the type draws I and l alike.
class Bars {
public:
    explicit Bars(const QSet<QString>& words) : m_words(words) {
        for (const QString& name : shippedLines(QStringLiteral("names/given.txt")))
            if (name.startsWith(QLatin1Char('i'), Qt::CaseInsensitive)) m_names.insert(name.toLower());
    }
    /// What a word's first letter should be, or null where there is nothing to put right.
    /// `leads`: it stands where a capital is written, at the start of a line or before a word that begins with one.
    QChar first(const QString& word, bool leads) const {
        qsizetype from = 0, to = word.size();
        while (from < to && !word[from].isLetterOrNumber()) ++from;
        if (from > 0) return {};
        while (to > 0 && !word[to - 1].isLetterOrNumber()) --to;
        const QString core = word.left(to);
        if (core.size() < 3) return {};
        const QString rest = core.mid(1);
        const bool small = rest == rest.toLower();
        if (core[0] == u'I' && small && word.contains(u'@')) return u'l'; // mail addresses are written small
        if (core[0] != u'l' || !small || m_words.contains(core)) return {};
        for (const QChar c : rest)
            if (!c.isLetter()) return {};
        static const QString afterI = QStringLiteral("bcdfgmnrstvz");
        if (leads || m_names.contains(u'i' + rest) || m_words.contains(u'i' + rest) || afterI.contains(rest[0]))
            return u'I';
        return {};
    }

private:
    const QSet<QString>& m_words;
    QSet<QString> m_names;
};

QString packageFor(const QString& language) {
    return QStringLiteral("tesseract-ocr-%1").arg(QString(language).replace(QLatin1Char('_'), QLatin1Char('-')));
}

bool canBeListed(const QString& folder) {
    DIR* list = ::opendir(folder.toLocal8Bit().constData());
    if (list) ::closedir(list);
    return list != nullptr;
}

} // namespace

QStringList installedLanguages() {
    QStringList names;
    for (const QString& file :
         QDir(languageFolder()).entryList({QStringLiteral("*.traineddata")}, QDir::Files, QDir::Name)) {
        const QString name = file.section(QLatin1Char('.'), 0, 0);
        if (name != QLatin1String("osd")) names << name;
    }
    return names;
}

Result<QString> checkLanguages(const QString& asked) {
    QStringList codes;
    for (const QString& part : asked.split(QLatin1Char('+'), Qt::SkipEmptyParts))
        if (const QString code = part.trimmed(); !code.isEmpty() && !codes.contains(code)) codes << code;
    if (codes.isEmpty())
        return Error{Error::Kind::BadInput,
                     QStringLiteral("No language is named; name one such as eng, or several joined by +.")};
    // A folder that cannot be listed says nothing about what is in it.
    if (const QString folder = languageFolder(); QFileInfo(folder).isDir() && !canBeListed(folder))
        return Error{Error::Kind::NotReadable, sentence(u"The folder of languages, %1, cannot be read: %2.", folder,
                                                        QString::fromLocal8Bit(std::strerror(errno)).toLower())};
    const QStringList installed = installedLanguages();
    for (const QString& code : codes)
        if (!installed.contains(code))
            return Error{Error::Kind::Missing,
                         sentence(u"The language \"%1\" is not installed; the package %2 brings it. Installed: %3.",
                                  code, packageFor(code), installed.join(QStringLiteral(", ")))};
    return codes.join(QLatin1Char('+'));
}

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
    explicit Engines(int threads)
        : m_count(threads > 0 ? size_t(threads) : coreCount()),
          m_lines(m_count, [this](const QString& word) { return m_words.contains(word); }) {
        for (const char* file : {"words/eng.txt", "words/deu.txt", "words/fra.txt", "words/spa.txt"})
            for (const QString& word : shippedLines(QString::fromLatin1(file))) m_words.insert(word);
    }

    Result<Page> read(const QImage& whole, const ReadOptions& options, Progress& progress) {
        const QRect all(QPoint(0, 0), whole.size());
        const QRect area = options.area.isEmpty() ? all : options.area.intersected(all);
        if (area.isEmpty())
            return Error{Error::Kind::BadInput, QStringLiteral("The area to read lies outside the picture.")};
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
        progress.setDoing(QStringLiteral("Finding lines"));
        const QImage lightness = lightnessOf(picture);
        std::vector<LinePatch> patches =
            findLines(lightness, m_strength, options.faint ? faintInk : plainInk, m_count > 1);
        if (options.content == ReadOptions::Content::OneLine) patches = asOneLine(std::move(patches));
        if (progress.cancelled()) return cancelledError();
        if (options.sideways && options.content == ReadOptions::Content::Any) {
            auto sideways = readSideways(picture, patches, *languages, progress);
            if (!sideways) return sideways.error();
            page.lines = std::move(*sideways);
            for (TextLine& line : page.lines) shift(line, area.topLeft());
        }
        struct Job {
            UniformLine uniform;
            QByteArray drawn, key;
            std::shared_ptr<const KnownLine> known; // null until it is read
        };
        const QString reader = numbers ? *languages + QLatin1Char('#') : *languages;
        std::vector<Job> jobs(patches.size());
        std::vector<size_t> todo; // one line of each picture not read before
        QSet<QByteArray> queued;
        const Workers inParallel = [this](size_t count, const std::function<void(size_t)>& work) {
            m_lines.inParallel(count, work);
        };
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
        for (size_t i = 0; i < patches.size(); ++i) {
            if (!m_remembered.contains(jobs[i].key) && !queued.contains(jobs[i].key)) {
                queued.insert(jobs[i].key);
                todo.push_back(i);
            }
            if (progress.cancelled()) return cancelledError();
        }
        const auto isWord = [this](const QString& word) { return m_words.contains(word); };
        std::vector<const UniformLine*> unread;
        for (const size_t i : todo) unread.push_back(&jobs[i].uniform);
        auto readings = m_lines.read(unread, *languages, numbers, progress);
        if (!readings) return readings.error();
        for (size_t i = 0; i < todo.size(); ++i) {
            if (progress.cancelled()) return cancelledError();
            m_remembered.insert(jobs[todo[i]].key, std::move((*readings)[i]));
        }
        std::vector<ReadLine> read;
        for (size_t i = 0; i < patches.size(); ++i)
            read.push_back({&patches[i], &jobs[i].uniform, &m_remembered.constFind(jobs[i].key)->glyphs});
        // Codes and faces are looked for beside what is left to do.
        std::optional<Search> search;
        if (options.content == ReadOptions::Content::Any && (options.codes || options.faces))
            search.emplace(*this, lightness, read, options.codes, options.faces);
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
        const std::vector<std::vector<ReadGlyph>> glyphs = mendByShape(shaped, isWord, inParallel);
        std::vector<TextLine> assembled(patches.size());
        inParallel(patches.size(), [&](size_t i) {
            if (glyphs[i].empty()) return;
            TextLine line = assemble(patches[i], glyphs[i], jobs[i].uniform, numbers);
            for (size_t w = 0; w < line.words.size(); ++w) {
                Word& word = line.words[w];
                const bool leads = w == 0 || (w + 1 < line.words.size() && line.words[w + 1].text[0].isUpper());
                QChar bar = m_bars.first(word.text, leads);
                // A lone bar as high as a capital, among words.
                if (word.text == QLatin1String("|") && line.words.size() > 2 &&
                    word.box.bottom() < line.baseline + 0.1 * line.xHeight)
                    bar = u'I';
                if (!bar.isNull()) {
                    word.glyphs.front().others.prepend(word.text.left(1));
                    word.text[0] = bar;
                    word.glyphs.front().text = bar;
                }
                keepRunnersUp(word);
            }
            const UniformLine& uniform = jobs[i].uniform;
            for (const std::vector<ReadGlyph>& other : m_remembered.constFind(jobs[i].key)->others)
                keepReading(line, other, [&](double x) { return x / uniform.scale + uniform.offset.x(); });
            if (area.topLeft() != QPoint(0, 0)) shift(line, area.topLeft());
            assembled[i] = std::move(line);
        });
        for (size_t i = 0; i < patches.size(); ++i)
            if (!glyphs[i].empty()) page.lines.push_back(std::move(assembled[i]));
        if (page.lines.size() > 1)
            std::stable_sort(page.lines.begin(), page.lines.end(), [](const TextLine& a, const TextLine& b) {
                return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
            });
        if (search) {
            search->finish(page.codes, page.faces);
            for (Code& code : page.codes) {
                code.box.translate(area.topLeft());
                code.corners.translate(area.topLeft());
            }
            for (QRectF& face : page.faces) face.translate(area.topLeft());
        }
        if (qint64(picture.width()) * picture.height() > largestKept) {
            m_strength = {};
            m_searched = {};
            m_known.clear();
        }
        progress.setFraction(1);
        return page;
    }

private:
    // The last picture that was searched for codes and faces, and what was found on it.
    struct Searched {
        QImage bare;
        std::optional<std::vector<Code>> codes;
        std::optional<std::vector<QRectF>> faces;
    };

    // A line of the last reading, by what is drawn there: what follows from that alone, wherever it stands.
    struct KnownLine {
        UniformLine uniform;
        QByteArray key; // into m_remembered
        LineShapes shapes;
    };

    // A search on threads of its own; nothing is searched that was the last time. What `lines` points to must stay
    // until it has ended.
    class Search {
    public:
        Search(Engines& engines, const QImage& lightness, std::vector<ReadLine> lines, bool codes, bool faces)
            : m_last(engines.m_searched), m_wantsCodes(codes), m_wantsFaces(faces) {
            // One thread was asked for: then it is all done when it is waited for.
            const bool alone = engines.m_count <= 1;
            auto search = [this, alone, lightness, read = std::move(lines)] {
                if (QImage bare = barePicture(lightness, read); m_last.bare != bare) m_last = {std::move(bare), {}, {}};
                std::future<std::vector<QRectF>> found;
                if (m_wantsFaces && !m_last.faces) {
                    const auto look = [bare = m_last.bare] { return findFaces(bare); };
                    found = alone ? std::async(std::launch::deferred, look) : beside(look);
                }
                if (m_wantsCodes && !m_last.codes) m_last.codes = findCodes(m_last.bare);
                if (found.valid()) m_last.faces = found.get();
            };
            m_search = alone ? std::async(std::launch::deferred, std::move(search)) : beside(std::move(search));
        }
        void finish(std::vector<Code>& codes, std::vector<QRectF>& faces) {
            m_search.get();
            if (m_wantsCodes) codes = *m_last.codes;
            if (m_wantsFaces) faces = *m_last.faces;
        }

    private:
        Searched& m_last;
        const bool m_wantsCodes, m_wantsFaces;
        std::future<void> m_search; // the last, so that it ends before the rest goes
    };

    // The languages that are here and known by their common words.
    static QStringList tellable() {
        QStringList all;
        for (const char* code : {"eng", "deu", "fra", "spa"})
            if (installedLanguages().contains(QLatin1String(code))) all << QString::fromLatin1(code);
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
        if (const QString told = languageOf(*first, among); !told.isEmpty()) options.languages = told;
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

    // Letters that stand one over the other without lines of their own: text that runs up or down. What is read is
    // taken out of `patches`.
    Result<std::vector<TextLine>> readSideways(const QImage& picture, std::vector<LinePatch>& patches,
                                               const QString& languages, const Progress& progress) {
        std::vector<TextLine> lines;
        Progress own; // a line or two say nothing of how far the page is
        for (const QRect& region : columnsOfLetters(patches)) {
            if (progress.cancelled()) return cancelledError();
            const QRect crop = region.adjusted(-4, -4, 4, 4).intersected(picture.rect());
            TextLine best;
            double surest = 0.75; // less is chance
            for (const int turned : {90, 270}) {
                // Turned back upright: what reads downwards is turned against the clock.
                const QImage upright =
                    picture.copy(crop).transformed(QTransform().rotate(-turned)).convertToFormat(QImage::Format_RGB32);
                std::vector<LinePatch> found = findLines(upright);
                std::erase_if(found, [](const LinePatch& p) { return p.inks.size() < 3; });
                if (found.empty()) continue;
                const LinePatch& patch =
                    *std::max_element(found.begin(), found.end(), [](const LinePatch& a, const LinePatch& b) {
                        return a.box.width() < b.box.width();
                    });
                if (patch.box.width() < 0.5 * upright.width()) continue;
                UniformLine uniform = makeUniform(upright, patch);
                const QByteArray key = fingerprint(uniform.image, languages);
                if (!m_remembered.contains(key)) {
                    auto readings = m_lines.read({&uniform}, languages, false, own);
                    if (!readings) return readings.error();
                    m_remembered.insert(key, std::move(readings->front()));
                }
                const std::vector<ReadGlyph> glyphs = m_remembered.value(key).glyphs;
                if (glyphs.size() < 3) continue;
                double sure = 0;
                for (const ReadGlyph& g : glyphs) sure += g.confidence / double(glyphs.size());
                if (sure <= surest) continue;
                surest = sure;
                const auto mended = mendByShape({{{&patch, &uniform, &glyphs}, nullptr}},
                                                [this](const QString& word) { return m_words.contains(word); });
                best = assemble(patch, mended.front(), uniform);
                best.turned = turned;
                turnBack(best, turned, upright.size(), crop.topLeft());
            }
            if (best.words.empty()) continue;
            lines.push_back(best);
            std::erase_if(patches, [&](const LinePatch& p) { return best.box.contains(QRectF(p.box).center()); });
        }
        return lines;
    }

    static std::vector<QRect> columnsOfLetters(const std::vector<LinePatch>& patches) {
        std::vector<QRect> letters;
        for (const LinePatch& p : patches)
            if (p.box.width() < 1.6 * p.box.height() + 6 || p.inks.size() <= 2) letters.push_back(p.box);
        std::sort(letters.begin(), letters.end(), [](const QRect& a, const QRect& b) { return a.top() < b.top(); });
        std::vector<QRect> columns;
        std::vector<int> counts;
        for (const QRect& l : letters) {
            bool joined = false;
            for (size_t c = 0; c < columns.size() && !joined; ++c) {
                const int common = std::min(columns[c].right(), l.right()) - std::max(columns[c].left(), l.left()) + 1;
                const int wide = std::max(columns[c].width(), l.width());
                // Letters of a word stand close; only rows of upright text stand apart like words.
                const double reach = counts[c] >= 3 ? 0.9 * wide : 0.42 * wide + 1;
                if (common < 0.5 * std::min(columns[c].width(), l.width()) || l.top() - columns[c].bottom() > reach)
                    continue;
                columns[c] = columns[c].united(l);
                ++counts[c];
                joined = true;
            }
            if (!joined) {
                columns.push_back(l);
                counts.push_back(1);
            }
        }
        std::vector<QRect> found;
        for (size_t c = 0; c < columns.size(); ++c)
            if (counts[c] >= 3 && columns[c].height() >= 3 * columns[c].width()) found.push_back(columns[c]);
        return found;
    }

    // From the picture turned upright back to the one it was cut from.
    static void turnBack(TextLine& line, int turned, const QSize& upright, const QPoint& origin) {
        const auto back = [&](const QRectF& r) {
            return turned == 90
                       ? QRectF(upright.height() - r.bottom() + origin.x(), r.left() + origin.y(), r.height(),
                                r.width())
                       : QRectF(r.top() + origin.x(), upright.width() - r.right() + origin.y(), r.height(), r.width());
        };
        line.box = back(line.box);
        line.baseline = line.box.bottom();
        for (Word& word : line.words) {
            word.box = back(word.box);
            for (Glyph& glyph : word.glyphs) glyph.box = back(glyph.box);
        }
    }

    static Error cancelledError() { return {Error::Kind::Cancelled, QStringLiteral("Reading was stopped.")}; }

    static void shift(TextLine& line, QPointF by) {
        line.box.translate(by);
        line.baseline += by.y();
        for (Word& word : line.words) {
            word.box.translate(by);
            for (Glyph& glyph : word.glyphs) glyph.box.translate(by);
        }
    }

    size_t m_count;
    QSet<QString> m_words; // of all languages that ship
    Bars m_bars{m_words};
    LineReader m_lines;
    QString m_asked, m_checked; // languages that are here
    QHash<QByteArray, LineReading> m_remembered;
    QHash<QByteArray, std::shared_ptr<const KnownLine>> m_known;
    Searched m_searched;
    InkStrength m_strength; // of the last picture
};

Reader::Reader(int threads) : m_engines(std::make_unique<Engines>(threads)) {}
Reader::~Reader() = default;

Result<Page> Reader::read(const QImage& picture, const ReadOptions& options, Progress& progress) {
    return m_engines->read(picture, options, progress);
}

} // namespace eyelid
