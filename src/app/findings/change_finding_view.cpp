#include "app/findings/change_finding_view.h"

#include "app/window/theme.h"
#include "base/sentence.h"
#include "finding/own_finding.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

namespace eyelid {

ChangeFindingView::ChangeFindingView(const Finding& finding, QWidget* parent) : QDialog(parent), m_finding(finding) {
    setObjectName(QStringLiteral("changeFindingView"));
    setWindowTitle(Tr::tr("Change this finding"));
    setMinimumWidth(440);
    auto* form = new QFormLayout(this);
    form->setContentsMargins(16, 16, 16, 16);
    form->setSpacing(10);
    if (!finding.text.isEmpty()) {
        auto* value = new QLabel(finding.text);
        value->setTextFormat(Qt::PlainText);
        value->setWordWrap(true);
        value->setFont(valueFont(13));
        form->addRow(Tr::tr("Value"), value);
    }
    m_kind = new QComboBox;
    m_kind->setObjectName(QStringLiteral("kind"));
    for (const Kind kind : allKinds()) m_kind->addItem(kindTitle(kind), int(kind));
    m_kind->setCurrentIndex(m_kind->findData(int(finding.kind)));
    m_ground = new QLineEdit(finding.ground);
    m_ground->setObjectName(QStringLiteral("ground"));
    m_ground->setPlaceholderText(Tr::tr("Legal ground or reason code; stands in the log"));
    m_reason = new QLineEdit(finding.reason);
    m_reason->setObjectName(QStringLiteral("reason"));
    m_reason->setPlaceholderText(Tr::tr("Why it is sensitive, without the value; stands in the log"));
    form->addRow(Tr::tr("&Kind"), m_kind);
    form->addRow(Tr::tr("&Ground"), m_ground);
    form->addRow(Tr::tr("&Reason: it"), m_reason);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel);
    buttons->button(QDialogButtonBox::Ok)->setText(Tr::tr("Change"));
    buttons->button(QDialogButtonBox::Ok)->setProperty("primary", true);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
}

Finding ChangeFindingView::finding() const {
    Finding changed = asKind(m_finding, Kind(m_kind->currentData().toInt()));
    changed.ground = m_ground->text().trimmed();
    changed.reason = m_reason->text().trimmed();
    if (changed.reason.isEmpty()) changed.reason = m_finding.reason;
    changed.confidence = 1; // an officer says so
    return changed;
}

} // namespace eyelid
