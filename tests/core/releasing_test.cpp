// What lies beside released pictures, documents of them, and whether they are still what they were.
#include "checking/pdf_contents.h"
#include "releasing/archive.h"
#include "releasing/checksums.h"
#include "releasing/digest.h"
#include "releasing/document.h"
#include "releasing/mail_draft.h"
#include "releasing/names.h"
#include "releasing/release_form.h"
#include "releasing/signature.h"
#include "releasing/verification.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

DocumentPage pageOf(const QImage& picture, ReleaseFormat format) {
    auto bytes = encodePicture(picture, {format});
    REQUIRE(bytes);
    return {*bytes, format, picture.size(), {}, QStringLiteral("A screen")};
}

Document documentOfThree() {
    Document document;
    document.title = QStringLiteral("larkmoor & sons");
    document.pages = {pageOf(made::screen(), ReleaseFormat::Png), pageOf(made::noise({90, 60}, 3), ReleaseFormat::Png),
                      pageOf(made::noise({700, 900}, 4), ReleaseFormat::Jpeg)};
    document.pages[0].words = std::make_shared<const Page>(
        made::PageMaker().line(QStringLiteral("Zählerstand 4711 <m³>")).line(QStringLiteral("Гость")).page());
    document.summary = {QStringLiteral("What was hidden"), {}, QStringLiteral("E-mail, covered: 12, 40 (80 × 20)")};
    return document;
}

QByteArray written(DocumentKind kind, const Document& document) {
    auto bytes = documentAs(kind, document);
    if (!bytes) FAIL(bytes.error().sentence.toStdString());
    return *bytes;
}

void put(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(bytes);
}

NameParts parts(qsizetype number, qsizetype count) {
    return {QStringLiteral("Leak at Mill Lane!"), QStringLiteral("public disclosure"), QDate(2026, 11, 27), number,
            count};
}

} // namespace

TEST_CASE("names are made of parts, sort as the captures do, and are what a file can be called") {
    CHECK(nameFrom(usualNames, parts(3, 120)) == QStringLiteral("leak-at-mill-lane-003"));
    CHECK(nameFrom(neutralNames, parts(3, 4)) == QStringLiteral("picture-03"));
    CHECK(nameFrom(QStringLiteral("{date} {policy} {number} of {count}"), parts(1, 2)) ==
          QStringLiteral("2026-11-27 public-disclosure 01 of 2"));
    // Several cannot all be called the same.
    CHECK(nameFrom(QStringLiteral("{case}"), parts(2, 3)) == QStringLiteral("leak-at-mill-lane-02"));
    CHECK(nameFrom(QStringLiteral("{case}"), parts(1, 1)) == QStringLiteral("leak-at-mill-lane"));
    CHECK(documentNameFrom(usualNames, parts(1, 3)) == QStringLiteral("leak-at-mill-lane"));
    CHECK(documentNameFrom(QStringLiteral("{number}"), parts(1, 3)) == QStringLiteral("pictures"));
    CHECK(nameFrom(usualNames, {QStringLiteral("?!"), {}, {}, 1, 1}) == QStringLiteral("case-01"));
    CHECK(nameFrom(usualNames, {QString(4000, u'x'), {}, {}, 1, 1}).size() < 200);
    for (const char* wrong : {"", "  ", "a/b", "{nobody}", "{number", "number}", ".hidden", "-rf", "a\nb", "a\\b"})
        CHECK_FALSE(checkNames(QString::fromLatin1(wrong)));
    for (const char* right : {"{case}-{number}", "Größe {number}", "a.b"}) CHECK(checkNames(QString::fromUtf8(right)));
}

