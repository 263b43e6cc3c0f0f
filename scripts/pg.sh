#!/usr/bin/env bash
# A private PostgreSQL cluster of this checkout: 127.0.0.1 only, scram passwords, no socket. As root it runs as the
# system's user 'postgres', otherwise as you. The data lie in .data/ (HERRERO_DATA for another place).
# The program runs as a role that reads and writes its tables and nothing else; the owner changes them.
#   scripts/pg.sh start|stop|status|url|owner-url|destroy
set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)"
DATA="${HERRERO_DATA:-$ROOT/.data}"
DB=herrero
OWNER=herrero
PROGRAM=herrero_program

fail() { echo "pg.sh: $*" >&2; exit 1; }
mkdir -p "$DATA"
umask 077

if [ "$(id -u)" -eq 0 ]; then
  id postgres >/dev/null 2>&1 || fail "no system user 'postgres'. Install the server: apt-get install -y postgresql"
  as_pg() { (cd / && setpriv --reuid=postgres --regid=postgres --init-groups --reset-env -- "$@"); }
else
  as_pg() { (cd / && "$@"); }
fi

BIN="${PG_BIN:-}"
if [ -z "$BIN" ]; then
  for candidate in $(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -t/ -k5 -V); do
    [ -x "$candidate/initdb" ] && BIN="$candidate"
  done
fi
[ -n "$BIN" ] && [ -x "$BIN/postgres" ] || fail "no PostgreSQL server found. Install it: apt-get install -y postgresql"

# The server's user must be able to reach the data; where a folder above is closed to it, they lie under /var/tmp.
PGDATA="$DATA/pg"
if [ -f "$DATA/pg.dir" ]; then
  PGDATA="$(cat "$DATA/pg.dir")"
else
  chmod a+x "$DATA"
  if ! as_pg test -x "$DATA"; then
    PGDATA="/var/tmp/$DB-pg-$(printf %s "$DATA" | sha256sum | cut -c1-12)"
  fi
  echo "$PGDATA" >"$DATA/pg.dir"
fi
if [ -d "$PGDATA" ] && [ -n "$(ls -A "$PGDATA" 2>/dev/null || echo closed)" ] && ! as_pg test -r "$PGDATA/PG_VERSION"; then
  fail "the data in $PGDATA cannot be read by the user that would run the server: started once as root and once not, or damaged. Nothing was changed."
fi

# A killed server that nobody has waited for still has a process id: it does not run.
running() {
  [ -f "$PGDATA/postmaster.pid" ] || return 1
  local pid; pid="$(sed -n 1p "$PGDATA/postmaster.pid")"
  if [ ! -d "/proc/$pid" ] || [ "$(sed -n 's/^State:[[:space:]]*\(.\).*/\1/p' "/proc/$pid/status" 2>/dev/null)" = Z ]; then
    rm -f "$PGDATA/postmaster.pid"; return 1
  fi
  as_pg "$BIN/pg_ctl" -D "$PGDATA" status >/dev/null 2>&1
}
free_port() {
  node -e 'const n=require("net");const t=p=>{const s=n.createServer();s.once("error",()=>t(p+1));s.listen(p,"127.0.0.1",()=>s.close(()=>process.stdout.write(String(p))))};t(+process.argv[1])' "${PG_PORT:-54329}"
}
random() { od -An -N24 -tx1 /dev/urandom | tr -d ' \n'; }

case "${1:-}" in
  start)
    if [ ! -f "$PGDATA/PG_VERSION" ]; then
      [ -s "$DATA/pg.password" ] || random >"$DATA/pg.password"
      if [ "$(id -u)" -eq 0 ]; then install -d -o postgres -g postgres -m 700 "$PGDATA"; else install -d -m 700 "$PGDATA"; fi
      # initdb reads the password file as the server's user.
      pw="$(mktemp)"; cp "$DATA/pg.password" "$pw"; [ "$(id -u)" -ne 0 ] || chown postgres "$pw"
      as_pg "$BIN/initdb" -D "$PGDATA" -U "$OWNER" --pwfile="$pw" --auth=scram-sha-256 \
        --encoding=UTF8 --locale=C.UTF-8 --no-instructions >"$DATA/initdb.log" 2>&1 ||
        { rm -f "$pw"; cat "$DATA/initdb.log" >&2; rm -rf "$PGDATA"; fail "the database cluster could not be made."; }
      rm -f "$pw"
      as_pg tee -a "$PGDATA/postgresql.conf" >/dev/null <<CONF
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
max_connections = 50
shared_buffers = 64MB
CONF
    fi
    if running; then
      port="$(sed -n 4p "$PGDATA/postmaster.pid")"
      echo reused >"$DATA/pg.started"
    else
      port="$(free_port)"
      as_pg "$BIN/pg_ctl" -D "$PGDATA" -l "$PGDATA/server.log" -w -t 60 -o "-p $port" start >/dev/null </dev/null ||
        { as_pg tail -n 20 "$PGDATA/server.log" >&2 || true; fail "the database did not start. Its data in $PGDATA were left as they are."; }
      echo started >"$DATA/pg.started"
    fi
    PGPASSWORD="$(cat "$DATA/pg.password")" || fail "the password of the database is gone from $DATA/pg.password."
    [ -s "$DATA/pg.program" ] || random >"$DATA/pg.program"
    at="127.0.0.1:$port/$DB"
    printf 'DATABASE_URL=postgres://%s:%s@%s\nDATABASE_OWNER_URL=postgres://%s:%s@%s\n' \
      "$PROGRAM" "$(cat "$DATA/pg.program")" "$at" "$OWNER" "$PGPASSWORD" "$at" >"$DATA/env"
    export PGPASSWORD
    q() { "$BIN/psql" -XAtq -h 127.0.0.1 -p "$port" -U "$OWNER" -d postgres -c "$1"; }
    [ "$(q "select 1 from pg_database where datname='$DB'")" = 1 ] || q "create database $DB"
    [ "$(q "select 1 from pg_roles where rolname='$PROGRAM'")" = 1 ] || q "create role $PROGRAM login"
    q "alter role $PROGRAM nosuperuser nocreatedb nocreaterole password '$(cat "$DATA/pg.program")'"
    q "revoke all on database $DB from public; grant connect on database $DB to $PROGRAM"
    ;;
  stop)
    if running; then as_pg "$BIN/pg_ctl" -D "$PGDATA" -m fast -w stop >/dev/null; fi
    ;;
  status) if running; then echo "running on $(sed -n 4p "$PGDATA/postmaster.pid")"; else echo stopped; exit 3; fi ;;
  url) sed -n 's/^DATABASE_URL=//p' "$DATA/env" ;;
  owner-url) sed -n 's/^DATABASE_OWNER_URL=//p' "$DATA/env" ;;
  destroy)
    if running; then as_pg "$BIN/pg_ctl" -D "$PGDATA" -m fast -w stop >/dev/null; fi
    rm -rf "$PGDATA" "$DATA/pg.dir" "$DATA/env" "$DATA/pg.password" "$DATA/pg.program" "$DATA/pg.started" "$DATA/initdb.log" ;;
  *) echo "usage: pg.sh start|stop|status|url|owner-url|destroy" >&2; exit 2 ;;
esac
