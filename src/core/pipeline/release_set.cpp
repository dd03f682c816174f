#include "pipeline/release_set.h"

#include "base/sentence.h"
#include "checking/pdf_contents.h"
#include "releasing/archive.h"
#include "releasing/checksums.h"
#include "releasing/digest.h"
#include "releasing/document.h"
#include "releasing/mail_draft.h"
#include "releasing/report.h"

#include <algorithm>

namespace eyelid {
namespace {

QString endingOf(DocumentKind kind) {
    return kind == DocumentKind::Pdf ? QStringLiteral(".pdf") : QStringLiteral(".html");
}

QString endingOf(Wrapping wrapping) {
    return wrapping == Wrapping::Zip ? QStringLiteral(".zip") : QStringLiteral(".eml");
}

class Assembly {
public:
    Assembly(std::vector<CheckedPicture> pictures, const Assembling& assembling, const CaseWork& work)
        : m_pictures(std::move(pictures)), m_from(assembling), m_work(work) {}

    Result<std::vector<Artifact>> run() {
        for (const CheckedPicture& picture : m_pictures) m_bytes.push_back(picture.artifact.bytes);
        nameFiles();
        if (m_from.form.document != DocumentKind::None) {
            if (auto made = makeDocument(); !made) return made.error();
        } else {
            for (size_t i = 0; i < m_pictures.size(); ++i)
                add({m_pictures[i].artifact.fileName, m_bytes[i]}, m_pictures[i].sha256);
        }
        addCompanions();
        std::erase_if(m_files, [](const Artifact& file) { return file.bytes.isEmpty(); });
        if (m_from.form.wrapping == Wrapping::None) return std::move(m_files);
        auto whole = m_from.form.wrapping == Wrapping::Zip ? zipOf(m_files) : mailOf(draft());
        if (!whole) return whole.error();
        return std::vector<Artifact>{{named(m_from.wholeName + endingOf(m_from.form.wrapping)), std::move(*whole)}};
    }

private:
    // In an archive nothing is there already.
    QString inner(const QString& name) const { return m_from.form.wrapping == Wrapping::None ? named(name) : name; }
    MailDraft draft() const {
        return {m_from.wholeName,
                Tr::tr("The pictures attached were sanitised and checked; redaction-log.json says what was hidden and "
                       "why, SHA256SUMS that nothing was altered since."),
                m_files};
    }
    QString named(const QString& name) const { return numbered(name, m_from.number); }

    void add(Artifact file, const QString& sum) {
        m_sums.push_back({file.fileName, sum});
        m_files.push_back(std::move(file));
    }
    void add(Artifact file) {
        const QString sum = sha256(file.bytes);
        add(std::move(file), sum);
    }

    void nameFiles() {
        const bool document = m_from.form.document != DocumentKind::None;
        m_documentName = inner(m_from.wholeName + endingOf(m_from.form.document));
        const int perSheet = m_from.form.document == DocumentKind::Pdf ? m_from.form.perSheet : 1;
        int index = 0;
        for (CheckedPicture& picture : m_pictures) {
            if (document) picture.page = index++ / perSheet + 1;
            picture.artifact.fileName = document ? m_documentName : inner(picture.artifact.fileName);
        }
        m_log = logOf(m_pictures, *m_from.state, m_from.secret);
    }

    // The log speaks of the document's checksum, its last page of the log: the summary is of the log without it.
    Result<Done> makeDocument() {
        Document document;
        document.title = m_from.wholeName;
        document.perSheet = m_from.form.perSheet;
        for (size_t i = 0; i < m_pictures.size(); ++i) document.pages.push_back(pageOf(i));
        if (m_from.form.documentSummary) document.summary = summaryOf(m_log);
        auto bytes = documentAs(m_from.form.document, document);
        if (!bytes) return bytes.error();
        if (auto clean = searchDocument(document, *bytes); !clean) return clean.error();
        const QString sum = sha256(*bytes);
        for (CheckedPicture& picture : m_pictures) picture.sha256 = sum;
        m_log = logOf(m_pictures, *m_from.state, m_from.secret);
        add({m_documentName, std::move(*bytes)}, sum);
        return Done{};
    }

    DocumentPage pageOf(size_t index) const {
        const CheckedPicture& picture = m_pictures[index];
        DocumentPage page{m_bytes[index], picture.encoding.format, picture.size, {}, {}};
        if (m_from.form.documentWords) page.words = picture.words;
        const auto covered = std::count_if(picture.decided.items.begin(), picture.decided.items.end(),
                                           [](const Item& item) { return item.decision == Decision::Cover; });
        page.alternative =
            sentence(Tr::tr("Picture %1 of %2, %3 by %4 pixels: %5"), index + 1, m_pictures.size(),
                     picture.size.width(), picture.size.height(),
                     covered + qsizetype(picture.decided.hands.size()) > 0 ? Tr::tr("a screen with places covered")
                                                                           : Tr::tr("a screen"));
        return page;
    }

