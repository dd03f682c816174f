// A release as a mail that is yet to be addressed (RFC 5322, MIME): a draft any mail program opens, with the files
// attached. It has no sender, no recipient, no date, no host and no program's name; those are the mail program's to
// add.
#pragma once

#include "base/result.h"
#include "releasing/release.h"

#include <QByteArray>
#include <QString>
#include <vector>

namespace eyelid {

struct MailDraft {
    QString subject;
    QString text;
    std::vector<Artifact> files;
};

/// The same draft gives the same bytes. Opened again and compared. Errors: NotWritable (too little memory).
Result<QByteArray> mailOf(const MailDraft& draft);

/// The files attached to a mail, in its order. Errors: BadInput for what is no mail with attachments.
Result<std::vector<Artifact>> filesOfMail(const QByteArray& mail);

} // namespace eyelid
