// Released pictures on paper.
#pragma once

#include <QImage>
#include <QString>
#include <vector>

class QPrinter;

namespace eyelid {

struct PaperPicture {
    QImage picture;
    QString caption; ///< under it
};

struct PaperLayout {
    bool trueSize = false; ///< 96 pixels an inch, smaller where that does not fit; false: as large as fits
    int perPage = 1;       ///< 1, 2 or 4
    bool captions = true;  ///< and the page's number
};

int paperPages(qsizetype pictures, const PaperLayout& layout);

/// In their order. False where the printer could not be begun or gave up.
bool printPictures(QPrinter& printer, const std::vector<PaperPicture>& pictures, const PaperLayout& layout);

} // namespace eyelid
