# Sourced by the one script: archives that need no SDK, one for each kind of machine.

kinds=(linux-x64 linux-arm64 win-x64 osx-arm64)

publish_one() { # a kind of machine
  local kind=$1 to=artifacts/publish/juxtherm-$1
  rm -rf "$to"
  dotnet publish src/Juxtherm.Web -c Release -r "$kind" --self-contained --artifacts-path "artifacts/publish/build" -o "$to" -v quiet \
    -p:PublishSingleFile=true -p:PublishReadyToRun=true -p:DebugType=none \
    -p:GenerateDocumentationFile=false -p:RunAnalyzers=false -p:TreatWarningsAsErrors=false || return 1
  cp -r web/dist "$to/wwwroot"
  cp web/public/mark.svg "$to/juxtherm.svg"
  cp docs/install.md "$to/"
  rm -f "$to"/*.xml "$to"/*.pdb "$to"/*.endpoints.json
  case $kind in
    win-*) mv "$to/Juxtherm.Web.exe" "$to/juxtherm.exe"
      rm -rf artifacts/publish/zip && mkdir -p artifacts/publish/zip && cp -r "$to" artifacts/publish/zip/
      dotnet msbuild packaging/zip.proj -v:quiet -t:Zip -p:From="$PWD/artifacts/publish/zip" -p:To="$PWD/$to.zip" || return 1
      rm -rf artifacts/publish/zip ;;
    *) mv "$to/Juxtherm.Web" "$to/juxtherm"
      case $kind in linux-*) cp packaging/juxtherm.desktop packaging/juxtherm.service packaging/install.sh "$to/" ;; esac
      tar -C artifacts/publish -czf "$to.tar.gz" "juxtherm-$kind" ;;
  esac
}

publish() {
  local kind log missing=() made=()
  need_tools; build_web
  [ $# -gt 0 ] || set -- "${kinds[@]}"
  log=$(mktemp)
  for kind in "$@"; do
    echo "Publishing for $kind …"
    if publish_one "$kind" >"$log" 2>&1; then made+=("$kind"); else missing+=("$kind"); tail -5 "$log" >&2; fi
  done
  cp packaging/Containerfile artifacts/publish/
  for kind in "${made[@]}"; do ls -l artifacts/publish/juxtherm-"$kind".* | awk '{printf "%s  %.0f MB\n", $NF, $5/1e6}'; done
  [ ${#missing[@]} -eq 0 ] || fail "Not made here: ${missing[*]}. What is missing stands above."
}
