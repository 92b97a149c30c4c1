# Sourced by the one script: what ./juxtherm test runs, and how it is counted.

passed=0 failed=0
fallen="" # the tests that failed and how, said once more beside the result
count() { # adds the figures of one runner's output
  passed=$((passed + ${1:-0})); failed=$((failed + ${2:-0}))
}

# What is begun runs beside the rest; its output and how it ended are fetched when it is asked for.
declare -A begun_pid begun_log
begin() { # a name, and what to run
  local name=$1; shift
  begun_log[$name]=$(mktemp)
  "$@" >"${begun_log[$name]}" 2>&1 &
  begun_pid[$name]=$!
}

check() { # a check that counts as one test, begun under this name or run now
  local what=$1 log status=0; shift
  if [ -z "${begun_pid[$what]:-}" ]; then begin "$what" "$@"; fi
  log=${begun_log[$what]}
  wait "${begun_pid[$what]}" || status=$?
  if [ "$status" -eq 0 ]; then echo "ok    $what"; count 1 0; else cat "$log"; echo "FAIL  $what"; count 0 1; fi
  rm -f "$log"
}

# A suite is given up only when none of its tests has ended for so long: a slow machine is no fault. What then is under way is named, and
# the rest still runs.
most_silent_seconds=${JUXTHERM_SILENT_SECONDS:-600}

# What takes long for what it tells, or draws much, is marked and runs only where everything is looked at.
everyday=(-trait- Run=thorough)

run_tests() { # a project, and what more its runner is told
  local project=$1 log runner status=0 ended=0 before=-1 since=$SECONDS; shift
  log=$(mktemp)
  dotnet "artifacts/bin/$project/release/$project.dll" -noColor -reporter verbose -longRunning 60 "${everyday[@]}" "$@" >"$log" 2>&1 &
  runner=$!
  while kill -0 "$runner" 2>/dev/null; do
    sleep 0.5
    ended=$(grep -ac '\[FINISHED\] Time: ' "$log" || true)
    if [ "$ended" -ne "$before" ]; then before=$ended since=$SECONDS; fi
    if [ $((SECONDS - since)) -ge "$most_silent_seconds" ]; then
      kill -9 "$runner" 2>/dev/null || true
      echo "$project was given up: no test ended for $most_silent_seconds s. Under way:"
      comm -23 <(sed -n 's/ *\(.*\) \[STARTING\]$/\1/p' "$log" | sort) <(sed -n 's/ *\(.*\) \[FINISHED\] Time: .*/\1/p' "$log" | sort)
      break
    fi
  done
  wait "$runner" 2>/dev/null || status=$?
  # Every test says that it begins and ends; what is left is what went wrong, and the sum.
  grep -av ' \[STARTING\]$\| \[FINISHED\] Time: ' "$log" || true
  rm -f "$log"
  return "$status"
}

dotnet_tests() { # a project, begun under its name or run now; its runner's totals are added
  local project=$1 log status=0 line total bad
  if [ -z "${begun_pid[$project]:-}" ]; then begin "$project" run_tests "$project"; fi
  log=${begun_log[$project]}
  wait "${begun_pid[$project]}" || status=$?
  # The runner sums up: Total: 3, Errors: 0, Failed: 1, Skipped: 0, …
  line=$(grep -a 'Total: [0-9]*, Errors: [0-9]*, Failed: [0-9]*' "$log" | tail -1 || true)
  figure() { local found; found=$(sed -n "s/.*$1: \([0-9]*\).*/\1/p" <<<"$line"); echo "${found:-0}"; }
  bad=$(($(figure Failed) + $(figure Errors)))
  if [ "$bad" -eq 0 ] && { [ "$status" -ne 0 ] || [ -z "$line" ]; }; then bad=1; fi
  if [ "$bad" -ne 0 ]; then
    cat "$log"
    fallen+=$(grep -a -A 15 '\[FAIL\]' "$log" | grep -av 'WRN\]\|Juxtherm is at' || true)$'\n'
  fi
  total=$(($(figure Total) - $(figure Failed) - $(figure Errors) - $(figure Skipped) - $(figure 'Not Run')))
  echo "$([ "$bad" -eq 0 ] && echo ok || echo FAIL)    $project: $total passed, $bad failed"
  count "$total" "$bad"
  rm -f "$log"
}

