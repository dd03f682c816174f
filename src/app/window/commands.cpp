#include "app/window/commands.h"

#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <QApplication>
#include <QMenu>

namespace eyelid {
namespace {

QString titleOf(JobStep step) {
    switch (step) {
    case JobStep::Case:
        return Tr::tr("Case");
    case JobStep::Take:
        return Tr::tr("Take");
    case JobStep::Read:
        return Tr::tr("Read");
    case JobStep::Decide:
        return Tr::tr("Decide");
    case JobStep::Explain:
        return Tr::tr("Explain");
    case JobStep::Release:
        return Tr::tr("Release");
    case JobStep::View:
        return Tr::tr("View");
    case JobStep::Help:
        return Tr::tr("Help");
    }
    return {};
}

} // namespace

QString FoundCommand::line() const {
    const QString keys = action->shortcut().toString(QKeySequence::NativeText);
    const QString name = action->text().section(u'\t', 0, 0);
    return keys.isEmpty() ? sentence(Tr::tr("%1  ·  %2"), name, step)
                          : sentence(Tr::tr("%1  ·  %2  ·  %3"), name, step, keys);
}

void Commands::add(JobStep step, const std::vector<Command>& commands) {
    for (const Command& command : commands) {
        auto* action = new QAction(command.text, &m_window);
        useKeys(*action, command, settings::commandKeys(command.id).value_or(command.keys));
        action->setAutoRepeat(command.repeats);
        action->setCheckable(command.checkable);
        action->setIconText(u' ' + command.text); // beside its icon, with a gap
        if (!command.keyElsewhere.isEmpty()) action->setText(command.text + u'\t' + command.keyElsewhere);
        connect(action, &QAction::triggered, this, [run = command.run] { run(); });
        m_window.addAction(action);
        m_entries.push_back({step, command, action});
        m_byId.insert(command.id, action);
    }
}

void Commands::useKeys(QAction& action, const Command& command, const QList<QKeySequence>& keys) const {
    action.setShortcuts(keys);
    const QString name = QString(command.text).remove(QStringLiteral("…"));
    action.setToolTip(
        keys.isEmpty() ? name : sentence(Tr::tr("%1 (%2)"), name, keys.first().toString(QKeySequence::NativeText)));
}

const Commands::Entry& Commands::entry(const QString& id) const {
    const auto at =
        std::find_if(m_entries.begin(), m_entries.end(), [&](const Entry& one) { return one.command.id == id; });
    if (at == m_entries.end()) qFatal("there is no command %s", qPrintable(id));
    return *at;
}

void Commands::setKeys(const QString& id, const QList<QKeySequence>& keys) {
    const Entry& of = entry(id);
    useKeys(*of.action, of.command, keys);
    settings::setCommandKeys(id, keys);
}

void Commands::resetKeys(const QString& id) {
    const Entry& of = entry(id);
    useKeys(*of.action, of.command, of.command.keys);
    settings::setCommandKeys(id, std::nullopt);
}

bool Commands::hasOwnKeys(const QString& id) const {
    return settings::commandKeys(id).has_value();
}

const QAction* Commands::withKeys(const QKeySequence& keys, const QString& butNot) const {
    for (const Entry& one : m_entries)
        if (one.command.id != butNot && one.action->shortcuts().contains(keys)) return one.action;
    return nullptr;
}

QAction& Commands::operator[](const QString& id) const {
    QAction* action = m_byId.value(id);
    if (!action) qFatal("there is no command %s", qPrintable(id));
    return *action;
}

QList<FoundCommand> Commands::matching(const QString& words) const {
    const QStringList wanted = words.split(u' ', Qt::SkipEmptyParts);
    QList<FoundCommand> found;
    for (const Entry& entry : m_entries) {
        const QString all = entry.command.text + u' ' + entry.command.alsoCalled + u' ' + titleOf(entry.step);
        if (std::all_of(wanted.begin(), wanted.end(),
                        [&](const QString& word) { return all.contains(word, Qt::CaseInsensitive); }))
            found.push_back({entry.action, titleOf(entry.step)});
    }
    return found;
}

QMenu* Commands::menu() const {
    auto* all = new QMenu(&m_window);
    for (const JobStep step : {JobStep::Case, JobStep::Take, JobStep::Read, JobStep::Decide, JobStep::Explain,
                               JobStep::Release, JobStep::View, JobStep::Help}) {
        QMenu* menu = all->addMenu(titleOf(step));
        for (const Entry& entry : m_entries) {
            if (entry.step != step || entry.command.notInMenu) continue;
            if (entry.command.startsGroup) menu->addSeparator();
            menu->addAction(entry.action);
        }
    }
    return all;
}

void Commands::refreshIcons(const Theme& t) {
    for (const Entry& entry : m_entries)
        if (!entry.command.icon.isEmpty()) entry.action->setIcon(themedIcon(entry.command.icon, t.ink));
}

} // namespace eyelid
