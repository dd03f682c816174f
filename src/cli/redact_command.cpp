// redact: sanitised pictures and their log, checked before they have a name.
#include "base/files.h"
#include "base/sentence.h"
#include "base/workers.h"
#include "casefile/counted.h"
#include "casefile/known_findings.h"
#include "cli/commands.h"
#include "cli/redact_input.h"
#include "cli/shared.h"
#include "picture/geometry.h"
#include "pipeline/case_work.h"
#include "pipeline/reading_crew.h"
#include "pipeline/release_set.h"
#include "releasing/digest.h"
#include "releasing/release.h"

#include <atomic>
#include <memory>
#include <optional>
#include <QFileInfo>
#include <QSet>
#include <QStandardPaths>
#include <unistd.h>

namespace eyelid {
namespace {

// How often what a check can still read is covered, and the picture checked again.
constexpr int mostRounds = 3;

// Everything that is known is covered.
Decided covered(Capture& capture, const Policy& policy, std::shared_ptr<const StandInSource> standIns = {}) {
    for (const KnownFinding& known : capture.known) capture.rulings[known.id].decision = Decision::Cover;
    return {itemsOf(capture, policy, {}), capture.hands,       policy.evenWidth, policy.marksReplaced,
            policy.labelsTellGround,      std::move(standIns), capture.framing,  capture.marks};
}

class Redaction {
public:
    Redaction(const QStringList& files, const RedactSettings& settings, Search search)
        : m_files(files), m_settings(settings), m_search(std::move(search)), m_folder(fullPath(settings.folder)) {
        Policy policy = *m_search.policy;
        if (!settings.style.isEmpty())
            for (KindRule& rule : policy.kinds) rule.style = *styleFromName(settings.style);
        if (!settings.colour.isEmpty()) policy.colour = *colourFromName(settings.colour);
        if (settings.strength >= 0) policy.strength = settings.strength;
        policy.marksReplaced = policy.marksReplaced || settings.markReplaced;
        m_search.policy = std::make_shared<const Policy>(policy);
        m_checkFor = m_search;
        if (settings.look) return;
        // Without finding, nobody said what is sensitive: the check then looks at the file, and for what is covered.
        for (KindRule& rule : policy.kinds) rule.on = false;
        policy.patterns.clear();
        policy.watch = {};
        m_checkFor.policy = std::make_shared<const Policy>(std::move(policy));
    }

    int run() {
        for (const QString& cover : m_settings.covers) {
            auto rect = parseRect(cover, "--cover");
            if (!rect) return fail(rect.error());
            m_areas.push_back(*rect);
        }
        if (auto key = readKey(); !key) return fail(key.error());
        m_signingKey = ownSigningKey();
        m_pictures = inputPicturesOf(m_files);
        nameOutputs();
        if (auto refused = refusal()) return fail(*refused);
        m_folderIsOurs = !fileExists(m_folder);
        if (auto made = makeFolder(m_folder); !made) return fail(made.error());

        ReadingCrew crew(m_pictures.size());
        crew.each([&](size_t i, Reader& reader) { lookAt(m_pictures[i], reader); });
        for (const InputPicture& input : m_pictures)
            if (input.wrong) return failLate(*input.wrong);
        gather();
        if (m_settings.keepNames) dropNamesNotKept();
        refuseTellingTemplate();
        // What the check of one picture still finds may be readable on another that passed before.
        for (int pass = 1; pass == 1 || (pass <= mostRounds && newValues()); ++pass) {
            m_output = std::make_unique<FileSet>();
            crew.each([&](size_t i, Reader& reader) { finish(m_pictures[i], reader); });
            m_writing.finish();
        }
        return release();
    }

private:
    const QString& fileOf(const InputPicture& input) const { return m_files[input.input]; }

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
        complain(sentence(Tr::tr("The key for digests cannot be kept, so this log's digests are of this run alone: %1"),
                          key.error().sentence));
        m_key = newSecret();
        return Done{};
    }

