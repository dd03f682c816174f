// IP addresses (RFC 791, RFC 4291 and 5952) and MAC addresses (IEEE 802).
#include "base/sentence.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <arpa/inet.h>

namespace eyelid {
namespace {

class NetworkDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            for (const PatternMatch& m : in.search.all(m_v4, run)) {
                const Span& span = m.groups[1];
                if (!counts(run, span)) continue;
                const QString text = digitsRestored(m.text(run.search, 1))
                                         .remove(QLatin1Char(' '))
                                         .replace(QLatin1Char(','), QLatin1Char('.'));
                bool fits = true;
                for (const QString& octet : text.split(QLatin1Char('.'))) fits = fits && octet.toInt() <= 255;
                // Four-part versions look the same; the word before tells.
                const QString before = run.text().left(span.start).toLower().trimmed();
                if (m_version.found(SearchText(before))) continue;
                // An amount whose thousands are parted.
                if (m_thousands.matchesWhole(m.text(run.search, 1))) continue;
                if (fits)
                    out.push_back({Kind::Ip, &run, span, 0.95,
                                   Tr::tr("has the form of an IP address: four numbers up to 255"), text});
                else
                    out.push_back({Kind::Ip, &run, span, 0.55,
                                   Tr::tr("has the form of an IP address with a number misread"), text});
            }
            for (const PatternMatch& m : in.search.all(m_v6, run)) {
                const Span& span = m.groups[1];
                if (!counts(run, span)) continue;
                const QString raw = m.text(run.search, 1);
                QString text = raw;
                text.replace(QLatin1Char('O'), QLatin1Char('0'))
                    .replace(QLatin1Char('o'), QLatin1Char('0'))
                    .replace(QLatin1Char('l'), QLatin1Char('1'))
                    .replace(QLatin1Char('I'), QLatin1Char('1'))
                    .replace(QLatin1Char('S'), QLatin1Char('5'));
                in6_addr parsed;
                const qsizetype colons = text.count(QLatin1Char(':'));
                if (inet_pton(AF_INET6, text.toLatin1().constData(), &parsed) == 1 && raw.size() >= 5) {
                    out.push_back({Kind::Ip, &run, span, 0.95, Tr::tr("is an IPv6 address"), text.toLower()});
                } else if (span.start > 0 && run.text()[span.start - 1] == u'/') {
                    continue; // "24/Oct/2026:16:08:00": the year and time of a log
                } else if (colons >= 3 && m_prefix.found(SearchText(text))) {
                    out.push_back({Kind::Ip, &run, span, 0.7, Tr::tr("begins like an IPv6 address, perhaps misread"),
                                   text.toLower()});
                }
            }
            for (const PatternMatch& m : in.search.all(m_mac, run)) {
                const Span& span = m.groups[1];
                if (!counts(run, span)) continue;
                QString key = m.text(run.search, 1).toLower();
                key.replace(QLatin1Char('o'), QLatin1Char('0'))
                    .replace(QLatin1Char('l'), QLatin1Char('1'))
                    .replace(QLatin1Char('i'), QLatin1Char('1'))
                    .replace(QLatin1Char('s'), QLatin1Char('5'));
                key.remove(QLatin1Char(':'))
                    .remove(QLatin1Char('-'))
                    .remove(QLatin1Char('.'))
                    .remove(QLatin1Char(' '))
                    .remove(QLatin1Char(';'));
                out.push_back({Kind::Mac, &run, span, 0.95,
                               Tr::tr("has the form of a MAC address: six pairs of hexadecimal digits"), key});
            }
        });
    }

private:
    Pattern m_thousands{R"(\d{1,3}(?:, ?\d{3}){3})"};
    Pattern m_v4{R"((?:^|[^\w.])((?:[\dOlISB]{1,3} ?[.,] ?){3}[\dOlISB]{1,3})(?:$|[^\w.]|[.](?:$|\s)))"};
    Pattern m_v6{R"((?:^|[^\w:])([0-9A-Fa-fOlIS]{0,4}(?:::?[0-9A-Fa-fOlIS]{1,5}){2,8}(?:::)?)(?:$|[^\w:]))"};
    Pattern m_prefix{R"(^(?:2[0-9a-fA-F]{3}|fe80|fd[0-9a-fA-F]{2}|fc[0-9a-fA-F]{2}|64:ff9b):)"};
    Pattern m_mac{
        R"((?:^|[^\w:.])((?:[0-9A-Fa-fOolISsB]{2} ?[:;.\-] ?){5}[0-9A-Fa-fOolISsB]{2}|[0-9A-Fa-f]{4}\.[0-9A-Fa-f]{4}\.[0-9A-Fa-f]{4})(?:$|[^\w:]))"};
    Pattern m_version{R"((?:\bv|version|release|build|firmware|rev)\.?$)"};
};

} // namespace

std::unique_ptr<Detector> makeNetworkDetector() {
    return std::make_unique<NetworkDetector>();
}

} // namespace eyelid
