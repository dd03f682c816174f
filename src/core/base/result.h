// A value, or the reason there is none. Failures a user can meet travel as values; exceptions are for programming
// errors only.
#pragma once

#include <cassert>
#include <optional>
#include <QString>
#include <utility>
#include <variant>

namespace eyelid {

/// Why something could not be done: one sentence that tells the user what is wrong and, where possible, what to do.
struct Error {
    enum class Kind { BadInput, NotReadable, NotWritable, Exists, Missing, Cancelled, Locked, Damaged };
    Kind kind = Kind::BadInput;
    QString sentence;
};

template <typename T> class [[nodiscard]] Result {
public:
    Result(T value) : m_state(std::move(value)) {}
    Result(Error error) : m_state(std::move(error)) {}

    explicit operator bool() const { return std::holds_alternative<T>(m_state); }
    const T& value() const& { return std::get<T>(m_state); }
    T& value() & { return std::get<T>(m_state); }
    T&& value() && { return std::get<T>(std::move(m_state)); }
    const T& operator*() const& { return value(); }
    T& operator*() & { return value(); }
    T&& operator*() && { return std::move(*this).value(); }
    const T* operator->() const { return &value(); }
    T* operator->() { return &value(); }
    const Error& error() const { return std::get<Error>(m_state); }

private:
    std::variant<T, Error> m_state;
};

/// For work that yields nothing but may fail.
struct Done {};

} // namespace eyelid
