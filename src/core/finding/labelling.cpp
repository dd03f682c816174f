// Labels, and the values they speak for: after a colon, in a sentence or a question, beside, under, in a column.
#include "base/shipped.h"
#include "finding/announced_value.h"
#include "finding/delimited_rows.h"
#include "finding/labels.h"
#include "finding/named_fields.h"
#include "finding/person_words.h"
#include "finding/screen_text.h"
#include "finding/sentence_words.h"
#include "finding/table_heads.h"
#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>
#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

// Kinds whose detectors ask for a form besides the label: a label that may speak for two values does no harm.
bool toldByForm(Kind kind) {
    return kind != Kind::Person && kind != Kind::Address && kind != Kind::Health && kind != Kind::Username &&
           kind != Kind::Secret && kind != Kind::Record;
}

// After a colon or an equals sign on the same line: "Name: …", "token=…", "\"email\": \"…\"". How long a key may be is
// counted where it is used: counted by the patterns, each letter of it is a copy of all letters there are, and
// compiling them takes longer than the page. A colon behind a quoted key may have lost one of its dots.
struct KeyPatterns {
    Pattern whole{R"RX(["'‘’]?([\p{L}][\p{L}\d _.\-/]*?)["'‘’]?(?:\s{0,2}:\s{0,2}|\s=\s)["'‘’]?([^\s"'‘’].*))RX"};
    Pattern within{
        R"RX(([\p{L}][\p{L}\d_\-]+(?: [\p{L}][\p{L}\d_\-]+){0,3})(?:["'‘’]? ?[:=]|["'‘’][.;] )["'‘’ ]{0,2}([^\s"'‘’,;&<>]+))RX"};
};
constexpr int mostOfKey = 43;
constexpr int farthestStart = 2; // a key that opens its line, after a quote or a bracket

bool speaksForWhatFollows(const QString& text) {
    return text.contains(QLatin1Char(':')) || text.contains(QLatin1Char('"')) || text.contains(QLatin1Char('='));
}

} // namespace

// Labels, and the values they speak for, one way after the other.
class ScreenText::Labelling {
public:
    Labelling(ScreenText& screen, std::span<const QStringList> labels)
        : m_screen(screen), m_lines(screen.m_page.lines), m_hits(m_lines.size()), m_heads(m_lines.size(), 0) {
        m_screen.m_besideHeading.assign(m_lines.size(), 0);
        for (size_t kind = 0; kind < labels.size(); ++kind)
            for (const QString& phrase : labels[kind]) m_ofPolicy.insert(skeleton(phrase), {Kind(kind), phrase, true});
        for (size_t i = 0; i < m_lines.size(); ++i) {
            m_screen.m_labelOf.push_back(hitOfLine(text(i)));
            if (!text(i).contains(coverBlock)) m_hits[i] = m_screen.m_labelOf.back(); // else it has its value
        }
    }

    // "a. City": what an icon beside a heading was read as is no part of it.
    std::optional<LabelHit> hitOfLine(const QString& line) const {
        static const QRegularExpression icon(QStringLiteral("^[^\\s\\d]\\.? (?=.{3})"));
        const auto hit = hitOf(line);
        if (hit && hit->whole) return hit;
        const auto m = icon.match(line);
        const auto behind = m.hasMatch() ? wholeHitOf(line.mid(m.capturedLength())) : std::nullopt;
        return behind ? behind : hit;
    }

