// redact: sanitised pictures and their log, checked before they have a name.
#include "base/files.h"
#include "base/sentence.h"
#include "casefile/identities.h"
#include "checking/check.h"
#include "cli/commands.h"
#include "cli/search.h"
#include "finding/finder.h"
#include "picture/container.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"
#include "releasing/release.h"

#include <mutex>
#include <optional>
#include <QFileInfo>
#include <QSet>
#include <QStandardPaths>
#include <unistd.h>

namespace eyelid {
namespace {

// What the first reading was this sure of is looked for on all pictures.
constexpr double sureEnoughToCarry = 0.6;
// How often what a check can still read is covered, and the picture checked again.
constexpr int mostRounds = 3;

// One picture of an input: a file's only one, or one of its pages.
struct Sheet {
    qsizetype input = 0;
    int page = 0, pages = 1;
    QString digest; ///< of the input's bytes, as they were when they were first read
    QString name;   ///< of the file to be written
    QString trouble;
    QSize size;
    Page read;
    std::vector<Finding> findings, values; ///< found; and hidden by covers named on the command line
    std::vector<Item> items;
    LogEntry log;
};

class Redaction {
public:
    Redaction(const QStringList& files, const RedactSettings& settings, Search search)
        : m_files(files), m_settings(settings), m_search(std::move(search)), m_folder(fullPath(settings.folder)) {
        if (!settings.style.isEmpty())
            for (KindRule& rule : m_search.policy.kinds) rule.style = *styleFromName(settings.style);
        if (settings.strength >= 0) m_search.policy.strength = settings.strength;
        // Without finding, nobody said what is sensitive: the check then looks at the file, and for what is covered.
        m_nothing = m_search.policy;
        for (KindRule& rule : m_nothing.kinds) rule.on = false;
        m_nothing.patterns.clear();
        m_nothing.watchWords.clear();
        m_nothing.watchPatterns.clear();
    }

    int run() {
        for (const QString& cover : m_settings.covers) {
            auto rect = parseRect(cover, "--cover");
            if (!rect) return fail(rect.error());
            m_areas.push_back(*rect);
        }
        if (auto key = readKey(); !key) return fail(key.error());
        openInputs();
        nameOutputs();
        if (auto refused = refusal()) return fail(*refused);
        m_folderIsOurs = !fileExists(m_folder);
        if (auto made = makeFolder(m_folder); !made) return fail(made.error());

        ReadingCrew crew(m_sheets.size());
        crew.each([&](size_t i, Reader& reader) { lookAt(m_sheets[i], reader); });
        if (m_wrong) return failLate(*m_wrong);
        gather();
        if (m_settings.keepNames) dropTellingNames();
        crew.each([&](size_t i, Reader& reader) { finish(m_sheets[i], reader); });
        return release();
    }

private:
    const QString& fileOf(const Sheet& sheet) const { return m_files[sheet.input]; }

    Result<Done> readKey() {
        const bool own = m_settings.keyFile.isEmpty();
        const QString path = own ? QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
                                       QStringLiteral("/eyelid/digest-key")
                                 : m_settings.keyFile;
        auto key = userKey(path);
        if (key) {
            m_key = *key;
            return Done{};
        }
        // Where nothing can be kept, the digests stand for this run alone.
        if (!own || key.error().kind != Error::Kind::NotWritable) return key.error();
        complain(sentence(u"The key for digests cannot be kept, so this log's digests are of this run alone: %1",
                          key.error().sentence));
        m_key = newSecret();
        return Done{};
    }

    void openInputs() {
        for (qsizetype i = 0; i < m_files.size(); ++i) {
            Sheet sheet;
            sheet.input = i;
            auto bytes = readFile(m_files[i]);
            auto frames = bytes ? PictureFrames::open(*bytes, m_files[i]) : Result<PictureFrames>(bytes.error());
            if (!frames) {
                sheet.trouble = frames.error().sentence;
                m_sheets.push_back(std::move(sheet));
                continue;
            }
            // Frames of a PNG are no part of the format that is read.
            const QStringList besides = inspectContainer(*bytes).besides;
            if (std::any_of(besides.begin(), besides.end(),
                            [](const QString& what) { return what.startsWith(QLatin1String("further frames")); }))
                complain(sentence(u"%1 holds further frames; only the first is taken.", m_files[i]));
            sheet.digest = sha256(*bytes);
            sheet.pages = frames->count();
            for (sheet.page = 0; sheet.page < sheet.pages; ++sheet.page) m_sheets.push_back(sheet);
        }
    }

