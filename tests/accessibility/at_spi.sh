#!/usr/bin/env bash
# Runs at_spi.py on a session bus of its own, with the service that tells screen readers: at_spi.sh EYELID
set -u
here=$(cd "$(dirname "$0")" && pwd)
exec dbus-run-session -- bash -c '/usr/libexec/at-spi-bus-launcher --launch-immediately & launcher=$!
  /usr/bin/python3 "$1" "$2"; status=$?
  kill $launcher 2> /dev/null
  exit $status' _ "$here/at_spi.py" "$1" 2> >(grep -v "set fd limit\|Activating service\|Successfully activated\|SpiRegistry" >&2)
