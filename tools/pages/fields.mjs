// Fields of made-up records: what stands in them, what they are called on a page, and how their values are written there. A field
// is chosen for a page: its values are then written in one form, as one program writes them. `make(person)` gives HTML.
import { readFileSync } from 'node:fs';
import { s, esc } from './blocks.mjs';
import { LABELS, DEEDS, OWNERS, NUMBERS, LEADS, HEADS } from './roles.mjs';

const wordsOf = name => readFileSync(new URL(`../../data/words/${name}.txt`, import.meta.url), 'utf8').split('\n').filter(w => w.length > 2 && !w.startsWith('#'));
const EVERYDAY = { en: wordsOf('eng'), de: wordsOf('deu'), fr: wordsOf('fra'), es: wordsOf('spa') };
const capital = w => w[0].toUpperCase() + w.slice(1);
const two = n => String(n).padStart(2, '0');

// Words of every day, one to three, written as headings and names of things are.
export function everyday(v, most = 3) {
  if (v.chance(0.06)) return v.pick([v.jargon(), v.jargon(), v.brand()]);
  const chosen = Array.from({ length: v.int(1, most) }, () => v.pick(EVERYDAY[v.language]));
  return v.pick([() => chosen.map(capital).join(' '), () => capital(chosen.join(' ')), () => chosen.join(' '), () => chosen.join(' ').toUpperCase()])();
}
export const heading = v => v.chance(0.06) ? v.jargon() : v.chance(0.6) ? v.pick(HEADS[v.language]) : everyday(v, 2);

const upper = text => text.replaceAll('ß', 'ss').toUpperCase();
const plainUpper = (v, text) => upper(v.plain(text)), plainUpperWords = (v, text) => upper(text.normalize('NFD').replace(/\p{M}/gu, ''));
const titles = { en: ['Mr', 'Mrs', 'Ms', 'Dr', 'Prof.', 'Sgt', 'Cllr', 'Sr', 'Capt.'], de: ['Herr', 'Frau', 'Dr.', 'Prof. Dr.'], fr: ['M.', 'Mme', 'Dr', 'Me'], es: ['Sr.', 'Sra.', 'D.', 'Dña.', 'Dr.'] };
// How a program or an office writes names: one of these a page.
const NAMES = {
  usual: (v, p) => s('person', `${p.g} ${p.f}`), surnameFirst: (v, p) => s('person', `${p.f} ${p.g}`), comma: (v, p) => s('person', `${p.f}, ${p.g}`), capitalSurname: (v, p) => s('person', `${upper(p.f)} ${p.g}`), commaCapitals: (v, p) => s('person', `${upper(p.f)}, ${p.g}`),
  surnameLast: (v, p) => s('person', `${p.g} ${upper(p.f)}`), capitals: (v, p) => s('person', upper(`${p.g} ${p.f}`)), slash: (v, p) => s('person', `${plainUpper(v, p.f)}/${plainUpper(v, p.g)}`), small: (v, p) => s('person', `${p.g} ${p.f}`.toLowerCase()),
  initial: (v, p) => s('person', `${p.g[0]}. ${p.f}`), barInitial: (v, p) => s('person', `${p.g[0]} ${p.f}`), initialAfter: (v, p) => s('person', `${p.f} ${p.g[0]}${v.pick(['', '.'])}`), commaInitial: (v, p) => s('person', `${p.f}, ${p.g[0]}${v.pick(['', '.'])}`), shortSurname: (v, p) => s('person', `${p.g} ${p.f[0]}${v.pick(['', '.'])}`), middle: (v, p) => s('person', `${p.g} ${v.upper(1)}. ${p.f}`),
  given: (v, p) => s('person', p.g), family: (v, p) => s('person', p.f), capitalFamily: (v, p) => s('person', upper(p.f)), titled: (v, p) => `${v.pick(titles[v.language])} ${s('person', v.pick([p.f, `${p.g} ${p.f}`, `${p.g[0]}. ${p.f}`]))}`,
  twoGivens: (v, p) => s('person', `${p.g} ${v.given()} ${p.f}`), doubled: (v, p) => s('person', `${p.g} ${p.f}-${v.family()}`), particle: (v, p) => s('person', `${p.g} ${v.pick(['van der', 'de', 'von', 'da', 'di', 'le', 'el'])} ${p.f}`), couple: (v, p) => `${s('person', v.given())} ${v.pick(['&amp;', '+', { en: 'and', de: 'und', fr: 'et', es: 'y' }[v.language]])} ${s('person', `${p.g} ${p.f}`)}`,
  aged: (v, p) => `${s('person', `${p.g} ${p.f}`)}${v.pick([`, ${v.int(2, 95)}`, ` (${v.int(2, 95)})`])}`, noted: (v, p) => `${s('person', `${p.g} ${p.f}`)} (${v.pick([everyday(v, 2), v.job(), v.department(), v.country()])})`,
};
const NAME_WEIGHTS = ['usual', 'usual', 'usual', 'usual', 'usual', 'usual', 'usual', ...Object.keys(NAMES), 'comma', 'initial', 'given', 'given', 'family', 'surnameFirst'];
// Alone under a name of a field: the letters somebody signs with.
const signed = (v, p) => s('person', v.pick([p.g[0] + p.f[0], `${p.g[0]}.${p.f[0]}.`, (p.g[0] + p.f[0]).toLowerCase()]));
// Machines write names in capitals without accents, or the surname alone, whatever the form.
const NAMES_AS_PRINTED = [p => p, p => p, p => p, p => p, p => p, (p, v) => ({ g: plainUpper(v, p.g), f: plainUpper(v, p.f) }), (p, v) => ({ g: p.g, f: plainUpper(v, p.f) })];
const personMaker = v => { if (v.labelled && v.chance(0.06)) return p => signed(v, p); const mixed = v.chance(0.15), form = v.pick(NAME_WEIGHTS), printed = v.pick(NAMES_AS_PRINTED); return p => NAMES[mixed ? v.pick(NAME_WEIGHTS) : form](v, printed(p, v)); };

