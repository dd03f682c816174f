// Bringing in what exists: picture files and folders, pages of PDFs, the clipboard, what is dropped, pictures to be
// joined. Decodes, draws pages and joins aside; the window goes on meanwhile.
#pragma once

#include "base/workers.h"
#include "casefile/case.h"

#include <atomic>
#include <functional>
#include <QObject>
#include <QStringList>

class QMimeData;

namespace eyelid {

class PdfFile;

class Intake final : public QObject {
    Q_OBJECT
public:
    /// `window`: what its dialogs stand before.
    Intake(Case& owner, QWidget& window);
    ~Intake() override;

    /// Whether pictures are still being made ready.
    bool busy() const { return m_pending > 0; }

    /// At once; for pictures that are small, or where somebody waits for the id.
    int add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined = {});
    /// As soon as it is made ready aside; `then` is told its id.
    void addAside(const QImage& picture, const QString& origin, const std::shared_ptr<const ScrolledPage>& joined = {},
                  std::function<void(int)> then = {});
    /// Opens picture files, all pictures of folders, and pages of PDFs, which are asked about; those that cannot be
    /// opened are told of in one message. Files of cases are left to whoever hears of them.
    void bringIn(const QStringList& files);
    void bringInClipboard();
    /// What was dropped.
    void bringInDropped(const QMimeData& data);
    /// Asks for files.
    void chooseFiles();
    void joinChosen();

signals:
    void added(int capture);
    void trouble(QString sentence);
    void caseFilesGiven(QStringList paths);

private:
    void aside(std::function<void()> work);
    void makeReady(const QImage& picture, const QString& origin, const std::shared_ptr<const ScrolledPage>& joined,
                   std::function<void(int)> then);
    void bringInPdf(const QString& file);
    std::shared_ptr<PdfFile> openPdf(const QString& file);
    void bringInPages(const std::shared_ptr<PdfFile>& pdf, const QString& file, const std::vector<int>& pages,
                      double dpi);
    void joinFiles(const QStringList& files);

    Case& m_case;
    QWidget& m_window;
    int m_pending = 0;                  ///< jobs that were begun and have not ended
    std::atomic<bool> m_leaving{false}; ///< what is being decoded is not wanted any more
    Lane m_lane;                        ///< in the order they were given; ends before the rest goes
};

} // namespace eyelid
