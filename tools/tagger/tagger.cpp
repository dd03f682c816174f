#include "tagger.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <opencv2/core.hpp>

namespace eyelid {
namespace {

// In the order they are taught. What a form proves (a mail address, a card) is one class of its own: the rules' matter.
constexpr Kind taught[] = {Kind::Person,   Kind::Address, Kind::Username, Kind::Secret, Kind::Account,
                           Kind::Passport, Kind::Record,  Kind::Dob,      Kind::Phone,  Kind::Plate};
constexpr int taughtKinds = int(std::size(taught)), formed = taughtKinds + 1, classes = taughtKinds + 2;

constexpr size_t placeCount = size_t(Near::Count) + size_t(Around::Count);

} // namespace

// Weights as tools/tagger/train.py writes them: little-endian floats after three numbers of 32 bits (width of a word,
// of the layer between, classes).
struct Tagger::Net {
    cv::Mat words;                // viewFeatures x width
    cv::Mat wordBias;             // 1 x width
    cv::Mat between, betweenBias; // places * width x hidden
    cv::Mat last, lastBias;       // hidden x classes
    int width = 0;

    static cv::Mat take(const char*& at, int rows, int columns) {
        cv::Mat made(rows, columns, CV_32F);
        std::memcpy(made.data, at, made.total() * sizeof(float));
        at += made.total() * sizeof(float);
        return made;
    }

    explicit Net(const QByteArray& bytes) {
        const char* at = bytes.constData();
        qint32 sizes[3];
        if (bytes.size() < qsizetype(sizeof sizes)) qFatal("the weights of the tagger are damaged");
        std::memcpy(sizes, at, sizeof sizes);
        at += sizeof sizes;
        width = sizes[0];
        const int hidden = sizes[1];
        const qsizetype floats = qsizetype(viewFeatures + 1) * width + (qsizetype(placeCount) * width + 1) * hidden +
                                 qsizetype(hidden + 1) * classes;
        if (sizes[2] != classes || bytes.size() != qsizetype(sizeof sizes) + floats * qsizetype(sizeof(float)))
            qFatal("the weights of the tagger are damaged");
        words = take(at, viewFeatures, width);
        wordBias = take(at, 1, width);
        between = take(at, int(placeCount) * width, hidden);
        betweenBias = take(at, 1, hidden);
        last = take(at, hidden, classes);
        lastBias = take(at, 1, classes);
    }

    // Words by themselves, and a last row of nought for where there is none.
    cv::Mat alone(const std::vector<ViewedWord>& view) const {
        cv::Mat out = cv::Mat::zeros(int(view.size()) + 1, width, CV_32F);
        for (size_t w = 0; w < view.size(); ++w) {
            float* row = out.ptr<float>(int(w));
            const float* bias = wordBias.ptr<float>(0);
            for (int k = 0; k < width; ++k) row[k] = bias[k];
            for (const int id : view[w].features) {
                const float* add = words.ptr<float>(id);
                for (int k = 0; k < width; ++k) row[k] += add[k];
            }
            for (int k = 0; k < width; ++k) row[k] = std::max(0.0f, row[k]);
        }
        return out;
    }

    cv::Mat together(const std::vector<ViewedWord>& view, const cv::Mat& each) const {
        const int none = int(view.size());
        cv::Mat out = cv::Mat::zeros(int(view.size()), int(placeCount) * width, CV_32F);
        for (size_t w = 0; w < view.size(); ++w) {
            float* row = out.ptr<float>(int(w));
            for (const int near : view[w].near) {
                const float* from = each.ptr<float>(near < 0 ? none : near);
                std::copy_n(from, width, row);
                row += width;
            }
            for (const auto& group : view[w].around) {
                const auto count = std::count_if(group.begin(), group.end(), [](int at) { return at >= 0; });
                for (const int at : group) {
                    if (at < 0) continue;
                    const float* from = each.ptr<float>(at);
                    for (int k = 0; k < width; ++k) row[k] += from[k] / float(count);
                }
                row += width;
            }
        }
        return out;
    }

    cv::Mat scores(const cv::Mat& seen) const {
        cv::Mat hidden, out;
        cv::gemm(seen, between, 1, cv::Mat::ones(seen.rows, 1, CV_32F) * betweenBias, 1, hidden);
        hidden = cv::max(hidden, 0);
        cv::gemm(hidden, last, 1, cv::Mat::ones(seen.rows, 1, CV_32F) * lastBias, 1, out);
        return out;
    }
};

namespace {

std::vector<double> shares(const float* scores) {
    const float most = *std::max_element(scores, scores + classes);
    std::vector<double> share(classes);
    double sum = 0;
    for (int c = 0; c < classes; ++c) sum += share[size_t(c)] = std::exp(double(scores[c] - most));
    for (double& s : share) s /= sum;
    return share;
}

struct Part {
    Tagger::Ground ground;
    std::vector<size_t> places;
};
const std::vector<Part>& parts() {
    const auto of = [](std::initializer_list<Near> near, std::initializer_list<Around> around = {}) {
        std::vector<size_t> all;
        for (const Near n : near) all.push_back(size_t(n));
        for (const Around a : around) all.push_back(size_t(Near::Count) + size_t(a));
        return all;
    };
    static const std::vector<Part> all{
        {Tagger::Ground::Itself, of({Near::Self})},
        {Tagger::Ground::Line, of({Near::Before, Near::SecondBefore, Near::After, Near::SecondAfter}, {Around::Line})},
        {Tagger::Ground::Label, of({Near::LeftFirst, Near::LeftLast, Near::AboveFirst, Near::AboveLast})},
        {Tagger::Ground::Column, of({Near::HeadFirst, Near::HeadLast}, {Around::Column})},
        {Tagger::Ground::Neighbours,
         of({Near::RightFirst, Near::BelowFirst, Near::BelowLast, Near::SecondAboveFirst, Near::SecondBelowFirst},
            {Around::Row, Around::Flow})}};
    return all;
}

} // namespace

Tagger::Tagger(const QByteArray& weights) : m_net(std::make_unique<const Net>(weights)) {}
Tagger::~Tagger() = default;

int Tagger::classOf(const QString& kind) {
    if (kind.isEmpty()) return 0;
    for (int k = 0; k < taughtKinds; ++k)
        if (kindName(taught[k]) == kind) return k + 1;
    return formed;
}

std::vector<Tagger::Tag> Tagger::tag(const std::vector<ViewedWord>& words) const {
    std::vector<Tag> tags(words.size());
    if (words.empty()) return tags;
    const cv::Mat seen = m_net->together(words, m_net->alone(words));
    const cv::Mat scores = m_net->scores(seen);
    for (size_t w = 0; w < words.size(); ++w) {
        const std::vector<double> share = shares(scores.ptr<float>(int(w)));
        const auto best = std::max_element(share.begin() + 1, share.begin() + 1 + taughtKinds) - share.begin();
        constexpr double worthTelling = 0.2;
        if (share[size_t(best)] < worthTelling) continue;
        tags[w].kind = taught[best - 1];
        tags[w].confidence = share[size_t(best)];
        // What weighed most: without which of the parts the kind loses most.
        double least = 2;
        for (const Part& part : parts()) {
            cv::Mat without = seen.row(int(w)).clone();
            for (const size_t place : part.places)
                without.colRange(int(place) * m_net->width, int(place + 1) * m_net->width) = 0;
            const double left = shares(m_net->scores(without).ptr<float>(0))[size_t(best)];
            if (left < least) {
                least = left;
                tags[w].ground = part.ground;
            }
        }
    }
    return tags;
}

} // namespace eyelid
