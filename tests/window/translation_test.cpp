// Whatever the window says can be said in another language: longer ones, and from right to left.
#include "app/cases/passphrase_view.h"
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "app/explain/frame_view.h"
#include "app/explain/together_view.h"
#include "app/findings/change_finding_view.h"
#include "app/findings/policies_view.h"
#include "app/releasing/places_view.h"
#include "app/releasing/register_view.h"
#include "app/releasing/verify_view.h"
#include "app/sheet/words_view.h"
#include "app/taking/shortcuts_view.h"
#include "app/window/settings_view.h"
#include "base/said_dates.h"
#include "base/spoken_languages.h"
#include "casefile/counted.h"
#include "window/desk.h"

#include <algorithm>

#include <QComboBox>
#include <QDialogButtonBox>
#include <QLabel>
#include <QMenu>
#include <QScrollArea>
#include <QStyleOptionComboBox>
#include <QTabBar>
#include <QToolButton>
#include <QTranslator>

using namespace eyelid;

namespace {

const QChar begins(0x27e6), ends(0x27e7);

// A language that nobody speaks: each sentence between brackets, with accents and two fifths longer.
class Pseudo final : public QTranslator {
public:
    QString translate(const char* context, const char* text, const char*, int) const override {
        if (qstrcmp(context, "eyelid") != 0) return {};
        const QString plain = QString::fromUtf8(text);
        QString said(begins);
        for (qsizetype i = 0; i < plain.size(); ++i)
            said += i > 0 && plain[i - 1] == u'%' ? plain[i] : accented(plain[i]);
        const QString more = QStringLiteral(" ýét möré öf ït").repeated(int(plain.size()) / 30 + 1);
        return said + more.left(plain.size() * 2 / 5) + ends;
    }
    bool isEmpty() const override { return false; }

private:
    static QChar accented(QChar c) {
        const auto at = QStringView(u"aeiouyAEIOUY").indexOf(c);
        return at < 0 ? c : QStringView(u"áèïõûýÁÈÏÕÛÝ")[at];
    }
};

struct Speaking {
    Pseudo language;
    Speaking() { QCoreApplication::installTranslator(&language); }
    ~Speaking() { QCoreApplication::removeTranslator(&language); }
};

// Words of more than one letter: not "1:1", "dpi" of a value, or a file's name.
bool says(const QString& text) {
    int letters = 0;
    for (const QChar c : text) letters += c.isLetter();
    return letters >= 2;
}

QStringList unmarked(QWidget& window) {
    QStringList told;
    const auto look = [&](const QObject* at, const char* what, const QString& text) {
        if (says(text) && !text.contains(begins))
            told << QStringLiteral("%1 %2: %3")
                        .arg(QString::fromLatin1(at->metaObject()->className()), QString::fromLatin1(what), text);
    };
    for (QWidget* w : window.findChildren<QWidget*>()) {
        // Qt's own, which speak with its translations.
        if (qobject_cast<QDialogButtonBox*>(w->parentWidget()) || qobject_cast<QTabBar*>(w->parentWidget())) continue;
        look(w, "tooltip", w->toolTip());
        look(w, "name", w->accessibleName());
        if (auto* button = qobject_cast<QAbstractButton*>(w)) look(w, "button", button->text());
        if (auto* edit = qobject_cast<QLineEdit*>(w)) look(w, "placeholder", edit->placeholderText());
        if (auto* label = qobject_cast<QLabel*>(w)) look(w, "label", label->text());
    }
    for (QAction* action : window.findChildren<QAction*>()) {
        look(action, "action", action->text());
        look(action, "tooltip", action->toolTip());
    }
    return told;
}

// What stands outside of the brackets was put to a sentence, and not into it.
QString outside(const QString& text) {
    QString rest;
    int depth = 0;
    for (const QChar c : text) {
        depth += c == begins;
        if (depth == 0) rest += c;
        depth -= c == ends && depth > 0;
    }
    return rest;
}

// Labels and buttons that show less than they say, and what reaches beyond a side it cannot be scrolled to.
QStringList clipped(QWidget& view) {
    QStringList told;
    for (const QScrollArea* area : view.findChildren<QScrollArea*>())
        if (area->isVisible() && area->horizontalScrollBarPolicy() == Qt::ScrollBarAlwaysOff &&
            area->widget()->width() > area->viewport()->width())
            told << QStringLiteral("beyond the side: %1 of %2 pixels")
                        .arg(area->viewport()->width())
                        .arg(area->widget()->width());
    for (const QWidget* w : view.findChildren<QWidget*>()) {
        if (!w->isVisible() || w->window() != &view) continue;
        const auto* label = qobject_cast<const QLabel*>(w);
        const auto* button = qobject_cast<const QAbstractButton*>(w);
        const auto* tool = qobject_cast<const QToolButton*>(w);
        if (tool && tool->toolButtonStyle() == Qt::ToolButtonIconOnly) continue;
        const QString text = label ? label->text() : button ? button->text() : QString();
        if (text.isEmpty() || Qt::mightBeRichText(text)) continue;
        int needed = 0;
        if (label && label->wordWrap()) {
            if (w->height() + 1 < label->heightForWidth(w->width())) told << QStringLiteral("too low: ") + text;
            continue;
        }
        for (const QString& line : text.split(u'\n'))
            needed = std::max(needed, w->fontMetrics().horizontalAdvance(QString(line).remove(u'&')));
        if (w->width() < needed) told << QStringLiteral("%1 of %2 pixels: %3").arg(w->width()).arg(needed).arg(text);
    }
    return told;
}

// Once what has changed has found its place.
void expectNothingClipped(QWidget& view) {
    (void)QTest::qWaitFor([&] { return clipped(view).isEmpty(); });
    CHECK(clipped(view).join(u'\n').toStdString() == "");
}

int roomForText(const QComboBox& choice) {
    QStyleOptionComboBox option;
    option.initFrom(&choice);
    return choice.style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, &choice).width();
}

