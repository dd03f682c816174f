// Paper through a real CUPS: printing/cups.sh starts one whose printer is a file.
#include "app/releasing/paper_view.h"
#include "app/window/theme.h"
#include "capture/fonts.h"
#include "support/made.h"
#include "support/run_tests.h"

#include <catch2/catch.hpp>
#include <QApplication>
#include <QFile>
#include <QPrinter>
#include <QPrinterInfo>
#include <QProcess>
#include <QtTest/QTest>

using namespace eyelid;

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    loadShippedFonts();
    return runTests(argc, argv);
}

TEST_CASE("pictures are printed by the printer that is chosen, and one that is not there is told of") {
    const Theme theme = Theme::light();
    REQUIRE(QPrinterInfo::availablePrinterNames().contains(QStringLiteral("paper")));
    PaperView view({{made::noise({300, 200}, 1), QStringLiteral("picture-01.png")},
                    {made::noise({200, 300}, 2), QStringLiteral("picture-02.png")}},
                   QStringLiteral("pictures"), theme);
    view.show();
    view.printer().setPrinterName(QStringLiteral("paper"));
    QString printed;
    QObject::connect(&view, &PaperView::printed, [&](const QString& name) { printed = name; });
    view.print();
    CHECK(printed == QStringLiteral("paper"));
    const QString file = qEnvironmentVariable("EYELID_PRINTED");
    // It arrives when CUPS has done its part.
    QProcess info;
    REQUIRE(QTest::qWaitFor(
        [&] {
            info.start(QStringLiteral("pdfinfo"), {file});
            return info.waitForFinished() && info.exitCode() == 0;
        },
        60'000));
    CHECK(info.readAllStandardOutput().contains("Pages:           2"));

    // A printer that is switched off, and one that is not there any more.
    for (const QStringList& change :
         {QStringList{QStringLiteral("cupsdisable"), QStringLiteral("paper")},
          QStringList{QStringLiteral("lpadmin"), QStringLiteral("-x"), QStringLiteral("paper")}}) {
        PaperView gone({{made::noise({300, 200}, 1), QStringLiteral("picture-01.png")}}, QStringLiteral("pictures"),
                       theme);
        gone.show();
        gone.printer().setPrinterName(QStringLiteral("paper"));
        QProcess changing;
        changing.start(change.first(), change.mid(1));
        REQUIRE(changing.waitForFinished());
        REQUIRE(changing.exitCode() == 0);
        printed.clear();
        QObject::connect(&gone, &PaperView::printed, [&](const QString& name) { printed = name; });
        gone.print();
        CHECK(printed.isEmpty());
        CHECK(gone.isVisible());
    }
}
