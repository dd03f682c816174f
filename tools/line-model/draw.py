#!/usr/bin/python3
"""Draws pages of made-up lines to teach the line model with: draw.py FOLDER FIRST COUNT [--held-out]

For each page FOLDER/N.png (or .jpg) and FOLDER/N.json: [{"text", "box": [x, y, w, h], "centres": [x of each character]}],
device pixels. Two of three pages are drawn by Chromium, with differing hinting and density, the third by cairo, which also
draws coloured antialiasing. Needs chromium, python3-cairo, python3-pil. --held-out draws with fonts kept back from teaching.

The texts are of all kinds a screen shows, with as many keys, numbers and addresses as prose: made up on the spot from the
shipped word lists, so that nothing but the shape of letters can be learnt from them."""
import base64, colorsys, html, json, os, random, re, string, subprocess, sys, tempfile

HERE = os.path.dirname(os.path.abspath(__file__))
DATA = os.path.join(HERE, '..', '..', 'data')

SANS = ['Inter', 'Roboto', 'Open Sans', 'Noto Sans', 'DejaVu Sans', 'Liberation Sans', 'Arimo', 'Lato', 'Cantarell',
        'Liberation Sans Narrow', 'Roboto Condensed', 'Open Sans Condensed', 'Nimbus Sans', 'FreeSans', 'Bitstream Vera Sans',
        'Karla', 'Sora', 'League Spartan', 'M PLUS 1', 'Quicksand', 'Waree', 'Loma', 'TeX Gyre Adventor', 'TeX Gyre Heros Cn',
        'Linux Biolinum O', 'Jura', 'Dosis', 'Play', 'Comic Neue', 'Inter Display', 'CMU Bright', 'Noto Sans Display', 'VL PGothic']
MONO = ['JetBrains Mono', 'DejaVu Sans Mono', 'Liberation Mono', 'Noto Sans Mono', 'Hack', 'Fira Code', 'Inconsolata', 'Cousine',
        'Noto Mono', 'FreeMono', 'Nimbus Mono PS', 'Oxygen Mono', 'B612 Mono', 'Agave', 'Anonymous Pro', 'M PLUS 1 Code',
        'Courier Prime', 'Bitstream Vera Sans Mono']
SERIF = ['Liberation Serif', 'Noto Serif', 'DejaVu Serif', 'Roboto Slab', 'Tinos', 'Caladea', 'Vollkorn', 'EB Garamond',
         'Linux Libertine O', 'TeX Gyre Pagella', 'C059']
COMMON = ['Inter', 'Roboto', 'Open Sans', 'Noto Sans', 'DejaVu Sans', 'Liberation Sans', 'Lato', 'Cantarell']
COMMON_MONO = ['JetBrains Mono', 'DejaVu Sans Mono', 'Liberation Mono', 'Noto Sans Mono', 'Hack', 'Fira Code']
HELD_OUT = ['Manrope', 'Oxygen-Sans', 'B612', 'Go', 'Carlito', 'mononoki', 'Go Mono', 'P052']

def lines_of(path): return [l.strip() for l in open(os.path.join(DATA, path), encoding='utf-8') if l.strip() and l[0] != '#']
WORDS = {c: lines_of(f'words/{c}.txt') for c in ('eng', 'deu', 'fra', 'spa')}
GIVEN, FAMILY, PLACES = ([n.title() for n in lines_of(f'names/{f}.txt')] for f in ('given', 'family', 'places'))
MARKS = '!"#$%&\'()*+,-./:;<=>?@[\\]^_`{|}~€£§°–—“”‘’«»·•…©×→'
SIGNS = string.ascii_letters + string.digits + MARKS + 'ÄÖÜäöüßÀÂÇÉÈÊËÎÏÔÙÛàâçéèêëîïôùûœÁÍÓÚÑáíóúñ¿¡'

