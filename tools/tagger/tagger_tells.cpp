// Shows what the tagger tells of each word of a picture: tagger_tells PICTURE
#include "finding/page_view.h"
#include "finding/tagger.h"
#include "picture/picture_file.h"
#include "reading/reader.h"

#include <cstdio>
#include <QGuiApplication>

using namespace eyelid;

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication app(argc, argv);
    if (argc != 2) return 2;
    const QImage picture(QString::fromLocal8Bit(argv[1]));
    Reader reader(1);
    Progress progress;
    const auto page = reader.read(picture, {}, progress);
    if (!page) return 1;
    const ScreenText screen(*page);
    const Names names;
    const std::vector<ViewedWord> view = viewOf(screen, names);
    const Tagger::Judgement judgement = Tagger::shipped().judge(view);
    for (size_t w = 0; w < view.size(); ++w) {
        const Tagger::Tag& tag = judgement.tags()[w];
        const QString word = screen.runs()[size_t(view[w].line)].text().mid(view[w].span.start, view[w].span.length);
        std::printf("%3d  %-24s %-10s %.2f  nobody's %.2f\n", view[w].line, qPrintable(word),
                    tag.kind ? qPrintable(kindName(*tag.kind)) : "", tag.confidence, tag.nobodys);
    }
    return 0;
}
