// Where the text of a mark is written, on the sheet itself, over the mark. Words no dictionary of the case's languages
// knows are underlined; a right click has what else they could be.
#pragma once

#include "editing/mark.h"
#include "language/dictionary.h"

#include <functional>
#include <QPlainTextEdit>

namespace eyelid {

class Sheet;

class NoteEdit final : public QPlainTextEdit {
    Q_OBJECT
public:
    /// `written` is called once, with the mark as it is then, when the field is left or Ctrl+Enter ends it.
    NoteEdit(Sheet& sheet, Mark mark, std::function<void(const Mark&)> written);
    /// Null: nothing is underlined.
    void setDictionary(const std::shared_ptr<const Dictionary>& dictionary);
    /// Ends writing now; nothing happens where it has ended.
    void end();

protected:
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

private:
    void place();

    Sheet& m_sheet;
    Mark m_mark;
    std::shared_ptr<const Dictionary> m_dictionary;
    std::function<void(const Mark&)> m_written;
};

} // namespace eyelid
