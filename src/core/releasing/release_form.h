// How a release is to be made. Chosen before it is checked: the check is of these very bytes.
#pragma once

#include "base/result.h"
#include "picture/encoders.h"

#include <QByteArray>
#include <QDate>
#include <QString>

namespace eyelid {

/// All pictures in one file, or each in its own.
enum class DocumentKind { None, Pdf, Html };

/// Files by themselves, or all of them in one.
enum class Wrapping {
    None,
    Zip,  ///< an archive
    Mail, ///< attached to a mail that is yet to be addressed
};

struct ReleaseForm {
    Encoding encoding;    ///< of the pictures, those in a document as well
    qint64 mostBytes = 0; ///< of a picture; 0: no limit
    DocumentKind document = DocumentKind::None;
    bool documentWords =
        false; ///< the document holds the words that are still to be seen, to be searched and read aloud
    bool documentSummary = false; ///< its last page says what was hidden
    int perSheet = 1;             ///< pictures on a page of a PDF: 1, 2 or 4
    QString names;                ///< a template (names.h); empty: nameless ones
    bool report = false;          ///< a report for people lies beside the log
    Wrapping wrapping = Wrapping::None;
    bool operator==(const ReleaseForm&) const = default;
};

/// The form `--format` and settings name: "png" to "tiff", "pdf", "html". Errors: BadInput, with what there is.
Result<Done> setFormat(ReleaseForm& form, const QString& code);
QString formatCode(const ReleaseForm& form);
/// "PDF"; "PNG".
QString formatTitle(const ReleaseForm& form);
/// All codes, in the order they are offered.
QStringList formatCodes();

/// How many pictures a page of a PDF may hold.
inline constexpr int perSheetChoices[] = {1, 2, 4};

/// A quality that counts: a picture in a document is a JPEG where one was chosen, else a PNG.
Encoding pictureEncoding(const ReleaseForm& form);

/// A size in bytes as people write it: "500k", "2M", "300000" (k and M are thousands, as in "500 kB"). Errors:
/// BadInput.
Result<qint64> bytesFrom(const QString& text);

/// To be kept, as JSON; what cannot be read of it is as usual.
QByteArray packed(const ReleaseForm& form);
ReleaseForm releaseFormFrom(const QByteArray& packed);

} // namespace eyelid
