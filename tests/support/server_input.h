// Keys and pointer moved on the X server itself, as hands would: every program on the display takes part.
#pragma once

#include <QPoint>

#include <catch2/catch.hpp>
#include <cstdlib>
#include <initializer_list>
#include <vector>
#include <xcb/xcb.h>
#include <xcb/xtest.h>

namespace eyelid {

class ServerInput {
public:
    ServerInput() : m_c(xcb_connect(nullptr, nullptr)) { REQUIRE(xcb_connection_has_error(m_c) == 0); }
    ~ServerInput() { xcb_disconnect(m_c); }
    ServerInput(const ServerInput&) = delete;
    ServerInput& operator=(const ServerInput&) = delete;

    void pointTo(const QPoint& place) { fake(XCB_MOTION_NOTIFY, 0, place); }
    void press() { fake(XCB_BUTTON_PRESS, XCB_BUTTON_INDEX_1); }
    void release() { fake(XCB_BUTTON_RELEASE, XCB_BUTTON_INDEX_1); }

    /// Pressed in this order, let go in the other.
    void chord(std::initializer_list<xcb_keysym_t> keys) {
        std::vector<uint8_t> codes;
        for (const xcb_keysym_t key : keys) codes.push_back(codeOf(key));
        for (size_t i = 0; i < codes.size(); ++i) fake(XCB_KEY_PRESS, codes[i]);
        for (size_t i = codes.size(); i-- > 0;) fake(XCB_KEY_RELEASE, codes[i]);
    }

private:
    void fake(uint8_t what, uint8_t detail, const QPoint& place = {}) {
        xcb_test_fake_input(m_c, what, detail, 0, XCB_NONE, int16_t(place.x()), int16_t(place.y()), 0);
        std::free(xcb_get_input_focus_reply(m_c, xcb_get_input_focus(m_c), nullptr)); // it has been done
    }
    uint8_t codeOf(xcb_keysym_t key) {
        const auto* setup = xcb_get_setup(m_c);
        auto* map = xcb_get_keyboard_mapping_reply(
            m_c,
            xcb_get_keyboard_mapping(m_c, setup->min_keycode, uint8_t(setup->max_keycode - setup->min_keycode + 1)),
            nullptr);
        REQUIRE(map);
        const int each = map->keysyms_per_keycode;
        int found = -1;
        for (int i = 0; found < 0 && i < xcb_get_keyboard_mapping_keysyms_length(map); ++i)
            if (xcb_get_keyboard_mapping_keysyms(map)[i] == key) found = setup->min_keycode + i / each;
        std::free(map);
        REQUIRE(found >= 0);
        return uint8_t(found);
    }

    xcb_connection_t* m_c;
};

} // namespace eyelid
