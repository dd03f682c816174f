// The selected finding, or cover drawn by hand: its reason, who decided, its style, a note and a question.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QLabel;
class QLayout;
class QLineEdit;
class QToolButton;

namespace eyelid {

class CoverLookFields;

class FindingDetails final : public QWidget {
    Q_OBJECT
public:
    FindingDetails(Case& owner, Selection& selection, QWidget* parent = nullptr);
    void refresh();
    /// Lets the officer write the question.
    void ask();

signals:
    void decisionAsked(eyelid::Scope scope, eyelid::Decision decision);
    void changeAsked(); ///< of its kind, ground or reason

private:
    QLayout* makeKind();
    QLayout* makeDecisions();
    QLineEdit* makeLine(const QString& placeholder, const QString& name);
    void bind();
    void showItem(const Item& item);
    void showHand(const HandCover& hand);
    void showLook(const CoverLook& look, const QString& note);
    QString placeOf(const Item& item) const;

    Case& m_case;
    Selection& m_selection;
    QLabel *m_value, *m_kind, *m_reason, *m_place;
    QToolButton *m_change, *m_cover, *m_keep, *m_open;
    CoverLookFields* m_look;
    QLineEdit *m_note, *m_question;
    bool m_showing = false;
};

} // namespace eyelid
