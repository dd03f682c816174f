// A case on disk: one file, NAME.eyelid, encrypted row by row (sealed_rows.h; docs/case-format.md has the bytes).
//
//   auto file = CaseFile::create(path, {.passphrase = words});
//   if (!file) return file.error();
//   if (auto kept = (*file)->keep({state, history, secret}, pictures, now); !kept) ...    // after every change
//
// What keep() has said it has done is on the disk: a program that is killed, or a machine that loses its power, loses
// nothing of it. Only what changed is written. A file has one writer; the system lets go of it when the writer is gone.
#pragma once

#include "casefile/case_summary.h"
#include "casefile/sealed_rows.h"

#include <map>
#include <QHash>
#include <set>

namespace eyelid {

/// What the name of a case file ends in.
inline constexpr QLatin1String caseEnding(".eyelid");

/// What a new case is locked by; at least one.
struct CaseLocks {
    QByteArray passphrase; ///< UTF-8; empty: none
    PassphraseCost cost = PassphraseCost::Strong;
    std::optional<CaseKey> keyFile, keyRing;
    std::vector<QByteArray> publicKeys; ///< of colleagues or the office (X25519, 32 bytes)
    QString remark;                     ///< what the user must know of how it is locked, a sentence; empty: nothing
};

/// keep() is used by one thread at a time, picture() by any.
class CaseFile {
public:
    /// Errors: Exists, NotWritable, BadInput (no lock at all).
    static Result<std::unique_ptr<CaseFile>> create(const QString& path, const CaseLocks& locks);
    /// A case of an older version of the format is brought to the newest before it is written to: on a copy, which
    /// takes its place when it is whole. Errors: Missing, NotReadable, BadInput, Locked, and Exists where another
    /// program is writing it.
    static Result<std::unique_ptr<CaseFile>> open(const QString& path, const Opener& opener,
                                                  SealedRows::Access access = SealedRows::Access::ReadWrite);
    ~CaseFile();

    const QString& path() const { return m_path; }
    /// Whether the file that was opened for writing still stands at its path.
    bool isThere() const;

    /// The case as it was kept last. Errors: BadInput where any of it is not as it was written.
    Result<KeptCase> load();
    /// What is intact of a file that was damaged or altered, without its history; never anything that was not written
    /// as it is.
    /// Errors: BadInput where not even what the case is called is left.
    Result<KeptCase> salvage() const;
    /// Null where it is not here, or not as it was written. Any thread.
    QImage picture(const PictureId& id) const;
    QImage smallPicture(const PictureId& id) const; ///< of a capture, for lists

    /// Puts down what has changed since it was last kept or loaded, in one step. Pictures that nothing speaks of any
    /// more go. Errors: NotWritable (also where somebody took the file away); then nothing of it is on the disk.
    Result<Done> keep(const KeptCase& kept, const PictureStore& pictures, const QDateTime& now);

    /// What lists tell of the case; made anew where it was kept by a version without one. Errors: BadInput where it is
    /// not as it was written.
    Result<CaseSummary> summary() const;
    /// A small picture with all that is open or covered hidden, as it was made last; null where there is none.
    QImage cover() const;
    /// Makes that picture anew. Errors: NotWritable.
    Result<Done> keepCover(const CaseState& state, const PictureStore& pictures);
    /// The names of the captures on which `text` was read, in capitals or not, as placesOf() finds it.
    QStringList capturesWith(const QString& text) const;

    /// Marks a case as thrown away on a day, or takes that back with a null day.
    Result<Done> throwAway(const QDate& day);

    /// Who has it open for writing, as far as they have said so: for whoever finds it in use.
    Result<Done> setHolder(const QString& officer);
    QString holder() const;

    /// Whether every row is what was written, and the case has all its pictures. Errors: BadInput where not.
    Result<Done> verify() const;

    /// What the case is locked by, in order.
    Result<std::vector<KeyLock::How>> lockedBy() const;
    /// Other locks in place of those there are; nothing else is written. Errors: NotWritable, BadInput (none at all).
    Result<Done> setLocks(const CaseLocks& locks);
    /// Further locks besides those there are; a passphrase takes the place of the one there was.
    Result<Done> addLocks(const CaseLocks& locks);
    /// Takes away all locks of a sort. Errors: NotWritable, BadInput where none would be left.
    Result<Done> dropLocks(KeyLock::How how);

    /// Makes a case unreadable, then takes its file away: the locks are overwritten, so that no key of it is left, then
    /// the file. What a file system or a drive has kept of the bytes stays encrypted with a key nobody has.
    /// Errors: Missing, NotWritable, BadInput (no case: other files are left alone), Exists where another program is
    /// writing it.
    static Result<Done> destroy(const QString& path);

private:
    class WriteLock;
    CaseFile(QString path, std::unique_ptr<WriteLock> lock, std::unique_ptr<SealedRows> rows);
    static Result<std::unique_ptr<CaseFile>> migrated(std::unique_ptr<CaseFile> old, const Opener& opener);
    using Hashes = std::map<SealedRows::Place, QByteArray>; // of rows
    /// `stored`: where not null, what stands in the rows of the head and the captures.
    Result<KeptCase> read(bool intactOnly, Hashes* stored = nullptr) const;
    std::optional<Capture> readCapture(int id, const QString& languages, bool intactOnly, QByteArray& hash) const;
    std::optional<QString> textOf(qint64 capture) const;
    using Places = std::set<SealedRows::Place>;
    void addSearchRows(const CaseState& state, Places& there, std::vector<SealedRows::Row>& rows) const;
    struct NewPicture {
        int table;
        qint64 row;
        PictureId id;
    };
    /// Those of the case that are not in the file; where all of its pictures stand goes to `there`.
    std::vector<NewPicture> newPictures(const KeptCase& kept, Places& there) const;
    static std::vector<SealedRows::Row> pictureRows(const std::vector<NewPicture>& wanted,
                                                    const PictureStore& pictures);
    bool hasPictures(const Capture& capture) const;
    qint64 rowOf(const PictureId& id) const;
    struct Changed {
        std::vector<SealedRows::Row> rows;
        Hashes stored;                        // what stands in those of the head and the captures then
        std::vector<const Capture*> captures; // that are not as they were kept last
    };
    Changed changedRows(const KeptCase& kept, const PictureStore& pictures) const;
    std::optional<QByteArray> record(int table, qint64 id) const;
    void remember(const KeptCase& kept, const Changed& written);
    void rememberRest(const KeptCase& kept);

    QString m_path;
    std::unique_ptr<WriteLock> m_lock; // let go of after the database: closing a file drops SQLite's own locks on it
    std::unique_ptr<SealedRows> m_rows;
    CaseKey m_naming; // of rows that hold pictures

    // What stands in the file, as far as it was put there or read by this object.
    Hashes m_stored;
    std::optional<Places> m_places; // of all rows; none before the first is kept
    QHash<int, Capture> m_captures; // as they were kept last; none of those that were only loaded
    std::map<int, std::vector<std::shared_ptr<const Page>>> m_readings; // by capture
    std::map<int, std::shared_ptr<const Page>> m_searched;              // pages the texts for searching are of
    std::vector<quint64> m_done, m_undone;                              // serials of the history
};

} // namespace eyelid
