// The case's captures from top to bottom, each with a small lid gauge.
#pragma once

#include "app/selection.h"
#include "casefile/case.h"

#include <QListView>

namespace eyelid {

struct Theme;

class StripModel;

class Strip final : public QListView {
    Q_OBJECT
public:
    Strip(Case& owner, Selection& selection, const Theme& theme, QWidget* parent = nullptr);

signals:
    /// Somebody chose a capture, the one that is shown or another.
    void captureChosen();
    void removeAsked(int id);

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void contextMenuEvent(QContextMenuEvent*) override;

private:
    void showCurrent();

    StripModel* m_model;
    Selection& m_selection;
};

} // namespace eyelid