QStringList glued(QWidget& view) {
    QStringList told;
    for (const QWidget* w : view.findChildren<QWidget*>()) {
        const auto* label = qobject_cast<const QLabel*>(w);
        const auto* button = qobject_cast<const QAbstractButton*>(w);
        const QString text = label ? label->text() : button ? button->text() : QString();
        if (text.contains(begins) && says(outside(text))) told << text;
    }
    return told;
}

// `own`: what stands there that is nobody's to translate.
void expectWhole(QWidget& view, const char* name, const QString& own = {}) {
    INFO(name);
    view.show();
    REQUIRE(QTest::qWaitForWindowExposed(&view));
    QStringList left = unmarked(view);
    left.removeIf([&](const QString& line) { return !own.isEmpty() && line.endsWith(own); });
    CHECK(left.join(u'\n').toStdString() == "");
    CHECK(glued(view).join(u'\n').toStdString() == "");
    expectNothingClipped(view);
    view.close();
}

} // namespace

TEST_CASE("nothing the window says is left out when it speaks another language") {
    const Speaking speaking;
    Desk desk;
    CHECK(unmarked(desk.window).join(u'\n').toStdString() == "");
    desk.take(QStringLiteral("burst main"));
    desk.waitUntilRead();
    desk.press(Qt::Key_J);
    desk.press(Qt::Key_C);
    // What was read off the picture, and the names of its window and of the policy, are nobody's to translate.
    const QStringList own{desk.open().captures().first().name, desk.open().policy().name};
    QStringList told = unmarked(desk.window);
    told.removeIf([&](const QString& line) {
        if (std::any_of(own.begin(), own.end(), [&](const QString& name) { return line.contains(name); })) return true;
        return std::any_of(desk.items(0).begin(), desk.items(0).end(),
                           [&](const Item& item) { return line.endsWith(item.finding.text); });
    });
    CHECK(told.join(u'\n').toStdString() == "");
}

