#include "app/window/command_finder.h"

#include "app/window/commands.h"
#include "base/sentence.h"

#include <QAction>
#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>

namespace eyelid {

CommandFinder::CommandFinder(const Commands& commands, QWidget* parent) : QDialog(parent), m_commands(commands) {
    setObjectName(QStringLiteral("commandFinder"));
    setWindowTitle(Tr::tr("Find a command"));
    resize(520, 420);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 12, 12, 12);
    column->setSpacing(8);
    m_words = new QLineEdit;
    m_words->setPlaceholderText(Tr::tr("What do you want to do?"));
    m_words->setAccessibleName(Tr::tr("Words of a command"));
    m_words->installEventFilter(this);
    m_list = new QListWidget;
    m_list->setAccessibleName(Tr::tr("Commands"));
    m_list->setFocusPolicy(Qt::NoFocus); // the arrows work from the field
    m_list->setFrameShape(QFrame::NoFrame);
    column->addWidget(m_words);
    column->addWidget(m_list, 1);
    connect(m_words, &QLineEdit::textChanged, this, &CommandFinder::refresh);
    connect(m_words, &QLineEdit::returnPressed, this, &CommandFinder::choose);
    connect(m_list, &QListWidget::itemClicked, this, &CommandFinder::choose);
    refresh();
}

void CommandFinder::refresh() {
    m_list->clear();
    for (const FoundCommand& found : m_commands.matching(m_words->text())) {
        auto* item = new QListWidgetItem(found.line());
        item->setData(Qt::UserRole, QVariant::fromValue(static_cast<QObject*>(found.action)));
        // What cannot be done now is listed all the same, so that nobody looks for it in vain.
        if (!found.action->isEnabled()) item->setFlags(item->flags() & ~Qt::ItemIsEnabled);
        m_list->addItem(item);
    }
    for (int i = 0; i < m_list->count(); ++i)
        if (m_list->item(i)->flags() & Qt::ItemIsEnabled) {
            m_list->setCurrentRow(i);
            break;
        }
}

void CommandFinder::choose() {
    const QListWidgetItem* item = m_list->currentItem();
    if (!item || !(item->flags() & Qt::ItemIsEnabled)) return;
    m_chosen = qobject_cast<QAction*>(item->data(Qt::UserRole).value<QObject*>());
    accept();
}

bool CommandFinder::eventFilter(QObject* object, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->key() == Qt::Key_Down || key->key() == Qt::Key_Up || key->key() == Qt::Key_PageDown ||
            key->key() == Qt::Key_PageUp) {
            QApplication::sendEvent(m_list, event);
            return true;
        }
    }
    return QDialog::eventFilter(object, event);
}

} // namespace eyelid
