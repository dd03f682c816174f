// The keys that take while another program has the keyboard: one for each way of taking. A clash is told beside the
// keys it concerns.
#pragma once

#include "app/taking/take_kind.h"
#include "capture/global_shortcuts.h"

#include <QDialog>
#include <QHash>

class QLabel;
class QPushButton;

namespace eyelid {

struct Theme;

class KeysEdit;

/// As remembered; at first the keys takeKinds names. Keys that may not be taken from other programs are none.
std::vector<GlobalShortcut> rememberedShortcuts();

class ShortcutsView final : public QDialog {
    Q_OBJECT
public:
    /// `global` binds what is set, once that is agreed to and not before; null where this desktop lets no program have
    /// such keys.
    ShortcutsView(GlobalShortcuts* global, const Theme& theme, QWidget* parent = nullptr);
    ~ShortcutsView() override;
    QString trouble(const QString& id) const;

private:
    void refresh();
    void agree();
    struct Row {
        QString id, description;
        KeysEdit* keys;
        QLabel* trouble;
    };
    std::vector<GlobalShortcut> current() const;

    GlobalShortcuts* m_global;
    std::vector<Row> m_rows;
};

} // namespace eyelid
