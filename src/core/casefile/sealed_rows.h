// The rows of a case file: an SQLite database in which every row is encrypted by itself and bound to its case, its
// table and its place, and a root row that knows all others, so that none can be changed, moved, dropped or put back
// from an older copy unnoticed. docs/case-format.md tells the bytes.
//
// The root holds the sum of keyed hashes of all rows (AdHash: Bellare and Micciancio, EUROCRYPT 1997), so that it is
// made anew in the same time whatever the file holds.
#pragma once

#include "base/result.h"
#include "casefile/case_key.h"

#include <memory>
#include <optional>
#include <QByteArray>
#include <set>
#include <vector>

namespace eyelid {

/// What is said of a file that is not what was written.
Error damagedCase();

/// Of one case; one thread at a time writes, any may read.
class SealedRows {
public:
    static constexpr int formatVersion = 5;
    enum class Access { ReadWrite, ReadOnly };

    /// A new file, without a row. Errors: Exists; NotWritable.
    static Result<std::unique_ptr<SealedRows>> create(const QString& path, const CaseKey& key, const QByteArray& caseId,
                                                      const std::vector<KeyLock>& locks);
    /// Errors: Missing, NotReadable, BadInput (no case, of a newer version), Locked (nothing that was given opens it).
    static Result<std::unique_ptr<SealedRows>> open(const QString& path, const Opener& opener, Access access);
    ~SealedRows();

    /// Of a file that may be damaged: whether it was a case before something happened to it.
    static bool beginsLikeCase(const QString& path);
    /// The version of the format it was written in.
    int version() const;
    /// All of it into a new file of the newest version, as one step. Errors: NotWritable.
    Result<Done> copyTo(const QString& path) const;
    /// Closes the file so that all of it stands in it and nothing beside it, as before another takes its place; nothing
    /// else can be asked after that. Errors: NotWritable where somebody else has it open.
    Result<Done> closeAlone();

    /// What was written as a row; nothing where there is none. Errors: BadInput where it is not what was written.
    Result<std::optional<QByteArray>> get(int table, qint64 id) const;
    std::vector<qint64> ids(int table) const; ///< in ascending order
    using Place = std::pair<int, qint64>;     ///< a table and an id
    std::set<Place> places() const;           ///< of all rows but the root

    /// While it lives all is read as it stood when it was made, whatever other programs write meanwhile; nothing is
    /// written through these rows. One at a time.
    class Snapshot {
    public:
        explicit Snapshot(const SealedRows& of);
        ~Snapshot();
        Snapshot(const Snapshot&) = delete;
        Snapshot& operator=(const Snapshot&) = delete;

    private:
        const SealedRows& m_rows;
    };

    /// Whether the rows are those the root knows. Errors: BadInput where they are not.
    Result<Done> whole() const;

    /// One step: all of it, or nothing. Errors: NotWritable (a full disk, a file made read-only or gone).
    struct Row {
        int table = 0;
        qint64 id = 0;
        std::optional<QByteArray> content; ///< nothing: the row goes
    };
    Result<Done> write(const std::vector<Row>& rows);

    /// The locks, all replaced in one step.
    Result<std::vector<KeyLock>> locks() const;
    Result<Done> setLocks(const std::vector<KeyLock>& locks);

    const CaseKey& key() const;
    const QByteArray& caseId() const;

private:
    struct Parts;
    explicit SealedRows(std::unique_ptr<Parts> parts);
    std::unique_ptr<Parts> m_parts;
};

} // namespace eyelid
