#include "app/releasing/destinations_box.h"

#include "app/releasing/places_view.h"
#include "app/window/dialog_parts.h"
#include "app/window/file_dialogs.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "releasing/destinations/command.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSignalBlocker>

namespace eyelid {
namespace {

QCheckBox* box(const char* name, const QString& text, const QString& tip) {
    auto* box = new QCheckBox(text);
    box->setObjectName(QLatin1String(name));
    box->setToolTip(tip);
    return box;
}

} // namespace

DestinationsBox::DestinationsBox(const Destinations& to, const QString& folder, const Theme& theme, QWidget& view)
    : QObject(&view), m_theme(theme), m_view(view), m_folderRow(new QWidget(&view)), m_alsoRow(new QWidget(&view)),
      m_dropRow(new QWidget(&view)) {
    makeFolderRow(folder);
    makeAlsoRow();
    makeDropRow();
    setDestinations(to);
    for (QCheckBox* choice : {m_toFolder, m_mail, m_clipboard, m_paper, m_screen})
        connect(choice, &QCheckBox::toggled, this, &DestinationsBox::refresh);
    for (QLineEdit* text : {m_folder, m_command})
        connect(text, &QLineEdit::textChanged, this, &DestinationsBox::refresh);
    connect(m_drop, &QComboBox::activated, this, &DestinationsBox::refresh);
}

void DestinationsBox::makeFolderRow(const QString& folder) {
    QHBoxLayout* layout = rowLayout(m_folderRow);
    m_toFolder = box("toFolder", QString(), Tr::tr("Files in a folder, with their log and checksums."));
    m_toFolder->setAccessibleName(Tr::tr("To a folder"));
    m_folder = new QLineEdit(QDir::toNativeSeparators(folder));
    m_folder->setObjectName(QStringLiteral("releaseFolder"));
    m_folder->setAccessibleName(Tr::tr("Folder"));
    auto* browse = new QPushButton(Tr::tr("Browse…"));
    auto* opens = box("opensReleased", Tr::tr("Open it afterwards"), {});
    opens->setChecked(settings::opensReleased());
    layout->addWidget(m_toFolder);
    layout->addWidget(m_folder, 1);
    layout->addWidget(browse);
    layout->addWidget(opens);
    connect(m_toFolder, &QCheckBox::toggled, this, [=, this](bool on) {
        for (QWidget* part : std::initializer_list<QWidget*>{m_folder, browse, opens}) part->setEnabled(on);
    });
    connect(opens, &QCheckBox::toggled, this, [](bool on) { settings::setOpensReleased(on); });
    connect(browse, &QPushButton::clicked, this, [this] {
        const FileDialogTraces traces;
        const QString chosen = QFileDialog::getExistingDirectory(&m_view, Tr::tr("Release to"), m_folder->text());
        if (!chosen.isEmpty()) m_folder->setText(chosen);
    });
}

void DestinationsBox::makeAlsoRow() {
    QHBoxLayout* layout = rowLayout(m_alsoRow);
    m_mail = box("toMail", Tr::tr("Mail draft"),
                 Tr::tr("A new mail in your mail program, the files attached; you address "
                        "and send it."));
    m_clipboard = box("toClipboard", Tr::tr("Clipboard"), Tr::tr("To be pasted into a letter or a ticket."));
    m_paper = box("toPaper", Tr::tr("Paper"), Tr::tr("Shows the pages first."));
    m_screen = box("toScreen", Tr::tr("Screen"), Tr::tr("Above all windows, while you write about it."));
    for (QCheckBox* choice : {m_mail, m_clipboard, m_paper, m_screen}) layout->addWidget(choice);
    layout->addStretch();
}

void DestinationsBox::makeDropRow() {
    QHBoxLayout* layout = rowLayout(m_dropRow);
    m_drop = new QComboBox;
    m_drop->setObjectName(QStringLiteral("dropPlace"));
    m_drop->setAccessibleName(Tr::tr("Drop at"));
    m_drop->setToolTip(Tr::tr("Uploads the files to a server; its link is copied."));
    auto* places = new QPushButton(Tr::tr("Places…"));
    places->setObjectName(QStringLiteral("dropPlaces"));
    auto* run = new QLabel(Tr::tr("Run"));
    m_command = new QLineEdit;
    m_command->setObjectName(QStringLiteral("runCommand"));
    m_command->setAccessibleName(Tr::tr("Run a program"));
    m_command->setPlaceholderText(Tr::tr("No program; {files} stands for the files"));
    run->setBuddy(m_command);
    layout->addWidget(m_drop);
    layout->addWidget(places);
    layout->addSpacing(8);
    layout->addWidget(run);
    layout->addWidget(m_command, 1);
    connect(places, &QPushButton::clicked, this, &DestinationsBox::setUpPlaces);
}

void DestinationsBox::fillPlaces(const QString& chosen) {
    m_drop->clear();
    m_drop->addItem(Tr::tr("No place"), QString());
    const auto known = keptWays();
    if (known)
        for (const DropPlace& place : known->places) m_drop->addItem(place.name, place.name);
    m_drop->setCurrentIndex(std::max(0, m_drop->findData(chosen)));
}

void DestinationsBox::setUpPlaces() {
    PlacesView view(m_theme, &m_view);
    view.exec();
    fillPlaces(m_drop->currentData().toString());
    refresh();
}

Destinations DestinationsBox::destinations() const {
    Destinations to;
    to.folder = m_toFolder->isChecked();
    to.folderPath = folder();
    to.drop = m_drop->currentData().toString();
    to.mail = m_mail->isChecked();
    to.clipboard = m_clipboard->isChecked();
    to.paper = m_paper->isChecked();
    to.screen = m_screen->isChecked();
    if (const auto command = commandFrom(m_command->text())) to.command = *command;
    return to;
}

void DestinationsBox::setDestinations(const Destinations& to) {
    {
        const QSignalBlocker quiet(this);
        m_toFolder->setChecked(!to.folder); // so that what hangs on it follows
        m_toFolder->setChecked(to.folder);
        if (!to.folderPath.isEmpty()) m_folder->setText(QDir::toNativeSeparators(to.folderPath));
        m_mail->setChecked(to.mail);
        m_clipboard->setChecked(to.clipboard);
        m_paper->setChecked(to.paper);
        m_screen->setChecked(to.screen);
        m_command->setText(lineOf(to.command));
        fillPlaces(to.drop);
    }
    refresh();
}

QString DestinationsBox::folder() const {
    return QDir::fromNativeSeparators(m_folder->text().trimmed());
}

QString DestinationsBox::trouble() const {
    const Destinations to = destinations();
    if (!m_command->text().trimmed().isEmpty())
        if (const auto command = commandFrom(m_command->text()); !command) return command.error().sentence;
    if (!to.any()) return Tr::tr("Choose where it is to go.");
    if (to.folder && folder().isEmpty()) return Tr::tr("Name a folder.");
    if (to.needsFiles() && !to.folder)
        return Tr::tr("A mail draft and a program are given files: release to a folder as well.");
    return {};
}

void DestinationsBox::refresh() {
    emit changed();
}

} // namespace eyelid
