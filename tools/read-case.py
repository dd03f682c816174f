#!/usr/bin/python3
"""Reads a case file as docs/case-format.md tells: read-case.py CASE.eyelid [--key-file FILE | --passphrase-file FILE]

Prints the case as JSON: its head, its captures, what was read on them, its changes, and the SHA-256 of every picture's pixels.
A second reader of the format, so that the document can be believed. Needs python3-nacl and python3-zstandard."""
import argparse, hashlib, json, sqlite3, struct, sys
import nacl.bindings as sodium
import nacl.exceptions, nacl.pwhash
import zstandard

ROOT, HEAD, CAPTURES, READINGS, DONE, UNDONE, PICTURES = range(7)
LOCKS = -1


def number(value):
    return struct.pack('>q' if value < 0 else '>Q', value)


def blake2b(message, key=b'', size=32):
    return hashlib.blake2b(message, key=key, digest_size=size).digest()


def unwrapped(lock, case_id, with_key):
    bound = b'eyelid-lock-1' + case_id + bytes([lock['how']])
    try:
        return sodium.crypto_aead_xchacha20poly1305_ietf_decrypt(lock['box'], bound, lock['nonce'], with_key)
    except nacl.exceptions.CryptoError:
        return None


def case_key(locks, case_id, key_file, passphrase):
    for lock in locks:
        key = None
        if lock['how'] == 1 and passphrase:
            key = unwrapped(lock, case_id, nacl.pwhash.argon2id.kdf(32, passphrase, lock['salt'], lock['rounds'], lock['memory']))
        if lock['how'] == 2 and key_file:
            key = unwrapped(lock, case_id, key_file)
        if key:
            return key
    sys.exit('Nothing that was given opens this case.')


class Rows:
    def __init__(self, path, key_file, passphrase):
        self.db = sqlite3.connect(f'file:{path}?mode=ro', uri=True)
        if self.value('PRAGMA application_id') != 0x4579656C:
            sys.exit(f'{path} is no case.')
        if self.value('PRAGMA user_version') not in (1, 2, 3, 4, 5):
            sys.exit(f'{path} is of another version of the format.')
        self.case_id = self.value('SELECT case_id FROM head')
        names = ['how', 'salt', 'rounds', 'memory', 'nonce', 'box']
        self.locks = [dict(zip(names, row)) for row in self.db.execute(f'SELECT {", ".join(names)} FROM locks ORDER BY place')]
        key = case_key(self.locks, self.case_id, key_file, passphrase)
        self.sealing, self.hashing, self.naming = (blake2b(purpose, key) for purpose in (b'eyelid rows', b'eyelid root', b'eyelid pictures'))
        self.check()

    def value(self, query):
        return self.db.execute(query).fetchone()[0]

    def bound(self, kind, row, written):
        return b'eyelid-row-1' + self.case_id + number(kind) + number(row) + number(written)

    def get(self, kind, row):
        written, nonce, tag, box = self.db.execute('SELECT written, nonce, tag, box FROM sealed WHERE kind = ? AND id = ?', (kind, row)).fetchone()
        return sodium.crypto_aead_xchacha20poly1305_ietf_decrypt(box + tag, self.bound(kind, row, written), nonce, self.sealing)

    def unpacked(self, kind, row):
        return zstandard.ZstdDecompressor().decompress(self.get(kind, row))

    def ids(self, kind):
        return [row for (row,) in self.db.execute('SELECT id FROM sealed WHERE kind = ? ORDER BY id', (kind,))]

    def check(self):
        """Whether the root knows exactly these rows."""
        root, total, count = self.get(ROOT, 0), 0, 0
        for kind, row, written, tag in self.db.execute('SELECT kind, id, written, tag FROM sealed WHERE kind <> 0'):
            total += int.from_bytes(blake2b(self.bound(kind, row, written) + tag, self.hashing), 'big')
            count += 1
        for place, lock in enumerate(self.locks):
            told = number(lock['how']) + number(lock['rounds']) + number(lock['memory']) + lock['salt'] + lock['nonce'] + lock['box']
            total += int.from_bytes(blake2b(self.bound(LOCKS, place, 0) + told, self.hashing), 'big')
        if total % 2 ** 256 != int.from_bytes(root[16:48], 'big') or count != int.from_bytes(root[8:16], 'big'):
            sys.exit('This file is damaged or was altered.')

    def picture_row(self, name):
        return int.from_bytes(blake2b(name.encode(), self.naming, 16)[:8], 'big') >> 1


def picture(rows, name):
    raw = rows.unpacked(PICTURES, rows.picture_row(name))
    width, height = struct.unpack('>II', raw[:8])
    pixels = bytearray(4 * width * height)
    pixels[0::4], pixels[1::4], pixels[2::4], pixels[3::4] = raw[10::3], raw[9::3], raw[8::3], b'\xff' * (width * height)
    if blake2b(struct.pack('<ii', width, height) + bytes(pixels)).hex() != name:
        sys.exit('A picture is not the one it is named as.')
    return {'width': width, 'height': height, 'sha256': hashlib.sha256(raw[8:]).hexdigest()}


def main():
    arguments = argparse.ArgumentParser(description='Reads a case file of Eyelid.')
    arguments.add_argument('case')
    arguments.add_argument('--key-file')
    arguments.add_argument('--passphrase-file')
    given = arguments.parse_args()
    key = bytes.fromhex(open(given.key_file).read().strip()) if given.key_file else None
    words = open(given.passphrase_file, 'rb').readline().strip() if given.passphrase_file else None
    rows = Rows(given.case, key, words)
    head = json.loads(rows.unpacked(HEAD, 0))
    captures = [json.loads(rows.unpacked(CAPTURES, row)) for row in head['captures']]
    print(json.dumps({
        'head': head,
        'captures': captures,
        'readings': [json.loads(rows.unpacked(READINGS, row)) for row in head['captures']],
        'done': [json.loads(rows.unpacked(DONE, row)) for row in range(head['done'])],
        'undone': [json.loads(rows.unpacked(UNDONE, row)) for row in range(head['undone'])],
        'pictures': {capture['picture']: picture(rows, capture['picture']) for capture in captures},
    }))


if __name__ == '__main__':
    main()
