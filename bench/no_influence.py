#!/usr/bin/python3
"""Nothing under a cover has an influence: bench/no_influence.py BIN_DIR SCREENS_DIR [PAIRS]

Pairs of pictures that differ under covers alone, in every input format, style and strength, with covers anywhere (over
edges, over each other) and where values were found. Released pictures and logs must be equal to the byte. Exit status 1
when one pair is not."""
import glob, json, os, random, subprocess, sys, tempfile

import cv2
import numpy as np

bin_dir, screens = sys.argv[1], sys.argv[2]
wanted = int(sys.argv[3]) if len(sys.argv) > 3 else 60
cli = os.path.join(bin_dir, 'eyelid-cli')
env = dict(os.environ, XDG_DATA_HOME=tempfile.mkdtemp())
chance = random.Random(7)
formats = ('png', 'bmp', 'tiff', 'webp')


def redact(picture, name, extra):
    """The released picture's bytes, and its log, of one call."""
    with tempfile.TemporaryDirectory() as folder:
        file, out = os.path.join(folder, name), os.path.join(folder, 'out')
        cv2.imwrite(file, picture, [cv2.IMWRITE_WEBP_QUALITY, 101])
        done = subprocess.run([cli, 'redact', '--out', out, *extra, file], env=env, capture_output=True, text=True)
        if done.returncode > 1:
            sys.exit(f'{name}: {done.stderr}')
        with open(out + '/picture-01.png', 'rb') as png, open(out + '/redaction-log.json', 'rb') as log:
            return png.read(), log.read()


def changed(picture, covers):
    other = picture.copy()
    noise = np.random.default_rng(chance.randrange(1 << 30)).integers(0, 256, picture.shape, np.uint8)
    for x, y, w, h in covers:
        x0, y0, x1, y1 = max(x, 0), max(y, 0), x + w, y + h
        other[y0:y1, x0:x1] = noise[y0:y1, x0:x1]
    return other


def anywhere(picture):
    height, width = picture.shape[:2]
    covers = []
    for _ in range(chance.randint(1, 4)):
        covers.append((chance.randint(-20, width - 10), chance.randint(-10, height - 6), chance.randint(21, 300), chance.randint(11, 80)))
    return covers


def found(picture):
    """Where values are found, as the log tells their covers."""
    log = json.loads(redact(picture, 'a.png', [])[1])
    return [tuple(box) for item in log['files'][0]['items'] for box in item['boxes']]


files = sorted(glob.glob(screens + '/*.png'))
chance.shuffle(files)
pairs = unequal = 0
while pairs < wanted and files:
    whole = cv2.imread(files[pairs % len(files)])
    picture = np.ascontiguousarray(whole[:420, :640])
    covers = found(picture) if pairs % 2 else anywhere(picture)
    if not covers:
        covers = anywhere(picture)
    extra = ['--no-find', '--style', chance.choice(('solid', 'mosaic', 'blur', 'stand-in', 'label')), '--strength', f'{chance.random():.2f}']
    for cover in covers:
        extra += ['--cover', ','.join(map(str, cover))]
    name = 'screen.' + formats[pairs % len(formats)]
    one, other = redact(changed(picture, covers), name, extra), redact(changed(picture, covers), name, extra)
    real = redact(picture, name, extra)
    # Found covers' digests follow from the files' sums, which are equal as well.
    if not (one == other == real):
        unequal += 1
        print(f'{files[pairs % len(files)]} {" ".join(extra)}: not the same')
    pairs += 1
print(f'{pairs} pairs that differ under covers only, of {len(formats)} formats: {unequal} give other bytes (at most 0)')
sys.exit(1 if unequal else 0)
