// A desk whose cases are kept in a folder of the test's own.
#pragma once

#include "app/cases/cases_view.h"
#include "window/desk.h"

#include <QDir>
#include <QLabel>
#include <QListView>
#include <QTemporaryDir>

namespace eyelid {

struct Kept {
    QTemporaryDir folder;
    QString cases() const { return folder.filePath(QStringLiteral("cases")); }
    OwnKeys keys() const { return {folder.path(), OwnKeys::Ring::Leave}; }
    QStringList files() const { return QDir(cases()).entryList({QStringLiteral("*.eyelid")}, QDir::Files); }
    QString file() const { return cases() + u'/' + files().value(0); }
    void in(Desk& desk) const { desk.window.keepCases(cases(), keys()); }
};

inline bool isKept(Desk& desk) {
    return until(
        [&] { return !desk.window.worker().busy() && desk.window.keeper().standing() == CaseKeeper::Standing::Kept; });
}

// A capture of the demo's console, read, with one finding covered.
inline void work(Desk& desk, const char* title = "console") {
    desk.take(QString::fromLatin1(title));
    desk.waitUntilRead();
    desk.press(Qt::Key_J);
    desk.press(Qt::Key_C);
    REQUIRE(desk.open().counts().cover > 0);
    REQUIRE(isKept(desk));
}

inline QPushButton* button(Desk& desk, const char* name) {
    return desk.window.findChild<QPushButton*>(QString::fromLatin1(name));
}

inline void click(Desk& desk, const char* name) {
    QPushButton* clicked = button(desk, name);
    REQUIRE((clicked && clicked->isVisible() && clicked->isEnabled()));
    QTest::mouseClick(clicked, Qt::LeftButton);
}

inline QString standing(Desk& desk) {
    return desk.window.findChild<QLabel*>(QStringLiteral("kept"))->text();
}

// The cases that are listed, once they have been looked for.
inline QListView* casesList(Desk& desk) {
    REQUIRE(until([&] { return desk.window.shelf().isKnown() && !desk.window.shelf().busy(); }));
    return desk.window.findChild<QListView*>(QStringLiteral("casesList"));
}

inline QStringList listedNames(Desk& desk) {
    QStringList names;
    const QAbstractItemModel* model = casesList(desk)->model();
    for (int row = 0; row < model->rowCount(); ++row)
        if (model->flags(model->index(row, 0)) & Qt::ItemIsEnabled) names << model->index(row, 0).data().toString();
    return names;
}

inline void chooseCase(Desk& desk, const QString& name) {
    QListView* list = casesList(desk);
    for (int row = 0; row < list->model()->rowCount(); ++row)
        if (list->model()->index(row, 0).data().toString() == name) list->setCurrentIndex(list->model()->index(row, 0));
    REQUIRE(list->currentIndex().data().toString() == name);
}

} // namespace eyelid
