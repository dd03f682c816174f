// Going from finding to finding and deciding, by keys: where one goes, what is decided, and the way back.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"
#include "finding/own_finding.h"

#include <memory>
#include <QObject>
#include <vector>

namespace eyelid {

class CaseWorker;
class Dock;
class Finder;
class FindingsPanel;
class Sheet;

class Reviewing final : public QObject {
    Q_OBJECT
public:
    Reviewing(Case& owner, Selection& selection, Sheet& sheet, FindingsPanel& findings, const Dock& dock,
              CaseWorker& worker);
    ~Reviewing() override;

    /// The finding after the one that is selected, or before it, of those listed, round the end.
    void step(int by);
    /// Of the words that were swept, of all rows that are selected, or of the finding that is selected. Where that is
    /// wanted, the next open finding is selected then.
    void decide(Scope scope, Decision decision);
    /// To what was decided last, and on to what was before it.
    void back();
    /// Where the words that were swept are a value finding has missed, it is one now, and covered.
    void coverWords();
    /// Takes away the cover by hand, or the officer's own finding, that is selected.
    void remove();
    /// The rows that are selected are of one person, account or thing; the selected one is of another.
    void sayTheSame();
    void sayAnother();
    /// Another kind, ground or reason for the selected finding.
    void change(QWidget* window);
    /// The ends of the selected finding, so many letters out (or in, below 0).
    void stretch(int atStart, int atEnd);
    void setEnds(const LetterSpan& ends);

signals:
    void moved(); ///< to a place on the sheet
    void trouble(QString sentence);

private:
    void goOn(const std::vector<int>& order, int from);
    const Finder& finder();

    Case& m_case;
    Selection& m_selection;
    Sheet& m_sheet;
    FindingsPanel& m_findings;
    const Dock& m_dock;
    CaseWorker& m_worker;
    std::vector<int> m_decided;       ///< in order
    std::unique_ptr<Finder> m_finder; ///< made when first asked for
};

} // namespace eyelid
