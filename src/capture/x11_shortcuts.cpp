#include "capture/global_shortcuts.h"

#include "base/sentence.h"

#include <cstdlib>
#include <QSocketNotifier>
#include <xcb/xcb.h>
#include <xcb/xcb_keysyms.h>

namespace eyelid {
namespace {

// Keysyms of the keys that have no letter (X11/keysymdef.h).
xcb_keysym_t keysymOf(int key) {
    if (key >= Qt::Key_A && key <= Qt::Key_Z) return xcb_keysym_t(key - Qt::Key_A + 'a');
    if (key >= Qt::Key_F1 && key <= Qt::Key_F24) return xcb_keysym_t(0xffbe + key - Qt::Key_F1);
    if (key >= 0x20 && key <= 0x7e) return xcb_keysym_t(key);
    switch (key) {
    case Qt::Key_Print:
        return 0xff61;
    case Qt::Key_SysReq:
        return 0xff15;
    case Qt::Key_Pause:
        return 0xff13;
    case Qt::Key_ScrollLock:
        return 0xff14;
    case Qt::Key_Insert:
        return 0xff63;
    case Qt::Key_Delete:
        return 0xffff;
    case Qt::Key_Home:
        return 0xff50;
    case Qt::Key_End:
        return 0xff57;
    case Qt::Key_PageUp:
        return 0xff55;
    case Qt::Key_PageDown:
        return 0xff56;
    case Qt::Key_Left:
        return 0xff51;
    case Qt::Key_Up:
        return 0xff52;
    case Qt::Key_Right:
        return 0xff53;
    case Qt::Key_Down:
        return 0xff54;
    case Qt::Key_Return:
        return 0xff0d;
    case Qt::Key_Tab:
        return 0xff09;
    case Qt::Key_Backspace:
        return 0xff08;
    case Qt::Key_Escape:
        return 0xff1b;
    default:
        return 0;
    }
}

uint16_t modifiersOf(Qt::KeyboardModifiers modifiers) {
    uint16_t mask = 0;
    if (modifiers & Qt::ShiftModifier) mask |= XCB_MOD_MASK_SHIFT;
    if (modifiers & Qt::ControlModifier) mask |= XCB_MOD_MASK_CONTROL;
    if (modifiers & Qt::AltModifier) mask |= XCB_MOD_MASK_1;
    if (modifiers & Qt::MetaModifier) mask |= XCB_MOD_MASK_4;
    return mask;
}

class X11Shortcuts final : public GlobalShortcuts {
public:
    explicit X11Shortcuts(xcb_connection_t* c)
        : m_c(c), m_root(xcb_setup_roots_iterator(xcb_get_setup(c)).data->root), m_symbols(xcb_key_symbols_alloc(c)),
          m_notifier(xcb_get_file_descriptor(c), QSocketNotifier::Read) {
        connect(&m_notifier, &QSocketNotifier::activated, this, &X11Shortcuts::readEvents);
    }
    ~X11Shortcuts() override {
        m_notifier.setEnabled(false);
        xcb_key_symbols_free(m_symbols);
        xcb_disconnect(m_c); // the server lets go of the keys
    }

