// Made-up values that stand in place of real ones.
#pragma once

#include "finding/kind.h"

#include <memory>
#include <QByteArray>
#include <QSet>
#include <QString>

namespace eyelid {

/// What a case's stand-ins are made from. Nothing of a value goes into its stand-in: it comes from the case's secret
/// and the number of whose it is (docs/architecture.md, the rule of no influence).
struct StandInSource {
    QByteArray secret;
    QSet<QString> taken; ///< skeletons (spelling.h) of the case's real values: a stand-in is none of them
};

/// Whether values of a kind have stand-ins; others are named instead, as by standInName().
bool hasStandIns(Kind kind);

/// The same for the same number throughout the case. Names are of both sexes and many origins; numbers, addresses and
/// domains are of ranges that are set aside for examples, fiction or tests, with check digits that hold. Empty where
/// the kind has none, or all there are have been taken.
QString standIn(Kind kind, int identity, const StandInSource& source);

} // namespace eyelid
