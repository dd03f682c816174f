#include "app/cases/destroy_day_view.h"

#include "base/sentence.h"

#include <QDateEdit>
#include <QDialog>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QPushButton>

namespace eyelid {

std::optional<DestroyDay> askDestroyDay(QWidget* window, const QDate& due) {
    QDialog dialog(window);
    dialog.setWindowTitle(Tr::tr("Put off its destruction"));
    auto* form = new QFormLayout(&dialog);
    auto* day = new QDateEdit(due.isNull() ? QDate::currentDate().addMonths(1) : due);
    day->setObjectName(QStringLiteral("destroyDay"));
    day->setCalendarPopup(true);
    day->setMinimumDate(QDate::currentDate());
    auto* reason = new QLineEdit;
    reason->setObjectName(QStringLiteral("destroyReason"));
    form->addRow(Tr::tr("Keep it until"), day);
    form->addRow(Tr::tr("Reason"), reason);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(Tr::tr("Put off"));
    form->addRow(buttons);
    const auto check = [=] { buttons->button(QDialogButtonBox::Ok)->setEnabled(!reason->text().trimmed().isEmpty()); };
    QObject::connect(reason, &QLineEdit::textChanged, &dialog, check);
    check();
    QObject::connect(buttons, &QDialogButtonBox::accepted, &dialog, &QDialog::accept);
    QObject::connect(buttons, &QDialogButtonBox::rejected, &dialog, &QDialog::reject);
    reason->setFocus();
    if (dialog.exec() != QDialog::Accepted) return std::nullopt;
    return DestroyDay{day->date(), reason->text().trimmed()};
}

} // namespace eyelid
