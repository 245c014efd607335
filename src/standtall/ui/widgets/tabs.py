"""A row of buttons that show one widget of several."""

from __future__ import annotations

from PySide6.QtWidgets import QHBoxLayout, QPushButton, QSizePolicy, QStackedWidget, QVBoxLayout, QWidget


class Tabs(QWidget):
    """A row of buttons over the widgets that they show."""

    def __init__(self, entries: dict[str, tuple[str, str]], widgets: dict[str, QWidget], name: str) -> None:
        super().__init__()
        self._stack = QStackedWidget()
        self._buttons: dict[str, QPushButton] = {}
        self._widgets = widgets
        self.shown = ""
        """The key of the widget that is shown."""
        row = QHBoxLayout()
        row.setSpacing(2)
        for key, (text, tip) in entries.items():
            button = QPushButton(text)
            button.setObjectName(name)
            button.setCheckable(True)
            button.setToolTip(tip)
            button.setSizePolicy(QSizePolicy.Policy.Minimum, QSizePolicy.Policy.Fixed)
            button.clicked.connect(lambda _c=False, k=key: self.show_tab(k))
            self._buttons[key] = button
            row.addWidget(button, 1)
            self._stack.addWidget(widgets[key])
        whole = QVBoxLayout(self)
        whole.setContentsMargins(0, 0, 0, 0)
        whole.setSpacing(4)
        whole.addLayout(row)
        whole.addWidget(self._stack, 1)
        self.show_tab(next(iter(entries)))

    def show_tab(self, key: str) -> None:
        self.shown = key
        self._stack.setCurrentWidget(self._widgets[key])
        for other, button in self._buttons.items():
            button.setChecked(other == key)
