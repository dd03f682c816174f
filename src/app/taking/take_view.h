// The desk as a map: monitors to scale with their windows. What would be taken is outlined before it is taken, on the
// map and on the real screen.
#pragma once

#include "app/taking/desk_map.h"
#include "app/taking/take_kind.h"
#include "base/workers.h"

#include <QDialog>

class QCheckBox;
class QLayout;
class QComboBox;
class QDoubleSpinBox;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace eyelid {

struct Theme;

/// Four strips around a place on the real screen; they do not get in the way of pictures or of the pointer.
class HoverOutline final : public QObject {
public:
    HoverOutline();
    ~HoverOutline() override;
    /// In device pixels of the desk this program runs on; an empty place hides it.
    void show(const QRect& place);

private:
    std::vector<std::unique_ptr<QWidget>> m_strips;
};

class TakeView final : public QDialog {
    Q_OBJECT
public:
    /// `last`: the region taken last; empty if there is none.
    TakeView(const Source& source, const Theme& theme, const QRect& last = {}, QWidget* parent = nullptr);

    ~TakeView() override;
    DeskMap* map() { return m_map; }

signals:
    /// What to take and how. Taking is left to who opened this view, since this window may not be in the picture.
    void asked(eyelid::TakeRequest request);

protected:
    void hideEvent(QHideEvent*) override;

private:
    QLayout* makeMap(const QRect& last);
    QLayout* makeOnScreen(const QRect& last);
    void makeTargets();
    QLayout* makeOptions();
    void makeTimes();
    QLayout* makeButtons();
    void bind();
    void takeMiniature(size_t index);
    void choose(const Target& target);
    void take();
    void ask(TakeRequest request);
    void refresh();
    QString describe(const Target& target) const;

    const Source& m_source;
    const Theme& m_theme;
    DeskLayout m_layout;
    DeskMap* m_map = nullptr;
    QListWidget* m_list = nullptr;
    QPushButton* m_take = nullptr;
    QDoubleSpinBox *m_delay = nullptr, *m_every = nullptr;
    QSpinBox* m_threshold = nullptr;
    QComboBox* m_series = nullptr;
    QCheckBox *m_pointer = nullptr, *m_frame = nullptr, *m_scroll = nullptr, *m_back = nullptr;
    std::vector<Target> m_targets;
    Target m_chosen;
    std::unique_ptr<HoverOutline> m_outline;
    Lane m_lane; ///< makes miniatures small; ends before the rest goes
};

} // namespace eyelid