    void nameOutputs() {
        QSet<QString> taken{redactionLogName()};
        for (size_t i = 0; i < m_sheets.size(); ++i) {
            Sheet& sheet = m_sheets[i];
            sheet.name = releaseName(neutralStem, qsizetype(i) + 1, qsizetype(m_sheets.size()));
            if (m_settings.keepNames) {
                QString stem = QFileInfo(fileOf(sheet)).completeBaseName();
                if (stem.isEmpty()) stem = neutralStem;
                QString name = sheet.pages > 1 ? sentence(u"%1-%2", stem, sheet.page + 1) : stem;
                for (int n = 2; taken.contains(name + QStringLiteral(".png")); ++n) name = sentence(u"%1-%2", stem, n);
                sheet.name = name + QStringLiteral(".png");
            }
            taken.insert(sheet.name);
        }
    }

    // What stops the call before anything is done.
    std::optional<Error> refusal() const {
        QStringList outputs{joinedPath(m_folder, redactionLogName())};
        for (const Sheet& sheet : m_sheets)
            if (sheet.trouble.isEmpty()) outputs << joinedPath(m_folder, sheet.name);
        if (const QString path = overwritten(outputs, m_files); !path.isEmpty())
            return Error{
                Error::Kind::Exists,
                sentence(u"%1 is there already and is one of the pictures to be read; choose another folder for --out.",
                         path)};
        for (const QString& path : outputs)
            if (!m_settings.force && fileExists(path))
                return Error{
                    Error::Kind::Exists,
                    sentence(u"%1 is there already; choose another folder, or give --force to replace it.", path)};
        return std::nullopt;
    }

    // Files are opened again for each pass, so that memory does not grow with their number; one that is no longer what
    // it was is told of, and not worked on.
    Result<QImage> open(const Sheet& sheet) const {
        const QString& file = fileOf(sheet);
        auto bytes = readFile(file);
        if (!bytes) return bytes.error();
        if (sha256(*bytes) != sheet.digest)
            return Error{Error::Kind::NotReadable,
                         sentence(u"%1 was changed while it was being worked on; start again.", file)};
        auto frames = PictureFrames::open(*bytes, file);
        if (!frames) return frames.error();
        for (int skipped = 0; skipped < sheet.page; ++skipped)
            if (auto other = frames->next(); !other) return other;
        return frames->next();
    }

    void lookAt(Sheet& sheet, Reader& reader) {
        if (!sheet.trouble.isEmpty()) return;
        auto picture = open(sheet);
        if (!picture) {
            sheet.trouble = picture.error().sentence;
            return;
        }
        sheet.size = picture->size();
        if (auto wrong = placeCovers(sheet)) {
            const std::lock_guard lock(m_guard);
            if (!m_wrong) m_wrong = wrong;
            return;
        }
        if (!m_settings.look && m_areas.empty()) return;
        Progress progress;
        auto page = reader.read(*picture, {.languages = m_search.languages}, progress);
        if (!page) {
            sheet.trouble = page.error().sentence;
            return;
        }
        sheet.read = std::move(*page);
        const auto found = m_finder.find(sheet.read, m_search.policy, m_search.watch);
        takeValues(sheet, found);
        if (m_settings.look) sheet.findings = found;
    }

