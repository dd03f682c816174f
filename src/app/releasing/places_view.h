// The places releases are dropped at: set up once, with what proves that it is them.
#pragma once

#include "base/progress.h"
#include "base/workers.h"
#include "releasing/destinations/ways.h"

#include <memory>
#include <QDialog>

class QGridLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace eyelid {

struct Theme;

class PlacesView final : public QDialog {
    Q_OBJECT
public:
    PlacesView(const Theme& theme, QWidget* parent = nullptr);
    ~PlacesView() override;

private:
    QWidget* fields();
    QWidget* buttonRow();
    QLineEdit* addField(const char* name, const QString& label, const QString& hint);
    DropPlace place() const;
    void showPlace(const DropPlace& place);
    void fill(const QString& chosen);
    void refresh();
    void lookForKey();
    void keep();
    void keepNow(const DropPlace& place);
    void forget();
    void say(const QString& text, const QColor& colour);

    const Theme& m_theme;
    Ways m_known;
    bool m_readable = true; ///< the file of ways; one that is not is not written over
    QListWidget* m_list;
    QGridLayout* m_rows = nullptr;
    QLineEdit *m_name = nullptr, *m_address = nullptr, *m_user = nullptr, *m_password = nullptr, *m_hostKey = nullptr,
              *m_keyFile = nullptr, *m_authority = nullptr, *m_link = nullptr;
    QSpinBox* m_days = nullptr;
    QPushButton *m_look = nullptr, *m_keep = nullptr, *m_forget = nullptr;
    QLabel* m_hint;
    int m_asked = 0; ///< of the last answer that counts
    std::shared_ptr<Progress> m_looking = std::make_shared<Progress>();
    Lane m_lane;
};

} // namespace eyelid
