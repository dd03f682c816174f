#include "cli/console.h"

#include "base/sentence.h"

#include <atomic>
#include <cerrno>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <exception>
#include <fcntl.h>
#include <new>
#include <unistd.h>

namespace eyelid {
namespace {

int troubles = STDERR_FILENO; // where our own sentences go
bool lost = false;            // something printed could not be written

void writeLine(const char* line) {
    const size_t length = std::strlen(line);
    for (size_t at = 0; at < length;) {
        const ssize_t n = ::write(troubles, line + at, length - at);
        if (n <= 0 && errno != EINTR) return;
        if (n > 0) at += size_t(n);
    }
}

} // namespace

void openConsole() {
    // A closed descriptor would be taken by the next file that is opened, and written into.
    for (const int fd : {STDIN_FILENO, STDOUT_FILENO, STDERR_FILENO})
        if (::fcntl(fd, F_GETFD) < 0 && ::open("/dev/null", O_RDWR) < 0) return;
    // The lowest free descriptor is the next to be opened: no third one is needed, however few there may be.
    if (const int kept = ::fcntl(STDERR_FILENO, F_DUPFD_CLOEXEC, 3); kept >= 0) {
        ::close(STDERR_FILENO);
        if (::open("/dev/null", O_WRONLY) == STDERR_FILENO) troubles = kept;
    }
    std::set_new_handler(endWithoutMemory);
    std::set_terminate(endAtOnce);
}

namespace {

// Several threads may come to the end of the memory at once: one of them says so, the others wait for the end.
[[noreturn]] void endWith(const char* sentence) {
    static std::atomic_flag ending;
    if (ending.test_and_set())
        for (;;) ::pause();
    writeLine(sentence);
    ::_exit(unusableInput);
}

} // namespace

void endWithoutMemory() {
    endWith("eyelid-cli: There is too little memory for this; try fewer or smaller pictures.\n");
}

void endAtOnce() {
    endWith(
        "eyelid-cli: The work could not be finished: there is too little memory, or Eyelid has met a mistake of its "
        "own; nothing was written.\n");
}

void complain(const QString& sentence) {
    writeLine((QStringLiteral("eyelid-cli: ") + onOneLine(sentence) + u'\n').toUtf8().constData());
}

int fail(const Error& error) {
    complain(error.sentence);
    switch (error.kind) {
    case Error::Kind::Exists:
    case Error::Kind::BadInput:
    case Error::Kind::Locked:
    case Error::Kind::Missing:
        return wrongUsage;
    case Error::Kind::Damaged:
    case Error::Kind::NotReadable:
    case Error::Kind::NotWritable:
    case Error::Kind::Cancelled:
        return unusableInput;
    }
    return unusableInput;
}

void say(const QString& line) {
    print(onOneLine(line));
}
void print(const QString& text) {
    if (std::fprintf(stdout, "%s\n", text.toUtf8().constData()) < 0) lost = true;
}
void print(const nlohmann::ordered_json& json) {
    const std::string text = json.dump(2, ' ', false, nlohmann::ordered_json::error_handler_t::replace);
    if (std::fprintf(stdout, "%s\n", text.c_str()) < 0) lost = true;
}
void flush() {
    if (std::fflush(stdout) != 0) lost = true;
}

int closeConsole(int status) {
    errno = 0;
    flush();
    if (!lost && !std::ferror(stdout)) return status;
    complain(errno == ENOSPC ? Tr::tr("What was to be printed could not be written: the disk is full.")
                             : Tr::tr("What was to be printed could not be written."));
    return unusableInput;
}

} // namespace eyelid
