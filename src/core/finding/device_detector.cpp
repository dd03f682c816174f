// Numbers of devices and places: IMEI (3GPP TS 23.003), ICCID (ITU-T E.118), vehicle identification numbers (ISO 3779),
// coordinates (ISO 6709), and addresses of cryptocurrencies (BIP 173, EIP 55).
#include "finding/check_digits.h"
#include "finding/confusables.h"
#include "finding/detector.h"

#include <cmath>

namespace eyelid {
namespace {

QString digitsOf(const QString& text) {
    QString digits;
    for (const QChar c : digitsRestored(text))
        if (c.isDigit()) digits += c;
    return digits;
}

class DeviceDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        for (const Run& run : in.screen.runs()) {
            const auto add = [&](Kind kind, const Span& span, double confidence, const QString& reason,
                                 const QString& key = {}) {
                if (span.length > 0) out.push_back({kind, &run, span, confidence, reason, key});
            };
            for (const PatternMatch& m : m_imei.all(run.search)) {
                const QString imei = digitsOf(m.text(run.search, 1));
                const LabelledValue* label = labelFor(in.screen, run, m.groups[1], Kind::Device);
                const bool said = label || m_imeiWord.found(SearchText(run.text().left(m.groups[1].start)));
                if (luhnHolds(imei) && (said || m.text(run.search, 1).contains(u'-')))
                    add(Kind::Device, m.groups[1], 0.99, QStringLiteral("is an IMEI: its check digit (Luhn) holds"),
                        imei);
                else if (said)
                    add(Kind::Device, m.groups[1], 0.8, QStringLiteral("stands by a word for IMEI"), imei);
            }
            for (const PatternMatch& m : m_iccid.all(run.search)) {
                const QString iccid = digitsOf(m.text(run.search, 1));
                if (iccid.size() >= 19 && iccid.size() <= 20 && luhnHolds(iccid))
                    add(Kind::Device, m.groups[1], 0.92,
                        QStringLiteral("is a SIM card's number: its check digit (Luhn) holds"), iccid);
            }
            for (const PatternMatch& m : m_vin.all(run.search)) {
                const QString vin = m.text(run.search, 1);
                const LabelledValue* label = labelFor(in.screen, run, m.groups[1], Kind::Device);
                int digits = 0;
                for (const QChar c : vin) digits += c.isDigit();
                if (digits < 3 || digits == vin.size()) continue;
                if (vinHolds(vin))
                    add(Kind::Device, m.groups[1], 0.93,
                        QStringLiteral("is a vehicle's number: its check digit holds"));
                else if (label)
                    add(Kind::Device, m.groups[1], 0.88, label->because());
            }
            for (const PatternMatch& m : m_pair.all(run.search)) {
                const double latitude = m.text(run.search, 2).replace(u',', u'.').toDouble(),
                             longitude = m.text(run.search, 3).replace(u',', u'.').toDouble();
                if (std::abs(latitude) <= 90 && std::abs(longitude) <= 180)
                    add(Kind::Location, m.groups[1], 0.9, QStringLiteral("is a latitude and a longitude"));
            }
            for (const PatternMatch& m : m_degrees.all(run.search))
                add(Kind::Location, m.groups[1], 0.92, QStringLiteral("is a place in degrees, minutes and seconds"));
            for (const PatternMatch& m : m_bitcoin.all(run.search))
                if (bitcoinAddressHolds(m.text(run.search, 1)))
                    add(Kind::Wallet, m.groups[1], 0.97, QStringLiteral("is a wallet's address: its checksum holds"));
                else if (labelFor(in.screen, run, m.groups[1], Kind::Wallet))
                    add(Kind::Wallet, m.groups[1], 0.85, QStringLiteral("stands by a word for a wallet"));
            for (const PatternMatch& m : m_ethereum.all(run.search))
                add(Kind::Wallet, m.groups[1], 0.93, QStringLiteral("has the form of an Ethereum address"));
        }
        // A single coordinate, and other devices' numbers, by their labels.
        for (const LabelledValue& value : in.screen.labelled()) {
            const Run& run = in.screen.runs()[size_t(value.run)];
            const SearchText text(run.text().mid(value.span.start, value.span.length));
            if (value.kind == Kind::Location) {
                for (const PatternMatch& m : m_single.all(text))
                    out.push_back({Kind::Location,
                                   &run,
                                   {value.span.start + m.groups[0].start, m.groups[0].length},
                                   0.85,
                                   value.because(),
                                   {}});
            } else if (value.kind == Kind::Device) {
                for (const PatternMatch& m : m_number.all(text)) {
                    out.push_back({Kind::Device,
                                   &run,
                                   {value.span.start + m.groups[0].start, m.groups[0].length},
                                   0.8,
                                   value.because(),
                                   {}});
                    break;
                }
            } else if (value.kind == Kind::Wallet) {
                for (const PatternMatch& m : m_long.all(text))
                    out.push_back({Kind::Wallet,
                                   &run,
                                   {value.span.start + m.groups[0].start, m.groups[0].length},
                                   0.8,
                                   value.because(),
                                   {}});
            }
        }
    }

private:
    Pattern m_imei{R"((?:^|[^\w\-.])([\dOlI]{15}|[\dOlI]{2}[\- ][\dOlI]{6}[\- ][\dOlI]{6}[\- ][\dOlI])(?:$|[^\w\-.]))"};
    Pattern m_imeiWord{R"((?i)\bimei\b[^\d]{0,12}$)"};
    Pattern m_iccid{R"((?:^|[^\w\-.])(89[\dOlI](?: ?[\dOlI]){15,17})(?:$|[^\w\-.]))"};
    Pattern m_vin{R"((?:^|[^\w])([A-HJ-NPR-Z0-9]{17})(?:$|[^\w]))"};
    Pattern m_pair{R"((?:^|[^\d.])((-?\d{1,2}[.]\d{4,8})°? ?[NS]?[,;/ ]{1,2}(-?\d{1,3}[.]\d{4,8})°?(?: ?[EWO]\b)?))"};
    Pattern m_degrees{
        R"((\d{1,2} ?[°º] ?\d{1,2} ?['’′] ?(?:\d{1,2}(?:[.,]\d+)? ?["”″'’]{1,2} ?)?[NS][,; ]{0,3}\d{1,3} ?[°º] ?\d{1,2} ?['’′] ?(?:\d{1,2}(?:[.,]\d+)? ?["”″'’]{1,2} ?)?[EWO]))"};
    Pattern m_single{R"(-?\d{1,3}[.,]\d{3,8}°?(?: ?[NSEW]\b)?)"};
    Pattern m_number{R"([A-Za-z0-9]*\d[A-Za-z0-9]*(?:[\-:][A-Za-z0-9]+)*)"};
    Pattern m_long{R"([A-Za-z0-9]{20,})"};
    Pattern m_bitcoin{
        R"((?:^|[^\w])([13][A-HJ-NP-Za-km-z1-9]{25,34}|bc1[a-z0-9]{11,71}|BC1[A-Z0-9]{11,71})(?:$|[^\w]))"};
    Pattern m_ethereum{R"((?:^|[^\w])(0[xX][0-9a-fA-F]{40})(?:$|[^\w]))"};
};

} // namespace

std::unique_ptr<Detector> makeDeviceDetector() {
    return std::make_unique<DeviceDetector>();
}

} // namespace eyelid
