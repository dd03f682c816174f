#!/usr/bin/python3
"""How well is found what is sensitive: bench/finding.py BIN_DIR PRACTICE_DIR [SCREENS_DIR]

Solid covers under the policy "everything" on three sets of screens, scored by the practice screens' own scorer: the practice
screens, those of other trades (bench/trades.py) and those with nothing sensitive (bench/plain.py). The latter two are drawn
into SCREENS_DIR if they are not there. Then how often a confidence is right, for people and for all other kinds.
Exit status 1 when a figure is off its limit."""
import collections, glob, json, os, re, subprocess, sys, tempfile

bin_dir, practice = sys.argv[1], sys.argv[2]
here = os.path.dirname(os.path.abspath(__file__))
drawn = sys.argv[3] if len(sys.argv) > 3 else os.path.join(os.path.dirname(here), 'build', 'screens')
cli = os.path.join(bin_dir, 'eyelid-cli')
env = dict(os.environ, XDG_DATA_HOME=tempfile.mkdtemp())
for name in ('trades', 'plain'):
    folder = os.path.join(drawn, name)
    if not glob.glob(folder + '/*.json'):
        subprocess.run(['/usr/bin/python3', os.path.join(here, name + '.py'), folder], check=True)

failed = False
def limit(what, figure, most):
    global failed
    failed |= figure > most
    print(f'{what}: {figure:.2f} % (at most {most:.1f})')

leaks = {}
sets = [('practice', practice), ('other trades', os.path.join(drawn, 'trades')), ('nothing sensitive', os.path.join(drawn, 'plain'))]
# Drawn by tools/pages where somebody wants them, for they need packages of the npm registry (tools/pages/README.md).
sets += [(f'made-up pages, {name}', os.path.join(drawn, name)) for name in ('choose', 'report', 'templates', 'cvs', 'widgets') if glob.glob(os.path.join(drawn, name, '*.png'))]
for title, folder in sets:
    out = tempfile.mkdtemp()
    pictures = sorted(glob.glob(folder + '/*.png'))
    subprocess.run([cli, 'redact', '--style', 'solid', '--force', '--keep-names', '--out', out, *pictures], env=env, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    score = subprocess.run(['/usr/bin/python3', os.path.join(practice, 'score.py'), folder, out, '-v'], capture_output=True, text=True).stdout
    print(f'\n{title}: {len(pictures)} screens')
    over = re.search(r'over-covered (\d+)/(\d+)', score)
    over = 100 * int(over[1]) / int(over[2])
    if title == 'nothing sensitive':
        limit('words taken for findings', over, 0.3)
        continue
    kinds = {m[0]: (int(m[1]), int(m[2])) for m in re.findall(r'^(\w+) +leaked +(\d+)/(\d+)', score, re.M)}
    print('  '.join(f'{k} {a}/{b}' for k, (a, b) in sorted(kinds.items())))
    formed = [kinds[k] for k in ('email', 'phone', 'card', 'iban', 'ip', 'mac') if k in kinds]
    leaks[title] = 100 * sum(a for a, _ in kinds.values()) / sum(b for _, b in kinds.values())
    by_form = 100 * sum(a for a, _ in formed) / sum(b for _, b in formed)
    if title == 'practice':
        limit('leak of email, phone, card, iban, ip and mac', by_form, 0.5)
        limit('leak of all kinds', leaks[title], 2)
        limit('over-cover', over, 2)
        limit('words covered on plain pages', len(re.findall(r'^OVER plain_', score, re.M)), 0)
    else:
        print(f'leak of email, phone, card, iban, ip and mac: {by_form:.2f} %')
        if title == 'other trades': limit('leak of all kinds', leaks[title], leaks['practice'] + 2)
        else: print(f'leak of all kinds: {leaks[title]:.2f} %')
        print(f'over-cover: {over:.2f} %')

# Labelled values under hard treatments of type: values shown in whole or in part, by treatment.
folder = os.path.join(drawn, 'treatments-bench')
if not glob.glob(folder + '/*.json'):
    subprocess.run(['/usr/bin/python3', os.path.join(here, 'treatments.py'), folder, 'bench', '4'], check=True)
out = tempfile.mkdtemp()
subprocess.run([cli, 'redact', '--style', 'solid', '--force', '--keep-names', '--out', out, *sorted(glob.glob(folder + '/*.png'))], env=env, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
score = subprocess.run(['/usr/bin/python3', os.path.join(practice, 'score.py'), folder, out, '-v'], capture_output=True, text=True).stdout
values, shown = collections.Counter(), collections.Counter(re.findall(r'^LEAK ([a-z]+)', score, re.M))
for truth in glob.glob(folder + '/*.json'):
    values[re.match('[a-z]+', os.path.basename(truth))[0]] += len(json.load(open(truth))['sens'])
print(f'\nhard treatments of type: {sum(values.values())} labelled values')
print('  '.join(f'{t} {shown[t]}/{n}' for t, n in sorted(values.items())))
print('over 2 %: ' + (', '.join(t for t, n in sorted(values.items()) if shown[t] > 0.02 * n) or 'none'))
limit('leak over all treatments', 100 * sum(shown.values()) / sum(values.values()), 2)

print('\nhow often a confidence is right, on practice and other trades together')
bins = collections.defaultdict(lambda: [0, 0])
for folder in (practice, os.path.join(drawn, 'trades')):
    pictures = sorted(glob.glob(folder + '/*.png'))
    found = json.loads(subprocess.run([cli, 'find', '--format', 'json', *pictures], env=env, capture_output=True, text=True).stdout)
    for page in found:
        truth = json.load(open(page['file'][:-4] + '.json'))
        boxes = [b for s in truth['sens'] for b in s['boxes']]
        for f in page['findings']:
            x, y, w, h = f['boxes'][0]
            right = any(min(x + w, a + c) - max(x, a) > 0.5 * min(w, c) and min(y + h, b + d) > max(y, b) for a, b, c, d in boxes)
            least = 0.9 if f['confidence'] >= 0.9 else 0.7 if f['confidence'] >= 0.7 else 0.5
            bins['person' if f['kind'] == 'person' else 'others', least][right] += 1
for (kind, least), (wrong, right) in sorted(bins.items()):
    print(f'{kind:7} from {least:.1f}: {right} of {right + wrong} = {100 * right / (right + wrong):.1f} %')
sys.exit(1 if failed else 0)
