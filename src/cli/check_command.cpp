// check: finished pictures and documents, for what must not leave.
#include "base/sentence.h"
#include "capture/pdf_pages.h"
#include "checking/check.h"
#include "checking/pdf_contents.h"
#include "cli/commands.h"
#include "cli/shared.h"
#include "picture/picture_file.h"
#include "pipeline/reading_crew.h"

#include <QFileInfo>

namespace eyelid {

namespace {

// Pages are looked at as they are seen in print; finer shows no more of what screens have.
constexpr double pageDpi = 150;

// What begins every packet of metadata in a PDF (ISO 16684-1, 7.3.2): it says nothing, and looks like a key.
const QString xmpPacket = QStringLiteral("W5M0MpCehiHzreSzNTczkc9d");

struct Outcome {
    QString trouble;
    std::vector<Leak> leaks;
};

void add(Outcome& outcome, Result<CheckReport> report) {
    if (!report)
        outcome.trouble = report.error().sentence;
    else
        outcome.leaks.insert(outcome.leaks.end(), report->leaks.begin(), report->leaks.end());
}

// Its pages as they can be seen, its letters whether they can be seen or not, and whatever else is in it.
void checkPdf(const QString& file, const QByteArray& bytes, const CheckRequest& request, Reader& reader,
              const Finder& finder, Outcome& outcome) {
    const auto pdf = PdfFile::open(file);
    if (!pdf) {
        outcome.trouble = pdf.error().sentence;
        return;
    }
    const PdfContents contents = takeApartPdf(bytes);
    for (const QString& beside : contents.besides) outcome.leaks.push_back({Leak::Sort::Extra, {}, beside, {}});
    for (QString text : contents.texts)
        for (Leak& leak : checkText(text.remove(xmpPacket), Tr::tr("The document's text"), request, finder))
            outcome.leaks.push_back(std::move(leak));
    for (int page = 0; page < (*pdf)->pages() && outcome.trouble.isEmpty(); ++page) {
        auto picture = (*pdf)->render(page, pageDpi);
        if (!picture) {
            outcome.trouble = picture.error().sentence;
            return;
        }
        CheckRequest ofPage = request;
        if (page > 0) ofPage.name.clear();
        Progress progress;
        add(outcome, checkBytes(encodePng(*picture), ofPage, reader, finder, progress));
    }
}

Outcome checkFile(const QString& file, const Search& search, Reader& reader, const Finder& finder) {
    Outcome outcome;
    auto bytes = readFile(file);
    if (!bytes) return {bytes.error().sentence, {}};
    CheckRequest request;
    request.policy = search.policy.get();
    request.watch = search.watch.get();
    request.languages = search.languages;
    request.name = QFileInfo(file).completeBaseName();
    if (bytes->startsWith("%PDF")) {
        checkPdf(file, *bytes, request, reader, finder, outcome);
        return outcome;
    }
    // To write a check of something that is no picture would be to call it checked.
    if (auto picture = decodePicture(*bytes, file); !picture) return {picture.error().sentence, {}};
    Progress progress;
    add(outcome, checkBytes(*bytes, request, reader, finder, progress));
    return outcome;
}

} // namespace

int runCheck(const QStringList& files, const FindSettings& settings) {
    auto search = loadSearch(settings);
    if (!search) return fail(search.error());
    std::vector<Outcome> outcomes(size_t(files.size()));
    const Finder finder;
    ReadingCrew(outcomes.size()).each([&](size_t i, Reader& reader) {
        outcomes[i] = checkFile(files[qsizetype(i)], *search, reader, finder);
    });
    int status = done;
    for (size_t i = 0; i < outcomes.size(); ++i) {
        const QString& file = files[qsizetype(i)];
        if (!outcomes[i].trouble.isEmpty()) {
            complain(outcomes[i].trouble);
            status = unusableInput;
            continue;
        }
        if (outcomes[i].leaks.empty()) {
            say(Tr::tr("%1: clean").arg(file));
            continue;
        }
        if (status == done) status = remains;
        say(sentence(Tr::tr("%1: %2 leaks"), file, outcomes[i].leaks.size()));
        sayLeaks(outcomes[i].leaks);
    }
    return status;
}

} // namespace eyelid
