#include "capture/simulated_desk.h"

#include "base/sentence.h"
#include "capture/fonts.h"

#include <atomic>
#include <cmath>
#include <QFile>
#include <QFontMetricsF>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPainter>
#include <QRegularExpression>

static void drawInDesk() {
    Q_INIT_RESOURCE(desk);
}

namespace eyelid {
namespace {

struct Look {
    QColor ground, text, faint, bar, barText, rule;
};

Look lookOf(bool dark) {
    return dark ? Look{QColor(0x17, 0x1a, 0x1f), QColor(0xd8, 0xd8, 0xd2), QColor(0x90, 0x96, 0x9c),
                       QColor(0x2b, 0x30, 0x38), QColor(0xe4, 0xe4, 0xe0), QColor(0x3a, 0x40, 0x48)}
                : Look{QColor(0xfd, 0xfd, 0xfb), QColor(0x24, 0x28, 0x2c), QColor(0x66, 0x6e, 0x74),
                       QColor(0x2d, 0x5f, 0x73), QColor(0xf4, 0xf8, 0xf9), QColor(0xd9, 0xde, 0xe0)};
}

// A piece of text, sensitive or not.
struct Piece {
    QString text;
    QString kind;
};

// "Call {person:Oskar} first" as pieces.
std::vector<Piece> piecesOf(const QString& marked) {
    static const QRegularExpression mark(QStringLiteral("\\{([a-z]+):([^}]*)\\}"));
    std::vector<Piece> pieces;
    qsizetype at = 0;
    for (auto it = mark.globalMatch(marked); it.hasNext();) {
        const auto m = it.next();
        if (m.capturedStart() > at) pieces.push_back({marked.mid(at, m.capturedStart() - at), {}});
        pieces.push_back({m.captured(2), m.captured(1)});
        at = m.capturedEnd();
    }
    if (at < marked.size()) pieces.push_back({marked.mid(at), {}});
    return pieces;
}

QString plainText(const QString& marked) {
    QString text;
    for (const Piece& p : piecesOf(marked)) text += p.text;
    return text;
}

// Draws one window at a scale and notes where the sensitive values come to lie.
class WindowPainter {
public:
    WindowPainter(const QJsonObject& window, QSize size, double scale)
        : m_scale(scale), m_look(lookOf(window[QLatin1String("theme")].toString() == QLatin1String("dark"))) {
        image = QImage(QSizeF(size.width() * scale, size.height() * scale).toSize(), QImage::Format_RGB32);
        image.fill(m_look.ground);
        m_painter.begin(&image);
        m_painter.scale(scale, scale);
        m_painter.setRenderHint(QPainter::Antialiasing);
        m_width = size.width();
        m_painter.fillRect(QRectF(0, 0, m_width, 28), m_look.bar);
        line(window[QLatin1String("title")].toString(), 12, 19, font(12, QFont::Medium), m_look.barText);
        for (int i = 0; i < 3; ++i) {
            m_painter.setPen(QPen(m_look.barText, 1.2));
            m_painter.drawEllipse(QPointF(m_width - 16.0 - 18 * i, 14), 4, 4);
        }
        m_y = 28 + 26;
        for (const QJsonValue& item : window[QLatin1String("items")].toArray()) draw(item.toObject());
        m_painter.end();
    }

    const Look& look() const { return m_look; }

    QImage image;
    std::vector<TrueValue> values;

private:
    static QFont font(int pixels, QFont::Weight weight = QFont::Normal, bool values = false) {
        QFont f(values ? valueFontFamily() : textFontFamily());
        f.setPixelSize(pixels);
        f.setWeight(weight);
        // Placed to fractions of a pixel, so that what is drawn stands where the measures say.
        f.setHintingPreference(QFont::PreferNoHinting);
        return f;
    }

    void note(const Piece& piece, const QRectF& box, bool goesOn) {
        const QRectF device(box.x() * m_scale, box.y() * m_scale, box.width() * m_scale, box.height() * m_scale);
        if (goesOn && !values.empty()) {
            values.back().boxes.push_back(device);
            return;
        }
        values.push_back({piece.kind, piece.text, {device}});
    }

    void line(const QString& marked, double x, double baseline, const QFont& f, const QColor& colour) {
        m_painter.setFont(f);
        m_painter.setPen(colour);
        const QFontMetricsF metrics(f);
        for (const Piece& piece : piecesOf(marked)) {
            m_painter.drawText(QPointF(x, baseline), piece.text);
            const double width = metrics.horizontalAdvance(piece.text);
            if (!piece.kind.isEmpty())
                note(piece, QRectF(x, baseline - metrics.ascent(), width, metrics.height()), false);
            x += width;
        }
    }

