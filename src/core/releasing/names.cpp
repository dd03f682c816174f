#include "releasing/names.h"

#include "base/sentence.h"

#include <functional>

namespace eyelid {
namespace {

constexpr qsizetype longestName = 180; // bytes; file systems hold 255, endings and numbers come behind

struct Part {
    const char* name;
    std::function<QString(const NameParts&)> text;
};

// Letters of every script stay; all else is one hyphen.
QString plain(const QString& text) {
    QString plain;
    for (const QChar c : text.toLower()) {
        if (c.isLetterOrNumber())
            plain += c;
        else if (!plain.isEmpty() && !plain.endsWith(u'-'))
            plain += u'-';
    }
    while (plain.endsWith(u'-')) plain.chop(1);
    return plain;
}

QString padded(const NameParts& parts) {
    const int width = std::max(2, int(QString::number(parts.count).size()));
    return QString::number(parts.number).rightJustified(width, u'0');
}

const std::vector<Part>& allParts() {
    static const std::vector<Part> parts{
        {"case",
         [](const NameParts& p) {
             const QString name = plain(p.caseName);
             return name.isEmpty() ? QStringLiteral("case") : name;
         }},
        {"number", padded},
        {"count", [](const NameParts& p) { return QString::number(p.count); }},
        {"date", [](const NameParts& p) { return p.date.toString(Qt::ISODate); }},
        {"policy", [](const NameParts& p) { return plain(p.policy); }},
    };
    return parts;
}

QString partNames() {
    QStringList names;
    for (const Part& part : allParts()) names << u'{' + QLatin1String(part.name) + u'}';
    return names.join(QStringLiteral(", "));
}

const Part* partCalled(QStringView name) {
    for (const Part& part : allParts())
        if (name == QLatin1String(part.name)) return &part;
    return nullptr;
}

QString filled(const QString& names, const NameParts& parts) {
    QString name;
    for (qsizetype i = 0; i < names.size(); ++i) {
        const qsizetype end = names[i] == u'{' ? names.indexOf(u'}', i) : -1;
        const Part* part = end > i ? partCalled(QStringView(names).mid(i + 1, end - i - 1)) : nullptr;
        if (!part) {
            name += names[i];
            continue;
        }
        name += part->text(parts);
        i = end;
    }
    name = name.trimmed();
    while (name.toUtf8().size() > longestName) name.chop(1);
    return name;
}

Error noTemplate(const QString& sentence) {
    return {Error::Kind::BadInput, sentence};
}

} // namespace

Result<Done> checkNames(const QString& names) {
    for (qsizetype i = 0; i < names.size(); ++i) {
        const QChar c = names[i];
        if (c == u'/' || c == u'\\' || !c.isPrint())
            return noTemplate(
                sentence(Tr::tr("Names of files cannot hold what stands at place %1 of %2."), i + 1, names));
        if (c == u'}') return noTemplate(sentence(Tr::tr("In %1 a part is closed that was not opened."), names));
        if (c != u'{') continue;
        const qsizetype end = names.indexOf(u'}', i);
        if (end < 0) return noTemplate(sentence(Tr::tr("In %1 a part is opened and not closed."), names));
        if (!partCalled(QStringView(names).mid(i + 1, end - i - 1)))
            return noTemplate(sentence(Tr::tr("There is no part %1 of a name; there are %2."),
                                       names.mid(i, end - i + 1), partNames()));
        i = end;
    }
    if (names.trimmed().isEmpty()) return noTemplate(Tr::tr("A name needs at least a number: {number}."));
    if (names.trimmed().startsWith(u'.') || names.trimmed().startsWith(u'-'))
        return noTemplate(
            Tr::tr("A name that begins with a dot is hidden, and one with a hyphen is taken for an option; begin "
                   "with a letter or a part."));
    return Done{};
}

QString nameFrom(const QString& names, const NameParts& parts) {
    const bool tells = parts.count <= 1 || names.contains(QStringLiteral("{number}"));
    if (tells) return filled(names, parts);
    return filled(names, parts) + u'-' + padded(parts);
}

QString documentNameFrom(const QString& names, const NameParts& parts) {
    QString whole = names;
    for (const char* separated : {"-{number}", "_{number}", " {number}", "{number}-", "{number}_", "{number} "})
        whole.remove(QLatin1String(separated));
    whole.remove(QStringLiteral("{number}"));
    const QString name = filled(whole, parts);
    return name.isEmpty() ? QStringLiteral("pictures") : name;
}

QString smallName(const QString& name) {
    return name + QStringLiteral("-small");
}

// A signature is called after what it signs.
QString numbered(const QString& fileName, int number) {
    static const QString signature = QStringLiteral(".minisig");
    if (number == 0) return fileName;
    if (fileName.endsWith(signature)) return numbered(fileName.chopped(signature.size()), number) + signature;
    const qsizetype dot = fileName.lastIndexOf(u'.');
    const qsizetype end = dot > 0 ? dot : fileName.size();
    return fileName.left(end) + QStringLiteral(" (%1)").arg(number) + fileName.mid(end);
}

QStringList numbered(const QStringList& fileNames, int number) {
    QStringList names;
    for (const QString& name : fileNames) names << numbered(name, number);
    return names;
}

} // namespace eyelid