web_tests() {
  local log status=0 good bad
  log=${begun_log[vitest]}
  wait "${begun_pid[vitest]}" || status=$?
  good=$(sed -n 's/^ *Tests .*[^0-9]\([0-9]\+\) passed.*/\1/p' "$log" | tail -1)
  bad=$(sed -n 's/^ *Tests .*[^0-9]\([0-9]\+\) failed.*/\1/p' "$log" | tail -1)
  if [ "$status" -ne 0 ]; then cat "$log"; bad=${bad:-1}; fi
  echo "$([ "${bad:-0}" -eq 0 ] && echo ok || echo FAIL)    front end: ${good:-0} passed, ${bad:-0} failed"
  count "${good:-0}" "${bad:-0}"
  rm -f "$log"
}

vitest() { cd web && NO_COLOR=1 npx vitest run "$@"; }

prepare_front() { build_web && npm --prefix web run check; }

summary() {
  printf '%s' "$fallen"
  echo "$passed passed, $failed failed"
  [ "$failed" -eq 0 ]
}

test_everything() {
  SECONDS=0
  # What waits for nothing begins at once; the core's tests need no more than the core.
  begin "front end is built, formatted and linted" prepare_front
  begin "C# is formatted" dotnet format whitespace . --folder --verify-no-changes --exclude artifacts web
  echo "Building everything …"
  check "core builds without a warning" compile tests/Juxtherm.Core.Tests
  begin Juxtherm.Core.Tests run_tests Juxtherm.Core.Tests
  check "builds without a warning" compile Juxtherm.slnx
  end_compiler
  took "Building"
  begin Juxtherm.Web.Tests run_tests Juxtherm.Web.Tests
  check "front end is built, formatted and linted"
  begin vitest vitest
  need_browser
  begin Juxtherm.Browser.Tests run_tests Juxtherm.Browser.Tests
  check "C# is formatted"
  web_tests
  dotnet_tests Juxtherm.Core.Tests
  dotnet_tests Juxtherm.Web.Tests
  dotnet_tests Juxtherm.Browser.Tests
  took "Everything"
  summary
}

test_part() { # core, web, browser or front, and a word in the name of a test or its class
  local part=$1 filter=${2:-} only=()
  case $part in
    front)
      web_packages
      check "front end is formatted and linted" npm --prefix web run check
      begin vitest vitest ${filter:+-t "$filter"}
      web_tests
      ;;
    core | web | browser)
      local project=Juxtherm.${part^}.Tests
      if [ "$part" = browser ]; then need_browser; build_web; fi
      check "builds without a warning" compile "tests/$project"
      if [ -n "$filter" ]; then only=(-method "*$filter*") everyday=(); fi
      begin "$project" run_tests "$project" "${only[@]}"
      dotnet_tests "$project"
      ;;
  esac
  summary
}

test_all() {
  local part=""
  while [ $# -gt 0 ]; do
    case $1 in
      --thorough)
        # New cases are drawn each time, and a failure says which.
        export JUXTHERM_THOROUGH=1 JUXTHERM_EXPLORE=1
        most_seconds=3600 everyday=()
        ;;
      core | web | browser | front) part=$1; break ;;
      *) usage >&2; fail "Not known: $1" ;;
    esac
    shift
  done
  # Nothing that runs here lives long enough to win back what profiling it costs, nor has to be thrifty with memory.
  export DOTNET_TieredPGO=0 DOTNET_gcConcurrent=0 DOTNET_GCgen0size=0x8000000
  need_tools
  if [ -n "$part" ]; then test_part "$@"; else test_everything; fi
}