    // Word by word; a value that runs over a line's end gets a box on each line.
    void paragraph(const QString& marked, double x, double right, const QFont& f) {
        const QFontMetricsF metrics(f);
        const double space = metrics.horizontalAdvance(QLatin1Char(' ')), left = x,
                     pitch = std::ceil(metrics.height() * 1.25);
        m_painter.setFont(f);
        m_painter.setPen(m_look.text);
        for (const Piece& piece : piecesOf(marked)) {
            bool first = true, goesOn = false;
            QRectF box;
            for (const QString& word : piece.text.split(QLatin1Char(' '))) {
                if (!first) x += space;
                first = false;
                if (word.isEmpty()) continue;
                const double width = metrics.horizontalAdvance(word);
                if (x + width > right && x > left) {
                    if (!piece.kind.isEmpty() && !box.isNull()) {
                        note(piece, box, goesOn);
                        goesOn = true;
                        box = QRectF();
                    }
                    x = left;
                    m_y += pitch;
                }
                m_painter.drawText(QPointF(x, m_y), word);
                const QRectF here(x, m_y - metrics.ascent(), width, metrics.height());
                box = box.isNull() ? here : box.united(here);
                x += width;
            }
            if (!piece.kind.isEmpty() && !box.isNull()) note(piece, box, goesOn);
        }
        m_y += pitch + 6;
    }

    void draw(const QJsonObject& item) {
        const double left = 20, right = m_width - 20;
        if (item.contains(QLatin1String("heading"))) {
            line(item[QLatin1String("heading")].toString(), left, m_y, font(17, QFont::DemiBold), m_look.text);
            m_y += 30;
        } else if (item.contains(QLatin1String("fields"))) {
            const QJsonArray fields = item[QLatin1String("fields")].toArray();
            const int columns = std::max(1, item[QLatin1String("columns")].toInt(1));
            const int rows = int((fields.size() + columns - 1) / columns);
            for (int i = 0; i < fields.size(); ++i) {
                const double x = left + (i / rows) * ((right - left) / columns), y = m_y + (i % rows) * 40;
                line(fields[i].toArray()[0].toString(), x, y, font(11), m_look.faint);
                line(fields[i].toArray()[1].toString(), x, y + 17, font(13), m_look.text);
            }
            m_y += rows * 40 + 6;
        } else if (item.contains(QLatin1String("table"))) {
            const QJsonObject table = item[QLatin1String("table")].toObject();
            const QJsonArray widths = table[QLatin1String("widths")].toArray();
            const auto row = [&](const QJsonArray& cells, const QFont& f, const QColor& colour) {
                double x = left;
                for (int c = 0; c < cells.size(); ++c) {
                    line(cells[c].toString(), x, m_y, f, colour);
                    x += widths[c].toDouble();
                }
                m_painter.setPen(QPen(m_look.rule, 1));
                m_painter.drawLine(QPointF(left, m_y + 11.5), QPointF(right, m_y + 11.5));
                m_y += 32;
            };
            row(table[QLatin1String("columns")].toArray(), font(12, QFont::DemiBold), m_look.faint);
            for (const QJsonValue& cells : table[QLatin1String("rows")].toArray())
                row(cells.toArray(), font(13), m_look.text);
            m_y += 6;
        } else if (item.contains(QLatin1String("lines"))) {
            m_y -= 6;
            for (const QJsonValue& text : item[QLatin1String("lines")].toArray()) {
                line(text.toString(), left, m_y, font(12, QFont::Normal, true), m_look.text);
                m_y += 21;
            }
        } else if (item.contains(QLatin1String("rule"))) {
            m_painter.setPen(QPen(m_look.rule, 1));
            m_painter.drawLine(QPointF(left, m_y - 8.5), QPointF(right, m_y - 8.5));
            m_y += 14;
        } else if (item.contains(QLatin1String("text"))) {
            paragraph(item[QLatin1String("text")].toString(), left, right, font(13));
        }
    }

    QPainter m_painter;
    double m_scale, m_width = 0, m_y = 0;
    Look m_look;
};

QJsonObject readJson(const QString& name) {
    QFile file(QStringLiteral(":/eyelid/desk/") + name);
    if (!file.open(QIODevice::ReadOnly)) qFatal("the demo desk's file %s is missing", qPrintable(name));
    const QJsonDocument document = QJsonDocument::fromJson(file.readAll());
    if (!document.isObject()) qFatal("the demo desk's file %s is no JSON object", qPrintable(name));
    return document.object();
}

} // namespace

struct SimulatedDesk::Drawn {
    DeskLayout layout;
    struct One {
        QImage page; // title bar and the whole of what the window can show
        std::vector<TrueValue> values;
        QSize size;  // of the window
        int bar = 0; // height of the title bar
        double scale = 1;
        Look look;
        std::atomic<int> scrolled{0};

