// Pages to scroll, for the tests of scrolling captures: scroll_stage SPEC shows one in a window titled by its spec once
// it is drawn; scroll_stage SPEC --truth FILE writes the page as it is when nothing has to scroll; --html FILE writes
// the like of it for a browser.
//
// SPEC is words joined by commas: what it holds (table, text, images, sparse), what is about it (plain, furniture,
// badge, dark), its length in pixels and a seed: "table,furniture,2310,4".
#include "capture/fonts.h"

#include <QApplication>
#include <QFile>
#include <QLabel>
#include <QPainter>
#include <QScrollArea>
#include <QScrollBar>
#include <QTextStream>
#include <QTimer>
#include <QVBoxLayout>
#include <random>

namespace {

constexpr int pageWidth = 760, viewHeight = 560, bandHeight = 44;

struct Spec {
    QString text, holds, about;
    int length;
    unsigned seed;
    explicit Spec(const QString& asked) : text(asked) {
        const QStringList parts = text.split(QLatin1Char(','));
        holds = parts.value(0);
        about = parts.value(1);
        length = parts.value(2).toInt();
        seed = parts.value(3).toUInt();
    }
    bool dark() const { return about == QStringLiteral("dark"); }
    bool furniture() const { return about == QStringLiteral("furniture"); }
    bool badge() const { return about == QStringLiteral("badge"); }
};

const QStringList words{
    QStringLiteral("meter"), QStringLiteral("valve"), QStringLiteral("reading"), QStringLiteral("pressure"),
    QStringLiteral("pump"),  QStringLiteral("walk"),  QStringLiteral("depot"),   QStringLiteral("estimate"),
    QStringLiteral("main"),  QStringLiteral("flow"),  QStringLiteral("tank"),    QStringLiteral("weekly"),
    QStringLiteral("round"), QStringLiteral("order"), QStringLiteral("notice"),  QStringLiteral("supply")};

QString sentence(std::mt19937& random) {
    QStringList some;
    for (int n = 7 + int(random() % 6); n > 0; --n) some << words[int(random() % unsigned(words.size()))];
    return some.join(QLatin1Char(' ')) + QLatin1Char('.');
}

QFont textFont(int pixels) {
    QFont f(eyelid::textFontFamily());
    f.setPixelSize(pixels);
    return f;
}

void paintPage(QPainter& p, const Spec& spec) {
    std::mt19937 random(spec.seed);
    const QColor ground = spec.dark() ? QColor(0x1b, 0x1e, 0x23) : QColor(0xfd, 0xfd, 0xfb);
    const QColor ink = spec.dark() ? QColor(0xd8, 0xd8, 0xd2) : QColor(0x24, 0x28, 0x2c);
    const QColor rule = spec.dark() ? QColor(0x3a, 0x40, 0x48) : QColor(0xd9, 0xde, 0xe0);
    p.fillRect(0, 0, pageWidth, spec.length, ground);
    p.setPen(ink);
    p.setFont(textFont(20));
    p.drawText(24, 40, QStringLiteral("Meter book %1").arg(spec.seed));
    p.setFont(textFont(13));
    int y = 80, n = 1;
    while (y < spec.length - 20) {
        if (spec.holds == QStringLiteral("table")) {
            // Rows that differ by a digit or two.
            p.setPen(ink);
            p.drawText(24, y, QStringLiteral("LW-%1").arg(1180000 + n));
            p.drawText(180, y, QStringLiteral("Pump station seven, walk 14"));
            p.drawText(430, y, n % 9 ? QStringLiteral("read") : QStringLiteral("estimate"));
            p.drawText(560, y, QStringLiteral("0412"));
            p.setPen(rule);
            p.drawLine(24, y + 9, pageWidth - 24, y + 9);
            y += 28;
        } else if (spec.holds == QStringLiteral("text")) {
            p.setPen(ink);
            p.drawText(24, y, sentence(random));
            y += n % 6 ? 21 : 40;
        } else if (spec.holds == QStringLiteral("images")) {
            QImage image(320, 180, QImage::Format_RGB32);
            const int a = int(random() % 200), b = 3 + int(random() % 9);
            for (int v = 0; v < 180; ++v)
                for (int u = 0; u < 320; ++u)
                    image.setPixel(u, v, qRgb((a + u / 2) & 255, (v + u * b / 9) & 255, (a * 2 + v) & 255));
            p.drawImage(24, y - 14, image);
            p.setPen(ink);
            p.drawText(370, y + 20, sentence(random).left(40));
            y += 206;
        } else { // sparse: a line now and then on white
            p.setPen(ink);
            p.drawText(24, y, QStringLiteral("Section %1: %2").arg(n).arg(sentence(random)));
            y += 230 + int(random() % 120);
        }
        ++n;
    }
}

void paintBand(QPainter& p, const QString& text, int width) {
    p.fillRect(0, 0, width, bandHeight, QColor(0x2d, 0x5f, 0x73));
    p.setPen(QColor(0xf4, 0xf8, 0xf9));
    p.setFont(textFont(14));
    p.drawText(24, 28, text);
}

const QString headerText = QStringLiteral("Larkmoor Water - meter book"), footerText = QStringLiteral("Depot copy");
const QRect badgePlace(560, 18, 150, 30);

class Page final : public QWidget {
public:
    explicit Page(const Spec& spec) : m_spec(spec) {
        setFixedSize(pageWidth, spec.length);
        if (!spec.badge()) return;
        auto* timer = new QTimer(this);
        connect(timer, &QTimer::timeout, this, [this] {
            ++m_moment;
            update(badgePlace);
        });
        timer->start(90);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        // Whoever waits for the title finds the page drawn: what is painted now is on the screen before it.
        if (window()->windowTitle().isEmpty())
            QTimer::singleShot(0, window(), [this] { window()->setWindowTitle(m_spec.text); });
        QPainter p(this);
        paintPage(p, m_spec);
        if (!m_spec.badge()) return;
        p.fillRect(badgePlace, QColor::fromHsv(m_moment * 23 % 360, 160, 220));
        p.setPen(Qt::black);
        p.drawText(badgePlace, Qt::AlignCenter, QStringLiteral("live %1").arg(m_moment));
    }

private:
    Spec m_spec;
    int m_moment = 0;
};

class Band final : public QWidget {
public:
    explicit Band(const QString& text) : m_text(text) { setFixedHeight(bandHeight); }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        paintBand(p, m_text, width());
    }

private:
    QString m_text;
};

