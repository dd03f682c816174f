#include "app/releasing/release_view.h"

#include "app/window/file_dialogs.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "releasing/names.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDesktopServices>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QUrl>
#include <QVBoxLayout>

namespace eyelid {
namespace {

QHBoxLayout* rowLayout(QWidget* row) {
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    return layout;
}

QCheckBox* box(const char* name, const QString& text, bool checked) {
    auto* box = new QCheckBox(text);
    box->setObjectName(QLatin1String(name));
    box->setChecked(checked);
    return box;
}

QString fullName(const QString& folder, const QString& name) {
    return QDir(folder).absoluteFilePath(name);
}

} // namespace

ReleaseView::ReleaseView(const ReleaseForm& form, Clash clash, const QString& folder, const Theme& theme,
                         QWidget* parent)
    : QDialog(parent), m_theme(theme) {
    setObjectName(QStringLiteral("releaseView"));
    setWindowTitle(Tr::tr("Release"));
    resize(840, 520);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    m_title = new QLabel(Tr::tr("Release to a folder"));
    m_title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(m_title);
    m_choices = new QWidget;
    m_rows = new QGridLayout(m_choices);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setHorizontalSpacing(12);
    m_rows->setVerticalSpacing(8);
    m_rows->setColumnStretch(1, 1);
    addRow(Tr::tr("Format"), formatRow(form));
    m_names = new QLineEdit(form.names.isEmpty() ? usualNames : form.names);
    m_names->setObjectName(QStringLiteral("releaseNames"));
    m_names->setToolTip(
        Tr::tr("Of the parts {case}, {number}, {count}, {date} and {policy}; the ending comes by itself."));
    addRow(Tr::tr("Names"), m_names);
    addRow(Tr::tr("With them"), besideRow(form));
    addRow(Tr::tr("Folder"), folderRow(folder));
    m_clash = new QComboBox;
    m_clash->setObjectName(QStringLiteral("releaseClash"));
    m_clash->addItem(Tr::tr("Keep both: number the new ones"), int(Clash::KeepBoth));
    m_clash->addItem(Tr::tr("Replace them"), int(Clash::Replace));
    m_clash->addItem(Tr::tr("Do not release"), int(Clash::Refuse));
    m_clash->setCurrentIndex(m_clash->findData(int(clash)));
    addRow(Tr::tr("Files there already"), m_clash);
    layout->addWidget(m_choices);
    m_hint = new QLabel;
    m_hint->setWordWrap(true);
    layout->addWidget(m_hint);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("releaseFiles"));
    m_list->setAccessibleName(Tr::tr("Files"));
    m_list->setFont(valueFont(12));
    layout->addWidget(m_list, 1);
    layout->addWidget(buttonRow());
    connect(m_format, &QComboBox::activated, this, &ReleaseView::changeFormat);
    for (QComboBox* choice : {m_clash, m_wrapping})
        connect(choice, &QComboBox::activated, this, &ReleaseView::changeForm);
    for (QSpinBox* number : {m_quality, m_most})
        connect(number, &QSpinBox::valueChanged, this, &ReleaseView::changeForm);
    for (QCheckBox* choice : {m_limit, m_report, m_words, m_summary})
        connect(choice, &QCheckBox::toggled, this, &ReleaseView::changeForm);
    connect(m_names, &QLineEdit::textChanged, this, &ReleaseView::changeForm);
    connect(m_folder, &QLineEdit::textChanged, this, &ReleaseView::refresh);
    refreshForm();
    refresh();
    m_release->setFocus();
}

void ReleaseView::addRow(const QString& label, QWidget* row) {
    auto* name = new QLabel(label);
    name->setBuddy(row);
    const int at = m_rows->rowCount();
    m_rows->addWidget(name, at, 0);
    m_rows->addWidget(row, at, 1);
    if (row->accessibleName().isEmpty()) row->setAccessibleName(label);
}

