#include "finding/labels.h"

#include "finding/confusables.h"

#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

struct Words {
    Kind kind;
    const char* phrases; ///< separated by '|'; plain lower case
};

constexpr Words dictionary[] = {
    {Kind::Person,
     "name|full name|first name|last name|surname|family name|given name|forename|holder|account holder|card holder|"
     "cardholder|customer|customer name|client|client name|contact|contact name|contact person|next of kin|neighbour|"
     "neighbor|owner|occupier|tenant|landlord|patient|employee|employee name|staff|staff member|inspector|engineer|"
     "technician|operator|agent|assignee|assigned to|assigned|reporter|reported by|requester|requested by|author|"
     "written by|signed by|signed|approved by|checked by|created by|updated by|handled by|handler|responsible|"
     "manager|supervisor|team lead|driver|passenger|guest|member|student|pupil|teacher|parent|guardian|child|"
     "witness|claimant|defendant|applicant|insured|beneficiary|payee|payer|recipient|sender|reader|read by|attendee|"
     "participant|candidate|doctor|physician|nurse|caller|from|to|cc|bcc|attn|spouse|partner|emergency contact|"
     "vorname|nachname|familienname|kunde|kundin|kundenname|kontoinhaber|ansprechpartner|ansprechpartnerin|"
     "mitarbeiter|mitarbeiterin|sachbearbeiter|sachbearbeiterin|bearbeiter|patientin|mieter|mieterin|eigentumer|"
     "inhaber|absender|empfanger|fahrer|versicherter|schuler|lehrer|gast|von|an|"
     "nom|prenom|nom complet|nom de famille|titulaire|client|cliente|contact|destinataire|expediteur|proprietaire|"
     "locataire|responsable|agent|patient|patiente|eleve|assure|demandeur|"
     "nombre|apellidos|apellido|nombre completo|titular|cliente|contacto|remitente|destinatario|propietario|"
     "inquilino|responsable|paciente|alumno|asegurado|solicitante|de|para"},
    {Kind::Email,
     "email|e mail|mail|email address|e mail address|mail address|contact email|reply to|mailadresse|e mail adresse|"
     "email adresse|adresse mail|adresse electronique|courriel|adresse e mail|correo|correo electronico"},
    {Kind::Phone,
     "phone|telephone|tel|mobile|cell|phone number|telephone number|mobile number|fax|contact number|home phone|"
     "work phone|telefon|telefonnummer|handy|mobil|mobilnummer|rufnummer|telephone portable|portable|numero de "
     "telephone|telefono|movil|numero de telefono"},
    {Kind::Address,
     "address|supply address|billing address|postal address|home address|delivery address|shipping address|"
     "correspondence address|street|street address|postcode|post code|zip|zip code|property|site address|residence|"
     "adresse|anschrift|wohnort|wohnanschrift|lieferadresse|rechnungsadresse|strasse|plz|postleitzahl|"
     "adresse postale|code postal|domicile|rue|direccion|domicilio|codigo postal|calle"},
    {Kind::Dob,
     "date of birth|birth date|birthdate|birthday|dob|born|born on|d o b|geburtsdatum|geburtstag|geboren|geboren am|"
     "geb|geb datum|date de naissance|ne le|nee le|naissance|fecha de nacimiento|nacimiento|nacido|nacida"},
    {Kind::Card,
     "card|card number|card no|credit card|debit card|card on file|payment card|pan|kreditkarte|kartennummer|"
     "kreditkartennummer|carte|numero de carte|carte bancaire|tarjeta|numero de tarjeta"},
    {Kind::Iban, "iban|iban number"},
    {Kind::Account,
     "account number|account no|bank account|bank account number|sort code|routing number|aba|bank details|"
     "kontonummer|konto|bankleitzahl|blz|numero de compte|compte bancaire|rib|numero de cuenta|cuenta|"
     "cuenta bancaria|bic|swift"},
    {Kind::NationalId,
     "national insurance|national insurance number|national insurance no|ni number|ni no|nino|nin|ssn|"
     "social security|social security number|social security no|tax id|tax number|tax identification number|tin|"
     "national id|identity number|id number|id card|identity card|nhs number|nhs no|steuer id|steuernummer|"
     "steueridentifikationsnummer|steuer identifikationsnummer|idnr|sozialversicherungsnummer|ausweisnummer|"
     "personalausweis|numero de securite sociale|securite sociale|nir|numero fiscal|dni|nie|nif|"
     "documento de identidad|numero de identidad|bsn|personal number|personnummer"},
    {Kind::Passport,
     "passport|passport number|passport no|passport nr|driving licence|driving licence number|driving license|"
     "drivers license|driver license|driver s license|licence number|license number|reisepass|reisepassnummer|"
     "passnummer|fuhrerschein|fuhrerscheinnummer|passeport|numero de passeport|permis de conduire|pasaporte|"
     "numero de pasaporte|permiso de conducir|carne de conducir"},
    {Kind::Ip, "ip|ip address|ipv4|ipv6|ip adresse|adresse ip|direccion ip|client ip|remote ip|source ip|origin"},
    {Kind::Mac, "mac|mac address|hw|hardware address|mac adresse|adresse mac|direccion mac"},
    {Kind::Username,
     "user|username|user name|login|login name|user id|userid|uid|logon|account name|sign in name|benutzer|"
     "benutzername|anmeldename|nutzer|utilisateur|nom d utilisateur|identifiant|usuario|nombre de usuario"},
    {Kind::Secret,
     "password|passwd|pwd|passphrase|pass|pin|pin code|secret|client secret|secret key|api key|apikey|access key|"
     "access token|token|auth token|bearer|bearer token|refresh token|session|session id|session key|session token|"
     "cookie|private key|signing key|encryption key|one time code|verification code|security code|cvv|cvc|api token|"
     "connection string|credential|credentials|passwort|kennwort|geheimnis|schlussel|zugangscode|mot de passe|"
     "code secret|jeton|cle|cle api|contrasena|clave|clave api|codigo de seguridad"},
    {Kind::Plate,
     "plate|number plate|license plate|licence plate|registration|registration number|vehicle registration|reg|"
     "reg no|vehicle|vehicle reg|van|kennzeichen|kfz kennzeichen|amtliches kennzeichen|immatriculation|"
     "plaque|plaque d immatriculation|matricula"},
};

