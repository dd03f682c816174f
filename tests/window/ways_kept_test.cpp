// Ways and places as the window keeps them, paper to the millimetre, and what a second start of the program asks for.
#include "app/releasing/paper.h"
#include "app/releasing/pinned_picture.h"
#include "app/releasing/places_view.h"
#include "app/window/settings.h"
#include "app/window/single_instance.h"
#include "base/files.h"
#include "window/own_data.h"
#include "window/releasing_desk.h"

#include <QCheckBox>
#include <QInputDialog>
#include <QLabel>
#include <QPrinter>
#include <QProcess>
#include <QSpinBox>

using namespace eyelid;

namespace {

struct Places : OwnData {
    Theme theme = Theme::light();
    PlacesView view{theme};
    Places() { view.show(); }
    QLineEdit* field(const char* name) { return view.findChild<QLineEdit*>(QLatin1String(name)); }
    QPushButton* button(const char* name) { return view.findChild<QPushButton*>(QLatin1String(name)); }
    QString hint() { return view.findChild<QLabel*>(QStringLiteral("placeHint"))->text(); }
    void fill(const QString& name, const QString& address) {
        field("placeName")->setText(name);
        field("placeAddress")->setText(address);
    }
};

struct WaysDesk : OwnData, ReleasingDesk {
    WaysDesk() { addNoise(1); }
    static QString chosen(ReleaseView& view) {
        return view.findChild<QComboBox*>(QStringLiteral("releaseWay"))->currentData().toString();
    }
    static void keepAs(ReleaseView& view, const QString& name) {
        QTimer answer;
        QObject::connect(&answer, &QTimer::timeout, [&] {
            auto* ask = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
            if (!ask) return;
            ask->setTextValue(name);
            ask->accept();
        });
        answer.start(20);
        QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("keepWay")), Qt::LeftButton);
    }
};

// What a page shows, in pixels of 96 an inch.
QImage pageOf(const QString& pdf, int page = 1) {
    QTemporaryDir folder;
    QProcess draw;
    draw.start(QStringLiteral("pdftoppm"),
               {QStringLiteral("-r"), QStringLiteral("96"), QStringLiteral("-f"), QString::number(page),
                QStringLiteral("-l"), QString::number(page), QStringLiteral("-singlefile"), QStringLiteral("-png"), pdf,
                folder.filePath(QStringLiteral("page"))});
    REQUIRE(draw.waitForFinished());
    return QImage(folder.filePath(QStringLiteral("page.png")));
}

// The place of all that has a colour.
QRect coloured(const QImage& page) {
    QRect place;
    for (int y = 0; y < page.height(); ++y)
        for (int x = 0; x < page.width(); ++x) {
            const QColor c = page.pixelColor(x, y);
            if (c.red() > 180 && c.green() < 90 && c.blue() < 90) place |= QRect(x, y, 1, 1);
        }
    return place;
}

QImage red(const QSize& size) {
    QImage image(size, QImage::Format_RGB32);
    image.fill(QColor(220, 30, 30));
    return image;
}

QString printed(const QTemporaryDir& folder, const std::vector<PaperPicture>& pictures, const PaperLayout& layout) {
    const QString file = folder.filePath(QStringLiteral("out.pdf"));
    QPrinter printer(QPrinter::HighResolution);
    printer.setOutputFileName(file);
    printer.setPageSize(QPageSize(QPageSize::A4));
    REQUIRE(printPictures(printer, pictures, layout));
    return file;
}

} // namespace

TEST_CASE("a place that nothing may be dropped at is not kept, and the view says what is wrong with it") {
    Places places;
    CHECK_FALSE(places.button("placeKeep")->isEnabled());
    places.fill(QStringLiteral("Store"), QStringLiteral("http://files.example/in"));
    CHECK(places.hint().contains(QStringLiteral("read along")));
    CHECK_FALSE(places.button("placeKeep")->isEnabled());
    places.fill(QStringLiteral("Store"), QStringLiteral("sftp://files.example/in"));
    CHECK(places.hint().contains(QStringLiteral("user name")));
    places.field("placeUser")->setText(QStringLiteral("office"));
    CHECK(places.button("placeLook")->isEnabled());
    CHECK_FALSE(places.button("placeKeep")->isEnabled()); // no key yet
    places.field("placeHostKey")->setText(QStringLiteral("SHA256:abc"));
    CHECK(places.button("placeKeep")->isEnabled());
    // By WebDAV there is no such key, and no key file.
    places.fill(QStringLiteral("Store"), QStringLiteral("https://files.example/in"));
    CHECK_FALSE(places.field("placeHostKey")->isEnabled());
    CHECK(places.field("placeAuthority")->isEnabled());
    CHECK(places.button("placeKeep")->isEnabled());
}

