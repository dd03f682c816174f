#include "finding/alike.h"

#include "base/sentence.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/rows_of_heads.h"
#include "finding/tagged_values.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr double likeTheOthers = 0.65; // open under every policy that looks for its kind

} // namespace

// What is written like its neighbours is of their kind: the sixth telephone number of a column whose label was misread.
// Dates are not told so: a column of a form holds many, and one of birth.
void findWrittenAlike(const ScreenText& screen, const std::vector<Candidate>& kept, std::vector<Candidate>& out) {
    const auto signature = [](const QString& text) {
        QString shape;
        bool digit = false;
        for (const QChar c : text) {
            const QChar of = c.isDigit() ? QChar(u'9') : c.isLetter() ? QChar(u'A') : c;
            digit = digit || c.isDigit();
            if (shape.isEmpty() || shape.back() != of) shape += of;
        }
        return digit && text.size() >= 5 && text.size() <= 40 ? shape : QString();
    };
    struct Whole {
        Kind kind;
        QString shape;
        double confidence;
    };
    struct Votes {
        int count = 0;
        double least = 1; // how sure the least sure of them is
    };
    const auto& lines = screen.page().lines;
    std::vector<QString> shapes; // by line
    for (const TextRun& run : screen.runs()) shapes.push_back(signature(run.text()));
    std::vector<std::optional<Whole>> wholes(lines.size());
    std::vector<char> taken(lines.size(), 0);
    for (const Candidate& c : kept) {
        taken[size_t(c.run->line)] = 1;
        if (c.run->second >= 0) {
            taken[size_t(c.run->second)] = 1;
            continue;
        }
        if (c.kind == Kind::Dob || c.kind == Kind::Date || c.kind == Kind::Person) continue;
        if (c.span.length + 2 >= c.run->text().size())
            wholes[size_t(c.run->line)] = Whole{c.kind, shapes[size_t(c.run->line)], c.confidence};
    }
    for (const TextRun& run : screen.runs()) {
        if (taken[size_t(run.line)]) continue;
        const QString& shape = shapes[size_t(run.line)];
        if (shape.isEmpty()) continue;
        const TextLine& line = lines[size_t(run.line)];
        std::map<int, Votes> votes;
        int others = 0;
        for (size_t j = 0; j < lines.size(); ++j) {
            const TextLine& other = lines[j];
            if (int(j) == run.line || other.xHeight > 1.3 * line.xHeight || line.xHeight > 1.3 * other.xHeight)
                continue;
            const bool column = std::abs(other.box.left() - line.box.left()) <= 0.7 * line.xHeight ||
                                std::abs(other.box.right() - line.box.right()) <= 0.7 * line.xHeight;
            const bool row = std::abs(other.baseline - line.baseline) <= 0.5 * line.xHeight;
            if (!column && !row) continue;
            if (wholes[j] && wholes[j]->shape == shape) {
                Votes& of = votes[int(wholes[j]->kind)];
                of = {of.count + 1, std::min(of.least, wholes[j]->confidence)};
            } else if (shapes[j] == shape)
                ++others;
        }
        for (const auto& [kind, of] : votes)
            if (of.count >= 2 && of.count >= others)
                out.push_back({Kind(kind),
                               &run,
                               {0, int(run.text().size())},
                               Kind(kind) == Kind::Record ? of.least : likeTheOthers, // told by their places alone
                               Tr::tr("is written like the others of its column or row"),
                               {}});
    }
}

void findPlatesAlike(const ScreenText& screen, const std::vector<Candidate>& kept, std::vector<Candidate>& out) {
    constexpr qsizetype fewest = 3;
    constexpr double confidence = 0.65;
    QStringList forms;
    qsizetype plates = 0;
    for (const Candidate& c : kept) {
        if (c.kind != Kind::Plate || c.run->second >= 0) continue;
        ++plates;
        QString form;
        for (const QChar sign : c.run->text().mid(c.span.start, c.span.length))
            form += sign.isDigit()    ? QStringLiteral("\\d")
                    : sign.isLetter() ? QStringLiteral("\\p{Lu}")
                                      : QRegularExpression::escape(sign);
        if (!forms.contains(form)) forms << form;
    }
    if (plates < fewest) return;
    const QRegularExpression like(QStringLiteral("(?<![\\p{L}\\d-])(?:%1)(?![\\p{L}\\d-])").arg(forms.join(u'|')));
    for (const TextRun& run : screen.runs()) {
        for (auto all = like.globalMatch(run.text()); all.hasNext();) {
            const auto m = all.next();
            const Span span{int(m.capturedStart()), int(m.capturedLength())};
            const bool taken = std::any_of(kept.begin(), kept.end(), [&](const Candidate& c) {
                return c.run->line == run.line && c.kind != Kind::Person && c.span.start < span.end() &&
                       span.start < c.span.end();
            });
            if (!taken)
                out.push_back({Kind::Plate, &run, span, confidence, Tr::tr("is written as other plates here are"), {}});
        }
    }
}

