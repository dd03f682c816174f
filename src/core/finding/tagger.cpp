#include "finding/tagger.h"

#include "base/shipped.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <qfloat16.h>

namespace eyelid {
namespace {

// In the order they are taught. What a form proves (a mail address, a card) is one class of its own: the rules' matter.
constexpr Kind taught[] = {Kind::Person,   Kind::Address, Kind::Username, Kind::Secret, Kind::Account,
                           Kind::Passport, Kind::Record,  Kind::Dob,      Kind::Phone,  Kind::Plate};
constexpr int taughtKinds = int(std::size(taught)), formed = taughtKinds + 1, classes = taughtKinds + 2;

// Widths of the layers, as train.py has them.
constexpr int wordWidth = 48, firstWidth = 96, secondWidth = 64;
constexpr int firstPlaces = int(Near::Count) + int(Around::Count);
// Whose first judgement the second looks at.
constexpr Near secondNear[] = {Near::Self,     Near::Before,     Near::After,
                               Near::LeftLast, Near::AboveFirst, Near::BelowFirst};
constexpr int secondNearCount = int(std::size(secondNear)), secondPlaces = secondNearCount + int(Around::Count);

using Floats = std::vector<float>;

// out += weights' rows, each times what stands at its place of `in`. Much of what is seen is nought; the rest is added
// four rows at a time, so that `out` is met a quarter as often.
template <int Width> void addRows(const float* in, int rows, const float* weights, float* out) {
    constexpr int most = 256;
    int seen[most + 3], count = 0;
    for (int r = 0; r < rows; ++r)
        if (in[r] != 0) seen[count++] = r;
    const auto row = [&](int i) { return weights + size_t(seen[i]) * Width; };
    int i = 0;
    for (; i + 4 <= count; i += 4) {
        const float *a = row(i), *b = row(i + 1), *c = row(i + 2), *d = row(i + 3);
        const float fa = in[seen[i]], fb = in[seen[i + 1]], fc = in[seen[i + 2]], fd = in[seen[i + 3]];
#pragma omp simd
        for (int k = 0; k < Width; ++k) out[k] += (fa * a[k] + fb * b[k]) + (fc * c[k] + fd * d[k]);
    }
    for (; i < count; ++i) {
        const float* a = row(i);
        const float fa = in[seen[i]];
#pragma omp simd
        for (int k = 0; k < Width; ++k) out[k] += fa * a[k];
    }
}
template <int Width> void cutNegative(float* values) {
    for (int k = 0; k < Width; ++k) values[k] = std::max(0.0f, values[k]);
}

int countOf(const std::array<int, mostAround>& group) {
    return int(std::count_if(group.begin(), group.end(), [](int at) { return at >= 0; }));
}

struct Part {
    Tagger::Ground ground;
    std::vector<Near> near;
    std::vector<Around> around;
    bool has(Near n) const { return std::find(near.begin(), near.end(), n) != near.end(); }
    bool has(Around a) const { return std::find(around.begin(), around.end(), a) != around.end(); }
};
const std::vector<Part>& parts() {
    using enum Near;
    static const std::vector<Part> all{
        {Tagger::Ground::Itself, {Self}, {}},
        {Tagger::Ground::Line, {Before, SecondBefore, After, SecondAfter}, {Around::Line}},
        {Tagger::Ground::Label, {LeftFirst, LeftLast, AboveFirst, AboveLast}, {}},
        {Tagger::Ground::Column, {HeadFirst, HeadLast}, {Around::Column}},
        {Tagger::Ground::Neighbours,
         {RightFirst, BelowFirst, BelowLast, SecondAboveFirst, SecondBelowFirst},
         {Around::Row, Around::Flow}}};
    return all;
}

} // namespace

// Weights as tools/tagger/train.py writes them: after three numbers of 32 bits (the widths), numbers of 16 bits (IEEE
// 754 binary16), little-endian, layer by layer, each row by row and then its bias.
struct Tagger::Net {
    Floats words, wordBias;    // viewFeatures x wordWidth
    Floats first, firstBias;   // firstPlaces x wordWidth rows of firstWidth
    Floats second, secondBias; // secondPlaces x firstWidth rows of secondWidth
    Floats last, lastBias;     // secondWidth rows of classes

    explicit Net(const QByteArray& bytes) {
        const qint32 widths[] = {wordWidth, firstWidth, secondWidth};
        const auto layer = [](int rows, int width) { return qsizetype(rows + 1) * width; };
        const qsizetype numbers = layer(viewFeatures, wordWidth) + layer(firstPlaces * wordWidth, firstWidth) +
                                  layer(secondPlaces * firstWidth, secondWidth) + layer(secondWidth, classes);
        if (bytes.size() != qsizetype(sizeof widths) + 2 * numbers ||
            std::memcmp(bytes.constData(), widths, sizeof widths))
            qFatal("the tagger that ships is damaged");
        const char* at = bytes.constData() + sizeof widths;
        const auto take = [&at](Floats& into, int rows, int width) {
            into.resize(size_t(rows) * size_t(width));
            for (float& value : into) {
                qfloat16 half;
                std::memcpy(&half, at, sizeof half);
                at += sizeof half;
                value = float(half);
            }
        };
        take(words, viewFeatures, wordWidth);
        take(wordBias, 1, wordWidth);
        take(first, firstPlaces * wordWidth, firstWidth);
        take(firstBias, 1, firstWidth);
        take(second, secondPlaces * firstWidth, secondWidth);
        take(secondBias, 1, secondWidth);
        take(last, secondWidth, classes);
        take(lastBias, 1, classes);
    }

