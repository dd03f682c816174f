#include "app/cases/passphrase_view.h"

#include "base/sentence.h"

#include <QCheckBox>
#include <QDialogButtonBox>
#include <QFormLayout>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

// Shorter ones are guessed in a day by who has the file, however slow each guess is made.
constexpr int shortest = 12;

QLineEdit* secretField(const char* name) {
    auto* field = new QLineEdit;
    field->setObjectName(QString::fromLatin1(name));
    field->setEchoMode(QLineEdit::Password);
    field->setMinimumWidth(280);
    return field;
}

} // namespace

QString askPassphrase(QWidget* window, const QString& name, bool again) {
    bool given = false;
    const QString words = QInputDialog::getText(window, Tr::tr("Open a case"),
                                                again ? Tr::tr("That does not open it. Its passphrase:")
                                                      : sentence(Tr::tr("The passphrase of %1:"), name),
                                                QLineEdit::Password, {}, &given);
    return given ? words : QString();
}

PassphraseView::PassphraseView(QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("passphraseView"));
    setWindowTitle(Tr::tr("Passphrase of this case"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(18, 16, 18, 16);
    column->setSpacing(10);
    auto* title = new QLabel(Tr::tr("Passphrase of this case"));
    title->setProperty("role", "title");
    column->addWidget(title);
    auto* about = new QLabel(Tr::tr(
        "The key of this account opens the case: a file that is taken away stays shut, but whoever can read this "
        "account's files can open it. A passphrase opens it elsewhere as well, or instead; where it is forgotten "
        "nobody can help."));
    about->setWordWrap(true);
    about->setProperty("role", "faint");
    column->addWidget(about);
    auto* form = new QFormLayout;
    m_first = secretField("passphrase");
    m_second = secretField("passphraseAgain");
    form->addRow(Tr::tr("Passphrase"), m_first);
    form->addRow(Tr::tr("Once more"), m_second);
    column->addLayout(form);
    m_alone = new QCheckBox(Tr::tr("Only the passphrase opens it, no longer this account by itself"));
    m_alone->setObjectName(QStringLiteral("passphraseAlone"));
    column->addWidget(m_alone);
    m_hint = new QLabel;
    m_hint->setObjectName(QStringLiteral("passphraseHint"));
    m_hint->setWordWrap(true);
    m_hint->setProperty("role", "faint");
    m_hint->setMinimumHeight(2 * fontMetrics().height());
    column->addWidget(m_hint);
    auto* buttons = new QDialogButtonBox;
    buttons->addButton(Tr::tr("Leave as before"), QDialogButtonBox::RejectRole);
    m_set = buttons->addButton(Tr::tr("Set"), QDialogButtonBox::AcceptRole);
    m_set->setObjectName(QStringLiteral("setPassphrase"));
    m_set->setProperty("primary", true);
    column->addWidget(buttons);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    for (QLineEdit* field : {m_first, m_second})
        connect(field, &QLineEdit::textChanged, this, &PassphraseView::refresh);
    connect(m_alone, &QCheckBox::toggled, this, &PassphraseView::refresh);
    refresh();
}

void PassphraseView::refresh() {
    const bool longEnough = m_first->text().size() >= shortest;
    const bool same = m_first->text() == m_second->text();
    m_set->setEnabled(longEnough && same);
    if (!longEnough)
        m_hint->setText(
            Tr::tr("At least %n signs; five words of different things are easy to remember.", nullptr, shortest));
    else if (!same)
        m_hint->setText(Tr::tr("Both must be the same."));
    else
        m_hint->setText(m_alone->isChecked()
                            ? Tr::tr("It will be asked for whenever the case is opened, and the case is "
                                     "listed without its name.")
                            : Tr::tr("This account goes on opening the case without it."));
}

QByteArray PassphraseView::passphrase() const {
    return m_first->text().toUtf8();
}

bool PassphraseView::alone() const {
    return m_alone->isChecked();
}

} // namespace eyelid
