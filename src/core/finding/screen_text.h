// A page as text to search: every line as a string whose characters know their place, lines that run over, and which
// values stand under, beside or after which label.
#pragma once

#include "finding/kind.h"
#include "finding/labels.h"
#include "finding/pattern.h"
#include "reading/page.h"

#include <optional>
#include <QRectF>
#include <QStringList>
#include <span>
#include <vector>

namespace eyelid {

/// One line of the page, or two lines of which the second goes on where the first stops.
struct TextRun {
    SearchText search;
    int line = 0;    ///< index into Page::lines
    int second = -1; ///< the line it runs over to, or -1
    int joint = 0;   ///< index of the first character of the second line
    const QString& text() const { return search.text(); }
};

/// A value that a label speaks for.
struct LabelledValue {
    enum class How { Inside, Beside, Above, Below, Heading }; ///< where the label stands
    Kind kind;
    int run = 0; ///< index into ScreenText::runs()
    Span span;   ///< the value within the run
    How how = How::Inside;
    QString label;       ///< the dictionary's word, not what stands on the screen
    bool whole = true;   ///< the label is that word and nothing else
    bool goesOn = false; ///< a further line of the value before it in the list

    /// "after the label 'e-mail'", "in a column headed 'name'".
    QString because() const;
};

class ScreenText {
public:
    /// The page must outlive the text. `labels`: more words that name a field, by Kind.
    explicit ScreenText(const Page& page, std::span<const QStringList> labels = {});

    const Page& page() const { return m_page; }
    /// One run a line, in the page's order.
    const std::vector<TextRun>& runs() const { return m_runs; }
    /// Lines joined with the line they may run over to: left-aligned below, of the same size. No space at the joint.
    const std::vector<TextRun>& wrapped() const { return m_wrapped; }
    /// The same pairs of lines with a space between them, as prose goes on; `joint` comes after the space.
    const std::vector<TextRun>& flowing() const { return m_flowing; }
    const std::vector<LabelledValue>& labelled() const { return m_labelled; }

    /// The places of part of a run, one box for each line.
    std::vector<QRectF> boxes(const TextRun& run, const Span& span) const;
    /// The line directly below, left-aligned with it, or -1.
    int lineBelow(int line) const { return m_below[size_t(line)]; }
    /// The line directly above that this one is below of, or -1.
    int lineAbove(int line) const { return m_above[size_t(line)]; }
    /// The next line to the left on the same row, or -1.
    int lineBeside(int line) const { return m_beside[size_t(line)]; }

    /// Whether a mail address stands on the line or near it, above, below or beside: somebody's details.
    bool nearMail(int line) const { return m_nearMail[size_t(line)]; }
    /// What a line says as a label, where it is one.
    const std::optional<LabelHit>& labelOf(int line) const { return m_labelOf[size_t(line)]; }
    /// Whether a line stands in one row with a label that heads a column: most such are headings as well.
    bool isBesideHeading(int line) const { return m_besideHeading[size_t(line)]; }

    /// The language the text itself tells (ISO 639-2), or empty.
    const QString& language() const { return m_language; }

private:
    void findNeighbours();
    void joinLines();
    void findMail();
    class Labelling;
    void findLabels(std::span<const QStringList> labels);
    std::vector<QRectF> boxesOnLine(int line, int start, int length) const;

    const Page& m_page;
    std::vector<TextRun> m_runs;
    std::vector<TextRun> m_wrapped, m_flowing;
    std::vector<int> m_below, m_above, m_beside;
    std::vector<char> m_nearMail, m_besideHeading;
    QString m_language;
    std::vector<LabelledValue> m_labelled;
    std::vector<std::optional<LabelHit>> m_labelOf;
};

} // namespace eyelid
