#include "finding/page_view.h"

#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

constexpr int letterFeatures = 6144, wordFeatures = 6144; // letters three at a time and whole words, hashed
constexpr int firstMeaning = letterFeatures + wordFeatures + 512;
constexpr int longestWhole = 16;                        // characters of a word that is taken as a whole
constexpr double alignedWithin = 1.4, nearestBelow = 9; // heights of a small x
constexpr int proseLength = 40;                         // characters of a line

// FNV-1a (Fowler, Noll and Vo): the same in every process.
quint32 hashed(QStringView letters) {
    quint32 hash = 2166136261u;
    for (const QChar c : letters) hash = (hash ^ c.unicode()) * 16777619u;
    return hash;
}

// The flags of a word, each with a number of its own after those of the letters.
class Features {
public:
    void letters(const QString& core) {
        // One figure is as good as another.
        QString spelt(u'^');
        for (const QChar c : withoutAccents(core).toLower()) spelt += c.isDigit() ? QChar(u'0') : c;
        spelt += u'$';
        for (qsizetype i = 0; i + 2 < spelt.size(); ++i)
            add(int(hashed(QStringView(spelt).mid(i, 3)) % letterFeatures));
        if (spelt.size() > 2 && spelt.size() <= longestWhole + 2)
            add(letterFeatures + int(hashed(spelt) % wordFeatures));
    }
    /// `flag` of a group of at most `size`; groups are numbered in the order they are asked for.
    void flag(int size, int which) {
        if (which >= 0) add(m_next + which);
        m_next += size;
    }
    /// From here on flags of meaning.
    void meanings() {
        Q_ASSERT(m_next <= firstMeaning);
        m_next = firstMeaning;
    }
    void flag(bool is) { flag(1, is ? 0 : -1); }
    std::vector<int> take() {
        std::sort(m_ids.begin(), m_ids.end());
        m_ids.erase(std::unique(m_ids.begin(), m_ids.end()), m_ids.end());
        Q_ASSERT(m_next <= viewFeatures);
        return std::move(m_ids);
    }

private:
    void add(int id) { m_ids.push_back(id); }
    std::vector<int> m_ids;
    int m_next = letterFeatures + wordFeatures;
};

int bucket(double value, std::initializer_list<double> from) {
    return int(std::count_if(from.begin(), from.end(), [&](double least) { return value >= least; }));
}

// Whether the sign at `at` parts values that are written without a space between them; figures have commas of their
// own.
bool partsValues(const QString& word, qsizetype at) {
    if (at == 0 || at + 1 >= word.size()) return false;
    if (word[at] == u';' || word[at] == u'|') return true;
    return word[at] == u',' && !(word[at - 1].isDigit() && word[at + 1].isDigit());
}

// The parts of a word between such signs, each with the sign behind it; tags of markup by themselves.
std::vector<Span> partsOf(const QString& word) {
    std::vector<Span> parts;
    int from = 0;
    const auto partAt = [&](int at) {
        if (at > from) parts.push_back({from, at - from});
        from = std::max(from, at);
    };
    // A password may have such signs as well.
    const bool markup = word.startsWith(u'<') || word.contains(QLatin1String("</"));
    for (int at = 0; at < int(word.size()); ++at) {
        if (markup && word[at] == u'<') partAt(at);
        if (partsValues(word, at) || (markup && word[at] == u'>' && at + 1 < int(word.size()))) partAt(at + 1);
    }
    parts.push_back({from, int(word.size()) - from});
    return parts;
}

// What the lines of a page have to do with each other.
class LinesAround {
public:
    explicit LinesAround(const ScreenText& screen) : m_lines(screen.page().lines) {
        const size_t n = m_lines.size();
        m_above.assign(n, -1);
        m_below.assign(n, -1);
        m_right.assign(n, -1);
        m_row.resize(n);
        std::vector<double> sizes;
        for (const TextLine& line : m_lines) sizes.push_back(line.xHeight);
        std::nth_element(sizes.begin(), sizes.begin() + long(n / 2), sizes.end());
        m_usual = n == 0 ? 1 : std::max(1.0, sizes[n / 2]);
        for (size_t i = 0; i < n; ++i) findOf(i);
    }
    int above(int line) const { return line < 0 ? -1 : m_above[size_t(line)]; }
    int below(int line) const { return line < 0 ? -1 : m_below[size_t(line)]; }
    int right(int line) const { return m_right[size_t(line)]; }
    const std::vector<int>& row(int line) const { return m_row[size_t(line)]; }
    double usualSize() const { return m_usual; }

private:
    void findOf(size_t i) {
        const QRectF& a = m_lines[i].box;
        const double size = std::max(4.0, m_lines[i].xHeight);
        double lowest = -1e9, highest = 1e9, nearest = 1e9;
        for (size_t j = 0; j < m_lines.size(); ++j) {
            if (j == i) continue;
            const QRectF& b = m_lines[j].box;
            if (verticalShare(a, b) >= 0.5) {
                m_row[i].push_back(int(j));
                if (b.left() >= a.right() && b.left() < nearest) {
                    nearest = b.left();
                    m_right[i] = int(j);
                }
                continue;
            }
            const double off = std::min({std::abs(a.left() - b.left()), std::abs(a.right() - b.right()),
                                         std::abs(a.center().x() - b.center().x())});
            if (off > alignedWithin * size) continue;
            if (b.center().y() < a.center().y() && a.top() - b.bottom() < nearestBelow * size && b.top() > lowest) {
                lowest = b.top();
                m_above[i] = int(j);
            }
            if (b.center().y() > a.center().y() && b.top() - a.bottom() < nearestBelow * size && b.top() < highest) {
                highest = b.top();
                m_below[i] = int(j);
            }
        }
    }

