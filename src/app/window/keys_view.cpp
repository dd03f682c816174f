#include "app/window/keys_view.h"

#include "app/taking/keys_edit.h"
#include "app/window/commands.h"
#include "base/sentence.h"

#include <QDialogButtonBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {

KeysView::KeysView(Commands& commands, QWidget* parent) : QDialog(parent), m_commands(commands) {
    setObjectName(QStringLiteral("keysView"));
    setWindowTitle(Tr::tr("Keys of the commands"));
    resize(560, 564); // whole rows
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 14);
    column->setSpacing(10);
    m_words = new QLineEdit;
    m_words->setPlaceholderText(Tr::tr("Find a command"));
    m_words->setAccessibleName(Tr::tr("Find a command"));
    m_words->setClearButtonEnabled(true);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("keysList"));
    m_list->setAccessibleName(Tr::tr("Commands and their keys"));
    m_list->setFrameShape(QFrame::NoFrame);
    column->addWidget(m_words);
    column->addWidget(m_list, 1);
    makeFields();
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Close);
    buttons->button(QDialogButtonBox::Close)->setAutoDefault(false);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    connect(m_words, &QLineEdit::textChanged, this, &KeysView::refresh);
    connect(m_list, &QListWidget::currentRowChanged, this, &KeysView::showChosen);
    connect(m_keys, &KeysEdit::keysChanged, this, &KeysView::change);
    connect(m_keys, &KeysEdit::refused, m_trouble, &QLabel::setText);
    connect(m_take, &QPushButton::clicked, this, &KeysView::takeOver);
    connect(m_reset, &QPushButton::clicked, this, [this] {
        m_commands.resetKeys(chosen());
        refresh();
    });
    refresh();
}

void KeysView::makeFields() {
    auto* column = static_cast<QVBoxLayout*>(layout());
    auto* row = new QHBoxLayout;
    m_name = new QLabel;
    m_keys = new KeysEdit({}, KeysEdit::Where::Window);
    m_keys->setObjectName(QStringLiteral("keysOfChosen"));
    m_keys->setAccessibleName(Tr::tr("Keys of the chosen command"));
    m_keys->setFixedWidth(180);
    m_reset = new QPushButton(Tr::tr("As it came"));
    m_reset->setObjectName(QStringLiteral("keysReset"));
    m_reset->setAutoDefault(false);
    row->addWidget(m_name, 1);
    row->addWidget(m_keys);
    row->addWidget(m_reset);
    column->addLayout(row);
    auto* said = new QHBoxLayout;
    m_trouble = new QLabel;
    m_trouble->setObjectName(QStringLiteral("keysTrouble"));
    m_trouble->setWordWrap(true);
    m_take = new QPushButton(Tr::tr("Take them from it"));
    m_take->setObjectName(QStringLiteral("keysTake"));
    m_take->setAutoDefault(false);
    said->addWidget(m_trouble, 1);
    said->addWidget(m_take);
    column->addLayout(said);
}

QString KeysView::chosen() const {
    const QListWidgetItem* item = m_list->currentItem();
    return item ? item->data(Qt::UserRole).toString() : QString();
}

void KeysView::refresh() {
    const QString before = chosen();
    m_list->clear();
    for (const FoundCommand& found : m_commands.matching(m_words->text())) {
        const QString id = m_commands.idOf(found.action);
        if (id == QLatin1String("select")) continue; // Escape leads back from everywhere
        auto* item = new QListWidgetItem(found.line());
        item->setData(Qt::UserRole, id);
        m_list->addItem(item);
        if (id == before) m_list->setCurrentItem(item);
    }
    if (!m_list->currentItem()) m_list->setCurrentRow(0);
    showChosen();
}

void KeysView::showChosen() {
    const QString id = chosen();
    m_showing = true;
    m_keys->setEnabled(!id.isEmpty());
    m_name->setText(id.isEmpty() ? QString() : m_commands[id].text().section(u'\t', 0, 0));
    m_keys->setKeys(id.isEmpty() ? QKeySequence() : m_commands[id].shortcut());
    m_reset->setEnabled(!id.isEmpty() && m_commands.hasOwnKeys(id));
    m_trouble->clear();
    m_take->hide();
    m_showing = false;
}

void KeysView::change() {
    if (m_showing || chosen().isEmpty()) return;
    const QKeySequence keys = m_keys->keys();
    const QAction* other = keys.isEmpty() ? nullptr : m_commands.withKeys(keys, chosen());
    if (other) {
        m_trouble->setText(sentence(Tr::tr("%1 is “%2”. Choose others, or take them from it."),
                                    keys.toString(QKeySequence::NativeText), other->text().section(u'\t', 0, 0)));
        m_take->show();
        return;
    }
    m_commands.setKeys(chosen(), keys.isEmpty() ? QList<QKeySequence>() : QList<QKeySequence>{keys});
    refresh();
}

void KeysView::takeOver() {
    const QKeySequence keys = m_keys->keys();
    while (const QAction* other = m_commands.withKeys(keys, chosen())) {
        QList<QKeySequence> left = other->shortcuts();
        left.removeAll(keys);
        m_commands.setKeys(m_commands.idOf(other), left);
    }
    m_commands.setKeys(chosen(), {keys});
    refresh();
}

} // namespace eyelid
