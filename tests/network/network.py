#!/usr/bin/python3
"""Does the main job on the command line and in the window where there is no network, and watches for whoever tries to reach one:
network.py BIN_DIR WATCH_SOCKETS PICTURE. Then drops a release, which must be seen: a watch that sees nothing proves nothing.
Needs an X display."""
import os, shutil, subprocess, sys, tempfile

binaries, watch, picture = (os.path.abspath(p) for p in sys.argv[1:4])
root = tempfile.mkdtemp(prefix='network-')
watched = os.path.join(root, 'watched')
env = {**os.environ, 'LD_PRELOAD': watch, 'EYELID_WATCHED': watched, 'HOME': root, 'XDG_DATA_HOME': os.path.join(root, 'data'),
       'XDG_CONFIG_HOME': os.path.join(root, 'config'), 'XDG_CACHE_HOME': os.path.join(root, 'cache')}
env.pop('DBUS_SESSION_BUS_ADDRESS', None)
# A namespace of its own has not even a loopback that is up. Where the system does not allow one, watching alone must do.
apart = ['unshare', '-rn'] if subprocess.run(['unshare', '-rn', 'true'], capture_output=True).returncode == 0 else []


def run(program, *words, fails=False):
    done = subprocess.run([*apart, os.path.join(binaries, program), *words], env=env, capture_output=True, text=True)
    if (done.returncode not in (0, 1)) != fails:
        sys.exit(f'{program} {" ".join(words)} ended with {done.returncode}: {done.stderr}')


def seen():
    return open(watched).read() if os.path.exists(watched) else ''


out, case = os.path.join(root, 'out'), os.path.join(root, 'a.eyelid')
run('eyelid-cli', 'redact', picture, '--out', out, '--format', 'pdf', '--words', '--report')
run('eyelid-cli', 'verify', out)
run('eyelid-cli', 'case', 'new', case)
run('eyelid-cli', 'case', 'add', case, picture)
run('eyelid-cli', 'case', 'decide', case, '--cover')
run('eyelid-cli', 'case', 'release', case, '--out', os.path.join(root, 'released'), '--mail')
run('eyelid-demo', os.path.join(root, 'demo'))
if seen():
    sys.exit('the network was tried: ' + seen())
run('eyelid-cli', 'place', 'Store', 'sftp://127.0.0.1:1/in', '--user', 'office', fails=True)
if 'eyelid-cli' not in seen():
    sys.exit('the watch sees nothing')
shutil.rmtree(root)
print('nothing tried to reach a network but the drop' + ('' if apart else ' (watched only: no namespace here)'))