    const std::vector<TextLine>& m_lines;
    std::vector<int> m_above, m_below, m_right;
    std::vector<std::vector<int>> m_row;
    double m_usual = 1;
};

class View {
public:
    View(const ScreenText& screen, const Names& names)
        : m_screen(screen), m_names(names), m_lines(screen), m_first(screen.runs().size() + 1, 0) {}

    std::vector<ViewedWord> make() {
        const auto& lines = m_screen.page().lines;
        m_labels.resize(lines.size());
        for (const LabelledValue& value : m_screen.labelled()) m_labels[size_t(value.run)].push_back(&value);
        for (size_t i = 0; i < lines.size(); ++i) {
            m_first[i] = int(m_words.size());
            addLine(int(i));
        }
        m_first[lines.size()] = int(m_words.size());
        for (size_t w = 0; w < m_words.size(); ++w) placeAround(int(w));
        return std::move(m_words);
    }

private:
    void addLine(int line) {
        const auto& words = m_screen.page().lines[size_t(line)].words;
        const auto& label = m_screen.labelOf(line);
        std::vector<ViewedWord> parts;
        int at = 0;
        for (size_t k = 0; k < words.size(); ++k) {
            for (const Span& part : partsOf(words[k].text)) {
                parts.emplace_back();
                parts.back().line = line;
                parts.back().word = int(k);
                parts.back().span = {at + part.start, part.length};
            }
            at += int(words[k].text.size()) + 1;
        }
        for (size_t i = 0; i < parts.size(); ++i) {
            describe(parts[i], i, parts.size(), label ? int(label->kind) : -1);
            m_words.push_back(std::move(parts[i]));
        }
    }

    void describe(ViewedWord& word, size_t at, size_t count, int lineIsLabel) const {
        const QString& lineText = m_screen.runs()[size_t(word.line)].text();
        const QString text = lineText.mid(word.span.start, word.span.length);
        qsizetype from = 0, to = text.size();
        while (from < to && !text[from].isLetterOrNumber()) ++from;
        while (to > from && !text[to - 1].isLetterOrNumber()) --to;
        const QString core = text.mid(from, to - from);
        Features f;
        f.letters(core);
        describeLists(f, core); // first: train.py knows where these are
        describeForm(f, text, core);
        f.flag(8, bucket(double(core.size()), {1, 2, 3, 4, 6, 9, 13}));
        f.flag(at == 0);
        f.flag(at + 1 == count);
        f.flag(5, bucket(double(count), {2, 3, 4, 7}));
        f.flag(lineText.size() >= proseLength);
        const TextLine& line = m_screen.page().lines[size_t(word.line)];
        f.flag(3, bucket(line.xHeight / m_lines.usualSize(), {0.86, 1.2}));
        f.flag(4, bucket(line.box.left() / std::max(1, m_screen.page().size.width()), {0.25, 0.5, 0.75}));
        f.flag(4, bucket(line.box.top() / std::max(1, m_screen.page().size.height()), {0.1, 0.4, 0.8}));
        f.flag(m_screen.nearMail(word.line));
        f.flag(32, lineIsLabel);
        describeLabels(f, word);
        f.flag(text.contains(coverBlock)); // in a check, what a cover hides
        describeMeaning(f, core);
        word.features = f.take();
    }

    static void describeForm(Features& f, const QString& text, const QString& core) {
        int letters = 0, upper = 0, digits = 0;
        for (const QChar c : core) {
            letters += c.isLetter();
            upper += c.isUpper();
            digits += c.isDigit();
        }
        f.flag(!core.isEmpty() && core[0].isUpper());
        f.flag(letters > 1 && upper == letters);
        f.flag(letters > 0 && upper == 0);
        f.flag(upper > 1 && upper < letters);
        f.flag(digits > 0 && letters == 0);
        f.flag(digits > 0 && letters > 0);
        f.flag(6, bucket(digits, {1, 2, 4, 6, 9}));
        f.flag(core.isEmpty());
        for (const char16_t sign : u"@.-_/'#$€£%&+=*\\<>") f.flag(sign && text.contains(QChar(sign)));
        for (const char16_t sign : u".,:;)]\"!?…") f.flag(sign && text.endsWith(QChar(sign)));
        for (const char16_t sign : u"([\"@#+<{-") f.flag(sign && text.startsWith(QChar(sign)));
    }

