// What each command of eyelid-cli does. All print results to standard output and troubles to standard error, and
// return the exit status.
#pragma once

#include <QString>
#include <QStringList>

namespace eyelid {

inline constexpr int done = 0, remains = 1, wrongUsage = 2, unusableInput = 3;

struct FindSettings {
    QString policy = QStringLiteral("everything");
    QString watchFile;
    QString languages = QStringLiteral("eng");
};

struct RedactSettings {
    FindSettings find;
    QString style;        ///< empty: as the policy says
    double strength = -1; ///< below 0: as the policy says
    QStringList covers;   ///< "x,y,w,h"
    bool look = true;
    bool force = false;
    QString folder;
    QString keyFile;
};

int runRead(const QString& file, const QString& languages, const QString& area, bool json);
int runFind(const QStringList& files, const FindSettings& settings, bool json);
int runRedact(const QStringList& files, const RedactSettings& settings);
int runCheck(const QStringList& files, const FindSettings& settings);

} // namespace eyelid
