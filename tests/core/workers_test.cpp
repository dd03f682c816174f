#include "base/workers.h"

#include <atomic>
#include <catch2/catch.hpp>
#include <future>
#include <new>
#include <stdexcept>

using namespace eyelid;

TEST_CASE("work is all done, and what it throws comes out, on one thread or many") {
    for (const size_t workers : {0u, 1u, 3u, 7u}) {
        std::vector<int> done(workers, 0);
        onWorkers(workers, [&](size_t w) { ++done[w]; });
        for (const int n : done) CHECK(n == 1);
    }
    CHECK_THROWS_AS(onWorkers(3,
                              [](size_t w) {
                                  if (w == 1) throw std::bad_alloc();
                              }),
                    std::bad_alloc);
}

TEST_CASE("workers that ask for workers are never stuck, on few threads or many") {
    std::atomic<int> done = 0;
    onWorkers(6, [&](size_t) { onWorkers(5, [&](size_t) { onWorkers(4, [&](size_t) { ++done; }); }); });
    CHECK(done == 6 * 5 * 4);
}

TEST_CASE("a job beside is done once, by whoever comes first, and what it throws comes out where it is asked for") {
    for (const auto when : {SharedJob::When::Beside, SharedJob::When::WhenNeeded}) {
        std::atomic<int> times = 0;
        Beside<int> seven([&] { return ++times, 7; }, when);
        CHECK(seven.valid());
        CHECK(seven.get() == 7);
        CHECK_FALSE(seven.valid());
        CHECK(times == 1);
        Beside<int> failing([]() -> int { throw std::runtime_error("no"); }, when);
        CHECK_THROWS_AS(failing.get(), std::runtime_error);
        SharedJob starved([] { throw std::bad_alloc(); }, when);
        CHECK_THROWS_AS(starved.finish(), std::bad_alloc);
    }
}

TEST_CASE("many workers let go of jobs nobody asks for any more, and none runs after its owner has gone") {
    std::atomic<int> late = 0;
    for (int i = 0; i < 200; ++i) {
        auto owner = std::make_unique<std::atomic<int>>(0);
        {
            const SharedJob job([&owner, &late] { late += owner->load() + 1; }, SharedJob::When::Beside);
        }
        owner.reset();
    }
    CHECK(late <= 200);
}

TEST_CASE("a lane of workers does its jobs one after the other, in their order, and is done when it ends") {
    std::vector<int> order;
    {
        Lane lane;
        for (int i = 0; i < 100; ++i) lane.start([&order, i] { order.push_back(i); });
    }
    REQUIRE(order.size() == 100);
    for (int i = 0; i < 100; ++i) CHECK(order[size_t(i)] == i);
}

TEST_CASE("lanes of workers do not wait for one another, however many threads there are") {
    // Each waits for the next to have begun: with fewer threads than lanes none would end.
    constexpr size_t count = 6;
    std::vector<std::promise<void>> begun(count + 1);
    begun[count].set_value();
    std::vector<Lane> lanes(count);
    for (size_t i = 0; i < count; ++i)
        lanes[i].start([&begun, i] {
            begun[i].set_value();
            begun[i + 1].get_future().wait();
        });
    for (Lane& lane : lanes) lane.finish();
    SUCCEED();
}
