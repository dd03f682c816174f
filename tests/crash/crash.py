#!/usr/bin/python3
"""Kills a program that works on a case, or fails and tears its writes, again and again: crash.py CORE_TESTS TORN_WRITES COUNT [SEED]

After each blow what is left must be the last state that was told to be kept, or the one that was just being kept; the file
must open and be whole. Every eighth blow is followed by more work on the same file."""
import os, random, signal, subprocess, sys, tempfile

tests, torn, count = sys.argv[1], sys.argv[2], int(sys.argv[3])
chance = random.Random(int(sys.argv[4]) if len(sys.argv) > 4 else 1)
quiet = {'QT_QPA_PLATFORM': 'offscreen', 'XDG_RUNTIME_DIR': tempfile.gettempdir()}


def start(tag, path, extra=()):
    return subprocess.Popen([tests, tag], stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True,
                            env={**os.environ, **quiet, 'EYELID_CRASH_FILE': path, **dict(extra)})


def work(path):
    """Gives what was kept last, what was being kept, and the trouble told, if any."""
    way = chance.choice(['kill', 'tear', 'fail', 'full'])
    extra = {'EYELID_CRASH_SEED': str(chance.randrange(1 << 30))}
    if way != 'kill':
        extra.update(LD_PRELOAD=torn, EYELID_TEAR=way, EYELID_TEAR_AFTER=str(chance.randrange(1, 900)))
    program, until = start('[.crash-work]', path, extra), chance.randrange(1, 150)
    kept, doing, trouble, seen = None, None, None, 0
    for line in program.stdout:
        word, _, rest = line.rstrip('\n').partition(' ')
        if word == 'doing':
            doing = rest
            seen += 1
            if way == 'kill' and seen == until:
                program.send_signal(signal.SIGKILL)  # somewhere within what it is doing
        elif word == 'done':
            kept = rest
        elif word == 'trouble':
            trouble = rest
    program.wait()
    return way, kept, doing, trouble


def left(path):
    out, _ = start('[.crash-look]', path).communicate()
    for line in out.splitlines():
        word, _, rest = line.partition(' ')
        if word in ('left', 'trouble'):
            return word, rest
    return 'trouble', 'nothing was said'


failed, early, told = 0, 0, {}
with tempfile.TemporaryDirectory() as folder:
    path, before = None, None
    for blow in range(count):
        if blow % 8 == 0:
            path, before = os.path.join(folder, f'{blow}.eyelid'), None
        way, kept, doing, trouble = work(path)
        told[way] = told.get(way, 0) + 1
        kept = kept or before
        word, rest = left(path) if os.path.exists(path) else ('left', None)
        early += kept is None
        # Before anything was told to be kept, a file may hold a case without a state, or none.
        sound = kept is None or (word == 'left' and rest in (kept, doing))
        if not sound:
            failed += 1
            print(f'blow {blow} ({way}): kept {kept}, doing {doing}, told "{trouble}"; left: {word} {rest}')
        before = rest if word == 'left' else before
        if kept is None or word != 'left':
            path, before = os.path.join(folder, f'{blow}-anew.eyelid'), None
print(f'{count} blows ({", ".join(f"{n} {way}" for way, n in sorted(told.items()))}; {early} before anything was kept): {failed} lost something that was kept')
sys.exit(failed > 0 or 2 * early > count)
