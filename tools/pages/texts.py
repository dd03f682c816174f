#!/usr/bin/python3
"""Collects real text that names nobody, to teach what is not sensitive: texts.py OUT.json

Prose in four languages from manual pages, code and settings from what Debian ships (python, C++, perl, shell, units). What might
name a person is left out. Needs: apt-get install manpages-de manpages-fr manpages-es manpages-dev. Only the taught weights ship."""
import glob, json, os, random, re, subprocess, sys

ROOT = os.path.dirname(os.path.dirname(os.path.dirname(os.path.abspath(__file__))))
names = {w.strip().split('\t')[0].lower() for f in ('given', 'family') for w in open(f'{ROOT}/data/names/{f}.txt', encoding='utf-8')}
TELLING = re.compile(r'@|©|copyright|\bauthor|written by|licen[sc]|geschrieben|übersetz|auteur|traduit|traduc|autor|escrit|http|\+\d{2}|\b(19|20)\d\d[-/]\d|example\.', re.I)
def names_somebody(text):
    words = re.findall(r"[^\W\d_]+", text)
    pairs = zip(words, words[1:])
    return TELLING.search(text) or any(a[0].isupper() and b[0].isupper() and a.lower() in names and b.lower() in names for a, b in pairs)

def prose(pattern, most):
    found, random_ = [], random.Random(4)
    files = sorted(glob.glob(pattern)); random_.shuffle(files)
    for path in files[:most]:
        made = subprocess.run(['sh', '-c', 'MANWIDTH=400 man --no-hyphenation --no-justification -Tutf8 -l "$0" 2>/dev/null | col -bx', path], capture_output=True, text=True).stdout
        for block in made.split('\n\n'):
            text = ' '.join(block.split())
            if 60 < len(text) < 600 and text[-1] in '.:' and not names_somebody(text): found.append(text)
    random_.shuffle(found)
    return found[:2500]

def code():
    found, random_ = [], random.Random(5)
    for pattern, most in (('/usr/lib/python3.11/*.py', 60), ('/usr/include/c++/*/bits/*.h', 60), ('/usr/share/perl/*/*.pm', 30), ('/usr/share/perl5/**/*.pm', 30), ('/lib/systemd/system/*.service', 60), ('/etc/*.conf', 20), ('/usr/share/nodejs/**/*.js', 60), ('/usr/include/*.h', 60), ('/usr/share/bash-completion/completions/*', 40), ('/usr/share/cmake*/Modules/*.cmake', 30)):
        files = sorted(glob.glob(pattern, recursive=True)); random_.shuffle(files)
        for path in files[:most]:
            try: lines = [l.rstrip() for l in open(path, encoding='utf-8') if l.strip() and len(l) < 130]
            except (UnicodeDecodeError, OSError): continue
            for at in range(0, len(lines) - 12, 24):
                block = lines[at:at + 24]
                if not names_somebody('\n'.join(block)): found.append(block)
    random_.shuffle(found)
    return found[:2500]

section = '[1-8]'
json.dump({'prose': {'en': prose(f'/usr/share/man/man{section}/*', 500), 'de': prose(f'/usr/share/man/de/man{section}/*', 300), 'fr': prose(f'/usr/share/man/fr/man{section}/*', 300), 'es': prose(f'/usr/share/man/es/man{section}/*', 300)}, 'code': code()}, open(sys.argv[1], 'w'), ensure_ascii=False)
