// Asking for a case's passphrase, and giving it one.
#pragma once

#include <QByteArray>
#include <QDialog>

class QCheckBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace eyelid {

/// Empty where nobody knows it. `again`: the one given before did not open it.
QString askPassphrase(QWidget* window, const QString& name, bool again);

class PassphraseView final : public QDialog {
    Q_OBJECT
public:
    explicit PassphraseView(QWidget* parent);
    QByteArray passphrase() const;
    /// The case is not to be opened by the keys of this account any more.
    bool alone() const;

private:
    void refresh();
    QLineEdit *m_first, *m_second;
    QCheckBox* m_alone;
    QLabel* m_hint;
    QPushButton* m_set;
};

} // namespace eyelid
