// find: what is sensitive on pictures, and why.
#include "base/sentence.h"
#include "casefile/known_findings.h"
#include "cli/commands.h"
#include "cli/shared.h"
#include "pipeline/case_work.h"
#include "pipeline/reading_crew.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

using Json = nlohmann::ordered_json;

std::string text(const QString& s) {
    return s.toStdString();
}

// As the finder gave them, with what was carried from other pictures put in where it stands.
std::vector<Finding> byPlace(const std::vector<KnownFinding>& known) {
    std::vector<Finding> findings;
    for (const KnownFinding& k : known) {
        const auto below = std::find_if(findings.begin(), findings.end(), [&](const Finding& f) {
            return f.boxes.front().top() > k.finding.boxes.front().bottom();
        });
        findings.insert(below, k.finding);
    }
    return findings;
}

} // namespace

int runFind(const QStringList& files, const FindSettings& settings, bool json) {
    auto search = loadSearch(settings);
    if (!search) return fail(search.error());
    struct Outcome {
        QString trouble;
        Capture capture;
    };
    std::vector<Outcome> outcomes(size_t(files.size()));
    const CaseWork work;
    ReadingCrew(outcomes.size()).each([&](size_t i, Reader& reader) {
        auto picture = readFirst(files[qsizetype(i)]);
        if (!picture) {
            outcomes[i].trouble = picture.error().sentence;
            return;
        }
        Progress progress;
        auto page = work.read(*picture, *search, reader, progress);
        if (!page) {
            outcomes[i].trouble = page.error().sentence;
            return;
        }
        Capture& capture = outcomes[i].capture;
        int nextId = 1;
        capture.size = picture->size();
        capture.page = std::make_shared<const Page>(std::move(*page));
        knowAll(capture, work.find(*capture.page, *search), nextId);
    });
    // Together they are a case: what is found on one is looked for on all.
    std::vector<Capture*> read;
    for (Outcome& outcome : outcomes)
        if (outcome.trouble.isEmpty()) read.push_back(&outcome.capture);
    work.carryThrough(read, *search);
    int status = done;
    Json root = Json::array();
    for (size_t i = 0; i < outcomes.size(); ++i) {
        const Outcome& o = outcomes[i];
        const QString& file = files[qsizetype(i)];
        if (!o.trouble.isEmpty()) {
            complain(o.trouble);
            status = unusableInput;
            continue;
        }
        const std::vector<Finding> findings = byPlace(o.capture.known);
        if (json) {
            Json list = Json::array();
            for (const Finding& f : findings) {
                Json boxes = Json::array();
                for (const QRectF& b : f.boxes) boxes.push_back(boxJson(b));
                Json entry{{"kind", text(kindName(f.kind))},
                           {"text", text(f.text)},
                           {"boxes", boxes},
                           {"confidence", rounded(f.confidence, 100)},
                           {"reason", text(f.reason)}};
                if (!f.ground.isEmpty()) entry["ground"] = text(f.ground);
                list.push_back(entry);
            }
            root.push_back({{"file", text(file)},
                            {"width", o.capture.size.width()},
                            {"height", o.capture.size.height()},
                            {"findings", list}});
            continue;
        }
        if (files.size() > 1) say(QStringLiteral("%1:").arg(file));
        for (const Finding& f : findings)
            print(sentence(Tr::tr("%1\t%2\t%3 %\t%4"), kindName(f.kind), onOneLine(f.text),
                           int(std::lround(100 * f.confidence)), f.reason));
    }
    if (json) print(root);
    return status;
}

} // namespace eyelid
