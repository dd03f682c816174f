#include "app/taking/intake.h"

#include "app/taking/pdf_view.h"
#include "app/window/file_dialogs.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "capture/pdf_pages.h"
#include "casefile/case_file.h"
#include "picture/picture_file.h"

#include <QClipboard>
#include <QCollator>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QGuiApplication>
#include <QInputDialog>
#include <QMimeData>
#include <QPointer>
#include <QProgressDialog>
#include <QUrl>

namespace eyelid {
namespace {

// Page 2 before page 10.
void sortByName(QStringList& names) {
    QCollator collator(QLocale(QLocale::English)); // the C locale knows no numbers
    collator.setNumericMode(true);
    std::sort(names.begin(), names.end(), collator);
}

QStringList picturePatterns() {
    QStringList patterns;
    for (const QString& ending : readableEndings()) patterns << QStringLiteral("*.") + ending;
    return patterns;
}

QStringList localFiles(const QMimeData& data) {
    QStringList files;
    for (const QUrl& url : data.urls())
        if (url.isLocalFile()) files << url.toLocalFile();
    return files;
}

// Of the case; of one that has none yet, what the settings say.
QString startFolder(const Case& open) {
    return open.folders.bringIn.isEmpty() ? settings::bringInFolder() : open.folders.bringIn;
}

} // namespace

Intake::Intake(Case& owner, QWidget& window) : m_case(owner), m_window(window) {}

Intake::~Intake() {
    m_leaving = true;
    m_lane.finish();
}

void Intake::aside(std::function<void()> work) {
    ++m_pending;
    m_lane.start([this, work = std::move(work)] {
        work();
        QMetaObject::invokeMethod(this, [this] { --m_pending; });
    });
}

// Called aside: what takes long about a picture is done here.
void Intake::makeReady(const QImage& picture, const QString& origin, const std::shared_ptr<const ScrolledPage>& joined,
                       std::function<void(int)> then) {
    QMetaObject::invokeMethod(this, [=, this, ready = Case::ready(picture, joined), then = std::move(then)] {
        const int id = m_case.add(ready, origin);
        if (id == 0) return; // it can only be looked at
        emit added(id);
        if (then) then(id);
    });
}

void Intake::addAside(const QImage& picture, const QString& origin, const std::shared_ptr<const ScrolledPage>& joined,
                      std::function<void(int)> then) {
    aside([=, this, then = std::move(then)] { makeReady(picture, origin, joined, then); });
}

int Intake::add(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined) {
    const int id = m_case.add(picture, origin, std::move(joined));
    if (id) emit added(id);
    return id;
}

void Intake::bringIn(const QStringList& given) {
    QStringList files, pdfs, cases;
    for (const QString& path : given) {
        if (path.endsWith(caseEnding)) {
            cases << path;
        } else if (QFileInfo(path).isDir()) {
            // The pictures in it, in the order of their names; folders within are left alone.
            QStringList names = QDir(path).entryList(picturePatterns(), QDir::Files);
            sortByName(names);
            for (const QString& name : names) files << QDir(path).filePath(name);
            if (names.isEmpty()) emit trouble(sentence(Tr::tr("There are no pictures in %1."), path));
        } else if (PdfFile::isPdf(path)) {
            pdfs << path;
        } else {
            files << path;
        }
    }
    if (!cases.isEmpty()) emit caseFilesGiven(cases);
    for (const QString& pdf : pdfs) bringInPdf(pdf);
    if (files.isEmpty()) return;
    aside([this, files] {
        QStringList troubles;
        for (const QString& file : files) {
            if (m_leaving) return;
            auto picture = readPicture(file);
            if (!picture) {
                troubles << picture.error().sentence;
                continue;
            }
            makeReady(*picture, file, nullptr, {});
        }
        if (!troubles.isEmpty())
            QMetaObject::invokeMethod(this, [this, troubles] { emit trouble(troubles.join(QLatin1Char('\n'))); });
    });
}

void Intake::bringInClipboard() {
    const QMimeData* held = QGuiApplication::clipboard()->mimeData();
    if (held && held->hasImage()) {
        const QImage picture = held->imageData().value<QImage>();
        if (!picture.isNull()) {
            addAside(picture, Tr::tr("From the clipboard"));
            return;
        }
    }
    const QStringList files = held ? localFiles(*held) : QStringList();
    if (files.isEmpty())
        emit trouble(Tr::tr("There is no picture on the clipboard; copy one, or a picture file, first."));
    else
        bringIn(files);
}

void Intake::bringInDropped(const QMimeData& data) {
    const QStringList files = localFiles(data);
    if (!files.isEmpty())
        bringIn(files);
    else if (data.hasImage())
        addAside(data.imageData().value<QImage>(), Tr::tr("Dropped picture"));
}

void Intake::chooseFiles() {
    const FileDialogTraces traces;
    const QStringList files = QFileDialog::getOpenFileNames(
        &m_window, Tr::tr("Bring in pictures"), startFolder(m_case),
        Tr::tr("Pictures and PDFs (%1 *.pdf);;All files (*)").arg(picturePatterns().join(QLatin1Char(' '))));
    if (files.isEmpty()) return;
    m_case.folders.bringIn = QFileInfo(files.first()).absolutePath();
    bringIn(files);
}

// Asks for the password until it is the right one; null where it cannot be opened or nobody knows it.
std::shared_ptr<PdfFile> Intake::openPdf(const QString& file) {
    QString password;
    while (true) {
        auto opened = PdfFile::open(file, password);
        if (opened) return std::move(*opened);
        if (!PdfFile::needsPassword(opened.error())) {
            emit trouble(opened.error().sentence);
            return nullptr;
        }
        bool ok = false;
        const QString name = QFileInfo(file).fileName();
        password = QInputDialog::getText(&m_window, Tr::tr("Bring in pages"),
                                         password.isEmpty()
                                             ? sentence(Tr::tr("%1 is locked. Its password:"), name)
                                             : sentence(Tr::tr("That was not the password of %1. Its password:"), name),
                                         QLineEdit::Password, {}, &ok);
        if (!ok) return nullptr;
    }
}

void Intake::bringInPdf(const QString& file) {
    const std::shared_ptr<PdfFile> pdf = openPdf(file);
    if (!pdf) return;
    PdfView view(*pdf, file, &m_window);
    if (view.exec() == QDialog::Accepted) bringInPages(pdf, file, view.chosenPages(), view.dpi());
}

void Intake::bringInPages(const std::shared_ptr<PdfFile>& pdf, const QString& file, const std::vector<int>& pages,
                          double dpi) {
    auto* progress = new QProgressDialog(Tr::tr("Drawing the pages"), Tr::tr("Stop"), 0, int(pages.size()), &m_window);
    progress->setAttribute(Qt::WA_DeleteOnClose);
    progress->setWindowModality(Qt::WindowModal);
    progress->setMinimumDuration(600);
    const auto stopped = std::make_shared<std::atomic<bool>>(false);
    connect(progress, &QProgressDialog::canceled, this, [stopped] { *stopped = true; });
    // The file goes where it came from: on the interface's thread.
    aside([this, pdf = pdf, file, pages, dpi, stopped, shown = QPointer<QProgressDialog>(progress)]() mutable {
        QStringList troubles;
        for (size_t i = 0; i < pages.size() && !*stopped && !m_leaving; ++i) {
            auto picture = pdf->render(pages[i], dpi);
            if (!picture) {
                troubles << picture.error().sentence;
                continue;
            }
            makeReady(*picture, sentence(Tr::tr("%1, page %2"), QFileInfo(file).fileName(), pages[i] + 1), nullptr,
                      [shown, done = int(i) + 1](int) {
                          if (shown) shown->setValue(done);
                      });
        }
        QMetaObject::invokeMethod(this, [this, shown, troubles, held = std::move(pdf)] {
            if (shown) shown->close();
            if (!troubles.isEmpty()) emit trouble(troubles.join(QLatin1Char('\n')));
        });
    });
}

void Intake::joinChosen() {
    const FileDialogTraces traces;
    QStringList files = QFileDialog::getOpenFileNames(
        &m_window, Tr::tr("Pictures of one page that overlap"), startFolder(m_case),
        Tr::tr("Pictures (%1);;All files (*)").arg(picturePatterns().join(QLatin1Char(' '))));
    if (files.isEmpty()) return;
    // File dialogs give them in the order they were clicked or in none; their names say the order.
    sortByName(files);
    joinFiles(files);
}

void Intake::joinFiles(const QStringList& files) {
    aside([this, files] {
        const auto tell = [this](const QString& sentence) {
            QMetaObject::invokeMethod(this, [this, sentence] { emit trouble(sentence); });
        };
        std::vector<QImage> pictures;
        for (const QString& file : files) {
            if (m_leaving) return;
            auto picture = readPicture(file);
            if (!picture) return tell(picture.error().sentence);
            pictures.push_back(*picture);
        }
        const bool across = pictures.size() > 1 && pictures[0].width() != pictures[1].width() &&
                            pictures[0].height() == pictures[1].height();
        auto joined = joinPictures(pictures, across ? ScrollDirection::Right : ScrollDirection::Down);
        if (!joined) return tell(joined.error().sentence);
        auto page = std::make_shared<const ScrolledPage>(*joined);
        makeReady(page->compose(), sentence(Tr::tr("Joined from %1 pictures"), files.size()), page, {});
    });
}

} // namespace eyelid
