// For the fuzzers alone, which clang builds: in C++20 it instantiates the destructor of the std::vector<JSON> that
// qpdf/JSON.hh holds within JSON, which is incomplete there, and stops. GCC waits until it is needed, and here it never
// is: the library's own code makes and destroys them. So one of the same size stands in its place, declared and not
// defined.
#pragma once

#include <vector>

class JSON;

template <> class std::vector<JSON, std::allocator<JSON>> {
public:
    vector();
    vector(const vector&);
    ~vector();

private:
    void* m_bounds[3];
};
