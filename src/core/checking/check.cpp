#include "checking/check.h"

#include "base/sentence.h"
#include "checking/in_file.h"
#include "checking/uncovered_page.h"
#include "picture/container.h"
#include "picture/geometry.h"
#include "picture/own_picture.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

// What was read lies where something was kept, as far as two readings of one place agree.
constexpr double keptShare = 0.9;

// The capture as one would know it who never saw what its covers hide.
QImage blindCopy(const QImage& capture, const std::vector<Cover>& covers) {
    QImage blind = ownCopy(flattened(capture));
    for (const QRect& r : hiddenBy(covers) & blind.rect())
        for (int y = r.top(); y <= r.bottom(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(blind.scanLine(y));
            std::fill(line + r.left(), line + r.right() + 1, qRgb(0, 0, 0));
        }
    return blind;
}

bool differWithin(const QImage& one, const QImage& other, const QRect& r) {
    const QRgb counts = one.hasAlphaChannel() ? 0xffffffff : 0xffffff;
    for (int y = r.top(); y <= r.bottom(); ++y) {
        const auto* a = reinterpret_cast<const QRgb*>(one.constScanLine(y));
        const auto* b = reinterpret_cast<const QRgb*>(other.constScanLine(y));
        for (int x = r.left(); x <= r.right(); ++x)
            if ((a[x] ^ b[x]) & counts) return true;
    }
    return false;
}

// By the rule of no influence the file must show, to the pixel, what comes of a capture whose hidden places are blank.
// That is stricter than looking for likeness, and has no threshold to get wrong. What a lossy format makes of it is
// known as well: the same encoding of the same picture.
struct Expected {
    QImage picture;
    QByteArray bytes; ///< of the whole file; empty where many files show the same
};

Result<Expected> expectedOf(const CheckRequest& request, const InFile& inFile) {
    const QImage blind = blindCopy(*request.capture, request.covers);
    if (request.transparent) return Expected{renderTransparent(blind, inFile.edits()), {}};
    QImage picture = render(blind, inFile.edits());
    if (isLossless(request.encoding)) return Expected{std::move(picture), {}};
    auto bytes = encodePicture(picture, request.encoding);
    if (!bytes) return bytes.error();
    auto shown = decodePicture(*bytes, Tr::tr("The file"));
    if (!shown) return shown.error();
    return Expected{std::move(*shown), std::move(*bytes)};
}

void comparePixels(const QImage& file, const Expected& expected, const CheckRequest& request, const InFile& inFile,
                   std::vector<Leak>& leaks) {
    bool underCovers = false;
    const QImage& picture = expected.picture;
    for (const Cover& cover : request.covers) {
        const QRegion region = inFile.geometry().mapped(cover.region) & picture.rect();
        if (std::none_of(region.begin(), region.end(), [&](const QRect& r) { return differWithin(file, picture, r); }))
            continue;
        underCovers = true;
        leaks.push_back({Leak::Sort::Cover,
                         QRectF(cover.bounds()),
                         Tr::tr("A cover does not look as one that knows nothing of what it hides: something "
                                "shows through it or lies on it."),
                         {}});
    }
    if (!underCovers && differWithin(file, picture, picture.rect()))
        leaks.push_back({Leak::Sort::Structure, {}, Tr::tr("The picture is not what was to be written."), {}});
}

// The covers together must take in all of what each covered finding shows.
void compareSizes(const CheckRequest& request, std::vector<Leak>& leaks) {
    const QRegion hidden = hiddenBy(request.covers);
    for (const Item& item : request.decided.items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRectF& box : item.finding.boxes)
            if (!QRegion(grownOutwards(box, 0) & request.capture->rect()).subtracted(hidden).isEmpty())
                leaks.push_back({Leak::Sort::Cover, box, Tr::tr("A cover is smaller than what it should hide."), {}});
    }
    for (const HandCover& hand : request.decided.hands)
        if (const QRegion region = hand.shape.region(request.capture->size()); !region.subtracted(hidden).isEmpty())
            leaks.push_back({Leak::Sort::Cover,
                             region.boundingRect(),
                             Tr::tr("A cover drawn by hand is smaller than it was drawn."),
                             {}});
}