TEST_CASE("places are kept, changed and forgotten by their names") {
    Places places;
    places.fill(QStringLiteral("Store"), QStringLiteral("https://files.example/in"));
    places.button("placeKeep")->click();
    places.fill(QStringLiteral("Other"), QStringLiteral("https://other.example/in"));
    places.view.findChild<QSpinBox*>(QStringLiteral("placeDays"))->setValue(14);
    places.button("placeKeep")->click();
    REQUIRE(keptWays()->places.size() == 2);
    CHECK(keptWays()->place(QStringLiteral("Other"))->days == 14);
    places.field("placeLink")->setText(QStringLiteral("https://links.example/"));
    places.button("placeKeep")->click();
    CHECK(keptWays()->places.size() == 2);
    CHECK(keptWays()->place(QStringLiteral("Other"))->link == QStringLiteral("https://links.example/"));
    auto* list = places.view.findChild<QListWidget*>(QStringLiteral("places"));
    list->setCurrentRow(0);
    CHECK(places.field("placeAddress")->text() == QStringLiteral("https://files.example/in"));
    CHECK(places.field("placeLink")->text().isEmpty());
    places.button("placeForget")->click();
    REQUIRE(keptWays()->places.size() == 1);
    CHECK_FALSE(keptWays()->place(QStringLiteral("Store")));
}

TEST_CASE("a file of ways that is damaged is told of and not written over") {
    OwnData own;
    REQUIRE(makeFolder(waysFile().section(u'/', 0, -2)));
    REQUIRE(writeFileWhole(waysFile(), "nonsense", true));
    const Theme theme = Theme::light();
    PlacesView view(theme);
    view.show();
    CHECK(view.findChild<QLabel*>(QStringLiteral("placeHint"))->text().contains(QStringLiteral("damaged")));
    view.findChild<QLineEdit*>(QStringLiteral("placeName"))->setText(QStringLiteral("Store"));
    view.findChild<QLineEdit*>(QStringLiteral("placeAddress"))->setText(QStringLiteral("https://files.example/in"));
    CHECK_FALSE(view.findChild<QPushButton*>(QStringLiteral("placeKeep"))->isEnabled());
    CHECK(*readFile(waysFile()) == "nonsense");
}

TEST_CASE("a way brings back all that was chosen; changed by hand it is that way no more, and forgotten it is gone") {
    WaysDesk desk;
    ReleaseView& view = desk.openView();
    desk.choose(view, "releaseFormat", QStringLiteral("pdf"));
    view.findChild<QCheckBox*>(QStringLiteral("releaseWords"))->setChecked(true);
    view.findChild<QCheckBox*>(QStringLiteral("toScreen"))->setChecked(true);
    view.findChild<QLineEdit*>(QStringLiteral("releaseNames"))->setText(QStringLiteral("for the office {number}"));
    desk.keepAs(view, QStringLiteral("Office"));
    CHECK(desk.chosen(view) == QStringLiteral("Office"));
    const Way kept = view.way();

    desk.choose(view, "releaseFormat", QStringLiteral("png"));
    CHECK(desk.chosen(view).isEmpty());
    view.findChild<QCheckBox*>(QStringLiteral("toScreen"))->setChecked(false);
    desk.choose(view, "releaseWay", QStringLiteral("Office"));
    CHECK(view.way() == kept);
    // So it stands when the view is opened the next time.
    view.close();
    ReleaseView& again = desk.openView();
    CHECK(desk.chosen(again).isEmpty()); // a folder was named meanwhile
    desk.choose(again, "releaseWay", QStringLiteral("Office"));
    QTest::mouseClick(again.findChild<QPushButton*>(QStringLiteral("forgetWay")), Qt::LeftButton);
    CHECK(keptWays()->ways.isEmpty());
    CHECK(desk.chosen(again).isEmpty());
    again.close();
}

TEST_CASE("nothing is released to nowhere, and a program needs files") {
    WaysDesk desk;
    ReleaseView& view = desk.openView();
    auto* now = view.findChild<QPushButton*>(QStringLiteral("releaseNow"));
    auto* folder = view.findChild<QCheckBox*>(QStringLiteral("toFolder"));
    auto* command = view.findChild<QLineEdit*>(QStringLiteral("runCommand"));
    CHECK(now->isEnabled());
    folder->setChecked(false);
    CHECK_FALSE(now->isEnabled());
    view.findChild<QCheckBox*>(QStringLiteral("toClipboard"))->setChecked(true);
    CHECK(now->isEnabled());
    command->setText(QStringLiteral("cp {files} /srv"));
    CHECK_FALSE(now->isEnabled());
    folder->setChecked(true);
    CHECK(now->isEnabled());
    command->setText(QStringLiteral("cp \"{files}"));
    CHECK_FALSE(now->isEnabled());
    view.close();
}

