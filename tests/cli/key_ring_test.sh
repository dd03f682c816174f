#!/usr/bin/env bash
# A case is locked by the desktop's key ring where there is one, and not opened without: key_ring_test.sh EYELID_CLI
set -euo pipefail
cli=$1 folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
export HOME=$folder XDG_DATA_HOME=$folder/data XDG_CONFIG_HOME=$folder/config XDG_CACHE_HOME=$folder/cache XDG_RUNTIME_DIR=$folder/run
export QT_QPA_PLATFORM=offscreen GSETTINGS_BACKEND=memory
unset DISPLAY WAYLAND_DISPLAY # where nobody can be asked to unlock a ring, it stays locked
mkdir -m 700 "$XDG_RUNTIME_DIR"
fail() { echo "$1"; exit 1; }
with_ring() {
  dbus-run-session -- bash -c 'printf made-up | gnome-keyring-daemon --unlock --components=secrets > /dev/null 2>&1; exec "$@"' _ "$@"
}
with_ring "$cli" case new "$folder/a.eyelid" > /dev/null || fail "no case was made"
[ ! -e "$XDG_DATA_HOME/eyelid/case-key" ] || fail "a key file was made although there is a key ring"
with_ring "$cli" case verify "$folder/a.eyelid" > /dev/null || fail "the key ring's key does not open the case"
# Locked while work goes on: it is told, nothing is lost, and what was asked for is done once it is unlocked.
printf 'made-up\n' > "$folder/password"
locked='gdbus call --session -d org.freedesktop.secrets -o /org/freedesktop/secrets -m org.freedesktop.Secret.Service.Lock "[\"/org/freedesktop/secrets/aliases/default\"]" > /dev/null'
with_ring bash -c '"$1" place Supplier sftp://drop.example/in --user desk --host-key "$(head -c 32 /dev/zero | base64)" --password-file "$2/password" > /dev/null || exit 10
  "$1" way Weekly --drop Supplier > /dev/null || exit 10
  '"$locked"'
  said=$("$1" case verify "$2/a.eyelid" 2>&1) && exit 11
  case $said in *"key ring is locked"*) ;; *) echo "$said"; exit 12 ;; esac
  said=$("$1" redact "$3" --out "$2/out" --way Weekly 2>&1) && exit 13
  case $said in *"key ring is locked"*) ;; *) echo "$said"; exit 14 ;; esac
  # A new case is kept at once; that another key locks it is told.
  said=$("$1" case new "$2/late.eyelid" 2>&1) || exit 16
  case $said in *"key ring is locked"*) ;; *) echo "$said"; exit 17 ;; esac
  "$1" verify "$2/out" > /dev/null || exit 15 # the folder has its release, the drop has nothing' _ "$cli" "$folder" "$(dirname "$0")/../data/note.png" ||
  fail "a locked key ring: $?"
rm "$XDG_DATA_HOME/eyelid/case-key"
with_ring "$cli" case verify "$folder/a.eyelid" > /dev/null || fail "unlocked again, the case does not open"
unset DBUS_SESSION_BUS_ADDRESS
if "$cli" case verify "$folder/a.eyelid" > /dev/null 2>&1; then fail "the case opens without the key ring"; fi
# Without a ring, a key file it is.
"$cli" case new "$folder/b.eyelid" > /dev/null || fail "no case was made without a key ring"
[ "$(stat -c %a "$XDG_DATA_HOME/eyelid/case-key")" = 600 ] || fail "the key file is not its owner's alone"
