// A question before something that cannot be taken back.
#pragma once

class QString;
class QWidget;

namespace eyelid {

/// Whether `verb` was chosen; leaving it as it is, is what Enter and Escape do.
bool confirmed(QWidget* window, const QString& question, const QString& more, const QString& verb);

} // namespace eyelid
