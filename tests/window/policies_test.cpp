// The policies view: tried on the open capture without changing the case, used, undone and saved.
#include "window/desk.h"

#include "app/findings/policies_view.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTimer>

using namespace eyelid;

namespace {

PoliciesView& opened(Desk& desk) {
    QTest::keyClick(&desk.window.sheet(), Qt::Key_P);
    auto* view = desk.window.findChild<PoliciesView*>();
    REQUIRE(view);
    REQUIRE(QTest::qWaitForWindowExposed(view));
    return *view;
}

QString effect(PoliciesView& view) {
    return view.findChild<QLabel*>(QStringLiteral("policyEffect"))->text();
}

void choose(PoliciesView& view, const QString& name) {
    auto* names = view.findChild<QComboBox*>(QStringLiteral("policyNames"));
    const int at = names->findText(name);
    REQUIRE(at >= 0);
    names->setCurrentIndex(at);
    emit names->activated(at);
}

} // namespace

TEST_CASE("a policy is tried on the capture before it is used, and using it can be undone") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    PoliciesView& view = opened(desk);
    const auto before = desk.items(desk.open().captures().size() - 1).size();
    REQUIRE(before > 2);
    CHECK(until([&] { return effect(view).startsWith(QLatin1String("The case uses this policy")); }));

    choose(view, QStringLiteral("Credentials"));
    CHECK(until([&] { return effect(view).contains(QStringLiteral("the case's finds %1").arg(before)); }));
    CHECK(desk.items(desk.open().captures().size() - 1).size() == before); // only tried
    CHECK(desk.open().policy().name == QLatin1String("everything"));

    view.findChild<QPushButton*>(QStringLiteral("policyUse"))->click();
    CHECK(desk.open().policy().name == QLatin1String("credentials"));
    CHECK(until([&] { return desk.items(desk.open().captures().size() - 1).size() < before; }));
    CHECK_FALSE(view.findChild<QPushButton*>(QStringLiteral("policyUse"))->isEnabled());

    desk.open().undo();
    CHECK(desk.open().policy().name == QLatin1String("everything"));
    CHECK(until([&] { return desk.items(desk.open().captures().size() - 1).size() == before; }));
}

TEST_CASE("a kind switched off, an exception and a name of its own are kept in the file that is saved") {
    const QString path = policyFolder() + QStringLiteral("/front-office.toml");
    QFile::remove(path);
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    PoliciesView& view = opened(desk);
    QCheckBox* person = nullptr;
    for (auto* box : view.findChildren<QCheckBox*>(QStringLiteral("policyOn")))
        if (box->text() == kindTitle(Kind::Person)) person = box;
    REQUIRE(person);
    person->setChecked(false);
    view.findChild<QPlainTextEdit*>(QStringLiteral("policyExceptions"))->setPlainText(QStringLiteral("01632 960000"));
    CHECK(view.findChild<QPushButton*>(QStringLiteral("policyUse"))->isEnabled());

    QTimer::singleShot(0, [&] {
        auto* ask = view.findChild<QInputDialog*>();
        REQUIRE(ask);
        ask->setTextValue(QStringLiteral("Front office"));
        ask->accept();
    });
    view.findChild<QPushButton*>(QStringLiteral("policySave"))->click();
    const auto saved = loadPolicy(path);
    REQUIRE(saved);
    CHECK(saved->name == QLatin1String("Front office"));
    CHECK_FALSE(saved->rule(Kind::Person).on);
    CHECK(saved->rule(Kind::Email).on);
    CHECK(saved->exceptions.entries() == QStringList{QStringLiteral("01632 960000")});
    CHECK(view.findChild<QComboBox*>(QStringLiteral("policyNames"))->findText(QStringLiteral("Front office")) >= 0);
    QFile::remove(path);
}

TEST_CASE("with nothing open the view says what to do") {
    Desk desk;
    PoliciesView& view = opened(desk);
    CHECK(effect(view).startsWith(QLatin1String("Open a capture")));
}

TEST_CASE("the colour of solid covers, the mark on stand-ins and what labels tell are the policy's, used and undone") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    PoliciesView& view = opened(desk);
    CHECK(until([&] { return effect(view).startsWith(QLatin1String("The case uses this policy")); }));
    auto* colour = view.findChild<QComboBox*>(QStringLiteral("policyColour"));
    colour->setCurrentIndex(colour->findData(int(CoverColour::Black)));
    for (const char* box : {"policyMarks", "policyGrounds"})
        view.findChild<QCheckBox*>(QLatin1String(box))->setChecked(true);
    auto* use = view.findChild<QPushButton*>(QStringLiteral("policyUse"));
    REQUIRE(use->isEnabled());
    use->click();
    CHECK(desk.open().policy().colour == CoverColour::Black);
    CHECK((desk.open().policy().marksReplaced && desk.open().policy().labelsTellGround));
    for (const Item& item : desk.items(0)) CHECK(item.look.colour == CoverColour::Black);
    desk.open().undo();
    CHECK(desk.open().policy().colour == CoverColour::Aubergine);
    CHECK_FALSE(desk.open().policy().marksReplaced);
    CHECK(colour->currentData().toInt() == int(CoverColour::Aubergine));
}
