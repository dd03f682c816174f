// Whether files are what a release wrote, and who signed for them: drop them here. No case is needed.
#pragma once

#include "base/workers.h"
#include "releasing/verification.h"

#include <QDialog>

class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QTreeWidget;

namespace eyelid {

struct Theme;

class VerifyView final : public QDialog {
    Q_OBJECT
public:
    VerifyView(const Theme& theme, QWidget* parent = nullptr);
    ~VerifyView() override;
    void verify(const QStringList& paths);

protected:
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    QWidget* buttonRow();
    void again();
    void showFound(const std::vector<VerifiedRelease>& releases, bool keyGiven);
    void say(const QString& text, const QColor& colour);
    void copyOwnKey();

    const Theme& m_theme;
    QStringList m_paths;
    int m_asked = 0; ///< of the last answer that counts
    QLabel* m_result;
    QTreeWidget* m_tree;
    QLineEdit* m_key;
    QPlainTextEdit* m_sums;
    Lane m_lane;
};

} // namespace eyelid
