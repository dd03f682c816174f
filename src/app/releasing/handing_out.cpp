#include "app/releasing/handing_out.h"

#include "app/releasing/paper_view.h"
#include "app/releasing/pinned_picture.h"
#include "app/releasing/release_flow.h"
#include "app/window/settings.h"
#include "base/files.h"
#include "base/sentence.h"
#include "casefile/release_note.h"
#include "reading/page_text.h"

#include <algorithm>
#include <optional>
#include <QClipboard>
#include <QEventLoop>
#include <QGuiApplication>
#include <QMimeData>
#include <QTimer>
#include <QUrl>

namespace eyelid {
namespace {

const QString ownMark = QStringLiteral("application/x-eyelid-sanitised"); // tells what is to be taken back

QString alternative() {
    return Tr::tr("A screen, sanitised");
}

QByteArray inlineAddress(const CheckedPicture& picture) {
    return "data:image/png;base64," + picture.artifact.bytes.toBase64();
}

QByteArray asHtml(const CheckedPicture& picture) {
    return "<img alt=\"" + alternative().toHtmlEscaped().toUtf8() + "\" src=\"" + inlineAddress(picture) + "\">";
}

// As the register names them.
QList<ReleasedFile> filesOf(const std::vector<CheckedPicture>& pictures) {
    QList<ReleasedFile> files;
    for (const CheckedPicture& picture : pictures) files.push_back({picture.artifact.fileName, picture.sha256});
    return files;
}

// Files that are made when whoever they are dropped on asks for them.
class ComingFiles final : public QMimeData {
public:
    using Make =
        std::function<QStringList()>; ///< their paths, once they are made and checked; none: they may not leave
    explicit ComingFiles(Make make) : m_make(std::move(make)) {}
    bool hasFormat(const QString& type) const override { return formats().contains(type); }
    QStringList formats() const override { return QMimeData::formats() << QStringLiteral("text/uri-list"); }

protected:
    QVariant retrieveData(const QString& type, QMetaType wanted) const override {
        if (type != QStringLiteral("text/uri-list")) return QMimeData::retrieveData(type, wanted);
        if (!m_paths) m_paths = m_make();
        if (m_paths->isEmpty()) return {};
        QVariantList urls;
        for (const QString& path : *m_paths) urls << QUrl::fromLocalFile(path);
        return urls;
    }

private:
    Make m_make;
    mutable std::optional<QStringList> m_paths;
};

} // namespace

HandingOut::HandingOut(Case& owner, CaseWorker& worker, const ReleaseFlow& flow, const Theme& theme, QWidget& window)
    : m_case(owner), m_worker(worker), m_flow(flow), m_theme(theme), m_window(window), m_takingBack(new QTimer(this)) {
    m_takingBack->setSingleShot(true);
    connect(m_takingBack, &QTimer::timeout, this, &HandingOut::takeBack);
}

HandingOut::~HandingOut() {
    for (const QPointer<PinnedPicture>& one : m_pinned) delete one.data();
}

// All that is open is covered, and whatever cannot be known is refused.
Result<ToCheck> HandingOut::toMake(int id) const {
    const Capture* capture = m_case.capture(id);
    if (!capture) return Error{Error::Kind::Missing, Tr::tr("This capture is in the case no more.")};
    if (capture->reading != Capture::Reading::Done || !capture->page)
        return Error{Error::Kind::BadInput, Tr::tr("This capture has not been read; what it shows is not known.")};
    const auto& all = m_case.captures();
    const auto index =
        std::find_if(all.cbegin(), all.cend(), [&](const Capture& c) { return c.id == id; }) - all.cbegin();
    ToCheck one{id, m_flow.nameOf(index), capture->picture, m_case.decided(*capture)};
    for (Item& item : one.decided.items)
        if (item.decision == Decision::Open) item.decision = Decision::Cover;
    return one;
}

void HandingOut::make(const QList<int>& captures, const Answer& answer) {
    if (lacksSecondLook(m_case.state()))
        return answer(
            Error{Error::Kind::BadInput, Tr::tr("A second officer has not agreed to this case as it stands.")});
    std::vector<ToCheck> wanted;
    for (const int id : captures) {
        auto one = toMake(id);
        if (!one) return answer(one.error());
        wanted.push_back(std::move(*one));
    }
    ReleaseForm form; // a PNG: every program takes it
    form.names = m_flow.nameTemplate();
    m_worker.make(std::move(wanted), form, [=, this](Result<std::vector<CheckedPicture>> made) {
        if (!made) return answer(made.error());
        for (CheckedPicture& picture : *made) {
            std::erase_if(picture.leaks,
                          [&](const Leak& leak) { return !m_case.passedBecause(picture.capture, leak).isEmpty(); });
            if (picture.leaks.empty()) continue;
            return answer(
                Error{Error::Kind::BadInput, sentence(Tr::tr("It was not handed out: %1 Check the case to see where."),
                                                      picture.leaks.front().sentence)});
        }
        answer(std::move(made));
    });
}

void HandingOut::copy(int capture, As as) {
    make({capture}, [=, this](Result<std::vector<CheckedPicture>> made) {
        if (!made) return emit trouble(made.error().sentence);
        if (as != As::Words) note(*made, Tr::tr("clipboard"));
        const CheckedPicture& picture = made->front();
        const QString copied = Tr::tr("The sanitised picture is copied.");
        switch (as) {
        case As::Picture:
            return offerPictures(*made, {}, copied);
        case As::File:
            return asFiles(*made, [=, this](const Result<QStringList>& paths) {
                if (!paths) return emit trouble(paths.error().sentence);
                auto* held = new QMimeData;
                held->setUrls({QUrl::fromLocalFile(paths->first())});
                offer(held, copied);
            });
        case As::Markdown:
            return offerText(
                sentence(QStringLiteral("![%1](%2)"), alternative(), QString::fromLatin1(inlineAddress(picture))),
                copied);
        case As::Words:
            return offerText(picture.words ? pageText(*picture.words) : QString(),
                             Tr::tr("The words that are still to be read are copied."));
        }
    });
}

void HandingOut::copyChecked(const std::vector<CheckedPicture>& pictures, const QStringList& paths) {
    if (!pictures.empty()) offerPictures(pictures, paths, Tr::tr("What was released is copied."));
}

void HandingOut::offerText(const QString& text, const QString& what) {
    auto* held = new QMimeData;
    held->setText(text);
    offer(held, what);
}

// A picture by itself is one for every program; several are a page, and files where they stand somewhere.
void HandingOut::offerPictures(std::vector<CheckedPicture> pictures, const QStringList& paths, const QString& what) {
    auto html = std::make_shared<QByteArray>();
    decoded(
        std::move(pictures),
        [=, this](const std::vector<QImage>& images) {
            auto* held = new QMimeData;
            if (images.size() == 1) held->setImageData(images.front());
            held->setHtml(QString::fromLatin1(*html));
            QList<QUrl> urls;
            for (const QString& path : paths) urls << QUrl::fromLocalFile(path);
            if (!urls.isEmpty()) held->setUrls(urls);
            offer(held, what);
        },
        [html](CheckedPicture picture, const QImage& image) {
            if (const auto png = encodePicture(image, {})) picture.artifact.bytes = *png; // every program knows a PNG
            *html += asHtml(picture);
        });
}

void HandingOut::decoded(std::vector<CheckedPicture> pictures, std::function<void(const std::vector<QImage>&)> done,
                         std::function<void(CheckedPicture, const QImage&)> each) {
    auto images = std::make_shared<std::vector<QImage>>();
    m_worker.run(
        Tr::tr("Handing out"),
        [=, pictures = std::move(pictures)](Progress&) {
            for (const CheckedPicture& picture : pictures) {
                images->push_back(QImage::fromData(picture.artifact.bytes));
                if (each) each(picture, images->back());
            }
        },
        [=] { done(*images); });
}

void HandingOut::offer(QMimeData* held, const QString& what) {
    held->setData(ownMark, "1");
    QGuiApplication::clipboard()->setMimeData(held);
    const int seconds = settings::clipboardSeconds();
    m_takingBack->stop();
    if (seconds > 0) m_takingBack->start(seconds * 1000);
    emit told(seconds > 0
                  ? what + u' ' + Tr::tr("It is taken back from the clipboard in %n second(s).", nullptr, seconds)
                  : what);
}

void HandingOut::takeBack() {
    m_takingBack->stop();
    QClipboard* clipboard = QGuiApplication::clipboard();
    if (clipboard->ownsClipboard() && clipboard->mimeData()->hasFormat(ownMark)) clipboard->clear();
}

void HandingOut::asFiles(const std::vector<CheckedPicture>& pictures,
                         std::function<void(const Result<QStringList>&)> done) {
    if (!m_files) m_files = std::make_unique<QTemporaryDir>();
    QStringList paths;
    for (const CheckedPicture& picture : pictures) paths << m_files->filePath(picture.artifact.fileName);
    auto written = std::make_shared<Result<Done>>(Done{});
    m_worker.run(
        Tr::tr("Handing out"),
        [=](Progress&) {
            for (size_t i = 0; i < pictures.size() && *written; ++i)
                *written = writeFileWhole(paths[qsizetype(i)], pictures[i].artifact.bytes, true);
        },
        [=] { done(*written ? Result<QStringList>(paths) : Result<QStringList>(written->error())); });
}

void HandingOut::pin(int capture) {
    make({capture}, [this](Result<std::vector<CheckedPicture>> made) {
        if (!made) return emit trouble(made.error().sentence);
        note(*made, Tr::tr("screen"));
        pinChecked(*made);
    });
}

void HandingOut::pinChecked(const std::vector<CheckedPicture>& pictures) {
    decoded(pictures, [this](const std::vector<QImage>& images) {
        m_pinned.removeIf([](const QPointer<PinnedPicture>& one) { return !one; });
        for (const QImage& image : images) {
            auto* one = new PinnedPicture(image, m_theme);
            one->setAttribute(Qt::WA_DeleteOnClose);
            one->showOn(m_window, int(m_pinned.size()));
            m_pinned << one;
        }
    });
}

void HandingOut::printChecked(const std::vector<CheckedPicture>& pictures, const QString& title) {
    const QList<ReleasedFile> files = filesOf(pictures);
    decoded(pictures, [=, this](const std::vector<QImage>& images) {
        std::vector<PaperPicture> onPaper;
        for (size_t i = 0; i < images.size(); ++i) onPaper.push_back({images[i], files[qsizetype(i)].name});
        auto* view = new PaperView(std::move(onPaper), title, m_theme, &m_window);
        view->setAttribute(Qt::WA_DeleteOnClose);
        connect(view, &PaperView::printed, this, [this, files](const QString& printer) {
            m_case.noteRelease(releaseNote(files, {Tr::tr("paper"), {printer, {}, {}}}, m_case.officer(),
                                           QDateTime::currentDateTimeUtc()));
            emit told(sentence(Tr::tr("Sent to the printer %1."), printer));
        });
        view->open();
    });
}

QMimeData* HandingOut::toDrag(const QList<int>& captures) {
    return new ComingFiles([this, captures] {
        struct Made {
            QStringList paths;
            bool done = false;
            QEventLoop loop;
        };
        auto coming = std::make_shared<Made>();
        const auto end = [=, this](const Result<QStringList>& paths) {
            if (paths)
                coming->paths = *paths;
            else
                emit trouble(paths.error().sentence);
            coming->done = true;
            coming->loop.quit();
        };
        make(captures, [=, this](Result<std::vector<CheckedPicture>> made) {
            if (!made) return end(made.error());
            asFiles(*made, [=, this](const Result<QStringList>& paths) {
                if (paths) note(*made, Tr::tr("drag"));
                end(paths);
            });
        });
        if (!coming->done) coming->loop.exec(QEventLoop::ExcludeUserInputEvents);
        return coming->paths;
    });
}

void HandingOut::note(const std::vector<CheckedPicture>& pictures, const QString& way) {
    m_case.noteRelease(releaseNote(filesOf(pictures), {way, {}}, m_case.officer(), QDateTime::currentDateTimeUtc()));
}

} // namespace eyelid
