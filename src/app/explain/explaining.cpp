#include "app/explain/explaining.h"

#include "app/explain/note_edit.h"
#include "app/sheet/sheet.h"
#include "base/sentence.h"
#include "editing/edits_json.h"
#include "editing/mark_painting.h"

#include <algorithm>
#include <cmath>
#include <QClipboard>
#include <QGuiApplication>
#include <QInputDialog>
#include <QMimeData>

namespace eyelid {
namespace {

const QString marksType = QStringLiteral("application/x-eyelid-marks");

} // namespace

Explaining::Explaining(Case& owner, Selection& selection, Sheet& sheet)
    : m_case(owner), m_selection(selection), m_sheet(sheet) {
    connect(&m_sheet, &Sheet::markDrawn, this, &Explaining::add);
    connect(&m_sheet, &Sheet::textAsked, this, &Explaining::write);
}

void Explaining::reveal(int mark) {
    m_selection.select(mark);
    if (const Mark* there = m_case.mark(mark)) m_sheet.reveal(boundsOf(*there));
    if (!m_sheet.pen().staysOn()) m_sheet.setTool(Sheet::Tool::Select);
}

void Explaining::add(const Mark& mark) {
    const int capture = m_selection.capture();
    if (mark.kind == MarkKind::Sign && mark.picture.isEmpty()) return emit signAsked();
    Mark put = mark;
    if (mark.kind == MarkKind::Code) {
        bool ok = false;
        put.text = QInputDialog::getText(&m_sheet, Tr::tr("Code"), Tr::tr("What the QR code says:"), QLineEdit::Normal,
                                         {}, &ok);
        if (!ok || put.text.isEmpty()) return;
        if (codeModules(put.text).empty()) return emit trouble(Tr::tr("This text is too long for a QR code."));
    }
    if (mark.kind == MarkKind::Note) {
        // It is there once something is written on it.
        beginWriting(put, [=, this](const Mark& written) {
            if (!written.text.trimmed().isEmpty())
                if (const int id = m_case.addMark(capture, written); id && capture == m_selection.capture()) reveal(id);
        });
        return;
    }
    if (const int id = m_case.addMark(capture, put)) reveal(id);
}

// Words are underlined as soon as the dictionary is here.
void Explaining::beginWriting(const Mark& mark, std::function<void(const Mark&)> written) {
    finishWriting();
    m_writing = new NoteEdit(m_sheet, mark, std::move(written));
    const QString languages = m_case.terms().languages;
    if (m_dictionaryOf == languages) return m_writing->setDictionary(m_dictionary);
    m_lane.start([this, languages] {
        auto dictionary = Dictionary::of(languages);
        QMetaObject::invokeMethod(this, [this, languages, dictionary] {
            m_dictionary = dictionary;
            m_dictionaryOf = languages;
            if (m_writing) m_writing->setDictionary(dictionary);
        });
    });
}

void Explaining::finishWriting() {
    if (m_writing) m_writing->end();
}

void Explaining::write(int id) {
    const Mark* mark = m_case.mark(id);
    if (!mark || mark->locked || !hasText(mark->kind) || m_case.isReadOnly()) return;
    beginWriting(*mark, [this, id](const Mark& written) {
        if (written.kind == MarkKind::Note && written.text.trimmed().isEmpty()) return m_case.removeMarks({id});
        if (written.kind == MarkKind::Code && codeModules(written.text).empty())
            return emit trouble(Tr::tr("This text is too long for a QR code."));
        m_case.setMarks({written}, Tr::tr("writing on a mark"));
    });
}

std::vector<Mark> Explaining::selected() const {
    std::vector<Mark> all;
    for (const int id : m_selection.marks())
        if (const Mark* mark = m_case.mark(id)) all.push_back(*mark);
    return all;
}

void Explaining::change(const QString& step, const std::function<void(Mark&)>& how) {
    std::vector<Mark> all = selected();
    std::erase_if(all, [](const Mark& mark) { return mark.locked; });
    for (Mark& mark : all) how(mark);
    m_case.setMarks(all, step);
}

void Explaining::remove() {
    m_case.removeMarks(m_selection.marks());
}

void Explaining::duplicate() {
    m_selection.selectMarks(m_case.duplicateMarks(m_selection.marks()));
}

void Explaining::arrange(bool inFront) {
    const std::vector<int> ids = m_selection.marks();
    m_case.arrangeMarks(ids, inFront);
    m_selection.selectMarks(ids);
}

void Explaining::align(AlignTo to) {
    m_case.setMarks(aligned(selected(), to), Tr::tr("aligning marks"));
}

void Explaining::spreadOut(Qt::Orientation along) {
    m_case.setMarks(spread(selected(), along), Tr::tr("spreading marks"));
}

void Explaining::turn(double degrees) {
    change(Tr::tr("turning marks"), [degrees](Mark& mark) {
        if (isBox(mark) && mark.kind != MarkKind::Enlarge) mark.turn = std::remainder(mark.turn + degrees, 360);
    });
}

bool Explaining::anyLocked() const {
    const auto all = selected();
    return std::any_of(all.begin(), all.end(), [](const Mark& mark) { return mark.locked; });
}

void Explaining::setLocked(bool locked) {
    std::vector<Mark> all = selected();
    for (Mark& mark : all) mark.locked = locked;
    m_case.setMarks(all, locked ? Tr::tr("locking marks") : Tr::tr("unlocking marks"));
}

void Explaining::step(int by) {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture || capture->marks.empty()) return;
    const auto& marks = capture->marks;
    const auto at = std::find_if(marks.begin(), marks.end(), [&](const Mark& m) { return m.id == m_selection.item(); });
    const long count = long(marks.size());
    const long next = at == marks.end() ? (by > 0 ? 0 : count - 1) : (at - marks.begin() + by + count) % count;
    const int id = marks[size_t(next)].id;
    m_selection.select(id);
    m_sheet.reveal(m_case.placeOf(id));
}

