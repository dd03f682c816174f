#include "base/shipped.h"

#include <QFile>

// Outside any namespace, as the macro asks. In a static library nothing else would draw the resources in.
static void drawInResources() {
    Q_INIT_RESOURCE(core);
}

namespace eyelid {

QByteArray shippedFile(const QString& path) {
    static const bool ready = (drawInResources(), true);
    Q_UNUSED(ready)
    QFile file(QStringLiteral(":/eyelid/") + path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

QStringList shippedLines(const QString& path) {
    const QByteArray bytes = shippedFile(path);
    if (bytes.isEmpty()) qFatal("the shipped file %s is missing", qPrintable(path));
    return QString::fromUtf8(bytes).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
}

QStringList shippedWordList(const QString& path, const QString& section) {
    QStringList words;
    QString at;
    for (const QString& line : shippedLines(path)) {
        if (line.startsWith(u'#')) continue;
        if (line.startsWith(u'['))
            at = line.mid(1, line.size() - 2);
        else if (at == section)
            words += line.split(u'|', Qt::SkipEmptyParts);
    }
    if (words.isEmpty()) qFatal("%s has no words under [%s]", qPrintable(path), qPrintable(section));
    return words;
}

QSet<QString> shippedWords(const QString& path, const QString& section) {
    const QStringList words = shippedWordList(path, section);
    return {words.begin(), words.end()};
}

} // namespace eyelid
