#include "app/shortcuts_view.h"

#include "app/theme.h"

#include <QApplication>
#include <QGridLayout>
#include <QKeySequenceEdit>
#include <QLabel>
#include <QPushButton>
#include <QSettings>
#include <QToolButton>

namespace eyelid {

std::vector<GlobalShortcut> rememberedShortcuts() {
    std::vector<GlobalShortcut> all;
    const QSettings settings;
    for (const TakeKindName& kind : takeKinds) {
        const QString id = QLatin1String(kind.id);
        const QString keys = settings.value(QStringLiteral("shortcuts/") + id, QLatin1String(kind.keys)).toString();
        all.push_back({id, QLatin1String(kind.text), QKeySequence::fromString(keys, QKeySequence::PortableText)});
    }
    return all;
}

ShortcutsView::ShortcutsView(GlobalShortcuts* global, QWidget* parent) : QDialog(parent), m_global(global) {
    setWindowTitle(QStringLiteral("Shortcuts for taking"));
    setObjectName(QStringLiteral("shortcutsView"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(16, 14, 16, 14);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(6);
    auto* title = new QLabel(QStringLiteral("Shortcuts for taking"));
    title->setProperty("role", QStringLiteral("title"));
    grid->addWidget(title, 0, 0, 1, 4);
    auto* hint = new QLabel(
        global
            ? QStringLiteral("These keys work while Eyelid is in the background and another program has the keyboard.")
            : QStringLiteral("This desktop lets no program have keys of its own while another is in front; set them "
                             "in the desktop's settings."));
    hint->setProperty("role", QStringLiteral("faint"));
    hint->setWordWrap(true);
    grid->addWidget(hint, 1, 0, 1, 4);
    int y = 2;
    for (const GlobalShortcut& shortcut : rememberedShortcuts()) {
        auto* name = new QLabel(shortcut.description);
        auto* keys = new QKeySequenceEdit(shortcut.keys);
        keys->setObjectName(QStringLiteral("keys-") + shortcut.id);
        keys->setAccessibleName(shortcut.description);
        keys->setFixedWidth(170);
        keys->setEnabled(global != nullptr);
        auto* clear = new QToolButton;
        clear->setIcon(themedIcon(QStringLiteral("x"), theme(*qApp).ink));
        clear->setEnabled(global != nullptr);
        clear->setToolTip(QStringLiteral("No keys for this"));
        clear->setAccessibleName(QStringLiteral("No keys for: ") + shortcut.description);
        auto* trouble = new QLabel;
        trouble->setWordWrap(true);
        trouble->setMinimumWidth(global ? 260 : 0); // kept free for what may have to be said
        trouble->setStyleSheet(QStringLiteral("color: %1").arg(theme(*qApp).brick.name()));
        grid->addWidget(name, y, 0);
        grid->addWidget(keys, y, 1);
        grid->addWidget(clear, y, 2);
        grid->addWidget(trouble, y, 3);
        ++y;
        m_rows.push_back({shortcut.id, shortcut.description, keys, trouble});
        connect(clear, &QToolButton::clicked, keys, &QKeySequenceEdit::clear);
        connect(keys, &QKeySequenceEdit::keySequenceChanged, this, [this, keys](const QKeySequence& now) {
            // One key, not a row of them.
            if (now.count() > 1) {
                keys->setKeySequence(QKeySequence(now[0]));
                return;
            }
            bind();
        });
    }
    grid->setRowMinimumHeight(y++, 8);
    auto* close = new QPushButton(QStringLiteral("Close"));
    close->setProperty("primary", true);
    grid->addWidget(close, y, 3, Qt::AlignRight);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    if (m_global)
        connect(m_global, &GlobalShortcuts::refused, this, [this](const QString& id, const QString& sentence) {
            for (Row& row : m_rows)
                if (row.id == id) row.trouble->setText(sentence);
        });
    bind();
}

ShortcutsView::~ShortcutsView() {
    // The editors lose the focus after this is taken down, and tell of it.
    for (Row& row : m_rows) row.keys->disconnect(this);
}

std::vector<GlobalShortcut> ShortcutsView::current() const {
    std::vector<GlobalShortcut> all;
    for (const Row& row : m_rows) all.push_back({row.id, row.description, row.keys->keySequence()});
    return all;
}

QString ShortcutsView::trouble(const QString& id) const {
    for (const Row& row : m_rows)
        if (row.id == id) return row.trouble->text();
    return {};
}

void ShortcutsView::bind() {
    const std::vector<GlobalShortcut> all = current();
    QSettings settings;
    for (const GlobalShortcut& s : all)
        settings.setValue(QStringLiteral("shortcuts/") + s.id, s.keys.toString(QKeySequence::PortableText));
    QHash<QString, QString> troubles = clashes(all);
    if (m_global) {
        // Keys that two kinds want are bound for neither: which one would act could not be seen.
        std::vector<GlobalShortcut> clear;
        for (const GlobalShortcut& s : all)
            if (!troubles.contains(s.id)) clear.push_back(s);
        troubles.insert(m_global->bind(clear));
    }
    for (Row& row : m_rows) row.trouble->setText(troubles.value(row.id));
}

} // namespace eyelid
