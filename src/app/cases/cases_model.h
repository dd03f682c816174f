// The rows of the view Cases: headings and cases, by what was typed.
#pragma once

#include "app/cases/case_shelf.h"

#include <QAbstractListModel>
#include <QDate>
#include <QPixmap>
#include <QStyledItemDelegate>

namespace eyelid {

struct Theme;

class CasesModel final : public QAbstractListModel {
    Q_OBJECT
public:
    explicit CasesModel(const CaseShelf& shelf, QObject* parent = nullptr);

    /// Only cases with this in their names, or on whose captures the shelf found its words.
    void setWanted(const QString& text);

    int rowCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;

    QString pathAt(const QModelIndex& index) const; ///< empty for a heading
    QModelIndex indexOf(const QString& path) const;
    QModelIndex firstCase() const;
    const ListedCase* caseAt(const QModelIndex& index) const;
    QStringList foundOn(const QModelIndex& index) const;

private:
    void refresh();
    struct Row {
        QString heading; ///< of a group; else empty
        QString path;
    };
    const CaseShelf& m_shelf;
    QString m_wanted;
    std::vector<Row> m_rows;
};

/// What a row says of a case besides its name.
QString toldOf(const ListedCase& listed, const QDate& today);
/// When it goes: "destroyed in 12 days".
QString dueText(const ListedCase& listed, const QDate& today);

class CasesDelegate final : public QStyledItemDelegate {
    Q_OBJECT
public:
    CasesDelegate(const Theme& theme, QObject* parent) : QStyledItemDelegate(parent), m_theme(theme) {}
    QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    void paintHeading(QPainter& p, const QRectF& row, const QFont& font, const QString& text) const;
    const Theme& m_theme;
};

} // namespace eyelid
