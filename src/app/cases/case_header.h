// The row on top: the case's name, Take, Bring in, and the search over all words of the case.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>
#include <utility>
#include <vector>

class QAction;
class QHBoxLayout;
class QLabel;
class QLineEdit;
class QMenu;
class QTimer;

namespace eyelid {

struct Theme;

class Commands;
class Sheet;

class CaseHeader final : public QWidget {
    Q_OBJECT
public:
    CaseHeader(Case& owner, Selection& selection, Sheet& sheet, const Commands& commands, const Theme& theme);
    /// Puts the keys into the search.
    void startSearch();
    /// In a word where the case is kept, and more of it for who asks.
    void setKept(const QString& word, const QString& more);

signals:
    /// A place that was searched for is shown.
    void placeShown();
    void notFound(QString text);
    /// The name was entered; the keys are wanted elsewhere.
    void entered();

private:
    QLineEdit* addName();
    void addButton(const QAction& action);
    QLineEdit* addSearch();
    void addMenu(QMenu* menu);
    void collect();
    void showCount();
    void search(bool forward);
    void showHits();

    Case& m_case;
    Selection& m_selection;
    Sheet& m_sheet;
    QHBoxLayout* m_row;
    QLineEdit *m_name, *m_search;
    QLabel *m_kept, *m_count;
    QTimer* m_typing;                           ///< until nothing was typed for a moment
    std::vector<std::pair<int, QRectF>> m_hits; ///< capture and place
    int m_hit = -1;
    QString m_hitText;
};

} // namespace eyelid
