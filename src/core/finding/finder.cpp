#include "finding/finder.h"

#include "base/sentence.h"
#include "base/workers.h"
#include "finding/alike.h"
#include "finding/barred_cells.h"
#include "finding/beside_contacts.h"
#include "finding/beside_people.h"
#include "finding/candidates.h"
#include "finding/check_digits.h"
#include "finding/counted_rows.h"
#include "finding/dates.h"
#include "finding/detector.h"
#include "finding/finder_parts.h"
#include "finding/framed_alike.h"
#include "finding/over_hyphens.h"
#include "finding/person_words.h"
#include "finding/public_key.h"
#include "finding/repeated_records.h"
#include "finding/street_over_houses.h"
#include "finding/tagged_values.h"
#include "finding/user_names_of.h"
#include "finding/whole_cells.h"
#include "finding/whole_values.h"
#include "language/spelling.h"
#include "picture/geometry.h"
#include "reading/page_text.h"
#include "reading/sideways.h"

#include <algorithm>
#include <iterator>
#include <QRegularExpression>

namespace eyelid {
namespace {

bool fulfils(const QString& check, const QString& text) {
    QString digits;
    for (const QChar c : digitsRestored(text))
        if (c.isDigit()) digits += c;
    if (digits.isEmpty()) return false;
    if (check == QLatin1String("luhn")) return luhnHolds(digits);
    int rest = 0, sum = 0;
    for (qsizetype i = 0; i < digits.size(); ++i) {
        const int d = digits[i].unicode() - '0';
        rest = (rest * 10 + d) % 97;
        sum += d * int(digits.size() - i);
    }
    return check == QLatin1String("mod97") ? rest == 1 : sum % 11 == 0;
}

// The policy's own patterns.
void findOwn(const ScreenText& screen, const Policy& policy, std::vector<Candidate>& out) {
    for (const PolicyPattern& own : policy.patterns) {
        for (const TextRun& run : screen.runs()) {
            const auto says = [&](int line) {
                if (line < 0) return false;
                const QString text = skeleton(screen.runs()[size_t(line)].text());
                return std::any_of(own.near.begin(), own.near.end(),
                                   [&](const QString& word) { return text.contains(skeleton(word)); });
            };
            if (!own.near.isEmpty() && !says(run.line) && !says(screen.lineBeside(run.line)) &&
                !says(screen.lineAbove(run.line)))
                continue;
            for (const PatternMatch& m : own.match.all(run.search)) {
                const Span span = m.groups.size() > 1 && m.groups[1].length > 0 ? m.groups[1] : m.groups[0];
                if (!own.check.isEmpty() && !fulfils(own.check, run.text().mid(span.start, span.length))) continue;
                out.push_back(
                    {own.kind, &run, span, own.confidence, Tr::tr("is a %1 of the policy").arg(own.name), {}});
            }
        }
    }
}

// The line with the reader's second choices that could matter; whether there are any.
bool putSecondChoices(TextLine& line) {
    bool any = false;
    for (Word& word : line.words) {
        if (word.alternatives.isEmpty()) continue;
        bool telling = word.text.contains(u'@');
        for (const QChar c : word.text) telling = telling || c.isDigit();
        const QString& text = word.alternatives.first();
        if (!telling && !text.contains(u'@')) continue;
        any = true;
        // Where the letters of the other reading stand is not known: a cover takes the whole word.
        Glyph whole;
        whole.text = text;
        whole.box = word.box;
        word.text = text;
        word.glyphs = {whole};
    }
    return any;
}

// Few words and no figures: it may speak for a column below.
bool mayBeLabel(const TextLine& line) {
    constexpr size_t mostWords = 4;
    return line.words.size() <= mostWords && std::none_of(line.words.begin(), line.words.end(), [](const Word& word) {
               return std::any_of(word.text.begin(), word.text.end(), [](QChar c) { return c.isDigit(); });
           });
}

// The lines that read otherwise with the reader's second choices, those near them, and what may be a label of them;
// empty where there are none that could matter.
std::optional<Page> otherReading(const Page& page) {
    constexpr double reach = 6; // heights of x above and below
    Page other = page;
    std::vector<char> kept;
    for (const TextLine& line : page.lines) kept.push_back(mayBeLabel(line));
    bool any = false;
    for (size_t i = 0; i < other.lines.size(); ++i) {
        if (!putSecondChoices(other.lines[i])) continue;
        any = true;
        const QRectF& box = page.lines[i].box;
        const double far = reach * std::max(4.0, page.lines[i].xHeight);
        for (size_t j = 0; j < page.lines.size(); ++j)
            if (page.lines[j].box.top() < box.bottom() + far && page.lines[j].box.bottom() > box.top() - far)
                kept[j] = 1;
    }
    if (!any) return std::nullopt;
    size_t i = 0;
    std::erase_if(other.lines, [&](const TextLine&) { return !kept[i++]; });
    return other;
}

// Initials, or a firm's name. What else is read off a photograph is no text.
bool bearsText(const QRectF& picture, const Page& page) {
    constexpr double highest = 0.75; // of the picture
    constexpr double sure = 0.8;     // a word's confidence
    constexpr qsizetype initials = 3;
    const auto isText = [&](const Word& word) {
        const auto all = [&](bool (QChar::*is)() const) {
            return std::all_of(word.text.begin(), word.text.end(), [&](QChar c) { return (c.*is)(); });
        };
        if (word.text.size() < 2 || word.box.height() >= highest * picture.height()) return false;
        return word.text.size() <= initials ? all(&QChar::isUpper)
                                            : word.confidence >= sure && all(&QChar::isLetterOrNumber);
    };
    for (const TextLine& line : page.lines)
        for (const Word& word : line.words)
            if (picture.contains(word.box.center()) && isText(word)) return true;
    return false;
}

// A small picture beside, over or under a name is most likely that person's.
bool standsByName(const QRectF& picture, const std::vector<Finding>& findings) {
    constexpr double reach = 2; // of the picture's size
    const double far = reach * std::max(picture.width(), picture.height());
    return std::any_of(findings.begin(), findings.end(), [&](const Finding& f) {
        if (f.kind != Kind::Person && f.kind != Kind::Username) return false;
        const QRectF& name = f.boxes.front();
        const double beside = std::max(name.left() - picture.right(), picture.left() - name.right());
        const double over = std::max(name.top() - picture.bottom(), picture.top() - name.bottom());
        return (over < picture.height() / 2 && beside < far) || (beside < 0 && over < far);
    });
}

// What two rules tell stands once, and what was found of it by half goes up in it.
void addWhole(const Candidate& whole, std::vector<Candidate>& kept) {
    const auto holds = [](const Candidate& a, const Candidate& b) {
        return a.run == b.run && a.kind == b.kind && a.span.start <= b.span.start && a.span.end() >= b.span.end();
    };
    if (std::any_of(kept.begin(), kept.end(), [&](const Candidate& c) { return holds(c, whole); })) return;
    std::erase_if(kept, [&](const Candidate& c) { return holds(whole, c); });
    kept.push_back(whole);
}

// A value over several lines, and no more what was found of it by parts.
void addOverLines(std::vector<Finding> whole, const Policy& policy, std::vector<Finding>& findings) {
    for (Finding& f : whole) {
        const KindRule& rule = policy.rule(f.kind);
        const bool wanted =
            policy.looksFor(f.kind) && f.confidence >= rule.threshold && !policy.exceptions.holds(f.text);
        const auto known = [&](const QRectF& box) { return coveredBy(findings, box); };
        if (!wanted || f.boxes.empty() || std::all_of(f.boxes.begin(), f.boxes.end(), known)) continue;
        const auto isPart = [&](const Finding& other) {
            return other.kind != Kind::Watch &&
                   std::all_of(other.boxes.begin(), other.boxes.end(), [&](const QRectF& box) {
                       return std::any_of(f.boxes.begin(), f.boxes.end(),
                                          [&](const QRectF& line) { return shareWithin(box, line) > 0.9; });
                   });
        };
        std::erase_if(findings, isPart);
        const auto below = std::find_if(findings.begin(), findings.end(), [&](const Finding& other) {
            return other.boxes.front().top() > f.boxes.front().center().y();
        });
        findings.insert(below, std::move(f));
    }
}

// What is told by values that are known: written, placed or framed as they are, in like records, beside people.
std::vector<Candidate> foundBeside(const Surroundings& in, const TaggedPage* tagged,
                                   const std::vector<Candidate>& kept) {
    std::vector<Candidate> found;
    findWrittenAlike(in.screen, kept, found);
    findPlatesAlike(in.screen, kept, found);
    if (!tagged) return found;
    findPlacedAlike(in, *tagged, kept, found);
    findFramedAlike(in, *tagged, kept, found);
    findInRecords(in, *tagged, kept, found);
    findBesideNames(in.screen, kept, found);
    findStreetsOverHouses(in, kept, found);
    findBesidePeople(in, *tagged, kept, found);
    findInListings(in.screen, in.names, kept, found);
    findBesideContacts(in, kept, found);
    return found;
}

// "torp88" on the page of Jan Torp.
std::vector<Candidate> userNamesOfKnown(const Surroundings& in, const std::vector<Candidate>& kept) {
    constexpr double confidence = 0.75;
    UserNamesOf made;
    for (const Candidate& c : kept)
        if (c.kind == Kind::Person) made.add(c.run->text().mid(c.span.start, c.span.length), 0);
    std::vector<Candidate> found;
    if (made.isEmpty()) return found;
    for (const TextRun& run : in.screen.runs())
        for (const PhraseHit& hit : made.in(run, in.names)) {
            const bool free = std::none_of(kept.begin(), kept.end(), [&](const Candidate& c) {
                return c.run->line == run.line && c.span.start < hit.span.end() && hit.span.start < c.span.end();
            });
            if (free)
                found.push_back({Kind::Username,
                                 &run,
                                 hit.span,
                                 confidence,
                                 Tr::tr("is made of a name found elsewhere on the screen"),
                                 {}});
        }
    return found;
}

// "Occupant" and "Set on" beside "Password", each over its column: words no list of names has are headings there.
bool isHeading(const Surroundings& in, const Candidate& c) {
    if (c.kind != Kind::Person || c.run->second >= 0 || !in.screen.isBesideHeading(c.run->line)) return false;
    const std::vector<Token> tokens = tokensOf(*c.run);
    return std::none_of(tokens.begin(), tokens.end(), [&](const Token& t) {
        return t.span.start < c.span.end() && t.span.end() > c.span.start && in.names.isGivenOrFamily(t.text);
    });
}

// What was read first where a value of another reading stands.
QString readFirst(const Page& page, const Finding& f) {
    QStringList words;
    for (const TextLine& line : page.lines)
        for (const Word& word : line.words)
            if (std::ranges::any_of(f.boxes, [&](const QRectF& box) { return box.contains(word.box.center()); }))
                words << word.text;
    return words.join(u' ');
}

// The last digits that may stay to be seen.
void leaveLastSigns(const Policy& policy, std::vector<Candidate>& kept) {
    for (Candidate& c : kept) {
        int stay = policy.rule(c.kind).keepLast;
        const QString& text = c.run->text();
        while (stay > 0 && c.span.length > 1)
            if (text[c.span.end() - 1].isLetterOrNumber() ? stay-- > 0 : true) --c.span.length;
        if (policy.rule(c.kind).keepLast > 0)
            while (c.span.length > 1 && !text[c.span.end() - 1].isLetterOrNumber()) --c.span.length;
    }
}

// What a check sees of a value that is covered: "curl -u █:█". A single sign beside a cover is still to be seen.
bool isHidden(const QString& value) {
    return value.contains(coverBlock) &&
           std::ranges::all_of(value, [](QChar c) { return c == coverBlock || c.isSpace(); });
}

} // namespace

const LabelledValue* labelFor(const ScreenText& screen, const TextRun& run, const Span& span, Kind kind) {
    const LabelledValue* best = nullptr;
    for (const LabelledValue& value : screen.labelled()) {
        if (value.kind != kind) continue;
        const bool first = value.run == run.line && span.start >= value.span.start && span.start < value.span.end();
        if (!first) continue;
        if (!best || value.how < best->how) best = &value;
    }
    return best;
}

Finder::Finder() : m_parts(std::make_unique<Parts>()) {
    auto& d = m_parts->detectors;
    d.push_back(makeWatchDetector());
    d.push_back(makeEmailDetector());
    d.push_back(makeSecretDetector());
    d.push_back(makeCommandLineDetector());
    d.push_back(makeMessageDetector());
    d.push_back(makeIbanDetector());
    d.push_back(makeCardDetector());
    d.push_back(makeNetworkDetector());
    d.push_back(makeNationalIdDetector());
    d.push_back(makeBirthDateDetector());
    d.push_back(makeDocumentNumberDetector());
    d.push_back(makePhoneDetector());
    d.push_back(makePlateDetector());
    d.push_back(makeUsernameDetector());
    d.push_back(makeAddressDetector());
    d.push_back(makeHealthDetector());
    d.push_back(makeDeviceDetector());
    d.push_back(makeLinkDetector());
    d.push_back(makeRecordDetector());
    d.push_back(makeLabelledFormDetector());
    d.push_back(makePersonDetector());
    d.push_back(makeSpeakerDetector());
}

Finder::~Finder() = default;

std::vector<Finding> Finder::find(const Page& asRead, const Policy& policy, const WatchList& watch) const {
    const std::optional<Page> parted = withBarredCells(asRead);
    const std::optional<Page> inCells = withWholeCells(parted ? *parted : asRead);
    const Page& page = inCells ? *inCells : parted ? *parted : asRead;
    const auto turned = [](const TextLine& line) { return line.turned != 0; };
    if (std::none_of(page.lines.begin(), page.lines.end(), turned)) return findUpright(page, policy, watch);
    // What runs up or down has its labels and neighbours in its own lines.
    Page standing = page;
    std::erase_if(standing.lines, turned);
    std::vector<Finding> findings = findUpright(standing, policy, watch);
    for (const int way : {90, 270}) {
        const Page upright = turnedUpright(page, way);
        for (Finding& f : findUpright(upright, policy, watch)) {
            for (QRectF& box : f.boxes) box = turnedBack(box, way, upright.size);
            findings.push_back(std::move(f));
        }
    }
    return findings;
}

std::vector<Finding> Finder::findUpright(const Page& page, const Policy& policy, const WatchList& watch) const {
    std::vector<Finding> findings = findRead(page, policy, watch);
    const size_t inOrder = findings.size();
    // Values that only the reader's second choices show: an address of mail whose @ was read as something else.
    if (const auto other = otherReading(page))
        for (Finding& f : findRead(*other, policy, watch, false)) {
            if (f.kind == Kind::Person || f.kind == Kind::Address || f.kind == Kind::Health) continue;
            // "2O018 - 2021": a date whose first reading says so is no number to call.
            if (const QString first = readFirst(page, f); f.kind == Kind::Phone && (isDate(first) || isPeriod(first)))
                continue;
            // Where part of a word was found as it was read first, that part is what counts.
            const auto known = [&](const QRectF& b) {
                if (coveredBy(findings, b)) return true;
                for (const Finding& first : findings)
                    for (const QRectF& box : first.boxes)
                        if (shareWithin(box, b) > 0.5) return true;
                return false;
            };
            if (std::all_of(f.boxes.begin(), f.boxes.end(), known)) continue;
            f.confidence *= 0.8;
            f.reason = sentence(Tr::tr("%1 in another reading of it"), f.reason);
            if (f.confidence >= policy.rule(f.kind).threshold) findings.push_back(std::move(f));
        }
    findCodes(page, policy, watch, findings);
    for (const Face& face : page.faces) {
        const bool named = face.sureness < Face::sure;
        if (named && (bearsText(face.box, page) || !standsByName(face.box, findings))) continue;
        Finding f;
        f.kind = Kind::Face;
        f.boxes = {face.box};
        f.confidence = named ? 0.7 : 0.85;
        // No key: two faces are never known to be of one person.
        f.textHeight = 8;
        f.reason = named ? Tr::tr("is a small photograph beside somebody's name that may show a face")
                         : Tr::tr("looks like a face on a photograph");
        if (policy.looksFor(Kind::Face) && f.confidence >= policy.rule(Kind::Face).threshold)
            findings.push_back(std::move(f));
    }
    findIllegible(page, policy, findings);
    for (Finding& f : findings) f.ground = policy.rule(f.kind).ground;
    // Those of the first reading are in the page's order; the others go to where they stand.
    std::vector<Finding> further(std::make_move_iterator(findings.begin() + long(inOrder)),
                                 std::make_move_iterator(findings.end()));
    findings.erase(findings.begin() + long(inOrder), findings.end());
    sortByPlace(further);
    for (Finding& f : further) {
        const double middle = f.boxes.front().center().y();
        const auto below = std::find_if(findings.begin(), findings.end(),
                                        [&](const Finding& other) { return other.boxes.front().top() > middle; });
        findings.insert(below, std::move(f));
    }
    return findings;
}

void Finder::findIllegible(const Page& page, const Policy& policy, std::vector<Finding>& findings) {
    constexpr double confidence = 0.6;
    if (!policy.looksFor(Kind::Illegible) || confidence < policy.rule(Kind::Illegible).threshold) return;
    for (const QRectF& place : page.illegible) {
        if (coveredBy(findings, place)) continue;
        Finding f; // without a key: two of them are never known to be the same
        f.kind = Kind::Illegible;
        f.boxes = {place};
        f.textHeight = place.height() / 2;
        f.confidence = confidence;
        f.reason = Tr::tr("looks like text and could not be read");
        findings.push_back(std::move(f));
    }
}

void Finder::findCodes(const Page& page, const Policy& policy, const WatchList& watch,
                       std::vector<Finding>& findings) const {
    for (const Code& code : page.codes) {
        Finding f;
        f.kind = Kind::Code;
        f.text = code.content;
        f.boxes = {code.box};
        f.textHeight = std::min(code.box.width(), code.box.height()) / 20;
        f.reason = Tr::tr("is a %1").arg(code.kind);
        // A product's barcode says nothing of anybody; what two dimensions hold may be anything.
        const bool flat = code.kind.startsWith(QLatin1String("EAN")) || code.kind.startsWith(QLatin1String("UPC")) ||
                          code.kind.startsWith(QLatin1String("ITF")) || code.kind.startsWith(QLatin1String("DataBar"));
        f.confidence = flat ? 0.2 : 0.6;
        // Its content is searched as if it stood there.
        static const QRegularExpression parts(QStringLiteral("[\\r\\n;]+"));
        const Page content = pageOfText(code.content.split(parts));
        const std::vector<Finding> within = findRead(content, policy, watch, false);
        const auto surest = std::max_element(within.begin(), within.end(), [](const Finding& a, const Finding& b) {
            return a.confidence < b.confidence;
        });
        if (surest != within.end()) {
            f.kind = surest->kind;
            f.confidence = surest->confidence;
            f.text = surest->text;
            f.key = surest->key;
            f.reason = sentence(Tr::tr("%1 that holds a value of this kind, which %2"), f.reason, surest->reason);
        }
        if (f.key.isEmpty()) f.key = kindName(f.kind) + u':' + skeleton(f.text);
        const KindRule& rule = policy.rule(f.kind);
        if (f.kind != Kind::Watch && (!policy.looksFor(f.kind) || f.confidence < rule.threshold)) continue;
        if (coveredBy(findings, code.box)) continue;
        findings.push_back(std::move(f));
    }
}

std::vector<Finding> Finder::findRead(const Page& page, const Policy& policy, const WatchList& watch,
                                      bool placed) const {
    const ScreenText screen(page, policy.labels);
    PageSearch search(screen), besideIt(screen);
    const Surroundings in{screen, search, m_parts->names, watch};
    const Surroundings inPolicy{screen, search, m_parts->names, policy.watch};
    const Surroundings forTagger{screen, besideIt, m_parts->names, watch};
    // Text without a place on a page has no surroundings to be told by.
    Beside<std::unique_ptr<const TaggedPage>> tagger;
    if (placed)
        tagger =
            Beside<std::unique_ptr<const TaggedPage>>([&] { return std::make_unique<const TaggedPage>(forTagger); });
    std::vector<Candidate> candidates;
    for (const auto& detector : m_parts->detectors) detector->find(in, candidates);
    if (!policy.watch.isEmpty()) m_parts->detectors.front()->find(inPolicy, candidates);

    findOwn(screen, policy, candidates);
    // A given watch list is looked for under any policy: whoever names words means them.
    const auto wanted = [&](const Candidate& c) {
        if (c.span.length <= 0 || isHidden(c.run->text().mid(c.span.start, c.span.length))) return false;
        if (c.kind == Kind::Watch) return true;
        if (c.kind == Kind::Secret && isPublicKey(c.run->text(), c.span)) return false;
        const KindRule& rule = policy.rule(c.kind);
        return policy.looksFor(c.kind) && c.confidence >= rule.threshold &&
               !policy.exceptions.holds(c.run->text().mid(c.span.start, c.span.length));
    };
    std::unique_ptr<const TaggedPage> tagged;
    if (placed) {
        tagged = tagger.get();
        tagged->dropNobodys(candidates);
        // What is excepted is settled as well.
        std::vector<Candidate> settled;
        for (const Candidate& c : candidates)
            if (wanted(c) || policy.exceptions.holds(c.run->text().mid(c.span.start, c.span.length)))
                settled.push_back(c);
        tagged->find(settled, candidates);
    }
    dropCounted(screen, candidates);
    std::erase_if(candidates, [&](const Candidate& c) { return !wanted(c) || isHeading(in, c); });
    dropNamesOfStreets(screen, candidates);
    // The surest first; of equals the longer, then the one higher up, so that the order is always the same.
    std::stable_sort(candidates.begin(), candidates.end(), [](const Candidate& a, const Candidate& b) {
        if (a.confidence != b.confidence) return a.confidence > b.confidence;
        return a.span.length > b.span.length;
    });
    std::vector<Candidate> kept = withoutOverlaps(screen, candidates);
    growToWhole(in, tagged.get(), kept);
    std::vector<Finding> findings;
    const auto take = [&](const std::vector<Candidate>& more) {
        for (const Candidate& c : more)
            if (wanted(c) && !isHeading(in, c)) addWhole(c, kept);
    };
    take(foundBeside(in, tagged.get(), kept));
    take(userNamesOfKnown(in, kept));
    // What is written like the numbers of records that were told by the names beside them.
    if (std::any_of(kept.begin(), kept.end(), [](const Candidate& c) { return c.kind == Kind::Record; })) {
        std::vector<Candidate> alike;
        findWrittenAlike(screen, kept, alike);
        take(alike);
    }
    growOverHyphens(in, kept);
    leaveLastSigns(policy, kept);
    // In the page's order: line by line, and from left to right within one.
    std::sort(kept.begin(), kept.end(), [](const Candidate& a, const Candidate& b) {
        return a.run->line != b.run->line ? a.run->line < b.run->line : a.span.start < b.span.start;
    });
    for (const Candidate& c : kept) {
        Finding f = toFinding(screen, c);
        if (!f.boxes.empty()) findings.push_back(std::move(f));
    }
    if (placed) addOverLines(findOverLines(in, m_parts->overLines), policy, findings);
    return findings;
}

} // namespace eyelid
