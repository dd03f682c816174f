// One reader, one finder and the policy that looks for all there is, made once for all tests of a program.
#pragma once

#include "finding/finder.h"
#include "reading/reader.h"

#include <catch2/catch.hpp>

namespace eyelid {

inline Reader& reader() {
    static Reader shared(2);
    return shared;
}

inline Page readWhole(const QImage& picture, const ReadOptions& options = {}) {
    Progress progress;
    auto page = reader().read(picture, options, progress);
    REQUIRE(page);
    return *page;
}

inline const Finder& finder() {
    static const Finder shared;
    return shared;
}

inline const Policy& everything() {
    static const Policy policy = *loadPolicy(QStringLiteral("everything"));
    return policy;
}

} // namespace eyelid
