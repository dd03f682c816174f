#!/usr/bin/python3
"""Screens of pages nobody here wrote: templates.py PACKAGES FOLDER [--texts]

PACKAGES holds open templates of the npm registry, unpacked (README.md).
Chromium draws each page, cut into screens, into FOLDER with its truth in the form of the practice screens. What is sensitive on
them was told by reading their texts; templates-truth.txt keeps it as digests, so that none of their people stands here:
kind, number of words, SHA-256 of the words. --texts prints every text once, to read."""
import base64, concurrent.futures, glob, hashlib, json, os, re, subprocess, sys, tempfile
import cv2

packages, folder = map(os.path.abspath, sys.argv[1:3])
WIDTH, HEIGHT, LONGEST = 1280, 900, 2700
HERE = os.path.dirname(os.path.abspath(__file__))
SKIPPED = re.compile(r'/(rtl|40[0-9]|50[0-9]|icons|colors|carousel|gallery|maps?|grid|empty|documentation)\.html$|/docs/|/src/')
MEASURE = '''addEventListener("load",()=>setTimeout(()=>{const all=[];
const w=document.createTreeWalker(document.body,NodeFilter.SHOW_TEXT);
const units=[];
// A coloured line of code is one text, whatever pieces it is drawn in.
for(let n,code;n=w.nextNode();){const e=n.parentElement,in_=e.closest("code");if(in_&&in_===code)units[units.length-1].push(n);else units.push([n]);code=in_}
for(const nodes of units){const e=nodes[0].parentElement;if(e.closest("script,style,noscript,option"))continue;
 const c=getComputedStyle(e);if(c.visibility=="hidden"||+c.opacity==0)continue;
 const text=nodes.map(n=>n.textContent).join(""),put=(r,set,at)=>{let k=0;while(k<nodes.length-1&&(set=="setEnd"?at>nodes[k].textContent.length:at>=nodes[k].textContent.length))at-=nodes[k++].textContent.length;r[set](nodes[k],at)};
 const words=[];for(const m of text.matchAll(e.closest("code")?/(?:[^\\s\\u00a0"=']|(?<=\\p{L})'(?=\\p{L}))+/gu:/[^\\s\\u00a0]+/g)){const r=document.createRange(),[before,after]=[/^[^\\p{L}\\p{N}_+@(]*/u,/[^\\p{L}\\p{N}_)]*$/u].map(f=>f.exec(m[0])[0].length),bare=m[0].length>before+after;
  // Quotation marks and commas around a word are nobody's.
  put(r,"setStart",m.index+(bare?before:0));put(r,"setEnd",m.index+m[0].length-(bare?after:0));
  const pieces=[...r.getClientRects()].filter(b=>b.width>1&&b.height>1),b=pieces[0];if(!b)continue;
  const row=pieces.filter(p=>Math.abs(p.y-b.y)<b.height/2),wide=Math.max(...row.map(p=>p.right))-b.x;
  const t=document.elementFromPoint(Math.min(innerWidth-1,Math.max(0,b.x+wide/2)),Math.min(innerHeight-1,b.y+b.height/2));
  if(t&&!t.contains(e)&&!e.contains(t)&&!(e.closest("code")&&e.closest("code").contains(t)))continue;const word={text:m[0],box:[b.x,b.y,wide,b.height].map(v=>Math.round(v*10)/10)};
  // What a link ends in may be somebody's though the rest of it is nobody's.
  const path=/^(.*\\/)([^\\/]+)$/.exec(m[0]);if(path){put(r,"setStart",m.index+path[1].length);const e=r.getBoundingClientRect();word.end={text:path[2],box:[e.x,e.y,e.width,e.height].map(v=>Math.round(v*10)/10)}}
  words.push(word)}
 // What a cell cuts off cannot be read by anybody: nobody's matter either.
 const cut=words.some(w=>{for(let p=e,n=0;p&&n<5;p=p.parentElement,++n)if(getComputedStyle(p).overflowX!="visible"&&p!=document.body&&p!=document.documentElement){const r=p.getBoundingClientRect();if(w.box[0]+w.box[2]>r.right+2)return true}return false});
 if(cut)for(const w of words)w.cut=true;
 if(words.length)all.push(words)}
const pen=document.createElement("canvas").getContext("2d");
for(const e of document.querySelectorAll("input,textarea")){const b=e.getBoundingClientRect(),t=e.value||e.placeholder;if(b.width<2||!t||e.type=="checkbox"||e.type=="radio"||e.type=="hidden"||e.type=="password")continue;
 // What a field holds has no place of its own in the DOM: it is measured as it is drawn.
 const c=getComputedStyle(e),px=k=>parseFloat(c[k])||0,size=px("fontSize");pen.font=`${c.fontStyle} ${c.fontWeight} ${c.fontSize} ${c.fontFamily}`;
 const x=b.x+px("borderLeftWidth")+px("paddingLeft"),high=e.tagName=="TEXTAREA"?px("lineHeight")||1.2*size:0;
 t.split("\\n").forEach((line,i)=>{const y=high?b.y+px("borderTopWidth")+px("paddingTop")+i*high+(high-size)/2:b.y+(b.height-size)/2;
  const words=[...line.matchAll(/[^\\s\\u00a0]+/g)].map(m=>({text:m[0],box:[x+pen.measureText(line.slice(0,m.index)).width,y,pen.measureText(m[0]).width,size].map(v=>Math.round(v*10)/10)})).filter(w=>w.box[0]+w.box[2]<=b.right);
  if(words.length)all.push(words)})}
const p=document.createElement("pre");p.id="truth";p.style.display="none";p.textContent=btoa(unescape(encodeURIComponent(JSON.stringify({nodes:all,height:document.documentElement.scrollHeight}))));document.body.append(p)},400))'''

