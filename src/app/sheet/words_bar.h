// What can be done with the words that were swept on the sheet: copied, covered, watched for, put right. Lies over the
// sheet's lower edge, not beside it: what is being swept must not move.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace eyelid {

class Sheet;

class WordsBar final : public QWidget {
    Q_OBJECT
public:
    WordsBar(Case& owner, Selection& selection, Sheet& sheet);

    bool anyChosen() const;
    /// As it would be released: names stand in place of what is covered or open.
    void copy();
    void watch();
    void correct();

signals:
    void coverAsked();
    void trouble(QString sentence);

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    QPushButton* addButton(const QString& text, const QString& name, const QString& tip, void (WordsBar::*act)());
    void refresh();
    void place();
    QString chosenText(bool sanitised) const;

    Case& m_case;
    Selection& m_selection;
    Sheet& m_sheet;
    QLabel* m_text;
    QPushButton* m_correct;
};

} // namespace eyelid
