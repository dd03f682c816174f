// Policies as files: what they may say, where they are wrong, and that what is written is read back.
#include "base/spoken_languages.h"
#include "finding/finder.h"
#include "finding/known_policies.h"
#include "support/made.h"

#include <QLocale>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

QStringList found(const Policy& policy, const QStringList& lines, Kind kind) {
    static const Finder finder;
    made::PageMaker maker;
    for (const QString& line : lines) maker.line(line);
    QStringList values;
    for (const Finding& f : finder.find(maker.page(), policy, {}))
        if (f.kind == kind) values << f.text;
    return values;
}

Policy read(const char* text) {
    auto policy = parsePolicy(text, QStringLiteral("test"));
    INFO(text);
    if (!policy) FAIL(policy.error().sentence.toStdString());
    return *policy;
}

} // namespace

TEST_CASE("every shipped policy is read back as it was written") {
    for (const QString& name : shippedPolicyNames()) {
        INFO(name.toStdString());
        const auto policy = loadPolicy(name);
        REQUIRE(policy);
        CHECK(policy->name == name);
        CHECK_FALSE(policy->description.isEmpty());
        const QByteArray written = writePolicy(*policy);
        const auto again = parsePolicy(written, name);
        REQUIRE(again);
        CHECK(writePolicy(*again) == written);
        for (const Kind kind : allKinds()) {
            CHECK(again->rule(kind).on == policy->rule(kind).on);
            CHECK(again->rule(kind).threshold == Approx(policy->rule(kind).threshold));
            CHECK(again->rule(kind).ground == policy->rule(kind).ground);
            CHECK(again->rule(kind).keepLast == policy->rule(kind).keepLast);
        }
    }
}

TEST_CASE("a policy is called in the language that is spoken, where it says how, and known by one name in all") {
    struct Speaking {
        QLocale before;
        ~Speaking() { QLocale::setDefault(before); }
    } speaking;
    for (const QString& language : spokenLanguages()) {
        INFO(language.toStdString());
        QLocale::setDefault(QLocale(language));
        for (const QString& name : shippedPolicyNames()) {
            const auto policy = loadPolicy(name);
            REQUIRE(policy);
            CHECK(policy->name == name);
            CHECK((policyTitle(*policy) == name) == (language == QStringLiteral("en")));
            CHECK((policyDescription(*policy) == policy->description) == (language == QStringLiteral("en")));
            CHECK(policyTitle(*parsePolicy(writePolicy(*policy), name)) == policyTitle(*policy));
        }
    }
    QLocale::setDefault(QLocale(QStringLiteral("de_AT")));
    CHECK(titleOf(knownPolicies().front()) == QStringLiteral("alles"));
    QLocale::setDefault(QLocale(QStringLiteral("fi")));
    CHECK(titleOf(knownPolicies().front()) == QStringLiteral("everything"));
}

TEST_CASE("the health policy names a ground for each of the eighteen identifiers it looks for") {
    const Policy health = *loadPolicy(QStringLiteral("health"));
    for (const Kind kind : allKinds()) {
        if (kind == Kind::Watch) continue;
        INFO(kindName(kind).toStdString());
        CHECK(health.rule(kind).on);
        CHECK_FALSE(health.rule(kind).ground.isEmpty());
    }
}

TEST_CASE("a policy's labels, patterns and exceptions decide what is found") {
    const Policy policy = read(R"(
name = "office"
look_for = ["person", "record", "phone", "email"]
exceptions = ["01632 960000", '/@larkmoor-water\.example$/']
[labels]
record = ["job ref"]
[[pattern]]
name = "meter serial"
match = 'LW-(\d{7})'
kind = "record"
near = ["meter"]
check = "luhn"
)");
    CHECK(found(policy, {QStringLiteral("Job ref: 4471-20")}, Kind::Record) == QStringList{QStringLiteral("4471-20")});
    CHECK(
        found(policy, {QStringLiteral("Meter serial LW-9971621")}, Kind::Record).isEmpty()); // its check digit is wrong
    CHECK(found(policy, {QStringLiteral("Meter serial LW-9971623")}, Kind::Record) ==
          QStringList{QStringLiteral("9971623")});
    CHECK(found(policy, {QStringLiteral("Valve LW-9971623")}, Kind::Record).isEmpty()); // nothing near says meter
    CHECK(found(policy, {QStringLiteral("Call 01632 960000 or 01632 960417")}, Kind::Phone) ==
          QStringList{QStringLiteral("01632 960417")});
    CHECK(found(policy, {QStringLiteral("help@larkmoor-water.example, ines@mail.example")}, Kind::Email) ==
          QStringList{QStringLiteral("ines@mail.example")});
}

TEST_CASE("the last digits of a card may stay; the rest is covered") {
    const Policy payment = *loadPolicy(QStringLiteral("payment"));
    CHECK(found(payment, {QStringLiteral("Card 4111 1111 1111 1111 expires 09/28")}, Kind::Card) ==
          QStringList{QStringLiteral("4111 1111 1111")});
    const Policy everything = *loadPolicy(QStringLiteral("everything"));
    CHECK(found(everything, {QStringLiteral("Card 4111 1111 1111 1111")}, Kind::Card) ==
          QStringList{QStringLiteral("4111 1111 1111 1111")});
}

