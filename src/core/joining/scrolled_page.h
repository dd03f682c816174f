// A page put together from pictures taken while it was scrolled, or from pictures brought in.
//
// The pictures are kept as they are; joins say where each lies on the one before it. A join that is not sure says why
// and keeps the other places it could be; any can be put right by hand. Value type.
#pragma once

#include "base/result.h"
#include "joining/overlap.h"

#include <QImage>
#include <vector>

namespace eyelid {

enum class ScrollDirection { Down, Right };

struct Join {
    int offset = 0; ///< device pixels from the start of the earlier picture to the start of the later one
    int seam = 0;   ///< from this pixel of the later picture on it is shown instead of the earlier
    bool sure = true;
    bool byHand = false;
    QString doubt;               ///< why it is not sure, a sentence
    std::vector<int> candidates; ///< offsets, likeliest first

    bool operator==(const Join&) const = default;
};

class ScrolledPage {
public:
    explicit ScrolledPage(ScrollDirection direction = ScrollDirection::Down) : m_direction(direction) {}

    /// The page as it was: pictures() and joins() of before. Without pictures where their numbers do not fit.
    static ScrolledPage restored(ScrollDirection direction, const std::vector<QImage>& pictures,
                                 const std::vector<Join>& joins);

    enum class Step {
        First,
        Moved,    ///< joined, surely
        Unsure,   ///< joined at the likeliest place
        NotMoved, ///< shows the same place as the last one; taken in its stead
        Before,   ///< not taken: lies before the last one, or shows its place changed in part
        TooMuch   ///< not taken: the page would be larger than a picture may be
    };
    Step add(const QImage& picture, const OverlapHint& hint = {});
    /// As add, but what lies before the last picture is put behind it and said to be unsure: nothing brought in is
    /// lost.
    Step addInOrder(const QImage& picture);
    /// Takes the last picture off again.
    void removeLast();

    ScrollDirection direction() const { return m_direction; }
    const std::vector<QImage>& pictures() const { return m_shown; }
    const std::vector<Join>& joins() const { return m_joins; }
    int unsure() const;
    /// A join put by hand to another offset (clamped to the earlier picture), or approved as it is.
    void setOffset(size_t join, int offset);

    /// The whole page. What is fixed at its sides is shown once. Null without pictures.
    QImage compose() const;
    /// The page around a join's seam as it would be with another offset: `reach` pixels before and after the seam, the
    /// seam in the middle as far as there is page.
    QImage seamView(size_t join, int offset, int reach) const;
    /// Where the join's seam lies on the composed page, pixels from its start.
    int seamAt(size_t join) const;

private:
    Step add(const QImage& picture, const OverlapHint& hint, bool keepsAll);
    int start(size_t picture) const;
    int lengthOf(size_t picture) const { return m_grids[picture].rows(); }
    int seamOf(size_t join, int offset) const;
    void findSidePixels(int& left, int& right) const;

    ScrollDirection m_direction;
    std::vector<QImage> m_shown;    // as given
    std::vector<QImage> m_pictures; // with the scrolling direction downwards
    std::vector<CellGrid> m_grids;
    std::vector<Join> m_joins;
};

/// Joins pictures that overlap, in the order of the page. Errors: fewer than two, or of sizes that do not belong
/// together.
Result<ScrolledPage> joinPictures(const std::vector<QImage>& pictures, ScrollDirection direction);

} // namespace eyelid
