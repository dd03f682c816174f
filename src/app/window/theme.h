// Colours, fonts and icons of the window, in light and dark.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QString>

class QApplication;

namespace eyelid {

/// One stands for the whole program; views are handed a reference to it, and it changes in place.
struct Theme {
    bool dark = false;
    QColor oat, paper, ink, aubergine, clay, pine, brick, hairline;
    QColor faint;     ///< secondary text, still 4.5:1 on paper
    QColor onBrand;   ///< text on aubergine
    QColor selection; ///< ground of a selected row

    static Theme light();
    static Theme night();
};

/// Sets palette, fonts and style for all widgets.
void applyTheme(QApplication& application, const Theme& theme);

/// An icon of the set that ships with the program, in the given colour, sharp at any scale.
QIcon themedIcon(const QString& name, const QColor& colour);

QFont valueFont(int pixels);

/// A ratio of WCAG 2.1.
double contrast(const QColor& a, const QColor& b);

} // namespace eyelid
