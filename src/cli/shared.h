// What several commands share: what is looked for, and how things are told.
#pragma once

#include "base/result.h"
#include "pipeline/search.h"

#include <nlohmann/json.hpp>
#include <QImage>
#include <QRect>
#include <QRectF>
#include <QString>
#include <vector>

namespace eyelid {

struct FindSettings;
struct Leak;

/// Errors: a policy, watch list or language that cannot be used.
Result<Search> loadSearch(const FindSettings& settings);

/// A picture file's first frame; where there are more, says so. Errors: as readPicture().
Result<QImage> readFirst(const QString& file);

/// A secret: the first line of a file, "-" being standard input; empty where none is named. Errors: as readFile();
/// BadInput for an empty line.
Result<QByteArray> firstLineOf(const QString& path);

/// "x,y,w,h", in pixels; `option` is named in the error.
Result<QRect> parseRect(const QString& text, const char* option);

nlohmann::ordered_json boxJson(const QRectF& box);
double rounded(double value, double steps);
void sayLeaks(const std::vector<Leak>& leaks);

} // namespace eyelid
