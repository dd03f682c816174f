#include "casefile/change.h"

#include <algorithm>

namespace eyelid {
namespace {

template <typename List> auto withId(List& list, int id) {
    return std::find_if(list.begin(), list.end(), [&](const auto& entry) { return entry.id == id; });
}

// Each edit's way of being applied: the edit that takes it back, or nothing where what it speaks of is not there.
class Applying {
public:
    Applying(CaseState& state, Touched& touched) : m_state(state), m_touched(touched) {}

    std::optional<Edit> operator()(const SetName& edit) {
        m_touched.name = true;
        return SetName{std::exchange(m_state.name, edit.name)};
    }
    std::optional<Edit> operator()(const SetDestroyDay& edit) {
        m_touched.name = true;
        return SetDestroyDay{std::exchange(m_state.destroyDay, edit.day)};
    }
    std::optional<Edit> operator()(const SetLooks& edit) {
        m_touched.passes = true;
        return SetLooks{std::exchange(m_state.looks, edit.looks)};
    }
    std::optional<Edit> operator()(const SetPolicy& edit) {
        m_touched.terms = true;
        return SetPolicy{std::exchange(m_state.terms.policy, edit.policy)};
    }
    std::optional<Edit> operator()(const SetWatchWords& edit) {
        m_touched.terms = true;
        return SetWatchWords{std::exchange(m_state.terms.watchWords, edit.words)};
    }
    std::optional<Edit> operator()(const SetLanguages& edit) {
        m_touched.terms = true;
        const QString before = std::exchange(m_state.terms.languages, edit.languages);
        for (Capture& capture : m_state.captures) refreshPage(capture);
        return SetLanguages{before};
    }
    std::optional<Edit> operator()(const PutCapture& edit) {
        if (m_state.capture(edit.capture.id)) return std::nullopt;
        m_touched.captures = true;
        const qsizetype at = std::clamp<qsizetype>(edit.at, 0, m_state.captures.size());
        m_state.captures.insert(at, edit.capture);
        refreshPage(m_state.captures[at]);
        return TakeCapture{edit.capture.id};
    }
    std::optional<Edit> operator()(const TakeCapture& edit) {
        const auto at = withId(m_state.captures, edit.capture);
        if (at == m_state.captures.end()) return std::nullopt;
        m_touched.captures = true;
        PutCapture back{at - m_state.captures.begin(), *at};
        m_state.captures.erase(at);
        return back;
    }
    std::optional<Edit> operator()(const SetCaptureName& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        m_touched.captures = true;
        return SetCaptureName{edit.capture, std::exchange(capture->name, edit.name)};
    }
    std::optional<Edit> operator()(const MoveCapture& edit) {
        const auto at = withId(m_state.captures, edit.capture);
        if (at == m_state.captures.end()) return std::nullopt;
        m_touched.captures = true;
        const qsizetype from = at - m_state.captures.begin();
        m_state.captures.move(from, std::clamp<qsizetype>(edit.to, 0, m_state.captures.size() - 1));
        return MoveCapture{edit.capture, from};
    }
    std::optional<Edit> operator()(const SetPicture& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        m_touched.captures = true;
        SetPicture back{edit.capture, capture->picture, capture->size, capture->joined, capture->known};
        capture->picture = edit.picture;
        capture->size = edit.size;
        capture->joined = edit.joined;
        capture->known = edit.known;
        refreshPage(*capture);
        return back;
    }
    std::optional<Edit> operator()(const SetJoins& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        m_touched.captures = true;
        return SetJoins{edit.capture, std::exchange(capture->joined, edit.joined)};
    }
    std::optional<Edit> operator()(const SetWords& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        SetWords back{edit.capture, std::exchange(capture->areasRead, edit.areasRead),
                      std::exchange(capture->corrections, edit.corrections)};
        refreshPage(*capture);
        return back;
    }
    std::optional<Edit> operator()(const SetRuling& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        m_touched.decisions.insert(edit.capture);
        Ruling& ruling = capture->rulings[edit.finding];
        SetRuling back{edit.capture, edit.finding, std::exchange(ruling, edit.ruling)};
        if (ruling.isEmpty()) capture->rulings.erase(edit.finding);
        return back;
    }
    std::optional<Edit> operator()(const PutFinding& edit) {
        return put<TakeFinding>(edit.capture, &Capture::known, edit.at, edit.finding);
    }
    std::optional<Edit> operator()(const TakeFinding& edit) {
        return take<PutFinding>(edit.capture, &Capture::known, edit.finding);
    }
    std::optional<Edit> operator()(const SetSameIdentity& edit) {
        const int before = m_state.identities.setSame(edit.number, edit.lead);
        renumber();
        return SetSameIdentity{edit.number, before};
    }
    std::optional<Edit> operator()(const SetOwnIdentity& edit) {
        const int before = m_state.identities.setOwn(edit.finding, edit.number);
        renumber();
        return SetOwnIdentity{edit.finding, before};
    }
    std::optional<Edit> operator()(const PutHand& edit) {
        return put<TakeHand>(edit.capture, &Capture::hands, edit.at, edit.hand);
    }
    std::optional<Edit> operator()(const TakeHand& edit) {
        return take<PutHand>(edit.capture, &Capture::hands, edit.hand);
    }
    std::optional<Edit> operator()(const SetHand& edit) {
        return set<SetHand>(edit.capture, &Capture::hands, edit.hand);
    }
    std::optional<Edit> operator()(const PutMark& edit) {
        return put<TakeMark>(edit.capture, &Capture::marks, edit.at, edit.mark);
    }
    std::optional<Edit> operator()(const TakeMark& edit) {
        return take<PutMark>(edit.capture, &Capture::marks, edit.mark);
    }
    std::optional<Edit> operator()(const SetMark& edit) {
        return set<SetMark>(edit.capture, &Capture::marks, edit.mark);
    }
    std::optional<Edit> operator()(const SetFraming& edit) {
        Capture* capture = m_state.capture(edit.capture);
        if (!capture) return std::nullopt;
        m_touched.decisions.insert(edit.capture);
        return SetFraming{edit.capture, std::exchange(capture->framing, edit.framing)};
    }
    std::optional<Edit> operator()(const SetPasses& edit) {
        m_touched.passes = true;
        return SetPasses{std::exchange(m_state.passes, edit.passes)};
    }

private:
    // An entry of one of a capture's lists put in, taken out, and made another.
    template <typename Back, typename Entry>
    std::optional<Edit> put(int captureId, std::vector<Entry> Capture::*list, size_t at, const Entry& entry) {
        Capture* capture = m_state.capture(captureId);
        if (!capture || withId(capture->*list, entry.id) != (capture->*list).end()) return std::nullopt;
        m_touched.decisions.insert(captureId);
        auto& all = capture->*list;
        all.insert(all.begin() + long(std::min(at, all.size())), entry);
        return Back{captureId, entry.id};
    }
    template <typename Back, typename Entry>
    std::optional<Edit> take(int captureId, std::vector<Entry> Capture::*list, int id) {
        Capture* capture = m_state.capture(captureId);
        if (!capture) return std::nullopt;
        auto& all = capture->*list;
        const auto at = withId(all, id);
        if (at == all.end()) return std::nullopt;
        m_touched.decisions.insert(captureId);
        Back back{captureId, size_t(at - all.begin()), *at};
        all.erase(at);
        return back;
    }
    template <typename Back, typename Entry>
    std::optional<Edit> set(int captureId, std::vector<Entry> Capture::*list, const Entry& entry) {
        Capture* capture = m_state.capture(captureId);
        if (!capture) return std::nullopt;
        const auto at = withId(capture->*list, entry.id);
        if (at == (capture->*list).end()) return std::nullopt;
        m_touched.decisions.insert(captureId);
        return Back{captureId, std::exchange(*at, entry)};
    }

