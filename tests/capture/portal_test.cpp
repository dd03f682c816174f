// The portal source and the portal's shortcuts against the stand-in, each on a private bus.
#include "capture/global_shortcuts.h"
#include "capture/portal_source.h"
#include "picture/picture_file.h"
#include "support/made.h"
#include "support/portal_bus.h"
#include "support/run_tests.h"

#include <catch2/catch.hpp>
#include <QDBusInterface>
#include <QDir>
#include <QElapsedTimer>
#include <QGuiApplication>
#include <QRegularExpression>
#include <QScreen>
#include <QTemporaryDir>

using namespace eyelid;

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    return runTests(argc, argv);
}

namespace {

// Runs events until it is so.
bool until(const std::function<bool()>& condition) {
    QElapsedTimer timer;
    timer.start();
    while (!condition() && timer.elapsed() < 20'000) QCoreApplication::processEvents(QEventLoop::AllEvents, 50);
    return condition();
}

} // namespace

TEST_CASE("the portal's picture is taken, whole or in part, and its file does not stay behind") {
    QTemporaryDir folder;
    auto desk = [] {
        const QRect r = QGuiApplication::primaryScreen()->geometry();
        return made::noise(r.size(), 4);
    }();
    const QString file = folder.filePath(QStringLiteral("desk.png"));
    REQUIRE(writeFileWhole(file, encodePng(desk), true));
    Bus bus(QStringLiteral("granted"), file);
    auto source = PortalSource::open(bus.address);
    REQUIRE(source);
    auto whole = (*source)->take({});
    REQUIRE(whole);
    CHECK(*whole == desk);
    auto part = (*source)->take({Target::What::Region, {}, QRect(10, 20, 100, 50)});
    REQUIRE(part);
    CHECK(*part == desk.copy(10, 20, 100, 50));
    auto layout = (*source)->layout();
    REQUIRE(layout);
    auto monitor = (*source)->take({Target::What::Monitor, layout->monitors.front().name});
    REQUIRE(monitor);
    CHECK(*monitor == desk);
    CHECK(bus.leftFiles().isEmpty());
    auto window = (*source)->take({Target::What::Window, QStringLiteral("1")});
    REQUIRE_FALSE(window);
    CHECK(window.error().sentence.contains(QStringLiteral("region")));
    CHECK_FALSE((*source)->take({Target::What::Monitor, QStringLiteral("unplugged")}));
    CHECK_FALSE((*source)->scrolling({Target::What::Desk}, ScrollDirection::Down));
}

TEST_CASE("whatever the portal answers, a sentence says what is the matter") {
    const std::pair<const char*, const char*> manners[] = {{"refused", "refused"},
                                                           {"cancelled", "Cancelled"},
                                                           {"silent", "not answered"},
                                                           {"nonsense", "without a picture"},
                                                           {"denied", "does not allow"}};
    for (const auto& [manner, word] : manners) {
        INFO(manner);
        Bus bus(QString::fromLatin1(manner));
        auto source = PortalSource::open(bus.address, 700);
        REQUIRE(source);
        auto taken = (*source)->take({});
        REQUIRE_FALSE(taken);
        CHECK(taken.error().sentence.contains(QLatin1String(word)));
    }
    // A file that is no picture.
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("no.png"));
    REQUIRE(writeFileWhole(file, QByteArray("this is no picture"), true));
    Bus bus(QStringLiteral("granted"), file);
    auto source = PortalSource::open(bus.address, 2000);
    REQUIRE(source);
    auto taken = (*source)->take({});
    REQUIRE_FALSE(taken);
    CHECK(taken.error().sentence.contains(QStringLiteral("no picture")));
    CHECK(bus.leftFiles().isEmpty());
}

TEST_CASE("no portal and no bus are told of") {
    Bus bus({});
    auto none = PortalSource::open(bus.address);
    REQUIRE_FALSE(none);
    CHECK(none.error().sentence.contains(QStringLiteral("portal")));
    auto nowhere = PortalSource::open(QStringLiteral("unix:path=/nonexistent/bus"));
    REQUIRE_FALSE(nowhere);
    CHECK(nowhere.error().sentence.endsWith(QLatin1Char('.')));
    CHECK(portalShortcuts(bus.address) == nullptr);
}

TEST_CASE("shortcuts of the portal: what is given works, what is not is told of") {
    Bus bus(QStringLiteral("granted"));
    auto shortcuts = portalShortcuts(bus.address);
    REQUIRE(shortcuts);
    const std::vector<GlobalShortcut> wanted{
        {QStringLiteral("map"), QStringLiteral("Desk map"), QKeySequence(QStringLiteral("Ctrl+Print"))},
        {QStringLiteral("none"), QStringLiteral("Nothing"), {}},
        {QStringLiteral("region"), QStringLiteral("Region"), QKeySequence(QStringLiteral("Shift+Print"))}};
    const auto troubles = shortcuts->bind(wanted);
    CHECK(troubles.size() == 1);
    CHECK(troubles.contains(QStringLiteral("region")));
    QString pressed;
    QObject::connect(shortcuts.get(), &GlobalShortcuts::activated, [&](const QString& id) { pressed = id; });
    QDBusConnection connection = QDBusConnection::connectToBus(bus.address, QStringLiteral("presser"));
    QDBusMessage press = QDBusMessage::createMethodCall(QStringLiteral("org.freedesktop.portal.Desktop"),
                                                        QStringLiteral("/org/freedesktop/portal/desktop"),
                                                        QStringLiteral("org.eyelid.StandIn"), QStringLiteral("Press"));
    press << QStringLiteral("map");
    connection.asyncCall(press);
    CHECK(until([&] { return pressed == QStringLiteral("map"); }));
    for (const char* manner : {"refused", "cancelled", "nonsense", "denied"}) {
        Bus other(QString::fromLatin1(manner));
        auto unwilling = portalShortcuts(other.address);
        REQUIRE(unwilling);
        const auto all = unwilling->bind(wanted);
        CHECK(all.size() == 2);
        for (const QString& sentence : all) CHECK(sentence.endsWith(QLatin1Char('.')));
    }
}

TEST_CASE("two kinds with the same keys are a clash, told at both") {
    const auto found = clashes({{QStringLiteral("a"), QStringLiteral("Desk map"), QKeySequence(Qt::Key_F7)},
                                {QStringLiteral("b"), QStringLiteral("Region"), QKeySequence(Qt::Key_F7)},
                                {QStringLiteral("c"), QStringLiteral("Window"), QKeySequence(Qt::Key_F8)},
                                {QStringLiteral("d"), QStringLiteral("Monitor"), {}},
                                {QStringLiteral("e"), QStringLiteral("Desk"), {}}});
    CHECK(found.size() == 2);
    CHECK(found.value(QStringLiteral("a")).contains(QStringLiteral("Region")));
    CHECK(found.value(QStringLiteral("b")).contains(QStringLiteral("Desk map")));
}
