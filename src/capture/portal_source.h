// The desk as the desktop portal shows it (org.freedesktop.portal.Screenshot over D-Bus): what Wayland allows. The
// portal gives the whole desk; monitors and regions are cut from its picture, windows it does not name.
// Source: XDG Desktop Portal documentation, interfaces Request and Screenshot.
#pragma once

#include "capture/source.h"

#include <QDBusConnection>

namespace eyelid {

class PortalSource final : public Source {
public:
    /// On the session bus, or on the bus at `address`; `patience` is how long an answer is waited for, in ms: the
    /// desktop may ask the user first. Errors: no bus, or no portal that takes pictures.
    static Result<std::unique_ptr<PortalSource>> open(const QString& address = {}, int patience = 60'000);
    ~PortalSource() override;

    /// The screens Qt knows; no windows. Needs a QGuiApplication.
    Result<DeskLayout> layout() const override;
    /// Errors: refused, cancelled, no answer in time, an answer that is no picture. The file the portal wrote is
    /// removed once it is read: it shows the desk unsanitised.
    Result<QImage> take(const Target& target, const TakeOptions& options = {}) const override;
    QString description() const override;
    bool showsOurselves() const override { return true; }

private:
    PortalSource(const QDBusConnection& bus, int patience) : m_bus(bus), m_patience(patience) {}
    QDBusConnection m_bus;
    int m_patience;
};

} // namespace eyelid
