#!/usr/bin/python3
"""Sizes of the house: tools/sizes.py [SRC]. Fails where a function or a file of src/ has grown past what can be read in
one go, and prints the ten longest functions. A function does one thing, and most fit a screen (docs/architecture.md)."""
import os, re, sys

most_function, most_file, most_app_file = 80, 600, 450  # lines
root = sys.argv[1] if len(sys.argv) > 1 else os.path.join(os.path.dirname(os.path.dirname(os.path.abspath(__file__))), 'src')
no_function = re.compile(r'^\s*(?:template\s*<[^>]*>\s*)?(?:namespace|class|struct|enum|union|extern)\b|\bnamespace(?:\s+\w+)?\s*$')
statement = re.compile(r'\b(?:if|for|while|switch|catch|else|do|try|return)\b[^{]*$')

def blanked(text):
    """The same text with comments and literals blanked out, line by line."""
    pattern = re.compile(r'//[^\n]*|/\*.*?\*/|R"(\w*)\(.*?\)\1"|"(?:\\.|[^"\\\n])*"|(?<![0-9a-fA-F])\'(?:\\.|[^\'\\\n])+\'', re.S)
    return pattern.sub(lambda m: re.sub(r'[^\n]', ' ', m[0]), text)

def functions(text):
    """(first line, lines, heading) of each function that stands in a namespace or a class."""
    found, stack, start, line, begun = [], [], 0, 1, 1
    for at, c in enumerate(text):
        if c == '\n':
            line += 1
        elif c in '{};':
            head = text[start:at]
            if c == '{':
                outer = all(kind != 'body' for kind, *_ in stack)
                if outer and no_function.search(head): kind = 'scope'
                elif outer and '(' in head and not statement.search(head) and not re.search(r'=\s*$', head): kind = 'body'
                else: kind = 'inner' if outer else 'nested'
                first = line - head.lstrip().count('\n')
                stack.append((kind if kind != 'nested' else 'nested', first, ' '.join(head.split())))
            elif c == '}' and stack:
                kind, first, heading = stack.pop()
                if kind == 'body': found.append((first, line - first + 1, heading))
            start = at + 1
    return found

wrong, all_functions = [], []
for folder, _, names in os.walk(root):
    for name in names:
        if not name.endswith(('.cpp', '.h')): continue
        path = os.path.join(folder, name)
        text = open(path).read()
        lines = text.count('\n')
        shown = os.path.relpath(path, os.path.dirname(root))
        most = most_app_file if shown.startswith('src/app/') else most_file
        if lines > most: wrong.append(f'{shown} has {lines} lines; at most {most}')
        for first, length, heading in functions(blanked(text)):
            all_functions.append((length, shown, first, heading))
            if length > most_function: wrong.append(f'{shown}:{first}: {heading[:80]} has {length} lines; at most {most_function}')
all_functions.sort(reverse=True)
print('the ten longest functions:')
for length, path, first, heading in all_functions[:int(os.environ.get('LONGEST', 10))]: print(f'{length:5} {path}:{first} {heading[:90]}')
if wrong:
    print('\n'.join(wrong), file=sys.stderr)
    sys.exit(1)