TEST_CASE("no view says a sentence in pieces, leaves one out or cuts one off in a longer language") {
    const Speaking speaking;
    Desk desk;
    desk.take(QStringLiteral("burst main"));
    desk.waitUntilRead();
    MainWindow& window = desk.window;
    desk.press(Qt::Key_J);
    expectNothingClipped(window);
    SettingsView settings(desk.theme, &window);
    expectWhole(settings, "settings");
    PoliciesView policies(desk.open(), window.worker(), window.selection(), &window);
    expectWhole(policies, "policies", desk.open().policy().description);
    ReleaseView release({}, desk.theme, &window);
    expectWhole(release, "release");
    VerifyView verify(desk.theme, &window);
    expectWhole(verify, "verify");
    RegisterView releases(desk.open(), desk.theme, &window);
    expectWhole(releases, "register");
    PlacesView places(desk.theme, &window);
    expectWhole(places, "places");
    WordsView words(desk.open(), window.selection(), &window);
    expectWhole(words, "words");
    ShortcutsView shortcuts(nullptr, desk.theme, &window);
    expectWhole(shortcuts, "shortcuts");
    const Finding first = desk.items(0).front().finding;
    ChangeFindingView change(first, &window);
    expectWhole(change, "change a finding", first.text);
    PassphraseView passphrase(&window);
    expectWhole(passphrase, "passphrase");
    TogetherView together(desk.open(), &window);
    expectWhole(together, "together");
    FrameView frame(desk.open(), desk.open().captures()[0].id, &window);
    expectWhole(frame, "framing");
}

TEST_CASE("from right to left the desk is mirrored and the sheet is not: what is clicked is what is meant") {
    QApplication::setLayoutDirection(Qt::RightToLeft);
    {
        Desk desk;
        desk.take(QStringLiteral("burst main"));
        desk.waitUntilRead();
        MainWindow& window = desk.window;
        const auto leftOf = [&](const QWidget& w) { return w.mapTo(&window, QPoint()).x(); };
        CHECK(leftOf(window.strip()) > leftOf(window.sheet()));
        CHECK(leftOf(window.findings()) < leftOf(window.sheet()));
        CHECK(leftOf(*window.gate().releaseButton()) < window.width() / 2);
        const Item item = desk.items(0).front(); // kept: a decision makes the list anew
        const QRectF place = item.finding.boxes.front();
        window.sheet().reveal(place);
        // What is farther right on the capture is farther right on the sheet.
        CHECK(window.sheet().toView(place.topLeft()).x() < window.sheet().toView(place.topRight()).x());
        QTest::mouseClick(window.sheet().viewport(), Qt::LeftButton, Qt::NoModifier,
                          window.sheet().toView(place.center()).toPoint());
        CHECK(window.selection().item() == item.id);
        desk.press(Qt::Key_C);
        CHECK(desk.open().item(item.id)->decision == Decision::Cover);
    }
    QApplication::setLayoutDirection(Qt::LeftToRight);
}

