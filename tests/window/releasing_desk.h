// The window with a folder to release to, and the view of a release open before it.
#pragma once

#include "app/releasing/release_flow.h"
#include "support/made.h"
#include "window/desk.h"

#include <QComboBox>
#include <QTemporaryDir>

namespace eyelid {

struct ReleasingDesk : Desk {
    QTemporaryDir folder;
    void addNoise(unsigned count) {
        for (unsigned i = 0; i < count; ++i)
            window.intake().add(made::noise({160, 120}, 3 + i), QStringLiteral("noise"));
        waitUntilRead();
    }
    ReleaseView& openView() {
        window.releaseFlow().release();
        ReleaseView* view = nullptr;
        REQUIRE(until([&] {
            for (ReleaseView* each : window.findChildren<ReleaseView*>())
                if (each->isVisible()) view = each;
            return view != nullptr;
        }));
        view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(folder.path());
        return *view;
    }
    static void choose(ReleaseView& view, const char* name, const QVariant& data) {
        auto* combo = view.findChild<QComboBox*>(QLatin1String(name));
        combo->setCurrentIndex(combo->findData(data));
        emit combo->activated(combo->currentIndex());
    }
    static QStringList listed(ReleaseView& view) {
        QStringList names;
        auto* list = view.findChild<QListWidget*>(QStringLiteral("releaseFiles"));
        for (int i = 0; i < list->count(); ++i) names << list->item(i)->text().section(u'/', -1);
        return names;
    }
    QStringList releaseNow(ReleaseView& view) {
        QStringList paths;
        QObject::connect(
            &window.releaseFlow(), &ReleaseFlow::released, &window, [&](const QStringList& all) { paths = all; },
            Qt::SingleShotConnection);
        QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
        REQUIRE(until([&] { return !paths.isEmpty(); }));
        view.close();
        return paths;
    }
};

} // namespace eyelid
