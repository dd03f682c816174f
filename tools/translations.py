#!/usr/bin/env python3
"""What a user reads is marked for translation, and English has its plural forms.

    tools/translations.py           says what is missing, and ends with 1 if anything is
    tools/translations.py --update  brings data/translations/eyelid_en.ts up to date first; new plural forms are then to be
                                    filled in by hand
"""
import re
import shutil
import subprocess
import sys
import tempfile
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
ENGLISH = ROOT / "data/translations/eyelid_en.ts"
LUPDATE = "/usr/lib/qt6/bin/lupdate"
# Not for users: a data file's own headings, names of policies that stand in files, HTML, names of codes.
OTHER_TEXT = {"core/finding/person_words.cpp", "core/language/look_alikes.cpp", "core/reading/page_text.cpp",
              "core/reading/codes.cpp"}
POLICY_NAMES = {"contact details", "public disclosure"}
LITERAL = re.compile(r'QStringLiteral\(\s*((?:"(?:[^"\\]|\\.)*"\s*)+)\)')
STYLE_SHEET = re.compile(r"[{};]")
REGULAR = re.compile(r"\\\\[bdsw]|\[\^|\(\?")


def collect(ts: Path) -> None:
    subprocess.run([LUPDATE, "-silent", "-locations", "none", "-no-obsolete", "-pluralonly", "-source-language", "en_GB",
                    "-target-language", "en_GB", str(ROOT / "src"), "-ts", str(ts)],
                   check=True, stderr=subprocess.DEVNULL)


def unmarked() -> list[str]:
    told = []
    for path in sorted((ROOT / "src").rglob("*.[ch]*")):
        name = str(path.relative_to(ROOT / "src"))
        if name in OTHER_TEXT or not name.endswith((".cpp", ".h")):
            continue
        text = path.read_text()
        for match in LITERAL.finditer(text):
            literal = "".join(re.findall(r'"((?:[^"\\]|\\.)*)"', match.group(1)))
            words = re.search(r"[A-Za-z][a-z]+,? [a-z]{2,}", literal)
            if words and literal not in POLICY_NAMES and not STYLE_SHEET.search(literal) and not REGULAR.search(literal):
                line = text.count("\n", 0, match.start()) + 1
                told.append(f'src/{name}:{line}: "{literal}" is not marked for translation; use Tr::tr()')
    return told


def plurals() -> list[str]:
    with tempfile.TemporaryDirectory() as folder:
        fresh = Path(folder) / ENGLISH.name
        shutil.copy(ENGLISH, fresh)
        collect(fresh)
        if "unfinished" in fresh.read_text() or fresh.read_text() != ENGLISH.read_text():
            return [f"{ENGLISH.relative_to(ROOT)} lacks plural forms; run tools/translations.py --update and fill them in"]
    return []


def main() -> int:
    if "--update" in sys.argv[1:]:
        collect(ENGLISH)
    told = unmarked() + plurals()
    print("\n".join(told) if told else "every sentence is marked for translation")
    return 1 if told else 0


if __name__ == "__main__":
    sys.exit(main())
