#include "finding/framed_alike.h"

#include "base/sentence.h"
#include "finding/alike.h"
#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "finding/tagged_values.h"

#include <algorithm>
#include <map>
#include <optional>

namespace eyelid {
namespace {

constexpr int fewestShown = 3;
constexpr int fewestParties = 1; // known by name, of those that stand against one another on a page
const QString joining = QStringLiteral("and"), against = QStringLiteral("against");
constexpr double framedConfidence = 0.6, surelyNobodys = 0.97;

// Words between two frames, each a sign, a value of a kind, a figure, a word between two of one sort, or an end of the
// line. Whoever stands against somebody is framed by that alone.
struct Framed {
    const TextRun* run = nullptr;
    Span span;
    QString frame;
    std::optional<Kind> found; ///< what all of it was found as already
    QString text() const { return run->text().mid(span.start, span.length); }
};

// Names and user names are what is looked for; other values frame them.
bool frames(const Candidate& c) {
    return c.kind != Kind::Person && c.kind != Kind::Username;
}

// Signs that part what stands on a line. A full stop ends a sentence, a hyphen or an apostrophe stands within names; an
// apostrophe that is not between letters quotes.
bool partsLine(const QString& text, int at) {
    const QChar c = text[at];
    const auto isLetter = [&](int place) { return place >= 0 && place < text.size() && text[place].isLetter(); };
    if (c == u'\'' || c == u'’') return !isLetter(at - 1) || !isLetter(at + 1);
    if (c == u'-') return at > 0 && at + 1 < text.size() && text[at - 1] == u' ' && text[at + 1] == u' ';
    return c.isPunct() || c.isSymbol() ? !QStringLiteral(".'’&@_-").contains(c) : false;
}

// A line cut where signs, figures and values other than names stand.
class Pieces {
public:
    Pieces(const TextRun& run, const std::vector<const Candidate*>& found) : m_run(run) {
        const QString& text = run.text();
        m_of.assign(size_t(text.size()), nullptr);
        for (const Candidate* c : found)
            std::fill(m_of.begin() + c->span.start, m_of.begin() + std::min(c->span.end(), int(text.size())), c);
        m_betweenTwo.assign(size_t(text.size()), nullptr);
        // "Layout v Plugins v Addons v", "Help v": arrows of a menu, and no parties of a case.
        const QStringList words = text.split(u' ');
        const bool oneCase = std::count_if(words.begin(), words.end(), isAgainst) == 1 && !isAgainst(words.front()) &&
                             !isAgainst(words.back());
        int from = 0;
        for (const QString& word : words) {
            const int to = from + int(word.size());
            if (const QString* sort = oneCase && isAgainst(word) ? &against : joinsTwo(word) ? &joining : nullptr)
                std::fill(m_betweenTwo.begin() + from, m_betweenTwo.begin() + to, sort);
            from = to + 1;
        }
    }

    /// What its first and its last character are framed by; nothing where a word stands there.
    QString firstFrame() const { return m_of.empty() ? QString() : frameAt(0); }
    QString lastFrame() const { return m_of.empty() ? QString() : frameAt(int(m_of.size()) - 1); }

