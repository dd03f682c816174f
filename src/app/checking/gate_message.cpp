#include "app/checking/gate_message.h"

#include "app/cases/case_worker.h"
#include "app/releasing/release_flow.h"
#include "base/sentence.h"
#include "casefile/case.h"
#include "casefile/counted.h"

#include <algorithm>
#include <QStringList>

namespace eyelid {
namespace {

// However much is settled, the lid stays a little open while something is not.
constexpr double nearlyClosed = 0.85;

double settledShare(const Case::Counts& n, bool any) {
    const double share = n.all() == 0 ? (!any || n.unread > 0 ? 0.0 : 1.0) : double(n.settled()) / n.all();
    return n.open || n.unread ? std::min(share, nearlyClosed) : share;
}

QStringList inTheWay(const Case& open, const Case::Counts& n, ReleaseFlow::Check check) {
    QStringList ways;
    const int undecided = n.open - n.questions;
    if (undecided && n.illegible)
        ways << sentence(Tr::tr("%1 (%2)"), saidOpen(undecided),
                         Tr::tr("%n place(s) look like text but could not be read", nullptr, n.illegible));
    else if (undecided)
        ways << saidOpen(undecided);
    if (n.questions) ways << Tr::tr("%n question(s) to a colleague", nullptr, n.questions);
    if (n.unread) ways << Tr::tr("%n capture(s) not read", nullptr, n.unread);
    if (lacksSecondLook(open.state())) ways << Tr::tr("not looked over by a second officer");
    if (check == ReleaseFlow::Check::Failed) ways << Tr::tr("check failed");
    if (check == ReleaseFlow::Check::NotRun) ways << Tr::tr("check not run");
    return ways;
}

QString whatToDo(const Case& open, const Case::Counts& n, bool failed) {
    if (n.open) return Tr::tr("J goes to the next; C covers it, E keeps it.");
    if (n.unread) {
        QString trouble;
        for (const Capture& c : open.captures())
            if (c.reading == Capture::Reading::Failed) trouble = c.trouble;
        return trouble;
    }
    if (!failed && lacksSecondLook(open.state()))
        return Tr::tr("Another officer opens the case, looks at what is decided and agrees (menu Decide).");
    return failed ? Tr::tr("Cover what was found, or let it pass with a reason.")
                  : Tr::tr("All findings are settled. Check the pictures as they will be written.");
}

// A mark is never a cover: where one lies over what can be seen, that is said, of what is open first.
QString underMarks(const Case& open, bool& anyOpen) {
    QString ofKept;
    for (const Capture& capture : open.captures()) {
        if (capture.marks.empty()) continue;
        for (const MarkOver& over : marksOver(open.decided(capture), capture.size)) {
            const int undecided = int(std::count_if(over.findings.begin(), over.findings.end(),
                                                    [&](int id) { return open.item(id)->decision == Decision::Open; }));
            const int kept = int(over.findings.size()) - undecided;
            const QString mark = markTitle(open.mark(over.mark)->kind);
            anyOpen = anyOpen || undecided > 0;
            if (undecided)
                return sentence(Tr::tr("%1: lies over %n open finding(s) and hides none of them.", nullptr, undecided),
                                mark);
            if (kept && ofKept.isEmpty())
                ofKept =
                    sentence(Tr::tr("%1: lies over %n kept finding(s) and hides none of them.", nullptr, kept), mark);
        }
    }
    return ofKept;
}

} // namespace

GateState gateStateOf(const Case& open, const ReleaseFlow& release, const CaseWorker& worker) {
    const Case::Counts n = open.counts();
    const bool any = !open.captures().empty();
    const ReleaseFlow::Check check = release.standing();
    const bool failed = check == ReleaseFlow::Check::Failed;
    GateState state;
    state.settled = settledShare(n, any);
    const QStringList ways = inTheWay(open, n, check);
    if (!any) {
        state.message = Tr::tr("Nothing to release yet");
        state.detail = Tr::tr("Take or bring in a capture to begin.");
    } else if (ways.isEmpty()) {
        state.message = Tr::tr("Checked; ready to release");
        state.tone = Gate::Tone::Ready;
        state.detail = sentence(Tr::tr("%1, %2."), saidCovered(n.cover), saidKept(n.keep));
    } else {
        state.message = ways.join(QStringLiteral(", "));
        state.message[0] = state.message[0].toUpper();
        if (failed || !release.trouble().isEmpty()) state.tone = Gate::Tone::Failed;
        state.detail = release.trouble().isEmpty() ? whatToDo(open, n, failed) : release.trouble();
    }
    // Not while something runs, when this is asked for many times a second.
    if (const QString under = worker.busy() ? QString() : underMarks(open, state.mayCoverUnder); !under.isEmpty())
        state.detail = under;
    const bool halted = std::any_of(open.captures().begin(), open.captures().end(),
                                    [](const Capture& c) { return c.reading == Capture::Reading::Failed; });
    state.mayRead = halted && !worker.busy();
    state.mayCheck = any && !n.unread && !release.isChecking();
    state.mayRelease = state.mayCheck && !n.open && !failed && !lacksSecondLook(open.state());
    return state;
}

} // namespace eyelid