    // "Name: …", "token=…".
    void inside() {
        static const KeyPatterns patterns;
        for (size_t i = 0; i < m_lines.size(); ++i) {
            // Most lines hold neither, and the patterns are costly.
            if (!text(i).contains(QLatin1Char(':')) && !text(i).contains(QLatin1Char('='))) continue;
            const SearchText& line = m_screen.m_runs[i].search;
            bool taken = false;
            for (const PatternMatch& m : patterns.whole.all(line)) {
                if (m.groups[0].start > farthestStart || m.groups[1].length > mostOfKey) break;
                if (text(i)[m.groups[2].start] == u'{') break; // an object, whose fields have names of their own
                const auto hit = hitOf(m.text(line, 1));
                taken = hit.has_value();
                // "Agent: Can I take your name?": who says it, and not who it is.
                const bool asks = hit && hit->kind == Kind::Person && text(i).endsWith(u'?');
                if (hit && !asks) add(*hit, i, valueOf(*hit, m.groups[2], text(i)), LabelledValue::How::Inside);
                break;
            }
            for (const PatternMatch& m : patterns.within.all(line)) {
                if (taken && m.groups[0].start <= farthestStart) continue;
                if (const auto hit = hitOfKey(m, i))
                    add(*hit, i, upToQuote(m.groups[2], text(i)), LabelledValue::How::Inside);
            }
        }
    }
    // "… WHERE town = 'Sulby'": before an equals sign stands one word, whatever words are before that.
    std::optional<LabelHit> hitOfKey(const PatternMatch& m, size_t line) const {
        const QString key = text(line).mid(m.groups[1].start, m.groups[1].length);
        if (const auto hit = hitOf(key)) return hit;
        const qsizetype space = key.lastIndexOf(u' ');
        const int end = m.groups[1].end();
        const bool equals = text(line).mid(end, m.groups[2].start - end).contains(u'=');
        return equals && space >= 0 ? hitOf(key.mid(space + 1)) : std::nullopt;
    }

    // What files, queries, markup and cards name in a form of their own (named_fields.h).
    void named() {
        for (const NamedField& field : namedFields(m_screen.m_runs)) {
            auto hit = hitOf(field.name);
            if (!hit && field.isElement) hit = elementHit(field.name);
            if (hit) add(*hit, size_t(field.run), field.value, LabelledValue::How::Inside);
        }
    }

    // Behind an arrow stands what a field is now: "Surname  Oakley  →  Torp".
    void behindArrows() {
        static const QSet<QString> arrows{QStringLiteral("→"), QStringLiteral("->"), QStringLiteral("=>"),
                                          QStringLiteral("⇒"), QStringLiteral(">")};
        const std::vector<LabelledValue> before = m_screen.m_labelled;
        for (size_t now = 0; now < m_lines.size(); ++now) {
            const int arrow = m_screen.m_beside[now];
            if (arrow < 0 || !arrows.contains(text(size_t(arrow)).trimmed())) continue;
            for (const LabelledValue& value : before)
                if (value.run == m_screen.m_beside[size_t(arrow)] && value.how == LabelledValue::How::Beside)
                    m_screen.m_labelled.push_back(
                        {value.kind, int(now), whole(now), value.how, value.label, value.whole});
        }
    }

    // "His passport no. 123456789 and the van, registration LR 4711": the words for a number right before one.
    void inSentences() {
        for (size_t i = 0; i < m_lines.size(); ++i)
            inSentence(text(i), 0, [&](const LabelHit& hit, const Span& number) {
                add(hit, i, number, LabelledValue::How::Inside);
            });
        // The sentence goes on, and with the number, on the next line.
        for (const TextRun& run : m_screen.m_flowing)
            inSentence(run.text(), run.joint, [&](const LabelHit& hit, const Span& number) {
                add(hit, size_t(run.second), {number.start - run.joint, number.length}, LabelledValue::How::Inside);
            });
    }

    // "Finish  tan": one row of headings is written in one way, so what is written small beside a large one is a value.
    bool isSmallBesideLarge(size_t line) const {
        const int left = m_screen.m_beside[line];
        const auto first = [&](size_t of) { return text(of).isEmpty() ? QChar() : text(of).front(); };
        return left >= 0 && first(line).isLower() && first(size_t(left)).isUpper();
    }

    // "And your date of birth?" over "Caller: 6.12.1967": what is asked for, the next line gives, behind who gives it.
    void questions() {
        static const QRegularExpression speaker(QStringLiteral("^[^:]{1,24}: "));
        for (size_t i = 0; i < m_lines.size(); ++i) {
            const std::optional<LabelHit> asked = text(i).endsWith(u'?') ? askedFor(text(i)) : std::nullopt;
            const std::optional<size_t> answer = asked ? lineUnder(i) : std::nullopt;
            if (!answer) continue;
            const auto who = speaker.match(text(*answer));
            const int from = int(who.capturedLength());
            add(*asked, *answer, {from, int(text(*answer).size()) - from}, LabelledValue::How::Inside);
        }
    }

