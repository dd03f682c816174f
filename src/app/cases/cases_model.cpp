#include "app/cases/cases_model.h"

#include "app/cases/lid_gauge.h"
#include "app/window/theme.h"
#include "base/said_dates.h"
#include "casefile/counted.h"

#include <array>
#include <QPainter>

namespace eyelid {
namespace {

enum Group { Today, ThisWeek, LastTwoWeeks, Earlier, Shut, Thrown };
constexpr int groups = 6;

QString headingOf(Group group) {
    switch (group) {
    case Today:
        return Tr::tr("Today");
    case ThisWeek:
        return Tr::tr("This week");
    case LastTwoWeeks:
        return Tr::tr("The last two weeks");
    case Earlier:
        return Tr::tr("Earlier");
    case Shut:
        return Tr::tr("Locked or damaged");
    case Thrown:
        return Tr::tr("Thrown away");
    }
    return {};
}

Group groupOf(const ListedCase& listed, const QDate& today) {
    if (!listed.summary) return Shut;
    if (!listed.summary->thrownAway.isNull()) return Thrown;
    switch (ageOf(listed.summary->workedOn.toLocalTime().date(), today)) {
    case Age::Today:
        return Today;
    case Age::ThisWeek:
        return ThisWeek;
    case Age::LastTwoWeeks:
        return LastTwoWeeks;
    case Age::Earlier:
        break;
    }
    return Earlier;
}

QString nameOf(const ListedCase& listed) {
    return listed.summary ? listed.summary->name : listed.path.section(u'/', -1);
}

QString whenText(const QDateTime& when, const QDate& today) {
    const QString time = when.time().toString(QStringLiteral("HH:mm"));
    return when.date() == today ? time : sentence(Tr::tr("%1, %2"), saidDay(when.date()), time);
}

} // namespace

CasesModel::CasesModel(const CaseShelf& shelf, QObject* parent) : QAbstractListModel(parent), m_shelf(shelf) {
    connect(&m_shelf, &CaseShelf::changed, this, &CasesModel::refresh);
}

void CasesModel::setWanted(const QString& text) {
    m_wanted = text.trimmed();
    refresh();
}

void CasesModel::refresh() {
    beginResetModel();
    const QDate today = QDate::currentDate();
    std::array<std::vector<Row>, groups> byGroup;
    for (const ListedCase& listed : m_shelf.cases()) {
        const bool named = nameOf(listed).contains(m_wanted, Qt::CaseInsensitive);
        if (named || m_shelf.found().contains(listed.path))
            byGroup[size_t(groupOf(listed, today))].push_back({{}, listed.path});
    }
    m_rows.clear();
    for (int group = 0; group < groups; ++group) {
        if (byGroup[size_t(group)].empty()) continue;
        m_rows.push_back({headingOf(Group(group)), {}});
        m_rows.insert(m_rows.end(), byGroup[size_t(group)].begin(), byGroup[size_t(group)].end());
    }
    endResetModel();
}

int CasesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : int(m_rows.size());
}

QString CasesModel::pathAt(const QModelIndex& index) const {
    return index.isValid() && index.row() < rowCount() ? m_rows[size_t(index.row())].path : QString();
}

const ListedCase* CasesModel::caseAt(const QModelIndex& index) const {
    return m_shelf.at(pathAt(index));
}

QModelIndex CasesModel::indexOf(const QString& path) const {
    for (size_t i = 0; i < m_rows.size(); ++i)
        if (!path.isEmpty() && m_rows[i].path == path) return index(int(i));
    return {};
}

QModelIndex CasesModel::firstCase() const {
    return rowCount() > 1 ? index(1) : QModelIndex();
}

QStringList CasesModel::foundOn(const QModelIndex& index) const {
    return m_shelf.found().value(pathAt(index));
}

Qt::ItemFlags CasesModel::flags(const QModelIndex& index) const {
    return pathAt(index).isEmpty() ? Qt::NoItemFlags : Qt::ItemIsEnabled | Qt::ItemIsSelectable;
}

QVariant CasesModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const Row& row = m_rows[size_t(index.row())];
    const ListedCase* listed = m_shelf.at(row.path);
    if (role == Qt::DisplayRole) return listed ? nameOf(*listed) : row.heading;
    if (!listed) return {};
    const QDate today = QDate::currentDate();
    if (role == Qt::ToolTipRole) return listed->path;
    if (role == Qt::AccessibleTextRole)
        return sentence(Tr::tr("%1, %2, %3"), nameOf(*listed), toldOf(*listed, today), dueText(*listed, today));
    return {};
}

QString toldOf(const ListedCase& listed, const QDate& today) {
    if (!listed.summary) return listed.locked ? Tr::tr("Its passphrase opens it") : listed.trouble;
    const CaseSummary& s = *listed.summary;
    QStringList parts{Tr::tr("%n capture(s)", nullptr, int(s.captures))};
    if (s.unread > 0) parts << Tr::tr("%n not read", nullptr, s.unread);
    if (s.open > 0) parts << saidOpen(s.open);
    if (s.open == 0 && s.unread == 0) parts << Tr::tr("all settled");
    parts << whenText(s.workedOn.toLocalTime(), today);
    return parts.join(QStringLiteral("  ·  "));
}

