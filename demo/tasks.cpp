#include "tasks.h"

#include "app/findings/decide_many.h"
#include "app/findings/finding_details.h"
#include "app/findings/findings_model.h"
#include "app/findings/findings_panel.h"
#include "app/window/main_window.h"
#include "capture/simulated_desk.h"
#include "drive.h"

#include <cstdio>
#include <QApplication>
#include <QComboBox>
#include <QListView>
#include <QtTest/QTest>

namespace eyelid {
namespace {

// Does by keys and pointer what an officer would, and counts both.
class Hands {
public:
    explicit Hands(MainWindow& window) : m_window(window) {}
    int keys = 0, clicks = 0;

    void key(Qt::Key key, Qt::KeyboardModifiers held = {}) {
        QWidget* focus = QApplication::focusWidget();
        QTest::keyClick(focus ? focus : &m_window.sheet(), key, held);
        QApplication::processEvents();
        ++keys;
    }
    /// A row of the findings, by what it says.
    bool chooseRow(const QString& text) {
        QListView* list = m_window.findings().list();
        for (int row = 0; row < list->model()->rowCount(); ++row) {
            const QModelIndex index = list->model()->index(row, 0);
            if (index.data().toString() != text) continue;
            list->scrollTo(index);
            QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, list->visualRect(index).center());
            ++clicks;
            return true;
        }
        return false;
    }
    /// Opening the list and choosing in it.
    void choose(QComboBox* box, int index) {
        box->setCurrentIndex(index);
        clicks += 2;
    }
    void drag(const QPointF& from, const QPointF& to) {
        QWidget* view = m_window.sheet().viewport();
        const QPoint a = m_window.sheet().toView(from).toPoint(), b = m_window.sheet().toView(to).toPoint();
        QTest::mousePress(view, Qt::LeftButton, {}, a);
        QTest::mouseMove(view, (a + b) / 2);
        QTest::mouseMove(view, b);
        QTest::mouseRelease(view, Qt::LeftButton, {}, b);
        QApplication::processEvents();
        ++clicks;
    }

private:
    MainWindow& m_window;
};

bool settled(MainWindow& window) {
    return QTest::qWaitFor([&] { return !window.worker().busy() && window.openCase().counts().unread == 0; }, patience);
}

bool tell(const char* task, const Hands& hands, bool done) {
    std::printf("%-62s %2d keys, %2d clicks%s\n", task, hands.keys, hands.clicks, done ? "" : "   NOT DONE");
    return done;
}

// All but two, which are kept.
bool coverAllBut(MainWindow& window) {
    const Case& open = window.openCase();
    const std::vector<Item>& items = open.items(open.captures().front().id);
    const QString one = items[1].finding.text, other = items[3].finding.text;
    const int all = open.counts().open;
    Hands hands(window);
    hands.key(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    hands.key(Qt::Key_Return);
    bool done = true;
    for (const QString& kept : {one, other}) {
        done = done && hands.chooseRow(kept);
        hands.key(Qt::Key_E);
    }
    done = done && open.counts().open == 0 && open.counts().keep >= 2;
    char task[80];
    std::snprintf(task, sizeof task, "%d findings on %d captures covered but two", all, int(open.captures().size()));
    return tell(task, hands, done);
}

bool replaceName(MainWindow& window) {
    Case& open = window.openCase();
    const QString name = open.items(open.captures().front().id)[5].finding.text;
    Hands hands(window);
    bool done = hands.chooseRow(name);
    hands.choose(window.findings().details().findChild<QComboBox*>(), int(CoverStyle::StandIn));
    const Item* item = open.item(window.selection().item());
    done = done && item && item->look.style == CoverStyle::StandIn && item->decision == Decision::Cover;
    return tell("one name replaced by another through the case", hands, done);
}

// A word that stands on two captures and that nobody found.
bool addMissed(MainWindow& window) {
    Case& open = window.openCase();
    const int capture = open.captures().back().id;
    window.selection().showCapture(capture);
    const Page page = *open.capture(capture)->page;
    const int before = open.counts().cover;
    Hands hands(window);
    for (const TextLine& line : page.lines)
        for (const Word& word : line.words) {
            if (word.text != QStringLiteral("refund") && word.text != QStringLiteral("Tariff")) continue;
            hands.drag(word.box.topLeft() + QPointF(1, 2), word.box.bottomRight() - QPointF(1, 2));
            hands.key(Qt::Key_C);
            return tell("a missed word added everywhere", hands, settled(window) && open.counts().cover > before);
        }
    return tell("a missed word added everywhere", hands, false);
}

bool brush(MainWindow& window) {
    Case& open = window.openCase();
    const size_t before = open.captures().back().hands.size();
    Hands hands(window);
    window.sheet().setFocus();
    hands.key(Qt::Key_A);
    hands.choose(window.findChild<QComboBox*>(QStringLiteral("coverForm")), int(Sheet::CoverForm::Brush));
    hands.drag({300, 300}, {340, 330});
    hands.key(Qt::Key_Escape);
    return tell("a brush cover over a face", hands, open.captures().back().hands.size() == before + 1);
}

} // namespace

bool countTasks(MainWindow& window) {
    window.show();
    window.activateWindow();
    window.sheet().setFocus();
    (void)QTest::qWaitForWindowActive(&window);
    SimulatedDesk desk;
    const auto layout = desk.layout();
    if (!layout) return false;
    for (const char* title : {"Readings", "Account 4471", "burst main"})
        for (const DeskWindow& one : layout->windows)
            if (one.title.contains(QString::fromLatin1(title)))
                if (const auto picture = desk.take({Target::What::Window, one.id}))
                    window.openCase().add(*picture, one.title);
    if (!settled(window)) return false;
    const bool done[] = {coverAllBut(window), replaceName(window), addMissed(window), brush(window)};
    return done[0] && done[1] && done[2] && done[3];
}

} // namespace eyelid