class Texts:
    def __init__(self, r): self.r = r
    def of(self, alphabet, low, high): return ''.join(self.r.choice(alphabet) for _ in range(self.r.randint(low, high)))
    def digits(self, n): return ''.join(self.r.choice(string.digits) for _ in range(n))
    def case(self, w):
        k = self.r.random()
        return w if k < 0.6 else w.capitalize() if k < 0.88 else w.upper() if k < 0.97 else w[:1].upper() + w[1:]
    def words(self, low=1, high=8):
        words = WORDS[self.r.choice(['eng', 'eng', 'eng', 'deu', 'fra', 'spa'])]
        out = [self.case(self.r.choice(words)) for _ in range(self.r.randint(low, high))]
        if self.r.random() < 0.4: out[0] = out[0].capitalize()
        text = ''
        for i, w in enumerate(out):
            k = self.r.random()
            if k < 0.03: w = '(' + w + ')'
            elif k < 0.05: w = self.r.choice(['"%s"', "'%s'", '“%s”', '«%s»', '‘%s’']) % w
            elif k < 0.07: w += "'s"
            elif k < 0.1: w = w + '-' + self.r.choice(words)
            elif k < 0.11: w = w + '/' + self.r.choice(words)
            text += w
            if i + 1 < len(out): text += self.r.choice([' '] * 18 + [', ', ' – ', ': ', '. ', '; ', ' · ', ' & ', ' / ', ' | ', ' - '])
        return text + (self.r.choice(['.', ':', '?', '!', '…', ',', '...', ' *', ' →', '']) if self.r.random() < 0.4 else '')
    def person(self):
        g, f = self.r.choice(GIVEN), self.r.choice(FAMILY)
        return self.r.choice([f'{g} {f}', f'{f}, {g}', f'{g[0]}. {f}', f'{g} {self.r.choice(string.ascii_uppercase)}. {f}', f'{g} {f}-{self.r.choice(FAMILY)}',
                              f'Dr. {g} {f}', f'Ms {f}', g, f.upper() + ' ' + g, f'{g} {f} ({self.digits(3)})'])
    def place(self):
        return self.r.choice([f'{self.r.randint(1, 299)} {self.r.choice(PLACES)} Road', f'{self.r.choice(PLACES)}straße {self.r.randint(1, 99)}', f'{self.digits(5)} {self.r.choice(PLACES)}',
                              f'{self.of(string.ascii_uppercase, 1, 2)}{self.r.randint(1, 99)} {self.r.randint(1, 9)}{self.of(string.ascii_uppercase, 2, 2)}', f'{self.r.randint(1, 99)} rue {self.r.choice(PLACES)}, {self.digits(5)}'])
    def number(self):
        d, n = self.digits, self.r.randint
        return self.r.choice([lambda: d(n(1, 12)), lambda: f'{n(1, 999):,}.{d(2)}', lambda: f'{self.r.choice("€£$")}{n(1, 9999)}.{d(2)}', lambda: f'{n(1, 99)}.{d(3)},{d(2)} €', lambda: f'{n(0, 100)} %', lambda: f'-{n(1, 99)}.{d(1)}',
            lambda: f'{d(4)}-{n(1, 12):02}-{n(1, 28):02}', lambda: f'{n(1, 28):02}/{n(1, 12):02}/{d(4)}', lambda: f'{n(1, 28)}.{n(1, 12)}.{d(4)}', lambda: f'{n(0, 23):02}:{d(2)}', lambda: f'{n(0, 23):02}:{d(2)}:{d(2)}.{d(3)}',
            lambda: f'{n(1, 28)} {self.r.choice(["Jan", "March", "Mai", "août", "octubre", "Dec"])} {d(4)}', lambda: f'+{n(1, 99)} {d(3)} {d(3)} {d(4)}', lambda: f'0{d(4)} {d(6)}', lambda: f'({d(3)}) {d(3)}-{d(4)}', lambda: f'{d(4)} {d(4)} {d(4)} {d(4)}',
            lambda: f'{self.of(string.ascii_uppercase, 2, 2)}{d(2)} {d(4)} {d(4)} {d(4)} {d(4)} {d(2)}', lambda: f'{n(0, 255)}.{n(0, 255)}.{n(0, 255)}.{n(0, 255)}', lambda: f'{d(3)}-{d(2)}-{d(4)}', lambda: f'#{d(n(3, 6))}', lambda: f'{n(1, 40)}/{n(1, 40)}',
            lambda: f'{n(1, 900)}{self.r.choice([" m³", " kWh", "px", "ms", " MB", "°C", " km", "x"])}', lambda: f'{d(2)}:{d(2)}:{d(2)}'])()
    def mail(self):
        g, f = self.r.choice(GIVEN).lower(), self.r.choice(FAMILY).lower()
        user = self.r.choice([f'{g}.{f}', f'{g[0]}{f}', f'{g}_{f}', f'{f}{self.digits(2)}', f'{g}-{f[0]}', f'{g}+{f}'])
        return f'{user}@{self.host()}'
    def host(self): return self.r.choice(['', '', 'mail.', 'www.', 'api.', 'db-02.']) + self.r.choice(WORDS['eng']) + self.r.choice(['', '', '-' + self.r.choice(WORDS['eng'])]) + self.r.choice(['.example', '.test', '.example.org', '.invalid', '.example.com', '.example.net'])
    def link(self):
        w = lambda: self.r.choice(WORDS['eng'])
        return self.r.choice([lambda: f'https://{self.host()}/{w()}/{w()}?{w()}={self.of(string.ascii_letters + string.digits, 4, 20)}', lambda: f'/{w()}/{w()}/{w()}.{self.r.choice(["log", "json", "cpp", "txt", "pdf"])}', lambda: f'C:\\{w()}\\{w()}_{self.digits(2)}.csv',
                              lambda: f'{self.host()}:{self.digits(4)}', lambda: f'{w()}_{w()}_{w()}', lambda: f'{w()}.{w()}({w()})', lambda: f'--{w()}-{w()}={w()}', lambda: f'@{w()}{self.digits(2)}', lambda: f'{w()}{w().capitalize()}{w().capitalize()}'])()
    def key(self):
        hexes, upper, mixed = '0123456789abcdef', string.ascii_uppercase + string.digits, string.ascii_letters + string.digits
        return self.r.choice([lambda: self.of(hexes, 8, 64), lambda: self.of(hexes.upper(), 8, 40), lambda: self.of(upper, 5, 24), lambda: self.of(mixed, 8, 48), lambda: self.of(mixed + '-_', 16, 64), lambda: self.of(mixed + '+/', 16, 64) + self.r.choice(['', '=', '==']),
            lambda: '-'.join(self.of(hexes, n, n) for n in (8, 4, 4, 4, 12)), lambda: '-'.join(self.of(upper, 4, 5) for _ in range(self.r.randint(2, 5))), lambda: ':'.join(self.of(hexes, 2, 2) for _ in range(6)),
            lambda: ':'.join(self.of(hexes, 1, 4) for _ in range(8)), lambda: f'{self.of(string.ascii_lowercase, 2, 4)}_{self.of(string.ascii_lowercase, 4, 4)}_{self.of(mixed, 16, 40)}', lambda: 'ey' + '.'.join(self.of(mixed + '-_', 10, 40) for _ in range(3)),
            lambda: f'{self.of(upper, 2, 4)}-{self.digits(self.r.randint(3, 8))}', lambda: self.of(mixed + '!#$%&*?@', 8, 16), lambda: self.of(mixed.replace('0', '').replace('O', '').replace('I', '').replace('l', ''), 26, 44), lambda: '0x' + self.of(hexes, 4, 40)])()
    def code(self):
        w = lambda: self.r.choice(WORDS['eng'])
        return self.r.choice([lambda: f'"{w()}": "{self.any_value()}",', lambda: f'"{w()}_{w()}": {self.digits(self.r.randint(1, 6))},', lambda: f'{w()}={self.any_value()}', lambda: f'{w()} = {w()}({w()}, {self.digits(2)});', lambda: f'[{self.digits(2)}:{self.digits(2)}:{self.digits(2)}] {self.r.choice(["INFO", "WARN", "ERROR", "DEBUG"])} {self.words(2, 6)}',
            lambda: f'{w()}: {self.any_value()}', lambda: f'<{w()} {w()}="{w()}">', lambda: f'if ({w()} != {self.digits(1)}) {{', lambda: f'{self.any_value()} | {self.any_value()} | {w()}', lambda: f"$ {w()} -{self.of(string.ascii_letters, 1, 1)} '{w()}'", lambda: f'{{"{w()}":["{w()}",{self.digits(3)}]}}'])()
    def any_value(self): return self.r.choice([self.number, self.mail, self.key, self.person, self.link])()
    def soup(self): return ' '.join(self.of(SIGNS, 1, 9) for _ in range(self.r.randint(1, 6)))
    def one(self):
        k = self.r.random()
        if k < 0.33: return self.words()
        if k < 0.38: return self.words(1, 4).upper()
        if k < 0.46: return self.person()
        if k < 0.49: return self.place()
        if k < 0.61: return self.number()
        if k < 0.67: return self.mail()
        if k < 0.73: return self.link()
        if k < 0.86: return self.key()
        if k < 0.93: return self.code()
        if k < 0.97: return ' '.join(self.r.choice([self.any_value, lambda: self.words(1, 3)])() for _ in range(self.r.randint(2, 3)))
        return self.soup()

