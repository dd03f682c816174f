// Which kinds are looked for, how sure is sure enough, and which style they get. Written in TOML (docs/policies.md).
#pragma once

#include "base/result.h"
#include "finding/kind.h"

#include <array>
#include <QByteArray>
#include <QString>
#include <QStringList>

namespace eyelid {

enum class CoverStyle { Solid, Mosaic, Blur };

QString styleName(CoverStyle style);
std::optional<CoverStyle> styleFromName(const QString& name);

struct KindRule {
    bool on = false;
    double threshold = 0.5; ///< least confidence
    CoverStyle style = CoverStyle::Solid;
};

struct Policy {
    QString name;
    QString description;
    std::array<KindRule, findableKindCount> kinds; ///< by Kind, without Area
    double strength = 0.5;                         ///< of mosaic and blur, 0 to 1
    int evenWidth = 0; ///< covers are widened to a multiple of this many pixels; 0: as wide as needed
    QStringList watchWords;
    QStringList watchPatterns;
    QStringList exceptions; ///< values and patterns in slashes that are never findings

    const KindRule& rule(Kind kind) const { return kinds[size_t(kind)]; }
    KindRule& rule(Kind kind) { return kinds[size_t(kind)]; }
};

/// Reads a policy. The error names `source` with line and column, and says what is expected there.
Result<Policy> parsePolicy(const QByteArray& toml, const QString& source);

/// The names of the policies that ship with Eyelid, "everything" first.
QStringList shippedPolicyNames();

/// A shipped policy by its name, or else a file by its path.
Result<Policy> loadPolicy(const QString& nameOrPath);

} // namespace eyelid
