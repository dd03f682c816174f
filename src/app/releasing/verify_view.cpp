#include "app/releasing/verify_view.h"

#include "app/window/dialog_parts.h"
#include "app/window/file_dialogs.h"
#include "app/window/theme.h"
#include "base/files.h"
#include "base/sentence.h"

#include <QClipboard>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFormLayout>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTreeWidget>
#include <QUrl>
#include <QVBoxLayout>

namespace eyelid {

VerifyView::VerifyView(const Theme& theme, QWidget* parent) : QDialog(parent), m_theme(theme) {
    setObjectName(QStringLiteral("verifyView"));
    setWindowTitle(Tr::tr("Verify files"));
    setAcceptDrops(true);
    resize(760, 520);
    QVBoxLayout* layout = dialogColumn(*this, titleLabel(windowTitle()));
    m_result = new QLabel;
    m_result->setObjectName(QStringLiteral("verifyResult"));
    m_result->setWordWrap(true);
    layout->addWidget(m_result);
    m_tree = new QTreeWidget;
    m_tree->setObjectName(QStringLiteral("verifyTree"));
    m_tree->setAccessibleName(Tr::tr("Releases and their files"));
    m_tree->setHeaderLabels({Tr::tr("File"), Tr::tr("Is")});
    m_tree->header()->setSectionResizeMode(0, QHeaderView::Stretch);
    m_tree->header()->setStretchLastSection(false);
    m_tree->setColumnWidth(1, 240);
    m_tree->setAllColumnsShowFocus(true);
    layout->addWidget(m_tree, 1);
    auto* form = new QFormLayout;
    form->setLabelAlignment(Qt::AlignLeft);
    m_key = new QLineEdit;
    m_key->setObjectName(QStringLiteral("verifyKey"));
    m_key->setPlaceholderText(Tr::tr("The public key of the office that must have signed (else yours is tried)"));
    form->addRow(Tr::tr("Signed by"), m_key);
    m_sums = new QPlainTextEdit;
    m_sums->setObjectName(QStringLiteral("verifySums"));
    m_sums->setPlaceholderText(Tr::tr("Checksums that came by another way, pasted: a line a file"));
    m_sums->setMaximumHeight(64);
    m_sums->setTabChangesFocus(true);
    form->addRow(Tr::tr("Checksums"), m_sums);
    layout->addLayout(form);
    layout->addWidget(buttonRow());
    connect(m_key, &QLineEdit::editingFinished, this, &VerifyView::again);
    connect(m_sums, &QPlainTextEdit::textChanged, this, &VerifyView::again);
    say(Tr::tr("Drop released files, a folder or an archive here, or choose them. Their log says what they must be."),
        m_theme.ink);
}

VerifyView::~VerifyView() {
    m_lane.finish();
}

QWidget* VerifyView::buttonRow() {
    auto* row = new QWidget;
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    auto* folder = new QPushButton(Tr::tr("Folder…"));
    auto* files = new QPushButton(Tr::tr("Files…"));
    auto* own = new QPushButton(Tr::tr("Copy my public key"));
    own->setObjectName(QStringLiteral("copyKey"));
    own->setToolTip(Tr::tr("For those who verify what you release."));
    auto* close = new QPushButton(Tr::tr("Close"));
    layout->addWidget(folder);
    layout->addWidget(files);
    layout->addWidget(own);
    layout->addStretch();
    layout->addWidget(close);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    connect(own, &QPushButton::clicked, this, &VerifyView::copyOwnKey);
    connect(folder, &QPushButton::clicked, this, [this] {
        const FileDialogTraces traces;
        const QString path = QFileDialog::getExistingDirectory(this, Tr::tr("Verify a folder"));
        if (!path.isEmpty()) verify({path});
    });
    connect(files, &QPushButton::clicked, this, [this] {
        const FileDialogTraces traces;
        const QStringList paths = QFileDialog::getOpenFileNames(this, Tr::tr("Verify files"));
        if (!paths.isEmpty()) verify(paths);
    });
    for (QPushButton* button : {folder, files, own, close}) button->setAutoDefault(false);
    return row;
}

void VerifyView::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls()) event->acceptProposedAction();
}