def contrast(a, b):
    def light(c): return sum(k * (v / 12.92 if v <= 0.04045 else ((v + 0.055) / 1.055) ** 2.4) for k, v in zip((0.2126, 0.7152, 0.0722), c))
    x, y = sorted((light(a), light(b)), reverse=True)
    return (x + 0.05) / (y + 0.05)

def colours(r):
    while True:
        ground = (lambda v: (v, v, v))(r.choice([1, 1, 1, 0.98, 0.96, 0.1, 0.12, 0.15])) if r.random() < 0.6 else colorsys.hls_to_rgb(r.random(), r.choice([r.uniform(0.85, 1), r.uniform(0.05, 0.3), r.random()]), r.random() * 0.7)
        ink = (lambda v: (v, v, v))(r.random()) if r.random() < 0.6 else colorsys.hls_to_rgb(r.random(), r.random(), r.random())
        c = contrast(ground, ink)
        if c > 4.5 or (c > 2.2 and r.random() < 0.25): return ground, ink

def family(r, held_out):
    if held_out: return r.choice(HELD_OUT)
    k = r.random()
    if k < 0.38: return r.choice(COMMON)
    if k < 0.62: return r.choice(SANS)
    if k < 0.78: return r.choice(COMMON_MONO)
    if k < 0.9: return r.choice(MONO)
    return r.choice(SERIF)

