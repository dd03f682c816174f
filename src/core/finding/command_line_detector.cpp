// User names and passwords given to commands of a console, by the options that take them (data/words/commands.txt), and
// the user name before a host in a prompt or a remote command.
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "finding/system_users.h"

#include <QHash>
#include <QRegularExpression>

namespace eyelid {
namespace {

enum class Gives { User, Secret, UserColonSecret, UserPercentSecret };

struct Option {
    Gives gives;
    QString name; ///< empty: what stands right behind the command
    bool apart = false, joined = false;
    QString task; ///< what the command must be told to do: "login"; empty where it does not matter
};

Gives givesFrom(const QString& word) {
    if (word == u"user") return Gives::User;
    if (word == u"secret") return Gives::Secret;
    return word == u"user:secret" ? Gives::UserColonSecret : Gives::UserPercentSecret;
}

Option optionFrom(QString text, Gives gives) {
    Option option{gives, {}, true, false};
    if (text == u"-") return option;
    option.joined = text.endsWith(u'+') || text.endsWith(u'*');
    option.apart = !text.endsWith(u'+');
    if (option.joined) text.chop(1);
    option.name = text;
    return option;
}

const QHash<QString, std::vector<Option>>& optionsByCommand() {
    static const QHash<QString, std::vector<Option>> all = [] {
        QHash<QString, std::vector<Option>> options;
        for (const QString& line : shippedLines(QStringLiteral("words/commands.txt"))) {
            const QStringList parts = line.split(u'\t');
            if (line.startsWith(u'#') || parts.size() != 3) continue;
            for (const QString& command : parts[0].split(u'|'))
                for (const QString& option : parts[2].split(u'|')) {
                    Option& added =
                        options[command.section(u' ', 0, 0)].emplace_back(optionFrom(option, givesFrom(parts[1])));
                    added.task = command.section(u' ', 1);
                }
        }
        return options;
    }();
    return all;
}

// Where a value stands in a line from `at` on, without the quotes around it; nothing where an option follows instead.
Span valueAt(const QString& text, int at) {
    static const QRegularExpression value(QStringLiteral("\\G[= ]?(?:\"([^\"]+)\"|'([^']+)'|([^\\s\"'|;&]+))"));
    const auto m = value.match(text, at);
    if (!m.hasMatch()) return {at, 0};
    const int group = m.lastCapturedIndex();
    const Span span{int(m.capturedStart(group)), int(m.capturedLength(group))};
    return text[span.start] == u'-' || text[span.start] == u'$' ? Span{at, 0} : span;
}

class CommandLineDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const TextRun& run : in.screen.runs()) {
            findOptions(run, out);
            findBeforeHosts(run, out);
        }
    }

private:
    static void add(const TextRun& run, const Span& span, Gives gives, std::vector<Candidate>& out) {
        constexpr double confidence = 0.94;
        if (span.length <= 0 || run.text().mid(span.start, span.length).contains(QLatin1String("://"))) return;
        const QString text = run.text().mid(span.start, span.length);
        const QChar between = gives == Gives::UserColonSecret     ? u':'
                              : gives == Gives::UserPercentSecret ? u'%'
                                                                  : QChar();
        const qsizetype at = between.isNull() ? -1 : text.indexOf(between);
        if (at >= 0) {
            add(run, {span.start, int(at)}, Gives::User, out);
            add(run, {span.start + int(at) + 1, span.length - int(at) - 1}, Gives::Secret, out);
        } else if (gives == Gives::Secret) {
            out.push_back({Kind::Secret, &run, span, confidence, Tr::tr("is given to a command as its password"), {}});
        } else if (!isSystemUser(text)) {
            out.push_back(
                {Kind::Username, &run, span, confidence, Tr::tr("is given to a command as the user's name"), {}});
        }
    }

    // A command stands where a line, a prompt or a pipe lets one begin.
    void findOptions(const TextRun& run, std::vector<Candidate>& out) const {
        static const QRegularExpression begins(
            QStringLiteral("(?:^|[$#>|;&] ?|\\b(?:sudo|time|exec|env) )((?:[\\w./-]*/)?([a-z\\d_-]{2,20}))(?=\\s)"));
        const QString& text = run.text();
        for (auto found = begins.globalMatch(text); found.hasNext();) {
            const auto m = found.next();
            const auto options = optionsByCommand().constFind(m.captured(2));
            if (options == optionsByCommand().cend()) continue;
            const QString told = text.mid(m.capturedEnd(1)).trimmed();
            for (const Option& option : *options)
                if (option.task.isEmpty() || told.startsWith(option.task + u' '))
                    findOption(run, int(m.capturedEnd(1)), option, out);
        }
    }

    static void findOption(const TextRun& run, int from, const Option& option, std::vector<Candidate>& out) {
        const QString& text = run.text();
        if (option.name.isEmpty()) return add(run, valueAt(text, from), option.gives, out);
        for (qsizetype at = text.indexOf(u' ' + option.name, from); at >= 0;
             at = text.indexOf(u' ' + option.name, at + 1)) {
            const int end = int(at + 1 + option.name.size());
            if (end >= text.size()) return;
            const bool apart = text[end] == u' ' || text[end] == u'=';
            // "-pw" may be another option; what a password begins with is anything.
            if (apart ? option.apart : option.joined) add(run, valueAt(text, end), option.gives, out);
        }
    }

    // "jtorp@pumps:~$", "scp file jtorp@192.0.2.7:".
    void findBeforeHosts(const TextRun& run, std::vector<Candidate>& out) const {
        for (const Pattern* pattern : {&m_prompt, &m_remote})
            for (const PatternMatch& m : pattern->all(run.search)) add(run, m.groups[1], Gives::User, out);
    }

    Pattern m_prompt{R"(^\[?([A-Za-z][A-Za-z0-9._\-]{1,31})@[A-Za-z0-9.\-]+(?::| )[~/][^\s\]]*\]?[$#%>])"};
    Pattern m_remote{
        R"(\b(?:ssh|scp|sftp|rsync|mosh|ssh-copy-id)\b.*?\s([A-Za-z][A-Za-z0-9._\-]{1,31})@[A-Za-z0-9.\-]+)"};
};

} // namespace

std::unique_ptr<Detector> makeCommandLineDetector() {
    return std::make_unique<CommandLineDetector>();
}

} // namespace eyelid
