#include "checking/check.h"

#include "picture/container.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

// Takes the letters out of a word that lie under covers; it is what is left of it.
void uncover(Word& word, const std::vector<Cover>& covers) {
    const auto covered = [&](const QRectF& box) {
        double share = 0;
        for (const Cover& cover : covers) share += shareWithin(box, QRectF(cover.rect));
        return share > 0.6;
    };
    if (covered(word.box)) {
        word = Word{};
        return;
    }
    if (std::erase_if(word.glyphs, [&](const Glyph& glyph) { return covered(glyph.box); }) == 0) return;
    word.text.clear();
    word.alternatives.clear();
    word.box = {};
    for (const Glyph& glyph : word.glyphs) {
        word.text += glyph.text;
        word.box = word.box.united(glyph.box);
    }
}

// The line a cover belongs to: it stands within it, or directly before or after.
TextLine* lineOf(Page& page, const QRectF& box) {
    for (TextLine& line : page.lines) {
        const double reach = 1.5 * std::max(4.0, line.xHeight);
        if (verticalShare(line.box, box) >= 0.5 && box.left() < line.box.right() + reach &&
            box.right() > line.box.left() - reach)
            return &line;
    }
    return nullptr;
}

// What a reader makes of a cover's own look is not text; that nothing shows through is checked by the pixels. In place
// of what is covered a block stands on the page, so that a label still has its value and a column its cells: otherwise
// the neighbours of a cover would be taken for what it hides.
void withoutCovers(Page& page, const CheckRequest& request) {
    for (TextLine& line : page.lines) {
        for (Word& word : line.words) uncover(word, request.covers);
        std::erase_if(line.words, [](const Word& word) { return word.text.isEmpty(); });
        QRectF left;
        for (const Word& word : line.words) left = left.united(word.box);
        line.box = QRectF(left.left(), line.box.top(), left.width(), line.box.height());
    }
    std::erase_if(page.lines, [](const TextLine& line) { return line.words.empty(); });
    std::vector<TextLine> cells;
    for (const Item& item : request.items) {
        if (item.decision != Decision::Cover || item.finding.kind == Kind::Area) continue;
        for (const QRectF& box : item.finding.boxes) {
            const Word block{QString(coverBlock), box, 1, {}, {}};
            if (TextLine* line = lineOf(page, box)) {
                const auto after = std::find_if(line->words.begin(), line->words.end(),
                                                [&](const Word& word) { return word.box.left() > box.left(); });
                line->words.insert(after, block);
                continue;
            }
            TextLine line;
            line.words.push_back(block);
            line.box = box;
            line.baseline = box.bottom();
            line.xHeight = item.finding.textHeight;
            cells.push_back(std::move(line));
        }
    }
    page.lines.insert(page.lines.end(), std::make_move_iterator(cells.begin()), std::make_move_iterator(cells.end()));
    std::stable_sort(page.lines.begin(), page.lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
}

// The capture as one would know it who never saw what its covers hide.
QImage blindCopy(const QImage& capture, const std::vector<Cover>& covers) {
    QImage blind = flattened(capture);
    blind.detach();
    for (const Cover& cover : covers) {
        const QRect r = cover.rect.intersected(blind.rect());
        for (int y = r.top(); y <= r.bottom(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(blind.scanLine(y));
            std::fill(line + r.left(), line + r.right() + 1, qRgb(0, 0, 0));
        }
    }
    return blind;
}

void checkCovers(const QImage& file, const CheckRequest& request, std::vector<Leak>& leaks) {
    const QImage& capture = *request.capture;
    // By the rule of no influence the file must be, to the pixel, what comes of a capture whose hidden places are
    // blank. That is stricter than looking for likeness, and has no threshold to get wrong.
    const QImage expected = render(blindCopy(capture, request.covers), request.covers);
    const auto differs = [&](const QRect& r) {
        for (int y = r.top(); y <= r.bottom(); ++y) {
            const auto* a = reinterpret_cast<const QRgb*>(file.constScanLine(y));
            const auto* b = reinterpret_cast<const QRgb*>(expected.constScanLine(y));
            for (int x = r.left(); x <= r.right(); ++x)
                if ((a[x] ^ b[x]) & 0xffffff) return true;
        }
        return false;
    };
    bool underCovers = false;
    for (const Cover& cover : request.covers) {
        const QRect r = cover.rect.intersected(capture.rect());
        if (r.isEmpty() || !differs(r)) continue;
        underCovers = true;
        leaks.push_back({Leak::Sort::Cover,
                         r,
                         QStringLiteral("A cover does not look as one that knows nothing of what it hides: something "
                                        "shows through it or lies on it."),
                         {}});
    }
    if (!underCovers && differs(capture.rect()))
        leaks.push_back({Leak::Sort::Structure, {}, QStringLiteral("The picture is not what was to be written."), {}});
    // A cover must take in all of its glyphs.
    for (const Item& item : request.items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRectF& box : item.finding.boxes) {
            const QRect glyphs = grownOutwards(box, 0).intersected(capture.rect());
            int hidden = 0;
            cv::Mat mask = cv::Mat::zeros(std::max(1, glyphs.height()), std::max(1, glyphs.width()), CV_8U);
            for (const Cover& cover : request.covers) {
                const QRect part = cover.rect.intersected(glyphs).translated(-glyphs.topLeft());
                if (!part.isEmpty()) mask(cv::Rect(part.x(), part.y(), part.width(), part.height())) = 1;
            }
            hidden = cv::countNonZero(mask);
            if (hidden < glyphs.width() * glyphs.height()) {
                leaks.push_back(
                    {Leak::Sort::Cover, box, QStringLiteral("A cover is smaller than what it should hide.")});
            }
        }
    }
}

} // namespace