TEST_CASE("files that would meet others are all numbered alike") {
    const QSet<QString> there{QStringLiteral("a (2).png")};
    const auto taken = [&](const QString& name) { return there.contains(name); };
    const QStringList files{QStringLiteral("a.png"), QStringLiteral("SHA256SUMS")};
    CHECK(numberApart(files, taken) == 0); // none of them is there as it is called
    CHECK(numberApart(files + QStringList{QStringLiteral("a (2).png")}, taken) == 3);
    CHECK(numbered(files, 3) == QStringList{QStringLiteral("a (3).png"), QStringLiteral("SHA256SUMS (3)")});
    CHECK(numbered(signatureName(QStringLiteral("redaction-log.json")), 2) ==
          signatureName(QStringLiteral("redaction-log (2).json")));
}

TEST_CASE("sizes are read as people write them") {
    CHECK(*bytesFrom(QStringLiteral("500k")) == 500'000);
    CHECK(*bytesFrom(QStringLiteral(" 2.5 MB")) == 2'500'000);
    CHECK(*bytesFrom(QStringLiteral("1234")) == 1234);
    for (const char* wrong : {"", "k", "-3k", "0", "1e30", "nan", "five"})
        CHECK_FALSE(bytesFrom(QString::fromLatin1(wrong)));
}

TEST_CASE("a form is kept and comes back as it was, whatever stands there") {
    ReleaseForm form;
    REQUIRE(setFormat(form, QStringLiteral("pdf")));
    form.encoding = {ReleaseFormat::Jpeg, 70};
    form.mostBytes = 500'000;
    form.names = QStringLiteral("{date}-{number}");
    form.documentWords = form.report = true;
    form.perSheet = 4;
    form.wrapping = Wrapping::Mail;
    CHECK(releaseFormFrom(packed(form)) == form);
    CHECK(releaseFormFrom({}) == ReleaseForm());
    CHECK(releaseFormFrom("{\"quality\":\"high\"}") == ReleaseForm());
    CHECK(releaseFormFrom("[1,2").encoding == Encoding());
    for (const char* none : {"{\"per_sheet\":3}", "{\"per_sheet\":0}", "{\"per_sheet\":-1}", "{\"per_sheet\":1000000}"})
        CHECK(releaseFormFrom(none).perSheet == 1);
    for (const QString& code : formatCodes()) {
        ReleaseForm each;
        REQUIRE(setFormat(each, code));
        CHECK(formatCode(each) == code);
    }
    CHECK_FALSE(setFormat(form, QStringLiteral("bmp")));
}

TEST_CASE("a PDF holds the very pictures, a page each, and its text is what was given to it") {
    const Document document = documentOfThree();
    const QByteArray pdf = written(DocumentKind::Pdf, document);
    const PdfContents inside = takeApartPdf(pdf);
    CHECK(inside.besides == QStringList());
    CHECK(inside.pages == 4);
    REQUIRE(inside.pictures.size() == 3);
    CHECK(inside.pictures[2].data == document.pages[2].picture);
    const QString all = inside.texts.join(u'\n');
    for (const char* text : {"Zählerstand", "4711", "<m³>", "Гость", "larkmoor & sons", "A screen", "Picture 2 of 3",
                             "E-mail, covered: 12, 40 (80 × 20)"})
        CHECK(all.contains(QString::fromUtf8(text)));
    CHECK(written(DocumentKind::Pdf, document) == pdf);
    for (const char* never : {"Date", "/Creator", "/Author"}) CHECK_FALSE(pdf.contains(never));
}

TEST_CASE(
    "several pictures stand on a sheet of paper, each whole, apart from the others, with its words and its caption") {
    Document document = documentOfThree();
    for (const auto& [perSheet, sheets] : {std::pair{2, 2}, std::pair{4, 1}}) {
        CAPTURE(perSheet);
        document.perSheet = perSheet;
        const QByteArray pdf = written(DocumentKind::Pdf, document);
        const PdfContents inside = takeApartPdf(pdf);
        CHECK(inside.besides == QStringList());
        CHECK(inside.pages == sheets + 1);
        REQUIRE(inside.pictures.size() == 3);
        CHECK(inside.pictures[2].data == document.pages[2].picture);
        const QString all = inside.texts.join(u'\n');
        for (const char* text : {"Zählerstand", "Picture 1 of 3", "Picture 2 of 3", "Picture 3 of 3"})
            CHECK(all.contains(QString::fromUtf8(text)));
        CHECK(written(DocumentKind::Pdf, document) == pdf);
        CHECK(rewrittenPdf(pdf) == pdf);
    }
    // Drawn: the sheet is paper, and every picture's own colour is on it once, within its margins.
    Document coloured;
    coloured.title = QStringLiteral("colours");
    coloured.perSheet = 4;
    const QColor colours[] = {Qt::red, Qt::green, Qt::blue, Qt::magenta};
    for (const QColor& colour : colours) {
        QImage one(800, 500, QImage::Format_RGB32);
        one.fill(colour);
        coloured.pages.push_back(pageOf(one, ReleaseFormat::Png));
    }
    QTemporaryDir folder;
    put(folder.filePath(QStringLiteral("c.pdf")), written(DocumentKind::Pdf, coloured));
    QProcess drawing;
    drawing.start(QStringLiteral("pdftoppm"),
                  {QStringLiteral("-r"), QStringLiteral("72"), QStringLiteral("-png"),
                   folder.filePath(QStringLiteral("c.pdf")), folder.filePath(QStringLiteral("c"))});
    REQUIRE(drawing.waitForFinished());
    const QImage sheet(folder.filePath(QStringLiteral("c-1.png")));
    REQUIRE(std::abs(sheet.width() - 842) <= 1); // wide pictures lie on a wide sheet
    REQUIRE(std::abs(sheet.height() - 595) <= 1);
    QRect places[4];
    for (int y = 0; y < sheet.height(); ++y)
        for (int x = 0; x < sheet.width(); ++x)
            for (int i = 0; i < 4; ++i)
                if (sheet.pixelColor(x, y) == colours[i]) places[i] |= QRect(x, y, 1, 1);
    for (int i = 0; i < 4; ++i) {
        CHECK(QRect(30, 30, 782, 535).contains(places[i]));
        CHECK(std::abs(places[i].width() * 500 - places[i].height() * 800) < 2000); // as it is shaped
        for (int other = 0; other < i; ++other) CHECK_FALSE(places[i].intersects(places[other]));
    }
    CHECK(places[0].top() == places[1].top());
    CHECK(places[0].right() < places[1].left());
    CHECK(places[0].bottom() < places[2].top());
}

TEST_CASE("what does not belong in a PDF is told of") {
    const QByteArray pdf = written(DocumentKind::Pdf, documentOfThree());
    const auto strange = [](const QByteArray& bytes) { return !takeApartPdf(bytes).besides.isEmpty(); };
    CHECK(strange({}));
    CHECK(strange("no PDF"));
    CHECK(strange(pdf + "more"));
    CHECK(strange("before" + pdf));
    CHECK(strange(pdf.left(pdf.size() / 2)));
    // An entry under another name of the same length: a script that runs when it is opened, a file in it, an author.
    for (const char* put : {"/OpenAct", "/AAAAAAA", "/Names  ", "/AcroFor"}) {
        QByteArray other = pdf;
        const qsizetype at = other.indexOf("/Outlines");
        REQUIRE(at > 0);
        other.replace(at, 9, QByteArray(put).leftJustified(9, 'x'));
        INFO(put);
        CHECK(strange(other));
    }
    QByteArray script = pdf;
    script.replace("/S /GTS_PDFA1", "/S /JavaScrip");
    CHECK(script != pdf);
    CHECK(strange(script));
    // A later revision that takes the place of the first, as editors append it.
    CHECK(strange(pdf + "1 0 obj\n<< >>\nendobj\ntrailer << >>\nstartxref\n0\n%%EOF\n"));
}

TEST_CASE("a byte changed anywhere in a PDF is noticed") {
    const QByteArray pdf = written(DocumentKind::Pdf, documentOfThree());
    const PdfContents whole = takeApartPdf(pdf);
    const auto same = [&](const PdfContents& other) {
        return other.besides.isEmpty() && other.texts == whole.texts && other.pages == whole.pages &&
               std::equal(
                   other.pictures.begin(), other.pictures.end(), whole.pictures.begin(), whole.pictures.end(),
                   [](const PdfPicture& a, const PdfPicture& b) { return a.data == b.data && a.size == b.size; });
    };
    REQUIRE(same(takeApartPdf(pdf)));
    std::mt19937 random(19);
    std::vector<qsizetype> places;
    for (int i = 0; i < 150; ++i) places.push_back(qsizetype(random() % size_t(pdf.size())));
    // All of what is behind the last object: the trailer with its two IDs.
    for (qsizetype at = pdf.lastIndexOf("trailer"); at < pdf.size(); ++at) places.push_back(at);
    for (const qsizetype at : places) {
        QByteArray other = pdf;
        other[at] = char(other[at] ^ 1);
        INFO(at << " of " << pdf.size() << ": " << pdf.mid(at - 10, 20).toStdString());
        CHECK_FALSE(same(takeApartPdf(other)));
    }
}

TEST_CASE("a document of one picture is a document as well, and long text goes on to a further page") {
    Document one;
    one.title = QStringLiteral("one");
    one.pages = {pageOf(made::screen(), ReleaseFormat::Png)};
    for (int i = 0; i < 60; ++i) one.summary << QStringLiteral("Line %1").arg(i);
    const PdfContents inside = takeApartPdf(written(DocumentKind::Pdf, one));
    CHECK(inside.besides == QStringList());
    CHECK(inside.pages == 3);
    CHECK(inside.texts.join(u' ').contains(QStringLiteral("Line 59")));
    // More letters than one font holds codes for, and words that stand on their side.
    QString many;
    for (char16_t c = 0x100; c < 0x300; ++c) many += QChar(c);
    Page words = made::PageMaker().line(many).page();
    words.lines.front().turned = 90;
    one.pages.front().words = std::make_shared<const Page>(words);
    const PdfContents wide = takeApartPdf(written(DocumentKind::Pdf, one));
    CHECK(wide.besides == QStringList());
    for (const char16_t c : {u'\u0100', u'\u0201', u'\u02ff'}) CHECK(wide.texts.join(QString()).contains(QChar(c)));
}

TEST_CASE("an HTML page holds the very pictures and needs nothing from anywhere") {
    const Document document = documentOfThree();
    const QByteArray html = written(DocumentKind::Html, document);
    CHECK(html.contains("Zählerstand 4711 &lt;m³&gt;"));
    CHECK(html.contains("<title>larkmoor &amp; sons</title>"));
    CHECK(html.contains("alt=\"A screen\""));
    CHECK(html.count("<img ") == 3);
    for (const char* never : {"<script", "http:", "https:", "<link"}) CHECK_FALSE(html.contains(never));
    CHECK(written(DocumentKind::Html, document) == html);
}

TEST_CASE("an archive holds the files and no time, and one that leads outside of itself is refused") {
    const std::vector<Artifact> files{{QStringLiteral("a.png"), "one"},
                                      {QStringLiteral("größe.json"), QByteArray(70000, 'x')}};
    const auto zip = zipOf(files);
    REQUIRE(zip);
    CHECK(*zip == *zipOf(files));
    const auto again = filesOfZip(*zip, 1'000'000);
    REQUIRE(again);
    REQUIRE(again->size() == 2);
    CHECK((*again)[1].bytes == files[1].bytes);
    CHECK((*again)[1].fileName == files[1].fileName);
    CHECK_FALSE(filesOfZip(*zip, 1000));
    CHECK_FALSE(filesOfZip("nothing", 1000));
    for (const char* name : {"", "..", "/etc/passwd", "a/../../b"}) {
        INFO(name);
        CHECK_FALSE(zipOf({{QString::fromLatin1(name), "x"}})); // what it could not be read back from is not written
    }
    QByteArray outside = *zipOf({{QStringLiteral("aa/bb.txt"), "x"}});
    outside.replace("aa/bb", "../bb");
    CHECK_FALSE(filesOfZip(outside, 1000));
}

TEST_CASE("a mail draft holds the files, and nobody's name, date or host") {
    const MailDraft draft{QStringLiteral("Größe of a leak"),
                          QStringLiteral("See what is attached."),
                          {{QStringLiteral("a.png"), QByteArray("\x89PNG\0\r\n.\n--", 12)},
                           {QStringLiteral("größe.json"), "{}"},
                           {QStringLiteral("SHA256SUMS"), QByteArray(70000, 'x')}}};
    const auto mail = mailOf(draft);
    REQUIRE(mail);
    CHECK(*mail == *mailOf(draft));
    for (const char* never : {"Date:", "Message-Id", "Message-ID", "From:", "User-Agent", "X-Mailer"})
        CHECK_FALSE(mail->contains(never));
    CHECK(mail->contains("X-Unsent: 1"));
    const auto files = filesOfMail(*mail);
    REQUIRE(files);
    REQUIRE(files->size() == 3);
    for (size_t i = 0; i < 3; ++i) {
        CHECK((*files)[i].fileName == draft.files[i].fileName);
        CHECK((*files)[i].bytes == draft.files[i].bytes);
    }
    CHECK_FALSE(filesOfMail("no mail"));
    CHECK_FALSE(filesOfMail({}));
}

TEST_CASE("checksums are written as sha256sum reads them, odd names as well") {
    const std::vector<Checksum> files{{QStringLiteral("a.png"), sha256("one")},
                                      {QStringLiteral("b\\c\nd"), sha256("two")}};
    const QByteArray list = checksumsOf(files);
    CHECK(list.startsWith("7692c3ad3540bb803c020b3aee66cd8887123234ea0c6e7143c0add73ff431ed  a.png\n"));
    const auto sums = checksumsFrom(list);
    CHECK(sums.at(QStringLiteral("a.png")) == sha256("one"));
    CHECK(sums.at(QStringLiteral("b\\c\nd")) == sha256("two"));
    CHECK(checksumsFrom("hello\n" + QByteArray(64, 'z') + "  a\n").empty());
}

TEST_CASE("a signature is of this log by this key, and of no other") {
    const SigningKey key = newSigningKey(), other = newSigningKey();
    const QByteArray log = "{\"a\":1}", comment = "eyelid redaction log";
    const QByteArray signature = signatureOf(log, comment, key);
    CHECK(signatureOf(log, comment, key) == signature);
    CHECK(verifySignature(log, signature, key.publicKey()).standing == SignatureStanding::Good);
    CHECK(verifySignature(log + ' ', signature, key.publicKey()).standing == SignatureStanding::Forged);
    CHECK(verifySignature(log, signature, other.publicKey()).standing == SignatureStanding::OtherKey);
    QByteArray comments = signature;
    comments.replace("redaction log\n", "redaction fog\n");
    CHECK(verifySignature(log, comments, key.publicKey()).standing == SignatureStanding::Forged);
    PublicKey claimed = other.publicKey();
    claimed.id = key.id;
    CHECK(verifySignature(log, signature, claimed).standing == SignatureStanding::Forged);
    for (const QByteArray& broken : {QByteArray(), signature.left(60), QByteArray("a\nb\nc\nd\n")})
        CHECK(verifySignature(log, broken, key.publicKey()).standing == SignatureStanding::Malformed);
    const auto read = publicKeyFrom(publicKeyFile(key.publicKey()));
    REQUIRE(read);
    CHECK(*read == key.publicKey());
    CHECK_FALSE(publicKeyFrom("RWQ"));
    CHECK_FALSE(publicKeyFrom({}));
}

TEST_CASE("no letter of a signature can be another") {
    const SigningKey key = newSigningKey();
    const QByteArray log = "{\"a\":1}", signature = signatureOf(log, "eyelid redaction log", key);
    const qsizetype from = signature.indexOf('\n') + 1; // the first line is anybody's
    for (qsizetype at = from; at < signature.size() - 1; ++at) {
        // Of the last letter before a filling sign some bits stand for nothing.
        if (signature[at] == '\n' || signature[at] == '=' || signature[at + 1] == '=') continue;
        QByteArray other = signature;
        other[at] = other[at] == 'A' ? 'B' : 'A';
        INFO(at);
        CHECK(verifySignature(log, other, key.publicKey()).standing != SignatureStanding::Good);
    }
}

TEST_CASE("what is damaged is refused or is other files, never a crash") {
    const std::vector<Artifact> files{{QStringLiteral("a.png"), QByteArray(400, 'x')},
                                      {QStringLiteral("b.json"), QByteArray("{\"format\":1}")}};
    std::mt19937 random(7);
    for (const QByteArray& whole : {*zipOf(files), *mailOf({QStringLiteral("s"), QStringLiteral("t"), files})})
        for (int i = 0; i < 400; ++i) {
            QByteArray other = whole;
            for (int n = 0; n < 3; ++n) other[qsizetype(random() % size_t(other.size()))] = char(random());
            if (i % 4 == 0) other.truncate(qsizetype(random() % size_t(other.size())));
            for (const auto& read : {filesOfZip(other, 100'000), filesOfMail(other)})
                if (read)
                    for (const Artifact& file : *read) CHECK(file.bytes.size() <= 100'000);
        }
}

TEST_CASE("the key that signs is made once, is its owner's alone, and is not used where others can read it") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("data/signing-key"));
    CHECK(signingKeyFrom(file, false).error().kind == Error::Kind::Missing);
    const auto made = signingKeyFrom(file, true);
    REQUIRE(made);
    CHECK(signingKeyFrom(file, true)->publicKey() == made->publicKey());
    CHECK((QFile::permissions(file) & (QFile::ReadGroup | QFile::ReadOther)) == QFile::Permissions());
    QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner | QFile::ReadOther);
    CHECK(signingKeyFrom(file, true).error().sentence.contains(QStringLiteral("others")));
    QFile::setPermissions(file, QFile::ReadOwner | QFile::WriteOwner);
    put(file, "no key");
    CHECK_FALSE(signingKeyFrom(file, true));
}

namespace {

// A release of two pictures, with a report, as it lies in a folder.
struct Released {
    QTemporaryDir folder;
    SigningKey key = newSigningKey();
    Released() {
        const QByteArray one = "one", two = "two", report = "<html>";
        const QByteArray log = QStringLiteral(R"({"format":"eyelid redaction log","files":[
            {"file":"a.png","sha256":"%1"},{"file":"b.png","sha256":"%2"}]})")
                                   .arg(sha256(one), sha256(two))
                                   .toUtf8();
        const Checksum reported{QStringLiteral("redaction-report.html"), sha256(report)};
        put(at("a.png"), one);
        put(at("b.png"), two);
        put(at("redaction-report.html"), report);
        put(at("redaction-log.json"), log);
        put(at("redaction-log.json.minisig"), signatureOf(log, signedComment(reported), key));
        put(at("SHA256SUMS"), checksumsOf({{QStringLiteral("a.png"), sha256(one)},
                                           {QStringLiteral("b.png"), sha256(two)},
                                           reported,
                                           {QStringLiteral("redaction-log.json"), sha256(log)}}));
    }
    QString at(const char* name) const { return folder.filePath(QString::fromLatin1(name)); }
    VerifiedRelease verified() const {
        const auto all = verifyReleases({{folder.path()}, key.publicKey(), {}});
        REQUIRE(all.size() == 1);
        return all.front();
    }
    // "b.png altered, …": what is not intact.
    QString wrong() const {
        QStringList list;
        for (const VerifiedFile& file : verified().files)
            if (file.standing != FileStanding::Intact)
                list << file.name + u' ' + standingTitle(file.standing).section(u':', 0, 0);
        return list.join(QStringLiteral(", "));
    }
};

} // namespace

