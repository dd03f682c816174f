// The words of a capture as text and its tables: to be searched, copied and saved; by default with names in place of
// what is covered.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"
#include "reading/tables.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QTabWidget;
class QTableWidget;

namespace eyelid {

class WordsView final : public QDialog {
    Q_OBJECT
public:
    WordsView(Case& owner, Selection& selection, QWidget* parent = nullptr);
    bool sanitised() const;

signals:
    /// Places on the capture that hold the searched text.
    void hitsFound(int capture, std::vector<QRectF> places);

protected:
    void showEvent(QShowEvent*) override;

private:
    QLayout* makeTop();
    void makeTabs();
    QLayout* makeBottom();
    void refresh();
    const Table* table() const;
    void showTable();
    void search();
    void save();

    Case& m_case;
    Selection& m_selection;
    Page m_page; ///< as shown
    std::vector<Table> m_pageTables;
    QLabel *m_title, *m_found;
    QTabWidget* m_tabs;
    QPlainTextEdit* m_text;
    QTableWidget* m_table;
    QComboBox* m_tables;
    QLineEdit* m_search;
    QCheckBox* m_sanitised;
    QPushButton *m_copy, *m_copyTable, *m_save;
};

} // namespace eyelid
