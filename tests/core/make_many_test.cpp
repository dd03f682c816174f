// Many pictures made and checked at once: in their order, as one by one, and as far as it came where it was stopped.
#include "base/workers.h"
#include "pipeline/make_many.h"
#include "support/everything.h"
#include "support/made.h"

#include <atomic>

using namespace eyelid;

namespace {

struct Many {
    Many() {
        for (int i = 0; i < 9; ++i)
            pictures.push_back(made::picture({QStringLiteral("Reading %1 of Larkmoor Water").arg(i)}, 14));
    }
    Result<LoadedMaking> at(size_t i) const {
        return LoadedMaking{pictures[i], {int(i) + 1, QStringLiteral("picture-%1").arg(i), nullptr, {}, {}, {}, {}}};
    }
    Result<Done> make(size_t count, const std::function<Result<LoadedMaking>(size_t)>& load,
                      std::vector<CheckedPicture>& done, Progress& progress) const {
        static const CaseWork work;
        const auto search = searchFor({std::make_shared<const Policy>(everything()), {}, QStringLiteral("eng")});
        REQUIRE(search);
        return makeMany(work, *search, count, load, reader(), done, progress);
    }
    std::vector<QImage> pictures;
};

} // namespace

TEST_CASE("many pictures made at once are in their order and the same bytes as one by one") {
    const Many many;
    std::vector<CheckedPicture> all;
    Progress progress;
    REQUIRE(many.make(
        many.pictures.size(), [&](size_t i) { return many.at(i); }, all, progress));
    REQUIRE(all.size() == many.pictures.size());
    CHECK(progress.fraction() == 1);
    for (size_t i = 0; i < all.size(); ++i) {
        std::vector<CheckedPicture> one;
        Progress own;
        REQUIRE(many.make(
            1, [&](size_t) { return many.at(i); }, one, own));
        CHECK(all[i].capture == int(i) + 1);
        CHECK(all[i].artifact.fileName == one.front().artifact.fileName);
        CHECK(all[i].artifact.bytes == one.front().artifact.bytes);
        CHECK(all[i].leaks.size() == one.front().leaks.size());
    }
}

TEST_CASE("what was made before a stop stays, in order, and the next time goes on behind it") {
    const Many many;
    std::vector<CheckedPicture> done;
    Progress progress;
    std::atomic<int> loaded = 0;
    const auto stopping = [&](size_t i) {
        if (++loaded == 4) progress.cancel();
        return many.at(i);
    };
    const auto stopped = many.make(many.pictures.size(), stopping, done, progress);
    REQUIRE_FALSE(stopped);
    CHECK(stopped.error().kind == Error::Kind::Cancelled);
    CHECK(done.size() < many.pictures.size());
    const size_t before = done.size();
    std::atomic<size_t> earliest = many.pictures.size();
    Progress again;
    const auto goingOn = [&](size_t i) {
        size_t known = earliest;
        while (i < known && !earliest.compare_exchange_weak(known, i)) {
        }
        return many.at(i);
    };
    REQUIRE(many.make(many.pictures.size(), goingOn, done, again));
    CHECK(earliest == before);
    CHECK(again.fraction() == 1);
    REQUIRE(done.size() == many.pictures.size());
    for (size_t i = 0; i < done.size(); ++i) CHECK(done[i].capture == int(i) + 1);
}

TEST_CASE("of many pictures one that cannot be made is told of, and those before it are kept") {
    const Many many;
    for (const size_t broken : {size_t(0), size_t(3), many.pictures.size() - 1}) {
        std::vector<CheckedPicture> done;
        Progress progress;
        const auto made = many.make(
            many.pictures.size(),
            [&](size_t i) -> Result<LoadedMaking> {
                if (i == broken) return Error{Error::Kind::NotReadable, QStringLiteral("gone")};
                return many.at(i);
            },
            done, progress);
        REQUIRE_FALSE(made);
        CHECK(made.error().sentence == QStringLiteral("gone"));
        CHECK(done.size() <= broken);
    }
}
