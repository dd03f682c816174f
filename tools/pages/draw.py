#!/usr/bin/python3
"""Draws what make.mjs wrote: draw.py PAGES.json FOLDER [--places]

For each page NAME.png with NAME.json, the truth in the form of the practice screens: {"id", "dpr", "sens": [{"kind", "text",
"boxes"}], "words": [{"text", "box"}], "order": [box]}, device pixels; "order" has all words as the page's source has them. A sign
that stands alone, or at a value, is no word: a comma says nothing. With --places no pictures are made, and the truth of all pages goes into
FOLDER/places.jsonl, many hundreds a minute."""
import base64, concurrent.futures, json, os, re, subprocess, sys, tempfile

pages, folder, places = json.load(open(sys.argv[1])), sys.argv[2], '--places' in sys.argv
os.makedirs(folder, exist_ok=True)
SIZE = (1180, 780)
# Boxes of every word, and of every sensitive span word by word, in CSS pixels times the page's density.
MEASURE = '''const measure=(d)=>{const r1=x=>Math.round(x*d*10)/10,sens=[],words=[];
const boxes=r=>[...r.getClientRects()].filter(b=>b.width>1&&b.bottom<HEIGHT).map(b=>[r1(b.x),r1(b.y),r1(b.width),r1(b.height)]);
const each=(n,to)=>{for(const m of n.textContent.matchAll(/[^\\s\\u00a0]+/g)){const r=document.createRange();r.setStart(n,m.index);r.setEnd(n,m.index+m[0].length);const b=boxes(r);if(b.length)to({text:m[0],box:b[0]})}};
for(const e of document.querySelectorAll('s-n')){const r=document.createRange();r.selectNodeContents(e);const b=boxes(r),parts=[];each(e.firstChild,w=>parts.push(w));if(b.length)sens.push({kind:e.getAttribute('k'),text:e.textContent,boxes:b,parts})}
const w=document.createTreeWalker(document.body,NodeFilter.SHOW_TEXT);for(let n;n=w.nextNode();){if(n.parentElement.closest('s-n,script,style,pre'))continue;each(n,x=>words.push(x))}
const a=document.createTreeWalker(document.body,NodeFilter.SHOW_TEXT),order=[];for(let n;n=a.nextNode();)if(!n.parentElement.closest('script,style,pre'))each(n,x=>order.push(x.box));
return {sens,words,order}};'''.replace('HEIGHT', str(SIZE[1]))

def chromium(profile, source, dpr, *more):
    return subprocess.run(['chromium', '--headless', '--no-sandbox', '--disable-gpu', '--hide-scrollbars', f'--user-data-dir={profile}', f'--window-size={SIZE[0]},{SIZE[1]}', f'--force-device-scale-factor={dpr}', *more, 'file://' + source], capture_output=True, text=True).stdout

def truth_of(dom): return json.loads(base64.b64decode(re.search(r'id="truth"[^>]*>([^<]+)<', dom).group(1)))
STORE = "const p=document.createElement('pre');p.id='truth';p.style.display='none';p.textContent=btoa(unescape(encodeURIComponent(JSON.stringify(ALL))));document.body.append(p)"

def draw(page):
    with tempfile.TemporaryDirectory() as t:
        source = os.path.join(t, 'page.html')
        open(source, 'w').write(f'<!doctype html><meta charset=utf-8><style>{page["css"]}</style><body>{page["html"]}<script>{MEASURE}addEventListener("load",()=>{{const ALL=measure({page["dpr"]});{STORE}}})</script>')
        truth = truth_of(chromium(t + '/p', source, page['dpr'], '--dump-dom'))
        chromium(t + '/p', source, page['dpr'], f'--screenshot={folder}/{page["id"]}.png')
        for span in truth['sens']: span.pop('parts')
        truth['words'] = [w for w in truth['words'] if re.search(r'\w', w['text'])]
        json.dump({'id': page['id'], 'dpr': page['dpr'], **truth}, open(f'{folder}/{page["id"]}.json', 'w'), ensure_ascii=False)

def measure(chunk):
    with tempfile.TemporaryDirectory() as t:
        source = os.path.join(t, 'pages.html')
        data = json.dumps(chunk).replace('</', '<\\/')
        open(source, 'w').write(f'<!doctype html><meta charset=utf-8><style id=look></style><body><div id=page></div><script>const PAGES={data};{MEASURE}addEventListener("load",async()=>{{await document.fonts.ready;const ALL=[];for(const p of PAGES){{look.textContent=p.css;page.innerHTML=p.html;ALL.push({{id:p.id,dpr:p.dpr,...measure(p.dpr)}})}}page.innerHTML="";{STORE}}})</script>')
        return truth_of(chromium(t + '/p', source, 1, '--dump-dom', '--virtual-time-budget=600000'))

with concurrent.futures.ThreadPoolExecutor(2) as pool:
    if places:
        MEASURE = MEASURE.replace('{sens,words,order}', '{sens,words}')
        chunks = [pages[i:i + 100] for i in range(0, len(pages), 100)]
        with open(os.path.join(folder, 'places.jsonl'), 'w') as out:
            for truths in pool.map(measure, chunks):
                for truth in truths: out.write(json.dumps(truth, ensure_ascii=False) + '\n')
    else:
        list(pool.map(draw, [p for p in pages if not os.path.exists(f'{folder}/{p["id"]}.json')]))