    /// `before` and `behind`: the frames of the cells beside it.
    std::vector<Framed> all(const QString& before, const QString& behind) const {
        const QString& text = m_run.text();
        std::vector<Framed> pieces;
        QString left = before.isEmpty() ? QStringLiteral("^") : before;
        const QString last = behind.isEmpty() ? QStringLiteral("$") : behind;
        for (int at = 0; at < text.size();) {
            if (const QString frame = frameAt(at); !frame.isEmpty()) {
                left = frame;
                at = frameEnd(at);
                continue;
            }
            int end = at;
            while (end < text.size() && frameAt(end).isEmpty()) ++end;
            const QString right = end < text.size() ? frameAt(end) : last;
            if (Framed piece = pieceOf(at, end, left, right); piece.span.length > 0) pieces.push_back(piece);
            at = end;
        }
        return pieces;
    }

private:
    // What stands at a character that is of no piece.
    QString frameAt(int at) const {
        const QString& text = m_run.text();
        if (const Candidate* c = m_of[size_t(at)]) return frames(*c) ? kindName(c->kind) : QString();
        if (const QString* sort = m_betweenTwo[size_t(at)]) return *sort;
        if (partsLine(text, at)) return text.mid(at, 1);
        const bool ofFigure = text[at].isDigit() && text[wordStart(at)].isDigit();
        return ofFigure ? QStringLiteral("9") : QString();
    }
    int wordStart(int at) const {
        while (at > 0 && m_run.text()[at - 1].isLetterOrNumber()) --at;
        return at;
    }
    int frameEnd(int at) const {
        const QString& text = m_run.text();
        if (const Candidate* c = m_of[size_t(at)]) return std::max(at + 1, c->span.end());
        if (m_betweenTwo[size_t(at)]) {
            while (at < text.size() && m_betweenTwo[size_t(at)]) ++at;
            return at;
        }
        if (!text[at].isDigit()) return at + 1;
        while (at < text.size() && text[at] != u' ' && !partsLine(text, at) && !m_of[size_t(at)]) ++at;
        return at;
    }
    Framed pieceOf(int from, int to, const QString& left, const QString& right) const {
        const QString& text = m_run.text();
        while (from < to && !text[from].isLetterOrNumber()) ++from;
        while (to > from && !text[to - 1].isLetterOrNumber()) --to;
        const bool isParty = left == against || right == against;
        Framed piece{&m_run, {from, to - from}, isParty ? against : left + u' ' + right, std::nullopt};
        if (from == to || !m_of[size_t(from)]) return piece;
        piece.found = m_of[size_t(from)]->kind;
        for (int at = from; at < to; ++at)
            if (const Candidate* c = m_of[size_t(at)]; text[at].isLetterOrNumber() && (!c || c->kind != piece.found))
                piece.found.reset();
        return piece;
    }