    void nameOutputs() {
        QSet<QString> taken;
        for (size_t i = 0; i < m_pictures.size(); ++i) {
            InputPicture& input = m_pictures[i];
            input.name = neutralName(i);
            if (m_settings.keepNames) {
                QString stem = QFileInfo(fileOf(input)).completeBaseName();
                if (stem.isEmpty()) stem = neutralStem;
                input.name = input.pages > 1 ? sentence(QStringLiteral("%1-%2"), stem, input.page + 1) : stem;
                for (int n = 2; taken.contains(input.name); ++n) input.name = sentence(Tr::tr("%1-%2"), stem, n);
            }
            taken << input.name << smallName(input.name);
        }
        if (m_settings.release.clash == Clash::KeepBoth)
            m_number =
                numberApart(outputs(), [this](const QString& name) { return fileExists(joinedPath(m_folder, name)); });
    }

    QString neutralName(size_t index) const {
        const QString& names = m_settings.release.form.names;
        return nameFrom(names.isEmpty() ? neutralNames : names, partsOf(index));
    }
    NameParts partsOf(size_t index) const {
        return {{}, m_search.policy->name, QDate::currentDate(), qsizetype(index) + 1, qsizetype(m_pictures.size())};
    }

    // Every name a file of this release can come to have: which ending a picture gets is known when it has been made.
    QStringList outputs() const {
        std::vector<CheckedPicture> pictures;
        QSet<QString> endings{endingOf(pictureEncoding(form()).format)};
        if (form().mostBytes > 0) endings << endingOf(ReleaseFormat::Jpeg) << endingOf(ReleaseFormat::WebP);
        for (const InputPicture& input : m_pictures)
            for (const QString& ending : endings) {
                if (!input.trouble.isEmpty()) continue;
                pictures.emplace_back().artifact.fileName = input.name + u'.' + ending;
                if (m_settings.small) pictures.emplace_back().artifact.fileName = smallName(input.name) + u'.' + ending;
            }
        return fileNamesOf(pictures, assembling({}));
    }

    const ReleaseForm& form() const { return m_settings.release.form; }
    // Pictures that stand alone are put on the disk one by one, so that memory does not grow with their number.
    bool standAlone() const { return form().document == DocumentKind::None && form().wrapping == Wrapping::None; }

    Assembling assembling(const QByteArray& secret) const {
        Assembling assembling;
        assembling.secret = secret;
        assembling.coveredValues = m_values;
        assembling.form = form();
        const QString& names = form().names;
        assembling.wholeName = documentNameFrom(names.isEmpty() ? neutralNames : names, partsOf(0));
        assembling.key = m_signingKey;
        assembling.number = m_number;
        return assembling;
    }

    // What stops the call before anything is done.
    std::optional<Error> refusal() const {
        QStringList outputs;
        for (const QString& name : this->outputs()) outputs << joinedPath(m_folder, name);
        if (const QString path = overwritten(outputs, m_files); !path.isEmpty())
            return Error{
                Error::Kind::Exists,
                sentence(
                    Tr::tr(
                        "%1 is there already and is one of the pictures to be read; choose another folder for --out."),
                    path)};
        for (const QString& path : outputs)
            if (m_settings.release.clash != Clash::Replace && fileExists(path))
                return Error{
                    Error::Kind::Exists,
                    sentence(Tr::tr("%1 is there already; choose another folder, or give --force to replace it."),
                             path)};
        return std::nullopt;
    }

    void lookAt(InputPicture& input, Reader& reader) {
        if (!input.trouble.isEmpty()) return;
        auto picture = openedAgain(input, fileOf(input));
        if (!picture) {
            input.trouble = picture.error().sentence;
            return;
        }
        Capture& capture = input.capture;
        capture.size = picture->size();
        capture.framing = m_settings.framing;
        capture.marks = m_settings.marks;
        const QRect crop = m_settings.framing.crop;
        if (!crop.isNull() && !crop.intersects(QRect(QPoint(0, 0), capture.size))) {
            input.wrong = Error{Error::Kind::BadInput,
                                sentence(Tr::tr("--crop %1,%2,%3,%4 lies outside %5, which is %6 x %7 pixels."),
                                         crop.x(), crop.y(), crop.width(), crop.height(), fileOf(input),
                                         capture.size.width(), capture.size.height())};
            return;
        }
        if (auto wrong = placeCovers(m_areas, m_search.policy->look(Kind::Watch), fileOf(input), capture)) {
            input.wrong = wrong;
            return;
        }
        if (!m_settings.look && m_areas.empty()) return;
        Progress progress;
        auto page = m_work.read(*picture, m_search, reader, progress);
        if (!page) {
            input.trouble = page.error().sentence;
            return;
        }
        capture.page = std::make_shared<const Page>(std::move(*page));
        const std::vector<Finding> found = m_work.find(*capture.page, m_search);
        int nextId = 1;
        if (m_settings.look)
            knowAll(capture, found, nextId);
        else
            input.hidden = underHands(capture, found);
    }

