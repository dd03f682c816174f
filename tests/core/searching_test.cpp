// Known values, watch lists and policies, on any input at all.
#include "finding/finder.h"
#include "finding/phrase_search.h"
#include "finding/policy.h"
#include "finding/watch_list.h"
#include "support/everything.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QFile>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

QString anyOf(std::mt19937& random, const QString& alphabet, int least, int most) {
    QString text;
    const int length = least + int(random() % unsigned(most - least + 1));
    for (int i = 0; i < length; ++i) text += alphabet[qsizetype(random() % unsigned(alphabet.size()))];
    return text;
}

TextRun runOf(const QString& text) {
    TextRun run;
    run.search = SearchText(text);
    run.joint = int(text.size());
    return run;
}

QStringList hits(const PhraseSearch& search, const QString& text) {
    QStringList found;
    for (const PhraseHit& hit : search.in(runOf(text))) found << text.mid(hit.span.start, hit.span.length);
    return found;
}

QString write(const QTemporaryDir& folder, const QByteArray& bytes) {
    const QString path = folder.filePath(QStringLiteral("watch.txt"));
    QFile file(path);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(bytes);
    return path;
}

} // namespace

TEST_CASE("a known value is found in any spelling, and only as whole words") {
    PhraseSearch search;
    CHECK(search.isEmpty());
    search.add(QStringLiteral("Tannery Row"), 1);
    search.add(QStringLiteral("Ines Hartwell"), 2);
    CHECK(hits(search, QStringLiteral("to Ines Hartwell, Tannery Row")) ==
          QStringList{QStringLiteral("Ines Hartwell"), QStringLiteral("Tannery Row")});
    CHECK(hits(search, QStringLiteral("INES HARTWELL")).size() == 1);
    CHECK(hits(search, QStringLiteral("lnes Hartwe1l")).size() == 1); // misread
    CHECK(hits(search, QStringLiteral("lnés Hartwell")).size() == 1);
    CHECK(hits(search, QStringLiteral("Ines Hartwells")).isEmpty());
    CHECK(hits(search, QStringLiteral("Vines Hartwell")).isEmpty());
    CHECK(hits(search, QStringLiteral("Ines")).isEmpty());
    CHECK(hits(search, QString()).isEmpty());
}

TEST_CASE("of many known values each is found where it stands, among words of any kind") {
    std::mt19937 random(11);
    const QString letters = QStringLiteral("abcdefghkmnpqrtuvwxyz");
    for (int round = 0; round < 60; ++round) {
        PhraseSearch search;
        QStringList known;
        for (int i = 0; i < 20; ++i) {
            known << anyOf(random, letters, 6, 9) + QLatin1Char(' ') + anyOf(random, letters, 6, 9);
            search.add(known.back(), i);
        }
        const int which = int(random() % 20);
        QStringList words;
        for (int i = 0; i < 6; ++i) words << anyOf(random, letters, 2, 5); // too short to be part of one
        words.insert(qsizetype(random() % 7), known[which]);
        const QString text = words.join(QLatin1Char(' '));
        const auto found = search.in(runOf(text));
        INFO(text.toStdString());
        REQUIRE(found.size() == 1);
        CHECK(found[0].id == which);
        CHECK(text.mid(found[0].span.start, found[0].span.length) == known[which]);
    }
}

TEST_CASE("hits lie within the text and do not overlap, whatever stands in it") {
    std::mt19937 random(12);
    const QString signs = QString::fromUtf8("ab1lI O0.-@ éß😀\u2028\t");
    for (int round = 0; round < 300; ++round) {
        PhraseSearch search;
        for (int i = 0; i < 8; ++i) search.add(anyOf(random, signs, 0, 6), i);
        const QString text = anyOf(random, signs, 0, 40);
        int end = 0;
        for (const PhraseHit& hit : search.in(runOf(text))) {
            CHECK(hit.span.start >= end);
            CHECK(hit.span.length > 0);
            CHECK(hit.id >= 0);
            CHECK(hit.id < 8);
            end = hit.span.end();
            CHECK(end <= text.size());
        }
    }
}

