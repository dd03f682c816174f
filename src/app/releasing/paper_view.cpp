#include "app/releasing/paper_view.h"

#include "app/window/dialog_parts.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QCheckBox>
#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QPrintDialog>
#include <QPrinter>
#include <QPrinterInfo>
#include <QPrintPreviewWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {

PaperView::PaperView(std::vector<PaperPicture> pictures, const QString& title, const Theme& theme, QWidget* parent)
    : QDialog(parent), m_theme(theme), m_pictures(std::move(pictures)),
      m_printer(std::make_unique<QPrinter>(QPrinter::HighResolution)) {
    setObjectName(QStringLiteral("paperView"));
    setWindowTitle(Tr::tr("Print"));
    resize(860, 700);
    m_printer->setDocName(title);
    m_printer->setCreator(QStringLiteral("Eyelid"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    layout->addWidget(choices());
    m_preview = new QPrintPreviewWidget(m_printer.get());
    m_preview->setAccessibleName(Tr::tr("The pages"));
    m_preview->setZoomMode(QPrintPreviewWidget::FitInView);
    connect(m_preview, &QPrintPreviewWidget::paintRequested, this,
            [this](QPrinter* printer) { printPictures(*printer, m_pictures, layoutChosen()); });
    layout->addWidget(m_preview, 1);
    m_hint = new QLabel;
    m_hint->setWordWrap(true);
    auto* buttons = new QHBoxLayout;
    auto* close = new QPushButton(Tr::tr("Not now"));
    auto* print = new QPushButton(Tr::tr("Print…"));
    print->setObjectName(QStringLiteral("printNow"));
    print->setProperty("primary", true);
    print->setDefault(true);
    buttons->addWidget(m_hint, 1);
    buttons->addWidget(close);
    buttons->addWidget(print);
    layout->addLayout(buttons);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(print, &QPushButton::clicked, this, &PaperView::choosePrinter);
    changeLayout();
}

PaperView::~PaperView() {
    delete m_preview; // it looks at the printer
}

QWidget* PaperView::choices() {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    m_size = new QComboBox;
    m_size->setAccessibleName(Tr::tr("Size"));
    m_size->addItems({Tr::tr("As large as fits"), Tr::tr("True size")});
    m_perPage = new QComboBox;
    m_perPage->setObjectName(QStringLiteral("perPage"));
    m_perPage->setAccessibleName(Tr::tr("Pictures a page"));
    for (const int n : {1, 2, 4}) m_perPage->addItem(Tr::tr("%n a page", nullptr, n), n);
    m_captions = new QCheckBox(Tr::tr("Names and page numbers"));
    m_captions->setChecked(true);
    m_landscape = new QCheckBox(Tr::tr("Landscape"));
    m_landscape->setChecked(!m_pictures.empty() && m_pictures[0].picture.width() > m_pictures[0].picture.height());
    for (QWidget* one : std::initializer_list<QWidget*>{m_size, m_perPage, m_captions, m_landscape})
        layout->addWidget(one);
    layout->addStretch();
    connect(m_size, &QComboBox::activated, this, &PaperView::changeLayout);
    connect(m_perPage, &QComboBox::activated, this, &PaperView::changeLayout);
    connect(m_captions, &QCheckBox::toggled, this, &PaperView::changeLayout);
    connect(m_landscape, &QCheckBox::toggled, this, &PaperView::changeLayout);
    return row;
}

PaperLayout PaperView::layoutChosen() const {
    return {m_size->currentIndex() == 1, m_perPage->currentData().toInt(), m_captions->isChecked()};
}

void PaperView::changeLayout() {
    m_printer->setPageOrientation(m_landscape->isChecked() ? QPageLayout::Landscape : QPageLayout::Portrait);
    m_hint->setText(Tr::tr("%n page(s)", nullptr, paperPages(qsizetype(m_pictures.size()), layoutChosen())));
    m_hint->setStyleSheet({});
    m_preview->updatePreview();
}

void PaperView::choosePrinter() {
    QPrintDialog dialog(m_printer.get(), this);
    if (dialog.exec() == QDialog::Accepted) print();
}

// Qt does not tell what becomes of a job: a queue that is gone or stopped is seen before.
bool PaperView::isPrinterThere() const {
    if (!m_printer->outputFileName().isEmpty()) return true;
    const QPrinterInfo printer = QPrinterInfo::printerInfo(m_printer->printerName());
    return !printer.isNull() && printer.state() != QPrinter::Error && printer.state() != QPrinter::Aborted;
}

void PaperView::print() {
    if (isPrinterThere() && printPictures(*m_printer, m_pictures, layoutChosen())) {
        const QString name =
            m_printer->outputFileName().isEmpty() ? m_printer->printerName() : m_printer->outputFileName();
        emit printed(name);
        return accept();
    }
    m_hint->setText(
        Tr::tr("The printer did not take it; is it switched on, and does it have paper? Nothing was lost."));
    m_hint->setStyleSheet(QStringLiteral("color: %1").arg(m_theme.brick.name()));
}

} // namespace eyelid
