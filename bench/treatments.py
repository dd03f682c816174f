#!/usr/bin/python3
"""Labelled values under hard treatments of type, with their truth: bench/treatments.py FOLDER SEED [PAGES]

For each of twenty-eight treatments PAGES (3) pages of fourteen labels with their values, drawn by Chromium; font, size, colours
and how hard the treatment is are drawn at random from SEED. What was looked at while building has the seed "choose", what is
reported another. NAME.png and NAME.json are in the form of the practice screens, NAME being the treatment's name and a number.
People are made up; numbers come from ranges set aside for examples, or hold their check digit by computation."""
import concurrent.futures, json, os, random, subprocess, sys, tempfile, base64, re
import cv2
from trades import Made, SCRIPT, s

FONTS = ['Liberation Sans', 'Open Sans', 'Roboto', 'Lato', 'DejaVu Sans', 'Cantarell']
LIGHT = [('#ffffff', '#222222', '#5f6368'), ('#f6f4ee', '#2b2b30', '#6a655c'), ('#eef3f6', '#22313b', '#54707d')]
DARK = [('#1c2128', '#d8dde4', '#93a0b0'), ('#24202a', '#e7e0ea', '#a79cb0')]

def values(m):
    g, f = m.name()
    g2, f2 = m.name()
    return [('Name', 'person', f'{g} {f}'), ('Telephone', 'phone', m.phone('en')), ('E-mail', 'email', m.mail(g, f)),
            ('Address', 'address', f"{m.street('en')}, {m.town('en')}"), ('Date of birth', 'dob', m.date('en')),
            ('Account number', 'account', m.digits(8)), ('IBAN', 'iban', m.iban('GB')), ('Card number', 'card', m.card()),
            ('Passport number', 'passport', m.pick('XYZ') + m.digits(8)), ('IP address', 'ip', m.ip()), ('MAC address', 'mac', m.mac()),
            ('User name', 'username', f'{g[0]}{f}{m.digits(2)}'.lower()), ('Password', 'secret', m.token(12)), ('Contact', 'person', f'{g2} {f2}')]

def grey(v): return f'rgb({v},{v},{v})'
def hue(m):  # two colours of one lightness (sRGB weights of Rec. 709), far apart in hue
    level = m.r.randint(105, 150)
    def at(r, g, b):
        k = level / (0.2126 * r + 0.7152 * g + 0.0722 * b)
        return 'rgb({},{},{})'.format(*(min(255, int(c * k)) for c in (r, g, b)))
    ground, ink = m.pick([((90, 130, 90), (230, 90, 90)), ((160, 120, 60), (90, 130, 190)), ((110, 130, 150), (190, 110, 110))])
    return at(*ground), at(*ink)
def texture(m):
    a, b = m.pick([('#e9e2d2', '#ded5c1'), ('#dfe8e6', '#cfdcda'), ('#ece4ee', '#ddd2e0')])
    n = m.r.randint(5, 9)
    return m.pick([f'repeating-linear-gradient(45deg,{a} 0 {n}px,{b} {n}px {2 * n}px)', f'radial-gradient({b} 2px,{a} 2.5px) 0 0/{n + 4}px {n + 4}px'])

# What is put on a value's own box (v), or on the page (p: ground; after: done to the picture).
TREATMENTS = {
    'plain': lambda m: {}, 'bold': lambda m: {'v': 'font-weight:bold'}, 'italic': lambda m: {'v': 'font-style:italic'},
    'capitals': lambda m: {'v': 'text-transform:uppercase'},
    'faint': lambda m: {'ground': '#ffffff', 'v': f'color:{grey(m.r.randint(150, 190))}'},
    'serif': lambda m: {'v': 'font-family:"Liberation Serif"'},
    'gradient': lambda m: {'v': f'background:linear-gradient(90deg,{m.pick(["#f7d9a8", "#c8e6c9"])},{m.pick(["#b3c8ee", "#e6b8c8"])});color:#222;padding:4px 8px'},
    'texture': lambda m: {'v': f'background:{texture(m)};color:#222;padding:4px 8px'},
    'pill': lambda m: {'v': f'background:{m.pick(["#2f6f8f", "#7a4b2b", "#3c7a4c"])};color:#fff;border-radius:99px;padding:2px 10px'},
    'box': lambda m: {'v': f'border:{m.pick([1, 1, 2])}px solid {m.pick(["#444", "#999", "#2f6f8f"])};padding:{m.r.randint(0, 1)}px {m.r.randint(1, 2)}px;line-height:1.05'},
    'underline': lambda m: {'v': f'text-decoration:underline {m.pick(["", "2px"])}'},
    'strike': lambda m: {'v': f'text-decoration:line-through {m.pick(["", "", "2px"])}'},
    'shadow': lambda m: {'v': f'background:{grey(m.r.randint(120, 170))};color:#fff;text-shadow:{m.pick(["1px 1px 1px #333", "0 1px 2px #000", "1px 1px 0 #555"])};padding:3px 8px'},
    'spaced': lambda m: {'v': f'letter-spacing:{m.pick([0.15, 0.2, 0.3])}em'},
    'small': lambda m: {'size': 8}, 'large': lambda m: {'size': m.r.randint(30, 60)},
    'hue': lambda m: dict(zip(('ground', 'ink'), hue(m))),
    'tilt': lambda m: {'p': f'transform:rotate({m.pick([-3, -2, 2, 3])}deg);transform-origin:0 0;margin-top:60px'},
    'sideways': lambda m: {'p': 'writing-mode:vertical-rl' + m.pick(['', ';transform:rotate(180deg)'])},
    'jpeg': lambda m: {'after': 'jpeg'}, 'scaled': lambda m: {'after': 'scaled'},
    'condensed': lambda m: {'v': 'letter-spacing:-0.04em'},
    'outlined': lambda m: {'v': f'display:inline-block;border:{m.pick([1, 2, 2, 3])}px solid {m.pick(["#666", "#2f6f8f", "#b02a37"])};border-radius:{m.pick([0, 6, 20])}px;padding:4px {m.r.randint(10, 18)}px'},
    'dotted': lambda m: {'v': f'border-bottom:{m.pick([1, 1, 2])}px {m.pick(["dotted", "dashed"])}'},
    'misspelt': lambda m: {'v': 'text-decoration:underline wavy ' + m.pick(['red', '#c00', '#36c'])},
    'selected': lambda m: {'h': f'background:{m.pick(["#0066cc", "#3367d1", "#5a2f52"])};color:#fff'},
    'marked': lambda m: {'v': f'background:{m.pick(["#ff0", "#ffe066", "#ffd54f"])};color:#000', **m.pick([{}, {'ground': '#1c2128', 'ink': '#d8dde4'}])},
    'found': lambda m: {'h': f'background:{m.pick(["#ff0", "#ffe066", "#b3d7ff", "#acf2bd"])};color:#111'},
}

