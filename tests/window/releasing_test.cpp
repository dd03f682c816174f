// Releasing, the register and verifying, driven as an officer drives them.
#include "app/releasing/register_view.h"
#include "app/releasing/release_flow.h"
#include "app/releasing/verify_view.h"
#include "app/window/settings.h"
#include "base/files.h"
#include "checking/pdf_contents.h"
#include "picture/container.h"
#include "support/made.h"
#include "window/releasing_desk.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDir>
#include <QInputDialog>
#include <QLabel>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QRegularExpression>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QTreeWidget>
#include <QtTest/QTest>

using namespace eyelid;

namespace {

struct TwoPictures : ReleasingDesk {
    TwoPictures() { addNoise(2); }
};

QString resultOf(VerifyView& view, const QStringList& paths) {
    auto* label = view.findChild<QLabel*>(QStringLiteral("verifyResult"));
    view.verify(paths);
    REQUIRE(until([&] { return !label->text().contains(QStringLiteral("Reading")); }));
    return label->text();
}

} // namespace

TEST_CASE("a check that was stopped goes on where it was, and begins anew where anything has changed") {
    constexpr int many = 12;
    ReleasingDesk desk;
    desk.addNoise(many);
    ReleaseFlow& flow = desk.window.releaseFlow();
    // Two are made at once: when the fifth is, the first has been.
    const QRegularExpression laterNumber(QStringLiteral("-(0[5-9]|1[0-2])"));
    std::vector<CheckedPicture> soFar;
    QObject::connect(&desk.window.worker(), &CaseWorker::checkFailed, &desk.window,
                     [&](const QString&, bool, const std::vector<CheckedPicture>& pictures) { soFar = pictures; });
    const auto stopAfterSome = [&] {
        soFar.clear();
        while (soFar.empty()) {
            flow.check();
            // Where the one moment in which a picture is made was missed, once more.
            REQUIRE(until(
                [&] { return !desk.window.worker().busy() || desk.window.worker().doing().contains(laterNumber); }));
            flow.stop();
            REQUIRE(until([&] { return !desk.window.worker().busy(); }));
        }
        REQUIRE(soFar.size() < many);
    };
    const auto checkAll = [&] {
        flow.check();
        REQUIRE(until([&] { return flow.standing() == ReleaseFlow::Check::Passed; }));
        REQUIRE(flow.pictures().size() == many);
    };
    const auto isTheSame = [&](size_t i) { // the very bytes, not bytes like them
        return flow.pictures()[i].artifact.bytes.constData() == soFar[i].artifact.bytes.constData();
    };
    stopAfterSome();
    checkAll();
    for (size_t i = 0; i < soFar.size(); ++i) CHECK(isTheSame(i));

    desk.open().setName(QStringLiteral("Another name"));
    stopAfterSome();
    desk.open().setName(QStringLiteral("Yet another"));
    checkAll();
    CHECK(!isTheSame(0));
}

TEST_CASE("what a release is made as is chosen before it is written, checked in that form, and remembered") {
    TwoPictures desk;
    ReleaseView& view = desk.openView();
    CHECK(desk.listed(view).first().endsWith(QStringLiteral("-01.png")));
    desk.choose(view, "releaseFormat", QStringLiteral("jpeg"));
    view.findChild<QSpinBox*>(QStringLiteral("releaseQuality"))->setValue(40);
    view.findChild<QCheckBox*>(QStringLiteral("releaseReport"))->setChecked(true);
    view.findChild<QLineEdit*>(QStringLiteral("releaseNames"))->setText(QStringLiteral("for the office {number}"));
    CHECK(desk.listed(view) ==
          QStringList{QStringLiteral("for the office 01.jpg"), QStringLiteral("for the office 02.jpg"),
                      QStringLiteral("redaction-report.html"), QStringLiteral("redaction-log.json.minisig"),
                      QStringLiteral("SHA256SUMS"), QStringLiteral("redaction-log.json")});
    CHECK(desk.window.releaseFlow().standing() == ReleaseFlow::Check::NotRun);
    const QStringList paths = desk.releaseNow(view);
    CHECK(paths.size() == 6);
    CHECK(formatOf(*readFile(paths.first())) == PictureFormat::Jpeg);
    for (const CheckedPicture& picture : desk.window.releaseFlow().pictures())
        CHECK(picture.encoding == Encoding{ReleaseFormat::Jpeg, 40});
    ReleaseView& again = desk.openView();
    CHECK(formatCode(again.form()) == QStringLiteral("jpeg"));
    CHECK(again.form().names == QStringLiteral("for the office {number}"));
    CHECK(again.form().report);
    again.close();
}

