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

export class Values {
  constructor(modules, seed) {
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
  person() { return { g: this.given(), f: this.family() }; }
  full({ g, f }, form) {
    const forms = { gf: `${g} ${f}`, fg: `${f} ${g}`, 'f,g': `${f}, ${g}`, Fg: `${f.toUpperCase()} ${g}`, i: `${g[0]}. ${f}`, mid: `${g} ${this.upper(1)}. ${f}`, jr: `${g} ${f} ${this.pick(['Jr.', 'Sr.', 'III', 'PhD'])}` };
    return forms[form ?? this.pick(['gf', 'gf', 'gf', 'gf', 'gf', 'f,g', 'Fg', 'i', 'mid'])];
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
  firm() { return this.tried(() => this.f.company.name(), () => this.en().company.name()); }
  product() { return this.en().commerce.productName(); }
  job() { return this.en().person.jobTitle(); }
  department() { return this.en().commerce.department(); }
  words(n) { return this.en().lorem.words(n); }
  // A sentence of the page's language; of English ones faker has many.
  phrase() { return this.language && this.language !== 'en' ? this.told() : this.said(); }
  told() {
    const m = this.month(), c = this.city(), f = this.firm(), p = this.product(), o = this.order();
    return this.pick({
      de: [`Die Lieferung ${o} ist am ${this.int(1, 28)}. ${m} in ${c} angekommen.`, `Bitte prüfen Sie die Rechnung ${o} bis Freitag.`, `Der Vertrag mit ${f} läuft noch bis ${m}.`, `Wir haben den Zähler am Montag abgelesen.`, `Im Anhang finden Sie das Protokoll der letzten Sitzung.`, `Der Artikel ${p} ist zur Zeit nicht vorrätig.`, `Die Besprechung in ${c} wurde verschoben.`, `Nach dem Update auf Version ${this.version()} tritt der Fehler nicht mehr auf.`, `Das Lager ${c} meldet ${this.int(2, 90)} Stück.`, `Vielen Dank für Ihre schnelle Antwort.`, `Ab ${m} gelten neue Öffnungszeiten im Büro ${c}.`],
      fr: [`La commande ${o} est arrivée à ${c} le ${this.int(1, 28)} ${m}.`, `Merci de vérifier la facture ${o} avant vendredi.`, `Le contrat avec ${f} court jusqu'en ${m}.`, `Vous trouverez ci-joint le compte rendu de la réunion.`, `L'article ${p} n'est plus en stock.`, `La réunion de ${c} est reportée.`, `Depuis la version ${this.version()}, l'erreur a disparu.`, `Le magasin de ${c} ouvre à neuf heures.`, `Nous vous remercions de votre réponse rapide.`, `Le relevé du compteur est prévu lundi.`],
      es: [`El pedido ${o} llegó a ${c} el ${this.int(1, 28)} de ${m}.`, `Revise la factura ${o} antes del viernes.`, `El contrato con ${f} vence en ${m}.`, `Adjuntamos el acta de la última reunión.`, `El artículo ${p} está agotado.`, `La reunión en ${c} se aplaza.`, `Con la versión ${this.version()} el error ya no aparece.`, `La tienda de ${c} abre a las nueve.`, `Muchas gracias por su rápida respuesta.`, `La lectura del contador será el lunes.`] }[this.language]);
  }
  said() { return this.pick([() => this.en().hacker.phrase(), () => this.en().company.catchPhrase() + '.', () => this.en().commerce.productDescription()])(); }
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
