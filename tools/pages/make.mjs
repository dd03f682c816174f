// Writes made-up pages: node make.mjs MODULES TEXTS teach|record|plain|report SEED COUNT > pages.json
//
// MODULES is a folder of npm modules with @faker-js/faker 8 in it, TEXTS what texts.py wrote. Every page is HTML with its own look; what is sensitive on
// it stands in <s-n k="kind">. draw.py makes pictures of them, with their truth.
import { Values, LOCALES, LANGUAGE } from './values.mjs';
import * as layouts from './layouts.mjs';
import { readFileSync } from 'node:fs';

const [modules, texts, set, seed, count] = process.argv.slice(2);
const kinds = Object.entries(layouts[set]);
const taught = ['Liberation Sans', 'Open Sans', 'Roboto', 'DejaVu Sans', 'Cantarell', 'Liberation Serif'], others = ['Lato', 'DejaVu Serif', 'Inter', 'Liberation Sans'];
const fonts = { teach: taught, record: taught, plain: taught, report: others }[set];
const grounds = [['#ffffff', '#222222', '#6b6b6b', '#f1f3f6', '#d8dce2', '#2b4a6f'], ['#fafafa', '#1d2733', '#5f6f80', '#ffffff', '#d5dde5', '#146c5f'], ['#1b1f27', '#d9dee6', '#93a0b1', '#232935', '#3a4352', '#7aa2f7'], ['#f7f3ea', '#33291d', '#7a6b57', '#fffdf8', '#dccfb8', '#7b3f1d'], ['#eef3f0', '#20302a', '#5b7067', '#ffffff', '#cbd8d1', '#3b5f2a']];
function look(v) {
  const [ground, ink, faint, card, rule, strong] = v.pick(grounds), mono = v.pick(['Liberation Mono', 'DejaVu Sans Mono']);
  return `*{box-sizing:border-box}body{margin:0;font:${v.int(12, 17)}px/${v.pick(['1.35', '1.45', '1.6'])} "${v.pick(fonts)}";background:${ground};color:${ink}}header{background:${strong};color:#fff;padding:9px 16px}header span{margin-left:15px}main{padding:14px 20px}aside{background:${card};padding:12px;min-width:150px;line-height:2;border-right:1px solid ${rule}}
small,label,dt,th{color:${faint};font-weight:normal;text-align:left}table{border-collapse:collapse;margin:8px 0}td,th{padding:4px 15px 4px 5px;text-align:left}.rules td{border-bottom:1px solid ${rule}}.grid td,.grid th{border:1px solid ${rule}}.zebra tr:nth-child(odd){background:${card}}.side{display:grid;grid-template-columns:max-content 1fr;gap:5px 20px}dd{margin:0}.stack{display:grid;grid-template-columns:1fr 1fr;gap:10px 28px;max-width:800px}.tight{margin:5px 0}
.fields{display:grid;grid-template-columns:1fr;gap:4px;max-width:420px}.box{border:1px solid ${rule};background:${card};border-radius:4px;padding:5px 9px;margin-bottom:5px}.cards{display:grid;gap:12px}.c2{grid-template-columns:repeat(2,1fr)}.c3{grid-template-columns:repeat(3,1fr)}.c4{grid-template-columns:repeat(4,1fr)}.card,.ev,.msg{background:${card};border:1px solid ${rule};border-radius:6px;padding:10px}.ev,.msg{margin:7px 0}.msg{max-width:66%}.r{margin-left:34%}.with{display:flex;gap:26px}.letter{max-width:720px}.av{display:inline-block;background:${strong};color:#fff;border-radius:50%;width:2.2em;line-height:2.2em;text-align:center;font-size:80%}.console{font-family:"${mono}",monospace}h2,h3,h4{margin:6px 0 10px;font-weight:${v.pick([400, 600])}}b{font-weight:${v.pick([500, 600, 700])}}`;
}
// The same page with other signs between its parts, more or fewer of them on a line, and things between that are nobody's, so
// that no layout is learnt by heart.
function varied(v, html) {
  const sign = v.pick([' · ', ' · ', ' | ', ' – ', ', ', ' / ', ' &nbsp; ', ': ']), joined = v.pick([' ', ', ', ' – ', ' &nbsp;&nbsp; ']);
  const others = v.chance(0.25) ? 0.12 : 0, joins = v.chance(0.25) ? 0.3 : 0;
  const nobodys = () => v.pick([v.status(), v.price(), v.city(), v.date(), v.department(), v.product(), v.words(1), v.words(3), v.order(), v.job(), v.file()]);
  return html.replaceAll(' · ', sign).replaceAll('<br>', () => v.chance(joins) ? joined : v.chance(others) ? `<br>${nobodys()}<br>` : '<br>');
}
// A page as one of a program's: its name over or beside the page, and again where a page says what it is a page of.
function branded(v, html) {
  const b = v.brand(), name = v.pick([`<b>${b}</b>`, `<span style="font-size:${v.int(110, 190)}%">${b}</span>`, b]), again = [1, 2].slice(0, v.int(1, 2)).map(() => v.ofBrand(b)), foot = `<div style="padding:9px 16px">${again.map(x => `<small>${x}</small>`).join(v.pick(['<br>', ' &nbsp; ', ' · ']))}</div>`;
  return v.pick([() => `<header>${name}</header>${html}${foot}`, () => `<div style="padding:9px 16px">${name}</div>${html}${foot}`, () => `<div style="display:grid;grid-template-columns:${v.int(130, 210)}px 1fr"><div style="padding:12px 16px">${name}<br>${again[0]}</div><div>${html}</div></div>`, () => html + foot])();
}
const framed = (v, html) => set === 'report' ? html : (x => v.chance(0.3) ? branded(v, x) : x)(set === 'teach' ? varied(v, html) : html);
const v = new Values(modules, Number(seed) * 7919 + 17, JSON.parse(readFileSync(texts))), pages = [];
v.invents = set !== 'report';
for (let i = 0; i < Number(count); ++i) {
  v.use(LOCALES[(i * 7 + Number(seed)) % LOCALES.length]);
  v.language = LANGUAGE(v.locale);
  v.colon = v.pick(['', '', ':']);
  v.nameForm = v.pick(['gf', 'gf', 'gf', 'f,g', 'fg', 'Fg', undefined]);
  // Two of five pages to teach with are put together at random from parts.
  const [name, layout] = set === 'teach' && i % 5 < 2 ? ['mixed', layouts.teach.mixed] : v.pick(kinds);
  const html = layout(v);
  // No name that reads as somebody's number plate or password: a file so called is renamed when it is released.
  pages.push({ id: `p${i}-${name.replaceAll("_", "")}-${v.locale}-${seed}`, html: framed(v, html), css: look(v), dpr: v.pick([1, 1, 1, 2]) });
}
process.stdout.write(JSON.stringify(pages));
