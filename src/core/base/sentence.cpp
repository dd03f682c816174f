#include "base/sentence.h"
#include "base/spoken_languages.h"

#include <memory>
#include <QLibraryInfo>
#include <QTranslator>

// Outside any namespace, as the macro asks. In a static library nothing else would draw the resources in.
static void drawInTranslations() {
    Q_INIT_RESOURCE(translations);
}

namespace eyelid {

void speakAs(QCoreApplication& application, const QLocale& locale) {
    drawInTranslations();
    QLocale::setDefault(locale);
    static const QString ours = QStringLiteral("spoken");
    qDeleteAll(application.findChildren<QTranslator*>(ours, Qt::FindDirectChildrenOnly)); // each takes itself off
    const QString folder = QStringLiteral(":/eyelid/translations"), name = QStringLiteral("eyelid");
    // English below: whatever another language lacks still has its plural forms.
    for (const QLocale& language : {QLocale(QLocale::English), locale}) {
        auto translator = std::make_unique<QTranslator>(&application);
        translator->setObjectName(ours);
        if (translator->load(language, name, QStringLiteral("_"), folder))
            application.installTranslator(translator.release());
    }
    // Qt's own words: of buttons and of its dialogs, where its translations are installed.
    auto ofQt = std::make_unique<QTranslator>(&application);
    ofQt->setObjectName(ours);
    if (ofQt->load(locale, QStringLiteral("qtbase"), QStringLiteral("_"),
                   QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        application.installTranslator(ofQt.release());
}

QStringList spokenLanguages() {
    return {QStringLiteral("en"), QStringLiteral("de"), QStringLiteral("fr"), QStringLiteral("es")};
}

QString onOneLine(const QString& text) {
    QString out;
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text[i];
        if (c.isHighSurrogate() && i + 1 < text.size() && text[i + 1].isLowSurrogate()) {
            out += c;
            out += text[++i];
            continue;
        }
        const char16_t u = c.unicode();
        const bool turns = (u >= 0x202a && u <= 0x202e) || (u >= 0x2066 && u <= 0x2069) || u == 0x200e || u == 0x200f;
        const bool ends = u == 0x2028 || u == 0x2029;
        if (u >= 0xdc80 && u <= 0xdcff)
            out += QStringLiteral("\\x") + QString::number(u - 0xdc00, 16);
        else if (c.category() == QChar::Other_Control)
            out += QStringLiteral("\\x") + QString::number(u, 16).rightJustified(2, u'0');
        else if (turns || ends || c.isSurrogate())
            out += QStringLiteral("\\u") + QString::number(u, 16).rightJustified(4, u'0');
        else
            out += c;
    }
    return out;
}

} // namespace eyelid
