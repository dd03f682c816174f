#include "base/files.h"
#include "base/sentence.h"
#include "releasing/destinations/destination.h"

namespace eyelid {
namespace {

class Folder final : public Destination {
public:
    Folder(QString folder, bool replace) : m_folder(std::move(folder)), m_replace(replace) {}
    QString name() const override { return Tr::tr("folder"); }
    Result<Delivery> deliver(const Release& release, Progress&) override {
        auto written = writeRelease(m_folder, release.files, m_replace);
        if (!written) return written.error();
        return Delivery{fullPath(m_folder), *written, {}};
    }

private:
    const QString m_folder;
    const bool m_replace;
};

} // namespace

std::unique_ptr<Destination> toFolder(const QString& folder, bool replace) {
    return std::make_unique<Folder>(folder, replace);
}

} // namespace eyelid