TEST_CASE("a release that nobody touched is intact and signed") {
    const Released release;
    CHECK(release.wrong() == QString());
    CHECK(release.verified().isIntact(true));
    CHECK(release.verified().files.size() == 4);
    const auto one = verifyReleases({{release.at("a.png")}, {}, {}});
    REQUIRE(one.size() == 1);
    CHECK(one.front().files.size() == 1);
    CHECK(one.front().isIntact(false));
    CHECK_FALSE(one.front().isIntact(true)); // by whom was asked, and no key was given
}

TEST_CASE("what was altered, taken away or put to a release is told of") {
    {
        const Released release;
        put(release.at("b.png"), "two!");
        CHECK(release.wrong() == QStringLiteral("b.png altered"));
        CHECK_FALSE(release.verified().isIntact(false));
    }
    {
        const Released release;
        QFile::remove(release.at("a.png"));
        CHECK(release.wrong() == QStringLiteral("a.png missing"));
    }
    {
        // Whoever puts a file to it can put it into the list of checksums as well.
        const Released release;
        put(release.at("c.png"), "three");
        QFile list(release.at("SHA256SUMS"));
        REQUIRE(list.open(QIODevice::Append));
        list.write(checksumsOf({{QStringLiteral("c.png"), sha256("three")}}));
        list.close();
        CHECK(release.wrong() == QStringLiteral("c.png added"));
    }
    {
        // A report cannot be put right by its checksum either: that is signed.
        const Released release;
        put(release.at("redaction-report.html"), "<p>nothing");
        QFile::remove(release.at("SHA256SUMS"));
        CHECK(release.wrong() == QStringLiteral("redaction-report.html altered"));
    }
    {
        // A picture and its log, both.
        const Released release;
        QFile log(release.at("redaction-log.json"));
        REQUIRE(log.open(QIODevice::ReadWrite));
        QByteArray text = log.readAll();
        text.replace(sha256("two").toLatin1(), sha256("two!").toLatin1());
        log.seek(0);
        log.write(text);
        log.close();
        put(release.at("b.png"), "two!");
        CHECK(release.verified().signature.standing == SignatureStanding::Forged);
        CHECK_FALSE(release.verified().isIntact(false));
        CHECK(release.wrong().contains(QStringLiteral("redaction-log.json altered")));
    }
    {
        // Without its signature nobody can say who released it.
        const Released release;
        QFile::remove(release.at("redaction-log.json.minisig"));
        CHECK(release.verified().isIntact(false));
        CHECK_FALSE(release.verified().isIntact(true));
    }
}

TEST_CASE("checksums that came by another way are compared, and what is no release is told of") {
    const Released release;
    const QByteArray other = checksumsOf({{QStringLiteral("a.png"), sha256("else")}});
    const auto all = verifyReleases({{release.folder.path()}, {}, other});
    REQUIRE(all.size() == 1);
    CHECK_FALSE(all.front().isIntact(false));
    // Without a name: some file has to have it.
    for (const char* bytes : {"one", "else"}) {
        const auto pasted = verifyReleases({{release.folder.path()}, {}, sha256(bytes).toUpper().toLatin1() + "\n"});
        CHECK(pasted.front().isIntact(false) == (QByteArray(bytes) == "one"));
    }
    QTemporaryDir empty;
    const auto none = verifyReleases({{empty.path(), empty.filePath(QStringLiteral("nobody.png"))}, {}, {}});
    REQUIRE(none.size() == 2);
    for (const VerifiedRelease& one : none) CHECK_FALSE(one.trouble.isEmpty());
}
