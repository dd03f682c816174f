#include "app/explain/mark_fields.h"

#include "app/explain/explaining.h"
#include "app/explain/mark_making.h"
#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QColorDialog>
#include <QComboBox>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QMenu>
#include <QPainter>
#include <QSpinBox>
#include <QToolButton>

namespace eyelid {
namespace {

struct NamedColour {
    QString title;
    QRgb colour;
};

std::vector<NamedColour> namedColours() {
    return {{Tr::tr("Aubergine"), markColours::aubergine}, {Tr::tr("Pine"), markColours::pine},
            {Tr::tr("Brick"), markColours::brick},         {Tr::tr("Ink"), markColours::ink},
            {Tr::tr("Paper"), markColours::paper},         {Tr::tr("Sun"), markColours::sun}};
}

QString formTitle(MarkForm form) {
    switch (form) {
    case MarkForm::Straight:
        return Tr::tr("Straight");
    case MarkForm::Bent:
        return Tr::tr("Bent");
    case MarkForm::Curved:
        return Tr::tr("Curved");
    case MarkForm::Rectangle:
        return Tr::tr("Rectangle");
    case MarkForm::Rounded:
        return Tr::tr("Rounded");
    case MarkForm::Ellipse:
        return Tr::tr("Ellipse");
    case MarkForm::Arc:
        return Tr::tr("Arc");
    case MarkForm::Words:
        return Tr::tr("On words");
    case MarkForm::Freehand:
        return Tr::tr("Freehand");
    case MarkForm::Distance:
        return Tr::tr("Distance");
    case MarkForm::Across:
        return Tr::tr("Across");
    case MarkForm::Down:
        return Tr::tr("Down");
    case MarkForm::Sides:
        return Tr::tr("Sides and area");
    case MarkForm::Angle:
        return Tr::tr("Angle");
    case MarkForm::Colour:
        return Tr::tr("Colour");
    }
    return {};
}

bool isOneOf(MarkKind kind, std::initializer_list<MarkKind> kinds) {
    return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
}

QIcon swatch(QRgb colour) {
    QPixmap picture(16, 16);
    picture.fill(Qt::transparent);
    QPainter painter(&picture);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QColor(128, 118, 130));
    painter.setBrush(QColor::fromRgba(colour));
    painter.drawRoundedRect(QRectF(1.5, 1.5, 13, 13), 3, 3);
    return picture;
}

} // namespace

