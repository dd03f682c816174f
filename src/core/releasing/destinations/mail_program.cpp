#include "releasing/destinations/mail_program.h"

#include "base/sentence.h"
#include "releasing/destinations/command.h"

namespace eyelid {
namespace {

class MailProgram final : public Destination {
public:
    explicit MailProgram(MailText mail) : m_mail(std::move(mail)) {}
    QString name() const override { return Tr::tr("mail"); }

    Result<Delivery> deliver(const Release& release, Progress& progress) override {
        if (release.paths.isEmpty())
            return Error{Error::Kind::BadInput, Tr::tr("A mail is given files; release to a folder as well.")};
        QStringList command{QStringLiteral("xdg-email"), QStringLiteral("--utf8"),
                            QStringLiteral("--subject"), m_mail.subject,
                            QStringLiteral("--body"),    m_mail.text};
        for (const QString& path : release.paths) command << QStringLiteral("--attach") << path;
        // Its names are told already: none of them is put in where a part is to be filled.
        auto started = runProgram(command, progress);
        if (!started)
            return Error{
                started.error().kind,
                sentence(Tr::tr("No mail program took the draft; release as a mail draft in a file instead, and "
                                "open that. (%1)"),
                         started.error().sentence)};
        // Some programs leave out, for safety, what a link of mail would have them attach, and nobody is told.
        return Delivery{Tr::tr("a draft in the mail program (see that the files are attached: not every program takes "
                               "them)"),
                        release.paths,
                        {}};
    }

private:
    const MailText m_mail;
};

} // namespace

MailText mailTextFor(const QString& release) {
    return {release,
            Tr::tr("The pictures attached were sanitised and checked; redaction-log.json says what was hidden and "
                   "why, SHA256SUMS that nothing was altered since.")};
}

std::unique_ptr<Destination> toMailProgram(const MailText& mail) {
    return std::make_unique<MailProgram>(mail);
}

} // namespace eyelid
