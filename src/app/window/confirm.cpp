#include "app/window/confirm.h"

#include "base/sentence.h"

#include <QMessageBox>
#include <QPushButton>

namespace eyelid {

bool confirmed(QWidget* window, const QString& question, const QString& more, const QString& verb) {
    QMessageBox box(QMessageBox::Warning, QStringLiteral("Eyelid"), question, QMessageBox::NoButton, window);
    box.setObjectName(QStringLiteral("confirm"));
    box.setInformativeText(more);
    QPushButton* no = box.addButton(Tr::tr("Leave it"), QMessageBox::RejectRole);
    QPushButton* yes = box.addButton(verb, QMessageBox::DestructiveRole);
    box.setDefaultButton(no);
    box.setEscapeButton(no);
    box.exec();
    return box.clickedButton() == yes;
}

} // namespace eyelid
