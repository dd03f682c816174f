// Every way out of the window for real: clipboard, drag, screen, paper, mail, drop, command; and ways that are kept.
#include "app/cases/lid_gauge.h"
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "app/releasing/handing_out.h"
#include "app/releasing/mail_program.h"
#include "app/releasing/paper_view.h"
#include "app/releasing/pinned_picture.h"
#include "app/releasing/places_view.h"
#include "app/window/settings.h"
#include "base/files.h"
#include "picture/container.h"
#include "support/made.h"
#include "support/portal_bus.h"
#include "support/server_input.h"
#include "support/servers.h"
#include "window/own_data.h"
#include "window/releasing_desk.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QInputDialog>
#include <QLabel>
#include <QMessageBox>
#include <QMimeData>
#include <QMouseEvent>
#include <QPrinter>
#include <QPrintPreviewWidget>
#include <QProcess>
#include <QSpinBox>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

struct WaysOutDesk : OwnData, ReleasingDesk {
    void run(const char* command) { window.commands()[QLatin1String(command)].trigger(); }
    static void tick(ReleaseView& view, const char* name, bool on = true) {
        view.findChild<QCheckBox*>(QLatin1String(name))->setChecked(on);
    }
    QStringList places() {
        QStringList all;
        for (const ReleaseRecord& release : open().state().releases) all << release.way + u' ' + release.place;
        return all;
    }
    // Of one that may write no file at all.
    void handOverNow(ReleaseView& view) {
        bool released = false;
        QObject::connect(
            &window.releaseFlow(), &ReleaseFlow::released, &window, [&] { released = true; }, Qt::SingleShotConnection);
        QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
        REQUIRE(until([&] { return released; }));
        view.close();
    }
};

// Something that must have been hidden.
struct OneSecret : WaysOutDesk {
    OneSecret() {
        window.intake().add(made::picture({QStringLiteral("Mail: wren.oakley@larkmoor.example")}),
                            QStringLiteral("screen"));
        waitUntilRead();
        REQUIRE(items(0).size() == 1);
        REQUIRE(items(0)[0].decision == Decision::Open);
    }
    bool isHidden(const QImage& handed) {
        if (handed.size() != picture(0).size()) return false;
        const QRect place = items(0)[0].finding.boxes[0].toRect();
        return handed.copy(place) != picture(0).convertToFormat(handed.format()).copy(place);
    }
};

} // namespace

TEST_CASE("what is copied hides what is open, is checked, stands in the register, and is taken back") {
    OneSecret desk;
    QClipboard* clipboard = QGuiApplication::clipboard();
    clipboard->setText(QStringLiteral("before"));
    desk.run("copyPicture");
    REQUIRE(until([&] { return clipboard->mimeData()->hasImage(); }));
    CHECK(desk.isHidden(clipboard->image()));
    CHECK(clipboard->mimeData()->hasHtml());
    CHECK(desk.items(0)[0].decision == Decision::Open); // nothing was decided by it
    REQUIRE(desk.open().state().releases.size() == 1);
    CHECK(desk.open().state().releases[0].way == QStringLiteral("clipboard"));
    desk.window.handingOut().takeBack();
    CHECK_FALSE(clipboard->mimeData()->hasImage());

    desk.run("copyWords");
    REQUIRE(until([&] { return clipboard->text().contains(QStringLiteral("Mail")); }));
    CHECK_FALSE(clipboard->text().contains(QStringLiteral("wren")));
    desk.run("copyMarkdown");
    REQUIRE(until([&] { return clipboard->text().startsWith(QStringLiteral("![")); }));
    desk.run("copyFile");
    REQUIRE(until([&] { return clipboard->mimeData()->hasUrls(); }));
    const auto bytes = readFile(clipboard->mimeData()->urls().first().toLocalFile());
    REQUIRE(bytes);
    CHECK(desk.isHidden(QImage::fromData(*bytes)));
    // What somebody else has copied meanwhile is theirs.
    clipboard->setText(QStringLiteral("another"));
    desk.window.handingOut().takeBack();
    CHECK(clipboard->text() == QStringLiteral("another"));
}

