// Over the sheet: that this case cannot be kept or changed, and what to do.
#pragma once

#include "app/cases/case_keeper.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace eyelid {

class KeptBar final : public QWidget {
    Q_OBJECT
public:
    explicit KeptBar(CaseKeeper& keeper);

private:
    void refresh();
    void chooseFolder();

    CaseKeeper& m_keeper;
    QLabel* m_text;
    QPushButton *m_again, *m_elsewhere;
};

} // namespace eyelid
