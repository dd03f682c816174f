#include "app/explain/together_view.h"

#include "base/sentence.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>

namespace eyelid {
namespace {

constexpr QSize previewSize(420, 320); // view units

} // namespace

TogetherView::TogetherView(const Case& owner, QWidget* parent) : QDialog(parent), m_case(owner) {
    setObjectName(QStringLiteral("togetherView"));
    setWindowTitle(Tr::tr("Put captures together"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 16, 18, 14);
    auto* row = new QHBoxLayout;
    row->setSpacing(16);
    auto* form = new QFormLayout;
    form->setVerticalSpacing(9);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("togetherCaptures"));
    m_list->setAccessibleName(Tr::tr("Captures to be put together; drag them into their order"));
    m_list->setDragDropMode(QAbstractItemView::InternalMove);
    m_list->setMaximumHeight(150);
    for (const Capture& capture : m_case.captures()) {
        auto* item = new QListWidgetItem(capture.name, m_list);
        item->setData(Qt::UserRole, capture.id);
        item->setFlags(item->flags() | Qt::ItemIsUserCheckable);
        item->setCheckState(Qt::Checked);
    }
    m_arrange = new QComboBox;
    m_arrange->setObjectName(QStringLiteral("togetherArrange"));
    m_arrange->addItems({Tr::tr("Side by side"), Tr::tr("Below each other"), Tr::tr("In a grid")});
    m_align = new QComboBox;
    m_align->addItems({Tr::tr("At the start"), Tr::tr("In the middle"), Tr::tr("At the end")});
    m_gap = new QSpinBox;
    m_gap->setRange(0, 400);
    m_gap->setValue(24);
    m_gap->setSuffix(Tr::tr(" px"));
    m_ground = new QComboBox;
    for (const auto& [title, colour] :
         {std::pair(Tr::tr("White"), QRgb(0xffffffff)), std::pair(Tr::tr("Oat"), QRgb(markColours::oat)),
          std::pair(Tr::tr("Ink"), QRgb(markColours::ink))})
        m_ground->addItem(title, colour);
    m_sameSize = new QCheckBox(Tr::tr("Scaled to one size"));
    m_sameSize->setChecked(true);
    m_captions = new QCheckBox(Tr::tr("Their names above them"));
    m_captions->setToolTip(Tr::tr("Then the captures' names leave with the picture."));
    m_numbers = new QCheckBox(Tr::tr("Numbered"));
    m_numbers->setChecked(true);
    form->addRow(m_list);
    form->addRow(Tr::tr("Arranged"), m_arrange);
    form->addRow(Tr::tr("Aligned"), m_align);
    form->addRow(Tr::tr("Gap"), m_gap);
    form->addRow(Tr::tr("Ground"), m_ground);
    form->addRow(m_sameSize);
    form->addRow(m_captions);
    form->addRow(m_numbers);
    row->addLayout(form);
    m_preview = new QLabel;
    m_preview->setFixedSize(previewSize);
    m_preview->setAlignment(Qt::AlignCenter);
    m_preview->setAccessibleName(Tr::tr("How they will stand"));
    row->addWidget(m_preview, 1);
    column->addLayout(row);
    auto* hint =
        new QLabel(Tr::tr("A capture of its own: what was found and decided stands on it and can be changed."));
    hint->setWordWrap(true);
    hint->setProperty("role", QStringLiteral("faint"));
    column->addWidget(hint);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(Tr::tr("Put together"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    column->addWidget(buttons);
    const auto refreshAll = [=, this] {
        buttons->button(QDialogButtonBox::Ok)->setEnabled(captures().size() > 1);
        refresh();
    };
    connect(m_list, &QListWidget::itemChanged, this, refreshAll);
    connect(m_list->model(), &QAbstractItemModel::rowsMoved, this, refreshAll);
    for (QComboBox* box : {m_arrange, m_align, m_ground})
        connect(box, &QComboBox::currentIndexChanged, this, refreshAll);
    connect(m_gap, &QSpinBox::valueChanged, this, refreshAll);
    for (QCheckBox* box : {m_sameSize, m_captions, m_numbers}) connect(box, &QCheckBox::toggled, this, refreshAll);
    refreshAll();
}

QList<int> TogetherView::captures() const {
    QList<int> ids;
    for (int i = 0; i < m_list->count(); ++i)
        if (m_list->item(i)->checkState() == Qt::Checked) ids << m_list->item(i)->data(Qt::UserRole).toInt();
    return ids;
}

TogetherLayout TogetherView::layoutChosen() const {
    TogetherLayout layout;
    layout.arrange = TogetherLayout::Arrange(m_arrange->currentIndex());
    layout.align = TogetherLayout::Align(m_align->currentIndex());
    layout.gap = m_gap->value();
    layout.ground = m_ground->currentData().toUInt();
    layout.sameSize = m_sameSize->isChecked();
    layout.captions = m_captions->isChecked();
    layout.numbers = m_numbers->isChecked();
    return layout;
}

// Of plain cards in place of the pictures: nothing is loaded or scaled while it is chosen.
void TogetherView::refresh() {
    std::vector<Capture> all;
    std::vector<QImage> cards;
    constexpr int side = 240; // pixels of a card's longer side
    for (const int id : captures()) {
        const Capture* capture = m_case.capture(id);
        if (!capture) continue;
        const QSize shown = geometryOf(capture->framing, capture->size).size.scaled(side, side, Qt::KeepAspectRatio);
        Capture card;
        card.id = id;
        card.name = capture->name;
        card.size = shown.expandedTo({1, 1});
        const QImage small = m_case.pictures()->small(capture->picture);
        QImage picture = small.isNull() ? QImage(card.size, QImage::Format_RGB32)
                                        : small.scaled(card.size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation)
                                              .convertToFormat(QImage::Format_RGB32);
        if (small.isNull()) picture.fill(Qt::lightGray);
        all.push_back(std::move(card));
        cards.push_back(std::move(picture));
    }
    TogetherLayout layout = layoutChosen();
    layout.gap = layout.gap / 4;
    const Together whole = together(all, cards, layout);
    m_preview->setPixmap(whole.picture.isNull() ? QPixmap()
                                                : QPixmap::fromImage(whole.picture.scaled(
                                                      previewSize, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

} // namespace eyelid
