#!/usr/bin/env bash
# The Debian package, looked at by Debian's own tools: package.sh BUILD_DIR. Leaves the package in BUILD_DIR/package.
set -euo pipefail
build=$(realpath "$1")
fail() { echo "$1"; exit 1; }
silent() { # a command that has nothing to say
  local said
  said=$("$@" 2>&1) || fail "$* failed: $said"
  [ -z "$said" ] || fail "$* says: $said"
}
rm -rf "$build/package" && mkdir "$build/package"
said=$(cd "$build" && SOURCE_DATE_EPOCH=1795824000 cpack -B package 2>&1) || fail "$said"
deb=$(ls "$build"/package/*.deb)
silent lintian --allow-root --fail-on error,warning --suppress-tags initial-upload-closes-no-bugs "$deb"
tree=$(mktemp -d)
trap 'rm -rf "$tree"' EXIT
dpkg-deb -x "$deb" "$tree"
share=$tree/usr/share
silent desktop-file-validate "$share/applications/org.eyelid.Eyelid.desktop"
said=$(appstreamcli validate --no-net --no-color "$share/metainfo/org.eyelid.Eyelid.metainfo.xml") || fail "$said"
case $said in *warning*) fail "$said" ;; esac
for page in "$share"/man/man?/*.gz; do silent sh -c "LC_ALL=C.UTF-8 MANROFFSEQ='' man --warnings -l '$page' > /dev/null"; done
silent env XDG_DATA_DIRS="$share" update-mime-database "$share/mime"
[ "$(grep -c eyelid-case "$share/mime/globs2")" = 1 ] || fail "the type of a case is not known"
bash -n "$share/bash-completion/completions/eyelid-cli"
# What --help says is what the man page says.
page=$(LC_ALL=C.UTF-8 MANWIDTH=200 man -l "$share/man/man1/eyelid-cli.1.gz" | sed 's/\x1b\[[0-9;]*m//g; s/.\x08//g')
for words in "redact" "case release" "way" "place" "verify"; do
  for option in $("$build/bin/eyelid-cli" $words --help | grep -oE '^ +--[a-z-]+' | tr -d ' '); do
    case $page in *"$option"*) ;; *) fail "the man page does not know $words $option" ;; esac
  done
done
# Completion knows commands, options, policies and kinds.
words=$(PATH="$build/bin:$PATH" bash -c 'source "$1"; COMP_WORDS=(eyelid-cli redact --policy ""); COMP_CWORD=3; _eyelid_cli; echo "${COMPREPLY[@]}"
  COMP_WORDS=(eyelid-cli case dec); COMP_CWORD=2; _eyelid_cli; echo "${COMPREPLY[@]}"
  COMP_WORDS=(eyelid-cli case decide --kind em); COMP_CWORD=4; _eyelid_cli; echo "${COMPREPLY[@]}"' _ "$share/bash-completion/completions/eyelid-cli")
for word in everything contact-details decide email; do
  case $words in *"$word"*) ;; *) fail "completion does not know $word: $words" ;; esac
done
# The same package again, byte for byte.
mkdir "$build/package/again"
said=$(cd "$build" && SOURCE_DATE_EPOCH=1795824000 cpack -B package/again 2>&1) || fail "$said"
cmp "$deb" "$build"/package/again/*.deb || fail "packing twice gives two packages"
grep -rqaF "$(realpath "$(dirname "$0")/../..")" "$tree" && fail "the package holds the path it was built in"
echo "$deb"