def size(r):
    k = r.random()
    return r.choice([8, 9, 9, 9.5, 10, 10, 10.5, 11, 11]) if k < 0.45 else r.choice([11.5, 12, 12, 13, 13, 13.5, 14, 14, 15, 16]) if k < 0.85 else r.choice([17, 18, 20, 22, 24, 28])

class Row:
    def __init__(self, r, texts, held_out, width):
        self.family, self.size = family(r, held_out), size(r)
        self.weight = r.choice([400] * 10 + [300, 500, 500, 600, 600, 700, 700])
        self.italic = r.random() < 0.03
        self.ground, self.ink = colours(r)
        self.spacing = r.choice([0] * 8 + [0.02, 0.05, 0.08, -0.01])
        self.underline = r.random() < 0.03
        self.texts, x = [], r.uniform(6, 40)
        while x < width - 60:
            t = texts.one()
            most = int((width - x) / (0.66 * self.size))
            if most < 4: break
            t = t[:most].strip()
            if t: self.texts.append((x, t))
            x += 0.72 * self.size * len(t) + r.uniform(3, 12) * self.size
            if r.random() < 0.25: break

def css(c): return '#' + ''.join(f'{round(255 * v):02x}' for v in c)

SCRIPT = '''<script>const out=[];for(const e of document.querySelectorAll('b')){const n=e.firstChild,r=document.createRange(),
c=[],d=window.devicePixelRatio,box=e.getBoundingClientRect();for(let i=0;i<n.length;i++){r.setStart(n,i);r.setEnd(n,i+1);const q=r.getBoundingClientRect();c.push(Math.round(10*d*(q.left+q.width/2))/10)}
out.push({text:n.data,box:[box.left*d,box.top*d,box.width*d,box.height*d],centres:c})}const p=document.createElement('pre');p.id='truth';
p.textContent=btoa(unescape(encodeURIComponent(JSON.stringify(out))));p.style.display='none';document.body.append(p)</script>'''

