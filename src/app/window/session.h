// The program's window, from its start to its end. Views take the language and the size of type as they are made:
// where an officer chooses others, the window is made anew around the case as it is open.
#pragma once

#include "capture/global_shortcuts.h"
#include "capture/source.h"
#include "finding/policy.h"

#include <functional>
#include <memory>
#include <QObject>

class QApplication;
class QTimer;

namespace eyelid {

class MainWindow;
struct Theme;

class Session final : public QObject {
    Q_OBJECT
public:
    /// What each of its windows is made with.
    struct Parts {
        Policy policy;
        std::function<std::unique_ptr<Source>()> source;
        std::function<std::unique_ptr<GlobalShortcuts>()> shortcuts; ///< may give none
        std::function<void(MainWindow&)> begin;                      ///< puts in what is to stand there at first
        std::function<void(MainWindow&)> everyTime;                  ///< what each window needs, the first as well
    };
    Session(QApplication& application, Theme& theme, Parts parts);
    ~Session() override;

    MainWindow& window() { return *m_window; }

signals:
    void closed(); ///< by the officer

private:
    void open();
    void renewAtRest();

    QApplication& m_application;
    Theme& m_theme;
    Parts m_parts;
    std::unique_ptr<MainWindow> m_window;
    QTimer* m_waiting; ///< for the window to be at rest, once another is asked for
};

} // namespace eyelid
