#!/usr/bin/env bash
# The package in a clean Debian made for it, with what it asks for and nothing else: install.sh PACKAGE.deb PICTURE. Both programs
# do their work there, and nothing is left when it is taken off again. Needs root and an X display; says so and leaves well alone
# where there is no root.
set -euo pipefail
deb=$(realpath "$1") picture=$(realpath "$2")
skip() { echo "skipped: $1"; exit 77; }
[ "$(id -u)" = 0 ] || skip "a clean root needs root"
root=$(mktemp -d) home=/srv/office # whoever works there
clean() { kill "${window:-0}" 2> /dev/null || true; umount "$root/proc" 2> /dev/null || true; rm -rf "$root"; }
trap clean EXIT
fail() { echo "$1"; exit 1; }
within() { chroot "$root" env -i PATH=/usr/bin:/usr/sbin:/bin:/sbin HOME=$home LANG=C.UTF-8 DISPLAY="${DISPLAY:-}" XAUTHORITY=$home/authority "$@"; }
files() { within find / -xdev \( -path /proc -o -path /sys -o -path /dev -o -path /tmp -o -path /var -o -path "$home" \) -prune -o -print | sort; }
sources=()
for file in /etc/apt/sources.list /etc/apt/sources.list.d/debian.sources; do [ ! -s "$file" ] || sources+=("$file"); done
mmdebstrap --quiet --variant=apt --aptopt='Acquire::Languages "none"' bookworm "$root" "${sources[@]}" > /dev/null || skip "no clean Debian can be had here"
mkdir "$root$home"
cp "$deb" "$root/tmp/eyelid.deb" && cp "$picture" "$root$home/picture.png"
[ -z "${XAUTHORITY:-}" ] || cp "$XAUTHORITY" "$root$home/authority"
mount -t proc proc "$root/proc" 2> /dev/null || mount --bind /proc "$root/proc"
# What it asks for is there first, so that what is left afterwards is its own.
depends=$(dpkg-deb -f "$deb" Depends | sed 's/([^)]*)//g; s/|[^,]*//g; s/,/ /g')
within apt-get -qq update
within env DEBIAN_FRONTEND=noninteractive apt-get -qq install -y --no-install-recommends $depends > /dev/null 2>&1
before=$(files)
within apt-get -qq install -y --no-install-recommends /tmp/eyelid.deb > /dev/null 2>&1 || fail "the package does not install"
within eyelid-cli --version | grep -q Qt || fail "eyelid-cli does not say what it was built with"
within eyelid-cli redact "$home/picture.png" --out "$home/out" > "$root$home/said" 2>&1 || { cat "$root$home/said"; fail "redact failed"; }
within eyelid-cli verify "$home/out" > /dev/null || fail "what was released is not intact"
within test -s "$home/out/picture-01.png" || fail "nothing was released"
# An office's policies are found where they belong.
mkdir -p "$root/etc/eyelid/policies"
printf 'name = "front office"\nlook_for = ["email"]\n' > "$root/etc/eyelid/policies/front-office.toml"
within eyelid-cli policies | grep -q "front office: of this office: /etc/eyelid/policies" || fail "the office's policy is not found"
within eyelid-cli find --policy front-office "$home/picture.png" > /dev/null || fail "the office's policy cannot be used"
rm -r "$root/etc/eyelid"
# An upgrade keeps cases, ways and all else the user has.
within eyelid-cli case new "$home/week.eyelid" > /dev/null || fail "a case cannot be made"
within eyelid-cli case add "$home/week.eyelid" "$home/picture.png" > /dev/null || [ $? = 1 ] || fail "a picture cannot be added" # 1: open
within eyelid-cli way "Weekly report" --mail-program > /dev/null || fail "a way cannot be kept"
users() { (cd "$root$home" && find . -type f ! -name said -print0 | sort -z | xargs -0 sha256sum); within eyelid-cli case show "$home/week.eyelid"; within eyelid-cli ways; }
mine=$(users)
dpkg-deb -R "$root/tmp/eyelid.deb" "$root/tmp/later" && sed -i 's/^Version: .*/&+later/' "$root/tmp/later/DEBIAN/control"
dpkg-deb --root-owner-group -b "$root/tmp/later" "$root/tmp/later.deb" > /dev/null && rm -r "$root/tmp/later"
within apt-get -qq install -y --no-install-recommends /tmp/later.deb > /dev/null 2>&1 || fail "the package cannot be upgraded"
within dpkg-query -W eyelid | grep -q later || fail "the upgrade changed nothing"
[ "$(users)" = "$mine" ] || fail "the upgrade changed what the user has"
if [ -n "${DISPLAY:-}" ]; then
  within eyelid --demo > "$root$home/window" 2>&1 &
  window=$!
  for _ in $(seq 300); do
    within eyelid-cli take --list 2> /dev/null | grep -q Eyelid && break
    kill -0 "$window" 2> /dev/null || fail "the window has gone: $(cat "$root$home/window")"
    sleep 0.1
  done
  within eyelid-cli take --list | grep -q Eyelid || fail "no window: $(cat "$root$home/window")"
  kill "$window"
fi
within dpkg -P eyelid > /dev/null || fail "the package does not come off"
left=$(comm -13 <(echo "$before") <(files))
[ -z "$left" ] || fail "left behind: $left"
echo "installed, worked and gone"