    void describeLists(Features& f, const QString& core) const {
        const bool word = core.size() >= 2;
        const bool given = word && m_names.isGiven(core), family = word && m_names.isFamily(core);
        f.flag(given);
        f.flag(family);
        f.flag(given && family);
        f.flag(word && m_names.isPlace(core));
        const bool common = word && m_names.isCommonWord(core, m_screen.language());
        f.flag(common);
        f.flag(word && m_names.isVeryCommonWord(core, m_screen.language()));
        f.flag(word && !common && m_names.isCommonWord(core));
        f.flag(word && !given && !family && !common);
    }

    static void describeMeaning(Features& f, const QString& core) {
        const auto group = WordGroups::shipped().of(withoutAccents(core).toLower());
        f.meanings();
        f.flag(WordGroups::fineGroups, group ? group->fine : -1);
        f.flag(WordGroups::wideGroups, group ? group->wide : -1);
    }

    // What labels say of it, and how they stand to it.
    void describeLabels(Features& f, const ViewedWord& word) const {
        constexpr int kinds = 32, ways = 4;
        std::array<bool, size_t(kinds * ways)> said{};
        for (const LabelledValue* value : m_labels[size_t(word.line)])
            if (word.span.start < value->span.end() && word.span.end() > value->span.start)
                said[size_t(value->kind) * ways + size_t(value->how)] = true;
        for (const bool is : said) f.flag(is);
    }

    int first(int line) const {
        return line < 0 || m_first[size_t(line)] == m_first[size_t(line) + 1] ? -1 : m_first[size_t(line)];
    }
    int last(int line) const { return first(line) < 0 ? -1 : m_first[size_t(line) + 1] - 1; }

    void placeAround(int index) {
        ViewedWord& word = m_words[size_t(index)];
        const int line = word.line, begin = first(line), end = last(line);
        const auto onLine = [&](int at) { return at >= begin && at <= end ? at : -1; };
        const auto set = [&](Near where, int which) { word.near[size_t(where)] = which; };
        set(Near::Self, index);
        set(Near::Before, onLine(index - 1));
        set(Near::SecondBefore, onLine(index - 2));
        set(Near::After, onLine(index + 1));
        set(Near::SecondAfter, onLine(index + 2));
        const int left = m_screen.lineBeside(line), above = m_lines.above(line), below = m_lines.below(line);
        set(Near::LeftLast, last(left));
        set(Near::LeftFirst, first(left));
        set(Near::RightFirst, first(m_lines.right(line)));
        set(Near::AboveFirst, first(above));
        set(Near::AboveLast, last(above));
        set(Near::BelowFirst, first(below));
        set(Near::BelowLast, last(below));
        set(Near::SecondAboveFirst, first(m_lines.above(above)));
        set(Near::SecondBelowFirst, first(m_lines.below(below)));
        std::vector<int> column, row, flow;
        int head = -1;
        for (int at = above, steps = 0; at >= 0 && steps < 40; at = m_lines.above(at), ++steps) {
            head = at;
            if (column.size() < mostAround / 2) column.push_back(first(at));
        }
        for (int at = below; at >= 0 && column.size() < mostAround; at = m_lines.below(at)) column.push_back(first(at));
        set(Near::HeadFirst, first(head));
        set(Near::HeadLast, last(head));
        for (const int other : m_lines.row(line)) row.push_back(first(other));
        for (int back = 0; back < 3 && above >= 0; ++back)
            if (last(above) - back >= first(above)) flow.push_back(last(above) - back);
        for (int on = 0; on < 3 && below >= 0; ++on)
            if (first(below) + on <= last(below)) flow.push_back(first(below) + on);
        std::vector<int> whole;
        for (int at = begin; at <= end; ++at) whole.push_back(at);
        const std::vector<int>* groups[] = {&whole, &column, &row, &flow};
        for (size_t g = 0; g < word.around.size(); ++g) {
            word.around[g].fill(-1);
            std::copy_n(groups[g]->begin(), std::min<size_t>(mostAround, groups[g]->size()), word.around[g].begin());
        }
    }

    const ScreenText& m_screen;
    const Names& m_names;
    LinesAround m_lines;
    std::vector<int> m_first; // by line: its first word
    std::vector<std::vector<const LabelledValue*>> m_labels;
    std::vector<ViewedWord> m_words;
};

} // namespace

std::vector<ViewedWord> viewOf(const ScreenText& screen, const Names& names) {
    return View(screen, names).make();
}

} // namespace eyelid
