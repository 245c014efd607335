"""The preview pane: the finished picture, playing it, hearing passages."""