// The file, its picture and its covers beside what was asked for. An error where that cannot be made.
Result<Done> compareWithCapture(const QByteArray& bytes, const QImage& file, const CheckRequest& request,
                                const InFile& inFile, std::vector<Leak>& leaks) {
    const auto expected = expectedOf(request, inFile);
    if (!expected) return expected.error();
    const size_t before = leaks.size();
    comparePixels(file, *expected, request, inFile, leaks);
    if (leaks.size() == before && !expected->bytes.isEmpty() && bytes != expected->bytes)
        leaks.push_back({Leak::Sort::Structure, {}, Tr::tr("The file is not what was to be written."), {}});
    compareSizes(request, leaks);
    return Done{};
}

// Whether a file may be transparent: one that was made to be, and one of unknown origin in a format that gives back
// what lies under what is transparent, so that it can be searched.
bool mayBeTransparent(const CheckRequest& request, PictureFormat format) {
    if (request.capture) return request.transparent;
    return format == PictureFormat::Png || format == PictureFormat::WebP;
}

void inspectFile(const Container& container, const QByteArray& bytes, const CheckRequest& request,
                 std::vector<Leak>& leaks) {
    if (container.complete && container.format != PictureFormat::Unknown && container.end < bytes.size())
        leaks.push_back({Leak::Sort::Extra,
                         {},
                         sentence(Tr::tr("%1 bytes follow the end of the picture."), bytes.size() - container.end),
                         {}});
    for (const QString& what : container.besides)
        leaks.push_back(
            {Leak::Sort::Extra, {}, sentence(Tr::tr("The file carries more than the picture: %1."), what), {}});
    if (container.transparency && !mayBeTransparent(request, container.format))
        leaks.push_back({Leak::Sort::Transparency,
                         {},
                         Tr::tr("The picture is not opaque; colour may lie under what is transparent."),
                         {}});
}

// One frame's search: what can be read on it that is neither covered nor kept.
class Search {
public:
    Search(const CheckRequest& request, const InFile& inFile, const Finder& finder, std::vector<Leak>& leaks)
        : m_request(request), m_inFile(inFile), m_finder(finder), m_leaks(leaks) {}

    /// `page`: of so many of the file, 0 where it has but one.
    void search(const Page& read, int page, bool stretched) {
        const auto placed = [&](const QString& what) {
            return page ? sentence(Tr::tr("On page %1: %2"), page, what) : what;
        };
        static const WatchList none;
        for (const Finding& f : m_finder.find(read, *m_request.policy, m_request.watch ? *m_request.watch : none))
            add(Leak::Sort::Found, f,
                placed(stretched ? sentence(Tr::tr("%1 can be read when the contrast is stretched: it %2."),
                                            kindTitle(f.kind), f.reason)
                                 : sentenceFor(f)));
        for (const Finding& f : m_finder.readable(read, m_request.coveredValues))
            add(Leak::Sort::CoveredValue, f,
                placed(sentence(
                    stretched ? Tr::tr("%1 that is covered elsewhere in the case can be read here when the contrast "
                                       "is stretched.")
                              : Tr::tr("%1 that is covered elsewhere in the case can be read here."),
                    f.kind == Kind::Watch ? Tr::tr("Something") : kindTitle(f.kind))));
    }

