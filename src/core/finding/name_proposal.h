// A few words written large, judged as a name of a person: evidence is added up, and the sum is the confidence.
#pragma once

#include "finding/detector.h"
#include "finding/person_words.h"

#include <optional>
#include <QStringList>
#include <vector>

namespace eyelid {

struct NameProposal {
    const TextRun* on = nullptr;
    int run = 0; ///< the line it begins on
    Span span;
    QString name; ///< given name first
    double sum = 0;
    QStringList evidence;
    bool wholeLine = false;
    bool inCell = false;    ///< a label, a heading or its column speaks for it
    bool single = false;    ///< one word that no list knows as an ordinary one
    bool shaped = false;    ///< looks like a name even where no list knows it
    bool spokenFor = false; ///< by what stands right by it, not by lists of names and their likes alone

    void speakFor(const QString& because) {
        evidence << because;
        spokenFor = true;
    }
};

/// Judges words `first` to `last` of a line, with what stands around them: name lists, titles, greetings and closings,
/// labels and headings, words for parts and things. Nothing where they cannot be a name.
std::optional<NameProposal> judgedAsName(const Surroundings& in, const TextRun& run, const std::vector<Token>& tokens,
                                         size_t first, size_t last);

} // namespace eyelid
