// How a row of the findings is drawn: its state by shape as well as colour, its value, what it is; of faces a small
// picture.
#pragma once

#include "app/findings/findings_model.h"
#include "base/workers.h"

#include <map>
#include <QImage>
#include <QStyledItemDelegate>

namespace eyelid {

struct Theme;

/// Faces cut out of their captures, aside.
class FacePictures final : public QObject {
    Q_OBJECT
public:
    explicit FacePictures(Case& owner, QObject* parent = nullptr);
    ~FacePictures() override;
    /// Null until it is cut out; then ready() is told.
    QImage of(int finding);

signals:
    void ready();

private:
    Case& m_case;
    std::map<int, QImage> m_pictures; ///< by finding; null: under way
    Lane m_lane;
};

class FindingsDelegate final : public QStyledItemDelegate {
public:
    FindingsDelegate(const FindingsModel& model, FacePictures& faces, const Theme& theme, QObject* parent = nullptr)
        : QStyledItemDelegate(parent), m_model(model), m_faces(faces), m_theme(theme) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex& index) const override;
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    void paintHeading(QPainter& painter, const QRectF& place, const QString& text, const QFont& font) const;
    /// Returns where the text beside it begins.
    double paintFace(QPainter& painter, const QRectF& row, double left, const FindingsRow& finding) const;
    void paintTexts(QPainter& painter, const QRectF& place, const FindingsRow& row, const QFont& font) const;

    const FindingsModel& m_model;
    FacePictures& m_faces;
    const Theme& m_theme;
};

} // namespace eyelid
