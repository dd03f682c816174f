#include "capture/x11_source.h"

#include "base/sentence.h"

#include <algorithm>
#include <bit>
#include <chrono>
#include <cstdlib>
#include <cstring>
#include <QHash>
#include <QPainter>
#include <sys/ipc.h>
#include <sys/shm.h>
#include <thread>
#include <unistd.h>
#include <xcb/composite.h>
#include <xcb/randr.h>
#include <xcb/shm.h>
#include <xcb/xcb.h>
#include <xcb/xfixes.h>
#include <xcb/xtest.h>

namespace eyelid {
namespace {

// What xcb hands out is freed with free().
template <typename T> using Reply = std::unique_ptr<T, decltype(&std::free)>;
template <typename T> Reply<T> owned(T* reply) {
    return Reply<T>(reply, &std::free);
}

Error gone() {
    return {Error::Kind::Missing, Tr::tr("The window is no longer there; choose another.")};
}

} // namespace

struct X11Source::Server {
    xcb_connection_t* c = nullptr;
    xcb_screen_t* screen = nullptr;
    QString name;
    std::chrono::steady_clock::time_point opened;
    bool shm = false, composite = false, fixes = false, randr = false, test = false;
    mutable QHash<QByteArray, xcb_atom_t> atoms;

    ~Server() {
        if (c) xcb_disconnect(c);
    }

    bool has(xcb_extension_t* extension) const {
        const auto* data = xcb_get_extension_data(c, extension);
        return data && data->present;
    }

    xcb_atom_t atom(const char* text) const {
        const QByteArray key(text);
        if (const auto found = atoms.constFind(key); found != atoms.constEnd()) return *found;
        const auto reply = owned(xcb_intern_atom_reply(c, xcb_intern_atom(c, 0, uint16_t(key.size()), text), nullptr));
        const xcb_atom_t value = reply ? reply->atom : xcb_atom_t(XCB_ATOM_NONE);
        atoms.insert(key, value);
        return value;
    }

    QByteArray property(xcb_window_t window, xcb_atom_t name_) const {
        const auto reply = owned(xcb_get_property_reply(
            c, xcb_get_property(c, 0, window, name_, XCB_GET_PROPERTY_TYPE_ANY, 0, 1 << 16), nullptr));
        if (!reply) return {};
        return QByteArray(static_cast<const char*>(xcb_get_property_value(reply.get())),
                          xcb_get_property_value_length(reply.get()));
    }

    std::vector<uint32_t> numbers(xcb_window_t window, const char* name_) const {
        const QByteArray bytes = property(window, atom(name_));
        std::vector<uint32_t> values(size_t(bytes.size()) / 4);
        if (!values.empty()) std::memcpy(values.data(), bytes.constData(), values.size() * 4);
        return values;
    }

    bool viewable(xcb_window_t window) const {
        const auto reply = owned(xcb_get_window_attributes_reply(c, xcb_get_window_attributes(c, window), nullptr));
        return reply && reply->map_state == XCB_MAP_STATE_VIEWABLE && reply->_class == XCB_WINDOW_CLASS_INPUT_OUTPUT;
    }

    /// On the root, without border; null when the window is gone.
    QRect geometry(xcb_window_t window) const {
        const auto g = owned(xcb_get_geometry_reply(c, xcb_get_geometry(c, window), nullptr));
        if (!g) return {};
        const auto at = owned(
            xcb_translate_coordinates_reply(c, xcb_translate_coordinates(c, window, screen->root, 0, 0), nullptr));
        if (!at) return {};
        return QRect(at->dst_x, at->dst_y, g->width, g->height);
    }

    /// The window manager's frame around it, or the window itself.
    xcb_window_t frameOf(xcb_window_t window) const {
        xcb_window_t at = window;
        while (true) {
            const auto tree = owned(xcb_query_tree_reply(c, xcb_query_tree(c, at), nullptr));
            if (!tree) return window;
            if (tree->parent == screen->root || tree->parent == XCB_WINDOW_NONE) return at;
            at = tree->parent;
        }
    }

