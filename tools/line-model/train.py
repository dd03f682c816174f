#!/usr/bin/python3
"""Teaches the line model: train.py LINES HELD_OUT_LINES OUT.onnx MINUTES [--from OUT.pt]

LINES and HELD_OUT_LINES come from cut_lines. Needs python3-torch. Writes OUT.onnx, the alphabet OUT.txt beside it (one
character a line, in the order of the network's outputs after the blank) and OUT.pt to go on from."""
import collections, math, random, struct, sys, time
import numpy as np, torch, torch.nn as nn, torch.nn.functional as F

HEIGHT, STRIDE = 40, 2
torch.set_num_threads(2)

def load(path):
    data, at, lines = np.fromfile(path, dtype=np.uint8), 0, []
    raw = data.tobytes()
    while at < len(raw):
        width, n = struct.unpack_from('<HH', raw, at); at += 4
        picture = data[at:at + HEIGHT * width].reshape(HEIGHT, width); at += HEIGHT * width
        pairs = np.frombuffer(raw, dtype=np.dtype([('c', '<u4'), ('x', '<f4')]), count=n, offset=at); at += 8 * n
        lines.append((picture, ''.join(map(chr, pairs['c'])), pairs['x']))
    return lines

class Block(nn.Module):
    def __init__(self, channels, dilation):
        super().__init__()
        self.conv = nn.Conv2d(channels, channels, (1, 5), padding=(0, 2 * dilation), dilation=(1, dilation), bias=False)
        self.norm = nn.BatchNorm2d(channels)
    def forward(self, x): return x + F.relu(self.norm(self.conv(x)))

def stage(into, out, kernel, stride, padding): return nn.Sequential(nn.Conv2d(into, out, kernel, stride, padding, bias=False), nn.BatchNorm2d(out), nn.ReLU())

class Net(nn.Module):
    def __init__(self, classes):
        super().__init__()
        self.body = nn.Sequential(stage(1, 16, 5, 2, 2), stage(16, 32, 3, (2, 1), 1), stage(32, 64, 3, (2, 1), 1), stage(64, 128, (5, 3), 1, (0, 1)),
                                  Block(128, 1), Block(128, 2), Block(128, 3), nn.Conv2d(128, classes, 1))
    def forward(self, x): return self.body(x)

def augment(picture, r):
    """Small differences of pace, place, contrast and grain, so that no exact picture is learnt by heart."""
    import cv2
    p = picture
    if r.random() < 0.6:
        fx, fy = r.uniform(0.9, 1.12), r.uniform(0.95, 1.06)
        m = np.float32([[fx, 0, 0], [0, fy, (1 - fy) * 28 + r.uniform(-1.2, 1.2)]])
        width = max(8, int(round(p.shape[1] * fx)))
        p = cv2.warpAffine(p, m, (width, HEIGHT), flags=cv2.INTER_LINEAR, borderValue=255)
    else: fx = 1
    v = (255 - p.astype(np.float32)) / 255
    if r.random() < 0.4: v = np.clip(v, 0, 1) ** r.uniform(0.7, 1.5)
    if r.random() < 0.3: v = v * r.uniform(0.7, 1)
    if r.random() < 0.3: v = v + np.random.normal(0, r.uniform(0.01, 0.06), v.shape).astype(np.float32)
    return v, fx

def batches(lines, columns, r, endless=True):
    while True:
        order = list(range(len(lines))); r.shuffle(order)
        groups, start = [], 0
        for at in range(0, len(order), 2000):
            some = sorted(order[at:at + 2000], key=lambda i: lines[i][0].shape[1])
            group = []
            for i in some:
                if group and (len(group) + 1) * lines[i][0].shape[1] > columns: groups.append(group); group = []
                group.append(i)
            if group: groups.append(group)
        r.shuffle(groups)
        yield from groups
        if not endless: return