    // "id;full_name;born;town" over rows of as many fields: each name speaks for its fields.
    void delimited() {
        std::vector<QString> texts;
        for (size_t i = 0; i < m_lines.size(); ++i) texts.push_back(text(i));
        for (const DelimitedTable& table : findDelimited(texts)) {
            const std::vector<Span> names = fieldsOf(texts[table.header], table.delimiter);
            for (size_t field = 0; field < names.size(); ++field) {
                const auto hit = hitOf(texts[table.header].mid(names[field].start, names[field].length));
                if (!hit) continue; // most lines with commas are no table's
                for (const size_t row : table.rows)
                    if (const Span value = fieldsOf(texts[row], table.delimiter)[field]; value.length > 0)
                        add(*hit, row, value, LabelledValue::How::Inside);
            }
        }
    }

    // Headings: a label in a row of at least two short cells speaks for the column below it.
    void headings() {
        for (size_t h = 0; h < m_lines.size(); ++h) {
            // "From account", "Doorstep password": what ends in a word for numbers or for secrets is of them all the
            // same.
            if (!m_hits[h] || (!m_hits[h]->whole && !isNumber(m_hits[h]->kind) && m_hits[h]->kind != Kind::Secret))
                continue;
            // A key of code or a form's label with a colon speaks for what follows it, not for what stands below.
            if (speaksForWhatFollows(text(h)) || stacked(h)) continue;
            if (isSmallBesideLarge(h)) continue;
            const HeadCells cells = cellsBeside(m_lines, h);
            if (cells.count == 0) continue;
            const std::vector<size_t> column = columnUnder(h, cells);
            // "Surname" over "Forename" and "Contact": labels of a form, and beside each stands its value.
            const auto isLabel = [&](size_t line) { return m_hits[line].has_value(); };
            if (!column.empty() && std::ranges::all_of(column, isLabel)) continue;
            if (isOfFirms(*m_hits[h], column)) continue;
            const bool heads = cells.count >= 2 && column.size() >= 2;
            if (!m_hits[h]->whole && !heads) continue;
            m_heads[h] = heads && m_hits[h]->whole;
            for (size_t i = 0; m_heads[h] && std::ranges::none_of(column, isLabel) && i < m_lines.size(); ++i)
                if (verticalShare(m_lines[i].box, m_lines[h].box) >= sameRow) m_screen.m_besideHeading[i] = 1;
            for (const size_t line : column)
                add({m_hits[h]->kind, m_hits[h]->word, true}, line, whole(line), LabelledValue::How::Heading);
        }
    }

    // "From" over firms, half of them at least by their form: in a book of visitors, whom they come from.
    bool isOfFirms(const LabelHit& heading, const std::vector<size_t>& column) const {
        static const QSet<QString> eitherWay =
            shippedWords(QStringLiteral("words/around-labels.txt"), QLatin1String("person or firm"));
        if (!eitherWay.contains(heading.word)) return false;
        const auto firms =
            std::ranges::count_if(column, [&](size_t line) { return isFirmByForm(m_screen.m_runs[line]); });
        return 2 * size_t(firms) >= column.size();
    }

    // The next line to the left is a label.
    void beside() {
        constexpr double reach = 40; // heights of a small x
        for (size_t i = 0; i < m_lines.size(); ++i) {
            const int j = labelBeside(i);
            // A heading's neighbour is the next heading.
            if (j < 0 || !m_hits[size_t(j)] || m_hits[i] || m_heads[size_t(j)] || stacked(size_t(j))) continue;
            const double distance = m_lines[i].box.left() - m_lines[size_t(j)].box.right();
            if (distance > reach * std::max(4.0, m_lines[i].xHeight) && !isOneOfPairs(size_t(j), i)) continue;
            add(*m_hits[size_t(j)], i, whole(i), LabelledValue::How::Beside);
            if (m_hits[size_t(j)]->kind == Kind::Address) addContinued(size_t(j), i);
        }
    }

    // What stands to the left of a value. What the field is kept as stands between the two and is neither:
    // "surname  varchar(40)  Oakley".
    int labelBeside(size_t value) const {
        const int j = m_screen.m_beside[value];
        if (j < 0 || (isDataType(text(value)) && hasValueBehind(value))) return -1;
        return isDataType(text(size_t(j))) && !m_hits[value] ? m_screen.m_beside[size_t(j)] : j;
    }
    // Whether a value follows on its line.
    bool hasValueBehind(size_t line) const {
        const auto next = std::find(m_screen.m_beside.begin(), m_screen.m_beside.end(), int(line));
        return next != m_screen.m_beside.end() && !m_hits[size_t(next - m_screen.m_beside.begin())];
    }

