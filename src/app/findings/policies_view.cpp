#include "app/findings/policies_view.h"

#include "app/cases/case_worker.h"
#include "app/findings/selection.h"
#include "app/window/dialog_parts.h"
#include "app/window/file_dialogs.h"
#include "base/sentence.h"
#include "finding/known_policies.h"

#include <map>
#include <QCheckBox>
#include <QComboBox>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QInputDialog>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QSaveFile>
#include <QSpinBox>
#include <QStandardPaths>
#include <QTableWidget>
#include <QVBoxLayout>

namespace eyelid {
namespace {

enum Column { KindColumn, SureColumn, StyleColumn, GroundColumn, HereColumn };

// What it was called in other languages was of the policy it was made from.
void callIt(Policy& policy, const QString& name) {
    policy.name = name;
    policy.translated.clear();
}

bool sameRules(const Policy& a, const Policy& b) {
    return writePolicy(a) == writePolicy(b);
}

} // namespace

QString policyFolder() {
    return PolicyFolders::usual().own.first();
}

PoliciesView::PoliciesView(Case& owner, CaseWorker& worker, Selection& selection, QWidget* parent)
    : QDialog(parent), m_case(owner), m_worker(worker), m_selection(selection) {
    setWindowTitle(Tr::tr("Policies"));
    setObjectName(QStringLiteral("policiesView"));
    resize(860, 648); // whole rows
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);

    layout->addLayout(makeTop());
    m_description = new QLabel;
    m_description->setWordWrap(true);
    m_description->setProperty("role", QStringLiteral("faint"));
    layout->addWidget(m_description);

    makeKinds();
    layout->addWidget(m_kinds, 1);

    auto* never = new QLabel(
        Tr::tr("&Never findings: your own addresses, hotlines, public names; one a line, patterns between slashes"));
    m_exceptions = new QPlainTextEdit;
    m_exceptions->setObjectName(QStringLiteral("policyExceptions"));
    m_exceptions->setFixedHeight(64);
    m_exceptions->setTabChangesFocus(true);
    never->setBuddy(m_exceptions);
    layout->addWidget(never);
    layout->addWidget(m_exceptions);
    connect(m_exceptions, &QPlainTextEdit::textChanged, this, &PoliciesView::tryOut);

    layout->addLayout(makeCovers());
    layout->addLayout(makeBottom());
    connect(&m_worker, &CaseWorker::tried, this, &PoliciesView::showEffect);
    connect(&m_selection, &Selection::captureChanged, this, [this] {
        if (isVisible()) tryOut();
    });
    connect(&m_case, &Case::termsChanged, this, [this] { fill(m_case.policy()); });
    // Decided or found meanwhile: what the view compares with.
    connect(&m_case, &Case::captureChanged, this, [this](int id) {
        if (id == m_selection.capture()) tryOut();
    });
    fill(m_case.policy());
}

QLayout* PoliciesView::makeTop() {
    auto* top = new QHBoxLayout;
    auto* label = new QLabel(Tr::tr("&Policy"));
    m_names = new QComboBox;
    m_names->setObjectName(QStringLiteral("policyNames"));
    m_names->setMinimumWidth(240);
    label->setBuddy(m_names);
    top->addWidget(label);
    top->addWidget(m_names);
    auto* open = new QPushButton(Tr::tr("Open a file…"));
    open->setObjectName(QStringLiteral("policyOpen"));
    open->setAutoDefault(false);
    top->addWidget(open);
    top->addStretch(1);
    connect(open, &QPushButton::clicked, this, &PoliciesView::openFile);
    connect(m_names, &QComboBox::activated, this, &PoliciesView::choose);
    return top;
}

QLayout* PoliciesView::makeCovers() {
    auto* row = new QHBoxLayout;
    auto* label = new QLabel(Tr::tr("&Colour of solid covers"));
    m_colour = new QComboBox;
    m_colour->setObjectName(QStringLiteral("policyColour"));
    for (const CoverColour colour : allCoverColours) m_colour->addItem(colourTitle(colour), int(colour));
    label->setBuddy(m_colour);
    m_marks = new QCheckBox(Tr::tr("Stand-ins bear a small mark that says so"));
    m_marks->setObjectName(QStringLiteral("policyMarks"));
    row->addWidget(label);
    row->addWidget(m_colour);
    row->addSpacing(16);
    m_grounds = new QCheckBox(Tr::tr("Labels tell the ground"));
    m_grounds->setObjectName(QStringLiteral("policyGrounds"));
    row->addWidget(m_marks);
    row->addSpacing(16);
    row->addWidget(m_grounds);
    row->addStretch(1);
    connect(m_colour, &QComboBox::currentIndexChanged, this, &PoliciesView::tryOut);
    connect(m_marks, &QCheckBox::toggled, this, &PoliciesView::tryOut);
    connect(m_grounds, &QCheckBox::toggled, this, &PoliciesView::tryOut);
    return row;
}