const loginMaker = v => { const form = v.pick([p => v.login(p), p => v.login(p), p => `${v.plain(p.f).slice(0, 5)}${two(v.int(0, 99))}`, p => `${v.plain(p.g)[0]}${v.digits(6)}`, p => `${v.plain(p.g)}-${v.plain(p.f)}`, p => v.plain(p.g), p => `${v.plain(p.g)}.${v.plain(p.f)}`, p => `${v.plain(p.f)}${v.plain(p.g)[0]}`, p => `${v.en().word.adjective()}_${v.plain(p.g)}`, p => `${v.en().word.noun()}${v.int(2, 99)}`]), sign = v.chance(0.15) ? '@' : ''; return p => s('username', sign + form(p)); };
const recordMaker = v => { const form = v.pick([() => v.upper(2) + v.digits(6), () => v.digits(7), () => v.digits(8), () => `${v.upper(1)}-${v.digits(6)}`, () => `${v.digits(3)}-${v.digits(4)}`, () => `${v.upper(3)}${v.digits(4)}`, () => `${v.int(2015, 2026)}/${v.digits(4)}`]); return () => s('record', form()); };
const secretMaker = v => { const pin = v.chance(0.2), n = v.int(4, 6); return () => s('secret', pin ? v.digits(n) : v.secret()); };
// What stands behind a street and its number: a flat, a block, no number at all.
const flat = v => v.pick([`nr. ${v.int(1, 99)}`, `bl. ${v.int(1, 40)}, sc. ${v.int(1, 4)}, ap. ${v.int(1, 80)}`, `Apt. ${v.int(1, 80)}`, `Flat ${v.int(1, 40)}`, `${v.int(1, 9)}º ${v.pick(['izq.', 'dcha.', 'B'])}`, `lok. ${v.int(1, 90)}`, `${v.int(1, 9)}. Stock`, `Top ${v.int(1, 30)}`, `bte ${v.int(1, 30)}`, `PO Box ${v.int(10, 9999)}`, `s/n`, `kv. ${v.int(1, 90)}`]);
const addressAtOnce = v => v.addressLines().join(v.pick([', ', ', ', ' ', ' - ', ' / ']));
const addressMaker = v => { const printed = v.chance(0.12), form = v.pick([() => s('address', v.street()), () => s('address', v.street()), () => s('address', addressAtOnce(v)), () => s('address', addressAtOnce(v)), () => v.addressLines().map(l => s('address', l)).join('<br>'), () => `${s('address', v.street())}, ${s('address', v.city())}`, () => s('address', `${v.street()}, ${flat(v)}`), () => s('address', `${v.street()} ${flat(v)}, ${v.zip()} ${v.city()}`), () => s('address', `${v.city()}, ${v.street()}`), () => s('address', `${v.street()}, ${v.city()}, ${v.state()} ${v.zip()}`)]); return () => printed ? form().replace(/>[^<]+</g, text => plainUpperWords(v, text)) : form(); };
// The town somebody lives in or is from, alone or with its number, country or state.
const townMaker = v => { const form = v.pick([() => v.city(), () => v.city(), () => v.city(), () => `${v.zip()} ${v.city()}`, () => `${v.city()}, ${v.state()}`, () => `${v.city()} ${v.upper(2)}`, () => v.city().toUpperCase(), () => `${v.city()}, ${v.country()}`]); return () => s('address', form()); };
// By kind: a maker of makers. Kinds in `announced` are known by a label or a lead alone.
const SENSITIVE = { person: personMaker, username: loginMaker, record: recordMaker, secret: secretMaker, address: addressMaker, town: townMaker, email: v => p => s('email', v.mail(p)), phone: v => () => s('phone', v.phone()), account: v => () => s('account', v.account()), passport: v => () => s('passport', v.passport()), dob: v => () => s('dob', v.birth()), plate: v => () => s('plate', v.plate()) };
const announced = new Set(['username', 'secret', 'account', 'passport', 'dob', 'plate', 'record']);