void Explaining::moveStep(int by) {
    m_case.moveStep(m_selection.item(), by);
}

void Explaining::copySteps() const {
    if (const Capture* capture = m_case.capture(m_selection.capture()))
        QGuiApplication::clipboard()->setText(stepsAsText(capture->marks));
}

void Explaining::copy() const {
    auto* marks = new QMimeData;
    marks->setData(marksType, marksToJson(selected()));
    QGuiApplication::clipboard()->setMimeData(marks);
}

bool Explaining::canPaste() const {
    const QMimeData* there = QGuiApplication::clipboard()->mimeData();
    return there && there->hasFormat(marksType);
}

void Explaining::paste() {
    auto marks = marksFromJson(QGuiApplication::clipboard()->mimeData()->data(marksType), Tr::tr("The clipboard"));
    if (!marks) return emit trouble(marks.error().sentence);
    std::vector<int> ids;
    for (Mark& mark : *marks)
        if (const int id = m_case.addMark(m_selection.capture(), std::move(mark))) ids.push_back(id);
    m_selection.selectMarks(ids);
}

void Explaining::togglePointer() {
    change(Tr::tr("changing a mark"), [](Mark& mark) {
        if (mark.kind != MarkKind::Note) return;
        if (mark.points.size() > 2)
            mark.points.resize(2);
        else
            mark.points << boxOf(mark).bottomLeft() + QPointF(-2, 2.2) * mark.style.textHeight;
    });
}

void Explaining::coverUnder() {
    std::vector<int> ids;
    for (const Capture& capture : m_case.captures())
        for (const MarkOver& over : marksOver(m_case.decided(capture), capture.size))
            for (const int finding : over.findings)
                if (const Item* item = m_case.item(finding); item && item->decision == Decision::Open)
                    ids.push_back(finding);
    m_case.decideAll(ids, Decision::Cover);
}

} // namespace eyelid
