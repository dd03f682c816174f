#include "finding/repeated_records.h"

#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/alike.h"
#include "finding/dates.h"
#include "finding/ordinary_word.h"
#include "finding/rows_of_heads.h"
#include "finding/system_users.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>
#include <optional>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

constexpr size_t fewestRecords = 3;
constexpr double samePlace = 0.8;  // heights of a small x; tiles and rows are set to the pixel, type is not
constexpr double recordReach = 12; // heights of a small x from a name to what stands under or over it in a tile
constexpr double recordConfidence = 0.92, sureNoValue = 0.9;

// Dates, times, sums, figures with a unit, versions and names of files bear digits and tell nobody.
bool isFigure(const QString& text) {
    static const QRegularExpression figures(
        QStringLiteral("^([\\d.,:/ -]*[:/.,]\\d{1,2}|\\d{1,4}[./-]\\d{1,2}[./-]\\d{1,4}|\\d{1,3}([., ]\\d{3})+|"
                       "(19|20)\\d\\d[-/](19|20)?\\d\\d|v?\\d+(\\.\\d+)+|.*\\.\\p{Ll}{2,4}|\\d+\\p{L}{1,3})$"));
    return figures.match(text).hasMatch();
}

// The identifier a line consists of, maybe behind a short word for it ("No. 330491").
std::optional<Span> identifierIn(const QString& text) {
    constexpr qsizetype fewestCharacters = 6, mostCharacters = 24;
    constexpr int fewestDigits = 3;
    static const QRegularExpression form(QStringLiteral(
        "^(?:\\p{L}[\\p{L}.]{0,11}[:.#]? )?#?([\\p{L}\\d](?:[\\p{L}\\d]|[-/._](?=[\\p{L}\\d])|(?<=\\d) (?=\\d))+)$"));
    const auto match = form.match(text);
    if (!match.hasMatch()) return std::nullopt;
    const QString id = match.captured(1);
    const auto digits = std::count_if(id.begin(), id.end(), [](QChar c) { return c.isDigit(); });
    if (id.size() < fewestCharacters || id.size() > mostCharacters || digits < fewestDigits || isFigure(id))
        return std::nullopt;
    return Span{int(match.capturedStart(1)), int(id.size())};
}

bool isLongNumber(const QString& id) {
    constexpr int longNumber = 6;
    return std::count_if(id.begin(), id.end(), [](QChar c) { return c.isDigit(); }) >= longNumber;
}

// Whether words of a label say that what it speaks for is a thing's.
bool speaksOfThings(const QString& label) {
    static const QSet<QString> things = shippedWords(QStringLiteral("words/things.txt"));
    static const QRegularExpression others(QStringLiteral("[^\\p{L}]+"));
    const QStringList words = label.toLower().split(others, Qt::SkipEmptyParts);
    return std::any_of(words.begin(), words.end(), [](const QString& word) { return things.contains(word); });
}

// An identifier, and how it stands to a name.
struct Placed {
    Kind kind = Kind::Record;
    int name = 0, line = 0; ///< lines
    QPointF left, right;    ///< from the name's upper left to its own upper left and upper right
    Span span;
    bool tellsByItself = false; ///< a long number, or a date far back
    bool found = false;         ///< already: it shows what stands there in others
};

// What may stand as somebody's number or day in a record, whatever it was found as.
bool isOfRecord(Kind kind) {
    constexpr Kind kinds[] = {Kind::Record, Kind::Passport, Kind::Account, Kind::NationalId, Kind::Dob};
    return std::find(std::begin(kinds), std::end(kinds), kind) != std::end(kinds);
}

// The least share of two heights that stand in one row.
constexpr double halfOfRow = 0.5;

class Records {
public:
    Records(const ScreenText& screen, const std::vector<Candidate>& settled) : m_screen(screen) {
        m_taken.assign(screen.runs().size(), Taken::No);
        for (const Candidate& c : settled) {
            for (const int line : {c.run->line, c.run->second}) {
                if (line < 0) continue;
                Taken& taken = m_taken[size_t(line)];
                taken = taken != Taken::ByAnother && isOfRecord(c.kind) ? Taken::AsOfRecord : Taken::ByAnother;
            }
            if (c.kind == Kind::Person) m_names.push_back(c.run->line);
        }
        std::sort(m_names.begin(), m_names.end());
        m_names.erase(std::unique(m_names.begin(), m_names.end()), m_names.end());
    }

    std::vector<Placed> identifiers() const {
        std::vector<Placed> all;
        if (m_names.size() < fewestRecords) return all;
        for (const TextRun& run : m_screen.runs()) {
            const Taken taken = m_taken[size_t(run.line)];
            if (taken == Taken::ByAnother) continue;
            const auto id = identifierIn(run.text());
            const auto date = earlyDateIn(run.text());
            const bool onlyDate = date && date->length == int(run.text().size());
            if (!id && !onlyDate) continue;
            const Span span = onlyDate ? *date : *id;
            for (const int name : m_names)
                if (isOneRecord(box(name), box(run.line), size(name)))
                    all.push_back({onlyDate ? Kind::Dob : Kind::Record, name, run.line,
                                   box(run.line).topLeft() - box(name).topLeft(),
                                   box(run.line).topRight() - box(name).topLeft(), span,
                                   onlyDate || isLongNumber(run.text().mid(span.start, span.length)),
                                   taken == Taken::AsOfRecord});
        }
        return all;
    }

