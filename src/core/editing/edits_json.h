// Marks and framing as JSON (RFC 8259): in case files, and as files of their own for the command line. A file of marks
// is {"format": "eyelid marks", "version": 1, "marks": [...]}; docs/marks.schema.json has every key. Places are in the
// capture's device pixels, colours are "#rrggbb" or, translucent, "#aarrggbb".
#pragma once

#include "base/result.h"
#include "editing/framing.h"
#include "editing/mark.h"

#include <nlohmann/json_fwd.hpp>
#include <QByteArray>

namespace eyelid {

/// What stands as usual in a mark of its kind is not written.
void to_json(nlohmann::json& j, const Mark& mark);
/// Throws std::exception with what is wrong, for people to read.
void from_json(const nlohmann::json& j, Mark& mark);
void to_json(nlohmann::json& j, const MarkStyle& style);
void from_json(const nlohmann::json& j, MarkStyle& style);
void to_json(nlohmann::json& j, const Framing& framing);
void from_json(const nlohmann::json& j, Framing& framing);

QByteArray marksToJson(const std::vector<Mark>& marks);
/// Errors: BadInput for what is no file of marks; the sentence names `name`, the mark and what is wrong with it.
Result<std::vector<Mark>> marksFromJson(const QByteArray& json, const QString& name);

} // namespace eyelid
