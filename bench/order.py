#!/usr/bin/python3
"""How much of a page is read in its order: bench/order.py CLI FOLDER [-v]

FOLDER holds pages with their truth (tools/pages/draw.py). Of each two words that follow one another in the page's source and were
both read, how many follow one another in what `read` writes."""
import csv, glob, json, os, subprocess, sys, tempfile

cli, folder = sys.argv[1:3]
right = pairs = 0
for picture in sorted(glob.glob(os.path.join(folder, '*.png'))):
    truth = json.load(open(picture[:-4] + '.json'))
    if 'order' not in truth: continue
    with tempfile.TemporaryDirectory() as out:
        text = subprocess.run([cli, 'read', '--format', 'csv', picture], capture_output=True, text=True, env=dict(os.environ, XDG_DATA_HOME=out)).stdout
    words = [tuple(float(row[k]) for k in ('x', 'y', 'width', 'height')) for row in csv.DictReader(text.splitlines())]
    def place(box):
        x, y = box[0] + box[2] / 2, box[1] + box[3] / 2
        return next((i for i, (l, t, w, h) in enumerate(words) if l <= x <= l + w and t - 3 <= y <= t + h + 3), None)
    places = [place(box) for box in truth['order']]
    own = [0 <= b - a <= 1 for a, b in zip(places, places[1:]) if a is not None and b is not None]
    right, pairs = right + sum(own), pairs + len(own)
    if '-v' in sys.argv: print(f'{os.path.basename(picture):40} {100 * sum(own) / max(1, len(own)):6.1f}')
print(f'words that follow one another as the page has them: {100 * right / max(1, pairs):.1f} % of {pairs}')
