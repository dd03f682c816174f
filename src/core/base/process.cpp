#include "base/process.h"

#include <fcntl.h>
#include <QFileInfo>
#include <sys/prctl.h>
#include <sys/resource.h>
#include <unistd.h>

namespace eyelid {

void keepMemoryPrivate(Portal portal) {
    const rlimit least{1, 1};
    ::setrlimit(RLIMIT_CORE, &least);
    if (const int filter = ::open("/proc/self/coredump_filter", O_WRONLY | O_CLOEXEC); filter >= 0) {
        [[maybe_unused]] const auto written = ::write(filter, "0", 1);
        ::close(filter);
    }
    if (portal == Portal::No) ::prctl(PR_SET_DUMPABLE, 0);
}

bool hasSessionBus() {
    return !qEnvironmentVariableIsEmpty("DBUS_SESSION_BUS_ADDRESS") ||
           QFileInfo::exists(qEnvironmentVariable("XDG_RUNTIME_DIR") + QStringLiteral("/bus"));
}

void allowManyFiles() {
    rlimit files{};
    if (::getrlimit(RLIMIT_NOFILE, &files) != 0 || files.rlim_cur == files.rlim_max) return;
    // A limit the user has set low on purpose is low at the top as well.
    files.rlim_cur = files.rlim_max;
    ::setrlimit(RLIMIT_NOFILE, &files);
}

} // namespace eyelid
