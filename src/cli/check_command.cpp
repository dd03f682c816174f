// check: finished pictures, for what must not leave.
#include "base/sentence.h"
#include "checking/check.h"
#include "cli/commands.h"
#include "cli/shared.h"
#include "picture/picture_file.h"
#include "pipeline/reading_crew.h"

#include <QFileInfo>

namespace eyelid {

int runCheck(const QStringList& files, const FindSettings& settings) {
    auto search = loadSearch(settings);
    if (!search) return fail(search.error());
    struct Outcome {
        QString trouble;
        std::vector<Leak> leaks;
    };
    std::vector<Outcome> outcomes(size_t(files.size()));
    const Finder finder;
    ReadingCrew(outcomes.size()).each([&](size_t i, Reader& reader) {
        auto bytes = readFile(files[qsizetype(i)]);
        if (!bytes) {
            outcomes[i].trouble = bytes.error().sentence;
            return;
        }
        // To write a check of something that is no picture would be to call it checked.
        if (auto picture = decodePicture(*bytes, files[qsizetype(i)]); !picture) {
            outcomes[i].trouble = picture.error().sentence;
            return;
        }
        CheckRequest request;
        request.policy = search->policy.get();
        request.watch = search->watch.get();
        request.languages = search->languages;
        request.name = QFileInfo(files[qsizetype(i)]).completeBaseName();
        Progress progress;
        auto report = checkBytes(*bytes, request, reader, finder, progress);
        if (!report)
            outcomes[i].trouble = report.error().sentence;
        else
            outcomes[i].leaks = report->leaks;
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