QWidget* ReleaseView::formatRow(const ReleaseForm& form) {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    m_format = new QComboBox;
    m_format->setObjectName(QStringLiteral("releaseFormat"));
    m_format->setAccessibleName(Tr::tr("Format"));
    for (const QString& code : formatCodes()) {
        ReleaseForm each;
        (void)setFormat(each, code);
        m_format->addItem(each.document == DocumentKind::None ? formatTitle(each)
                                                              : sentence(Tr::tr("%1, all in one"), formatTitle(each)),
                          code);
    }
    m_format->setCurrentIndex(m_format->findData(formatCode(form)));
    m_wrapping = new QComboBox;
    m_wrapping->setObjectName(QStringLiteral("releaseWrapping"));
    m_wrapping->setAccessibleName(Tr::tr("As"));
    m_wrapping->addItem(Tr::tr("As files"), int(Wrapping::None));
    m_wrapping->addItem(Tr::tr("In one archive"), int(Wrapping::Zip));
    m_wrapping->addItem(Tr::tr("As a mail draft"), int(Wrapping::Mail));
    m_wrapping->setCurrentIndex(m_wrapping->findData(int(form.wrapping)));
    m_qualityLabel = new QLabel(Tr::tr("Quality"));
    m_quality = new QSpinBox;
    m_quality->setObjectName(QStringLiteral("releaseQuality"));
    m_quality->setAccessibleName(Tr::tr("Quality"));
    m_quality->setRange(0, 100);
    m_quality->setSingleStep(5);
    const bool lossless = form.document != DocumentKind::None && form.encoding.format != ReleaseFormat::Jpeg;
    m_quality->setValue(lossless ? Encoding::lossless : form.encoding.quality);
    m_quality->setSpecialValueText(Tr::tr("Without loss"));
    m_limit = box("releaseLimit", Tr::tr("At most"), form.mostBytes > 0);
    m_most = new QSpinBox;
    m_most->setObjectName(QStringLiteral("releaseMost"));
    m_most->setAccessibleName(Tr::tr("At most"));
    m_most->setRange(5, 100'000);
    m_most->setSuffix(Tr::tr(" kB a picture"));
    m_most->setValue(form.mostBytes > 0 ? int(form.mostBytes / 1000) : 500);
    layout->addWidget(m_format);
    layout->addWidget(m_wrapping);
    layout->addWidget(m_qualityLabel);
    layout->addWidget(m_quality);
    layout->addStretch();
    layout->addWidget(m_limit);
    layout->addWidget(m_most);
    return row;
}

QWidget* ReleaseView::besideRow(const ReleaseForm& form) {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    m_report = box("releaseReport", Tr::tr("Report for people"), form.report);
    m_words = box("releaseWords", Tr::tr("Words as text"), form.documentWords);
    m_words->setToolTip(Tr::tr("What can still be read on the pictures, to be searched and read aloud."));
    m_summary = box("releaseSummary", Tr::tr("What was hidden, at its end"), form.documentSummary);
    for (QCheckBox* choice : {m_report, m_words, m_summary}) layout->addWidget(choice);
    layout->addStretch();
    return row;
}

QWidget* ReleaseView::folderRow(const QString& folder) {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    m_folder = new QLineEdit(QDir::toNativeSeparators(folder));
    m_folder->setObjectName(QStringLiteral("releaseFolder"));
    m_folder->setAccessibleName(Tr::tr("Folder"));
    auto* browse = new QPushButton(Tr::tr("Browse…"));
    layout->addWidget(m_folder, 1);
    layout->addWidget(browse);
    QCheckBox* opens = box("opensReleased", Tr::tr("Open it afterwards"), settings::opensReleased());
    connect(opens, &QCheckBox::toggled, this, [](bool on) { settings::setOpensReleased(on); });
    layout->addWidget(opens);
    connect(browse, &QPushButton::clicked, this, [this] {
        const FileDialogTraces traces;
        const QString chosen = QFileDialog::getExistingDirectory(this, Tr::tr("Release to"), m_folder->text());
        if (!chosen.isEmpty()) m_folder->setText(chosen);
    });
    return row;
}

QWidget* ReleaseView::buttonRow() {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    m_openFolder = new QPushButton(Tr::tr("Open the folder"));
    m_openFolder->hide();
    m_close = new QPushButton;
    m_close->setObjectName(QStringLiteral("releaseClose"));
    m_release = new QPushButton(Tr::tr("Release"));
    m_release->setObjectName(QStringLiteral("releaseNow"));
    m_release->setProperty("primary", true);
    m_release->setDefault(true);
    layout->addWidget(m_openFolder);
    layout->addStretch();
    layout->addWidget(m_close);
    layout->addWidget(m_release);
    connect(m_close, &QPushButton::clicked, this, [this] {
        if (m_doing.isEmpty())
            reject();
        else
            emit stopAsked();
    });
    connect(m_release, &QPushButton::clicked, this, &ReleaseView::releaseAsked);
    connect(m_openFolder, &QPushButton::clicked, this,
            [this] { QDesktopServices::openUrl(QUrl::fromLocalFile(this->folder())); });
    return row;
}

ReleaseForm ReleaseView::form() const {
    ReleaseForm form;
    (void)setFormat(form, m_format->currentData().toString());
    const int quality = m_quality->value();
    if (form.document != DocumentKind::None)
        form.encoding = quality > 0 ? Encoding{ReleaseFormat::Jpeg, quality} : Encoding{};
    else if (hasQuality(form.encoding.format))
        form.encoding.quality = quality;
    if (m_limit->isChecked()) form.mostBytes = qint64(m_most->value()) * 1000;
    form.names = m_names->text();
    form.report = m_report->isChecked();
    form.wrapping = Wrapping(m_wrapping->currentData().toInt());
    form.documentWords = m_words->isChecked();
    form.documentSummary = m_summary->isChecked();
    return form;
}

Clash ReleaseView::clash() const {
    return Clash(m_clash->currentData().toInt());
}

QString ReleaseView::folder() const {
    return QDir::fromNativeSeparators(m_folder->text().trimmed());
}

// Documents lose nothing unless that is asked for, pictures of the lossy formats as little as is usual.
void ReleaseView::changeFormat() {
    ReleaseForm chosen;
    (void)setFormat(chosen, m_format->currentData().toString());
    const QSignalBlocker quiet(m_quality);
    m_quality->setMinimum(0);
    m_quality->setValue(chosen.document != DocumentKind::None ? Encoding::lossless : Encoding::usualQuality);
    changeForm();
}

void ReleaseView::changeForm() {
    refreshForm();
    if (checkNames(m_names->text())) emit formChanged();
    refresh();
}

// What the chosen format has no use for is not offered.
void ReleaseView::refreshForm() {
    ReleaseForm chosen;
    (void)setFormat(chosen, m_format->currentData().toString());
    const bool document = chosen.document != DocumentKind::None;
    const bool jpeg = !document && chosen.encoding.format == ReleaseFormat::Jpeg;
    m_qualityLabel->setVisible(document || hasQuality(chosen.encoding.format));
    m_quality->setVisible(m_qualityLabel->isVisibleTo(this));
    {
        const QSignalBlocker quiet(m_quality);
        m_quality->setMinimum(jpeg ? 1 : 0);
        if (jpeg && m_quality->value() <= 1) m_quality->setValue(Encoding::usualQuality);
    }
    m_words->setVisible(document);
    m_summary->setVisible(document);
    m_most->setEnabled(m_limit->isChecked());
}

void ReleaseView::setFiles(const QStringList& names, qint64 bytes) {
    m_files = names;
    m_bytes = bytes;
    refresh();
}

// Returns how many would meet a file that is there. Those that are numbered are shown as they will be called.
int ReleaseView::refreshList() {
    m_list->clear();
    const auto there = [this](const QString& name) { return QFileInfo::exists(fullName(folder(), name)); };
    const auto clashes = int(std::count_if(m_files.begin(), m_files.end(), there));
    const QStringList names = clash() == Clash::KeepBoth ? numbered(m_files, numberApart(m_files, there)) : m_files;
    for (const QString& name : names) {
        const QString path = fullName(folder(), name);
        const bool meets = there(name);
        m_list->addItem(
            new QListWidgetItem(themedIcon(meets ? QStringLiteral("triangle-alert") : QStringLiteral("send"),
                                           meets ? m_theme.clay : m_theme.faint),
                                meets ? sentence(Tr::tr("%1   (is there already)"), path) : path));
    }
    return clashes;
}

QString ReleaseView::hint(int clashes) const {
    if (const auto right = checkNames(m_names->text()); !right) return right.error().sentence;
    if (folder().isEmpty()) return Tr::tr("Name a folder.");
    if (clashes > 0 && clash() == Clash::Refuse)
        return Tr::tr("%n of these files are there already; choose another folder, or what is to be done with them.",
                      nullptr, clashes);
    if (clashes > 0 && clash() == Clash::Replace)
        return Tr::tr("%n of these files are there already and will be replaced, once the new ones stand.", nullptr,
                      clashes);
    const QString size = m_bytes > 0 ? sentence(Tr::tr(", pictures of %1"),
                                                QLocale().formattedDataSize(m_bytes, 0, QLocale::DataSizeSIFormat))
                                     : QString();
    const QString files = Tr::tr("%n file(s) will be written", nullptr, int(m_files.size())) + size;
    return QFileInfo(folder()).isDir() ? sentence(Tr::tr("%1:"), files)
                                       : sentence(Tr::tr("%1; the folder will be made:"), files);
}

void ReleaseView::refresh() {
    if (m_done) return;
    const int clashes = refreshList();
    const bool idle = m_doing.isEmpty();
    m_choices->setEnabled(idle);
    m_release->setEnabled(idle && bool(checkNames(m_names->text())) && !folder().isEmpty() && !m_files.isEmpty() &&
                          (clashes == 0 || clash() != Clash::Refuse));
    m_close->setText(idle ? Tr::tr("Not now") : Tr::tr("Stop"));
    m_hint->setText(idle ? hint(clashes) : m_doing);
    m_hint->setStyleSheet({});
}

void ReleaseView::setWorking(const QString& doing) {
    m_doing = doing;
    refresh();
}

void ReleaseView::showReleased(const QStringList& paths, const QString& unsignedBecause) {
    m_done = true;
    m_doing.clear();
    m_title->setText(Tr::tr("Released"));
    m_hint->setText(unsignedBecause.isEmpty()
                        ? Tr::tr("Written as they were checked, and read back from the disk:")
                        : sentence(Tr::tr("Written as they were checked, and read back from the disk. The log is not "
                                          "signed: %1"),
                                   unsignedBecause));
    m_hint->setStyleSheet({});
    m_list->clear();
    for (const QString& path : paths)
        m_list->addItem(new QListWidgetItem(themedIcon(QStringLiteral("check"), m_theme.pine), path));
    m_choices->hide();
    m_release->hide();
    m_close->setText(Tr::tr("Close"));
    m_close->setDefault(true);
    m_openFolder->show();
}

void ReleaseView::showTrouble(const QString& sentence) {
    m_doing.clear();
    refresh();
    m_hint->setText(sentence);
    m_hint->setStyleSheet(QStringLiteral("color: %1").arg(m_theme.brick.name()));
}

} // namespace eyelid
