// Made-up values of many countries, and what looks like them and is nobody's. All randomness comes from one seed.
import { createRequire } from 'node:module';
import { resolve } from 'node:path';

export const LOCALES = ['af_ZA', 'az', 'cs_CZ', 'da', 'de', 'de_AT', 'de_CH', 'dv', 'en', 'en_AU', 'en_CA', 'en_GB', 'en_GH',
  'en_HK', 'en_IE', 'en_IN', 'en_NG', 'en_US', 'en_ZA', 'eo', 'es', 'es_MX', 'fi', 'fr', 'fr_BE', 'fr_CA', 'fr_CH', 'hr', 'hu',
  'id_ID', 'it', 'lv', 'mk', 'nb_NO', 'nl', 'nl_BE', 'pl', 'pt_BR', 'pt_PT', 'ro', 'ro_MD', 'sk', 'sr_RS_latin', 'sv', 'tr',
  'vi', 'yo_NG', 'zu_ZA', 'fr_SN', 'fr_LU'];
// The language of what stands around the values.
export const LANGUAGE = l => ({ de: 'de', fr: 'fr', es: 'es' })[l.slice(0, 2)] ?? 'en';
const latin = /^[\p{Script=Latin}\p{N}\p{P}\p{Zs}]+$/u;

const WEEKDAYS = { en: ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'], de: ['Montag', 'Dienstag', 'Mittwoch', 'Donnerstag', 'Freitag', 'Samstag'], fr: ['lundi', 'mardi', 'mercredi', 'jeudi', 'vendredi', 'samedi'], es: ['lunes', 'martes', 'miércoles', 'jueves', 'viernes', 'sábado'] };
const MONTHS = { en: ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'], de: ['Januar', 'Februar', 'März', 'April', 'Mai', 'Juni', 'Juli', 'August', 'September', 'Oktober', 'November', 'Dezember'], fr: ['janvier', 'février', 'mars', 'avril', 'mai', 'juin', 'juillet', 'août', 'septembre', 'octobre', 'novembre', 'décembre'], es: ['enero', 'febrero', 'marzo', 'abril', 'mayo', 'junio', 'julio', 'agosto', 'septiembre', 'octubre', 'noviembre', 'diciembre'] };
// What offices write and is nobody's. In braces: a date, a time, a city, a firm, a product, an order, a number ...
const PHRASES = {
  en: ['The meeting is on {d} at {t} in room {s}.', 'Please check invoice {o} by {w}.', 'Work in {c} starts tomorrow at {t}.', 'Your appointment was moved to {w}, {d}.', 'The contract with {f} ends in {m}.', 'Delivery from {c} is expected on {d}.', 'Since version {v} the fault is gone.', 'The reading of {n} units looks too high.', 'Hall {s} is closed from {d} until further notice.', 'We have refunded {e} to your card.', 'The {p} is out of stock until {m}.', 'See page {n} of {x}.', 'Gate {s}, boarding at {t}.', 'Thank you for your patience.', 'The hearing takes place on {d} at {t}, court {s}.', 'Sorry for the late reply, the office in {c} was shut.', 'Call us between {t} and {t}.', 'Mains pressure fell at {t} in zone {s}.', 'Bring the form and {e} in cash.', 'The works on {c} station end in {m}.', 'Dear Sir or Madam,', 'To whom it may concern', 'Today, tomorrow and {w}', 'Thank you', 'Bearer of this pass may enter area {s}.', 'Class {s}, row {n}'],
  de: ['Die Lieferung {o} ist am {d} in {c} angekommen.', 'Bitte prüfen Sie die Rechnung {o} bis {w}.', 'Der Vertrag mit {f} läuft noch bis {m}.', 'Wir haben den Zähler am {w} abgelesen.', 'Der Termin findet am {d} um {t} in Raum {s} statt.', 'Im Anhang finden Sie das Protokoll vom {d}.', 'Der Artikel {p} ist zur Zeit nicht vorrätig.', 'Die Besprechung in {c} wurde auf {w} verschoben.', 'Nach dem Update auf Version {v} tritt der Fehler nicht mehr auf.', 'Das Lager {c} meldet {n} Stück.', 'Vielen Dank für Ihre schnelle Antwort.', 'Ab {m} gelten neue Öffnungszeiten im Büro {c}.', 'Die Verhandlung beginnt am {d}, {t}, Saal {s}.', 'Sehr geehrte Damen und Herren,', 'Wir bitten um Zahlung von {e} bis zum {a}', 'Am {w} bleibt die Praxis geschlossen.', 'Der Zug nach {c} fährt von Gleis {n}.', 'Die Frist endet am {d}.', 'Zimmer {s}, zweiter Stock', 'Herzlichen Dank', 'Der Bescheid vom {d} wird aufgehoben.', 'Es gilt die Hausordnung vom {d}.', 'Der Verbrauch stieg um {n} Prozent.', 'Morgen ab {t} ist das Wasser abgestellt.'],
  fr: ["La commande {o} est arrivée à {c} le {d}.", 'Merci de vérifier la facture {o} avant {w}.', "Le contrat avec {f} court jusqu'en {m}.", "L’audience aura lieu le {d} à {t}, salle {s}.", 'Vous trouverez ci-joint le compte rendu du {d}.', "L'article {p} n'est plus en stock.", 'La réunion de {c} est reportée à {w}.', "Depuis la version {v}, l'erreur a disparu.", 'Le magasin de {c} ouvre à {t}.', 'Nous vous remercions de votre réponse rapide.', 'Le relevé du compteur est prévu {w}.', 'Madame, Monsieur,', "Rendez-vous le {d} à {t}, bureau {s}.", 'Le montant de {e} sera remboursé.', "L'eau sera coupée demain à partir de {t}.", 'Fermeture exceptionnelle le {d}.', 'Le train pour {c} part voie {n}.', "L'agence de {c} est fermée {w}.", 'Votre dossier {o} est complet.', 'La salle {s} est au deuxième étage.', "À l'attention du service clients", "Le délai expire le {d}."],
  es: ['El pedido {o} llegó a {c} el {d}.', 'Revise la factura {o} antes del {w}.', 'El contrato con {f} vence en {m}.', 'Adjuntamos el acta del {d}.', 'El artículo {p} está agotado.', 'La reunión en {c} se aplaza al {w}.', 'Con la versión {v} el error ya no aparece.', 'La tienda de {c} abre a las {t}.', 'Muchas gracias por su rápida respuesta.', 'La lectura del contador será el {w}.', 'La vista se celebrará el {d} a las {t}, sala {s}.', 'Muy señores míos:', 'A quien corresponda', 'Se devolverán {e} en su tarjeta.', 'Mañana se corta el agua desde las {t}.', 'Matrícula abierta hasta el {d}.', 'La oficina de {c} cierra en {m}.', 'El plazo termina el {d}.', 'Aula {s}, segunda planta', 'Planta {n}, puerta {s}', 'El tren a {c} sale de la vía {n}.', 'El consumo subió un {n} por ciento.'] };

export class Values {
  // `texts`: what texts.py collected.
  constructor(modules, seed, texts) {
    this.texts = texts;
    const { allFakers } = createRequire(resolve(modules, 'x.js'))('@faker-js/faker');
    this.fakers = allFakers;
    this.seed = seed;
    this.use('en');
    this.f.seed(seed);
  }
  use(locale) { this.locale = locale; this.f = this.fakers[locale] ?? this.fakers.en; this.f.seed(this.seed = (this.seed * 48271) % 2147483647); }
  int(a, b) { return this.f.number.int({ min: a, max: b }); }
  chance(p) { return this.f.number.float({ min: 0, max: 1 }) < p; }
  pick(list) { return list[this.int(0, list.length - 1)]; }
  some(list, n) { return this.f.helpers.arrayElements(list, Math.min(n, list.length)); }
  digits(n) { return this.f.string.numeric({ length: n, allowLeadingZeros: true }); }
  upper(n) { return this.f.string.alpha({ length: n, casing: 'upper' }); }
  code(n) { return this.f.string.alphanumeric({ length: n }); }
  tried(make, other) { for (let i = 0; i < 6; ++i) { try { const v = make(); if (typeof v === 'string' && latin.test(v)) return v; } catch { break; } } return other(); }
  en() { return this.fakers.en; }
  given() { return this.tried(() => this.f.person.firstName(), () => this.en().person.firstName()); }
  family() { return this.tried(() => this.f.person.lastName(), () => this.en().person.lastName()); }
  // Now and then somebody whose name no list has, made of the beginning of one name and the end of another.
  person() { const p = { g: this.given(), f: this.family() }; return this.invents && this.chance(0.12) ? { g: this.chance(0.5) ? this.joined(p.g, this.given()) : p.g, f: this.joined(p.f, this.family()) } : p; }
  joined(a, b) { return a.slice(0, Math.ceil(a.length * 0.6)) + b.slice(Math.floor(b.length * 0.4)).toLowerCase(); }
  full({ g, f }, form) {
    const forms = { gf: `${g} ${f}`, fg: `${f} ${g}`, 'f,g': `${f}, ${g}`, Fg: `${f.toUpperCase()} ${g}`, i: `${g[0]}. ${f}`, mid: `${g} ${this.upper(1)}. ${f}`, 'F/G': `${f}/${g}`.toUpperCase(), 'FG': `${f} ${g}`.toUpperCase(), 'f/g': `${f} / ${g}`, gF: `${g} ${f.toUpperCase()}`, jr: `${g} ${f} ${this.pick(['Jr.', 'Sr.', 'III', 'PhD'])}` };
    return forms[form ?? this.pick(['gf', 'gf', 'gf', 'gf', 'gf', 'f,g', 'Fg', 'i', 'mid', 'F/G', 'FG', 'f/g', 'gF'])];
  }
  plain(text) { return text.normalize('NFD').replace(/[^a-zA-Z]/g, '').toLowerCase() || 'x'; }
  login({ g, f }) { const a = this.plain(g), b = this.plain(f); return this.pick([a[0] + b, `${a}.${b}`, `${b}${this.int(1, 99)}`, `${a}_${b[0]}`, `${b}${a[0]}`, `${a}${this.int(70, 99)}`, `${a[0]}.${b}-ext`]); }
  mail(p) { return `${this.login(p)}@${this.pick(['example.com', 'example.org', 'mail.example', 'post.example.net', 'web.test', 'office.example'])}`; }
  // Numbers as they are written in a country, kept out of use by a group from ranges set aside (555-01, 9460, 7946 0 ...).
  phone() {
    const d = n => this.digits(n);
    const own = { en_US: [`(${this.int(201, 989)}) 555-01${d(2)}`, `${this.int(201, 989)}-555-01${d(2)}`, `+1 ${this.int(201, 989)} 555 01${d(2)}`, `${this.int(201, 989)}.555.01${d(2)}`],
      en_GB: [`020 7946 0${d(3)}`, `07700 900${d(3)}`, `+44 7700 900 ${d(3)}`, `01632 960${d(3)}`], fr: [`01 99 00 ${d(2)} ${d(2)}`, `+33 6 39 98 ${d(2)} ${d(2)}`, `06.39.98.${d(2)}.${d(2)}`],
      de: [`030 23125 ${d(3)}`, `+49 (0)171 39200${d(2)}`, `0221/4710${d(3)}`], es: [`91 ${d(3)} ${d(2)} ${d(2)}`, `+34 612 ${d(3)} ${d(3)}`] };
    const any = [`+${this.int(20, 998)} ${d(2)} ${d(3)} ${d(2)} ${d(2)}`, `+${this.int(20, 998)}-${d(3)}-${d(3)}-${d(3)}`, `+ ${this.int(200, 998)} - ${d(2)} ${d(2)} ${d(2)} ${d(2)}`, `0${d(2)} ${d(3)} ${d(4)}`, `0${d(3)} - ${d(6)}`, `(0${d(2)}) ${d(4)} ${d(4)}`, `${d(3)}.${d(3)}.${d(4)}`, `${d(3)} ${d(4)}`, `+${this.int(20, 99)}${d(9)}`];
    return this.pick(own[this.locale] && this.chance(0.6) ? own[this.locale] : any);
  }
  street() { return this.tried(() => this.f.location.streetAddress(), () => this.en().location.streetAddress()); }
  city() { return this.tried(() => this.f.location.city(), () => this.en().location.city()); }
  zip() { return this.tried(() => this.f.location.zipCode(), () => this.en().location.zipCode()); }
  country() { return this.tried(() => this.f.location.country(), () => this.en().location.country()); }
  state() { return this.tried(() => this.f.location.state({ abbreviated: true }), () => this.en().location.state({ abbreviated: true })); }
  // The lines of an address as its country writes them.
  addressLines() {
    const s = this.street(), extra = this.chance(0.25) ? [this.pick([`Suite ${this.int(100, 990)}`, `Apt ${this.int(1, 60)}`, `Floor ${this.int(2, 9)}`, `c/o ${this.family()}`])] : [];
    const town = this.locale.startsWith('en_US') || this.locale === 'en' ? `${this.city()}, ${this.state()} ${this.zip()}` : LANGUAGE(this.locale) === 'en' && this.chance(0.5) ? `${this.city()} ${this.zip()}` : `${this.zip()} ${this.city()}`;
    return [s, ...extra, town, ...(this.chance(0.3) ? [this.country()] : [])];
  }
  birth() { return this.date(1935, 2008); }
  date(a = 2019, b = 2026) {
    const y = this.int(a, b), m = this.int(1, 12), d = this.int(1, 28), two = n => String(n).padStart(2, '0');
    const month = this.pick([['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'], ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December']])[m - 1];
    return this.pick([`${two(d)}/${two(m)}/${y}`, `${y}-${two(m)}-${two(d)}`, `${two(d)}.${two(m)}.${y}`, `${d} ${month} ${y}`, `${month} ${d}, ${y}`]);
  }
  luhn(head, length) { let s = head + this.digits(length - head.length - 1), t = 0; [...s].reverse().forEach((c, i) => { let d = +c * (i % 2 ? 1 : 2); t += d > 9 ? d - 9 : d; }); return s + (10 - t % 10) % 10; }
  card() { const c = this.luhn(this.pick(['400000', '510510', '378282']), 16); return this.chance(0.7) ? c.match(/.{4}/g).join(' ') : c; }
  iban() {
    const [country, bban] = this.pick([['GB', 'NWBK' + this.digits(14)], ['DE', this.digits(18)], ['FR', this.digits(23)], ['ES', this.digits(20)], ['NL', 'ABNA' + this.digits(10)], ['PL', this.digits(24)]]);
    let r = 0n; for (const c of [...bban + country + '00'].map(c => parseInt(c, 36)).join('')) r = (r * 10n + BigInt(c)) % 97n;
    const s = country + String(98n - r).padStart(2, '0') + bban; return this.chance(0.7) ? s.match(/.{1,4}/g).join(' ') : s;
  }
  ip() { return this.pick(['192.0.2.', '198.51.100.', '203.0.113.']) + this.int(1, 254); }
  mac() { return ['00', '00', '5e', ...Array.from({ length: 3 }, () => this.int(0, 255).toString(16).padStart(2, '0'))].join(this.pick([':', '-'])); }
  account() { return this.pick([this.digits(8), this.digits(10), `${this.digits(3)}-${this.digits(5)}`, `${this.digits(2)}-${this.digits(2)}-${this.digits(2)} ${this.digits(8)}`, `${this.digits(4)} ${this.digits(4)} ${this.digits(3)}`, `${this.upper(2)}${this.digits(8)}`, `${this.digits(6)}/${this.digits(4)}`]); }
  passport() { return this.pick([this.digits(9), `${this.upper(2)}${this.digits(7)}`, `${this.upper(1)}${this.digits(8)}`, `${this.digits(2)}${this.upper(2)}${this.digits(5)}`, `${this.upper(3)}${this.digits(6)}`]); }
  secret() { return this.pick([this.code(12), this.code(24), `${this.pick(['sk', 'pk', 'ghx', 'api'])}_${this.code(28)}`, this.f.string.hexadecimal({ length: 40, prefix: '' }), this.f.internet.password({ length: 11 }), `${this.pick(['Summer', 'Winter', 'Tiger', 'Dragon', 'blue'])}${this.int(10, 2030)}${this.pick(['!', '#', '?', ''])}`]); }
  plate() { return this.pick([`${this.upper(2)}${this.digits(2)} ${this.upper(3)}`, `${this.upper(2)}-${this.digits(3)}-${this.upper(2)}`, `${this.upper(1)} ${this.upper(2)} ${this.digits(4)}`]); }
  // What is nobody's.
  // Houses and firms that bear a name of a person or a place.
  house() { const n = this.pick([this.family(), this.family(), this.city(), this.given()]); return this.pick({ en: [`${n} & Sons`, `${n} Primary School`, `Hotel ${n}`, `${n} Hall`, `St. ${this.given()} Hospital`, `${n} Brewery`, `${n} and ${this.family()} LLP`, `The ${n} Foundation`, `${n} Road depot`, `${n} Bakery`, `Bank of ${this.city()}`, `${n} Court`, `${n} Insurance`, `University of ${this.city()}`, `${this.given()} ${n} Ltd`, `${n}, ${this.family()} & Partners`, `${n} Brothers`, `Garage ${n}`, `${n} Solicitors`, `${n} ${this.family()} Associates`], de: [`Kanzlei ${n}`, `${n}, ${this.family()} & Partner`, `Autohaus ${n}`, `Praxis ${n}`, `${this.given()} ${n} KG`, `Stadtwerke ${this.city()}`, `Amtsgericht ${this.city()}`, `Gasthof ${n}`, `${n} GmbH`, `${n}-Gymnasium`, `Bäckerei ${n}`, `Klinikum ${this.city()}`, `${n} & Söhne`, `Finanzamt ${this.city()}`, `Apotheke am Markt`], fr: [`Étude ${n}`, `${n} Frères`, `Garage ${n}`, `Cabinet ${n} et ${this.family()}`, `Mutuelle ${n}`, `Lycée ${this.given()} ${this.family()}`, `Hôtel ${n}`, `Tribunal de ${this.city()}`, `Caisse ${n}`, `Clinique ${n}`, `Mairie de ${this.city()}`, `Boulangerie ${n}`, `Établissements ${n}`, `Résidence ${n}`], es: [`Clínica ${n}`, `Colegio ${n}`, `Hotel ${n}`, `Juzgado de ${this.city()}`, `Ayuntamiento de ${this.city()}`, `Panadería ${n}`, `Seguros ${n}`, `Residencia ${n}`, `Talleres ${n}`, `${n} e Hijos`, `Hermanos ${n}`, `${n} y ${this.family()} Abogados`, `${n} e ${this.family()}`] }[this.language ?? 'en']); }
  firm() { if (this.chance(0.4)) return this.house(); return this.tried(() => this.f.company.name(), () => this.en().company.name()); }
  // Names of programs and shops as they are made up: words no list has, which stand alone and are nobody's.
  brand() {
    const part = () => this.pick([...'bcdfghjklmnprstvwxz', 'br', 'tr', 'st', 'pl', '']) + this.pick([...'aaeeiiooouy']) + this.pick(['', '', '', 'l', 'n', 'r', 's', 'x']), en = this.en();
    const word = this.pick([() => part() + part(), () => part() + part() + this.pick(['', 'ly', 'io', 'ix', 'ify', 'er', 'ra', 'ta']), () => this.joined(this.given(), en.person.firstName()), () => this.joined(this.family(), en.word.noun()), () => en.word.noun(), () => en.word.noun() + this.pick(['hub', 'flow', 'desk', 'base', 'ly', 'pay', 'er'])])().replace(/[^\p{L}]/gu, '');
    const name = word.length < 4 ? word + 'ora' : word, big = name[0].toUpperCase() + name.slice(1);
    return this.pick([big, big, big, big, name, big.toUpperCase(), `${big} ${this.pick(['One', 'Cloud', 'Admin', 'Pro', 'Desk', 'UI', 'Studio', 'Office', 'Connect', 'Portal', 'Lite', 'Go'])}`, this.pick(['Pay', 'My', 'Open', 'Net', 'Flow', 'Get']) + big]);
  }
  // Words that programs are full of and lists lack: "Addons", "Full-time", "Rollups".
  jargon() {
    const word = this.pick(['add', 'plug', 'web', 'check', 'sign', 'full', 'part', 'road', 'roll', 'hot', 'work', 'time', 'data', 'push', 'side', 'tool', 'pay', 'stand', 'out', 'pre', 're', 'multi', 'auto', 'back', 'on', 'off', 'drop', 'build', 'log', 'tag']) + this.pick(['', '', '', '-']) + this.pick(['ons', 'ins', 'hooks', 'outs', 'ups', 'time', 'maps', 'board', 'boards', 'flows', 'keys', 'sets', 'lists', 'tips', 'bars', 'grid', 'wise', 'pay', 'fill', 'tier', 'step', 'link', 'groups', 'views', 'plans']);
    return this.chance(0.15) ? word : word[0].toUpperCase() + word.slice(1);
  }
  // What a page says of the program it is a page of.
  ofBrand(b) {
    const y = this.int(2018, 2026), en = [`© ${y} ${b}. All rights reserved.`, `Powered by ${b}`, `Welcome to ${b}`, `Log in to ${b}`, `${b} v${this.version()}`, `About ${b}`, `Get the ${b} app`, `Made with ${b}`, `${b} Help Centre`, `Copyright ${y} – ${b}`, `New in ${b}`, `${b} by ${this.brand()}`, `Why ${b}?`, `Upgrade ${b}`, `${b} needs your permission`, `Sent from ${b}`];
    return this.pick({ en, de: [...en.slice(0, 2), `Willkommen bei ${b}`, `Bei ${b} anmelden`, `Über ${b}`, `${b} herunterladen`, `© ${b} ${y}`], fr: [...en.slice(0, 1), `Bienvenue chez ${b}`, `Se connecter à ${b}`, `À propos de ${b}`, `Propulsé par ${b}`, `© ${y} ${b}`], es: [...en.slice(0, 1), `Bienvenido a ${b}`, `Iniciar sesión en ${b}`, `Acerca de ${b}`, `Con la tecnología de ${b}`, `© ${y} ${b}`] }[this.language ?? 'en']);
  }
  product() { return this.en().commerce.productName(); }
  job() { return this.en().person.jobTitle(); }
  department() { return this.en().commerce.department(); }
  words(n) { return this.en().lorem.words(n); }
  // A sentence of the page's language; of English ones faker has many.
  phrase() { return this.language && this.language !== 'en' ? this.told() : this.said(); }
  told() { return this.filled(this.pick(PHRASES[this.language])); }
  // Places in a phrase are filled with what is nobody's.
  filled(phrase) {
    const two = n => String(n).padStart(2, '0');
    const fill = { d: () => this.longDate(), n: () => this.int(2, 90), t: () => this.pick([`${this.int(0, 23)}:${this.pick(['00', '15', '30', '45'])}`, `${this.int(1, 23)} ${this.language === 'fr' ? 'h ' + this.pick(['00', '15', '30']) : this.language === 'de' ? 'Uhr' : 'h'}`]), c: () => this.city(), f: () => this.firm(), p: () => this.product(), o: () => this.order(), m: () => this.localMonth(), w: () => this.pick(WEEKDAYS[this.language]), e: () => this.price(), v: () => this.version(), x: () => this.file(), a: () => `${two(this.int(1, 28))}.${two(this.int(1, 12))}.`, s: () => this.pick(['A', 'B', 'C', '']) + this.int(1, 40) };
    return phrase.replace(/\{(\w)\}/g, (_, k) => fill[k]());
  }
  localMonth() { return this.pick(MONTHS[this.language]); }
  longDate() { const d = this.int(1, 28), y = this.int(2021, 2026); return { en: `${d} ${this.localMonth()} ${y}`, de: `${d}. ${this.localMonth()} ${y}`, fr: `${d} ${this.localMonth()} ${y}`, es: `${d} de ${this.localMonth()} de ${y}` }[this.language]; }
  // A letter's place and day.
  placeAndDay() { const c = this.city(), d = this.longDate(); return this.pick({ en: [`${c}, ${d}`, d], de: [`${c}, den ${d}`, `${c}, ${d}`, `${c}, im ${this.localMonth()}`], fr: [`${c}, le ${d}`, `Fait à ${c}, le ${d}`], es: [`${c}, ${d}`, `En ${c}, a ${d}`] }[this.language]); }
  said() { return this.chance(0.6) ? this.filled(this.pick(PHRASES.en)) : this.pick([() => this.en().hacker.phrase(), () => this.en().company.catchPhrase() + '.', () => this.en().commerce.productDescription()])(); }
  // Paragraphs of real text in the page's language.
  text() { const all = this.texts.prose[this.language]; return () => this.pick(all); }
  codeLines(n) { const made = []; while (made.length < n) made.push(...this.pick(this.texts.code)); return made.slice(0, n); }
  price() { return this.pick(['$', '€', '£', ''])+ this.en().commerce.price(); }
  order() { return this.pick([`#${this.int(1000, 99999)}`, `ORD-${this.digits(5)}`, `INV-${this.int(2019, 2026)}-${this.digits(4)}`, `PO ${this.digits(6)}`]); }
  version() { return `${this.int(0, 20)}.${this.int(0, 30)}.${this.int(0, 9)}`; }
  file() { return this.en().system.fileName(); }
  animal() { return this.en().animal.dog(); }
  car() { return this.en().vehicle.vehicle(); }
  book() { return this.en().music.songName(); }
  month() { return this.en().date.month(); }
  status() { return this.pick(['Active', 'Pending', 'Cancelled', 'Paid', 'Open', 'Closed', 'Draft', 'Approved', 'In progress', 'Shipped', 'Refunded', 'Blocked', 'On hold']); }
}
