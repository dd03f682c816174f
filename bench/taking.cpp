// Speed of taking and joining, as ratios within one run: a take of the whole desk against a bare shared-memory fetch of
// the same size from the same server, and joining twenty screens against encoding the result as PNG. Prints a line
// each; exit status 1 when a ratio is over its limit.
#include "capture/x11_source.h"
#include "joining/scrolled_page.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <functional>
#include <QGuiApplication>
#include <QPainter>
#include <random>
#include <sys/ipc.h>
#include <sys/shm.h>
#include <xcb/shm.h>

using namespace eyelid;

namespace {

double seconds(const std::function<void()>& work) {
    const auto start = std::chrono::steady_clock::now();
    work();
    return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

// Medians of alternating turns, so that the machine's load touches both alike.
std::pair<double, double> medians(const std::function<void()>& ours, const std::function<void()>& theirs, int turns) {
    std::vector<double> a, b;
    for (int i = 0; i < turns; ++i) {
        a.push_back(seconds(ours));
        b.push_back(seconds(theirs));
    }
    std::nth_element(a.begin(), a.begin() + turns / 2, a.end());
    std::nth_element(b.begin(), b.begin() + turns / 2, b.end());
    return {a[size_t(turns) / 2], b[size_t(turns) / 2]};
}

bool report(const char* what, std::pair<double, double> times, double most) {
    const double ratio = times.first / times.second;
    std::printf("%-52s %8.2f ms / %8.2f ms = %.2f (at most %.1f)\n", what, times.first * 1000, times.second * 1000,
                ratio, most);
    return ratio <= most;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    bool fine = true;
    auto source = X11Source::open();
    if (!source) {
        std::fprintf(stderr, "%s\n", qPrintable(source.error().sentence));
        return 1;
    }
    const QSize size = (*source)->take({})->size();
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(c)).data->root;
    const size_t bytes = size_t(size.width()) * size_t(size.height()) * 4;
    // As a program would that takes once: the segment is made, attached, fetched into and let go, and the pixels are
    // copied to a picture of its own.
    const auto fetch = [&] {
        const int id = shmget(IPC_PRIVATE, bytes, IPC_CREAT | 0600);
        void* memory = shmat(id, nullptr, 0);
        const xcb_shm_seg_t segment = xcb_generate_id(c);
        std::free(xcb_request_check(c, xcb_shm_attach_checked(c, segment, uint32_t(id), 0)));
        shmctl(id, IPC_RMID, nullptr);
        std::free(
            xcb_shm_get_image_reply(c,
                                    xcb_shm_get_image(c, root, 0, 0, uint16_t(size.width()), uint16_t(size.height()),
                                                      ~0u, XCB_IMAGE_FORMAT_Z_PIXMAP, segment, 0),
                                    nullptr));
        const QImage copy =
            QImage(static_cast<const uchar*>(memory), size.width(), size.height(), QImage::Format_RGB32).copy();
        xcb_shm_detach(c, segment);
        shmdt(memory);
    };
    fine = report("whole desk, against a bare shared-memory fetch",
                  medians([&] { (void)(*source)->take({}); }, fetch, 41), 1.5) &&
           fine;
    xcb_disconnect(c);

    // A page of text-like rows, cut into twenty screens that overlap by a third.
    constexpr int width = 1280, height = 800, step = 530, screens = 20;
    QImage page(width, height + step * (screens - 1), QImage::Format_RGB32);
    page.fill(Qt::white);
    std::mt19937 random(11);
    {
        QPainter p(&page);
        for (int y = 20; y < page.height(); y += 19)
            for (int x = 30; x < width - 60; x += 9 + int(random() % 4))
                if (random() % 6) p.drawText(x, y, QString(QChar(u'a' + int(random() % 26))));
    }
    ScrolledPage joined;
    QImage whole;
    const auto times = medians(
        [&] {
            joined = ScrolledPage();
            for (int i = 0; i < screens; ++i) joined.add(page.copy(0, i * step, width, height));
            whole = joined.compose();
        },
        [&] { (void)encodePng(whole); }, 5);
    fine = report("joining 20 screens, against encoding them as PNG", times, 1.0) && fine;
    if (whole != page || joined.unsure() > 0) {
        std::printf("the joined page is not the page\n");
        fine = false;
    }
    return fine ? 0 : 1;
}
