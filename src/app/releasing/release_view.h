// How the checked pictures leave and where they go: says the full names before writing them and after.
#pragma once

#include "releasing/destinations/ways.h"

#include <QDialog>
#include <QStringList>

class QCheckBox;
class QComboBox;
class QGridLayout;
class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace eyelid {

struct Theme;

class DestinationsBox;
class WaysRow;

class ReleaseView final : public QDialog {
    Q_OBJECT
public:
    /// `start`: as it was done last, with the folder; its name is that of the way chosen last.
    ReleaseView(const Way& start, const Theme& theme, QWidget* parent = nullptr);
    /// As it is chosen; names that are none are left as they were.
    ReleaseForm form() const;
    Clash clash() const;
    QString folder() const;
    Destinations destinations() const;
    /// All of the above, under the name of the way that is chosen; empty: none is.
    Way way() const;
    void choose(const Way& way);

    /// The files a release would write, and how large they are in all; 0: not known yet.
    void setFiles(const QStringList& names, qint64 bytes);
    /// What is being done; while it is, nothing can be asked for but to stop. Empty: nothing.
    void setWorking(const QString& doing);
    /// After handing over: what went where, a line each, and what is to be known of it besides.
    void showReleased(const QStringList& lines, const QString& note);
    /// Why nothing was written.
    void showTrouble(const QString& sentence);

signals:
    void formChanged();
    void releaseAsked();
    void stopAsked();

private:
    QWidget* formatRow(const ReleaseForm& form);
    QWidget* besideRow(const ReleaseForm& form);
    QWidget* buttonRow();
    void addRow(const QString& label, QWidget* row);
    void changeFormat();
    void changeForm();
    void refresh();
    void refreshForm();
    int refreshList();
    QString hint(int clashes) const;

    const Theme& m_theme;
    QStringList m_files;
    qint64 m_bytes = 0;
    QString m_doing;
    bool m_done = false;
    QWidget* m_choices;
    QGridLayout* m_rows;
    QLabel *m_title, *m_hint, *m_qualityLabel = nullptr;
    DestinationsBox* m_to;
    WaysRow* m_ways = nullptr;
    QComboBox *m_format = nullptr, *m_clash = nullptr, *m_wrapping = nullptr, *m_perSheet = nullptr;
    QSpinBox *m_quality = nullptr, *m_most = nullptr;
    QLineEdit* m_names = nullptr;
    QCheckBox *m_limit = nullptr, *m_report = nullptr, *m_words = nullptr, *m_summary = nullptr;
    QListWidget* m_list;
    QPushButton *m_release = nullptr, *m_close = nullptr, *m_openFolder = nullptr;
};

} // namespace eyelid
