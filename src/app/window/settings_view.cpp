#include "app/window/settings_view.h"

#include "app/findings/cover_look_fields.h"
#include "app/window/dialog_parts.h"
#include "app/window/file_dialogs.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "base/spoken_languages.h"
#include "finding/known_policies.h"

#include <algorithm>
#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QSpinBox>
#include <QVBoxLayout>

namespace eyelid {

SettingsView::SettingsView(const Theme& theme, QWidget* parent) : QDialog(parent), m_theme(theme) {
    setObjectName(QStringLiteral("settingsView"));
    setWindowTitle(Tr::tr("Settings"));
    resize(640, 660);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(12);
    m_words = new QLineEdit;
    m_words->setPlaceholderText(Tr::tr("Find a setting"));
    m_words->setAccessibleName(Tr::tr("Find a setting"));
    m_words->setClearButtonEnabled(true);
    column->addWidget(m_words);
    auto* inside = new QWidget;
    m_form = new QFormLayout(inside);
    m_form->setContentsMargins(4, 4, 12, 4);
    m_form->setSpacing(10);
    m_form->setLabelAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    auto* area = new QScrollArea;
    area->setWidget(inside);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(area, 1);
    addLook();
    addDeciding();
    addCases();
    addTaking();
    addKeys();
    // What cannot be scrolled to the side must fit: as wide as the longest words of the language need.
    area->setMinimumWidth(inside->minimumSizeHint().width() + area->verticalScrollBar()->sizeHint().width());
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    connect(m_words, &QLineEdit::textChanged, this, &SettingsView::filter);
}

void SettingsView::addRow(const QString& label, QWidget* field, const QString& words) {
    field->setAccessibleName(label);
    m_form->addRow(label, field);
    m_rows.push_back({field, label + u' ' + words});
}

QSpinBox* SettingsView::addNumber(const QString& label, const QString& words, int least, int most, int value) {
    auto* field = new QSpinBox;
    field->setRange(least, most);
    field->setValue(value);
    addRow(label, field, words);
    return field;
}

// A folder somebody chooses here is theirs to choose: unlike where a file was last, it is no trace of a case.
void SettingsView::addFolder(const QString& label, const QString& words, QString (*folder)(),
                             void (*setFolder)(const QString&)) {
    auto* field = new QWidget;
    auto* row = new QHBoxLayout(field);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    auto* path = new QLineEdit(folder());
    path->setPlaceholderText(Tr::tr("As the desktop has it"));
    path->setAccessibleName(label);
    path->setClearButtonEnabled(true);
    auto* choose = new QPushButton(Tr::tr("Choose…"));
    choose->setAccessibleName(sentence(Tr::tr("Choose: %1"), label));
    choose->setAutoDefault(false);
    row->addWidget(path, 1);
    row->addWidget(choose);
    connect(path, &QLineEdit::textChanged, this, [setFolder](const QString& text) { setFolder(text.trimmed()); });
    connect(choose, &QPushButton::clicked, this, [this, path] {
        const FileDialogTraces traces;
        const QString chosen = QFileDialog::getExistingDirectory(this, Tr::tr("Choose a folder"), path->text());
        if (!chosen.isEmpty()) path->setText(chosen);
    });
    addRow(label, field, words);
}

void SettingsView::addLook() {
    auto* theme = new QComboBox;
    theme->setObjectName(QStringLiteral("theme"));
    theme->addItems({Tr::tr("Light"), Tr::tr("Dark"), Tr::tr("High contrast")}); // as ThemeName
    theme->setCurrentIndex(int(m_theme.name));
    connect(theme, &QComboBox::activated, this, [this](int at) { emit themeChosen(ThemeName(at)); });
    addRow(Tr::tr("Theme"), theme, Tr::tr("colour dark light contrast"));
    auto* language = new QComboBox;
    language->setObjectName(QStringLiteral("language"));
    language->addItem(Tr::tr("As the desktop has it"), QString());
    for (const QString& code : spokenLanguages()) language->addItem(QLocale(code).nativeLanguageName(), code);
    language->setCurrentIndex(std::max(0, language->findData(settings::language())));
    // All views are made anew in it, this one as well.
    connect(language, &QComboBox::activated, this, [this, language] {
        const QString before = settings::language();
        settings::setLanguage(language->currentData().toString());
        if (settings::language() != before) accept();
    });
    addRow(Tr::tr("Language of the window"), language, Tr::tr("translation English German French Spanish"));
    QSpinBox* type =
        addNumber(Tr::tr("Size of type"), Tr::tr("large text font zoom"), 100, 200, settings::typePercent());
    type->setObjectName(QStringLiteral("typePercent"));
    type->setSingleStep(10);
    type->setSuffix(Tr::tr(" % (when this view is closed)"));
    connect(type, &QSpinBox::valueChanged, this, [](int percent) { settings::setTypePercent(percent); });
    auto* map = new QCheckBox(Tr::tr("A small map while only a part of a capture is in view"));
    map->setObjectName(QStringLiteral("overviewShown"));
    map->setChecked(settings::overviewShown());
    connect(map, &QCheckBox::toggled, this, [this](bool on) {
        settings::setOverviewShown(on);
        emit changed();
    });
    addRow(Tr::tr("On the sheet"), map, map->text());
}

void SettingsView::addDeciding() {
    auto* name = new QLineEdit(settings::officerName());
    name->setObjectName(QStringLiteral("officer"));
    name->setToolTip(Tr::tr("It stands with your decisions, in the case alone; no release says it."));
    connect(name, &QLineEdit::editingFinished, this, [this, name] {
        if (!name->text().trimmed().isEmpty()) emit officerNamed(name->text().trimmed());
    });
    addRow(Tr::tr("Your name"), name, Tr::tr("officer decided by"));
    auto* goOn = new QCheckBox(Tr::tr("The next open finding comes by itself"));
    goOn->setObjectName(QStringLiteral("goOn"));
    goOn->setChecked(settings::goesOn());
    connect(goOn, &QCheckBox::toggled, this, [this](bool on) {
        settings::setGoesOn(on);
        emit changed();
    });
    addRow(Tr::tr("After a decision"), goOn, goOn->text());
    auto* look = new CoverLookFields(false);
    look->setLook(settings::handLook());
    connect(look, &CoverLookFields::changed, this, [this, look] {
        settings::setHandLook(look->look());
        emit changed();
    });
    addRow(Tr::tr("Covers drawn by hand"), look, Tr::tr("style solid mosaic blur colour"));
}

void SettingsView::addCases() {
    auto* policy = new QComboBox;
    policy->setObjectName(QStringLiteral("policy"));
    for (const KnownPolicy& one : knownPolicies()) {
        policy->addItem(sentenceCase(titleOf(one)), one.name);
        policy->setItemData(policy->count() - 1, originTitle(one), Qt::ToolTipRole);
    }
    policy->setCurrentIndex(policy->findData(settings::policyName()));
    policy->setToolTip(Tr::tr("For windows opened from now on; the open case keeps its own."));
    connect(policy, &QComboBox::activated, this,
            [policy] { settings::setPolicyName(policy->currentData().toString()); });
    addRow(Tr::tr("Policy of new cases"), policy, Tr::tr("kinds rules default"));
    auto* style = new QComboBox;
    style->setObjectName(QStringLiteral("caseStyle"));
    style->addItem(Tr::tr("As the policy says"), -1);
    for (const CoverStyle one : allStyles) style->addItem(styleTitle(one), int(one));
    const auto chosen = settings::caseStyle();
    style->setCurrentIndex(style->findData(chosen ? int(*chosen) : -1));
    style->setToolTip(policy->toolTip());
    connect(style, &QComboBox::activated, this, [style] {
        const int at = style->currentData().toInt();
        settings::setCaseStyle(at < 0 ? std::nullopt : std::optional(CoverStyle(at)));
    });
    addRow(Tr::tr("Style of new cases"), style, Tr::tr("covers solid mosaic blur stand-in label"));
    QSpinBox* days = addNumber(Tr::tr("Keep captures at most"), Tr::tr("retention days destroy delete"), 0, 3650,
                               settings::mostDays());
    days->setObjectName(QStringLiteral("mostDays"));
    days->setSpecialValueText(Tr::tr("As the policy says"));
    days->setSuffix(Tr::tr(" days"));
    days->setToolTip(Tr::tr("Fewer days than the policy gives, for new cases; never more."));
    connect(days, &QSpinBox::valueChanged, this, [](int value) { settings::setMostDays(value); });
    QSpinBox* small = addNumber(Tr::tr("Small versions beside pictures"), Tr::tr("release thumbnails size"), 0, 4000,
                                settings::smallVersions());
    small->setObjectName(QStringLiteral("smallVersions"));
    small->setSpecialValueText(Tr::tr("None"));
    small->setSuffix(Tr::tr(" px at the longest side"));
    small->setToolTip(Tr::tr("Each released picture has a small one beside it, checked as the pictures are."));
    connect(small, &QSpinBox::valueChanged, this, [this](int value) {
        settings::setSmallVersions(value);
        emit changed();
    });
    QSpinBox* clipboard = addNumber(Tr::tr("Copies stay on the clipboard"), Tr::tr("release copy take back clear"), 0,
                                    3600, settings::clipboardSeconds());
    clipboard->setObjectName(QStringLiteral("clipboardSeconds"));
    clipboard->setSpecialValueText(Tr::tr("Until something else is copied"));
    clipboard->setSuffix(Tr::tr(" seconds"));
    connect(clipboard, &QSpinBox::valueChanged, this, [](int value) { settings::setClipboardSeconds(value); });
    addFolder(Tr::tr("Releases go to"), Tr::tr("folder save export"), settings::releaseFolder,
              settings::setReleaseFolder);
    addFolder(Tr::tr("Pictures come from"), Tr::tr("folder bring in open import"), settings::bringInFolder,
              settings::setBringInFolder);
}

void SettingsView::addTaking() {
    auto* back = new QCheckBox(Tr::tr("Eyelid comes to the front again"));
    back->setObjectName(QStringLiteral("comesBack"));
    back->setChecked(settings::comesBack());
    connect(back, &QCheckBox::toggled, this, [](bool on) { settings::setComesBack(on); });
    addRow(Tr::tr("After a take"), back, back->text());
    QSpinBox* dpi =
        addNumber(Tr::tr("Pages of PDFs"), Tr::tr("resolution dpi size"), 72, 600, settings::pageResolution());
    dpi->setObjectName(QStringLiteral("dpi"));
    dpi->setSuffix(Tr::tr(" pixels an inch"));
    connect(dpi, &QSpinBox::valueChanged, this, [](int value) { settings::setPageResolution(value); });
}

void SettingsView::addKeys() {
    auto* field = new QWidget;
    auto* row = new QHBoxLayout(field);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    auto* taking = new QPushButton(Tr::tr("For taking…"));
    auto* commands = new QPushButton(Tr::tr("Of the commands…"));
    commands->setObjectName(QStringLiteral("keysOfCommands"));
    for (QPushButton* button : {taking, commands}) {
        button->setAutoDefault(false);
        row->addWidget(button, 1);
    }
    connect(taking, &QPushButton::clicked, this, &SettingsView::shortcutsAsked);
    connect(commands, &QPushButton::clicked, this, &SettingsView::keysAsked);
    addRow(Tr::tr("Keys"), field, Tr::tr("shortcuts keyboard background"));
}

// A row that does not match goes with its label.
void SettingsView::filter(const QString& words) {
    const QStringList wanted = words.split(u' ', Qt::SkipEmptyParts);
    for (const Row& row : m_rows) {
        const bool shown = std::all_of(wanted.begin(), wanted.end(), [&](const QString& word) {
            return row.words.contains(word, Qt::CaseInsensitive);
        });
        row.field->setVisible(shown);
        m_form->labelForField(row.field)->setVisible(shown);
    }
}

} // namespace eyelid
