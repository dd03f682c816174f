#include "app/explain/frame_view.h"

#include "base/sentence.h"

#include <QCheckBox>
#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QSpinBox>

namespace eyelid {
namespace {

constexpr Qt::Edge sides[] = {Qt::LeftEdge, Qt::TopEdge, Qt::RightEdge, Qt::BottomEdge};
constexpr int mostAround = 2000; // device pixels

QHBoxLayout* inRow(std::initializer_list<QWidget*> widgets) {
    auto* row = new QHBoxLayout;
    row->setSpacing(6);
    for (QWidget* widget : widgets) row->addWidget(widget);
    row->addStretch(1);
    return row;
}

QString sideTitle(Qt::Edge side) {
    return side == Qt::LeftEdge    ? Tr::tr("Left")
           : side == Qt::TopEdge   ? Tr::tr("Top")
           : side == Qt::RightEdge ? Tr::tr("Right")
                                   : Tr::tr("Bottom");
}

} // namespace

FrameView::FrameView(Case& owner, int captureId, QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("frameView"));
    setWindowTitle(Tr::tr("Framing"));
    const Capture* capture = owner.capture(captureId);
    m_before = capture ? capture->framing : Framing();
    m_capture = capture ? capture->size : QSize(1, 1);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(18, 16, 18, 14);
    form->setVerticalSpacing(10);
    addCrop(*form, m_before, m_capture);
    addSize(*form, m_before);
    addAround(*form, m_before);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel | QDialogButtonBox::Reset);
    buttons->button(QDialogButtonBox::Reset)->setText(Tr::tr("All of it, as it was taken"));
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    connect(buttons->button(QDialogButtonBox::Reset), &QPushButton::clicked, this, [this] {
        m_whole = true;
        accept();
    });
    form->addRow(buttons);
    m_filling = false;
    // At the right, so that the sheet shows what is tried.
    if (parent) {
        constexpr int margin = 24;
        const QSize own = sizeHint();
        const QWidget* frame = parent->window();
        move(frame->mapToGlobal(QPoint(frame->width() - own.width() - margin, (frame->height() - own.height()) / 2)));
    }
}

QSpinBox* FrameView::number(const QString& name, int most, int value) {
    auto* box = new QSpinBox;
    box->setRange(0, most);
    box->setValue(value);
    box->setSuffix(Tr::tr(" px"));
    box->setMinimumWidth(84);
    box->setAccessibleName(name);
    box->setToolTip(name);
    connect(box, &QSpinBox::valueChanged, this, &FrameView::tell);
    return box;
}

QComboBox* FrameView::colour(const char* name, QRgb value) {
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    const std::pair<QString, QRgb> all[] = {{Tr::tr("White"), 0xffffffff},
                                            {Tr::tr("Paper"), markColours::paper},
                                            {Tr::tr("Oat"), markColours::oat},
                                            {Tr::tr("Ink"), markColours::ink},
                                            {Tr::tr("Aubergine"), markColours::aubergine},
                                            {Tr::tr("Grey"), 0xff808080},
                                            {Tr::tr("Black"), 0xff000000}};
    for (const auto& [title, rgb] : all) box->addItem(title, rgb);
    if (box->findData(value) < 0) box->addItem(QColor(value).name(), value);
    box->setCurrentIndex(box->findData(value));
    connect(box, &QComboBox::currentIndexChanged, this, &FrameView::tell);
    return box;
}

void FrameView::addCrop(QFormLayout& form, const Framing& now, const QSize& size) {
    const QRect crop = now.crop.isNull() ? QRect(QPoint(0, 0), size) : now.crop;
    m_left = number(Tr::tr("From the left"), size.width() - 1, crop.left());
    m_top = number(Tr::tr("From the top"), size.height() - 1, crop.top());
    m_width = number(Tr::tr("Width"), size.width(), crop.width());
    m_height = number(Tr::tr("Height"), size.height(), crop.height());
    m_width->setMinimum(1);
    m_height->setMinimum(1);
    m_left->setObjectName(QStringLiteral("cropLeft"));
    m_width->setObjectName(QStringLiteral("cropWidth"));
    form.addRow(Tr::tr("Shown: left, top"), inRow({m_left, m_top}));
    form.addRow(Tr::tr("Width, height"), inRow({m_width, m_height}));
}

