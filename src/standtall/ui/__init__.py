"""The window. The only package with QtWidgets.

Qt's binding for Python puts itself before every import from then on, to read the source of each module for features of its own
that we do not use (`__feature__`): a tenth of the time that the window takes to come. It keeps the way before that beside it.
"""

import builtins

import PySide6.QtCore  # noqa: F401 - it does that when it is loaded

builtins.__import__ = getattr(builtins, "__orig_import__", builtins.__import__)
