#include "app/explain/note_edit.h"

#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"

#include <algorithm>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QRegularExpression>
#include <QSyntaxHighlighter>

namespace eyelid {
namespace {

constexpr double leastWidth = 160; // view units

bool endsWriting(const QKeyEvent& event) {
    const bool enter = event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter;
    return event.key() == Qt::Key_Escape || (enter && event.modifiers() & Qt::ControlModifier);
}

class Spelling final : public QSyntaxHighlighter {
public:
    Spelling(QTextDocument* text, std::shared_ptr<const Dictionary> dictionary, const QColor& colour)
        : QSyntaxHighlighter(text), m_dictionary(std::move(dictionary)) {
        m_unknown.setUnderlineStyle(QTextCharFormat::SpellCheckUnderline);
        m_unknown.setUnderlineColor(colour);
    }

protected:
    void highlightBlock(const QString& text) override {
        static const QRegularExpression words(QStringLiteral("[\\p{L}\\p{M}'’]+"));
        for (auto it = words.globalMatch(text); it.hasNext();) {
            const auto word = it.next();
            if (!m_dictionary->knows(word.captured()))
                setFormat(int(word.capturedStart()), int(word.capturedLength()), m_unknown);
        }
    }

private:
    std::shared_ptr<const Dictionary> m_dictionary;
    QTextCharFormat m_unknown;
};

} // namespace

NoteEdit::NoteEdit(Sheet& sheet, Mark mark, std::function<void(const Mark&)> written)
    : QPlainTextEdit(sheet.viewport()), m_sheet(sheet), m_mark(std::move(mark)), m_written(std::move(written)) {
    setObjectName(QStringLiteral("noteEdit"));
    setAccessibleName(Tr::tr("Text of the mark"));
    setPlaceholderText(Tr::tr("Write; Ctrl+Enter ends"));
    setTabChangesFocus(true);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    QFont type(m_mark.style.monospaced ? QStringLiteral("JetBrains Mono") : QStringLiteral("Inter"));
    type.setPixelSize(std::max(atTypeSize(11), int(m_mark.style.textHeight * sheet.pixel())));
    type.setWeight(m_mark.style.weight == TypeWeight::Regular ? QFont::Normal : QFont::DemiBold);
    setFont(type);
    // In the colours it is drawn in: what one writes is what one gets.
    const QColor ground = QColor::fromRgb(
        m_mark.kind == MarkKind::Note ? m_mark.style.ground.value_or(markColours::paper) : markColours::paper);
    const QColor ink = QColor::fromRgb(m_mark.kind == MarkKind::Note ? m_mark.style.colour : markColours::ink);
    setStyleSheet(
        QStringLiteral("QPlainTextEdit { background: %1; color: %2; border: 2px solid %3; border-radius: 4px; "
                       "font-size: %4px; }")
            .arg(ground.name(), ink.name(), sheet.theme().aubergine.name())
            .arg(type.pixelSize()));
    setPlainText(m_mark.text);
    connect(this, &QPlainTextEdit::textChanged, this, &NoteEdit::place);
    selectAll();
    place();
    show();
    setFocus();
}

void NoteEdit::setDictionary(const std::shared_ptr<const Dictionary>& dictionary) {
    m_dictionary = dictionary;
    if (m_dictionary) new Spelling(document(), m_dictionary, m_sheet.theme().brick);
}

void NoteEdit::place() {
    m_mark.text = toPlainText();
    const QRectF box = m_sheet.viewOf(m_mark.kind == MarkKind::Note ? boxOf(m_mark) : boundsOf(m_mark));
    const QSizeF room = m_sheet.viewport()->size();
    const double line = 1.4 * QFontMetricsF(font()).height();
    const double width = std::min(std::max(box.width(), leastWidth), room.width() - 16);
    const double height = std::min(std::max(box.height(), line * (document()->blockCount() + 0.6)), room.height() - 16);
    const double left = m_mark.kind == MarkKind::Step ? box.right() + 6 : box.left();
    setGeometry(int(std::clamp(left, 4.0, std::max(4.0, room.width() - width - 4))),
                int(std::clamp(box.top(), 4.0, std::max(4.0, room.height() - height - 4))), int(width), int(height));
}

// While one writes, the keys that end it are no commands.
bool NoteEdit::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride && endsWriting(*static_cast<QKeyEvent*>(event))) {
        event->accept();
        return true;
    }
    return QPlainTextEdit::event(event);
}

void NoteEdit::keyPressEvent(QKeyEvent* event) {
    if (endsWriting(*event)) {
        m_sheet.setFocus(); // which ends it
        return;
    }
    QPlainTextEdit::keyPressEvent(event);
}

void NoteEdit::focusOutEvent(QFocusEvent* event) {
    QPlainTextEdit::focusOutEvent(event);
    // Its own menu takes the keys for a moment.
    if (event->reason() != Qt::PopupFocusReason && event->reason() != Qt::ActiveWindowFocusReason) end();
}

void NoteEdit::contextMenuEvent(QContextMenuEvent* event) {
    const std::unique_ptr<QMenu> menu(createStandardContextMenu(event->pos()));
    QTextCursor word = cursorForPosition(event->pos());
    word.select(QTextCursor::WordUnderCursor);
    if (m_dictionary && !word.selectedText().isEmpty() && !m_dictionary->knows(word.selectedText())) {
        QAction* first = menu->actions().value(0);
        constexpr int most = 6;
        for (const QString& other : m_dictionary->suggestions(word.selectedText()).mid(0, most)) {
            auto* action = new QAction(other, menu.get());
            connect(action, &QAction::triggered, this, [word, other]() mutable { word.insertText(other); });
            menu->insertAction(first, action);
        }
        menu->insertSeparator(first);
    }
    menu->exec(event->globalPos());
}

void NoteEdit::end() {
    if (!m_written) return;
    const auto written = std::exchange(m_written, {});
    m_mark.text = toPlainText();
    if (m_mark.kind == MarkKind::Note) {
        QRectF box = boxOf(m_mark);
        // One line makes its box as wide as it is; more lines break to its width.
        if (!m_mark.text.contains(u'\n'))
            box.setWidth(std::max(box.width(), std::min(widthOfNote(m_mark), 2.5 * box.width())));
        setBox(m_mark, box);
        box.setHeight(heightOfNote(m_mark));
        setBox(m_mark, box);
    }
    hide();
    deleteLater();
    written(m_mark);
}

} // namespace eyelid
