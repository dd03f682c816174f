// Pages whose parts, fields, names of fields and ways of showing them are all put together at random: what stands around a value is
// another thing on every page. A list of records (of people, or of things) is shown in one of some thirty ways, a single record in
// one of a dozen, prose and headings between them. To teach and choose with.
import { s, esc, T } from './blocks.mjs';
import { everyday, heading, fieldsOfPeople, fieldsOfSignIns, fieldsOfThings, needsLabel } from './fields.mjs';
import { noted, sentence } from './taught/system.mjs';

const many = (n, make) => Array.from({ length: n }, (_, i) => make(i));
const values = (v, fields) => { const p = v.person(); return fields.map(f => v.hollow && v.chance(0.12) ? v.pick(['', '–', '']) : f.make(p)); };
const records = (v, fields, least = 3, most = 9) => many(v.int(least, most), () => values(v, fields));
const bare = html => html.replace(/<br>/g, ', ');
const letters = html => bare(html).replace(/<[^>]*>/g, '').replace(/&\w+;/g, '&');
const style = (css, inner) => `<div style="${css}">${inner}</div>`;
const led = (v, f, value) => value === '' ? '' : (f.lead ? f.lead + ' ' : '') + value;
const told = (v, f, value) => `${f.label}${v.pick([':', ':', '', ' –'])} ${value}`;
const separator = v => v.pick([' · ', ' | ', ', ', ' – ', ' / ', '; ', ' &nbsp;&nbsp; ', ' • ', ' — ', ' ', ': ', ' &gt; ', ' → ', ' ', ` ${'.'.repeat(v.int(3, 14))} `]);
// Each gap with a sign of its own, as printed lists have them: "Surname Given, Street 4 ........ 020 7946 0123".
const strung = (v, parts, signs) => parts.filter(Boolean).reduce((line, part, i) => line + signs[i % signs.length] + part);
const tableClass = v => v.pick(['rules', 'bare', 'grid', 'zebra']);
const row = (cells, tag = 'td') => `<tr>${cells.map(c => `<${tag}>${c}</${tag}>`).join('')}</tr>`;
// What counts the rows is nobody's number: 1, K-11, A3, No. 7.
function counting(v) { const first = v.pick([1, 1, 1, v.int(2, 90), 101, 1001]), before = v.pick(['', '', '', v.upper(1), v.upper(1) + '-', v.upper(2) + ' ', v.upper(2) + '-', '#', 'No. ', 'Nr. ']), wide = v.pick([0, 0, 2, 3]); return i => before + String(first + i).padStart(wide, '0'); }
const countingHead = v => v.pick(['#', 'No.', 'Nr.', 'N°', 'Pos.', 'Key', 'Slot', 'Item', 'Row', 'Place', 'Locker', 'Tag', 'Platz', 'Fach', 'Taquilla', 'Casier', '']);
const size = (v, x) => v.pick([x => x, x => x, x => `<b>${x}</b>`, x => `<small>${x}</small>`, x => `<span style="font-size:${v.int(105, 170)}%">${x}</span>`])(x);