    // Every letter of it, whether it can be seen or not.
    Result<Done> searchDocument(const Document& document, const QByteArray& bytes) const {
        QStringList texts;
        if (m_from.form.document == DocumentKind::Pdf) {
            texts = takeApartPdf(bytes).texts;
        } else {
            texts << document.title << document.summary;
            for (const DocumentPage& page : document.pages)
                texts << page.alternative << (page.words ? linesOf(*page.words) : QStringList());
        }
        const std::vector<Finding> values = valuesThatMustNotLeave();
        for (const QString& text : texts)
            if (m_work.isReadable(text, values))
                return Error{Error::Kind::BadInput,
                             Tr::tr("The text of the document holds a value that is covered; release it without the "
                                    "words, or under another name.")};
        return Done{};
    }

    // What is covered, but for what is kept somewhere and what an officer has let pass.
    std::vector<Finding> valuesThatMustNotLeave() const {
        std::vector<Finding> values = m_from.coveredValues;
        std::erase_if(values, [&](const Finding& value) {
            const auto& passes = m_from.state->passes;
            const bool passed = std::any_of(passes.cbegin(), passes.cend(), [&](const CapturePass& pass) {
                return sameValue(pass.leak.finding, value);
            });
            return passed || std::any_of(m_pictures.begin(), m_pictures.end(), [&](const CheckedPicture& picture) {
                       return std::any_of(picture.decided.items.begin(), picture.decided.items.end(),
                                          [&](const Item& item) {
                                              return item.decision == Decision::Keep && sameValue(item.finding, value);
                                          });
                   });
        });
        return values;
    }

    void addCompanions() {
        std::optional<Checksum> report;
        if (m_from.form.report) {
            std::map<size_t, QByteArray> thumbnails;
            for (size_t i = 0; i < m_pictures.size(); ++i) thumbnails[i] = m_pictures[i].thumbnail;
            add({inner(reportName()), reportOf(m_log, thumbnails)});
            report = m_sums.back();
        }
        const QString logName = inner(redactionLogName());
        Artifact log{logName, m_log};
        if (m_from.key) add({signatureName(logName), signatureOf(m_log, signedComment(report), *m_from.key)});
        m_sums.push_back({logName, sha256(m_log)});
        m_files.push_back({inner(checksumsName()), checksumsOf(m_sums)});
        m_files.push_back(std::move(log));
    }

    std::vector<CheckedPicture> m_pictures;
    std::vector<QByteArray> m_bytes;
    const Assembling& m_from;
    const CaseWork& m_work;
    QString m_documentName;
    QByteArray m_log;
    std::vector<Artifact> m_files;
    std::vector<Checksum> m_sums;
};

} // namespace

QByteArray logOf(const std::vector<CheckedPicture>& pictures, const CaseState& state, const QByteArray& secret) {
    LogInput log{state.terms.policy.get(), state.terms.languages, secret, {}, twoOfficersAgree(state)};
    for (const CheckedPicture& picture : pictures) {
        LogEntry entry;
        entry.fileName = picture.artifact.fileName;
        entry.page = picture.page;
        entry.size = picture.size;
        entry.capture = picture.captureSize;
        entry.sha256 = picture.sha256;
        entry.decided = picture.decided;
        entry.transparent = picture.transparent;
        for (const Leak& leak : picture.leaks) {
            const auto pass = std::find_if(state.passes.cbegin(), state.passes.cend(), [&](const CapturePass& p) {
                return p.capture == picture.capture && sameLeak(p.leak, leak);
            });
            if (pass == state.passes.cend())
                entry.leaks.push_back(leak);
            else
                entry.passes.push_back({leak, pass->reason});
        }
        log.entries.push_back(std::move(entry));
    }
    return redactionLog(log);
}

QStringList companionNamesOf(const Assembling& assembling) {
    QStringList names;
    if (assembling.form.report) names << reportName();
    if (assembling.key) names << signatureName(redactionLogName());
    names << checksumsName() << redactionLogName();
    return names;
}

QStringList fileNamesOf(const std::vector<CheckedPicture>& pictures, const Assembling& assembling) {
    QStringList names;
    const bool wrapped = assembling.form.wrapping != Wrapping::None;
    if (wrapped)
        names << assembling.wholeName + endingOf(assembling.form.wrapping);
    else if (assembling.form.document != DocumentKind::None)
        names << assembling.wholeName + endingOf(assembling.form.document);
    else
        for (const CheckedPicture& picture : pictures) names << picture.artifact.fileName;
    if (!wrapped) names << companionNamesOf(assembling);
    return numbered(names, assembling.number);
}

Result<std::vector<Artifact>> assembled(std::vector<CheckedPicture> pictures, const Assembling& assembling,
                                        const CaseWork& work) {
    return Assembly(std::move(pictures), assembling, work).run();
}

} // namespace eyelid
