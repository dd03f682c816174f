// A program of the user's own, run with the files of a release: by a list of arguments, never through a shell.
#pragma once

#include "releasing/destinations/destination.h"

namespace eyelid {

/// From a line as people write it: words apart by blanks, kept together by double quotes. Errors: BadInput for a quote
/// left open, or nothing.
Result<QStringList> commandFrom(const QString& line);
/// The line again.
QString lineOf(const QStringList& command);

/// The program and its arguments for these files: `{files}`, as an argument of its own, stands for their full names,
/// `{folder}` anywhere for the folder they are in. Where neither is there, the names come last.
QStringList filledCommand(const QStringList& command, const QStringList& paths);

/// Runs a program (first) with its arguments and waits for it to end. Errors: Missing for a program that is not there;
/// NotWritable for one that fails, with what it said last; Cancelled, which ends it.
Result<Done> runProgram(QStringList command, Progress& progress);

/// Errors: those of runProgram(); BadInput where the files stand nowhere.
std::unique_ptr<Destination> toCommand(const QStringList& command);

} // namespace eyelid
