#include "base/sentence.h"
#include "capture/fonts.h"
#include "capture/scroll_capture.h"
#include "capture/simulated_desk.h"
#include "capture/x11_source.h"
#include "cli/commands.h"
#include "cli/shared.h"
#include "picture/picture_file.h"
#include "releasing/release.h"

#include <atomic>
#include <chrono>
#include <csignal>
#include <QDir>
#include <QFileInfo>
#include <thread>

namespace eyelid {
namespace {

using Json = nlohmann::ordered_json;

Json rectJson(const QRect& r) {
    return Json::array({r.x(), r.y(), r.width(), r.height()});
}

Json listJson(const DeskLayout& layout) {
    Json root;
    root["monitors"] = Json::array();
    for (const Monitor& m : layout.monitors)
        root["monitors"].push_back(
            {{"name", m.name.toStdString()}, {"geometry", rectJson(m.geometry)}, {"scale", m.scale}});
    root["windows"] = Json::array();
    for (const DeskWindow& w : layout.windows)
        root["windows"].push_back({{"id", w.id.toStdString()},
                                   {"title", w.title.toStdString()},
                                   {"class", w.application.toStdString()},
                                   {"geometry", rectJson(w.geometry)},
                                   {"inner", rectJson(w.inner)}});
    return root;
}

Result<Target> targetOf(const TakeSettings& settings, const DeskLayout& layout) {
    if (settings.active) return Target{Target::What::ActiveWindow, {}, {}};
    if (!settings.region.isEmpty()) {
        auto rect = parseRect(settings.region, "--region");
        if (!rect) return rect.error();
        return Target{Target::What::Region, {}, *rect};
    }
    if (!settings.monitor.isEmpty()) {
        bool number = false;
        const int n = settings.monitor.toInt(&number);
        QStringList names;
        for (size_t i = 0; i < layout.monitors.size(); ++i) {
            const QString& name = layout.monitors[i].name;
            if (name == settings.monitor || (number && n == int(i) + 1)) return Target{Target::What::Monitor, name, {}};
            names << name;
        }
        return Error{Error::Kind::Missing, Tr::tr("There is no monitor \"%1\"; there are %2.")
                                               .arg(settings.monitor, names.join(QStringLiteral(", ")))};
    }
    if (!settings.window.isEmpty()) {
        QStringList hits;
        QString id;
        for (const DeskWindow& w : layout.windows) {
            if (w.id == settings.window) return Target{Target::What::Window, w.id, {}};
            if (!w.title.contains(settings.window, Qt::CaseInsensitive)) continue;
            hits << w.id;
            id = w.id;
        }
        if (hits.size() == 1) return Target{Target::What::Window, id, {}};
        if (hits.isEmpty())
            return Error{Error::Kind::Missing,
                         Tr::tr("No window has \"%1\" in its title; --list shows them.").arg(settings.window)};
        // Guessing which of them was meant would be taking what was not asked for.
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 windows have \"%2\" in their titles; name one by its id: %3."), hits.size(),
                              settings.window, hits.join(QStringLiteral(", ")))};
    }
    return Target{Target::What::Desk, {}, {}};
}

Result<std::unique_ptr<Source>> openSource(bool simulated) {
    if (simulated) {
        loadShippedFonts();
        return std::unique_ptr<Source>(std::make_unique<SimulatedDesk>());
    }
    auto desk = X11Source::open();
    if (!desk) return desk.error();
    return std::unique_ptr<Source>(std::move(*desk));
}

std::atomic<bool> interrupted{false};

// Joins that are not sure are told of one by one: the picture must not be taken for exact.
int tellJoins(const ScrolledPage& page) {
    for (size_t i = 0; i < page.joins().size(); ++i) {
        const Join& join = page.joins()[i];
        if (join.sure) continue;
        QStringList others;
        for (const int c : join.candidates)
            if (c != join.offset) others << QString::number(c);
        const QString other = others.join(QStringLiteral(", "));
        const QString doubt =
            others.isEmpty() ? join.doubt : sentence(Tr::tr("%1 It could also be %2."), join.doubt, other);
        complain(sentence(Tr::tr("Not sure at pixel %1 (between pictures %2 and %3, %4 apart): %5"), page.seamAt(i),
                          i + 1, i + 2, join.offset, doubt));
    }
    return page.unsure() > 0 ? remains : done;
}

int takeScrolled(const Source& source, Target target, const DeskLayout& layout, const TakeSettings& settings,
                 const QString& path) {
    if (target.what == Target::What::ActiveWindow) {
        if (layout.windows.empty()) {
            complain(Tr::tr("No window is active; name one with --window."));
            return unusableInput;
        }
        target = {Target::What::Window, layout.windows.front().id};
    }
    Progress progress;
    ScrollOptions options;
    options.direction = settings.sideways ? ScrollDirection::Right : ScrollDirection::Down;
    options.take = {settings.pointer, !settings.withoutFrame};
    // Ctrl+C ends the scrolling, not the program: what was taken is still written.
    interrupted = false;
    std::signal(SIGINT, [](int) { interrupted = true; });
    auto run = takeScrolling(source, target, options, progress, [&](const ScrolledPage&) {
        if (interrupted) progress.cancel();
    });
    std::signal(SIGINT, SIG_DFL);
    if (!run) {
        complain(run.error().sentence);
        return unusableInput;
    }
    const QImage page = run->page.compose();
    if (auto written = writeFileWhole(path, encodePng(page), settings.force, FileMode::Private); !written) {
        return fail(written.error());
    }
    say(fullPath(path));
    flush();
    const int status = tellJoins(run->page);
    if (!run->whole) {
        complain(run->ended);
        return remains;
    }
    return status;
}

} // namespace

