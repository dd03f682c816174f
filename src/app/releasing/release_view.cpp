#include "app/releasing/release_view.h"

#include "app/window/file_dialogs.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QCheckBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QUrl>
#include <QVBoxLayout>

namespace eyelid {

ReleaseView::ReleaseView(const QStringList& fileNames, const QString& folder, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_names(fileNames), m_theme(theme) {
    setObjectName(QStringLiteral("releaseView"));
    setWindowTitle(Tr::tr("Release"));
    resize(640, 360);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    m_title = new QLabel(Tr::tr("Release to this folder"));
    m_title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(m_title);
    auto* row = new QHBoxLayout;
    m_folder = new QLineEdit(QDir::toNativeSeparators(folder));
    m_folder->setObjectName(QStringLiteral("releaseFolder"));
    m_folder->setAccessibleName(Tr::tr("Folder"));
    m_browse = new QPushButton(Tr::tr("Browse…"));
    row->addWidget(m_folder, 1);
    row->addWidget(m_browse);
    layout->addLayout(row);
    m_hint = new QLabel;
    m_hint->setWordWrap(true);
    layout->addWidget(m_hint);
    m_list = new QListWidget;
    m_list->setAccessibleName(Tr::tr("Files"));
    m_list->setFont(valueFont(12));
    layout->addWidget(m_list, 1);
    m_replace = new QCheckBox(Tr::tr("Replace the files that are there already"));
    layout->addWidget(m_replace);
    auto* buttons = new QHBoxLayout;
    m_openFolder = new QPushButton(Tr::tr("Open the folder"));
    m_openFolder->hide();
    m_close = new QPushButton(Tr::tr("Not now"));
    m_release = new QPushButton(Tr::tr("Release"));
    m_release->setObjectName(QStringLiteral("releaseNow"));
    m_release->setProperty("primary", true);
    m_release->setDefault(true);
    buttons->addWidget(m_openFolder);
    buttons->addStretch();
    buttons->addWidget(m_close);
    buttons->addWidget(m_release);
    layout->addLayout(buttons);
    connect(m_browse, &QPushButton::clicked, this, [this] {
        const FileDialogTraces traces;
        const QString chosen = QFileDialog::getExistingDirectory(this, Tr::tr("Release to"), m_folder->text());
        if (!chosen.isEmpty()) m_folder->setText(chosen);
    });
    connect(m_folder, &QLineEdit::textChanged, this, &ReleaseView::update);
    connect(m_replace, &QCheckBox::toggled, this, &ReleaseView::update);
    connect(m_close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_release, &QPushButton::clicked, this, &ReleaseView::releaseAsked);
    connect(m_openFolder, &QPushButton::clicked, this,
            [this] { QDesktopServices::openUrl(QUrl::fromLocalFile(this->folder())); });
    update();
}

QString ReleaseView::folder() const {
    return QDir::fromNativeSeparators(m_folder->text().trimmed());
}
bool ReleaseView::mayReplace() const {
    return m_replace->isChecked();
}

void ReleaseView::update() {
    if (m_done) return;
    const Theme& t = m_theme;
    m_list->clear();
    int clashes = 0;
    for (const QString& name : m_names) {
        const QString path = QDir(folder()).absoluteFilePath(name);
        const bool there = QFileInfo::exists(path);
        clashes += there;
        m_list->addItem(new QListWidgetItem(
            themedIcon(there ? QStringLiteral("triangle-alert") : QStringLiteral("send"), there ? t.clay : t.faint),
            there ? sentence(Tr::tr("%1   (is there already)"), path) : path));
    }
    m_replace->setVisible(clashes > 0);
    const bool named = !folder().isEmpty();
    m_hint->setText(!named                        ? Tr::tr("Name a folder.")
                    : QFileInfo(folder()).isDir() ? Tr::tr("These files will be written:")
                                                  : Tr::tr("The folder will be made, and these files written:"));
    m_release->setEnabled(named && (clashes == 0 || m_replace->isChecked()));
}

void ReleaseView::setWriting(bool writing) {
    for (QWidget* w : std::initializer_list<QWidget*>{m_folder, m_browse, m_replace, m_release})
        w->setEnabled(!writing);
    if (writing)
        m_hint->setText(Tr::tr("Writing…"));
    else
        update();
}

void ReleaseView::showTrouble(const QString& sentence) {
    m_hint->setText(sentence);
    m_hint->setStyleSheet(QStringLiteral("color: %1;").arg(m_theme.brick.name()));
}

void ReleaseView::showReleased(const QStringList& paths) {
    m_done = true;
    const Theme& t = m_theme;
    m_title->setText(Tr::tr("Released"));
    m_title->setStyleSheet(QStringLiteral("color: %1;").arg(t.pine.name()));
    m_hint->setText(Tr::tr("These files were written, read back and found to be what was checked:"));
    m_hint->setStyleSheet({});
    m_list->clear();
    for (const QString& path : paths)
        m_list->addItem(new QListWidgetItem(themedIcon(QStringLiteral("check"), t.pine), path));
    m_folder->setReadOnly(true);
    for (QWidget* w : std::initializer_list<QWidget*>{m_browse, m_release, m_replace}) w->hide();
    m_openFolder->show();
    m_close->setText(Tr::tr("Done"));
    m_close->setFocus();
}

} // namespace eyelid
