// An area of a capture read once more, in a language and for a kind of content of one's choice; before and after side
// by side.
#pragma once

#include "casefile/case.h"
#include "reading/reader.h"

#include <QDialog>

class QComboBox;
class QLayout;
class QLabel;
class QPlainTextEdit;
class QPushButton;

namespace eyelid {

class CaseWorker;

class ReadAgainView final : public QDialog {
    Q_OBJECT
public:
    ReadAgainView(const Case& owner, const Capture& capture, const QRect& area, CaseWorker& worker,
                  QWidget* parent = nullptr);
    /// The reading that was accepted.
    const Page& reading() const { return m_reading; }

private:
    QLayout* makeChoices(const QString& usual);
    void read();

    int m_capture;
    QRect m_area;
    CaseWorker& m_worker;
    Page m_reading;
    QComboBox *m_language, *m_content;
    QPlainTextEdit* m_after;
    QLabel* m_status;
    QPushButton* m_accept;
};

} // namespace eyelid