MarkFields::MarkFields(Sheet& sheet, Explaining& explaining) : m_sheet(sheet), m_explaining(explaining) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(4);
    const auto combo = [&](const char* name, const QString& title) {
        auto* box = new QComboBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(title);
        box->setToolTip(title);
        row->addWidget(box);
        return box;
    };
    const auto number = [&](const char* name, const QString& title, int most) {
        auto* box = new QSpinBox;
        box->setObjectName(QLatin1String(name));
        box->setRange(1, most);
        box->setAccessibleName(title);
        box->setToolTip(title);
        row->addWidget(box);
        return box;
    };
    m_form = combo("markForm", Tr::tr("Form of the mark"));
    m_colour =
        addColour("markColour", Tr::tr("Colour of the mark"), false,
                  [](MarkStyle& style, std::optional<QRgb> colour) { style.colour = colour.value_or(style.colour); });
    m_ground = addColour("markGround", Tr::tr("Ground inside the mark"), true,
                         [](MarkStyle& style, std::optional<QRgb> colour) { style.ground = colour; });
    m_width = number("markWidth", Tr::tr("Width of its strokes, pixels"), 400);
    m_pattern = combo("markPattern", Tr::tr("Pattern of its line"));
    m_pattern->addItems({Tr::tr("Plain"), Tr::tr("Dashed"), Tr::tr("Dotted")}); // as LinePattern
    m_size = number("markSize", Tr::tr("Size of its type, pixels"), 400);
    m_more = new QToolButton;
    m_more->setObjectName(QStringLiteral("markMore"));
    m_more->setText(Tr::tr("More"));
    m_more->setToolTip(Tr::tr("More of how it looks, and looks of your own"));
    m_more->setPopupMode(QToolButton::InstantPopup);
    m_menu = new QMenu(this);
    m_more->setMenu(m_menu);
    row->addWidget(m_more);
    connect(m_menu, &QMenu::aboutToShow, this, &MarkFields::fillMenu);
    connect(m_form, &QComboBox::currentIndexChanged, this, [this] {
        const auto form = MarkForm(m_form->currentData().toInt());
        change([form](Mark& mark) {
            const QRectF box = mark.points.size() > 1 ? QRectF(mark.points[0], mark.points[1]) : QRectF();
            mark.form = form;
            if (mark.kind == MarkKind::Point && mark.points.size() == 2 && form != MarkForm::Straight)
                mark.points << (form == MarkForm::Bent ? QPointF(box.right(), box.top())
                                                       : box.center() + QPointF(-box.height(), box.width()) * 0.2);
        });
    });
    connect(m_width, &QSpinBox::valueChanged, this,
            [this](int width) { change([width](Mark& mark) { mark.style.width = width; }); });
    connect(m_size, &QSpinBox::valueChanged, this,
            [this](int size) { change([size](Mark& mark) { mark.style.textHeight = size; }); });
    connect(m_pattern, &QComboBox::currentIndexChanged, this,
            [this](int at) { change([at](Mark& mark) { mark.style.pattern = LinePattern(at); }); });
    connect(&m_sheet, &Sheet::toolChanged, this, &MarkFields::refresh);
    connect(&m_sheet.pen(), &MarkPen::changed, this, &MarkFields::refresh);
    connect(&m_sheet.selection(), &Selection::itemChanged, this, &MarkFields::refresh);
    connect(&m_sheet.openCase(), &Case::captureChanged, this, &MarkFields::refresh);
    refresh();
}

QToolButton* MarkFields::addColour(const char* name, const QString& title, bool orNone, const SetColour& set) {
    auto* button = new QToolButton;
    button->setObjectName(QLatin1String(name));
    button->setAccessibleName(title);
    button->setToolTip(title);
    button->setPopupMode(QToolButton::InstantPopup);
    auto* menu = new QMenu(button);
    button->setMenu(menu);
    const auto take = [this, set](std::optional<QRgb> colour) { change([&](Mark& mark) { set(mark.style, colour); }); };
    if (orNone) connect(menu->addAction(Tr::tr("None")), &QAction::triggered, this, [take] { take(std::nullopt); });
    for (const NamedColour& named : namedColours())
        connect(menu->addAction(swatch(named.colour), named.title), &QAction::triggered, this,
                [take, named] { take(named.colour); });
    connect(menu->addAction(Tr::tr("Other…")), &QAction::triggered, this, [this, take] {
        const QColor picked = QColorDialog::getColor(Qt::white, this, Tr::tr("Colour"), QColorDialog::ShowAlphaChannel);
        if (picked.isValid()) take(picked.rgba());
    });
    layout()->addWidget(button);
    return button;
}

bool MarkFields::isSelected() const {
    return m_sheet.tool() == Sheet::Tool::Select && m_sheet.openCase().mark(m_sheet.selection().item());
}

std::optional<Mark> MarkFields::subject() const {
    if (isSelected()) return *m_sheet.openCase().mark(m_sheet.selection().item());
    if (m_sheet.tool() != Sheet::Tool::Mark) return std::nullopt;
    return m_sheet.pen().begun(m_sheet.pen().kind());
}

// Of what is selected, and of what is drawn after it.
void MarkFields::change(const std::function<void(Mark&)>& how) {
    if (m_filling) return;
    const auto before = subject();
    if (!before) return;
    MarkPen& pen = m_sheet.pen();
    if (isSelected()) m_explaining.change(Tr::tr("changing how marks look"), how);
    Mark next = *before;
    how(next);
    const double scale = isSelected() ? typeScale(m_sheet.page()) : 1;
    pen.setForm(next.kind, next.form);
    pen.setStyle(next.kind, scaled(next.style, 1 / scale));
    refresh();
}

