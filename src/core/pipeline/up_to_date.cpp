#include "pipeline/up_to_date.h"

#include "base/sentence.h"

namespace eyelid {
namespace {

Result<Done> readNow(Case& open, const Capture& capture, const CaseWork& work, const Search& search, Reader& reader,
                     Progress& progress) {
    auto page = work.read(open.picture(capture), search, reader, progress);
    if (!page && page.error().kind == Error::Kind::Cancelled) return page.error();
    if (page)
        open.setRead(capture.id, {capture.picture, search.languages, std::make_shared<const Page>(std::move(*page))});
    else
        open.setReading(capture.id, Capture::Reading::Failed, page.error().sentence);
    return Done{};
}

void carryNow(Case& open, const Capture& capture, const CaseWork& work, const Search& search) {
    std::vector<Finding> already;
    for (const Item& item : open.items(capture.id)) already.push_back(item.finding);
    const std::vector<Finding> known = valuesToCarry(open.state());
    const QRegion hands = handRegion(open.decided(capture), capture.size);
    open.addFindings(capture.id, work.carry(*capture.page, already, known, hands, search), namesOfValues(known),
                     capture.page);
}

} // namespace

Result<Done> bringUpToDate(Case& open, const CaseWork& work, Reader& reader, Progress& progress) {
    const auto search = searchFor(open.terms());
    if (!search) return search.error();
    while (const auto next = nextWork(open.state())) {
        if (progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("Stopped.")};
        const Capture capture = *open.capture(next->capture);
        switch (next->what) {
        case Work::What::Read:
            if (auto read = readNow(open, capture, work, *search, reader, progress); !read) return read;
            break;
        case Work::What::Find:
            open.setFindings(capture.id, work.find(*capture.page, *search), open.terms(), capture.page);
            break;
        case Work::What::Carry:
            carryNow(open, capture, work, *search);
            break;
        }
    }
    return Done{};
}

} // namespace eyelid
