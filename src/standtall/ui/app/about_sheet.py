"""What this program is, of which parts it is made, and facts for a report of a fault, to be copied."""

from __future__ import annotations

import importlib.metadata as installed
import os
import platform
import re
import sqlite3
from collections.abc import Callable
from pathlib import Path
from typing import Any, Final

from PySide6.QtCore import QUrl, qVersion
from PySide6.QtGui import QDesktopServices, QGuiApplication
from PySide6.QtWidgets import QDialog, QHBoxLayout, QHeaderView, QLabel, QTableWidget, QTableWidgetItem, QVBoxLayout, QWidget

from standtall.base.interface_language import tr, tr_as
from standtall.base.log import log_file
from standtall.media.opening import coders
from standtall.ui.state.workspace import Workspace
from standtall.ui.widgets.fields import button
from standtall.ui.widgets.tips import set_tip

OWN: Final = "stand-tall"
TAIL: Final = 40
"""Lines of the log that go into a report."""


def part_of(name: str) -> str:
    """The name of the package that a requirement asks for."""
    return re.split(r"[ ;<>=!\[(~]", name, maxsplit=1)[0]


def licence_of(meta: Any) -> str:
    """The licence of an installed package in a few words, as it says itself."""
    said = meta.get("License-Expression") or ""
    if not said:
        classes = [c.rsplit("::", 1)[-1].strip() for c in meta.get_all("Classifier") or [] if c.startswith("License ::")]
        said = ", ".join(c for c in classes if c != "OSI Approved") or (meta.get("License") or "").strip().partition("\n")[0]
    return said[:80] or tr("see its own files")


def parts() -> list[tuple[str, str, str]]:
    """(name, version, licence) of this program and of every package that it is made of, also by way of others."""
    out: dict[str, tuple[str, str, str]] = {}
    wanted = [OWN]
    while wanted:
        name = wanted.pop()
        key = name.lower().replace("_", "-")
        if key in out:
            continue
        try:
            found = installed.distribution(name)
        except installed.PackageNotFoundError:
            continue  # only for another system, or not asked for
        out[key] = (found.metadata["Name"], found.version, licence_of(found.metadata))
        wanted += [part_of(r) for r in found.requires or [] if "extra ==" not in r]
    return [out[key] for key in sorted(out, key=lambda k: (k != OWN, k))]


def facts(workspace: Workspace) -> str:
    """What somebody who is to mend a fault needs to know; no words, no names of footage, no accounts."""
    screens = ", ".join(
        tr(
            "{width} x {height} at {ratio:g}",
            width=s.size().width(),
            height=s.size().height(),
            ratio=s.devicePixelRatio(),
        )
        for s in QGuiApplication.screens()
    )
    system = f"{platform.system()} {platform.release()} {platform.machine()}"
    cores = len(os.sched_getaffinity(0)) if hasattr(os, "sched_getaffinity") else os.cpu_count()
    lines = [
        tr(
            "Stand Tall {version}, Python {python}, Qt {qt}, SQLite {sqlite}",
            version=_version(OWN),
            python=platform.python_version(),
            qt=qVersion(),
            sqlite=sqlite3.sqlite_version,
        ),
        tr("PyAV {version}, {coders}", version=_version("av"), coders=coders()),
        tr(
            "{system}, {cores} cores; {platform}; {screens}",
            system=system,
            cores=cores,
            platform=QGuiApplication.platformName(),
            screens=screens,
        ),
        tr(
            "Desktop: {desktop}, {language}",
            desktop=os.environ.get("XDG_CURRENT_DESKTOP", tr_as("fact", "not said")),
            language=os.environ.get("LANG", tr("no language said")),
        ),
        tr("Footage in the project: {sources}", sources=len(workspace.sources)),
        *(
            tr(
                "  {width} x {height}, {rate:.3f} fps, {length:.0f} s",
                width=s.width,
                height=s.height,
                rate=float(s.rate),
                length=s.length / 48000,
            )
            for s in workspace.sources[:10]
        ),
    ]
    return "\n".join(lines)


def last_of_log(path: Path) -> str:
    """The end of the log, with the home folder written as ~."""
    try:
        text = path.read_text("utf-8", "replace")
    except OSError:
        return tr("(no log)")
    return "\n".join(text.splitlines()[-TAIL:]).replace(str(Path.home()), "~")


def _version(name: str) -> str:
    try:
        return installed.version(name)
    except installed.PackageNotFoundError:
        return tr("not installed")


class AboutSheet(QDialog):
    """Its table is filled beside the interface."""

    def __init__(self, workspace: Workspace, parent: QWidget) -> None:
        super().__init__(parent)
        self._ws = workspace
        self.setWindowTitle(tr("About Stand Tall"))
        self.resize(min(640, parent.width() - 40), min(560, parent.height() - 60))
        title = QLabel("Stand Tall")
        title.setObjectName("title")
        about = QLabel(
            tr(
                "Version {version}. Tall shorts out of wide talk, on this machine alone. It is made of the parts "
                "below; each keeps its own licence.",
                version=_version(OWN),
            )
        )
        about.setWordWrap(True)
        self.table = QTableWidget(0, 3)
        self.table.setHorizontalHeaderLabels((tr("Part"), tr("Version"), tr("Licence")))
        self.table.setAccessibleName(tr("Parts of the program"))
        set_tip(self.table, tr("Each part of the program with its version and its licence"))
        self.table.verticalHeader().hide()
        self.table.setEditTriggers(QTableWidget.EditTrigger.NoEditTriggers)
        self.table.horizontalHeader().setSectionResizeMode(2, QHeaderView.ResizeMode.Stretch)
        self.log = QLabel(tr("Log: {file}", file=log_file()))
        self.log.setWordWrap(True)
        self.log.setObjectName("faint")
        row = QHBoxLayout()
        tip = tr("Versions, this machine, what footage is like and the end of the log: for a report of a fault")
        row.addWidget(button(tr("Copy facts for a report"), tip, self.copy_facts))
        row.addWidget(button(tr("Open the log’s folder"), tr("Where the log of this program lies"), self.open_folder))
        row.addStretch(1)
        row.addWidget(button(tr("Close"), tr("Back to the window (Escape)"), self.accept, "main"))
        whole = QVBoxLayout(self)
        for widget in (title, about):
            whole.addWidget(widget)
        whole.addWidget(self.table, 1)
        whole.addWidget(self.log)
        whole.addLayout(row)
        workspace.in_background("files", parts, self._fill, self)

    def _fill(self, found: list[tuple[str, str, str]]) -> None:
        self.table.setRowCount(len(found))
        for row, part in enumerate(found):
            for column, text in enumerate(part):
                self.table.setItem(row, column, QTableWidgetItem(text))
        self.table.resizeColumnToContents(0)
        self.table.resizeColumnToContents(1)

    def copy_facts(self, then: Callable[[], None] = lambda: None) -> None:
        """Copy what a report of a fault needs."""
        told = facts(self._ws)

        def arrived(log: str) -> None:
            QGuiApplication.clipboard().setText(tr("{told}\n\nThe end of the log:\n{log}", told=told, log=log))
            self._ws.said.emit(tr("The facts are copied. Look through them before you send them."), "note")
            then()

        self._ws.in_background("files", lambda: last_of_log(log_file()), arrived, self)

    def open_folder(self) -> None:
        QDesktopServices.openUrl(QUrl.fromLocalFile(str(log_file().parent)))
