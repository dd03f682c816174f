// find: what is sensitive on pictures, and why.
#include "base/sentence.h"
#include "cli/commands.h"
#include "cli/search.h"
#include "finding/finder.h"

#include <cmath>

namespace eyelid {
namespace {

using Json = nlohmann::ordered_json;

std::string text(const QString& s) {
    return s.toStdString();
}

} // namespace

int runFind(const QStringList& files, const FindSettings& settings, bool json) {
    auto search = loadSearch(settings);
    if (!search) return fail(search.error());
    struct Outcome {
        QString trouble;
        QSize size;
        std::vector<Finding> findings;
    };
    std::vector<Outcome> outcomes(size_t(files.size()));
    const Finder finder;
    ReadingCrew(outcomes.size()).each([&](size_t i, Reader& reader) {
        auto picture = readFirst(files[qsizetype(i)]);
        if (!picture) {
            outcomes[i].trouble = picture.error().sentence;
            return;
        }
        Progress progress;
        auto page = reader.read(*picture, {.languages = search->languages}, progress);
        if (!page) {
            outcomes[i].trouble = page.error().sentence;
            return;
        }
        outcomes[i].size = picture->size();
        outcomes[i].findings = finder.find(*page, search->policy, search->watch);
    });
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
        if (json) {
            Json list = Json::array();
            for (const Finding& f : o.findings) {
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
            root.push_back(
                {{"file", text(file)}, {"width", o.size.width()}, {"height", o.size.height()}, {"findings", list}});
            continue;
        }
        if (files.size() > 1) say(QStringLiteral("%1:").arg(file));
        for (const Finding& f : o.findings)
            print(sentence(u"%1\t%2\t%3 %\t%4", kindName(f.kind), onOneLine(f.text),
                           int(std::lround(100 * f.confidence)), f.reason));
    }
    if (json) print(root);
    return status;
}

} // namespace eyelid
