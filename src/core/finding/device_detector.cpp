// Numbers of devices and places: IMEI (3GPP TS 23.003), ICCID (ITU-T E.118), vehicle identification numbers (ISO 3779),
// coordinates (ISO 6709), and addresses of cryptocurrencies (BIP 173, EIP 55).
#include "base/sentence.h"
#include "finding/check_digits.h"
#include "finding/detector.h"
#include "language/spelling.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

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
        for (const TextRun& run : in.screen.runs()) {
            const On on{in, run, out};
            findImeis(on);
            findIccids(on);
            findVins(on);
            findPlaces(on);
            findWallets(on);
        }
        // A single coordinate, and other devices' numbers, by their labels.
        for (const LabelledValue& value : in.screen.labelled()) {
            const On on{in, in.screen.runs()[size_t(value.run)], out};
            if (value.kind == Kind::Location) findLabelled(on, value, m_single, 0.85, SIZE_MAX);
            if (value.kind == Kind::Device) findLabelled(on, value, m_number, 0.8, 1);
            if (value.kind == Kind::Wallet) findLabelled(on, value, m_long, 0.8, SIZE_MAX);
        }
    }

private:
    // One line that is searched, and where what is found goes.
    struct On {
        const Surroundings& in;
        const TextRun& run;
        std::vector<Candidate>& out;
        void add(Kind kind, const Span& span, double confidence, const QString& reason, const QString& key = {}) const {
            if (span.length > 0) out.push_back({kind, &run, span, confidence, reason, key});
        }
        const LabelledValue* label(const Span& span, Kind kind) const { return labelFor(in.screen, run, span, kind); }
    };

    void findImeis(const On& on) const {
        for (const PatternMatch& m : on.in.search.all(m_imei, on.run)) {
            const QString written = m.text(on.run.search, 1), imei = digitsOf(written);
            const bool said = on.label(m.groups[1], Kind::Device) ||
                              m_imeiWord.found(SearchText(on.run.text().left(m.groups[1].start)));
            if (luhnHolds(imei) && (said || written.contains(u'-')))
                on.add(Kind::Device, m.groups[1], 0.99, Tr::tr("is an IMEI: its check digit (Luhn) holds"), imei);
            else if (said)
                on.add(Kind::Device, m.groups[1], 0.8, Tr::tr("stands by a word for IMEI"), imei);
        }
    }

    void findIccids(const On& on) const {
        for (const PatternMatch& m : on.in.search.all(m_iccid, on.run)) {
            const QString iccid = digitsOf(m.text(on.run.search, 1));
            if (iccid.size() >= 19 && iccid.size() <= 20 && luhnHolds(iccid))
                on.add(Kind::Device, m.groups[1], 0.92, Tr::tr("is a SIM card's number: its check digit (Luhn) holds"),
                       iccid);
        }
    }

    void findVins(const On& on) const {
        for (const PatternMatch& m : on.in.search.all(m_vin, on.run)) {
            const QString vin = m.text(on.run.search, 1);
            const auto digits = std::count_if(vin.begin(), vin.end(), [](QChar c) { return c.isDigit(); });
            if (digits < 3 || digits == vin.size()) continue;
            const LabelledValue* label = on.label(m.groups[1], Kind::Device);
            if (vinHolds(vin))
                on.add(Kind::Device, m.groups[1], 0.93, Tr::tr("is a vehicle's number: its check digit holds"));
            else if (label)
                on.add(Kind::Device, m.groups[1], 0.88, label->because());
        }
    }

    void findPlaces(const On& on) const {
        for (const PatternMatch& m : on.in.search.all(m_pair, on.run)) {
            const double latitude = m.text(on.run.search, 2).replace(u',', u'.').toDouble(),
                         longitude = m.text(on.run.search, 3).replace(u',', u'.').toDouble();
            if (std::abs(latitude) <= 90 && std::abs(longitude) <= 180)
                on.add(Kind::Location, m.groups[1], 0.9, Tr::tr("is a latitude and a longitude"));
        }
        for (const PatternMatch& m : on.in.search.all(m_degrees, on.run))
            on.add(Kind::Location, m.groups[1], 0.92, Tr::tr("is a place in degrees, minutes and seconds"));
        for (const PatternMatch& m : on.in.search.all(m_threeWords, on.run))
            on.add(Kind::Location, m.groups[1], 0.9, Tr::tr("is a place told by three words"));
    }

    void findWallets(const On& on) const {
        for (const PatternMatch& m : on.in.search.all(m_bitcoin, on.run))
            if (bitcoinAddressHolds(m.text(on.run.search, 1)))
                on.add(Kind::Wallet, m.groups[1], 0.97, Tr::tr("is a wallet's address: its checksum holds"));
            else if (on.label(m.groups[1], Kind::Wallet))
                on.add(Kind::Wallet, m.groups[1], 0.85, Tr::tr("stands by a word for a wallet"));
        for (const PatternMatch& m : on.in.search.all(m_ethereum, on.run))
            on.add(Kind::Wallet, m.groups[1], 0.93, Tr::tr("has the form of an Ethereum address"));
    }

    // What of a labelled value has the form, at most so many.
    static void findLabelled(const On& on, const LabelledValue& value, const Pattern& form, double confidence,
                             size_t most) {
        const SearchText text(on.run.text().mid(value.span.start, value.span.length));
        for (const PatternMatch& m : form.all(text)) {
            if (most-- == 0) break;
            on.out.push_back({value.kind,
                              &on.run,
                              {value.span.start + m.groups[0].start, m.groups[0].length},
                              confidence,
                              value.because(),
                              {}});
        }
    }

    Pattern m_imei{R"((?:^|[^\w\-.])([\dOlI]{15}|[\dOlI]{2}[\- ][\dOlI]{6}[\- ][\dOlI]{6}[\- ][\dOlI])(?:$|[^\w\-.]))"};
    Pattern m_imeiWord{R"((?i)\bimei\b[^\d]{0,12}$)"};
    Pattern m_iccid{R"((?:^|[^\w\-.])(89[\dOlI](?: ?[\dOlI]){15,17})(?:$|[^\w\-.]))"};
    Pattern m_vin{R"((?:^|[^\w])([A-HJ-NPR-Z0-9]{17})(?:$|[^\w]))"};
    Pattern m_pair{R"((?:^|[^\d.])((-?\d{1,2}[.]\d{4,8})°? ?[NS]?[,;/ ]{1,2}(-?\d{1,3}[.]\d{4,8})°?(?: ?[EWO]\b)?))"};
    Pattern m_degrees{
        R"((\d{1,2} ?[°º] ?\d{1,2} ?['’′] ?(?:\d{1,2}(?:[.,]\d+)? ?["”″'’]{1,2} ?)?[NS][,; ]{0,3}\d{1,3} ?[°º] ?\d{1,2} ?['’′] ?(?:\d{1,2}(?:[.,]\d+)? ?["”″'’]{1,2} ?)?[EWO]))"};
    Pattern m_threeWords{R"((?:^|[\s(])(///\p{Ll}{3,}\.\p{Ll}{3,}\.\p{Ll}{3,})(?:$|[\s,;.)]))"};
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