TEST_CASE("all pictures leave in one PDF, and again beside it without touching it") {
    TwoPictures desk;
    ReleaseView& view = desk.openView();
    desk.choose(view, "releaseFormat", QStringLiteral("pdf"));
    view.findChild<QCheckBox*>(QStringLiteral("releaseWords"))->setChecked(true);
    const QStringList first = desk.releaseNow(view);
    CHECK(first.size() == 4);
    const QByteArray pdf = *readFile(first.first());
    CHECK(pdf.startsWith("%PDF-1.7"));
    ReleaseView& again = desk.openView();
    const QStringList shown = desk.listed(again);
    const QStringList second = desk.releaseNow(again);
    for (qsizetype i = 0; i < second.size(); ++i) CHECK(second[i].endsWith(u'/' + shown[i])); // as they were shown
    CHECK(second.first().endsWith(QStringLiteral(" (2).pdf")));
    CHECK(*readFile(first.first()) == pdf);
    CHECK(QDir(desk.folder.path()).entryList(QDir::Files).size() == 8);
}

TEST_CASE("how many pictures stand on a page is chosen for a PDF alone, and kept") {
    TwoPictures desk;
    ReleaseView& view = desk.openView();
    auto* perSheet = view.findChild<QComboBox*>(QStringLiteral("releasePerSheet"));
    desk.choose(view, "releaseFormat", QStringLiteral("html"));
    CHECK_FALSE(perSheet->isVisible());
    desk.choose(view, "releaseFormat", QStringLiteral("pdf"));
    CHECK(perSheet->isVisible());
    perSheet->setCurrentIndex(perSheet->findData(2));
    emit perSheet->activated(perSheet->currentIndex());
    CHECK(view.form().perSheet == 2);
    const QStringList paths = desk.releaseNow(view);
    CHECK(takeApartPdf(*readFile(paths.first())).pages == 1);
    ReleaseView& again = desk.openView();
    CHECK(again.form().perSheet == 2);
    again.close();
}

TEST_CASE("the size that is told before a check is that of the files it makes, under a limit as well") {
    TwoPictures desk;
    const auto told = [](ReleaseView& view) {
        for (const QLabel* label : view.findChildren<QLabel*>())
            if (label->text().contains(QStringLiteral("pictures of"))) return label->text();
        return QString();
    };
    ReleaseView& view = desk.openView();
    view.findChild<QSpinBox*>(QStringLiteral("releaseMost"))->setValue(20);
    view.findChild<QCheckBox*>(QStringLiteral("releaseLimit"))->setChecked(true);
    REQUIRE(until([&] { return !told(view).isEmpty(); }));
    const QString before = told(view);
    desk.releaseNow(view);
    qint64 bytes = 0;
    for (const CheckedPicture& picture : desk.window.releaseFlow().pictures()) bytes += picture.artifact.bytes.size();
    CHECK(bytes <= 2 * 20000);
    CHECK(before.contains(QLocale().formattedDataSize(bytes, 0, QLocale::DataSizeSIFormat)));
}

