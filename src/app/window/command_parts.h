// How the window's commands are written down, whichever file lists them.
#pragma once

#include "app/window/commands.h"

namespace eyelid {

inline QKeySequence keys(const char* text) {
    return QKeySequence(QString::fromLatin1(text));
}

inline Command command(const char* id, const QString& text, QList<QKeySequence> shortcuts, std::function<void()> run,
                       const char* icon = "") {
    return {QString::fromLatin1(id), text, QString::fromLatin1(icon), std::move(shortcuts), std::move(run)};
}

inline Command checkable(Command command) {
    command.checkable = true;
    return command;
}

inline Command repeating(Command command) {
    command.repeats = true;
    return command;
}

// Other words people look for it by, of the trade.
inline Command called(Command command, const QString& words) {
    command.alsoCalled = words;
    return command;
}

inline Command first(Command command) {
    command.startsGroup = true;
    return command;
}

} // namespace eyelid