    /// The windows a program made inside its window, the innermost first; what is too small to be a pane is left out.
    void addPanes(xcb_window_t window, const QRect& inner, int depth, std::vector<Pane>& panes) const {
        constexpr int smallest = 24, deepest = 5;
        constexpr size_t most = 64;
        if (depth > deepest) return;
        const auto tree = owned(xcb_query_tree_reply(c, xcb_query_tree(c, window), nullptr));
        if (!tree) return;
        const xcb_window_t* children = xcb_query_tree_children(tree.get());
        for (int i = xcb_query_tree_children_length(tree.get()); i-- > 0 && panes.size() < most;) {
            if (!viewable(children[i])) continue;
            const QRect place = geometry(children[i]);
            addPanes(children[i], inner, depth + 1, panes);
            const QRect seen = place.intersected(inner);
            if (seen.width() >= smallest && seen.height() >= smallest && seen != inner)
                panes.push_back({QStringLiteral("0x%1").arg(children[i], 0, 16), seen});
        }
    }

    /// Client windows from front to back.
    std::vector<xcb_window_t> clients() const {
        std::vector<uint32_t> list = numbers(screen->root, "_NET_CLIENT_LIST_STACKING");
        if (list.empty()) list = numbers(screen->root, "_NET_CLIENT_LIST");
        if (list.empty()) {
            // No window manager: every window on the root.
            const auto tree = owned(xcb_query_tree_reply(c, xcb_query_tree(c, screen->root), nullptr));
            if (tree) {
                const xcb_window_t* children = xcb_query_tree_children(tree.get());
                list.assign(children, children + xcb_query_tree_children_length(tree.get()));
            }
        }
        return {list.rbegin(), list.rend()};
    }

    QRect deskRect() const {
        const auto g = owned(xcb_get_geometry_reply(c, xcb_get_geometry(c, screen->root), nullptr));
        return g ? QRect(0, 0, g->width, g->height) : QRect();
    }

    Result<QImage> image(xcb_drawable_t drawable, const QRect& r) const {
        if (r.isEmpty())
            return Error{Error::Kind::BadInput, Tr::tr("There is nothing to take: the place has no size.")};
        const size_t bytes = size_t(r.width()) * size_t(r.height()) * sizeof(QRgb);
        if (shm) {
            const int id = shmget(IPC_PRIVATE, bytes, IPC_CREAT | 0600);
            void* memory = id >= 0 ? shmat(id, nullptr, 0) : reinterpret_cast<void*>(-1);
            if (memory != reinterpret_cast<void*>(-1)) {
                const xcb_shm_seg_t segment = xcb_generate_id(c);
                const auto attached = owned(xcb_request_check(c, xcb_shm_attach_checked(c, segment, uint32_t(id), 0)));
                // Marked for removal at once: it lives only as long as both sides hold it.
                shmctl(id, IPC_RMID, nullptr);
                QImage picture;
                bool missing = false;
                if (!attached) {
                    xcb_generic_error_t* trouble = nullptr;
                    const auto reply = owned(xcb_shm_get_image_reply(
                        c,
                        xcb_shm_get_image(c, drawable, int16_t(r.x()), int16_t(r.y()), uint16_t(r.width()),
                                          uint16_t(r.height()), ~0u, XCB_IMAGE_FORMAT_Z_PIXMAP, segment, 0),
                        &trouble));
                    missing = trouble != nullptr;
                    std::free(trouble);
                    if (reply && reply->size == bytes) picture = opaque(memory, r.size());
                    xcb_shm_detach(c, segment);
                }
                shmdt(memory);
                if (!picture.isNull()) return picture;
                if (missing) return gone();
            } else if (id >= 0) {
                shmctl(id, IPC_RMID, nullptr);
            }
        }
        const auto reply =
            owned(xcb_get_image_reply(c,
                                      xcb_get_image(c, XCB_IMAGE_FORMAT_Z_PIXMAP, drawable, int16_t(r.x()),
                                                    int16_t(r.y()), uint16_t(r.width()), uint16_t(r.height()), ~0u),
                                      nullptr));
        if (!reply || size_t(xcb_get_image_data_length(reply.get())) < bytes) return gone();
        return opaque(xcb_get_image_data(reply.get()), r.size());
    }

