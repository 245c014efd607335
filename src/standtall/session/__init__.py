"""Use cases that the window and the command line share."""
