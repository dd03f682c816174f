#!/usr/bin/python3
"""Measures accuracy and speed: bench/run.py BIN_DIR SCREENS_DIR (run by ./dev bench).

Accuracy: SCREENS_DIR holds pictures with their truth and a scorer (see its README); further screens are drawn. Speed: as a ratio to the OCR
library's own command on the same picture in the same run, for the machine's own speed and load cancel out; the median
of several turns, taken alternately."""
import glob, os, shutil, statistics, subprocess, sys, tempfile, time

bin_dir, screens = sys.argv[1], sys.argv[2]
cli = os.path.join(bin_dir, 'eyelid-cli')
pictures = sorted(glob.glob(os.path.join(screens, '*.png')))
if not pictures: sys.exit(f'{screens} holds no pictures; name the folder of screens with their truth: ./dev bench FOLDER')
env = dict(os.environ, XDG_DATA_HOME=tempfile.mkdtemp())

def timed(command, **more):
    start = time.perf_counter()
    subprocess.run(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL, **more)
    return time.perf_counter() - start

root = os.path.dirname(os.path.dirname(os.path.abspath(__file__)))
xvfb = os.path.join(root, 'tools', 'xvfb-run.sh')
print('## Taking and joining')
taking = subprocess.run([xvfb, os.path.join(bin_dir, 'bench_taking')], capture_output=True, text=True)
print(taking.stdout.strip() or taking.stderr.strip())

print('\n## Cases on disk')
cases = subprocess.run([os.path.join(bin_dir, 'bench_cases')], capture_output=True, text=True)
print(cases.stdout.strip() or cases.stderr.strip())

print('\n## How fast the desk answers')
desk = subprocess.run([xvfb, os.path.join(bin_dir, 'bench_desk')], capture_output=True, text=True)
print(desk.stdout.strip() or desk.stderr.strip())

print('\n## Keys and clicks of a working day')
tasks = subprocess.run([xvfb, os.path.join(bin_dir, 'eyelid-demo'), '--tasks', tempfile.mkdtemp()], capture_output=True, text=True)
print(tasks.stdout.strip() or tasks.stderr.strip())

print('\n## Reading, against the OCR library\'s own command')
reading = subprocess.run(['/usr/bin/python3', os.path.join(root, 'bench', 'reading.py'), bin_dir, screens], env=env, capture_output=True, text=True)
print(reading.stdout.strip() or reading.stderr.strip())
grid = subprocess.run([os.path.join(bin_dir, 'bench_reading')], capture_output=True, text=True)
print(grid.stdout.strip() or grid.stderr.strip())

print('\n## Finding, policy "everything"')
finding = subprocess.run(['/usr/bin/python3', os.path.join(root, 'bench', 'finding.py'), bin_dir, screens], env=env, capture_output=True, text=True)
print(finding.stdout.strip() or finding.stderr.strip())

packages = os.path.join(root, 'build', 'packages')
if os.path.isdir(packages):
    print('\n## Heads on photographs')
    heads = subprocess.run(['/usr/bin/python3', os.path.join(root, 'bench', 'heads.py'), cli, packages], env=env, capture_output=True, text=True)
    print(heads.stdout.strip() or heads.stderr.strip())

print('\n## Releasing a case')
releasing = subprocess.run(['/usr/bin/python3', os.path.join(root, 'bench', 'releasing.py'), cli, screens], capture_output=True, text=True)
print(releasing.stdout.strip() or releasing.stderr.strip())

print('\n## Time of redact for one screen, against the OCR library\'s own command on it')
ratios = []
# One of each theme, and of different pages, so that neither empty nor crowded screens decide.
for picture in pictures[::max(1, len(pictures) // 8)][:8]:
    ours, theirs = [], []
    for turn in range(5):
        folder = tempfile.mkdtemp()
        ours.append(timed([cli, 'redact', '--out', folder, picture], env=env))
        theirs.append(timed(['tesseract', picture, os.path.join(folder, 'x'), '--psm', '3', '-l', 'eng'], env=env))
        shutil.rmtree(folder)
    ratio = statistics.median(ours) / statistics.median(theirs)
    ratios.append(ratio)
    print(f'{os.path.basename(picture):28} {statistics.median(ours):6.2f} s / {statistics.median(theirs):6.2f} s = {ratio:.2f}')
print(f'median ratio {statistics.median(ratios):.2f}, highest {max(ratios):.2f} (at most 2)')
failed = statistics.median(ratios) > 2 or any(r.returncode for r in (taking, cases, tasks, reading, grid, finding, releasing))
sys.exit(1 if failed else 0)