    // What nobody has decided about yet is known to be there, whether or not it is found again.
    void addOpen(const QRect& frame) {
        for (const Item& item : m_inFile.items()) {
            const Finding& f = item.finding;
            const bool shown = std::any_of(f.boxes.begin(), f.boxes.end(), [&](const QRectF& box) {
                return !QRegion(grownOutwards(box, 0) & frame).subtracted(m_inFile.hidden()).isEmpty();
            });
            if (item.decision == Decision::Open && shown) add(Leak::Sort::Found, f, sentenceFor(f));
        }
    }

private:
    static QString sentenceFor(const Finding& f) {
        const bool seen = f.kind == Kind::Face || f.kind == Kind::Illegible; // and not read
        return sentence(seen ? Tr::tr("%1 can be seen: it %2.") : Tr::tr("%1 can be read: it %2."), kindTitle(f.kind),
                        f.reason);
    }
    void add(Leak::Sort sort, const Finding& inFile, const QString& sentence) {
        if (kept(inFile)) return;
        const Finding f = m_inFile.onCapture(inFile);
        if (!reported(f)) m_leaks.push_back({sort, f.boxes.front(), sentence, f});
    }
    bool kept(const Finding& f) const {
        std::vector<QRect> places;
        for (const Item& item : m_inFile.items()) {
            if (item.decision != Decision::Keep) continue;
            if (sameValue(item.finding, f)) return true;
            for (const QRectF& box : item.finding.boxes)
                places.push_back(grownOutwards(box, 0.35 * item.finding.textHeight));
        }
        return std::all_of(f.boxes.begin(), f.boxes.end(),
                           [&](const QRectF& box) { return shareUnder(box, places) >= keptShare; });
    }
    // Read twice, a value stands at two places that are nearly the same.
    bool reported(const Finding& f) const {
        return std::all_of(f.boxes.begin(), f.boxes.end(), [&](const QRectF& box) {
            return std::any_of(m_leaks.begin(), m_leaks.end(), [&](const Leak& leak) {
                const double enough = sameValue(leak.finding, f) ? 0.5 : keptShare;
                const auto& places = leak.finding.boxes;
                return std::any_of(places.begin(), places.end(),
                                   [&](const QRectF& place) { return shareWithin(box, place) > enough; });
            });
        });
    }
    const CheckRequest& m_request;
    const InFile& m_inFile;
    const Finder& m_finder;
    std::vector<Leak>& m_leaks;
};

// A code that was drawn to be read must say what it should.
void readBackCodes(const Page& page, const InFile& inFile, std::vector<Leak>& leaks) {
    for (const Mark& mark : inFile.edits().marks) {
        if (mark.kind != MarkKind::Code) continue;
        const bool read = std::any_of(page.codes.begin(), page.codes.end(),
                                      [&](const Code& code) { return code.content == mark.text; });
        if (!read)
            leaks.push_back({Leak::Sort::Structure,
                             boundsOf(mark),
                             Tr::tr("A code that was drawn cannot be read back as its text: make it larger, or its "
                                    "text shorter."),
                             {}});
    }
}

// Reading is done twice over: as it is, and once more for what is too faint for a first look.
Result<Done> searchFrame(const QImage& picture, int number, const CheckRequest& request, const InFile& inFile,
                         Reader& reader, const Finder& finder, CheckReport& report, Progress& progress) {
    std::vector<Leak>& leaks = report.leaks;
    Search search(request, inFile, finder, leaks);
    for (const bool faint : {false, true}) {
        auto page = reader.read(picture, {.languages = request.languages, .faint = faint}, progress);
        if (!page) return page.error();
        progress.setDoing(Tr::tr("Searching what was read"));
        if (!faint) readBackCodes(*page, inFile, leaks);
        takeOutCovered(*page, rectsOf(inFile.hidden()));
        if (!faint && request.capture) report.words = std::make_shared<const Page>(*page);
        putBlocks(*page, inFile.items());
        search.search(*page, number, faint);
    }
    if (request.capture) search.addOpen(picture.rect());
    return Done{};
}

// What is transparent may be laid on anything. In a file of unknown origin what cannot be told from white is seen on
// black, and what is too faint on either by its colours alone. A file that is to the level what it was made as hides
// nothing there: its colours come of what stands beside the covers, and what is written on marks is searched as
// letters.
std::vector<QImage> asLaid(const QImage& picture, bool ofUnknownOrigin) {
    if (!picture.hasAlphaChannel()) return {picture};
    std::vector<QImage> all{laidOn(qRgb(255, 255, 255), picture)};
    if (!ofUnknownOrigin) return all;
    all.push_back(laidOn(qRgb(0, 0, 0), picture));
    all.push_back(picture.convertToFormat(QImage::Format_RGB32));
    return all;
}

bool hidesColour(const QImage& picture) {
    if (!picture.hasAlphaChannel()) return false;
    for (int y = 0; y < picture.height(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        if (std::any_of(line, line + picture.width(), [](QRgb p) { return qAlpha(p) == 0 && p != 0; })) return true;
    }
    return false;
}

} // namespace

