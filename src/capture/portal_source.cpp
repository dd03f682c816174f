#include "capture/portal_source.h"

#include "base/sentence.h"
#include "capture/portal_request.h"
#include "picture/picture_file.h"

#include <QFile>
#include <QGuiApplication>
#include <QScreen>
#include <QUrl>

namespace eyelid {
namespace {

const QString interfaceName = QStringLiteral("org.freedesktop.portal.Screenshot");

} // namespace

PortalSource::~PortalSource() = default;

Result<std::unique_ptr<PortalSource>> PortalSource::open(const QString& address, int patience) {
    QDBusConnection bus = portalBus(address);
    if (!bus.isConnected())
        return Error{Error::Kind::Missing,
                     Tr::tr("There is no session bus, so the desktop cannot be asked for a picture.")};
    if (!portalHas(bus, interfaceName))
        return Error{Error::Kind::Missing, Tr::tr("This desktop has no portal that takes pictures; install one "
                                                  "(xdg-desktop-portal and the part for your desktop).")};
    return std::unique_ptr<PortalSource>(new PortalSource(bus, patience));
}

QString PortalSource::description() const {
    return Tr::tr("This desktop gives whole pictures of the desk only; windows and regions are cut from them.");
}

Result<DeskLayout> PortalSource::layout() const {
    DeskLayout layout;
    for (const QScreen* screen : QGuiApplication::screens()) {
        const double scale = screen->devicePixelRatio();
        const QRect r = screen->geometry();
        // The portal's picture is in device pixels, with the screens side by side at their scale.
        layout.monitors.push_back({screen->name(),
                                   QRect((QPointF(r.topLeft()) * scale).toPoint(), (QSizeF(r.size()) * scale).toSize()),
                                   scale});
    }
    if (layout.monitors.empty()) return Error{Error::Kind::Missing, Tr::tr("No screen is connected.")};
    std::stable_sort(layout.monitors.begin(), layout.monitors.end(),
                     [](const Monitor& a, const Monitor& b) { return a.geometry.left() < b.geometry.left(); });
    return layout;
}

Result<QImage> PortalSource::take(const Target& target, const TakeOptions&) const {
    if (target.what == Target::What::Window || target.what == Target::What::Pane ||
        target.what == Target::What::ActiveWindow)
        return Error{Error::Kind::BadInput, Tr::tr("This desktop does not say where its windows are; draw a "
                                                   "region around the one you mean.")};
    QRect area;
    QSize whole;
    if (target.what != Target::What::Desk) {
        auto desk = layout();
        if (!desk) return desk.error();
        area = placeOf(*desk, target);
        whole = desk->bounds().size();
        if (area.isEmpty())
            return Error{Error::Kind::Missing,
                         target.what == Target::What::Monitor
                             ? Tr::tr("The monitor %1 is no longer there; choose another.").arg(target.id)
                             : Tr::tr("There is nothing to take: the place has no size.")};
    }
    PortalRequest request(m_bus);
    QDBusMessage call =
        QDBusMessage::createMethodCall(portalService, portalPath, interfaceName, QStringLiteral("Screenshot"));
    call << QString()
         << QVariantMap{{QStringLiteral("handle_token"), request.token()}, {QStringLiteral("interactive"), false}};
    auto answer = request.ask(call, m_patience);
    if (!answer) return answer.error();
    const QUrl url(answer->value(QStringLiteral("uri")).toString());
    if (!url.isLocalFile())
        return Error{Error::Kind::BadInput, Tr::tr("The desktop portal answered without a picture; try again.")};
    const QString path = url.toLocalFile();
    auto picture = readPicture(path);
    QFile::remove(path);
    if (!picture)
        return Error{Error::Kind::BadInput, Tr::tr("What the desktop portal gave is no picture that can be "
                                                   "read; try again.")};
    if (target.what == Target::What::Desk) return picture;
    // Some desktops scale the whole picture.
    const double sx = double(picture->width()) / whole.width(), sy = double(picture->height()) / whole.height();
    const QRect cut = QRectF(area.x() * sx, area.y() * sy, area.width() * sx, area.height() * sy)
                          .toAlignedRect()
                          .intersected(picture->rect());
    if (cut.isEmpty()) return Error{Error::Kind::BadInput, Tr::tr("The region lies outside the desk.")};
    return picture->copy(cut);
}

} // namespace eyelid