void VerifyView::dropEvent(QDropEvent* event) {
    QStringList paths;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) paths << url.toLocalFile();
    if (paths.isEmpty()) return;
    event->acceptProposedAction();
    verify(paths);
}

void VerifyView::verify(const QStringList& paths) {
    m_paths = paths;
    again();
}

void VerifyView::again() {
    if (m_paths.isEmpty()) return;
    VerifyRequest request{m_paths, {}, m_sums->toPlainText().toUtf8()};
    const bool keyGiven = !m_key->text().trimmed().isEmpty();
    if (keyGiven) {
        auto key = publicKeyFrom(m_key->text().toUtf8());
        if (!key) return say(key.error().sentence, m_theme.brick);
        request.key = *key;
    }
    say(Tr::tr("Reading the files…"), m_theme.ink);
    m_lane.start([this, request, keyGiven, asked = ++m_asked]() mutable {
        if (!request.key)
            if (const auto own = signingKeyFrom(signingKeyFile(), false)) request.key = own->publicKey();
        QMetaObject::invokeMethod(this, [this, asked, keyGiven, releases = verifyReleases(request)] {
            if (asked == m_asked) showFound(releases, keyGiven);
        });
    });
}

void VerifyView::showFound(const std::vector<VerifiedRelease>& releases, bool keyGiven) {
    m_tree->clear();
    bool allIntact = !releases.empty();
    int others = 0;
    for (const VerifiedRelease& release : releases) {
        const bool intact = release.isIntact(keyGiven);
        allIntact = allIntact && intact;
        const QString name = release.log.isEmpty() ? release.place : joinedPath(release.place, release.log);
        auto* top = new QTreeWidgetItem(m_tree, {name, intact ? Tr::tr("intact") : Tr::tr("not intact")});
        top->setIcon(0, themedIcon(intact ? QStringLiteral("check") : QStringLiteral("triangle-alert"),
                                   intact ? m_theme.pine : m_theme.brick));
        top->setToolTip(0, name);
        const QString signature = release.trouble.isEmpty() ? signatureTitle(release) : release.trouble;
        auto* said = new QTreeWidgetItem(top, {signature});
        said->setFirstColumnSpanned(true);
        for (const VerifiedFile& file : release.files) {
            const bool good = file.standing == FileStanding::Intact;
            others += !good;
            auto* line = new QTreeWidgetItem(top, {file.name, standingTitle(file.standing)});
            line->setIcon(0, themedIcon(good ? QStringLiteral("check") : QStringLiteral("x"),
                                        good ? m_theme.pine : m_theme.brick));
        }
    }
    m_tree->expandAll();
    if (allIntact)
        say(Tr::tr("Intact: every file is what was released."), m_theme.pine);
    else if (others > 0)
        say(Tr::tr("Not intact: %n file(s) are not what was released.", nullptr, others), m_theme.brick);
    else
        say(Tr::tr("Not intact: see what is said of the signature and the log."), m_theme.brick);
}

void VerifyView::say(const QString& text, const QColor& colour) {
    m_result->setText(text);
    m_result->setStyleSheet(QStringLiteral("color: %1").arg(colour.name()));
}

void VerifyView::copyOwnKey() {
    const auto key = signingKeyFrom(signingKeyFile(), true);
    if (!key) return say(key.error().sentence, m_theme.brick);
    QGuiApplication::clipboard()->setText(QString::fromLatin1(publicKeyFile(key->publicKey())));
    say(sentence(Tr::tr("Copied: the public key %1. Hand it on to those who verify what you release."), idOf(key->id)),
        m_theme.ink);
}

} // namespace eyelid