    // It is covered already, and must not be read anywhere else; it draws no cover of its own.
    std::vector<Finding> underHands(const Capture& capture, std::vector<Finding> found) const {
        const auto hands = rectsOf(handRegion({{}, capture.hands, m_search.policy->evenWidth}, capture.size));
        std::erase_if(found, [&](const Finding& f) {
            return std::any_of(f.boxes.begin(), f.boxes.end(),
                               [&](const QRectF& box) { return shareUnder(box, hands) <= 0.5; });
        });
        return found;
    }

    // What is covered on one picture is looked for on all of them.
    void gather() {
        std::vector<Capture*> read;
        for (InputPicture& input : m_pictures)
            if (input.capture.page) read.push_back(&input.capture);
        for (Capture* capture : read) covered(*capture, *m_search.policy);
        if (m_settings.look) m_work.carryThrough(read, m_search);
        for (InputPicture& input : m_pictures) {
            Capture& capture = input.capture;
            const Decided decided = covered(capture, *m_search.policy);
            for (Finding& value : valuesCovered(capture.page.get(), decided.items, handRegion(decided, capture.size)))
                m_values.push_back(std::move(value));
            m_values.insert(m_values.end(), input.hidden.begin(), input.hidden.end());
            capture.page = nullptr; // memory does not grow with the number of pictures
        }
        makeStandIns();
    }

    // Whose each value is must be known before a picture is made.
    void makeStandIns() {
        CaseState state;
        for (const InputPicture& input : m_pictures) state.captures.push_back(input.capture);
        numberIdentities(state);
        for (size_t i = 0; i < m_pictures.size(); ++i) m_pictures[i].capture.known = state.captures[qsizetype(i)].known;
        m_standIns = std::make_shared<const StandInSource>(
            standInsOf(state, secretForRelease(m_key, {QStringLiteral("stand-ins")})));
        m_identities = state.identities;
    }

    // Adds what the checks have found and covered since; true where there was something.
    bool newValues() {
        QSet<QString> names = namesOfValues(m_values);
        const size_t before = m_values.size();
        for (const InputPicture& input : m_pictures)
            for (const KnownFinding& known : input.capture.known)
                if (const QString name = nameOfValue(known.finding);
                    !known.finding.text.isEmpty() && !names.contains(name)) {
                    names.insert(name);
                    m_values.push_back(known.finding);
                }
        return m_values.size() > before && m_pictures.size() > 1 && !m_late;
    }

    // A name that holds what is covered is not kept.
    // Neither is one that logs and archives cannot hold: bytes that are no text, line breaks.
    void dropNamesNotKept() {
        for (size_t i = 0; i < m_pictures.size(); ++i) {
            InputPicture& input = m_pictures[i];
            if (!input.trouble.isEmpty()) continue;
            const bool tells = !m_work.checkText(input.name, Tr::tr("The file's name"), m_values, {}, m_search).empty();
            if (!tells && checkNames(QString(input.name).remove(u'{').remove(u'}').prepend(u'_'))) continue;
            const QString neutral = input.name = neutralName(i);
            const auto taken = [&](const InputPicture& other) { return &other != &input && other.name == input.name; };
            for (int n = 2; std::ranges::any_of(m_pictures, taken); ++n)
                input.name = sentence(QStringLiteral("%1-%2"), neutral, n);
            complain(sentence(
                tells ? Tr::tr("The name of %1 holds a value that is covered and is not kept; the picture is %2.")
                      : Tr::tr("The name of %1 is none for everywhere and is not kept; the picture is %2."),
                fileOf(input), input.name));
        }
        if (auto refused = refusal()) giveUp(*refused);
    }

    // What is written into a template stands in every name.
    void refuseTellingTemplate() {
        const QString& names = form().names;
        if (names.isEmpty() || m_work.checkText(names, Tr::tr("The name"), m_values, {}, m_search).empty()) return;
        giveUp({Error::Kind::BadInput,
                Tr::tr("The names asked for hold something sensitive; give --names others, of its parts alone.")});
    }

