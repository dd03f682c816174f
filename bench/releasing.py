#!/usr/bin/python3
"""What releasing a case takes, its check included: bench/releasing.py CLI SCREENS [COUNT]

A case of COUNT captures (20 where nothing is said), all that is found covered, is released; the same pictures are given to `redact`,
which reads, finds, writes and checks them; and what was released is encoded once more as PNG by a library that does nothing else. Exits
1 where the release takes more than 1.6 times as long as redact, or is refused."""
import glob, itertools, os, shutil, subprocess, sys, tempfile, time
import cv2

cli, screens = sys.argv[1], sys.argv[2]
count = int(sys.argv[3]) if len(sys.argv) > 3 else 20
most = 1.6
home = tempfile.mkdtemp()
env = dict(os.environ, XDG_DATA_HOME=home, XDG_CONFIG_HOME=home)
env.pop('DBUS_SESSION_BUS_ADDRESS', None)


def run(*words):
    start = time.perf_counter()
    done = subprocess.run([cli, *words], env=env, stdout=subprocess.DEVNULL, stderr=subprocess.PIPE, text=True)
    if done.returncode > 1:
        sys.exit(done.stderr)
    return time.perf_counter() - start


pictures = []
for i, picture in enumerate(itertools.islice(itertools.cycle(sorted(glob.glob(f'{screens}/*.png'))), count)):
    pictures.append(shutil.copy(picture, f'{home}/{i:03}.png'))
case, out, other = f'{home}/week.eyelid', f'{home}/released', f'{home}/redacted'
run('case', 'new', case)
run('case', 'add', case, *pictures)
run('case', 'decide', case, '--cover')
release = run('case', 'release', case, '--out', out, '--names', 'picture {number}')
redact = run('redact', '--out', other, *pictures)
written = sorted(glob.glob(f'{out}/*.png'))
if len(written) != count:
    sys.exit(f'{count} captures were to be released, {len(written)} were')
start = time.perf_counter()
for picture in map(cv2.imread, written):
    cv2.imencode('.png', picture)
encoding = time.perf_counter() - start
print(f'releasing {len(written)} captures, against redact                 {release:6.1f} s / {redact:6.1f} s = {release / redact:.2f} (at most {most})')
print(f'the same, against reading and encoding them alone     {release:6.1f} s / {encoding:6.1f} s = {release / encoding:.1f}')
shutil.rmtree(home)
sys.exit(0 if release <= most * redact else 1)
