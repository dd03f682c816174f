#!/usr/bin/python3
"""Teaches the tagger: train.py TEACH.bin CHOOSE.bin OUT.bin EPOCHS [START.bin]

TEACH and CHOOSE come from tagger_views; CHOOSE only says how far it has come. START: weights to go on from. Needs python3-torch.
Words are misread now and then on purpose, and lists do not always know a name: what a word is must then be told by the rest."""
import random, struct, sys, time
import numpy as np, torch, torch.nn as nn, torch.nn.functional as F

FEATURES, NEAR, AROUND, MOST, CLASSES, WIDTH, FIRST, SECOND = 6144 + 6144 + 512 + 576, 16, 4, 8, 12, 48, 96, 64
LISTS = 6144 + 6144  # where a word's flags begin, with what lists know: given, family, both, place, common ...
UNKNOWN, SECOND_NEAR = LISTS + 7, [0, 1, 3, 5, 8, 10]  # Self, Before, After, LeftLast, AboveFirst, BelowFirst
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
    if dropped:
        # Of one word in six, whatever lists and the whole word say is not known.
        word = torch.bucketize(torch.arange(len(ids)), offsets, right=True) - 1
        strange = (torch.rand(len(offsets)) < 1 / 6)[word]
        named = (ids >= LISTS) & (ids < LISTS + 3)
        keep &= ~(strange & (ids >= 6144) & (ids < LISTS))
        ids = torch.where(strange & named, torch.full_like(ids, UNKNOWN), ids)
    return ids, offsets, keep.float(), torch.from_numpy(np.concatenate(near)), torch.from_numpy(np.concatenate(around)), torch.from_numpy(np.concatenate(labels))

class Net(nn.Module):
    def __init__(self):
        super().__init__()
        self.words = nn.EmbeddingBag(FEATURES, WIDTH, mode='sum'); nn.init.normal_(self.words.weight, 0, 0.1)
        self.bias = nn.Parameter(torch.zeros(WIDTH))
        self.first, self.second = nn.Linear((NEAR + AROUND) * WIDTH, FIRST), nn.Linear((len(SECOND_NEAR) + AROUND) * FIRST, SECOND)
        self.last = nn.Linear(SECOND, CLASSES)
    def around(self, each, near, around, lost):
        each = torch.cat([each, torch.zeros(1, each.shape[1])])
        there = (around != len(each) - 1).float()
        mean = (F.embedding(around, each) * there[..., None]).sum(2) / there.sum(2).clamp(min=1)[..., None]
        seen = torch.cat([F.embedding(near, each), mean], 1)
        if lost: seen = seen * (torch.rand(seen.shape[0], seen.shape[1], 1) >= lost)
        return F.dropout(seen.flatten(1), 0.05, self.training)
    def forward(self, ids, offsets, keep, near, around, lost=0.0):
        each = F.relu(self.words(ids, offsets, per_sample_weights=keep) + self.bias)
        look = F.relu(self.first(self.around(each, near, around, lost)))
        again = F.relu(self.second(self.around(look, near[:, SECOND_NEAR], around, lost)))
        return self.last(F.dropout(again, 0.1, self.training))
    # In the order the product reads them (src/core/finding/tagger.cpp).
    def parts(self): return [(self.words, 'weight', False), (self, 'bias', False)] + [(l, n, n == 'weight') for l in (self.first, self.second, self.last) for n in ('weight', 'bias')]
    def save(self, path):
        with open(path, 'wb') as out:
            out.write(struct.pack('<3i', WIDTH, FIRST, SECOND))
            for owner, name, turned in self.parts():
                w = getattr(owner, name).detach()
                out.write((w.T if turned else w).contiguous().numpy().astype('<f2').tobytes())
    def load(self, path):
        numbers, at = np.fromfile(path, dtype='<f2', offset=12).astype('f4'), 0
        for owner, name, turned in self.parts():
            w = getattr(owner, name); shape = w.shape[::-1] if turned else w.shape
            part = torch.from_numpy(numbers[at:at + w.numel()].reshape(shape)); at += w.numel()
            w.data = (part.T if turned else part).contiguous()

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
net = Net()
if len(sys.argv) > 5: net.load(sys.argv[5])
epochs, step, start = int(sys.argv[4]), 0, time.time()
per = (len(teach) + 15) // 16
optimiser = torch.optim.AdamW(net.parameters(), 2e-3, weight_decay=0.01)
schedule = torch.optim.lr_scheduler.OneCycleLR(optimiser, 3e-3 if len(sys.argv) < 6 else 1.5e-3, total_steps=epochs * per, pct_start=0.1)
for epoch in range(epochs):
    net.train(); random.shuffle(teach)
    for at in range(0, len(teach), 16):
        *given, wanted = batch(teach[at:at + 16], 0.15)
        loss = F.cross_entropy(net(*given, lost=0.08), wanted, label_smoothing=0.02)
        optimiser.zero_grad(); loss.backward(); nn.utils.clip_grad_norm_(net.parameters(), 1.0); optimiser.step(); schedule.step()
    scores, labels = judge(net, choose)
    held = F.cross_entropy(scores, labels).item()
    print(f'{epoch + 1}: {loss.item():.3f}, kept apart {held:.4f}, {time.time() - start:.0f} s', flush=True)
    net.save(sys.argv[3])
report(scores, labels)
