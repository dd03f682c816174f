#include "app/findings/reviewing.h"

#include "app/cases/case_worker.h"
#include "app/findings/change_finding_view.h"
#include "app/findings/findings_panel.h"
#include "app/sheet/dock.h"
#include "app/sheet/sheet.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "finding/finder.h"
#include "finding/own_finding.h"

#include <algorithm>

namespace eyelid {

Reviewing::Reviewing(Case& owner, Selection& selection, Sheet& sheet, FindingsPanel& findings, const Dock& dock,
                     CaseWorker& worker)
    : m_case(owner), m_selection(selection), m_sheet(sheet), m_findings(findings), m_dock(dock), m_worker(worker) {}

Reviewing::~Reviewing() = default;

void Reviewing::step(int by) {
    const std::vector<int> order = m_findings.order();
    if (order.empty()) return;
    const auto at = std::find(order.begin(), order.end(), m_selection.item());
    const auto n = qsizetype(order.size());
    qsizetype next = by > 0 ? 0 : n - 1;
    if (at != order.end()) {
        next = (at - order.begin() + by + n) % n;
    } else {
        // From nowhere: the first one on the capture that is shown.
        const auto here = std::find_if(order.begin(), order.end(),
                                       [this](int id) { return m_case.captureOf(id)->id == m_selection.capture(); });
        if (here != order.end()) next = here - order.begin();
    }
    emit moved();
    m_selection.select(order[size_t(next)]);
}

void Reviewing::decide(Scope scope, Decision decision) {
    if (decision == Decision::Cover && scope == Scope::One && !m_sheet.chosenWords().empty()) return coverWords();
    const int item = m_selection.item();
    if (!m_case.item(item)) return;
    // What is listed changes with the decision where states are filtered.
    const std::vector<int> order = m_findings.order();
    const std::vector<int> together = m_findings.selectedTogether();
    if (together.empty() || scope != Scope::One)
        m_case.decide(item, scope, decision);
    else
        m_case.decideAll(together, decision);
    if (m_case.isReadOnly()) return;
    std::erase(m_decided, item);
    m_decided.push_back(item);
    if (settings::goesOn() && decision != Decision::Open) goOn(order, item);
}

// To the next finding that is open, round the end; where there is none one stays.
void Reviewing::goOn(const std::vector<int>& order, int from) {
    const auto at = std::find(order.begin(), order.end(), from);
    if (at == order.end()) return;
    const auto isNext = [this](int id) {
        const Item* item = m_case.item(id);
        return item && item->decision == Decision::Open && item->question.isEmpty();
    };
    auto next = std::find_if(at + 1, order.end(), isNext);
    if (next == order.end()) {
        next = std::find_if(order.begin(), at, isNext);
        if (next == at) return;
    }
    emit moved();
    m_selection.select(*next);
}

void Reviewing::back() {
    while (!m_decided.empty()) {
        const int last = m_decided.back();
        m_decided.pop_back();
        if (last == m_selection.item() || !m_case.captureOf(last)) continue;
        emit moved();
        m_selection.select(last);
        return;
    }
}

void Reviewing::coverWords() {
    const Page* page = m_sheet.page();
    if (!page) return;
    const Finding missed = findingOf(*page, m_sheet.chosenWords(), finder());
    if (missed.boxes.empty()) return;
    m_sheet.chooseWords({});
    if (const int id = m_case.coverFinding(m_selection.capture(), missed, m_dock.look())) m_selection.select(id);
}

void Reviewing::remove() {
    m_case.removeHand(m_selection.item());
}

void Reviewing::sayTheSame() {
    const std::vector<int> ids = m_findings.firstOfSelected();
    for (size_t i = 1; i < ids.size(); ++i) m_case.setSameIdentity(ids[i], ids.front());
}

void Reviewing::sayAnother() {
    m_case.setOtherIdentity(m_selection.item());
}

void Reviewing::change(QWidget* window) {
    const Item* item = m_case.item(m_selection.item());
    if (!item) return;
    const int id = item->id;
    ChangeFindingView view(item->finding, window);
    if (view.exec() != QDialog::Accepted || !m_case.item(id)) return;
    const Finding changed = view.finding();
    for (const QString& text : {changed.reason, changed.ground})
        if (const auto leaks = m_worker.checkText(text, Tr::tr("What was written")); !text.isEmpty() && !leaks.empty())
            return emit trouble(leaks.front().sentence);
    if (const int next = m_case.replaceFinding(id, changed)) m_selection.select(next);
}

void Reviewing::stretch(int atStart, int atEnd) {
    const Item* item = m_case.item(m_selection.item());
    const Page* page = m_sheet.page();
    if (!item || !page) return;
    const auto letters = lettersOf(*page, item->finding);
    if (!letters) return;
    const LetterSpan wanted{letterAfter(*page, letters->first, -atStart), letterAfter(*page, letters->last, atEnd)};
    if (!(wanted.last < wanted.first)) setEnds(wanted);
}

void Reviewing::setEnds(const LetterSpan& ends) {
    const Item* item = m_case.item(m_selection.item());
    const Page* page = m_sheet.page();
    if (!item || !page || lettersOf(*page, item->finding) == ends) return;
    Finding finding = findingOf(*page, ends, item->finding.kind);
    finding.ground = item->finding.ground;
    if (const int next = m_case.replaceFinding(item->id, finding)) m_selection.select(next);
}

const Finder& Reviewing::finder() {
    if (!m_finder) m_finder = std::make_unique<Finder>();
    return *m_finder;
}

} // namespace eyelid
