#include "app/cases/case_header.h"

#include "app/cases/lid_gauge.h"
#include "app/sheet/sheet.h"
#include "app/window/commands.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "reading/page_text.h"

#include <QApplication>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QPainter>
#include <QTimer>
#include <QToolButton>
#include <set>

namespace eyelid {
namespace {

// The brand's shape: a closed eyelid with five lashes.
class Brand final : public QWidget {
public:
    explicit Brand(const Theme& theme) : m_theme(theme) { setFixedSize(30, 26); }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        paintLid(p, QRectF(rect()).adjusted(1, 1, -1, -1), 1, m_theme.aubergine, m_theme.clay);
    }

private:
    const Theme& m_theme;
};

} // namespace

CaseHeader::CaseHeader(Case& owner, Selection& selection, Sheet& sheet, const Commands& commands, const Theme& theme)
    : m_case(owner), m_selection(selection), m_sheet(sheet), m_row(new QHBoxLayout(this)) {
    setObjectName(QStringLiteral("header"));
    setAttribute(Qt::WA_StyledBackground);
    setFixedHeight(atTypeSize(48));
    m_row->setContentsMargins(14, 0, 12, 0);
    m_row->setSpacing(8);
    m_row->addWidget(new Brand(theme));
    m_name = addName();
    m_kept = new QLabel;
    m_kept->setObjectName(QStringLiteral("kept"));
    m_kept->setProperty("role", "faint");
    m_row->addWidget(m_kept);
    m_row->addSpacing(16); // it speaks of the case, not of the buttons
    addButton(commands[QStringLiteral("take")]);
    addButton(commands[QStringLiteral("bringIn")]);
    m_row->addStretch(1);
    m_search = addSearch();
    addMenu(commands.menu());
    connect(&m_selection, &Selection::captureChanged, this, &CaseHeader::showHits);
    // Of other words than those there are now nothing is told.
    const auto again = [this] {
        if (m_hitText.isEmpty()) return;
        m_hitText.clear();
        m_typing->start();
    };
    connect(&m_case, &Case::pageChanged, this, again);
    connect(&m_case, &Case::capturesChanged, this, again);
    connect(&m_case, &Case::changed, this, [this] {
        if (!m_name->hasFocus()) m_name->setText(m_case.name());
    });
}

QLineEdit* CaseHeader::addName() {
    auto* name = new QLineEdit(m_case.name());
    name->setObjectName(QStringLiteral("caseName"));
    name->setAccessibleName(Tr::tr("Name of the case"));
    name->setToolTip(Tr::tr("The case's name; released files are named after it"));
    name->setMinimumWidth(110);
    name->setMaximumWidth(atTypeSize(210));
    name->setStyleSheet(QStringLiteral("QLineEdit { border-color: transparent; background: transparent; font-weight: "
                                       "600; } QLineEdit:focus, QLineEdit:hover { border-color: palette(mid); }"));
    connect(name, &QLineEdit::editingFinished, this, [this] {
        if (m_name->text().trimmed().isEmpty()) m_name->setText(m_case.name());
        m_case.setName(m_name->text().trimmed());
    });
    connect(name, &QLineEdit::returnPressed, this, &CaseHeader::entered);
    m_row->addWidget(name, 2);
    return name;
}

void CaseHeader::addButton(const QAction& action) {
    auto* button = new QToolButton;
    button->setDefaultAction(const_cast<QAction*>(&action));
    button->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
    button->setIconSize({atTypeSize(18), atTypeSize(18)});
    button->setAccessibleName(action.text());
    button->setFocusPolicy(Qt::StrongFocus);
    m_row->addWidget(button);
}

QLineEdit* CaseHeader::addSearch() {
    auto* field = new QLineEdit;
    field->setObjectName(QStringLiteral("search"));
    field->setPlaceholderText(Tr::tr("Search all words of the case"));
    field->setAccessibleName(Tr::tr("Search all words of the case"));
    field->setToolTip(Tr::tr("Search (Ctrl+F); Enter for the next place, Shift+Enter for the one before"));
    field->setClearButtonEnabled(true);
    field->setMinimumWidth(140);
    field->setMaximumWidth(260);
    connect(field, &QLineEdit::returnPressed, this,
            [this] { search(!(QApplication::keyboardModifiers() & Qt::ShiftModifier)); });
    m_typing = new QTimer(this);
    m_typing->setSingleShot(true);
    m_typing->setInterval(120);
    connect(m_typing, &QTimer::timeout, this, &CaseHeader::collect);
    connect(field, &QLineEdit::textChanged, m_typing, qOverload<>(&QTimer::start));
    m_row->addWidget(field, 3);
    m_count = new QLabel;
    m_count->setObjectName(QStringLiteral("searchCount"));
    m_count->setProperty("role", "faint");
    m_count->hide();
    m_row->addWidget(m_count);
    return field;
}

void CaseHeader::addMenu(QMenu* all) {
    auto* menu = new QToolButton;
    menu->setText(Tr::tr("Menu"));
    menu->setToolTip(Tr::tr("All commands and their keys (F10)"));
    menu->setAccessibleName(Tr::tr("Menu"));
    menu->setShortcut(Qt::Key_F10);
    menu->setPopupMode(QToolButton::InstantPopup);
    menu->setMenu(all);
    m_row->addWidget(menu);
}

void CaseHeader::setKept(const QString& word, const QString& more) {
    m_kept->setText(word);
    m_kept->setToolTip(more);
}

void CaseHeader::startSearch() {
    m_search->setFocus();
    m_search->selectAll();
}

// All places of what was typed, throughout the case.
void CaseHeader::collect() {
    m_typing->stop();
    const QString text = m_search->text().trimmed();
    if (text == m_hitText) return;
    m_hitText = text;
    m_hits.clear();
    m_hit = -1;
    if (!text.isEmpty())
        for (const Capture& c : m_case.captures()) {
            if (!c.page) continue;
            for (const QRectF& place : placesOf(*c.page, text)) m_hits.emplace_back(c.id, place);
        }
    showHits();
    showCount();
}

void CaseHeader::showCount() {
    m_count->setVisible(!m_hitText.isEmpty());
    std::set<int> captures;
    for (const auto& [capture, place] : m_hits) captures.insert(capture);
    m_count->setText(m_hits.empty() ? Tr::tr("nowhere")
                     : m_hit < 0    ? sentence(Tr::tr("%1, %2"), Tr::tr("%n place(s)", nullptr, int(m_hits.size())),
                                               Tr::tr("%n capture(s)", nullptr, int(captures.size())))
                                    : sentence(Tr::tr("%1 of %2"), m_hit + 1, m_hits.size()));
}

void CaseHeader::search(bool forward) {
    collect();
    if (m_hitText.isEmpty()) return;
    if (m_hits.empty()) {
        m_search->setToolTip(Tr::tr("Not found on any capture that has been read"));
        emit notFound(m_hitText);
        return;
    }
    const int n = int(m_hits.size());
    m_hit = m_hit < 0 ? (forward ? 0 : n - 1) : (m_hit + (forward ? 1 : n - 1)) % n;
    const auto [capture, place] = m_hits[size_t(m_hit)];
    emit placeShown();
    m_selection.showCapture(capture);
    showHits();
    showCount();
    m_sheet.reveal(place);
}

void CaseHeader::showHits() {
    std::vector<QRectF> places;
    for (const auto& [capture, place] : m_hits)
        if (capture == m_selection.capture()) places.push_back(place);
    m_sheet.setHits(places);
}

} // namespace eyelid
