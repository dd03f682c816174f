#include "app/sheet/read_again_view.h"

#include "app/cases/case_worker.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "reading/corrections.h"

#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace eyelid {

ReadAgainView::ReadAgainView(const Case& owner, const Capture& capture, const QRect& area, CaseWorker& worker,
                             QWidget* parent)
    : QDialog(parent), m_capture(capture.id), m_area(area.intersected(QRect(QPoint(0, 0), capture.size))),
      m_worker(worker) {
    setWindowTitle(Tr::tr("Read an area again"));
    setObjectName(QStringLiteral("readAgainView"));
    resize(640, 440);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(16, 14, 16, 14);
    layout->setSpacing(10);
    auto* title = new QLabel(Tr::tr("Read an area again"));
    title->setProperty("role", QStringLiteral("title"));
    layout->addWidget(title);
    auto* picture = new QLabel;
    picture->setAlignment(Qt::AlignCenter);
    const QImage crop = owner.picture(capture).copy(m_area);
    picture->setPixmap(QPixmap::fromImage(crop.width() > 600 || crop.height() > 140
                                              ? crop.scaled(600, 140, Qt::KeepAspectRatio, Qt::SmoothTransformation)
                                              : crop));
    layout->addWidget(picture);
    layout->addLayout(makeChoices(owner.terms().languages));
    auto* texts = new QGridLayout;
    texts->addWidget(new QLabel(Tr::tr("Before")), 0, 0);
    texts->addWidget(new QLabel(Tr::tr("After")), 0, 1);
    auto* before = new QPlainTextEdit(capture.page ? textWithin(*capture.page, m_area) : QString());
    before->setReadOnly(true);
    before->setObjectName(QStringLiteral("readAgainBefore"));
    m_after = new QPlainTextEdit;
    m_after->setReadOnly(true);
    m_after->setObjectName(QStringLiteral("readAgainAfter"));
    texts->addWidget(before, 1, 0);
    texts->addWidget(m_after, 1, 1);
    layout->addLayout(texts, 1);
    auto* bottom = new QHBoxLayout;
    m_status = new QLabel;
    m_status->setProperty("role", QStringLiteral("faint"));
    m_status->setWordWrap(true);
    bottom->addWidget(m_status, 1);
    auto* leave = new QPushButton(Tr::tr("Keep the old"));
    m_accept = new QPushButton(Tr::tr("Take the new"));
    m_accept->setObjectName(QStringLiteral("readAgainAccept"));
    m_accept->setProperty("primary", true);
    m_accept->setDefault(true);
    bottom->addWidget(leave);
    bottom->addWidget(m_accept);
    layout->addLayout(bottom);
    connect(leave, &QPushButton::clicked, this, &QDialog::reject);
    connect(m_accept, &QPushButton::clicked, this, [this] {
        settings::setAreaLanguage(m_language->currentData().toString());
        accept();
    });
    connect(m_language, &QComboBox::currentIndexChanged, this, &ReadAgainView::read);
    connect(m_content, &QComboBox::currentIndexChanged, this, &ReadAgainView::read);
    connect(&m_worker, &CaseWorker::areaRead, this, [this](int id, const QRect& where, const Page& reading) {
        if (id != m_capture || where != m_area) return;
        m_reading = reading;
        m_after->setPlainText(textWithin(reading, m_area));
        m_status->setText(reading.lines.empty() ? Tr::tr("Nothing can be read here.") : QString());
        m_accept->setEnabled(true);
    });
    connect(&m_worker, &CaseWorker::areaFailed, this, [this](const QString& sentence) { m_status->setText(sentence); });
    read();
}

QLayout* ReadAgainView::makeChoices(const QString& usual) {
    auto* row = new QHBoxLayout;
    row->addWidget(new QLabel(Tr::tr("Language")));
    m_language = new QComboBox;
    m_language->setObjectName(QStringLiteral("readAgainLanguage"));
    m_language->addItem(Tr::tr("told by the text"), QStringLiteral("auto"));
    for (const QString& code : installedLanguages()) {
        const QLocale::Language language = QLocale::codeToLanguage(code);
        m_language->addItem(language == QLocale::AnyLanguage ? code : QLocale::languageToString(language), code);
    }
    m_language->setCurrentIndex(std::max(0, m_language->findData(settings::areaLanguage(usual))));
    row->addWidget(m_language);
    row->addWidget(new QLabel(Tr::tr("Content")));
    m_content = new QComboBox;
    m_content->setObjectName(QStringLiteral("readAgainContent"));
    m_content->addItems({Tr::tr("any"), Tr::tr("numbers"), Tr::tr("one line")});
    row->addWidget(m_content);
    row->addStretch(1);
    return row;
}

void ReadAgainView::read() {
    m_accept->setEnabled(false);
    m_status->setText(Tr::tr("Reading…"));
    m_worker.readArea(m_capture, m_area, m_language->currentData().toString(),
                      ReadOptions::Content(m_content->currentIndex()));
}

} // namespace eyelid