TEST_CASE("at true size 96 pixels are an inch on paper, and what is larger than the page is made to fit") {
    const QTemporaryDir folder;
    const PaperLayout layout{true, 1, false};
    const QRect small = coloured(pageOf(printed(folder, {{red({300, 150}), {}}}, layout)));
    CHECK(std::abs(small.width() - 300) <= 2);
    CHECK(std::abs(small.height() - 150) <= 2);
    const QImage page = pageOf(printed(folder, {{red({4000, 1000}), {}}}, layout));
    const QRect large = coloured(page);
    CHECK(large.width() < page.width());
    CHECK(large.width() > page.width() / 2);
    CHECK(std::abs(large.width() - 4 * large.height()) <= 8); // nothing is squeezed
}

TEST_CASE("pictures of one page keep apart, fit their part of it, and leave room for their names") {
    const QTemporaryDir folder;
    std::vector<PaperPicture> four(4, PaperPicture{red({400, 300}), QStringLiteral("picture")});
    for (const bool captions : {false, true}) {
        const QImage page = pageOf(printed(folder, four, {false, 4, captions}));
        // Once across and once down through the pictures: each is met, with paper between them.
        const QRect all = coloured(page);
        int runs = 0;
        bool inside = false;
        const int y = all.top() + all.height() / 8;
        for (int x = 0; x < page.width(); ++x) {
            const QColor c = page.pixelColor(x, y);
            const bool is = c.red() > 180 && c.green() < 90;
            runs += is && !inside;
            inside = is;
        }
        CHECK(runs == 2);
        CHECK(page.rect().adjusted(4, 4, -4, -4).contains(all));
        if (captions) CHECK(all.bottom() < page.height() * 0.9);
    }
    CHECK(paperPages(5, {false, 4, true}) == 2);
    CHECK(paperPages(4, {false, 4, true}) == 1);
}

TEST_CASE("a pinned picture turns see-through and back within bounds, and is as large as its screen allows") {
    const Theme theme = Theme::light();
    PinnedPicture pinned(red({6000, 4000}), theme);
    QWidget window;
    pinned.showOn(window, 0);
    REQUIRE(QTest::qWaitForWindowExposed(&pinned));
    CHECK(pinned.screen()->availableGeometry().contains(pinned.geometry()));
    for (int i = 0; i < 20; ++i) QTest::keyClick(&pinned, Qt::Key_BracketLeft);
    CHECK(pinned.windowOpacity() > 0.15); // still to be seen
    for (int i = 0; i < 20; ++i) QTest::keyClick(&pinned, Qt::Key_BracketRight);
    CHECK(pinned.windowOpacity() == Approx(1));
    const double before = pinned.zoom();
    for (int i = 0; i < 200; ++i) QTest::keyClick(&pinned, Qt::Key_Plus);
    CHECK(pinned.zoom() > before);
    CHECK(pinned.zoom() <= 8);
}

TEST_CASE("a program that is started again brings its files into the window that is open") {
    OwnData own;
    Desk desk;
    const QTemporaryDir folder;
    const QString picture = folder.filePath(QStringLiteral("a picture.png"));
    REQUIRE(writeFileWhole(picture, *encodePicture(made::noise({120, 80}, 9), {}), false));
    fulfil(desk.window, {{picture}, {}, false});
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.picture(0).size() == QSize(120, 80));
    // By D-Bus as well: what is no file of this machine is passed over.
    SingleInstance instance(desk.window);
    instance.Open({QStringLiteral("https://files.example/x.png"), QUrl::fromLocalFile(picture).toString()}, {});
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    instance.ActivateAction(QStringLiteral("no such action"), {}, {});
    QApplication::processEvents();
    CHECK(desk.open().captures().size() == 2);
    desk.waitUntilRead();
}

TEST_CASE("how long copies stay, the language and where releases went are remembered, and nothing impossible is") {
    const CleanSettings clean;
    CHECK(settings::clipboardSeconds() == 90);
    settings::setClipboardSeconds(0);
    CHECK(settings::clipboardSeconds() == 0);
    settings::setClipboardSeconds(100'000);
    CHECK(settings::clipboardSeconds() == 3600);
    CHECK(settings::language().isEmpty());
    settings::setLanguage(QStringLiteral("de"));
    CHECK(settings::language() == QStringLiteral("de"));
    settings::setLanguage(QStringLiteral("no such language"));
    CHECK(settings::language().isEmpty());
    CHECK(settings::destinations() == Destinations{});
    Destinations to;
    to.folderPath = QStringLiteral("/home/wren-oakley");
    to.clipboard = true;
    to.command = {QStringLiteral("cp"), QStringLiteral("a b")};
    settings::setDestinations(to);
    CHECK(settings::destinations().clipboard);
    CHECK(settings::destinations().command == to.command);
    CHECK(settings::destinations().folderPath.isEmpty()); // of a case: kept there
}