TEST_CASE("what was copied goes from the clipboard by itself after the time that is set") {
    OneSecret desk;
    settings::setClipboardSeconds(1);
    QGuiApplication::clipboard()->clear();
    desk.run("copyPicture");
    REQUIRE(until([&] { return QGuiApplication::clipboard()->mimeData()->hasImage(); }));
    REQUIRE(until([&] { return !QGuiApplication::clipboard()->mimeData()->hasImage(); }));
}

TEST_CASE("a capture that has not been read is not handed out") {
    WaysOutDesk desk;
    desk.window.intake().add(made::noise({900, 700}, 5), QStringLiteral("noise"));
    desk.window.worker().cancel();
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    REQUIRE(desk.open().captures()[0].reading == Capture::Reading::Failed);
    QGuiApplication::clipboard()->setText(QStringLiteral("before"));
    desk.run("copyPicture");
    auto* box = desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"));
    REQUIRE(box);
    CHECK(box->text().contains(QStringLiteral("not been read")));
    box->close();
    CHECK(QGuiApplication::clipboard()->text() == QStringLiteral("before"));
}

TEST_CASE("nothing is handed out past the second officer a policy asks for") {
    OneSecret desk;
    Policy policy = desk.open().policy();
    policy.secondLook = true;
    desk.open().setPolicy(policy);
    desk.waitUntilRead();
    const std::unique_ptr<QMimeData> dragged(desk.window.handingOut().toDrag({desk.open().captures()[0].id}));
    CHECK(dragged->urls().isEmpty());
    CHECK(desk.open().state().releases.isEmpty());
    auto* box = desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"));
    REQUIRE(box);
    CHECK(box->text().contains(QStringLiteral("second officer")));
    box->close();
}

TEST_CASE("a capture that has gone meanwhile is nothing to whoever it is dropped on, and nobody waits for it") {
    OneSecret desk;
    const int id = desk.open().captures()[0].id;
    const std::unique_ptr<QMimeData> dragged(desk.window.handingOut().toDrag({id}));
    desk.open().remove(id);
    CHECK(dragged->urls().isEmpty());
    desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"))->close();
}

TEST_CASE("two programs that look alike in a line are two, and each is asked about by itself") {
    const CleanSettings clean;
    const QStringList one{QStringLiteral("sh"), QStringLiteral("a\" \"b")};
    const QStringList other{QStringLiteral("sh"), QStringLiteral("a"), QStringLiteral("b")};
    settings::setKnowsCommand(one);
    CHECK(settings::knowsCommand(one));
    CHECK_FALSE(settings::knowsCommand(other));
    CHECK_FALSE(settings::knowsCommand({QStringLiteral("sh"), QStringLiteral("a b")}));
}

TEST_CASE("dragged out of the strip a capture is a sanitised file, and back into the window it is nothing") {
    OneSecret desk;
    const std::unique_ptr<QMimeData> dragged(desk.window.handingOut().toDrag({desk.open().captures()[0].id}));
    CHECK(dragged->hasUrls());
    CHECK(desk.open().state().releases.isEmpty()); // nobody has asked for it yet
    const QList<QUrl> urls = dragged->urls();
    REQUIRE(urls.size() == 1);
    const auto bytes = readFile(urls.first().toLocalFile());
    REQUIRE(bytes);
    CHECK(desk.isHidden(QImage::fromData(*bytes)));
    CHECK(desk.places() == QStringList{QStringLiteral("drag ")});
}