void PoliciesView::makeKinds() {
    const auto kinds = allKinds();
    m_kinds = new QTableWidget(int(kinds.size()), 5);
    m_kinds->setObjectName(QStringLiteral("policyKinds"));
    m_kinds->setHorizontalHeaderLabels({Tr::tr("Look for"), Tr::tr("At least sure"), Tr::tr("Style"),
                                        Tr::tr("Ground for covering"), Tr::tr("On this capture")});
    m_kinds->verticalHeader()->hide();
    m_kinds->verticalHeader()->setDefaultSectionSize(36);
    m_kinds->setSelectionMode(QAbstractItemView::NoSelection);
    m_kinds->setEditTriggers(QAbstractItemView::NoEditTriggers);
    m_kinds->setShowGrid(false);
    m_kinds->setAccessibleName(Tr::tr("Kinds of the policy"));
    m_kinds->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    m_kinds->horizontalHeader()->setSectionResizeMode(GroundColumn, QHeaderView::Stretch);
    // As wide as their headings are in whichever language.
    for (const auto& [column, least] :
         {std::pair(SureColumn, 110), std::pair(StyleColumn, 110), std::pair(HereColumn, 130)})
        m_kinds->setColumnWidth(column, std::max(least, m_kinds->horizontalHeader()->sectionSizeHint(column)));
    for (const Kind kind : kinds) addKind(kind);
    int widest = 220;
    constexpr int aroundField = 8; // of a cell
    for (const Row& row : m_rows) widest = std::max(widest, row.on->sizeHint().width() + aroundField);
    m_kinds->setColumnWidth(KindColumn, widest);
}

void PoliciesView::addKind(Kind kind) {
    const int row = int(m_rows.size());
    const QString title = kindTitle(kind);
    auto* on = new QCheckBox(title);
    on->setObjectName(QStringLiteral("policyOn"));
    auto* sure = new QSpinBox;
    sure->setRange(0, 100);
    sure->setSingleStep(5);
    sure->setSuffix(QStringLiteral(" %"));
    sure->setAccessibleName(Tr::tr("%1: least confidence").arg(title));
    auto* style = new QComboBox;
    for (const CoverStyle s : allStyles) style->addItem(styleTitle(s), int(s));
    style->setAccessibleName(Tr::tr("%1: style of the cover").arg(title));
    auto* ground = new QLineEdit;
    ground->setPlaceholderText(Tr::tr("none"));
    ground->setAccessibleName(Tr::tr("%1: legal ground or reason code").arg(title));
    // A little room between the rows.
    int column = KindColumn;
    for (QWidget* field : {static_cast<QWidget*>(on), static_cast<QWidget*>(sure), static_cast<QWidget*>(style),
                           static_cast<QWidget*>(ground)}) {
        auto* cell = new QWidget;
        auto* inner = new QHBoxLayout(cell);
        inner->setContentsMargins(2, 3, 6, 3);
        inner->addWidget(field);
        m_kinds->setCellWidget(row, column++, cell);
    }
    m_rows.push_back({on, sure, style, ground});
    m_kinds->setItem(row, HereColumn, new QTableWidgetItem);
    connect(on, &QCheckBox::toggled, this, &PoliciesView::tryOut);
    connect(sure, &QSpinBox::valueChanged, this, &PoliciesView::tryOut);
    connect(style, &QComboBox::currentIndexChanged, this, &PoliciesView::tryOut);
    connect(ground, &QLineEdit::textEdited, this, &PoliciesView::tryOut);
}