// Lists of records without names of fields: every value must speak for itself, by its place or by a short word before it.
const UNNAMED = {
  table: (v, fs) => `<table class="${tableClass(v)}">${records(v, fs, 3, 12).map((r, i) => row(v.numbered ? [v.count(i), ...r] : r)).join('')}</table>`,
  grid: (v, fs) => { const widths = fs.map(() => v.int(90, 250) + 'px').join(' '), gap = v.int(2, 12); return records(v, fs, 3, 12).map(r => style(`display:grid;grid-template-columns:${widths};padding:${gap}px 0`, r.map(x => `<div>${x}</div>`).join(''))).join(''); },
  lines: (v, fs) => { const sep = separator(v); return records(v, fs, 3, 10).map(r => `<div class="${v.row}">${r.map((x, i) => led(v, fs[i], bare(x))).filter(Boolean).join(sep)}</div>`).join(''); },
  strung: (v, fs) => { const signs = many(4, () => separator(v)), wide = v.int(0, 6), all = records(v, fs, 3, 12).map(r => `${style(`break-inside:avoid;padding:${wide}px 0`, strung(v, [...r.map((x, i) => led(v, fs[i], bare(x))), ' '], signs))}`).join(''); return v.chance(0.4) ? style(`columns:${v.int(2, 3)};column-gap:30px`, all) : all; },
  printed: (v, fs) => `<div class=console>${v.chance(0.5) ? heading(v).toUpperCase() + '<br>' : ''}${records(v, fs, 3, 12).map((r, i) => [...(v.numbered ? [v.count(i)] : []), ...r.map(bare)].filter(Boolean).join(' ')).join('<br>')}</div>`,
  cards: (v, fs) => `<div class="cards c${v.int(2, 4)}">${records(v, fs, 3, 9).map(r => `<div class=card>${size(v, r[0])}<br>${r.slice(1).map((x, i) => led(v, fs[i + 1], x)).join(v.join)}</div>`).join('')}</div>`,
  twoEnds: (v, fs) => records(v, fs, 3, 8).map(r => style('display:flex;justify-content:space-between;padding:6px 0;border-bottom:1px solid #8884;max-width:' + v.width, `<div>${r[0]}${r.length > 2 ? `<br><small>${r.slice(1, -1).join(v.sep)}</small>` : ''}</div><div>${r.length > 1 ? r.at(-1) : ''}</div>`)).join(''),
  timeline: (v, fs) => records(v, fs, 3, 7).map(r => style('display:flex;gap:20px;padding:5px 0', `<small style="width:${v.int(60, 110)}px">${v.int(0, 23)}:${v.int(10, 59)}</small><div>${r.join(v.join)}</div>`)).join(''),
  boards: (v, fs) => style(`display:grid;grid-template-columns:repeat(${v.int(2, 4)},1fr);gap:14px`, many(v.int(2, 4), () => style('background:#8882;padding:10px', `<b>${heading(v)}</b>${records(v, fs, 1, 4).map(r => `<div class="${v.row}">${r.slice(0, 3).join('<br>')}</div>`).join('')}`)).join('')),
  calendar: (v, fs) => `<table class=grid>${many(v.int(2, 4), w => row(many(5, d => `<small>${w * 7 + d + 1}</small><br>${v.chance(0.6) ? values(v, fs).slice(0, 2).map(bare).join(v.join) : '&nbsp;'}`))).join('')}</table>`,
  tree: (v, fs) => { const leaf = () => `<li>${values(v, fs).slice(0, 2).map(bare).join(v.sep)}</li>`; return `<ul>${many(v.int(2, 4), () => `<li>${v.chance(0.5) ? heading(v) : values(v, fs).slice(0, 1).join('')}<ul>${many(v.int(1, 4), leaf).join('')}</ul></li>`).join('')}</ul>`; },
  ordered: (v, fs) => `<${v.listTag}>${records(v, fs, 3, 10).map(r => `<li>${r.map((x, i) => led(v, fs[i], bare(x))).filter(Boolean).join(v.sep)}</li>`).join('')}</${v.listTag}>`,
  columns: (v, fs) => style(`columns:${v.int(2, 3)};column-gap:30px`, records(v, fs, 6, 16).map(r => style('break-inside:avoid;padding:2px 0', r.slice(0, 3).map(bare).join(v.sep))).join('')),
  sentence: (v, fs) => `<p>${heading(v)}: ${records(v, fs.slice(0, 2), 2, 8).map(r => r.filter(Boolean).map(bare).join(v.pick([' ', ' (', ' – '])) ).map(x => x.includes('(') && !x.includes(')') ? x + ')' : x).join(v.pick([', ', '; ', ', ', ' / ', ' &amp; ']))}</p>`,
  chips: (v, fs) => `<p>${records(v, fs.slice(0, 2), 3, 9).map(r => `<span class=box style="display:inline-block;margin:0 8px 6px 0">${r.filter(Boolean).map(bare).join(' ')} ${v.pick(['', '', '×', '✕'])}</span>`).join('')}</p>`,
  seats: (v, fs) => style(`display:grid;grid-template-columns:repeat(${v.int(3, 6)},1fr);gap:6px`, many(v.int(6, 18), i => style('border:1px solid #8886;padding:5px;text-align:center', `<small>${v.pick(['A', 'B', 'C', ''])}${i + 1}</small><br>${v.chance(0.8) ? bare(values(v, fs)[0]) : v.pick(['', '–', T(v, 'free', 'frei', 'libre', 'libre')])}`)).join('')),
  matches: (v, fs) => many(v.int(3, 8), () => style('padding:5px 0', `${bare(values(v, fs)[0])} ${v.pick(['–', 'v', 'vs', ':', '-', 'vs.'])} ${bare(values(v, fs)[0])} &nbsp; ${v.pick([`${v.int(0, 9)}:${v.int(0, 9)}`, `${v.int(0, 6)}-${v.int(0, 6)} ${v.int(0, 6)}-${v.int(0, 6)}`, `${v.int(9, 20)}:00`, v.city()])}`)).join(''),
  console: (v, fs) => { const rows = records(v, fs, 3, 10).map(r => r.map(bare)), wide = fs.map((_, c) => v.int(2, 4) + Math.max(...rows.map(r => letters(r[c]).length))); return `<div class=console>${rows.map(r => r.map((x, c) => x + '&nbsp;'.repeat(Math.max(1, wide[c] - letters(x).length))).join('')).join('<br>')}</div>`; },
  separated: (v, fs) => { const sep = v.pick([',', ';', '|', ', ', '&nbsp;&nbsp;&nbsp;', ' | ']), quote = v.pick(['', '', '"']); return `<div class=console>${records(v, fs, 3, 9).map(r => r.map(x => quote + bare(x) + quote).join(sep)).join('<br>')}</div>`; },
  comments: (v, fs) => records(v, fs.slice(0, 2), 2, 5).map(r => `<div class="${v.pick(['msg', 'ev', 'card'])}"><small>${r.filter(Boolean).map(bare).join(v.sep)}${v.pick(['', ` · ${v.int(2, 50)} min`, ` ${v.int(1, 12)}:${v.int(10, 59)}`])}</small><br>${noted(v)}</div>`).join(''),
  rota: (v, fs) => `<table class="${tableClass(v)}">${v.chance(0.7) ? row(['', ...T(v, 'Mon Tue Wed Thu Fri Sat', 'Mo Di Mi Do Fr Sa', 'lun mar mer jeu ven sam', 'lun mar mié jue vie sáb').split(' ')], 'th') : ''}${v.chance(0.5) ? records(v, fs.slice(0, 1), 4, 9).map(r => row([r[0], ...many(6, () => v.pick(['D', 'N', 'E', '–', 'F', '8–16', 'U', '']))])).join('') : many(v.int(2, 5), () => row([heading(v), ...many(6, () => bare(values(v, fs)[0]))])).join('')}</table>`,
  stubs: (v, fs) => style(`display:grid;grid-template-columns:repeat(${v.int(2, 3)},1fr);gap:12px`, records(v, fs, 2, 6).map(r => style('border:1px dashed #8889;padding:9px;text-align:' + v.pick(['left', 'center']), r.map(x => size(v, x)).join('<br>'))).join('')),
};
// Lists of records whose fields are named: by headings, beside each value, or as keys.
const key = f => f.label.normalize('NFD').toLowerCase().replace(/[^a-z0-9]+/g, '_').replace(/^_|_$/g, '') || 'x';
const NAMED = {
  table: (v, fs) => `<table class="${tableClass(v)}">${row([...(v.numbered ? [countingHead(v)] : []), ...fs.map(f => f.label)], 'th')}${records(v, fs, 2, 9).map((r, i) => row(v.numbered ? [v.count(i), ...r] : r)).join('')}</table>`,
  table2: (v, fs) => NAMED.table(v, fs), table3: (v, fs) => NAMED.table(v, fs),
  turned: (v, fs) => { const all = records(v, fs, 2, 4); return `<table class="${tableClass(v)}">${fs.map((f, i) => row([f.label, ...all.map(r => r[i])])).join('')}</table>`; },
  grid: (v, fs) => { const widths = fs.map(() => v.int(90, 230) + 'px').join(' '), line = cells => style(`display:grid;grid-template-columns:${widths};padding:4px 0`, cells.map(x => `<div>${x}</div>`).join('')); return line(fs.map(f => `<small>${f.label}</small>`)) + records(v, fs, 3, 9).map(line).join(''); },
  cards: (v, fs) => `<div class="cards c${v.int(2, 4)}">${records(v, fs, 2, 7).map(r => `<div class=card>${r.map((x, i) => told(v, fs[i], x)).join('<br>')}</div>`).join('')}</div>`,
  overCards: (v, fs) => `<div class="cards c${v.int(2, 4)}">${records(v, fs, 2, 6).map(r => `<div class=card>${r.map((x, i) => `<small>${fs[i].label}</small><br>${x}`).join('<br>')}</div>`).join('')}</div>`,
  headed: (v, fs) => records(v, fs, 2, 5).map(r => `<div class="${v.row}">${size(v, bare(r[0]))}<br>${r.slice(1).map((x, i) => told(v, fs[i + 1], bare(x))).join(v.pick([v.sep, '<br>', ' | ']))}</div>`).join(''),
  lines: (v, fs) => records(v, fs, 3, 7).map(r => `<div class="${v.row}">${r.map((x, i) => told(v, fs[i], bare(x))).join(separator(v))}</div>`).join(''),
  strips: (v, fs) => records(v, fs, 2, 5).map(r => style('display:flex;gap:26px;border:1px solid #8886;padding:8px;margin:7px 0', r.map((x, i) => `<div><small>${fs[i].label}</small><br>${x}</div>`).join(''))).join(''),
  separated: (v, fs) => { const sep = v.pick([',', ';', '|', ', ']); return `<div class=console>${[fs.map(f => v.pick([key(f), f.label])), ...records(v, fs, 3, 8).map(r => r.map(bare))].map(r => r.join(sep)).join('<br>')}</div>`; },
  objects: (v, fs) => { const [open, between, close, colon] = v.pick([['{ ', ', ', ' }', ': '], ['{', ',', '}', ':'], ['', ' ', '', '='], ['- ', '<br>&nbsp;&nbsp;', '', ': '], ['[' + key(fs[0]) + ']<br>', '<br>', '<br>', ' = ']]), quote = v.pick(['"', '', '']); return `<div class=console>${records(v, fs, 2, 5).map(r => open + r.map((x, i) => `${quote}${key(fs[i])}${quote}${colon}${quote}${bare(x)}${quote}`).join(between) + close).join('<br>')}</div>`; },
  tags: (v, fs) => `<div class=console>${records(v, fs, 1, 3).map(r => `&lt;${key(fs[0])}-item&gt;<br>${r.map((x, i) => `&nbsp;&nbsp;&lt;${key(fs[i])}&gt;${bare(x)}&lt;/${key(fs[i])}&gt;`).join('<br>')}<br>&lt;/${key(fs[0])}-item&gt;`).join('<br>')}</div>`,
  insert: (v, fs) => `<div class=console>INSERT INTO ${v.en().hacker.noun().split(' ')[0]} (${fs.map(key).join(', ')}) VALUES<br>${records(v, fs, 2, 5).map(r => `(${r.map(x => `'${bare(x)}'`).join(', ')})`).join(',<br>')};</div>`,
};
// A single record.
const SINGLE = {
  side: (v, fs) => `<dl class=side>${values(v, fs).map((x, i) => `<dt>${fs[i].label}${v.colon}</dt><dd>${x}</dd>`).join('')}</dl>`,
  over: (v, fs) => `<div class=stack>${values(v, fs).map((x, i) => `<div><small>${fs[i].label}</small><br>${x}</div>`).join('')}</div>`,
  under: (v, fs) => style(`display:grid;grid-template-columns:repeat(${v.int(2, 4)},1fr);gap:16px`, values(v, fs).map((x, i) => `<div>${size(v, x)}<br><small>${fs[i].label}</small></div>`).join('')),
  inline: (v, fs) => values(v, fs).map((x, i) => `<p class=tight>${v.pick(['<b>', '<span>'])}${fs[i].label}:</b> ${x}</p>`).join(''),
  fields: (v, fs) => `<div class=fields>${values(v, fs).map((x, i) => `<label>${fs[i].label}</label><div class=box>${x}</div>`).join('')}</div>`,
  paper: (v, fs) => `<table class=grid style="width:${v.int(50, 95)}%">${many(Math.ceil(fs.length / 2), i => row(fs.slice(2 * i, 2 * i + 2).map(f => `<small>${f.label}</small><br>${values(v, [f])[0] || '&nbsp;'}`))).join('')}</table>`,
  pairs: (v, fs) => `<table class="${tableClass(v)}">${many(Math.ceil(fs.length / 2), i => row(fs.slice(2 * i, 2 * i + 2).flatMap(f => [f.label, values(v, [f])[0]]))).join('')}</table>`,
  dotted: (v, fs) => style('max-width:' + v.width, values(v, fs).map((x, i) => style('display:flex;justify-content:space-between;border-bottom:1px dotted #8888;padding:4px 0', `<div>${fs[i].label}</div><div>${x}</div>`)).join('')),
  right: (v, fs) => `<table class=bare>${values(v, fs).map((x, i) => `<tr><td style="text-align:right"><small>${fs[i].label}</small></td><td>${x}</td></tr>`).join('')}</table>`,
  run: (v, fs) => `<p>${values(v, fs).map((x, i) => told(v, fs[i], bare(x))).join(v.pick([' | ', ', ', ' · ', '; ', ' &nbsp;&nbsp; ']))}</p>`,
  keys: (v, fs) => { const sign = v.pick([': ', '=', ' = ', '&nbsp;&nbsp;']); return `<div class=console>${values(v, fs).map((x, i) => `${v.pick([key(fs[i]), fs[i].label])}${sign}${bare(x)}`).join('<br>')}</div>`; },
  // Asked and answered, by a form, by two who talk, or with the name of the field behind what stands in it.
  asked: (v, fs) => values(v, fs).map((x, i) => `<p>${v.pick(['', '1. ', 'Q: '])}${T(v, v.pick(['What is your', 'Your', 'And the', 'May I have your', 'Please give your']), v.pick(['Wie lautet Ihr', 'Ihr', 'Und der']), v.pick(['Quel est votre', 'Votre', 'Et']), v.pick(['¿Cuál es su', 'Su', '¿Y']))} ${fs[i].label.toLowerCase()}?<br>${v.pick(['', '– ', 'A: '])}${x}</p>`).join(''),
  talked: (v, fs) => { const [one, other] = T(v, v.pick([['Agent', 'Caller'], ['Bot', 'You'], ['Desk', 'Guest']]), ['Agent', 'Kunde'], ['Conseiller', 'Client'], ['Agente', 'Cliente']); return values(v, fs).map((x, i) => `<div class="${v.row}">${one}: ${fs[i].label}${v.pick(['?', ', please?', ':'])}</div><div class="${v.row}">${other}: ${bare(x)}</div>`).join(''); },
  behind: (v, fs) => values(v, fs).map((x, i) => `<div class="${v.row}">${bare(x)} (${fs[i].label.toLowerCase()})</div>`).join(''),
  blanks: (v, fs) => values(v, fs).map((x, i) => `<p>${fs[i].label} ${v.pick(['____ ', '…… ', '[ ', ''])}${bare(x)}${v.pick(['', ' ____', ' ]'])}</p>`).join(''),
};
const letter = v => { const p = v.person(), q = v.person(), a = v.addressLines(); return style('max-width:640px', `${v.chance(0.7) ? `${s('person', `${p.g} ${p.f}`)}<br>` : ''}${v.chance(0.3) ? esc(v.firm()) + '<br>' : ''}${a.map(l => s('address', l)).join('<br>')}<p>${v.placeAndDay()}</p><p>${noted(v)} ${noted(v)}</p><p>${T(v, v.pick(['Regards', 'Yours', 'Thanks', 'Sincerely']), v.pick(['Gruß', 'Mit freundlichen Grüßen', 'Danke']), v.pick(['Cordialement', 'Merci', 'Bien à vous']), v.pick(['Saludos', 'Gracias', 'Atentamente']))}${v.pick([',', ''])}<br>${v.pick([s('person', q.g), s('person', `${q.g} ${q.f}`), s('person', `${q.g[0]}. ${q.f}`)])}${v.chance(0.4) ? `<br><small>${v.job()}</small>` : ''}</p>`); };
const PARTS = {
  unnamedPeople: v => v.pick([...Object.values(UNNAMED), UNNAMED.strung, UNNAMED.printed])(v, fieldsOfPeople(v, 1, 5, false)),
  led: v => v.pick([UNNAMED.lines, UNNAMED.cards, UNNAMED.ordered, UNNAMED.strung])(v, fieldsOfPeople(v, 2, 5, true).filter(f => !needsLabel(f) || f.lead)),
  signIns: v => v.pick([UNNAMED.table, UNNAMED.grid, UNNAMED.cards, UNNAMED.twoEnds, UNNAMED.lines, UNNAMED.stubs, UNNAMED.console, NAMED.table, NAMED.overCards, NAMED.headed])(v, fieldsOfSignIns(v)),
  namedPeople: v => v.pick(Object.values(NAMED))(v, fieldsOfPeople(v, 2, 6, true)), namedPeople2: v => PARTS.namedPeople(v),
  person: v => v.pick(Object.values(SINGLE))(v, fieldsOfPeople(v, 3, 9, true).filter(f => f.group !== 'record')),
  unnamedThings: v => v.pick(Object.values(UNNAMED))(v, fieldsOfThings(v, 1, 5)), namedThings: v => v.pick(Object.values(NAMED))(v, fieldsOfThings(v, 2, 6)), thing: v => v.pick(Object.values(SINGLE))(v, fieldsOfThings(v, 3, 9)), things2: v => v.pick([PARTS.unnamedThings, PARTS.namedThings])(v),
  // A form nobody has filled in yet, and filler text of no language.
  unfilled: v => v.pick(Object.values(SINGLE))(v, [...fieldsOfPeople(v, 2, 6, true), ...fieldsOfThings(v, 1, 3)].map(f => ({ ...f, make: () => v.pick(['', '', '–', '…']) }))),
  filler: v => `<p>${many(v.int(1, 3), () => v.en().lorem.sentence()).join(' ')}</p>`,
  prose: v => `<p>${many(v.int(1, 4), () => noted(v)).join(' ')}</p>`, told: v => many(v.int(1, 3), () => style('padding:4px 0', sentence(v))).join(''), letter,
  words: v => `<p>${many(v.int(2, 8), () => everyday(v, 3)).join(v.pick([' &nbsp; ', '<br>', ' | ', ', ']))}</p>`,
};
const OF_PEOPLE = ['unnamedPeople', 'unnamedPeople', 'led', 'namedPeople', 'namedPeople2', 'person', 'told', 'letter', 'signIns'];
const OF_THINGS = ['unnamedThings', 'namedThings', 'thing', 'things2', 'prose', 'words', 'unfilled', 'filler'];
const menu = v => many(v.int(3, 7), () => v.chance(0.5) ? heading(v) : everyday(v, 2));
function framed(v, body) {
  const who = v.chance(0.3) ? s('person', v.pick([p => `${p.g} ${p.f}`, p => p.g, p => `${p.g[0]}. ${p.f}`])(v.person())) : '';
  return v.pick([
    () => `<main>${body}</main>`, () => `<main>${body}</main>`, () => `<header><b>${v.pick([esc(v.firm()), heading(v)])}</b> ${menu(v).map(x => `<span>${x}</span>`).join('')} <span>${who}</span></header><main>${body}</main>`,
    () => `<div class=with><aside>${who ? who + '<br>' : ''}${menu(v).map(x => `<div>${x}</div>`).join('')}</aside><main>${body}</main></div>`, () => `<main><small>${menu(v).join(' &gt; ')}</small>${body}</main>`])();
}
export const record = {
  records(v) {
    Object.assign(v, { row: v.pick(['ev', 'card', 'tight', 'plainrow']), join: v.pick(['<br>', '<br>', ' · ', ', ', ' ']), sep: separator(v), width: v.int(320, 800) + 'px', listTag: v.pick(['ol', 'ul']), numbered: v.chance(0.25), count: counting(v), hollow: v.chance(0.2), shout: v.chance(0.15) });
    const people = v.chance(0.68), parts = many(v.pick([1, 1, 2, 2, 3, 4]), i => PARTS[v.pick(people && (i === 0 || v.chance(0.4)) ? OF_PEOPLE : OF_THINGS)](v));
    const titled = v.some(parts, parts.length).map(p => (v.chance(0.5) ? `<h3>${heading(v)}</h3>` : '') + p);
    const body = v.chance(0.25) ? `<div class=with>${titled.map(b => `<div>${b}</div>`).join('')}</div>` : titled.join('');
    v.shout = false;
    return framed(v, body);
  },
};
