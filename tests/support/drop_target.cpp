// Another program's window, for the tests of dragging: drop_target FOLDER opens one that takes files, keeps a copy of
// each in FOLDER and says, a line each: "ready X Y" (where its middle is), "over" (something is held over it), "took
// NAME".
#include <QApplication>
#include <QDir>
#include <QDragEnterEvent>
#include <QDropEvent>
#include <QFile>
#include <QFileInfo>
#include <QMimeData>
#include <QTextStream>
#include <QTimer>
#include <QUrl>
#include <QWidget>

namespace {

void say(const QString& line) {
    QTextStream(stdout) << line << Qt::endl;
}

class DropTarget : public QWidget {
public:
    explicit DropTarget(const QString& folder) : m_folder(folder) {
        setAcceptDrops(true);
        setWindowFlag(Qt::WindowStaysOnTopHint);
        setGeometry(1320, 120, 240, 400);
    }

private:
    void paintEvent(QPaintEvent*) override {
        if (m_said) return;
        m_said = true;
        // Painted once, it lies where the window manager has put it; told when it has settled there.
        QTimer::singleShot(0, this, [this] {
            const QPoint middle = mapToGlobal(rect().center());
            say(QStringLiteral("ready %1 %2").arg(middle.x()).arg(middle.y()));
        });
    }
    void dragEnterEvent(QDragEnterEvent* event) override {
        if (!event->mimeData()->hasUrls()) return;
        event->acceptProposedAction();
        say(QStringLiteral("over"));
    }
    void dropEvent(QDropEvent* event) override {
        event->acceptProposedAction();
        for (const QUrl& url : event->mimeData()->urls()) {
            const QString name = QFileInfo(url.toLocalFile()).fileName();
            if (QFile::copy(url.toLocalFile(), QDir(m_folder).filePath(name))) say(QStringLiteral("took ") + name);
        }
    }

    QString m_folder;
    bool m_said = false;
};

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    DropTarget target(app.arguments().value(1));
    target.show();
    return app.exec();
}