void FrameView::addSize(QFormLayout& form, const Framing& now) {
    m_resize = new QComboBox;
    m_resize->setObjectName(QStringLiteral("resizeBy"));
    m_resize->addItems({Tr::tr("As it is"), Tr::tr("Percent"), Tr::tr("Width"), Tr::tr("Height"),
                        Tr::tr("Longest side")}); // as Resize::By
    m_resize->setCurrentIndex(int(now.resize.by));
    m_to = new QSpinBox;
    m_to->setObjectName(QStringLiteral("resizeTo"));
    m_to->setRange(1, 30000);
    m_to->setValue(int(now.resize.to));
    m_to->setAccessibleName(Tr::tr("Percent or pixels"));
    connect(m_to, &QSpinBox::valueChanged, this, &FrameView::tell);
    connect(m_resize, &QComboBox::currentIndexChanged, this, [this](int by) {
        const QSignalBlocker quiet(m_to);
        m_to->setValue(by <= int(Resize::By::Percent)  ? 100
                       : by == int(Resize::By::Height) ? m_height->value()
                                                       : m_width->value());
        tell();
    });
    form.addRow(Tr::tr("Size"), inRow({m_resize, m_to}));
}

void FrameView::addAround(QFormLayout& form, const Framing& now) {
    m_edge = new QComboBox;
    m_edge->setObjectName(QStringLiteral("edgeForm"));
    m_edge->addItems({Tr::tr("Straight"), Tr::tr("Wave"), Tr::tr("Steps"), Tr::tr("Fade")}); // as Framing::Edge
    m_edge->setCurrentIndex(int(now.edge));
    connect(m_edge, &QComboBox::currentIndexChanged, this, &FrameView::tell);
    for (int i = 0; i < 4; ++i) {
        m_sides[i] = new QCheckBox(sideTitle(sides[i]));
        m_sides[i]->setChecked(now.edgeSides & sides[i]);
        connect(m_sides[i], &QCheckBox::toggled, this, &FrameView::tell);
    }
    form.addRow(Tr::tr("Edge of the excerpt"), inRow({m_edge}));
    form.addRow(Tr::tr("On its sides"), inRow({m_sides[0], m_sides[1], m_sides[2], m_sides[3]}));
    const int around[] = {now.canvas.left(), now.canvas.top(), now.canvas.right(), now.canvas.bottom()};
    for (int i = 0; i < 4; ++i) m_canvas[i] = number(sideTitle(sides[i]), mostAround, around[i]);
    form.addRow(Tr::tr("More ground: left, top"), inRow({m_canvas[0], m_canvas[1]}));
    form.addRow(Tr::tr("Right, bottom"), inRow({m_canvas[2], m_canvas[3]}));
    m_ground = colour("groundColour", now.ground);
    m_transparent = new QCheckBox(Tr::tr("Transparent in a PNG, and in a WebP without loss"));
    m_transparent->setObjectName(QStringLiteral("transparentGround"));
    m_transparent->setChecked(now.transparent);
    connect(m_transparent, &QCheckBox::toggled, this, &FrameView::tell);
    form.addRow(Tr::tr("Ground"), inRow({m_ground, m_transparent}));
    m_border = number(Tr::tr("Width of the border"), 200, now.border);
    m_border->setObjectName(QStringLiteral("borderWidth"));
    m_borderColour = colour("borderColour", now.borderColour);
    form.addRow(Tr::tr("Border"), inRow({m_border, m_borderColour}));
    m_corner = number(Tr::tr("Radius of the corners"), 400, now.corner);
    m_shadow = number(Tr::tr("How far the shadow reaches"), 200, now.shadow);
    form.addRow(Tr::tr("Corners, shadow"), inRow({m_corner, m_shadow}));
}

Framing FrameView::entered() const {
    Framing f = m_before; // its turns stay
    const QRect all(QPoint(0, 0), m_capture);
    const QRect crop = QRect(m_left->value(), m_top->value(), m_width->value(), m_height->value()).intersected(all);
    f.crop = crop == all ? QRect() : crop;
    f.resize = {Resize::By(m_resize->currentIndex()), double(m_to->value())};
    if (f.resize.by == Resize::By::No) f.resize = {};
    f.edge = Framing::Edge(m_edge->currentIndex());
    f.edgeSides = {};
    for (int i = 0; i < 4; ++i)
        if (m_sides[i]->isChecked()) f.edgeSides |= sides[i];
    f.canvas = {m_canvas[0]->value(), m_canvas[1]->value(), m_canvas[2]->value(), m_canvas[3]->value()};
    f.ground = m_ground->currentData().toUInt();
    f.transparent = m_transparent->isChecked();
    f.border = m_border->value();
    f.borderColour = m_borderColour->currentData().toUInt();
    f.corner = m_corner->value();
    f.shadow = m_shadow->value();
    return f;
}

void FrameView::tell() {
    if (!m_filling) emit changed(entered());
}

} // namespace eyelid
