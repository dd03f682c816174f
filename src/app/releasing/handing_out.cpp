#include "app/releasing/handing_out.h"

#include "app/releasing/pinned_picture.h"
#include "app/releasing/release_flow.h"
#include "app/window/settings.h"
#include "base/files.h"
#include "base/sentence.h"
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

// A file that is made when whoever it is dropped on asks for it.
class ComingFile final : public QMimeData {
public:
    using Make = std::function<QString()>; ///< its path, once it is made and checked; empty: it may not leave
    explicit ComingFile(Make make) : m_make(std::move(make)) {}
    bool hasFormat(const QString& type) const override { return formats().contains(type); }
    QStringList formats() const override { return QMimeData::formats() << QStringLiteral("text/uri-list"); }

protected:
    QVariant retrieveData(const QString& type, QMetaType wanted) const override {
        if (type != QStringLiteral("text/uri-list")) return QMimeData::retrieveData(type, wanted);
        if (!m_path) m_path = m_make();
        if (m_path->isEmpty()) return {};
        return QVariantList{QUrl::fromLocalFile(*m_path)};
    }

private:
    Make m_make;
    mutable std::optional<QString> m_path;
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
void HandingOut::make(int id, const Answer& answer) {
    const Capture* capture = m_case.capture(id);
    if (!capture) return;
    if (capture->reading != Capture::Reading::Done || !capture->page)
        return answer(
            Error{Error::Kind::BadInput, Tr::tr("This capture has not been read; what it shows is not known.")});
    const auto& all = m_case.captures();
    const auto index =
        std::find_if(all.cbegin(), all.cend(), [&](const Capture& c) { return c.id == id; }) - all.cbegin();
    ToCheck one{id, m_flow.nameOf(index), capture->picture, m_case.decided(*capture)};
    for (Item& item : one.decided.items)
        if (item.decision == Decision::Open) item.decision = Decision::Cover;
    ReleaseForm form; // a PNG: every program takes it
    form.names = m_flow.nameTemplate();
    m_worker.make({std::move(one)}, form, [=, this](Result<std::vector<CheckedPicture>> made) {
        if (!made) return answer(made.error());
        CheckedPicture& picture = made->front();
        std::erase_if(picture.leaks, [&](const Leak& leak) { return !m_case.passedBecause(id, leak).isEmpty(); });
        if (picture.leaks.empty()) return answer(std::move(picture));
        answer(Error{Error::Kind::BadInput, sentence(Tr::tr("It was not handed out: %1 Check the case to see where."),
                                                     picture.leaks.front().sentence)});
    });
}

void HandingOut::copy(int capture, As as) {
    make(capture, [=, this](Result<CheckedPicture> made) {
        if (!made) return emit trouble(made.error().sentence);
        auto* held = new QMimeData;
        switch (as) {
        case As::Picture:
            held->setImageData(QImage::fromData(made->artifact.bytes, "PNG"));
            held->setHtml(QString::fromLatin1(asHtml(*made)));
            break;
        case As::File: {
            const auto path = asFile(*made);
            if (!path) {
                delete held;
                return emit trouble(path.error().sentence);
            }
            held->setUrls({QUrl::fromLocalFile(*path)});
            break;
        }
        case As::Markdown:
            held->setText(
                sentence(QStringLiteral("![%1](%2)"), alternative(), QString::fromLatin1(inlineAddress(*made))));
            break;
        case As::Words:
            held->setText(made->words ? pageText(*made->words) : QString());
            break;
        }
        if (as != As::Words) note(*made, Tr::tr("clipboard"));
        offer(held, as == As::Words ? Tr::tr("The words that are still to be read are copied.")
                                    : Tr::tr("The sanitised picture is copied."));
    });
}

void HandingOut::copyChecked(const std::vector<CheckedPicture>& pictures, const QStringList& paths) {
    if (pictures.empty()) return;
    auto* held = new QMimeData;
    QString html;
    for (const CheckedPicture& picture : pictures) {
        const QImage image = QImage::fromData(picture.artifact.bytes);
        if (pictures.size() == 1) held->setImageData(image);
        CheckedPicture plain = picture; // every program knows a PNG
        if (const auto png = encodePicture(image, {})) plain.artifact.bytes = *png;
        html += QString::fromLatin1(asHtml(plain));
    }
    held->setHtml(html);
    QList<QUrl> urls;
    for (const QString& path : paths) urls << QUrl::fromLocalFile(path);
    if (!urls.isEmpty()) held->setUrls(urls);
    offer(held, Tr::tr("What was released is copied."));
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

Result<QString> HandingOut::asFile(const CheckedPicture& picture) {
    if (!m_files) m_files = std::make_unique<QTemporaryDir>();
    const QString path = m_files->filePath(picture.artifact.fileName);
    if (auto written = writeFileWhole(path, picture.artifact.bytes, true); !written) return written.error();
    return path;
}

void HandingOut::pin(int capture) {
    make(capture, [this](Result<CheckedPicture> made) {
        if (!made) return emit trouble(made.error().sentence);
        pinChecked({*made});
    });
}

void HandingOut::pinChecked(const std::vector<CheckedPicture>& pictures) {
    m_pinned.removeIf([](const QPointer<PinnedPicture>& one) { return !one; });
    for (const CheckedPicture& picture : pictures) {
        auto* one = new PinnedPicture(QImage::fromData(picture.artifact.bytes), m_theme);
        one->setAttribute(Qt::WA_DeleteOnClose);
        one->showOn(m_window, int(m_pinned.size()));
        m_pinned << one;
    }
}

QMimeData* HandingOut::toDrag(int capture) {
    return new ComingFile([this, capture] {
        struct Made {
            QString path;
            bool done = false;
            QEventLoop loop;
        };
        auto coming = std::make_shared<Made>();
        make(capture, [=, this](Result<CheckedPicture> made) {
            const auto path = made ? asFile(*made) : Result<QString>(made.error());
            if (path) {
                coming->path = *path;
                note(*made, Tr::tr("drag"));
            } else {
                emit trouble(path.error().sentence);
            }
            coming->done = true;
            coming->loop.quit();
        });
        if (!coming->done) coming->loop.exec(QEventLoop::ExcludeUserInputEvents);
        return coming->path;
    });
}

void HandingOut::note(const CheckedPicture& picture, const QString& way) {
    m_case.noteRelease({QDateTime::currentDateTimeUtc(),
                        m_case.officer(),
                        way,
                        {},
                        {},
                        {{picture.artifact.fileName, picture.sha256}}});
}

} // namespace eyelid
