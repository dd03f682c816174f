// A small network that reads uniform lines of screen type, taught with lines drawn in many fonts (tools/line-model).
//
// Method: a fully convolutional network whose columns are read by connectionist temporal classification (Graves et al.,
// 2006). It sees some eight letters to each side and knows no words, so that keys and numbers are read as well as
// prose.
#pragma once

#include "base/result.h"
#include "reading/recogniser.h"
#include "reading/uniform_line.h"

#include <memory>
#include <QImage>
#include <vector>

namespace eyelid {

/// Used by one thread at a time.
class LineModel {
public:
    static constexpr int above = 28, height = 40; ///< rows over the baseline, and in all, that the network sees

    /// Fails when the file that ships with the application is not there or is not a network.
    static Result<std::unique_ptr<LineModel>> load();
    ~LineModel();

    /// Boxes are in the uniform line's pixels and good to about a stroke. The same line gives the same glyphs.
    std::vector<ReadGlyph> read(const UniformLine& line);

private:
    LineModel();
    struct Network;
    std::unique_ptr<Network> m_network;
};

/// What the network is shown of a line: Grayscale8, black on white, `height` rows.
QImage modelPicture(const UniformLine& line);

} // namespace eyelid
