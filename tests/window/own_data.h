// A data folder of a test's own.
#pragma once

#include "releasing/destinations/ways.h"

#include <QFile>
#include <QTemporaryDir>

namespace eyelid {

// A folder of one's own for ways and keys.
struct OwnData {
    QTemporaryDir data;
    const QByteArray before = qgetenv("XDG_DATA_HOME");
    OwnData() {
        qputenv("XDG_DATA_HOME", data.path().toUtf8());
        QFile::remove(waysFile()); // where tests' data is elsewhere
    }
    ~OwnData() { qputenv("XDG_DATA_HOME", before); }
};

} // namespace eyelid
