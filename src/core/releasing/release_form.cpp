#include "releasing/release_form.h"

#include "base/sentence.h"

#include <algorithm>
#include <nlohmann/json.hpp>
#include <QStringList>

namespace eyelid {
namespace {

struct DocumentTraits {
    DocumentKind kind;
    const char* code;
    const char* title;
};
constexpr DocumentTraits documents[] = {{DocumentKind::Pdf, "pdf", "PDF"}, {DocumentKind::Html, "html", "HTML"}};

const DocumentTraits* traitsOf(DocumentKind kind) {
    for (const DocumentTraits& traits : documents)
        if (traits.kind == kind) return &traits;
    return nullptr;
}

} // namespace

QStringList formatCodes() {
    QStringList codes;
    for (const ReleaseFormat format : releaseFormats()) codes << codeOf(format);
    for (const DocumentTraits& traits : documents) codes << QLatin1String(traits.code);
    return codes;
}

Result<Done> setFormat(ReleaseForm& form, const QString& code) {
    for (const DocumentTraits& traits : documents)
        if (code == QLatin1String(traits.code)) {
            form.document = traits.kind;
            if (!hasQuality(form.encoding.format)) form.encoding = {};
            return Done{};
        }
    const auto format = releaseFormatFromCode(code);
    if (!format)
        return Error{Error::Kind::BadInput, sentence(Tr::tr("There is no format %1; there are %2."), code,
                                                     formatCodes().join(QStringLiteral(", ")))};
    form.document = DocumentKind::None;
    form.encoding.format = *format;
    return Done{};
}

QString formatCode(const ReleaseForm& form) {
    const DocumentTraits* document = traitsOf(form.document);
    return document ? QLatin1String(document->code) : codeOf(form.encoding.format);
}

QString formatTitle(const ReleaseForm& form) {
    const DocumentTraits* document = traitsOf(form.document);
    return document ? QLatin1String(document->title) : titleOf(form.encoding.format);
}

Encoding pictureEncoding(const ReleaseForm& form) {
    if (form.document == DocumentKind::None || form.encoding.format == ReleaseFormat::Jpeg) return form.encoding;
    return {ReleaseFormat::Png};
}

Result<qint64> bytesFrom(const QString& text) {
    QString digits = text.trimmed().toLower();
    if (digits.endsWith(u'b')) digits.chop(1);
    qint64 unit = 1;
    if (digits.endsWith(u'k')) unit = 1000;
    if (digits.endsWith(u'm')) unit = 1'000'000;
    if (unit > 1) digits.chop(1);
    bool ok = false;
    const double count = digits.trimmed().toDouble(&ok);
    constexpr double most = 1e9;
    if (!ok || !(count > 0) || count * double(unit) > most)
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no size of a file; write it as 500k or 2M."), text)};
    return qint64(count * double(unit));
}

QByteArray packed(const ReleaseForm& form) {
    const nlohmann::ordered_json json{{"format", formatCode(form).toStdString()},
                                      {"pictures", codeOf(form.encoding.format).toStdString()},
                                      {"quality", form.encoding.quality},
                                      {"most_bytes", form.mostBytes},
                                      {"words", form.documentWords},
                                      {"summary", form.documentSummary},
                                      {"per_sheet", form.perSheet},
                                      {"names", form.names.toStdString()},
                                      {"report", form.report},
                                      {"wrapping", int(form.wrapping)}};
    return QByteArray::fromStdString(json.dump());
}

ReleaseForm releaseFormFrom(const QByteArray& packed) {
    ReleaseForm form;
    const auto json = nlohmann::json::parse(packed.toStdString(), nullptr, false);
    if (!json.is_object()) return form;
    try {
        const auto text = [&](const char* key) { return QString::fromStdString(json.value(key, std::string())); };
        if (const auto pictures = releaseFormatFromCode(text("pictures"))) form.encoding.format = *pictures;
        form.encoding.quality = std::clamp(json.value("quality", Encoding::usualQuality), 0, 100);
        (void)setFormat(form, text("format"));
        form.mostBytes = std::max<qint64>(0, json.value("most_bytes", qint64(0)));
        form.documentWords = json.value("words", false);
        form.documentSummary = json.value("summary", false);
        const int perSheet = json.value("per_sheet", 1);
        if (std::ranges::find(perSheetChoices, perSheet) != std::end(perSheetChoices)) form.perSheet = perSheet;
        form.names = text("names");
        form.report = json.value("report", false);
        if (const int kept = json.value("wrapping", 0); kept == int(Wrapping::Zip) || kept == int(Wrapping::Mail))
            form.wrapping = Wrapping(kept);
    } catch (const nlohmann::json::exception&) {
        return {};
    }
    return form;
}

} // namespace eyelid
