// Whatever the window says can be said in another language.
#include "base/spoken_languages.h"
#include "window/desk.h"

#include <QLabel>
#include <QMenu>
#include <QToolButton>
#include <QTranslator>

using namespace eyelid;

namespace {

const QChar mark(0x2021);

// A language in which every sentence begins with a mark.
class Marked final : public QTranslator {
public:
    QString translate(const char* context, const char* text, const char*, int) const override {
        return qstrcmp(context, "eyelid") == 0 ? mark + QString::fromUtf8(text) : QString();
    }
    bool isEmpty() const override { return false; }
};

struct Speaking {
    Marked language;
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
        if (says(text) && !text.contains(mark))
            told << QStringLiteral("%1 %2: %3")
                        .arg(QString::fromLatin1(at->metaObject()->className()), QString::fromLatin1(what), text);
    };
    for (QWidget* w : window.findChildren<QWidget*>()) {
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
    }
}

TEST_CASE("in every language the desk fits a small window: no button and no label of the gate is cut off") {
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
            for (const QAbstractButton* button : desk.window.findChildren<QAbstractButton*>()) {
                if (!button->isVisible() || button->text().isEmpty() || button->window() != &desk.window) continue;
                const auto* tool = qobject_cast<const QToolButton*>(button);
                if (tool && tool->toolButtonStyle() == Qt::ToolButtonIconOnly) continue;
                INFO(button->text().toStdString());
                CHECK(button->width() >= button->fontMetrics().horizontalAdvance(button->text()));
            }
        }
        QCoreApplication::removeTranslator(&language);
    }
}
