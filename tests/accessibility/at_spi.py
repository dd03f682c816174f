#!/usr/bin/python3
"""The main job by the names a screen reader tells, without a mouse and without a key: at_spi.py EYELID

Run within a session bus, with a display. Walks what the window says of itself over AT-SPI, and fails where a control that is to be
seen has no name; then decides about every finding of the demo, has the pictures checked and releases them to a folder."""
import os, re, subprocess, sys, tempfile, time

import pyatspi
from gi.repository import GLib

patience = 120  # seconds for anything that reads, checks or opens
home = tempfile.mkdtemp()
environment = dict(os.environ, HOME=home, XDG_CONFIG_HOME=home + '/config', XDG_DATA_HOME=home + '/data', XDG_CACHE_HOME=home + '/cache',
                   QT_LINUX_ACCESSIBILITY_ALWAYS_ON='1', LC_ALL='C.UTF-8')
controls = {'push button', 'check box', 'radio button', 'text', 'combo box', 'slider', 'spin button', 'list', 'menu item'}

def whole(get):
    """What `get` gives; asked again where something it looked at was taken down meanwhile."""
    end = time.monotonic() + patience
    while True:
        try: return get()
        except GLib.GError:
            if time.monotonic() > end: raise

def wait(what, get):
    """What `get` gives as soon as it gives anything."""
    end = time.monotonic() + patience
    while time.monotonic() < end:
        try:
            if found := get(): return found
        except Exception: pass  # what is being taken down says so
        time.sleep(0.1)
    sys.exit(f'waited in vain for {what}')

def below(node):
    for i in range(node.childCount):
        child = node.getChildAtIndex(i)
        if child is None: continue
        yield child
        yield from below(child)

def showing(node): return node.getState().contains(pyatspi.STATE_SHOWING)
def windows(): return [w for w in (application.getChildAtIndex(i) for i in range(application.childCount)) if w]
def everything(): return [n for w in windows() for n in [w, *below(w)]]

def find(role, name):
    for node in everything():
        if node.getRoleName() == role and re.fullmatch(name, node.name or '') and showing(node): return node

def act(node, action):
    actions = node.queryAction()
    for i in range(actions.nActions):
        if actions.getName(i) == action: return actions.doAction(i)
    sys.exit(f'{node.name} cannot be asked to {action}')

def press(role, name, action='Press'): act(wait(f'{role} {name}', lambda: find(role, name)), action)

def says(pattern):
    return whole(lambda: any(re.search(pattern, n.name or '') for n in everything() if n.getRoleName() == 'label' and showing(n)))

def name_everything():
    unnamed = whole(lambda: [f'{n.getRoleName()} in {n.parent.name or n.parent.getRoleName()}' for n in everything()
                             if n.getRoleName() in controls and showing(n) and not (n.name or n.description)])
    if unnamed: sys.exit('these controls have no name: ' + ', '.join(unnamed))

eyelid = subprocess.Popen([sys.argv[1], '--demo'], env=environment)
try:
    desktop = pyatspi.Registry.getDesktop(0)
    application = wait('the program', lambda: next((a for a in (desktop.getChildAtIndex(i) for i in range(desktop.childCount))
                                                    if a and a.name == 'eyelid'), None))
    wait('the captures to be read', lambda: says(r'^\d+ open, check not run$'))
    name_everything()
    findings = find('list', 'Findings by value')
    act(findings.getChildAtIndex(0), 'Toggle')  # selects it
    press('check box', 'Keep this finding', 'Toggle')
    decided = 1
    while not says(r'^0 open, '):  # the next open one is selected by itself
        press('check box', 'Cover this finding', 'Toggle')
        decided += 1
        if decided > 100: sys.exit('deciding does not come to an end')
    press('push button', 'Check')
    wait('the check', lambda: find('push button', 'Back to the sheet'))
    name_everything()
    press('push button', 'Back to the sheet')
    press('push button', 'Release…')
    folder = os.path.join(home, 'released')
    wait('the place to release to', lambda: find('text', 'Folder')).queryEditableText().setTextContents(folder)
    name_everything()
    press('push button', 'Release')
    wait('what was released', lambda: os.path.exists(os.path.join(folder, 'redaction-log.json')))
    pictures = [f for f in os.listdir(folder) if f.endswith('.png')]
    if len(pictures) != 3: sys.exit(f'{len(pictures)} pictures were released, not 3')
    print(f'{decided} decisions, {len(pictures)} pictures released, by names alone')
finally:
    eyelid.kill()
    eyelid.wait()
