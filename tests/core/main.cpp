#define CATCH_CONFIG_RUNNER
#include "capture/fonts.h"

#include <catch2/catch.hpp>
#include <QGuiApplication>

int main(int argc, char** argv) {
    // Drawing text needs an application object, not a display.
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    eyelid::loadShippedFonts();
    return Catch::Session().run(argc, argv);
}