def by_chromium(r, texts, held_out, base):
    dpr = r.choice([1, 1, 1, 1, 1, 1.25, 1.5, 2])
    width, height = int(1500 / dpr), int(4200 / dpr)
    body, y = '', 4.0
    while y < height - 60:
        row = Row(r, texts, held_out, width)
        h = row.size * r.uniform(1.7, 2.3)
        body += f'<div style="top:{y:.2f}px;height:{h:.2f}px;background:{css(row.ground)};color:{css(row.ink)};font:{"italic " if row.italic else ""}{row.weight} {row.size}px/{h:.2f}px \'{row.family}\';letter-spacing:{row.spacing}em;{"text-decoration:underline;" if row.underline else ""}{"border-bottom:1px solid #8886;" if r.random() < 0.1 else ""}{"font-variant-ligatures:none;" if r.random() < 0.7 else ""}">'
        body += ''.join(f'<b style="left:{x:.2f}px">{html.escape(t)}</b>' for x, t in row.texts) + '</div>'
        y += h
    doc = f'<meta charset=utf-8><style>body{{margin:0;background:#fff;height:{height}px;overflow:hidden}}div{{position:absolute;left:0;width:100%;box-sizing:border-box}}b{{position:absolute;top:0;font-weight:inherit;white-space:pre}}</style>{body}{SCRIPT}'
    with tempfile.TemporaryDirectory() as t:
        open(f'{t}/p.html', 'w').write(doc)
        command = ['chromium', '--headless', '--no-sandbox', '--disable-gpu', '--hide-scrollbars', f'--user-data-dir={t}/profile', f'--window-size={width},{height}', f'--force-device-scale-factor={dpr}', '--font-render-hinting=' + r.choice(['none', 'slight', 'medium', 'full', 'full'])]
        if r.random() < 0.3: command.append('--enable-font-subpixel-positioning')
        dom = subprocess.run(command + ['--dump-dom', f'file://{t}/p.html'], capture_output=True, text=True).stdout
        truth = json.loads(base64.b64decode(re.search(r'id="truth"[^>]*>([^<]+)<', dom).group(1)))
        subprocess.run(command + [f'--screenshot={base}.png', f'file://{t}/p.html'], capture_output=True)
    return truth

def by_cairo(r, texts, held_out, base):
    import cairo
    width, height = 1500, 3000
    surface = cairo.ImageSurface(cairo.FORMAT_RGB24, width, height)
    c = cairo.Context(surface)
    c.set_source_rgb(1, 1, 1); c.paint()
    truth, y = [], 4
    hint = r.choice([cairo.HINT_STYLE_NONE, cairo.HINT_STYLE_SLIGHT, cairo.HINT_STYLE_SLIGHT, cairo.HINT_STYLE_FULL])
    smooth = r.choice([cairo.ANTIALIAS_GRAY, cairo.ANTIALIAS_SUBPIXEL])
    metrics = r.choice([cairo.HINT_METRICS_ON, cairo.HINT_METRICS_OFF])
    scale = r.choice([1, 1, 1, 1.5, 2])
    while y < height - 90:
        row = Row(r, texts, held_out, width / scale)
        h = int(row.size * scale * r.uniform(1.7, 2.3))
        c.set_source_rgb(*row.ground); c.rectangle(0, y, width, h); c.fill()
        c.set_source_rgb(*row.ink)
        c.select_font_face(row.family, cairo.FONT_SLANT_ITALIC if row.italic else cairo.FONT_SLANT_NORMAL, cairo.FONT_WEIGHT_BOLD if row.weight >= 600 else cairo.FONT_WEIGHT_NORMAL)
        c.set_font_size(row.size * scale)
        o = cairo.FontOptions(); o.set_antialias(smooth); o.set_hint_style(hint); o.set_hint_metrics(metrics); c.set_font_options(o)
        ascent, descent, *_ = c.font_extents()
        base_y = round(y + (h + ascent - descent) / 2)
        for x, t in row.texts:
            x *= scale
            if metrics == cairo.HINT_METRICS_ON: x = round(x)
            left, centres = x, []
            for ch in t:
                advance = c.text_extents(ch).x_advance
                c.move_to(x, base_y); c.show_text(ch)
                centres.append(round(x + advance / 2, 1))
                x += advance + row.spacing * row.size * scale
            truth.append({'text': t, 'box': [left, base_y - ascent, x - left, ascent + descent], 'centres': centres})
        y += h
    surface.write_to_png(f'{base}.png')
    return truth

def draw(folder, number, held_out):
    r = random.Random(f'{number}{held_out}')
    base = os.path.join(folder, f'{number:04}')
    if os.path.exists(base + '.json'): return
    truth = (by_cairo if number % 3 == 2 else by_chromium)(r, Texts(r), held_out, base)
    if r.random() < 0.08:
        from PIL import Image
        Image.open(f'{base}.png').convert('RGB').save(f'{base}.jpg', quality=r.randint(70, 95))
        os.remove(f'{base}.png')
    json.dump(truth, open(base + '.json', 'w'), ensure_ascii=False)

if __name__ == '__main__':
    folder, first, count = sys.argv[1], int(sys.argv[2]), int(sys.argv[3])
    os.makedirs(folder, exist_ok=True)
    for number in range(first, first + count): draw(folder, number, '--held-out' in sys.argv)
