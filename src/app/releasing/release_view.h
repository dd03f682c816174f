// Where the checked pictures go: says the full names before writing them and after.
#pragma once

#include <QDialog>
#include <QStringList>

class QCheckBox;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace eyelid {

struct Theme;

class ReleaseView final : public QDialog {
    Q_OBJECT
public:
    ReleaseView(const QStringList& fileNames, const QString& folder, const Theme& theme, QWidget* parent = nullptr);
    QString folder() const;
    bool mayReplace() const;
    /// While it is being written, nothing can be asked for.
    void setWriting(bool writing);
    /// After writing: what was written, by its full name.
    void showReleased(const QStringList& paths);
    /// Why nothing was written.
    void showTrouble(const QString& sentence);

signals:
    void releaseAsked();

private:
    void update();

    QStringList m_names;
    const Theme& m_theme;
    QLabel *m_title, *m_hint;
    QLineEdit* m_folder;
    QPushButton *m_browse, *m_release, *m_close, *m_openFolder;
    QCheckBox* m_replace;
    QListWidget* m_list;
    bool m_done = false;
};

} // namespace eyelid
