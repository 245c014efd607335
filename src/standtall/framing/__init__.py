"""Where the tall frame looks in each shot, and how the camera moves."""