def main():
    minutes = float(sys.argv[4])
    lines, held = load(sys.argv[1]), load(sys.argv[2])
    seen = collections.Counter(c for _, t, _ in lines for c in t)
    old = torch.load(sys.argv[sys.argv.index('--from') + 1]) if '--from' in sys.argv else None
    alphabet = old['alphabet'] if old else [c for c, n in sorted(seen.items()) if n >= 40]
    index = {c: i + 1 for i, c in enumerate(alphabet)}
    lines, held = ([l for l in some if all(c in index for c in l[1])] for some in (lines, held))
    print(len(lines), 'lines,', sum(len(l[1]) for l in lines), 'characters,', len(alphabet), 'in the alphabet;', len(held), 'held out', flush=True)
    net = Net(len(alphabet) + 1)
    if old: net.load_state_dict(old['net'])
    r = random.Random(1)
    highest = 1e-3 if old else 2.5e-3
    optimiser = torch.optim.AdamW(net.parameters(), lr=highest, weight_decay=1e-3)
    begun, step, shown, losses = time.time(), 0, time.time(), []
    for group in batches(lines, 14000, r):
        spent = (time.time() - begun) / (60 * minutes)
        if spent >= 1: break
        for g in optimiser.param_groups: g['lr'] = highest * min(1, (step + 1) / 100) * (0.5 + 0.5 * math.cos(math.pi * spent)) + 1e-6
        made = [augment(lines[i][0], r) for i in group]
        width = max(v.shape[1] for v, _ in made)
        width += (-width) % 16
        x = torch.zeros(len(group), 1, HEIGHT, width)
        columns = width // STRIDE
        aligned = torch.zeros(len(group), columns, dtype=torch.long)
        targets, lengths = [], []
        for k, (i, (v, fx)) in enumerate(zip(group, made)):
            x[k, 0, :, :v.shape[1]] = torch.from_numpy(v)
            text = [index[c] for c in lines[i][1]]
            targets += text; lengths.append(len(text))
            if step < 1500:
                at = np.clip((lines[i][2] * fx / STRIDE).astype(int), 1, columns - 2)
                for a in at:
                    for b in (a - 1, a + 1):
                        if aligned[k, b] == 0: aligned[k, b] = -100
                aligned[k, at] = torch.tensor(text)
        y = net(x).squeeze(2)
        logs = F.log_softmax(y, 1).permute(2, 0, 1)
        if step < 700 and not old: loss = F.cross_entropy(y, aligned, ignore_index=-100) * 4
        else:
            loss = F.ctc_loss(logs, torch.tensor(targets), torch.full((len(group),), columns), torch.tensor(lengths), zero_infinity=True)
            if step < 1500 and not old: loss = loss + F.cross_entropy(y, aligned, ignore_index=-100)
        optimiser.zero_grad(); loss.backward()
        nn.utils.clip_grad_norm_(net.parameters(), 2.0)
        optimiser.step()
        step += 1; losses.append(loss.item())
        if step % 250 == 0:
            print(f'{step} steps, {100 * spent:.0f} % of the time, loss {np.mean(losses[-250:]):.4f}, {(time.time() - shown) / 250:.2f} s a step', end='', flush=True)
            shown = time.time()
            if step % 1000 == 0: print(' held out:', judge(net, held[:600], alphabet), end='', flush=True); net.train()
            print(flush=True)
            torch.save({'net': net.state_dict(), 'alphabet': alphabet}, sys.argv[3].replace('.onnx', '.pt'))
    print('held out:', judge(net, held[:1000], alphabet), flush=True)
    save(net, alphabet, sys.argv[3])

def decode(row, alphabet):
    out, last = [], 0
    for c in row:
        if c != last and c != 0: out.append(alphabet[c - 1])
        last = c
    return ''.join(out)

def judge(net, lines, alphabet):
    """Characters wrong, and lines right with how many the model is sure of."""
    net.eval()
    wrong = total = right = sure = sure_right = 0
    with torch.no_grad():
        for picture, text, _ in lines:
            v = torch.from_numpy((255 - picture.astype(np.float32)) / 255)[None, None]
            p = net(v)[0, :, 0].softmax(0)
            best, at = p.max(0)
            got = decode(at.tolist(), alphabet)
            wrong += distance(got, text); total += len(text); right += got == text
            if best.min() > 0.8: sure += 1; sure_right += got == text
    return f'{100 * wrong / total:.2f} % of characters wrong, {100 * right / len(lines):.1f} % of lines right; sure of {100 * sure / len(lines):.1f} %, of them right {100 * sure_right / max(1, sure):.2f} %'

def distance(a, b):
    row = list(range(len(b) + 1))
    for i, c in enumerate(a):
        last, row[0] = row[0], i + 1
        for j, d in enumerate(b): last, row[j + 1] = row[j + 1], min(row[j + 1] + 1, row[j] + 1, last + (c != d))
    return row[-1]

def folded(net):
    """The same network with each normalisation put into the weights before it."""
    layers, fuse = [], nn.utils.fusion.fuse_conv_bn_eval
    for part in net.body:
        if isinstance(part, Block): part.conv, part.norm = fuse(part.conv, part.norm), nn.Identity()
        elif isinstance(part, nn.Sequential): part = nn.Sequential(fuse(part[0], part[1]), part[2])
        layers.append(part)
    return nn.Sequential(*layers)

def save(net, alphabet, path):
    net.eval()
    torch.save({'net': net.state_dict(), 'alphabet': alphabet}, path.replace('.onnx', '.pt'))
    torch.onnx.export(folded(net), torch.zeros(1, 1, HEIGHT, 320), path, input_names=['line'], output_names=['columns'], opset_version=11, dynamic_axes={'line': {3: 'width'}, 'columns': {3: 'width'}})
    open(path.replace('.onnx', '.txt'), 'w', encoding='utf-8').write('\n'.join(alphabet) + '\n')

if __name__ == '__main__': main()
