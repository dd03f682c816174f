#include "app/releasing/ways_row.h"

#include "app/window/dialog_parts.h"
#include "base/sentence.h"
#include "releasing/names.h"

#include <algorithm>
#include <QComboBox>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QPushButton>

namespace eyelid {
namespace {

// But for its name, and for a folder it does not name.
bool sameWay(Way a, Way b) {
    a.name = b.name = QString();
    if (a.to.folderPath.isEmpty() || !a.to.folder) a.to.folderPath = b.to.folderPath;
    if (a.form.names.isEmpty()) a.form.names = usualNames;
    return a == b;
}

} // namespace

WaysRow::WaysRow(std::function<Way()> current, QWidget* parent)
    : QWidget(parent), m_current(std::move(current)), m_way(new QComboBox),
      m_forget(new QPushButton(Tr::tr("Forget it"))) {
    QHBoxLayout* layout = rowLayout(this);
    m_way->setObjectName(QStringLiteral("releaseWay"));
    m_way->setAccessibleName(Tr::tr("Way"));
    m_way->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    auto* keep = new QPushButton(Tr::tr("Keep as…"));
    keep->setObjectName(QStringLiteral("keepWay"));
    keep->setToolTip(Tr::tr("Keeps all that is chosen below under a name, to be released so again with one key."));
    m_forget->setObjectName(QStringLiteral("forgetWay"));
    layout->addWidget(m_way);
    layout->addWidget(keep);
    layout->addWidget(m_forget);
    layout->addStretch();
    connect(m_way, &QComboBox::activated, this, &WaysRow::choose);
    connect(keep, &QPushButton::clicked, this, &WaysRow::keepAs);
    connect(m_forget, &QPushButton::clicked, this, &WaysRow::forget);
    fill({});
}

QString WaysRow::chosen() const {
    return m_way->currentData().toString();
}

void WaysRow::showWay(const QString& name) {
    m_way->setCurrentIndex(std::max(0, m_way->findData(name)));
    m_forget->setEnabled(!chosen().isEmpty());
}

void WaysRow::showIfSame(const QString& name) {
    const auto known = keptWays();
    const auto way = known ? known->way(name) : std::nullopt;
    showWay(way && sameWay(*way, m_current()) ? name : QString());
}

void WaysRow::fill(const QString& chosen) {
    m_way->clear();
    m_way->addItem(Tr::tr("As it is chosen here"), QString());
    const auto known = keptWays();
    if (known)
        for (const Way& each : known->ways)
            m_way->addItem(sentence(Tr::tr("%1: %2, %3"), each.name, formatTitle(each.form), titleOf(each.to)),
                           each.name);
    showWay(chosen);
}

void WaysRow::choose() {
    const auto known = keptWays();
    const auto way = known ? known->way(chosen()) : std::nullopt;
    if (way) emit chose(*way);
    m_forget->setEnabled(!chosen().isEmpty());
}

void WaysRow::keepAs() {
    bool taken = false;
    const QString name =
        QInputDialog::getText(this, Tr::tr("Keep this way"), Tr::tr("Its name:"), QLineEdit::Normal, chosen(), &taken)
            .trimmed();
    if (!taken || name.isEmpty()) return;
    Way way = m_current();
    way.name = name;
    change([&](Ways& all) { all.put(way); }, name);
}

void WaysRow::forget() {
    const QString name = chosen();
    change([&](Ways& all) { all.ways.removeIf([&](const Way& each) { return each.name == name; }); }, {});
}

void WaysRow::change(const std::function<void(Ways&)>& change, const QString& chosen) {
    auto known = keptWays();
    if (!known) return emit trouble(known.error().sentence);
    change(*known);
    if (const auto kept = keepWays(*known); !kept) return emit trouble(kept.error().sentence);
    fill(chosen);
}

} // namespace eyelid