    // A copy in one go: at depth 24 the top byte is undefined.
    static QImage opaque(const void* pixels, const QSize& size) {
        QImage picture(size, QImage::Format_RGB32);
        const auto* from = static_cast<const QRgb*>(pixels);
        auto* to = reinterpret_cast<QRgb*>(picture.bits());
        const qsizetype count = picture.sizeInBytes() / qsizetype(sizeof(QRgb));
        for (qsizetype i = 0; i < count; ++i) to[i] = from[i] | 0xff000000u;
        return picture;
    }

    void drawPointer(QImage& picture, const QPoint& corner) const {
        if (!fixes) return;
        const auto reply = owned(xcb_xfixes_get_cursor_image_reply(c, xcb_xfixes_get_cursor_image(c), nullptr));
        if (!reply) return;
        const QImage pointer(reinterpret_cast<const uchar*>(xcb_xfixes_get_cursor_image_cursor_image(reply.get())),
                             reply->width, reply->height, reply->width * 4, QImage::Format_ARGB32_Premultiplied);
        QPainter(&picture).drawImage(QPoint(reply->x - reply->xhot, reply->y - reply->yhot) - corner, pointer);
    }

    /// A window whole, though others lie over it or part of it is off the desk.
    Result<QImage> hiddenWindow(xcb_window_t frame, QRect inside) const {
        // The picture the server keeps of a window begins at its border.
        if (const auto g = owned(xcb_get_geometry_reply(c, xcb_get_geometry(c, frame), nullptr)))
            inside.translate(g->border_width, g->border_width);
        const xcb_pixmap_t pixmap = xcb_generate_id(c);
        if (owned(xcb_request_check(c, xcb_composite_name_window_pixmap_checked(c, frame, pixmap)))) return gone();
        auto picture = image(pixmap, inside);
        xcb_free_pixmap(c, pixmap);
        return picture;
    }
};

X11Source::X11Source() : m_server(std::make_unique<Server>()) {}
X11Source::~X11Source() = default;

Result<std::unique_ptr<X11Source>> X11Source::open(const QString& display) {
    std::unique_ptr<X11Source> source(new X11Source);
    Server& s = *source->m_server;
    int number = 0;
    s.name = display.isEmpty() ? qEnvironmentVariable("DISPLAY") : display;
    s.c = xcb_connect(display.isEmpty() ? nullptr : display.toLocal8Bit().constData(), &number);
    if (xcb_connection_has_error(s.c))
        return Error{Error::Kind::Missing,
                     s.name.isEmpty()
                         ? Tr::tr("There is no desk to take from: no X server is named (DISPLAY is not set).")
                         : Tr::tr("The X server %1 cannot be reached.").arg(s.name)};
    auto it = xcb_setup_roots_iterator(xcb_get_setup(s.c));
    for (int i = 0; i < number && it.rem; ++i) xcb_screen_next(&it);
    s.screen = it.data;
    // Pictures are copied as they are: 32 bits a pixel, red, green and blue as a QImage has them.
    bool fits = s.screen->root_depth == 24 || s.screen->root_depth == 32;
    for (auto depth = xcb_screen_allowed_depths_iterator(s.screen); depth.rem; xcb_depth_next(&depth))
        for (auto visual = xcb_depth_visuals_iterator(depth.data); visual.rem; xcb_visualtype_next(&visual))
            if (visual.data->visual_id == s.screen->root_visual)
                fits = fits && visual.data->red_mask == 0xff0000 && visual.data->green_mask == 0xff00 &&
                       visual.data->blue_mask == 0xff;
    if (!fits ||
        xcb_get_setup(s.c)->image_byte_order !=
            (std::endian::native == std::endian::little ? XCB_IMAGE_ORDER_LSB_FIRST : XCB_IMAGE_ORDER_MSB_FIRST))
        return Error{Error::Kind::BadInput,
                     Tr::tr("The X server %1 keeps its colours in a way that cannot be taken; 24-bit colour is needed.")
                         .arg(s.name)};
    s.shm = s.has(&xcb_shm_id);
    if (s.has(&xcb_composite_id))
        s.composite =
            owned(xcb_composite_query_version_reply(s.c, xcb_composite_query_version(s.c, 0, 4), nullptr)) != nullptr;
    // For as long as this connection lasts the server keeps every window's picture whole, also where others hide it.
    if (s.composite) xcb_composite_redirect_subwindows(s.c, s.screen->root, XCB_COMPOSITE_REDIRECT_AUTOMATIC);
    s.opened = std::chrono::steady_clock::now();
    if (s.has(&xcb_xfixes_id))
        s.fixes = owned(xcb_xfixes_query_version_reply(s.c, xcb_xfixes_query_version(s.c, 4, 0), nullptr)) != nullptr;
    s.test = s.has(&xcb_test_id);
    if (s.has(&xcb_randr_id)) {
        const auto version = owned(xcb_randr_query_version_reply(s.c, xcb_randr_query_version(s.c, 1, 5), nullptr));
        s.randr = version && (version->major_version > 1 || version->minor_version >= 5);
    }
    return source;
}

// Since open() the server keeps windows whole; what was hidden before then, their programs have to paint anew.
std::chrono::milliseconds X11Source::settleTime() const {
    constexpr std::chrono::milliseconds repainted(500);
    const auto left = m_server->opened + repainted - std::chrono::steady_clock::now();
    return std::max(std::chrono::milliseconds(0), std::chrono::ceil<std::chrono::milliseconds>(left));
}

// A frame stays on the desk, with the picture of what it held, until the window manager takes it away.
bool X11Source::stillShows(quint64 window) const {
    return m_server->viewable(m_server->frameOf(xcb_window_t(window)));
}

QString X11Source::description() const {
    return Tr::tr("This is your desk, without Eyelid's own windows.");
}

Result<DeskLayout> X11Source::layout() const {
    const Server& s = *m_server;
    if (xcb_connection_has_error(s.c)) return Error{Error::Kind::Missing, Tr::tr("The X server has gone away.")};
    DeskLayout layout;
    // One factor for the whole server: X knows no scale of its own, programs follow Xft.dpi.
    double scale = 1;
    const QString resources = QString::fromLatin1(s.property(s.screen->root, XCB_ATOM_RESOURCE_MANAGER));
    for (const QString& line : resources.split(QLatin1Char('\n')))
        if (line.startsWith(QStringLiteral("Xft.dpi:")))
            scale = std::max(0.5, line.section(QLatin1Char(':'), 1).trimmed().toDouble() / 96);
    if (s.randr) {
        const auto reply =
            owned(xcb_randr_get_monitors_reply(s.c, xcb_randr_get_monitors(s.c, s.screen->root, 1), nullptr));
        for (auto it = reply ? xcb_randr_get_monitors_monitors_iterator(reply.get())
                             : xcb_randr_monitor_info_iterator_t{};
             it.rem; xcb_randr_monitor_info_next(&it)) {
            const auto name = owned(xcb_get_atom_name_reply(s.c, xcb_get_atom_name(s.c, it.data->name), nullptr));
            layout.monitors.push_back(
                {name ? QString::fromUtf8(xcb_get_atom_name_name(name.get()), xcb_get_atom_name_name_length(name.get()))
                      : QString::number(layout.monitors.size() + 1),
                 QRect(it.data->x, it.data->y, it.data->width, it.data->height), scale});
        }
    }
    if (layout.monitors.empty()) layout.monitors.push_back({QStringLiteral("screen"), s.deskRect(), scale});
    std::stable_sort(layout.monitors.begin(), layout.monitors.end(),
                     [](const Monitor& a, const Monitor& b) { return a.geometry.left() < b.geometry.left(); });
    for (const xcb_window_t window : s.clients()) {
        if (!s.viewable(window)) continue;
        const auto pid = s.numbers(window, "_NET_WM_PID");
        if (!pid.empty() && pid[0] == uint32_t(getpid())) continue;
        const QRect inner = s.geometry(window), outer = s.geometry(s.frameOf(window));
        if (inner.isEmpty() || outer.isEmpty()) continue;
        QString title = QString::fromUtf8(s.property(window, s.atom("_NET_WM_NAME")));
        if (title.isEmpty()) title = QString::fromLatin1(s.property(window, XCB_ATOM_WM_NAME));
        const QByteArray both = s.property(window, XCB_ATOM_WM_CLASS);
        const QString application = QString::fromLatin1(both.mid(both.indexOf('\0') + 1)).remove(QChar(0));
        layout.windows.push_back({QStringLiteral("0x%1").arg(window, 0, 16), title, application, outer, inner, {}});
        s.addPanes(window, inner, 0, layout.windows.back().panes);
    }
    return layout;
}

Result<QImage> X11Source::take(const Target& target, const TakeOptions& options) const {
    const Server& s = *m_server;
    if (xcb_connection_has_error(s.c)) return Error{Error::Kind::Missing, Tr::tr("The X server has gone away.")};
    const QRect desk = s.deskRect();
    QRect area = desk;
    switch (target.what) {
    case Target::What::Desk:
        break;
    case Target::What::Region:
        area = target.region.intersected(desk);
        if (area.isEmpty()) return Error{Error::Kind::BadInput, Tr::tr("The region lies outside the desk.")};
        break;
    case Target::What::Monitor: {
        auto known = layout();
        if (!known) return known.error();
        area = QRect();
        for (const Monitor& m : known->monitors)
            if (m.name == target.id) area = m.geometry.intersected(desk);
        if (area.isEmpty())
            return Error{Error::Kind::Missing,
                         Tr::tr("The monitor %1 is no longer there; choose another.").arg(target.id)};
        break;
    }
    case Target::What::ActiveWindow: {
        const auto active = s.numbers(s.screen->root, "_NET_ACTIVE_WINDOW");
        if (active.empty() || active[0] == XCB_WINDOW_NONE)
            return Error{Error::Kind::Missing, Tr::tr("No window is active; choose one from the desk.")};
        return takeWindow(active[0], false, options);
    }
    case Target::What::Window:
    case Target::What::Pane:
        return takeWindow(uint32_t(target.id.toULongLong(nullptr, 0)), target.what == Target::What::Pane, options);
    }
    auto picture = s.image(s.screen->root, area);
    if (picture && options.pointer) s.drawPointer(*picture, area.topLeft());
    return picture;
}

Result<QImage> X11Source::takeWindow(uint32_t window, bool pane, const TakeOptions& options) const {
    const Server& s = *m_server;
    const QRect desk = s.deskRect();
    constexpr int attempts = 4;
    for (int attempt = 0; attempt < attempts; ++attempt) {
        if (!window || !s.viewable(window)) return gone();
        const xcb_window_t frame = s.frameOf(window);
        const QRect inner = s.geometry(window), outer = s.geometry(frame);
        QRect area = options.frame && !pane ? outer : inner.intersected(outer);
        if (area.isEmpty()) return gone();
        // Hidden in part: by a window above it, or by the desk's edge.
        bool hidden = !desk.contains(area);
        const auto tree = owned(xcb_query_tree_reply(s.c, xcb_query_tree(s.c, s.screen->root), nullptr));
        if (tree) {
            const xcb_window_t* children = xcb_query_tree_children(tree.get());
            bool above = false;
            for (int i = 0; i < xcb_query_tree_children_length(tree.get()); ++i) {
                if (above && s.viewable(children[i]) && s.geometry(children[i]).intersects(area)) hidden = true;
                above = above || children[i] == frame;
            }
        }
        Result<QImage> picture = QImage();
        if (hidden && s.composite) {
            picture = s.hiddenWindow(frame, area.translated(-outer.topLeft()));
        } else {
            area = area.intersected(desk);
            if (area.isEmpty())
                return Error{Error::Kind::BadInput,
                             Tr::tr("The window lies outside the desk, and this X server cannot show what is hidden.")};
            picture = s.image(s.screen->root, area);
        }
        // Closed, moved or resized meanwhile: part of the picture would be something else.
        if (!s.viewable(window)) return gone();
        if (s.geometry(window) != inner || s.geometry(frame) != outer) continue;
        if (picture && options.pointer) s.drawPointer(*picture, area.topLeft());
        return picture;
    }
    return Error{Error::Kind::Missing,
                 Tr::tr("The window was being moved or resized while it was taken; take it again.")};
}

std::optional<QPoint> X11Source::pointer() const {
    const Server& s = *m_server;
    const auto reply = owned(xcb_query_pointer_reply(s.c, xcb_query_pointer(s.c, s.screen->root), nullptr));
    if (!reply) return std::nullopt;
    return QPoint(reply->root_x, reply->root_y);
}

class X11Scrolling final : public Scrolling {
public:
    X11Scrolling(const X11Source& source, const Target& target, ScrollDirection direction)
        : m_source(source), m_target(target), m_direction(direction), m_before(source.pointer()) {}
    ~X11Scrolling() override { pointerAway(); }

