// What each command of eyelid-cli does. All print results to standard output and troubles to standard error, and
// return the exit status.
#pragma once

#include "cli/console.h"
#include "cli/release_options.h"
#include "editing/framing.h"
#include "editing/mark.h"

#include <QString>
#include <QStringList>

namespace eyelid {

struct FindSettings {
    QString policy = QStringLiteral("everything");
    QString watchFile;
    QString languages = QStringLiteral("eng");
};

struct RedactSettings {
    Framing framing;
    std::vector<Mark> marks; ///< on every picture
    int small = 0;           ///< the longest side of small versions beside them; 0: none
    FindSettings find;
    QString style;        ///< empty: as the policy says
    QString colour;       ///< of solid covers; as the style
    double strength = -1; ///< below 0: as the policy says
    bool markReplaced = false;
    QStringList covers; ///< "x,y,w,h"
    bool look = true;
    ReleaseSettings release;
    bool keepNames = false; ///< the inputs' own names instead of neutral ones
    QString folder;
    QString keyFile; ///< empty: this user's own
};

struct TakeSettings {
    bool list = false, active = false, desk = false, pointer = false, withoutFrame = false, force = false;
    QString monitor;             ///< name or number from 1
    QString window;              ///< id or part of the title
    QString region;              ///< "x,y,w,h"
    double delay = 0, every = 0; ///< seconds
    int count = 1;
    bool scroll = false, sideways = false;
    bool simulated = false; ///< the desk that comes with Eyelid instead of one's own
    QString out;            ///< a file, or a folder for several
};

struct JoinSettings {
    bool sideways = false, force = false;
    QString out;
};

/// Joins pictures of one page that overlap; tells of every join that is not sure and returns `remains` then.
int runJoin(const QStringList& files, const JoinSettings& settings);

struct PagesSettings {
    QString pages; ///< "1-3, 7"; empty: all
    double dpi = 150;
    QString passwordFile; ///< "-": standard input
    QString folder;
    bool force = false;
};

/// Pages of a PDF as pictures.
int runPages(const QString& file, const PagesSettings& settings);

int runTake(const TakeSettings& settings);
struct ReadSettings {
    FindSettings find;                       ///< for `sanitised`: what counts as sensitive
    QString area;                            ///< "x,y,w,h"; empty: all
    QString format = QStringLiteral("text"); ///< text, json, hocr, csv
    bool sanitised = false;
};

int runRead(const QString& file, const ReadSettings& settings);
int runFind(const QStringList& files, const FindSettings& settings, bool json);
int runRedact(const QStringList& files, const RedactSettings& settings);
struct VerifySettings {
    QString key;       ///< a public key, or a file of one; empty: one's own
    QString checksums; ///< a file of checksums handed on by another way; empty: none
};

/// Tells of each release whether its files are what was released.
int runVerify(const QStringList& paths, const VerifySettings& settings);
/// Prints the public half of the key that signs this user's releases.
int runSigningKey();
/// What can be named on the command line, a line each: "everything: ships with Eyelid".
int runPolicies();
int runKinds();
int runCheck(const QStringList& files, const FindSettings& settings);

} // namespace eyelid
