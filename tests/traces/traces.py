#!/usr/bin/python3
"""Works on a case in the window and on the command line, and looks for traces of it: traces.py BIN_DIR PICTURES...

Everything the two may write to is a folder of this test's own: home, data, settings, cache, runtime, temporary files. Afterwards
no file there, as it stands or unpacked, may hold a word that stands on the captures, the case's name, or a run of their pixels.
The window is killed, not closed, so that nothing is tidied up at its end. Needs an X display."""
import glob, json, os, random, shutil, subprocess, sys, tempfile, time, zlib
import cv2
import zstandard

binaries, pictures = os.path.abspath(sys.argv[1]), [os.path.abspath(p) for p in sys.argv[2:]]
root = tempfile.mkdtemp(prefix='traces-')
places = {name: os.path.join(root, name) for name in ('home', 'data', 'config', 'cache', 'runtime', 'temporary', 'outside')}
for path in places.values():
    os.mkdir(path, 0o700)
env = {**os.environ, 'HOME': places['home'], 'XDG_DATA_HOME': places['data'], 'XDG_CONFIG_HOME': places['config'],
       'XDG_CACHE_HOME': places['cache'], 'XDG_RUNTIME_DIR': places['runtime'], 'TMPDIR': places['temporary']}
env.pop('DBUS_SESSION_BUS_ADDRESS', None)
title = 'Weathervane affair'


def cli(*words):
    return subprocess.run([f'{binaries}/eyelid-cli', *words], env=env, capture_output=True, text=True)


def until(what, seconds=120):
    for _ in range(seconds * 10):
        if value := what():
            return value
        time.sleep(0.1)
    sys.exit('waited in vain')


def unpacked(data):
    """What is packed in a file, one packing deep."""
    for at in range(len(data) - 4):
        if data[at] == 0x78 and data[at + 1] in (0x01, 0x5E, 0x9C, 0xDA):
            try:
                yield zlib.decompressobj().decompress(data[at:], 1 << 24)
            except zlib.error:
                pass
        if data[at:at + 4] == b'\x28\xb5\x2f\xfd':
            try:
                yield zstandard.ZstdDecompressor().decompressobj().decompress(data[at:])
            except zstandard.ZstdError:
                pass


def pixel_runs(path):
    """Rows of a capture that no other picture has by chance."""
    picture, chance, runs = cv2.imread(path), random.Random(1), []
    for _ in range(4000):
        y, x = chance.randrange(picture.shape[0]), chance.randrange(picture.shape[1] - 24)
        run = picture[y, x:x + 24]
        if len({tuple(p) for p in run.tolist()}) >= 8:
            runs.append(run)
        if len(runs) == 40:
            break
    for run in runs:
        yield run.tobytes()
        yield run[:, ::-1].tobytes()
        yield cv2.cvtColor(run[None], cv2.COLOR_BGR2BGRA).tobytes()
        yield cv2.cvtColor(run[None], cv2.COLOR_BGR2RGBA).tobytes()


try:
    window = subprocess.Popen([f'{binaries}/eyelid', *pictures], env=env, stderr=subprocess.DEVNULL)
    cases = os.path.join(places['data'], 'eyelid', 'cases')
    path = until(lambda: glob.glob(f'{cases}/*.eyelid'))[0]

    def read():
        shown = cli('case', 'show', path, '--format', 'json')
        captures = json.loads(shown.stdout)['captures'] if shown.returncode == 0 else []
        return captures if len(captures) == len(pictures) and all(c['read'] for c in captures) else None
    captures = until(read)
    window.kill()
    window.wait()
    for words in (('rename', path, '--name', title), ('decide', path, '--cover', '--kind', 'person'), ('list', cases), ('verify', path)):
        if cli('case', *words).returncode not in (0, 1):
            sys.exit(f'{words}: failed')
    # What may be sought: everything that was read, and every value that was found.
    words = {title}
    for picture in pictures:
        words |= {w for w in cli('read', picture).stdout.split() if len(w) >= 6}
    for capture in captures:
        words |= {f['text'] for f in capture['findings'] if len(f['text']) >= 6}
    sought = {w.encode(form) for w in words for form in ('utf-8', 'utf-16-le')} | {run for p in pictures for run in pixel_runs(p)}
    if len(words) < 8:
        sys.exit('too little was read to look for')
    files, found = 0, 0
    for folder, _, names in os.walk(root):
        for name in names:
            files += 1
            with open(os.path.join(folder, name), 'rb') as file:
                data = file.read()
            for content in (name.encode(), data, *unpacked(data)):
                for trace in sought:
                    if trace in content:
                        found += 1
                        print(f'{os.path.relpath(os.path.join(folder, name), root)}: {trace[:40]!r}')
    print(f'{files} files looked through for {len(sought)} traces: {found} found')
    # The search itself must be able to find something.
    with open(pictures[0], 'rb') as file:
        png = cv2.imread(pictures[0]).tobytes()
    if not any(run in png for run in pixel_runs(pictures[0])):
        sys.exit('the search finds nothing even where it is')
    sys.exit(found > 0 or files < 2)
finally:
    shutil.rmtree(root, ignore_errors=True)
