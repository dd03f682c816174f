// The joins of a scrolled page: which are sure, which are not and why, the places an unsure one could be side by side,
// and the arrow keys to put one right by hand.
#pragma once

#include "joining/scrolled_page.h"

#include <QDialog>

class QHBoxLayout;
class QLabel;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace eyelid {

struct Theme;

/// One place a join could be, drawn pixel for pixel around its seam.
class JoinCard final : public QWidget {
    Q_OBJECT
public:
    explicit JoinCard(const Theme& theme);
    void show(const QImage& picture, bool down, int offset, const QString& caption, bool chosen);
    int offset() const { return m_offset; }

signals:
    void chosen(int offset);

protected:
    void paintEvent(QPaintEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;

private:
    const Theme& m_theme;
    QImage m_picture;
    bool m_down = true, m_chosen = false;
    int m_offset = 0;
    QString m_caption;
};

class JoinsView final : public QDialog {
    Q_OBJECT
public:
    JoinsView(const ScrolledPage& page, const Theme& theme, QWidget* parent = nullptr);
    const ScrolledPage& page() const { return m_page; }
    /// Something was put to another place.
    bool moved() const { return m_moved; }

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    void refreshList();
    void showJoin(int index);
    void put(int offset);
    void approve();

    ScrolledPage m_page;
    const Theme& m_theme;
    bool m_moved = false;
    QListWidget* m_list;
    QLabel *m_doubt, *m_title;
    QHBoxLayout* m_cards;
    std::vector<JoinCard*> m_shown;
    QSpinBox* m_offset;
    QPushButton* m_right;
    std::vector<int> m_candidates;
};

} // namespace eyelid
