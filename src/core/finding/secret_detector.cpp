// Passwords, keys and tokens: by known beginnings, by form (JWT, RFC 7519; PEM, RFC 7468), by a telling key before an
// equals sign or colon, and by how unlike language a long word is (Shannon, 1948).
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/detector.h"
#include "finding/labels.h"
#include "language/look_alikes.h"

#include <array>
#include <cmath>
#include <QRegularExpression>

namespace eyelid {
namespace {

// Bits a character.
double entropy(const QString& text) {
    std::array<int, 128> count{};
    for (const QChar c : text) ++count[c.unicode() & 127];
    double bits = 0;
    for (int n : count)
        if (n > 0) bits -= double(n) / double(text.size()) * std::log2(double(n) / double(text.size()));
    return bits;
}

bool unlikeLanguage(const QString& token) {
    if (token.size() < 20) return false;
    int upper = 0, lower = 0, digits = 0, changes = 0, previous = -1;
    for (const QChar c : token) {
        const int type = c.isUpper() ? 0 : c.isLower() ? 1 : c.isDigit() ? 2 : 3;
        upper += type == 0;
        lower += type == 1;
        digits += type == 2;
        changes += previous >= 0 && type != previous;
        previous = type;
    }
    if (digits == token.size()) return false; // the figures of an axis, a number: what it is, a label must say
    const bool hex = upper + lower + digits == token.size() && digits * 4 >= token.size() &&
                     token.count(QRegularExpression(QStringLiteral("[g-zG-Z]"))) == 0;
    if (hex) return token.size() >= 32 && entropy(token) >= 3.2;
    const int types = (upper > 1) + (lower > 1) + (digits > 1);
    return types >= 2 && changes * 4 >= token.size() && entropy(token) >= 3.6;
}

// A name of a file, an icon or a class: mostly words, parted by signs.
bool isOfWords(const QString& token, const Names& names) {
    static const QRegularExpression signs(QStringLiteral("[-_+\\d]+"));
    constexpr int shortest = 3; // letters of a word that says something
    qsizetype letters = 0, ofWords = 0;
    for (const QString& part : token.split(signs, Qt::SkipEmptyParts)) {
        letters += part.size();
        if (part.size() >= shortest && (part == part.toLower() || part == part.toUpper()) && names.isCommonWord(part))
            ofWords += part.size();
    }
    return 2 * ofWords > letters;
}

// No word of a sentence: digits or signs within, or capitals after the first letter.
bool isUnlikeWord(const QString& text) {
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text[i];
        if (c.isDigit() || (i > 0 && c.isUpper()) || QStringLiteral("!#$%&*+=?@^~_").contains(c)) return true;
    }
    return false;
}

// "OwzGtMrGnX": capitals among small letters, as a word of any language has them once at most.
bool isMixed(const QString& text) {
    constexpr auto fewest = 2;
    const auto upper = std::count_if(text.begin() + 1, text.end(), [](QChar c) { return c.isUpper(); });
    const auto lower = std::count_if(text.begin() + 1, text.end(), [](QChar c) { return c.isLower(); });
    return upper >= fewest && lower >= fewest;
}

// "k7pm2x9q": figures among letters; "version2" is a word and its number.
bool isOfBoth(const QString& text) {
    constexpr int fewestChanges = 2;
    int changes = 0;
    for (qsizetype i = 1; i < text.size(); ++i) changes += text[i].isDigit() != text[i - 1].isDigit();
    return changes >= fewestChanges && std::ranges::all_of(text, [](QChar c) { return c.isLetterOrNumber(); });
}

// "Authorization: Bearer …": the scheme is no part of the token (RFC 9110).
Span withoutScheme(const QString& line, const Span& value) {
    static const QRegularExpression scheme(QStringLiteral("^(?:bearer|basic|digest|token) +(?=\\S)"),
                                           QRegularExpression::CaseInsensitiveOption);
    const auto m = scheme.match(line.mid(value.start, value.length));
    const int skipped = m.hasMatch() ? int(m.capturedLength()) : 0;
    return {value.start + skipped, value.length - skipped};
}

Pattern ofWords(const char* expression) {
    return Pattern::ofWords(expression, QStringLiteral("words/secrets.txt"));
}

class SecretDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            const auto add = [&](const Span& span, double confidence, const QString& reason) {
                if (counts(run, span) && span.length > 0)
                    out.push_back({Kind::Secret, &run, span, confidence, reason, {}});
            };
            const bool joined = run.second >= 0;
            for (const PatternMatch& m : in.search.all(m_prefixes, run))
                add(m.groups[1], 0.97, Tr::tr("begins like an access key"));
            for (const PatternMatch& m : in.search.all(m_jwt, run))
                add(m.groups[1], 0.96, Tr::tr("has the form of a signed token (JWT)"));
            if (joined) return;
            for (const PatternMatch& m : in.search.all(m_pem, run))
                add(m.groups[0], 0.97, Tr::tr("opens a private key"));
            for (const PatternMatch& m : in.search.all(m_keyed, run)) {
                const QString value = m.text(run.search, 2);
                // The name of a network is no session's ("SSID").
                const int from = m.groups[1].start;
                if (from > 0 && run.text()[from - 1].isLetter() && m.text(run.search, 1).toLower() == u"sid") continue;
                // Nor the folder a command was given in ("PWD=/home/").
                if (m.text(run.search, 1) == u"PWD" && m_folder.matchesWhole(value)) continue;
                if (value.size() < 3 || in.names.isCommonWord(value) || m_placeholder.matchesWhole(value)) continue;
                add(m.groups[2], 0.92, Tr::tr("follows a word for a password, key or token"));
            }
            for (const PatternMatch& m : in.search.all(m_netUse, run))
                add(m.groups[m.groups[1].start >= 0 ? 1 : 2], 0.94, Tr::tr("is given to a command as its password"));
            for (const PatternMatch& m : in.search.all(m_inAddress, run))
                add(m.groups[1], 0.99, Tr::tr("is a password within a web address"));
            for (const PatternMatch& m : in.search.all(m_spoken, run)) {
                const QString value = m.text(run.search, 1);
                if (value.size() >= 12 && !in.names.isCommonWord(value) &&
                    (value.count(QRegularExpression(QStringLiteral("\\d"))) >= 2))
                    add(m.groups[1], 0.85, Tr::tr("follows a word for a password, key or token"));
            }
            for (const PatternMatch& m : in.search.all(m_told, run))
                if (isUnlikeWord(m.text(run.search, 1)) && !m_placeholder.matchesWhole(m.text(run.search, 1)))
                    add(m.groups[1], 0.85, Tr::tr("is told to be a password, key or token"));
            for (const PatternMatch& m : in.search.all(m_itIs, run)) {
                const QString value = m.text(run.search, 1);
                if (isMixed(value) && std::ranges::count_if(value, [](QChar c) { return c.isDigit(); }) >= 2)
                    add(m.groups[1], 0.75, Tr::tr("is told to be a password, key or token"));
            }
            for (const PatternMatch& m : in.search.all(m_newlyMade, run))
                if (isMixed(m.text(run.search, 1)) || isOfBoth(m.text(run.search, 1)))
                    add(m.groups[1], 0.75, Tr::tr("is told to be a password, key or token"));
            for (const PatternMatch& m : in.search.all(m_plainKey, run))
                if (isMixed(m.text(run.search, 1)))
                    add(m.groups[1], 0.85, Tr::tr("follows a word for a password, key or token"));
            for (const PatternMatch& m : in.search.all(m_token, run))
                if (unlikeLanguage(m.text(run.search, 1)) && !isOfWords(m.text(run.search, 1), in.names) &&
                    !isChecksum(m.text(run.search, 1), run.text().left(m.groups[1].start)))
                    add(m.groups[1], 0.7, Tr::tr("is long and unlike any language, as keys are"));
        });
        findKeyBlocks(in, out);
        findKeyColumns(in, out);
        findCodeLists(in, out);
        findPhraseLists(in, out);
        findCodes(in, out);
        findLabelled(in, out);
    }

