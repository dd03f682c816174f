// The case's captures from top to bottom, each with a small lid gauge: those that are on the disk, or are not going to
// be. Dragged, they change places.
#pragma once

#include "app/cases/case_keeper.h"
#include "app/findings/selection.h"
#include "casefile/case.h"

#include <functional>
#include <QListView>

class QMimeData;

namespace eyelid {

struct Theme;

class StripModel;

class Strip final : public QListView {
    Q_OBJECT
public:
    Strip(Case& owner, CaseKeeper& keeper, Selection& selection, const Theme& theme, QWidget* parent = nullptr);

    /// Gives what a capture is when it is dragged out of the window.
    void giveAway(std::function<QMimeData*(int id)> give) { m_give = std::move(give); }
    /// A capture that was dragged is let go at a point of the view: it goes over or under what lies there.
    void letGo(int id, const QPointF& at);

signals:
    /// Somebody chose a capture, the one that is shown or another.
    void captureChosen();
    void removeAsked(int id);
    void renameAsked(int id);
    void copyAsked(int id); ///< into another case

protected:
    void selectionChanged(const QItemSelection& now, const QItemSelection& before) override;
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void contextMenuEvent(QContextMenuEvent*) override;
    void dropEvent(QDropEvent*) override;
    void startDrag(Qt::DropActions actions) override;

private:
    void showCurrent();

    Case& m_case;
    StripModel* m_model;
    Selection& m_selection;
    std::function<QMimeData*(int)> m_give;
};

} // namespace eyelid