TEST_CASE("a policy says which colour solid covers have, and whether what was replaced is marked") {
    auto policy = parsePolicy(
        "name = \"x\"\nlook_for = \"everything\"\ncolour = \"ground\"\nmark_replaced = true\nlabel = \"ground\"",
        QStringLiteral("x"));
    REQUIRE(policy);
    CHECK(policy->look(Kind::Person) == CoverLook{CoverStyle::Solid, 0.5, CoverColour::Ground});
    CHECK(policy->marksReplaced);
    auto again = parsePolicy(writePolicy(*policy), QStringLiteral("x"));
    REQUIRE(again);
    CHECK(again->look(Kind::Person) == policy->look(Kind::Person));
    CHECK(again->marksReplaced);
    CHECK(again->labelsTellGround);
    auto wrong = parsePolicy("name = \"x\"\nlook_for = \"everything\"\ncolour = \"mauve\"", QStringLiteral("x"));
    REQUIRE_FALSE(wrong);
    CHECK(wrong.error().sentence.contains(QStringLiteral("line 3")));
    CHECK(wrong.error().sentence.contains(QStringLiteral("\"ground\"")));
}

TEST_CASE("a finding carries the policy's ground") {
    static const Finder finder;
    const Page page = made::PageMaker().line(QStringLiteral("Dear Mr Hartwell")).page();
    const auto findings = finder.find(page, *loadPolicy(QStringLiteral("public disclosure")), {});
    REQUIRE(findings.size() == 1);
    CHECK(findings[0].ground == QLatin1String("5 U.S.C. 552(b)(6)"));
}

TEST_CASE("a mistake is told with its line and column and what is expected") {
    const std::pair<const char*, const char*> mistakes[] = {
        {"name = \"a\"\nlook_for = [\"person\"]\nleave_out = [\"persons\"]\n", "line 3, column 14"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[labels]\nnobody = [\"x\"]\n", "line 4"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[[pattern]]\nname = \"x\"\n", "\"match\""},
        {"name = \"a\"\nlook_for = [\"person\"]\n[[pattern]]\nname = \"x\"\nmatch = '('\n", "line 5"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[[pattern]]\nname = \"x\"\nmatch = 'y'\ncheck = \"sum\"\n", "luhn"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[[pattern]]\nname = \"x\"\nmatch = 'y'\nwhere = \"z\"\n", "\"where\""},
        {"name = \"a\"\nlook_for = [\"person\"]\n[keep_last]\nperson = 4\n", "card"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[keep_last]\ncard = 12\n", "from 0 to 4"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[grounds]\nperson = 6\n", "text in quotes"},
        {"name = \"a\"\nlook_for = [\"person\"]\n[translated.de]\ntitle = \"b\"\n", "\"title\""},
    };
    for (const auto& [text, expected] : mistakes) {
        INFO(text);
        const auto policy = parsePolicy(text, QStringLiteral("office.toml"));
        REQUIRE_FALSE(policy);
        CHECK(policy.error().sentence.startsWith(QLatin1String("office.toml, line")));
        CHECK(policy.error().sentence.contains(QString::fromLatin1(expected)));
    }
}

TEST_CASE("policies are known by name: those that ship, the office's, one's own; nobody takes a shipped name") {
    QTemporaryDir office, own, before;
    const auto write = [](const QTemporaryDir& folder, const char* name, const char* kind) {
        REQUIRE(writeFileWhole(folder.filePath(QLatin1String(name)),
                               QByteArray("name = \"x\"\nlook_for = [\"") + kind + "\"]\n", false));
    };
    write(office, "front-office.toml", "email");
    write(office, "everything.toml", "email");
    write(own, "Front Office.toml", "phone");
    write(own, "back-office.toml", "phone");
    write(before, "old.toml", "iban");
    const PolicyFolders folders{office.path(), {own.path(), before.path()}};
    QStringList names;
    for (const KnownPolicy& policy : knownPolicies(folders)) names << policy.name;
    CHECK(names.mid(0, 2) == QStringList{QStringLiteral("everything"), QStringLiteral("contact details")});
    CHECK(names.mid(6) ==
          QStringList{QStringLiteral("front office"), QStringLiteral("back office"), QStringLiteral("old")});
    CHECK(policyText(QStringLiteral("Front-Office"), folders)->contains("email"));
    CHECK_FALSE(policyText(QStringLiteral("everything"), folders)->contains("name = \"x\""));
    CHECK(originTitle(knownPolicies(folders)[6]).contains(office.path()));
    const auto none = policyText(QStringLiteral("nobody's"), folders);
    REQUIRE_FALSE(none);
    CHECK(none.error().kind == Error::Kind::Missing);
    CHECK(none.error().sentence.contains(QStringLiteral("front office")));
}
