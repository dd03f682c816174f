#include "support/run_tests.h"

#define CATCH_CONFIG_RUNNER
#include <catch2/catch.hpp>

int runTests(int argc, char** argv) {
    return Catch::Session().run(argc, argv);
}