TEST_CASE("dropped on another program's window a capture arrives sanitised, while it is open") {
    OneSecret desk;
    const QTemporaryDir taken;
    QProcess other;
    QStringList said;
    QObject::connect(&other, &QProcess::readyReadStandardOutput, &desk.window, [&] {
        while (other.canReadLine()) said << QString::fromUtf8(other.readLine()).trimmed();
    });
    other.start(QStringLiteral(DROP_TARGET), {taken.path()});
    REQUIRE(until([&] { return !said.isEmpty(); }));
    const QStringList ready = said.first().split(u' ');
    const QPoint there(ready.value(1).toInt(), ready.value(2).toInt());
    auto* strip = desk.window.findChild<Strip*>();
    const QPoint here = strip->viewport()->mapToGlobal(strip->visualRect(strip->model()->index(0, 0)).center());

    // While something is dragged the desk is in a loop of its own: the hand goes on by a timer, as it would.
    ServerInput hand;
    QTimer steps;
    int step = 0;
    QObject::connect(&steps, &QTimer::timeout, &desk.window, [&] {
        if (said.contains(QStringLiteral("over"))) return hand.release();
        // From the capture to the other window, and to and fro over it until it has seen what is held.
        const double way = std::min(1.0, ++step / 8.0);
        hand.pointTo(here + (there - here) * way + QPoint(step % 2 * 4, 0));
    });
    hand.pointTo(here);
    hand.press();
    steps.start(20);
    CHECK(until([&] { return said.last().startsWith(QStringLiteral("took")); }));
    steps.stop();
    hand.release();
    other.kill();
    other.waitForFinished();

    const QStringList files = QDir(taken.path()).entryList(QDir::Files);
    REQUIRE(files.size() == 1);
    const auto bytes = readFile(QDir(taken.path()).filePath(files[0]));
    REQUIRE(bytes);
    CHECK(desk.isHidden(QImage::fromData(*bytes)));
    CHECK(desk.items(0)[0].decision == Decision::Open);
    CHECK(desk.places() == QStringList{QStringLiteral("drag ")});
}

TEST_CASE("dragged out of the gate all captures are sanitised files, and none leaves where one may not") {
    OneSecret desk;
    const int first = desk.open().captures()[0].id;
    const int second = desk.open().add(desk.picture(0), QStringLiteral("again"));
    const std::unique_ptr<QMimeData> early(desk.window.handingOut().toDrag({first, second}));
    CHECK(early->urls().isEmpty()); // the second has not been read
    desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"))->close();
    desk.waitUntilRead();
    const std::unique_ptr<QMimeData> dragged(desk.window.handingOut().toDrag({first, second}));
    const QList<QUrl> urls = dragged->urls();
    REQUIRE(urls.size() == 2);
    CHECK(urls[0] != urls[1]);
    for (const QUrl& url : urls) {
        const auto bytes = readFile(url.toLocalFile());
        REQUIRE(bytes);
        CHECK(desk.isHidden(QImage::fromData(*bytes)));
    }
    REQUIRE(desk.open().state().releases.size() == 1);
    CHECK(desk.open().state().releases[0].files.size() == 2);
}

