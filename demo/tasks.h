// How many keys and clicks tasks of a working day take, done in the real window.
#pragma once

namespace eyelid {

class MainWindow;

/// Takes three windows of the demo desk, does the tasks, and prints a line for each. False when one was not done.
bool countTasks(MainWindow& window);

} // namespace eyelid