namespace {

struct SortCode {
    Leak::Sort sort;
    const char* code;
};
constexpr SortCode sortCodes[] = {{Leak::Sort::Structure, "structure"},
                                  {Leak::Sort::Extra, "extra"},
                                  {Leak::Sort::Transparency, "transparency"},
                                  {Leak::Sort::Cover, "cover"},
                                  {Leak::Sort::Found, "found"},
                                  {Leak::Sort::CoveredValue, "covered-value"},
                                  {Leak::Sort::Name, "name"}};

} // namespace

QString leakCode(Leak::Sort sort) {
    for (const SortCode& entry : sortCodes)
        if (entry.sort == sort) return QLatin1String(entry.code);
    return {};
}

std::optional<Leak::Sort> leakSortFromCode(const QString& code) {
    for (const SortCode& entry : sortCodes)
        if (code == QLatin1String(entry.code)) return entry.sort;
    return std::nullopt;
}

std::vector<Leak> checkText(const QString& text, const QString& what, const CheckRequest& request,
                            const Finder& finder) {
    static const WatchList none;
    auto found = finder.readableInText(text, request.coveredValues);
    if (found.empty()) found = finder.findInText(text, *request.policy, request.watch ? *request.watch : none);
    for (const Finding& f : found) {
        const bool kept =
            std::any_of(request.decided.items.begin(), request.decided.items.end(), [&](const Item& item) {
                return item.decision == Decision::Keep && sameValue(item.finding, f);
            });
        if (kept) continue;
        return {{Leak::Sort::Name,
                 {},
                 sentence(Tr::tr("%1 holds something sensitive (%2)."), what,
                          f.kind == Kind::Watch ? Tr::tr("a covered or watched value") : kindTitle(f.kind)),
                 {}}};
    }
    return {};
}

Result<CheckReport> checkBytes(const QByteArray& bytes, const CheckRequest& request, Reader& reader,
                               const Finder& finder, Progress& progress) {
    CheckReport report;
    auto& leaks = report.leaks;
    if (!request.name.isEmpty()) leaks = checkText(request.name, Tr::tr("The name of the file"), request, finder);
    const Container container = inspectStrictly(bytes);
    inspectFile(container, bytes, request, leaks);
    const bool transparent = container.transparency && mayBeTransparent(request, container.format);
    const auto broken = [&](const QString& sentence) {
        leaks.push_back({Leak::Sort::Structure, {}, sentence, {}});
        return report;
    };
    // Under no name: what is said of the file goes into the log.
    auto frames = PictureFrames::open(bytes, Tr::tr("The file"));
    if (!frames) return broken(frames.error().sentence);
    if (request.capture && frames->count() != 1) return broken(Tr::tr("The file holds several pictures."));
    QImage last;
    const InFile inFile(request.decided, request.covers, request.capture ? request.capture->size() : QSize());
    for (int i = 0; i < frames->count(); ++i) {
        if (progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("The check was stopped.")};
        auto picture = transparent ? frames->nextTransparent() : frames->next();
        if (!picture) return broken(picture.error().sentence);
        if (i == 0) report.size = picture->size();
        if (request.capture && picture->size() != inFile.geometry().size)
            return broken(Tr::tr("The picture is not of the size it was written in."));
        if (request.capture) {
            if (auto compared = compareWithCapture(bytes, *picture, request, inFile, leaks); !compared)
                return compared.error();
        }
        // Many frames of a GIF are as the one before.
        if (*picture == last) continue;
        const int number = frames->count() > 1 ? i + 1 : 0;
        if (hidesColour(*picture))
            leaks.push_back({Leak::Sort::Transparency, {}, Tr::tr("Colour lies under what is transparent."), {}});
        for (const QImage& laid : asLaid(*picture, !request.capture))
            if (auto searched = searchFrame(laid, number, request, inFile, reader, finder, report, progress); !searched)
                return searched.error();
        if (frames->count() > 1) last = std::move(*picture);
    }
    return report;
}

} // namespace eyelid
