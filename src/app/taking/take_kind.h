// The ways of taking, for menus, the desk map and shortcuts.
#pragma once

#include "base/sentence.h"
#include "capture/source.h"
#include "joining/scrolled_page.h"

#include <QString>

namespace eyelid {

enum class TakeKind { Map, Desk, Monitor, ActiveWindow, Point, Region, Outline, LastRegion, Scroll };

struct TakeKindName {
    TakeKind kind;
    const char* id;   ///< in settings
    const char* text; ///< for the user, as Tr::tr() takes it
    const char* keys; ///< the shortcut it has at first; may be empty
};

inline constexpr TakeKindName takeKinds[] = {
    {TakeKind::Map, "map", QT_TRANSLATE_NOOP("eyelid", "Open the desk map"), "Ctrl+Print"},
    {TakeKind::Desk, "desk", QT_TRANSLATE_NOOP("eyelid", "Take the whole desk"), ""},
    {TakeKind::Monitor, "monitor", QT_TRANSLATE_NOOP("eyelid", "Take the monitor the pointer is on"), ""},
    {TakeKind::ActiveWindow, "active", QT_TRANSLATE_NOOP("eyelid", "Take the active window"), ""},
    {TakeKind::Point, "point", QT_TRANSLATE_NOOP("eyelid", "Point at a window to take"), ""},
    {TakeKind::Region, "region", QT_TRANSLATE_NOOP("eyelid", "Take a region"), ""},
    {TakeKind::Outline, "outline", QT_TRANSLATE_NOOP("eyelid", "Draw around a place to take"), ""},
    {TakeKind::LastRegion, "last", QT_TRANSLATE_NOOP("eyelid", "Take the last region again"), ""},
    {TakeKind::Scroll, "scroll", QT_TRANSLATE_NOOP("eyelid", "Point at a window to scroll and take"), ""}};

/// When to take.
struct TakeTiming {
    double delay = 0; ///< seconds before the first
    enum class Series { Once, Every, OnChange } series = Series::Once;
    double every = 5;     ///< seconds between two, for Every
    double threshold = 1; ///< percent of the picture that must have changed, for OnChange
};

struct TakeRequest {
    TakeKind kind = TakeKind::Map;
    Target target{};     ///< for what is chosen already; kinds that are chosen on the screen ignore it
    bool chosen = false; ///< `target` says what to take
    TakeOptions options{};
    TakeTiming timing{};
    bool scroll = false;
    ScrollDirection direction = ScrollDirection::Down;
    bool comeBack = true; ///< the window comes to the front again afterwards
    QString origin{};     ///< what it is, for the officer
};

} // namespace eyelid
