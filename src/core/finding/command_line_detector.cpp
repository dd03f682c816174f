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

/// What gives a command names and passwords.
using Command = std::vector<Option>;

const QHash<QString, Command>& commands() {
    static const QHash<QString, Command> all = [] {
        QHash<QString, Command> options;
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
        const auto& runs = in.screen.runs();
        std::vector<Command> last(runs.size()); // by line: the command its end belongs to
        for (const TextRun& run : runs) {
            const int above = lineOver(in.screen.page().lines, run.line);
            const bool goesOn = above >= 0 && continues(runs[size_t(above)].text(), run.text());
            last[size_t(run.line)] = findOptions(run, goesOn ? last[size_t(above)] : Command(), out);
            findBeforeHosts(run, out);
        }
    }

private:
    // The line right over another, wherever it begins: what goes on is set in. -1 where there is none.
    static int lineOver(const std::vector<TextLine>& lines, int line) {
        constexpr double close = 3; // heights of a small x
        const QRectF& box = lines[size_t(line)].box;
        const double top = box.top() - close * std::max(4.0, lines[size_t(line)].xHeight);
        for (int over = line - 1; over >= 0; --over) {
            const QRectF& b = lines[size_t(over)].box;
            const bool aside = b.right() < box.left() || b.left() > box.right() || b.bottom() > box.center().y();
            if (!aside) return b.bottom() > top ? over : -1;
        }
        return -1;
    }

    // "curl -s \" over "-u name:password": a line that ends in a backslash goes on below, and no other begins with an
    // option.
    static bool continues(const QString& above, const QString& line) {
        static const QRegularExpression option(QStringLiteral("^--?[A-Za-z]"));
        return above.endsWith(u'\\') || option.match(line).hasMatch();
    }

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

    // A command stands where a line, a prompt or a pipe lets one begin; what stands before the first belongs to the one
    // that goes on from above. Gives the last.
    static Command findOptions(const TextRun& run, Command command, std::vector<Candidate>& out) {
        static const QRegularExpression begins(
            QStringLiteral("(?:^|[$#>|;&] ?|\\b(?:sudo|time|exec|env) )((?:[\\w./-]*/)?([a-z\\d_-]{2,20}))(?=\\s)"));
        const QString& text = run.text();
        for (const Option& option : command) findOption(run, 0, option, out);
        for (auto found = begins.globalMatch(text); found.hasNext();) {
            const auto m = found.next();
            const auto known = commands().constFind(m.captured(2));
            if (known == commands().cend()) continue;
            const QString told = text.mid(m.capturedEnd(1)).trimmed();
            command.clear();
            for (const Option& option : *known)
                if (option.task.isEmpty() || told.startsWith(option.task + u' ')) command.push_back(option);
            for (const Option& option : command) findOption(run, int(m.capturedEnd(1)), option, out);
        }
        return command;
    }

    static void findOption(const TextRun& run, int from, const Option& option, std::vector<Candidate>& out) {
        const QString& text = run.text();
        if (option.name.isEmpty() && from == 0) return; // its value stood right behind the command, above
        if (option.name.isEmpty()) return add(run, valueAt(text, from), option.gives, out);
        for (qsizetype at = text.indexOf(option.name, from); at >= 0; at = text.indexOf(option.name, at + 1)) {
            const int end = int(at + option.name.size());
            if (end >= text.size()) return;
            if (at > 0 && text[at - 1] != u' ') continue;
            // "-pw" may be another option; what a password begins with is anything.
            const bool apart = text[end] == u' ' || text[end] == u'=';
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
