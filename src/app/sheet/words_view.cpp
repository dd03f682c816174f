#include "app/sheet/words_view.h"

#include "app/window/file_dialogs.h"
#include "base/files.h"

#include "base/sentence.h"
#include "editing/sanitised_page.h"
#include "picture/picture_file.h"
#include "reading/page_text.h"
#include "reading/tables.h"

#include <algorithm>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QTabWidget>
#include <QVBoxLayout>

namespace eyelid {

WordsView::WordsView(Case& owner, Selection& selection, QWidget* parent)
    : QDialog(parent), m_case(owner), m_selection(selection) {
    setWindowTitle(Tr::tr("Words and tables"));
    setObjectName(QStringLiteral("wordsView"));
    resize(720, 560);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    layout->addLayout(makeTop());
    makeTabs();
    layout->addWidget(m_tabs, 1);
    layout->addLayout(makeBottom());
    connect(m_sanitised, &QCheckBox::toggled, this, &WordsView::refresh);
    connect(m_tables, &QComboBox::currentIndexChanged, this, &WordsView::showTable);
    connect(m_search, &QLineEdit::textChanged, this, &WordsView::search);
    connect(m_tabs, &QTabWidget::currentChanged, this, [this](int at) { m_copyTable->setVisible(at == 1); });
    connect(m_copy, &QPushButton::clicked, this, [this] { QGuiApplication::clipboard()->setText(pageText(m_page)); });
    connect(m_copyTable, &QPushButton::clicked, this, [this] {
        if (!table()) return;
        // Spreadsheets take the HTML, editors the text.
        auto* mime = new QMimeData;
        mime->setText(tableTsv(*table()));
        mime->setHtml(tableHtml(*table()));
        mime->setData(QStringLiteral("text/csv"), tableCsv(*table()).toUtf8());
        QGuiApplication::clipboard()->setMimeData(mime);
    });
    connect(m_save, &QPushButton::clicked, this, &WordsView::save);
    connect(&m_case, &Case::captureChanged, this, [this](int id) {
        if (id == m_selection.capture() && isVisible()) refresh();
    });
    connect(&m_case, &Case::capturesChanged, this, [this] {
        if (isVisible()) refresh();
    });
    connect(&m_selection, &Selection::captureChanged, this, [this] {
        if (isVisible()) refresh();
    });
    m_copyTable->hide();
}

QLayout* WordsView::makeTop() {
    auto* top = new QHBoxLayout;
    m_title = new QLabel;
    m_title->setProperty("role", QStringLiteral("title"));
    top->addWidget(m_title, 1);
    m_search = new QLineEdit;
    m_search->setObjectName(QStringLiteral("wordsSearch"));
    m_search->setPlaceholderText(Tr::tr("Search"));
    m_search->setAccessibleName(Tr::tr("Search the words of this capture"));
    m_search->setClearButtonEnabled(true);
    m_search->setFixedWidth(220);
    top->addWidget(m_search);
    m_found = new QLabel;
    m_found->setProperty("role", QStringLiteral("faint"));
    m_found->setMinimumWidth(70);
    top->addWidget(m_found);
    return top;
}

void WordsView::makeTabs() {
    m_tabs = new QTabWidget;
    m_text = new QPlainTextEdit;
    m_text->setObjectName(QStringLiteral("wordsText"));
    m_text->setReadOnly(true);
    m_text->setLineWrapMode(QPlainTextEdit::NoWrap);
    m_text->setAccessibleName(Tr::tr("The words in reading order"));
    m_tabs->addTab(m_text, Tr::tr("Words"));
    auto* tables = new QWidget;
    auto* column = new QVBoxLayout(tables);
    column->setContentsMargins(0, 8, 0, 0);
    m_tables = new QComboBox;
    m_tables->setObjectName(QStringLiteral("wordsTables"));
    m_tables->setAccessibleName(Tr::tr("Which table"));
    m_table = new QTableWidget;
    m_table->setObjectName(QStringLiteral("wordsTable"));
    m_table->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_table->setAccessibleName(Tr::tr("Table"));
    m_table->verticalHeader()->hide();
    column->addWidget(m_tables);
    column->addWidget(m_table, 1);
    m_tabs->addTab(tables, Tr::tr("Tables"));
}

QLayout* WordsView::makeBottom() {
    auto* bottom = new QHBoxLayout;
    m_sanitised = new QCheckBox(Tr::tr("sanitised"));
    m_sanitised->setObjectName(QStringLiteral("wordsSanitised"));
    m_sanitised->setToolTip(Tr::tr("Names like [e-mail 1] stand in place of all that is covered or still open"));
    m_sanitised->setChecked(true); // each time anew: bare text is asked for, never left on
    bottom->addWidget(m_sanitised);
    bottom->addStretch(1);
    m_copyTable = new QPushButton(Tr::tr("Copy table"));
    m_copyTable->setObjectName(QStringLiteral("wordsCopyTable"));
    m_copy = new QPushButton(Tr::tr("Copy all"));
    m_copy->setObjectName(QStringLiteral("wordsCopy"));
    m_save = new QPushButton(Tr::tr("Save as…"));
    auto* close = new QPushButton(Tr::tr("Close"));
    for (QPushButton* b : {m_copyTable, m_copy, m_save, close}) bottom->addWidget(b);
    connect(close, &QPushButton::clicked, this, &QDialog::close);
    return bottom;
}

bool WordsView::sanitised() const {
    return m_sanitised->isChecked();
}

// What changed while it was closed was not followed.
void WordsView::showEvent(QShowEvent* event) {
    refresh();
    QDialog::showEvent(event);
}

const Table* WordsView::table() const {
    const int at = m_tables->currentIndex();
    return at >= 0 && at < int(m_pageTables.size()) ? &m_pageTables[size_t(at)] : nullptr;
}

void WordsView::refresh() {
    const Capture* capture = m_case.capture(m_selection.capture());
    const bool read = capture && capture->page;
    m_page = !read         ? Page()
             : sanitised() ? sanitisedPage(*capture->page, hiddenValues(m_case.decided(*capture), capture->size))
                           : *capture->page;
    m_title->setText(!capture ? Tr::tr("No capture is open") : capture->name);
    const QString text = pageText(m_page);
    if (m_text->toPlainText() != text) m_text->setPlainText(text);
    m_text->setPlaceholderText(!capture ? Tr::tr("Take or bring in a picture first.")
                               : !read  ? Tr::tr("This capture is still to be read.")
                                        : Tr::tr("There are no words on this capture."));
    m_pageTables = findTables(m_page);
    const auto& tables = m_pageTables;
    const int at = std::max(0, m_tables->currentIndex());
    m_tables->blockSignals(true);
    m_tables->clear();
    for (size_t i = 0; i < tables.size(); ++i)
        m_tables->addItem(
            sentence(Tr::tr("Table %1: %2 rows, %3 columns"), i + 1, tables[i].rows.size(), tables[i].columns()));
    if (tables.empty()) m_tables->addItem(Tr::tr("No table was found on this capture"));
    m_tables->setEnabled(!tables.empty());
    m_tables->setCurrentIndex(std::min(at, m_tables->count() - 1));
    m_tables->blockSignals(false);
    m_tabs->setTabText(1, tables.empty() ? Tr::tr("Tables") : Tr::tr("Tables (%1)").arg(tables.size()));
    m_copy->setEnabled(!m_page.lines.empty());
    m_save->setEnabled(!m_page.lines.empty());
    m_copyTable->setEnabled(!tables.empty());
    showTable();
    search();
}

void WordsView::showTable() {
    m_table->clear();
    m_table->setRowCount(0);
    m_table->setColumnCount(0);
    const Table* shown = table();
    if (!shown) return;
    const int first = shown->headed ? 1 : 0;
    m_table->setColumnCount(int(shown->columns()));
    m_table->setRowCount(int(shown->rows.size()) - first);
    QStringList heads;
    for (size_t c = 0; c < shown->columns(); ++c)
        heads << (shown->headed ? shown->rows[0][c].text : QString::number(c + 1));
    m_table->setHorizontalHeaderLabels(heads);
    for (int r = 0; r < m_table->rowCount(); ++r)
        for (int c = 0; c < m_table->columnCount(); ++c)
            m_table->setItem(r, c, new QTableWidgetItem(shown->rows[size_t(r + first)][size_t(c)].text));
    m_table->resizeColumnsToContents();
}

void WordsView::search() {
    const QString wanted = m_search->text().trimmed();
    QList<QTextEdit::ExtraSelection> marks;
    std::vector<QRectF> places;
    if (!wanted.isEmpty()) {
        QTextCursor at(m_text->document());
        while (!(at = m_text->document()->find(wanted, at)).isNull()) {
            QTextEdit::ExtraSelection mark;
            mark.cursor = at;
            mark.format.setBackground(palette().highlight());
            mark.format.setForeground(palette().highlightedText());
            marks << mark;
        }
        places = placesOf(m_page, wanted);
        if (!marks.isEmpty()) {
            m_text->setTextCursor(marks.first().cursor);
            QTextCursor bare = m_text->textCursor();
            bare.clearSelection();
            m_text->setTextCursor(bare);
        }
    }
    m_text->setExtraSelections(marks);
    m_found->setText(wanted.isEmpty()  ? QString()
                     : marks.isEmpty() ? Tr::tr("not found")
                                       : Tr::tr("%1 found").arg(marks.size()));
    emit hitsFound(m_selection.capture(), places);
}

void WordsView::save() {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture) return;
    const QString folder = m_case.folders.words;
    // Not what an officer calls it: that may name somebody.
    const QString neutral = sentence(Tr::tr("Capture %1"), capture->id);
    const FileDialogTraces traces;
    QString kind = Tr::tr("Text (*.txt)");
    const QString file = QFileDialog::getSaveFileName(
        this, Tr::tr("Save the words"), folder + QLatin1Char('/') + neutral + QStringLiteral(".txt"),
        Tr::tr("Text (*.txt);;Words with places, CSV (*.csv);;hOCR (*.html)"), &kind);
    if (file.isEmpty()) return;
    m_case.folders.words = QFileInfo(file).absolutePath();
    const QString ending = QFileInfo(file).suffix().toLower();
    const QString all = ending == QLatin1String("csv") ? pageCsv(m_page)
                        : ending.startsWith(QLatin1String("htm")) || ending == QLatin1String("hocr")
                            ? pageHocr(m_page, neutral)
                            : pageText(m_page);
    // Words as they are on the capture are for nobody else's eyes.
    const FileMode mode = sanitised() ? FileMode::Ordinary : FileMode::Private;
    if (auto written = writeFileWhole(file, all.toUtf8(), true, mode); !written)
        QMessageBox::warning(this, Tr::tr("Save the words"), written.error().sentence);
}

} // namespace eyelid
