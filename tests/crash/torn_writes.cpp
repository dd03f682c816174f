// Loaded before the C library (LD_PRELOAD): what a program does to case files goes wrong after so many calls, as when
// the power fails or a disk does. EYELID_TEAR_AFTER calls go well; then, by EYELID_TEAR: "tear" writes half and ends
// the process as a power cut would, "fail" fails this and every later call, "full" fails writes alone, as a full disk
// does.
#include <atomic>
#include <cerrno>
#include <csignal>
#include <cstdlib>
#include <cstring>
#include <dlfcn.h>
#include <sys/types.h>
#include <unistd.h>

namespace {

std::atomic<long> calls{0};

template <typename Function> Function real(const char* name) {
    return reinterpret_cast<Function>(dlsym(RTLD_NEXT, name));
}

bool isCase(int file) {
    char link[64], path[4096] = {};
    const char* digits = "0123456789";
    char number[16];
    int at = 15;
    number[at] = 0;
    do number[--at] = digits[file % 10];
    while ((file /= 10) > 0);
    std::strcpy(link, "/proc/self/fd/");
    std::strcat(link, number + at);
    return readlink(link, path, sizeof path - 1) > 0 && std::strstr(path, ".eyelid");
}

enum class Sort { Write, Other };

// Whether this call is to go wrong. `half` writes half of what is being written.
template <typename Half> bool goesWrong(int file, Sort sort, const Half& half) {
    static const char* const way = std::getenv("EYELID_TEAR");
    static const long after = std::getenv("EYELID_TEAR_AFTER") ? std::atol(std::getenv("EYELID_TEAR_AFTER")) : 0;
    if (!way || !isCase(file) || ++calls <= after) return false;
    if (std::strcmp(way, "tear") == 0) {
        half();
        kill(getpid(), SIGKILL);
        pause();
    }
    if (std::strcmp(way, "full") == 0 && sort != Sort::Write) return false;
    errno = sort == Sort::Write ? ENOSPC : EIO;
    return true;
}

} // namespace

extern "C" {

ssize_t pwrite64(int file, const void* bytes, size_t count, off64_t at) {
    static const auto next = real<ssize_t (*)(int, const void*, size_t, off64_t)>("pwrite64");
    if (goesWrong(file, Sort::Write, [&] { next(file, bytes, count / 2, at); })) return -1;
    return next(file, bytes, count, at);
}

ssize_t pwrite(int file, const void* bytes, size_t count, off_t at) {
    return pwrite64(file, bytes, count, at);
}

ssize_t write(int file, const void* bytes, size_t count) {
    static const auto next = real<ssize_t (*)(int, const void*, size_t)>("write");
    if (goesWrong(file, Sort::Write, [&] { next(file, bytes, count / 2); })) return -1;
    return next(file, bytes, count);
}

int fsync(int file) {
    static const auto next = real<int (*)(int)>("fsync");
    return goesWrong(file, Sort::Other, [] {}) ? -1 : next(file);
}

int fdatasync(int file) {
    static const auto next = real<int (*)(int)>("fdatasync");
    return goesWrong(file, Sort::Other, [] {}) ? -1 : next(file);
}

int ftruncate64(int file, off64_t length) {
    static const auto next = real<int (*)(int, off64_t)>("ftruncate64");
    return goesWrong(file, Sort::Other, [] {}) ? -1 : next(file, length);
}

} // extern "C"
