# Sourced by ./backup, ./restore and ./start: the database as one file, read back after it is written.

# The tools of the newest server that is installed.
pg_tools() {
  local candidate
  if [ -n "${PG_BIN:-}" ]; then printf %s "$PG_BIN"; return; fi
  for candidate in $(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -t/ -k5 -Vr); do
    if [ -x "$candidate/pg_dump" ]; then printf %s "$candidate"; return; fi
  done
  fail 'The tools of PostgreSQL are not installed: apt-get install -y postgresql'
}

# Starts the private database for as long as this runs, if it does not run.
with_database() {
  BIN="$(pg_tools)"
  if [ -n "${DATABASE_URL:-}" ]; then OWNER_URL="${DATABASE_OWNER_URL:-$DATABASE_URL}"; return; fi
  bash "$ROOT/scripts/pg.sh" start
  if [ "$(cat "$DATA/pg.started")" = started ]; then trap 'bash "$ROOT/scripts/pg.sh" stop || true' EXIT; fi
  DATABASE_URL="$(bash "$ROOT/scripts/pg.sh" url)"
  OWNER_URL="$(bash "$ROOT/scripts/pg.sh" owner-url)"
  export DATABASE_URL DATABASE_OWNER_URL="$OWNER_URL"
}

ask_database() { "$BIN/psql" -XAtq -v ON_ERROR_STOP=1 -d "${2:-$OWNER_URL}" -c "$1"; }
has_data() { [ "$(ask_database "select to_regclass('public.jobs') is not null")" = t ]; }

# Reads a backup to its end: a file that was cut off or damaged is none.
check_backup() {
  local list
  list="$("$BIN/pg_restore" -l "$1" 2>/dev/null)" && [[ "$list" == *'TABLE DATA public jobs '* ]] && "$BIN/pg_restore" -f /dev/null "$1" 2>/dev/null
}

# Written beside its place and moved there only when it was read back: what lies there is whole.
write_backup() {
  local file="$1" part="$1.part"
  mkdir -p "$(dirname "$file")"
  "$BIN/pg_dump" -Fc --no-owner --no-privileges -d "$OWNER_URL" -f "$part" 2>"$DATA/backup.log" ||
    { rm -f "$part"; tail -n 3 "$DATA/backup.log" >&2; fail 'The backup could not be written. What is stored was not touched.'; }
  check_backup "$part" || { rm -f "$part"; fail 'The backup could not be read back: it was not kept.'; }
  mv "$part" "$file"
}

# Into a database of its own, brought up to date there, and put in place by its name: it is all there, or nothing changed.
restore_backup() {
  local file="$1" name fresh url aside
  name="$(ask_database 'select current_database()')"
  fresh="${name}_restored_$$"; aside="${name}_before_$(date -u +%Y%m%d%H%M%S)"
  url="$(printf %s "$OWNER_URL" | sed -E "s#/[^/?]+(\?|\$)#/$fresh\1#")"
  ask_database "create database \"$fresh\""
  if ! "$BIN/pg_restore" --exit-on-error --no-owner --no-privileges -d "$url" "$file" 2>"$DATA/restore.log" ||
    ! DATABASE_OWNER_URL="$url" node "$ROOT/web/src/server/db/migrate.mjs"; then
    ask_database "drop database if exists \"$fresh\""
    tail -n 3 "$DATA/restore.log" >&2
    fail 'It could not be restored. What was stored is as it was.'
  fi
  # What runs keeps its parts by how often they were changed: it must not take these for those.
  ask_database 'update catalogue_changes set count = count + 1 + (random() * 1e9)::bigint' "$url"
  local other; other="$(printf %s "$OWNER_URL" | sed -E "s#/[^/?]+(\?|\$)#/postgres\1#")"
  ask_database "select pg_terminate_backend(pid) from pg_stat_activity where datname in ('$name', '$fresh') and pid <> pg_backend_pid()" "$other" >/dev/null
  ask_database "alter database \"$name\" rename to \"$aside\"" "$other"
  ask_database "alter database \"$fresh\" rename to \"$name\"" "$other" ||
    { ask_database "alter database \"$aside\" rename to \"$name\"" "$other"; fail 'It could not be put in place. What was stored is as it was.'; }
  ask_database "drop database \"$aside\"" "$other"
}

# A backup a day and one a week, and no more than seven and four of them.
daily_backup() {
  local folder="$DATA/backups" day week
  day="$folder/daily-$(date -u +%Y%m%d).dump"; week="$folder/weekly-$(date -u +%G%V).dump"
  if [ -f "$day" ]; then return; fi
  write_backup "$day"
  if [ ! -f "$week" ]; then cp "$day" "$week.part" && mv "$week.part" "$week"; fi
  ls -1 "$folder"/daily-*.dump 2>/dev/null | sort -r | tail -n +8 | xargs -r rm -f
  ls -1 "$folder"/weekly-*.dump 2>/dev/null | sort -r | tail -n +5 | xargs -r rm -f
}
