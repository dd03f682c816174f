#include "reading/page_text.h"

#include "base/sentence.h"
#include "language/word_lists.h"
#include "reading/blocks.h"

#include <algorithm>
#include <bitset>
#include <cmath>
#include <map>

namespace eyelid {
namespace {

QString bbox(const QRectF& box) {
    return sentence(QStringLiteral("bbox %1 %2 %3 %4"), int(std::floor(box.left())), int(std::floor(box.top())),
                    int(std::ceil(box.right())), int(std::ceil(box.bottom())));
}

QString quoted(QString text) {
    if (!text.contains(QLatin1Char(',')) && !text.contains(QLatin1Char('"'))) return text;
    return QLatin1Char('"') + text.replace(QLatin1Char('"'), QLatin1String("\"\"")) + QLatin1Char('"');
}

bool sameRow(const TextLine& a, const TextLine& b) {
    return a.turned == 0 && b.turned == 0 &&
           std::abs(a.baseline - b.baseline) < 0.45 * std::max({4.0, a.xHeight, b.xHeight});
}

QString hocrLine(const TextLine& line, int number) {
    QString all = QStringLiteral("<span class=\"ocr_line\" id=\"line_1_%1\" title=\"%2; baseline 0 %3; x_size %4%5\">")
                      .arg(number)
                      .arg(bbox(line.box))
                      .arg(line.baseline - line.box.bottom(), 0, 'f', 1)
                      .arg(line.xHeight * 1.9, 0, 'f', 1)
                      .arg(line.turned ? QStringLiteral("; textangle %1").arg(360 - line.turned) : QString());
    int word = 0;
    for (const Word& w : line.words)
        all += sentence(
            QStringLiteral("<span class=\"ocrx_word\" id=\"word_1_%1_%2\" title=\"%3; x_wconf %4\">%5</span> "), number,
            ++word, bbox(w.box), int(std::lround(100 * w.confidence)), w.text.toHtmlEscaped());
    return all + QStringLiteral("</span><br/>\n");
}

} // namespace

std::vector<int> readingOrder(const Page& page) {
    std::vector<int> order;
    for (const Block& block : blocksOf(page))
        for (const std::vector<int>& paragraph : block.paragraphs)
            order.insert(order.end(), paragraph.begin(), paragraph.end());
    return order;
}

QString pageText(const Page& page) {
    QString all;
    for (const Block& block : blocksOf(page)) {
        const TextLine* last = nullptr; // of this block
        for (const std::vector<int>& paragraph : block.paragraphs)
            for (const int i : paragraph) {
                const TextLine& line = page.lines[size_t(i)];
                if (!all.isEmpty()) all += last && sameRow(*last, line) ? QLatin1Char('\t') : QLatin1Char('\n');
                all += line.text();
                last = &line;
            }
    }
    if (!all.isEmpty()) all += QLatin1Char('\n');
    return all;
}

QString pageCsv(const Page& page) {
    QString all = QStringLiteral("line,word,x,y,width,height,confidence,text\r\n");
    int number = 0;
    for (const int i : readingOrder(page)) {
        ++number;
        int word = 0;
        for (const Word& w : page.lines[size_t(i)].words)
            all += QStringLiteral("%1,%2,%3,%4,%5,%6,%7,%8\r\n")
                       .arg(number)
                       .arg(++word)
                       .arg(w.box.x(), 0, 'f', 1)
                       .arg(w.box.y(), 0, 'f', 1)
                       .arg(w.box.width(), 0, 'f', 1)
                       .arg(w.box.height(), 0, 'f', 1)
                       .arg(w.confidence, 0, 'f', 3)
                       .arg(quoted(w.text));
    }
    return all;
}

QString pageHocr(const Page& page, const QString& pictureName) {
    QString all = QStringLiteral("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n"
                                 "<!DOCTYPE html PUBLIC \"-//W3C//DTD XHTML 1.0 Transitional//EN\" "
                                 "\"http://www.w3.org/TR/xhtml1/DTD/xhtml1-transitional.dtd\">\n"
                                 "<html xmlns=\"http://www.w3.org/1999/xhtml\">\n<head>\n<title></title>\n"
                                 "<meta http-equiv=\"Content-Type\" content=\"text/html;charset=utf-8\"/>\n"
                                 "<meta name=\"ocr-system\" content=\"eyelid\"/>\n"
                                 "<meta name=\"ocr-capabilities\" content=\"ocr_page ocr_carea ocr_par ocr_line "
                                 "ocrx_word\"/>\n"
                                 "</head>\n<body>\n");
    all += sentence(
        QStringLiteral("<div class=\"ocr_page\" id=\"page_1\" title=\"image &quot;%1&quot;; bbox 0 0 %2 %3\">\n"),
        pictureName.toHtmlEscaped(), page.size.width(), page.size.height());
    int areas = 0, paragraphs = 0, lines = 0;
    for (const Block& block : blocksOf(page)) {
        all += sentence(QStringLiteral("<div class=\"ocr_carea\" id=\"block_1_%1\" title=\"%2\">\n"), ++areas,
                        bbox(block.box));
        for (const std::vector<int>& paragraph : block.paragraphs) {
            QRectF box;
            for (const int i : paragraph) box = box.united(page.lines[size_t(i)].box);
            all += sentence(QStringLiteral("<p class=\"ocr_par\" id=\"par_1_%1\" title=\"%2\">\n"), ++paragraphs,
                            bbox(box));
            for (const int i : paragraph) all += hocrLine(page.lines[size_t(i)], ++lines);
            all += QStringLiteral("</p>\n");
        }
        all += QStringLiteral("</div>\n");
    }
    return all + QStringLiteral("</div>\n</body>\n</html>\n");
}

std::vector<QRectF> placesOf(const Page& page, const QString& text) {
    std::vector<QRectF> places;
    if (text.isEmpty()) return places;
    for (const TextLine& line : page.lines) {
        const QString whole = line.text();
        for (qsizetype at = whole.indexOf(text, 0, Qt::CaseInsensitive); at >= 0;
             at = whole.indexOf(text, at + 1, Qt::CaseInsensitive)) {
            QRectF box;
            qsizetype start = 0;
            for (const Word& word : line.words) {
                if (start < at + text.size() && start + word.text.size() > at)
                    box = box.isNull() ? word.box : box.united(word.box);
                start += word.text.size() + 1;
            }
            if (!box.isNull()) places.push_back(box);
        }
    }
    return places;
}

Page pageWithin(const Page& page, const QRectF& area) {
    Page part = page;
    for (TextLine& line : part.lines) {
        std::erase_if(line.words, [&](const Word& word) { return !area.contains(word.box.center()); });
        line.box = {};
        for (const Word& word : line.words) line.box = line.box.united(word.box);
    }
    std::erase_if(part.lines, [](const TextLine& line) { return line.words.empty(); });
    std::erase_if(part.codes, [&](const Code& code) { return !area.contains(code.box.center()); });
    std::erase_if(part.illegible, [&](const QRectF& place) { return !area.contains(place.center()); });
    std::erase_if(part.faces, [&](const Face& face) { return !area.contains(face.box.center()); });
    return part;
}

Page pageOfText(const QStringList& lines) {
    constexpr double across = 8, high = 12, apart = 30;
    Page page;
    double top = 0;
    for (const QString& text : lines) {
        TextLine line;
        line.xHeight = across;
        line.box = QRectF(0, top, across * double(text.size()), high);
        line.baseline = top + high;
        double x = 0;
        for (const QString& part : text.split(u' ', Qt::SkipEmptyParts)) {
            Word word;
            word.text = part;
            word.box = QRectF(x, top, across * double(part.size()), high);
            word.confidence = 1;
            for (qsizetype i = 0; i < part.size(); ++i)
                word.glyphs.push_back({part.mid(i, 1), QRectF(x + across * double(i), top, across, high), 1});
            x += across * double(part.size() + 1);
            line.words.push_back(std::move(word));
        }
        page.size = page.size.expandedTo(QSize(int(x), int(top + high)));
        if (!line.words.empty()) page.lines.push_back(std::move(line));
        top += apart;
    }
    return page;
}

QString languageOf(const Page& page, const QStringList& among) {
    const WordList& words = WordList::shipped();
    std::bitset<8> asked;
    for (const QString& code : among)
        if (const auto at = listedLanguages().indexOf(code); at >= 0) asked.set(size_t(at));
    std::map<unsigned long, int> votes; // by the one language
    int total = 0;
    QString word;
    for (const TextLine& line : page.lines)
        for (const Word& w : line.words) {
            word.clear();
            for (const QChar c : w.text)
                if (c.isLetter()) word += c.toLower();
            const std::bitset<8> told = words.toldBy(word) & asked;
            // Words common to several languages speak for none.
            if (told.count() != 1) continue;
            ++votes[told.to_ulong()];
            ++total;
        }
    QString best;
    int most = 0;
    for (const QString& code : among) {
        const auto at = listedLanguages().indexOf(code);
        const int own = at < 0 ? 0 : votes[1ul << at];
        if (best.isEmpty() || own > most) {
            best = code;
            most = own;
        }
    }
    return total >= 4 && 2 * most >= total ? best : QString();
}

} // namespace eyelid