    Result<Done> begin() {
        const auto& s = *m_source.m_server;
        auto layout = m_source.layout();
        if (!layout) return layout.error();
        for (const DeskWindow& w : layout->windows) {
            bool holds = m_target.id == w.id;
            for (const Pane& pane : w.panes) holds = holds || pane.id == m_target.id;
            if (!holds) continue;
            m_window = xcb_window_t(w.id.toULongLong(nullptr, 0));
        }
        const auto place = now();
        if (!m_window || !place) return gone();
        // To the front (EWMH), since wheel and keys go to what lies in front.
        xcb_client_message_event_t event{};
        event.response_type = XCB_CLIENT_MESSAGE;
        event.format = 32;
        event.window = m_window;
        event.type = s.atom("_NET_ACTIVE_WINDOW");
        event.data.data32[0] = 2;
        xcb_send_event(s.c, 0, s.screen->root,
                       XCB_EVENT_MASK_SUBSTRUCTURE_REDIRECT | XCB_EVENT_MASK_SUBSTRUCTURE_NOTIFY,
                       reinterpret_cast<const char*>(&event));
        xcb_flush(s.c);
        const auto end = std::chrono::steady_clock::now() + std::chrono::seconds(2);
        while (!inFront()) {
            if (std::chrono::steady_clock::now() > end)
                return Error{Error::Kind::Missing,
                             Tr::tr("Another window lies over the one to be scrolled; move it away first.")};
            std::this_thread::sleep_for(std::chrono::milliseconds(20));
        }
        return Done{};
    }