QString dueText(const ListedCase& listed, const QDate& today) {
    if (!listed.summary) return {};
    const CaseSummary& s = *listed.summary;
    if (!s.thrownAway.isNull())
        return Tr::tr("gone for good in %n day(s)", nullptr,
                      int(std::max<qint64>(0, today.daysTo(s.thrownAway.addDays(thrownAwayDays)))));
    if (s.due.isNull()) return Tr::tr("no day of destruction");
    const int days = int(today.daysTo(s.due));
    return days <= 0 ? Tr::tr("due to be destroyed") : Tr::tr("destroyed in %n day(s)", nullptr, days);
}

namespace {
constexpr int rowHeight = 64, headingHeight = 34;
constexpr QSizeF coverSize(76, 48);
} // namespace

QSize CasesDelegate::sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const {
    const auto& model = static_cast<const CasesModel&>(*index.model());
    return {300, atTypeSize(model.pathAt(index).isEmpty() ? headingHeight : rowHeight)};
}

void CasesDelegate::paintHeading(QPainter& p, const QRectF& row, const QFont& font, const QString& text) const {
    QFont small = font;
    small.setPixelSize(atTypeSize(12));
    small.setWeight(QFont::DemiBold);
    p.setFont(small);
    p.setPen(m_theme.faint);
    p.drawText(row.adjusted(14, 8, -14, 0), Qt::AlignLeft | Qt::AlignVCenter, text);
    p.setPen(QPen(m_theme.hairline, 1));
    p.drawLine(row.bottomLeft() + QPointF(14, -1), row.bottomRight() + QPointF(-14, -1));
}

void CasesDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const auto& model = static_cast<const CasesModel&>(*index.model());
    const ListedCase* listed = model.caseAt(index);
    const Theme& t = m_theme;
    p->save();
    p->setRenderHint(QPainter::Antialiasing);
    p->setRenderHint(QPainter::SmoothPixmapTransform);
    const QRectF row(option.rect);
    if (!listed) {
        paintHeading(*p, row, option.font, index.data().toString());
        p->restore();
        return;
    }
    const QDate today = QDate::currentDate();
    const QRectF cell = row.adjusted(8, 3, -8, -3);
    if (option.state & QStyle::State_Selected) {
        p->setPen(Qt::NoPen);
        p->setBrush(t.selection);
        p->drawRoundedRect(cell, 6, 6);
        p->setBrush(t.aubergine);
        p->drawRoundedRect(QRectF(cell.left(), cell.top() + 8, 3, cell.height() - 16), 1.5, 1.5);
    }
    const QRectF frame(QPointF(cell.left() + 12, cell.center().y() - coverSize.height() / 2), coverSize);
    p->setPen(QPen(t.hairline, 1));
    p->setBrush(t.oat);
    p->drawRect(frame);
    if (!listed->cover.isNull()) {
        const QSizeF size = QSizeF(listed->cover.size()).scaled(frame.size(), Qt::KeepAspectRatio);
        const QPointF at = frame.center() - QPointF(size.width() / 2, size.height() / 2);
        p->drawImage(QRectF(at, size), listed->cover);
    }
    QRectF text(frame.right() + 14, cell.top() + 8, cell.right() - frame.right() - 26, cell.height() - 16);
    QFont font = option.font;
    font.setPixelSize(atTypeSize(12));
    p->setFont(font);
    const bool due = listed->summary && isDue(*listed->summary, today);
    p->setPen(due ? t.brick : t.faint);
    const QString when = dueText(*listed, today);
    const double lidWidth = 44;
    const QRectF right = text.adjusted(text.width() - atTypeSize(190) - lidWidth, 0, -lidWidth, 0);
    p->drawText(right, Qt::AlignRight | Qt::AlignVCenter, when);
    if (listed->summary && listed->summary->captures > 0) {
        const CaseSummary& s = *listed->summary;
        const int all = s.open + s.settled;
        const double share = all == 0 ? 1 : double(s.settled) / all;
        const double closed = s.open > 0 || s.unread > 0 ? std::min(share, 0.85) : 1;
        paintLid(*p, QRectF(text.right() - 28, text.center().y() - 10, 28, 19), closed, closed >= 1 ? t.pine : t.ink,
                 t.clay);
    }
    text.setRight(right.left() - 8);
    const QStringList found = model.foundOn(index);
    const QString below =
        found.isEmpty() ? toldOf(*listed, today) : sentence(Tr::tr("Found on %1"), found.join(QStringLiteral(", ")));
    p->setPen(found.isEmpty() ? t.faint : t.ink);
    p->drawText(text, Qt::AlignLeft | Qt::AlignBottom,
                QFontMetrics(font).elidedText(below, Qt::ElideRight, int(text.width())));
    font.setPixelSize(atTypeSize(14));
    font.setWeight(QFont::DemiBold);
    p->setFont(font);
    p->setPen(t.ink);
    p->drawText(text, Qt::AlignLeft | Qt::AlignTop,
                QFontMetrics(font).elidedText(index.data().toString(), Qt::ElideRight, int(text.width())));
    p->restore();
}

} // namespace eyelid
