// Cuts drawn pages into what the line model is shown: cut_lines OUT PAGE.json...
//
// Beside each PAGE.json stands PAGE.png or PAGE.jpg (draw.py). OUT holds one line after the other: width and number of
// characters (uint16 each), rows of pixels, then for each character its code point (uint32) and x in the line (float32).
#include "reading/uniform_line.h"
#include "reading/line_model.h"

#include <cstdio>
#include <nlohmann/json.hpp>
#include <QFile>

using namespace eyelid;

namespace {

struct Piece {
    QRectF box;
    std::vector<uint> text;
    std::vector<double> centres;
};

std::vector<Piece> piecesOf(const QString& path) {
    QFile file(path);
    std::vector<Piece> pieces;
    if (!file.open(QIODevice::ReadOnly)) return pieces;
    for (const auto& entry : nlohmann::json::parse(file.readAll().toStdString())) {
        Piece piece;
        const auto& b = entry["box"];
        piece.box = QRectF(b[0], b[1], b[2], b[3]);
        piece.centres = entry["centres"].get<std::vector<double>>();
        for (const uint c : QString::fromStdString(entry["text"].get<std::string>()).toUcs4()) piece.text.push_back(c);
        if (piece.text.size() == piece.centres.size()) pieces.push_back(std::move(piece));
    }
    return pieces;
}

template <typename T> void put(QFile& out, T value) {
    out.write(reinterpret_cast<const char*>(&value), sizeof value);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 3) return 1;
    QFile out(QString::fromLocal8Bit(argv[1]));
    if (!out.open(QIODevice::WriteOnly)) return 1;
    int kept = 0, left = 0;
    for (int i = 2; i < argc; ++i) {
        const QString base = QString::fromLocal8Bit(argv[i]).chopped(5);
        QImage picture(base + QStringLiteral(".png"));
        if (picture.isNull()) picture.load(base + QStringLiteral(".jpg"));
        if (picture.isNull()) continue;
        picture = picture.convertToFormat(QImage::Format_RGB32);
        const std::vector<Piece> pieces = piecesOf(QString::fromLocal8Bit(argv[i]));
        for (const LinePatch& patch : findLines(picture)) {
            const Piece* piece = nullptr;
            int over = 0;
            const QRectF box(patch.box);
            for (const Piece& p : pieces)
                if (p.box.top() < box.center().y() && p.box.bottom() > box.center().y() && p.box.left() < box.right() &&
                    p.box.right() > box.left()) {
                    piece = &p;
                    ++over;
                }
            ++left;
            if (over != 1) continue;
            size_t first = 0, last = piece->text.size();
            while (first < last && (piece->centres[first] < box.left() - 0.5 || piece->text[first] == ' ')) ++first;
            while (last > first && (piece->centres[last - 1] > box.right() + 0.5 || piece->text[last - 1] == ' '))
                --last;
            // A line that ends within a word would teach half letters.
            if (first == last || (first > 0 && piece->text[first - 1] != ' ') ||
                (last < piece->text.size() && piece->text[last] != ' '))
                continue;
            const UniformLine uniform = makeUniform(picture, patch);
            const QImage shown = modelPicture(uniform);
            if (shown.width() > 4000) continue;
            put(out, quint16(shown.width()));
            put(out, quint16(last - first));
            for (int y = 0; y < shown.height(); ++y)
                out.write(reinterpret_cast<const char*>(shown.constScanLine(y)), shown.width());
            for (size_t c = first; c < last; ++c) {
                put(out, quint32(piece->text[c]));
                put(out, float((piece->centres[c] - uniform.offset.x()) * uniform.scale));
            }
            ++kept;
            --left;
        }
    }
    std::printf("%d lines, %d left out\n", kept, left);
    return 0;
}