    // The covers named on the command line, cut to this picture. An error where one lies beside it.
    std::optional<Error> placeCovers(Sheet& sheet) const {
        for (const QRect& area : m_areas) {
            const QRect inside = area.intersected(QRect(QPoint(0, 0), sheet.size));
            const QString asked = sentence(u"--cover %1,%2,%3,%4", area.x(), area.y(), area.width(), area.height());
            if (inside.isEmpty())
                return Error{Error::Kind::BadInput, sentence(u"%1 lies outside %2, which is %3 x %4 pixels.", asked,
                                                             fileOf(sheet), sheet.size.width(), sheet.size.height())};
            if (inside != area)
                complain(sentence(u"%1 reaches over the edge of %2; covered is %3,%4,%5,%6.", asked, fileOf(sheet),
                                  inside.x(), inside.y(), inside.width(), inside.height()));
            Finding f;
            f.boxes = {QRectF(inside)};
            f.confidence = 1;
            f.reason = QStringLiteral("was named on the command line");
            sheet.items.push_back(itemOf(f));
        }
        return std::nullopt;
    }

    // What the named covers hide is covered: it must not be read anywhere else.
    void takeValues(Sheet& sheet, const std::vector<Finding>& found) const {
        const auto hands = handCovers(sheet.items, sheet.size, m_search.policy.evenWidth);
        if (hands.empty()) return;
        sheet.values = valuesUnder(sheet.read, hands);
        for (const Finding& f : found)
            if (std::all_of(f.boxes.begin(), f.boxes.end(),
                            [&](const QRectF& box) { return shareUnder(box, hands) > 0.5; }))
                sheet.values.push_back(f);
    }

    Item itemOf(const Finding& finding) const {
        Item item;
        item.finding = finding;
        item.decision = Decision::Cover;
        item.style = m_search.policy.rule(finding.kind == Kind::Area ? Kind::Watch : finding.kind).style;
        item.strength = m_search.policy.strength;
        return item;
    }

    // What was found on one picture is looked for on all of them.
    void gather() {
        std::vector<Finding> known;
        for (const Sheet& sheet : m_sheets)
            for (const Finding& f : sheet.findings)
                if (f.confidence >= sureEnoughToCarry) known.push_back(f);
        for (Sheet& sheet : m_sheets) {
            for (Finding& f : m_finder.carry(sheet.read, sheet.findings, known, m_search.policy))
                sheet.findings.push_back(std::move(f));
            for (const Finding& f : sheet.findings) sheet.items.push_back(itemOf(f));
            m_values.insert(m_values.end(), sheet.values.begin(), sheet.values.end());
            m_values.insert(m_values.end(), sheet.findings.begin(), sheet.findings.end());
            sheet.read = {};
        }
    }

    CheckRequest request() const {
        CheckRequest request;
        request.policy = m_settings.look ? &m_search.policy : &m_nothing;
        request.watch = &m_search.watch;
        request.languages = m_search.languages;
        request.coveredValues = m_values;
        return request;
    }

    // A name that holds what is covered is not kept.
    void dropTellingNames() {
        CheckRequest asked = request();
        asked.policy = &m_search.policy;
        for (size_t i = 0; i < m_sheets.size(); ++i) {
            Sheet& sheet = m_sheets[i];
            if (!sheet.trouble.isEmpty()) continue;
            const QString stem = QFileInfo(sheet.name).completeBaseName();
            if (checkText(stem, QStringLiteral("The file's name"), asked, m_finder).empty()) continue;
            sheet.name = releaseName(neutralStem, qsizetype(i) + 1, qsizetype(m_sheets.size()));
            complain(sentence(u"The name of %1 holds a value that is covered and is not kept; the picture is %2.",
                              fileOf(sheet), sheet.name));
        }
        if (auto refused = refusal()) m_late = refused;
    }

    void finish(Sheet& sheet, Reader& reader) {
        if (!sheet.trouble.isEmpty() || m_late) return;
        auto picture = open(sheet);
        if (!picture) {
            sheet.trouble = picture.error().sentence;
            return;
        }
        // What the check can still read is covered too and the picture made again; a second reading, of other
        // surroundings, finds what the first one missed.
        for (int round = 1;; ++round) {
            CheckRequest asked = request();
            asked.capture = &*picture;
            asked.covers = coversOf(sheet.items, picture->size(), m_search.policy.evenWidth);
            asked.items = sheet.items;
            auto png = sanitisedPng(*picture, asked.covers);
            if (!png) {
                sheet.trouble = png.error().sentence;
                return;
            }
            Progress progress;
            auto report = checkBytes(*png, asked, reader, m_finder, progress);
            if (!report) {
                sheet.trouble = report.error().sentence;
                return;
            }
            if (m_settings.look && round < mostRounds && coverLeaks(sheet, report->leaks)) continue;
            sheet.log = {sheet.name, picture->size(), sha256(*png), {}, report->leaks, {}};
            const std::lock_guard lock(m_guard);
            if (auto staged = m_output.stage(joinedPath(m_folder, sheet.name), *png); !staged && !m_late)
                m_late = staged.error();
            return;
        }
    }

