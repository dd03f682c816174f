#!/usr/bin/env python3
"""Prints the words of the lexicon, one a line: words.py NODE_MODULES. In small letters without accents, as they are looked up."""
import json
import re
import sys
import unicodedata


def plain(word):
    bare = "".join(c for c in unicodedata.normalize("NFD", word.lower()) if not unicodedata.combining(c))
    return bare.replace("œ", "oe").replace("æ", "ae")


words = set()
for language in ("english", "french", "spanish"):
    with open(f"{sys.argv[1]}/an-array-of-{language}-words/index.json", encoding="utf-8") as file:
        words |= {plain(word) for word in json.load(file)}
print("\n".join(sorted(word for word in words if re.fullmatch("[a-z]{4,16}", word))))