    void alone(const ViewedWord& word, float* out) const {
        std::copy(wordBias.begin(), wordBias.end(), out);
        for (const int id : word.features)
            for (int k = 0; k < wordWidth; ++k) out[k] += words[size_t(id) * wordWidth + size_t(k)];
        cutNegative<wordWidth>(out);
    }

    // The mean of a group's rows of `each`, into `mean`; false for an empty group.
    template <int Width> static bool meanOf(const std::array<int, mostAround>& group, const Floats& each, float* mean) {
        const int count = countOf(group);
        if (count == 0) return false;
        std::fill_n(mean, Width, 0.0f);
        for (const int at : group)
            if (at >= 0)
                for (int k = 0; k < Width; ++k) mean[k] += each[size_t(at) * Width + size_t(k)] / float(count);
        return true;
    }

    // `without`: a part of what stands around that is not looked at, or null.
    void firstLook(const ViewedWord& word, const Floats& each, const Part* without, float* out) const {
        std::copy(firstBias.begin(), firstBias.end(), out);
        const auto weights = [this](int place) { return first.data() + size_t(place) * wordWidth * firstWidth; };
        for (int n = 0; n < int(Near::Count); ++n)
            if (const int at = word.near[size_t(n)]; at >= 0 && !(without && without->has(Near(n))))
                addRows<firstWidth>(each.data() + size_t(at) * wordWidth, wordWidth, weights(n), out);
        float mean[wordWidth];
        for (int a = 0; a < int(Around::Count); ++a)
            if (!(without && without->has(Around(a))) && meanOf<wordWidth>(word.around[size_t(a)], each, mean))
                addRows<firstWidth>(mean, wordWidth, weights(int(Near::Count) + a), out);
        cutNegative<firstWidth>(out);
    }

    // How likely each class is. `self`: the word's own first look.
    std::array<double, size_t(classes)> secondLook(const ViewedWord& word, const float* self, const Floats& looks,
                                                   const Part* without) const {
        float out[secondWidth];
        std::copy(secondBias.begin(), secondBias.end(), out);
        const auto weights = [this](int place) { return second.data() + size_t(place) * firstWidth * secondWidth; };
        addRows<secondWidth>(self, firstWidth, weights(0), out);
        for (int n = 1; n < secondNearCount; ++n)
            if (const int at = word.near[size_t(secondNear[n])]; at >= 0 && !(without && without->has(secondNear[n])))
                addRows<secondWidth>(looks.data() + size_t(at) * firstWidth, firstWidth, weights(n), out);
        float mean[firstWidth];
        for (int a = 0; a < int(Around::Count); ++a)
            if (!(without && without->has(Around(a))) && meanOf<firstWidth>(word.around[size_t(a)], looks, mean))
                addRows<secondWidth>(mean, firstWidth, weights(secondNearCount + a), out);
        cutNegative<secondWidth>(out);
        float scores[classes];
        std::copy(lastBias.begin(), lastBias.end(), scores);
        addRows<classes>(out, secondWidth, last.data(), scores);
        const float most = *std::max_element(scores, scores + classes);
        std::array<double, size_t(classes)> shares{};
        double sum = 0;
        for (int c = 0; c < classes; ++c) sum += shares[size_t(c)] = std::exp(double(scores[c] - most));
        for (double& share : shares) share /= sum;
        return shares;
    }
};

Tagger::Judgement::Judgement(const Net& net, const std::vector<ViewedWord>& words)
    : m_net(net), m_words(words), m_alone(words.size() * wordWidth), m_first(words.size() * firstWidth),
      m_tags(words.size()) {
    for (size_t w = 0; w < words.size(); ++w) net.alone(words[w], m_alone.data() + w * wordWidth);
    for (size_t w = 0; w < words.size(); ++w)
        net.firstLook(words[w], m_alone, nullptr, m_first.data() + w * firstWidth);
    for (size_t w = 0; w < words.size(); ++w) {
        const auto shares = net.secondLook(words[w], m_first.data() + w * firstWidth, m_first, nullptr);
        const auto best = std::max_element(shares.begin() + 1, shares.begin() + 1 + taughtKinds) - shares.begin();
        m_tags[w].nobodys = shares[0];
        constexpr double leastLikely = 0.05;
        if (shares[size_t(best)] < leastLikely) continue;
        m_tags[w].kind = taught[best - 1];
        m_tags[w].confidence = shares[size_t(best)];
    }
}

Tagger::Ground Tagger::Judgement::ground(size_t word) const {
    const ViewedWord& seen = m_words[word];
    const auto kind = std::find(std::begin(taught), std::end(taught), *m_tags[word].kind);
    const size_t of = size_t(kind - std::begin(taught)) + 1;
    Ground ground = Ground::Itself;
    double least = 2;
    for (const Part& part : parts()) {
        float self[firstWidth];
        m_net.firstLook(seen, m_alone, &part, self);
        const double left = m_net.secondLook(seen, self, m_first, &part)[of];
        if (left >= least) continue;
        least = left;
        ground = part.ground;
    }
    return ground;
}

Tagger::Tagger() : m_net(std::make_unique<const Net>(shippedFile(QStringLiteral("finding/tagger.bin")))) {}
Tagger::~Tagger() = default;

const Tagger& Tagger::shipped() {
    static const Tagger tagger;
    return tagger;
}

int Tagger::classOf(const QString& kind) {
    if (kind.isEmpty()) return 0;
    for (int k = 0; k < taughtKinds; ++k)
        if (kindName(taught[k]) == kind) return k + 1;
    return formed;
}

Tagger::Judgement Tagger::judge(const std::vector<ViewedWord>& words) const {
    return {*m_net, words};
}

} // namespace eyelid