        int most() const { return page.height() - size.height(); }
        QImage shown() const {
            const int at = scrolled;
            QImage window = page.copy(QRect(QPoint(0, 0), size));
            QPainter p(&window);
            p.drawImage(0, bar, page, 0, bar + at, size.width(), size.height() - bar);
            if (most() > 0) {
                const double track = size.height() - bar - 8 * scale, seen = double(size.height() - bar),
                             all = double(page.height() - bar);
                p.setRenderHint(QPainter::Antialiasing);
                p.setPen(Qt::NoPen);
                p.setBrush(look.faint);
                p.drawRoundedRect(
                    QRectF(size.width() - 9 * scale, bar + 4 * scale + track * at / all, 5 * scale, track * seen / all),
                    2 * scale, 2 * scale);
                p.setRenderHint(QPainter::Antialiasing, false);
            }
            p.setBrush(Qt::NoBrush);
            p.setPen(QPen(look.rule, std::round(scale)));
            const double half = std::round(scale) / 2;
            p.drawRect(QRectF(half, half, size.width() - 2 * half, size.height() - 2 * half));
            return window;
        }
    };
    std::vector<std::unique_ptr<One>> windows; // in the layout's order
};

SimulatedDesk::SimulatedDesk() : m_drawn(std::make_unique<Drawn>()) {
    drawInDesk();
    const QJsonObject desk = readJson(QStringLiteral("desk.json"));
    const auto pair = [](const QJsonValue& v) { return QPoint(v.toArray()[0].toInt(), v.toArray()[1].toInt()); };
    for (const QJsonValue& v : desk[QLatin1String("monitors")].toArray()) {
        const QJsonObject m = v.toObject();
        const QPoint size = pair(m[QLatin1String("size")]);
        m_drawn->layout.monitors.push_back({m[QLatin1String("name")].toString(),
                                            QRect(pair(m[QLatin1String("at")]), QSize(size.x(), size.y())),
                                            m[QLatin1String("scale")].toDouble(1)});
    }
    for (const QJsonValue& v : desk[QLatin1String("windows")].toArray()) {
        const QJsonObject w = v.toObject();
        const QJsonObject window = readJson(w[QLatin1String("file")].toString());
        for (const Monitor& monitor : m_drawn->layout.monitors) {
            if (monitor.name != w[QLatin1String("monitor")].toString()) continue;
            const QPoint at = pair(w[QLatin1String("at")]), size = pair(w[QLatin1String("size")]);
            WindowPainter painter(window, QSize(size.x(), w[QLatin1String("content")].toInt(size.y())), monitor.scale);
            auto one = std::make_unique<Drawn::One>();
            one->page = painter.image;
            one->values = painter.values;
            one->size = QSizeF(size.x() * monitor.scale, size.y() * monitor.scale).toSize();
            one->bar = int(28 * monitor.scale);
            one->scale = monitor.scale;
            one->look = painter.look();
            const QPoint corner =
                monitor.geometry.topLeft() + QPoint(int(at.x() * monitor.scale), int(at.y() * monitor.scale));
            m_drawn->layout.windows.push_back({window[QLatin1String("id")].toString(),
                                               plainText(window[QLatin1String("title")].toString()),
                                               window[QLatin1String("application")].toString(),
                                               QRect(corner, one->size),
                                               QRect(corner, one->size).adjusted(0, one->bar, 0, 0),
                                               {}});
            m_drawn->windows.push_back(std::move(one));
        }
    }
}

SimulatedDesk::~SimulatedDesk() = default;

Result<DeskLayout> SimulatedDesk::layout() const {
    return m_drawn->layout;
}

QString SimulatedDesk::description() const {
    return Tr::tr("This is the simulated desk of Larkmoor Water that comes with Eyelid.");
}

Result<QImage> SimulatedDesk::take(const Target& target, const TakeOptions& options) const {
    const DeskLayout& layout = m_drawn->layout;
    QRect area = layout.bounds();
    if (target.what == Target::What::Region) {
        area = target.region.intersected(area);
        if (area.isEmpty()) return Error{Error::Kind::BadInput, Tr::tr("The region lies outside the desk.")};
    }
    if (target.what == Target::What::ActiveWindow)
        return take({Target::What::Window, layout.windows.front().id, {}}, options);
    if (target.what == Target::What::Window) {
        for (size_t i = 0; i < layout.windows.size(); ++i)
            if (layout.windows[i].id == target.id) {
                const QImage image = m_drawn->windows[i]->shown();
                return options.frame
                           ? image
                           : image.copy(layout.windows[i].inner.translated(-layout.windows[i].geometry.topLeft()));
            }
        return Error{Error::Kind::Missing, Tr::tr("The window is no longer there; choose another.")};
    }
    if (target.what == Target::What::Monitor) {
        area = QRect();
        for (const Monitor& m : layout.monitors)
            if (m.name == target.id) area = m.geometry;
        if (area.isNull())
            return Error{Error::Kind::Missing,
                         Tr::tr("The monitor %1 is no longer there; choose another.").arg(target.id)};
    }
    QImage desk(area.size(), QImage::Format_RGB32);
    desk.fill(QColor(0x20, 0x24, 0x28)); // where no monitor is
    QPainter painter(&desk);
    painter.translate(-area.topLeft());
    for (const Monitor& m : layout.monitors) {
        QLinearGradient wall(m.geometry.topLeft(), m.geometry.bottomRight());
        wall.setColorAt(0, QColor(0x9d, 0xb4, 0xb8));
        wall.setColorAt(1, QColor(0x6f, 0x8c, 0x93));
        painter.fillRect(m.geometry, wall);
    }
    for (size_t i = layout.windows.size(); i-- > 0;)
        painter.drawImage(layout.windows[i].geometry.topLeft(), m_drawn->windows[i]->shown());
    return desk;
}

namespace {

class SimulatedScrolling final : public Scrolling {
public:
    SimulatedScrolling(std::atomic<int>& scrolled, int most, int click, int seen)
        : m_scrolled(scrolled), m_most(most), m_click(click), m_seen(seen) {}
    Result<Done> turn(int clicks) override { return by(clicks * m_click); }
    Result<Done> press(Key key, int times) override {
        return by(times * (key == Key::Page ? m_seen * 9 / 10 : m_click / 3));
    }
    void pointerAway() override {}

private:
    Result<Done> by(int pixels) {
        m_scrolled = std::clamp(m_scrolled + pixels, 0, std::max(0, m_most));
        return Done{};
    }
    std::atomic<int>& m_scrolled;
    int m_most, m_click, m_seen;
};

} // namespace

Result<std::unique_ptr<Scrolling>> SimulatedDesk::scrolling(const Target& target, ScrollDirection direction) const {
    if (target.what != Target::What::Window)
        return Error{Error::Kind::BadInput, Tr::tr("Choose a window or a part of one to scroll.")};
    for (size_t i = 0; i < m_drawn->layout.windows.size(); ++i) {
        if (m_drawn->layout.windows[i].id != target.id) continue;
        Drawn::One& one = *m_drawn->windows[i];
        const int most = direction == ScrollDirection::Down ? one.most() : 0;
        // As it is found in the demo, from the top every time.
        one.scrolled = 0;
        return std::unique_ptr<Scrolling>(std::make_unique<SimulatedScrolling>(
            one.scrolled, most, int(std::round(48 * one.scale)), one.size.height() - one.bar));
    }
    return Error{Error::Kind::Missing, Tr::tr("The window is no longer there; choose another.")};
}

std::vector<TrueValue> SimulatedDesk::truth(const Target& target) const {
    const DeskLayout& layout = m_drawn->layout;
    QRect area = layout.bounds();
    for (const Monitor& m : layout.monitors)
        if (target.what == Target::What::Monitor && m.name == target.id) area = m.geometry;
    std::vector<TrueValue> all;
    for (size_t i = 0; i < layout.windows.size(); ++i) {
        const DeskWindow& window = layout.windows[i];
        if (target.what == Target::What::Window && window.id != target.id) continue;
        if (!area.contains(window.geometry)) continue;
        const QPoint by = target.what == Target::What::Window ? QPoint() : window.geometry.topLeft() - area.topLeft();
        const Drawn::One& one = *m_drawn->windows[i];
        for (TrueValue value : one.values) {
            // What is scrolled out of sight is not on the picture.
            bool seen = true;
            for (QRectF& box : value.boxes) {
                const bool title = box.bottom() <= one.bar;
                if (!title) box.translate(0, -one.scrolled);
                seen = seen && (title || (box.top() >= one.bar && box.bottom() <= one.size.height()));
                box.translate(by);
            }
            if (seen) all.push_back(std::move(value));
        }
    }
    return all;
}

} // namespace eyelid
