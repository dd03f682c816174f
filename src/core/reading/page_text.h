// A page as text for people and other programs.
#pragma once

#include "reading/page.h"

namespace eyelid {

/// The lines in reading order, block after block (blocks.h); indexes into Page::lines.
std::vector<int> readingOrder(const Page& page);

/// In reading order; lines of one row are parted by a tab.
QString pageText(const Page& page);
/// One word a row: line, word, x, y, width, height, confidence, text (RFC 4180).
QString pageCsv(const Page& page);
/// hOCR 1.2: an HTML document whose elements (areas, paragraphs, lines, words) carry boxes and confidences.
QString pageHocr(const Page& page, const QString& pictureName);

/// The places of a text on a page, in any case; one box for each, which may run over several words of a line.
std::vector<QRectF> placesOf(const Page& page, const QString& text);

/// What of a page has its middle in an area.
Page pageWithin(const Page& page, const QRectF& area);

/// A text as if it stood on a page, a line each: to be searched as a page is. Letters are 8 by 12 pixels.
Page pageOfText(const QStringList& lines);

/// The language of the three-letter codes given that the page's words speak most for, by lists of each one's common
/// words; empty when too few speak at all.
QString languageOf(const Page& page, const QStringList& among);

} // namespace eyelid