    // The label stands on top of its value.
    void above() {
        std::vector<char> hasValueBeside(m_lines.size(), 0);
        for (size_t i = 0; i < m_lines.size(); ++i)
            if (const int j = m_screen.m_beside[i]; j >= 0 && !m_hits[i]) hasValueBeside[size_t(j)] = 1;
        for (size_t j = 0; j < m_lines.size(); ++j) {
            if (!m_hits[j]) continue;
            const int i = valueUnder(j);
            if (i < 0 || m_hits[size_t(i)] || isKeyOfObject(size_t(i))) continue;
            if (hasValueBeside[j] && !stacked(j) && !toldByForm(m_hits[j]->kind)) continue;
            add(*m_hits[j], size_t(i), whole(size_t(i)), LabelledValue::How::Above);
        }
    }

    // "metadata:" over "name: billing": a key alone on its line, and the first of what it holds.
    bool isKeyOfObject(size_t line) const {
        static const QRegularExpression key(QStringLiteral("^[\\p{L}_.-]+:$")),
            field(QStringLiteral("^[\\p{L}\\d_.-]+: \\S"));
        const std::optional<size_t> under = key.match(text(line)).hasMatch() ? lineUnder(line) : std::nullopt;
        return under && field.match(text(*under)).hasMatch();
    }

    // A value, and its label right under it, twice at least: "41078640" over "Account number".
    void below() {
        constexpr size_t fewest = 2;
        std::vector<size_t> captions;
        for (size_t j = 0; j < m_lines.size(); ++j)
            if (m_hits[j] && m_hits[j]->whole && isCaption(j)) captions.push_back(j);
        if (captions.size() < fewest) return;
        for (const size_t j : captions) {
            const size_t value = size_t(m_screen.m_above[j]);
            add(*m_hits[j], value, whole(value), LabelledValue::How::Below);
        }
    }

private:
    // In heights of a small x: how far at least a field keeps its value off its left side, and how well its label and
    // the next stand at that side.
    static constexpr double setIn = 0.5, atSide = 0.3;
    static constexpr double sameRow = 0.5; // of the lower of two lines

    // What stands right under a label, in a field under it, or in the middle under it; -1 where nothing does.
    int valueUnder(size_t label) const {
        constexpr double reachAlone = 2.2, reachInForm = 3; // heights of a small x
        const int below = m_screen.m_below[label];
        // In a form whose fields are boxes the value keeps its distance, and the next label a larger one.
        const double reach = (stacked(label) ? reachInForm : reachAlone) * std::max(4.0, m_lines[label].xHeight);
        if (below >= 0 && gap(int(label), below) <= reach) return below;
        const int field = below < 0 ? inFieldUnder(label) : -1;
        return field >= 0 ? field : centredUnder(label);
    }

    // What stands in the field under a label: well to the right of the label's left side, where another line stands at
    // that side farther below, the next label. -1 where there is none.
    int inFieldUnder(size_t label) const {
        constexpr double farthest = 5, deepest = 4.5; // heights of a small x
        const QRectF& head = m_lines[label].box;
        const double size = std::max(4.0, m_lines[label].xHeight);
        const bool tells = m_hits[label]->whole || toldByForm(m_hits[label]->kind);
        if (!tells || speaksForWhatFollows(text(label))) return -1;
        int value = -1;
        for (size_t i = label + 1; i < m_lines.size(); ++i) {
            const QRectF& box = m_lines[i].box;
            const double right = box.left() - head.left(), down = box.top() - head.bottom();
            if (value >= 0 && box.top() - m_lines[size_t(value)].box.bottom() > 2 * deepest * size) return -1;
            if (std::abs(right) <= atSide * size && value >= 0) return down > 2 * gap(int(label), value) ? value : -1;
            if (down < 0 || right < 0 || box.left() > head.right() + farthest * size) continue;
            if (value >= 0 || down > deepest * size) continue;
            if (right < setIn * size || right > farthest * size || m_hits[i]) return -1;
            value = int(i);
        }
        return -1;
    }