QLayout* PoliciesView::makeBottom() {
    auto* bottom = new QHBoxLayout;
    m_effect = new QLabel;
    m_effect->setObjectName(QStringLiteral("policyEffect"));
    m_effect->setWordWrap(true);
    bottom->addWidget(m_effect, 1);
    auto* keep = new QPushButton(Tr::tr("Save as…"));
    keep->setObjectName(QStringLiteral("policySave"));
    auto* close = new QPushButton(Tr::tr("Close"));
    m_use = new QPushButton(Tr::tr("Use for this case"));
    m_use->setObjectName(QStringLiteral("policyUse"));
    m_use->setProperty("primary", true);
    for (QPushButton* b : {keep, close, m_use}) {
        b->setAutoDefault(false);
        bottom->addWidget(b);
    }
    connect(keep, &QPushButton::clicked, this, &PoliciesView::save);
    connect(close, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_use, &QPushButton::clicked, this, &PoliciesView::use);
    return bottom;
}

void PoliciesView::fillNames(const Policy& chosen) {
    m_names->clear();
    PolicyOrigin before = PolicyOrigin::Shipped;
    int at = -1;
    for (const KnownPolicy& known : knownPolicies()) {
        if (known.from != before) m_names->insertSeparator(m_names->count());
        before = known.from;
        m_names->addItem(sentenceCase(titleOf(known)), known.file.isEmpty() ? known.name : known.file);
        if (known.name.compare(chosen.name, Qt::CaseInsensitive) == 0) at = m_names->count() - 1;
        m_names->setItemData(m_names->count() - 1, originTitle(known), Qt::ToolTipRole);
    }
    if (at < 0) {
        m_names->insertSeparator(m_names->count());
        m_names->addItem(sentenceCase(policyTitle(chosen)));
        at = m_names->count() - 1;
    }
    m_names->setCurrentIndex(at);
}

void PoliciesView::choose(int index) {
    const QString source = m_names->itemData(index).toString();
    if (source.isEmpty()) return fill(m_case.policy());
    auto policy = loadPolicy(source);
    if (!policy) {
        QMessageBox::warning(this, windowTitle(), policy.error().sentence);
        return fill(m_case.policy());
    }
    fill(*policy);
}

void PoliciesView::openFile() {
    const FileDialogTraces traces;
    const QString path =
        QFileDialog::getOpenFileName(this, Tr::tr("Open a policy"), policyFolder(), Tr::tr("Policies (*.toml)"));
    if (path.isEmpty()) return;
    auto policy = loadPolicy(path);
    if (!policy)
        QMessageBox::warning(this, windowTitle(), policy.error().sentence);
    else
        fill(*policy);
}

void PoliciesView::fill(const Policy& policy) {
    m_filling = true;
    m_base = policy;
    fillNames(policy);
    m_description->setText(policyDescription(policy));
    const auto kinds = allKinds();
    for (int row = 0; row < int(kinds.size()); ++row) {
        const KindRule& rule = policy.rule(kinds[size_t(row)]);
        const Row& fields = m_rows[size_t(row)];
        // What a pattern of the policy finds is looked for, whatever else is.
        const bool byPattern =
            std::any_of(policy.patterns.begin(), policy.patterns.end(),
                        [&](const PolicyPattern& pattern) { return pattern.kind == kinds[size_t(row)]; });
        fields.on->setChecked(rule.on || byPattern);
        fields.on->setEnabled(!byPattern);
        fields.on->setToolTip(byPattern ? Tr::tr("A pattern of this policy finds it") : QString());
        fields.sure->setValue(qRound(rule.threshold * 100));
        fields.style->setCurrentIndex(fields.style->findData(int(rule.style)));
        fields.ground->setText(rule.ground);
    }
    m_colour->setCurrentIndex(m_colour->findData(int(policy.colour)));
    m_marks->setChecked(policy.marksReplaced);
    m_grounds->setChecked(policy.labelsTellGround);
    m_exceptions->setPlainText(policy.exceptions.entries().join(u'\n'));
    m_filling = false;
    tryOut();
}

Policy PoliciesView::shown() const {
    Policy policy = m_base;
    const auto kinds = allKinds();
    for (int row = 0; row < int(kinds.size()); ++row) {
        KindRule& rule = policy.rule(kinds[size_t(row)]);
        const Row& fields = m_rows[size_t(row)];
        rule.on = fields.on->isChecked();
        rule.threshold = fields.sure->value() / 100.0;
        rule.style = CoverStyle(fields.style->currentData().toInt());
        rule.ground = fields.ground->text().trimmed();
    }
    policy.colour = CoverColour(m_colour->currentData().toInt());
    policy.marksReplaced = m_marks->isChecked();
    policy.labelsTellGround = m_grounds->isChecked();
    policy.exceptions = Exceptions(m_exceptions->toPlainText().split(u'\n', Qt::SkipEmptyParts));
    return policy;
}

