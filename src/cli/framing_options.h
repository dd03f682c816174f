// Framing and marks as options of the command line.
#pragma once

#include "base/result.h"
#include "cli/options.h"
#include "editing/framing.h"
#include "editing/mark.h"

namespace eyelid {

class FramingOptions {
public:
    void addTo(CLI::App* command);
    /// Errors: BadInput for what is no crop or size.
    Result<Framing> framing() const;
    /// Those of the file that was named; none where none was. Errors: as readFile() and marksFromJson().
    Result<std::vector<Mark>> marks() const;
    /// The longest side of the small versions; 0: none are wanted.
    int small() const { return m_small; }

private:
    std::string m_crop, m_resize, m_marks, m_edge, m_canvas, m_ground, m_borderColour;
    int m_turn = 0, m_border = 0, m_corner = 0, m_shadow = 0, m_small = 0;
    double m_straighten = 0;
    bool m_mirror = false;
    bool m_transparent = false;
};

} // namespace eyelid
