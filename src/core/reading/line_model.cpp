#include "reading/line_model.h"

#include "base/sentence.h"
#include "base/shipped.h"
#include "reading/second_look.h"

#include <algorithm>
#include <cmath>
#include <opencv2/dnn.hpp>
#include <utility>

namespace eyelid {
namespace {

constexpr int stride = 2;     // pixels of the line to a column the network gives
constexpr int widthStep = 64; // widths are rounded up: the network is laid out anew for every width it has not seen
constexpr float leastOther = 0.004f; // below this another reading is not worth keeping

// What the network gives: for each column how likely each character is, 0 the blank.
class Columns {
public:
    Columns(const cv::Mat& raw, int count) : m_classes(raw.size[1]), m_count(count) {
        m_likely.resize(size_t(m_classes) * size_t(m_count));
        for (int t = 0; t < m_count; ++t) {
            float most = -1e30f, sum = 0;
            for (int c = 0; c < m_classes; ++c) most = std::max(most, at(raw, c, t));
            float* out = m_likely.data() + size_t(t) * size_t(m_classes);
            for (int c = 0; c < m_classes; ++c) sum += out[c] = std::exp(at(raw, c, t) - most);
            for (int c = 0; c < m_classes; ++c) out[c] /= sum;
        }
    }
    int count() const { return m_count; }
    int classes() const { return m_classes; }
    float likely(int column, int c) const { return m_likely[size_t(column) * size_t(m_classes) + size_t(c)]; }
    int best(int column) const {
        const float* p = m_likely.data() + size_t(column) * size_t(m_classes);
        return int(std::max_element(p, p + m_classes) - p);
    }

    /// How likely these characters are to stand between two columns (the forward algorithm, Graves et al., 2006).
    double likelihood(const std::vector<int>& text, int from, int to) const {
        const size_t states = 2 * text.size() + 1;
        std::vector<double> now(states, 0), next(states);
        const auto label = [&](size_t s) { return s % 2 ? text[s / 2] : 0; };
        now[0] = likely(from, 0);
        if (states > 1) now[1] = likely(from, text[0]);
        for (int t = from + 1; t <= to; ++t) {
            for (size_t s = 0; s < states; ++s) {
                double sum = now[s];
                if (s > 0) sum += now[s - 1];
                if (s > 1 && s % 2 && label(s) != label(s - 2)) sum += now[s - 2];
                next[s] = sum * likely(t, label(s));
            }
            std::swap(now, next);
        }
        return now[states - 1] + (states > 1 ? now[states - 2] : 0);
    }

private:
    static float at(const cv::Mat& raw, int c, int t) { return raw.ptr<float>(0, c, 0)[t]; }

    int m_classes, m_count;
    std::vector<float> m_likely;
};

struct CharacterRun {
    int character = 0, first = 0, last = 0;
    double centre() const { return (first + last + 1) / 2.0; }
};

} // namespace

struct LineModel::Network {
    cv::dnn::Net net;
    QStringList alphabet;

    std::vector<ReadGlyph> decode(const Columns& columns) const {
        std::vector<CharacterRun> runs;
        int last = 0;
        for (int t = 0; t < columns.count(); ++t) {
            const int c = columns.best(t);
            if (c != 0 && c == last)
                runs.back().last = t;
            else if (c != 0)
                runs.push_back({c, t, t});
            last = c;
        }
        std::vector<ReadGlyph> glyphs;
        bool space = true;
        for (size_t i = 0; i < runs.size(); ++i) {
            const QString& text = alphabet[runs[i].character - 1];
            if (text == QLatin1String(" ")) {
                space = true;
                continue;
            }
            ReadGlyph glyph;
            glyph.text = text;
            glyph.startsWord = space;
            space = false;
            weigh(columns, runs, i, glyph);
            glyph.spaceBefore = spaceBefore(columns, runs, i);
            // Half way to its neighbours, and no wider than letters are.
            const double x = runs[i].centre() * stride;
            const double left = i > 0 ? (runs[i - 1].centre() + runs[i].centre()) / 2 * stride : x - 9;
            const double right = i + 1 < runs.size() ? (runs[i].centre() + runs[i + 1].centre()) / 2 * stride : x + 9;
            const double half = std::clamp(std::min(x - left, right - x), 1.0, 9.0);
            glyph.box = QRectF(x - half, 0, 2 * half, LineModel::height);
            glyphs.push_back(glyph);
        }
        settleNoughts(glyphs);
        settleBars(glyphs);
        markSure(glyphs);
        return glyphs;
    }

