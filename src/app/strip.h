// The case's captures from top to bottom, each with a small lid gauge.
#pragma once

#include "casefile/case.h"

#include <QListView>

namespace eyelid {

class StripModel;

class Strip final : public QListView {
    Q_OBJECT
public:
    explicit Strip(Case& owner, QWidget* parent = nullptr);
    void setCurrentCapture(int id);

signals:
    void captureChosen(int id);
    void removeAsked(int id);

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void contextMenuEvent(QContextMenuEvent*) override;

private:
    StripModel* m_model;
};

} // namespace eyelid
