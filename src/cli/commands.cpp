#include "cli/commands.h"
#include "editing/sanitised_page.h"
#include "reading/page_text.h"
#include "reading/tables.h"

#include "base/progress.h"
#include "casefile/identities.h"
#include "checking/check.h"
#include "finding/finder.h"
#include "picture/picture_file.h"
#include "reading/reader.h"
#include "releasing/digest.h"
#include "releasing/release.h"

#include <atomic>
#include <cstdio>
#include <functional>
#include <nlohmann/json.hpp>
#include <QDir>
#include <QFileInfo>
#include <QSet>
#include <thread>

namespace eyelid {
namespace {

using Json = nlohmann::ordered_json;

void say(const QString& line) {
    std::fprintf(stdout, "%s\n", line.toUtf8().constData());
}
void say(const Json& json) {
    std::fprintf(stdout, "%s\n", json.dump(2, ' ', false, Json::error_handler_t::replace).c_str());
}

std::string text(const QString& s) {
    return s.toStdString();
}

void sayLeaks(const std::vector<Leak>& leaks) {
    for (const Leak& leak : leaks) {
        const QString where = QStringLiteral(" [at %1,%2]").arg(int(leak.place.x())).arg(int(leak.place.y()));
        say(QStringLiteral("  %1%2").arg(leak.sentence, leak.place.isNull() ? QString() : where));
    }
}

double rounded(double v, double steps) {
    return std::round(v * steps) / steps;
}

Json boxJson(const QRectF& b) {
    return Json::array({rounded(b.x(), 10), rounded(b.y(), 10), rounded(b.width(), 10), rounded(b.height(), 10)});
}

// What to find, loaded and understood; an error in it is wrong usage.
struct Search {
    Policy policy;
    WatchList watch;
};

Result<Search> loadSearch(const FindSettings& settings) {
    auto policy = loadPolicy(settings.policy);
    if (!policy) return policy.error();
    Search search{*policy, {}};
    if (!settings.watchFile.isEmpty()) {
        auto watch = WatchList::load(settings.watchFile);
        if (!watch) return watch.error();
        search.watch = std::move(*watch);
    }
    const QStringList installed = installedLanguages();
    const QString asked = settings.languages == QLatin1String("auto") ? QString() : settings.languages;
    for (const QString& code : asked.split(QLatin1Char('+'), Qt::SkipEmptyParts))
        if (!installed.contains(code))
            return Error{
                Error::Kind::Missing,
                QStringLiteral(
                    "The language \"%1\" is not installed; the package tesseract-ocr-%2 brings it. Installed: %3.")
                    .arg(code, QString(code).replace(QLatin1Char('_'), QLatin1Char('-')),
                         installed.join(QStringLiteral(", ")))};
    return search;
}

// Runs `work(index, reader)` for each of `count` files on all cores. One file has all engines to itself; of several
// each worker reads its own.
void onAllCores(size_t count, const std::function<void(size_t, Reader&)>& work) {
    const size_t cores = std::max(1u, std::thread::hardware_concurrency());
    if (count <= 1) {
        Reader reader;
        for (size_t i = 0; i < count; ++i) work(i, reader);
        return;
    }
    std::atomic<size_t> next{0};
    std::vector<std::thread> threads;
    for (size_t w = 0; w < std::min(cores, count); ++w)
        threads.emplace_back([&] {
            Reader reader(1);
            for (size_t i = next++; i < count; i = next++) work(i, reader);
        });
    for (std::thread& t : threads) t.join();
}

} // namespace

void complain(const QString& sentence) {
    std::fprintf(stderr, "eyelid-cli: %s\n", sentence.toLocal8Bit().constData());
}

Result<QRect> parseRect(const QString& text, const char* option) {
    const QStringList parts = text.split(QLatin1Char(','));
    int v[4] = {};
    bool ok = parts.size() == 4;
    for (int i = 0; ok && i < 4; ++i) v[i] = parts[i].trimmed().toInt(&ok);
    // Within what a QRect can hold without overflow.
    for (int n : v) ok = ok && n > -1'000'000 && n < 1'000'000;
    if (!ok || v[2] <= 0 || v[3] <= 0)
        return Error{
            Error::Kind::BadInput,
            QStringLiteral("%1 %2: four whole numbers are expected, x,y,width,height, with a width and height above 0.")
                .arg(QLatin1String(option), text)};
    return QRect(v[0], v[1], v[2], v[3]);
}

namespace {

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

} // namespace

int runRead(const QString& file, const ReadSettings& settings) {
    ReadOptions options{.languages = settings.find.languages};
    if (!settings.area.isEmpty()) {
        auto rect = parseRect(settings.area, "--area");
        if (!rect) {
            complain(rect.error().sentence);
            return wrongUsage;
        }
        options.area = *rect;
    }
    auto search = loadSearch(settings.find);
    if (!search) {
        complain(search.error().sentence);
        return wrongUsage;
    }
    auto picture = readPicture(file);
    if (!picture) {
        complain(picture.error().sentence);
        return unusableInput;
    }
    Reader reader;
    Progress progress;
    auto page = reader.read(*picture, options, progress);
    if (!page) {
        complain(page.error().sentence);
        return wrongUsage;
    }
    if (settings.sanitised) {
        Identities identities;
        std::vector<HiddenValue> hidden;
        for (const Finding& f : Finder().find(*page, search->policy, search->watch))
            hidden.push_back({f.kind, identities.numberOf(f), f.boxes});
        *page = sanitisedPage(*page, hidden);
    }
    const auto whole = [](QString all) {
        while (all.endsWith(QLatin1Char('\n')) || all.endsWith(QLatin1Char('\r'))) all.chop(1);
        say(all);
    };
    if (settings.format == QLatin1String("json"))
        say(readingJson(file, *page));
    else if (settings.format == QLatin1String("hocr"))
        whole(pageHocr(*page, QFileInfo(file).fileName()));
    else if (settings.format == QLatin1String("csv"))
        whole(pageCsv(*page));
    else if (!page->lines.empty())
        whole(pageText(*page));
    return done;
}

int runFind(const QStringList& files, const FindSettings& settings, bool json) {
    auto search = loadSearch(settings);
    if (!search) {
        complain(search.error().sentence);
        return wrongUsage;
    }
    struct Outcome {
        QString trouble;
        QSize size;
        std::vector<Finding> findings;
    };
    std::vector<Outcome> outcomes(size_t(files.size()));
    const Finder finder;
    onAllCores(outcomes.size(), [&](size_t i, Reader& reader) {
        auto picture = readPicture(files[qsizetype(i)]);
        if (!picture) {
            outcomes[i].trouble = picture.error().sentence;
            return;
        }
        Progress progress;
        auto page = reader.read(*picture, {.languages = settings.languages}, progress);
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
            say(QStringLiteral("%1\t%2\t%3 %\t%4")
                    .arg(kindName(f.kind), f.text)
                    .arg(int(std::lround(100 * f.confidence)))
                    .arg(f.reason));
    }
    if (json) say(root);
    return status;
}

int runRedact(const QStringList& files, const RedactSettings& settings) {
    auto search = loadSearch(settings.find);
    if (!search) {
        complain(search.error().sentence);
        return wrongUsage;
    }
    Policy& policy = search->policy;
    if (!settings.style.isEmpty())
        for (KindRule& rule : policy.kinds) rule.style = *styleFromName(settings.style);
    if (settings.strength >= 0) policy.strength = settings.strength;
    std::vector<QRect> areas;
    for (const QString& cover : settings.covers) {
        auto rect = parseRect(cover, "--cover");
        if (!rect) {
            complain(rect.error().sentence);
            return wrongUsage;
        }
        areas.push_back(*rect);
    }
    // Without finding, nobody said what is sensitive: the check then looks at the file, not for kinds.
    Policy nothing = policy;
    for (KindRule& rule : nothing.kinds) rule.on = false;
    // Output names first, so that a clash stops the call before anything is done.
    QStringList names;
    QSet<QString> taken;
    for (const QString& file : files) {
        const QString stem = QFileInfo(file).completeBaseName();
        QString name = stem + QStringLiteral(".png");
        for (int n = 2; taken.contains(name); ++n) name = QStringLiteral("%1-%2.png").arg(stem).arg(n);
        taken.insert(name);
        names << name;
    }
    if (!QDir().mkpath(settings.folder)) {
        complain(QStringLiteral("The folder %1 cannot be made; choose one you may write to.").arg(settings.folder));
        return unusableInput;
    }
    const QDir folder(settings.folder);
    if (!settings.force) {
        for (const QString& name : names + QStringList{redactionLogName()})
            if (QFileInfo::exists(folder.filePath(name))) {
                complain(QStringLiteral("%1 is there already; choose another folder, or give --force to replace it.")
                             .arg(folder.absoluteFilePath(name)));
                return wrongUsage;
            }
    }
    for (const QString& file : files)
        if (taken.contains(QFileInfo(file).fileName()) &&
            QFileInfo(file).canonicalPath() == QFileInfo(settings.folder).canonicalFilePath() &&
            names.contains(QFileInfo(file).fileName())) {
            complain(
                QStringLiteral("%1 would be replaced by its own sanitised picture; choose another folder for --out.")
                    .arg(file));
            return wrongUsage;
        }

    // First pass: read and find. Pictures are opened again in the second, so that memory does not grow with the number
    // of files.
    struct Sheet {
        QString trouble;
        Page page;
        std::vector<Finding> findings;
        std::vector<Item> items;
        LogEntry log;
    };
    std::vector<Sheet> sheets(size_t(files.size()));
    const Finder finder;
    const auto lookAt = [&](size_t i, Reader& reader) {
        auto picture = readPicture(files[qsizetype(i)]);
        if (!picture) {
            sheets[i].trouble = picture.error().sentence;
            return;
        }
        if (!settings.look) return;
        Progress progress;
        auto page = reader.read(*picture, {.languages = settings.find.languages}, progress);
        if (!page) {
            sheets[i].trouble = page.error().sentence;
            return;
        }
        sheets[i].page = std::move(*page);
        sheets[i].findings = finder.find(sheets[i].page, policy, search->watch);
    };
    std::vector<Finding> known;
    const auto gather = [&] {
        // What was found on one picture is looked for on all of them.
        for (const Sheet& sheet : sheets)
            for (const Finding& f : sheet.findings)
                if (f.confidence >= 0.6) known.push_back(f);
        Identities identities;
        int id = 0;
        for (Sheet& sheet : sheets) {
            for (Finding& f : finder.carry(sheet.page, sheet.findings, known, policy))
                sheet.findings.push_back(std::move(f));
            const auto add = [&](const Finding& f) {
                Item item;
                item.id = ++id;
                item.finding = f;
                item.decision = Decision::Cover;
                item.style = policy.rule(f.kind == Kind::Area ? Kind::Watch : f.kind).style;
                item.strength = policy.strength;
                item.identity = identities.numberOf(f);
                sheet.items.push_back(std::move(item));
            };
            for (const QRect& area : areas) {
                Finding f;
                f.boxes = {QRectF(area)};
                f.confidence = 1;
                f.reason = QStringLiteral("was named on the command line");
                add(f);
            }
            for (const Finding& f : sheet.findings) add(f);
        }
    };
    const auto finish = [&](size_t i, Reader& reader) {
        Sheet& sheet = sheets[i];
        if (!sheet.trouble.isEmpty()) return;
        auto picture = readPicture(files[qsizetype(i)]);
        if (!picture) {
            sheet.trouble = picture.error().sentence;
            return;
        }
        // What the check can still read is covered too and the picture written again; a second reading, of other
        // surroundings, finds what the first one missed.
        for (int round = 0;; ++round) {
            const auto covers = coversOf(sheet.items, picture->size(), policy.evenWidth);
            auto written =
                writeSanitised(folder.filePath(names[qsizetype(i)]), *picture, covers, settings.force || round > 0);
            if (!written) {
                sheet.trouble = written.error().sentence;
                return;
            }
            CheckRequest request{&policy,     &search->watch, settings.find.languages, &*picture, covers,
                                 sheet.items, known};
            if (!settings.look) request.policy = &nothing;
            Progress progress;
            auto report = checkBytes(written->bytes, written->path, request, reader, finder, progress);
            if (!report) {
                sheet.trouble = report.error().sentence;
                return;
            }
            std::vector<Item> more;
            for (const Leak& leak : report->leaks) {
                if (leak.finding.boxes.empty()) continue;
                Item item;
                item.finding = leak.finding;
                item.finding.reason = QStringLiteral("was found when the written picture was read again");
                item.decision = Decision::Cover;
                item.style = policy.rule(leak.finding.kind).style;
                item.strength = policy.strength;
                more.push_back(std::move(item));
            }
            if (more.empty() || round == 2) {
                sheet.log = {names[qsizetype(i)], picture->size(), written->sha256, sheet.items, report->leaks, {}};
                return;
            }
            sheet.items.insert(sheet.items.end(), more.begin(), more.end());
        }
    };
    if (sheets.size() == 1) {
        // The same engines for both passes: lines the covers left alone need not be read again.
        onAllCores(1, [&](size_t i, Reader& reader) {
            lookAt(i, reader);
            gather();
            finish(i, reader);
        });
    } else {
        const size_t cores = std::max(1u, std::thread::hardware_concurrency());
        std::vector<std::unique_ptr<Reader>> readers;
        for (size_t w = 0; w < std::min(cores, sheets.size()); ++w) readers.push_back(std::make_unique<Reader>(1));
        const auto pass = [&](const std::function<void(size_t, Reader&)>& work) {
            std::vector<std::thread> threads;
            for (size_t w = 0; w < readers.size(); ++w)
                threads.emplace_back([&, w] {
                    // Dealt out in a fixed way, so that a reader meets in the second pass the lines it knows.
                    for (size_t i = w; i < sheets.size(); i += readers.size()) work(i, *readers[w]);
                });
            for (std::thread& t : threads) t.join();
        };
        pass(lookAt);
        gather();
        pass(finish);
    }

    int status = done;
    LogInput log{&policy, settings.find.languages, secretForNames(settings.keyFile, names), {}};
    for (size_t i = 0; i < sheets.size(); ++i) {
        const Sheet& sheet = sheets[i];
        if (!sheet.trouble.isEmpty()) {
            complain(sheet.trouble);
            status = unusableInput;
            continue;
        }
        say(QStringLiteral("%1: %2 covered, %3")
                .arg(folder.absoluteFilePath(names[qsizetype(i)]))
                .arg(sheet.items.size())
                .arg(sheet.log.leaks.empty() ? QStringLiteral("checked clean")
                                             : QStringLiteral("%1 leaks").arg(sheet.log.leaks.size())));
        sayLeaks(sheet.log.leaks);
        if (!sheet.log.leaks.empty() && status == done) status = remains;
        log.entries.push_back(sheet.log);
    }
    if (!log.entries.empty()) {
        const QString path = folder.absoluteFilePath(redactionLogName());
        if (auto written = writeFileWhole(path, redactionLog(log), settings.force); !written) {
            complain(written.error().sentence);
            return unusableInput;
        }
        say(path);
    }
    return status;
}

int runCheck(const QStringList& files, const FindSettings& settings) {
    auto search = loadSearch(settings);
    if (!search) {
        complain(search.error().sentence);
        return wrongUsage;
    }
    struct Outcome {
        QString trouble;
        std::vector<Leak> leaks;
    };
    std::vector<Outcome> outcomes(size_t(files.size()));
    const Finder finder;
    onAllCores(outcomes.size(), [&](size_t i, Reader& reader) {
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
        request.policy = &search->policy;
        request.watch = &search->watch;
        request.languages = settings.languages;
        Progress progress;
        auto report = checkBytes(*bytes, files[qsizetype(i)], request, reader, finder, progress);
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
            say(QStringLiteral("%1: clean").arg(file));
            continue;
        }
        if (status == done) status = remains;
        say(QStringLiteral("%1: %2 leaks").arg(file).arg(outcomes[i].leaks.size()));
        sayLeaks(outcomes[i].leaks);
    }
    return status;
}

} // namespace eyelid
