#include "picture/picture_file.h"

#include "picture/container.h"

#include <cerrno>
#include <csetjmp>
#include <cstdio>
#include <cstring>
#include <fcntl.h>
#include <png.h>
#include <QBuffer>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>
#include <QPainter>
#include <QTemporaryFile>
#include <sys/stat.h>
#include <unistd.h>

namespace eyelid {
namespace {

Error bad(const QString& sentence) {
    return Error{Error::Kind::BadInput, sentence};
}

void appendBytes(png_structp png, png_bytep bytes, png_size_t size) {
    static_cast<QByteArray*>(png_get_io_ptr(png))->append(reinterpret_cast<const char*>(bytes), qsizetype(size));
}

void flushNothing(png_structp) {}

} // namespace

Result<QByteArray> readFile(const QString& path, qint64 maximum) {
    const QFileInfo info(path);
    if (!info.exists()) return Error{Error::Kind::Missing, QStringLiteral("%1: there is no such file.").arg(path)};
    if (!info.isFile()) return Error{Error::Kind::NotReadable, QStringLiteral("%1 is not a file.").arg(path)};
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly))
        return Error{Error::Kind::NotReadable, QStringLiteral("%1 cannot be read: %2.").arg(path, file.errorString())};
    if (file.size() > maximum)
        return bad(
            QStringLiteral("%1 is larger than %2 MB, more than Eyelid opens.").arg(path).arg(maximum / 1'000'000));
    QByteArray bytes = file.readAll();
    if (file.error() != QFileDevice::NoError)
        return Error{Error::Kind::NotReadable, QStringLiteral("%1 cannot be read: %2.").arg(path, file.errorString())};
    if (bytes.isEmpty()) return bad(QStringLiteral("%1 is empty.").arg(path));
    return bytes;
}

Result<QImage> decodePicture(const QByteArray& bytes, const QString& name, const PictureLimits& limits) {
    const Container container = inspectContainer(bytes);
    if (container.format == PictureFormat::Unknown)
        return bad(
            QStringLiteral("%1 is not a picture Eyelid can open (PNG, JPEG, WebP, BMP, TIFF or GIF).").arg(name));
    if (!container.complete)
        return bad(QStringLiteral("%1 is cut short: the file ends before the picture does.").arg(name));

    QByteArray data = bytes;
    QBuffer buffer(&data);
    buffer.open(QIODevice::ReadOnly);
    QImageReader reader(&buffer, formatName(container.format).toLower().toLatin1());
    reader.setAutoTransform(true);
    // The size is known from the header: a small file that would swell to gigabytes is refused before it does.
    const QSize size = reader.size();
    if (size.isValid()) {
        if (size.width() <= 0 || size.height() <= 0)
            return bad(QStringLiteral("%1 holds a picture of no size.").arg(name));
        if (size.width() > limits.side || size.height() > limits.side)
            return bad(QStringLiteral("%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side.")
                           .arg(name)
                           .arg(size.width())
                           .arg(size.height())
                           .arg(limits.side));
        if (qint64(size.width()) * size.height() > limits.pixels)
            return bad(QStringLiteral("%1 is %2 x %3 pixels, %4 million in all; Eyelid opens up to %5 million.")
                           .arg(name)
                           .arg(size.width())
                           .arg(size.height())
                           .arg(qint64(size.width()) * size.height() / 1'000'000)
                           .arg(limits.pixels / 1'000'000));
    }
    reader.setAllocationLimit(int(limits.pixels * 8 / 1'000'000));
    const QImage image = reader.read();
    if (image.isNull())
        return bad(
            QStringLiteral("%1 is a damaged %2 picture and cannot be opened.").arg(name, formatName(container.format)));
    if (image.width() > limits.side || image.height() > limits.side)
        return bad(QStringLiteral("%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side.")
                       .arg(name)
                       .arg(image.width())
                       .arg(image.height())
                       .arg(limits.side));
    return flattened(image);
}

Result<QImage> readPicture(const QString& path, const PictureLimits& limits) {
    auto bytes = readFile(path, limits.fileBytes);
    if (!bytes) return bytes.error();
    return decodePicture(*bytes, path, limits);
}

