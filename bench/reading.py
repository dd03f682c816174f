#!/usr/bin/python3
"""How well screens are read: bench/reading.py BIN_DIR SCREENS_DIR [--quick] [-v]

SCREENS_DIR holds pictures with their truth: FILE.png beside FILE.json with "words" and "sens", each with text and boxes.
The OCR library's own command (--psm 3) reads the same pictures in the same run; its figures stand beside ours.

A word is right when a read word that lies over its box is the same letter for letter; punctuation that belongs to a
sensitive string it touches is set aside, for both readers alike. A sensitive string is right when the words read over its
boxes, put together without spaces, hold it letter for letter; it is among the runners-up when it is there with the kept
other readings of single letters put in. --quick leaves out the library's command and the times."""
import collections, concurrent.futures, csv, glob, io, json, os, statistics, subprocess, sys, tempfile, time

bin_dir, screens = sys.argv[1], sys.argv[2]
quick, verbose = '--quick' in sys.argv, '-v' in sys.argv
cli = os.path.join(bin_dir, 'eyelid-cli')
threads = str(os.cpu_count())
env = dict(os.environ, XDG_DATA_HOME=tempfile.mkdtemp(), OMP_THREAD_LIMIT=threads)

def ours(picture):
    out = subprocess.run([cli, 'read', '--format', 'json', picture], env=env, capture_output=True, text=True).stdout
    return [(w['text'], w['box'], ([[g['text']] + g.get('others', []) for g in w.get('glyphs', [{'text': w['text']}])], w.get('alternatives', []))) for line in json.loads(out)['lines'] for w in line['words']]

def theirs(picture):
    out = subprocess.run(['tesseract', picture, '-', '--psm', '3', '-l', 'eng', 'tsv'], env=env, capture_output=True, text=True).stdout
    rows = csv.DictReader(io.StringIO(out), delimiter='\t', quoting=csv.QUOTE_NONE)
    return [(r['text'], [float(r[k]) for k in ('left', 'top', 'width', 'height')], ([[r['text']]], []))
            for r in rows if r['level'] == '5' and r['text'].strip()]

def over(words, box):
    """The read words that lie over a box, from left to right."""
    x, y, w, h = box
    found = []
    for word in words:
        a, b, c, d = word[1]
        if not y - 2 <= b + d / 2 <= y + h + 2: continue
        common = min(x + w, a + c) - max(x, a)
        if common > 0.4 * min(w, c): found.append(word)
    return sorted(found, key=lambda f: f[1][0])

def holds(text, words):
    """Whether the text is there with some choice of readings: for each word either one of its other readings as a whole,
    or one of the readings of each of its glyphs."""
    starts = {0}
    for glyphs, alternatives in words:
        ends, whole = set(starts), set()
        for options in glyphs:
            reached = {0}
            for at in ends:
                for o in options:
                    if text.startswith(o, at):
                        if at + len(o) == len(text): return True
                        reached.add(at + len(o))
            ends = reached
        for other in alternatives:
            if text in other: return True
            whole |= {at + len(other) for at in starts if text.startswith(other, at)}
            whole |= {n for n in range(1, len(other)) if text.startswith(other[len(other) - n:])}
            # The last word may go on after the text.
            if any(other.startswith(text[at:]) for at in starts): return True
        starts = ends | whole | {0}
    return False

def touches(word, sens):
    x, y, w, h = word['box']
    return any(abs(a + c - x) < 2.5 or abs(x + w - a) < 2.5 for s in sens for a, b, c, d in s['boxes'] if b - 4 <= y + h / 2 <= b + d + 4)

class Score:
    def __init__(self): self.words, self.sens, self.kept = collections.Counter(), collections.Counter(), collections.Counter()
    def add(self, truth, words, name):
        theme = truth['id'].rsplit('-', 1)[1]
        for w in truth['words']:
            if not any(c.isalnum() for c in w['text']): continue
            read = [f[0] for f in over(words, w['box'])]
            right = w['text'] in read or (touches(w, truth['sens']) and any(r.startswith(w['text']) or r.endswith(w['text']) for r in read))
            self.words[theme, right] += 1
            if verbose and name and not right: print('WORD', truth['id'], repr(w['text']), read)
        for s in truth['sens']:
            read = [f for b in s['boxes'] for f in over(words, b)]
            text = s['text'].replace(' ', '')
            right = text in ''.join(f[0] for f in read).replace(' ', '')
            kept = right or holds(text, [f[2] for f in read])
            self.sens[theme, right] += 1
            self.kept[theme, kept] += 1
            if verbose and name and not right: print('SENS', truth['id'], s['kind'], repr(s['text']), [f[0] for f in read], 'kept' if kept else '')

def rate(counter, theme):
    good, bad = counter[theme, True], counter[theme, False]
    return 100 * good / max(1, good + bad)

pictures = [p for p in sorted(glob.glob(os.path.join(screens, '*.png'))) if os.path.exists(p[:-4] + '.json')]
us, them = Score(), Score()
def one(picture):
    return json.load(open(picture[:-4] + '.json')), ours(picture), None if quick else theirs(picture)
if quick:
    with concurrent.futures.ThreadPoolExecutor(2) as pool: results = list(pool.map(one, pictures))
else:
    results = [one(p) for p in pictures]
for truth, a, b in results:
    us.add(truth, a, True)
    if b is not None: them.add(truth, b, False)
print(f'{"":8} {"words":>16} {"sensitive":>16} {"among kept":>11}')
limits = {'dense': (97, 94)}
failed = False
for theme in sorted({k[0] for k in us.words}):
    least_words, least_sens = limits.get(theme, (98.5, 97))
    w, s, k = rate(us.words, theme), rate(us.sens, theme), rate(us.kept, theme)
    failed |= w < least_words or s < least_sens
    beside = '' if quick else f'   the command: {rate(them.words, theme):.1f} {rate(them.sens, theme):.1f}'
    print(f'{theme:8} {w:6.2f} (>= {least_words:4}) {s:6.2f} (>= {least_sens:4}) {k:6.2f} (>= 99){beside}')

if not quick:
    ratios = []
    for picture in pictures[::max(1, len(pictures) // 8)][:8]:
        a, b = [], []
        for turn in range(3):
            for times, command in ((a, [cli, 'read', '--format', 'json', picture]), (b, ['tesseract', picture, '-', '--psm', '3', '-l', 'eng', 'tsv'])):
                start = time.perf_counter()
                subprocess.run(command, env=env, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
                times.append(time.perf_counter() - start)
        ratios.append(statistics.median(a) / statistics.median(b))
        print(f'{os.path.basename(picture):28} {statistics.median(a):6.2f} s / {statistics.median(b):6.2f} s = {ratios[-1]:.2f}')
    print(f'median ratio {statistics.median(ratios):.2f} (at most 0.7), with {threads} threads each')
    failed |= statistics.median(ratios) > 0.7
sys.exit(1 if failed else 0)
