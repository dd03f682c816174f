#include "app/kept_bar.h"

#include "base/sentence.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QLabel>
#include <QLocale>
#include <QPushButton>

namespace eyelid {

KeptBar::KeptBar(Case& owner, CaseKeeper& keeper) : m_case(owner), m_keeper(keeper) {
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
    m_open = button(Tr::tr("Go on with it"), "goOn");
    m_leave = button(Tr::tr("Not now"), "notNow");
    m_again = button(Tr::tr("Try again"), "keepAgain");
    m_elsewhere = button(Tr::tr("Keep it elsewhere…"), "keepElsewhere");
    connect(m_open, &QPushButton::clicked, this, [this] {
        if (m_left) emit openAsked(m_left->path);
    });
    connect(m_leave, &QPushButton::clicked, this, [this] {
        m_left.reset();
        refresh();
    });
    connect(m_again, &QPushButton::clicked, this, [this] { m_keeper.tryAgain(); });
    connect(m_elsewhere, &QPushButton::clicked, this, &KeptBar::chooseFolder);
    connect(&m_keeper, &CaseKeeper::changed, this, &KeptBar::refresh);
    connect(&m_case, &Case::capturesChanged, this, &KeptBar::refresh);
    refresh();
}

void KeptBar::offer(const CaseKeeper::Left& left) {
    m_left = left;
    refresh();
}

void KeptBar::chooseFolder() {
    const QString folder = QFileDialog::getExistingDirectory(this, Tr::tr("Where this case is kept"));
    if (!folder.isEmpty()) m_keeper.tryAgain(folder);
}

void KeptBar::refresh() {
    const bool failed = m_keeper.standing() == CaseKeeper::Standing::Failed;
    // Once something else is worked on, the offer stands in the menu alone.
    const bool offered = m_left && !failed && m_case.captures().isEmpty();
    m_open->setVisible(offered);
    m_leave->setVisible(offered);
    m_again->setVisible(failed);
    m_elsewhere->setVisible(failed);
    if (failed)
        m_text->setText(sentence(Tr::tr("This case is in memory alone: %1"), m_keeper.trouble()));
    else if (offered)
        m_text->setText(sentence(
            Tr::tr("“%1”, worked on last on %2, has %n capture(s).", nullptr, int(m_left->captures)), m_left->name,
            QLocale().toString(m_left->when.date(), QStringLiteral("d MMMM")) + QStringLiteral(", ") +
                QLocale().toString(m_left->when.time(), QLocale::ShortFormat)));
    setProperty("failed", failed);
    setStyleSheet({}); // looks at the property again
    setVisible(failed || offered);
}

} // namespace eyelid