    // In type that draws 0 and O alike, one among letters alone is a letter, and among figures alone a figure.
    static void settleNoughts(std::vector<ReadGlyph>& glyphs) {
        for (size_t begin = 0; begin < glyphs.size();) {
            size_t end = begin + 1;
            const auto alphanumeric = [&](size_t i) { return glyphs[i].text[0].isLetterOrNumber(); };
            while (end < glyphs.size() && !glyphs[end].startsWord && alphanumeric(end) == alphanumeric(begin)) ++end;
            int letters = 0, small = 0, figures = 0, noughts = 0, round = 0;
            for (size_t i = begin; i < end; ++i) {
                const QChar c = glyphs[i].text[0];
                round += c == u'O';
                letters += c.isLetter();
                small += c.isLower();
                noughts += c == u'0';
                figures += c.isDigit() && c != u'0';
            }
            if (letters >= 3 && small > 0 && figures == 0 && noughts == 1)
                for (size_t i = begin; i < end; ++i) {
                    ReadGlyph& g = glyphs[i];
                    if (g.text != QLatin1String("0")) continue;
                    const auto letter = std::find_if(g.others.begin(), g.others.end(), [](const QString& o) {
                        return o.toLower() == QLatin1String("o");
                    });
                    if (letter == g.others.end()) continue;
                    g.text = *letter;
                    *letter = QStringLiteral("0");
                }
            if (letters == round && figures + noughts > 0)
                for (size_t i = begin; i < end; ++i) {
                    ReadGlyph& g = glyphs[i];
                    const QString nought = QStringLiteral("0");
                    if (g.text != QLatin1String("O") || g.confidence >= 0.9 || !g.others.contains(nought)) continue;
                    g.others.removeAll(nought);
                    g.others.prepend(std::exchange(g.text, nought));
                }
            begin = end;
        }
    }

    // Two capital I and a small letter at the start of a word: the second is an l (Ilkay, Ilse).
    static void settleBars(std::vector<ReadGlyph>& glyphs) {
        for (size_t i = 0; i + 2 < glyphs.size(); ++i) {
            ReadGlyph& second = glyphs[i + 1];
            if (!glyphs[i].startsWord || second.startsWord || glyphs[i + 2].startsWord) continue;
            if (glyphs[i].text != QLatin1String("I") || second.text != QLatin1String("I") ||
                !glyphs[i + 2].text[0].isLower())
                continue;
            second.text = QStringLiteral("l");
            second.others.removeAll(QStringLiteral("l"));
            second.others.prepend(QStringLiteral("I"));
        }
    }

    double spaceBefore(const Columns& columns, const std::vector<CharacterRun>& runs, size_t i) const {
        const int space = int(alphabet.indexOf(QLatin1String(" "))) + 1;
        const size_t before = i > 0 && runs[i - 1].character == space ? i - 2 : i - 1;
        if (space == 0 || before >= i) return -1; // the first of its line
        const int from = runs[before].first, to = runs[i].last;
        const double with = columns.likelihood({runs[before].character, space, runs[i].character}, from, to);
        const double without = columns.likelihood({runs[before].character, runs[i].character}, from, to);
        return with + without > 0 ? with / (with + without) : -1;
    }

