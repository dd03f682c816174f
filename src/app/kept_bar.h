// Over the sheet: that a case was left which can be gone on with, or that this one cannot be kept, and what to do.
#pragma once

#include "app/case_keeper.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace eyelid {

class KeptBar final : public QWidget {
    Q_OBJECT
public:
    KeptBar(Case& owner, CaseKeeper& keeper);
    void offer(const CaseKeeper::Left& left);

signals:
    void openAsked(const QString& path);

private:
    void refresh();
    void chooseFolder();

    Case& m_case;
    CaseKeeper& m_keeper;
    std::optional<CaseKeeper::Left> m_left;
    QLabel* m_text;
    QPushButton *m_open, *m_leave, *m_again, *m_elsewhere;
};

} // namespace eyelid