TEST_CASE("a watch list is a plain file of words and patterns, with remarks") {
    QTemporaryDir folder;
    auto list = WatchList::load(write(folder, "# our projects\nKingfisher\n\n  Quiet Harbour  \n/LW-C-\\d{4}/\n"));
    REQUIRE(list);
    CHECK(list->words() == QStringList{QStringLiteral("Kingfisher"), QStringLiteral("Quiet Harbour")});
    CHECK(list->patterns().size() == 1);
    CHECK_FALSE(list->isEmpty());
    auto more = WatchList::make({QStringLiteral("Otter")}, {});
    REQUIRE(more);
    list->add(std::move(*more));
    CHECK(list->words().size() == 3);
    CHECK(WatchList().isEmpty());
    // Windows' line ends, and a last line without one.
    auto ended = WatchList::load(write(folder, "Kingfisher\r\nOtter"));
    REQUIRE(ended);
    CHECK(ended->words() == QStringList{QStringLiteral("Kingfisher"), QStringLiteral("Otter")});
}

TEST_CASE("a watch list that cannot be used says why, in a sentence") {
    QTemporaryDir folder;
    const auto missing = WatchList::load(folder.filePath(QStringLiteral("none.txt")));
    REQUIRE_FALSE(missing);
    CHECK(missing.error().sentence.contains(QStringLiteral("none.txt")));
    const auto wrong = WatchList::load(write(folder, "Otter\n/(/\n"));
    REQUIRE_FALSE(wrong);
    CHECK(wrong.error().sentence.size() > 20);
    CHECK_FALSE(WatchList::make({}, {QStringLiteral("[")}));
}

TEST_CASE("a watch list of any bytes is read or refused") {
    QTemporaryDir folder;
    std::mt19937 random(13);
    for (int round = 0; round < 200; ++round) {
        QByteArray bytes;
        for (auto n = random() % 120; n > 0; --n) bytes += "/(#\n\\[*aé\0\xff x"[random() % 14];
        const auto list = WatchList::load(write(folder, bytes));
        if (!list) {
            CHECK_FALSE(list.error().sentence.isEmpty());
            continue;
        }
        for (const QString& word : list->words()) CHECK(word == word.trimmed());
    }
}

TEST_CASE("a policy with any damage to it is read, or refused in a sentence that names its file") {
    std::mt19937 random(14);
    const QByteArray whole("name = \"Office\"\nlook_for = [\"person\", \"card\"]\nleave_out = [\"Larkmoor\"]\n"
                           "[labels]\nperson = [\"crew\"]\n[[pattern]]\nname = \"ticket\"\nmatch = 'LW-\\d+'\n"
                           "[keep_last]\ncard = 4\n[grounds]\nperson = \"Art. 6\"\n");
    for (int round = 0; round < 400; ++round) {
        QByteArray bytes = whole;
        for (auto n = 1 + random() % 3; n > 0; --n) {
            const qsizetype at = qsizetype(random() % unsigned(bytes.size()));
            switch (random() % 3) {
            case 0:
                bytes[at] = char(random());
                break;
            case 1:
                bytes.remove(at, 1 + qsizetype(random() % 9));
                break;
            default:
                bytes.insert(at, "[\"='\n{,"[random() % 7]);
            }
        }
        const auto read = parsePolicy(bytes, QStringLiteral("office.toml"));
        if (read) continue;
        INFO(bytes.toStdString());
        CHECK(read.error().sentence.startsWith(QLatin1String("office.toml")));
    }
}

TEST_CASE("a file's name holds a value where it is written, not where two ways of writing it meet") {
    Finding known;
    known.kind = Kind::Person;
    known.text = QStringLiteral("Lena Blackwater");
    CHECK(finder().readableInText(QStringLiteral("blackwater-report-1"), {known}).size() > 0);
    Finding turned;
    turned.kind = Kind::Person;
    turned.text = QStringLiteral("LTE Black");
    CHECK(finder().readableInText(QStringLiteral("black-dashboard-typography-1"), {turned}).empty());
    CHECK(finder().findInText(QStringLiteral("p61-hu"), everything(), {}).empty());
}
