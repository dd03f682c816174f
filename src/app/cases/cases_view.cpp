#include "app/cases/cases_view.h"

#include "app/cases/cases_model.h"
#include "app/cases/destroy_day_view.h"
#include "app/cases/lid_gauge.h"
#include "app/window/confirm.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QScrollArea>
#include <QStyle>
#include <QTimer>
#include <QVBoxLayout>

namespace eyelid {
namespace {

constexpr int typingPause = 250; // milliseconds
constexpr QSize coverRoom(264, 168);

QLabel* faintLabel(const QString& text = {}) {
    auto* label = new QLabel(text);
    label->setProperty("role", "faint");
    label->setWordWrap(true);
    return label;
}

} // namespace

CasesView::CasesView(CaseShelf& shelf, const Theme& theme)
    : m_shelf(shelf), m_theme(theme), m_model(new CasesModel(shelf, this)), m_pause(new QTimer(this)) {
    setObjectName(QStringLiteral("casesView"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(makeTop());
    column->addWidget(makeDueBar());
    auto* both = new QHBoxLayout;
    both->setSpacing(0);
    both->addWidget(makeList(), 1);
    both->addWidget(makeDetail());
    column->addLayout(both, 1);
    m_pause->setSingleShot(true);
    m_pause->setInterval(typingPause);
    connect(m_pause, &QTimer::timeout, this, &CasesView::searchWords);
    connect(&m_shelf, &CaseShelf::changed, this, &CasesView::refresh);
    refresh();
}

QWidget* CasesView::makeTop() {
    auto* top = new QWidget;
    auto* row = new QHBoxLayout(top);
    row->setContentsMargins(16, 10, 16, 10);
    row->setSpacing(8);
    auto* title = new QLabel(Tr::tr("Cases"));
    title->setProperty("role", "title");
    row->addWidget(title);
    row->addSpacing(8);
    m_typed = new QLineEdit;
    m_typed->setObjectName(QStringLiteral("findCase"));
    m_typed->setPlaceholderText(Tr::tr("Names of cases"));
    m_typed->setAccessibleName(Tr::tr("Find a case"));
    m_typed->setClearButtonEnabled(true);
    m_typed->setMaximumWidth(320);
    m_typed->installEventFilter(this);
    row->addWidget(m_typed, 1);
    m_inWords = new QCheckBox(Tr::tr("and words on their captures"));
    m_inWords->setObjectName(QStringLiteral("inWords"));
    row->addWidget(m_inWords);
    row->addStretch(1);
    const auto button = [&](const QString& text, const char* name) {
        auto* made = new QPushButton(text);
        made->setObjectName(QString::fromLatin1(name));
        row->addWidget(made);
        return made;
    };
    m_back = button(Tr::tr("Back to the case"), "backToCase");
    auto* file = button(Tr::tr("Open a file…"), "openFile");
    auto* folder = button(Tr::tr("Bring in a folder…"), "bringInFolder");
    folder->setToolTip(Tr::tr("A case that was taken out as a folder"));
    auto* fresh = button(Tr::tr("New case"), "newCase");
    connect(m_typed, &QLineEdit::textChanged, this, [this](const QString& text) {
        m_model->setWanted(text);
        m_pause->start();
        refresh();
    });
    connect(m_inWords, &QCheckBox::toggled, this, &CasesView::searchWords);
    connect(m_back, &QPushButton::clicked, this, &CasesView::closed);
    connect(file, &QPushButton::clicked, this, &CasesView::openFileAsked);
    connect(folder, &QPushButton::clicked, this, &CasesView::bringInAsked);
    connect(fresh, &QPushButton::clicked, this, &CasesView::newAsked);
    return top;
}

QWidget* CasesView::makeDueBar() {
    m_dueBar = new QWidget;
    m_dueBar->setObjectName(QStringLiteral("dueBar"));
    m_dueBar->setAttribute(Qt::WA_StyledBackground);
    auto* row = new QHBoxLayout(m_dueBar);
    row->setContentsMargins(16, 6, 16, 6);
    m_dueText = new QLabel;
    m_dueText->setWordWrap(true);
    row->addWidget(m_dueText, 1);
    auto* destroy = new QPushButton(Tr::tr("Destroy…"));
    destroy->setObjectName(QStringLiteral("destroyDue"));
    row->addWidget(destroy);
    connect(destroy, &QPushButton::clicked, this, &CasesView::destroyDue);
    return m_dueBar;
}

QWidget* CasesView::makeList() {
    auto* area = new QWidget;
    auto* column = new QVBoxLayout(area);
    column->setContentsMargins(0, 0, 0, 0);
    m_list = new QListView;
    m_list->setObjectName(QStringLiteral("casesList"));
    m_list->setAccessibleName(Tr::tr("Cases"));
    m_list->setModel(m_model);
    m_list->setItemDelegate(new CasesDelegate(m_theme, m_list));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setVerticalScrollMode(QListView::ScrollPerPixel);
    m_list->installEventFilter(this);
    m_empty = faintLabel();
    m_empty->setObjectName(QStringLiteral("noCases"));
    m_empty->setAlignment(Qt::AlignCenter);
    m_byItself = faintLabel();
    m_byItself->setContentsMargins(16, 6, 16, 8);
    column->addWidget(m_list, 1);
    column->addWidget(m_empty, 1);
    column->addWidget(m_byItself);
    connect(m_list->selectionModel(), &QItemSelectionModel::currentChanged, this, &CasesView::showDetail);
    connect(m_list, &QListView::doubleClicked, this, [this] { emit openAsked(chosen()); });
    return area;
}

QPushButton* CasesView::addButton(QWidget* column, const QString& text, const char* name) {
    auto* button = new QPushButton(text);
    button->setObjectName(QString::fromLatin1(name));
    column->layout()->addWidget(button);
    return button;
}

QWidget* CasesView::makeDetail() {
    auto* inside = new QWidget;
    inside->setObjectName(QStringLiteral("caseDetail"));
    inside->setAttribute(Qt::WA_StyledBackground);
    inside->setMinimumWidth(coverRoom.width() + 36);
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(18, 16, 18, 16);
    column->setSpacing(8);
    m_picture = new QLabel;
    m_picture->setFixedSize(coverRoom);
    m_picture->setAlignment(Qt::AlignCenter);
    m_picture->setAccessibleName(Tr::tr("The first capture, with all that is open or covered hidden"));
    m_picture->setToolTip(m_picture->accessibleName());
    m_picture->setFrameShape(QFrame::Box);
    column->addWidget(m_picture);
    auto* line = new QHBoxLayout;
    m_name = new QLabel;
    m_name->setProperty("role", "title");
    m_name->setWordWrap(true);
    m_lid = new LidGauge(m_theme);
    line->addWidget(m_name, 1);
    line->addWidget(m_lid);
    column->addLayout(line);
    for (QLabel** label : {&m_told, &m_due, &m_place}) column->addWidget(*label = faintLabel());
    m_place->setTextInteractionFlags(Qt::TextSelectableByMouse);
    column->addSpacing(4);
    m_open = addButton(inside, Tr::tr("Open"), "openCase");
    m_open->setProperty("primary", true);
    m_elsewhere = addButton(inside, Tr::tr("Open in another window"), "openElsewhere");
    m_takeIn = addButton(inside, Tr::tr("Take its captures into the open case"), "takeIn");
    m_rename = addButton(inside, Tr::tr("Rename…"), "renameCase");
    m_putOff = addButton(inside, Tr::tr("Put off its destruction…"), "putOff");
    column->addStretch(1);
    m_bringBack = addButton(inside, Tr::tr("Bring it back"), "bringBack");
    m_throwAway = addButton(inside, Tr::tr("Throw away"), "throwAway");
    m_destroy = addButton(inside, Tr::tr("Destroy…"), "destroyCase");
    connect(m_open, &QPushButton::clicked, this, [this] { emit openAsked(chosen()); });
    connect(m_elsewhere, &QPushButton::clicked, this, [this] { emit openElsewhereAsked(chosen()); });
    connect(m_takeIn, &QPushButton::clicked, this, [this] { emit takeInAsked(chosen()); });
    connect(m_rename, &QPushButton::clicked, this, &CasesView::rename);
    connect(m_putOff, &QPushButton::clicked, this, &CasesView::putOff);
    connect(m_bringBack, &QPushButton::clicked, this, [this] { m_shelf.bringBack(chosen()); });
    connect(m_throwAway, &QPushButton::clicked, this, &CasesView::throwAway);
    connect(m_destroy, &QPushButton::clicked, this, &CasesView::destroyChosen);
    // On a low screen it scrolls, and asks for no height of the window.
    auto* area = new QScrollArea;
    area->setWidget(inside);
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFixedWidth(inside->minimumWidth() + style()->pixelMetric(QStyle::PM_ScrollBarExtent));
    m_detail = area;
    return area;
}

void CasesView::setOpenCase(const QString& path) {
    m_openCase = path;
    refresh();
}

void CasesView::start() {
    m_shelf.refresh();
    if (!m_list->currentIndex().isValid()) m_list->setCurrentIndex(m_model->firstCase());
    (m_model->rowCount() > 0 ? static_cast<QWidget*>(m_list) : m_typed)->setFocus();
}

QString CasesView::chosen() const {
    return m_model->pathAt(m_list->currentIndex());
}

QString CasesView::emptyText() const {
    if (!m_shelf.isKnown()) return Tr::tr("Looking for cases…");
    if (!m_shelf.searchEnded()) return Tr::tr("Searching the words of all cases…");
    if (!m_typed->text().trimmed().isEmpty())
        return m_inWords->isChecked() ? sentence(Tr::tr("No case is called “%1”, and none has it on a capture."),
                                                 m_typed->text().trimmed())
                                      : sentence(Tr::tr("No case is called “%1”."), m_typed->text().trimmed());
    return Tr::tr("No cases yet. What you take or bring in becomes one, and is kept here, encrypted.");
}

void CasesView::refresh() {
    const QModelIndex again = m_model->indexOf(m_lastChosen);
    m_list->setCurrentIndex(again.isValid() ? again : m_model->firstCase());
    m_list->setVisible(m_model->rowCount() > 0);
    m_empty->setVisible(m_model->rowCount() == 0);
    m_empty->setText(emptyText());
    m_back->setVisible(!m_openCase.isEmpty());
    m_byItself->setVisible(m_shelf.destroyedByItself() > 0);
    m_byItself->setText(
        Tr::tr("%n case(s) had their day and were destroyed, as was agreed.", nullptr, m_shelf.destroyedByItself()));
    refreshDue();
    showDetail();
}

void CasesView::refreshDue() {
    const int count = int(m_shelf.due().size());
    m_dueBar->setVisible(count > 0);
    m_dueText->setText(
        Tr::tr("%n case(s) are due to be destroyed. Releases, their logs and checksums stay.", nullptr, count));
}

void CasesView::showDetail() {
    const ListedCase* listed = m_model->caseAt(m_list->currentIndex());
    if (listed) m_lastChosen = listed->path;
    m_detail->setVisible(listed != nullptr);
    if (!listed) return;
    const QDate today = QDate::currentDate();
    const double ratio = devicePixelRatioF();
    QPixmap cover = QPixmap::fromImage(listed->cover);
    if (!cover.isNull()) {
        cover = cover.scaled(coverRoom * ratio, Qt::KeepAspectRatio, Qt::SmoothTransformation);
        cover.setDevicePixelRatio(ratio);
    }
    m_picture->setPixmap(cover);
    if (cover.isNull()) m_picture->setText(listed->summary ? Tr::tr("No picture yet") : Tr::tr("Locked"));
    m_name->setText(m_list->currentIndex().data().toString());
    m_told->setText(toldOf(*listed, today));
    m_due->setText(dueText(*listed, today));
    m_due->setVisible(!m_due->text().isEmpty());
    m_place->setText(listed->path.section(u'/', -1));
    m_place->setToolTip(listed->path);
    m_lid->setVisible(listed->summary.has_value());
    if (listed->summary) {
        const int all = listed->summary->open + listed->summary->settled;
        m_lid->setClosed(all == 0 ? 1 : double(listed->summary->settled) / all);
    }
    showButtons(listed);
}

void CasesView::showButtons(const ListedCase* listed) {
    const bool thrown = listed->summary && !listed->summary->thrownAway.isNull();
    const bool isOpen = listed->path == m_openCase;
    const bool damaged = !listed->summary && !listed->locked && !listed->damaged;
    m_open->setText(isOpen ? Tr::tr("Go on with it") : Tr::tr("Open"));
    m_open->setVisible(!thrown && !damaged);
    m_elsewhere->setVisible(!thrown && !damaged && !isOpen);
    m_takeIn->setVisible(!thrown && !isOpen && listed->summary && !m_openCase.isEmpty());
    m_rename->setVisible(listed->summary && !thrown && !isOpen);
    m_putOff->setVisible(listed->summary && !thrown && !isOpen);
    m_throwAway->setVisible(listed->summary && !thrown && !isOpen);
    m_bringBack->setVisible(thrown);
    m_destroy->setVisible(!isOpen && (thrown || !listed->summary));
}

void CasesView::searchWords() {
    m_shelf.search(m_inWords->isChecked() ? m_typed->text().trimmed() : QString());
}

void CasesView::rename() {
    const QString path = chosen();
    bool given = false;
    const QString name = QInputDialog::getText(this, Tr::tr("Rename"), Tr::tr("The case's name:"), QLineEdit::Normal,
                                               m_name->text(), &given);
    if (given) m_shelf.rename(path, name);
}

void CasesView::putOff() {
    const QString path = chosen();
    const ListedCase* listed = m_shelf.at(path);
    if (!listed || !listed->summary) return;
    if (const auto day = askDestroyDay(this, listed->summary->due)) m_shelf.putOff(path, *day);
}

void CasesView::throwAway() {
    // No question: it can be brought back for a week.
    m_shelf.throwAway(chosen());
}

void CasesView::destroyChosen() {
    const ListedCase* listed = m_shelf.at(chosen());
    if (!listed) return;
    const std::vector<ListedCase> asked{*listed}; // the list may be another when that is confirmed
    if (confirmed(
            this, sentence(Tr::tr("Destroy “%1”?"), m_name->text()),
            Tr::tr("Its key is destroyed, then its file: nobody can read it again. A drive may still hold old blocks "
                   "of it; without the key they say nothing."),
            Tr::tr("Destroy")))
        m_shelf.destroy(asked);
}

void CasesView::destroyDue() {
    const std::vector<ListedCase> due = m_shelf.due();
    QStringList names;
    for (const ListedCase& listed : due) names << listed.summary->name;
    if (confirmed(this, Tr::tr("Destroy %n case(s)?", nullptr, int(due.size())), names.join(u'\n'), Tr::tr("Destroy")))
        m_shelf.destroy(due);
}

bool CasesView::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() != QEvent::KeyPress) return QWidget::eventFilter(watched, event);
    const auto* key = static_cast<QKeyEvent*>(event);
    const bool enter = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter;
    if (enter && !chosen().isEmpty()) {
        if (key->modifiers() & Qt::ControlModifier)
            emit openElsewhereAsked(chosen());
        else if (m_open->isVisible())
            emit openAsked(chosen());
        return true;
    }
    if (watched == m_typed && key->key() == Qt::Key_Down) {
        m_list->setFocus();
        return true;
    }
    if (watched == m_list && key->key() == Qt::Key_Delete && m_throwAway->isVisible()) {
        throwAway();
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

void CasesView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape && !m_openCase.isEmpty()) return emit closed();
    QWidget::keyPressEvent(event);
}

} // namespace eyelid
