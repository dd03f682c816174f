#include "app/releasing/places_view.h"

#include "app/window/dialog_parts.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "releasing/destinations/drop.h"
#include "releasing/destinations/handing_over.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSpinBox>
#include <QVBoxLayout>

namespace eyelid {

PlacesView::PlacesView(const Theme& theme, QWidget* parent) : QDialog(parent), m_theme(theme) {
    setObjectName(QStringLiteral("placesView"));
    setWindowTitle(Tr::tr("Places to drop releases at"));
    resize(760, 470);
    QVBoxLayout* layout = dialogColumn(*this, titleLabel(windowTitle()));
    auto* middle = new QHBoxLayout;
    middle->setSpacing(12);
    m_list = new QListWidget;
    m_list->setObjectName(QStringLiteral("places"));
    m_list->setAccessibleName(Tr::tr("Places"));
    m_list->setFixedWidth(atTypeSize(190));
    middle->addWidget(m_list);
    middle->addWidget(fields(), 1);
    layout->addLayout(middle, 1);
    m_hint = new QLabel;
    m_hint->setObjectName(QStringLiteral("placeHint"));
    m_hint->setWordWrap(true);
    layout->addWidget(m_hint);
    layout->addWidget(buttonRow());
    auto known = keptWays();
    m_readable = bool(known);
    if (known) m_known = std::move(*known);
    connect(m_list, &QListWidget::currentRowChanged, this, [this](int row) {
        showPlace(row >= 0 && row < m_known.places.size() ? m_known.places[row] : DropPlace{});
    });
    fill(m_known.places.isEmpty() ? QString() : m_known.places.first().name);
    if (!m_readable) say(known.error().sentence, m_theme.brick);
}

PlacesView::~PlacesView() {
    ++m_asked;
    m_looking->cancel();
    m_lane.finish();
}

QLineEdit* PlacesView::addField(const char* name, const QString& label, const QString& hint) {
    auto* field = new QLineEdit;
    field->setObjectName(QLatin1String(name));
    field->setPlaceholderText(hint);
    field->setAccessibleName(label);
    auto* said = new QLabel(label);
    said->setBuddy(field);
    const int row = m_rows->rowCount();
    m_rows->addWidget(said, row, 0);
    m_rows->addWidget(field, row, 1, 1, 2);
    connect(field, &QLineEdit::textChanged, this, &PlacesView::refresh);
    return field;
}

QWidget* PlacesView::fields() {
    auto* inside = new QWidget;
    m_rows = new QGridLayout(inside);
    m_rows->setContentsMargins(0, 0, 0, 0);
    m_rows->setVerticalSpacing(8);
    m_rows->setHorizontalSpacing(12);
    m_rows->setColumnStretch(1, 1);
    m_name = addField("placeName", Tr::tr("Name"), Tr::tr("What it is chosen by"));
    m_address = addField("placeAddress", Tr::tr("Address"), Tr::tr("https://… (WebDAV) or sftp://…, of the folder"));
    m_user = addField("placeUser", Tr::tr("User"), {});
    m_password = addField("placePassword", Tr::tr("Password"), Tr::tr("As it is kept in the key ring"));
    m_password->setEchoMode(QLineEdit::Password);
    m_keyFile = addField("placeKeyFile", Tr::tr("Key file"), Tr::tr("Instead of a password"));
    m_hostKey = addField("placeHostKey", Tr::tr("Server's key"), Tr::tr("SHA-256; no other server is spoken to"));
    m_rows->removeWidget(m_hostKey);
    m_look = new QPushButton(Tr::tr("Ask the server"));
    m_look->setObjectName(QStringLiteral("placeLook"));
    m_look->setAutoDefault(false);
    const int row = m_rows->rowCount() - 1;
    m_rows->addWidget(m_hostKey, row, 1);
    m_rows->addWidget(m_look, row, 2);
    m_authority =
        addField("placeAuthority", Tr::tr("Authority"), Tr::tr("A file, where the office has one of its own"));
    m_link = addField("placeLink", Tr::tr("Link"), Tr::tr("What others open it by, if it is another address"));
    m_days = new QSpinBox;
    m_days->setObjectName(QStringLiteral("placeDays"));
    m_days->setAccessibleName(Tr::tr("Meant to lie there"));
    m_days->setRange(0, 3650);
    m_days->setSpecialValueText(Tr::tr("Nothing is said of it"));
    m_days->setSuffix(Tr::tr(" days, said in its name"));
    m_rows->addWidget(new QLabel(Tr::tr("Lies there")), m_rows->rowCount(), 0);
    m_rows->addWidget(m_days, m_rows->rowCount() - 1, 1, 1, 2);
    m_rows->setRowStretch(m_rows->rowCount(), 1);
    connect(m_look, &QPushButton::clicked, this, &PlacesView::lookForKey);
    return inside;
}

QWidget* PlacesView::buttonRow() {
    auto* row = new QWidget;
    QHBoxLayout* layout = rowLayout(row);
    auto* another = new QPushButton(Tr::tr("Another"));
    m_forget = new QPushButton(Tr::tr("Forget it"));
    m_forget->setObjectName(QStringLiteral("placeForget"));
    auto* close = new QPushButton(Tr::tr("Close"));
    m_keep = new QPushButton(Tr::tr("Keep it"));
    m_keep->setObjectName(QStringLiteral("placeKeep"));
    m_keep->setProperty("primary", true);
    for (QPushButton* button : {another, m_forget}) layout->addWidget(button);
    layout->addStretch();
    layout->addWidget(close);
    layout->addWidget(m_keep);
    connect(another, &QPushButton::clicked, this, [this] {
        m_list->setCurrentRow(-1);
        showPlace({});
        m_name->setFocus();
    });
    connect(m_forget, &QPushButton::clicked, this, &PlacesView::forget);
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    connect(m_keep, &QPushButton::clicked, this, &PlacesView::keep);
    return row;
}

DropPlace PlacesView::place() const {
    const auto text = [](const QLineEdit* field) { return field->text().trimmed(); };
    DropPlace place{text(m_name),    text(m_address),   text(m_user), text(m_hostKey),
                    text(m_keyFile), text(m_authority), text(m_link), m_days->value()};
    if (place.hostKey.startsWith(QStringLiteral("SHA256:"))) place.hostKey = place.hostKey.mid(7);
    return place;
}

void PlacesView::showPlace(const DropPlace& place) {
    m_name->setText(place.name);
    m_address->setText(place.address);
    m_user->setText(place.user);
    m_hostKey->setText(place.hostKey);
    m_keyFile->setText(place.keyFile);
    m_authority->setText(place.authority);
    m_link->setText(place.link);
    m_days->setValue(place.days);
    m_password->clear();
    refresh();
}

void PlacesView::fill(const QString& chosen) {
    m_list->clear();
    for (const DropPlace& each : m_known.places) m_list->addItem(each.name);
    const auto found = m_list->findItems(chosen, Qt::MatchExactly);
    if (!found.isEmpty())
        m_list->setCurrentItem(found.first());
    else
        showPlace({});
}

void PlacesView::refresh() {
    const DropPlace here = place();
    const bool sftp = here.isSftp(), untouched = here == DropPlace{};
    for (QWidget* part : std::initializer_list<QWidget*>{m_hostKey, m_look, m_keyFile}) part->setEnabled(sftp);
    m_authority->setEnabled(!sftp);
    const auto right = checkPlace(here);
    m_keep->setEnabled(m_readable && right && !(sftp && here.hostKey.isEmpty()));
    m_look->setEnabled(sftp && right);
    m_forget->setEnabled(bool(m_known.place(here.name)));
    if (untouched)
        say(Tr::tr("A folder of a server, by WebDAV or SFTP. Releases are sent there whole or not at all."),
            m_theme.faint);
    else if (!right)
        say(right.error().sentence, m_theme.ink);
    else if (sftp && here.hostKey.isEmpty())
        say(Tr::tr("Ask the server for its key, and compare it with what its keeper says."), m_theme.ink);
    else
        say({}, m_theme.ink);
}

void PlacesView::lookForKey() {
    say(Tr::tr("Asking the server…"), m_theme.ink);
    const int asked = ++m_asked;
    m_looking->cancel();
    m_looking = std::make_shared<Progress>();
    m_lane.start([this, asked, place = place(), progress = m_looking] {
        const auto key = hostKeyOf(place, *progress);
        QMetaObject::invokeMethod(this, [this, asked, key] {
            if (asked != m_asked) return;
            if (!key) return say(key.error().sentence, m_theme.brick);
            m_hostKey->setText(*key);
            say(Tr::tr(
                    "This is what the server shows. Compare it with what its keeper says before you keep it: whoever "
                    "stands in between could show another."),
                m_theme.clay);
        });
    });
}

// The key ring may ask for its own password first.
void PlacesView::keep() {
    const DropPlace here = place();
    if (m_password->text().isEmpty()) return keepNow(here);
    say(Tr::tr("Waiting for the key ring…"), m_theme.ink);
    const int asked = ++m_asked;
    m_lane.start([this, asked, here, password = m_password->text()] {
        const auto kept = keepPassword(here, password);
        QMetaObject::invokeMethod(this, [this, asked, here, kept] {
            if (asked != m_asked) return;
            if (kept) return keepNow(here);
            say(sentence(Tr::tr("The password was not kept: %1 Without a key ring, use a key file."),
                         kept.error().sentence),
                m_theme.brick);
        });
    });
}

void PlacesView::keepNow(const DropPlace& here) {
    m_known.put(here);
    const auto kept = keepWays(m_known);
    if (!kept) return say(kept.error().sentence, m_theme.brick);
    fill(here.name);
    say(sentence(Tr::tr("“%1” is kept."), here.name), m_theme.pine);
}

void PlacesView::forget() {
    const QString name = m_name->text().trimmed();
    const auto gone = m_known.place(name);
    if (!gone) return;
    m_known.places.removeIf([&](const DropPlace& each) { return each.name == name; });
    const auto kept = keepWays(m_known);
    if (!kept) return say(kept.error().sentence, m_theme.brick);
    m_lane.start([place = *gone] { (void)forgetPassword(place); });
    fill({});
}

void PlacesView::say(const QString& text, const QColor& colour) {
    m_hint->setText(text);
    m_hint->setStyleSheet(QStringLiteral("color: %1").arg(colour.name()));
}

} // namespace eyelid
