// The row of the release view that chooses among ways kept by name, keeps what is chosen under one, and forgets one.
#pragma once

#include "releasing/destinations/ways.h"

#include <functional>
#include <QWidget>

class QComboBox;
class QPushButton;

namespace eyelid {

class WaysRow final : public QWidget {
    Q_OBJECT
public:
    /// `current`: all that is chosen in the view.
    explicit WaysRow(std::function<Way()> current, QWidget* parent = nullptr);

    /// The name of the way that is shown; empty: none.
    QString chosen() const;
    void showWay(const QString& name);
    /// Of the way chosen last, unless it has been changed since.
    void showIfSame(const QString& name);

signals:
    void chose(Way way);
    void trouble(QString sentence);

private:
    void fill(const QString& chosen);
    void choose();
    void keepAs();
    void forget();
    /// The ways there are changed by `change`, kept, and listed again with `chosen` shown.
    void change(const std::function<void(Ways&)>& change, const QString& chosen);

    std::function<Way()> m_current;
    QComboBox* m_way;
    QPushButton* m_forget;
};

} // namespace eyelid