QStringList readableEndings() {
    return {QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("jpeg"), QStringLiteral("webp"),
            QStringLiteral("bmp"), QStringLiteral("tif"), QStringLiteral("tiff"), QStringLiteral("gif")};
}

QImage flattened(const QImage& picture) {
    QImage result;
    if (picture.hasAlphaChannel()) {
        result = QImage(picture.size(), QImage::Format_RGB32);
        result.fill(Qt::white);
        QImage source = picture;
        source.setDevicePixelRatio(1);
        QPainter painter(&result);
        painter.drawImage(0, 0, source);
    } else {
        result = picture.convertToFormat(QImage::Format_RGB32);
    }
    result.setDevicePixelRatio(1);
    return result;
}

QByteArray encodePng(const QImage& picture) {
    const QImage rgb = flattened(picture).convertToFormat(QImage::Format_RGB888);
    QByteArray out;
    if (rgb.isNull()) return out;
    png_structp png = png_create_write_struct(PNG_LIBPNG_VER_STRING, nullptr, nullptr, nullptr);
    png_infop info = png ? png_create_info_struct(png) : nullptr;
    if (!info || setjmp(png_jmpbuf(png))) {
        png_destroy_write_struct(&png, &info);
        return {};
    }
    png_set_write_fn(png, &out, appendBytes, flushNothing);
    png_set_IHDR(png, info, png_uint_32(rgb.width()), png_uint_32(rgb.height()), 8, PNG_COLOR_TYPE_RGB,
                 PNG_INTERLACE_NONE, PNG_COMPRESSION_TYPE_DEFAULT, PNG_FILTER_TYPE_DEFAULT);
    png_set_compression_level(png, 6);
    png_set_filter(png, 0, PNG_FILTER_SUB | PNG_FILTER_UP);
    png_write_info(png, info);
    for (int y = 0; y < rgb.height(); ++y) png_write_row(png, rgb.constScanLine(y));
    png_write_end(png, nullptr);
    png_destroy_write_struct(&png, &info);
    return out;
}

Result<Done> writeFileWhole(const QString& path, const QByteArray& bytes, bool overwrite) {
    const QFileInfo info(path);
    const QString folder = info.absolutePath();
    const auto failed = [&](const QString& why) {
        return Error{Error::Kind::NotWritable, QStringLiteral("%1 cannot be written: %2.").arg(path, why)};
    };
    if (!QFileInfo(folder).isDir()) return failed(QStringLiteral("the folder %1 does not exist").arg(folder));
    const Error exists{
        Error::Kind::Exists,
        QStringLiteral("%1 is there already; choose another folder, or say that it may be replaced.").arg(path)};
    if (!overwrite && info.exists()) return exists;

    QTemporaryFile file(folder + QStringLiteral("/.eyelid-XXXXXX.part"));
    if (!file.open()) return failed(file.errorString());
    if (file.write(bytes) != bytes.size() || !file.flush() || ::fsync(file.handle()) != 0) {
        const QString why = errno == ENOSPC ? QStringLiteral("the disk is full") : file.errorString();
        return failed(why);
    }
    const QByteArray from = QFile::encodeName(file.fileName()), to = QFile::encodeName(info.absoluteFilePath());
    // QTemporaryFile makes files for their owner alone; a release is an ordinary file of the user's.
    const mode_t mask = ::umask(0);
    ::umask(mask);
    ::fchmod(file.handle(), 0666 & ~mask);
    const unsigned flags = overwrite ? 0u : unsigned(RENAME_NOREPLACE);
    int done = ::renameat2(AT_FDCWD, from.constData(), AT_FDCWD, to.constData(), flags);
    // Some network file systems know no flags; there the check above must do.
    if (done != 0 && errno == EINVAL) done = ::rename(from.constData(), to.constData());
    if (done != 0) return errno == EEXIST ? exists : failed(QString::fromLocal8Bit(std::strerror(errno)));
    file.setAutoRemove(false);
    return Done{};
}

} // namespace eyelid
