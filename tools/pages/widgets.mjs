// Widgets and style sheets nobody here made, filled with made-up people: node widgets.mjs MODULES TEXTS PARTS FOLDER SEED COUNT
//
// PARTS is a folder of npm modules (README.md): grids, calendars, boards, trees, charts of teams, mail, slides, code, and styles for plain HTML.
// Writes FOLDER/DESIGN/N.html, COUNT of each design, and beside it N.truth.json, [[kind, text] …], for templates.py to draw. A design's folder is
// named by a number (FOLDER/designs.txt tells which): a word of its own name might be somebody's value, and a picture named after one is renamed.
import { Values, LOCALES, LANGUAGE } from './values.mjs';
import { s, esc, T, L, columns, personal, nobodys, born } from './blocks.mjs';
import { createRequire } from 'node:module';
import { existsSync, mkdirSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';

const [modules, texts, parts, folder, seed, count] = process.argv.slice(2);
const at = file => resolve(parts, file), files = (dir, form) => existsSync(at(dir)) ? readdirSync(at(dir)).filter(f => form.test(f)).map(f => `${dir}/${f}`) : [];
const parted = createRequire(resolve(parts, 'x.js'));
const json = x => JSON.stringify(x).replace(/</g, '\\u003c');
const bare = html => String(html).replace(/<[^>]*>/g, '').replace(/&nbsp;/g, ' ').replace(/&lt;/g, '<').replace(/&gt;/g, '>').replace(/&amp;/g, '&');

// What is marked within HTML, and the HTML without its marks.
function taken(html, sens) { return html.replace(/<s-n k="(\w+)">(.*?)<\/s-n>/g, (_, kind, text) => (sens.push([kind, bare(text)]), text)); }

const people = (v, a, b) => Array.from({ length: v.int(a, b) }, () => v.person());
const full = (v, p) => s('person', v.full(p, v.nameForm ?? 'gf'));
const contact = (v, p) => v.some([s('phone', v.phone()), s('email', v.mail(p)), v.job(), esc(v.firm()), s('username', v.login(p))], 2);
const lines = v => v.addressLines().map(l => s('address', l));
// A table of people: its headings and rows, of plain text once the marks are taken off.
function sheet(v, sens, rows = 8) {
  const chosen = columns(v, v.int(4, 6)), of = v.person(), all = Array.from({ length: rows }, () => v.person());
  // A town is somebody's where something else of the row is.
  const kinds = chosen.map(c => /k="(\w+)"/.exec(String(c[1](of)))?.[1]), anybodys = kinds.some(k => k && k !== 'address') || kinds.filter(k => k).length > 1;
  return { heads: chosen.map(c => c[0]), rows: all.map(p => chosen.map(c => bare(taken(anybodys ? String(c[1](p)) : String(c[1](p)).replace('k="address"', 'k="either"'), sens)))) };
}
const keyed = t => ({ fields: t.heads.map((h, i) => [`c${i}`, h]), data: t.rows.map(r => Object.fromEntries(r.map((x, i) => [`c${i}`, x]))) });
const tableOf = t => `<table id=t class="display table striped" style="width:100%"><thead><tr>${t.heads.map(h => `<th>${h}</th>`).join('')}</tr></thead><tbody>${t.rows.map(r => `<tr>${r.map(x => `<td>${esc(x)}</td>`).join('')}</tr>`).join('')}</tbody></table>`;
const appointment = v => { const p = v.person(); return v.pick([() => `${T(v, 'Call', 'Anruf', 'Appeler', 'Llamar a')} ${full(v, p)}`, () => full(v, p), () => `${v.product()}`, () => `${v.department()} – ${v.city()}`, () => `${T(v, 'Visit', 'Besuch', 'Visite', 'Visita')} ${s('address', v.street())}`, () => `${T(v, 'Meeting with', 'Termin mit', 'Rendez-vous avec', 'Reunión con')} ${full(v, p)}`])(); };
const card = (v, p) => `<b>${full(v, p)}</b><br>${contact(v, p).join('<br>')}<br>${lines(v).join('<br>')}`;

// Prose, lists, a form, a table and a quotation as plain HTML has them.
function plainPage(v, sens) {
  const p = v.person(), q = v.person(), t = sheet(v, sens, 5);
  const some = v.some([
    () => `<p>${v.phrase()} ${T(v, 'Please ask', 'Bitte fragen Sie', 'Merci de demander à', 'Pregunte a')} ${full(v, q)} (<a href="#">${s('email', v.mail(q))}</a>). ${v.phrase()}</p>`,
    () => `<dl>${v.some([...personal(v, p, 5), ...nobodys(v, 2)], 7).map(([l, x]) => `<dt>${l}</dt><dd>${x}</dd>`).join('')}</dl>`,
    () => tableOf(t), () => `<blockquote><p>${v.phrase()} ${v.phrase()}</p><footer>– ${full(v, v.person())}, <cite>${esc(v.firm())}</cite></footer></blockquote>`,
    () => `<address>${full(v, q)}<br>${lines(v).join('<br>')}<br>${s('phone', v.phone())}</address>`,
    () => `<form><fieldset><legend>${T(v, 'Your details', 'Ihre Angaben', 'Vos coordonnées', 'Sus datos')}</legend>${personal(v, p, 4).map(([l, x]) => `<label>${l}</label> <input size=34 value="${bare(taken(String(x).replace(/<br>/g, ', '), sens)).replace(/"/g, '&quot;')}"><br>`).join('')}<button type=button>${T(v, 'Save', 'Speichern', 'Enregistrer', 'Guardar')}</button></fieldset></form>`,
    () => `<ul>${people(v, 4, 6).map(r => `<li>${full(v, r)}, ${contact(v, r).join(', ')}</li>`).join('')}</ul>`,
    () => `<aside><h3>${T(v, 'On call', 'Bereitschaft', 'Astreinte', 'De guardia')}</h3><p>${full(v, v.person())}<br>${s('phone', v.phone())}</p></aside>`,
    () => `<details open><summary>${full(v, q)}</summary><p>${T(v, 'born', 'geb.', 'né(e) le', 'nac.')} ${s('dob', born(v))}, ${lines(v).join(', ')}</p></details>`,
    () => `<pre><code>user: ${s('username', v.login(p))}\nmail: ${s('email', v.mail(p))}\nkey:  ${s('secret', v.code(28))}\nlevel: ${v.int(1, 9)}</code></pre>`,
    () => `<ol>${v.some([0, 1, 2, 3, 4], 4).map(() => `<li>${v.phrase()}</li>`).join('')}</ol>`,
    () => `<nav><ul><li>${T(v, 'Customers', 'Kunden', 'Clients', 'Clientes')}</li><li>${T(v, 'Bills', 'Rechnungen', 'Factures', 'Facturas')}</li><li>${T(v, 'Reports', 'Berichte', 'Rapports', 'Informes')}</li></ul></nav>`], v.int(5, 7));
  return `<main><h1>${v.pick([esc(v.firm()), v.product(), full(v, p)])}</h1>${some.map(x => x()).join(`<h2>${v.department()}</h2>`)}</main>`;
}
// The parts of a page in the classes a style sheet of components gives them.
const boots = (v, sens) => `<div class="container py-3"><nav class="navbar navbar-expand bg-primary mb-3" data-bs-theme="dark"><a class="navbar-brand ms-3">${v.brand()}</a><span class="navbar-text ms-auto me-3">${full(v, v.person())}</span></nav><div class="row">
<div class="col-4"><div class="list-group">${people(v, 4, 6).map((p, i) => `<a class="list-group-item ${i ? '' : 'active'}"><div class="d-flex justify-content-between"><h6>${full(v, p)}</h6><small>${v.int(1, 9)} d</small></div><p class="mb-1">${v.phrase()}</p><small>${contact(v, p)[0]}</small></a>`).join('')}</div></div>
<div class="col-8"><div class="alert alert-${v.pick(['success', 'warning', 'info', 'danger'])}">${T(v, 'Message sent to', 'Nachricht gesendet an', 'Message envoyé à', 'Mensaje enviado a')} ${s('email', v.mail(v.person()))}</div><div class="row">${people(v, 2, 3).map(p => `<div class="col"><div class="card mb-3"><div class="card-header">${v.department()}</div><div class="card-body"><h5 class="card-title">${full(v, p)}</h5><h6 class="card-subtitle text-muted">${v.job()}</h6><p class="card-text">${lines(v).join('<br>')}<br>${s('phone', v.phone())}</p><a class="btn btn-primary btn-sm">${T(v, 'Open', 'Öffnen', 'Ouvrir', 'Abrir')}</a></div></div></div>`).join('')}</div>${tableOf(sheet(v, sens, 4))}<span class="badge bg-secondary">${v.status()}</span> <span class="badge bg-info">${v.order()}</span><ol class="breadcrumb"><li class="breadcrumb-item">${T(v, 'Customers', 'Kunden', 'Clients', 'Clientes')}</li><li class="breadcrumb-item">${s('either', v.city())}</li><li class="breadcrumb-item active">${full(v, v.person())}</li></ol></div></div></div>`;
const feed = v => `<div class="ui container"><br><div class="ui feed">${people(v, 3, 4).map(p => `<div class="event"><div class="content"><div class="summary"><a class="user">${full(v, p)}</a> ${T(v, 'changed', 'änderte', 'a modifié', 'cambió')} ${v.order()}<div class="date">${v.int(1, 9)} h</div></div><div class="extra text">${v.phrase()}</div></div></div>`).join('')}</div><div class="ui comments">${people(v, 3, 4).map(p => `<div class="comment"><div class="content"><a class="author">${full(v, p)}</a><div class="metadata"><span class="date">${v.date()}</span></div><div class="text">@${s('username', v.login(v.person()))} ${v.phrase()}</div><div class="actions"><a>Reply</a></div></div></div>`).join('')}</div><div class="ui cards">${people(v, 3, 4).map(p => `<div class="card"><div class="content"><div class="header">${full(v, p)}</div><div class="meta">${v.job()}</div><div class="description">${contact(v, p).join('<br>')}</div></div><div class="extra content">${v.int(2, 90)} ${T(v, 'bills', 'Rechnungen', 'factures', 'facturas')}</div></div>`).join('')}</div></div>`;
const person = (v, p, sens) => { const t = html => bare(taken(html, sens)); return { name: t(full(v, p)), role: v.job(), mail: t(s('email', v.mail(p))), phone: t(s('phone', v.phone())), street: t(s('address', v.street())), city: t(s('address', v.city())), login: t(s('username', v.login(p))), token: t(s('secret', v.code(24))), active: true, seats: v.int(1, 40) }; };
const coded = { json: all => JSON.stringify(all, null, 2), yaml: all => all.map(o => Object.entries(o).map(([k, x], i) => `${i ? '  ' : '- '}${k}: ${x}`).join('\n')).join('\n'), python: all => all.map(o => `add_customer(name="${o.name}", mail="${o.mail}", phone="${o.phone}",\n             street="${o.street}", city="${o.city}", seats=${o.seats})`).join('\n'), sql: all => all.map(o => `INSERT INTO customer (name, mail, login, seats)\nVALUES ('${o.name}', '${o.mail}', '${o.login}', ${o.seats});`).join('\n') };

