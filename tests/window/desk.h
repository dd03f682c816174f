// The window on a desk, to be driven by keys and pointer.
#pragma once

#include "app/findings/findings_panel.h"
#include "app/releasing/release_view.h"
#include "app/taking/take_view.h"
#include "app/window/main_window.h"
#include "app/window/theme.h"
#include "capture/simulated_desk.h"

#include <catch2/catch.hpp>
#include <functional>
#include <memory>
#include <QApplication>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSettings>
#include <QTimer>
#include <QtTest/QTest>

namespace eyelid {

constexpr int patience = 120'000;

inline bool until(const std::function<bool()>& condition) {
    return QTest::qWaitFor(condition, patience);
}

struct CleanSettings {
    CleanSettings() { QSettings().clear(); }
};

struct Desk : CleanSettings {
    Theme theme = Theme::light();
    MainWindow window;
    explicit Desk(std::unique_ptr<Source> source = std::make_unique<SimulatedDesk>())
        : window(theme, *loadPolicy(QStringLiteral("everything")), std::move(source)) {
        window.resize(1280, 800);
        window.show();
        window.activateWindow();
        REQUIRE(QTest::qWaitForWindowActive(&window));
        window.sheet().setFocus();
    }
    ~Desk() {
        // Reading ends before the next window begins.
        window.worker().cancel();
        until([&] { return !window.worker().busy(); });
    }
    Case& open() { return window.openCase(); }
    const std::vector<Item>& items(qsizetype capture) { return open().items(open().captures()[capture].id); }
    QImage picture(qsizetype capture) { return open().picture(open().captures()[capture]); }
    void press(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
        QTest::keyClick(&window.sheet(), key, modifiers);
        QApplication::processEvents();
    }
    const Item* selected() { return open().item(window.selection().item()); }
    void waitUntilRead() {
        REQUIRE(until([&] { return !window.worker().busy() && open().counts().unread == 0; }));
    }
    /// Takes a window of the demo desk through the Take view, by keyboard.
    void take(const QString& title) {
        const qsizetype before = open().captures().size();
        QTimer poll;
        bool seen = false;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* view = qobject_cast<TakeView*>(QApplication::activeModalWidget());
            if (!view || !view->isVisible() || seen) return;
            seen = true;
            auto* list = view->findChild<QListWidget*>(QStringLiteral("targets"));
            for (int i = 0; i < list->count(); ++i)
                if (list->item(i)->text().contains(title)) list->setCurrentRow(i);
            QTest::keyClick(list, Qt::Key_Return);
        });
        poll.start(20);
        press(Qt::Key_T, Qt::ControlModifier);
        REQUIRE(seen);
        REQUIRE(until([&] { return open().captures().size() == before + 1 && window.isVisible(); }));
        REQUIRE(QTest::qWaitForWindowActive(&window));
    }
    /// Checks first where it must, writes to the folder, and gives what was written.
    QStringList release(const QString& folder) {
        QStringList paths;
        QObject::connect(
            &window.releaseFlow(), &ReleaseFlow::released, &window,
            [&](const QStringList& written) { paths = written; }, Qt::SingleShotConnection);
        press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
        ReleaseView* view = nullptr;
        REQUIRE(until([&] {
            view = window.findChild<ReleaseView*>(QStringLiteral("releaseView"));
            return view && view->isVisible();
        }));
        view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(folder);
        QTest::mouseClick(view->findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
        REQUIRE(until([&] { return !paths.isEmpty(); }));
        return paths;
    }
    void drag(const QRectF& place) {
        Sheet& sheet = window.sheet();
        const QPoint from = sheet.toView(place.topLeft()).toPoint(), to = sheet.toView(place.bottomRight()).toPoint();
        QTest::mousePress(sheet.viewport(), Qt::LeftButton, Qt::NoModifier, from);
        QTest::mouseMove(sheet.viewport(), (from + to) / 2);
        QTest::mouseMove(sheet.viewport(), to);
        QTest::mouseRelease(sheet.viewport(), Qt::LeftButton, Qt::NoModifier, to);
        QApplication::processEvents();
    }
};

} // namespace eyelid
