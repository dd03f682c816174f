// A case file at work from the command line: what opens it, and the case in it.
#pragma once

#include "base/account.h"
#include "casefile/case_file.h"
#include "casefile/own_keys.h"
#include "cli/case_commands.h"
#include "pipeline/up_to_date.h"

#include <memory>
#include <QDateTime>

namespace eyelid {

/// Of this account, in its data folder.
OwnKeys ownKeys();
/// A key file that is named is the only key; else the keys of this account.
Result<Opener> openerFrom(const CaseKeySettings& keys);
Result<CaseLocks> locksFrom(const CaseKeySettings& keys);

/// A case that stands in a file, and is kept there step by step.
class OpenCase {
public:
    static Result<std::unique_ptr<OpenCase>> from(const QString& path, const CaseKeySettings& keys,
                                                  SealedRows::Access access) {
        auto opener = openerFrom(keys);
        if (!opener) return opener.error();
        auto file = CaseFile::open(path, *opener, access);
        if (!file) return file.error();
        auto kept = (*file)->load();
        if (!kept) return kept.error();
        std::unique_ptr<OpenCase> open(new OpenCase(std::move(*file)));
        open->m_case.restore(std::move(*kept));
        return open;
    }

    Case& operator*() { return m_case; }
    Case* operator->() { return &m_case; }
    const CaseFile& file() const { return *m_file; }

    Result<Done> bringUpToDate() {
        if (!m_work) m_work = std::make_unique<CaseWork>();
        if (!m_reader) m_reader = std::make_unique<Reader>();
        Progress progress;
        return eyelid::bringUpToDate(m_case, *m_work, *m_reader, progress);
    }
    Result<Done> keep() {
        if (!m_case.captures().isEmpty()) m_case.begin(QDate::currentDate());
        if (auto kept = m_file->keep(m_case.kept(), *m_case.pictures(), QDateTime::currentDateTimeUtc()); !kept)
            return kept;
        return m_file->keepCover(m_case.state(), *m_case.pictures());
    }
    const CaseWork& work() {
        if (!m_work) m_work = std::make_unique<CaseWork>();
        return *m_work;
    }
    Reader& reader() {
        if (!m_reader) m_reader = std::make_unique<Reader>();
        return *m_reader;
    }

private:
    explicit OpenCase(std::unique_ptr<CaseFile> file) : m_file(std::move(file)), m_case(Policy()) {
        m_case.setOfficer(accountName());
        m_case.pictures()->backBy([this](const PictureId& id) { return m_file->picture(id); },
                                  [this](const PictureId& id) { return m_file->smallPicture(id); });
    }
    std::unique_ptr<CaseFile> m_file;
    Case m_case;
    std::unique_ptr<CaseWork> m_work;
    std::unique_ptr<Reader> m_reader;
};

using Opened = Result<std::unique_ptr<OpenCase>>;

} // namespace eyelid
