"""Lets the outbox run by itself: as a service of the user (systemd.unit(5)), and when the desktop starts (Desktop Application
Autostart Specification 0.5). Both only start it; the lock sees to it that one works."""

from __future__ import annotations

import os
import shutil
import subprocess
import sys
from pathlib import Path
from typing import Final

from standtall.base.files import write_whole
from standtall.base.interface_language import tr

NAME: Final = "stand-tall-outbox"
WAIT_S: Final = 20
SERVICE: Final = """[Unit]
Description=Stand Tall: posts go out when they are due

[Service]
ExecStart={command}
Restart=on-failure
RestartSec=20

[Install]
WantedBy=default.target
"""
AUTOSTART: Final = """[Desktop Entry]
Type=Application
Name=Stand Tall outbox
Comment=Posts go out when they are due
Exec={command}
Icon=stand-tall
Terminal=false
NoDisplay=true
X-GNOME-Autostart-enabled=true
"""


def _config() -> Path:
    given = os.environ.get("XDG_CONFIG_HOME", "")
    return Path(given) if given.startswith("/") else Path.home() / ".config"


def service_file() -> Path:
    return _config() / "systemd" / "user" / f"{NAME}.service"


def autostart_file() -> Path:
    return _config() / "autostart" / f"{NAME}.desktop"


def installed() -> bool:
    """Whether the outbox is started without the window."""
    return service_file().exists() or autostart_file().exists()


def install() -> str:
    """Start the outbox with the session from now on; -> what was done, for people. Raises `OutputError`."""
    words = [sys.executable, "-m", "standtall", "outbox"]
    write_whole(autostart_file(), AUTOSTART.format(command=" ".join(map(_desktop_word, words))).encode())
    if shutil.which("systemctl") is None:
        return tr("The outbox starts with the desktop from now on ({file}).", file=autostart_file())
    write_whole(service_file(), SERVICE.format(command=" ".join(map(_unit_word, words))).encode())
    if _systemctl("daemon-reload") and _systemctl("enable", "--now", f"{NAME}.service"):
        return tr("The outbox runs as a service of yours from now on, also while this window is closed.")
    return tr(
        "The outbox starts with the desktop from now on ({file}); the service could not be started now.",
        file=autostart_file(),
    )


def uninstall() -> str:
    """Start it no more by itself."""
    if service_file().exists():
        _systemctl("disable", "--now", f"{NAME}.service")
    for path in (service_file(), autostart_file()):
        path.unlink(missing_ok=True)
    return tr("The outbox runs only while a window of Stand Tall is open.")


def _systemctl(*what: str) -> bool:
    program = shutil.which("systemctl")
    if program is None:
        return False
    try:
        return subprocess.run([program, "--user", *what], capture_output=True, timeout=WAIT_S, check=False).returncode == 0
    except (OSError, subprocess.SubprocessError):
        return False


def _unit_word(word: str) -> str:
    """A word of a command in a unit file: quoted, with its signs of place doubled (systemd.service(5), command lines)."""
    return '"' + word.replace("\\", "\\\\").replace('"', '\\"').replace("%", "%%").replace("$", "$$") + '"'


def _desktop_word(word: str) -> str:
    """A word of `Exec` (Desktop Entry Specification 1.5, the Exec key)."""
    quoted = "".join(f"\\{c}" if c in '"`$\\' else c for c in word)
    return f'"{quoted}"'.replace("\\", "\\\\").replace("%", "%%") if quoted != word or " " in word else word.replace("%", "%%")
