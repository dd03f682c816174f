// A draft in the user's own mail program, with the files attached, by xdg-email (xdg-utils); where a desktop has a
// portal, the window asks that first.
#pragma once

#include "releasing/destinations/destination.h"

namespace eyelid {

/// The subject and the text of a draft: neither says anything but what it is.
struct MailText {
    QString subject, text;
};
MailText mailTextFor(const QString& release);

/// Errors: BadInput where the files stand nowhere; Missing where there is no xdg-email or no mail program.
std::unique_ptr<Destination> toMailProgram(const MailText& mail);

} // namespace eyelid
