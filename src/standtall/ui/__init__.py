"""The window. The only package with QtWidgets."""
