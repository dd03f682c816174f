// The view Cases: what was worked on, found again by name or by what was read, opened, put off, thrown away, destroyed.
#pragma once

#include "app/cases/case_shelf.h"

#include <QWidget>

class QCheckBox;
class QLabel;
class QLineEdit;
class QListView;
class QPushButton;
class QTimer;

namespace eyelid {

struct Theme;

class CasesModel;
class LidGauge;

class CasesView final : public QWidget {
    Q_OBJECT
public:
    CasesView(CaseShelf& shelf, const Theme& theme);

    /// The path of the case that is open in this window; empty for none.
    void setOpenCase(const QString& path);
    /// Puts the keys where they are wanted first.
    void start();
    /// Of the chosen case; empty for none.
    QString chosen() const;

signals:
    void openAsked(const QString& path);
    void openElsewhereAsked(const QString& path); ///< in a window of its own
    void takeInAsked(const QString& path);        ///< its captures into the open case
    void newAsked();
    void bringInAsked(); ///< a folder a case was taken out to
    void openFileAsked();
    void closed(); ///< back to the open case

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makeTop();
    QWidget* makeDueBar();
    QWidget* makeList();
    QWidget* makeDetail();
    QPushButton* addButton(QWidget* column, const QString& text, const char* name);
    void refresh();
    void refreshDue();
    void showDetail();
    void showButtons(const ListedCase* listed);
    void searchWords();
    void putOff();
    void rename();
    void throwAway();
    void destroyChosen();
    void destroyDue();
    QString emptyText() const;

    CaseShelf& m_shelf;
    const Theme& m_theme;
    CasesModel* m_model;
    QString m_openCase;
    QString m_lastChosen; ///< kept while the list is looked at again
    QLineEdit* m_typed;
    QCheckBox* m_inWords;
    QTimer* m_pause; ///< words are searched for when typing pauses
    QListView* m_list;
    QLabel *m_empty, *m_dueText, *m_byItself;
    QWidget *m_dueBar, *m_detail;
    QLabel *m_picture, *m_name, *m_told, *m_due, *m_place;
    LidGauge* m_lid;
    QPushButton *m_open, *m_elsewhere, *m_takeIn, *m_rename, *m_putOff, *m_throwAway, *m_bringBack, *m_destroy, *m_back;
};

} // namespace eyelid