void PoliciesView::showEvent(QShowEvent* event) {
    QDialog::showEvent(event);
    fill(m_case.policy());
}

void PoliciesView::done(int result) {
    emit effectShown(m_selection.capture(), {});
    QDialog::done(result);
}

void PoliciesView::tryOut() {
    if (m_filling) return;
    const Policy policy = shown();
    m_use->setEnabled(!sameRules(policy, m_case.policy()));
    for (size_t row = 0; row < m_rows.size(); ++row)
        for (QWidget* field : {static_cast<QWidget*>(m_rows[row].sure), static_cast<QWidget*>(m_rows[row].style),
                               static_cast<QWidget*>(m_rows[row].ground)})
            field->setEnabled(policy.kinds[row].on);
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!isVisible()) return;
    if (!capture || !capture->page) {
        m_effect->setText(capture ? Tr::tr("The effect is shown as soon as the capture has been read.")
                                  : Tr::tr("Open a capture to see what a policy finds on it."));
        for (int row = 0; row < m_kinds->rowCount(); ++row) m_kinds->item(row, HereColumn)->setText({});
        return;
    }
    m_worker.tryPolicy(capture->id, policy);
}

void PoliciesView::showEffect(int id, const std::vector<Finding>& findings) {
    const Capture* capture = m_case.capture(id);
    if (!isVisible() || id != m_selection.capture() || !capture) return;
    std::map<Kind, int> now, then;
    int total = 0;
    const std::vector<Item>& items = m_case.items(id);
    for (const Item& item : items) {
        ++now[item.finding.kind];
        ++total;
    }
    std::vector<QRectF> more;
    for (const Finding& f : findings) {
        ++then[f.kind];
        for (const QRectF& box : f.boxes) {
            bool known = false;
            for (const Item& item : items)
                for (const QRectF& b : item.finding.boxes) known = known || b.intersects(box);
            if (!known) more.push_back(box);
        }
    }
    const auto kinds = allKinds();
    for (int row = 0; row < int(kinds.size()); ++row) {
        const int a = now[kinds[size_t(row)]], b = then[kinds[size_t(row)]];
        m_kinds->item(row, HereColumn)
            ->setText(a == b   ? (a ? QString::number(a) : QStringLiteral("–"))
                      : a == 0 ? Tr::tr("%1 more").arg(b)
                               : sentence(Tr::tr("%1, now %2"), b, a));
    }
    m_effect->setText(m_use->isEnabled() ? sentence(Tr::tr("On %1 this policy finds %2; the case's finds %3."),
                                                    capture->name, findings.size(), total)
                                         : sentence(Tr::tr("The case uses this policy; on %1 it finds %2."),
                                                    capture->name, findings.size()));
    emit effectShown(id, more);
}

void PoliciesView::use() {
    Policy policy = shown();
    // A shipped policy that was tuned is no longer that policy.
    if (auto shipped = loadPolicy(policy.name);
        shipped && shippedPolicyNames().contains(policy.name) && !sameRules(*shipped, policy))
        callIt(policy, sentence(Tr::tr("%1, tuned"), policy.name));
    m_case.setPolicy(policy);
}

void PoliciesView::save() {
    bool fine = false;
    const QString name =
        QInputDialog::getText(this, Tr::tr("Save the policy"), Tr::tr("Name"), QLineEdit::Normal, m_base.name, &fine)
            .trimmed();
    if (!fine || name.isEmpty()) return;
    if (shippedPolicyNames().contains(name.toLower()) || name.contains(u'/')) {
        QMessageBox::warning(this, windowTitle(),
                             Tr::tr("\"%1\" cannot be the name of a policy of your own; choose another.").arg(name));
        return;
    }
    Policy policy = shown();
    callIt(policy, name);
    const QString path = QDir(policyFolder()).filePath(name.toLower().replace(u' ', u'-') + QStringLiteral(".toml"));
    if (QFileInfo::exists(path) &&
        QMessageBox::question(this, windowTitle(), Tr::tr("There is a policy \"%1\" already. Replace it?").arg(name)) !=
            QMessageBox::Yes)
        return;
    QSaveFile file(path);
    const QByteArray bytes = writePolicy(policy);
    if (!QDir().mkpath(policyFolder()) || !file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size() ||
        !file.commit()) {
        QMessageBox::warning(this, windowTitle(),
                             Tr::tr("The policy could not be written to %1: %2.").arg(path, file.errorString()));
        return;
    }
    fill(policy);
}

} // namespace eyelid
