// Colours, fonts and icons of the window, in light and dark.
#pragma once

#include <QColor>
#include <QFont>
#include <QIcon>
#include <QString>

class QApplication;

namespace eyelid {

enum class ThemeName { Light, Dark, Contrast };

/// One stands for the whole program; views are handed a reference to it, and it changes in place.
struct Theme {
    ThemeName name = ThemeName::Light;
    bool dark = false;     ///< its ground is
    int typePercent = 100; ///< the size of type, of the usual one
    QColor oat, paper, ink, aubergine, clay, pine, brick, hairline;
    QColor faint;     ///< secondary text, still 4.5:1 on paper
    QColor onBrand;   ///< text on aubergine
    QColor selection; ///< ground of a selected row

    static Theme light();
    static Theme night();
    static Theme contrast(); ///< all text at least 7:1, every border to be seen
    static Theme named(ThemeName name, int typePercent);
};

/// Sets palette, fonts and style for all widgets.
void applyTheme(QApplication& application, const Theme& theme);

/// An icon of the set that ships with the program, in the given colour, sharp at any scale.
QIcon themedIcon(const QString& name, const QColor& colour);

/// View units that go with the type: what is so many at the usual size, at the size that is set.
int atTypeSize(int usual);

/// `usual`: its height at the usual size of type.
QFont valueFont(int usual);

/// A ratio of WCAG 2.1.
double contrast(const QColor& a, const QColor& b);

} // namespace eyelid
