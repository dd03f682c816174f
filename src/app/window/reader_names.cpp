#include "app/window/reader_names.h"

#include "base/sentence.h"

#include <QComboBox>
#include <QEvent>
#include <QLineEdit>
#include <QToolButton>

namespace eyelid {

ReaderNames::ReaderNames(QObject& application) : QObject(&application) {
    application.installEventFilter(this);
}

bool ReaderNames::eventFilter(QObject* object, QEvent* event) {
    if (event->type() != QEvent::Polish) return false;
    if (auto* box = qobject_cast<QComboBox*>(object)) {
        if (box->accessibleDescription().isEmpty()) box->setAccessibleDescription(box->accessibleName());
    } else if (auto* button = qobject_cast<QToolButton*>(object)) {
        if (qobject_cast<QLineEdit*>(button->parent()) && button->accessibleName().isEmpty())
            button->setAccessibleName(Tr::tr("Clear"));
    }
    return false;
}

} // namespace eyelid
