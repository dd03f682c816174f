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
# With a place where the pictures are published, they are in it, each one there is.
cmake -DOUT="$tree/org.eyelid.Eyelid.metainfo.xml" -DPROJECT_VERSION=1.0 -DEYELID_LICENSE=Apache-2.0 \
  -DEYELID_PICTURES_AT=https://pictures.example/eyelid -P "$(dirname "$0")/../../packaging/metainfo.cmake"
said=$(appstreamcli validate --no-net --no-color "$tree/org.eyelid.Eyelid.metainfo.xml") || fail "$said"
case $said in *warning*) fail "$said" ;; esac
pictures=$(sed -n 's|.*<image[^>]*>https://pictures.example/eyelid/\(.*\)</image>|\1|p' "$tree/org.eyelid.Eyelid.metainfo.xml")
[ -n "$pictures" ] || fail "the metainfo has no pictures"
for picture in $pictures; do [ -f "$(dirname "$0")/../../docs/screenshots/$picture" ] || fail "$picture is no picture of ours"; done
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
# Completion knows commands, options, policies, kinds, ways and places, in each shell.
home=$(mktemp -d)
trap 'rm -rf "$tree" "$home"' EXIT
within() { env HOME="$home" XDG_CONFIG_HOME="$home" XDG_DATA_HOME="$home" PATH="$tree/usr/bin:$PATH" LC_ALL=C.UTF-8 "$@"; }
# Only unpacked, with nothing installed, it does its work as well.
within eyelid-cli redact "$(dirname "$0")/../data/picture-01.png" --out "$home/out" > /dev/null || fail "unpacked it does not work"
within eyelid-cli place "Supplier drop" sftp://drop.example/in --user desk --host-key "$(head -c 32 /dev/zero | base64)" > /dev/null
within eyelid-cli way "Weekly report" --drop "Supplier drop" > /dev/null
bash_completes() {
  within bash -c 'source "$1"; shift; COMP_WORDS=("$@"); COMP_CWORD=$(($# - 1)); _eyelid_cli; printf "%s\n" "${COMPREPLY[@]}"' \
    _ "$share/bash-completion/completions/eyelid-cli" "$@"
}
zsh_completes() {
  within zsh -f -c 'file=$1; shift; words=("$@") CURRENT=$#; set --
    compadd() { shift; print -l -- "$@"; }; _files() { print files; }; source "$file"' _ "$share/zsh/vendor-completions/_eyelid-cli" "$@"
}
fish_completes() {
  local line
  printf -v line '%q ' "${@:1:$#-1}"
  within fish --no-config -c 'source $argv[1]; complete -C $argv[2]' "$share/fish/vendor_completions.d/eyelid-cli.fish" "$line${!#}"
}
for shell in bash zsh fish; do
  completes() { # words, and what they are completed to
    local expected=$1 said
    shift
    said=$("$shell"_completes eyelid-cli "$@" | sed 's/\\ / /g')
    case $said in *"$expected"*) ;; *) fail "completion of $shell does not know $expected: $* $said" ;; esac
  }
  completes redact ""
  completes decide case ""
  completes --format redact --fo
  completes --kind case decide --k
  completes everything redact --policy ""
  completes contact-details find --policy ""
  completes email case decide --kind ""
  completes "Weekly report" redact --way ""
  completes "Supplier drop" way new --drop ""
done
# The same package again, byte for byte.
mkdir "$build/package/again"
said=$(cd "$build" && SOURCE_DATE_EPOCH=1795824000 cpack -B package/again 2>&1) || fail "$said"
cmp "$deb" "$build"/package/again/*.deb || fail "packing twice gives two packages"
grep -rqaF "$(realpath "$(dirname "$0")/../..")" "$tree" && fail "the package holds the path it was built in"
echo "$deb"