// Names of things, not of people: a "file name" says nothing about who.
const QSet<QString>& namesOfThings() {
    static const QSet<QString> words{
        "file",     "host",    "domain",  "server",  "company", "product", "item",   "station",  "site",   "device",
        "variable", "class",   "brand",   "model",   "project", "team",    "group",  "meter",    "field",  "column",
        "table",    "event",   "service", "process", "network", "folder",  "path",   "business", "street", "bank",
        "trade",    "display", "school",  "road",    "code",    "branch",  "hotel",  "course",   "pump",   "plan",
        "firmen",   "datei",   "produkt", "fichier", "projekt", "marque",  "archivo"};
    return words;
}

struct Entry {
    Kind kind;
    QString phrase;
};

const QHash<QString, Entry>& entries() {
    static const QHash<QString, Entry> table = [] {
        QHash<QString, Entry> t;
        for (const Words& words : dictionary)
            for (const QString& phrase : QString::fromLatin1(words.phrases).split(QLatin1Char('|')))
                if (const QString key = skeleton(phrase); !t.contains(key)) t.insert(key, {words.kind, phrase});
        return t;
    }();
    return table;
}

QStringList wordsOf(const QString& text) {
    QString spaced;
    const QString plain = withoutAccents(text);
    for (qsizetype i = 0; i < plain.size(); ++i) {
        const QChar c = plain[i];
        if (!c.isLetterOrNumber()) {
            spaced += QLatin1Char(' ');
            continue;
        }
        // camelCase is two words.
        if (i > 0 && c.isUpper() && plain[i - 1].isLower()) spaced += QLatin1Char(' ');
        spaced += c;
    }
    return spaced.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
}

} // namespace

std::optional<LabelHit> labelHit(const QString& text) {
    if (text.size() > 60) return std::nullopt;
    const QStringList words = wordsOf(text);
    if (words.isEmpty() || words.size() > 6) return std::nullopt;
    for (qsizetype from = 0; from < words.size(); ++from) {
        if (words.size() - from > 4) continue;
        const auto found = entries().constFind(skeleton(words.mid(from).join(QLatin1Char(' '))));
        if (found == entries().constEnd()) continue;
        const bool whole = from == 0;
        if (!whole && found->kind == Kind::Person && namesOfThings().contains(words[from - 1])) return std::nullopt;
        // Little words are labels only when they stand alone ("From", "An", "de").
        if (!whole && found->phrase.size() <= 4 && (found->kind == Kind::Person || found->kind == Kind::Plate) &&
            found->phrase != QLatin1String("name"))
            continue;
        return LabelHit{found->kind, found->phrase, whole};
    }
    // "Name of the patient", "Nom du client".
    const auto first = entries().constFind(skeleton(words[0]));
    static const QSet<QString> ofs{"of", "de", "du", "des", "der", "del"};
    if (words.size() >= 3 && first != entries().constEnd() && ofs.contains(words[1]))
        return LabelHit{first->kind, first->phrase, false};
    return std::nullopt;
}

} // namespace eyelid