def document(m, how):
    ground, ink, label = m.pick(LIGHT + (DARK if not how else []))
    ground, ink = how.get('ground', ground), how.get('ink', ink)
    if 'ink' in how: label = ink
    size = how.get('size', m.r.randint(12, 15))
    # The later half of a value on a ground of its own.
    shown = (lambda k, t: s(k, t).replace(t, f'{t[:len(t) // 2]}<span class=h>{t[len(t) // 2:]}</span>')) if 'h' in how else s
    rows = ''.join(f'<div class=l>{l}</div><div><span class=v>{shown(k, t)}</span></div>' for l, k, t in values(m))
    # Writing that runs down has its rows from right to left.
    return f'''<!doctype html><meta charset=utf-8><style>body{{margin:0;font:{size}px/1.5 "{m.pick(FONTS)}";background:{ground};color:{ink}}}
main{{padding:20px 24px;display:grid;grid-template-columns:max-content 1fr;gap:{max(8, size // 2)}px {2 * size}px;{how.get('p', '')}}}.l{{color:{label}}}.v{{{how.get('v', '')}}}.h{{{how.get('h', '')}}}</style><body><main>{rows}</main>{SCRIPT.replace('DPR', '1')}'''

def after(how, path, truth):
    picture = cv2.imread(path)
    if how.get('after') == 'jpeg':
        picture = cv2.imdecode(cv2.imencode('.jpg', picture, [cv2.IMWRITE_JPEG_QUALITY, 60])[1], cv2.IMREAD_COLOR)
    if how.get('after') == 'scaled':
        picture = cv2.resize(picture, None, fx=0.85, fy=0.85, interpolation=cv2.INTER_AREA)
        for box in [b for t in truth['sens'] for b in t['boxes']] + [w['box'] for w in truth['words']]:
            box[:] = [round(v * 0.85, 1) for v in box]
    cv2.imwrite(path, picture)

def draw(job):
    name, text, how, folder = job
    tall = 2000 if how.get('size', 0) >= 30 else 700
    with tempfile.TemporaryDirectory() as t:
        source = os.path.join(t, 'page.html')
        open(source, 'w').write(text)
        base = ['chromium', '--headless', '--no-sandbox', '--disable-gpu', '--hide-scrollbars', f'--user-data-dir={t}/profile', f'--window-size={1500 if tall > 700 else 900},{tall}']
        dom = subprocess.run(base + ['--dump-dom', 'file://' + source], capture_output=True, text=True).stdout
        truth = json.loads(base64.b64decode(re.search(r'id="truth"[^>]*>([^<]+)<', dom).group(1)))
        subprocess.run(base + [f'--screenshot={folder}/{name}.png', 'file://' + source], capture_output=True)
        if 'after' in how: after(how, f'{folder}/{name}.png', truth)
        json.dump({'id': name, 'dpr': 1, **truth}, open(f'{folder}/{name}.json', 'w'), ensure_ascii=False)

if __name__ == '__main__':
    folder, seed, pages = sys.argv[1], sys.argv[2], int(sys.argv[3]) if len(sys.argv) > 3 else 3
    os.makedirs(folder, exist_ok=True)
    jobs = []
    for treatment, make in TREATMENTS.items():
        for k in range(pages):
            m = Made(f'{treatment}{k}{seed}')
            how = make(m)
            jobs.append((f'{treatment}{k}-x', document(m, how), how, folder))
    with concurrent.futures.ThreadPoolExecutor(2) as pool: list(pool.map(draw, jobs))
