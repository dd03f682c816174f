// Where a release is to go: the rows of the release view that say so.
#pragma once

#include "releasing/destinations/ways.h"

#include <QObject>

class QCheckBox;
class QComboBox;
class QLineEdit;
class QWidget;

namespace eyelid {

struct Theme;

class DestinationsBox final : public QObject {
    Q_OBJECT
public:
    DestinationsBox(const Destinations& to, const QString& folder, const Theme& theme, QWidget& view);

    /// The rows, made once, to be put where the view wants them.
    QWidget* folderRow() const { return m_folderRow; }
    QWidget* alsoRow() const { return m_alsoRow; }
    QWidget* dropRow() const { return m_dropRow; }

    Destinations destinations() const;
    /// Of a way; a folder it does not name stays as it is.
    void setDestinations(const Destinations& to);
    QString folder() const;
    /// What is missing or wrong, in a sentence; empty: nothing.
    QString trouble() const;

signals:
    void changed();

private:
    void makeFolderRow(const QString& folder);
    void makeAlsoRow();
    void makeDropRow();
    void fillPlaces(const QString& chosen);
    void setUpPlaces();
    void refresh();

    const Theme& m_theme;
    QWidget& m_view;
    QWidget *m_folderRow, *m_alsoRow, *m_dropRow;
    QCheckBox *m_toFolder = nullptr, *m_mail = nullptr, *m_clipboard = nullptr, *m_paper = nullptr, *m_screen = nullptr;
    QLineEdit *m_folder = nullptr, *m_command = nullptr;
    QComboBox* m_drop = nullptr;
};

} // namespace eyelid
