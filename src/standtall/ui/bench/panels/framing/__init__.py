"""The Framing panel: one module for each of its cards."""
