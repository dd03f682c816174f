#include "cli/release_options.h"

#include "cli/console.h"
#include "releasing/names.h"

namespace eyelid {

void ReleaseOptions::addTo(CLI::App* command) {
    command->add_option(
        "--format", m_format,
        said(sentence(Tr::tr("Of the files: %1 (if not said: png)"), formatCodes().join(QStringLiteral(", ")))));
    command
        ->add_option("--quality", m_quality,
                     said(Tr::tr("Of JPEG and WebP, 1 to 100 (if not said: 90); 0 for a WebP without loss")))
        ->check(within(0, 100));
    command->add_option("--max-size", m_mostBytes,
                        said(Tr::tr("At most so much a picture, like 500k; format and quality give way")));
    command->add_option(
        "--names", m_names,
        said(Tr::tr("What files are called, of the parts {case}, {number}, {count}, {date}, {policy}")));
    command->add_flag("--words", m_words,
                      said(Tr::tr("In a PDF or HTML, the words that are still to be seen as text")));
    command->add_option("--per-sheet", m_perSheet, said(Tr::tr("So many pictures on a page of a PDF")))
        ->check(CLI::IsMember(std::vector<int>(std::begin(perSheetChoices), std::end(perSheetChoices))));
    command->add_flag("--summary", m_summary, said(Tr::tr("At the end of a PDF or HTML, what was hidden")));
    command->add_flag("--report", m_report, said(Tr::tr("Beside the log, a report for people")));
    auto* zip = command->add_flag("--zip", m_zip, said(Tr::tr("All of it in one archive")));
    command->add_flag("--mail", m_mail, said(Tr::tr("All of it attached to the draft of a mail, an .eml file")))
        ->excludes(zip);
    auto* force = command->add_flag("--force", m_force, said(Tr::tr("Replace files that are there already")));
    command->add_flag("--keep-both", m_keepBoth, said(Tr::tr("Number the files, where some are there already")))
        ->excludes(force);
    auto* way =
        command->add_option("--way", m_way,
                            said(Tr::tr("A way that was kept: how it is made and where it goes besides the folder "
                                        "(ways lists them)")));
    for (const char* form : {"--format", "--quality", "--max-size", "--names", "--words", "--summary", "--per-sheet",
                             "--report", "--zip", "--mail"})
        way->excludes(command->get_option(form));
}

Result<ReleaseSettings> ReleaseOptions::byWay() const {
    auto known = keptWays();
    if (!known) return known.error();
    const auto way = known->way(qt(m_way));
    if (!way)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("No way is called “%1”; eyelid-cli ways lists those there are."), qt(m_way))};
    if (way->to.clipboard || way->to.paper || way->to.screen)
        return Error{
            Error::Kind::BadInput,
            sentence(Tr::tr("“%1” goes to the clipboard, to paper or on the screen; that can the window alone."),
                     way->name)};
    // Before anything is written: what it goes to is there.
    if (auto to = destinationsFor({way->to, *known, {}, false, {}, {}, true, {}}); !to) return to.error();
    const Clash clash = m_force ? Clash::Replace : m_keepBoth ? Clash::KeepBoth : way->clash;
    return ReleaseSettings{way->form, clash, way->name, way->to, std::move(*known)};
}

Result<ReleaseSettings> ReleaseOptions::settings() const {
    if (!m_way.empty()) return byWay();
    ReleaseSettings settings;
    ReleaseForm& form = settings.form;
    if (!m_format.empty())
        if (auto set = setFormat(form, qt(m_format)); !set) return set.error();
    if (m_quality >= 0) {
        if (form.document == DocumentKind::None && !hasQuality(form.encoding.format))
            return Error{
                Error::Kind::BadInput,
                sentence(Tr::tr("--quality is of JPEG, WebP and documents; a %1 has none."), formatTitle(form))};
        if (form.document != DocumentKind::None) form.encoding.format = ReleaseFormat::Jpeg;
        if (form.encoding.format == ReleaseFormat::Jpeg && m_quality == 0)
            return Error{Error::Kind::BadInput, Tr::tr("--quality 0 is of WebP alone; a JPEG loses something always.")};
        form.encoding.quality = m_quality;
    }
    if (!m_mostBytes.empty()) {
        auto bytes = bytesFrom(qt(m_mostBytes));
        if (!bytes) return bytes.error();
        form.mostBytes = *bytes;
    }
    form.names = qt(m_names);
    if (!m_names.empty())
        if (auto right = checkNames(form.names); !right) return right.error();
    form.documentWords = m_words;
    form.documentSummary = m_summary;
    if (m_perSheet > 1 && form.document != DocumentKind::Pdf)
        return Error{Error::Kind::BadInput, Tr::tr("--per-sheet is of PDFs alone; give --format pdf as well.")};
    form.perSheet = m_perSheet;
    form.report = m_report;
    form.wrapping = m_zip ? Wrapping::Zip : m_mail ? Wrapping::Mail : Wrapping::None;
    settings.clash = m_force ? Clash::Replace : m_keepBoth ? Clash::KeepBoth : Clash::Refuse;
    return settings;
}

std::optional<SigningKey> ownSigningKey() {
    auto key = signingKeyFrom(signingKeyFile(), true);
    if (key) return std::move(*key);
    complain(sentence(Tr::tr("The log is not signed: %1"), key.error().sentence));
    return std::nullopt;
}

int handOn(const Release& release, const ReleaseSettings& settings, const QString& name, std::vector<Handed>& handed) {
    HandingOver how{settings.to, settings.known, {}, false, name, QDate::currentDate(), true, keptPassword};
    how.to.folder = false; // they stand there
    auto to = destinationsFor(how);
    if (!to) return fail(to.error());
    Progress progress;
    HandedOver over = handOver(release, *to, progress);
    for (const Handed& one : over.handed) {
        say(sentence(Tr::tr("%1: %2"), one.destination, one.delivery.place));
        if (!one.delivery.link.isEmpty()) say(one.delivery.link);
    }
    handed = std::move(over.handed);
    if (!over.trouble) return done;
    complain(over.trouble->sentence);
    return unusableInput;
}

} // namespace eyelid
