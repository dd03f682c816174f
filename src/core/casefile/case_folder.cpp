#include "casefile/case_folder.h"

#include "base/files.h"
#include "base/sentence.h"
#include "casefile/case_json.h"
#include "picture/picture_file.h"

#include <nlohmann/json.hpp>

namespace eyelid {
namespace {

constexpr int folderVersion = 1;

QString pictureName(const PictureId& id) {
    constexpr qsizetype digits = 16;
    return QStringLiteral("picture-%1.png").arg(QString::fromLatin1(id.toHex().left(digits)));
}

nlohmann::json parsed(const QByteArray& json) {
    return nlohmann::json::parse(json.begin(), json.end());
}

QByteArray dumped(const nlohmann::json& json) {
    return QByteArray::fromStdString(json.dump(1));
}

nlohmann::json changesJson(const std::vector<Change>& changes) {
    nlohmann::json all = nlohmann::json::array();
    for (const Change& change : changes) all.push_back(parsed(changeToJson(change)));
    return all;
}

Error noCase(const QString& path) {
    return {Error::Kind::BadInput, sentence(Tr::tr("%1 is no case that was taken out."), path)};
}

std::optional<std::vector<Change>> changesFrom(const nlohmann::json& all) {
    std::vector<Change> changes;
    for (const nlohmann::json& one : all) {
        auto change = changeFromJson(dumped(one));
        if (!change) return std::nullopt;
        changes.push_back(std::move(*change));
    }
    return changes;
}

Result<KeptCase> keptFrom(const QByteArray& bytes, const QString& path) {
    try {
        const nlohmann::json all = parsed(bytes);
        if (all.at("version").get<int>() > folderVersion)
            return Error{Error::Kind::BadInput,
                         sentence(Tr::tr("%1 was taken out by a newer Eyelid; bring it in with that one."), path)};
        auto state = stateFromJson(dumped(all.at("state")));
        auto done = changesFrom(all.at("done")), undone = changesFrom(all.at("undone"));
        if (!state || !done || !undone) return noCase(path);
        return KeptCase{std::move(*state), History(std::move(*done), std::move(*undone)),
                        QByteArray::fromHex(QByteArray::fromStdString(all.at("secret").get<std::string>()))};
    } catch (const nlohmann::json::exception&) {
        return noCase(path);
    }
}

} // namespace

Result<Done> takeOut(const KeptCase& kept, const PictureStore& pictures, const QString& folder) {
    FileSet files;
    const auto stage = [&](const QString& name, const QByteArray& bytes) {
        return files.stage(joinedPath(folder, name), bytes, FileMode::Private);
    };
    if (auto made = makeFolder(folder); !made) return made.error();
    for (const PictureId& id : picturesOf(kept.state, kept.history)) {
        if (id.isNull()) continue;
        const QImage picture = pictures.picture(id);
        if (picture.isNull())
            return Error{Error::Kind::BadInput,
                         Tr::tr("A picture of this case cannot be read; nothing was taken out.")};
        if (auto staged = stage(pictureName(id), encodePng(picture)); !staged) return staged.error();
    }
    for (const Capture& capture : kept.state.captures)
        if (capture.page) {
            const QString name = QStringLiteral("capture-%1.page.json").arg(capture.id);
            if (auto staged = stage(name, readingsToJson(capture.readings)); !staged) return staged.error();
        }
    const QByteArray all = dumped({{"version", folderVersion},
                                   {"state", parsed(stateToJson(kept.state))},
                                   {"done", changesJson(kept.history.done())},
                                   {"undone", changesJson(kept.history.undone())},
                                   {"secret", kept.secret.toHex().toStdString()}});
    if (auto staged = stage(QStringLiteral("case.json"), all); !staged) return staged.error();
    return files.commit(false);
}

Result<KeptCase> bringIn(const QString& folder, PictureStore& pictures) {
    const QString path = joinedPath(folder, QStringLiteral("case.json"));
    auto bytes = readFile(path);
    if (!bytes) return bytes.error();
    auto kept = keptFrom(*bytes, path);
    if (!kept) return kept.error();
    for (const PictureId& id : picturesOf(kept->state, kept->history)) {
        if (id.isNull()) continue;
        const QString file = joinedPath(folder, pictureName(id));
        auto picture = readPicture(file);
        if (!picture) return picture.error();
        const QImage flat = flattened(*picture);
        if (PictureId::of(flat) != id)
            return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is not the picture the case speaks of."), file)};
        pictures.keep(id, flat);
    }
    return kept;
}

} // namespace eyelid
