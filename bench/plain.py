#!/usr/bin/python3
"""Screens without anything sensitive, over 5,000 words: bench/plain.py FOLDER

Eyelid's own guides and source, and made-up tables of products, places, versions, prices, order numbers and dates, drawn by
Chromium, with their truth in the form of bench/trades.py. Every word a first pass covers on them is a mistake."""
import concurrent.futures, html, os, random, re, sys
from trades import LOOKS, draw, page, table

ROOT = os.path.dirname(os.path.dirname(os.path.abspath(__file__)))
PRODUCTS = 'Trail lantern|Enamel mug|Canvas tote|Wool blanket|Folding stool|Garden hose|Copper kettle|Desk lamp|Rain barrel|Cork board|Bread knife|Storage crate|Reading light|Door mat|Paper shredder|Water filter'.split('|')
PLACES = 'Rotterdam|Leeds|Lyon|Porto|Hamburg|Dublin|Gdansk|Valencia|Antwerp|Bristol|Marseille|Dresden|Seville|Utrecht|Cardiff|Geneva'.split('|')
STATES = 'Packed|In transit|Delivered|Returned|On hold|Backordered|Ready to collect'.split('|')
MENUS = 'File Edit View Insert Format Tools Window Help New Open Save Print Export Import Undo Redo Cut Copy Paste Find Replace Zoom Settings Preferences Account Billing Notifications Privacy Security Appearance Language Keyboard Shortcuts About Sign in Sign out Cancel Apply Reset Continue Back Next Finish Retry Dismiss Learn more'.split()

def prose():
    text = []
    for folder in ('', 'docs', 'docs/decisions'):
        path = os.path.join(ROOT, folder)
        for name in sorted(os.listdir(path)):
            if not name.endswith('.md'): continue
            for block in open(os.path.join(path, name), encoding='utf-8').read().split('\n\n'):
                # Examples in the guides show addresses and numbers on purpose.
                if '`' in block or '"' in block or '|' in block or '@' in block or 'http' in block or '[' in block: continue
                text.append(re.sub(r'[#*_>]', '', ' '.join(block.split())))
    return text

def code():
    blocks = []
    for name in ('editing/cover.cpp', 'reading/tables.cpp', 'joining/overlap.cpp', 'editing/sanitised_page.cpp'):
        path = os.path.join(ROOT, 'src/core', name)
        if not os.path.exists(path): continue
        lines = [l.rstrip() for l in open(path, encoding='utf-8') if '//' not in l]
        blocks += [lines[i:i + 38] for i in range(0, len(lines) - 38, 38)]
    return blocks[:14]

def tables(r):
    for _ in range(10):
        rows = [[r.choice(PRODUCTS), f'{r.choice("ABCDE")}{r.choice("KLMN")}-{r.randint(10, 9999)}', f'${r.randint(1, 900)}.{r.randint(10, 99)}', r.randint(1, 900), r.choice(PLACES), r.choice(STATES), f'{r.randint(1, 28)} {r.choice("Jan Feb Mar Apr May Jun".split())} 2025', f'ord-{r.randint(10000, 99999)}', f'v{r.randint(1, 9)}.{r.randint(0, 20)}.{r.randint(0, 9)}'] for _ in range(18)]
        yield page('Fern and Finch', MENUS[:6], table(['Product', 'Code', 'Price', 'Stock', 'Depot', 'State', 'Due', 'Order', 'Firmware'], rows))

if __name__ == '__main__':
    folder = sys.argv[1]
    os.makedirs(folder, exist_ok=True)
    bodies, text, i = list(tables(random.Random(5))), prose(), 0
    while i < len(text):
        part, words = [], 0
        while i < len(text) and words < 260:
            part.append(text[i]); words += len(text[i].split()); i += 1
        bodies.append(page('Guide', MENUS, ''.join(f'<p>{html.escape(p)}</p>' for p in part)))
    bodies += ['<main class=console>' + '<br>'.join(html.escape(l).replace('  ', '&nbsp; ') for l in b) + '</main>' for b in code()]
    looks = list(LOOKS)
    jobs = [(f'plain{n:02}-{looks[n % 5]}', b, looks[n % 5], folder) for n, b in enumerate(bodies)]
    with concurrent.futures.ThreadPoolExecutor(2) as pool: list(pool.map(draw, jobs))
