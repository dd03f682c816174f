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

options = {' '.join(words): options_of(text) for words, text in all_commands}
subcommands = {' '.join(words): commands_of(text) for words, text in all_commands}

# What an option takes, told by the program itself, one a line.
values = {'--policy': "eyelid-cli policies 2> /dev/null | sed 's/: .*//; s/ /-/g'",
          '--kind': "eyelid-cli kinds 2> /dev/null | sed 's/: .*//'",
          '--way': r"eyelid-cli ways 2> /dev/null | sed -n 's/^way \(.*\): .*, .*/\1/p'",
          '--drop': r"eyelid-cli ways 2> /dev/null | sed -n 's/^place \(.*\): .*/\1/p'"}

# In bash and zsh alike: which command the words before make up.
which_command = '\n'.join(f'      "{" " + c if " " not in c else c}") command="{c}" ;;' for c in options if c)


def bash():
    of_option = '\n'.join(f"    {option}) mapfile -t COMPREPLY < <({source} | grep -- \"^$current\" | sed 's/ /\\\\ /g'); return ;;"
                          for option, source in values.items())
    of_command = '\n'.join(f'    "{c}") words="{" ".join(subcommands[c] + options[c])}" ;;' for c in options)
    return f'''# Completion of eyelid-cli, made from its --help.
_eyelid_cli() {{
  local current=${{COMP_WORDS[COMP_CWORD]}} before=${{COMP_WORDS[COMP_CWORD-1]}} command="" words="" word
  COMPREPLY=()
  case $before in
{of_option}
  esac
  for word in "${{COMP_WORDS[@]:1:COMP_CWORD-1}}"; do
    case "$command $word" in
{which_command}
    esac
  done
  case $command in
{of_command}
  esac
  mapfile -t COMPREPLY < <(compgen -W "$words" -- "$current")
}}
complete -o default -F _eyelid_cli eyelid-cli
'''


def zsh():
    of_option = '\n'.join(f'    {option}) compadd -- ${{(f)"$({source})"}}; return ;;' for option, source in values.items())
    of_command = '\n'.join(f'    "{c}") subcommands=({" ".join(subcommands[c])}) options=({" ".join(options[c])}) ;;' for c in options)
    return f'''#compdef eyelid-cli
# Completion of eyelid-cli, made from its --help.
_eyelid_cli() {{
  local command="" word subcommands options
  case $words[CURRENT-1] in
{of_option}
  esac
  for word in $words[2,CURRENT-1]; do
    case "$command $word" in
{which_command}
    esac
  done
  case $command in
{of_command}
  esac
  if [[ $words[CURRENT] == -* ]]; then
    compadd -- $options
  elif (( $#subcommands )); then
    compadd -- $subcommands
  else
    _files
  fi
}}
_eyelid_cli "$@"
'''


def fish():
    which = '\n'.join(f'            case "{" " + c if " " not in c else c}"\n                set command "{c}"' for c in options if c)
    lines = [f'''# Completion of eyelid-cli, made from its --help.
function __eyelid_cli_command
    set -l command ""
    for word in (commandline -opc)[2..]
        switch "$command $word"
{which}
        end
    end
    echo $command
end''']
    for command in options:
        there = f"-n 'test \"$(__eyelid_cli_command)\" = \"{command}\"'"
        if subcommands[command]:
            lines.append(f"complete -c eyelid-cli -f {there} -a '{' '.join(subcommands[command])}'")
        for option in options[command]:
            takes = f' -x -a "({values[option]})"' if option in values else ''
            lines.append(f'complete -c eyelid-cli {there} -l {option[2:]}{takes}')
    return '\n'.join(lines) + '\n'


for name, text in (('eyelid-cli.bash', bash()), ('_eyelid-cli', zsh()), ('eyelid-cli.fish', fish())):
    with open(os.path.join(out, name), 'w') as file:
        file.write(text)
