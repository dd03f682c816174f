#include "capture/fonts.h"
#include "support/run_tests.h"

#include <QGuiApplication>

int main(int argc, char** argv) {
    // Drawing text needs an application object, not a display.
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    eyelid::loadShippedFonts();
    return runTests(argc, argv);
}