    // Nothing will be written any more: only where no other writes to it.
    void giveUp(const Error& error) {
        if (!m_late) m_late = error;
        m_isLate = true;
    }

    void finish(InputPicture& input, Reader& reader) {
        if (!input.trouble.isEmpty() || m_isLate) return;
        auto picture = openedAgain(input, fileOf(input));
        if (!picture) {
            input.trouble = picture.error().sentence;
            return;
        }
        // What the check can still read is covered too and the picture made again; a second reading, of other
        // surroundings, finds what the first one missed.
        for (int round = 1;; ++round) {
            const Making making{0,        input.name, &*picture, covered(input.capture, *m_search.policy, m_standIns),
                                m_values, {},         form()};
            Progress progress;
            auto checked = m_work.make(making, m_checkFor, reader, progress);
            if (!checked) {
                input.trouble = checked.error().sentence;
                return;
            }
            if (m_settings.look && round < mostRounds && coverLeaks(input.capture, checked->leaks)) continue;
            input.checked = std::move(*checked);
            stage(input.checked.artifact);
            if (m_settings.small && form().document == DocumentKind::None) makeSmall(input, *picture, reader);
            return;
        }
    }

    void stage(Artifact& artifact) {
        if (!standAlone()) return;
        const QString name = numbered(artifact.fileName, m_number);
        m_writing.start([this, path = joinedPath(m_folder, name), bytes = std::exchange(artifact.bytes, {})] {
            if (auto staged = m_output->stage(path, bytes); !staged) giveUp(staged.error());
        });
    }

    // The same, smaller; checked as the bytes it is.
    void makeSmall(InputPicture& input, const QImage& picture, Reader& reader) {
        Decided decided = covered(input.capture, *m_search.policy, m_standIns);
        decided.framing = smallVersion(decided.framing, picture.size(), m_settings.small);
        Progress progress;
        auto checked = m_work.make({0, smallName(input.name), &picture, decided, m_values, {}, form()}, m_checkFor,
                                   reader, progress);
        if (!checked) {
            input.trouble = checked.error().sentence;
            return;
        }
        input.small = std::move(*checked);
        stage(input.small.artifact);
    }