    Result<Done> turn(int clicks) override {
        if (auto ready = pointerIn(); !ready) return ready;
        const auto& s = *m_source.m_server;
        const bool down = m_direction == ScrollDirection::Down;
        const uint8_t button = clicks > 0 ? (down ? 5 : 7) : (down ? 4 : 6);
        for (int i = 0; i < std::abs(clicks); ++i) {
            xcb_test_fake_input(s.c, XCB_BUTTON_PRESS, button, 0, XCB_NONE, 0, 0, 0);
            xcb_test_fake_input(s.c, XCB_BUTTON_RELEASE, button, 0, XCB_NONE, 0, 0, 0);
        }
        pointerAway();
        return Done{};
    }

    Result<Done> press(Key pressed, int times) override {
        if (auto ready = pointerIn(); !ready) return ready;
        const auto& s = *m_source.m_server;
        const bool down = m_direction == ScrollDirection::Down;
        const xcb_keysym_t wanted = !down                  ? (times > 0 ? 0xff53 /* Right */ : 0xff51 /* Left */)
                                    : pressed == Key::Page ? (times > 0 ? 0xff56 /* Page Down */ : 0xff55 /* Page Up */)
                                                           : (times > 0 ? 0xff54 /* Down */ : 0xff52 /* Up */);
        const auto* setup = xcb_get_setup(s.c);
        const auto map = owned(xcb_get_keyboard_mapping_reply(
            s.c,
            xcb_get_keyboard_mapping(s.c, setup->min_keycode, uint8_t(setup->max_keycode - setup->min_keycode + 1)),
            nullptr));
        if (!map) return gone();
        const xcb_keysym_t* symbols = xcb_get_keyboard_mapping_keysyms(map.get());
        for (int i = 0; i < xcb_get_keyboard_mapping_keysyms_length(map.get()); ++i) {
            if (symbols[i] != wanted) continue;
            const auto key = uint8_t(setup->min_keycode + i / map->keysyms_per_keycode);
            for (int n = 0; n < std::abs(times); ++n) {
                xcb_test_fake_input(s.c, XCB_KEY_PRESS, key, 0, XCB_NONE, 0, 0, 0);
                xcb_test_fake_input(s.c, XCB_KEY_RELEASE, key, 0, XCB_NONE, 0, 0, 0);
            }
            xcb_flush(s.c);
            break;
        }
        return Done{};
    }

