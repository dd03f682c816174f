// One way of finding one or more kinds of value. One file a detector; the finder asks each in turn.
#pragma once

#include "finding/finding.h"
#include "finding/names.h"
#include "finding/page_search.h"
#include "finding/screen_text.h"
#include "finding/watch_list.h"

#include <memory>
#include <vector>

namespace eyelid {

/// What a detector proposes.
struct Candidate {
    Kind kind;
    const TextRun* run = nullptr; ///< one of ScreenText's runs
    Span span;
    double confidence = 0;
    QString reason;            ///< a sentence for an officer, without the value
    QString key;               ///< the value made comparable; empty: the skeleton of the text
    bool byListsAlone = false; ///< a name that only lists of names speak for, not what stands around it
};

/// What detectors may look at; each thread has its own.
struct Surroundings {
    const ScreenText& screen;
    PageSearch& search; ///< of `screen`
    const Names& names;
    const WatchList& watch;
};

class Detector {
public:
    virtual ~Detector() = default;
    virtual void find(const Surroundings& in, std::vector<Candidate>& out) const = 0;
};

/// Runs `visit(run)` for every line and for every pair of lines that may belong together.
template <typename Visit> void eachRun(const ScreenText& screen, Visit visit) {
    for (const TextRun& run : screen.runs()) visit(run);
    for (const TextRun& run : screen.wrapped()) visit(run);
}

/// False for a match in joined lines that lies within one of them: it is found there already.
inline bool counts(const TextRun& run, const Span& span) {
    return run.second < 0 || (span.start < run.joint && span.end() > run.joint);
}

/// The label that speaks for this part of a line as a value of `kind`, or null.
const LabelledValue* labelFor(const ScreenText& screen, const TextRun& run, const Span& span, Kind kind);

/// "Analytics" under "Tobias Fenn" in one cell (whole_cells.h): a word that begins a further row of it and is nobody's.
bool isRemarkUnder(const Surroundings& in, const TextRun& run, const Span& word);

std::unique_ptr<Detector> makeEmailDetector();
std::unique_ptr<Detector> makePhoneDetector();
std::unique_ptr<Detector> makeCardDetector();
std::unique_ptr<Detector> makeIbanDetector();
std::unique_ptr<Detector> makeNetworkDetector();
std::unique_ptr<Detector> makeNationalIdDetector();
std::unique_ptr<Detector> makeBirthDateDetector();
std::unique_ptr<Detector> makeUsernameDetector();
std::unique_ptr<Detector> makeSecretDetector();
std::unique_ptr<Detector> makeCommandLineDetector(); ///< what commands of a console are given
std::unique_ptr<Detector> makeMessageDetector();     ///< fields of HL7 and EDIFACT messages
std::unique_ptr<Detector> makeWatchDetector();
std::unique_ptr<Detector> makePersonDetector();
std::unique_ptr<Detector> makeSpeakerDetector(); ///< names told by the form of a line
std::unique_ptr<Detector> makeAddressDetector();
std::unique_ptr<Detector> makePlateDetector();
std::unique_ptr<Detector> makeDocumentNumberDetector(); ///< bank accounts, passports and licences, by label and form
std::unique_ptr<Detector> makeLabelledFormDetector();   ///< IBAN, card, MAC and IP misread; asked after those by form
std::unique_ptr<Detector> makeHealthDetector();
std::unique_ptr<Detector> makeDeviceDetector(); ///< devices, places and wallets
std::unique_ptr<Detector> makeLinkDetector();
std::unique_ptr<Detector> makeRecordDetector(); ///< record numbers and dates, for policies that ask

} // namespace eyelid