    // "One-time code" over "970 749", both in the middle of what they stand on: the next line under a label that has
    // the same middle, of whatever size, and nothing beside it. -1 where there is none.
    int centredUnder(size_t label) const {
        constexpr double close = 2.2, inLine = 0.6; // heights of a small x
        if (!m_hits[label]->whole || speaksForWhatFollows(text(label)) || m_screen.m_beside[label] >= 0) return -1;
        const QRectF& head = m_lines[label].box;
        const std::optional<size_t> under = lineUnder(label);
        if (!under || m_hits[*under]) return -1;
        const QRectF& box = m_lines[*under].box;
        const double size = std::max({4.0, m_lines[label].xHeight, m_lines[*under].xHeight});
        const bool centred = std::abs(box.center().x() - head.center().x()) <= inLine * size;
        return centred && gap(int(label), int(*under)) <= close * size && m_screen.m_beside[*under] < 0 ? int(*under)
                                                                                                        : -1;
    }

    // No larger than the line above it, close to that and not to what stands below.
    bool isCaption(size_t line) const {
        constexpr double largest = 1.02, close = 2.2; // of the upper line's height of a small x
        const int over = m_screen.m_above[line], under = m_screen.m_below[line];
        if (over < 0 || m_hits[size_t(over)] || speaksForWhatFollows(text(line))) return false;
        const double size = m_lines[size_t(over)].xHeight, own = gap(over, int(line));
        return m_lines[line].xHeight <= largest * size && own <= close * std::max(4.0, size) &&
               (under < 0 || gap(int(line), under) > 1.5 * own);
    }

    // The kinds that are numbers; what is a name or a word in a sentence only its sense can tell.
    static bool isNumber(Kind kind) {
        constexpr Kind numbers[] = {Kind::Plate, Kind::Passport, Kind::Account, Kind::NationalId, Kind::Card,
                                    Kind::Iban,  Kind::Device,   Kind::Phone,   Kind::Record};
        return std::find(std::begin(numbers), std::end(numbers), kind) != std::end(numbers);
    }
    // "Gate code 5369": more than "code" alone, which is a fault's as often.
    static bool isCodeOfPlace(const LabelHit& hit) { return hit.kind == Kind::Secret && hit.word.contains(u' '); }
    // The numbers of a text that begin at a letter of it or behind.
    template <typename Tell> void inSentence(const QString& text, int from, Tell tell) const {
        const std::vector<Span> words = sentenceWords(text);
        for (size_t w = 1; w < words.size(); ++w) {
            if (words[w].start < from) continue;
            const std::optional<LabelHit> hit =
                opensNumber(text, words, w) ? announcing(text, words, w) : std::optional<LabelHit>();
            if (!hit) continue;
            const size_t last = lastOfNumber(text, words, w);
            int end = words[last].end();
            while (isCodeOfPlace(*hit) && end < text.size() && (text[end] == u'#' || text[end] == u'*')) ++end;
            tell(*hit, Span{words[w].start, end - words[w].start});
            w = last;
        }
    }
    // What the words of a question say is asked for: a label among them that stands for numbers, dates or places.
    std::optional<LabelHit> askedFor(const QString& question) const {
        constexpr size_t longest = 4; // words of a label
        static const QRegularExpression number(QStringLiteral("\\d"));
        const std::vector<Span> words = sentenceWords(question);
        for (size_t begin = 0; begin < words.size(); ++begin)
            for (size_t end = std::min(words.size(), begin + longest); end > begin; --end) {
                const auto hit =
                    wholeHitOf(question.mid(words[begin].start, words[end - 1].end() - words[begin].start));
                // "Lives at 331 Weir Villages?" gives it itself.
                const bool given = question.mid(words[end - 1].end()).contains(number);
                if (hit && !given && (toldByForm(hit->kind) || isNumber(hit->kind) || hit->kind == Kind::Address))
                    return hit;
            }
        return std::nullopt;
    }
    // The first line that begins under another, close by, wherever it is set: bubbles of a chat stand left and right.
    std::optional<size_t> lineUnder(size_t line) const {
        constexpr double close = 6; // heights of a small x
        const QRectF& box = m_lines[line].box;
        const double size = std::max(4.0, m_lines[line].xHeight);
        for (size_t next = line + 1; next < m_lines.size(); ++next) {
            const double distance = m_lines[next].box.top() - box.bottom();
            if (distance > close * size) break;
            if (distance > -0.3 * size) return next;
        }
        return std::nullopt;
    }
    // What the words before a number say it is; little words may stand between.
    std::optional<LabelHit> announcing(const QString& text, const std::vector<Span>& words, size_t number) const {
        constexpr size_t longest = 4; // words of a label
        for (size_t end = number; end > 0; --end) {
            if (isFigures(text.mid(words[end - 1].start, words[end - 1].length))) break; // no label ends in a number
            for (size_t begin = end - std::min(end, longest); begin < end; ++begin) {
                const int from = words[begin].start;
                const auto hit = wholeHitOf(text.mid(from, words[end - 1].end() - from));
                if (hit && (isNumber(hit->kind) || isCodeOfPlace(*hit))) return hit;
                // "Customer 20575857": whose number it is.
                if (hit && begin + 1 == end && isLongNumber(text.mid(words[number].start, words[number].length)) &&
                    namesSomebodysNumber(hit->word + QLatin1String(" number")))
                    return LabelHit{Kind::Record, hit->word + QLatin1String(" number"), true};
            }
            if (!standsBeforeNumbers(text.mid(words[end - 1].start, words[end - 1].length))) break;
        }
        return std::nullopt;
    }

