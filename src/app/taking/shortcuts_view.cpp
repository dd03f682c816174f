#include "app/taking/shortcuts_view.h"

#include "app/taking/keys_edit.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>

namespace eyelid {

std::vector<GlobalShortcut> rememberedShortcuts() {
    std::vector<GlobalShortcut> all;
    for (const TakeKindName& kind : takeKinds) {
        const QString id = QLatin1String(kind.id);
        const QKeySequence sequence = settings::takeKeys(id, QLatin1String(kind.keys));
        all.push_back({id, Tr::tr(kind.text), mayBeGlobal(sequence) ? sequence : QKeySequence()});
    }
    return all;
}

ShortcutsView::ShortcutsView(GlobalShortcuts* global, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_global(global) {
    setWindowTitle(Tr::tr("Shortcuts for taking"));
    setObjectName(QStringLiteral("shortcutsView"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(16, 14, 16, 14);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(6);
    auto* title = new QLabel(Tr::tr("Shortcuts for taking"));
    title->setProperty("role", QStringLiteral("title"));
    grid->addWidget(title, 0, 0, 1, 4);
    auto* hint = new QLabel(
        global ? Tr::tr("These keys work while Eyelid is in the background and another program has the keyboard.")
               : Tr::tr("This desktop lets no program have keys of its own while another is in front; set them "
                        "in the desktop's settings."));
    hint->setProperty("role", QStringLiteral("faint"));
    hint->setWordWrap(true);
    grid->addWidget(hint, 1, 0, 1, 4);
    int y = 2;
    for (const GlobalShortcut& shortcut : rememberedShortcuts()) {
        auto* name = new QLabel(shortcut.description);
        auto* keys = new KeysEdit(shortcut.keys);
        keys->setObjectName(QStringLiteral("keys-") + shortcut.id);
        keys->setAccessibleName(shortcut.description);
        keys->setFixedWidth(170);
        keys->setEnabled(global != nullptr);
        auto* clear = new QToolButton;
        clear->setIcon(themedIcon(QStringLiteral("x"), theme.ink));
        clear->setEnabled(global != nullptr);
        clear->setToolTip(Tr::tr("No keys for this"));
        clear->setAccessibleName(sentence(Tr::tr("No keys for: %1"), shortcut.description));
        auto* trouble = new QLabel;
        trouble->setWordWrap(true);
        trouble->setMinimumWidth(global ? 260 : 0); // kept free for what may have to be said
        trouble->setStyleSheet(QStringLiteral("color: %1").arg(theme.brick.name()));
        grid->addWidget(name, y, 0);
        grid->addWidget(keys, y, 1);
        grid->addWidget(clear, y, 2);
        grid->addWidget(trouble, y, 3);
        ++y;
        m_rows.push_back({shortcut.id, shortcut.description, keys, trouble});
        connect(clear, &QToolButton::clicked, keys, [keys] { keys->setKeys({}); });
        connect(keys, &KeysEdit::keysChanged, this, &ShortcutsView::refresh);
        connect(keys, &KeysEdit::refused, trouble, &QLabel::setText);
    }
    grid->setRowMinimumHeight(y++, 8);
    auto* leave = new QPushButton(global ? Tr::tr("Leave as before") : Tr::tr("Close"));
    leave->setObjectName(QStringLiteral("leaveKeys"));
    auto* use = new QPushButton(Tr::tr("Use these keys"));
    use->setObjectName(QStringLiteral("useKeys"));
    use->setProperty("primary", true);
    use->setVisible(global != nullptr);
    use->setAutoDefault(false);
    leave->setAutoDefault(false);
    auto* buttons = new QHBoxLayout;
    buttons->setSpacing(8);
    buttons->addStretch();
    buttons->addWidget(leave);
    buttons->addWidget(use);
    grid->addLayout(buttons, y, 0, 1, 4);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    connect(use, &QPushButton::clicked, this, &ShortcutsView::agree);
    if (m_global)
        connect(m_global, &GlobalShortcuts::refused, this, [this](const QString& id, const QString& sentence) {
            for (Row& row : m_rows)
                if (row.id == id) row.trouble->setText(sentence);
        });
    refresh();
    // No field has the keyboard at first: a key that is pressed to leave must not be taken for an answer.
    leave->setFocus();
}

ShortcutsView::~ShortcutsView() {
    // The editors lose the focus after this is taken down, and tell of it.
    for (Row& row : m_rows) row.keys->disconnect(this);
}

std::vector<GlobalShortcut> ShortcutsView::current() const {
    std::vector<GlobalShortcut> all;
    for (const Row& row : m_rows) all.push_back({row.id, row.description, row.keys->keys()});
    return all;
}

QString ShortcutsView::trouble(const QString& id) const {
    for (const Row& row : m_rows)
        if (row.id == id) return row.trouble->text();
    return {};
}

void ShortcutsView::refresh() {
    const QHash<QString, QString> troubles = clashes(current());
    for (Row& row : m_rows) row.trouble->setText(troubles.value(row.id));
}

// Only now are the keys taken. What cannot be had is told of, and the view stays open.
void ShortcutsView::agree() {
    const std::vector<GlobalShortcut> all = current();
    QHash<QString, QString> troubles = clashes(all);
    for (const GlobalShortcut& s : all) settings::setTakeKeys(s.id, s.keys);
    // Keys that two kinds want are bound for neither: which one would act could not be seen.
    std::vector<GlobalShortcut> clear;
    for (const GlobalShortcut& s : all)
        if (!troubles.contains(s.id)) clear.push_back(s);
    troubles.insert(m_global->bind(clear));
    for (Row& row : m_rows) row.trouble->setText(troubles.value(row.id));
    if (troubles.isEmpty()) accept();
}

} // namespace eyelid
