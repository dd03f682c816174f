// Curricula vitae in designs nobody here made: node cvs.mjs MODULES TEXTS THEMES FOLDER SEED COUNT
//
// THEMES holds open themes of the npm registry for the JSON Resume schema, each installed in a folder of its own (README.md). Each is given COUNT
// made-up people and writes FOLDER/THEME/N.html; what is sensitive on it goes to N.truth.json, [[kind, text] …], for templates.py to draw; of kind
// "either" is what counts neither way.
import { Values, LOCALES } from './values.mjs';
import { execFileSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';

const [modules, texts, themes, folder, seed, count] = process.argv.slice(2);
const NETWORKS = ['Murmurline', 'Codeyard', 'Portmeet', 'Snapfield'];
const COUNTRIES = [['GB', 'United Kingdom'], ['DE', 'Germany'], ['FR', 'France'], ['ES', 'Spain'], ['NL', 'Netherlands'], ['US', 'United States']];
const two = n => String(n).padStart(2, '0');

function resumeOf(v) {
  const p = v.person(), name = v.full(p, v.pick(['gf', 'gf', 'gf', 'gf', 'mid', 'gF'])), sens = [['person', name], ['person', p.g], ['person', p.f]];
  const mark = (kind, text) => (sens.push([kind, text]), text);
  const day = (a, b) => `${v.int(a, b)}-${two(v.int(1, 12))}-${two(v.int(1, 28))}`, link = () => `https://www.${v.plain(v.words(1))}.example`;
  const told = n => Array.from({ length: n }, () => v.said()), years = [v.int(2016, 2018), v.int(2019, 2025)];
  const work = () => { const f = v.firm(); return { name: f, company: f, position: v.job(), location: v.city(), url: link(), website: link(), startDate: day(years[0], years[0]), endDate: day(years[1], years[1]), summary: told(1)[0], highlights: told(v.int(1, 3)) }; };
  const profiles = v.some(NETWORKS, v.int(1, 3)).map(network => { const username = mark('username', v.login(p)); mark('username', `@${username}`); return { network, username, url: `https://${network.toLowerCase()}.example/${username}` }; });
  const references = Array.from({ length: v.int(0, 2) }, () => ({ name: mark('person', v.full(v.person(), 'gf')), reference: told(2).join(' ') }));
  const summary = told(2).join(' '), rest = {
    work: Array.from({ length: v.int(2, 3) }, work), volunteer: [{ ...work(), organization: v.firm() }],
    education: [{ institution: `University of ${v.city()}`, area: v.department(), studyType: v.pick(['Bachelor', 'Master', 'Diploma']), startDate: day(2008, 2010), endDate: day(2011, 2014), gpa: '3.7', score: '3.7', url: link(), courses: [v.words(2), v.words(3)] }],
    awards: [{ title: v.words(3), date: day(2012, 2024), awarder: v.firm(), summary: told(1)[0] }], certificates: [{ name: v.words(2), date: day(2015, 2024), issuer: v.firm(), url: link() }],
    publications: [{ name: v.book(), publisher: v.firm(), releaseDate: day(2014, 2024), url: link(), website: link(), summary: told(1)[0] }],
    skills: Array.from({ length: 3 }, () => ({ name: v.jargon(), level: v.pick(['Master', 'Advanced', 'Beginner']), keywords: [v.jargon(), v.words(1), v.product()] })),
    languages: [{ language: 'Spanish', fluency: 'Fluent' }, { language: 'Dutch', fluency: 'Basic' }], interests: [{ name: v.department(), keywords: [v.animal(), v.words(1)] }],
    projects: [{ name: v.brand(), description: told(1)[0], highlights: told(2), keywords: [v.jargon()], startDate: day(2015, 2018), endDate: day(2019, 2024), url: link(), roles: ['Lead'], entity: v.firm(), type: 'application' }],
    references, meta: {} };
  // A town that the rest speaks of as well would be nobody's there.
  const said = JSON.stringify([summary, rest]), unspoken = make => Array.from({ length: 50 }, make).find(text => !said.includes(text)) ?? make();
  const [address, postalCode, city, region] = [v.street(), v.zip(), unspoken(() => v.city()), v.state()].map(x => mark('address', x)), country = v.pick(COUNTRIES);
  for (const name of country) sens.push(['either', name]); // of an address or not
  // Themes put the parts together as they like; the longest that stands on the page counts.
  for (const town of [`${city}, ${region}`, `${city} ${region}`, `${postalCode} ${city}`, `${city} ${postalCode}`, `${city}, ${region} ${postalCode}`, `${postalCode} ${city}, ${region}`]) for (const whole of [town, `${address}, ${town}`, `${address} ${town}`]) mark('address', whole);
  const basics = { name, label: v.job(), picture: '', image: '', email: mark('email', v.mail(p)), phone: mark('phone', v.phone()), url: 'https://cv.example', website: 'https://cv.example', summary, location: { address, postalCode, city, region, countryCode: country[0] }, profiles };
  return { sens, resume: { basics, ...rest } };
}

// A theme is a program of its own: what it prints, or that it never ends, is kept apart from this one.
const RENDER = `const fs=require('node:fs');console.log=()=>{};const [folder,name]=process.argv.slice(1);process.chdir(folder+'/node_modules/'+name);
(async()=>{const all=JSON.parse(fs.readFileSync(0)),m=await import(require.resolve(folder+'/node_modules/'+name)),render=m.render??m.default?.render??m.default;const made=[];for(const r of all)made.push(String(await render(r)));process.stdout.write(JSON.stringify(made),()=>process.exit(0))})().catch(e=>{console.error(String(e).slice(0,200));process.exit(1)})`;

const v = new Values(modules, Number(seed) * 7919 + 23, JSON.parse(readFileSync(texts)));
let made = 0;
for (const theme of readdirSync(resolve(themes)).sort()) {
  const name = (() => { try { return readdirSync(resolve(themes, theme, 'node_modules')).find(n => n.startsWith('jsonresume-theme-')); } catch { return; } })();
  if (!name) continue;
  const people = Array.from({ length: Number(count) }, () => { v.use(LOCALES[(++made * 7 + Number(seed)) % LOCALES.length]); v.language = 'en'; return resumeOf(v); });
  let pages;
  try { pages = JSON.parse(execFileSync('node', ['-e', RENDER, resolve(themes, theme), name], { input: JSON.stringify(people.map(p => p.resume)), maxBuffer: 1 << 28, timeout: 40000, stdio: ['pipe', 'pipe', 'ignore'] })); } catch { console.error('draws nothing:', name); continue; }
  mkdirSync(resolve(folder, theme), { recursive: true });
  pages.forEach((html, i) => { writeFileSync(resolve(folder, theme, `${i}.html`), html); writeFileSync(resolve(folder, theme, `${i}.truth.json`), JSON.stringify(people[i].sens)); });
}
