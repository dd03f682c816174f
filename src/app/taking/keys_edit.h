// A field for one key with its modifiers: Escape and Tab leave it as they leave any field, Backspace empties it. Of
// shortcuts for the whole desk a key other programs need is refused with a sentence.
#pragma once

#include <QKeySequence>
#include <QLineEdit>

namespace eyelid {

class KeysEdit final : public QLineEdit {
    Q_OBJECT
public:
    enum class Where { Desk, Window };
    explicit KeysEdit(const QKeySequence& keys, Where where = Where::Desk, QWidget* parent = nullptr);
    const QKeySequence& keys() const { return m_keys; }
    void setKeys(const QKeySequence& keys);

signals:
    void keysChanged(QKeySequence keys);
    void refused(QString sentence);

protected:
    bool event(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QKeySequence m_keys;
    Where m_where;
};

} // namespace eyelid
