#!/usr/bin/env bash
# Runs a program with a CUPS of its own, whose one printer writes what it is given to a file: cups.sh PROGRAM
# The program finds the printer as "paper", and what was printed in the file named by EYELID_PRINTED.
set -euo pipefail
folder=$(mktemp -d)
stop() {
  [ -z "${daemon:-}" ] || { kill "$daemon" 2> /dev/null && wait "$daemon" 2> /dev/null || true; }
  rm -rf "$folder"
}
trap stop EXIT
mkdir -p "$folder"/{root,cache,state,spool,temp,data,programs/backend}
account=$(id -un) group=$(id -gn)
if [ "$(id -u)" = 0 ]; then account=lp group=lp; fi
cat > "$folder/cups-files.conf" <<CONF
ServerRoot $folder/root
ServerBin $folder/programs
CacheDir $folder/cache
StateDir $folder/state
RequestRoot $folder/spool
TempDir $folder/temp
AccessLog $folder/access
ErrorLog $folder/errors
PageLog $folder/pages
User $account
Group $group
SystemGroup root $(id -gn)
CONF
# The printer: what comes is put down as it comes, and seen whole or not at all.
cat > "$folder/programs/backend/keep" <<BACKEND
#!/bin/sh
[ \$# -gt 0 ] || { echo 'direct keep "Unknown" "A file"'; exit 0; }
cat "\${6:--}" > "$folder/data/coming" && mv "$folder/data/coming" "$folder/data/printed"
BACKEND
chmod 755 "$folder/programs/backend/keep"
ln -s /usr/lib/cups/daemon "$folder/programs/daemon" # what CUPS starts others by
cat > "$folder/cupsd.conf" <<CONF
Listen $folder/state/sock
DefaultAuthType None
WebInterface No
Browsing No
<Location />
  Order allow,deny
  Allow all
</Location>
<Policy default>
  <Limit All>
    Order deny,allow
    Allow all
  </Limit>
</Policy>
CONF
[ "$(id -u)" != 0 ] || { chmod 755 "$folder"; chown -R lp:lp "$folder"/{root,cache,state,spool,temp,data}; }
/usr/sbin/cupsd -f -c "$folder/cupsd.conf" -s "$folder/cups-files.conf" > "$folder/said" 2>&1 &
daemon=$!
export CUPS_SERVER=$folder/state/sock EYELID_PRINTED=$folder/data/printed
for _ in $(seq 200); do [ ! -S "$CUPS_SERVER" ] || break; sleep 0.05; done
lpadmin -p paper -v keep:/ -E -m raw 2> /dev/null
lpadmin -d paper
"$@"
