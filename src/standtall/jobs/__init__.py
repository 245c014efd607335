"""Work in other processes, with progress, cancel and results. Free of any interface."""
