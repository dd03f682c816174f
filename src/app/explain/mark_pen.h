// What is drawn next: the kind of mark, its form and its look, which are remembered for each kind; looks of one's own
// by name; and whether the tool stays on after a mark. The one owner of these.
#pragma once

#include "editing/mark.h"

#include <map>
#include <QObject>

namespace eyelid {

class MarkPen final : public QObject {
    Q_OBJECT
public:
    MarkPen();

    MarkKind kind() const { return m_kind; }
    void setKind(MarkKind kind);
    MarkForm form(MarkKind kind) const { return m_usual.at(kind).form; }
    const MarkStyle& style(MarkKind kind) const { return m_usual.at(kind).style; }
    /// Remembered from now on.
    void setForm(MarkKind kind, MarkForm form);
    void setStyle(MarkKind kind, const MarkStyle& style);
    /// Whether what was measured stays as a mark, or is only shown until the next.
    bool leavesMeasures() const { return m_leavesMeasures; }
    void setLeavesMeasures(bool leaves) { m_leavesMeasures = leaves; }
    bool staysOn() const { return m_staysOn; }
    void setStaysOn(bool stays);

    QStringList keptNames() const;
    MarkStyle kept(const QString& name) const; ///< the usual one where there is none of that name
    void keep(const QString& name, const MarkStyle& style);
    void forget(const QString& name);

    /// What a Sign draws: a PNG with transparency; empty where none was chosen.
    QByteArray sign;
    QString signText; ///< beside it: the day, where that was asked for
    /// What a Measure counts in, once one length is known.
    double unitsPerPixel = 1;
    QString unit;

    /// A mark of a kind as it is begun, without points.
    Mark begun(MarkKind kind) const;
    /// The look a kind comes with.
    static MarkStyle usualStyle(MarkKind kind);

signals:
    void changed();

private:
    void remember(MarkKind kind);

    MarkKind m_kind = MarkKind::Point;
    bool m_staysOn = false, m_leavesMeasures = true;
    std::map<MarkKind, Mark> m_usual; ///< their form and style alone count
};

} // namespace eyelid
