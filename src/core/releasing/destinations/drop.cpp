#include "releasing/destinations/drop.h"

#include "base/sentence.h"
#include "releasing/destinations/drop_server.h"
#include "releasing/digest.h"

#include <algorithm>
#include <QThread>

namespace eyelid {
namespace {

// Seconds before each further try: doubled, as is usual, so that a server that comes back is not run over.
constexpr int waits[] = {1, 2, 4, 8, 16};
constexpr int mostNamesTried = 100; // "release (2)" … beside what is there

using Said = Answer::Kind;

bool waitPatiently(int seconds, const Progress& progress) {
    constexpr int step = 50; // milliseconds: how soon it hears that it is to stop
    for (int waited = 0; waited < seconds * 1000 && !progress.cancelled(); waited += step) QThread::msleep(step);
    return !progress.cancelled();
}

Error errorOf(const Answer& answer) {
    switch (answer.kind) {
    case Said::Cancelled:
        return {Error::Kind::Cancelled, answer.sentence};
    case Said::Exists:
        return {Error::Kind::Exists, answer.sentence};
    case Said::Refused:
        return {Error::Kind::BadInput, answer.sentence};
    default:
        return {Error::Kind::NotWritable, answer.sentence};
    }
}

class Drop final : public Destination {
public:
    explicit Drop(Dropping dropping) : m_dropping(std::move(dropping)) {}
    QString name() const override { return Tr::tr("drop"); }

    Result<Delivery> deliver(const Release& release, Progress& progress) override {
        const DropPlace& place = m_dropping.place;
        if (auto right = checkPlace(place); !right) return right.error();
        if (place.isSftp() && place.hostKey.isEmpty())
            return Error{Error::Kind::BadInput,
                         sentence(Tr::tr("The key of “%1” is not pinned; set the place up again."), place.name)};
        const auto server = serverFor(progress);
        const Sending sending{*server, release, progress, hiddenDropName(release)};
        if (const Answer sent = persist(progress, [&] { return send(sending); }); !sent) return givenUp(sending, sent);
        auto name = show(sending);
        if (!name) return name.error();
        // Of a single file, the file's.
        const QString link =
            linkTo(place, release.files.size() == 1 ? *name + u'/' + release.files[0].fileName : *name + u'/');
        return Delivery{linkTo({place.name, place.address}, *name), release.paths, link};
    }

private:
    struct Sending {
        DropServer& server;
        const Release& release;
        Progress& progress;
        QString hidden;
    };

    std::unique_ptr<DropServer> serverFor(Progress& progress) const {
        return m_dropping.place.isSftp() ? sftpServer(m_dropping.place, m_dropping.password, progress)
                                         : webdavServer(m_dropping.place, m_dropping.password, progress);
    }

    Answer persist(Progress& progress, const std::function<Answer()>& step) const {
        Answer answer = step();
        for (const int seconds : waits) {
            if (answer.kind != Said::Broken) break;
            progress.setDoing(sentence(Tr::tr("Broken off; trying again in %1 s"), seconds));
            if (m_dropping.wait ? !m_dropping.wait(seconds) : !waitPatiently(seconds, progress)) break;
            answer = step();
        }
        return progress.cancelled()
                   ? Answer{Said::Cancelled, Tr::tr("Sending was stopped; nothing is to be seen there.")}
                   : answer;
    }

    static Answer send(const Sending& s) {
        if (Answer made = s.server.makeFolder(s.hidden); !made) return made;
        double done = 0;
        for (const Artifact& file : s.release.files) {
            s.progress.setDoing(sentence(Tr::tr("Sending %1"), file.fileName));
            s.progress.setFraction(done++ / double(s.release.files.size()));
            if (Answer sent = sendFile(s, file); !sent) return sent;
        }
        return {};
    }

    // What is there already is not sent again; what is sent is read back.
    static Answer sendFile(const Sending& s, const Artifact& file) {
        const QString name = s.hidden + u'/' + file.fileName;
        const qint64 most = file.bytes.size() + 1;
        const Answer there = s.server.get(name, most);
        if (there && there.bytes == file.bytes) return {};
        if (!there && there.kind != Said::Missing && there.kind != Said::Broken) return there;
        const bool begun = there && s.server.goesOn() && file.bytes.startsWith(there.bytes);
        if (Answer put = s.server.put(name, file.bytes, begun ? there.bytes.size() : 0); !put) return put;
        Answer back = s.server.get(name, most);
        if (back && back.bytes != file.bytes)
            return {Said::Broken, sentence(Tr::tr("%1 did not arrive as it was sent."), file.fileName)};
        return back;
    }

    Result<QString> show(const Sending& s) const {
        for (int number = 0; number <= mostNamesTried; number = std::max(2, number + 1)) {
            const QString name = number == 0 ? m_dropping.name : sentence(Tr::tr("%1 (%2)"), m_dropping.name, number);
            bool broken = false;
            const Answer shown = persist(s.progress, [&] {
                const Answer renamed = s.server.rename(s.hidden, name);
                // It may have been done, and only the answer lost; libcurl itself asks once more then, and what was
                // to be renamed is there no longer.
                const bool maybeDone = broken || renamed.kind == Said::Missing;
                if (!renamed && maybeDone && standsAs(s, name)) return Answer{};
                broken = broken || renamed.kind == Said::Broken;
                return renamed;
            });
            if (shown) return name;
            if (shown.kind != Said::Exists) return givenUp(s, shown);
        }
        return givenUp(
            s, {Said::Exists, sentence(Tr::tr("%1 is there a hundred times; take another name."), m_dropping.name)});
    }

    static bool standsAs(const Sending& s, const QString& name) {
        return std::all_of(s.release.files.begin(), s.release.files.end(), [&](const Artifact& file) {
            const Answer there = s.server.get(name + u'/' + file.fileName, file.bytes.size() + 1);
            return there && there.bytes == file.bytes;
        });
    }

    // What was refused or stopped is taken away again; what broke off is gone on with another time.
    Error givenUp(const Sending& s, const Answer& answer) const {
        if (answer.kind == Said::Broken) {
            Error error = errorOf(answer);
            error.sentence = sentence(Tr::tr("%1 Nothing is to be seen there; another attempt goes on where this one "
                                             "ended."),
                                      answer.sentence);
            return error;
        }
        QStringList names;
        for (const Artifact& file : s.release.files) names << file.fileName;
        Progress unstopped;
        (void)serverFor(unstopped)->removeFolder(s.hidden, names);
        return errorOf(answer);
    }

    const Dropping m_dropping;
};

} // namespace

QString hiddenDropName(const Release& release) {
    QByteArray sums;
    for (const Artifact& file : release.files) sums += file.fileName.toUtf8() + sha256(file.bytes).toLatin1();
    return QStringLiteral(".eyelid-") + sha256(sums).left(16);
}

std::unique_ptr<Destination> toDrop(Dropping dropping) {
    return std::make_unique<Drop>(std::move(dropping));
}

} // namespace eyelid
