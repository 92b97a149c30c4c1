#!/usr/bin/env sh
# Puts Juxtherm into the menu of this user, and, with --service, has it running from now on. Data stays in ~/.local/share/juxtherm.
set -eu
here=$(cd "$(dirname "$0")" && pwd)
apps=${XDG_DATA_HOME:-$HOME/.local/share}/applications
units=${XDG_CONFIG_HOME:-$HOME/.config}/systemd/user
mkdir -p "$apps"
sed "s|@FOLDER@|$here|g" "$here/juxtherm.desktop" >"$apps/juxtherm.desktop"
echo "Juxtherm stands in the menu."
if [ "${1:-}" = --service ]; then
  mkdir -p "$units"
  sed "s|@FOLDER@|$here|g" "$here/juxtherm.service" >"$units/juxtherm.service"
  if command -v systemctl >/dev/null && systemctl --user daemon-reload 2>/dev/null; then
    systemctl --user enable --now juxtherm.service
    echo "It runs from now on, also after a restart."
  else
    echo "$units/juxtherm.service is written; systemd does not answer here, so start it when it does." >&2
  fi
fi
