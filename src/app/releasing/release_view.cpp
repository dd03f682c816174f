#include "app/releasing/release_view.h"

#include "app/releasing/destinations_box.h"
#include "app/releasing/ways_row.h"
#include "app/window/dialog_parts.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "releasing/names.h"

#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDesktopServices>
#include <QDir>
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

QCheckBox* box(const char* name, const QString& text, bool checked) {
    auto* box = new QCheckBox(text);
    box->setObjectName(QLatin1String(name));
    box->setChecked(checked);
    return box;
}

int qualityShown(const ReleaseForm& form) {
    const bool lossless = form.document != DocumentKind::None && form.encoding.format != ReleaseFormat::Jpeg;
    return lossless ? Encoding::lossless : form.encoding.quality;
}

QString fullName(const QString& folder, const QString& name) {
    return QDir(folder).absoluteFilePath(name);
}

} // namespace

ReleaseView::ReleaseView(const Way& start, const Theme& theme, QWidget* parent) : QDialog(parent), m_theme(theme) {
    setObjectName(QStringLiteral("releaseView"));
    setWindowTitle(Tr::tr("Release"));
    resize(860, 640);
    const ReleaseForm& form = start.form;
    m_to = new DestinationsBox(start.to, start.to.folderPath, theme, *this);
    m_title = titleLabel(Tr::tr("Release"));
    QVBoxLayout* layout = dialogColumn(*this, m_title);
    m_choices = new QWidget;
    m_rows = new QGridLayout(m_choices);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setHorizontalSpacing(12);
    m_rows->setVerticalSpacing(8);
    m_rows->setColumnStretch(1, 1);
    m_ways = new WaysRow([this] { return way(); });
    connect(m_ways, &WaysRow::chose, this, &ReleaseView::choose);
    connect(m_ways, &WaysRow::trouble, this, &ReleaseView::showTrouble);
    addRow(Tr::tr("Way"), m_ways);
    addRow(Tr::tr("Format"), formatRow(form));
    m_names = new QLineEdit(form.names.isEmpty() ? usualNames : form.names);
    m_names->setObjectName(QStringLiteral("releaseNames"));
    m_names->setToolTip(
        Tr::tr("Of the parts {case}, {number}, {count}, {date} and {policy}; the ending comes by itself."));
    addRow(Tr::tr("Names"), m_names);
    addRow(Tr::tr("With them"), besideRow(form));
    addRow(Tr::tr("To a folder"), m_to->folderRow());
    m_clash = new QComboBox;
    m_clash->setObjectName(QStringLiteral("releaseClash"));
    m_clash->addItem(Tr::tr("Keep both: number the new ones"), int(Clash::KeepBoth));
    m_clash->addItem(Tr::tr("Replace them"), int(Clash::Replace));
    m_clash->addItem(Tr::tr("Do not release"), int(Clash::Refuse));
    m_clash->setCurrentIndex(m_clash->findData(int(start.clash)));
    addRow(Tr::tr("Files there already"), m_clash);
    addRow(Tr::tr("And to"), m_to->alsoRow());
    addRow(Tr::tr("Drop at"), m_to->dropRow());
    layout->addWidget(m_choices);
    m_hint = new QLabel;
    m_hint->setWordWrap(true);
    layout->addWidget(m_hint);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("releaseFiles"));
    m_list->setAccessibleName(Tr::tr("Files"));
    m_list->setFont(valueFont(12));
    m_list->setIconSize({16, 16});
    layout->addWidget(m_list, 1);
    layout->addWidget(buttonRow());
    connect(m_format, &QComboBox::activated, this, &ReleaseView::changeFormat);
    for (QComboBox* choice : {m_clash, m_wrapping, m_perSheet})
        connect(choice, &QComboBox::activated, this, &ReleaseView::changeForm);
    for (QSpinBox* number : {m_quality, m_most})
        connect(number, &QSpinBox::valueChanged, this, &ReleaseView::changeForm);
    for (QCheckBox* choice : {m_limit, m_report, m_words, m_summary})
        connect(choice, &QCheckBox::toggled, this, &ReleaseView::changeForm);
    connect(m_names, &QLineEdit::textChanged, this, &ReleaseView::changeForm);
    connect(m_to, &DestinationsBox::changed, this, &ReleaseView::changeForm);
    m_ways->showIfSame(start.name);
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
    m_quality->setValue(qualityShown(form));
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
    m_perSheet = new QComboBox;
    m_perSheet->setObjectName(QStringLiteral("releasePerSheet"));
    m_perSheet->setAccessibleName(Tr::tr("Pictures a page"));
    for (const int count : perSheetChoices)
        m_perSheet->addItem(
            count == 1 ? Tr::tr("One a page, as large as it is") : Tr::tr("%n on a page of A4", nullptr, count), count);
    m_perSheet->setCurrentIndex(m_perSheet->findData(form.perSheet));
    for (QWidget* choice : std::initializer_list<QWidget*>{m_report, m_words, m_summary, m_perSheet})
        layout->addWidget(choice);
    layout->addStretch();
    return row;
}

