#undef signals // a word of Qt's, and a name of GLib's
#include <gmime/gmime.h>

#include "base/files.h"
#include "base/sentence.h"
#include "releasing/digest.h"
#include "releasing/mail_draft.h"

#include <memory>
#include <mutex>

namespace eyelid {
namespace {

struct Unref {
    void operator()(gpointer object) const { g_object_unref(object); }
};
template <typename T> using Ref = std::unique_ptr<T, Unref>;
template <typename T> Ref<T> owned(T* object) {
    return Ref<T>(object);
}

void start() {
    static std::once_flag once;
    std::call_once(once, g_mime_init);
}

struct Type {
    const char* ending;
    const char* type;
    const char* subtype;
};
constexpr Type types[] = {{".png", "image", "png"},  {".jpg", "image", "jpeg"},        {".webp", "image", "webp"},
                          {".gif", "image", "gif"},  {".tiff", "image", "tiff"},       {".pdf", "application", "pdf"},
                          {".html", "text", "html"}, {".json", "application", "json"}, {".zip", "application", "zip"}};

Ref<GMimePart> attachment(const Artifact& file) {
    const Type* type = nullptr;
    for (const Type& each : types)
        if (file.fileName.endsWith(QLatin1String(each.ending))) type = &each;
    auto part = owned(type ? g_mime_part_new_with_type(type->type, type->subtype)
                           : g_mime_part_new_with_type("application", "octet-stream"));
    auto stream = owned(g_mime_stream_mem_new_with_buffer(file.bytes.constData(), size_t(file.bytes.size())));
    auto content = owned(g_mime_data_wrapper_new_with_stream(stream.get(), GMIME_CONTENT_ENCODING_DEFAULT));
    g_mime_part_set_content(part.get(), content.get());
    g_mime_part_set_content_encoding(part.get(), GMIME_CONTENT_ENCODING_BASE64);
    g_mime_object_set_disposition(GMIME_OBJECT(part.get()), GMIME_DISPOSITION_ATTACHMENT);
    g_mime_part_set_filename(part.get(), file.fileName.toUtf8().constData());
    return part;
}

QByteArray bytesOf(GMimeStream* stream) {
    const GByteArray* bytes = g_mime_stream_mem_get_byte_array(GMIME_STREAM_MEM(stream));
    return {reinterpret_cast<const char*>(bytes->data), qsizetype(bytes->len)};
}

// Told apart from everything in it by what is in it.
QByteArray boundaryOf(const MailDraft& draft) {
    QByteArray all = draft.text.toUtf8();
    for (const Artifact& file : draft.files) all += sha256(file.bytes).toLatin1();
    return "=_" + sha256(all).left(32).toLatin1();
}

QByteArray written(const MailDraft& draft) {
    start();
    auto message = owned(g_mime_message_new(TRUE));
    g_mime_message_set_subject(message.get(), draft.subject.toUtf8().constData(), "utf-8");
    // What mail programs know a draft by that is still to be sent.
    g_mime_object_set_header(GMIME_OBJECT(message.get()), "X-Unsent", "1", nullptr);
    auto all = owned(g_mime_multipart_new_with_subtype("mixed"));
    g_mime_multipart_set_boundary(all.get(), boundaryOf(draft).constData());
    auto text = owned(g_mime_text_part_new());
    g_mime_text_part_set_charset(text.get(), "utf-8");
    g_mime_text_part_set_text(text.get(), draft.text.toUtf8().constData());
    g_mime_multipart_add(all.get(), GMIME_OBJECT(text.get()));
    for (const Artifact& file : draft.files) g_mime_multipart_add(all.get(), GMIME_OBJECT(attachment(file).get()));
    g_mime_message_set_mime_part(message.get(), GMIME_OBJECT(all.get()));
    auto out = owned(g_mime_stream_mem_new());
    g_mime_object_write_to_stream(GMIME_OBJECT(message.get()), nullptr, out.get());
    return bytesOf(out.get());
}

} // namespace

Result<std::vector<Artifact>> filesOfMail(const QByteArray& mail) {
    start();
    auto stream = owned(g_mime_stream_mem_new_with_buffer(mail.constData(), size_t(mail.size())));
    auto parser = owned(g_mime_parser_new_with_stream(stream.get()));
    auto message = owned(g_mime_parser_construct_message(parser.get(), nullptr));
    GMimeObject* all = message ? g_mime_message_get_mime_part(message.get()) : nullptr;
    if (!all || !GMIME_IS_MULTIPART(all))
        return Error{Error::Kind::BadInput, Tr::tr("This is no mail with files attached.")};
    std::vector<Artifact> files;
    for (int i = 0; i < g_mime_multipart_get_count(GMIME_MULTIPART(all)); ++i) {
        GMimeObject* part = g_mime_multipart_get_part(GMIME_MULTIPART(all), i);
        if (!GMIME_IS_PART(part) || !g_mime_part_is_attachment(GMIME_PART(part))) continue;
        GMimeDataWrapper* content = g_mime_part_get_content(GMIME_PART(part));
        const char* name = g_mime_part_get_filename(GMIME_PART(part));
        if (!content || !name) continue;
        auto out = owned(g_mime_stream_mem_new());
        g_mime_data_wrapper_write_to_stream(content, out.get());
        files.push_back({QString::fromUtf8(name), bytesOf(out.get())});
    }
    return files;
}

Result<QByteArray> mailOf(const MailDraft& draft) {
    QByteArray mail = written(draft);
    const auto again = filesOfMail(mail);
    bool same = again && again->size() == draft.files.size();
    for (size_t i = 0; same && i < draft.files.size(); ++i)
        same = (*again)[i].fileName == draft.files[i].fileName && (*again)[i].bytes == draft.files[i].bytes;
    if (!same)
        return Error{Error::Kind::NotWritable, Tr::tr("The mail could not be made: there is too little memory.")};
    return mail;
}

} // namespace eyelid
