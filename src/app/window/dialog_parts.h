// What dialogs are laid out with: measures and titles that are the same in all of them.
#pragma once

#include <QDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace eyelid {

/// Widgets beside each other in a row of a dialog.
inline QHBoxLayout* rowLayout(QWidget* row) {
    auto* layout = new QHBoxLayout(row);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(8);
    return layout;
}

/// A name as it begins a sentence or stands by itself in a list: "Contact details".
inline QString sentenceCase(const QString& name) {
    return name.left(1).toUpper() + name.mid(1);
}

inline QLabel* titleLabel(const QString& text) {
    auto* title = new QLabel(text);
    title->setProperty("role", QStringLiteral("title"));
    return title;
}

/// The whole of a dialog, from top to bottom, under its title.
inline QVBoxLayout* dialogColumn(QDialog& dialog, QLabel* title) {
    auto* layout = new QVBoxLayout(&dialog);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    layout->addWidget(title);
    return layout;
}

} // namespace eyelid