    /// Whether a name stands on that line.
    bool isOfSomebody(int line) const { return std::binary_search(m_names.begin(), m_names.end(), line); }

    /// In how many records an identifier stands at that place.
    size_t repeats(const Placed& placed, const std::vector<Placed>& all) const {
        const double near = samePlace * size(placed.name);
        const auto same = [&](QPointF a, QPointF b) {
            return std::abs(a.x() - b.x()) <= near && std::abs(a.y() - b.y()) <= near;
        };
        // In rows of a console it stands wherever the words before it end; what it is tells enough there.
        const auto inRow = [&](const Placed& p) {
            return p.tellsByItself && verticalShare(box(p.name), box(p.line)) >= halfOfRow;
        };
        std::vector<int> names;
        for (const Placed& other : all)
            if (other.kind == placed.kind &&
                (same(placed.left, other.left) || same(placed.right, other.right) || (inRow(placed) && inRow(other))))
                names.push_back(other.name);
        std::sort(names.begin(), names.end());
        return size_t(std::unique(names.begin(), names.end()) - names.begin());
    }

private:
    const QRectF& box(int line) const { return m_screen.page().lines[size_t(line)].box; }
    double size(int line) const { return std::max(4.0, m_screen.page().lines[size_t(line)].xHeight); }

    // In one row, or one under the other and set to one side or the middle.
    static bool isOneRecord(const QRectF& name, const QRectF& other, double size) {
        if (verticalShare(name, other) >= halfOfRow) return true;
        const double apart = std::max(other.top() - name.bottom(), name.top() - other.bottom());
        const double off = std::min({std::abs(name.left() - other.left()), std::abs(name.right() - other.right()),
                                     std::abs(name.center().x() - other.center().x())});
        return apart <= recordReach * size && off <= samePlace * size;
    }

    enum class Taken { No, AsOfRecord, ByAnother };

    const ScreenText& m_screen;
    std::vector<Taken> m_taken; // by line
    std::vector<int> m_names;   // lines with a name of a person
};

// An identifier or an early date that stands on one line with a name, and how it is written.
struct WithName {
    Kind kind = Kind::Record;
    const TextRun* run = nullptr;
    Span span;
    QString form;       ///< its place before or behind the name, its letters as A, its figures as 9
    bool found = false; ///< already: it shows what the others like it are
};

// Long numbers are alike however many letters stand before them.
QString formOf(const QString& id) {
    if (isLongNumber(id)) return QStringLiteral("long");
    QString form;
    for (const QChar c : id) form += c.isDigit() ? QChar(u'9') : c.isLetter() ? QChar(u'A') : c;
    return form;
}

// What is left of a word without the signs around it.
Span withoutSigns(const QString& word) {
    int from = 0, to = int(word.size());
    while (from < to && !word[from].isLetterOrNumber()) ++from;
    while (to > from && !word[to - 1].isLetterOrNumber()) --to;
    return {from, to - from};
}

std::vector<WithName> identifiersBesideNames(const ScreenText& screen, const std::vector<Candidate>& settled) {
    std::vector<WithName> all;
    for (const TextRun& run : screen.runs()) {
        const auto isHere = [&](const Candidate& c) { return c.run == &run; };
        const auto name = std::find_if(settled.begin(), settled.end(),
                                       [&](const Candidate& c) { return isHere(c) && c.kind == Kind::Person; });
        if (name == settled.end()) continue;
        const auto takenBy = [&](const Span& span) {
            return std::find_if(settled.begin(), settled.end(), [&](const Candidate& c) {
                return isHere(c) && c.span.start < span.end() && span.start < c.span.end();
            });
        };
        const auto add = [&](Kind kind, const Span& span, const QString& form) {
            const auto by = takenBy(span);
            if (by == settled.end() || isOfRecord(by->kind))
                all.push_back({kind, &run, span, form, by != settled.end()});
        };
        if (const auto date = earlyDateIn(run.text())) add(Kind::Dob, *date, QStringLiteral("date"));
        int at = 0;
        for (const QString& word : run.text().split(u' ')) {
            const Span whole = withoutSigns(word);
            const auto id = identifierIn(word.mid(whole.start, whole.length));
            const Span span{at + whole.start + (id ? id->start : 0), id ? id->length : 0};
            at += int(word.size()) + 1;
            if (!id || speaksOfThings(run.text().left(span.start))) continue;
            const QString written = run.text().mid(span.start, span.length);
            add(Kind::Record, span, (span.start < name->span.start ? u'<' : u'>') + formOf(written));
        }
    }
    return all;
}

} // namespace

