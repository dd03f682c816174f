#!/usr/bin/env bash
# A case is locked by the desktop's key ring where there is one, and not opened without: key_ring_test.sh EYELID_CLI
set -euo pipefail
cli=$1 folder=$(mktemp -d)
trap 'rm -rf "$folder"' EXIT
export HOME=$folder XDG_DATA_HOME=$folder/data XDG_CONFIG_HOME=$folder/config XDG_CACHE_HOME=$folder/cache XDG_RUNTIME_DIR=$folder/run
export QT_QPA_PLATFORM=offscreen GSETTINGS_BACKEND=memory
mkdir -m 700 "$XDG_RUNTIME_DIR"
fail() { echo "$1"; exit 1; }
with_ring() {
  dbus-run-session -- bash -c 'printf made-up | gnome-keyring-daemon --unlock --components=secrets > /dev/null 2>&1; exec "$@"' _ "$@"
}
with_ring "$cli" case new "$folder/a.eyelid" > /dev/null || fail "no case was made"
[ ! -e "$XDG_DATA_HOME/eyelid/case-key" ] || fail "a key file was made although there is a key ring"
with_ring "$cli" case verify "$folder/a.eyelid" > /dev/null || fail "the key ring's key does not open the case"
unset DBUS_SESSION_BUS_ADDRESS
if "$cli" case verify "$folder/a.eyelid" > /dev/null 2>&1; then fail "the case opens without the key ring"; fi
# Without a ring, a key file it is.
"$cli" case new "$folder/b.eyelid" > /dev/null || fail "no case was made without a key ring"
[ "$(stat -c %a "$XDG_DATA_HOME/eyelid/case-key")" = 600 ] || fail "the key file is not its owner's alone"
