"""Work in other threads, and the one way back to the interface thread."""
