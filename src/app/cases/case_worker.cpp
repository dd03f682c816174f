#include "app/cases/case_worker.h"

#include "base/sentence.h"
#include "pipeline/make_many.h"

namespace eyelid {

CaseWorker::CaseWorker(Case& owner, QObject* parent) : QObject(parent), m_case(owner) {
    connect(&m_case, &Case::changed, this, &CaseWorker::keepUp);
}

CaseWorker::~CaseWorker() {
    m_case.disconnect(this);
    for (const auto& progress : m_progresses) progress->cancel();
    m_lane.finish();
}

void CaseWorker::start(std::function<Answer(Progress&)> job) {
    auto progress = std::make_shared<Progress>();
    m_progresses.push_back(progress);
    if (++m_jobs == 1) emit busyChanged();
    m_lane.start([this, job = std::move(job), progress] {
        if (!m_reader) m_reader = std::make_unique<Reader>();
        Answer answer = job(*progress);
        QMetaObject::invokeMethod(this, [this, progress, answer = std::move(answer)] {
            std::erase(m_progresses, progress);
            // What follows from the answer begins before this counts as done: in between nobody is idle.
            if (answer) answer();
            if (--m_jobs == 0) emit busyChanged();
        });
    });
}

void CaseWorker::keepUp() {
    if (m_following) return;
    const auto next = nextWork(m_case.state());
    if (!next) return;
    const Capture& capture = *m_case.capture(next->capture);
    const auto search = searchFor(m_case.terms());
    if (!search) return m_case.setReading(capture.id, Capture::Reading::Failed, search.error().sentence);
    m_following = true;
    const auto follow = [this](Answer answer) {
        return [this, answer = std::move(answer)] {
            m_following = false;
            answer();
            keepUp(); // where the answer changed nothing, as when its capture has gone
        };
    };
    const int id = capture.id;
    switch (next->what) {
    case Work::What::Read:
        start([=, this, picture = m_case.picture(capture), of = capture.picture, s = *search](Progress& progress) {
            return follow(readNow(id, of, picture, s, progress));
        });
        m_case.setReading(id, Capture::Reading::Running);
        break;
    case Work::What::Find:
        start([=, this, page = capture.page, terms = m_case.terms(), s = *search](Progress& progress) {
            progress.setDoing(Tr::tr("Finding"));
            return follow([=, this, found = work().find(*page, s)] { m_case.setFindings(id, found, terms, page); });
        });
        break;
    case Work::What::Carry: {
        std::vector<Finding> already;
        for (const Item& item : m_case.items(id)) already.push_back(item.finding);
        start([=, this, page = capture.page, known = valuesToCarry(m_case.state()),
               hands = handRegion(m_case.decided(capture), capture.size), s = *search](Progress& progress) {
            progress.setDoing(Tr::tr("Looking for known values"));
            return follow([=, this, found = work().carry(*page, already, known, hands, s)] {
                m_case.addFindings(id, found, namesOfValues(known), page);
            });
        });
        break;
    }
    }
}

CaseWorker::Answer CaseWorker::readNow(int capture, const PictureId& id, const QImage& picture, const Search& search,
                                       Progress& progress) {
    auto page = work().read(picture, search, *m_reader, progress);
    if (!page)
        return [=, this, error = page.error()] {
            // Joined anew meanwhile, it is another picture that is to be read.
            if (const Capture* c = m_case.capture(capture); !c || !(c->picture == id)) return;
            m_case.setReading(capture, Capture::Reading::Failed, error.sentence);
        };
    return [=, this, read = std::make_shared<const Page>(std::move(*page))] {
        m_case.setRead(capture, {id, search.languages, read});
    };
}

void CaseWorker::readArea(int id, const QRect& area, const QString& languages, ReadOptions::Content content) {
    const Capture* capture = m_case.capture(id);
    if (!capture) return;
    start([=, this, picture = m_case.picture(*capture)](Progress& progress) -> Answer {
        progress.setDoing(Tr::tr("Reading the area"));
        auto page = m_reader->read(picture, {.languages = languages, .area = area, .content = content}, progress);
        if (!page) return [this, sentence = page.error().sentence] { emit areaFailed(sentence); };
        return [=, this, reading = std::move(*page)] { emit areaRead(id, area, reading); };
    });
}

void CaseWorker::tryPolicy(int id, const Policy& policy) {
    const Capture* capture = m_case.capture(id);
    auto search = searchFor(m_case.terms());
    if (!capture || !capture->page || !search) return;
    search->policy = std::make_shared<const Policy>(policy);
    const int trial = ++m_trial;
    start([=, this, page = capture->page, s = *search](Progress& progress) -> Answer {
        if (trial != m_trial) return {};
        progress.setDoing(Tr::tr("Trying the policy"));
        return [=, this, found = work().find(*page, s)] {
            if (trial == m_trial) emit tried(id, found);
        };
    });
}

void CaseWorker::check(std::vector<ToCheck> toCheck, const ReleaseForm& form, std::vector<CheckedPicture> already) {
    const auto done = std::make_shared<std::vector<CheckedPicture>>(std::move(already));
    makeOn(std::move(toCheck), form, done, [this, done](const Result<Done>& made) {
        if (made) return emit checked(*done);
        emit checkFailed(made.error().sentence, made.error().kind == Error::Kind::Cancelled, *done);
    });
}

void CaseWorker::make(std::vector<ToCheck> toCheck, const ReleaseForm& form,
                      std::function<void(Result<std::vector<CheckedPicture>>)> answer) {
    const auto done = std::make_shared<std::vector<CheckedPicture>>();
    makeOn(std::move(toCheck), form, done, [done, answer = std::move(answer)](const Result<Done>& made) {
        answer(made ? Result<std::vector<CheckedPicture>>(std::move(*done)) : made.error());
    });
}

// Goes on behind those that are in `done`, where it puts the others one by one.
void CaseWorker::makeOn(std::vector<ToCheck> toCheck, const ReleaseForm& form, const Checked& done,
                        std::function<void(Result<Done>)> answer) {
    const auto search = searchFor(m_case.terms());
    if (!search) return answer(search.error());
    std::vector<Finding> values = valuesCovered(m_case.state());
    for (const ToCheck& one : toCheck) {
        const Capture* capture = m_case.capture(one.capture);
        std::vector<Item> more = one.decided.items; // covered here, and open in the case
        std::erase_if(more, [&](const Item& item) {
            const Item* known = m_case.item(item.id);
            return !known || known->decision == item.decision;
        });
        if (!capture || more.empty()) continue;
        for (Finding& value : valuesCovered(capture->page.get(), more, {})) values.push_back(std::move(value));
    }
    // Pictures are loaded one by one, off the interface thread.
    start([=, this, s = *search, pictures = m_case.pictures(), name = m_case.name(),
           all = std::move(toCheck)](Progress& progress) -> Answer {
        const auto load = [&](size_t i) -> Result<LoadedMaking> {
            const ToCheck& one = all[i];
            QImage picture = pictures->picture(one.picture);
            if (picture.isNull()) return Error{Error::Kind::NotReadable, Tr::tr("A capture's picture cannot be read.")};
            // The case's name and what was written into the template are told of once, though all files bear them.
            const QString telling = i == 0 ? name + u'\n' + form.names : QString();
            return LoadedMaking{std::move(picture),
                                {one.capture, one.name, nullptr, one.decided, values, telling, form}};
        };
        const Result<Done> made = makeMany(work(), s, all.size(), load, *m_reader, *done, progress);
        return [=] { answer(made); };
    });
}

void CaseWorker::run(const QString& doing, std::function<void(Progress&)> other, std::function<void()> done) {
    start([doing, other = std::move(other), done = std::move(done)](Progress& progress) {
        progress.setDoing(doing);
        other(progress);
        return done;
    });
}

void CaseWorker::cancel() {
    for (const auto& progress : m_progresses) progress->cancel();
    std::vector<int> waiting;
    for (const Capture& capture : m_case.captures())
        if (capture.reading == Capture::Reading::Waiting) waiting.push_back(capture.id);
    for (const int id : waiting) m_case.setReading(id, Capture::Reading::Failed, Tr::tr("Reading was stopped."));
}

void CaseWorker::readWhatIsNotRead() {
    std::vector<int> halted;
    for (const Capture& capture : m_case.captures())
        if (capture.reading == Capture::Reading::Failed) halted.push_back(capture.id);
    for (const int id : halted) m_case.setReading(id, Capture::Reading::Waiting);
}

const CaseWork& CaseWorker::work() {
    std::call_once(m_workMade, [this] { m_work = std::make_unique<CaseWork>(); });
    return *m_work;
}

std::vector<Leak> CaseWorker::checkText(const QString& text, const QString& what) {
    const auto search = searchFor(m_case.terms());
    if (!search) return {};
    std::vector<Item> items;
    for (const Capture& capture : m_case.captures())
        for (const Item& item : m_case.items(capture.id)) items.push_back(item);
    return work().checkText(text, what, valuesCovered(m_case.state()), items, *search);
}

QString CaseWorker::doing() const {
    return m_progresses.empty() ? QString() : m_progresses.front()->doing();
}

double CaseWorker::fraction() const {
    return m_progresses.empty() ? 0 : m_progresses.front()->fraction();
}

} // namespace eyelid
