#include "casefile/case_summary.h"

#include "base/sentence.h"
#include "editing/edits.h"

#include <nlohmann/json.hpp>

namespace eyelid {

CaseSummary summaryOf(const CaseState& state, const QDateTime& now) {
    CaseSummary summary;
    summary.name = titleOf(state);
    summary.workedOn = now.toUTC();
    summary.due = dueDay(state);
    summary.byItself = state.terms.policy->retention.byItself;
    summary.captures = state.captures.size();
    const QSet<QString> kept = keptValues(state);
    for (const Capture& capture : state.captures) {
        summary.unread += capture.reading != Capture::Reading::Done;
        summary.settled += int(capture.hands.size());
        for (const Item& item : itemsOf(capture, *state.terms.policy, kept))
            ++(item.decision == Decision::Open ? summary.open : summary.settled);
    }
    return summary;
}

QByteArray summaryToJson(const CaseSummary& s) {
    const nlohmann::json json{{"name", s.name.toStdString()},
                              {"worked_on", s.workedOn.toUTC().toString(Qt::ISODateWithMs).toStdString()},
                              {"due", s.due.toString(Qt::ISODate).toStdString()},
                              {"by_itself", s.byItself},
                              {"thrown_away", s.thrownAway.toString(Qt::ISODate).toStdString()},
                              {"captures", s.captures},
                              {"open", s.open},
                              {"settled", s.settled},
                              {"unread", s.unread}};
    return QByteArray::fromStdString(json.dump(-1, ' ', false, nlohmann::json::error_handler_t::replace));
}

Result<CaseSummary> summaryFromJson(const QByteArray& bytes) {
    try {
        const auto json = nlohmann::json::parse(bytes.begin(), bytes.end());
        const auto text = [&](const char* key) { return QString::fromStdString(json.at(key).get<std::string>()); };
        CaseSummary s;
        s.name = text("name");
        s.workedOn = QDateTime::fromString(text("worked_on"), Qt::ISODateWithMs);
        s.due = QDate::fromString(text("due"), Qt::ISODate);
        s.byItself = json.at("by_itself").get<bool>();
        s.thrownAway = QDate::fromString(text("thrown_away"), Qt::ISODate);
        s.captures = json.at("captures").get<qsizetype>();
        s.open = json.at("open").get<int>();
        s.settled = json.at("settled").get<int>();
        s.unread = json.at("unread").get<int>();
        return s;
    } catch (const std::exception&) { // the JSON library's
        return Error{Error::Kind::BadInput, Tr::tr("This record of a case is damaged.")};
    }
}

QImage coverPicture(const CaseState& state, const PictureStore& pictures) {
    if (state.captures.isEmpty() || state.captures.front().reading != Capture::Reading::Done) return {};
    const Capture& first = state.captures.front();
    const QImage picture = pictures.picture(first.picture);
    if (picture.isNull()) return {};
    Decided decided{itemsOf(first, *state.terms.policy, keptValues(state)),
                    first.hands,
                    state.terms.policy->evenWidth,
                    state.terms.policy->marksReplaced,
                    state.terms.policy->labelsTellGround,
                    nullptr,
                    first.framing,
                    first.marks};
    for (Item& item : decided.items)
        if (item.decision == Decision::Open) item.decision = Decision::Cover;
    return PictureStore::smallOf(render(picture, editsOf(decided, picture.size())));
}

QString searchText(const Page& page) {
    QStringList lines;
    for (const TextLine& line : page.lines) lines << line.text();
    return lines.join(u'\n');
}

} // namespace eyelid