bool readsAsName(const Names& names, const TextRun& run, const Span& span) {
    constexpr size_t mostWords = 4;
    std::vector<Token> tokens = tokensOf(run);
    std::erase_if(tokens, [&](const Token& t) { return t.span.start < span.start || t.span.end() > span.end(); });
    if (tokens.empty() || tokens.size() > mostWords) return false;
    // "A", "B": the letters of columns.
    if (std::all_of(tokens.begin(), tokens.end(), [](const Token& t) { return t.text.size() < 2; })) return false;
    // "Mitchell Mann": behind a given name any word is a family's.
    const bool named = tokens.size() > 1 && names.isGiven(tokens.front().text);
    return std::all_of(tokens.begin(), tokens.end(), [&](const Token& t) {
        return !t.digits && (t.capital || isParticle(t)) && !isThing(t) && !isCalendarWord(t) &&
               (named || names.isGivenOrFamily(t.text) || !isOrdinary(names, t.text));
    });
}

bool isHandle(const QString& word) {
    static const QRegularExpression form(QStringLiteral("^@?(?=[^\\p{L}]*\\p{L})[\\p{L}\\d][\\p{L}\\d._-]{2,31}$"));
    return form.match(word).hasMatch();
}

bool isWrittenLarge(const QString& text) {
    return text.size() > 1 && text[0].isUpper() &&
           std::all_of(text.begin() + 1, text.end(), [](QChar c) { return c.isLower(); });
}

bool isMadeOfName(const Names& names, const QString& text) {
    static const QRegularExpression form(QStringLiteral("^\\p{Ll}+(?:[._-]\\p{Ll}+)*\\d{0,4}$"));
    static const QRegularExpression parting(QStringLiteral("[._\\d-]+"));
    constexpr qsizetype shortest = 4; // letters of a name that tells
    if (!form.match(text).hasMatch()) return false;
    const auto isName = [&](const QString& word) {
        return word.size() >= shortest && names.isGivenOrFamily(word) && !isOrdinary(names, word);
    };
    const QStringList parts = text.split(parting, Qt::SkipEmptyParts);
    const bool marked = parts.size() > 1 || text.back().isDigit();
    return std::any_of(parts.begin(), parts.end(), [&](const QString& part) {
        return (marked && isName(part)) || isName(part.mid(1)) || isName(part.chopped(1));
    });
}

namespace {

// A line without the number of a row before it, which a reader may have parted from the cell behind it or not.
struct Cell {
    const TextLine* line = nullptr;
    Span span;
    double left = 0;
};

Cell cellOf(const TextLine& line, const TextRun& run) {
    static const QRegularExpression rowNumber(QStringLiteral("^\\d{1,4}[.)]?$"));
    if (line.words.size() < 2 || !rowNumber.match(line.words.front().text).hasMatch())
        return {&line, {0, int(run.text().size())}, line.box.left()};
    const int from = int(line.words.front().text.size()) + 1;
    return {&line, {from, int(run.text().size()) - from}, line.words[1].box.left()};
}

bool sameSize(const TextLine& a, const TextLine& b) {
    constexpr double most = 1.12;
    return a.turned == b.turned && a.xHeight <= most * b.xHeight && b.xHeight <= most * a.xHeight;
}

// One column and one size of type; within it names stand over names.
bool inOneColumn(const Cell& one, const Cell& other) {
    constexpr double aligned = 0.5; // in heights of a small x
    return sameSize(*one.line, *other.line) &&
           std::abs(one.left - other.left) <= aligned * std::max(4.0, one.line->xHeight);
}

// Tiles side by side.
bool inOneRow(const TextLine& a, const TextLine& b) {
    constexpr double level = 0.3; // in heights of a small x
    return sameSize(a, b) && std::abs(a.baseline - b.baseline) <= level * std::max(4.0, a.xHeight);
}

bool readsAsUserName(const QString& text) {
    constexpr qsizetype shortest = 3, longest = 32;
    return text.size() >= shortest && text.size() <= longest &&
           std::all_of(text.begin(), text.end(),
                       [](QChar c) { return c.isLetterOrNumber() || QStringLiteral("._-@\\").contains(c); }) &&
           std::any_of(text.begin(), text.end(), [](QChar c) { return c.isLetter(); });
}

// "Chat · 13 min" and "Desk · 2 min" are of one form; words alone are of none.
QString formOfLine(const QString& text) {
    QString form;
    for (const QChar c : text) {
        const QChar of = c.isDigit() ? QChar(u'9') : c.isLetter() ? QChar(u'a') : c;
        if (form.isEmpty() || form.back() != of) form += of;
    }
    const bool tells = std::any_of(form.begin(), form.end(), [](QChar c) { return c != u'a' && c != u' '; });
    return tells ? form.trimmed() : QString();
}

struct Tally {
    int likes = 0, others = 0;
    void count(bool like) { ++(like ? likes : others); }
    bool tells() const { return likes >= 2 && likes >= others; }
    bool isOfOneKind() const { return likes >= 3 && likes >= 3 * others; }
};

} // namespace

