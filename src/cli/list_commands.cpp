// policies, kinds: what there is to be named.
#include "base/sentence.h"
#include "cli/commands.h"
#include "finding/known_policies.h"
#include "finding/policy.h"

namespace eyelid {

int runPolicies() {
    for (const KnownPolicy& policy : knownPolicies())
        say(sentence(QStringLiteral("%1: %2"), policy.name, originTitle(policy)));
    return done;
}

int runKinds() {
    for (const Kind kind : allKinds()) say(sentence(QStringLiteral("%1: %2"), kindName(kind), kindTitle(kind)));
    return done;
}

} // namespace eyelid
