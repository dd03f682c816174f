#!/usr/bin/env python3
"""What a user reads is marked for translation; English has its plural forms, German, French and Spanish all of it.

    tools/translations.py           says what is missing, and ends with 1 if anything is
    tools/translations.py --update  brings data/translations/*.ts up to date first; what is new is then to be filled in by hand
"""
import re
import shutil
import subprocess
import sys
import tempfile
from pathlib import Path
from xml.etree import ElementTree

ROOT = Path(__file__).resolve().parent.parent
ENGLISH = ROOT / "data/translations/eyelid_en.ts"
WHOLE = {"de": "de_DE", "fr": "fr_FR", "es": "es_ES"}
LUPDATE = "/usr/lib/qt6/bin/lupdate"
# Not for users: a data file's own headings, names of policies that stand in files, HTML, names of codes.
OTHER_TEXT = {"core/finding/person_words.cpp", "core/language/look_alikes.cpp", "core/reading/page_text.cpp",
              "core/reading/codes.cpp"}
POLICY_NAMES = {"contact details", "public disclosure"}
# A word alone counts where it is certainly shown.
SHOWN = re.compile(r'(?:new Q(?:Label|CheckBox|PushButton|RadioButton)|setText|setPlaceholderText|setToolTip|addItems?)\(\{?'
                   r'QStringLiteral\("(&?[A-Za-z]{2,}…?)"\)')
LITERAL = re.compile(r'QStringLiteral\(\s*((?:"(?:[^"\\]|\\.)*"\s*)+)\)')
STYLE_SHEET = re.compile(r"[{};]")
REGULAR = re.compile(r"\\\\[bdsw]|\[\^|\(\?")


def collect(ts: Path, language: str = "en_GB") -> None:
    plural = ["-pluralonly"] if language == "en_GB" else []
    subprocess.run([LUPDATE, "-silent", "-locations", "none", "-no-obsolete", *plural, "-source-language", "en_GB",
                    "-target-language", language, str(ROOT / "src"), "-ts", str(ts)],
                   check=True, stderr=subprocess.DEVNULL)


def translation(code: str) -> Path:
    return ENGLISH.with_name(f"eyelid_{code}.ts")


def unmarked() -> list[str]:
    told = []
    for path in sorted((ROOT / "src").rglob("*.[ch]*")):
        name = str(path.relative_to(ROOT / "src"))
        if name in OTHER_TEXT or not name.endswith((".cpp", ".h")):
            continue
        text = path.read_text()
        for match in SHOWN.finditer(text):
            line = text.count("\n", 0, match.start()) + 1
            told.append(f'src/{name}:{line}: "{match.group(1)}" is not marked for translation; use Tr::tr()')
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


def fillings(text: str) -> list[str]:
    """What stands for something in a sentence, or means something to the program."""
    return sorted(set(re.findall(r"%[1-9]|\{\w+\}|--[a-z][a-z-]+|\(\*[^)]*\)", text)))


def whole(code: str, language: str) -> list[str]:
    """A language in which something is missing, or in which a sentence has lost what is to be put into it."""
    ts, told = translation(code), []
    with tempfile.TemporaryDirectory() as folder:
        fresh = Path(folder) / ts.name
        shutil.copy(ts, fresh)
        collect(fresh, language)
        if fresh.read_text() != ts.read_text():
            return [f"{ts.relative_to(ROOT)} is not up to date; run tools/translations.py --update"]
    for message in ElementTree.parse(ts).getroot().iter("message"):
        source, made = message.findtext("source") or "", message.find("translation")
        forms = [form.text or "" for form in made.iter("numerusform")] or [made.text or ""]
        for form in forms:
            if made.get("type") == "unfinished" or not form:
                told.append(f'{ts.name} lacks "{source}"')
            elif fillings(form) != fillings(source):
                told.append(f'{ts.name}: "{form}" does not hold what "{source}" does')
            elif source[0].isspace() != form[0].isspace() or source[-1].isspace() != form[-1].isspace():
                told.append(f'{ts.name}: "{form}" has no blank where "{source}" has one')
            elif ("&" in source) != ("&" in form):
                told.append(f'{ts.name}: "{form}" has no key where "{source}" has one')
    return told


def main() -> int:
    if "--update" in sys.argv[1:]:
        collect(ENGLISH)
        for code, language in WHOLE.items():
            collect(translation(code), language)
    told = unmarked() + plurals() + [line for code, language in WHOLE.items() for line in whole(code, language)]
    print("\n".join(told) if told else "every sentence is marked for translation")
    return 1 if told else 0


if __name__ == "__main__":
    sys.exit(main())