    // True when there was something to cover.
    static bool coverLeaks(Capture& capture, const std::vector<Leak>& leaks) {
        bool any = false;
        int nextId = nextIdOf(capture);
        for (const Leak& leak : leaks) {
            if (leak.finding.boxes.empty()) continue;
            Finding f = leak.finding;
            f.reason = Tr::tr("was found when the written picture was read again");
            capture.known.push_back({nextId++, f, 0, true});
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
        CaseState state;
        state.terms.policy = m_search.policy;
        state.terms.languages = m_search.languages;
        state.identities = m_identities;
        for (const InputPicture& input : m_pictures)
            if (input.trouble.isEmpty()) state.captures.push_back(input.capture);
        numberIdentities(state);
        std::vector<CheckedPicture> pictures, smalls;
        QStringList sums;
        for (const InputPicture& input : m_pictures) {
            if (!input.trouble.isEmpty()) continue;
            sums << input.name + u'\t' + input.checked.sha256;
            pictures.push_back(input.checked);
            smalls.push_back(input.small);
            pictures.back().decided = covered(state.captures[qsizetype(sums.size()) - 1], *m_search.policy);
        }
        for (qsizetype i = 0; i < state.captures.size() && m_settings.small && form().document == DocumentKind::None;
             ++i) {
            CheckedPicture small = *std::next(smalls.begin(), i);
            small.decided = covered(state.captures[i], *m_search.policy);
            small.decided.framing = smallVersion(small.decided.framing, state.captures[i].size, m_settings.small);
            pictures.push_back(std::move(small));
        }
        if (pictures.empty()) {
            dropFolder();
            return tell(true);
        }
        Assembling from = assembling(secretForRelease(m_key, sums));
        from.state = &state;
        auto files = assembled(std::move(pictures), from, m_work);
        if (!files) return failLate(files.error());
        for (const Artifact& file : *files)
            if (auto staged = m_output->stage(joinedPath(m_folder, file.fileName), file.bytes); !staged)
                return failLate(staged.error());
        if (auto written = m_output->commit(m_settings.release.clash == Clash::Replace); !written)
            return failLate(written.error());
        for (const Artifact& file : *files) m_written << joinedPath(m_folder, file.fileName);
        const int status = tell(false);
        return status == done ? handOnFrom(*files) : status;
    }

    // Pictures are on the disk alone: read again for whoever is to have their bytes, which must be those that were
    // checked.
    int handOnFrom(const std::vector<Artifact>& beside) const {
        if (m_settings.release.way.isEmpty()) return done;
        Release release;
        for (const InputPicture& input : m_pictures)
            for (const CheckedPicture* picture : {&input.checked, &input.small}) {
                if (!standAlone() || picture->artifact.fileName.isEmpty()) continue;
                const QString path = writtenPath(picture->artifact);
                auto bytes = readFile(path);
                if (!bytes) return fail(bytes.error());
                if (sha256(*bytes) != picture->sha256)
                    return fail(
                        {Error::Kind::NotReadable,
                         sentence(Tr::tr("%1 was changed after it was checked; it was handed to nobody."), path)});
                release.paths << path;
                release.files.push_back({QFileInfo(path).fileName(), std::move(*bytes)});
            }
        for (const Artifact& file : beside) {
            release.paths << joinedPath(m_folder, file.fileName);
            release.files.push_back(file);
        }
        std::vector<Handed> handed;
        return handOn(release, m_settings.release, assembling({}).wholeName, handed);
    }

    int tell(bool nothing) const {
        int status = done;
        for (const InputPicture& input : m_pictures) {
            if (!input.trouble.isEmpty()) {
                complain(input.trouble);
                status = unusableInput;
                continue;
            }
            const std::vector<Leak>& leaks = input.checked.leaks;
            const QString result =
                leaks.empty() ? Tr::tr("checked clean") : Tr::tr("%n leak(s)", nullptr, int(leaks.size()));
            const QString from = input.pages > 1
                                     ? sentence(Tr::tr("%1, page %2 of %3"), fileOf(input), input.page + 1, input.pages)
                                     : fileOf(input);
            const size_t count = input.capture.hands.size() + input.capture.known.size();
            say(sentence(Tr::tr("%1: %2, %3 (of %4)"), writtenPath(input.checked.artifact), saidCovered(int(count)),
                         result, from));
            if (form().mostBytes > 0 && !(input.checked.encoding == pictureEncoding(form())))
                say(sentence(Tr::tr("  to keep to the size: %1, quality %2"), titleOf(input.checked.encoding.format),
                             input.checked.encoding.quality));
            sayLeaks(leaks);
            if (!input.small.artifact.fileName.isEmpty()) {
                say(writtenPath(input.small.artifact));
                sayLeaks(input.small.leaks);
            }
            if ((!leaks.empty() || !input.small.leaks.empty()) && status == done) status = remains;
        }
        if (!nothing)
            for (const QString& path : m_written) say(path);
        return status;
    }

    // Where a picture of its own is; one in a document or an archive is named as it would be.
    QString writtenPath(const Artifact& artifact) const {
        const QString name = standAlone() ? numbered(artifact.fileName, m_number) : artifact.fileName;
        return standAlone() ? joinedPath(m_folder, name) : name;
    }

    const QStringList& m_files;
    const RedactSettings& m_settings;
    Search m_search;
    Search m_checkFor; ///< what the check looks for besides what is covered
    const QString m_folder;
    bool m_folderIsOurs = false;
    const CaseWork m_work;
    QByteArray m_key;
    std::optional<SigningKey> m_signingKey;
    int m_number = 0;                                ///< behind every name; 0: none
    QStringList m_written;                           ///< beside the pictures, or in their place
    std::shared_ptr<const StandInSource> m_standIns; ///< made once all is found
    Identities m_identities;                         ///< likewise
    std::vector<QRect> m_areas;
    std::vector<InputPicture> m_pictures;
    std::vector<Finding> m_values; ///< all that is covered, on any picture
    std::unique_ptr<FileSet> m_output;
    std::optional<Error> m_late; ///< why nothing can be written; while pictures are finished, of m_writing alone
    std::atomic<bool> m_isLate = false;
    Lane m_writing; ///< the last, so that it ends before the rest goes
};

} // namespace

int runRedact(const QStringList& files, const RedactSettings& settings) {
    auto search = loadSearch(settings.find);
    if (!search) return fail(search.error());
    return Redaction(files, settings, std::move(*search)).run();
}

} // namespace eyelid