const ship = v => `${v.pick(['MV', 'MS', 'SS', 'Barge', 'Ferry'])} ${v.pick([v.city(), v.en().color.human(), v.given()])}`;
const inn = v => v.pick([`The ${v.en().color.human()} ${v.pick(['Lion', 'Boar', 'Heron', 'Anchor', 'Swan', 'Oak'])}`, `${v.family()} House`, `${v.family()} Arms`, `Café ${v.given()}`, `${v.family()} Street Clinic`, `${v.city()} ${v.pick(['United', 'Rovers', 'City', 'Harriers', 'RC'])}`]);
const clock = v => `${v.int(0, 23)}:${v.pick(['00', '05', '15', '20', '30', '40', '45', '50'])}`;
const NOBODYS = {
  thing: [v => v.product(), v => v.product(), v => everyday(v), v => everyday(v), v => v.car(), v => v.animal(), v => v.book(), v => v.en().color.human(), v => v.en().commerce.productMaterial(), ship, v => v.en().music.genre(), v => v.en().science.chemicalElement().name, v => `${v.en().hacker.verb()} ${v.en().hacker.noun()}`, v => v.words(v.int(1, 3)), v => capital(v.words(2)), v => v.en().vehicle.manufacturer(), v => v.en().company.buzzNoun()],
  place: [v => v.city(), v => v.city(), v => v.city(), v => v.country(), inn, v => v.house(), v => `${v.city()} ${v.pick(['North', 'Central', 'Hbf', 'Airport', 'Docks', 'Est'])}`, v => `${v.city()} – ${v.city()}`], firm: [v => esc(v.firm()), v => esc(v.firm()), v => esc(v.house()), inn],
  time: [v => v.date(), clock, v => `${v.date()} ${clock(v)}`, v => `${clock(v)}–${clock(v)}`, v => `${v.int(2, 50)} min`, v => v.localMonth(), v => v.longDate(), v => `${v.int(2, 28)} ${v.month().slice(0, 3)}`, v => `${v.int(2, 50)} days ago`],
  number: [v => v.price(), v => String(v.int(1, 9999)), v => String(v.int(1, 99)), v => v.int(1, 99) + ' %', v => `${v.int(1, 900)} ${v.pick(['kg', 'm', 'km', 'l', 'bar', 'kWh', 'm³', 'pcs', 'EUR'])}`, v => `${v.int(1, 60)}${v.pick(['A', 'B', 'C', 'F'])}`, v => v.version(), v => `${v.int(0, 9)}:${v.int(0, 9)}`, v => `${v.int(1, 9)}.${v.digits(2)}`, v => String(v.int(10000, 99999))],
  state: [v => v.status(), v => v.status(), v => v.job(), v => v.department(), v => everyday(v, 2), v => v.pick(['Yes', 'No', 'Ja', 'Nein', 'Oui', 'Non', 'Sí', 'n/a', '–', 'OK', 'x']), v => v.pick(['D', 'N', 'A', 'B', 'X', 'F', 'S', 'M', 'L', 'XL']), v => v.phrase(), v => v.en().word.adjective(), v => v.pick(['high', 'low', 'medium', 'urgent', 'normal', 'info', 'warn']), v => v.upper(v.int(2, 4))],
  code: [v => v.en().hacker.noun().split(' ')[0] + v.int(2, 99), v => `${v.en().hacker.noun().split(' ')[0]}.${v.en().hacker.verb()}`, v => String(v.int(100, 999)), v => v.order(), v => v.digits(10), v => `${v.upper(3)}-${v.digits(4)}`, v => `${v.digits(3)}-${v.digits(3)}-${v.digits(3)}`, v => `SN${v.digits(8)}`, v => v.f.string.hexadecimal({ length: 7, prefix: '', casing: 'lower' }), v => v.file(), v => `${v.upper(2)} ${v.digits(3)}`, v => `${v.digits(4)} ${v.digits(3)} ${v.digits(2)}`],
};
// A field that is called by any word says nothing of what stands in it.
const strange = 0.15;
// Firms are customers and senders as people are, and places are what things come from.
const firmAsPerson = 0.3;
const composed = { person: 0.35, username: 0.2, record: 0.5 };
// A name of a field that no list has: what somebody did, or a known one with something before or behind it.
function composedLabel(v, group) {
  if (group === 'record') return v.pick(NUMBERS[v.language]).replace('{}', v.pick(OWNERS[v.language]));
  const { done, ends, whole } = DEEDS[v.language], part = v.pick(LABELS[group][v.language]);
  return v.pick([() => `${v.pick(done)} ${v.pick(ends)}`, () => `${v.pick(done)} ${v.pick(ends)}`, () => v.pick(whole).replace('{}', v.chance(0.5) ? part : part.toLowerCase()), () => group === 'person' && v.language === 'en' ? v.pick([v.job(), v.en().person.jobType()]) : `${v.pick(done)} ${v.pick(ends)}`])();
}
function named(v, group, make, sensitive) {
  const odd = v.chance(strange) && !announced.has(group), like = group === 'firm' && v.chance(firmAsPerson) ? 'person' : group;
  const of = group === 'place' && !v.ofPeople && v.chance(0.3) ? 'town' : like;
  const label = odd ? everyday(v, 2) : v.chance(composed[of] ?? 0) ? composedLabel(v, of) : v.pick(LABELS[of][v.language]);
  return { group, sensitive, label: v.shout ? upper(label) : label, lead: v.pick(LEADS[group] ?? ['']), make };
}
// Makers of names that are nobody's write each value anew; codes beside people would be a record's, so none stand there unlabelled.
// Nor is a town beside people a mere place, unless its label says that it is an office's or a thing's.
export const nobodysField = (v, beside = []) => { const group = v.pick(Object.keys(NOBODYS).filter(k => !beside.includes(k))), makers = group === 'place' && v.ofPeople && !v.labelled ? NOBODYS.place.slice(3) : NOBODYS[group], make = v.pick(makers); return named(v, group, () => make(v), false); };
export const field = (v, kind) => named(v, kind, SENSITIVE[kind](v), true);
export const needsLabel = f => announced.has(f.group);
// Somebody else than the one the record is of.
const another = (v, f) => ({ ...f, make: () => f.make(v.person()) });
// A record of somebody: a name most often, then some of what is known of people and things.
export function fieldsOfPeople(v, least, most, labelled) {
  Object.assign(v, { ofPeople: true, labelled });
  const all = chosenFields(v, least, most, labelled);
  Object.assign(v, { ofPeople: false, labelled: false });
  return all;
}
function chosenFields(v, least, most, labelled) {
  const kinds = Object.keys(SENSITIVE).filter(k => k !== 'person' && (labelled || !announced.has(k)));
  const some = v.some(kinds, v.pick([0, 0, 1, 1, 1, 2, 2, 3])).map(k => field(v, k));
  const names = v.chance(0.9) ? [field(v, 'person')] : [], second = v.chance(0.2) ? [another(v, field(v, 'person'))] : [];
  const count = Math.max(0, v.int(least, most) - some.length - names.length - second.length);
  const all = [...names, ...some, ...second, ...Array.from({ length: count }, () => nobodysField(v, labelled ? [] : ['code']))];
  return v.chance(0.5) ? all : v.some(all, all.length);
}
// Kept sign-ins: who, and the secret right beside, of something.
export const fieldsOfSignIns = v => [v.pick([nobodysField(v, ['code', 'time', 'number', 'state']), field(v, 'person')]), field(v, v.pick(['username', 'username', 'email'])), field(v, 'secret')];
export const fieldsOfThings = (v, least, most) => Array.from({ length: v.int(least, most) }, () => nobodysField(v));