TEST_CASE("names that are none, and a limit nothing keeps to, are said where they are chosen") {
    TwoPictures desk;
    ReleaseView& view = desk.openView();
    auto* now = view.findChild<QPushButton*>(QStringLiteral("releaseNow"));
    auto* names = view.findChild<QLineEdit*>(QStringLiteral("releaseNames"));
    names->setText(QStringLiteral("{nobody}"));
    CHECK_FALSE(now->isEnabled());
    names->setText(QStringLiteral("{case} {number}"));
    CHECK(now->isEnabled());
    // Noise takes more than 5 kB however it is made.
    view.findChild<QSpinBox*>(QStringLiteral("releaseMost"))->setValue(5);
    view.findChild<QCheckBox*>(QStringLiteral("releaseLimit"))->setChecked(true);
    QTest::mouseClick(now, Qt::LeftButton);
    const auto says = [&](const QString& text) {
        for (const QLabel* label : view.findChildren<QLabel*>())
            if (label->text().contains(text)) return true;
        return false;
    };
    REQUIRE(until([&] { return says(QStringLiteral("160 x 120")); }));
    CHECK(QDir(desk.folder.path()).isEmpty());
    view.close();
}

TEST_CASE("a release is noted with where it went, can be withdrawn with a reason, and is kept with the case") {
    TwoPictures desk;
    const QStringList paths = desk.releaseNow(desk.openView());
    const QList<ReleaseRecord>& releases = desk.open().state().releases;
    REQUIRE(releases.size() == 1);
    CHECK(releases[0].place == desk.folder.path());
    CHECK(releases[0].officer == desk.open().officer());
    CHECK(releases[0].files.size() == paths.size());
    RegisterView view(desk.open(), desk.theme);
    view.show();
    auto* tree = view.findChild<QTreeWidget*>(QStringLiteral("registerTree"));
    CHECK(tree->topLevelItemCount() == 1);
    CHECK(tree->topLevelItem(0)->childCount() == paths.size());
    QTimer::singleShot(0, [] {
        auto* asked = qobject_cast<QInputDialog*>(QApplication::activeModalWidget());
        if (!asked) return;
        asked->setTextValue(QStringLiteral("the wrong month"));
        asked->accept();
    });
    view.findChild<QPushButton*>(QStringLiteral("registerWithdraw"))->click();
    CHECK(releases[0].withdrawn == QStringLiteral("the wrong month"));
    CHECK(tree->topLevelItem(0)->text(3).contains(QStringLiteral("the wrong month")));
    CHECK_FALSE(view.findChild<QPushButton*>(QStringLiteral("registerWithdraw"))->isEnabled());
    // Undo takes back what was decided, never what has left.
    while (desk.open().history().canUndo()) desk.open().undo();
    CHECK(desk.open().state().releases.size() == 1);
}

TEST_CASE("files dropped on the view are verified, and it says which was altered") {
    TwoPictures desk;
    const QStringList paths = desk.releaseNow(desk.openView());
    VerifyView view(desk.theme);
    view.show();
    CHECK(resultOf(view, {desk.folder.path()}).startsWith(QStringLiteral("Intact")));
    QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("copyKey")), Qt::LeftButton);
    const QString key = QApplication::clipboard()->text().section(u'\n', 1, 1);
    view.findChild<QLineEdit*>(QStringLiteral("verifyKey"))->setText(key);
    CHECK(resultOf(view, {desk.folder.path()}).startsWith(QStringLiteral("Intact")));
    view.findChild<QLineEdit*>(QStringLiteral("verifyKey"))
        ->setText(QString::fromLatin1(publicKeyFile(newSigningKey().publicKey())).section(u'\n', 1, 1));
    CHECK(resultOf(view, {desk.folder.path()}).startsWith(QStringLiteral("Not intact")));
    view.findChild<QLineEdit*>(QStringLiteral("verifyKey"))->clear();
    REQUIRE(writeFileWhole(paths.first(), "something else", true));
    QMimeData dropped;
    dropped.setUrls({QUrl::fromLocalFile(desk.folder.path())});
    QDragEnterEvent enter(QPoint(20, 20), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&view, &enter);
    CHECK(enter.isAccepted());
    QDropEvent drop(QPointF(20, 20), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&view, &drop);
    auto* tree = view.findChild<QTreeWidget*>(QStringLiteral("verifyTree"));
    CHECK(until([&] {
        return !tree->findItems(QStringLiteral("altered"), Qt::MatchExactly | Qt::MatchRecursive, 1).isEmpty();
    }));
    CHECK(view.findChild<QLabel*>(QStringLiteral("verifyResult"))->text().startsWith(QStringLiteral("Not intact")));
}
