#include "app/releasing/register_view.h"

#include "app/window/dialog_parts.h"
#include "app/window/file_dialogs.h"
#include "app/window/theme.h"
#include "base/files.h"
#include "base/said_dates.h"
#include "casefile/case.h"

#include <QDesktopServices>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QMessageBox>
#include <QPushButton>
#include <QTreeWidget>
#include <QUrl>
#include <QVBoxLayout>

namespace eyelid {
namespace {

bool wentToFolder(const ReleaseRecord& release) {
    return release.place.startsWith(u'/');
}

QString whereTo(const ReleaseRecord& release) {
    if (release.place.isEmpty()) return release.way;
    return wentToFolder(release) ? release.place : sentence(Tr::tr("%1: %2"), release.way, release.place);
}

} // namespace

RegisterView::RegisterView(Case& owner, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_case(owner), m_theme(theme) {
    setObjectName(QStringLiteral("registerView"));
    setWindowTitle(Tr::tr("Releases of this case"));
    resize(860, 480);
    QVBoxLayout* layout = dialogColumn(*this, titleLabel(windowTitle()));
    m_empty = new QLabel(Tr::tr("Nothing of this case has been released yet. What leaves it is noted here by itself, "
                                "with where it went and its checksums."));
    m_empty->setWordWrap(true);
    layout->addWidget(m_empty);
    m_tree = new QTreeWidget;
    m_tree->setObjectName(QStringLiteral("registerTree"));
    m_tree->setAccessibleName(windowTitle());
    m_tree->setHeaderLabels({Tr::tr("When"), Tr::tr("By"), Tr::tr("Where to"), Tr::tr("Holds")});
    m_tree->setRootIsDecorated(true);
    m_tree->setUniformRowHeights(true);
    layout->addWidget(m_tree, 1);
    layout->addWidget(buttonRow());
    connect(m_tree, &QTreeWidget::itemSelectionChanged, this, &RegisterView::refreshButtons);
    refresh();
}

QWidget* RegisterView::buttonRow() {
    auto* row = new QWidget;
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    m_verify = new QPushButton(Tr::tr("Verify…"));
    m_verify->setObjectName(QStringLiteral("registerVerify"));
    m_folder = new QPushButton(Tr::tr("Open the folder"));
    m_withdraw = new QPushButton(Tr::tr("Withdraw…"));
    m_withdraw->setObjectName(QStringLiteral("registerWithdraw"));
    m_withdraw->setToolTip(Tr::tr("Notes that this release is not to be used any more, and why. The files stay."));
    m_csv = new QPushButton(Tr::tr("Save as a table…"));
    auto* close = new QPushButton(Tr::tr("Close"));
    close->setDefault(true);
    for (QPushButton* button : {m_verify, m_folder, m_withdraw, m_csv}) layout->addWidget(button);
    layout->addStretch();
    layout->addWidget(close);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    connect(m_withdraw, &QPushButton::clicked, this, &RegisterView::withdraw);
    connect(m_csv, &QPushButton::clicked, this, &RegisterView::saveAsCsv);
    connect(m_verify, &QPushButton::clicked, this,
            [this] { emit verifyAsked(m_case.state().releases[selected()].place); });
    connect(m_folder, &QPushButton::clicked, this,
            [this] { QDesktopServices::openUrl(QUrl::fromLocalFile(m_case.state().releases[selected()].place)); });
    return row;
}

qsizetype RegisterView::selected() const {
    const QTreeWidgetItem* item = m_tree->currentItem();
    if (!item || !item->isSelected()) return -1;
    if (item->parent()) item = item->parent();
    return item->data(0, Qt::UserRole).toLongLong();
}

// The last release stands first.
void RegisterView::refresh() {
    m_tree->clear();
    const QList<ReleaseRecord>& releases = m_case.state().releases;
    for (qsizetype i = releases.size() - 1; i >= 0; --i) {
        const ReleaseRecord& release = releases[i];
        auto* item = new QTreeWidgetItem(
            m_tree, {saidMoment(release.when.toLocalTime()), release.officer, whereTo(release),
                     release.withdrawn.isEmpty() ? Tr::tr("%n file(s)", nullptr, int(release.files.size()))
                                                 : sentence(Tr::tr("withdrawn: %1"), release.withdrawn)});
        item->setData(0, Qt::UserRole, i);
        item->setToolTip(2, item->text(2));
        item->setToolTip(3, item->text(3));
        item->setIcon(0, release.withdrawn.isEmpty() ? themedIcon(QStringLiteral("check"), m_theme.pine)
                                                     : themedIcon(QStringLiteral("x"), m_theme.brick));
        for (const ReleasedFile& file : release.files) {
            auto* line = new QTreeWidgetItem(item, {QString(), QString(), file.name, file.sha256});
            line->setFont(3, valueFont(11));
            line->setToolTip(3, file.sha256);
        }
    }
    m_tree->header()->setSectionResizeMode(2, QHeaderView::Stretch);
    m_tree->header()->setStretchLastSection(false);
    m_tree->setColumnWidth(0, 200);
    m_tree->setColumnWidth(1, 120);
    m_tree->setColumnWidth(3, 220);
    m_empty->setVisible(releases.isEmpty());
    m_tree->setVisible(!releases.isEmpty());
    if (!releases.isEmpty()) m_tree->setCurrentItem(m_tree->topLevelItem(0));
    refreshButtons();
}

void RegisterView::refreshButtons() {
    const qsizetype at = selected();
    const bool files = at >= 0 && wentToFolder(m_case.state().releases[at]);
    for (QPushButton* button : {m_verify, m_folder}) button->setEnabled(files);
    m_withdraw->setEnabled(at >= 0 && m_case.state().releases[at].withdrawn.isEmpty());
    m_csv->setEnabled(!m_case.state().releases.isEmpty());
}

void RegisterView::withdraw() {
    const qsizetype at = selected();
    if (at < 0) return;
    const QString reason = QInputDialog::getText(
        this, Tr::tr("Withdraw a release"), Tr::tr("Why it is not to be used any more; it is kept with the case:"));
    if (reason.trimmed().isEmpty()) return;
    m_case.withdrawRelease(at, reason);
    refresh();
}

void RegisterView::saveAsCsv() {
    const FileDialogTraces traces;
    const QString path = QFileDialog::getSaveFileName(this, Tr::tr("Save the register"), QStringLiteral("releases.csv"),
                                                      Tr::tr("Tables (*.csv)"));
    if (path.isEmpty()) return;
    // The dialog has asked about a file that is there.
    if (auto written = writeFileWhole(path, registerAsCsv(m_case.state().releases), true, FileMode::Private); !written)
        QMessageBox::warning(this, windowTitle(), written.error().sentence);
}

} // namespace eyelid