    void renumber() {
        for (Capture& capture : m_state.captures)
            for (KnownFinding& known : capture.known) {
                const int number = m_state.identities.numberOf(known.finding, known.id);
                if (number != known.identity) m_touched.decisions.insert(capture.id);
                known.identity = number;
            }
    }
    void refreshPage(Capture& capture) {
        capture.page = pageOf(capture, m_state.terms.languages);
        capture.reading = capture.page ? Capture::Reading::Done : Capture::Reading::Waiting;
        capture.trouble.clear();
        m_touched.words.insert(capture.id);
    }
    CaseState& m_state;
    Touched& m_touched;
};

} // namespace

Change apply(CaseState& state, const Change& change, Touched& touched) {
    Applying applying(state, touched);
    Change back{change.name, {}};
    for (const Edit& edit : change.edits)
        if (auto undone = std::visit(applying, edit)) back.edits.push_back(std::move(*undone));
    std::reverse(back.edits.begin(), back.edits.end());
    return back;
}

namespace {

void addPictures(const Capture& capture, std::set<PictureId>& ids) {
    ids.insert(capture.picture);
    if (capture.joined) ids.insert(capture.joined->pictures.begin(), capture.joined->pictures.end());
}

} // namespace

std::set<PictureId> picturesOf(const Change& change) {
    std::set<PictureId> ids;
    for (const Edit& edit : change.edits) {
        if (const auto* put = std::get_if<PutCapture>(&edit)) addPictures(put->capture, ids);
        if (const auto* set = std::get_if<SetPicture>(&edit)) {
            ids.insert(set->picture);
            if (set->joined) ids.insert(set->joined->pictures.begin(), set->joined->pictures.end());
        }
        if (const auto* set = std::get_if<SetJoins>(&edit); set && set->joined)
            ids.insert(set->joined->pictures.begin(), set->joined->pictures.end());
    }
    return ids;
}

std::set<PictureId> picturesOf(const CaseState& state) {
    std::set<PictureId> ids;
    for (const Capture& capture : state.captures) addPictures(capture, ids);
    return ids;
}

} // namespace eyelid