TEST_CASE("the gauge of the gate is what is dragged, once the pointer has gone some way with it") {
    OneSecret desk;
    int asked = 0;
    desk.window.gate().giveAway([&]() -> QMimeData* { return ++asked, nullptr; });
    auto* gauge = desk.window.gate().findChild<LidGauge*>();
    REQUIRE(gauge);
    const QPoint from = gauge->rect().center();
    QTest::mousePress(gauge, Qt::LeftButton, Qt::NoModifier, from);
    const auto moveTo = [&](const QPoint& to) {
        QMouseEvent move(QEvent::MouseMove, to, gauge->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(gauge, &move);
    };
    moveTo(from + QPoint(1, 0));
    CHECK(asked == 0);
    moveTo(from + QPoint(QApplication::startDragDistance(), 0));
    CHECK(asked == 1);
    QTest::mouseRelease(gauge, Qt::LeftButton, Qt::NoModifier, from);
}

TEST_CASE("a pinned picture is sanitised, stays above, is zoomed and moved by keys, and goes with Escape") {
    OneSecret desk;
    desk.run("pin");
    REQUIRE(until([&] { return !desk.window.handingOut().pinned().isEmpty(); }));
    const QPointer<PinnedPicture> pinned = desk.window.handingOut().pinned().first();
    REQUIRE(pinned);
    REQUIRE(QTest::qWaitForWindowExposed(pinned));
    CHECK(pinned->windowFlags().testFlag(Qt::WindowStaysOnTopHint));
    CHECK(desk.isHidden(pinned->grab(pinned->rect().adjusted(1, 1, -1, -1)).toImage()));
    const QSize before = pinned->size();
    QTest::keyClick(pinned.data(), Qt::Key_Plus);
    CHECK(pinned->width() > before.width());
    const QPoint place = pinned->pos();
    QTest::keyClick(pinned.data(), Qt::Key_Right);
    CHECK(pinned->pos().x() == place.x() + 8);
    pinned->setZoom(0.0001);
    CHECK(pinned->width() > 20); // still to be taken hold of
    QTest::keyClick(pinned.data(), Qt::Key_Escape);
    REQUIRE(until([&] { return pinned.isNull(); }));
}

TEST_CASE(
    "a release goes to folder, clipboard, screen and a program at once; kept as a way it goes so again by one key") {
    WaysOutDesk desk;
    desk.addNoise(2);
    ReleaseView& view = desk.openView();
    for (const char* to : {"toClipboard", "toScreen"}) desk.tick(view, to);
    QTemporaryDir elsewhere;
    const QString copied = elsewhere.filePath(QStringLiteral("copied"));
    view.findChild<QLineEdit*>(QStringLiteral("runCommand"))->setText(QStringLiteral("cp -r {folder} ") + copied);
    bool asked = false;
    QTimer answer;
    QObject::connect(&answer, &QTimer::timeout, [&] {
        if (auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget())) {
            asked = box->text().contains(copied);
            box->button(QMessageBox::Yes)->click();
        } else if (auto* name = qobject_cast<QInputDialog*>(QApplication::activeModalWidget())) {
            name->setTextValue(QStringLiteral("Supplier"));
            name->accept();
        }
    });
    answer.start(20);
    QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("keepWay")), Qt::LeftButton);
    CHECK(view.way().name == QStringLiteral("Supplier"));
    desk.handOverNow(view);
    CHECK(asked);
    CHECK(fileExists(copied + QStringLiteral("/redaction-log.json")));
    CHECK(until([&] { return QGuiApplication::clipboard()->mimeData()->urls().size() >= 2; }));
    CHECK(until([&] { return desk.window.handingOut().pinned().size() == 2; }));
    CHECK(desk.places() == QStringList{QStringLiteral("folder ") + desk.folder.path(),
                                       QStringLiteral("command cp -r {folder} ") + copied, QStringLiteral("clipboard "),
                                       QStringLiteral("screen ")});
    // Nothing is asked a second time.
    asked = false;
    bool released = false;
    QObject::connect(&desk.window.releaseFlow(), &ReleaseFlow::released, &desk.window, [&] { released = true; });
    desk.run("releaseAgain");
    REQUIRE(until([&] { return released; }));
    CHECK_FALSE(asked);
    CHECK(desk.open().state().releases.size() == 8);
}

TEST_CASE("a program that fails is told of, and what was written before it stands and is in the register") {
    WaysOutDesk desk;
    desk.addNoise(1);
    settings::setKnowsCommand({QStringLiteral("false")});
    ReleaseView& view = desk.openView();
    view.findChild<QLineEdit*>(QStringLiteral("runCommand"))->setText(QStringLiteral("false"));
    QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
    const auto says = [&](const QString& text) {
        for (const QLabel* label : view.findChildren<QLabel*>())
            if (label->text().contains(text)) return true;
        return false;
    };
    REQUIRE(until([&] { return says(QStringLiteral("false failed")); }));
    CHECK(says(QStringLiteral("What went before stands")));
    CHECK(desk.places() == QStringList{QStringLiteral("folder ") + desk.folder.path()});
    // A mail or a program without files is not begun.
    desk.tick(view, "toFolder", false);
    CHECK_FALSE(view.findChild<QPushButton*>(QStringLiteral("releaseNow"))->isEnabled());
    view.close();
}

