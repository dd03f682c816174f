// read: the text on a picture.
#include "base/sentence.h"
#include "cli/commands.h"
#include "cli/shared.h"
#include "finding/finder.h"
#include "pipeline/case_work.h"
#include "reading/page_text.h"
#include "reading/tables.h"

#include <QFileInfo>

namespace eyelid {
namespace {

using Json = nlohmann::ordered_json;

std::string text(const QString& s) {
    return s.toStdString();
}

Json readingJson(const QString& file, const Page& page) {
    Json root;
    root["file"] = text(file);
    root["width"] = page.size.width();
    root["height"] = page.size.height();
    root["languages"] = text(page.languages);
    root["lines"] = Json::array();
    const auto list = [](const QStringList& all) {
        Json items = Json::array();
        for (const QString& one : all) items.push_back(text(one));
        return items;
    };
    for (const TextLine& line : page.lines) {
        Json words = Json::array();
        for (const Word& word : line.words) {
            Json entry{
                {"text", text(word.text)}, {"box", boxJson(word.box)}, {"confidence", rounded(word.confidence, 1000)}};
            if (!word.alternatives.isEmpty()) entry["alternatives"] = list(word.alternatives);
            Json glyphs = Json::array();
            for (const Glyph& glyph : word.glyphs) {
                Json g{{"text", text(glyph.text)}, {"box", boxJson(glyph.box)}};
                if (!glyph.others.isEmpty()) g["others"] = list(glyph.others);
                glyphs.push_back(g);
            }
            if (!glyphs.empty()) entry["glyphs"] = glyphs;
            words.push_back(entry);
        }
        Json entry{{"text", text(line.text())}, {"box", boxJson(line.box)}, {"words", words}};
        if (line.turned) entry["turned"] = line.turned;
        root["lines"].push_back(entry);
    }
    root["codes"] = Json::array();
    for (const Code& code : page.codes) {
        Json corners = Json::array();
        for (const QPointF& c : code.corners) corners.push_back({rounded(c.x(), 10), rounded(c.y(), 10)});
        root["codes"].push_back({{"kind", text(code.kind)},
                                 {"content", text(code.content)},
                                 {"box", boxJson(code.box)},
                                 {"corners", corners}});
    }
    root["tables"] = Json::array();
    for (const Table& table : findTables(page)) {
        Json rows = Json::array();
        for (const auto& row : table.rows) {
            Json cells = Json::array();
            for (const TableCell& cell : row) cells.push_back(text(cell.text));
            rows.push_back(cells);
        }
        root["tables"].push_back({{"box", boxJson(table.box)}, {"headed", table.headed}, {"rows", rows}});
    }
    return root;
}

// What the policy finds on the whole page is hidden: a label outside the area tells what stands within it.
Result<Page> readSanitised(const QImage& picture, const ReadOptions& options, const Search& search, Reader& reader,
                           Progress& progress) {
    ReadOptions all = options;
    all.area = {};
    auto page = reader.read(picture, all, progress);
    if (!page) return page;
    const Page sanitised = sanitisedAsFound(*page, CaseWork().find(*page, search), *search.policy);
    return options.area.isEmpty() ? sanitised : pageWithin(sanitised, options.area);
}

} // namespace

int runRead(const QString& file, const ReadSettings& settings) {
    ReadOptions options{.languages = settings.find.languages};
    if (!settings.area.isEmpty()) {
        auto rect = parseRect(settings.area, "--area");
        if (!rect) return fail(rect.error());
        options.area = *rect;
    }
    auto search = loadSearch(settings.find);
    if (!search) return fail(search.error());
    auto picture = readFirst(file);
    if (!picture) {
        complain(picture.error().sentence);
        return unusableInput;
    }
    if (!options.area.isEmpty() && !options.area.intersects(picture->rect()))
        return fail({Error::Kind::BadInput, sentence(Tr::tr("--area %1 lies outside %2, which is %3 x %4 pixels."),
                                                     settings.area, file, picture->width(), picture->height())});
    Reader reader;
    Progress progress;
    auto page = settings.sanitised ? readSanitised(*picture, options, *search, reader, progress)
                                   : reader.read(*picture, options, progress);
    if (!page) return fail(page.error());
    const auto whole = [](QString all) {
        while (all.endsWith(QLatin1Char('\n')) || all.endsWith(QLatin1Char('\r'))) all.chop(1);
        print(all);
    };
    if (settings.format == QLatin1String("json"))
        print(readingJson(file, *page));
    else if (settings.format == QLatin1String("hocr"))
        whole(pageHocr(*page, QFileInfo(file).fileName()));
    else if (settings.format == QLatin1String("csv"))
        whole(pageCsv(*page));
    else if (!page->lines.empty())
        whole(pageText(*page));
    return done;
}

} // namespace eyelid
