#!/usr/bin/env bash
# A second Eyelid of a session hands on to the first, also by D-Bus as a desktop does it: single_instance.sh EYELID PICTURE
set -euo pipefail
eyelid=$(realpath "$1") picture=$(realpath "$2")
folder=$(mktemp -d)
export HOME=$folder XDG_DATA_HOME=$folder/data XDG_CONFIG_HOME=$folder/config XDG_CACHE_HOME=$folder/cache GSETTINGS_BACKEND=memory
if [ -z "${INSIDE_A_BUS:-}" ]; then
  trap 'rm -rf "$folder"' EXIT
  INSIDE_A_BUS=1 dbus-run-session -- "$0" "$eyelid" "$picture"
  exit
fi
fail() { echo "$1"; kill "$first" 2> /dev/null || true; exit 1; }
called() { gdbus call --session --dest org.eyelid.Eyelid --object-path /org/eyelid/Eyelid --method "org.freedesktop.Application.$1" "${@:2}" > /dev/null 2>&1; }
"$eyelid" "$picture" > "$folder/first" 2>&1 &
first=$!
for _ in $(seq 300); do called Activate '{}' && break; kill -0 "$first" || fail "$(cat "$folder/first")"; sleep 0.1; done
called Activate '{}' || fail "the running one does not answer"
timeout 60 "$eyelid" "$picture" || fail "the second did not hand on and end"
timeout 60 "$eyelid" || fail "the second did not bring the first to the front"
called Open "['file://$picture']" '{}' || fail "nothing is opened by D-Bus"
kill -0 "$first" || fail "the first has gone"
# One that is to be apart does not.
timeout 5 "$eyelid" --another > /dev/null 2>&1 && fail "another window was not opened" || [ $? = 124 ] || fail "another window has gone"
kill "$first"
wait "$first" 2> /dev/null || true
echo "one a session"