void MarkFields::refresh() {
    const auto mark = subject();
    setVisible(mark.has_value());
    if (!mark) return;
    m_filling = true;
    const MarkKind kind = mark->kind;
    const auto forms = formsOf(kind);
    m_form->clear();
    for (const MarkForm form : forms) m_form->addItem(formTitle(form), int(form));
    m_form->setCurrentIndex(m_form->findData(int(mark->form)));
    m_form->setVisible(!forms.empty());
    m_colour->setIcon(swatch(mark->style.colour));
    m_ground->setIcon(swatch(mark->style.ground.value_or(0)));
    m_colour->setVisible(!isOneOf(kind, {MarkKind::Code, MarkKind::Sign}));
    m_ground->setVisible(isOneOf(kind, {MarkKind::Ring, MarkKind::Note}));
    m_width->setValue(int(std::lround(mark->style.width)));
    const bool onWords = kind == MarkKind::Tint && mark->form == MarkForm::Words;
    m_width->setVisible(!onWords && !isOneOf(kind, {MarkKind::Note, MarkKind::Step, MarkKind::Code, MarkKind::Sign,
                                                    MarkKind::Measure}));
    m_pattern->setCurrentIndex(int(mark->style.pattern));
    m_pattern->setVisible(isOneOf(kind, {MarkKind::Point, MarkKind::Line, MarkKind::Ring}));
    m_size->setValue(int(std::lround(mark->style.textHeight)));
    m_size->setVisible(isOneOf(kind, {MarkKind::Note, MarkKind::Step, MarkKind::Measure}));
    m_filling = false;
}

void MarkFields::fillMenu() {
    m_menu->clear();
    const auto mark = subject();
    if (!mark) return;
    fillKindMenu(*mark);
    if (isOneOf(mark->kind, {MarkKind::Note, MarkKind::Step})) fillTypeMenu(*mark);
    fillLooks(*mark);
}

void MarkFields::fillKindMenu(const Mark& mark) {
    if (isSelected() && mark.kind == MarkKind::Note) {
        QAction* pointer = m_menu->addAction(Tr::tr("Points to a place"));
        pointer->setCheckable(true);
        pointer->setChecked(mark.points.size() > 2);
        connect(pointer, &QAction::triggered, &m_explaining, &Explaining::togglePointer);
    }
    if (isSelected() && hasText(mark.kind))
        connect(m_menu->addAction(Tr::tr("Write its text…")), &QAction::triggered, this,
                [this, id = mark.id] { m_explaining.write(id); });
    if (mark.kind == MarkKind::Step) {
        QAction* letters = m_menu->addAction(Tr::tr("Letters instead of numbers"));
        letters->setCheckable(true);
        letters->setChecked(mark.style.letters);
        connect(letters, &QAction::triggered, this,
                [this](bool on) { change([on](Mark& m) { m.style.letters = on; }); });
    }
    if (mark.kind == MarkKind::Measure) {
        QAction* leaves = m_menu->addAction(Tr::tr("Stays as a mark"));
        leaves->setCheckable(true);
        leaves->setChecked(m_sheet.pen().leavesMeasures());
        connect(leaves, &QAction::triggered, this, [this](bool on) { m_sheet.pen().setLeavesMeasures(on); });
        connect(m_menu->addAction(Tr::tr("This length is known…")), &QAction::triggered, this,
                [this, mark] { setKnownLength(mark); });
    }
    if (mark.kind == MarkKind::Sign)
        connect(m_menu->addAction(Tr::tr("Another signature…")), &QAction::triggered, this, &MarkFields::signAsked);
    if (mark.kind == MarkKind::Point)
        for (const auto& [heads, title] :
             {std::pair(0, Tr::tr("No head")), std::pair(1, Tr::tr("One head")), std::pair(2, Tr::tr("Two heads"))}) {
            QAction* action = m_menu->addAction(title);
            action->setCheckable(true);
            action->setChecked(mark.style.heads == heads);
            connect(action, &QAction::triggered, this,
                    [this, n = heads] { change([n](Mark& m) { m.style.heads = n; }); });
        }
    if (!m_menu->isEmpty()) m_menu->addSeparator();
}

