// One capture out of the window at once: onto the clipboard, the screen, or dragged into another program. What is open
// is hidden as well as what is covered, and the picture is checked as the bytes it is before anybody gets it.
#pragma once

#include "app/cases/case_worker.h"
#include "casefile/case.h"
#include "picture/encoders.h"

#include <functional>
#include <memory>
#include <QObject>
#include <QPointer>
#include <QTemporaryDir>

class QMimeData;
class QTimer;

namespace eyelid {

struct Theme;

class PinnedPicture;
class ReleaseFlow;

class HandingOut final : public QObject {
    Q_OBJECT
public:
    HandingOut(Case& owner, CaseWorker& worker, const ReleaseFlow& flow, const Theme& theme, QWidget& window);
    ~HandingOut() override;

    enum class As {
        Picture,  ///< and as HTML, for programs that take that
        File,     ///< of a folder that is gone with the program
        Markdown, ///< with the picture in it
        Words,    ///< that are still to be read
    };
    void copy(int capture, As as);
    void pin(int capture);
    /// For a drag: the files are made and checked when whoever they are dropped on asks for them; all of them leave, or
    /// none.
    QMimeData* toDrag(const QList<int>& captures);
    /// Of pictures that have been checked: onto the clipboard, as files too where they stand somewhere.
    void copyChecked(const std::vector<CheckedPicture>& pictures, const QStringList& paths);
    void pinChecked(const std::vector<CheckedPicture>& pictures);
    /// Before they are printed.
    void printChecked(const std::vector<CheckedPicture>& pictures, const QString& title);
    const QList<QPointer<PinnedPicture>>& pinned() const { return m_pinned; }
    /// Takes back what was copied, if it is still there.
    void takeBack();

signals:
    void told(QString sentence);
    void trouble(QString sentence);

private:
    using Answer = std::function<void(Result<std::vector<CheckedPicture>>)>;
    void make(const QList<int>& captures, const Answer& answer);
    Result<ToCheck> toMake(int capture) const;
    /// Pictures of bytes, off the interface thread; `each` is done there as well.
    void decoded(std::vector<CheckedPicture> pictures, std::function<void(const std::vector<QImage>&)> done,
                 std::function<void(CheckedPicture, const QImage&)> each = {});
    void offer(QMimeData* held, const QString& what);
    void offerText(const QString& text, const QString& what);
    void offerPictures(std::vector<CheckedPicture> pictures, const QStringList& paths, const QString& what);
    /// In the case's register.
    void note(const std::vector<CheckedPicture>& pictures, const QString& way);
    /// Written off the interface thread; their full names.
    void asFiles(const std::vector<CheckedPicture>& pictures, std::function<void(const Result<QStringList>&)> done);

    Case& m_case;
    CaseWorker& m_worker;
    const ReleaseFlow& m_flow;
    const Theme& m_theme;
    QWidget& m_window;
    std::unique_ptr<QTemporaryDir> m_files; ///< made when first needed; holds sanitised pictures alone
    QTimer* m_takingBack;
    QList<QPointer<PinnedPicture>> m_pinned;
};

} // namespace eyelid
