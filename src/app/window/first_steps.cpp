#include "app/window/first_steps.h"

#include "app/cases/case_worker.h"
#include "app/findings/selection.h"
#include "app/releasing/release_flow.h"
#include "base/sentence.h"
#include "casefile/case.h"

#include <algorithm>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

enum Step { Find, Decide, CoverAll, Check, HandOn };

} // namespace

FirstSteps::FirstSteps(const Case& open, const Selection& selection, const CaseWorker& worker,
                       const ReleaseFlow& release)
    : m_case(open), m_selection(selection), m_worker(worker), m_release(release) {
    setObjectName(QStringLiteral("firstSteps"));
    setAttribute(Qt::WA_StyledBackground);
    const std::pair<QString, QString> steps[] = {
        {Tr::tr("Find"), Tr::tr("Press J: it goes to the next thing that tells who somebody is.")},
        {Tr::tr("Decide"), Tr::tr("Press C to cover it, or E to keep it; the next one comes by itself.")},
        {Tr::tr("Cover the rest"), Tr::tr("Press Ctrl+Shift+C, then Enter: all that is still open is covered. Sweep "
                                          "words to cover what was missed.")},
        {Tr::tr("Check"),
         Tr::tr("Press Ctrl+Enter: the pictures are made as they will leave, read again and searched.")},
        {Tr::tr("Release"),
         Tr::tr("Press Ctrl+Shift+Enter and choose a folder: the checked pictures and their log are written there.")}};
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 10);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->setSpacing(16);
    for (const auto& [title, how] : steps) {
        m_steps.push_back({title, how, new QLabel});
        row->addWidget(m_steps.back().label);
    }
    row->addStretch(1);
    m_end = new QPushButton(Tr::tr("Begin with my own"));
    m_end->setObjectName(QStringLiteral("firstStepsEnd"));
    m_end->setToolTip(Tr::tr("Ends the first steps; these captures are made up, and go"));
    m_how = new QLabel;
    m_how->setObjectName(QStringLiteral("firstStepsHow"));
    m_how->setWordWrap(true);
    auto* below = new QHBoxLayout;
    below->setSpacing(16);
    below->addWidget(m_how, 1);
    below->addWidget(m_end);
    column->addLayout(row);
    column->addLayout(below);
    connect(m_end, &QPushButton::clicked, this, &FirstSteps::endAsked);
    connect(&m_case, &Case::changed, this, &FirstSteps::refresh);
    connect(&m_selection, &Selection::itemChanged, this, &FirstSteps::refresh);
    connect(&m_worker, &CaseWorker::busyChanged, this, &FirstSteps::refresh);
    connect(&m_release, &ReleaseFlow::changed, this, &FirstSteps::refresh);
    hide();
}

void FirstSteps::begin() {
    for (Step& step : m_steps) step.done = false;
    m_on = true;
    show();
    refresh();
}

void FirstSteps::end() {
    m_on = false;
    hide();
}

int FirstSteps::done() const {
    return int(std::count_if(m_steps.begin(), m_steps.end(), [](const Step& step) { return step.done; }));
}

bool FirstSteps::isDone(size_t step) const {
    const Case::Counts n = m_case.counts();
    switch (step) {
    case Find:
        return m_selection.item() != 0;
    case Decide:
        return n.settled() > 0;
    case CoverAll:
        return n.all() > 0 && n.open == 0 && n.unread == 0;
    case Check:
        return m_release.standing() == ReleaseFlow::Check::Passed;
    case HandOn:
        return m_release.isReleased();
    }
    return false;
}

void FirstSteps::refresh() {
    if (!m_on) return;
    size_t next = m_steps.size();
    for (size_t i = 0; i < m_steps.size(); ++i) {
        Step& step = m_steps[i];
        step.done = step.done || isDone(i);
        if (!step.done && next == m_steps.size()) next = i;
        step.label->setText(
            sentence(Tr::tr("%1 %2"), step.done ? QStringLiteral("✓") : QString::number(i + 1), step.title));
        step.label->setAccessibleName(step.done ? sentence(Tr::tr("%1: done"), step.title) : step.title);
        QFont font = this->font();
        font.setWeight(i == next ? QFont::DemiBold : QFont::Normal);
        step.label->setFont(font);
        step.label->setEnabled(i <= next || step.done);
    }
    const bool reading = m_case.counts().unread > 0 && m_case.counts().all() == 0;
    m_how->setText(next == m_steps.size() ? Tr::tr("That was all of it: what left is covered, checked and logged.")
                   : reading ? Tr::tr("Three windows of an invented water company were taken, and are being read…")
                             : m_steps[next].how);
    m_end->setProperty("primary", next == m_steps.size());
    m_end->setStyleSheet(m_end->styleSheet()); // looks at the property anew
}

} // namespace eyelid
