#include "app/window/handbook_view.h"

#include "base/sentence.h"

#include <algorithm>
#include <QDir>
#include <QFile>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QLocale>
#include <QRegularExpression>
#include <QResizeEvent>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextDocument>
#include <QTextDocumentFragment>
#include <QTextList>
#include <QTextTable>
#include <QVBoxLayout>

// Outside of any namespace, as Qt wants it.
static void bindHandbook() {
    Q_INIT_RESOURCE(handbook);
}

namespace eyelid {
namespace {

QString titleOf(const QString& markdown) {
    return markdown.section(u'\n', 0, 0).mid(2).trimmed(); // "# Deciding"
}

// Pictures as wide as the page at the most.
void fitPictures(QTextDocument& document, double width) {
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next())
        for (auto it = block.begin(); !it.atEnd(); ++it) {
            const QTextFragment fragment = it.fragment();
            if (!fragment.charFormat().isImageFormat()) continue;
            QTextImageFormat format = fragment.charFormat().toImageFormat();
            const QImage picture(format.name());
            if (picture.isNull()) continue;
            const double shown = std::min(width, double(picture.width()));
            format.setWidth(shown);
            format.setHeight(shown * picture.height() / picture.width());
            QTextCursor cursor(block);
            cursor.setPosition(fragment.position());
            cursor.setPosition(fragment.position() + fragment.length(), QTextCursor::KeepAnchor);
            cursor.setCharFormat(format);
            it = block.begin(); // of what was changed nothing else is known
            while (!it.atEnd() && it.fragment().position() < fragment.position()) ++it;
        }
}

// Room between paragraphs, and tables of hairlines.
void layOut(QTextDocument& document, const QColor& hairline) {
    constexpr double below = 8, aboveHeading = 12, lineHeight = 135, cellPadding = 6;
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next()) {
        QTextCursor cursor(block);
        QTextBlockFormat format = block.blockFormat();
        const bool inTable = cursor.currentTable() != nullptr;
        const bool pictured = block.begin() != block.end() && block.begin().fragment().charFormat().isImageFormat();
        format.setLineHeight(pictured ? 100 : lineHeight, QTextBlockFormat::ProportionalHeight);
        format.setBottomMargin(inTable ? 0 : block.textList() ? below / 2 : below);
        if (format.headingLevel() > 1) format.setTopMargin(aboveHeading);
        cursor.setBlockFormat(format);
    }
    for (QTextFrame* frame : document.rootFrame()->childFrames()) {
        auto* table = qobject_cast<QTextTable*>(frame);
        if (!table) continue;
        QTextTableFormat format = table->format();
        format.setBorderCollapse(true);
        format.setBorder(1);
        format.setBorderStyle(QTextFrameFormat::BorderStyle_Solid);
        format.setBorderBrush(hairline);
        format.setCellPadding(cellPadding);
        format.setCellSpacing(0);
        format.setBottomMargin(below);
        table->setFormat(format);
    }
}

} // namespace

HandbookView::HandbookView(QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("handbookView"));
    setWindowTitle(Tr::tr("Handbook"));
    resize(880, 620);
    bindHandbook();
    const QDir folder(QStringLiteral(":/eyelid/handbook"));
    // Pages that have not been translated are told in English.
    const QString translated = QLocale().name().section(u'_', 0, 0) + u'/';
    for (const QString& name : folder.entryList(QDir::Files, QDir::Name)) {
        QFile file(folder.filePath(folder.exists(translated + name) ? translated + name : name));
        if (file.open(QIODevice::ReadOnly)) m_pages << QString::fromUtf8(file.readAll());
    }
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 12, 12);
    row->setSpacing(12);
    auto* left = new QVBoxLayout;
    left->setSpacing(8);
    m_words = new QLineEdit;
    m_words->setPlaceholderText(Tr::tr("Search the handbook"));
    m_words->setAccessibleName(Tr::tr("Search the handbook"));
    m_words->setClearButtonEnabled(true);
    m_titles = new QListWidget;
    m_titles->setAccessibleName(Tr::tr("Pages of the handbook"));
    m_titles->setFixedWidth(220);
    m_titles->setFrameShape(QFrame::NoFrame);
    left->addWidget(m_words);
    left->addWidget(m_titles, 1);
    m_text = new QTextBrowser;
    m_text->setAccessibleName(Tr::tr("Page of the handbook"));
    m_text->setOpenLinks(false);
    m_text->setFrameShape(QFrame::NoFrame);
    m_text->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn); // what room there is does not hang on what is shown
    m_text->document()->setDocumentMargin(18);
    m_text->viewport()->installEventFilter(this);
    row->addLayout(left);
    row->addWidget(m_text, 1);
    connect(m_words, &QLineEdit::textChanged, this, &HandbookView::refresh);
    connect(m_titles, &QListWidget::currentRowChanged, this, [this](int at) {
        if (at >= 0) showPage(m_titles->item(at)->data(Qt::UserRole).toInt());
    });
    refresh();
}

void HandbookView::refresh() {
    const QString words = m_words->text().trimmed();
    m_titles->clear();
    for (int page = 0; page < int(m_pages.size()); ++page) {
        if (!words.isEmpty() && !m_pages[page].contains(words, Qt::CaseInsensitive)) continue;
        auto* item = new QListWidgetItem(titleOf(m_pages[page]));
        item->setData(Qt::UserRole, page);
        m_titles->addItem(item);
    }
    m_titles->setCurrentRow(0);
    if (m_titles->count() == 0) m_text->setPlainText(Tr::tr("No page says “%1”.").arg(words));
}

// Pictures are as wide as there is room.
bool HandbookView::eventFilter(QObject* watched, QEvent* event) {
    const auto* resized = event->type() == QEvent::Resize ? static_cast<QResizeEvent*>(event) : nullptr;
    const auto* shown = m_titles->currentItem();
    if (shown && resized && resized->size().width() != resized->oldSize().width())
        showPage(shown->data(Qt::UserRole).toInt());
    return QDialog::eventFilter(watched, event);
}

void HandbookView::showPage(int page) {
    // Where the documents have them beside the text, the program has them built in.
    static const QRegularExpression upwards(QStringLiteral("\\]\\((\\.\\./)+"));
    m_text->setMarkdown(QString(m_pages[page]).replace(upwards, QStringLiteral("](:/eyelid/")));
    fitPictures(*m_text->document(), m_text->viewport()->width() - 2 * m_text->document()->documentMargin());
    layOut(*m_text->document(), palette().color(QPalette::Mid));
    m_text->moveCursor(QTextCursor::Start);
    if (const QString words = m_words->text().trimmed(); !words.isEmpty()) m_text->find(words);
}

} // namespace eyelid
