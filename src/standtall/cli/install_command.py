"""Puts Stand Tall into the desktop of this user, and takes it away again: menu entry, icon, file type, description, completion
of its commands (Desktop Entry Specification 1.5, Shared MIME-info Specification 0.21, AppStream 1.0)."""

from __future__ import annotations

import argparse
import os
import shutil
import subprocess
import sys
from collections.abc import Callable, Mapping
from pathlib import Path
from typing import TYPE_CHECKING, Final

from standtall import __version__
from standtall.base.files import write_whole
from standtall.base.interface_language import tr
from standtall.base.progress import Progress

if TYPE_CHECKING:
    from standtall.cli.reporter import Reporter

AddCommand = Callable[[str, str], argparse.ArgumentParser]
WAIT_S: Final = 30
ICON: Final = Path(__file__).parents[1] / "ui" / "app" / "stand-tall.svg"
DESKTOP: Final = """[Desktop Entry]
Type=Application
Name=Stand Tall
GenericName=Portrait Video Editor
Comment=Turns horizontal talk footage into finished portrait shorts
Exec={command} window %F
Icon=stand-tall
Terminal=false
Categories=AudioVideo;Video;AudioVideoEditing;
MimeType=application/x-stand-tall;video/mp4;video/quicktime;video/x-matroska;video/webm;
Keywords=shorts;vertical;captions;reframe;
StartupWMClass=stand-tall
"""
MIME: Final = """<?xml version="1.0" encoding="UTF-8"?>
<mime-info xmlns="http://www.freedesktop.org/standards/shared-mime-info">
  <mime-type type="application/x-stand-tall">
    <comment>Stand Tall project</comment>
    <sub-class-of type="application/vnd.sqlite3"/>
    <icon name="stand-tall"/>
    <glob pattern="*.standtall"/>
  </mime-type>
</mime-info>
"""
METAINFO: Final = """<?xml version="1.0" encoding="UTF-8"?>
<component type="desktop-application">
  <id>io.example.stand_tall</id>
  <name>Stand Tall</name>
  <summary>Turns horizontal talk footage into finished portrait shorts</summary>
  <metadata_license>CC0-1.0</metadata_license>
  <project_license>GPL-3.0-or-later</project_license>
  <developer id="io.example">
    <name>The Stand Tall team</name>
  </developer>
  <description>
    <p>Follows the speaker, lights the word as it is said, and renders a finished file. It works offline, on an ordinary
    machine.</p>
  </description>
  <launchable type="desktop-id">stand-tall.desktop</launchable>
  <provides>
    <binary>stand-tall</binary>
    <mediatype>application/x-stand-tall</mediatype>
  </provides>
  <content_rating type="oars-1.1"/>
  <releases>
    <release version="{version}" date="2026-11-27"/>
  </releases>
</component>
"""


def add_command(command: AddCommand) -> None:
    made = command("install", tr("Put Stand Tall into this user's desktop: menu entry, icon, file type, completion."))
    made.add_argument("--remove", action="store_true", help=tr("take all of it away again"))


def install(chosen: argparse.Namespace, reporter: Reporter, _progress: Progress) -> int:
    from standtall.posts.background import uninstall

    files = contents()
    if chosen.remove:
        for path in files:
            path.unlink(missing_ok=True)
        uninstall()
        told = tr("Stand Tall is taken out of the desktop; projects and settings stay.")
    else:
        for path, data in files.items():
            write_whole(path, data)
        _launcher().chmod(0o755)
        told = tr("Stand Tall is in the menu of the desktop. Its command is {launcher}.", launcher=_launcher())
    _renew()
    reporter.note("install", told, files=[str(p) for p in files])
    return 0


def _data() -> Path:
    given = os.environ.get("XDG_DATA_HOME", "")
    return Path(given) if given.startswith("/") else Path.home() / ".local" / "share"


def _config() -> Path:
    given = os.environ.get("XDG_CONFIG_HOME", "")
    return Path(given) if given.startswith("/") else Path.home() / ".config"


def _launcher() -> Path:
    return Path.home() / ".local" / "bin" / "stand-tall"


def contents() -> Mapping[Path, bytes]:
    """Every file that is put in place, by where."""
    data = _data()
    texts = {
        data / "applications" / "stand-tall.desktop": DESKTOP.format(command=_desktop_word(str(_launcher()))),
        data / "mime" / "packages" / "stand-tall.xml": MIME,
        data / "metainfo" / "io.example.stand_tall.metainfo.xml": METAINFO.format(version=__version__),
        data / "bash-completion" / "completions" / "stand-tall": _bash(),
        data / "zsh" / "site-functions" / "_stand-tall": _zsh(),
        _config() / "fish" / "completions" / "stand-tall.fish": _fish(),
        _launcher(): f'#!/bin/sh\nexec {_shell_word(sys.executable)} -m standtall "$@"\n',
    }
    icon = {data / "icons" / "hicolor" / "scalable" / "apps" / "stand-tall.svg": ICON.read_bytes()}
    return icon | {path: text.encode() for path, text in texts.items()}


def _renew() -> None:
    """Let the desktop see what is new, where it has the programs for that."""
    data = _data()
    for words in (["update-desktop-database", str(data / "applications")], ["update-mime-database", str(data / "mime")]):
        program = shutil.which(words[0])
        if program is not None:
            subprocess.run([program, *words[1:]], capture_output=True, timeout=WAIT_S, check=False)


def _commands() -> dict[str, list[str]]:
    """Each command with its options, as the command line itself declares them."""
    from standtall.cli.main import parser

    (commands,) = [a for a in parser()._actions if isinstance(a, argparse._SubParsersAction)]
    shown = {choice.dest for choice in commands._choices_actions}
    return {
        name: [o for action in one._actions for o in action.option_strings if o.startswith("--")]
        for name, one in commands.choices.items() if name in shown
    }  # fmt: skip


def _bash() -> str:
    cases = "\n".join(f'    {name}) words="{" ".join(options)}" ;;' for name, options in _commands().items())
    return f"""_stand_tall() {{
  local words
  case "${{COMP_WORDS[1]}}" in
{cases}
    *) words="" ;;
  esac
  [ "$COMP_CWORD" -eq 1 ] && words="{" ".join(_commands())}"
  COMPREPLY=($(compgen -W "$words" -- "${{COMP_WORDS[COMP_CWORD]}}") $(compgen -f -- "${{COMP_WORDS[COMP_CWORD]}}"))
}}
complete -o filenames -F _stand_tall stand-tall
"""


def _zsh() -> str:
    cases = "\n".join(f"    {name}) compadd -- {' '.join(options)}; _files ;;" for name, options in _commands().items())
    return f"""#compdef stand-tall
if (( CURRENT == 2 )); then
  compadd -- {" ".join(_commands())}
else
  case "$words[2]" in
{cases}
  esac
fi
"""


def _fish() -> str:
    lines = [f"complete -c stand-tall -n __fish_use_subcommand -a {name}" for name in _commands()]
    lines += [
        f"complete -c stand-tall -n '__fish_seen_subcommand_from {name}' -l {option[2:]}"
        for name, options in _commands().items() for option in options
    ]  # fmt: skip
    return "\n".join(lines) + "\n"


def _desktop_word(word: str) -> str:
    quoted = "".join(f"\\{c}" if c in '"`$\\' else c for c in word)
    return f'"{quoted}"'.replace("\\", "\\\\").replace("%", "%%")


def _shell_word(word: str) -> str:
    return "'" + word.replace("'", "'\\''") + "'"
