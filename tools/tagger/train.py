#!/usr/bin/python3
"""Teaches the tagger: train.py TEACH.bin CHOOSE.bin OUT.bin EPOCHS

TEACH and CHOOSE come from tagger_views; CHOOSE only says when to stop and how far confidences are off. Needs python3-torch.
Words are misread now and then on purpose, and lists do not always know a name: what a word is must then be told by the rest."""
import random, struct, sys, time
import numpy as np, torch, torch.nn as nn, torch.nn.functional as F

FEATURES, NEAR, AROUND, MOST, CLASSES, WIDTH, HIDDEN = 4096 + 512, 16, 4, 8, 12, 64, 128
NAMES = 'none person address username secret account passport record dob phone plate formed'.split()
torch.set_num_threads(2)

def load(path):
    data, at, pages = np.fromfile(path, dtype='<i2'), 0, []
    while at < len(data):
        n = int(data[at]); at += 1
        ids, offsets, near, around, labels = [], [], [], [], []
        for _ in range(n):
            k = int(data[at]); offsets.append(len(ids)); ids.extend(data[at + 1:at + 1 + k]); at += 1 + k
            near.append(data[at:at + NEAR]); at += NEAR
            around.append(data[at:at + AROUND * MOST]); at += AROUND * MOST
            labels.append(data[at]); at += 1
        if n: pages.append((np.array(ids, np.int64), np.array(offsets, np.int64), np.stack(near).astype(np.int64), np.stack(around).astype(np.int64).reshape(n, AROUND, MOST), np.array(labels, np.int64)))
    return pages

def batch(pages, dropped):
    ids, offsets, near, around, labels, base, words = [], [], [], [], [], 0, 0
    total = sum(len(p[1]) for p in pages)
    for i, o, n, a, l in pages:
        offsets.append(o + base); ids.append(i); base += len(i)
        near.append(np.where(n < 0, total, n + words)); around.append(np.where(a < 0, total, a + words)); labels.append(l); words += len(l)
    ids = torch.from_numpy(np.concatenate(ids)); offsets = torch.from_numpy(np.concatenate(offsets))
    keep = torch.rand(len(ids)) >= dropped
    return ids, offsets, keep.float(), torch.from_numpy(np.concatenate(near)), torch.from_numpy(np.concatenate(around)), torch.from_numpy(np.concatenate(labels))

class Net(nn.Module):
    def __init__(self):
        super().__init__()
        self.words = nn.EmbeddingBag(FEATURES, WIDTH, mode='sum'); nn.init.normal_(self.words.weight, 0, 0.1)
        self.bias = nn.Parameter(torch.zeros(WIDTH))
        self.between, self.last = nn.Linear((NEAR + AROUND) * WIDTH, HIDDEN), nn.Linear(HIDDEN, CLASSES)
    def forward(self, ids, offsets, keep, near, around, lost=0.0):
        each = F.relu(self.words(ids, offsets, per_sample_weights=keep) + self.bias)
        each = torch.cat([each, torch.zeros(1, WIDTH)])
        nobody = len(each) - 1
        n = F.embedding(near, each)
        there = (around != nobody).float()
        a = (F.embedding(around, each) * there[..., None]).sum(2) / there.sum(2).clamp(min=1)[..., None]
        seen = torch.cat([n, a], 1)
        if lost: seen = seen * (torch.rand(seen.shape[0], seen.shape[1], 1) >= lost)
        return self.last(F.dropout(F.relu(self.between(seen.flatten(1))), 0.1, self.training))

def judge(net, pages):
    net.eval(); scores, labels = [], []
    with torch.no_grad():
        for at in range(0, len(pages), 32):
            *given, wanted = batch(pages[at:at + 32], 0); scores.append(net(*given)); labels.append(wanted)
    scores, labels = torch.cat(scores), torch.cat(labels)
    return scores, labels

def report(scores, labels):
    share, said = scores.softmax(1), scores.argmax(1)
    for c, name in enumerate(NAMES):
        of = labels == c
        if of.any(): print(f'  {name:9} {int(of.sum()):6} missed {100 * (said[of] != c).float().mean():5.2f} %, wrongly said {int(((said == c) & ~of).sum())}')

teach, choose = load(sys.argv[1]), load(sys.argv[2])
print(len(teach), 'pages', sum(len(p[4]) for p in teach), 'words', flush=True)
torch.manual_seed(1); random.seed(1)
net, best = Net(), 1e9
epochs, step, start = int(sys.argv[4]), 0, time.time()
per = (len(teach) + 15) // 16
optimiser = torch.optim.AdamW(net.parameters(), 2e-3, weight_decay=0.01)
schedule = torch.optim.lr_scheduler.OneCycleLR(optimiser, 3e-3, total_steps=epochs * per, pct_start=0.1)
for epoch in range(epochs):
    net.train(); random.shuffle(teach)
    for at in range(0, len(teach), 16):
        *given, wanted = batch(teach[at:at + 16], 0.15)
        loss = F.cross_entropy(net(*given, lost=0.08), wanted, label_smoothing=0.02)
        optimiser.zero_grad(); loss.backward(); nn.utils.clip_grad_norm_(net.parameters(), 1.0); optimiser.step(); schedule.step()
    scores, labels = judge(net, choose)
    held = F.cross_entropy(scores, labels).item()
    print(f'{epoch + 1}: {loss.item():.3f}, kept apart {held:.4f}, {time.time() - start:.0f} s', flush=True)
    if held < best or epoch == epochs - 1:
        best = held
        with open(sys.argv[3], 'wb') as out:
            out.write(struct.pack('<3i', WIDTH, HIDDEN, CLASSES))
            for w in (net.words.weight, net.bias, net.between.weight.T.contiguous(), net.between.bias, net.last.weight.T.contiguous(), net.last.bias):
                out.write(w.detach().numpy().astype('<f4').tobytes())
report(scores, labels)
