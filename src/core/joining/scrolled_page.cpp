#include "joining/scrolled_page.h"

#include "base/sentence.h"

#include <algorithm>
#include <cstring>
#include <map>
#include <opencv2/core.hpp>

namespace eyelid {
namespace {

constexpr int longest = 32000; // as long as a picture may be (PictureLimits)
constexpr int scrollBarPixels = 32;
constexpr int surelyBefore = 2; // times as many cells agree as do not; lines that begin alike agree by half

QImage transposed(const QImage& picture) {
    QImage out(picture.height(), picture.width(), QImage::Format_RGB32);
    if (out.isNull()) return out;
    const cv::Mat from(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                       size_t(picture.bytesPerLine()));
    cv::Mat to(out.height(), out.width(), CV_8UC4, out.bits(), size_t(out.bytesPerLine()));
    cv::transpose(from, to);
    return out;
}

const QRgb* row(const QImage& picture, int y) {
    return reinterpret_cast<const QRgb*>(picture.constScanLine(y));
}

} // namespace

int ScrolledPage::start(size_t picture) const {
    int at = 0;
    for (size_t i = 0; i < picture; ++i) at += m_joins[i].offset;
    return at;
}

ScrolledPage::Step ScrolledPage::add(const QImage& picture, const OverlapHint& hint) {
    return add(picture, hint, false);
}

ScrolledPage::Step ScrolledPage::addInOrder(const QImage& picture) {
    return add(picture, {}, true);
}

ScrolledPage::Step ScrolledPage::add(const QImage& picture, const OverlapHint& hint, bool keepsAll) {
    const QImage rgb = picture.convertToFormat(QImage::Format_RGB32);
    const QImage upright = m_direction == ScrollDirection::Down ? rgb : transposed(rgb);
    CellGrid grid(upright);
    const auto keep = [&] {
        m_shown.push_back(rgb);
        m_pictures.push_back(upright);
        m_grids.push_back(std::move(grid));
    };
    if (m_pictures.empty()) {
        keep();
        return Step::First;
    }
    const Overlap overlap = findOverlap(m_grids.back(), grid, hint);
    if (overlap.kind == Overlap::Kind::NotMoved) {
        // What has loaded since is shown in the later one.
        if (upright.size() == m_pictures.back().size()) {
            m_shown.back() = rgb;
            m_pictures.back() = upright;
            m_grids.back() = std::move(grid);
        }
        return Step::NotMoved;
    }
    const OffsetScore& likeliest = overlap.candidates.front();
    if (!keepsAll && likeliest.offset <= 0 && likeliest.good > surelyBefore * likeliest.bad) return Step::Before;
    Join join;
    join.offset = likeliest.offset;
    join.sure = overlap.kind == Overlap::Kind::Sure;
    join.doubt = overlap.doubt;
    for (const OffsetScore& s : overlap.candidates)
        if (s.offset > 0) join.candidates.push_back(s.offset);
    if (join.offset <= 0) {
        // Scrolled back, or nothing like it: never laid over what is there already.
        join.sure = false;
        join.doubt = Tr::tr("The later picture seems to lie before the earlier one.");
        join.offset = join.candidates.empty() ? m_grids.back().rows() : join.candidates.front();
    }
    if (join.candidates.empty()) join.candidates.push_back(join.offset);
    if (start(m_pictures.size() - 1) + join.offset + grid.rows() > longest) return Step::TooMuch;
    m_joins.push_back(join);
    keep();
    m_joins.back().seam = seamOf(m_joins.size() - 1, join.offset);
    // Now it shows what has stood still since the picture before.
    if (m_joins.size() > 1)
        m_joins[m_joins.size() - 2].seam = seamOf(m_joins.size() - 2, m_joins[m_joins.size() - 2].offset);
    return join.sure ? Step::Moved : Step::Unsure;
}

ScrolledPage ScrolledPage::restored(ScrollDirection direction, const std::vector<QImage>& pictures,
                                    const std::vector<Join>& joins) {
    ScrolledPage page(direction);
    if (pictures.empty() || joins.size() + 1 != pictures.size()) return page;
    for (const QImage& picture : pictures) {
        if (picture.isNull()) return ScrolledPage(direction);
        page.m_shown.push_back(picture);
        page.m_pictures.push_back(direction == ScrollDirection::Down ? picture : transposed(picture));
        page.m_grids.emplace_back(page.m_pictures.back());
    }
    page.m_joins = joins;
    return page;
}

int ScrolledPage::seamOf(size_t join, int offset) const {
    const CellGrid &upper = m_grids[join], &lower = m_grids[join + 1];
    return findSeam(upper, lower, offset, findSides(upper, lower, offset), join > 0 ? &m_grids[join - 1] : nullptr,
                    join + 2 < m_grids.size() ? &m_grids[join + 2] : nullptr);
}

void ScrolledPage::removeLast() {
    if (m_pictures.empty()) return;
    m_shown.pop_back();
    m_pictures.pop_back();
    m_grids.pop_back();
    if (!m_joins.empty()) m_joins.pop_back();
    if (!m_joins.empty()) m_joins.back().seam = seamOf(m_joins.size() - 1, m_joins.back().offset);
}

int ScrolledPage::unsure() const {
    return int(std::count_if(m_joins.begin(), m_joins.end(), [](const Join& j) { return !j.sure; }));
}

void ScrolledPage::setOffset(size_t index, int offset) {
    Join& join = m_joins.at(index);
    join.offset = std::clamp(offset, 1, m_grids[index].rows());
    join.seam = seamOf(index, join.offset);
    join.sure = join.byHand = true;
}

int ScrolledPage::seamAt(size_t join) const {
    return start(join + 1) + m_joins.at(join).seam;
}

QImage ScrolledPage::seamView(size_t join, int offset, int reach) const {
    const QImage &upper = m_pictures.at(join), &lower = m_pictures.at(join + 1);
    offset = std::clamp(offset, 1, upper.height());
    const int seam = seamOf(join, offset);
    const int above = std::min(reach, offset + seam), below = std::min(reach, lower.height() - seam);
    QImage view(std::max(upper.width(), lower.width()), above + below, QImage::Format_RGB32);
    if (view.isNull()) return {};
    view.fill(Qt::white);
    for (int i = 0; i < above; ++i)
        std::memcpy(view.scanLine(i), upper.constScanLine(std::min(upper.height() - 1, offset + seam - above + i)),
                    size_t(upper.width()) * 4);
    for (int i = 0; i < below; ++i)
        std::memcpy(view.scanLine(above + i), lower.constScanLine(seam + i), size_t(lower.width()) * 4);
    return m_direction == ScrollDirection::Down ? view : transposed(view);
}

void ScrolledPage::findSidePixels(int& left, int& right) const {
    left = right = 0;
    const int width = m_pictures.front().width();
    size_t used = 0;
    std::map<int, int> lefts, bars;
    std::vector<int> sides;
    for (size_t i = 0; i < m_joins.size(); ++i) {
        if (m_pictures[i].width() != width || m_pictures[i + 1].width() != width) return;
        const SideCells cells = findSides(m_grids[i], m_grids[i + 1], m_joins[i].offset);
        ++used;
        ++lefts[cells.left];
        // To the pixel: the innermost column of the side that does not agree where the rest does.
        const int inner = std::max(0, width - cells.right * CellGrid::cellWidth);
        int innermost = width;
        const QImage &upper = m_pictures[i], &lower = m_pictures[i + 1];
        const int from = m_joins[i].offset + m_joins[i].seam,
                  to = std::min(upper.height(), m_joins[i].offset + lower.height());
        for (int y = from; y < to && cells.right > 0; ++y) {
            const QRgb *a = row(upper, y), *b = row(lower, y - m_joins[i].offset);
            if (std::memcmp(a, b, size_t(inner) * 4) != 0) continue; // a footer, or something that changes
            for (int x = inner; x < innermost; ++x)
                if (((a[x] ^ b[x]) & 0xffffff) != 0) innermost = x;
        }
        if (innermost < width) sides.push_back(innermost);
    }
    // What most of the pairs say; one pair may be fooled by an animation at the edge.
    for (const auto& [cells, count] : lefts)
        if (cells > 0 && size_t(count) * 2 > used) left = cells * CellGrid::cellWidth;
    if (sides.size() * 2 > used) {
        std::sort(sides.begin(), sides.end());
        // The innermost edge any of them saw of a narrow bar; of a wide side, the middle one.
        const int narrowest = sides.front();
        right = width - (width - narrowest <= scrollBarPixels ? narrowest : sides[sides.size() / 2]);
    }
}

QImage ScrolledPage::compose() const {
    if (m_pictures.empty()) return {};
    int width = 0, end = 0;
    for (size_t i = 0; i < m_pictures.size(); ++i) {
        width = std::max(width, m_pictures[i].width());
        end = std::max(end, start(i) + lengthOf(i));
    }
    QImage page(width, end, QImage::Format_RGB32);
    if (page.isNull()) return {};
    page.fill(Qt::white);
    const auto paste = [&](const QImage& from, int y0, int y1, int at, int x0, int x1) {
        for (int y = y0; y < y1; ++y)
            std::memcpy(page.scanLine(at + y) + size_t(x0) * 4, from.constScanLine(y) + size_t(x0) * 4,
                        size_t(x1 - x0) * 4);
    };
    for (size_t i = 0; i < m_pictures.size(); ++i) {
        const int from = i == 0 ? 0 : m_joins[i - 1].seam;
        paste(m_pictures[i], from, lengthOf(i), start(i), 0, m_pictures[i].width());
    }
    if (m_joins.empty()) return m_direction == ScrollDirection::Down ? page : transposed(page);
    int left = 0, right = 0;
    findSidePixels(left, right);
    if (left + right > 0) {
        // What stands at the sides is shown once, at the top; below it, its own ground. A footer over the whole width
        // stays as the last picture has it.
        const QImage &first = m_pictures.front(), &last = m_pictures.back();
        const QImage& before = m_pictures[m_pictures.size() - 2];
        int footer = 0;
        while (footer < std::min(last.height(), before.height()) / 2 &&
               std::memcmp(last.constScanLine(last.height() - 1 - footer),
                           before.constScanLine(before.height() - 1 - footer), size_t(last.width()) * 4) == 0)
            ++footer;
        const auto side = [&](int x0, int x1) {
            for (int y = 0; y < page.height() - footer; ++y) {
                const int from = std::min(y, first.height() - 1 - std::min(footer, first.height() - 1));
                auto* out = reinterpret_cast<QRgb*>(page.scanLine(y));
                const QRgb* in = row(first, from);
                if (y == from)
                    std::copy(in + x0, in + x1, out + x0);
                else
                    std::fill(out + x0, out + x1, in[x0 == 0 ? 0 : x1 - 1]);
            }
        };
        if (left > 0) side(0, left);
        if (right > 0) side(width - right, width);
    }
    return m_direction == ScrollDirection::Down ? page : transposed(page);
}

Result<ScrolledPage> joinPictures(const std::vector<QImage>& pictures, ScrollDirection direction) {
    if (pictures.size() < 2)
        return Error{Error::Kind::BadInput, Tr::tr("Joining needs at least two pictures that overlap.")};
    const bool down = direction == ScrollDirection::Down;
    const int across = down ? pictures.front().width() : pictures.front().height();
    ScrolledPage page(direction);
    for (size_t i = 0; i < pictures.size(); ++i) {
        if (const int here = down ? pictures[i].width() : pictures[i].height(); here != across)
            return Error{
                Error::Kind::BadInput,
                sentence(Tr::tr("Picture %1 is %2 pixels %3, the first is %4; pictures to be joined are of one %5."),
                         i + 1, here, down ? QStringLiteral("wide") : QStringLiteral("high"), across,
                         down ? QStringLiteral("width") : QStringLiteral("height"))};
        if (page.addInOrder(pictures[i]) == ScrolledPage::Step::TooMuch)
            return Error{
                Error::Kind::BadInput,
                Tr::tr("Joined, the pictures would be longer than %1 pixels; join fewer at a time.").arg(longest)};
    }
    return page;
}

} // namespace eyelid
