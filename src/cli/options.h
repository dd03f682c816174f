// What all commands' options are made with.
#pragma once

#include "base/files.h"
#include "base/sentence.h"

#include <CLI/CLI.hpp>
#include <cstdlib>
#include <functional>
#include <map>
#include <string>
#include <vector>

namespace eyelid {

/// What is done once a command has been parsed; returns the exit status.
using CommandTable = std::map<CLI::App*, std::function<int()>>;

/// Paths may be any bytes.
inline QString qt(const std::string& text) {
    return pathFromBytes(QByteArray::fromStdString(text));
}

inline QStringList qt(const std::vector<std::string>& list) {
    QStringList out;
    for (const std::string& s : list) out << qt(s);
    return out;
}

/// A number in a range; "nan" lies in none.
inline CLI::Validator within(double least, double most) {
    return CLI::Validator(
        [=](std::string& text) {
            char* end = nullptr;
            const double value = std::strtod(text.c_str(), &end);
            if (end != text.c_str() && *end == 0 && value >= least && value <= most) return std::string();
            return sentence(Tr::tr("a number from %1 to %2 is expected, not %3"), least, most, qt(text)).toStdString();
        },
        "NUMBER");
}

/// As CLI11 takes a text.
inline std::string said(const QString& text) {
    return text.toStdString();
}

} // namespace eyelid
