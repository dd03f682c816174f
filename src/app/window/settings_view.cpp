#include "app/window/settings_view.h"

#include "app/window/settings.h"
#include "base/sentence.h"
#include "finding/policy.h"

#include <algorithm>
#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace eyelid {

SettingsView::SettingsView(QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("settingsView"));
    setWindowTitle(Tr::tr("Settings"));
    setMinimumWidth(520);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(12);
    m_words = new QLineEdit;
    m_words->setPlaceholderText(Tr::tr("Find a setting"));
    m_words->setAccessibleName(Tr::tr("Find a setting"));
    m_words->setClearButtonEnabled(true);
    column->addWidget(m_words);
    m_form = new QFormLayout;
    m_form->setSpacing(10);
    column->addLayout(m_form);
    addLook();
    addDeciding();
    addTaking();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addStretch();
    column->addWidget(buttons);
    connect(m_words, &QLineEdit::textChanged, this, &SettingsView::filter);
}

void SettingsView::addRow(const QString& label, QWidget* field, const QString& words) {
    field->setAccessibleName(label);
    m_form->addRow(label, field);
    m_rows.push_back({field, label + u' ' + words});
}

void SettingsView::addLook() {
    auto* theme = new QComboBox;
    theme->setObjectName(QStringLiteral("theme"));
    theme->addItems({Tr::tr("Light"), Tr::tr("Dark")});
    const QPalette palette = this->palette();
    theme->setCurrentIndex(palette.color(QPalette::Window).lightness() <
                           palette.color(QPalette::WindowText).lightness());
    connect(theme, &QComboBox::activated, this, [this](int at) { emit themeChosen(at == 1); });
    addRow(Tr::tr("Theme"), theme, Tr::tr("colour dark light"));
}

void SettingsView::addDeciding() {
    auto* name = new QLineEdit(settings::officerName());
    name->setObjectName(QStringLiteral("officer"));
    name->setToolTip(Tr::tr("It stands with your decisions, in the case alone; no release says it."));
    connect(name, &QLineEdit::editingFinished, this, [this, name] {
        if (!name->text().trimmed().isEmpty()) emit officerNamed(name->text().trimmed());
    });
    addRow(Tr::tr("Your name"), name, Tr::tr("officer decided by"));
    auto* policy = new QComboBox;
    policy->setObjectName(QStringLiteral("policy"));
    for (const QString& one : shippedPolicyNames()) policy->addItem(one);
    policy->setCurrentText(settings::policyName());
    policy->setToolTip(Tr::tr("For windows opened from now on; the open case keeps its own."));
    connect(policy, &QComboBox::activated, this, [policy] { settings::setPolicyName(policy->currentText()); });
    addRow(Tr::tr("Policy of new cases"), policy, Tr::tr("kinds rules default"));
    auto* goOn = new QCheckBox(Tr::tr("The next open finding comes by itself"));
    goOn->setObjectName(QStringLiteral("goOn"));
    goOn->setChecked(settings::goesOn());
    connect(goOn, &QCheckBox::toggled, this, [this](bool on) {
        settings::setGoesOn(on);
        emit changed();
    });
    addRow(Tr::tr("After a decision"), goOn, goOn->text());
}

void SettingsView::addTaking() {
    auto* dpi = new QSpinBox;
    dpi->setObjectName(QStringLiteral("dpi"));
    dpi->setRange(72, 600);
    dpi->setValue(settings::pageResolution());
    dpi->setSuffix(Tr::tr(" pixels an inch"));
    connect(dpi, &QSpinBox::valueChanged, this, [](int value) { settings::setPageResolution(value); });
    addRow(Tr::tr("Pages of PDFs"), dpi, Tr::tr("resolution dpi size"));
    auto* shortcuts = new QPushButton(Tr::tr("Choose…"));
    connect(shortcuts, &QPushButton::clicked, this, &SettingsView::shortcutsAsked);
    addRow(Tr::tr("Shortcuts for taking"), shortcuts, Tr::tr("keys background"));
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
