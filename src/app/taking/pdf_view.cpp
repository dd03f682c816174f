#include "app/taking/pdf_view.h"

#include "app/window/settings.h"
#include "base/sentence.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QTimer>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr int smallPage = 150;     // pixels high
constexpr int mostMiniatures = 60; // of a long document the first pages are shown, all can be named

} // namespace

PdfView::PdfView(const PdfFile& file, const QString& name, QWidget* parent) : QDialog(parent), m_file(file) {
    setWindowTitle(Tr::tr("Bring in pages"));
    setObjectName(QStringLiteral("pdfView"));
    resize(760, 480);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    auto* title = new QLabel(QFileInfo(name).fileName());
    title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(title);
    makeMiniatures();
    layout->addWidget(m_list, 1);
    layout->addLayout(makeChoices());
    connect(m_bring, &QPushButton::clicked, this, [this] {
        settings::setPageResolution(m_dpi->currentData().toInt());
        accept();
    });
    connect(m_pages, &QLineEdit::textChanged, this, &PdfView::refresh);
    connect(m_dpi, &QComboBox::currentIndexChanged, this, &PdfView::refresh);
    connect(m_list, &QListWidget::itemSelectionChanged, this, [this] {
        QStringList pages;
        for (int i = 0; i < m_list->count(); ++i)
            if (m_list->item(i)->isSelected()) pages << QString::number(i + 1);
        m_pages->setText(pages.join(QStringLiteral(", ")));
    });
    m_pages->setFocus();
    refresh();
}

void PdfView::makeMiniatures() {
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("pdfMiniatures"));
    m_list->setAccessibleName(Tr::tr("Pages"));
    m_list->setViewMode(QListView::IconMode);
    m_list->setSelectionMode(QAbstractItemView::ExtendedSelection);
    m_list->setIconSize({smallPage, smallPage});
    m_list->setResizeMode(QListView::Adjust);
    m_list->setMovement(QListView::Static);
    m_list->setSpacing(8);
    m_list->setGridSize({smallPage + 24, smallPage + 40}); // the miniatures come later than their places
    // One after the other, so that the dialog is there at once.
    for (int i = 0; i < std::min(m_file.pages(), mostMiniatures); ++i) {
        auto* item = new QListWidgetItem(QString::number(i + 1), m_list);
        item->setSizeHint({smallPage + 16, smallPage + 30});
        item->setTextAlignment(Qt::AlignHCenter | Qt::AlignBottom);
        QTimer::singleShot(0, m_list, [this, i] {
            const double high = std::max(m_file.pageSize(i).height(), m_file.pageSize(i).width());
            if (high <= 0) return;
            if (auto picture = m_file.render(i, 72.0 * smallPage * 2 / high)) {
                QPixmap pixmap = QPixmap::fromImage(*picture);
                pixmap.setDevicePixelRatio(2);
                m_list->item(i)->setIcon(QIcon(pixmap));
            }
        });
    }
}

QLayout* PdfView::makeChoices() {
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(Tr::tr("Pages")));
    m_pages = new QLineEdit;
    m_pages->setObjectName(QStringLiteral("pdfPages"));
    m_pages->setPlaceholderText(Tr::tr("all %1").arg(m_file.pages()));
    m_pages->setAccessibleName(Tr::tr("Pages, like 1-3, 7"));
    m_pages->setToolTip(Tr::tr("Like 1-3, 7; empty for all"));
    m_pages->setFixedWidth(160);
    row->addWidget(m_pages);
    row->addSpacing(10);
    row->addWidget(new QLabel(Tr::tr("at")));
    m_dpi = new QComboBox;
    m_dpi->setObjectName(QStringLiteral("pdfDpi"));
    m_dpi->setAccessibleName(Tr::tr("Resolution in pixels an inch"));
    for (const int dpi : {96, 150, 200, 300, 600}) m_dpi->addItem(Tr::tr("%1 pixels an inch").arg(dpi), dpi);
    const int last = m_dpi->findData(settings::pageResolution());
    m_dpi->setCurrentIndex(std::max(0, last));
    row->addWidget(m_dpi);
    m_status = new QLabel;
    m_status->setProperty("role", QStringLiteral("faint"));
    m_status->setWordWrap(true);
    row->addWidget(m_status, 1);
    auto* close = new QPushButton(Tr::tr("Close"));
    close->setAutoDefault(false);
    row->addWidget(close);
    m_bring = new QPushButton(Tr::tr("Bring in"));
    m_bring->setObjectName(QStringLiteral("pdfBring"));
    m_bring->setProperty("primary", true);
    m_bring->setDefault(true);
    row->addWidget(m_bring);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    return row;
}

std::vector<int> PdfView::chosenPages() const {
    auto pages = parsePages(m_pages->text(), m_file.pages());
    return pages ? *pages : std::vector<int>();
}

double PdfView::dpi() const {
    return m_dpi->currentData().toDouble();
}

void PdfView::refresh() {
    auto pages = parsePages(m_pages->text(), m_file.pages());
    m_bring->setEnabled(bool(pages));
    if (!pages) {
        m_status->setText(pages.error().sentence);
        return;
    }
    const QSize size = (m_file.pageSize(pages->front()) * dpi() / 72).toSize();
    m_status->setText(sentence(Tr::tr("%1, %2 × %3 pixels"), Tr::tr("%n page(s)", nullptr, int(pages->size())),
                               size.width(), size.height()));
}

} // namespace eyelid
