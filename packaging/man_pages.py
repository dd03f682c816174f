#!/usr/bin/python3
"""Man pages and completions made of what the programs say of themselves: man_pages.py EYELID EYELID_CLI POLICIES_MD DIR

Writes DIR/eyelid.1, eyelid-cli.1 (every command with its options), eyelid-policy.5 (docs/policies.md), and completions for bash, zsh
and fish. What --help says is taken as it is, so that they agree."""
import os, re, subprocess, sys

window, cli, policies, out = sys.argv[1:5]
env = {**os.environ, 'QT_QPA_PLATFORM': 'offscreen', 'LC_ALL': 'C.UTF-8', 'COLUMNS': '100'}


def said(*words):
    # By its name alone: where it was built is nobody's business.
    return subprocess.run([os.path.basename(words[0]), *words[1:]], executable=os.path.abspath(words[0]), env=env, capture_output=True,
                          text=True, check=True).stdout


def roff(text):
    text = text.replace('\\', '\\e').replace('-', '\\-').replace("'", '\\(aq').replace('`', '\\(ga').replace('^', '\\(ha').replace('~', '\\(ti')
    return '\n'.join('\\&' + line if line.startswith('.') or line.startswith('\\(aq') else line for line in text.split('\n'))


def page(name, section, title, parts, version):
    lines = [f'.TH {name.upper()} {section} "" "Eyelid {version}" "{title}"']
    for heading, body in parts:
        lines.append(f'.SH {heading}')
        lines.append(body)
    with open(os.path.join(out, f'{name}.{section}'), 'w') as file:
        file.write('\n'.join(lines) + '\n')


def verbatim(text):
    # Narrower than a terminal, so that no line is broken.
    return '.nf\n' + '\n'.join(roff(line[:200]) for line in text.rstrip().split('\n')) + '\n.fi'


def commands_of(text):
    """The names of subcommands a help text lists."""
    names, listing = [], False
    for line in text.split('\n'):
        if line.startswith('Subcommands:'):
            listing = True
        elif listing and (found := re.match(r'  ([a-z][a-z-]*)\s', line + ' ')):
            names.append(found.group(1))
        elif listing and line and not line.startswith(' '):
            listing = False
    return names


def options_of(text):
    return sorted(set(re.findall(r'(?<![\w-])--[a-z][a-z-]*', '\n'.join(l for l in text.split('\n') if l.startswith('  ')))))


def tree(words=()):
    text = said(cli, *words, '--help')
    yield words, text
    for name in commands_of(text):
        yield from tree((*words, name))


version = said(cli, '--version').split()[1]
all_commands = list(tree())
summary = 'find and cover what is personal or confidential on pictures of screens'
parts = [('NAME', f'eyelid\\-cli \\- {summary}'), ('SYNOPSIS', '.B eyelid\\-cli\ncommand [options]')]
for words, text in all_commands:
    parts.append((('"' + ' '.join(words) + '"').upper() if words else 'COMMANDS', verbatim(text)))
parts.append(('"SEE ALSO"', '.BR eyelid (1),\n.BR eyelid\\-policy (5)'))
page('eyelid-cli', 1, 'User Commands', parts, version)
page('eyelid', 1, 'User Commands',
     [('NAME', f'eyelid \\- {summary}, in a window'), ('SYNOPSIS', '.B eyelid\n[options] [files]'),
      ('OPTIONS', verbatim(said(window, '--help'))),
      ('DESCRIPTION', 'The handbook is in the window (F1).'),
      ('"SEE ALSO"', '.BR eyelid\\-cli (1),\n.BR eyelid\\-policy (5)')], version)

page('eyelid-policy', 5, 'File Formats',
     [('NAME', 'eyelid\\-policy \\- what is looked for, and how it is covered'),
      ('DESCRIPTION', verbatim(open(policies).read().split('\n', 1)[1].replace('```toml', '').replace('```', '')))], version)

top = commands_of(all_commands[0][1])
by_command = {' '.join(w): options_of(t) for w, t in all_commands}
nested = {' '.join(w): commands_of(t) for w, t in all_commands}
cases = '\n'.join(f'    "{command}") words="{" ".join(nested[command] + options)}" ;;' for command, options in by_command.items())
bash = f'''# Completion of eyelid-cli, made from its --help.
_eyelid_cli() {{
  local current=${{COMP_WORDS[COMP_CWORD]}} before=${{COMP_WORDS[COMP_CWORD-1]}} command="" words="" word
  COMPREPLY=()
  case $before in
    --policy) mapfile -t COMPREPLY < <(eyelid-cli policies 2> /dev/null | sed 's/: .*//; s/ /-/g' | grep -- "^$current"); return ;;
    --kind) mapfile -t COMPREPLY < <(eyelid-cli kinds 2> /dev/null | sed 's/: .*//' | grep -- "^$current"); return ;;
    --way) mapfile -t COMPREPLY < <(eyelid-cli ways 2> /dev/null | sed -n 's/^way \\(.*\\): .*, .*/\\1/p' | grep -- "^$current"); return ;;
    --drop) mapfile -t COMPREPLY < <(eyelid-cli ways 2> /dev/null | sed -n 's/^place \\(.*\\): .*/\\1/p' | grep -- "^$current"); return ;;
  esac
  for word in "${{COMP_WORDS[@]:1:COMP_CWORD-1}}"; do
    case "$command $word" in
{chr(10).join(f'      "{(" " + c if " " not in c else c)}") command="{c}" ;;' for c in by_command if c)}
    esac
  done
  case $command in
{cases}
  esac
  mapfile -t COMPREPLY < <(compgen -W "$words" -- "$current")
}}
complete -o default -F _eyelid_cli eyelid-cli
'''
os.makedirs(out, exist_ok=True)
with open(os.path.join(out, 'eyelid-cli.bash'), 'w') as file:
    file.write(bash)
with open(os.path.join(out, '_eyelid-cli'), 'w') as file:
    file.write('#compdef eyelid-cli\n# As bash has it.\nautoload -U +X bashcompinit && bashcompinit\n' + bash + '\n_bash_complete -o default -F _eyelid_cli\n')
fish = ['# Completion of eyelid-cli, made from its --help.']
for name in top:
    fish.append(f"complete -c eyelid-cli -n __fish_use_subcommand -a {name}")
for command, options in by_command.items():
    first = command.split(' ')[0]
    for sub in nested[command]:
        if command:
            fish.append(f"complete -c eyelid-cli -n '__fish_seen_subcommand_from {first}' -a {sub}")
    for option in options:
        condition = f"-n '__fish_seen_subcommand_from {first}' " if command else ''
        source = {'--policy': "eyelid-cli policies | string replace -r ': .*' '' | string replace -a ' ' '-'",
                  '--kind': "eyelid-cli kinds | string replace -r ': .*' ''",
                  '--way': "eyelid-cli ways | string match -r '^way .*' | string replace -r '^way (.*): .*, .*' '$1'"}.get(option)
        fish.append(f"complete -c eyelid-cli {condition}-l {option[2:]}" + (f' -x -a "({source})"' if source else ''))
with open(os.path.join(out, 'eyelid-cli.fish'), 'w') as file:
    file.write('\n'.join(dict.fromkeys(fish)) + '\n')