    // Labels at the left and values at the right of a list, line for line, however far apart.
    bool isOneOfPairs(size_t label, size_t value) const {
        constexpr int fewestOthers = 2;
        constexpr double aligned = 0.5; // heights of a small x
        const double near = aligned * std::max(4.0, m_lines[label].xHeight);
        int others = 0;
        for (size_t i = 0; i < m_lines.size(); ++i) {
            const int j = m_screen.m_beside[i];
            if (j < 0 || i == value || m_screen.m_beside[size_t(j)] >= 0) continue;
            const QRectF& left = m_lines[size_t(j)].box;
            const QRectF& right = m_lines[i].box;
            if (std::abs(left.left() - m_lines[label].box.left()) <= near &&
                (std::abs(right.right() - m_lines[value].box.right()) <= near ||
                 std::abs(right.left() - m_lines[value].box.left()) <= near))
                ++others;
        }
        return m_screen.m_beside[label] < 0 && others >= fewestOthers;
    }

    const QString& text(size_t line) const { return m_screen.m_runs[line].text(); }
    Span whole(size_t line) const { return {0, int(text(line).size())}; }
    double gap(int upper, int lower) const {
        return m_lines[size_t(lower)].box.top() - m_lines[size_t(upper)].box.bottom();
    }
    std::optional<LabelHit> hitOf(const QString& words) const {
        return asked(m_anyHits, words, [&] {
            const auto own = ofPolicy(words);
            return own ? own : labelHit(words);
        });
    }
    std::optional<LabelHit> wholeHitOf(const QString& words) const {
        return asked(m_wholeHits, words, [&] {
            const auto own = ofPolicy(words);
            return !own ? wholeLabelHit(words) : own->whole ? own : std::nullopt;
        });
    }
    std::optional<LabelHit> ofPolicy(const QString& words) const {
        const auto own = m_ofPolicy.isEmpty() ? m_ofPolicy.constEnd() : m_ofPolicy.constFind(skeleton(words));
        return own != m_ofPolicy.constEnd() ? std::optional(*own) : std::nullopt;
    }
    // Asked of every line, of every few words before a number and of two lines as one: the same words many times.
    using Answers = QHash<QString, std::optional<LabelHit>>;
    template <typename Ask> static std::optional<LabelHit> asked(Answers& answers, const QString& words, Ask ask) {
        const auto known = answers.constFind(words);
        if (known != answers.constEnd()) return *known;
        const std::optional<LabelHit> hit = ask();
        answers.insert(words, hit);
        return hit;
    }
    void add(const LabelHit& hit, size_t line, const Span& value, LabelledValue::How how) {
        // "<Line1>" under "<Surname>", of which a check sees no value: the next element.
        static const QRegularExpression element(QStringLiteral("^</?[\\p{L}_][\\w:.-]*>"));
        if (how != LabelledValue::How::Inside && element.match(text(line)).hasMatch()) return;
        m_screen.m_labelled.push_back({hit.kind, int(line), value, how, hit.word, hit.whole});
    }

