"""Documents as PDF, set by the text engine of Qt."""

from __future__ import annotations

from PySide6.QtCore import QBuffer, QIODevice, QMarginsF, QSizeF
from PySide6.QtGui import QPageLayout, QPageSize, QPdfWriter, QTextDocument

from standtall.ink import engine

MARGIN_MM = 15.0


def pdf_of(document: str, title: str) -> bytes:
    """An HTML document on A4 pages. What it refers to outside itself is left out."""
    engine.start()
    data = QBuffer()
    data.open(QIODevice.OpenModeFlag.WriteOnly)
    writer = QPdfWriter(data)
    writer.setTitle(title)
    writer.setResolution(150)
    size, margins = QPageSize(QPageSize.PageSizeId.A4), QMarginsF(MARGIN_MM, MARGIN_MM, MARGIN_MM, MARGIN_MM)
    writer.setPageLayout(QPageLayout(size, QPageLayout.Orientation.Portrait, margins, QPageLayout.Unit.Millimeter))
    set_text = QTextDocument()
    set_text.documentLayout().setPaintDevice(writer)
    set_text.setHtml(document)
    set_text.setPageSize(QSizeF(writer.width(), writer.height()))  # else the text engine adds margins of its own
    set_text.print_(writer)
    del writer
    return bytes(data.data().data())
