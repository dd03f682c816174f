// A case on which an officer works at random, with finding and reading that need no engines.
#pragma once

#include "casefile/case.h"
#include "editing/edits_json.h"
#include "pipeline/case_work.h"
#include "support/made.h"
#include "support/random_edits.h"

#include <catch2/catch.hpp>
#include <functional>
#include <random>

namespace eyelid::randomly {

inline Finding finding(Kind kind, const QString& text, double y, double confidence = 0.9) {
    Finding f;
    f.kind = kind;
    f.text = text;
    f.key = kindName(kind) + text;
    f.boxes = {QRectF(10, y, 80, 12)};
    f.confidence = confidence;
    return f;
}

// A reader and a finder that need no engines: two lines a picture, and what a policy looks for on them.
inline Page pageFor(const Capture& capture) {
    return made::PageMaker()
        .line(QStringLiteral("person Kai %1").arg(QString::fromLatin1(capture.picture.toHex().left(3))))
        .line(QStringLiteral("phone 01632"))
        .page();
}

inline std::vector<Finding> findingsOn(const Page& page, const SearchTerms& terms) {
    std::vector<Finding> found;
    double y = 10;
    for (const TextLine& line : page.lines) {
        const Kind kind = line.text().startsWith(QStringLiteral("person")) ? Kind::Person : Kind::Phone;
        if (terms.policy->looksFor(kind)) found.push_back(finding(kind, line.text(), y));
        for (const QString& word : terms.watchWords)
            if (line.text().contains(word)) found.push_back(finding(Kind::Watch, word, y + 100));
        y += 20;
    }
    return found;
}

// Does what a change leaves to be done, as the window's worker would.
inline void follow(Case& open) {
    while (const auto work = nextWork(open.state())) {
        const Capture& capture = *open.capture(work->capture);
        switch (work->what) {
        case Work::What::Read:
            open.setRead(capture.id,
                         {capture.picture, open.terms().languages, std::make_shared<const Page>(pageFor(capture))});
            break;
        case Work::What::Find:
            open.setFindings(capture.id, findingsOn(*capture.page, open.terms()), open.terms(), capture.page);
            break;
        case Work::What::Carry:
            open.addFindings(capture.id, {}, namesOfValues(valuesToCarry(open.state())), capture.page);
            break;
        }
    }
}

// All that an officer sees of a case.
inline QString seen(const Case& open) {
    QStringList all{open.name(), open.policy().name, open.terms().watchWords.join(u' ')};
    for (const Capture& capture : open.captures()) {
        all << QStringLiteral("capture %1 %2 %3")
                   .arg(capture.id)
                   .arg(capture.name, QString::fromLatin1(capture.picture.toHex()));
        if (capture.joined)
            for (const Join& join : capture.joined->joins)
                all << QStringLiteral("join %1 %2").arg(join.offset).arg(join.sure);
        for (const TextLine& line : capture.page->lines) all << line.text();
        for (const Item& i : open.items(capture.id))
            all << QStringLiteral("%1 %2 %3 %4 %5 %6 %7 %8 %9")
                       .arg(i.id)
                       .arg(i.finding.text)
                       .arg(int(i.decision))
                       .arg(int(i.look.style))
                       .arg(i.look.strength)
                       .arg(i.note, i.question)
                       .arg(i.identity)
                       .arg(i.byHand);
        for (const HandCover& h : capture.hands) {
            const QRect place = h.shape.region(capture.size).boundingRect();
            all << QStringLiteral("hand %1 %2 %3 %4 %5")
                       .arg(h.id)
                       .arg(int(h.look.style))
                       .arg(place.x())
                       .arg(h.note)
                       .arg(place.width());
        }
    }
    for (const Capture& capture : open.captures())
        all << QString::fromUtf8(marksToJson(capture.marks))
            << QStringLiteral("framed %1 %2")
                   .arg(geometryOf(capture.framing, capture.size).size.width())
                   .arg(capture.framing.crop.left());
    for (const CapturePass& pass : open.state().passes) all << pass.reason;
    for (const SecondLook& look : open.state().looks)
        all << look.officer << QString::fromLatin1(look.decisions.toHex());
    if (open.state().destroyDay) all << open.state().destroyDay->day.toString() << open.state().destroyDay->reason;
    return all.join(u'\n');
}

inline std::shared_ptr<const ScrolledPage> scrolled(int shift) {
    const QImage page = made::noise({60, 300}, 5);
    auto joined = joinPictures({page.copy(0, 0, 60, 200), page.copy(0, 120, 60, 180)}, ScrollDirection::Down);
    REQUIRE(joined);
    joined->setOffset(0, 120 + shift);
    return std::make_shared<const ScrolledPage>(*joined);
}

class RandomWork {
public:
    RandomWork(Case& open, unsigned seed) : m_open(open), m_random(seed) {}

