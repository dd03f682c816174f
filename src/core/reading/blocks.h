// Which lines of a page stand together (columns, cards, side bars, tables), and in which order all is read: white space
// is cut where it goes through, the clearest first. Nagy and Seth, Hierarchical representation of optically scanned
// documents, ICPR 1984; what is cut where is ours (block_limits in blocks.cpp).
#pragma once

#include "reading/page.h"

#include <vector>

namespace eyelid {

struct Block {
    enum class Form {
        Lines, ///< one under another
        Rows   ///< a table, or what stands side by side at one height: read row by row
    };
    Form form = Form::Lines;
    QRectF box;                               ///< device pixels
    std::vector<std::vector<int>> paragraphs; ///< indexes into Page::lines; lines parted by no more than their leading
};

/// In the order they are read; every line that has words is in one of them, once. Lines that are turned come last, in
/// the order one reads who turns the page.
std::vector<Block> blocksOf(const Page& page);

} // namespace eyelid
