// Which kinds are looked for, how sure is sure enough, and which style they get. Written in TOML (docs/policies.md).
#pragma once

#include "base/result.h"
#include "finding/exceptions.h"
#include "finding/kind.h"
#include "finding/watch_list.h"

#include <array>
#include <compare>
#include <map>
#include <QByteArray>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

enum class CoverStyle {
    Solid,
    Mosaic,
    Blur,
    StandIn, ///< a made-up value on the ground, continued
    Label,   ///< what was there, by its kind and whose it was: "[person 1]"
};

inline constexpr CoverStyle allStyles[] = {CoverStyle::Solid, CoverStyle::Mosaic, CoverStyle::Blur, CoverStyle::StandIn,
                                           CoverStyle::Label};

QString styleName(CoverStyle style);  ///< in files
QString styleTitle(CoverStyle style); ///< for people
/// Whether a strength changes anything of it.
inline bool hasStrength(CoverStyle style) {
    return style == CoverStyle::Mosaic || style == CoverStyle::Blur;
}
std::optional<CoverStyle> styleFromName(const QString& name);

/// What solid covers are painted with.
enum class CoverColour {
    Aubergine,
    Black,
    Grey,
    White,
    Ground, ///< as what stands around, continued
};

inline constexpr CoverColour allCoverColours[] = {CoverColour::Aubergine, CoverColour::Black, CoverColour::Grey,
                                                  CoverColour::White, CoverColour::Ground};

QString colourName(CoverColour colour);  ///< in files
QString colourTitle(CoverColour colour); ///< for people
std::optional<CoverColour> colourFromName(const QString& name);

/// How a cover looks.
struct CoverLook {
    CoverStyle style = CoverStyle::Solid;
    double strength = 0.5; ///< of mosaic and blur, 0 (fine) to 1 (coarse); no influence on how well it hides
    CoverColour colour = CoverColour::Aubergine; ///< of solid ones
    auto operator<=>(const CoverLook&) const = default;
};

struct KindRule {
    bool on = false;
    double threshold = 0.5; ///< least confidence
    CoverStyle style = CoverStyle::Solid;
    QString ground;   ///< the legal ground or reason code for covering this kind, as it goes into the log; may be empty
    int keepLast = 0; ///< so many last characters of a value stay to be seen; only for cards and accounts
};

/// A pattern of the policy's own: a form, and what must hold beside it.
struct PolicyPattern {
    QString name;  ///< told as the reason: "is a job reference"
    Pattern match; ///< the first group, where there is one, is the value
    Kind kind = Kind::Watch;
    QStringList near; ///< one of these words must stand on the same line, or be its label; none: anywhere
    QString check;    ///< "luhn", "mod97", "mod11" or empty: what its digits must fulfil
    double confidence = 0.8;
};

/// How long a case keeps its captures.
struct Retention {
    int days = 30;         ///< after the first capture; 0: until somebody says so
    bool byItself = false; ///< what is due is destroyed without a question
    bool operator==(const Retention&) const = default;
};

/// What a policy is called in another language, and what it is said to be for.
struct PolicyWords {
    QString name, description;
    bool operator==(const PolicyWords&) const = default;
};

struct Policy {
    QString name; ///< it is known by, in every language
    QString description;
    std::map<QString, PolicyWords> translated;   ///< by the language's code
    std::array<KindRule, kindCount> kinds;       ///< by Kind
    double strength = 0.5;                       ///< of mosaic and blur, 0 to 1
    CoverColour colour = CoverColour::Aubergine; ///< of solid covers
    bool labelsTellGround = false; ///< labels say the ground for covering, where there is one, and not whose it was
    bool marksReplaced = false;    ///< stand-ins bear a small mark that says so
    int evenWidth = 0;             ///< covers are widened to a multiple of this many pixels; 0: as wide as needed
    WatchList watch;
    std::array<QStringList, kindCount> labels; ///< by Kind: more words that name such a field or column
    std::vector<PolicyPattern> patterns;
    Exceptions exceptions;
    Retention retention;
    QByteArray recoveryKey;  ///< the office's public key (X25519): new cases can be opened with its private one as well
    bool secondLook = false; ///< nothing is released before a second officer has looked it over

    const KindRule& rule(Kind kind) const { return kinds[size_t(kind)]; }
    KindRule& rule(Kind kind) { return kinds[size_t(kind)]; }
    /// Of covers of a kind.
    CoverLook look(Kind kind) const { return {rule(kind).style, strength, colour}; }
    /// Whether a kind is looked for: switched on, or what a pattern of the policy's own finds.
    bool looksFor(Kind kind) const;
};

/// Reads a policy. The error names `source` with line and column, and says what is expected there.
Result<Policy> parsePolicy(const QByteArray& toml, const QString& source);

/// The same for what writePolicy() wrote, whatever it can find: in use, a threshold may have been raised above what a
/// pattern is sure of.
Result<Policy> parseWrittenPolicy(const QByteArray& toml, const QString& source);

/// The policy as a file that parsePolicy() reads back to the same.
QByteArray writePolicy(const Policy& policy);

/// Its name and description in the language that is spoken, where the policy has them.
QString policyTitle(const Policy& policy);
QString policyDescription(const Policy& policy);

/// The names of the policies that ship with Eyelid, "everything" first.
QStringList shippedPolicyNames();

/// A policy that is known by name (known_policies.h), or else a file by its path.
Result<Policy> loadPolicy(const QString& nameOrPath);

} // namespace eyelid