void MarkFields::fillTypeMenu(const Mark& mark) {
    const auto add = [&](const QString& title, bool on, const std::function<void(MarkStyle&)>& set) {
        QAction* action = m_menu->addAction(title);
        action->setCheckable(true);
        action->setChecked(on);
        connect(action, &QAction::triggered, this, [this, set] { change([&](Mark& m) { set(m.style); }); });
    };
    const MarkStyle& s = mark.style;
    add(Tr::tr("Regular"), s.weight == TypeWeight::Regular, [](MarkStyle& t) { t.weight = TypeWeight::Regular; });
    add(Tr::tr("Semi-bold"), s.weight == TypeWeight::SemiBold, [](MarkStyle& t) { t.weight = TypeWeight::SemiBold; });
    add(Tr::tr("Bold"), s.weight == TypeWeight::Bold, [](MarkStyle& t) { t.weight = TypeWeight::Bold; });
    add(Tr::tr("Of one width"), s.monospaced, [](MarkStyle& t) { t.monospaced = !t.monospaced; });
    m_menu->addSeparator();
    add(Tr::tr("From the start"), s.align == TextAlign::Start, [](MarkStyle& t) { t.align = TextAlign::Start; });
    add(Tr::tr("In the middle"), s.align == TextAlign::Middle, [](MarkStyle& t) { t.align = TextAlign::Middle; });
    add(Tr::tr("To the end"), s.align == TextAlign::End, [](MarkStyle& t) { t.align = TextAlign::End; });
    m_menu->addSeparator();
}

void MarkFields::fillLooks(const Mark& mark) {
    MarkPen& pen = m_sheet.pen();
    const QStringList names = pen.keptNames();
    for (const QString& name : names)
        connect(m_menu->addAction(name), &QAction::triggered, this,
                [this, name] { change([look = m_sheet.pen().kept(name)](Mark& m) { m.style = look; }); });
    if (!names.isEmpty()) {
        QMenu* forget = m_menu->addMenu(Tr::tr("Forget a look"));
        for (const QString& name : names)
            connect(forget->addAction(name), &QAction::triggered, this, [&pen, name] { pen.forget(name); });
    }
    connect(m_menu->addAction(Tr::tr("Keep this look as…")), &QAction::triggered, this, [this, style = mark.style] {
        bool ok = false;
        const QString name = QInputDialog::getText(this, Tr::tr("Keep this look"), Tr::tr("What it is called:"),
                                                   QLineEdit::Normal, {}, &ok);
        if (ok && !name.trimmed().isEmpty()) m_sheet.pen().keep(name.trimmed(), style);
    });
    connect(m_menu->addAction(Tr::tr("As it came")), &QAction::triggered, this,
            [this, kind = mark.kind] { change([kind](Mark& m) { m.style = MarkPen::usualStyle(kind); }); });
}

// One length that is known tells what all others are.
void MarkFields::setKnownLength(const Mark& measure) {
    bool ok = false;
    const double pixels =
        isSelected() && measure.points.size() > 1
            ? std::hypot(measure.points[1].x() - measure.points[0].x(), measure.points[1].y() - measure.points[0].y())
            : 100;
    const QString text = QInputDialog::getText(
        this, Tr::tr("Known length"),
        sentence(Tr::tr("What %1 pixels are, with its unit (\"25 mm\"); empty for pixels:"), int(std::lround(pixels))),
        QLineEdit::Normal, {}, &ok);
    if (!ok) return;
    const qsizetype gap = text.trimmed().indexOf(u' ');
    const double length = text.trimmed().left(gap < 0 ? text.size() : gap).replace(u',', u'.').toDouble();
    MarkPen& pen = m_sheet.pen();
    pen.unitsPerPixel = length > 0 ? length / pixels : 1;
    pen.unit = length > 0 && gap > 0 ? text.trimmed().mid(gap + 1) : QString();
    change([&](Mark& m) {
        m.unitsPerPixel = pen.unitsPerPixel;
        m.unit = pen.unit;
    });
}

} // namespace eyelid