void findPlacedAlike(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                     std::vector<Candidate>& out) {
    constexpr double surelyNobodys = 0.97, confidence = 0.6;
    const auto& lines = in.screen.page().lines;
    std::vector<std::optional<Kind>> wholes(lines.size());
    std::vector<char> taken(lines.size(), 0);
    std::vector<Cell> cells;
    for (const TextRun& run : in.screen.runs()) cells.push_back(cellOf(lines[size_t(run.line)], run));
    for (const Candidate& c : kept) {
        taken[size_t(c.run->line)] = 1;
        if (c.run->second >= 0) taken[size_t(c.run->second)] = 1;
        const Span& cell = cells[size_t(c.run->line)].span;
        // All but a sign on either side; not the number before it.
        const int shared = std::min(c.span.end(), cell.end()) - std::max(c.span.start, cell.start);
        if (c.run->second < 0 && shared + 2 >= cell.length && shared > 0) wholes[size_t(c.run->line)] = c.kind;
    }
    std::vector<QString> above; // by line: the form of the one over it
    for (const TextRun& run : in.screen.runs()) {
        const int over = in.screen.lineAbove(run.line);
        above.push_back(over < 0 ? QString() : formOfLine(in.screen.runs()[size_t(over)].text()));
    }
    for (const TextRun& run : in.screen.runs()) {
        if (taken[size_t(run.line)] || in.screen.labelOf(run.line)) continue;
        const Span whole = cells[size_t(run.line)].span;
        const QString text = run.text().mid(whole.start, whole.length).trimmed();
        for (const Kind kind : {Kind::Person, Kind::Username}) {
            if (kind == Kind::Person ? !readsAsName(in.names, run, whole) : !readsAsUserName(text)) continue;
            if (tagged.nobodys(run.line, whole) >= surelyNobodys) continue;
            // Where people are named, some are by their user name.
            const bool ofPeople = kind == Kind::Username && isMadeOfName(in.names, text);
            const bool large = kind == Kind::Username && !ofPeople && isWrittenLarge(text);
            const auto isLike = [&](size_t line) {
                if (large && !isWrittenLarge(in.screen.runs()[line].text())) return false;
                return wholes[line] == kind || (ofPeople && wholes[line] == Kind::Person);
            };
            Tally column, record, grid; // in records of several lines, those at its place; in rows of tiles, all
            std::vector<const TextLine*> members{&lines[size_t(run.line)]}; // of the column
            const QString& form = above[size_t(run.line)];
            for (size_t j = 0; j < lines.size(); ++j) {
                if (int(j) == run.line || !inOneColumn(cells[size_t(run.line)], cells[j])) continue;
                members.push_back(&lines[j]);
                column.count(isLike(j));
                if (!form.isEmpty() && above[j] == form) record.count(isLike(j));
            }
            const bool told = column.tells() || record.tells();
            for (size_t j = 0; !told && j < lines.size(); ++j) {
                const auto besideIt = [&](const TextLine* member) { return inOneRow(*member, lines[j]); };
                if (int(j) != run.line && std::any_of(members.begin(), members.end(), besideIt)) grid.count(isLike(j));
            }
            if (!told && !grid.isOfOneKind()) continue;
            if (isInRowOfHeads(in.screen, run.line, taken)) continue;
            out.push_back({kind,
                           &run,
                           whole,
                           confidence,
                           kind == Kind::Person ? Tr::tr("stands in a column of names")
                                                : Tr::tr("stands in a column of user names"),
                           {}});
            break;
        }
    }
}

} // namespace eyelid
