// Qt's own file dialogs write the folders they were in to a file of settings all of its programs share. A folder's name
// may be a person's: what was remembered before a dialog is put back after it.
#pragma once

#include <QSettings>
#include <QVariant>

namespace eyelid {

/// Made before a file dialog is opened, and gone after it is.
class FileDialogTraces {
public:
    FileDialogTraces()
        : m_last(settings().value(QStringLiteral("FileDialog/lastVisited"))),
          m_history(settings().value(QStringLiteral("FileDialog/history"))) {}
    ~FileDialogTraces() {
        putBack(QStringLiteral("FileDialog/lastVisited"), m_last);
        putBack(QStringLiteral("FileDialog/history"), m_history);
    }
    FileDialogTraces(const FileDialogTraces&) = delete;
    FileDialogTraces& operator=(const FileDialogTraces&) = delete;

private:
    static QSettings settings() { return QSettings(QSettings::UserScope, QStringLiteral("QtProject")); }
    static void putBack(const QString& key, const QVariant& value) {
        QSettings all(QSettings::UserScope, QStringLiteral("QtProject"));
        if (value.isValid())
            all.setValue(key, value);
        else
            all.remove(key);
    }
    QVariant m_last, m_history;
};

} // namespace eyelid