    QHash<QString, QString> bind(const std::vector<GlobalShortcut>& shortcuts) override {
        xcb_ungrab_key(m_c, XCB_GRAB_ANY, m_root, XCB_MOD_MASK_ANY);
        m_bound.clear();
        QHash<QString, QString> troubles;
        for (const GlobalShortcut& shortcut : shortcuts) {
            if (shortcut.keys.isEmpty()) continue;
            const QString name = shortcut.keys.toString(QKeySequence::NativeText);
            const auto combination = shortcut.keys[0];
            const xcb_keysym_t keysym = keysymOf(combination.key());
            xcb_keycode_t* codes = keysym ? xcb_key_symbols_get_keycode(m_symbols, keysym) : nullptr;
            if (!codes || codes[0] == XCB_NO_SYMBOL) {
                std::free(codes);
                troubles.insert(shortcut.id, Tr::tr("This keyboard has no %1; choose other keys.").arg(name));
                continue;
            }
            const xcb_keycode_t code = codes[0];
            std::free(codes);
            const uint16_t mask = modifiersOf(combination.keyboardModifiers());
            bool taken = false;
            for (const uint16_t locks : lockMasks) {
                xcb_generic_error_t* trouble =
                    xcb_request_check(m_c, xcb_grab_key_checked(m_c, 0, m_root, uint16_t(mask | locks), code,
                                                                XCB_GRAB_MODE_ASYNC, XCB_GRAB_MODE_ASYNC));
                taken = taken || trouble != nullptr;
                std::free(trouble);
            }
            if (taken) {
                for (const uint16_t locks : lockMasks) xcb_ungrab_key(m_c, code, m_root, uint16_t(mask | locks));
                troubles.insert(shortcut.id, Tr::tr("%1 is held by another program; choose other keys.").arg(name));
                continue;
            }
            m_bound.push_back({code, mask, shortcut.id});
        }
        xcb_flush(m_c);
        return troubles;
    }

private:
    // Caps Lock and Num Lock are modifiers to the server; a shortcut works with either on.
    static constexpr uint16_t lockMasks[] = {0, XCB_MOD_MASK_LOCK, XCB_MOD_MASK_2, XCB_MOD_MASK_LOCK | XCB_MOD_MASK_2};
    struct Bound {
        xcb_keycode_t code;
        uint16_t mask;
        QString id;
    };

    void readEvents() {
        while (xcb_generic_event_t* event = xcb_poll_for_event(m_c)) {
            if ((event->response_type & 0x7f) == XCB_KEY_PRESS) {
                const auto* press = reinterpret_cast<xcb_key_press_event_t*>(event);
                const auto mask = uint16_t(
                    press->state & (XCB_MOD_MASK_SHIFT | XCB_MOD_MASK_CONTROL | XCB_MOD_MASK_1 | XCB_MOD_MASK_4));
                QString id;
                for (const Bound& bound : m_bound)
                    if (bound.code == press->detail && bound.mask == mask) id = bound.id;
                if (!id.isEmpty()) emit activated(id);
            }
            std::free(event);
        }
        // The server has gone away: its socket would be readable for ever.
        if (xcb_connection_has_error(m_c)) m_notifier.setEnabled(false);
    }

    xcb_connection_t* m_c;
    xcb_window_t m_root;
    xcb_key_symbols_t* m_symbols;
    QSocketNotifier m_notifier;
    std::vector<Bound> m_bound;
};

} // namespace

std::unique_ptr<GlobalShortcuts> x11Shortcuts(const QString& display) {
    xcb_connection_t* c = xcb_connect(display.isEmpty() ? nullptr : display.toLocal8Bit().constData(), nullptr);
    if (xcb_connection_has_error(c)) {
        xcb_disconnect(c);
        return nullptr;
    }
    return std::make_unique<X11Shortcuts>(c);
}

bool mayBeGlobal(const QKeySequence& keys) {
    if (keys.count() != 1) return false;
    const int key = keys[0].key();
    if (key == Qt::Key_Escape || key == Qt::Key_Tab || key == Qt::Key_Backtab) return false;
    if (keys[0].keyboardModifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)) return true;
    const bool needed = key != Qt::Key_Print && key != Qt::Key_SysReq && key != Qt::Key_Pause &&
                        key != Qt::Key_ScrollLock && !(key >= Qt::Key_F13 && key <= Qt::Key_F35) &&
                        !(key >= Qt::Key_Back && key < Qt::Key_AltGr);
    return !needed;
}

QHash<QString, QString> clashes(const std::vector<GlobalShortcut>& shortcuts) {
    QHash<QString, QString> found;
    for (const GlobalShortcut& a : shortcuts)
        for (const GlobalShortcut& b : shortcuts)
            if (a.id != b.id && !a.keys.isEmpty() && a.keys == b.keys)
                found.insert(a.id, Tr::tr("%1 is also set for \"%2\"; each needs keys of its own.")
                                       .arg(a.keys.toString(QKeySequence::NativeText), b.description));
    return found;
}

} // namespace eyelid