    const TextRun& m_run;
    std::vector<const Candidate*> m_of;       // by character
    std::vector<const QString*> m_betweenTwo; // by character: the sort of word it is of, where it stands between two
};

// Ends of a line alone say nothing, between commas and figures stands anything, and behind a colon what the label
// before it says.
bool tells(const QString& frame) {
    static const QStringList anything{QStringLiteral("^ $"), QStringLiteral("^ 9"), QStringLiteral("9 $"),
                                      QStringLiteral("9 9"), QStringLiteral(", ,"), QStringLiteral(", $"),
                                      QStringLiteral("^ ,"), QStringLiteral("9 ,"), QStringLiteral(", 9"),
                                      QStringLiteral(": $"), QStringLiteral(": ,"), QStringLiteral(": 9")};
    return !anything.contains(frame);
}

// A given name and nothing else, as the lists have it: that it stands in a row of such shows what they all are.
bool isGivenName(const Names& names, const Framed& piece) {
    const QString text = piece.text();
    return names.isGiven(text) && !names.isPlace(text) && !isOrdinary(names, text);
}

// Not a function of a program, "text.contains(…)".
bool readsAsHandle(const Names& names, const Framed& piece) {
    const QString text = piece.text();
    const bool called = piece.span.end() < piece.run->text().size() && piece.run->text()[piece.span.end()] == u'(';
    return !called && isHandle(text) && text == text.toLower() && !isOrdinary(names, text);
}

bool reads(const Names& names, const Framed& piece, Kind kind) {
    return kind == Kind::Person ? readsAsName(names, *piece.run, piece.span) : readsAsHandle(names, piece);
}

// Whether it shows what stands in its frame: where people are named, some are by their user name.
bool shows(const Names& names, const Framed& piece, Kind kind) {
    return piece.found || (kind == Kind::Person ? isGivenName(names, piece) : isMadeOfName(names, piece.text()));
}

bool isListed(const Names& names, const Framed& piece) {
    const QString text = piece.text();
    return names.isGivenOrFamily(text);
}

// Whether somebody is known among those who stand against one another: a name of the lists that is no town's.
bool isKnownParty(const Names& names, const Framed& piece) {
    const QString text = piece.text();
    return piece.found == Kind::Person ||
           (names.isGivenOrFamily(text) && !names.isPlace(text) && !isOrdinary(names, text));
}

QString reasonFor(Kind kind) {
    return kind == Kind::Person ? Tr::tr("stands where names stand on the lines like it")
                                : Tr::tr("stands where user names stand on the lines like it");
}

// Lines of one list: under one another, in one size of type. Where a reader parted one of them, it begins elsewhere.
bool ofOneList(const TextLine& a, const TextLine& b) {
    constexpr double shared = 0.5, sameSize = 1.15;
    const double both = std::min(a.box.right(), b.box.right()) - std::max(a.box.left(), b.box.left());
    return a.turned == b.turned && both >= shared * std::min(a.box.width(), b.box.width()) &&
           a.xHeight <= sameSize * b.xHeight && b.xHeight <= sameSize * a.xHeight;
}

// The pieces of all lines, by what frames them.
std::map<QString, std::vector<Framed>> framedOf(const ScreenText& screen, const std::vector<Candidate>& kept) {
    const std::vector<TextRun>& runs = screen.runs();
    std::vector<std::vector<const Candidate*>> onLine(runs.size());
    std::vector<char> isProse(runs.size(), 0); // what runs over to a second line
    for (const Candidate& c : kept)
        for (const int line : {c.run->line, c.run->second}) {
            if (line < 0) continue;
            onLine[size_t(line)].push_back(&c);
            isProse[size_t(line)] |= c.run->second >= 0;
        }
    std::vector<Pieces> pieces;
    for (const TextRun& run : runs) {
        const auto line = size_t(run.line);
        pieces.emplace_back(run, isProse[line] ? std::vector<const Candidate*>() : onLine[line]);
    }
    std::vector<QString> before(runs.size()), behind(runs.size()); // by line: the frames of the cells beside it
    for (const TextRun& run : runs)
        if (const int left = screen.lineBeside(run.line); left >= 0) {
            before[size_t(run.line)] = pieces[size_t(left)].lastFrame();
            behind[size_t(left)] = pieces[size_t(run.line)].firstFrame();
        }
    std::map<QString, std::vector<Framed>> framed;
    for (size_t line = 0; line < runs.size(); ++line)
        for (const Framed& piece : pieces[line].all(before[line], behind[line]))
            if (piece.frame == against || (!isProse[line] && tells(piece.frame))) framed[piece.frame].push_back(piece);
    return framed;
}

} // namespace

void findFramedAlike(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                     std::vector<Candidate>& out) {
    const auto lineOf = [&](const Framed& piece) -> const TextLine& {
        return in.screen.page().lines[size_t(piece.run->line)];
    };
    const auto mayBe = [&](const Framed& piece, Kind kind) {
        return !piece.found && reads(in.names, piece, kind) &&
               (isListed(in.names, piece) || tagged.nobodys(piece.run->line, piece.span) < surelyNobodys);
    };
    const auto add = [&](const Framed& piece, Kind kind, const QString& reason) {
        out.push_back({kind, piece.run, piece.span, framedConfidence, reason, {}});
    };
    // Who is told by the others of his row tells of the rest of it.
    const auto addRow = [&](const std::vector<Framed>& pieces, Kind kind) {
        std::vector<char> showing, added(pieces.size(), 0); // of long pages there are thousands
        for (const Framed& piece : pieces) showing.push_back(shows(in.names, piece, kind));
        const auto isOfRow = [&](const Framed& piece) {
            int shown = 0, others = 0;
            for (size_t i = 0; i < pieces.size(); ++i)
                if (&pieces[i] != &piece && ofOneList(lineOf(piece), lineOf(pieces[i])))
                    ++(showing[i] ? shown : others);
            return shown >= fewestShown && shown >= others;
        };
        for (bool more = true; more;) {
            more = false;
            for (size_t i = 0; i < pieces.size(); ++i) {
                if (added[i] || !mayBe(pieces[i], kind) || !isOfRow(pieces[i])) continue;
                add(pieces[i], kind, reasonFor(kind));
                added[i] = 1;
                more = more || !showing[i];
                showing[i] = 1;
            }
        }
    };
    for (const auto& [frame, pieces] : framedOf(in.screen, kept)) {
        if (frame == against) {
            const auto known = std::count_if(pieces.begin(), pieces.end(),
                                             [&](const Framed& piece) { return isKnownParty(in.names, piece); });
            if (known >= fewestParties)
                for (const Framed& piece : pieces)
                    if (!piece.found && reads(in.names, piece, Kind::Person))
                        add(piece, Kind::Person, Tr::tr("stands against somebody in a case"));
            continue;
        }
        for (const Kind kind : {Kind::Person, Kind::Username}) addRow(pieces, kind);
    }
}

} // namespace eyelid
