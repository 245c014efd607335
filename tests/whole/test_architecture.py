"""The layers hold, and the checks that hold them bite."""

from __future__ import annotations

import ast
import shutil
import subprocess
import sys
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]
SOURCE = ROOT / "src" / "standtall"
CORE = ["base", "model", "jobs", "media", "library", "ink", "speech", "people", "cutting", "framing", "captions", "extras", "sound",
        "compose", "render", "demo", "session", "cli", "checks", "language", "exchange", "moments"]  # fmt: skip


def imports(path: Path) -> set[str]:
    found: set[str] = set()
    for node in ast.walk(ast.parse(path.read_text("utf-8"))):
        if isinstance(node, ast.Import):
            found |= {alias.name for alias in node.names}
        elif isinstance(node, ast.ImportFrom) and node.module:
            found |= {node.module} | {f"{node.module}.{alias.name}" for alias in node.names}
    return found


def test_widgets_only_in_the_window() -> None:
    guilty = [p for p in SOURCE.rglob("*.py") if "ui" not in p.parts and any("QtWidgets" in i for i in imports(p))]
    assert guilty == []


@pytest.mark.parametrize("package", CORE)
def test_core_packages_load_without_widgets(package: str) -> None:
    names = [f"standtall.{package}.{p.stem}" for p in (SOURCE / package).glob("*.py") if p.stem not in ("__init__", "speaking")]
    code = f"import sys\nfor n in {names!r}: __import__(n)\nassert 'PySide6.QtWidgets' not in sys.modules"
    subprocess.run([sys.executable, "-c", code], check=True, cwd=ROOT)


@pytest.mark.parametrize(
    ("file", "fault"),
    [("base/geometry.py", "import standtall.media.reader"), ("framing/path.py", "import standtall.people.shot_changes"),
     ("render/check.py", "import av"), ("model/short.py", "import PySide6.QtCore"),
     ("ui/footage/place.py", "import standtall.ui.bench.place"), ("ui/state/opened.py", "import standtall.ui.preview.player"),
     ("compose/layers/picture.py", "import standtall.compose.painters.frames"),
     ("language/joining.py", "import standtall.captions.grouping")],
)  # fmt: skip
def test_a_planted_fault_is_found(tmp_path: Path, file: str, fault: str) -> None:
    copy = tmp_path / "src"
    shutil.copytree(SOURCE, copy / "standtall", ignore=shutil.ignore_patterns("data", "faces", "models", "__pycache__"))
    shutil.copy(ROOT / "pyproject.toml", tmp_path)
    planted = copy / "standtall" / file
    planted.write_text(planted.read_text("utf-8") + f"\n{fault}\n")
    linter = Path(sys.executable).with_name("lint-imports")
    run = subprocess.run(
        [linter, "--no-cache"], cwd=tmp_path, capture_output=True, text=True, check=False,
        env={"PYTHONPATH": str(copy), "PATH": "/usr/bin:/bin"},
    )  # fmt: skip
    assert run.returncode == 1, run.stdout
    assert "1 broken" in run.stdout


KINDS = ["model", "library/upgrades", "checks", "compose/layers", "compose/producers", "compose/painters", "ui/bench/panels"]
"""Sister folders: each holds one module for a thing of the program, such as framing."""
PANELS = ["ui/bench/panels/captions", "ui/bench/panels/extras", "ui/bench/panels/framing", "ui/bench/panels/sound"]
"""Sister folders: each holds the parts of one panel."""
ROOMS = ["ui/app", "ui/footage", "ui/moments", "ui/bench", "ui/renders", "ui/calendar", "ui/widgets"]
"""Sister folders: each holds one module for a part of a place, such as its actions."""


def test_a_module_has_its_name_alone_but_for_sister_folders() -> None:
    """So that a name leads to one file, or to one for each kind of thing that is done with it."""
    folders: dict[str, set[str]] = {}
    for path in SOURCE.rglob("*.py"):
        if path.stem != "__init__":
            folders.setdefault(path.stem, set()).add(path.parent.relative_to(SOURCE).as_posix())
    twice = {name: found for name, found in folders.items() if len(found) > 1}
    assert "framing" in twice
    assert {name: found for name, found in twice.items() if not any(found <= set(s) for s in (KINDS, PANELS, ROOMS))} == {}


def test_no_file_is_too_large() -> None:
    listed = subprocess.run(["git", "ls-files", "-z"], cwd=ROOT, capture_output=True, text=True, check=True).stdout
    files = [ROOT / name for name in listed.split("\0") if name]
    assert files
    assert [f for f in files if f.is_file() and f.stat().st_size > 4_000_000] == []


def test_no_source_file_is_over_450_lines() -> None:
    assert [p for p in SOURCE.rglob("*.py") if len(p.read_text("utf-8").splitlines()) > 450] == []
