// The handbook that ships with the program (docs/handbook), page by page, with a search over all of them.
#pragma once

#include <QDialog>
#include <QStringList>

class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace eyelid {

class HandbookView final : public QDialog {
    Q_OBJECT
public:
    explicit HandbookView(QWidget* parent);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void refresh();
    void showPage(int page);

    QStringList m_pages; ///< Markdown
    QLineEdit* m_words;
    QListWidget* m_titles;
    QTextBrowser* m_text;
};

} // namespace eyelid