QImage truth(const Spec& spec) {
    const int band = spec.furniture() ? bandHeight : 0;
    QImage image(pageWidth, spec.length + 2 * band, QImage::Format_RGB32);
    QPainter p(&image);
    if (band) paintBand(p, headerText, pageWidth);
    p.translate(0, band);
    paintPage(p, spec);
    p.translate(0, spec.length);
    if (band) paintBand(p, footerText, pageWidth);
    return image;
}

QString html(const Spec& spec) {
    std::mt19937 random(spec.seed);
    QString body;
    QTextStream out(&body);
    const auto colour = [&](const char* light, const char* dark) { return QLatin1String(spec.dark() ? dark : light); };
    out << "<!doctype html><meta charset=utf-8><title>" << spec.holds << ',' << spec.about << ',' << spec.length << ','
        << spec.seed << "</title><style>html{background:" << colour("#fdfdfb", "#1b1e23")
        << ";color:" << colour("#24282c", "#d8d8d2")
        << "}body{margin:0;font:13px Inter,sans-serif}main{padding:16px 24px;overflow:hidden;min-height:"
        << spec.length - 32 << "px}td{padding:5px 24px 5px 0;border-bottom:1px solid " << colour("#d9dee0", "#3a4048")
        << "}header,footer{position:sticky;background:#2d5f73;color:#f4f8f9;padding:12px 24px;font-size:14px}"
           "header{top:0}footer{bottom:0}"
           "@keyframes turn{from{background:#e66}to{background:#6e6}}#badge{float:right;padding:6px 30px;color:#000;"
           "animation:turn .7s linear infinite}</style>";
    if (spec.furniture()) out << "<header>" << headerText << "</header>";
    out << "<main>";
    if (spec.badge()) out << "<div id=badge>live</div>";
    out << "<h2>Meter book " << spec.seed << "</h2>";
    int n = 1, y = 80;
    if (spec.holds == QStringLiteral("table")) out << "<table>";
    while (y < spec.length - 40) {
        if (spec.holds == QStringLiteral("table")) {
            out << "<tr><td>LW-" << 1180000 + n << "<td>Pump station seven, walk 14<td>"
                << (n % 9 ? "read" : "estimate") << "<td>0412";
            y += 27;
        } else if (spec.holds == QStringLiteral("text")) {
            out << "<p>" << sentence(random) << "</p>";
            y += 30;
        } else if (spec.holds == QStringLiteral("images")) {
            const int a = int(random() % 360), b = int(random() % 360);
            // Loads when it comes near, as large pages do.
            out << "<p><img loading=lazy width=320 height=180 src=\"data:image/svg+xml,<svg xmlns='http://www.w3.org/"
                   "2000/svg' width='320' height='180'><defs><linearGradient id='g' x2='1' y2='1'><stop "
                   "stop-color='hsl("
                << a << ",60%25,60%25)'/><stop offset='1' stop-color='hsl(" << b
                << ",60%25,40%25)'/></linearGradient></defs><rect width='320' height='180' fill='url(%23g)'/><circle "
                   "cx='"
                << a % 300 << "' cy='90' r='40' fill='%23fff8'/></svg>\"> " << sentence(random).left(30) << "</p>";
            y += 210;
        } else {
            const int gap = 210 + int(random() % 120);
            out << "<p style='margin-bottom:" << gap << "px'>Section " << n << ": " << sentence(random) << "</p>";
            y += gap + 16;
        }
        ++n;
    }
    if (spec.holds == QStringLiteral("table")) out << "</table>";
    out << "</main>";
    if (spec.furniture()) out << "<footer>" << footerText << "</footer>";
    // How many pictures are still to come, how high the page is shown and is, told by the browser itself once it has
    // drawn what it tells of.
    out << "<script>const name=document.title,tell=()=>requestAnimationFrame(()=>requestAnimationFrame(()=>{const "
           "missing=[...document.images].filter(i=>!i.complete).length;document.title=`${name} ${missing} "
           "${innerHeight} ${document.documentElement.scrollHeight}`}));onload=onresize=tell;"
           "document.addEventListener('load',tell,true)</script>";
    out.flush();
    return body;
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    eyelid::loadShippedFonts();
    const QStringList arguments = QApplication::arguments();
    if (arguments.size() < 2) return 2;
    const Spec spec(arguments[1]);
    if (arguments.value(2) == QStringLiteral("--truth")) return truth(spec).save(arguments.value(3), "PNG") ? 0 : 1;
    if (arguments.value(2) == QStringLiteral("--html")) {
        QFile file(arguments.value(3));
        return file.open(QIODevice::WriteOnly) && file.write(html(spec).toUtf8()) > 0 ? 0 : 1;
    }
    QWidget window;
    auto* layout = new QVBoxLayout(&window);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    if (spec.furniture()) layout->addWidget(new Band(headerText));
    auto* area = new QScrollArea;
    area->setFrameShape(QFrame::NoFrame);
    area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);
    auto* page = new Page(spec);
    area->setWidget(page);
    layout->addWidget(area);
    if (spec.furniture()) layout->addWidget(new Band(footerText));
    // Steps of a size of its own: some programs scroll by lines, some by a third of the window.
    area->verticalScrollBar()->setSingleStep(7 + int(spec.seed * 5 % 40));
    window.setFixedSize(pageWidth + area->verticalScrollBar()->sizeHint().width(),
                        viewHeight + (spec.furniture() ? 2 * bandHeight : 0));
    window.show();
    return QApplication::exec();
}