TEST_CASE("each language the window speaks is there, with the forms its numbers ask for") {
    const std::pair<const char*, QStringList> expected[] = {
        {"de",
         {QStringLiteral("Freigeben…"), QStringLiteral("Schwärzen"), QStringLiteral("eine Aufnahme nicht gelesen"),
          QStringLiteral("3 Aufnahmen nicht gelesen")}},
        {"fr",
         {QStringLiteral("Diffuser…"), QStringLiteral("Caviarder"), QStringLiteral("une capture non lue"),
          QStringLiteral("3 captures non lues")}},
        {"es",
         {QStringLiteral("Entregar…"), QStringLiteral("Tachar"), QStringLiteral("una captura sin leer"),
          QStringLiteral("3 capturas sin leer")}}};
    for (const auto& [code, says] : expected) {
        CHECK(spokenLanguages().contains(QLatin1String(code)));
        QTranslator language;
        REQUIRE(language.load(QStringLiteral(":/eyelid/translations/eyelid_%1.qm").arg(QLatin1String(code))));
        const auto told = [&](const char* text, int n) { return language.translate("eyelid", text, nullptr, n); };
        CHECK(told("Release…", -1) == says[0]);
        CHECK(told("Cover", -1) == says[1]);
        CHECK(told("%n capture(s) not read", 1) == says[2]);
        CHECK(told("%n capture(s) not read", 3).replace(QStringLiteral("%n"), QStringLiteral("3")) == says[3]);
        // "Open" is a state of a finding, and something else on a button that opens a case.
        CHECK(language.translate("eyelid", "Open", "state of a finding") != told("Open", -1));
    }
}

TEST_CASE("one is counted as one, and a day is written as the language writes it") {
    const QDate day(2026, 11, 27);
    const std::tuple<QLocale::Language, const char*, const char*, const char*> expected[] = {
        {QLocale::English, "1 open, 2 covered, 1 kept", "27 November", "27 Nov 2026, 10:12"},
        {QLocale::German, "1 offen, 2 geschwärzt, 1 belassen", "27. November", "27. Nov. 2026, 10:12"},
        {QLocale::French, "1 ouvert, 2 caviardés, 1 gardé", "27 novembre", "27 nov. 2026, 10:12"},
        {QLocale::Spanish, "1 abierto, 2 tachados, 1 conservado", "27 de noviembre", "27 nov 2026, 10:12"}};
    for (const auto& [language, counts, dayAlone, moment] : expected) {
        speakAs(*qApp, QLocale(language));
        CHECK(saidCounts(1, 2, 1).toStdString() == counts);
        CHECK(saidDay(day).toStdString() == dayAlone);
        CHECK(saidMoment(QDateTime(day, QTime(10, 12))).toStdString() == moment);
    }
    speakAs(*qApp, QLocale(QLocale::English));
}

TEST_CASE("in every language the desk fits a small window: no button, no choice and no label is cut off") {
    for (const QString& code : spokenLanguages()) {
        INFO(code.toStdString());
        QTranslator language;
        REQUIRE(language.load(QStringLiteral(":/eyelid/translations/eyelid_%1.qm").arg(code)));
        QCoreApplication::installTranslator(&language);
        {
            Desk desk;
            desk.take(QStringLiteral("burst main"));
            desk.waitUntilRead();
            desk.press(Qt::Key_J);
            CHECK(desk.window.minimumSizeHint().width() <= 1280);
            CHECK(desk.window.minimumSizeHint().height() <= 760);
            expectNothingClipped(desk.window);
            for (const QAbstractButton* button : desk.window.findChildren<QAbstractButton*>()) {
                if (!button->isVisible() || button->text().isEmpty() || button->window() != &desk.window) continue;
                const auto* tool = qobject_cast<const QToolButton*>(button);
                if (tool && tool->toolButtonStyle() == Qt::ToolButtonIconOnly) continue;
                INFO(button->text().toStdString());
                CHECK(button->width() >= button->fontMetrics().horizontalAdvance(button->text()));
            }
            // The dock as it is, and with the fields of a mark that has most of them.
            for (const char* tool : {"select", "markPoint"}) {
                desk.window.commands()[QLatin1String(tool)].trigger();
                QCoreApplication::processEvents();
                for (const QComboBox* choice : desk.window.findChildren<QComboBox*>()) {
                    if (!choice->isVisible() || choice->window() != &desk.window) continue;
                    INFO(choice->currentText().toStdString());
                    CHECK(roomForText(*choice) >= choice->fontMetrics().horizontalAdvance(choice->currentText()));
                }
            }
        }
        QCoreApplication::removeTranslator(&language);
    }
}
