// The way of a capture through Eyelid, once, for the window, the command line and routines:
//
//   read -> find -> carry -> (somebody decides) -> make and check -> release
//
// Deterministic, and free of Qt objects: each step is a function of what it is given. Safe to use from several threads
// at once, each with a Reader of its own.
#pragma once

#include "base/progress.h"
#include "casefile/case_state.h"
#include "checking/check.h"
#include "finding/finder.h"
#include "pipeline/search.h"
#include "reading/reader.h"
#include "releasing/release.h"
#include "releasing/release_form.h"

#include <QByteArray>
#include <QImage>
#include <vector>

namespace eyelid {

/// A picture made to leave, read again and searched.
struct CheckedPicture {
    int capture = 0;
    Artifact artifact; ///< in memory: it may still show what is open
    QString sha256;
    QSize size;        ///< of the file
    QSize captureSize; ///< of the capture, which `decided` is about
    Decided decided;
    std::vector<Leak> leaks;
    Encoding encoding;                 ///< of the artifact
    bool transparent = false;          ///< its ground is
    int page = 0;                      ///< of the document it goes into, from 1; 0: a file of its own
    std::shared_ptr<const Page> words; ///< what can still be read on it, in its pixels
    QByteArray thumbnail;              ///< a PNG of what it shows, small; where the form asks for a report
};

/// What a picture is made from.
struct Making {
    int capture = 0;
    QString name; ///< of the file, without its ending
    const QImage* picture = nullptr;
    Decided decided;
    std::vector<Finding> coveredValues; ///< of the whole case
    QString caseName;                   ///< what the file is named after; empty: not looked at
    ReleaseForm form;
};

class CaseWork {
public:
    CaseWork();
    ~CaseWork();

    Result<Page> read(const QImage& picture, const Search& search, Reader& reader, Progress& progress) const;
    std::vector<Finding> find(const Page& page, const Search& search) const;

    /// What of the case's values stands on a page without having been found there; what covers drawn by hand hide
    /// there is told already.
    std::vector<Finding> carry(const Page& page, const std::vector<Finding>& already, const std::vector<Finding>& known,
                               const QRegion& hands, const Search& search) const;

    /// Carries the values of several captures through all of them; what is found so is theirs then. All have a page.
    void carryThrough(const std::vector<Capture*>& captures, const Search& search) const;

    /// Makes the picture in the form asked for and checks these very bytes. Errors: too little memory; cancelled; a
    /// form that cannot hold it.
    Result<CheckedPicture> make(const Making& making, const Search& search, Reader& reader, Progress& progress) const;

    /// What a text that leaves with the pictures must not say, as checkText() tells it.
    std::vector<Leak> checkText(const QString& text, const QString& what, const std::vector<Finding>& coveredValues,
                                const std::vector<Item>& items, const Search& search) const;

    /// Whether a text holds one of the values.
    bool isReadable(const QString& text, const std::vector<Finding>& values) const;

private:
    void addLeaksOfReasons(const CheckRequest& request, std::vector<Leak>& leaks) const;
    void addLeaksOfMarks(const CheckRequest& request, const std::vector<Mark>& marks, std::vector<Leak>& leaks) const;
    Finder m_finder;
};

/// A page with names in place of all that was found on it.
Page sanitisedAsFound(const Page& page, const std::vector<Finding>& findings, const Policy& policy);

/// The values of one capture that are looked for on all others: what is covered, by whatever means, and what was found
/// surely enough. `items` are the capture's, `hands` what covers drawn by hand take in.
std::vector<Finding> valuesToCarry(const Page* page, const std::vector<Item>& items, const QRegion& hands);

/// The values of one capture that must not be readable anywhere: what is covered, by whatever means.
std::vector<Finding> valuesCovered(const Page* page, const std::vector<Item>& items, const QRegion& hands);

/// The same of a whole case.
std::vector<Finding> valuesToCarry(const CaseState& state);
std::vector<Finding> valuesCovered(const CaseState& state);

/// To tell whether they were looked for already.
QSet<QString> namesOfValues(const std::vector<Finding>& values);

/// What has to be done next for a case to be what its state says: read a capture, look for what is sensitive on a page
/// by the terms that hold now, look for the case's values on a page. Nothing when all is done.
struct Work {
    enum class What { Read, Find, Carry };
    What what = What::Read;
    int capture = 0;
};
std::optional<Work> nextWork(const CaseState& state);

} // namespace eyelid