TEST_CASE("a place is set up in the window, and a release is dropped there with its link on the clipboard") {
    WaysOutDesk desk;
    desk.addNoise(1);
    const SftpServerHere server;
    PlacesView places(desk.theme);
    places.show();
    const auto field = [&](const char* name) { return places.findChild<QLineEdit*>(QLatin1String(name)); };
    auto* keep = places.findChild<QPushButton*>(QStringLiteral("placeKeep"));
    CHECK_FALSE(keep->isEnabled());
    field("placeName")->setText(QStringLiteral("Store"));
    field("placeAddress")->setText(server.place().address);
    field("placeUser")->setText(server.place().user);
    field("placeKeyFile")->setText(server.place().keyFile);
    places.findChild<QSpinBox*>(QStringLiteral("placeDays"))->setValue(7);
    CHECK_FALSE(keep->isEnabled()); // nobody knows the server's key yet
    places.findChild<QPushButton*>(QStringLiteral("placeLook"))->click();
    REQUIRE(until([&] { return !field("placeHostKey")->text().isEmpty(); }));
    keep->click();
    places.close();
    REQUIRE(keptWays()->place(QStringLiteral("Store")));

    ReleaseView& view = desk.openView();
    desk.tick(view, "toFolder", false);
    auto* drop = view.findChild<QComboBox*>(QStringLiteral("dropPlace"));
    drop->setCurrentIndex(drop->findData(QStringLiteral("Store")));
    emit drop->activated(drop->currentIndex());
    desk.handOverNow(view);
    REQUIRE(server.names().size() == 1);
    CHECK(server.names().first().contains(QStringLiteral(" until 20")));
    CHECK(QDir(server.path(server.names().first()))
              .entryList(QDir::Files)
              .contains(QStringLiteral("redaction-log.json")));
    CHECK(QGuiApplication::clipboard()->text().startsWith(server.place().address));
    CHECK(QDir(desk.folder.path()).isEmpty());
    REQUIRE(desk.open().state().releases.size() == 1);
    CHECK(desk.open().state().releases[0].way == QStringLiteral("drop"));
}

TEST_CASE("pictures go to paper as the preview shows them: one, two or four a page") {
    WaysOutDesk desk;
    QTemporaryDir folder;
    std::vector<PaperPicture> pictures;
    for (unsigned i = 0; i < 5; ++i)
        pictures.push_back({made::noise({300, 200}, i), QStringLiteral("picture %1").arg(i)});
    for (const auto& [index, pages] : {std::pair(0, 5), std::pair(1, 3), std::pair(2, 2)}) {
        PaperView view(pictures, QStringLiteral("pictures"), desk.theme);
        auto* perPage = view.findChild<QComboBox*>(QStringLiteral("perPage"));
        perPage->setCurrentIndex(index);
        emit perPage->activated(index);
        view.show();
        REQUIRE(until([&] { return view.findChild<QPrintPreviewWidget*>()->pageCount() == pages; }));
        const QString file = folder.filePath(QStringLiteral("%1.pdf").arg(index));
        view.printer().setOutputFileName(file);
        QString printed;
        QObject::connect(&view, &PaperView::printed, [&](const QString& where) { printed = where; });
        view.print();
        CHECK(printed == file);
        QProcess info;
        info.start(QStringLiteral("pdfinfo"), {file});
        REQUIRE(info.waitForFinished());
        CHECK(info.readAll().contains(QByteArray("Pages:           ") + QByteArray::number(pages)));
        QProcess text;
        text.start(QStringLiteral("pdftotext"), {file, QStringLiteral("-")});
        REQUIRE(text.waitForFinished());
        const QString words = QString::fromUtf8(text.readAll());
        CHECK(words.contains(QStringLiteral("picture 4")));
        CHECK(words.contains(QStringLiteral("Page %1 of %1").arg(pages)));
    }
    // A printer that takes nothing is told of, and the view stays.
    PaperView view(pictures, QStringLiteral("pictures"), desk.theme);
    view.show();
    view.printer().setOutputFileName(QStringLiteral("/no/such/folder/x.pdf"));
    view.print();
    CHECK(view.isVisible());
}

TEST_CASE("a mail draft is given to the desktop's mail program with its files, or a sentence says why not") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("picture.png"));
    REQUIRE(writeFileWhole(file, QByteArray(1234, 'x'), false));
    const Release release{{}, {file}};
    Progress progress;
    {
        Bus bus(QStringLiteral("granted"));
        REQUIRE(toMailProgramOfDesktop(mailTextFor(QStringLiteral("leak")), bus.address)->deliver(release, progress));
        const QString told = bus.told();
        CHECK(told.contains(QStringLiteral("subject: leak")));
        CHECK(told.contains(QStringLiteral("file: 1234 bytes")));
    }
    Bus bus(QStringLiteral("cancelled"));
    const auto not_ =
        toMailProgramOfDesktop(mailTextFor(QStringLiteral("leak")), bus.address)->deliver(release, progress);
    REQUIRE_FALSE(not_);
    CHECK(not_.error().kind == Error::Kind::Cancelled);
}