const grid = (name, css, js, script) => ({ name, css, js, draw: (v, sens) => { const t = sheet(v, sens, v.int(7, 10)), k = keyed(t); return { body: `<div style="padding:16px"><h2>${T(v, 'Customers', 'Kunden', 'Clients', 'Clientes')}</h2><div id=g style="width:1200px"></div></div>`, script: script(k, t) }; } });
const styled = (name, css, draw) => ({ name, css, js: [], draw: (v, sens) => ({ body: draw(v, sens) }) });
const nameOf = file => file.replace(/^.*\//, '').replace(/(\.min)?\.css$/, '');
const designs = [
  ...files('tabulator-tables/dist/css', /^tabulator(_simple|_modern|_midnight|_site|_bulma|_semanticui)?\.min\.css$/).map(f => grid(`grid-${nameOf(f)}`, [f], ['tabulator-tables/dist/js/tabulator.min.js'], k => `new Tabulator('#g',{data:${json(k.data)},layout:'fitColumns',columns:${json(k.fields.map(([field, title]) => ({ field, title })))}})`)),
  ...['quartz', 'alpine', 'balham'].map(t => grid(`grid-ag-${t}`, ['ag-grid-community/styles/ag-grid.min.css', `ag-grid-community/styles/ag-theme-${t}.min.css`], ['ag-grid-community/dist/ag-grid-community.min.noStyle.js'], k => `g.className='ag-theme-${t}';agGrid.createGrid(g,{theme:'legacy',domLayout:'autoHeight',suppressColumnVirtualisation:true,rowData:${json(k.data)},columnDefs:${json(k.fields.map(([field, headerName]) => ({ field, headerName, flex: 1 })))}})`)),
  grid('grid-tui', ['tui-grid/dist/tui-grid.min.css'], ['tui-grid/dist/tui-grid.min.js'], k => `new tui.Grid({el:g,data:${json(k.data)},scrollX:false,scrollY:false,rowHeaders:['rowNum'],columns:${json(k.fields.map(([name, header]) => ({ name, header })))}})`),
  grid('grid-grid', ['gridjs/dist/theme/mermaid.min.css'], ['gridjs/dist/gridjs.umd.js'], (k, t) => `new gridjs.Grid({columns:${json(t.heads)},data:${json(t.rows)},search:true,sort:true,pagination:{limit:10}}).render(g)`),
  ...['datatables.net-dt/css/dataTables.dataTables.min.css'].map(f => ({ name: 'grid-data', css: [f], js: ['jquery/dist/jquery.min.js', 'datatables.net/js/dataTables.min.js'], draw: (v, sens) => ({ body: `<div style="padding:20px">${tableOf(sheet(v, sens, 9))}</div>`, script: `new DataTable('#t')` }) })),
  ...['simple-datatables/dist/style.css'].map(f => ({ name: 'grid-simple', css: [f], js: ['simple-datatables/dist/umd/simple-datatables.js'], draw: (v, sens) => ({ body: `<div style="padding:20px;font-family:Roboto">${tableOf(sheet(v, sens, 9))}</div>`, script: `new simpleDatatables.DataTable('#t')` }) })),
  ...['month', 'list'].map(view => ({ name: `days-${view}`, css: ['fullcalendar/skeleton.css', 'fullcalendar/themes/classic/theme.css', 'fullcalendar/themes/classic/palette.css'], js: ['fullcalendar/all/global.js', 'fullcalendar/themes/classic/global.js'], draw: (v, sens) => ({ body: '<div id=g style="max-width:1240px;margin:12px auto;font-family:Lato"></div>', script: `new FullCalendar.Calendar(g,{initialView:'${view === 'month' ? 'dayGridMonth' : 'listMonth'}',initialDate:'2026-11-01',events:${json(Array.from({ length: 18 }, () => ({ title: bare(taken(appointment(v), sens)), start: `2026-11-${String(v.int(1, 28)).padStart(2, '0')}T${v.int(10, 17)}:00` })))}}).render()` }) })),
  { name: 'board', css: ['jkanban/dist/jkanban.min.css'], js: ['jkanban/dist/jkanban.min.js'], draw: (v, sens) => ({ body: '<div id=g style="font-family:Inter;padding:10px"></div>', script: `new jKanban({element:'#g',widthBoard:'290px',boards:${json(['Waiting', 'Working', 'Done'].map(title => ({ id: title, title, item: Array.from({ length: v.int(2, 4) }, () => ({ title: taken(v.pick([() => `${v.phrase()}<br><small>${full(v, v.person())}</small>`, () => `${appointment(v)}<br>${s('phone', v.phone())}`, () => `<b>${v.product()}</b><br>${v.status()} · ${full(v, v.person())}`])(), sens) })) })))}})` }) },
  { name: 'team', css: ['orgchart/dist/css/jquery.orgchart.min.css'], js: ['jquery/dist/jquery.min.js', 'orgchart/dist/js/jquery.orgchart.min.js'], draw: (v, sens) => { const node = () => ({ name: bare(taken(full(v, v.person()), sens)), title: v.job().slice(0, 20) }); return { body: '<style>.orgchart .node{width:150px!important}.orgchart .node .title{width:auto!important}</style><div id=g></div>', script: `$('#g').orgchart({nodeContent:'title',data:${json({ ...node(), children: [{ ...node(), children: [node(), node()] }, { ...node(), children: [node(), node()] }, node()] })}})` }; } },
  { name: 'course-of-time', css: ['vis-timeline/styles/vis-timeline-graph2d.min.css'], js: ['vis-timeline/standalone/umd/vis-timeline-graph2d.min.js'], draw: (v, sens) => ({ body: '<div id=g style="font-family:Lato;margin:14px"></div>', script: `new vis.Timeline(g,new vis.DataSet(${json(Array.from({ length: 8 }, (_, id) => ({ id, group: id % 4, content: bare(taken(appointment(v), sens)), start: `2026-11-${String(2 + (id >> 2) * 13 + v.int(0, 2)).padStart(2, '0')}` })))}),new vis.DataSet(${json([0, 1, 2, 3].map(id => ({ id, content: bare(taken(full(v, v.person()), sens)) })))}),{start:'2026-11-01',end:'2026-11-28'})` }) },
  { name: 'tree-of-values', css: ['jsoneditor/dist/jsoneditor.min.css'], js: ['jsoneditor/dist/jsoneditor.min.js'], draw: (v, sens) => ({ body: '<div id=g style="width:760px;height:820px;margin:10px"></div>', script: `const e=new JSONEditor(g,{mode:'tree'});e.set(${json({ customers: people(v, 2, 2).map(p => person(v, p, sens)) })});e.expandAll()` }) },
  { name: 'tags', css: ['@yaireo/tagify/dist/tagify.css'], js: ['@yaireo/tagify/dist/tagify.js'], draw: (v, sens) => ({ body: `<div style="font-family:Roboto;padding:20px;width:820px">${taken(['To', 'Cc', 'Keywords'].map((l, i) => `<p>${l}</p><input class=tg data-v="${i < 2 ? people(v, 3, 5).map(p => v.pick([full(v, p), s('email', v.mail(p))]).replace(/"/g, '')).join(';') : [v.product(), v.department(), v.status()].join(';')}">`).join('').replace(/data-v="([^"]*<s-n[^]*?)">(?=<p>|$)/g, x => x), sens)}<p>${v.phrase()}</p><p>${v.phrase()} ${v.phrase()} ${v.phrase()}</p></div>`, script: `for(const i of document.querySelectorAll('.tg')){i.value=JSON.stringify(i.dataset.v.split(';').map(value=>({value})));new Tagify(i,{delimiters:null})}` }) },
  ...['default', 'cerberus', 'neopolitan', 'salted'].map(theme => ({ name: `mail-${theme}`, css: [], js: [], draw: (v, sens) => { const Mailgen = parted('mailgen'), t = html => bare(taken(html, sens)), p = v.person(); return { whole: new Mailgen({ theme, product: { name: v.brand(), link: 'https://office.example/', copyright: '© 2026' } }).generate({ body: { name: t(s('person', v.full(p, v.pick(['gf', 'gf'])))), intro: v.phrase(), dictionary: { [T(v, 'Deliver to', 'Lieferung an', 'Livrer à', 'Entregar en')]: t(lines(v).join(', ')), [L.phone(v)]: t(s('phone', v.phone())), [L.mail(v)]: t(s('email', v.mail(p))) }, table: { data: people(v, 3, 4).map(q => ({ item: v.product(), guest: t(full(v, q)), price: v.price() })) }, action: { instructions: v.phrase(), button: { color: '#22735d', text: T(v, 'Confirm', 'Bestätigen', 'Confirmer', 'Confirmar'), link: 'https://office.example/c' } }, outro: `${T(v, 'Questions? Ask', 'Fragen? Fragen Sie', 'Des questions ? Demandez à', '¿Dudas? Pregunte a')} ${t(full(v, v.person()))}.` } }) }; } })),
  ...files('highlight.js/styles', /^[a-n].*[aeiou].*\.min\.css$/).filter((_, i) => i % 3 === 0).map((f, i) => ({ name: `code-${nameOf(f)}`, css: [f], js: [], draw: (v, sens) => { const kind = Object.keys(coded)[(i + v.int(0, 3)) % 4], hljs = parted('highlight.js'); return { body: `<pre style="margin:0;font:${v.int(12, 16)}px/1.5 '${v.pick(['DejaVu Sans Mono', 'Liberation Mono'])}'"><code class=hljs style="min-height:600px">${hljs.highlight(coded[kind](people(v, 3, 3).map(p => person(v, p, sens))), { language: kind }).value}</code></pre>` }; } })),
  ...files('reveal.js/dist/theme', /^(beige|serif|sky|solarized|moon|league|simple|blood)\.css$/).map(f => styled(`slide-${nameOf(f)}`, ['reveal.js/dist/reveal.css', f], v => `<div class="reveal-viewport" style="min-height:800px;background:var(--r-background-color,#fff)"><div class=reveal style="height:auto"><h2>${T(v, 'Who does what', 'Wer macht was', 'Qui fait quoi', 'Quién hace qué')}</h2><ul style="font-size:26px">${people(v, 4, 6).map(p => `<li>${full(v, p)} – ${v.job()}</li>`).join('')}</ul><p style="font-size:22px">${v.phrase()} ${T(v, 'Questions to', 'Fragen an', 'Questions à', 'Preguntas a')} ${s('email', v.mail(v.person()))}</p></div></div>`)),
  ...files('bootswatch/dist', /^[a-z]+$/).map(d => styled(`parts-${nameOf(d)}`, [`${d}/bootstrap.min.css`], boots)),
  styled('feed', ['fomantic-ui-css/semantic.min.css'], feed),
  ...[['water.css/out/light.min.css'], ['water.css/out/dark.min.css'], ['mvp.css/mvp.css'], ['sakura.css/css/sakura.css'], ['sakura.css/css/sakura-vader.css'], ['@picocss/pico/css/pico.classless.min.css'], ['@exampledev/new.css/new.css'], ['holiday.css/dist/holiday.css'], ['awsm.css/dist/awsm_theme_gondola.min.css'], ['marx-css/css/marx.min.css'], ['simpledotcss/simple.min.css'], ['latex.css/style.min.css'], ['tufte-css/tufte.min.css'], ['papercss/dist/paper.min.css'], ['milligram/dist/milligram.min.css'], ['spectre.css/dist/spectre.min.css']].map(css => styled(`plain-${nameOf(css[0])}-${css[0].split('/')[0]}`.replace('@', ''), css, plainPage)),
];

const v = new Values(modules, Number(seed) * 7919 + 29, JSON.parse(readFileSync(texts)));
let made = 0;
mkdirSync(resolve(folder), { recursive: true });
writeFileSync(resolve(folder, 'designs.txt'), designs.map((d, i) => `d${i} ${d.name}\n`).join(''));
for (const [n, design] of designs.entries()) for (let i = 0; i < Number(count); ++i) {
  const missing = [...design.css, ...design.js].find(f => !existsSync(at(f)));
  if (missing) { console.error('not there:', missing); break; }
  v.use(LOCALES[(++made * 7 + Number(seed)) % LOCALES.length]);
  v.language = LANGUAGE(v.locale); v.colon = ''; v.nameForm = v.pick(['gf', 'gf', 'gf', 'f,g']);
  const sens = [], { body, script, whole } = design.draw(v, sens);
  const html = whole ?? `<!doctype html><meta charset=utf-8>${design.css.map(f => `<link rel=stylesheet href="file://${at(f)}">`).join('')}<body>${taken(body, sens)}${design.js.map(f => `<script src="file://${at(f)}"></script>`).join('')}${script ? `<script>${script}</script>` : ''}`;
  mkdirSync(resolve(folder, `d${n}`), { recursive: true });
  writeFileSync(resolve(folder, `d${n}`, `${i}.html`), html);
  writeFileSync(resolve(folder, `d${n}`, `${i}.truth.json`), JSON.stringify(sens));
}