    // An address goes on below, where nothing stands to the left of it: what is beside its next line is the next label.
    void addContinued(size_t label, size_t first) {
        constexpr int mostLines = 4;
        size_t last = first;
        for (int n = 1; n < mostLines; ++n) {
            const int next = m_screen.m_below[last];
            if (next < 0 || m_hits[size_t(next)] || gap(int(last), next) > 1.5 * std::max(4.0, m_lines[last].xHeight))
                return;
            const int left = m_screen.m_beside[size_t(next)];
            if (left >= 0 && m_lines[size_t(left)].box.right() > m_lines[label].box.left()) return;
            last = size_t(next);
            add(*m_hits[label], last, whole(last), LabelledValue::How::Beside);
            m_screen.m_labelled.back().goesOn = true;
        }
    }

    // A form is written label over value when a label stands nearer to what is below it than that does to what follows.
    // In rows of label and value all lines keep the same distance.
    bool stacked(size_t label) const {
        constexpr double twoLines = 2.6; // heights of a small x: a cell of a table that goes on (whole_cells.h)
        const int value = m_screen.m_below[label];
        if (m_lines[label].box.height() > twoLines * std::max(4.0, m_lines[label].xHeight)) return false;
        // What stands below is the next row's label.
        if (value < 0 || (m_hits[size_t(value)] && m_hits[size_t(value)]->whole)) return false;
        const double own = gap(int(label), value);
        const int next = m_screen.m_below[size_t(value)], before = m_screen.m_above[label];
        if (isInBox(label, size_t(value))) return own < gap(value, next);
        if (next >= 0) return own < 0.8 * gap(value, next);
        if (before >= 0) return own < 0.8 * gap(before, int(label));
        return own < 1.2 * m_lines[label].xHeight;
    }

    // A field's box keeps its value off its left side; the label over it and the next one under it stand at that side.
    bool isInBox(size_t label, size_t value) const {
        const int next = m_screen.m_below[value];
        if (next < 0) return false;
        const double size = std::max(4.0, m_lines[label].xHeight), left = m_lines[label].box.left();
        return !speaksForWhatFollows(text(label)) && m_lines[value].box.left() - left >= setIn * size &&
               std::abs(m_lines[size_t(next)].box.left() - left) <= atSide * size;
    }

    std::vector<size_t> columnUnder(size_t h, const HeadCells& cells) const {
        const QRectF head = m_lines[h].box;
        const double size = std::max(4.0, m_lines[h].xHeight);
        double last = head.bottom(), first = 0, pitch = 0;
        std::vector<size_t> column;
        for (size_t j = h + 1; j < m_lines.size(); ++j) {
            const QRectF& b = m_lines[j].box;
            if (!standsUnder(m_lines, h, cells, j)) continue;
            const double distance = b.top() - last;
            if (distance > std::max(8 * size, 2.5 * pitch)) break;
            // A block of lines ends where the next stands clearly farther off than its own lines do.
            if (column.size() >= 2 && distance > size && distance > 3 * first + size) break;
            if (pitch == 0 && distance > 0) {
                first = distance;
                pitch = distance + b.height();
            }
            // What runs on under the next heading is no cell of this column.
            if (b.right() > cells.next + size) break;
            last = b.bottom();
            // "City" under "Address" is the next field of a form; among people a word may be a label and a name.
            const bool another = m_hits[j] && (m_hits[j]->kind != m_hits[h]->kind || m_hits[h]->kind == Kind::Address);
            if (another && m_hits[j]->whole) {
                // Of two columns the left one holds labels: rows of a form, not a table.
                if (cells.count == 1) column.clear();
                break;
            }
            column.push_back(j);
        }
        return column;
    }

    ScreenText& m_screen;
    const std::vector<TextLine>& m_lines;
    QHash<QString, LabelHit> m_ofPolicy;
    mutable Answers m_anyHits, m_wholeHits;
    std::vector<std::optional<LabelHit>> m_hits; // by line
    std::vector<char> m_heads;                   // lines that head a column
};

void ScreenText::findLabels(std::span<const QStringList> labels) {
    Labelling labelling(*this, labels);
    labelling.inside();
    labelling.named();
    labelling.inSentences();
    labelling.delimited();
    labelling.questions();
    labelling.headings();
    labelling.beside();
    labelling.behindArrows();
    labelling.above();
    labelling.below();
}

} // namespace eyelid
