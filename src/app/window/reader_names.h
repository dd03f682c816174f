// What screen readers are told of controls that Qt names otherwise on this desktop: of a list to choose from it tells
// what is chosen alone, of the button that clears a field nothing.
#pragma once

#include <QObject>

namespace eyelid {

/// For all windows of the program, as long as it lives.
class ReaderNames final : public QObject {
public:
    explicit ReaderNames(QObject& application);

protected:
    bool eventFilter(QObject* object, QEvent* event) override;
};

} // namespace eyelid
