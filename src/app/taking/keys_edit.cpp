#include "app/taking/keys_edit.h"

#include "base/sentence.h"
#include "capture/global_shortcuts.h"

#include <QKeyEvent>

namespace eyelid {
namespace {

bool leaves(const QKeyEvent& key) {
    return key.key() == Qt::Key_Escape || key.key() == Qt::Key_Tab || key.key() == Qt::Key_Backtab;
}

bool isModifier(int key) {
    return key == Qt::Key_Control || key == Qt::Key_Shift || key == Qt::Key_Alt || key == Qt::Key_Meta ||
           key == Qt::Key_AltGr || key == Qt::Key_Super_L || key == Qt::Key_Super_R || key == Qt::Key_unknown ||
           key == 0;
}

// What moves about, and Space, held, for the bare capture, are no command's.
bool mayBeCommand(int key, Qt::KeyboardModifiers modifiers) {
    if (modifiers & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)) return true;
    return key != Qt::Key_Space && key != Qt::Key_Return && key != Qt::Key_Enter &&
           !(key >= Qt::Key_Home && key <= Qt::Key_PageDown);
}

} // namespace

KeysEdit::KeysEdit(const QKeySequence& keys, Where where, QWidget* parent) : QLineEdit(parent), m_where(where) {
    setReadOnly(true);
    setContextMenuPolicy(Qt::NoContextMenu);
    setPlaceholderText(Tr::tr("No keys"));
    setToolTip(Tr::tr("Press the keys; Backspace for none"));
    setKeys(keys);
}

void KeysEdit::setKeys(const QKeySequence& keys) {
    setText(keys.toString(QKeySequence::NativeText));
    if (keys == m_keys) return;
    m_keys = keys;
    emit keysChanged(m_keys);
}

bool KeysEdit::event(QEvent* event) {
    // What is pressed here is meant for this field, not for the window's own shortcuts.
    if (event->type() == QEvent::ShortcutOverride && !leaves(*static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    return QLineEdit::event(event);
}

void KeysEdit::keyPressEvent(QKeyEvent* event) {
    const auto modifiers = event->modifiers() & ~(Qt::KeypadModifier | Qt::GroupSwitchModifier);
    if (leaves(*event)) return event->ignore();
    if (isModifier(event->key())) return;
    if (modifiers == Qt::NoModifier && (event->key() == Qt::Key_Backspace || event->key() == Qt::Key_Delete))
        return setKeys({});
    const QKeySequence keys(QKeyCombination(modifiers, Qt::Key(event->key())));
    if (m_where == Where::Window ? mayBeCommand(event->key(), modifiers) : mayBeGlobal(keys)) return setKeys(keys);
    if (m_where == Where::Window)
        return emit refused(
            sentence(Tr::tr("%1 has a meaning of its own in lists and on the sheet; add Ctrl or Alt to it."),
                     keys.toString(QKeySequence::NativeText)));
    emit refused(Tr::tr("%1 is needed by other programs; add Ctrl, Alt or the Super key to it.")
                     .arg(keys.toString(QKeySequence::NativeText)));
}

} // namespace eyelid
