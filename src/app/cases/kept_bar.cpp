#include "app/cases/kept_bar.h"

#include "base/sentence.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace eyelid {

KeptBar::KeptBar(CaseKeeper& keeper) : m_keeper(keeper) {
    setObjectName(QStringLiteral("keptBar"));
    setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 6, 10, 6);
    row->setSpacing(8);
    m_text = new QLabel;
    m_text->setWordWrap(true);
    row->addWidget(m_text, 1);
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text);
        made->setObjectName(QString::fromLatin1(name));
        row->addWidget(made);
        return made;
    };
    m_again = button(Tr::tr("Try again"), "keepAgain");
    m_elsewhere = button(Tr::tr("Keep it elsewhere…"), "keepElsewhere");
    connect(m_again, &QPushButton::clicked, this, [this] { m_keeper.tryAgain(); });
    connect(m_elsewhere, &QPushButton::clicked, this, &KeptBar::chooseFolder);
    connect(&m_keeper, &CaseKeeper::changed, this, &KeptBar::refresh);
    refresh();
}

void KeptBar::chooseFolder() {
    const QString folder = QFileDialog::getExistingDirectory(this, Tr::tr("Where this case is kept"));
    if (!folder.isEmpty()) m_keeper.tryAgain(folder);
}

void KeptBar::refresh() {
    const bool failed = m_keeper.standing() == CaseKeeper::Standing::Failed;
    const bool readOnly = m_keeper.standing() == CaseKeeper::Standing::ReadOnly;
    m_again->setVisible(failed);
    m_elsewhere->setVisible(failed);
    m_text->setText(failed ? sentence(Tr::tr("This case is in memory alone: %1"), m_keeper.trouble())
                           : m_keeper.trouble());
    setProperty("failed", failed);
    setStyleSheet({}); // looks at the property again
    setVisible(failed || readOnly);
}

} // namespace eyelid