    // True when there was something to cover.
    bool coverLeaks(Sheet& sheet, const std::vector<Leak>& leaks) const {
        bool any = false;
        for (const Leak& leak : leaks) {
            if (leak.finding.boxes.empty()) continue;
            Finding f = leak.finding;
            f.reason = QStringLiteral("was found when the written picture was read again");
            sheet.items.push_back(itemOf(f));
            any = true;
        }
        return any;
    }

    int failLate(const Error& error) {
        dropFolder();
        return fail(error);
    }

    // Made for nothing.
    void dropFolder() const {
        if (m_folderIsOurs) ::rmdir(bytesOfPath(m_folder).constData());
    }

    int release() {
        if (m_late) return failLate(*m_late);
        // Numbers of values in the order of the pictures, whichever was done first.
        Identities identities;
        QStringList sums;
        for (Sheet& sheet : m_sheets) {
            for (Item& item : sheet.items) item.identity = identities.numberOf(item.finding);
            if (sheet.trouble.isEmpty()) sums << sheet.name + u'\t' + sheet.log.sha256;
        }
        LogInput log{&m_search.policy, m_search.languages, secretForRelease(m_key, sums), {}};
        for (Sheet& sheet : m_sheets)
            if (sheet.trouble.isEmpty()) {
                sheet.log.items = sheet.items;
                log.entries.push_back(sheet.log);
            }
        if (!log.entries.empty()) {
            const QString path = joinedPath(m_folder, redactionLogName());
            if (auto staged = m_output.stage(path, redactionLog(log)); !staged) return failLate(staged.error());
            if (auto written = m_output.commit(m_settings.force); !written) return failLate(written.error());
        } else {
            dropFolder();
        }
        return tell(log.entries.empty());
    }

    int tell(bool nothing) const {
        int status = done;
        for (const Sheet& sheet : m_sheets) {
            if (!sheet.trouble.isEmpty()) {
                complain(sheet.trouble);
                status = unusableInput;
                continue;
            }
            const QString result = sheet.log.leaks.empty() ? QStringLiteral("checked clean")
                                                           : sentence(u"%1 leaks", sheet.log.leaks.size());
            const QString page =
                sheet.pages > 1 ? sentence(u", page %1 of %2", sheet.page + 1, sheet.pages) : QString();
            say(sentence(u"%1: %2 covered, %3 (of %4%5)", joinedPath(m_folder, sheet.name), sheet.items.size(), result,
                         fileOf(sheet), page));
            sayLeaks(sheet.log.leaks);
            if (!sheet.log.leaks.empty() && status == done) status = remains;
        }
        if (!nothing) say(joinedPath(m_folder, redactionLogName()));
        return status;
    }

    const QStringList& m_files;
    const RedactSettings& m_settings;
    Search m_search;
    Policy m_nothing;
    const QString m_folder;
    bool m_folderIsOurs = false;
    const Finder m_finder;
    QByteArray m_key;
    std::vector<QRect> m_areas;
    std::vector<Sheet> m_sheets;
    std::vector<Finding> m_values; ///< all that is covered, on any picture
    std::mutex m_guard;            ///< of these
    std::optional<Error> m_wrong, m_late;
    FileSet m_output;
};

} // namespace

int runRedact(const QStringList& files, const RedactSettings& settings) {
    auto search = loadSearch(settings.find);
    if (!search) return fail(search.error());
    return Redaction(files, settings, std::move(*search)).run();
}

} // namespace eyelid
