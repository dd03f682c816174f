// What standards and manual pages fix: fields of messages between machines, and what commands of a console are given.
#include "support/found_on.h"

using namespace eyelid;

namespace {

// "kind:value" of all that is found on these lines.
QStringList valuesOn(std::initializer_list<const char*> lines) {
    QStringList found;
    for (const Finding& f : findingsOn(lines)) found << kindName(f.kind) + u':' + f.text;
    return found;
}

void checkHolds(const QStringList& found, std::initializer_list<const char*> wanted) {
    INFO(found.join(u'|').toStdString());
    for (const char* one : wanted) {
        INFO(one);
        CHECK(found.contains(QString::fromUtf8(one)));
    }
}

} // namespace

TEST_CASE("fields of an HL7 message hold what the standard says, whatever it looks like") {
    const QStringList found = valuesOn(
        {"MSH|^~\\&|LAB|XRF|58086328", "PID|1||201457||Ngozi^Azubuike||19960326|M|||813 Clare^^Ado^^15249||44 289 6266",
         "NK1|1|Pragel^Karin|MTH|7 Ossel^^Terben", "OBX|1|NM|HSL||51|g/L"});
    checkHolds(found, {"person:Ngozi^Azubuike", "dob:19960326", "phone:44 289 6266", "record:201457",
                       "person:Pragel^Karin", "address:7 Ossel^^Terben"});
    for (const QString& one : found) CHECK_FALSE(one.contains(QStringLiteral("HSL")));
}

TEST_CASE("fields of an EDIFACT message hold what the standard says") {
    checkHolds(valuesOn({"NAD+BY+++Pragel Karin+Ossel 7+Terben++63391'", "COM+7005558:TE'", "LIN+1++4000862:EN'"}),
               {"person:Pragel Karin", "address:Ossel 7", "address:Terben", "address:63391", "phone:7005558"});
}

TEST_CASE("attributes of an entry of a directory are known by their names, where an entry begins") {
    checkHolds(valuesOn({"dn: uid=terben,ou=people,dc=example", "cn: Ossel Pragelin", "l: Hwidiem",
                         "userPassword: swordfish"}),
               {"person:Ossel Pragelin", "address:Hwidiem", "secret:swordfish"});
    for (const QString& one : valuesOn({"l: Hwidiem", "street: smart"}))
        CHECK_FALSE(one.startsWith(QStringLiteral("address")));
}

TEST_CASE("a file of accounts, a certificate and a booking tell whose they are") {
    const QStringList accounts =
        valuesOn({"root:x:0:0:root:/root:/bin/bash", "terben:x:1000:1000:Ossel Pragelin,,,:/srv:/bin/sh"});
    checkHolds(accounts, {"username:terben", "person:Ossel Pragelin"});
    for (const QString& one : accounts) CHECK_FALSE(one.endsWith(QStringLiteral(":root")));
    checkHolds(valuesOn({"Subject: C=GB, O=Larkmoor Water, CN=Hazel de Wet/emailAddress=h@mail.example"}),
               {"person:Hazel de Wet"});
    checkHolds(valuesOn({" 1.1TERBEN/OSSEL MRS", " 2.1PRAGELIN/IDA CHD"}),
               {"person:1TERBEN/OSSEL", "person:1PRAGELIN/IDA"});
}

TEST_CASE("a segment's name alone makes no message") {
    for (const QString& one :
         valuesOn({"PID USER COMMAND", "NAD is a field of chemistry", "STF|", "PID|12|running|3|ossel|5|pumps"})) {
        CHECK_FALSE(one.startsWith(QStringLiteral("person")));
        CHECK_FALSE(one.startsWith(QStringLiteral("record")));
    }
}

// What is covered ends at no letter within a word, so that of "-p" goes along.
TEST_CASE("commands are given user names and passwords by their options") {
    checkHolds(valuesOn({"szucs@pumps:~$ mysql -u harag -pvmGhVxyTjuG stock",
                         "$ curl -u ossel:pragelin https://pumps.example/a",
                         "# sshpass -p hunterly ssh terben@192.0.2.7", "$ psql -U pragel -d meters",
                         "$ redis-cli -a swordfish ping", "$ docker login -u hwidiem -p trickle9 pumps.example"}),
               {"username:szucs", "username:harag", "secret:pvmGhVxyTjuG", "username:ossel", "secret:pragelin",
                "secret:hunterly", "username:terben", "username:pragel", "secret:swordfish", "username:hwidiem",
                "secret:trickle9"});
}

TEST_CASE("accounts of a system's own, other options and variables are nobody's") {
    const QStringList found =
        valuesOn({"root@pumps:~# mysql -u root stock", "$ tar -p -xf parts.tar", "$ mysql -p stock",
                  "$ curl -u $LOGIN https://pumps.example/", "we use mysql -p often",
                  "$ docker run -p 8080:80 -u 1000 web", "$ curl -u  https://pumps.example/", "$ ls -u ossel"});
    INFO(found.join(u'|').toStdString());
    for (const QString& one : found) {
        CHECK_FALSE(one.startsWith(QStringLiteral("username")));
        CHECK_FALSE(one.startsWith(QStringLiteral("secret")));
    }
}

TEST_CASE("a command that goes on over several lines is given what stands on each") {
    made::PageMaker maker;
    maker.line(QStringLiteral("$ curl -s -H \"Accept: text/plain\" \\"), 20, 40);
    maker.line(QStringLiteral("-u ossel:pragelin \\"), 52, 58);
    maker.line(QStringLiteral("https://pumps.example/a"), 52, 76);
    // Nothing of it is a command.
    maker.line(QStringLiteral("-u nobody:nothing"), 20, 400);
    QStringList found;
    for (const Finding& f : finder().find(maker.page(), everything(), {})) found << kindName(f.kind) + u':' + f.text;
    CHECK(found.contains(QStringLiteral("username:ossel")));
    CHECK(found.contains(QStringLiteral("secret:pragelin")));
    CHECK_FALSE(found.contains(QStringLiteral("secret:nothing")));
}

TEST_CASE("files of passwords say whose they are and what they are") {
    checkHolds(valuesOn({"db.example.org:5432:meters:francois_s:a1yyNFnuyr12ai", "*:*:*:harag:pragelin",
                         "ossel:$apr1$qk3uLw0e$w6Yx1dF0sPz7mB"}),
               {"username:francois_s", "secret:a1yyNFnuyr12ai", "username:harag", "secret:pragelin", "username:ossel",
                "secret:$apr1$qk3uLw0e$w6Yx1dF0sPz7mB"});
    for (const QString& one :
         valuesOn({"00:00:5e:3a:c?:f0", "10:45:00:start:stop", "Last login: Tue Nov 24 08:28:11 2026"})) {
        CHECK_FALSE(one.startsWith(QStringLiteral("username")));
        CHECK_FALSE(one.startsWith(QStringLiteral("secret")));
    }
}