    // After a turn of the wheel: nothing is lit up under the pointer then, and no bubble tells where a link leads. The
    // server has delivered the turn to where the pointer was. Keys go where the pointer stays, if no window manager
    // gives the focus.
    void pointerAway() override {
        if (!m_in) return;
        m_in = false;
        QPoint to = m_before.value_or(QPoint(0, 0));
        if (const auto place = now(); place && place->contains(to)) to = outside(*place);
        move(to);
    }

private:
    std::optional<QRect> now() const {
        const auto& s = *m_source.m_server;
        const auto window = xcb_window_t(m_target.id.toULongLong(nullptr, 0));
        if (!window || !s.viewable(window)) return std::nullopt;
        const QRect place = s.geometry(window).intersected(s.deskRect());
        if (place.isEmpty()) return std::nullopt;
        return place;
    }

    // Low in it: what is slow to go out again under the pointer lies where the next picture takes over.
    static QPoint spot(const QRect& place, ScrollDirection direction) {
        return direction == ScrollDirection::Down ? QPoint(place.center().x(), place.top() + place.height() * 3 / 4)
                                                  : QPoint(place.left() + place.width() * 3 / 4, place.center().y());
    }

    QPoint outside(const QRect& place) const {
        const QRect desk = m_source.m_server->deskRect();
        for (const QPoint& p : {QPoint(place.left() - 4, place.top() - 4), QPoint(place.right() + 4, place.top()),
                                QPoint(place.left(), place.bottom() + 4), QPoint(place.left(), place.top() - 4)})
            if (desk.contains(p) && !place.contains(p)) return p;
        return desk.bottomRight();
    }

