#include "app/window/theme.h"

#include "capture/fonts.h"

#include <cmath>
#include <QApplication>
#include <QFile>
#include <QPainter>
#include <QPalette>
#include <QStyleFactory>
#include <QSvgRenderer>

namespace eyelid {

Theme Theme::light() {
    Theme t;
    t.oat = QColor(0xF6, 0xF2, 0xEA);
    t.paper = QColor(0xFF, 0xFD, 0xF9);
    t.ink = QColor(0x2C, 0x25, 0x30);
    t.aubergine = QColor(0x5A, 0x2F, 0x52);
    t.clay = QColor(0xC2, 0x60, 0x2E);
    t.pine = QColor(0x2E, 0x6B, 0x57);
    t.brick = QColor(0xA6, 0x3A, 0x32);
    t.hairline = QColor(0xDD, 0xD4, 0xC6);
    t.faint = QColor(0x6A, 0x60, 0x6A);
    t.onBrand = QColor(0xFF, 0xFD, 0xF9);
    t.selection = QColor(0xEC, 0xE2, 0xE6);
    return t;
}

Theme Theme::contrast() {
    Theme t;
    t.name = ThemeName::Contrast;
    t.dark = true;
    t.oat = QColor(0x00, 0x00, 0x00);
    t.paper = QColor(0x0c, 0x0a, 0x0c);
    t.ink = QColor(0xff, 0xff, 0xff);
    t.aubergine = QColor(0xff, 0xc9, 0xf4);
    t.clay = QColor(0xff, 0xb3, 0x6b);
    t.pine = QColor(0x7d, 0xf0, 0xc0);
    t.brick = QColor(0xff, 0xa3, 0x9b);
    t.hairline = QColor(0xb8, 0xb0, 0xb8);
    t.faint = QColor(0xe6, 0xe0, 0xe6);
    t.onBrand = QColor(0x00, 0x00, 0x00);
    t.selection = QColor(0x4a, 0x2a, 0x46);
    return t;
}

Theme Theme::named(ThemeName name, int typePercent) {
    Theme t = name == ThemeName::Light ? light() : name == ThemeName::Dark ? night() : contrast();
    t.typePercent = typePercent;
    return t;
}

Theme Theme::night() {
    Theme t;
    t.name = ThemeName::Dark;
    t.dark = true;
    t.oat = QColor(0x21, 0x1D, 0x22);
    t.paper = QColor(0x2A, 0x25, 0x2B);
    t.ink = QColor(0xEF, 0xE8, 0xE0);
    t.aubergine = QColor(0xC7, 0x9B, 0xBF);
    t.clay = QColor(0xE5, 0x8A, 0x57);
    t.pine = QColor(0x7F, 0xBB, 0xA4);
    t.brick = QColor(0xE0, 0x7B, 0x72);
    t.hairline = QColor(0x3D, 0x36, 0x3F);
    t.faint = QColor(0xB3, 0xA8, 0xB0);
    t.onBrand = QColor(0x21, 0x1D, 0x22);
    t.selection = QColor(0x45, 0x38, 0x45);
    return t;
}

namespace {

constexpr int usualType = 13; // pixels, of the interface's type

QColor disabledInk(const Theme& t) {
    switch (t.name) {
    case ThemeName::Light:
        return {0x94, 0x8b, 0x90};
    case ThemeName::Dark:
        return {0x86, 0x7c, 0x84};
    case ThemeName::Contrast:
        return {0xa8, 0xa0, 0xa8};
    }
    return {};
}

QPalette paletteOf(const Theme& t) {
    QPalette p;
    p.setColor(QPalette::Window, t.oat);
    p.setColor(QPalette::WindowText, t.ink);
    p.setColor(QPalette::Base, t.paper);
    p.setColor(QPalette::AlternateBase, t.oat);
    p.setColor(QPalette::Text, t.ink);
    p.setColor(QPalette::Button, t.paper);
    p.setColor(QPalette::ButtonText, t.ink);
    p.setColor(QPalette::BrightText, t.brick);
    p.setColor(QPalette::Highlight, t.aubergine);
    p.setColor(QPalette::HighlightedText, t.onBrand);
    p.setColor(QPalette::PlaceholderText, t.faint);
    p.setColor(QPalette::ToolTipBase, t.paper);
    p.setColor(QPalette::ToolTipText, t.ink);
    p.setColor(QPalette::Link, t.aubergine);
    for (QPalette::ColorRole role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        p.setColor(QPalette::Disabled, role, disabledInk(t));
    return p;
}

// With "@ink" and the like in place of a theme's colours.
constexpr const char* styleSheet = R"(
QToolTip { background: @paper; color: @ink; border: 1px solid @hairline; padding: 4px 6px; }
QWidget#header, QWidget#gate { background: @paper; }
QWidget#header { border-bottom: 1px solid @hairline; }
QWidget#gate { border-top: 1px solid @hairline; }
QWidget#strip, QWidget#findings { background: @paper; }
QWidget#strip { border-right: 1px solid @hairline; }
QWidget#findings { border-left: 1px solid @hairline; }
QWidget#dock, QWidget#explainRow { background: @paper; border-top: 1px solid @hairline; }
QWidget#wordsBar { background: @paper; border: 1px solid @aubergine; border-radius: 8px; }
QWidget#keptBar { background: @oat; border-bottom: 1px solid @aubergine; }
QWidget#keptBar[failed="true"] { border-bottom: 1px solid @brick; }
QWidget#firstSteps { background: @paper; border-bottom: 1px solid @aubergine; }
QWidget#joinsBar { background: @oat; border-bottom: 1px solid @clay; }
QWidget#runningPill, QWidget#takenNotice { background: @paper; border: 1px solid @aubergine; }
QPushButton, QToolButton { border: 1px solid @hairline; border-radius: 6px; padding: 5px 12px; background: @paper; color: @ink; }
QDialogButtonBox { dialogbuttonbox-buttons-have-icons: 0; }
QToolButton { padding: 5px 8px; }
QPushButton:hover, QToolButton:hover { background: @oat; border-color: @faint; }
QPushButton:pressed, QToolButton:pressed { background: @selection; }
QPushButton:focus, QToolButton:focus { border: 1px solid @aubergine; }
QPushButton:disabled, QToolButton:disabled { color: @disabled; background: @oat; }
QPushButton[primary="true"] { background: @aubergine; color: @onBrand; border-color: @aubergine; font-weight: 600; }
QPushButton[primary="true"]:focus { border: 2px solid @ink; padding: 4px 11px; }
QPushButton[primary="true"]:disabled { background: @oat; color: @disabled; border-color: @hairline; }
QToolButton:checked { background: @selection; border-color: @aubergine; color: @ink; }
QToolButton[flat="true"] { border: 1px solid transparent; background: transparent; }
QToolButton[flat="true"]:hover { background: @oat; }
QToolButton[flat="true"]:checked { background: @selection; border-color: @aubergine; }
QWidget#explainRow QToolButton { padding: 4px 5px; }
QWidget#dock QToolButton { padding: 5px 6px; }
QToolButton::menu-indicator { image: none; width: 0; }
QAbstractScrollArea { border: none; background: @paper; }
QLineEdit, QComboBox, QSpinBox, QDoubleSpinBox, QKeySequenceEdit QLineEdit, QPlainTextEdit { border: 1px solid @hairline; border-radius: 6px; padding: 4px 8px; background: @paper; color: @ink; selection-background-color: @aubergine; selection-color: @onBrand; }
QLineEdit:focus, QComboBox:focus, QSpinBox:focus, QDoubleSpinBox:focus, QPlainTextEdit:focus { border-color: @aubergine; }
QComboBox::drop-down { border: none; width: 22px; }
QComboBox::down-arrow { image: url(:/eyelid/icons/chevron-down-@name.svg); width: 14px; height: 14px; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; }
QCheckBox { spacing: 7px; }
QCheckBox::indicator, QListWidget::indicator { width: 15px; height: 15px; border: 1px solid @faint; border-radius: 4px; background: @paper; }
QCheckBox::indicator:checked, QListWidget::indicator:checked { background: @aubergine; border-color: @aubergine; image: url(:/eyelid/icons/check-@name.svg); }
QCheckBox::indicator:focus, QCheckBox::indicator:hover { border-color: @aubergine; }
QCheckBox::indicator:disabled { border-color: @hairline; }
QCheckBox::indicator:checked:disabled { background: @hairline; }
QListWidget::item { padding: 3px 2px; border-radius: 4px; }
QTreeWidget { outline: 0; }
QTreeWidget::item { padding: 4px 2px; border: none; }
QTreeWidget::item:selected { background: @selection; color: @ink; }
QHeaderView, QHeaderView::section { background: @oat; color: @faint; }
QHeaderView::section { border: none; border-bottom: 1px solid @hairline; padding: 5px 6px; }
QListWidget::item:selected { background: @selection; color: @ink; }
QComboBox QAbstractItemView { background: @paper; color: @ink; border: 1px solid @hairline; selection-background-color: @selection; selection-color: @ink; }
QListView, QListWidget, QTableWidget, QTreeWidget, QTextBrowser { border: 1px solid transparent; }
QListView:focus, QListWidget:focus, QTableWidget:focus, QTreeWidget:focus, QTextBrowser:focus { border: 1px solid @aubergine; }
QTableView { gridline-color: @hairline; }
QTabWidget::pane { border: 1px solid @hairline; border-radius: 6px; top: -1px; }
QTabBar::tab { padding: 6px 14px; border: 1px solid transparent; border-bottom: none; color: @faint; background: transparent; }
QTabBar::tab:hover { color: @ink; }
QTabBar::tab:selected { background: @paper; color: @ink; border-color: @hairline; border-top-left-radius: 6px; border-top-right-radius: 6px; }
QTabBar::tab:focus { color: @aubergine; }
QMenu { background: @paper; color: @ink; border: 1px solid @hairline; padding: 4px; }
QMenu::item { padding: 5px 22px 5px 12px; border-radius: 4px; }
QMenu::item:selected { background: @selection; }
QMenu::item:disabled { color: @disabled; }
QMenu::separator { height: 1px; background: @hairline; margin: 4px 8px; }
QProgressBar { border: 1px solid @hairline; border-radius: 4px; background: @oat; height: 8px; text-align: center; }
QProgressBar::chunk { background: @aubergine; border-radius: 3px; }
QSplitter::handle { background: @hairline; }
QLabel[role="title"] { font-weight: 600; }
QLabel[role="faint"] { color: @faint; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar::handle:vertical { background: @hairline; border-radius: 4px; min-height: 24px; margin: 1px; }
QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
QScrollBar::handle:horizontal { background: @hairline; border-radius: 4px; min-width: 24px; margin: 1px; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
)";

QString styleSheetOf(const Theme& t) {
    QString sheet = QString::fromLatin1(styleSheet);
    sheet.replace(QStringLiteral("@name"), t.dark ? QStringLiteral("dark") : QStringLiteral("light"));
    const std::pair<const char*, QColor> tokens[] = {
        {"@paper", t.paper},         {"@ink", t.ink},         {"@hairline", t.hairline},    {"@oat", t.oat},
        {"@faint", t.faint},         {"@clay", t.clay},       {"@brick", t.brick},          {"@selection", t.selection},
        {"@aubergine", t.aubergine}, {"@onBrand", t.onBrand}, {"@disabled", disabledInk(t)}};
    for (const auto& [token, colour] : tokens) sheet.replace(QLatin1String(token), colour.name());
    return sheet;
}

} // namespace

void applyTheme(QApplication& application, const Theme& t) {
    application.setStyle(QStyleFactory::create(QStringLiteral("Fusion")));
    QFont font(textFontFamily());
    font.setPixelSize(usualType * t.typePercent / 100);
    application.setFont(font);
    // Nothing slides or fades: it would keep one waiting, and some it makes ill.
    for (const Qt::UIEffect effect : {Qt::UI_General, Qt::UI_AnimateMenu, Qt::UI_FadeMenu, Qt::UI_AnimateCombo,
                                      Qt::UI_AnimateTooltip, Qt::UI_FadeTooltip, Qt::UI_AnimateToolBox})
        QApplication::setEffectEnabled(effect, false);
    application.setPalette(paletteOf(t));
    application.setStyleSheet(styleSheetOf(t));
}

QIcon themedIcon(const QString& name, const QColor& colour) {
    QFile file(QStringLiteral(":/eyelid/icons/%1.svg").arg(name));
    if (!file.open(QIODevice::ReadOnly)) return {};
    const QByteArray svg = file.readAll().replace("currentColor", colour.name().toLatin1());
    QIcon icon;
    // For usual and large type, on screens of all densities.
    for (const int side : {18, 27, 36})
        for (const int scale : {1, 2, 3}) {
            QSvgRenderer renderer(svg);
            QPixmap pixmap(side * scale, side * scale);
            pixmap.fill(Qt::transparent);
            QPainter painter(&pixmap);
            renderer.render(&painter);
            painter.end();
            pixmap.setDevicePixelRatio(scale);
            icon.addPixmap(pixmap);
        }
    return icon;
}

int atTypeSize(int usual) {
    return qRound(double(usual) * QApplication::font().pixelSize() / usualType);
}

QFont valueFont(int usual) {
    QFont font(valueFontFamily());
    font.setPixelSize(atTypeSize(usual));
    return font;
}

double contrast(const QColor& a, const QColor& b) {
    const auto luminance = [](const QColor& c) {
        const auto linear = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
        return 0.2126 * linear(c.redF()) + 0.7152 * linear(c.greenF()) + 0.0722 * linear(c.blueF());
    };
    const double x = luminance(a), y = luminance(b);
    return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
}

} // namespace eyelid