private:
    void findCodes(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const TextRun& run : in.screen.runs()) {
            for (const PatternMatch& m : in.search.all(m_oneTime, run))
                out.push_back(
                    {Kind::Secret, &run, m.groups[1], 0.9, Tr::tr("is a one-time code: it follows words for one"), {}});
            for (const PatternMatch& m : in.search.all(m_isYourCode, run))
                out.push_back({Kind::Secret,
                               &run,
                               m.groups[1],
                               0.9,
                               Tr::tr("is a one-time code: it stands before words for one"),
                               {}});
            for (const Pattern* code : {&m_cardCode, &m_doorCode})
                for (const PatternMatch& m : in.search.all(*code, run))
                    out.push_back({Kind::Secret, &run, m.groups[1], 0.85, Tr::tr("follows a word for a code"), {}});
            if (const int label = in.screen.lineBeside(run.line);
                label >= 0 && m_opened.matchesWhole(in.screen.runs()[size_t(label)].text()))
                for (const PatternMatch& m : in.search.all(m_codeOfOpened, run))
                    out.push_back(
                        {Kind::Secret, &run, m.groups[1], 0.85, Tr::tr("is the code of what stands beside it"), {}});
            for (const PatternMatch& m : in.search.all(m_cookie, run))
                out.push_back({Kind::Secret, &run, m.groups[1], 0.93, Tr::tr("is a cookie's value"), {}});
        }
    }

    // In another reading "33e114af" is "33el14af".
    static QString asHexadecimal(QString text) {
        static const QString figures = QStringLiteral("0123456789abcdefABCDEF");
        for (QChar& c : text)
            if (!figures.contains(c)) c = LookAlikes::shipped().asDigit(c);
        return text;
    }
    // Of a version or a file; that of a password gives it away.
    bool isChecksum(const QString& text, const QString& before) const {
        return m_sum.matchesWhole(asHexadecimal(text)) && m_sumBefore.found(SearchText(before)) &&
               !m_secretWord.found(SearchText(before));
    }

    // What a label says is a secret.
    void findLabelled(const Surroundings& in, std::vector<Candidate>& out) const {
        for (const LabelledValue& value : in.screen.labelled()) {
            if (value.kind != Kind::Secret) continue;
            const TextRun& run = in.screen.runs()[size_t(value.run)];
            const Span span = withoutScheme(run.text(), value.span);
            if (announcesPhrase(value) && isPhrase(in.names, run.text().mid(span.start, span.length))) {
                out.push_back({Kind::Secret, &run, span, 0.82, value.because(), {}});
                continue;
            }
            const QString text = run.text().mid(span.start, span.length);
            const QString first = text.section(QLatin1Char(' '), 0, 0);
            // "API_TOKEN" under "DB_PASSWORD": a list of what secrets are called.
            if (m_keyName.matchesWhole(text) && isInListOfKeys(in, value)) continue;
            const bool anyWord = isAnyWord(in, value, text);
            const bool cardCode = text.size() == 3 && m_cardCodeLabel.matchesWhole(value.label);
            if ((text.size() < 4 && !cardCode) || m_placeholder.matchesWhole(text)) continue;
            if (in.names.isCommonWord(first) && !anyWord) continue;
            // A password is one word; what has several is prose beside a word for it.
            if (text.count(QLatin1Char(' ')) > 2) continue;
            // "Recipient's username" stands in a field until somebody fills it in.
            if (text.contains(u' ') && labelHit(text)) continue;
            bool telling = anyWord;
            for (const QChar c : text)
                telling =
                    telling || c.isDigit() || (!c.isLetterOrNumber() && c != QLatin1Char(' ') && c != QLatin1Char('.'));
            // "Notifications" under "Password": the next page of a menu.
            const bool page = value.how == LabelledValue::How::Above && m_loneWord.matchesWhole(text) &&
                              text[0].isUpper() && in.screen.lineBelow(value.run) >= 0;
            if (telling || (text.size() >= 12 && !page))
                out.push_back({Kind::Secret, &run, span, 0.82, value.because(), {}});
        }
    }

    // "Recovery phrase: orbit velvet lamp …" (BIP 39 and its like): words written small that are no sentence about it.
    bool isPhrase(const Names& names, const QString& text) const {
        if (!isRowOfPhrase(text)) return false;
        const QStringList words = text.split(u' ', Qt::SkipEmptyParts);
        return !isSentence(names, words);
    }
    bool isRowOfPhrase(const QString& text) const {
        constexpr size_t most = 24; // BIP 39
        return m_wordsOfPhrase.matchesWhole(text) && m_wordOfPhrase.all(SearchText(text)).size() <= most;
    }
    // Half of them are words of every sentence; of words drawn by lot (BIP 39: 2,048 of them) one in five or six is.
    static bool isSentence(const Names& names, const QStringList& words) {
        const auto frequent =
            std::ranges::count_if(words, [&](const auto& word) { return names.isVeryCommonWord(word); });
        return 2 * frequent > words.size();
    }
    // "Password: lantern": one word as the whole of its field. What is written large beside or under the label may be
    // the next label, or the next page of a menu; in a column it is a value where all of the column are such words.
    bool isAnyWord(const Surroundings& in, const LabelledValue& value, const QString& text) const {
        if (!m_anyWordBehind.matchesWhole(value.label) || !m_loneWord.matchesWhole(text)) return false;
        if (labelHit(text) || namesFieldsOfAddress(text)) return false;
        return text[0].isLower() || value.how == LabelledValue::How::Inside ||
               (value.how == LabelledValue::How::Heading && isColumnOfWords(in, value));
    }
    // Right under such a name, or in a column in which another cell is one.
    bool isInListOfKeys(const Surroundings& in, const LabelledValue& value) const {
        if (value.how != LabelledValue::How::Heading) return false;
        const auto isName = [&](const QString& cell) { return m_keyName.matchesWhole(cell) && labelHit(cell); };
        const int above = in.screen.lineAbove(value.run);
        return (above >= 0 && isName(in.screen.runs()[size_t(above)].text())) ||
               std::ranges::any_of(columnOf(in, value), isName);
    }
    bool isColumnOfWords(const Surroundings& in, const LabelledValue& value) const {
        constexpr qsizetype fewest = 2;
        const QStringList cells = columnOf(in, value);
        return cells.size() >= fewest &&
               std::ranges::all_of(cells, [&](const QString& cell) { return m_loneWord.matchesWhole(cell); });
    }
    // All that the heading of a value speaks for.
    static QStringList columnOf(const Surroundings& in, const LabelledValue& value) {
        QStringList cells;
        for (const LabelledValue& other : in.screen.labelled())
            if (other.how == value.how && other.kind == value.kind && other.label == value.label)
                cells << in.screen.runs()[size_t(other.run)].text();
        return cells;
    }
    static bool announcesPhrase(const LabelledValue& value) {
        static const QSet<QString> labels = shippedWords(QStringLiteral("words/secrets.txt"), QStringLiteral("phrase"));
        return value.whole && labels.contains(value.label);
    }

    // "Key" over "7eWFSYoI7Sv4": it heads the names of settings as well, so what stands under it must look like a key.
    void findKeyColumns(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr double inColumn = 0.7; // heights of a small x
        const auto& lines = in.screen.page().lines;
        for (const TextRun& head : in.screen.runs()) {
            if (!m_keyHeading.matchesWhole(head.text().trimmed())) continue;
            const TextLine& over = lines[size_t(head.line)];
            for (const TextRun& run : in.screen.runs()) {
                const QRectF& box = lines[size_t(run.line)].box;
                const bool under = box.top() > over.box.bottom() &&
                                   std::abs(box.left() - over.box.left()) <= inColumn * std::max(4.0, over.xHeight);
                if (under && m_keyAlone.matchesWhole(run.text()) && isMixed(run.text()))
                    out.push_back({Kind::Secret,
                                   &run,
                                   {0, int(run.text().size())},
                                   0.8,
                                   Tr::tr("follows a word for a password, key or token"),
                                   {}});
            }
        }
    }

    // "Backup codes" over "8036 3845", "6240 1784" …: three or more of one form, in one column or several.
    void findCodeLists(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr double reach = 8;
        constexpr qsizetype fewest = 3;
        for (const TextRun& head : in.screen.runs()) {
            if (!m_codesHeading.found(head.search)) continue;
            QString form;
            qsizetype count = 0;
            const auto codes = listedUnder(in, head, reach, [&](const TextRun& run) {
                const QStringList onLine = codesOn(run.text());
                if (onLine.isEmpty()) return false;
                if (form.isEmpty()) form = formOf(onLine.first());
                if (formOf(onLine.first()) != form) return false;
                count += onLine.size();
                return true;
            });
            if (count >= fewest) addListed(codes, out);
        }
    }
    // What a line holds of such a list: one code, or a row of them, each of one form with the others.
    QStringList codesOn(const QString& line) const {
        constexpr qsizetype shortestInRow = 8;
        const QStringList words = line.split(u' ');
        const bool row = words.size() > 1 && std::ranges::all_of(words, [&](const QString& word) {
                             return word.size() >= shortestInRow && formOf(word) == formOf(words.first()) &&
                                    m_codeAlone.matchesWhole(word);
                         });
        if (row) return words;
        return m_codeAlone.matchesWhole(line) ? QStringList{line} : QStringList();
    }
    // "Recovery phrase" over its words (BIP 39: twelve at least), numbered or not, in cells or in rows.
    void findPhraseLists(const Surroundings& in, std::vector<Candidate>& out) const {
        constexpr double reach = 14; // a line of advice stands between
        constexpr qsizetype fewest = 6;
        for (const TextRun& head : in.screen.runs()) {
            if (!m_phraseHeading.found(head.search)) continue;
            const auto words = listedUnder(in, head, reach, [&](const TextRun& run) {
                return m_wordsOfList.matchesWhole(run.text()) || isRowOfPhrase(run.text());
            });
            QStringList all;
            for (const TextRun* run : words)
                for (const PatternMatch& m : m_wordOfPhrase.all(run->search)) all << m.text(run->search);
            if (all.size() >= fewest && !isSentence(in.names, all)) addListed(words, out);
        }
    }
    // What is listed below a heading, each row at most `reach` heights of a small x under the one before.
    template <typename Listed>
    static std::vector<const TextRun*> listedUnder(const Surroundings& in, const TextRun& head, double reach,
                                                   Listed isListed) {
        const auto& lines = in.screen.page().lines;
        const auto boxOf = [&](const TextRun* run) { return lines[size_t(run->line)].box; };
        std::vector<const TextRun*> below;
        for (const TextRun& run : in.screen.runs())
            if (boxOf(&run).center().y() > boxOf(&head).bottom() && isListed(run)) below.push_back(&run);
        std::ranges::stable_sort(below, {}, [&](const TextRun* run) { return boxOf(run).top(); });
        double bottom = boxOf(&head).bottom();
        size_t listed = 0;
        for (; listed < below.size(); ++listed) {
            const double farthest = reach * std::max(4.0, lines[size_t(below[listed]->line)].xHeight);
            if (boxOf(below[listed]).top() - bottom > farthest) break;
            bottom = std::max(bottom, boxOf(below[listed]).bottom());
        }
        below.resize(listed);
        return below;
    }
    static void addListed(const std::vector<const TextRun*>& listed, std::vector<Candidate>& out) {
        for (const TextRun* run : listed)
            out.push_back({Kind::Secret,
                           run,
                           {0, int(run->text().size())},
                           0.85,
                           Tr::tr("follows a word for a password, key or token"),
                           {}});
    }
    // How long the parts are that signs keep apart: codes of one list are of one length.
    static QString formOf(QString code) {
        static const QRegularExpression letterOrFigure(QStringLiteral("[A-Za-z0-9]"));
        return code.replace(letterOrFigure, QStringLiteral("x"));
    }

    // From BEGIN to END of a private key: every line between.
    void findKeyBlocks(const Surroundings& in, std::vector<Candidate>& out) const {
        const auto& runs = in.screen.runs();
        for (size_t i = 0; i < runs.size(); ++i) {
            if (!m_pem.found(runs[i].search)) continue;
            int at = in.screen.lineBelow(int(i));
            for (int step = 0; step < 80 && at >= 0; ++step, at = in.screen.lineBelow(at)) {
                const TextRun& run = runs[size_t(at)];
                const bool end = in.search.found(m_pemEnd, run);
                if (!end && !m_pemLine.matchesWhole(run.text())) break;
                out.push_back(
                    {Kind::Secret, &run, {0, int(run.text().size())}, 0.96, Tr::tr("is a line of a private key"), {}});
                if (end) break;
            }
        }
    }

    Pattern m_pemEnd{R"(-{3,5}\s?END [A-Z ]*PRIVATE KEY)"};
    Pattern m_pemLine{R"([\d\s|]{0,5}[A-Za-z0-9+/= ]{8,80})"};
    Pattern m_oneTime = ofWords(
        R"((?i)(?:<<sent once>>)(?: (?:is|ist|est|es|lautet))?\s?:?\s{0,2}((?:[A-Z]{1,3}-)?\d{3}[ \-]?\d{1,5}|\d{4,8})\b)");
    // "447112 is your Larkmoor code".
    Pattern m_isYourCode = ofWords(
        R"((?i)(?:^|[\s(])(\d{4,8}|\d{3}[ \-]\d{3}) (?:is your|ist ihr|ist dein|est votre|est ton|es su|es tu) [^.:]{0,40}(?:<<code>>)\b)");
    Pattern m_cardCode = ofWords(R"((?i)\b(?:<<code of a card>>)\b\.?[: ]{1,3}(\d{3,4})(?:$|[\s,;.)]))");
    Pattern m_cardCodeLabel = ofWords("(?:.* )?(?:<<code of a card>>)");
    Pattern m_doorCode = ofWords(
        R"((?i)\b(?:(?:<<of a door>>)(?: code| no\.?| number)?:? |(?:gate|tor|portal|portail): )([A-Z]?\d{4,8}[A-Z]?[#*]?|[#*]\d{4,8}[#*]?|\d{2}-\d{2}-\d{2})(?:$|[,;.)]| [(–\-]| (?:and|then|und|dann|et|puis|y|luego) ))");
    Pattern m_opened = ofWords(R"((?i)(?:<<opened by a code>>)\s?:?)");
    Pattern m_codeOfOpened{
        R"((?i)^(?:code|kode|código|codigo|pin)\s?:? ?([A-Z]?\d{4,8}[A-Z]?[#*]?|[#*]\d{4,8}[#*]?)$)"};
    Pattern m_cookie{R"((?i)\b(?:set-)?cookie:\s?[\w.\-]+=([^\s;,]{4,}))"};
    Pattern m_prefixes = ofWords(R"((?:^|[^\w])((?:<<begins>>)[A-Za-z0-9_\-.]{12,}))");
    Pattern m_jwt{R"((e[yY][JI1l][A-Za-z0-9_\-]{8,}[.,] ?e?[A-Za-z0-9_\-]{8,}(?:[.,] ?[A-Za-z0-9_\-]{6,})?))"};
    Pattern m_pem{R"(-{3,5}BEGIN [A-Z ]*PRIVATE KEY-{3,5})"};
    Pattern m_keyed = ofWords(
        R"RX((?i)((?:[a-z0-9]+[_\-.])*(?:<<key>>))["']?\s?[=:]\s?["']?(?:bearer |basic )?([^\s"',;&<>{}]{3,}))RX");
    // Behind a share or behind a user's name: what is neither an option nor a star.
    Pattern m_netUse{R"((?i)\bnet use\b.*?(?:/user:\S+ ([^\s/*]\S{2,})|\\\\\S+ ([^\s/*]\S{2,}) /user:))"};
    Pattern m_inAddress{R"((?i)[a-z][a-z0-9+.\-]+://[^\s/:@]+:([^\s/@]{2,})@)"};
    Pattern m_spoken = ofWords(R"((?i)\b(?:<<before one word>>)\s["']?([^\s"',;]{8,}))");
    // "The password for the portal is …", "Kennwort lautet …", "pw: …".
    Pattern m_told = ofWords(
        R"((?i)\b(?:<<told>>)\b(?: (?:for|of|to|on|für|zum|des|der|pour|de|du|para|del)(?: \p{L}+){1,5})?(?:\s?[:=]\s?|(?: (?:is|was|ist|war|lautet|est|es|era)|[’']s)(?: now| still| just| always| jetzt| noch| toujours| todavía)?:? | )["'“„«]?([^\s"'”“«»,;]{3,40}[^\s"'”“«»,;.:)]))");
    // An answer to who asked for one.
    Pattern m_itIs{R"((?i)(?:^|[\s>])(?:it is|it[’']s|es ist|c[’']est|es):? ([A-Za-z0-9]{10,40})(?:$|[\s,.]))"};
    // "Reset, temporary one: 0wjhJAC8z".
    Pattern m_newlyMade =
        ofWords(R"((?i)(?:^|[\s(,])(?:<<newly made>>)(?: (?:one|code))?\s?:\s?([^\s,;]{5,40}[^\s,;.)]))");
    // A word for any key, and for those of doors as well: what follows must look like one.
    Pattern m_plainKey = ofWords(R"((?i)(?:^|[\s(])(?:<<of doors as well>>)\s?:\s?([A-Za-z0-9]{8,40})(?:$|[\s,;)]))");
    Pattern m_keyHeading = ofWords(R"((?i)(?:<<of doors as well>>))");
    Pattern m_keyName{R"([A-Z]{2,}(?:_[A-Z]{2,})+)"};
    Pattern m_anyWordBehind = ofWords(R"((?:.* )?(?:<<any word>>))");
    Pattern m_loneWord{R"(\p{L}[\p{L}'’\-]{3,})"};
    Pattern m_wordsOfPhrase{R"((?:(?:\d{1,2}[.):]? ?)?\p{Ll}{3,12}[ \-]+){2,}(?:\d{1,2}[.):]? ?)?\p{Ll}{3,12})"};
    Pattern m_folder = ofWords(R"(/(?:<<folders>>)(?:/[a-z0-9._/\-]*)?)");
    Pattern m_codesHeading = ofWords(R"((?i)\b(?:<<list of codes>>))");
    Pattern m_phraseHeading = ofWords(R"((?i)\b(?:<<list of words>>))");
    // "1. orbit", "12 velvet", "lamp", or a row of such: a word with its number, or one word.
    Pattern m_wordsOfList{R"((?:\d{1,2}[.):]? ?\p{L}{3,12})(?: +\d{1,2}[.):]? ?\p{L}{3,12}){0,7}|\p{Ll}\p{L}{2,7})"};
    Pattern m_wordOfPhrase{R"(\p{L}{3,12})"};
    Pattern m_codeAlone{
        R"((?:\d{1,2}[.):] )?[A-Za-z]{0,8}\d[A-Za-z0-9]{1,11}(?:[ \-][A-Za-z0-9]{2,12}){0,4}|(?:[A-Za-z0-9]{3,8}-){1,4}[A-Za-z0-9]{3,8})"};
    Pattern m_keyAlone{R"([A-Za-z0-9]{8,40})"};
    Pattern m_sum{"[0-9a-fA-F]{32}|[0-9a-fA-F]{40}|[0-9a-fA-F]{64}|[0-9a-fA-F]{96}|[0-9a-fA-F]{128}"}; // MD5, SHA
    Pattern m_secretWord = ofWords(R"((?i)(?:^|[^\p{L}])(?:<<told>>|<<before one word>>)(?:$|[^\p{L}]))");
    Pattern m_sumBefore =
        Pattern::ofWords(R"((?i)(?:^|[^\p{L}])(?:<<sum>>)[ :=]{1,2}["']?$)", QStringLiteral("words/secrets.txt"));
    Pattern m_token{R"((?:^|[\s"'=:(\[<,/])([A-Za-z0-9+_\-]{20,}={0,2})(?:$|[\s"')\]>,;&.]))"};
    Pattern m_placeholder = ofWords(R"((?i)[*•·.xX●_\-]+|<.*>|\$\{?.*|%.*%|\[.*\]?|<<stands for none>>)");
};

} // namespace

std::unique_ptr<Detector> makeSecretDetector() {
    return std::make_unique<SecretDetector>();
}

} // namespace eyelid