    bool inFront() const {
        const auto& s = *m_source.m_server;
        const auto place = now();
        if (!place) return false;
        const QPoint p = spot(*place, m_direction);
        const auto tree = owned(xcb_query_tree_reply(s.c, xcb_query_tree(s.c, s.screen->root), nullptr));
        if (!tree) return false;
        const xcb_window_t frame = s.frameOf(m_window);
        const xcb_window_t* children = xcb_query_tree_children(tree.get());
        for (int i = xcb_query_tree_children_length(tree.get()); i-- > 0;) {
            if (children[i] == frame) return true;
            if (s.viewable(children[i]) && s.geometry(children[i]).contains(p)) return false;
        }
        return false;
    }

    void move(const QPoint& to) const {
        const auto& s = *m_source.m_server;
        xcb_test_fake_input(s.c, XCB_MOTION_NOTIFY, 0, 0, s.screen->root, int16_t(to.x()), int16_t(to.y()), 0);
        xcb_flush(s.c);
    }

    Result<Done> pointerIn() {
        const auto place = now();
        if (!place) return gone();
        if (!m_in) move(spot(*place, m_direction));
        m_in = true;
        return Done{};
    }

    const X11Source& m_source;
    Target m_target;
    ScrollDirection m_direction;
    std::optional<QPoint> m_before;
    xcb_window_t m_window = XCB_WINDOW_NONE;
    bool m_in = false;
};

Result<std::unique_ptr<Scrolling>> X11Source::scrolling(const Target& target, ScrollDirection direction) const {
    if (!m_server->test)
        return Error{Error::Kind::Missing,
                     Tr::tr("This X server lets no program turn the wheel (it has no XTEST); scroll by hand, "
                            "take several pictures, and join them.")};
    if (target.what != Target::What::Window && target.what != Target::What::Pane)
        return Error{Error::Kind::BadInput, Tr::tr("Choose a window or a part of one to scroll.")};
    auto scrolling = std::make_unique<X11Scrolling>(*this, target, direction);
    if (auto begun = scrolling->begin(); !begun) return begun.error();
    return std::unique_ptr<Scrolling>(std::move(scrolling));
}

} // namespace eyelid