Way ReleaseView::way() const {
    return {m_ways->chosen(), form(), clash(), destinations()};
}

void ReleaseView::choose(const Way& way) {
    const auto set = [](QComboBox* combo, const QVariant& value) { combo->setCurrentIndex(combo->findData(value)); };
    {
        const QSignalBlocker quiet[] = {QSignalBlocker(m_quality), QSignalBlocker(m_limit), QSignalBlocker(m_most),
                                        QSignalBlocker(m_report),  QSignalBlocker(m_words), QSignalBlocker(m_summary),
                                        QSignalBlocker(m_names),   QSignalBlocker(m_to)};
        set(m_format, formatCode(way.form));
        set(m_wrapping, int(way.form.wrapping));
        set(m_clash, int(way.clash));
        m_quality->setMinimum(0);
        m_quality->setValue(qualityShown(way.form));
        m_limit->setChecked(way.form.mostBytes > 0);
        if (way.form.mostBytes > 0) m_most->setValue(int(way.form.mostBytes / 1000));
        m_report->setChecked(way.form.report);
        m_words->setChecked(way.form.documentWords);
        m_summary->setChecked(way.form.documentSummary);
        set(m_perSheet, way.form.perSheet);
        m_names->setText(way.form.names.isEmpty() ? usualNames : way.form.names);
        m_to->setDestinations(way.to);
    }
    changeForm();
    m_ways->showWay(way.name);
}

Destinations ReleaseView::destinations() const {
    return m_to->destinations();
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
    form.perSheet = m_perSheet->currentData().toInt();
    return form;
}

Clash ReleaseView::clash() const {
    return Clash(m_clash->currentData().toInt());
}

QString ReleaseView::folder() const {
    return m_to->folder();
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
    m_ways->showWay({});
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
    m_perSheet->setVisible(chosen.document == DocumentKind::Pdf);
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
    const bool toFolder = destinations().folder;
    const auto there = [&](const QString& name) { return toFolder && QFileInfo::exists(fullName(folder(), name)); };
    const auto clashes = int(std::count_if(m_files.begin(), m_files.end(), there));
    const QStringList names = clash() == Clash::KeepBoth ? numbered(m_files, numberApart(m_files, there)) : m_files;
    for (const QString& name : names) {
        const QString path = toFolder ? fullName(folder(), name) : name;
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
    if (const QString wrong = m_to->trouble(); !wrong.isEmpty()) return wrong;
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
    if (!destinations().folder)
        return sentence(Tr::tr("%1, to: %2"), Tr::tr("%n file(s)", nullptr, int(m_files.size())) + size,
                        titleOf(destinations()));
    return QFileInfo(folder()).isDir() ? sentence(Tr::tr("%1:"), files)
                                       : sentence(Tr::tr("%1; the folder will be made:"), files);
}

void ReleaseView::refresh() {
    if (m_done) return;
    const int clashes = refreshList();
    const bool idle = m_doing.isEmpty();
    m_choices->setEnabled(idle);
    m_release->setEnabled(idle && bool(checkNames(m_names->text())) && m_to->trouble().isEmpty() &&
                          !m_files.isEmpty() && (clashes == 0 || clash() != Clash::Refuse));
    m_close->setText(idle ? Tr::tr("Not now") : Tr::tr("Stop"));
    m_hint->setText(idle ? hint(clashes) : m_doing);
    m_hint->setStyleSheet({});
}

void ReleaseView::setWorking(const QString& doing) {
    m_doing = doing;
    refresh();
}

void ReleaseView::showReleased(const QStringList& lines, const QString& note) {
    m_done = true;
    m_doing.clear();
    m_title->setText(Tr::tr("Released"));
    m_hint->setText(note);
    m_hint->setStyleSheet({});
    m_list->clear();
    for (const QString& line : lines)
        m_list->addItem(new QListWidgetItem(themedIcon(QStringLiteral("check"), m_theme.pine), line));
    m_choices->hide();
    m_release->hide();
    m_close->setText(Tr::tr("Close"));
    m_close->setDefault(true);
    m_openFolder->setVisible(destinations().folder);
}

void ReleaseView::showTrouble(const QString& sentence) {
    m_doing.clear();
    refresh();
    m_hint->setText(sentence);
    m_hint->setStyleSheet(QStringLiteral("color: %1").arg(m_theme.brick.name()));
}

} // namespace eyelid