int runJoin(const QStringList& files, const JoinSettings& settings) {
    if (!settings.force && fileExists(settings.out)) {
        complain(Tr::tr("%1 is there already; choose another name, or give --force to replace it.").arg(settings.out));
        return wrongUsage;
    }
    if (!overwritten({settings.out}, files).isEmpty())
        return fail(
            {Error::Kind::Exists,
             sentence(Tr::tr("%1 is one of the pictures to be joined; choose another name for --out."), settings.out)});
    std::vector<QImage> pictures;
    for (const QString& file : files) {
        auto picture = readFirst(file);
        if (!picture) {
            complain(picture.error().sentence);
            return unusableInput;
        }
        pictures.push_back(*picture);
    }
    auto page = joinPictures(pictures, settings.sideways ? ScrollDirection::Right : ScrollDirection::Down);
    if (!page) {
        complain(page.error().sentence);
        return files.size() < 2 ? wrongUsage : unusableInput;
    }
    if (auto written = writeFileWhole(settings.out, encodePng(page->compose()), settings.force, FileMode::Private);
        !written) {
        return fail(written.error());
    }
    say(fullPath(settings.out));
    return tellJoins(*page);
}

namespace {

// What of the settings does not go together: the sentence, or empty.
QString contradiction(const TakeSettings& settings) {
    if (!settings.list && settings.out.isEmpty())
        return Tr::tr("Say where the picture goes with --out, or ask for --list.");
    if (settings.count > 1 && settings.every <= 0)
        return Tr::tr("--count needs --every: how many seconds lie between two pictures.");
    if (settings.scroll && (settings.every > 0 || settings.count > 1))
        return Tr::tr("--scroll takes one page; it does not go with --every and --count.");
    if (settings.scroll && settings.window.isEmpty() && !settings.active)
        return Tr::tr("--scroll needs the window to scroll: --window or --active.");
    return {};
}

// Where pictures go: one file, or numbered ones in a folder.
class Places {
public:
    explicit Places(const TakeSettings& settings)
        : m_settings(settings),
          m_folder(settings.every > 0 || QFileInfo(settings.out).isDir() || settings.out.endsWith(QLatin1Char('/'))) {}

    /// Makes the folder; refuses a file that is there and may not be replaced.
    Result<Done> prepare() const {
        if (m_folder) return makeFolder(m_settings.out);
        if (!m_settings.force && fileExists(m_settings.out))
            return Error{Error::Kind::Exists,
                         sentence(Tr::tr("%1 is there already; choose another name, or give --force to replace it."),
                                  m_settings.out)};
        return Done{};
    }
    QString next() {
        if (!m_folder) return m_settings.out;
        QString path;
        do path = joinedPath(m_settings.out, QStringLiteral("capture-%1.png").arg(++m_number, 3, 10, QLatin1Char('0')));
        while (!m_settings.force && fileExists(path));
        return path;
    }

private:
    const TakeSettings& m_settings;
    const bool m_folder;
    int m_number = 0;
};

int takeSeries(const Source& source, const Target& target, const TakeSettings& settings, Places& places) {
    using Clock = std::chrono::steady_clock;
    const auto seconds = [](double s) {
        return std::chrono::duration_cast<Clock::duration>(std::chrono::duration<double>(s));
    };
    auto next = Clock::now() + seconds(settings.delay);
    QImage last;
    for (int i = 0; i < settings.count; ++i, next += seconds(settings.every)) {
        std::this_thread::sleep_until(next);
        auto picture = source.take(target, {settings.pointer, !settings.withoutFrame});
        if (!picture) {
            complain(picture.error().sentence);
            return unusableInput;
        }
        if (settings.every > 0 && *picture == last) continue;
        last = *picture;
        const QString path = places.next();
        if (auto written = writeFileWhole(path, encodePng(*picture), settings.force, FileMode::Private); !written)
            return fail(written.error());
        say(fullPath(path));
        flush();
    }
    return done;
}

} // namespace

int runTake(const TakeSettings& settings) {
    if (const QString wrong = contradiction(settings); !wrong.isEmpty()) {
        complain(wrong);
        return wrongUsage;
    }
    auto source = openSource(settings.simulated);
    auto layout = source ? (*source)->layout() : Result<DeskLayout>(source.error());
    if (!layout) {
        complain(layout.error().sentence);
        return unusableInput;
    }
    if (settings.list) {
        print(listJson(*layout));
        return done;
    }
    auto target = targetOf(settings, *layout);
    if (!target) {
        complain(target.error().sentence);
        return target.error().kind == Error::Kind::BadInput ? wrongUsage : unusableInput;
    }
    if (target->what != Target::What::Desk) std::this_thread::sleep_for((*source)->settleTime());
    Places places(settings);
    if (auto ready = places.prepare(); !ready) {
        if (ready.error().kind != Error::Kind::Exists) return fail(ready.error());
        complain(ready.error().sentence);
        return wrongUsage;
    }
    if (!settings.scroll) return takeSeries(**source, *target, settings, places);
    std::this_thread::sleep_for(std::chrono::duration<double>(settings.delay));
    return takeScrolled(**source, *target, *layout, settings, places.next());
}

} // namespace eyelid
