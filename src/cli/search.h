// What several commands share: what is looked for, and work on all cores.
#pragma once

#include "base/result.h"
#include "finding/policy.h"
#include "finding/watch_list.h"
#include "reading/reader.h"

#include <functional>
#include <memory>
#include <nlohmann/json.hpp>
#include <QImage>
#include <QRect>
#include <QRectF>
#include <QString>
#include <vector>

namespace eyelid {

struct FindSettings;
struct Leak;

/// What to find, loaded and understood.
struct Search {
    Policy policy;
    WatchList watch;
    QString languages;
};
/// Errors: a policy, watch list or language that cannot be used.
Result<Search> loadSearch(const FindSettings& settings);

/// Readers for work on many pictures: of several pictures each worker reads its own, one has all cores to itself. Work
/// is dealt out in a fixed way, so that a reader meets in a second pass the lines it knows.
class ReadingCrew {
public:
    explicit ReadingCrew(size_t pictures);
    /// Runs `work(index, reader)` for each picture.
    void each(const std::function<void(size_t, Reader&)>& work);

private:
    size_t m_pictures;
    std::vector<std::unique_ptr<Reader>> m_readers;
};

/// A picture file's first frame; where there are more, says so. Errors: as readPicture().
Result<QImage> readFirst(const QString& file);

/// "x,y,w,h", in pixels; `option` is named in the error.
Result<QRect> parseRect(const QString& text, const char* option);

nlohmann::ordered_json boxJson(const QRectF& box);
double rounded(double value, double steps);
void sayLeaks(const std::vector<Leak>& leaks);

} // namespace eyelid