Result<CheckReport> checkBytes(const QByteArray& bytes, const QString& name, const CheckRequest& request,
                               Reader& reader, const Finder& finder, Progress& progress) {
    CheckReport report;
    auto& leaks = report.leaks;
    const Container container = inspectContainer(bytes);
    if (container.complete && container.format != PictureFormat::Unknown && container.end < bytes.size())
        leaks.push_back({Leak::Sort::Extra,
                         {},
                         QStringLiteral("%1 bytes follow the end of the picture.").arg(bytes.size() - container.end)});
    for (const QString& what : container.besides)
        leaks.push_back(
            {Leak::Sort::Extra, {}, QStringLiteral("The file carries more than the picture: %1.").arg(what)});
    if (container.transparency)
        leaks.push_back({Leak::Sort::Transparency,
                         {},
                         QStringLiteral("The picture is not opaque; colour may lie under what is transparent.")});
    auto picture = decodePicture(bytes, name);
    if (!picture) {
        leaks.push_back({Leak::Sort::Structure, {}, picture.error().sentence});
        return report;
    }
    report.size = picture->size();
    if (request.capture) {
        if (picture->size() != request.capture->size())
            leaks.push_back(
                {Leak::Sort::Structure, {}, QStringLiteral("The picture is not of the size it was written in.")});
        else
            checkCovers(*picture, request, leaks);
    }
    // Reading is done twice over: as it is, and once more for what is too faint for a first look.
    auto page = reader.read(*picture, {.languages = request.languages}, progress);
    if (!page) return page.error();
    auto faint = reader.read(*picture, {.languages = request.languages, .faint = true}, progress);
    if (!faint) return faint.error();
    withoutCovers(*page, request);
    withoutCovers(*faint, request);
    progress.setDoing(QStringLiteral("Searching what was read"));
    const WatchList none;
    const WatchList& watch = request.watch ? *request.watch : none;
    const auto settled = [&](const Finding& f) {
        return std::any_of(request.items.begin(), request.items.end(), [&](const Item& item) {
            if (item.decision != Decision::Keep) return false;
            if (!item.finding.key.isEmpty() && item.finding.key == f.key) return true;
            return std::all_of(f.boxes.begin(), f.boxes.end(), [&](const QRectF& box) {
                return std::any_of(item.finding.boxes.begin(), item.finding.boxes.end(),
                                   [&](const QRectF& kept) { return shareWithin(box, kept) > 0.5; });
            });
        });
    };
    const auto told = [&](const Finding& f) {
        return std::any_of(leaks.begin(), leaks.end(), [&](const Leak& leak) {
            return !leak.place.isNull() && shareWithin(f.boxes.front(), leak.place) > 0.5;
        });
    };
    const auto search = [&](const Page& read, const char* how) {
        const auto found = finder.find(read, *request.policy, watch);
        for (const Finding& f : found) {
            if (settled(f) || told(f)) continue;
            leaks.push_back(
                {Leak::Sort::Found, f.boxes.front(),
                 QStringLiteral("%1 can be read%2: it %3.").arg(kindTitle(f.kind), QLatin1String(how), f.reason), f});
        }
        for (const Finding& f : finder.carry(read, {}, request.coveredValues, *request.policy)) {
            if (settled(f) || told(f)) continue;
            leaks.push_back({Leak::Sort::CoveredValue, f.boxes.front(),
                             QStringLiteral("%1 that is covered elsewhere in the case can be read here%2.")
                                 .arg(kindTitle(f.kind), QLatin1String(how)),
                             f});
        }
    };
    search(*page, "");
    search(*faint, " when the contrast is stretched");
    report.page = std::move(*page);
    return report;
}

} // namespace eyelid
