// Which pages of a PDF are brought in, and in what resolution.
#pragma once

#include "capture/pdf_pages.h"

#include <QDialog>

class QComboBox;
class QLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace eyelid {

class PdfView final : public QDialog {
    Q_OBJECT
public:
    PdfView(const PdfFile& file, const QString& name, QWidget* parent = nullptr);
    std::vector<int> chosenPages() const; ///< from 0
    double dpi() const;

private:
    void makeMiniatures();
    QLayout* makeChoices();
    void refresh();
    const PdfFile& m_file;
    QLineEdit* m_pages;
    QComboBox* m_dpi;
    QLabel* m_status;
    QListWidget* m_list;
    QPushButton* m_bring;
};

} // namespace eyelid
