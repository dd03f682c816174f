// Web addresses that name a person or let in whoever has them: parameters that carry a key or a name (RFC 3986), paths
// of password resets and invitations, and pages named after somebody.
#include "base/sentence.h"
#include "finding/detector.h"

namespace eyelid {
namespace {

class LinkDetector final : public Detector {
public:
    void find(const Surroundings& in, std::vector<Candidate>& out) const override {
        eachRun(in.screen, [&](const TextRun& run) {
            const auto add = [&](const PatternMatch& m, double confidence, const QString& reason) {
                if (counts(run, m.groups[1])) out.push_back({Kind::Link, &run, m.groups[1], confidence, reason, {}});
            };
            for (const PatternMatch& m : in.search.all(m_personal, run))
                add(m, 0.85, Tr::tr("is a part of a web address that says who somebody is"));
            for (const PatternMatch& m : in.search.all(m_key, run))
                add(m, 0.9, Tr::tr("is a part of a web address that lets in whoever has it"));
            for (const PatternMatch& m : in.search.all(m_reset, run))
                add(m, 0.85, Tr::tr("is a web address for setting a password or accepting an invitation"));
            for (const PatternMatch& m : in.search.all(m_page, run))
                if (!in.names.isCommonWord(m.text(run.search, 1)))
                    add(m, 0.7, Tr::tr("is a web page named after somebody"));
        });
    }

private:
    Pattern m_personal{
        R"((?i)[?&;](?:e?mail|user(?:name|id)?|name|first_?name|last_?name|surname|phone|mobile|tel|dob|birth\w*|address|postcode|zip|ssn|customer(?:_?id)?|patient(?:_?id)?|account(?:_?(?:id|no))?)=([^&\s"'<>;]{2,}))"};
    Pattern m_key{
        R"((?i)[?&#;](?:[a-z]+[_\-])?(?:code|sig|signature|hash|auth|ticket|otp|pin|invite|invitation|reset|magic|nonce|state|sid|session\w*|expires_token|key)=([^&\s"'<>;]{6,}))"};
    Pattern m_reset{
        R"((?i)/(?:reset|reset-password|password-reset|invite|invitation|verify|confirm|activate|magic|unsubscribe|share|s)/([A-Za-z0-9_\-]*\d[A-Za-z0-9_\-]{9,}))"};
    Pattern m_page{
        R"((?i)(?:https?://|www\.)[^\s/]+/(?:~|u/|users?/|profile/|profil/|in/|people/|@)([a-z][a-z0-9._\-]{2,40}))"};
};

} // namespace

std::unique_ptr<Detector> makeLinkDetector() {
    return std::make_unique<LinkDetector>();
}

} // namespace eyelid
