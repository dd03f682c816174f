// What is done with marks by commands: adding what was drawn, writing, copying, arranging, taking away.
#pragma once

#include "app/findings/selection.h"
#include "base/workers.h"
#include "casefile/case.h"
#include "editing/mark_arranging.h"
#include "language/dictionary.h"

#include <QObject>
#include <QPointer>

namespace eyelid {

class NoteEdit;
class Sheet;

class Explaining final : public QObject {
    Q_OBJECT
public:
    Explaining(Case& owner, Selection& selection, Sheet& sheet);
    ~Explaining() override { m_lane.finish(); }

    /// What a tool drew: it is there, in view and selected; a note is written at once. The tool ends unless it stays
    /// on.
    void add(const Mark& mark);
    /// Where the text of a mark is written.
    void write(int mark);
    bool isWriting() const { return !m_writing.isNull(); }
    /// What is being written is on its mark, as before the case is left.
    void finishWriting();
    void remove();
    void duplicate();
    void arrange(bool inFront);
    void align(AlignTo to);
    void spreadOut(Qt::Orientation along);
    void turn(double degrees); ///< clockwise, of those that are boxes
    void setLocked(bool locked);
    bool anyLocked() const;
    /// The next mark of the capture, or the one before, round the end.
    void step(int by);
    /// The selected step is counted earlier or later.
    void moveStep(int by);
    /// As text, for a letter.
    void copySteps() const;
    void copy() const;
    bool canPaste() const;
    void paste();
    /// A note's pointer to a place is added, or taken away.
    void togglePointer();
    /// Covers the findings marks lie over that are open.
    void coverUnder();
    std::vector<Mark> selected() const;
    /// The same change for all that are selected and not locked.
    void change(const QString& step, const std::function<void(Mark&)>& how);

signals:
    void signAsked(); ///< none was chosen yet
    void trouble(QString sentence);

private:
    void reveal(int mark);
    void beginWriting(const Mark& mark, std::function<void(const Mark&)> written);

    Case& m_case;
    Selection& m_selection;
    Sheet& m_sheet;
    QPointer<NoteEdit> m_writing;
    std::shared_ptr<const Dictionary> m_dictionary; ///< null until it is here, or where there is none
    QString m_dictionaryOf;                         ///< the languages it is of
    Lane m_lane;                                    ///< reads it: a large file
};

} // namespace eyelid
