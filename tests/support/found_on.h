// What is found on a page of a few lines, each as long as its words, one close under the other; an empty one parts
// them.
#pragma once

#include "support/everything.h"
#include "support/made.h"

namespace eyelid {

inline QStringList list(std::initializer_list<const char*> texts) {
    QStringList all;
    for (const char* text : texts) all << QString::fromUtf8(text);
    return all;
}

inline made::PageMaker pageOf(std::initializer_list<const char*> lines) {
    made::PageMaker maker;
    int y = 40;
    for (const char* line : lines) {
        if (*line) maker.line(QString::fromUtf8(line), 20, y);
        y += *line ? 18 : 30;
    }
    return maker;
}

inline std::vector<Finding> findingsOn(std::initializer_list<const char*> lines) {
    return finder().find(pageOf(lines).page(), everything(), {});
}

inline QStringList foundOn(Kind kind, const Page& page) {
    QStringList texts;
    for (const Finding& f : finder().find(page, everything(), {}))
        if (f.kind == kind) texts << f.text;
    return texts;
}

inline QStringList foundOn(Kind kind, std::initializer_list<const char*> lines) {
    return foundOn(kind, pageOf(lines).page());
}

} // namespace eyelid
