// The fonts that ship with the program: Inter for text, JetBrains Mono for values (data/fonts, with their licences).
#pragma once

#include <QString>

namespace eyelid {

/// Makes them known to Qt; call once after the application object is made.
void loadShippedFonts();

QString textFontFamily();
QString valueFontFamily();

} // namespace eyelid