    // How sure a glyph is, and what else it could be: its reading against all that differ from it by this one glyph,
    // by its absence, or by one more after it, with its neighbours as they are.
    void weigh(const Columns& columns, const std::vector<CharacterRun>& runs, size_t i, ReadGlyph& glyph) const {
        const size_t begin = i > 0 ? i - 1 : 0, end = std::min(runs.size(), i + 2);
        const int from = begin < i ? runs[begin].first : std::max(0, runs[i].first - 8),
                  to = end > i + 1 ? runs[end - 1].last : std::min(columns.count() - 1, runs[i].last + 8);
        std::vector<int> text;
        for (size_t k = begin; k < end; ++k) text.push_back(runs[k].character);
        const size_t here = i - begin;
        const double own = columns.likelihood(text, from, to);
        const int inner = begin < i ? runs[begin].last + 1 : from,
                  innerEnd = end > i + 1 ? runs[end - 1].first - 1 : to;
        std::vector<int> others;
        for (int t = inner; t <= innerEnd; ++t)
            for (int c = 1; c < columns.classes(); ++c)
                if (columns.likely(t, c) > 0.01f && c != runs[i].character &&
                    std::find(others.begin(), others.end(), c) == others.end())
                    others.push_back(c);
        std::vector<std::pair<double, QString>> readings;
        double rest = 0;
        const auto consider = [&](const std::vector<int>& other, const QString& reads) {
            const double p = columns.likelihood(other, from, to);
            rest += p;
            if (p > leastOther * own) readings.push_back({p, reads});
        };
        const auto name = [&](int c) { return alphabet[c - 1].trimmed(); };
        auto without = text;
        without.erase(without.begin() + long(here));
        if (!without.empty()) consider(without, QString());
        for (const int c : others) {
            auto other = text;
            other[here] = c;
            consider(other, name(c));
            if (name(c).isEmpty()) continue; // spaces are told by the ink
            other = text;
            other.insert(other.begin() + long(here) + 1, c);
            consider(other, glyph.text + name(c));
            other = text;
            other.insert(other.begin() + long(here), c);
            consider(other, name(c) + glyph.text);
        }
        auto twice = text;
        twice.insert(twice.begin() + long(here), runs[i].character);
        consider(twice, glyph.text + glyph.text);
        glyph.confidence = own > 0 ? own / (own + rest) : 0;
        std::sort(readings.begin(), readings.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
        for (size_t k = 0; k < std::min<size_t>(3, readings.size()); ++k) glyph.others << readings[k].second;
    }
};

LineModel::LineModel() : m_network(std::make_unique<Network>()) {}
LineModel::~LineModel() = default;

Result<std::unique_ptr<LineModel>> LineModel::load() {
    const Error missing{Error::Kind::Missing, Tr::tr("The line model that ships with Eyelid could not be loaded.")};
    const QByteArray file = shippedFile(QStringLiteral("reading/line-model.onnx"));
    if (file.isEmpty()) return missing;
    std::unique_ptr<LineModel> model(new LineModel);
    try {
        model->m_network->net = cv::dnn::readNetFromONNX(file.constData(), size_t(file.size()));
        model->m_network->net.setPreferableBackend(cv::dnn::DNN_BACKEND_OPENCV);
    } catch (const cv::Exception&) {
        return missing;
    }
    // The space is a line of its own, so nothing is trimmed here.
    model->m_network->alphabet =
        QString::fromUtf8(shippedFile(QStringLiteral("reading/line-model.txt"))).chopped(1).split(QLatin1Char('\n'));
    return model;
}

std::vector<ReadGlyph> LineModel::read(const UniformLine& line) {
    const QImage shown = modelPicture(line);
    const int width = (shown.width() + widthStep - 1) / widthStep * widthStep;
    const int size[] = {1, 1, height, width};
    cv::Mat blob(4, size, CV_32F, cv::Scalar(0));
    for (int y = 0; y < height; ++y) {
        float* out = blob.ptr<float>(0, 0, y);
        for (int x = 0; x < shown.width(); ++x) out[x] = float(255 - shown.constScanLine(y)[x]) / 255.0f;
    }
    m_network->net.setInput(blob);
    const cv::Mat raw = m_network->net.forward();
    return m_network->decode(Columns(raw, (shown.width() + stride - 1) / stride));
}

QImage modelPicture(const UniformLine& line) {
    QImage out(line.image.width(), LineModel::height, QImage::Format_Grayscale8);
    out.fill(255);
    for (int y = 0; y < out.height(); ++y) {
        const int from = y + line.baseline - LineModel::above;
        if (from < 0 || from >= line.image.height()) continue;
        const uchar* source = line.image.constScanLine(from);
        std::copy(source, source + out.width(), out.scanLine(y));
    }
    return out;
}

} // namespace eyelid
