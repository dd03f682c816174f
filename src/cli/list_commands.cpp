// policies, kinds: what there is to be named.
#include "base/sentence.h"
#include "cli/commands.h"
#include "finding/known_policies.h"
#include "finding/policy.h"

namespace eyelid {

int runPolicies() {
    for (const KnownPolicy& policy : knownPolicies()) {
        const QString title = titleOf(policy);
        const QString called = title == policy.name ? title : sentence(QStringLiteral("%1 (%2)"), policy.name, title);
        say(sentence(QStringLiteral("%1: %2"), called, originTitle(policy)));
    }
    return done;
}

int runKinds() {
    for (const Kind kind : allKinds()) say(sentence(QStringLiteral("%1: %2"), kindName(kind), kindTitle(kind)));
    return done;
}

} // namespace eyelid
