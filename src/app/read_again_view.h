// An area of a capture read once more, in a language and for a kind of content of one's choice; before and after side
// by side.
#pragma once

#include "casefile/case.h"
#include "reading/reader.h"

#include <QDialog>

class QComboBox;
class QLabel;
class QPlainTextEdit;
class QPushButton;

namespace eyelid {

class ReadingRoom;

class ReadAgainView final : public QDialog {
    Q_OBJECT
public:
    ReadAgainView(const Capture& capture, const QRect& area, ReadingRoom& room, QWidget* parent = nullptr);
    /// The reading that was accepted.
    const Page& reading() const { return m_reading; }

private:
    void read();

    int m_capture;
    QImage m_picture;
    QRect m_area;
    ReadingRoom& m_room;
    Page m_reading;
    QComboBox *m_language, *m_content;
    QPlainTextEdit* m_after;
    QLabel* m_told;
    QPushButton* m_accept;
};

} // namespace eyelid