def chromium(profile, source, height, *more):
    return subprocess.run(['chromium', '--headless', '--no-sandbox', '--disable-gpu', '--hide-scrollbars', '--allow-file-access-from-files', '--host-resolver-rules=MAP * ~NOTFOUND', '--virtual-time-budget=4000', f'--user-data-dir={profile}', f'--window-size={WIDTH},{height}', *more, 'file://' + source], capture_output=True, text=True).stdout

def core(word): return re.sub(r'^[^\w+@(]+|[^\w)]+$', '', word)
def digest(words): return hashlib.sha256(' '.join(words).encode()).hexdigest()[:16]

def known_of(path):
    """What is sensitive on a page, by number of words and digest, and whether capitals matter: told beside it where we filled it (cvs.mjs), else by having read it."""
    beside = path[:-5] + '.truth.json'
    if os.path.exists(beside):
        told = [(kind, [core(word) for word in text.split()]) for kind, text in json.load(open(beside))]
        return {(len(words), digest(words)): kind for kind, words in told}, str
    rows = [line.split() for line in open(os.path.join(HERE, 'templates-truth.txt'))]
    return {(int(n), sha): kind for kind, n, sha in rows}, str.lower

def truth_of(nodes, known, folded):
    longest, words, sens = max((n for n, _ in known), default=0), [], []
    for node in nodes:
        if any(w.get('cut') for w in node): continue
        plain, at = [core(folded(w['text'])) for w in node], 0
        while at < len(node):
            for n in range(min(longest, len(node) - at), 0, -1):
                kind = known.get((n, digest(plain[at:at + n])))
                if kind:
                    if kind != 'either': sens.append({'kind': kind, 'text': ' '.join(w['text'] for w in node[at:at + n]), 'boxes': [w['box'] for w in node[at:at + n]]})
                    at += n; break
            else:
                end = node[at].get('end')
                kind = end and known.get((1, digest([core(folded(end['text']))])))
                if kind: sens.append({'kind': kind, 'text': end['text'], 'boxes': [end['box']]})
                else: words.append({'text': node[at]['text'], 'box': node[at]['box']})
                at += 1
    return sens, words

def page_of(path):
    html = open(path, encoding='utf-8', errors='replace').read()
    copy = path[:-5] + '.measured.htm'
    open(copy, 'w', encoding='utf-8').write(html + f'<script>{MEASURE}</script>')
    with tempfile.TemporaryDirectory() as t:
        dom = chromium(t + '/p', copy, LONGEST, '--dump-dom')
        found = re.search(r'id="truth"[^>]*>([^<]+)<', dom)
        if not found: return None
        measured = json.loads(base64.b64decode(found.group(1)))
        shot = os.path.join(t, 'shot.png')
        if '--texts' not in sys.argv: chromium(t + '/p', copy, LONGEST, f'--screenshot={shot}')
        picture = cv2.imread(shot) if os.path.exists(shot) else None
    return measured, picture

def draw(path):
    name = re.sub(r'\W+', '-', os.path.relpath(path, packages)[:-5].replace('package/', '').replace('dist/', ''))
    made = page_of(path)
    if not made: return print('no truth for', path)
    measured, picture = made
    if '--texts' in sys.argv: return [' '.join(w['text'] for w in node) for node in measured['nodes']]
    sens, words = truth_of(measured['nodes'], *known_of(path))
    for node in measured['nodes']:
        for x, y, w, h in [w['box'] for w in node if w.get('cut')]: picture[max(0, int(y)):int(y + h) + 1, int(x):int(x + w) + 1] = picture[max(0, int(y)), max(0, int(x) - 1)]
    bottom = max([w['box'][1] + w['box'][3] for w in words] + [1])
    for k, top in enumerate(range(0, int(bottom), HEIGHT)):
        inside = lambda b: b[1] >= top and b[1] + b[3] <= top + HEIGHT
        part = [dict(s, boxes=[[x, y - top, w, h] for x, y, w, h in s['boxes']]) for s in sens if all(map(inside, s['boxes']))]
        rest = [dict(w, box=[w['box'][0], w['box'][1] - top, *w['box'][2:]]) for w in words if inside(w['box'])]
        # What is cut through by the edge is nobody's matter.
        image = picture[top:top + HEIGHT].copy()
        if not image.size: break
        for box in [b for s in sens for b in s['boxes']] + [w['box'] for w in words]:
            if not inside(box) and box[1] < top + HEIGHT and box[1] + box[3] > top:
                image[max(0, int(box[1] - top)):int(box[1] + box[3] - top) + 1, int(box[0]):int(box[0] + box[2]) + 1] = image[0, 0]
        if len(rest) + len(part) < 15: continue
        cv2.imwrite(f'{folder}/{name}-{k}.png', image)
        json.dump({'id': f'{name}-{k}', 'dpr': 1, 'sens': part, 'words': rest}, open(f'{folder}/{name}-{k}.json', 'w'), ensure_ascii=False)

paths = sorted(p for p in glob.glob(packages + '/**/*.html', recursive=True) if not SKIPPED.search(p))
os.makedirs(folder, exist_ok=True)
with concurrent.futures.ThreadPoolExecutor(2) as pool: results = list(pool.map(draw, paths))
if '--texts' in sys.argv: print('\n'.join(dict.fromkeys(t for texts in results if texts for t in texts)))
