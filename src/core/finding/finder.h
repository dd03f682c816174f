// Finds what is sensitive on a page.
//
//   Finder finder;
//   std::vector<Finding> findings = finder.find(page, policy, watchList);
//
// Pure: the same page, policy and watch list give the same findings. Safe to use from several threads at once.
#pragma once

#include "finding/finding.h"
#include "finding/policy.h"
#include "finding/watch_list.h"
#include "reading/page.h"

#include <memory>
#include <vector>

namespace eyelid {

class Finder {
public:
    Finder();
    ~Finder();

    /// Findings from top to bottom; none overlaps another, but an illegible place what is found in it. Those below the
    /// policy's threshold are left out.
    std::vector<Finding> find(const Page& page, const Policy& policy, const WatchList& watch) const;

    /// Looks on `page` for values found or confirmed elsewhere in the case, misreadings included, and returns those
    /// that no finding in `already` covers. Of people also the parts of their names.
    std::vector<Finding> carry(const Page& page, const std::vector<Finding>& already, const std::vector<Finding>& known,
                               const Policy& policy) const;

    /// Where values that must not be seen stand on `page`: all of them, whatever their kind. Short ones and ordinary
    /// words are looked for to the letter, the others in any spelling a reader may have given them.
    std::vector<Finding> readable(const Page& page, const std::vector<Finding>& values) const;

    /// The same two for text that leaves beside the pictures: names of files, reasons, titles. Boxes mean nothing.
    std::vector<Finding> findInText(const QString& text, const Policy& policy, const WatchList& watch) const;
    std::vector<Finding> readableInText(const QString& text, const std::vector<Finding>& values) const;

private:
    std::vector<Finding> findUpright(const Page& page, const Policy& policy, const WatchList& watch) const;
    std::vector<Finding> findRead(const Page& page, const Policy& policy, const WatchList& watch,
                                  bool placed = true) const;
    static void findIllegible(const Page& page, const Policy& policy, std::vector<Finding>& findings);
    void findCodes(const Page& page, const Policy& policy, const WatchList& watch,
                   std::vector<Finding>& findings) const;

    struct Parts;
    std::unique_ptr<Parts> m_parts;
};

} // namespace eyelid
