#include "app/sheet/words_bar.h"

#include "app/sheet/sheet.h"
#include "base/sentence.h"
#include "editing/sanitised_page.h"

#include <algorithm>
#include <QClipboard>
#include <QEvent>
#include <QGuiApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace eyelid {
namespace {

// Where one word of a capture is put right, in place. What is left without Enter is not done.
class WordEdit final : public QLineEdit {
public:
    using QLineEdit::QLineEdit;

protected:
    void focusOutEvent(QFocusEvent* event) override {
        QLineEdit::focusOutEvent(event);
        deleteLater();
    }
};

QString textOf(const Page& page) {
    QString text;
    const TextLine* before = nullptr;
    for (const TextLine& line : page.lines) {
        if (before)
            text += std::abs(before->baseline - line.baseline) < 0.45 * line.xHeight ? QLatin1Char('\t')
                                                                                     : QLatin1Char('\n');
        text += line.text();
        before = &line;
    }
    return text;
}

} // namespace

WordsBar::WordsBar(Case& owner, Selection& selection, Sheet& sheet)
    : QWidget(&sheet), m_case(owner), m_selection(selection), m_sheet(sheet) {
    setObjectName(QStringLiteral("wordsBar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 10, 6);
    m_text = new QLabel;
    row->addWidget(m_text, 1);
    addButton(Tr::tr("Copy"), QStringLiteral("copyWords"),
              Tr::tr("As it would be released: names stand in place of what is covered (Ctrl+C)"), &WordsBar::copy);
    addButton(Tr::tr("Cover"), QStringLiteral("coverWords"), QStringLiteral("C"), &WordsBar::coverAsked);
    addButton(Tr::tr("Watch for it"), QStringLiteral("watchWords"),
              Tr::tr("From now on a finding wherever it stands in this case"), &WordsBar::watch);
    m_correct = addButton(Tr::tr("Correct…"), QStringLiteral("correctWord"), QStringLiteral("F2"), &WordsBar::correct);
    hide();
    m_sheet.installEventFilter(this);
    connect(&m_sheet, &Sheet::wordsChosen, this, &WordsBar::refresh);
}

QPushButton* WordsBar::addButton(const QString& text, const QString& name, const QString& tip,
                                 void (WordsBar::*act)()) {
    auto* button = new QPushButton(text);
    button->setObjectName(name);
    button->setToolTip(tip);
    connect(button, &QPushButton::clicked, this, act);
    layout()->addWidget(button);
    return button;
}

bool WordsBar::eventFilter(QObject* object, QEvent* event) {
    if (event->type() == QEvent::Resize && isVisible()) place();
    return QWidget::eventFilter(object, event);
}

bool WordsBar::anyChosen() const {
    return !m_sheet.chosenWords().empty();
}

QString WordsBar::chosenText(bool sanitised) const {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture || !capture->page) return {};
    const Page words = pageOfWords(*capture->page, m_sheet.chosenWords());
    return textOf(sanitised ? sanitisedPage(words, hiddenValues(m_case.decided(*capture), capture->size)) : words);
}

void WordsBar::copy() {
    const QString text = chosenText(true);
    if (!text.isEmpty()) QGuiApplication::clipboard()->setText(text);
}

void WordsBar::watch() {
    const QString text = chosenText(false).simplified();
    if (text.isEmpty()) return;
    QStringList words = m_case.terms().watchWords;
    if (!words.contains(text, Qt::CaseInsensitive)) words << text;
    if (auto set = m_case.setWatchWords(words); !set) return emit trouble(set.error().sentence);
    m_sheet.chooseWords({});
}

void WordsBar::correct() {
    const Page* page = m_sheet.page();
    if (!page || m_sheet.chosenWords().size() != 1 || !isOn(*page, m_sheet.chosenWords().front())) return;
    const auto [l, w] = m_sheet.chosenWords().front();
    const Word word = page->lines[size_t(l)].words[size_t(w)];
    // In place: over the word, in the type of the interface.
    QWidget* view = m_sheet.viewport();
    auto* edit = new WordEdit(word.text, view);
    edit->setObjectName(QStringLiteral("wordEdit"));
    edit->setAccessibleName(Tr::tr("What the word says"));
    const QPointF at = m_sheet.toView(word.box.bottomLeft());
    const int width = std::max(120, edit->fontMetrics().horizontalAdvance(word.text) + 40);
    edit->setGeometry(std::clamp(int(at.x()) - 8, 0, std::max(0, view->width() - width)),
                      std::clamp(int(at.y()) + 4, 0, std::max(0, view->height() - 32)), width, 30);
    edit->selectAll();
    edit->show();
    edit->setFocus();
    connect(edit, &QLineEdit::returnPressed, this,
            [this, edit, id = m_selection.capture(), box = word.box, old = word.text] {
                const QString text = edit->text().trimmed();
                m_sheet.setFocus();
                if (!text.isEmpty() && text != old) m_case.correctWord(id, box, text);
            });
}

void WordsBar::refresh() {
    const size_t n = m_sheet.chosenWords().size();
    setVisible(n > 0);
    if (n == 0) return;
    QString text = chosenText(true).simplified();
    if (text.size() > 60) text = text.left(57) + QStringLiteral("…");
    m_text->setText(sentence(Tr::tr("%n word(s): %1", nullptr, int(n)), text));
    m_correct->setEnabled(n == 1);
    place();
}

void WordsBar::place() {
    const QSize room = m_sheet.size();
    const int width = std::min(room.width() - 24, std::max(560, sizeHint().width()));
    const int height = sizeHint().height();
    setGeometry((room.width() - width) / 2, room.height() - height - 12, width, height);
    raise();
}

} // namespace eyelid