    void step() {
        const Capture* capture = any();
        switch (m_random() % 28) {
        case 0:
            return withItem([&](int id) { m_open.decide(id, Scope(m_random() % 4), Decision(m_random() % 3)); });
        case 1:
            return withItem([&](int id) {
                m_open.setLook(
                    id, Scope(m_random() % 4),
                    {CoverStyle(m_random() % 3), 0.1 * double(m_random() % 10), CoverColour(m_random() % 5)});
            });
        case 2:
            return withItem([&](int id) { m_open.setNote(id, QStringLiteral("note %1").arg(m_random() % 100)); });
        case 3:
            if (capture)
                m_open.cover(capture->id, shapes(), {CoverStyle(m_random() % 3), 0.5, CoverColour(m_random() % 5)});
            return;
        case 4:
            if (capture && !capture->hands.empty()) m_open.removeHand(capture->hands.front().id);
            return;
        case 5:
            if (capture && !capture->hands.empty()) m_open.setNote(capture->hands.back().id, QStringLiteral("by hand"));
            return;
        case 6:
            return m_open.setPolicy(
                *loadPolicy(m_random() % 2 ? QStringLiteral("payment") : QStringLiteral("everything")));
        case 7:
            (void)m_open.setWatchWords({m_random() % 2 ? QStringLiteral("Kai") : QStringLiteral("01632")});
            return;
        case 8:
            if (capture)
                m_open.correctWord(capture->id, capture->page->lines[0].words[1].box,
                                   QStringLiteral("Kaj%1").arg(m_random() % 10));
            return;
        case 9:
            if (capture) m_open.replaceReading(capture->id, QRect(0, 0, 900, 40), pageFor(*capture));
            return;
        case 10:
            return m_random() % 3 ? rejoin() : remove();
        case 11:
            m_open.add(made::noise({60, 40}, unsigned(m_random() % 100)), QStringLiteral("added"));
            return;
        case 12:
            if (capture)
                m_open.letPass(capture->id, {Leak::Sort::Extra, {}, QStringLiteral("bytes"), {}},
                               QStringLiteral("reason %1").arg(m_random() % 10));
            return;
        case 13:
            if (capture) m_open.setCaptureName(capture->id, QStringLiteral("name %1").arg(m_random() % 10));
            return;
        case 14:
            if (capture) m_open.moveCapture(capture->id, qsizetype(m_random() % size_t(m_open.captures().size())));
            return;
        case 15:
            return m_open.setDestroyDay(
                DestroyDay{QDate(2027, 1, 1 + int(m_random() % 28)), QStringLiteral("a hearing")});
        case 16:
            m_open.setOfficer(m_random() % 2 ? QStringLiteral("Ada") : QStringLiteral("Bo"));
            return m_open.lookOver();
        case 17: {
            const CaseState same = m_open.state();
            if (capture) m_open.takeIn(same, {capture->id});
            return;
        }
        case 18:
            if (capture) m_open.coverFinding(capture->id, other());
            return;
        case 19:
            return withItem([&](int id) { m_open.replaceFinding(id, other()); });
        case 20:
            return withItem([&](int id) { m_open.removeHand(id); });
        case 21:
            return withItem([&](int id) { m_open.ask(id, m_random() % 2 ? QStringLiteral("whose?") : QString()); });
        case 22:
            return withItem([&](int id) {
                withItem(
                    [&](int as) { m_random() % 2 ? m_open.setSameIdentity(id, as) : m_open.setOtherIdentity(id); });
            });
        case 23:
            if (capture) m_open.addMark(capture->id, made::randomMark(0, capture->size, m_random));
            return;
        case 24:
            if (!capture || capture->marks.empty()) return;
            m_random() % 2 ? m_open.setMarks({translated(capture->marks.back(), {3, 4})}, QStringLiteral("moving"))
                           : m_open.arrangeMarks({capture->marks.front().id}, true);
            return;
        case 25:
            if (!capture || capture->marks.empty()) return;
            m_random() % 2 ? m_open.removeMarks({capture->marks.front().id})
                           : void(m_open.duplicateMarks({capture->marks.back().id}));
            return;
        case 26:
            if (capture) m_open.setFraming(capture->id, made::randomFraming(capture->size, m_random));
            return;
        default:
            return m_random() % 2 ? m_open.undo() : m_open.setName(QStringLiteral("case %1").arg(m_random() % 10));
        }
    }

private:
    const Capture* any() {
        const auto& captures = m_open.captures();
        return captures.isEmpty() ? nullptr : &captures[qsizetype(m_random() % size_t(captures.size()))];
    }
    void withItem(const std::function<void(int)>& act) {
        const Capture* capture = any();
        if (!capture || m_open.items(capture->id).empty()) return;
        const auto& items = m_open.items(capture->id);
        act(items[m_random() % items.size()].id);
    }
    Finding other() {
        return finding(m_random() % 2 ? Kind::Person : Kind::Account, QStringLiteral("missed %1").arg(m_random() % 4),
                       double(m_random() % 30));
    }
    std::vector<CoverShape> shapes() {
        const int x = int(m_random() % 40), y = int(m_random() % 40);
        return {QRect(x, y, 10, 8), CoverShape::polygon({{x, y}, {x + 20, y}, {x, y + 15}}),
                CoverShape::stroke({{x, y}, {y, x}}, 3)};
    }
    void rejoin() {
        for (const Capture& capture : m_open.captures())
            if (capture.joined) {
                const auto page = scrolled(int(m_random() % 3));
                return m_open.setPicture(capture.id, page->compose(), page);
            }
    }
    void remove() {
        if (m_open.captures().size() > 1) m_open.remove(m_open.captures().back().id);
    }
    Case& m_open;
    std::mt19937 m_random;
};

struct Sample {
    Case open{*loadPolicy(QStringLiteral("everything"))};
    Sample() {
        open.add(made::noise({60, 40}, 1), QStringLiteral("a"));
        open.add(scrolled(0)->compose(), QStringLiteral("b"), scrolled(0));
        follow(open);
    }
};

} // namespace eyelid::randomly
