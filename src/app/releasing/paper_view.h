// Before printing: how the pictures stand on the pages, and which printer.
#pragma once

#include "app/releasing/paper.h"

#include <memory>
#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QPrintPreviewWidget;
class QPrinter;

namespace eyelid {

struct Theme;

class PaperView final : public QDialog {
    Q_OBJECT
public:
    PaperView(std::vector<PaperPicture> pictures, const QString& title, const Theme& theme, QWidget* parent = nullptr);
    ~PaperView() override;
    PaperLayout layoutChosen() const;
    QPrinter& printer() { return *m_printer; }
    /// Prints on the printer as it is set. Says what went wrong.
    void print();

signals:
    void printed(QString printer);

private:
    QWidget* choices();
    void choosePrinter();
    void changeLayout();
    bool isPrinterThere() const;

    const Theme& m_theme;
    const std::vector<PaperPicture> m_pictures;
    std::unique_ptr<QPrinter> m_printer;
    QPrintPreviewWidget* m_preview;
    QComboBox *m_size = nullptr, *m_perPage = nullptr;
    QCheckBox *m_captions = nullptr, *m_landscape = nullptr;
    QLabel* m_hint;
};

} // namespace eyelid
