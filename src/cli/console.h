// What the commands print, and how a run ends.
#pragma once

#include "base/result.h"

#include <nlohmann/json.hpp>
#include <QString>

namespace eyelid {

inline constexpr int done = 0, remains = 1, wrongUsage = 2, unusableInput = 3;

/// Keeps standard error for our own sentences: what libraries have to say there goes nowhere. Memory that runs out and
/// mistakes of our own end the run with one sentence and `unusableInput`.
void openConsole();

/// One sentence of trouble to standard error, on one line whatever names stand in it.
void complain(const QString& sentence);
/// complain() and the exit status that belongs to the kind of error: what was asked for cannot be done
/// (`wrongUsage`), or a file cannot be read or written (`unusableInput`).
int fail(const Error& error);

/// One line to standard output; control characters in it are spelt out.
void say(const QString& line);
/// Text that may have several lines and tabs, as it is.
void print(const QString& text);
void print(const nlohmann::ordered_json& json);
/// What was printed reaches its file at once: for names of pictures that are already there.
void flush();

/// Ends the run for want of memory, or of threads, with a sentence. Allocates nothing.
[[noreturn]] void endWithoutMemory();
/// Ends the run with a sentence for what nobody foresaw: nothing has been written by then.
[[noreturn]] void endAtOnce();

/// `status`, unless what was printed could not be written.
int closeConsole(int status);

} // namespace eyelid
