#include "releasing/report.h"

#include "base/sentence.h"
#include "editing/item.h"

#include <nlohmann/json.hpp>

namespace eyelid {
namespace {

using Json = nlohmann::json;

const char* const reportHead = R"(<!DOCTYPE html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; img-src data:; style-src 'unsafe-inline'">
<title>%1</title>
<style>
body{font-family:sans-serif;margin:2em auto;max-width:64em;padding:0 1em;color:#2c2530;background:#fff}
section{margin:2em 0;border-top:1px solid #ddd4c6;padding-top:1em}
table{border-collapse:collapse;width:100%}
th,td{text-align:left;vertical-align:top;padding:.3em .8em .3em 0;border-bottom:1px solid #eee}
img{max-width:22em;border:1px solid #ddd4c6}
code{font-size:.9em;word-break:break-all}
</style>
</head>
<body>
<h1>%1</h1>
)";

QString textOf(const Json& json, const char* key) {
    const auto value = json.find(key);
    return value != json.end() && value->is_string() ? QString::fromStdString(value->get<std::string>()) : QString();
}

QString kindOf(const Json& item) {
    const QString name = textOf(item, "kind");
    const auto kind = kindFromName(name);
    return kind ? kindTitle(*kind) : name == QStringLiteral("area") ? Tr::tr("Area") : name;
}

// "at 120, 44, 88 x 20; 12, 300, 40 x 20"
QString placesOf(const Json& item) {
    QStringList places;
    for (const Json& box : item.value("boxes", Json::array()))
        places << QStringLiteral("%1, %2 (%3 × %4)")
                      .arg(box[0].get<int>())
                      .arg(box[1].get<int>())
                      .arg(box[2].get<int>())
                      .arg(box[3].get<int>());
    return places.join(QStringLiteral("; "));
}

QString decisionOf(const Json& item) {
    const QString style = textOf(item, "style");
    if (style.isEmpty()) return Tr::tr("kept");
    const auto known = styleFromName(style);
    return sentence(Tr::tr("covered, %1"), (known ? styleTitle(*known) : style).toLower());
}

QString checkOf(const Json& file) {
    const QString result = textOf(file.value("check", Json::object()), "result");
    return result == QStringLiteral("clean")     ? Tr::tr("checked clean")
           : result == QLatin1String("let pass") ? Tr::tr("checked; remarks were let pass")
                                                 : Tr::tr("the check failed");
}

QStringList passesOf(const Json& file) {
    QStringList passes;
    for (const Json& remark : file.value("check", Json::object()).value("remarks", Json::array()))
        passes << sentence(Tr::tr("%1 Let pass: %2"), textOf(remark, "sentence"), textOf(remark, "let_pass_because"));
    return passes;
}

QString titleOf(const Json& file) {
    const int page = file.value("page", 0);
    const QString name = textOf(file, "file");
    return page > 0 ? sentence(Tr::tr("%1, page %2"), name, page) : name;
}

QString about(const Json& file) {
    return sentence(Tr::tr("%1 × %2 pixels, %3"), file.value("width", 0), file.value("height", 0), checkOf(file));
}

QString cell(const QString& text) {
    return QStringLiteral("<td>") + text.toHtmlEscaped() + QStringLiteral("</td>");
}

QString tableOf(const Json& file) {
    const Json items = file.value("items", Json::array());
    if (items.empty())
        return QStringLiteral("<p>") + Tr::tr("Nothing was found and nothing was hidden.") + QStringLiteral("</p>\n");
    QString html = QStringLiteral("<table>\n<tr>");
    for (const QString& heading : {Tr::tr("Kind"), Tr::tr("Decision"), Tr::tr("Place (pixels)"), Tr::tr("Reason"),
                                   Tr::tr("Ground for covering")})
        html += QLatin1String("<th scope=\"col\">") + heading.toHtmlEscaped() + QStringLiteral("</th>");
    html += QStringLiteral("</tr>\n");
    for (const Json& item : items)
        html += QStringLiteral("<tr>") + cell(kindOf(item)) + cell(decisionOf(item)) + cell(placesOf(item)) +
                cell(textOf(item, "reason")) + cell(textOf(item, "ground")) + QStringLiteral("</tr>\n");
    return html + QStringLiteral("</table>\n");
}

QString sectionOf(const Json& file, const QByteArray& thumbnail) {
    const QString title = titleOf(file).toHtmlEscaped();
    QString html = QStringLiteral("<section>\n<h2>%1</h2>\n<p>%2</p>\n").arg(title, about(file).toHtmlEscaped());
    if (!thumbnail.isEmpty())
        html += QStringLiteral("<p><img alt=\"%1\" src=\"data:image/png;base64,").arg(title) +
                QString::fromLatin1(thumbnail.toBase64()) + QStringLiteral("\"></p>\n");
    html += tableOf(file);
    for (const QString& pass : passesOf(file))
        html += QStringLiteral("<p>") + pass.toHtmlEscaped() + QStringLiteral("</p>\n");
    return html + QStringLiteral("<p>SHA-256 <code>%1</code></p>\n</section>\n").arg(textOf(file, "sha256"));
}

QString policyOf(const Json& log) {
    return sentence(Tr::tr("Policy: %1"), textOf(log.value("policy", Json::object()), "name"));
}

Json parsed(const QByteArray& log) {
    return Json::parse(log.toStdString(), nullptr, false);
}

} // namespace

QString reportName() {
    return QStringLiteral("redaction-report.html");
}

QByteArray reportOf(const QByteArray& log, const std::map<size_t, QByteArray>& thumbnails) {
    const Json root = parsed(log);
    QString html = QString::fromLatin1(reportHead).arg(Tr::tr("What was hidden").toHtmlEscaped());
    html += QStringLiteral("<p>") + policyOf(root).toHtmlEscaped() + QStringLiteral("</p>\n");
    size_t index = 0;
    for (const Json& file : root.value("files", Json::array())) {
        const auto thumbnail = thumbnails.find(index++);
        html += sectionOf(file, thumbnail == thumbnails.end() ? QByteArray() : thumbnail->second);
    }
    return (html + QStringLiteral("</body>\n</html>\n")).toUtf8();
}

QStringList summaryOf(const QByteArray& log) {
    const Json root = parsed(log);
    QStringList lines{Tr::tr("What was hidden"), policyOf(root)};
    for (const Json& file : root.value("files", Json::array())) {
        lines << QString() << sentence(Tr::tr("%1: %2"), titleOf(file), about(file));
        for (const Json& item : file.value("items", Json::array()))
            lines << sentence(QStringLiteral("%1, %2: %3"), kindOf(item), decisionOf(item), placesOf(item));
        lines << passesOf(file);
    }
    return lines;
}

} // namespace eyelid