// On lines of text the place varies with the name's length; what is written alike and on the same side of it is alike.
void findBesideNames(const ScreenText& screen, const std::vector<Candidate>& settled, std::vector<Candidate>& out) {
    const std::vector<WithName> all = identifiersBesideNames(screen, settled);
    for (const WithName& one : all) {
        const auto likes =
            std::count_if(all.begin(), all.end(), [&](const WithName& other) { return other.form == one.form; });
        if (size_t(likes) >= fewestRecords && !one.found)
            out.push_back({one.kind,
                           one.run,
                           one.span,
                           recordConfidence,
                           Tr::tr("stands with somebody's name as others like it do"),
                           {}});
    }
}

void findInRecords(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& settled,
                   std::vector<Candidate>& out) {
    const ScreenText& screen = in.screen;
    const Records records(screen, settled);
    std::vector<Placed> all = records.identifiers();
    std::erase_if(all, [&](const Placed& p) {
        const auto text = [&](int line) { return screen.runs()[size_t(line)].text(); };
        const std::vector<int> heads = tagged.headsOf(p.line);
        // Without a word that speaks for it, that it stands with people says more than what it looks like; and of years
        // the tagger knows nothing.
        const bool told = !heads.empty() && p.kind != Kind::Dob;
        // "Date", "Joined": of births it would say so.
        if (p.kind == Kind::Dob && std::any_of(heads.begin(), heads.end(), [&](int head) {
                return !records.isOfSomebody(head) && saysOrdinaryWords(in.names, text(head));
            }))
            return true;
        return (told && tagged.nobodys(p.line, p.span) > sureNoValue) ||
               speaksOfThings(text(p.line).left(p.span.start)) ||
               std::any_of(heads.begin(), heads.end(), [&](int head) { return speaksOfThings(text(head)); });
    });
    int last = -1;
    for (const Placed& placed : all) {
        if (placed.found || placed.line == last || records.repeats(placed, all) < fewestRecords) continue;
        last = placed.line;
        out.push_back({placed.kind,
                       &screen.runs()[size_t(placed.line)],
                       placed.span,
                       recordConfidence,
                       Tr::tr("stands with somebody's name as others like it do"),
                       {}});
    }
}

namespace {

// A word that may be a user name, and where it begins.
struct Handle {
    const TextRun* run = nullptr;
    Span span;
    double left = 0;
    bool found = false; ///< as one, already
};

std::vector<Handle> handlesOf(const ScreenText& screen, const Names& names, const std::vector<Candidate>& settled) {
    std::vector<Handle> handles;
    std::vector<std::vector<const Candidate*>> on(screen.runs().size()); // by line
    for (const Candidate& c : settled) {
        on[size_t(c.run->line)].push_back(&c);
        if (c.run->second >= 0) on[size_t(c.run->second)].push_back(&c);
        if (c.kind != Kind::Username) continue;
        if (const auto boxes = screen.boxes(*c.run, c.span); !boxes.empty())
            handles.push_back({c.run, c.span, boxes.front().left(), true});
    }
    const auto mayBe = [&](const QString& word) {
        return isHandle(word) && !isFigure(word) && !isOrdinary(names, word);
    };
    for (const TextRun& run : screen.runs()) {
        int at = 0;
        for (const Word& word : screen.page().lines[size_t(run.line)].words) {
            const Span span{at, int(word.text.size())};
            at = span.end() + 1;
            const auto& there = on[size_t(run.line)];
            const bool taken = std::any_of(there.begin(), there.end(), [&](const Candidate* c) {
                return c->run->second >= 0 || (c->span.start < span.end() && c->span.end() > span.start);
            });
            if (!taken && mayBe(word.text)) handles.push_back({&run, span, word.box.left(), false});
        }
    }
    return handles;
}

} // namespace

void findInListings(const ScreenText& screen, const Names& names, const std::vector<Candidate>& settled,
                    std::vector<Candidate>& out) {
    constexpr double asSure = 0.7;
    const auto isName = [](const Candidate& c) { return c.kind == Kind::Username; };
    if (std::count_if(settled.begin(), settled.end(), isName) < long(fewestRecords)) return;
    const std::vector<Handle> handles = handlesOf(screen, names, settled);
    const auto textOf = [](const Handle& handle) {
        return handle.run->text().mid(handle.span.start, handle.span.length);
    };
    const bool someLarge = std::ranges::any_of(
        handles, [&](const Handle& handle) { return handle.found && isWrittenLarge(textOf(handle)); });
    std::vector<char> taken(screen.runs().size(), 0);
    for (const Candidate& c : settled) taken[size_t(c.run->line)] = 1;
    for (const Handle& handle : handles) {
        if (handle.found || isSystemUser(textOf(handle)) || (isWrittenLarge(textOf(handle)) && !someLarge)) continue;
        size_t found = 0, others = 0;
        for (const Handle& other : handles) {
            const double near = samePlace * std::max(4.0, screen.page().lines[size_t(other.run->line)].xHeight);
            if (std::abs(other.left - handle.left) <= near) ++(other.found ? found : others);
        }
        if (found >= fewestRecords && found >= others && !isInRowOfHeads(screen, handle.run->line, taken))
            out.push_back(
                {Kind::Username, handle.run, handle.span, asSure, Tr::tr("stands in a column of user names"), {}});
    }
}

} // namespace eyelid
