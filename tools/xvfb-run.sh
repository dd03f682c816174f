#!/usr/bin/env bash
# Runs a command under Xvfb with a window manager and a runtime folder of its own: tools/xvfb-run.sh COMMAND...
set -u
XDG_RUNTIME_DIR=$(mktemp -d)
export XDG_RUNTIME_DIR
trap 'rm -rf "$XDG_RUNTIME_DIR"' EXIT
xvfb-run -a -s "-screen 0 1600x1000x24 -nolisten tcp" bash -c '
  # Programs start when the window manager is ready for them.
  ready=$(mktemp -u)
  openbox --startup "touch $ready" >/dev/null 2>&1 &
  manager=$!
  for _ in $(seq 300); do [ -e "$ready" ] && break; sleep 0.1; done
  rm -f "$ready"
  "$@"
  status=$?
  kill $manager 2>/dev/null
  exit $status' _ "$@"
