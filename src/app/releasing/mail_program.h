// A draft in the user's mail program: by the desktop portal's Email where there is one, else by xdg-email.
#pragma once

#include "releasing/destinations/mail_program.h"

#include <memory>
#include <QString>

namespace eyelid {

/// `bus`: the session's if empty. May wait for somebody to choose a mail program: not for the interface thread.
std::unique_ptr<Destination> toMailProgramOfDesktop(const MailText& mail, const QString& bus = {});

} // namespace eyelid
