#include "picture/picture_file.h"
#include "reading/reader.h"
#include <cstdio>
using namespace eyelid;
int main(int argc, char** argv) {
    Reader reader(2);
    for (int i = 1; i < argc; ++i) {
        auto p = readPicture(QString::fromLocal8Bit(argv[i]));
        if (!p) { puts(qPrintable(p.error().sentence)); continue; }
        Progress g;
        auto page = reader.read(*p, {}, g);
        if (!page) { puts(qPrintable(page.error().sentence)); continue; }
        printf("# %s\n", argv[i]);
        for (auto& l : page->lines) { for (auto& w : l.words) printf("%d,%d,%d,%d\t%s\t%.2f\n", int(w.box.x()), int(w.box.y()), int(w.box.width()), int(w.box.height()), qPrintable(w.text), w.confidence); printf("\n"); }
    }
}
