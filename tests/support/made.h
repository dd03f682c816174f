// Pages and pictures made for a test.
#pragma once

#include "picture/picture_file.h"
#include "reading/page.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <QColor>
#include <QFont>
#include <QImage>
#include <QPainter>
#include <QStringList>
#include <random>

namespace Catch {
template <> struct StringMaker<QString> {
    static std::string convert(const QString& text) { return '"' + text.toStdString() + '"'; }
};
template <> struct StringMaker<QStringList> {
    static std::string convert(const QStringList& list) {
        return "[" + list.join(QStringLiteral(" | ")).toStdString() + "]";
    }
};
} // namespace Catch

namespace made {

/// A page as a perfect reader would give it: each text a line, at (x, y) in a type of one pitch.
class PageMaker {
public:
    PageMaker() { m_page.size = QSize(1280, 800); }
    PageMaker& line(const QString& text, double x = 20, double y = -1) {
        constexpr double advance = 8, height = 10;
        if (y < 0) y = m_next;
        m_next = y + 24;
        eyelid::TextLine line;
        line.xHeight = 7;
        line.baseline = y + height;
        double at = x;
        for (const QString& part : text.split(QLatin1Char(' '))) {
            if (part.isEmpty()) continue;
            eyelid::Word word;
            word.text = part;
            word.confidence = 0.95;
            word.box = QRectF(at, y, advance * double(part.size()), height);
            for (qsizetype i = 0; i < part.size(); ++i)
                word.glyphs.push_back({part.mid(i, 1), QRectF(at + advance * double(i), y, advance, height), 0.95});
            at += advance * double(part.size() + 1);
            line.box = line.box.isNull() ? word.box : line.box.united(word.box);
            line.words.push_back(word);
        }
        m_page.lines.push_back(line);
        return *this;
    }
    eyelid::Page page() {
        std::stable_sort(m_page.lines.begin(), m_page.lines.end(), [](const auto& a, const auto& b) {
            return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
        });
        return m_page;
    }

private:
    eyelid::Page m_page;
    double m_next = 20;
};

inline QFont font(int pixels, const QString& family = QStringLiteral("Inter")) {
    QFont f(family);
    f.setPixelSize(pixels);
    return f;
}

/// Texts one under the other.
inline QImage picture(const QStringList& lines, int pixels = 14, QColor ink = Qt::black, QColor ground = Qt::white,
                      const QString& family = QStringLiteral("Inter")) {
    QImage image(900, int(lines.size()) * pixels * 2 + 30, QImage::Format_RGB32);
    image.fill(ground);
    QPainter painter(&image);
    painter.setFont(font(pixels, family));
    painter.setPen(ink);
    int y = 15 + pixels;
    for (const QString& line : lines) {
        painter.drawText(20, y, line);
        y += pixels * 2;
    }
    return image;
}

// A screen of two lines.
inline QImage screen() {
    return picture({QStringLiteral("Larkmoor Water"), QStringLiteral("Reading 4711")}, 15);
}

/// The same noise for the same seed.
inline QImage noise(QSize size, unsigned seed) {
    std::mt19937 random(seed);
    QImage image(size, QImage::Format_RGB32);
    for (int y = 0; y < size.height(); ++y)
        for (int x = 0; x < size.width(); ++x)
            image.setPixel(x, y, qRgb(random() & 255, random() & 255, random() & 255));
    return image;
}

} // namespace made
